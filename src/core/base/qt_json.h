// How Qt's own types are written in the records of a case.
#pragma once

#include <nlohmann/json.hpp>
#include <QPolygonF>
#include <QRect>
#include <QRectF>
#include <QSize>
#include <QString>
#include <QStringList>

namespace nlohmann {
template <> struct adl_serializer<QString> {
    static void to_json(json& j, const QString& text) { j = text.toStdString(); }
    static void from_json(const json& j, QString& text) { text = QString::fromStdString(j.get<std::string>()); }
};
template <> struct adl_serializer<QRect> {
    static void to_json(json& j, const QRect& r) { j = {r.x(), r.y(), r.width(), r.height()}; }
    static void from_json(const json& j, QRect& r) {
        r = QRect(j.at(0).get<int>(), j.at(1).get<int>(), j.at(2).get<int>(), j.at(3).get<int>());
    }
};
template <> struct adl_serializer<QRectF> {
    static void to_json(json& j, const QRectF& r) { j = {r.x(), r.y(), r.width(), r.height()}; }
    static void from_json(const json& j, QRectF& r) {
        r = QRectF(j.at(0).get<double>(), j.at(1).get<double>(), j.at(2).get<double>(), j.at(3).get<double>());
    }
};
template <> struct adl_serializer<QSize> {
    static void to_json(json& j, const QSize& s) { j = {s.width(), s.height()}; }
    static void from_json(const json& j, QSize& s) { s = QSize(j.at(0).get<int>(), j.at(1).get<int>()); }
};
template <> struct adl_serializer<QPolygonF> {
    static void to_json(json& j, const QPolygonF& p) {
        j = json::array();
        for (const QPointF& at : p) j.push_back({at.x(), at.y()});
    }
    static void from_json(const json& j, QPolygonF& p) {
        for (const json& at : j) p << QPointF(at.at(0).get<double>(), at.at(1).get<double>());
    }
};
template <> struct adl_serializer<QStringList> {
    static void to_json(json& j, const QStringList& list) {
        j = json::array();
        for (const QString& text : list) j.push_back(text);
    }
    static void from_json(const json& j, QStringList& list) {
        for (const json& text : j) list << text.get<QString>();
    }
};
} // namespace nlohmann
