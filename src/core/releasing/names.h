// What released files are called: names that say nothing about anybody, made from a template of parts.
//
//   {case}    the case's name, in small letters, digits and hyphens
//   {number}  of the picture, from 1, padded so that names sort
//   {count}   of all pictures
//   {date}    the day of the release, 2026-11-27
//   {policy}  the policy's name, as the case's
#pragma once

#include "base/result.h"

#include <algorithm>
#include <QDate>
#include <QString>
#include <QStringList>

namespace eyelid {

struct NameParts {
    QString caseName;
    QString policy;
    QDate date;
    qsizetype number = 1, count = 1;
};

/// "{case}-{number}", and where cases have no name.
inline const QString usualNames = QStringLiteral("{case}-{number}");
inline const QString neutralNames = QStringLiteral("picture-{number}");
/// The stem of releases that have no name of their own.
inline const QString neutralStem = QStringLiteral("picture");

/// Errors: BadInput for a part there is not, a brace left open, a name no file can have.
Result<Done> checkNames(const QString& names);

/// The name of one picture, without its ending. Where there are several and the template has no number, one is put
/// behind it. `names` has passed checkNames().
QString nameFrom(const QString& names, const NameParts& parts);
/// Of all pictures together: the template without its number.
QString documentNameFrom(const QString& names, const NameParts& parts);

/// The name of a small version of a picture.
QString smallName(const QString& name);

/// A file's name with a number before its ending: "picture-01 (2).png"; as it is for 0.
QString numbered(const QString& fileName, int number);

/// The same of several.
QStringList numbered(const QStringList& fileNames, int number);

/// The number from 2 with which none of the files is one that is `there`; 0 where none is without one.
template <typename There> int numberApart(const QStringList& fileNames, There there) {
    for (int number = 0;; number = std::max(2, number + 1)) {
        const QStringList names = numbered(fileNames, number);
        if (std::none_of(names.begin(), names.end(), there)) return number;
    }
}

} // namespace eyelid
