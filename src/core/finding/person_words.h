// A line as words, as names are looked for in it, and what single words tell of what stands around them.
#pragma once

#include "finding/screen_text.h"

#include <QString>
#include <vector>

namespace eyelid {

struct Token {
    QString text;  ///< as read, without punctuation around it
    QString plain; ///< in lower case, without accents
    Span span;
    QChar after; ///< the character behind it, null at the end
    bool capital = false, shouting = false, digits = false;
    bool initial = false; ///< one letter and a full stop
    bool owns = false;    ///< an "’s" stood behind it
};

std::vector<Token> tokensOf(const TextRun& run);

// By the shipped list of words around names (data/words/around-names.txt).
bool isParticle(const Token& t);       ///< "von", "de": within a name
bool isTitle(const Token& t);          ///< "Mr", "Frau"
bool leadsAShip(const Token& t);       ///< "MV", "MS" in capitals
bool isFirmByForm(const TextRun& run); ///< "… Ltd", "… S.L."
bool isDegree(const Token& t);         ///< "Dr": of the titles those that say more of somebody than a form of address
bool isFormOfAddress(const Token& t);  ///< those titles that stand before a name alone
bool isCalendarWord(const Token& t);   ///< weekdays and months: capitals in the lists of names too
bool isGreetingWord(const Token& t);   ///< "Dear", "Hallo"
bool isThanks(const Token& t);         ///< "Danke", "merci": who is thanked may follow
bool leadsToThanked(const Token& t);   ///< "to", "an": between thanks and who is thanked
bool isAnswerWord(const Token& t);     ///< "Yes", "Danke": before the name of whom it is said to
bool speaksOfPeople(const Token& t);   ///< "called", "with": a person may follow
bool isDealtWith(const Token& t);      ///< "ask", "mit": right before the name of whom one deals with
bool isRoleWord(const Token& t);       ///< "operator", "Mutter": somebody's part
bool joinsTwo(const QString& word);    ///< "and", "und": between two of one sort
bool isAgainst(const QString& word);   ///< "v.", "gegen", "./.": between the parties of a case
bool isNoPartOfName(const Token& t);   ///< "The", which lists of names have as well
bool saysOfSeveral(const Token& t);    ///< "are", "sind": of whom a sentence speaks is no one person
bool isArticle(const Token& t);        ///< before what a street or a house is called after
bool saysWhere(const Token& t);        ///< "at", "bei": a house's number may follow
bool joinsTown(const QString& word);   ///< "upon", "de": between the words of a town's name
bool endsStreet(const Token& t);       ///< "Road", "Gasse"
bool leadsStreet(const Token& t);      ///< "rue", "Calle"
bool isHouse(const Token& t);          ///< "Cottage", "Lodge": ends the name of a house
bool isThing(const Token& t);          ///< "Ltd", "Street", "Hospital": what bears a name and is nobody
bool isLegalForm(const Token& t);      ///< "Ltd", "GmbH": ends the name of a firm, and of nobody
bool isAlsoThing(const Token& t);      ///< "German", "Mercedes": a name, and by itself more often something else
/// In French, Spanish and German the word for a firm, a house or an office comes first.
bool leadsAThing(const Token& t);

} // namespace eyelid
