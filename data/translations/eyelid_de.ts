<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en_GB">
<context>
    <name>Tr</name>
    <message>
        <source>Eyelid finds and covers what is personal or confidential on pictures of screens.</source>
        <translation>Eyelid findet und schwärzt, was auf Bildschirmbildern persönlich oder vertraulich ist.</translation>
    </message>
    <message>
        <source>a number from %1 to %2 is expected, not %3</source>
        <translation>erwartet wird eine Zahl von %1 bis %2, nicht %3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a table</source>
        <translation>„%1“ muss eine Tabelle sein</translation>
    </message>
</context>
<context>
    <name>eyelid</name>
    <message>
        <source>Name of the case</source>
        <translation>Name des Falls</translation>
    </message>
    <message>
        <source>The case&apos;s name; released files are named after it</source>
        <translation>Der Name des Falls; freigegebene Dateien heißen danach</translation>
    </message>
    <message>
        <source>Search all words of the case</source>
        <translation>Alle Wörter des Falls durchsuchen</translation>
    </message>
    <message>
        <source>Search (Ctrl+F); Enter for the next place, Shift+Enter for the one before</source>
        <translation>Suchen (Strg+F); Eingabe für die nächste Stelle, Umschalt+Eingabe für die vorige</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>All commands and their keys (F10)</source>
        <translation>Alle Befehle und ihre Tasten (F10)</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>nirgends</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%n place(s)</source>
        <translation>
            <numerusform>eine Stelle</numerusform>
            <numerusform>%n Stellen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n capture(s)</source>
        <translation>
            <numerusform>eine Aufnahme</numerusform>
            <numerusform>%n Aufnahmen</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Not found on any capture that has been read</source>
        <translation>Auf keiner gelesenen Aufnahme gefunden</translation>
    </message>
    <message>
        <source>Captures came while the case was being opened; they are a case of their own now. Open the other one again.</source>
        <translation>Während der Fall geöffnet wurde, kamen Aufnahmen; sie sind jetzt ein eigener Fall. Öffnen Sie den anderen noch einmal.</translation>
    </message>
    <message>
        <source>Another window</source>
        <translation>Ein anderes Fenster</translation>
    </message>
    <message>
        <source>%1 has this case open. Here it can be looked at; what is done here is not kept.</source>
        <translation>%1 hat diesen Fall offen. Hier kann er angesehen werden; was hier getan wird, wird nicht aufbewahrt.</translation>
    </message>
    <message>
        <source>This case is in memory alone; it has no file yet.</source>
        <translation>Dieser Fall ist nur im Speicher; er hat noch keine Datei.</translation>
    </message>
    <message>
        <source>renaming the case</source>
        <translation>Umbenennen des Falls</translation>
    </message>
    <message>
        <source>changing the day of destruction</source>
        <translation>Ändern des Vernichtungstags</translation>
    </message>
    <message>
        <source>Finding</source>
        <translation>Suche nach Funden</translation>
    </message>
    <message>
        <source>Looking for known values</source>
        <translation>Suche nach bekannten Werten</translation>
    </message>
    <message>
        <source>Reading the area</source>
        <translation>Bereich wird gelesen</translation>
    </message>
    <message>
        <source>Trying the policy</source>
        <translation>Richtlinie wird erprobt</translation>
    </message>
    <message>
        <source>A capture&apos;s picture cannot be read.</source>
        <translation>Das Bild einer Aufnahme kann nicht gelesen werden.</translation>
    </message>
    <message>
        <source>The check was stopped.</source>
        <translation>Die Prüfung wurde angehalten.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>Das Lesen wurde angehalten.</translation>
    </message>
    <message>
        <source>Today</source>
        <translation>Heute</translation>
    </message>
    <message>
        <source>This week</source>
        <translation>Diese Woche</translation>
    </message>
    <message>
        <source>The last two weeks</source>
        <translation>Die letzten zwei Wochen</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Locked or damaged</source>
        <translation>Verschlossen oder beschädigt</translation>
    </message>
    <message>
        <source>Thrown away</source>
        <translation>Weggeworfen</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>Its passphrase opens it</source>
        <translation>Die Passphrase öffnet ihn</translation>
    </message>
    <message numerus="yes">
        <source>%n not read</source>
        <translation>
            <numerusform>%n nicht gelesen</numerusform>
            <numerusform>%n nicht gelesen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n open</source>
        <translation>
            <numerusform>%n offen</numerusform>
            <numerusform>%n offen</numerusform>
        </translation>
    </message>
    <message>
        <source>all settled</source>
        <translation>alles entschieden</translation>
    </message>
    <message numerus="yes">
        <source>gone for good in %n day(s)</source>
        <translation>
            <numerusform>endgültig weg in einem Tag</numerusform>
            <numerusform>endgültig weg in %n Tagen</numerusform>
        </translation>
    </message>
    <message>
        <source>no day of destruction</source>
        <translation>kein Vernichtungstag</translation>
    </message>
    <message>
        <source>due to be destroyed</source>
        <translation>zu vernichten</translation>
    </message>
    <message numerus="yes">
        <source>destroyed in %n day(s)</source>
        <translation>
            <numerusform>Vernichtung in einem Tag</numerusform>
            <numerusform>Vernichtung in %n Tagen</numerusform>
        </translation>
    </message>
    <message>
        <source>Found on %1</source>
        <translation>Gefunden auf %1</translation>
    </message>
    <message>
        <source>Cases</source>
        <translation>Fälle</translation>
    </message>
    <message>
        <source>Names of cases</source>
        <translation>Namen der Fälle</translation>
    </message>
    <message>
        <source>Find a case</source>
        <translation>Einen Fall finden</translation>
    </message>
    <message>
        <source>and words on their captures</source>
        <translation>und Wörter auf ihren Aufnahmen</translation>
    </message>
    <message>
        <source>Back to the case</source>
        <translation>Zurück zum Fall</translation>
    </message>
    <message>
        <source>Open a file…</source>
        <translation>Datei öffnen…</translation>
    </message>
    <message>
        <source>Bring in a folder…</source>
        <translation>Ordner hereinholen…</translation>
    </message>
    <message>
        <source>A case that was taken out as a folder</source>
        <translation>Ein Fall, der als Ordner herausgenommen wurde</translation>
    </message>
    <message>
        <source>New case</source>
        <translation>Neuer Fall</translation>
    </message>
    <message>
        <source>The first capture, with all that is open or covered hidden</source>
        <translation>Die erste Aufnahme; was offen oder geschwärzt ist, ist verdeckt</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Open in another window</source>
        <translation>In einem anderen Fenster öffnen</translation>
    </message>
    <message>
        <source>Take its captures into the open case</source>
        <translation>Aufnahmen hierher übernehmen</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Umbenennen…</translation>
    </message>
    <message>
        <source>Put off its destruction…</source>
        <translation>Vernichtung aufschieben…</translation>
    </message>
    <message>
        <source>Bring it back</source>
        <translation>Zurückholen</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Wegwerfen</translation>
    </message>
    <message>
        <source>Destroy…</source>
        <translation>Vernichten…</translation>
    </message>
    <message>
        <source>Looking for cases…</source>
        <translation>Fälle werden gesucht…</translation>
    </message>
    <message>
        <source>Searching the words of all cases…</source>
        <translation>Die Wörter aller Fälle werden durchsucht…</translation>
    </message>
    <message>
        <source>No case is called “%1”, and none has it on a capture.</source>
        <translation>Kein Fall heißt „%1“, und keiner hat es auf einer Aufnahme.</translation>
    </message>
    <message>
        <source>No case is called “%1”.</source>
        <translation>Kein Fall heißt „%1“.</translation>
    </message>
    <message>
        <source>No cases yet. What you take or bring in becomes one, and is kept here, encrypted.</source>
        <translation>Noch keine Fälle. Was Sie aufnehmen oder hereinholen, wird einer und hier verschlüsselt aufbewahrt.</translation>
    </message>
    <message numerus="yes">
        <source>%n case(s) had their day and were destroyed, as was agreed.</source>
        <translation>
            <numerusform>Für einen Fall war der Tag gekommen; er wurde wie vereinbart vernichtet.</numerusform>
            <numerusform>Für %n Fälle war der Tag gekommen; sie wurden wie vereinbart vernichtet.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n case(s) are due to be destroyed. Releases, their logs and checksums stay.</source>
        <translation>
            <numerusform>Ein Fall ist zu vernichten. Freigaben, ihre Protokolle und Prüfsummen bleiben.</numerusform>
            <numerusform>%n Fälle sind zu vernichten. Freigaben, ihre Protokolle und Prüfsummen bleiben.</numerusform>
        </translation>
    </message>
    <message>
        <source>No picture yet</source>
        <translation>Noch kein Bild</translation>
    </message>
    <message>
        <source>Locked</source>
        <translation>Verschlossen</translation>
    </message>
    <message>
        <source>Go on with it</source>
        <translation>Weiterarbeiten</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>The case&apos;s name:</source>
        <translation>Name des Falls:</translation>
    </message>
    <message>
        <source>Destroy “%1”?</source>
        <translation>„%1“ vernichten?</translation>
    </message>
    <message>
        <source>Its key is destroyed, then its file: nobody can read it again. A drive may still hold old blocks of it; without the key they say nothing.</source>
        <translation>Erst wird der Schlüssel vernichtet, dann die Datei: Niemand kann sie mehr lesen. Auf dem Datenträger können alte Blöcke liegen; ohne Schlüssel sagen sie nichts.</translation>
    </message>
    <message>
        <source>Destroy</source>
        <translation>Vernichten</translation>
    </message>
    <message numerus="yes">
        <source>Destroy %n case(s)?</source>
        <translation>
            <numerusform>Einen Fall vernichten?</numerusform>
            <numerusform>%n Fälle vernichten?</numerusform>
        </translation>
    </message>
    <message>
        <source>Put off its destruction</source>
        <translation>Vernichtung aufschieben</translation>
    </message>
    <message>
        <source>Keep it until</source>
        <translation>Aufbewahren bis</translation>
    </message>
    <message>
        <source>Reason</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>Put off</source>
        <translation>Aufschieben</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>Keep it elsewhere…</source>
        <translation>Woanders aufbewahren…</translation>
    </message>
    <message>
        <source>Where this case is kept</source>
        <translation>Wo dieser Fall aufbewahrt wird</translation>
    </message>
    <message>
        <source>This case is in memory alone: %1</source>
        <translation>Dieser Fall ist nur im Speicher: %1</translation>
    </message>
    <message>
        <source>Share of findings settled</source>
        <translation>Anteil der entschiedenen Funde</translation>
    </message>
    <message>
        <source>%1 % of findings are settled</source>
        <translation>%1 % der Funde sind entschieden</translation>
    </message>
    <message>
        <source>Open a case</source>
        <translation>Einen Fall öffnen</translation>
    </message>
    <message>
        <source>That does not open it. Its passphrase:</source>
        <translation>Das öffnet ihn nicht. Die Passphrase:</translation>
    </message>
    <message>
        <source>The passphrase of %1:</source>
        <translation>Die Passphrase von %1:</translation>
    </message>
    <message>
        <source>Passphrase of this case</source>
        <translation>Passphrase dieses Falls</translation>
    </message>
    <message>
        <source>The key of this account opens the case: a file that is taken away stays shut, but whoever can read this account&apos;s files can open it. A passphrase opens it elsewhere as well, or instead; where it is forgotten nobody can help.</source>
        <translation>Der Schlüssel dieses Kontos öffnet den Fall: Eine entwendete Datei bleibt zu, doch wer die Dateien dieses Kontos lesen kann, kann ihn öffnen. Eine Passphrase öffnet ihn auch anderswo oder stattdessen; ist sie vergessen, kann niemand helfen.</translation>
    </message>
    <message>
        <source>Passphrase</source>
        <translation>Passphrase</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>Only the passphrase opens it, no longer this account by itself</source>
        <translation>Nur die Passphrase öffnet ihn, nicht mehr dieses Konto allein</translation>
    </message>
    <message>
        <source>Leave as before</source>
        <translation>Lassen, wie es war</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Setzen</translation>
    </message>
    <message numerus="yes">
        <source>At least %n signs; five words of different things are easy to remember.</source>
        <translation>
            <numerusform>Mindestens ein Zeichen; fünf Wörter für verschiedene Dinge merkt man sich leicht.</numerusform>
            <numerusform>Mindestens %n Zeichen; fünf Wörter für verschiedene Dinge merkt man sich leicht.</numerusform>
        </translation>
    </message>
    <message>
        <source>Both must be the same.</source>
        <translation>Beide müssen gleich sein.</translation>
    </message>
    <message>
        <source>It will be asked for whenever the case is opened, and the case is listed without its name.</source>
        <translation>Nach ihr wird bei jedem Öffnen gefragt, und der Fall steht ohne Namen in der Liste.</translation>
    </message>
    <message>
        <source>This account goes on opening the case without it.</source>
        <translation>Dieses Konto öffnet den Fall weiterhin ohne sie.</translation>
    </message>
    <message>
        <source>%1, not read</source>
        <translation>%1, nicht gelesen</translation>
    </message>
    <message>
        <source>not read</source>
        <translation>nicht gelesen</translation>
    </message>
    <message>
        <source>Captures of the case</source>
        <translation>Aufnahmen des Falls</translation>
    </message>
    <message>
        <source>Copy into another case…</source>
        <translation>In einen anderen Fall kopieren…</translation>
    </message>
    <message>
        <source>Remove from the case</source>
        <translation>Aus dem Fall entfernen</translation>
    </message>
    <message>
        <source>Capture and released picture side by side</source>
        <translation>Aufnahme und freigegebenes Bild nebeneinander</translation>
    </message>
    <message>
        <source>As it will leave</source>
        <translation>So geht es hinaus</translation>
    </message>
    <message>
        <source>Capture, stays here</source>
        <translation>Aufnahme, bleibt hier</translation>
    </message>
    <message>
        <source>Back to the sheet</source>
        <translation>Zurück zum Blatt</translation>
    </message>
    <message>
        <source>Back to the sheet (Escape)</source>
        <translation>Zurück zum Blatt (Esc)</translation>
    </message>
    <message>
        <source>What the check found, file by file</source>
        <translation>Was die Prüfung fand, Datei für Datei</translation>
    </message>
    <message>
        <source>Let pass…</source>
        <translation>Durchlassen…</translation>
    </message>
    <message>
        <source>Let this one pass, with a reason that goes into the log</source>
        <translation>Diese Stelle durchlassen, mit einem Grund, der ins Protokoll kommt</translation>
    </message>
    <message>
        <source>Cover this place</source>
        <translation>Diese Stelle schwärzen</translation>
    </message>
    <message>
        <source>Why may this leave? The reason goes into the log:</source>
        <translation>Warum darf das hinaus? Der Grund kommt ins Protokoll:</translation>
    </message>
    <message>
        <source>Let pass</source>
        <translation>Durchlassen</translation>
    </message>
    <message>
        <source>%1 Give a reason without it:</source>
        <translation>%1 Nennen Sie einen Grund ohne das:</translation>
    </message>
    <message>
        <source>%1  Let pass: %2</source>
        <translation>%1  Durchgelassen: %2</translation>
    </message>
    <message>
        <source>%1: whole, opaque, nothing but the picture; nothing sensitive can be read.</source>
        <translation>%1: vollständig, deckend, nichts als das Bild; nichts Schutzbedürftiges ist lesbar.</translation>
    </message>
    <message numerus="yes">
        <source>Check passed: %n picture(s), all clean</source>
        <translation>
            <numerusform>Prüfung bestanden: ein Bild, einwandfrei</numerusform>
            <numerusform>Prüfung bestanden: %n Bilder, alle einwandfrei</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Check failed: %n of %1 picture(s) still show(s) something</source>
        <translation>
            <numerusform>Prüfung nicht bestanden: Eines von %1 Bildern zeigt noch etwas</numerusform>
            <numerusform>Prüfung nicht bestanden: %n von %1 Bildern zeigen noch etwas</numerusform>
        </translation>
    </message>
    <message>
        <source>Each file was taken apart, read, read again with its contrast stretched, and searched for what the case covers. A release writes these very bytes.</source>
        <translation>Jede Datei wurde zerlegt, gelesen, mit gestrecktem Kontrast noch einmal gelesen und nach allem durchsucht, was der Fall schwärzt. Eine Freigabe schreibt genau diese Bytes.</translation>
    </message>
    <message>
        <source>Cover what is listed and check again, or let single places pass with a reason.</source>
        <translation>Schwärzen Sie, was aufgeführt ist, und prüfen Sie noch einmal, oder lassen Sie einzelne Stellen mit Grund durch.</translation>
    </message>
    <message>
        <source>What stands in the way of a release</source>
        <translation>Was einer Freigabe im Weg steht</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Stop reading or checking (Ctrl+.)</source>
        <translation>Lesen oder Prüfen anhalten (Strg+.)</translation>
    </message>
    <message>
        <source>Stop reading or checking</source>
        <translation>Lesen oder Prüfen anhalten</translation>
    </message>
    <message>
        <source>Read now</source>
        <translation>Jetzt lesen</translation>
    </message>
    <message>
        <source>Read the captures whose reading was stopped or failed (Ctrl+R)</source>
        <translation>Aufnahmen lesen, deren Lesen angehalten wurde oder misslang (Strg+R)</translation>
    </message>
    <message>
        <source>Cover them</source>
        <translation>Schwärzen</translation>
    </message>
    <message>
        <source>Cover the open findings that marks lie over</source>
        <translation>Offene Funde schwärzen, über denen Markierungen liegen</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Make the pictures as they will leave, read them again and search them (Ctrl+Return)</source>
        <translation>Die Bilder so herstellen, wie sie hinausgehen, noch einmal lesen und durchsuchen (Strg+Eingabe)</translation>
    </message>
    <message>
        <source>Release…</source>
        <translation>Freigeben…</translation>
    </message>
    <message>
        <source>Hand the checked pictures and their log on (Ctrl+Shift+Return)</source>
        <translation>Die geprüften Bilder und ihr Protokoll weitergeben (Strg+Umschalt+Eingabe)</translation>
    </message>
    <message>
        <source>Waiting</source>
        <translation>Wartet</translation>
    </message>
    <message>
        <source>%1 …</source>
        <translation>%1 …</translation>
    </message>
    <message numerus="yes">
        <source>%n place(s) look like text but could not be read</source>
        <translation>
            <numerusform>eine Stelle sieht nach Text aus und war nicht zu lesen</numerusform>
            <numerusform>%n Stellen sehen nach Text aus und waren nicht zu lesen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n question(s) to a colleague</source>
        <translation>
            <numerusform>eine Frage an einen Kollegen</numerusform>
            <numerusform>%n Fragen an Kollegen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n capture(s) not read</source>
        <translation>
            <numerusform>eine Aufnahme nicht gelesen</numerusform>
            <numerusform>%n Aufnahmen nicht gelesen</numerusform>
        </translation>
    </message>
    <message>
        <source>not looked over by a second officer</source>
        <translation>von keinem zweiten Bearbeiter durchgesehen</translation>
    </message>
    <message>
        <source>check failed</source>
        <translation>Prüfung nicht bestanden</translation>
    </message>
    <message>
        <source>check not run</source>
        <translation>nicht geprüft</translation>
    </message>
    <message>
        <source>J goes to the next; C covers it, E keeps it.</source>
        <translation>J geht zum nächsten; C schwärzt, E belässt.</translation>
    </message>
    <message>
        <source>Another officer opens the case, looks at what is decided and agrees (menu Decide).</source>
        <translation>Ein anderer Bearbeiter öffnet den Fall, sieht die Entscheidungen durch und stimmt zu (Menü Entscheiden).</translation>
    </message>
    <message>
        <source>Cover what was found, or let it pass with a reason.</source>
        <translation>Schwärzen Sie, was gefunden wurde, oder lassen Sie es mit Grund durch.</translation>
    </message>
    <message>
        <source>All findings are settled. Check the pictures as they will be written.</source>
        <translation>Alle Funde sind entschieden. Prüfen Sie die Bilder, wie sie geschrieben werden.</translation>
    </message>
    <message numerus="yes">
        <source>%1: lies over %n open finding(s) and hides none of them.</source>
        <translation>
            <numerusform>%1: liegt über einem offenen Fund und verdeckt ihn nicht.</numerusform>
            <numerusform>%1: liegt über %n offenen Funden und verdeckt keinen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: lies over %n kept finding(s) and hides none of them.</source>
        <translation>
            <numerusform>%1: liegt über einem belassenen Fund und verdeckt ihn nicht.</numerusform>
            <numerusform>%1: liegt über %n belassenen Funden und verdeckt keinen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing to release yet</source>
        <translation>Noch nichts freizugeben</translation>
    </message>
    <message>
        <source>Take or bring in a capture to begin.</source>
        <translation>Nehmen Sie etwas auf oder holen Sie es herein.</translation>
    </message>
    <message>
        <source>Checked; ready to release</source>
        <translation>Geprüft; bereit zur Freigabe</translation>
    </message>
    <message>
        <source>In credit, though a bill is due on 2 January</source>
        <translation>Guthaben, obwohl am 2. Januar eine Rechnung fällig ist</translation>
    </message>
    <message>
        <source>The tool stays on after a mark</source>
        <translation>Das Werkzeug bleibt nach einer Markierung an</translation>
    </message>
    <message>
        <source>Ratio of the crop</source>
        <translation>Seitenverhältnis des Zuschnitts</translation>
    </message>
    <message>
        <source>Any ratio</source>
        <translation>Beliebiges Verhältnis</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>Straightened by, clockwise</source>
        <translation>Gerade gerückt um, im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>Code</source>
        <translation>Code</translation>
    </message>
    <message>
        <source>What the QR code says:</source>
        <translation>Was der QR-Code sagt:</translation>
    </message>
    <message>
        <source>This text is too long for a QR code.</source>
        <translation>Dieser Text ist zu lang für einen QR-Code.</translation>
    </message>
    <message>
        <source>writing on a mark</source>
        <translation>Schreiben auf eine Markierung</translation>
    </message>
    <message>
        <source>aligning marks</source>
        <translation>Ausrichten von Markierungen</translation>
    </message>
    <message>
        <source>spreading marks</source>
        <translation>Verteilen von Markierungen</translation>
    </message>
    <message>
        <source>turning marks</source>
        <translation>Drehen von Markierungen</translation>
    </message>
    <message>
        <source>locking marks</source>
        <translation>Sperren von Markierungen</translation>
    </message>
    <message>
        <source>unlocking marks</source>
        <translation>Entsperren von Markierungen</translation>
    </message>
    <message>
        <source>The clipboard</source>
        <translation>Die Zwischenablage</translation>
    </message>
    <message>
        <source>changing a mark</source>
        <translation>Ändern einer Markierung</translation>
    </message>
    <message>
        <source>Drag what is to be shown; two clicks take a panel, Ctrl and a line make it level, Escape ends</source>
        <translation>Ziehen Sie auf, was zu sehen sein soll; zwei Klicks nehmen ein Feld, Strg und eine Linie rücken gerade, Esc beendet</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Oben</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Unten</translation>
    </message>
    <message>
        <source>Framing</source>
        <translation>Zuschnitt</translation>
    </message>
    <message>
        <source>All of it, as it was taken</source>
        <translation>Alles, wie es aufgenommen wurde</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>White</source>
        <translation>Weiß</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Oat</source>
        <translation>Hafer</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>Tinte</translation>
    </message>
    <message>
        <source>Aubergine</source>
        <translation>Aubergine</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Grau</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Schwarz</translation>
    </message>
    <message>
        <source>From the left</source>
        <translation>Von links</translation>
    </message>
    <message>
        <source>From the top</source>
        <translation>Von oben</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Shown: left, top</source>
        <translation>Gezeigt: links, oben</translation>
    </message>
    <message>
        <source>Width, height</source>
        <translation>Breite, Höhe</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie es ist</translation>
    </message>
    <message>
        <source>Percent</source>
        <translation>Prozent</translation>
    </message>
    <message>
        <source>Longest side</source>
        <translation>Längste Seite</translation>
    </message>
    <message>
        <source>Percent or pixels</source>
        <translation>Prozent oder Pixel</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Gerade</translation>
    </message>
    <message>
        <source>Wave</source>
        <translation>Welle</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Fade</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>Edge of the excerpt</source>
        <translation>Rand des Ausschnitts</translation>
    </message>
    <message>
        <source>On its sides</source>
        <translation>An seinen Seiten</translation>
    </message>
    <message>
        <source>More ground: left, top</source>
        <translation>Mehr Untergrund: links, oben</translation>
    </message>
    <message>
        <source>Right, bottom</source>
        <translation>Rechts, unten</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Untergrund</translation>
    </message>
    <message>
        <source>Width of the border</source>
        <translation>Breite des Rahmens</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>Radius of the corners</source>
        <translation>Radius der Ecken</translation>
    </message>
    <message>
        <source>How far the shadow reaches</source>
        <translation>Wie weit der Schatten reicht</translation>
    </message>
    <message>
        <source>Corners, shadow</source>
        <translation>Ecken, Schatten</translation>
    </message>
    <message>
        <source>moving marks</source>
        <translation>Bewegen von Markierungen</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>Pine</source>
        <translation>Kiefer</translation>
    </message>
    <message>
        <source>Brick</source>
        <translation>Ziegel</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Sonne</translation>
    </message>
    <message>
        <source>Bent</source>
        <translation>Geknickt</translation>
    </message>
    <message>
        <source>Curved</source>
        <translation>Gebogen</translation>
    </message>
    <message>
        <source>Rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>Rounded</source>
        <translation>Abgerundet</translation>
    </message>
    <message>
        <source>Ellipse</source>
        <translation>Ellipse</translation>
    </message>
    <message>
        <source>Arc</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>On words</source>
        <translation>Auf Wörtern</translation>
    </message>
    <message>
        <source>Freehand</source>
        <translation>Freihand</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Waagrecht</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Senkrecht</translation>
    </message>
    <message>
        <source>Sides and area</source>
        <translation>Seiten und Fläche</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Form of the mark</source>
        <translation>Form der Markierung</translation>
    </message>
    <message>
        <source>Colour of the mark</source>
        <translation>Farbe der Markierung</translation>
    </message>
    <message>
        <source>Ground inside the mark</source>
        <translation>Untergrund in der Markierung</translation>
    </message>
    <message>
        <source>Width of its strokes, pixels</source>
        <translation>Breite ihrer Striche in Pixeln</translation>
    </message>
    <message>
        <source>Pattern of its line</source>
        <translation>Muster ihrer Linie</translation>
    </message>
    <message>
        <source>Plain</source>
        <translation>Voll</translation>
    </message>
    <message>
        <source>Dashed</source>
        <translation>Striche</translation>
    </message>
    <message>
        <source>Dotted</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Size of its type, pixels</source>
        <translation>Größe ihrer Schrift in Pixeln</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>More of how it looks, and looks of your own</source>
        <translation>Mehr zum Aussehen, und eigene Aussehen</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>Other…</source>
        <translation>Andere…</translation>
    </message>
    <message>
        <source>changing how marks look</source>
        <translation>Ändern des Aussehens von Markierungen</translation>
    </message>
    <message>
        <source>Points to a place</source>
        <translation>Zeigt auf eine Stelle</translation>
    </message>
    <message>
        <source>Write its text…</source>
        <translation>Text schreiben…</translation>
    </message>
    <message>
        <source>Letters instead of numbers</source>
        <translation>Buchstaben statt Zahlen</translation>
    </message>
    <message>
        <source>Stays as a mark</source>
        <translation>Bleibt als Markierung</translation>
    </message>
    <message>
        <source>This length is known…</source>
        <translation>Diese Länge ist bekannt…</translation>
    </message>
    <message>
        <source>Another signature…</source>
        <translation>Andere Unterschrift…</translation>
    </message>
    <message>
        <source>No head</source>
        <translation>Keine Spitze</translation>
    </message>
    <message>
        <source>One head</source>
        <translation>Eine Spitze</translation>
    </message>
    <message>
        <source>Two heads</source>
        <translation>Zwei Spitzen</translation>
    </message>
    <message>
        <source>Regular</source>
        <translation>Normal</translation>
    </message>
    <message>
        <source>Semi-bold</source>
        <translation>Halbfett</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>Of one width</source>
        <translation>Feste Breite</translation>
    </message>
    <message>
        <source>From the start</source>
        <translation>Linksbündig</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>Mittig</translation>
    </message>
    <message>
        <source>To the end</source>
        <translation>Rechtsbündig</translation>
    </message>
    <message>
        <source>Forget a look</source>
        <translation>Ein Aussehen vergessen</translation>
    </message>
    <message>
        <source>Keep this look as…</source>
        <translation>Aussehen merken als…</translation>
    </message>
    <message>
        <source>Keep this look</source>
        <translation>Aussehen merken</translation>
    </message>
    <message>
        <source>What it is called:</source>
        <translation>Wie es heißt:</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie mitgeliefert</translation>
    </message>
    <message>
        <source>Known length</source>
        <translation>Bekannte Länge</translation>
    </message>
    <message>
        <source>What %1 pixels are, with its unit (&quot;25 mm&quot;); empty for pixels:</source>
        <translation>Was %1 Pixel sind, mit Einheit („25 mm“); leer für Pixel:</translation>
    </message>
    <message>
        <source>%1 px, %2°</source>
        <translation>%1 px, %2°</translation>
    </message>
    <message>
        <source>%1  rgb %2 %3 %4  hsl %5 %6 %7</source>
        <translation>%1  rgb %2 %3 %4  hsl %5 %6 %7</translation>
    </message>
    <message>
        <source>  contrast %1:1</source>
        <translation>  Kontrast %1:1</translation>
    </message>
    <message>
        <source>Drag from where to where it points; Shift holds its angle, Escape ends</source>
        <translation>Ziehen Sie von wo bis wohin er zeigt; Umschalt hält den Winkel, Esc beendet</translation>
    </message>
    <message>
        <source>Drag a line; Shift holds its angle, Escape ends</source>
        <translation>Ziehen Sie eine Linie; Umschalt hält ihren Winkel, Esc beendet</translation>
    </message>
    <message>
        <source>Drag around what matters; Shift makes it even, Escape ends</source>
        <translation>Ziehen Sie um das, worauf es ankommt; Umschalt macht es gleichseitig, Esc beendet</translation>
    </message>
    <message>
        <source>Draw; hold still at the end for a straight line, Alt takes strokes away, Escape ends</source>
        <translation>Zeichnen Sie; am Ende still halten gibt eine gerade Linie, Alt nimmt Striche weg, Esc beendet</translation>
    </message>
    <message>
        <source>Sweep over words to tint them; Escape ends</source>
        <translation>Streichen Sie über Wörter, um sie zu tönen; Esc beendet</translation>
    </message>
    <message>
        <source>Click, or drag a box, to write there; Escape ends</source>
        <translation>Klicken oder einen Kasten ziehen, um dort zu schreiben; Esc beendet</translation>
    </message>
    <message>
        <source>Click where the next step is; Escape ends</source>
        <translation>Klicken Sie, wo der nächste Schritt ist; Esc beendet</translation>
    </message>
    <message>
        <source>Drag around what is to be seen larger; Escape ends</source>
        <translation>Ziehen Sie um das, was größer zu sehen sein soll; Esc beendet</translation>
    </message>
    <message>
        <source>Click an end, the corner and the other end; Escape ends</source>
        <translation>Klicken Sie ein Ende, die Ecke und das andere Ende; Esc beendet</translation>
    </message>
    <message>
        <source>Drag to measure; ends go to edges unless Alt is held, Escape ends</source>
        <translation>Ziehen Sie zum Messen; Enden gehen an Kanten, außer mit Alt, Esc beendet</translation>
    </message>
    <message>
        <source>Click where the signature stands; Escape ends</source>
        <translation>Klicken Sie, wo die Unterschrift steht; Esc beendet</translation>
    </message>
    <message>
        <source>Click where the code stands; Escape ends</source>
        <translation>Klicken Sie, wo der Code steht; Esc beendet</translation>
    </message>
    <message>
        <source>Text of the mark</source>
        <translation>Text der Markierung</translation>
    </message>
    <message>
        <source>Write; Ctrl+Enter ends</source>
        <translation>Schreiben; Strg+Eingabe beendet</translation>
    </message>
    <message>
        <source>The capture and the lines it is cut along</source>
        <translation>Die Aufnahme und die Linien, an denen sie geteilt wird</translation>
    </message>
    <message>
        <source>Cut into parts</source>
        <translation>In Teile schneiden</translation>
    </message>
    <message>
        <source>Level lines</source>
        <translation>Waagrechte Linien</translation>
    </message>
    <message>
        <source>Upright lines</source>
        <translation>Senkrechte Linien</translation>
    </message>
    <message>
        <source>What a click on the picture puts</source>
        <translation>Was ein Klick auf das Bild setzt</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Spalten</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>A click puts</source>
        <translation>Ein Klick setzt</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s), each a capture of its own; this one stays.</source>
        <translation>
            <numerusform>Ein Teil, eine eigene Aufnahme; diese bleibt.</numerusform>
            <numerusform>%n Teile, jeder eine eigene Aufnahme; diese bleibt.</numerusform>
        </translation>
    </message>
    <message>
        <source>Draw your signature here</source>
        <translation>Zeichnen Sie hier Ihre Unterschrift</translation>
    </message>
    <message>
        <source>Your signature</source>
        <translation>Ihre Unterschrift</translation>
    </message>
    <message>
        <source>Draw it once, or choose a picture. It is kept encrypted in your own data folder.</source>
        <translation>Zeichnen Sie sie einmal oder wählen Sie ein Bild. Sie wird verschlüsselt in Ihrem Datenordner aufbewahrt.</translation>
    </message>
    <message>
        <source>Today&apos;s date below it</source>
        <translation>Das heutige Datum darunter</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Verwenden</translation>
    </message>
    <message>
        <source>A picture…</source>
        <translation>Ein Bild…</translation>
    </message>
    <message>
        <source>Anew</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>Forget it</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Takes it away from your data folder; what is signed already stays so</source>
        <translation>Nimmt sie aus Ihrem Datenordner; was unterschrieben ist, bleibt es</translation>
    </message>
    <message>
        <source>A picture of your signature</source>
        <translation>Ein Bild Ihrer Unterschrift</translation>
    </message>
    <message>
        <source>Pictures (*.png *.webp *.gif)</source>
        <translation>Bilder (*.png *.webp *.gif)</translation>
    </message>
    <message>
        <source>This is no picture that can be read.</source>
        <translation>Das ist kein lesbares Bild.</translation>
    </message>
    <message>
        <source>Put captures together</source>
        <translation>Aufnahmen zusammenstellen</translation>
    </message>
    <message>
        <source>Captures to be put together; drag them into their order</source>
        <translation>Aufnahmen, die zusammengestellt werden; ziehen Sie sie in die Reihenfolge</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
    <message>
        <source>Below each other</source>
        <translation>Untereinander</translation>
    </message>
    <message>
        <source>In a grid</source>
        <translation>Im Raster</translation>
    </message>
    <message>
        <source>At the start</source>
        <translation>Am Anfang</translation>
    </message>
    <message>
        <source>At the end</source>
        <translation>Am Ende</translation>
    </message>
    <message>
        <source>Scaled to one size</source>
        <translation>Auf eine Größe gebracht</translation>
    </message>
    <message>
        <source>Their names above them</source>
        <translation>Ihre Namen darüber</translation>
    </message>
    <message>
        <source>Then the captures&apos; names leave with the picture.</source>
        <translation>Dann gehen die Namen der Aufnahmen mit dem Bild hinaus.</translation>
    </message>
    <message>
        <source>Numbered</source>
        <translation>Nummeriert</translation>
    </message>
    <message>
        <source>Arranged</source>
        <translation>Angeordnet</translation>
    </message>
    <message>
        <source>Aligned</source>
        <translation>Ausgerichtet</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>How they will stand</source>
        <translation>Wie sie stehen werden</translation>
    </message>
    <message>
        <source>A capture of its own: what was found and decided stands on it and can be changed.</source>
        <translation>Eine eigene Aufnahme: Was gefunden und entschieden wurde, steht darauf und lässt sich ändern.</translation>
    </message>
    <message>
        <source>Put together</source>
        <translation>Zusammenstellen</translation>
    </message>
    <message>
        <source>Change this finding</source>
        <translation>Diesen Fund ändern</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Legal ground or reason code; stands in the log</source>
        <translation>Rechtsgrund oder Kennziffer; steht im Protokoll</translation>
    </message>
    <message>
        <source>Why it is sensitive, without the value; stands in the log</source>
        <translation>Warum es schutzbedürftig ist, ohne den Wert; steht im Protokoll</translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation>&amp;Art</translation>
    </message>
    <message>
        <source>&amp;Ground</source>
        <translation>&amp;Rechtsgrund</translation>
    </message>
    <message>
        <source>&amp;Reason: it</source>
        <translation>&amp;Begründung: Es</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Style of the cover</source>
        <translation>Stil der Schwärzung</translation>
    </message>
    <message>
        <source>Colour of the cover</source>
        <translation>Farbe der Schwärzung</translation>
    </message>
    <message>
        <source>A cover in the colour of the ground does not show that something was covered; the log does.</source>
        <translation>Eine Schwärzung in der Farbe des Untergrunds zeigt nicht, dass etwas geschwärzt wurde; das Protokoll schon.</translation>
    </message>
    <message>
        <source>Strength of mosaic or blur</source>
        <translation>Stärke von Mosaik oder Unschärfe</translation>
    </message>
    <message>
        <source>How coarse the mosaic or blur is. It hides the same at any strength: nothing of the text is in it.</source>
        <translation>Wie grob Mosaik oder Unschärfe ist. Verdeckt wird bei jeder Stärke gleich viel: Vom Text ist nichts darin.</translation>
    </message>
    <message>
        <source>Which findings</source>
        <translation>Welche Funde</translation>
    </message>
    <message>
        <source>In the whole case</source>
        <translation>Im ganzen Fall</translation>
    </message>
    <message>
        <source>On this capture</source>
        <translation>Auf dieser Aufnahme</translation>
    </message>
    <message>
        <source>Of the selected one&apos;s kind</source>
        <translation>Von der Art des gewählten</translation>
    </message>
    <message>
        <source>Of the selected one&apos;s value</source>
        <translation>Vom Wert des gewählten</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message numerus="yes">
        <source>Cover %n</source>
        <translation>
            <numerusform>%n schwärzen</numerusform>
            <numerusform>%n schwärzen</numerusform>
        </translation>
    </message>
    <message>
        <source>How sure a finding must be</source>
        <translation>Wie sicher ein Fund sein muss</translation>
    </message>
    <message>
        <source>Cover what is open</source>
        <translation>Schwärzen, was offen ist</translation>
    </message>
    <message>
        <source>Keep what is open</source>
        <translation>Belassen, was offen ist</translation>
    </message>
    <message>
        <source>from %1 % sure</source>
        <translation>ab %1 % sicher</translation>
    </message>
    <message>
        <source>Nothing is open there.</source>
        <translation>Dort ist nichts offen.</translation>
    </message>
    <message>
        <source>%1 of %2 that are open, on %3. They are marked on the sheet.</source>
        <translation>%1 von %2 offenen, auf %3. Sie sind auf dem Blatt gekennzeichnet.</translation>
    </message>
    <message numerus="yes">
        <source>Keep %n</source>
        <translation>
            <numerusform>%n belassen</numerusform>
            <numerusform>%n belassen</numerusform>
        </translation>
    </message>
    <message>
        <source>Note for yourself; never in the log</source>
        <translation>Notiz für Sie selbst; nie im Protokoll</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Question for a colleague; keeps it open</source>
        <translation>Frage an Kollegen; bleibt offen</translation>
    </message>
    <message>
        <source>Question</source>
        <translation>Frage</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Ändern…</translation>
    </message>
    <message>
        <source>Another kind, ground or reason (F4)</source>
        <translation>Andere Art, anderer Rechtsgrund oder andere Begründung (F4)</translation>
    </message>
    <message>
        <source>%1 (%2). With Shift all of the same value, with Alt all of the kind.</source>
        <translation>%1 (%2). Mit Umschalt alle mit demselben Wert, mit Alt alle dieser Art.</translation>
    </message>
    <message>
        <source>%1 this finding</source>
        <translation>Diesen Fund: %1</translation>
    </message>
    <message>
        <source>Cover</source>
        <translation>Schwärzen</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Belassen</translation>
    </message>
    <message>
        <source>What is sensitive on your captures is listed here, with the reason for each.</source>
        <translation>Was auf Ihren Aufnahmen schutzbedürftig ist, steht hier, jeweils mit Begründung.</translation>
    </message>
    <message>
        <source>Press J to go to the first finding.</source>
        <translation>Mit J gehen Sie zum ersten Fund.</translation>
    </message>
    <message>
        <source>Nothing is found before the captures are read.</source>
        <translation>Bevor die Aufnahmen gelesen sind, wird nichts gefunden.</translation>
    </message>
    <message>
        <source>Nothing sensitive was found. Look yourself before it leaves.</source>
        <translation>Nichts Schutzbedürftiges gefunden. Sehen Sie selbst nach, bevor es hinausgeht.</translation>
    </message>
    <message>
        <source>Place %1 of %2, on %3</source>
        <translation>Stelle %1 von %2, auf %3</translation>
    </message>
    <message>
        <source>On %1</source>
        <translation>Auf %1</translation>
    </message>
    <message>
        <source>%1 · cut away by the crop</source>
        <translation>%1 · durch den Zuschnitt entfernt</translation>
    </message>
    <message>
        <source>%1 · under a cover drawn by hand</source>
        <translation>%1 · unter einer Schwärzung von Hand</translation>
    </message>
    <message>
        <source>%1 · decided by %2</source>
        <translation>%1 · entschieden von %2</translation>
    </message>
    <message>
        <source>%1 · asked by %2</source>
        <translation>%1 · gefragt von %2</translation>
    </message>
    <message>
        <source>%1 · %2 % sure</source>
        <translation>%1 · %2 % sicher</translation>
    </message>
    <message>
        <source>Why: it %1.</source>
        <translation>Begründung: Es %1.</translation>
    </message>
    <message>
        <source>Why: it %1.
Ground: %2</source>
        <translation>Begründung: Es %1.
Rechtsgrund: %2</translation>
    </message>
    <message>
        <source>Area</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>Covered by hand; Delete removes it</source>
        <translation>Von Hand geschwärzt; Entf entfernt es</translation>
    </message>
    <message>
        <source>Covered by hand</source>
        <translation>Von Hand geschwärzt</translation>
    </message>
    <message>
        <source>%1 · asked</source>
        <translation>%1 · gefragt</translation>
    </message>
    <message>
        <source>%1 %2 × %3</source>
        <translation>%1 %2 × %3</translation>
    </message>
    <message>
        <source>asked</source>
        <translation>gefragt</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>covered</source>
        <translation>geschwärzt</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>belassen</translation>
    </message>
    <message>
        <source>Area %1 × %2</source>
        <translation>Bereich %1 × %2</translation>
    </message>
    <message>
        <source>%1, covered by hand</source>
        <translation>%1, von Hand geschwärzt</translation>
    </message>
    <message>
        <source>%1, %2, %3, %4</source>
        <translation>%1, %2, %3, %4</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Funde</translation>
    </message>
    <message>
        <source>Only values with …</source>
        <translation>Nur Werte mit …</translation>
    </message>
    <message>
        <source>Show findings with these letters</source>
        <translation>Funde mit diesen Buchstaben zeigen</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>In which order findings are listed, and of which capture</source>
        <translation>In welcher Reihenfolge Funde stehen, und von welcher Aufnahme</translation>
    </message>
    <message>
        <source>Order of the findings</source>
        <translation>Reihenfolge der Funde</translation>
    </message>
    <message>
        <source>As they stand on the captures</source>
        <translation>Wie sie auf den Aufnahmen stehen</translation>
    </message>
    <message>
        <source>By kind</source>
        <translation>Nach Art</translation>
    </message>
    <message>
        <source>What is unsure first</source>
        <translation>Unsicheres zuerst</translation>
    </message>
    <message>
        <source>What is surest first</source>
        <translation>Sicherstes zuerst</translation>
    </message>
    <message>
        <source>What stands in most places first</source>
        <translation>Was am häufigsten vorkommt zuerst</translation>
    </message>
    <message>
        <source>Only of the capture that is shown</source>
        <translation>Nur von der gezeigten Aufnahme</translation>
    </message>
    <message>
        <source>Sure or not</source>
        <translation>Sicher oder nicht</translation>
    </message>
    <message>
        <source>Only from 90 % sure</source>
        <translation>Nur ab 90 % sicher</translation>
    </message>
    <message>
        <source>Only below 90 % sure</source>
        <translation>Nur unter 90 % sicher</translation>
    </message>
    <message>
        <source>Show findings of this state</source>
        <translation>Funde in diesem Zustand zeigen</translation>
    </message>
    <message>
        <source>All states</source>
        <translation>Alle Zustände</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Geschwärzt</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Belassen</translation>
    </message>
    <message>
        <source>Asked</source>
        <translation>Gefragt</translation>
    </message>
    <message>
        <source>Show findings of this kind</source>
        <translation>Funde dieser Art zeigen</translation>
    </message>
    <message>
        <source>All kinds</source>
        <translation>Alle Arten</translation>
    </message>
    <message>
        <source>Area covered by hand</source>
        <translation>Von Hand geschwärzter Bereich</translation>
    </message>
    <message>
        <source>Findings by value</source>
        <translation>Funde nach Wert</translation>
    </message>
    <message>
        <source>Policies</source>
        <translation>Richtlinien</translation>
    </message>
    <message>
        <source>&amp;Never findings: your own addresses, hotlines, public names; one a line, patterns between slashes</source>
        <translation>&amp;Nie Funde: eigene Adressen, Hotlines, öffentliche Namen; eines je Zeile, Muster zwischen Schrägstrichen</translation>
    </message>
    <message>
        <source>&amp;Colour of solid covers</source>
        <translation>&amp;Farbe einfarbiger Schwärzungen</translation>
    </message>
    <message>
        <source>Stand-ins bear a small mark that says so</source>
        <translation>Ersatzwerte tragen ein kleines Zeichen</translation>
    </message>
    <message>
        <source>Labels tell the ground</source>
        <translation>Beschriftungen nennen den Rechtsgrund</translation>
    </message>
    <message>
        <source>Look for</source>
        <translation>Suchen nach</translation>
    </message>
    <message>
        <source>At least sure</source>
        <translation>Mindestens sicher</translation>
    </message>
    <message>
        <source>Style</source>
        <translation>Stil</translation>
    </message>
    <message>
        <source>Ground for covering</source>
        <translation>Rechtsgrund der Schwärzung</translation>
    </message>
    <message>
        <source>Kinds of the policy</source>
        <translation>Arten der Richtlinie</translation>
    </message>
    <message>
        <source>%1: least confidence</source>
        <translation>%1: geringste Sicherheit</translation>
    </message>
    <message>
        <source>%1: style of the cover</source>
        <translation>%1: Stil der Schwärzung</translation>
    </message>
    <message>
        <source>%1: legal ground or reason code</source>
        <translation>%1: Rechtsgrund oder Kennziffer</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern als…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Use for this case</source>
        <translation>Für diesen Fall verwenden</translation>
    </message>
    <message>
        <source>Open a policy</source>
        <translation>Eine Richtlinie öffnen</translation>
    </message>
    <message>
        <source>Policies (*.toml)</source>
        <translation>Richtlinien (*.toml)</translation>
    </message>
    <message>
        <source>A pattern of this policy finds it</source>
        <translation>Ein Muster dieser Richtlinie findet es</translation>
    </message>
    <message>
        <source>The effect is shown as soon as the capture has been read.</source>
        <translation>Die Wirkung wird gezeigt, sobald die Aufnahme gelesen ist.</translation>
    </message>
    <message>
        <source>Open a capture to see what a policy finds on it.</source>
        <translation>Öffnen Sie eine Aufnahme, um zu sehen, was eine Richtlinie darauf findet.</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 weitere</translation>
    </message>
    <message>
        <source>%1, now %2</source>
        <translation>%1, jetzt %2</translation>
    </message>
    <message>
        <source>On %1 this policy finds %2; the case&apos;s finds %3.</source>
        <translation>Auf %1 findet diese Richtlinie %2; die des Falls findet %3.</translation>
    </message>
    <message>
        <source>The case uses this policy; on %1 it finds %2.</source>
        <translation>Der Fall verwendet diese Richtlinie; auf %1 findet sie %2.</translation>
    </message>
    <message>
        <source>%1, tuned</source>
        <translation>%1, angepasst</translation>
    </message>
    <message>
        <source>Save the policy</source>
        <translation>Richtlinie speichern</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be the name of a policy of your own; choose another.</source>
        <translation>„%1“ kann keine eigene Richtlinie heißen; wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>There is a policy &quot;%1&quot; already. Replace it?</source>
        <translation>Eine Richtlinie „%1“ gibt es schon. Ersetzen?</translation>
    </message>
    <message>
        <source>The policy could not be written to %1: %2.</source>
        <translation>Die Richtlinie ließ sich nicht nach %1 schreiben: %2.</translation>
    </message>
    <message>
        <source>What was written</source>
        <translation>Was geschrieben wurde</translation>
    </message>
    <message>
        <source>Eyelid finds and covers what is personal or confidential on pictures of screens.</source>
        <translation>Eyelid findet und schwärzt, was auf Bildschirmbildern persönlich oder vertraulich ist.</translation>
    </message>
    <message>
        <source>Pictures to bring in, or a case to open.</source>
        <translation>Bilder zum Hereinholen oder ein Fall zum Öffnen.</translation>
    </message>
    <message>
        <source>[files…]</source>
        <translation>[Dateien…]</translation>
    </message>
    <message>
        <source>The policy, by its name, or a TOML file.</source>
        <translation>Die Richtlinie, mit Namen, oder eine TOML-Datei.</translation>
    </message>
    <message>
        <source>Take at once: %1.</source>
        <translation>Gleich aufnehmen: %1.</translation>
    </message>
    <message>
        <source>Bring in what is on the clipboard.</source>
        <translation>Hereinholen, was in der Zwischenablage ist.</translation>
    </message>
    <message>
        <source>In a window of its own, though one is open.</source>
        <translation>In einem eigenen Fenster, auch wenn eines offen ist.</translation>
    </message>
    <message>
        <source>Start with three windows of the demo desk taken.</source>
        <translation>Mit drei aufgenommenen Fenstern des Übungsschreibtischs beginnen.</translation>
    </message>
    <message>
        <source>Start with the main job, step by step, on the demo desk.</source>
        <translation>Mit der Hauptarbeit Schritt für Schritt am Übungsschreibtisch beginnen.</translation>
    </message>
    <message>
        <source>Nothing is taken by “%1”; choose of: %2.</source>
        <translation>Mit „%1“ wird nichts aufgenommen; wählen Sie aus: %2.</translation>
    </message>
    <message>
        <source>Files in a folder, with their log and checksums.</source>
        <translation>Dateien in einem Ordner, mit Protokoll und Prüfsummen.</translation>
    </message>
    <message>
        <source>To a folder</source>
        <translation>In einen Ordner</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation>Durchsuchen…</translation>
    </message>
    <message>
        <source>Open it afterwards</source>
        <translation>Danach öffnen</translation>
    </message>
    <message>
        <source>Release to</source>
        <translation>Freigeben nach</translation>
    </message>
    <message>
        <source>Mail draft</source>
        <translation>Mail-Entwurf</translation>
    </message>
    <message>
        <source>A new mail in your mail program, the files attached; you address and send it.</source>
        <translation>Eine neue Mail in Ihrem Mailprogramm mit den Dateien; Sie adressieren und senden sie.</translation>
    </message>
    <message>
        <source>Clipboard</source>
        <translation>Zwischenablage</translation>
    </message>
    <message>
        <source>To be pasted into a letter or a ticket.</source>
        <translation>Zum Einfügen in einen Brief oder ein Ticket.</translation>
    </message>
    <message>
        <source>Shows the pages first.</source>
        <translation>Zeigt zuerst die Seiten.</translation>
    </message>
    <message>
        <source>Screen</source>
        <translation>Bildschirm</translation>
    </message>
    <message>
        <source>Above all windows, while you write about it.</source>
        <translation>Über allen Fenstern, während Sie darüber schreiben.</translation>
    </message>
    <message>
        <source>Drop at</source>
        <translation>Ablegen bei</translation>
    </message>
    <message>
        <source>Uploads the files to a server; its link is copied.</source>
        <translation>Lädt die Dateien auf einen Server; der Link wird kopiert.</translation>
    </message>
    <message>
        <source>Places…</source>
        <translation>Ablagen…</translation>
    </message>
    <message>
        <source>Run</source>
        <translation>Starten</translation>
    </message>
    <message>
        <source>Run a program</source>
        <translation>Ein Programm starten</translation>
    </message>
    <message>
        <source>No program; {files} stands for the files</source>
        <translation>Kein Programm; {files} steht für die Dateien</translation>
    </message>
    <message>
        <source>No place</source>
        <translation>Keine Ablage</translation>
    </message>
    <message>
        <source>Choose where it is to go.</source>
        <translation>Wählen Sie, wohin es gehen soll.</translation>
    </message>
    <message>
        <source>Name a folder.</source>
        <translation>Nennen Sie einen Ordner.</translation>
    </message>
    <message>
        <source>A mail draft and a program are given files: release to a folder as well.</source>
        <translation>Ein Mail-Entwurf und ein Programm bekommen Dateien: Geben Sie auch in einen Ordner frei.</translation>
    </message>
    <message>
        <source>A screen, sanitised</source>
        <translation>Ein Bildschirm, geschwärzt</translation>
    </message>
    <message>
        <source>This capture has not been read; what it shows is not known.</source>
        <translation>Diese Aufnahme ist nicht gelesen; was sie zeigt, ist nicht bekannt.</translation>
    </message>
    <message>
        <source>A second officer has not agreed to this case as it stands.</source>
        <translation>Kein zweiter Bearbeiter hat dem Fall in diesem Stand zugestimmt.</translation>
    </message>
    <message>
        <source>It was not handed out: %1 Check the case to see where.</source>
        <translation>Nicht herausgegeben: %1 Prüfen Sie den Fall, um die Stelle zu sehen.</translation>
    </message>
    <message>
        <source>clipboard</source>
        <translation>Zwischenablage</translation>
    </message>
    <message>
        <source>The sanitised picture is copied.</source>
        <translation>Das geschwärzte Bild ist kopiert.</translation>
    </message>
    <message>
        <source>The words that are still to be read are copied.</source>
        <translation>Die noch lesbaren Wörter sind kopiert.</translation>
    </message>
    <message>
        <source>What was released is copied.</source>
        <translation>Was freigegeben wurde, ist kopiert.</translation>
    </message>
    <message>
        <source>Handing out</source>
        <translation>Herausgeben</translation>
    </message>
    <message numerus="yes">
        <source>It is taken back from the clipboard in %n second(s).</source>
        <translation>
            <numerusform>Es wird in einer Sekunde aus der Zwischenablage zurückgenommen.</numerusform>
            <numerusform>Es wird in %n Sekunden aus der Zwischenablage zurückgenommen.</numerusform>
        </translation>
    </message>
    <message>
        <source>screen</source>
        <translation>Bildschirm</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Sent to the printer %1.</source>
        <translation>An den Drucker %1 gesendet.</translation>
    </message>
    <message>
        <source>drag</source>
        <translation>Ziehen</translation>
    </message>
    <message>
        <source>mail</source>
        <translation>Mail</translation>
    </message>
    <message>
        <source>A mail is given files; release to a folder as well.</source>
        <translation>Eine Mail bekommt Dateien; geben Sie auch in einen Ordner frei.</translation>
    </message>
    <message>
        <source>Waiting for the mail program</source>
        <translation>Warten auf das Mailprogramm</translation>
    </message>
    <message>
        <source>a draft in the mail program</source>
        <translation>ein Entwurf im Mailprogramm</translation>
    </message>
    <message>
        <source>%1 cannot be read any more.</source>
        <translation>%1 ist nicht mehr lesbar.</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>The pages</source>
        <translation>Die Seiten</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Jetzt nicht</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>As large as fits</source>
        <translation>So groß wie möglich</translation>
    </message>
    <message>
        <source>True size</source>
        <translation>Wahre Größe</translation>
    </message>
    <message>
        <source>Pictures a page</source>
        <translation>Bilder je Seite</translation>
    </message>
    <message numerus="yes">
        <source>%n a page</source>
        <translation>
            <numerusform>%n je Seite</numerusform>
            <numerusform>%n je Seite</numerusform>
        </translation>
    </message>
    <message>
        <source>Names and page numbers</source>
        <translation>Namen und Seitenzahlen</translation>
    </message>
    <message>
        <source>Landscape</source>
        <translation>Querformat</translation>
    </message>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation>
            <numerusform>Eine Seite</numerusform>
            <numerusform>%n Seiten</numerusform>
        </translation>
    </message>
    <message>
        <source>The printer did not take it; is it switched on, and does it have paper? Nothing was lost.</source>
        <translation>Der Drucker hat es nicht angenommen; ist er an, hat er Papier? Nichts ging verloren.</translation>
    </message>
    <message>
        <source>Sanitised picture</source>
        <translation>Geschwärztes Bild</translation>
    </message>
    <message>
        <source>Plus and minus zoom, the brackets make it see-through, Escape closes.</source>
        <translation>Plus und Minus zoomen, die Klammern machen durchsichtig, Esc schließt.</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Größer</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Kleiner</translation>
    </message>
    <message>
        <source>As large as it is</source>
        <translation>So groß, wie es ist</translation>
    </message>
    <message>
        <source>More see-through</source>
        <translation>Durchsichtiger</translation>
    </message>
    <message>
        <source>Less see-through</source>
        <translation>Weniger durchsichtig</translation>
    </message>
    <message>
        <source>Places to drop releases at</source>
        <translation>Ablagen für Freigaben</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Ablagen</translation>
    </message>
    <message>
        <source>What it is chosen by</source>
        <translation>Unter dem sie gewählt wird</translation>
    </message>
    <message>
        <source>Address</source>
        <translation>Adresse</translation>
    </message>
    <message>
        <source>https://… (WebDAV) or sftp://…, of the folder</source>
        <translation>https://… (WebDAV) oder sftp://…, des Ordners</translation>
    </message>
    <message>
        <source>User</source>
        <translation>Benutzer</translation>
    </message>
    <message>
        <source>Password</source>
        <translation>Passwort</translation>
    </message>
    <message>
        <source>As it is kept in the key ring</source>
        <translation>Wie im Schlüsselbund</translation>
    </message>
    <message>
        <source>Key file</source>
        <translation>Schlüsseldatei</translation>
    </message>
    <message>
        <source>Instead of a password</source>
        <translation>Statt eines Passworts</translation>
    </message>
    <message>
        <source>Server&apos;s key</source>
        <translation>Serverschlüssel</translation>
    </message>
    <message>
        <source>SHA-256; no other server is spoken to</source>
        <translation>SHA-256; mit keinem anderen Server wird gesprochen</translation>
    </message>
    <message>
        <source>Ask the server</source>
        <translation>Server fragen</translation>
    </message>
    <message>
        <source>Authority</source>
        <translation>Zertifizierer</translation>
    </message>
    <message>
        <source>A file, where the office has one of its own</source>
        <translation>Eine Datei, wenn das Haus einen eigenen hat</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Link</translation>
    </message>
    <message>
        <source>What others open it by, if it is another address</source>
        <translation>Womit andere öffnen, falls anders</translation>
    </message>
    <message>
        <source>Meant to lie there</source>
        <translation>Soll dort liegen</translation>
    </message>
    <message>
        <source>Nothing is said of it</source>
        <translation>Dazu wird nichts gesagt</translation>
    </message>
    <message>
        <source> days, said in its name</source>
        <translation> Tage, im Namen genannt</translation>
    </message>
    <message>
        <source>Lies there</source>
        <translation>Liegt dort</translation>
    </message>
    <message>
        <source>Another</source>
        <translation>Weitere</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Aufbewahren</translation>
    </message>
    <message>
        <source>A folder of a server, by WebDAV or SFTP. Releases are sent there whole or not at all.</source>
        <translation>Ein Ordner auf einem Server, per WebDAV oder SFTP. Freigaben kommen ganz oder gar nicht dorthin.</translation>
    </message>
    <message>
        <source>Ask the server for its key, and compare it with what its keeper says.</source>
        <translation>Fragen Sie den Server nach seinem Schlüssel und vergleichen Sie ihn mit dem, was sein Betreiber sagt.</translation>
    </message>
    <message>
        <source>Asking the server…</source>
        <translation>Der Server wird gefragt…</translation>
    </message>
    <message>
        <source>This is what the server shows. Compare it with what its keeper says before you keep it: whoever stands in between could show another.</source>
        <translation>Das zeigt der Server. Vergleichen Sie es mit dem, was sein Betreiber sagt, bevor Sie es aufbewahren: Wer dazwischen steht, könnte einen anderen zeigen.</translation>
    </message>
    <message>
        <source>Waiting for the key ring…</source>
        <translation>Warten auf den Schlüsselbund…</translation>
    </message>
    <message>
        <source>The password was not kept: %1 Without a key ring, use a key file.</source>
        <translation>Das Passwort wurde nicht aufbewahrt: %1 Ohne Schlüsselbund verwenden Sie eine Schlüsseldatei.</translation>
    </message>
    <message>
        <source>“%1” is kept.</source>
        <translation>„%1“ ist aufbewahrt.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Releases of this case</source>
        <translation>Freigaben dieses Falls</translation>
    </message>
    <message>
        <source>Nothing of this case has been released yet. What leaves it is noted here by itself, with where it went and its checksums.</source>
        <translation>Von diesem Fall wurde noch nichts freigegeben. Was ihn verlässt, wird hier von selbst vermerkt, mit Ziel und Prüfsummen.</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Where to</source>
        <translation>Wohin</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Enthält</translation>
    </message>
    <message>
        <source>Verify…</source>
        <translation>Nachprüfen…</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Ordner öffnen</translation>
    </message>
    <message>
        <source>Withdraw…</source>
        <translation>Zurückziehen…</translation>
    </message>
    <message>
        <source>Notes that this release is not to be used any more, and why. The files stay.</source>
        <translation>Vermerkt, dass diese Freigabe nicht mehr zu verwenden ist, und warum. Die Dateien bleiben.</translation>
    </message>
    <message>
        <source>Save as a table…</source>
        <translation>Als Tabelle speichern…</translation>
    </message>
    <message numerus="yes">
        <source>%n file(s)</source>
        <translation>
            <numerusform>%n Datei</numerusform>
            <numerusform>%n Dateien</numerusform>
        </translation>
    </message>
    <message>
        <source>withdrawn: %1</source>
        <translation>zurückgezogen: %1</translation>
    </message>
    <message>
        <source>Withdraw a release</source>
        <translation>Freigabe zurückziehen</translation>
    </message>
    <message>
        <source>Why it is not to be used any more; it is kept with the case:</source>
        <translation>Warum sie nicht mehr zu verwenden ist; es bleibt beim Fall:</translation>
    </message>
    <message>
        <source>Save the register</source>
        <translation>Register speichern</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Handed over as it was checked:</source>
        <translation>Übergeben, wie es geprüft wurde:</translation>
    </message>
    <message>
        <source>Written as they were checked, and read back from the disk:</source>
        <translation>Geschrieben, wie geprüft wurde, und vom Datenträger zurückgelesen:</translation>
    </message>
    <message>
        <source>%1 The log is not signed: %2</source>
        <translation>%1 Das Protokoll ist nicht signiert: %2</translation>
    </message>
    <message>
        <source>On the clipboard</source>
        <translation>In der Zwischenablage</translation>
    </message>
    <message>
        <source>On the screen</source>
        <translation>Auf dem Bildschirm</translation>
    </message>
    <message>
        <source>The reason</source>
        <translation>Der Grund</translation>
    </message>
    <message>
        <source>Measuring</source>
        <translation>Größe wird ermittelt</translation>
    </message>
    <message>
        <source>The case has changed since it was checked; check it again.</source>
        <translation>Der Fall hat sich seit der Prüfung geändert; prüfen Sie noch einmal.</translation>
    </message>
    <message>
        <source>Checking the pictures in this form…</source>
        <translation>Die Bilder werden in dieser Form geprüft…</translation>
    </message>
    <message>
        <source>With the released files, this will be run:

%1

It can do with them whatever you could. Run it from now on?</source>
        <translation>Mit den freigegebenen Dateien wird gestartet:

%1

Es kann damit tun, was Sie könnten. Von nun an starten?</translation>
    </message>
    <message>
        <source>Run it</source>
        <translation>Starten</translation>
    </message>
    <message>
        <source>Writing the release…</source>
        <translation>Die Freigabe wird geschrieben…</translation>
    </message>
    <message>
        <source>Writing the release</source>
        <translation>Freigabe wird geschrieben</translation>
    </message>
    <message>
        <source>What went before stands: %1.</source>
        <translation>Was davor kam, steht: %1.</translation>
    </message>
    <message>
        <source>%1 is one of this case&apos;s own pictures and would be replaced; choose another folder.</source>
        <translation>%1 ist eines der eigenen Bilder des Falls und würde ersetzt; wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>Release</source>
        <translation>Freigeben</translation>
    </message>
    <message>
        <source>Way</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>Format</source>
        <translation>Format</translation>
    </message>
    <message>
        <source>Of the parts {case}, {number}, {count}, {date} and {policy}; the ending comes by itself.</source>
        <translation>Aus {case}, {number}, {count}, {date} und {policy}; die Endung kommt von selbst.</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Namen</translation>
    </message>
    <message>
        <source>With them</source>
        <translation>Dazu</translation>
    </message>
    <message>
        <source>Keep both: number the new ones</source>
        <translation>Beide behalten: die neuen nummerieren</translation>
    </message>
    <message>
        <source>Replace them</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Do not release</source>
        <translation>Nicht freigeben</translation>
    </message>
    <message>
        <source>Files there already</source>
        <translation>Schon vorhandene</translation>
    </message>
    <message>
        <source>And to</source>
        <translation>Und an</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>%1, all in one</source>
        <translation>%1, alles in einem</translation>
    </message>
    <message>
        <source>As</source>
        <translation>Als</translation>
    </message>
    <message>
        <source>As files</source>
        <translation>Als Dateien</translation>
    </message>
    <message>
        <source>In one archive</source>
        <translation>In einem Archiv</translation>
    </message>
    <message>
        <source>As a mail draft</source>
        <translation>Als Mail-Entwurf</translation>
    </message>
    <message>
        <source>Quality</source>
        <translation>Qualität</translation>
    </message>
    <message>
        <source>Without loss</source>
        <translation>Verlustfrei</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source> kB a picture</source>
        <translation> kB je Bild</translation>
    </message>
    <message>
        <source>Report for people</source>
        <translation>Bericht für Menschen</translation>
    </message>
    <message>
        <source>Words as text</source>
        <translation>Wörter als Text</translation>
    </message>
    <message>
        <source>What can still be read on the pictures, to be searched and read aloud.</source>
        <translation>Was auf den Bildern noch lesbar ist, zum Suchen und Vorlesen.</translation>
    </message>
    <message>
        <source>What was hidden, at its end</source>
        <translation>Am Ende, was verdeckt wurde</translation>
    </message>
    <message>
        <source>%1   (is there already)</source>
        <translation>%1   (schon vorhanden)</translation>
    </message>
    <message numerus="yes">
        <source>%n of these files are there already; choose another folder, or what is to be done with them.</source>
        <translation>
            <numerusform>Eine dieser Dateien ist schon vorhanden; wählen Sie einen anderen Ordner oder was damit geschehen soll.</numerusform>
            <numerusform>%n dieser Dateien sind schon vorhanden; wählen Sie einen anderen Ordner oder was damit geschehen soll.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of these files are there already and will be replaced, once the new ones stand.</source>
        <translation>
            <numerusform>Eine dieser Dateien ist schon vorhanden und wird ersetzt, sobald die neue steht.</numerusform>
            <numerusform>%n dieser Dateien sind schon vorhanden und werden ersetzt, sobald die neuen stehen.</numerusform>
        </translation>
    </message>
    <message>
        <source>, pictures of %1</source>
        <translation>, Bilder von %1</translation>
    </message>
    <message numerus="yes">
        <source>%n file(s) will be written</source>
        <translation>
            <numerusform>Eine Datei wird geschrieben</numerusform>
            <numerusform>%n Dateien werden geschrieben</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, to: %2</source>
        <translation>%1, an: %2</translation>
    </message>
    <message>
        <source>%1:</source>
        <translation>%1:</translation>
    </message>
    <message>
        <source>%1; the folder will be made:</source>
        <translation>%1; der Ordner wird angelegt:</translation>
    </message>
    <message>
        <source>Released</source>
        <translation>Freigegeben</translation>
    </message>
    <message>
        <source>Verify files</source>
        <translation>Dateien nachprüfen</translation>
    </message>
    <message>
        <source>Releases and their files</source>
        <translation>Freigaben und ihre Dateien</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>Is</source>
        <translation>Ist</translation>
    </message>
    <message>
        <source>The public key of the office that must have signed (else yours is tried)</source>
        <translation>Der öffentliche Schlüssel des Hauses, das signiert haben muss (sonst Ihrer)</translation>
    </message>
    <message>
        <source>Signed by</source>
        <translation>Signiert von</translation>
    </message>
    <message>
        <source>Checksums that came by another way, pasted: a line a file</source>
        <translation>Prüfsummen, die anders kamen, eingefügt: eine Zeile je Datei</translation>
    </message>
    <message>
        <source>Checksums</source>
        <translation>Prüfsummen</translation>
    </message>
    <message>
        <source>Drop released files, a folder or an archive here, or choose them. Their log says what they must be.</source>
        <translation>Ziehen Sie freigegebene Dateien, einen Ordner oder ein Archiv hierher oder wählen Sie sie. Ihr Protokoll sagt, was sie sein müssen.</translation>
    </message>
    <message>
        <source>Folder…</source>
        <translation>Ordner…</translation>
    </message>
    <message>
        <source>Files…</source>
        <translation>Dateien…</translation>
    </message>
    <message>
        <source>Copy my public key</source>
        <translation>Meinen öffentlichen Schlüssel kopieren</translation>
    </message>
    <message>
        <source>For those who verify what you release.</source>
        <translation>Für alle, die Ihre Freigaben nachprüfen.</translation>
    </message>
    <message>
        <source>Verify a folder</source>
        <translation>Einen Ordner nachprüfen</translation>
    </message>
    <message>
        <source>Reading the files…</source>
        <translation>Die Dateien werden gelesen…</translation>
    </message>
    <message>
        <source>intact</source>
        <translation>unverändert</translation>
    </message>
    <message>
        <source>not intact</source>
        <translation>verändert</translation>
    </message>
    <message>
        <source>Intact: every file is what was released.</source>
        <translation>Unverändert: Jede Datei ist, was freigegeben wurde.</translation>
    </message>
    <message numerus="yes">
        <source>Not intact: %n file(s) are not what was released.</source>
        <translation>
            <numerusform>Verändert: Eine Datei ist nicht, was freigegeben wurde.</numerusform>
            <numerusform>Verändert: %n Dateien sind nicht, was freigegeben wurde.</numerusform>
        </translation>
    </message>
    <message>
        <source>Not intact: see what is said of the signature and the log.</source>
        <translation>Nicht unverändert: siehe, was zu Signatur und Protokoll gesagt ist.</translation>
    </message>
    <message>
        <source>Copied: the public key %1. Hand it on to those who verify what you release.</source>
        <translation>Kopiert: der öffentliche Schlüssel %1. Geben Sie ihn allen, die Ihre Freigaben nachprüfen.</translation>
    </message>
    <message>
        <source>Keep as…</source>
        <translation>Merken als…</translation>
    </message>
    <message>
        <source>Keeps all that is chosen below under a name, to be released so again with one key.</source>
        <translation>Merkt alles unten Gewählte unter einem Namen; so wird mit einer Taste wieder freigegeben.</translation>
    </message>
    <message>
        <source>As it is chosen here</source>
        <translation>Wie hier gewählt</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>Keep this way</source>
        <translation>Diesen Weg merken</translation>
    </message>
    <message>
        <source>Its name:</source>
        <translation>Sein Name:</translation>
    </message>
    <message>
        <source>Another capture, to compare</source>
        <translation>Eine andere Aufnahme zum Vergleich</translation>
    </message>
    <message>
        <source>Capture to compare with</source>
        <translation>Aufnahme zum Vergleich</translation>
    </message>
    <message>
        <source>Compare no more</source>
        <translation>Nicht mehr vergleichen</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Form of covers drawn by hand</source>
        <translation>Form der Schwärzungen von Hand</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Ecken</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>Brush</source>
        <translation>Pinsel</translation>
    </message>
    <message>
        <source>All but an area</source>
        <translation>Alles außer einem Bereich</translation>
    </message>
    <message>
        <source>Cut a piece out</source>
        <translation>Ein Stück herausschneiden</translation>
    </message>
    <message>
        <source>Width of the brush</source>
        <translation>Breite des Pinsels</translation>
    </message>
    <message>
        <source>Look at the joins</source>
        <translation>Nähte ansehen</translation>
    </message>
    <message>
        <source>One join of this page is not sure: something may be lost or doubled there.</source>
        <translation>Eine Naht dieser Seite ist unsicher: Dort kann etwas fehlen oder doppelt sein.</translation>
    </message>
    <message>
        <source>%1 joins of this page are not sure: something may be lost or doubled there.</source>
        <translation>%1 Nähte dieser Seite sind unsicher: Dort kann etwas fehlen oder doppelt sein.</translation>
    </message>
    <message>
        <source>Joins</source>
        <translation>Nähte</translation>
    </message>
    <message>
        <source>Joins of the page</source>
        <translation>Nähte der Seite</translation>
    </message>
    <message>
        <source>Second picture starts</source>
        <translation>Zweites Bild beginnt</translation>
    </message>
    <message>
        <source>Distance between the two pictures in pixels</source>
        <translation>Abstand der beiden Bilder in Pixeln</translation>
    </message>
    <message>
        <source>Up and Down move it by one pixel, with Shift by ten</source>
        <translation>Auf und Ab verschieben um ein Pixel, mit Umschalt um zehn</translation>
    </message>
    <message>
        <source>after the first. Up and Down move it, with Shift by ten.</source>
        <translation>nach dem ersten. Auf und Ab verschieben, mit Umschalt um zehn.</translation>
    </message>
    <message>
        <source>This is right</source>
        <translation>So stimmt es</translation>
    </message>
    <message>
        <source>This join is as it should be; on to the next unsure one (Enter)</source>
        <translation>Diese Naht ist richtig; weiter zur nächsten unsicheren (Eingabe)</translation>
    </message>
    <message>
        <source>%1 at pixel %2, not sure</source>
        <translation>%1 bei Pixel %2, unsicher</translation>
    </message>
    <message>
        <source>%1 at pixel %2, by hand</source>
        <translation>%1 bei Pixel %2, von Hand</translation>
    </message>
    <message>
        <source>%1 at pixel %2</source>
        <translation>%1 bei Pixel %2</translation>
    </message>
    <message numerus="yes">
        <source>All %n join(s) are settled</source>
        <translation>
            <numerusform>Die Naht ist entschieden</numerusform>
            <numerusform>Alle %n Nähte sind entschieden</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of %1 joins is/are not sure</source>
        <translation>
            <numerusform>Eine von %1 Nähten ist unsicher</numerusform>
            <numerusform>%n von %1 Nähten sind unsicher</numerusform>
        </translation>
    </message>
    <message>
        <source>This join fits. It can still be moved.</source>
        <translation>Diese Naht passt. Sie lässt sich noch verschieben.</translation>
    </message>
    <message>
        <source>%1 px</source>
        <translation>%1 px</translation>
    </message>
    <message>
        <source>Small map of the capture</source>
        <translation>Kleine Karte der Aufnahme</translation>
    </message>
    <message>
        <source>Click or drag: to that part of the capture</source>
        <translation>Klicken oder ziehen: zu diesem Teil der Aufnahme</translation>
    </message>
    <message>
        <source>Read an area again</source>
        <translation>Bereich noch einmal lesen</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Vorher</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Nachher</translation>
    </message>
    <message>
        <source>Keep the old</source>
        <translation>Altes behalten</translation>
    </message>
    <message>
        <source>Take the new</source>
        <translation>Neues nehmen</translation>
    </message>
    <message>
        <source>Nothing can be read here.</source>
        <translation>Hier ist nichts zu lesen.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>told by the text</source>
        <translation>am Text erkannt</translation>
    </message>
    <message>
        <source>Content</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>one line</source>
        <translation>eine Zeile</translation>
    </message>
    <message>
        <source>Reading…</source>
        <translation>Wird gelesen…</translation>
    </message>
    <message>
        <source>Sheet: the capture as it will be released</source>
        <translation>Blatt: die Aufnahme, wie sie freigegeben wird</translation>
    </message>
    <message>
        <source>No captures yet</source>
        <translation>Noch keine Aufnahmen</translation>
    </message>
    <message>
        <source>Take one from the desk (Ctrl+T), bring in pictures (Ctrl+O),
or drop picture files here.

New here? Menu, Help, First steps.</source>
        <translation>Nehmen Sie etwas vom Bildschirm auf (Strg+T), holen Sie Bilder herein (Strg+O)
oder legen Sie Bilddateien hier ab.

Neu hier? Menü, Hilfe, Erste Schritte.</translation>
    </message>
    <message>
        <source>Bare capture: nothing is covered here</source>
        <translation>Bloße Aufnahme: Hier ist nichts geschwärzt</translation>
    </message>
    <message>
        <source>As it was taken</source>
        <translation>Wie aufgenommen</translation>
    </message>
    <message>
        <source>Drag over what to read again; Escape ends</source>
        <translation>Ziehen Sie über das, was noch einmal zu lesen ist; Esc beendet</translation>
    </message>
    <message>
        <source>Drag over what to cover; Escape ends</source>
        <translation>Ziehen Sie über das, was zu schwärzen ist; Esc beendet</translation>
    </message>
    <message>
        <source>Click a title bar, a field or a panel to cover it; Escape ends</source>
        <translation>Klicken Sie eine Titelleiste, ein Feld oder einen Kasten, um ihn zu schwärzen; Esc beendet</translation>
    </message>
    <message>
        <source>Click the corners of what to cover, Enter closes it; Escape ends</source>
        <translation>Klicken Sie die Ecken des zu Schwärzenden, Eingabe schließt; Esc beendet</translation>
    </message>
    <message>
        <source>Draw around what to cover; Escape ends</source>
        <translation>Zeichnen Sie um das, was zu schwärzen ist; Esc beendet</translation>
    </message>
    <message>
        <source>Brush over what to cover; Escape ends</source>
        <translation>Streichen Sie über das, was zu schwärzen ist; Esc beendet</translation>
    </message>
    <message>
        <source>Drag over what stays to be seen, all else is covered; Escape ends</source>
        <translation>Ziehen Sie über das, was zu sehen bleibt, alles andere wird geschwärzt; Esc beendet</translation>
    </message>
    <message>
        <source>Drag over what of covers by hand to take away; Escape ends</source>
        <translation>Ziehen Sie über das, was von Schwärzungen von Hand wegzunehmen ist; Esc beendet</translation>
    </message>
    <message>
        <source>This capture has not been read: nothing was looked for on it</source>
        <translation>Diese Aufnahme ist nicht gelesen: Auf ihr wurde nichts gesucht</translation>
    </message>
    <message numerus="yes">
        <source>%n word(s) unsure</source>
        <translation>
            <numerusform>ein Wort unsicher</numerusform>
            <numerusform>%n Wörter unsicher</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n place(s) not readable</source>
        <translation>
            <numerusform>eine Stelle nicht lesbar</numerusform>
            <numerusform>%n Stellen nicht lesbar</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; not looked for: %n kind(s)</source>
        <translation>
            <numerusform>%1; nicht gesucht: eine Art</numerusform>
            <numerusform>%1; nicht gesucht: %n Arten</numerusform>
        </translation>
    </message>
    <message>
        <source>%1; not looked for: %2</source>
        <translation>%1; nicht gesucht: %2</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>As it would be released: names stand in place of what is covered (Ctrl+C)</source>
        <translation>Wie es freigegeben würde: Für Geschwärztes stehen Namen (Strg+C)</translation>
    </message>
    <message>
        <source>Watch for it</source>
        <translation>Darauf achten</translation>
    </message>
    <message>
        <source>From now on a finding wherever it stands in this case</source>
        <translation>Von nun an ein Fund, wo immer es in diesem Fall steht</translation>
    </message>
    <message>
        <source>Correct…</source>
        <translation>Berichtigen…</translation>
    </message>
    <message>
        <source>What the word says</source>
        <translation>Was das Wort sagt</translation>
    </message>
    <message numerus="yes">
        <source>%n word(s): %1</source>
        <translation>
            <numerusform>Ein Wort: %1</numerusform>
            <numerusform>%n Wörter: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Words and tables</source>
        <translation>Wörter und Tabellen</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Search the words of this capture</source>
        <translation>Die Wörter dieser Aufnahme durchsuchen</translation>
    </message>
    <message>
        <source>The words in reading order</source>
        <translation>Die Wörter in Lesefolge</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>Which table</source>
        <translation>Welche Tabelle</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>Tables</source>
        <translation>Tabellen</translation>
    </message>
    <message>
        <source>Names like [e-mail 1] stand in place of all that is covered or still open</source>
        <translation>Für alles, was geschwärzt oder noch offen ist, stehen Namen wie [E-Mail 1]</translation>
    </message>
    <message>
        <source>Copy table</source>
        <translation>Tabelle kopieren</translation>
    </message>
    <message>
        <source>Copy all</source>
        <translation>Alles kopieren</translation>
    </message>
    <message>
        <source>No capture is open</source>
        <translation>Keine Aufnahme ist offen</translation>
    </message>
    <message>
        <source>Take or bring in a picture first.</source>
        <translation>Nehmen Sie zuerst ein Bild auf oder holen Sie eines herein.</translation>
    </message>
    <message>
        <source>This capture is still to be read.</source>
        <translation>Diese Aufnahme ist noch zu lesen.</translation>
    </message>
    <message>
        <source>There are no words on this capture.</source>
        <translation>Auf dieser Aufnahme sind keine Wörter.</translation>
    </message>
    <message>
        <source>Table %1: %2 rows, %3 columns</source>
        <translation>Tabelle %1: %2 Zeilen, %3 Spalten</translation>
    </message>
    <message>
        <source>No table was found on this capture</source>
        <translation>Auf dieser Aufnahme wurde keine Tabelle gefunden</translation>
    </message>
    <message>
        <source>Tables (%1)</source>
        <translation>Tabellen (%1)</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>nicht gefunden</translation>
    </message>
    <message>
        <source>%1 found</source>
        <translation>%1 gefunden</translation>
    </message>
    <message>
        <source>Capture %1</source>
        <translation>Aufnahme %1</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Text (*.txt)</translation>
    </message>
    <message>
        <source>Save the words</source>
        <translation>Wörter speichern</translation>
    </message>
    <message>
        <source>Text (*.txt);;Words with places, CSV (*.csv);;hOCR (*.html)</source>
        <translation>Text (*.txt);;Wörter mit Stellen, CSV (*.csv);;hOCR (*.html)</translation>
    </message>
    <message>
        <source>Map of the desk</source>
        <translation>Karte des Bildschirms</translation>
    </message>
    <message>
        <source>%1 · %2 × %3 at %4×</source>
        <translation>%1 · %2 × %3 mit %4×</translation>
    </message>
    <message>
        <source>There are no pictures in %1.</source>
        <translation>In %1 sind keine Bilder.</translation>
    </message>
    <message>
        <source>From the clipboard</source>
        <translation>Aus der Zwischenablage</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard; copy one, or a picture file, first.</source>
        <translation>In der Zwischenablage ist kein Bild; kopieren Sie zuerst eines oder eine Bilddatei.</translation>
    </message>
    <message>
        <source>Dropped picture</source>
        <translation>Abgelegtes Bild</translation>
    </message>
    <message>
        <source>Bring in pictures</source>
        <translation>Bilder hereinholen</translation>
    </message>
    <message>
        <source>Pictures and PDFs (%1 *.pdf);;All files (*)</source>
        <translation>Bilder und PDFs (%1 *.pdf);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Bring in pages</source>
        <translation>Seiten hereinholen</translation>
    </message>
    <message>
        <source>%1 is locked. Its password:</source>
        <translation>%1 ist gesperrt. Das Passwort:</translation>
    </message>
    <message>
        <source>That was not the password of %1. Its password:</source>
        <translation>Das war nicht das Passwort von %1. Das Passwort:</translation>
    </message>
    <message>
        <source>Drawing the pages</source>
        <translation>Die Seiten werden gezeichnet</translation>
    </message>
    <message>
        <source>%1, page %2</source>
        <translation>%1, Seite %2</translation>
    </message>
    <message>
        <source>Pictures of one page that overlap</source>
        <translation>Bilder einer Seite, die sich überlappen</translation>
    </message>
    <message>
        <source>Pictures (%1);;All files (*)</source>
        <translation>Bilder (%1);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Joined from %1 pictures</source>
        <translation>Zusammengefügt aus %1 Bildern</translation>
    </message>
    <message>
        <source>No keys</source>
        <translation>Keine Tasten</translation>
    </message>
    <message>
        <source>Press the keys; Backspace for none</source>
        <translation>Drücken Sie die Tasten; Rücktaste für keine</translation>
    </message>
    <message>
        <source>%1 has a meaning of its own in lists and on the sheet; add Ctrl or Alt to it.</source>
        <translation>%1 hat in Listen und auf dem Blatt eine eigene Bedeutung; nehmen Sie Strg oder Alt dazu.</translation>
    </message>
    <message>
        <source>%1 is needed by other programs; add Ctrl, Alt or the Super key to it.</source>
        <translation>%1 brauchen andere Programme; nehmen Sie Strg, Alt oder die Super-Taste dazu.</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>all %1</source>
        <translation>alle %1</translation>
    </message>
    <message>
        <source>Pages, like 1-3, 7</source>
        <translation>Seiten, wie 1-3, 7</translation>
    </message>
    <message>
        <source>Like 1-3, 7; empty for all</source>
        <translation>Wie 1-3, 7; leer für alle</translation>
    </message>
    <message>
        <source>Resolution in pixels an inch</source>
        <translation>Auflösung in Pixeln je Zoll</translation>
    </message>
    <message>
        <source>%1 pixels an inch</source>
        <translation>%1 Pixel je Zoll</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>Hereinholen</translation>
    </message>
    <message>
        <source>%1, %2 × %3 pixels</source>
        <translation>%1, %2 × %3 Pixel</translation>
    </message>
    <message>
        <source>Monitor %1</source>
        <translation>Monitor %1</translation>
    </message>
    <message>
        <source>Part of %1</source>
        <translation>Teil von %1</translation>
    </message>
    <message>
        <source>Whole desk</source>
        <translation>Ganzer Bildschirm</translation>
    </message>
    <message>
        <source>Choose what to take</source>
        <translation>Wählen Sie, was aufzunehmen ist</translation>
    </message>
    <message>
        <source>%1   with frame</source>
        <translation>%1   mit Rahmen</translation>
    </message>
    <message>
        <source>%1   without frame</source>
        <translation>%1   ohne Rahmen</translation>
    </message>
    <message>
        <source>%1 %2,%3</source>
        <translation>%1 %2,%3</translation>
    </message>
    <message>
        <source>Drag over what to take, or click a window    Alt: no snapping    Tab: next window    L: draw around    W: point    Esc: leave</source>
        <translation>Ziehen Sie über das Aufzunehmende oder klicken Sie ein Fenster    Alt: ohne Einrasten    Tab: nächstes Fenster    L: umranden    W: zeigen    Esc: verlassen</translation>
    </message>
    <message>
        <source>Enter: take    Arrows: move, Shift by 10, Ctrl: size    Type 640x480    Alt: no snapping    Esc: leave</source>
        <translation>Eingabe: aufnehmen    Pfeile: bewegen, Umschalt um 10, Strg: Größe    640x480 tippen    Alt: ohne Einrasten    Esc: verlassen</translation>
    </message>
    <message>
        <source>Draw a line around what to take    Enter: take    R: region    W: point    Esc: leave</source>
        <translation>Ziehen Sie eine Linie um das Aufzunehmende    Eingabe: aufnehmen    R: Bereich    W: zeigen    Esc: verlassen</translation>
    </message>
    <message>
        <source>Click takes what is outlined    F: frame %1    P: parts of windows %2    Tab: next    R: region    Esc: leave</source>
        <translation>Klick nimmt das Umrandete    F: Rahmen %1    P: Teile von Fenstern %2    Tab: nächstes    R: Bereich    Esc: verlassen</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>Shortcuts for taking</source>
        <translation>Tastenkürzel zum Aufnehmen</translation>
    </message>
    <message>
        <source>These keys work while Eyelid is in the background and another program has the keyboard.</source>
        <translation>Diese Tasten wirken, während Eyelid im Hintergrund ist und ein anderes Programm die Tastatur hat.</translation>
    </message>
    <message>
        <source>This desktop lets no program have keys of its own while another is in front; set them in the desktop&apos;s settings.</source>
        <translation>Diese Arbeitsumgebung lässt keinem Programm eigene Tasten, während ein anderes vorne ist; legen Sie sie in deren Einstellungen fest.</translation>
    </message>
    <message>
        <source>No keys for this</source>
        <translation>Keine Tasten dafür</translation>
    </message>
    <message>
        <source>No keys for: %1</source>
        <translation>Keine Tasten für: %1</translation>
    </message>
    <message>
        <source>Use these keys</source>
        <translation>Diese Tasten verwenden</translation>
    </message>
    <message>
        <source>Open the desk map</source>
        <translation>Karte des Bildschirms öffnen</translation>
    </message>
    <message>
        <source>Take the whole desk</source>
        <translation>Ganzen Bildschirm aufnehmen</translation>
    </message>
    <message>
        <source>Take the monitor the pointer is on</source>
        <translation>Monitor unter dem Zeiger aufnehmen</translation>
    </message>
    <message>
        <source>Take the active window</source>
        <translation>Aktives Fenster aufnehmen</translation>
    </message>
    <message>
        <source>Point at a window to take</source>
        <translation>Auf ein Fenster zeigen</translation>
    </message>
    <message>
        <source>Take a region</source>
        <translation>Einen Bereich aufnehmen</translation>
    </message>
    <message>
        <source>Draw around a place to take</source>
        <translation>Eine Stelle umranden</translation>
    </message>
    <message>
        <source>Take the last region again</source>
        <translation>Letzten Bereich noch einmal aufnehmen</translation>
    </message>
    <message>
        <source>Point at a window to scroll and take</source>
        <translation>Auf ein Fenster zeigen, rollen und aufnehmen</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>What should be taken?</source>
        <translation>Was soll aufgenommen werden?</translation>
    </message>
    <message>
        <source>%1 Click a window or a monitor, or drag a region; what will be taken is outlined.</source>
        <translation>%1 Klicken Sie ein Fenster oder einen Monitor oder ziehen Sie einen Bereich; was aufgenommen wird, ist umrandet.</translation>
    </message>
    <message>
        <source>Click takes, dragging takes a region; with Shift, a part of a window</source>
        <translation>Klick nimmt auf, Ziehen nimmt einen Bereich; mit Umschalt einen Teil eines Fensters</translation>
    </message>
    <message>
        <source>On the screen itself:</source>
        <translation>Auf dem Bildschirm selbst:</translation>
    </message>
    <message>
        <source>Draw a rectangle on the desk as it stands now</source>
        <translation>Ein Rechteck auf den Bildschirm zeichnen, wie er jetzt ist</translation>
    </message>
    <message>
        <source>Draw &amp;around</source>
        <translation>&amp;Umranden</translation>
    </message>
    <message>
        <source>Draw a line around a place; nothing outside it is kept</source>
        <translation>Eine Linie um eine Stelle; nichts außerhalb wird behalten</translation>
    </message>
    <message>
        <source>&amp;Point at it</source>
        <translation>Darauf &amp;zeigen</translation>
    </message>
    <message>
        <source>Point at a window or a part of one</source>
        <translation>Auf ein Fenster oder einen Teil davon zeigen</translation>
    </message>
    <message>
        <source>&amp;Last region</source>
        <translation>&amp;Letzter Bereich</translation>
    </message>
    <message>
        <source>&amp;Last region, %1 × %2</source>
        <translation>&amp;Letzter Bereich, %1 × %2</translation>
    </message>
    <message>
        <source>The same place of the desk once more</source>
        <translation>Dieselbe Stelle des Bildschirms noch einmal</translation>
    </message>
    <message>
        <source>What can be taken</source>
        <translation>Was aufgenommen werden kann</translation>
    </message>
    <message>
        <source>with the pointer</source>
        <translation>mit Zeiger</translation>
    </message>
    <message>
        <source>with window frames</source>
        <translation>mit Fensterrahmen</translation>
    </message>
    <message>
        <source>scroll to the end</source>
        <translation>bis zum Ende rollen</translation>
    </message>
    <message>
        <source>Eyelid scrolls the window and joins what it sees into one picture</source>
        <translation>Eyelid rollt das Fenster und fügt, was es sieht, zu einem Bild zusammen</translation>
    </message>
    <message>
        <source>come back afterwards</source>
        <translation>danach zurückkommen</translation>
    </message>
    <message>
        <source>Eyelid comes to the front again; else a small notice says what was taken</source>
        <translation>Eyelid kommt wieder nach vorn; sonst sagt ein kleiner Hinweis, was aufgenommen wurde</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>sofort</translation>
    </message>
    <message>
        <source>Delay in seconds</source>
        <translation>Verzögerung in Sekunden</translation>
    </message>
    <message>
        <source>Time to open a menu or to bring something into view; Eyelid is out of the way meanwhile</source>
        <translation>Zeit, ein Menü zu öffnen oder etwas ins Bild zu holen; Eyelid ist so lange aus dem Weg</translation>
    </message>
    <message>
        <source>Once or in a series</source>
        <translation>Einmal oder in Folge</translation>
    </message>
    <message>
        <source>again every</source>
        <translation>wieder alle</translation>
    </message>
    <message>
        <source>again when it changes by</source>
        <translation>wieder bei Änderung um</translation>
    </message>
    <message>
        <source>A series goes on until you stop it; pictures the same as the last are left out</source>
        <translation>Eine Folge läuft, bis Sie sie anhalten; Bilder, die dem letzten gleichen, bleiben weg</translation>
    </message>
    <message>
        <source>Seconds between two pictures</source>
        <translation>Sekunden zwischen zwei Bildern</translation>
    </message>
    <message>
        <source>Percent of the picture that must change</source>
        <translation>Prozent des Bildes, die sich ändern müssen</translation>
    </message>
    <message>
        <source>Whole desk, %1 × %2</source>
        <translation>Ganzer Bildschirm, %1 × %2</translation>
    </message>
    <message>
        <source>Monitor %1, %2 × %3</source>
        <translation>Monitor %1, %2 × %3</translation>
    </message>
    <message>
        <source>Part, %1 × %2</source>
        <translation>Teil, %1 × %2</translation>
    </message>
    <message>
        <source>Region, %1 × %2</source>
        <translation>Bereich, %1 × %2</translation>
    </message>
    <message>
        <source>Take this window</source>
        <translation>Dieses Fenster aufnehmen</translation>
    </message>
    <message>
        <source>Take this monitor</source>
        <translation>Diesen Monitor aufnehmen</translation>
    </message>
    <message>
        <source>Take this part</source>
        <translation>Diesen Teil aufnehmen</translation>
    </message>
    <message>
        <source>Take this region</source>
        <translation>Diesen Bereich aufnehmen</translation>
    </message>
    <message>
        <source>Scroll and take</source>
        <translation>Rollen und aufnehmen</translation>
    </message>
    <message>
        <source>Taken</source>
        <translation>Aufgenommen</translation>
    </message>
    <message>
        <source>Taken: %1 × %2. It is in the case.</source>
        <translation>Aufgenommen: %1 × %2. Es ist im Fall.</translation>
    </message>
    <message>
        <source>Eyelid is taking</source>
        <translation>Eyelid nimmt auf</translation>
    </message>
    <message>
        <source>Stop; what was taken stays (Esc)</source>
        <translation>Anhalten; was aufgenommen ist, bleibt (Esc)</translation>
    </message>
    <message>
        <source>Drawn around, %1 × %2</source>
        <translation>Umrandet, %1 × %2</translation>
    </message>
    <message>
        <source>Active window</source>
        <translation>Aktives Fenster</translation>
    </message>
    <message>
        <source>Taking in %1 s</source>
        <translation>Aufnahme in %1 s</translation>
    </message>
    <message>
        <source>The pointer is on no monitor; take one from the desk map.</source>
        <translation>Der Zeiger ist auf keinem Monitor; nehmen Sie einen von der Karte auf.</translation>
    </message>
    <message>
        <source>Series: %1 taken, again when it changes</source>
        <translation>Folge: %1 aufgenommen, wieder bei Änderung</translation>
    </message>
    <message>
        <source>Series: %1 taken, %2 the same left out, every %3 s</source>
        <translation>Folge: %1 aufgenommen, %2 gleiche weggelassen, alle %3 s</translation>
    </message>
    <message>
        <source>Series: %1 taken, every %2 s</source>
        <translation>Folge: %1 aufgenommen, alle %2 s</translation>
    </message>
    <message>
        <source>The series has ended: %1</source>
        <translation>Die Folge ist zu Ende: %1</translation>
    </message>
    <message>
        <source>Only a window or a part of one can be scrolled; choose one.</source>
        <translation>Nur ein Fenster oder ein Teil davon lässt sich rollen; wählen Sie eines.</translation>
    </message>
    <message numerus="yes">
        <source>Scrolling: %n picture(s)</source>
        <translation>
            <numerusform>Rollen: ein Bild</numerusform>
            <numerusform>Rollen: %n Bilder</numerusform>
        </translation>
    </message>
    <message>
        <source>Stopping</source>
        <translation>Wird angehalten</translation>
    </message>
    <message>
        <source>Find a command</source>
        <translation>Befehl finden</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>Was möchten Sie tun?</translation>
    </message>
    <message>
        <source>Words of a command</source>
        <translation>Wörter eines Befehls</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Befehle</translation>
    </message>
    <message>
        <source>Case</source>
        <translation>Fall</translation>
    </message>
    <message>
        <source>Read</source>
        <translation>Lesen</translation>
    </message>
    <message>
        <source>Decide</source>
        <translation>Entscheiden</translation>
    </message>
    <message>
        <source>Explain</source>
        <translation>Erklären</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>%1  ·  %2</source>
        <translation>%1  ·  %2</translation>
    </message>
    <message>
        <source>%1  ·  %2  ·  %3</source>
        <translation>%1  ·  %2  ·  %3</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Finden</translation>
    </message>
    <message>
        <source>Press J: it goes to the next thing that tells who somebody is.</source>
        <translation>Drücken Sie J: Es geht zum nächsten, das sagt, wer jemand ist.</translation>
    </message>
    <message>
        <source>Press C to cover it, or E to keep it; the next one comes by itself.</source>
        <translation>Drücken Sie C, um es zu schwärzen, oder E, um es zu belassen; das nächste kommt von selbst.</translation>
    </message>
    <message>
        <source>Cover the rest</source>
        <translation>Den Rest schwärzen</translation>
    </message>
    <message>
        <source>Press Ctrl+Shift+C, then Enter: all that is still open is covered. Sweep words to cover what was missed.</source>
        <translation>Drücken Sie Strg+Umschalt+C, dann Eingabe: Alles noch Offene wird geschwärzt. Streichen Sie über Wörter, um Übersehenes zu schwärzen.</translation>
    </message>
    <message>
        <source>Press Ctrl+Enter: the pictures are made as they will leave, read again and searched.</source>
        <translation>Drücken Sie Strg+Eingabe: Die Bilder werden so hergestellt, wie sie hinausgehen, noch einmal gelesen und durchsucht.</translation>
    </message>
    <message>
        <source>Press Ctrl+Shift+Enter and choose a folder: the checked pictures and their log are written there.</source>
        <translation>Drücken Sie Strg+Umschalt+Eingabe und wählen Sie einen Ordner: Die geprüften Bilder und ihr Protokoll werden dorthin geschrieben.</translation>
    </message>
    <message>
        <source>Begin with my own</source>
        <translation>Mit eigenen beginnen</translation>
    </message>
    <message>
        <source>Ends the first steps; these captures are made up, and go</source>
        <translation>Beendet die ersten Schritte; diese Aufnahmen sind erfunden und verschwinden</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1: erledigt</translation>
    </message>
    <message>
        <source>That was all of it: what left is covered, checked and logged.</source>
        <translation>Das war alles: Was hinausging, ist geschwärzt, geprüft und protokolliert.</translation>
    </message>
    <message>
        <source>Three windows of an invented water company were taken, and are being read…</source>
        <translation>Drei Fenster eines erfundenen Wasserwerks wurden aufgenommen und werden gelesen…</translation>
    </message>
    <message>
        <source>Handbook</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Search the handbook</source>
        <translation>Im Handbuch suchen</translation>
    </message>
    <message>
        <source>Pages of the handbook</source>
        <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
        <source>Page of the handbook</source>
        <translation>Seite des Handbuchs</translation>
    </message>
    <message>
        <source>No page says “%1”.</source>
        <translation>Auf keiner Seite steht „%1“.</translation>
    </message>
    <message>
        <source>Keys of the commands</source>
        <translation>Tasten der Befehle</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Befehle und ihre Tasten</translation>
    </message>
    <message>
        <source>Keys of the chosen command</source>
        <translation>Tasten des gewählten Befehls</translation>
    </message>
    <message>
        <source>Take them from it</source>
        <translation>Ihm wegnehmen</translation>
    </message>
    <message>
        <source>%1 is “%2”. Choose others, or take them from it.</source>
        <translation>%1 ist „%2“. Wählen Sie andere oder nehmen Sie sie ihm weg.</translation>
    </message>
    <message>
        <source>“%1” stands on none of the captures that have been read</source>
        <translation>„%1“ steht auf keiner der gelesenen Aufnahmen</translation>
    </message>
    <message>
        <source>This capture is still being read; an area can be read again after that.</source>
        <translation>Diese Aufnahme wird noch gelesen; danach lässt sich ein Bereich noch einmal lesen.</translation>
    </message>
    <message>
        <source>Demo desk</source>
        <translation>Übungsschreibtisch</translation>
    </message>
    <message>
        <source>Cases (*.eyelid)</source>
        <translation>Fälle (*.eyelid)</translation>
    </message>
    <message>
        <source>This case can only be looked at here</source>
        <translation>Dieser Fall kann hier nur angesehen werden</translation>
    </message>
    <message>
        <source>in memory</source>
        <translation>im Speicher</translation>
    </message>
    <message>
        <source>Nothing of this case is on disk; it ends with the window.</source>
        <translation>Von diesem Fall ist nichts auf dem Datenträger; er endet mit dem Fenster.</translation>
    </message>
    <message>
        <source>opening…</source>
        <translation>wird geöffnet…</translation>
    </message>
    <message>
        <source>Kept encrypted in %1.</source>
        <translation>Verschlüsselt aufbewahrt in %1.</translation>
    </message>
    <message>
        <source>not kept</source>
        <translation>nicht aufbewahrt</translation>
    </message>
    <message>
        <source>to look at</source>
        <translation>zum Ansehen</translation>
    </message>
    <message>
        <source>Pictures are still coming into this case; wait for them, or stop taking, first.</source>
        <translation>In diesen Fall kommen noch Bilder; warten Sie darauf oder halten Sie das Aufnehmen an.</translation>
    </message>
    <message>
        <source>%1 is damaged or was altered.</source>
        <translation>%1 ist beschädigt oder wurde verändert.</translation>
    </message>
    <message>
        <source>The captures that are as they were written can be had as a new case; the file stays as it is.</source>
        <translation>Die Aufnahmen, die so sind, wie sie geschrieben wurden, gibt es als neuen Fall; die Datei bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Open what is intact</source>
        <translation>Unversehrtes öffnen</translation>
    </message>
    <message>
        <source>A case that was taken out</source>
        <translation>Ein Fall, der herausgenommen wurde</translation>
    </message>
    <message>
        <source>The case was brought in</source>
        <translation>Der Fall wurde hereingeholt</translation>
    </message>
    <message>
        <source>Take the case out to an empty folder</source>
        <translation>Den Fall in einen leeren Ordner herausnehmen</translation>
    </message>
    <message>
        <source>Take the case out unprotected?</source>
        <translation>Den Fall ungeschützt herausnehmen?</translation>
    </message>
    <message>
        <source>Everybody who can read %1 will see the captures as they were taken.</source>
        <translation>Jeder, der %1 lesen kann, sieht die Aufnahmen, wie sie aufgenommen wurden.</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Taken out, unprotected, to %1</source>
        <translation>Ungeschützt herausgenommen nach %1</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>There is no other case it could be copied into.</source>
        <translation>Es gibt keinen anderen Fall, in den kopiert werden könnte.</translation>
    </message>
    <message>
        <source>Copy into another case</source>
        <translation>In einen anderen Fall kopieren</translation>
    </message>
    <message>
        <source>Into which?</source>
        <translation>In welchen?</translation>
    </message>
    <message>
        <source>Copied into the other case</source>
        <translation>In den anderen Fall kopiert</translation>
    </message>
    <message>
        <source>The passphrase opens this case from now on</source>
        <translation>Die Passphrase öffnet diesen Fall von nun an</translation>
    </message>
    <message>
        <source>A colleague&apos;s key</source>
        <translation>Der Schlüssel eines Kollegen</translation>
    </message>
    <message>
        <source>Officers&apos; keys (*.officer);;All files (*)</source>
        <translation>Schlüssel von Bearbeitern (*.officer);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>%1 can open a copy of this case&apos;s file: %2</source>
        <translation>%1 kann eine Kopie der Falldatei öffnen: %2</translation>
    </message>
    <message>
        <source>Save your public key for colleagues</source>
        <translation>Öffentlichen Schlüssel für Kollegen speichern</translation>
    </message>
    <message>
        <source>Officers&apos; keys (*.officer)</source>
        <translation>Schlüssel von Bearbeitern (*.officer)</translation>
    </message>
    <message>
        <source>Your public key is in %1; cases can be sealed for you with it</source>
        <translation>Ihr öffentlicher Schlüssel ist in %1; Fälle können damit für Sie verschlossen werden</translation>
    </message>
    <message>
        <source>Your name</source>
        <translation>Ihr Name</translation>
    </message>
    <message>
        <source>It stands with your decisions, in the case alone; no release says it.</source>
        <translation>Er steht bei Ihren Entscheidungen, nur im Fall; keine Freigabe nennt ihn.</translation>
    </message>
    <message>
        <source>Destroy what undo could bring back?</source>
        <translation>Vernichten, was Rückgängig zurückbringen könnte?</translation>
    </message>
    <message>
        <source>Captures that were removed, and pictures that were joined anew, are destroyed in the case&apos;s file. Nothing that was done so far can be undone after that.</source>
        <translation>Entfernte Aufnahmen und neu zusammengefügte Bilder werden in der Falldatei vernichtet. Nichts von dem, was bisher getan wurde, lässt sich danach rückgängig machen.</translation>
    </message>
    <message>
        <source>Rename the capture</source>
        <translation>Aufnahme umbenennen</translation>
    </message>
    <message>
        <source>Its name, for officers alone:</source>
        <translation>Ihr Name, nur für Bearbeiter:</translation>
    </message>
    <message>
        <source>Leave this case?</source>
        <translation>Diesen Fall verlassen?</translation>
    </message>
    <message>
        <source>It has not been released as it stands, and is not kept on disk: captures and decisions will be gone.</source>
        <translation>Er ist in diesem Stand nicht freigegeben und nicht auf dem Datenträger aufbewahrt: Aufnahmen und Entscheidungen wären weg.</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Bleiben</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Verlassen</translation>
    </message>
    <message>
        <source>Cases…</source>
        <translation>Fälle…</translation>
    </message>
    <message>
        <source>open recent</source>
        <translation>öffnen zuletzt verwendet</translation>
    </message>
    <message>
        <source>Passphrase of this case…</source>
        <translation>Passphrase dieses Falls…</translation>
    </message>
    <message>
        <source>Seal it for a colleague…</source>
        <translation>Für einen Kollegen verschließen…</translation>
    </message>
    <message>
        <source>Save your key for colleagues…</source>
        <translation>Schlüssel für Kollegen speichern…</translation>
    </message>
    <message>
        <source>Your name…</source>
        <translation>Ihr Name…</translation>
    </message>
    <message>
        <source>Destroy what undo could bring back…</source>
        <translation>Vernichten, was Rückgängig zurückbringt…</translation>
    </message>
    <message>
        <source>Take it out unprotected…</source>
        <translation>Ungeschützt herausnehmen…</translation>
    </message>
    <message>
        <source>Throw this case away</source>
        <translation>Diesen Fall wegwerfen</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Remove this cover, mark or capture</source>
        <translation>Diese Schwärzung, Markierung oder Aufnahme entfernen</translation>
    </message>
    <message>
        <source>Policies…</source>
        <translation>Richtlinien…</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>Einstellungen…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Take…</source>
        <translation>Aufnehmen…</translation>
    </message>
    <message>
        <source>Stop taking</source>
        <translation>Aufnehmen anhalten</translation>
    </message>
    <message>
        <source>Bring in…</source>
        <translation>Hereinholen…</translation>
    </message>
    <message>
        <source>Bring in from the clipboard</source>
        <translation>Aus der Zwischenablage hereinholen</translation>
    </message>
    <message>
        <source>Join pictures…</source>
        <translation>Bilder zusammenfügen…</translation>
    </message>
    <message>
        <source>Joins of this capture…</source>
        <translation>Nähte dieser Aufnahme…</translation>
    </message>
    <message>
        <source>Shortcuts for taking…</source>
        <translation>Tastenkürzel zum Aufnehmen…</translation>
    </message>
    <message>
        <source>Read what is not read</source>
        <translation>Ungelesenes lesen</translation>
    </message>
    <message>
        <source>Read again</source>
        <translation>Noch einmal lesen</translation>
    </message>
    <message>
        <source>Words and tables…</source>
        <translation>Wörter und Tabellen…</translation>
    </message>
    <message>
        <source>Search the words</source>
        <translation>Wörter durchsuchen</translation>
    </message>
    <message>
        <source>Show unsure words</source>
        <translation>Unsichere Wörter zeigen</translation>
    </message>
    <message>
        <source>Copy the chosen words</source>
        <translation>Gewählte Wörter kopieren</translation>
    </message>
    <message>
        <source>Watch for the chosen words</source>
        <translation>Auf gewählte Wörter achten</translation>
    </message>
    <message>
        <source>Correct the chosen word…</source>
        <translation>Gewähltes Wort berichtigen…</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Nächster Fund</translation>
    </message>
    <message>
        <source>Previous finding</source>
        <translation>Voriger Fund</translation>
    </message>
    <message>
        <source>Back to what was decided last</source>
        <translation>Zurück zum zuletzt Entschiedenen</translation>
    </message>
    <message>
        <source>Go on by itself after a decision</source>
        <translation>Nach einer Entscheidung weitergehen</translation>
    </message>
    <message>
        <source>Cover all of this value</source>
        <translation>Alle mit diesem Wert schwärzen</translation>
    </message>
    <message>
        <source>Cover all of this kind</source>
        <translation>Alle dieser Art schwärzen</translation>
    </message>
    <message>
        <source>Keep all of this value</source>
        <translation>Alle mit diesem Wert belassen</translation>
    </message>
    <message>
        <source>Keep all of this kind</source>
        <translation>Alle dieser Art belassen</translation>
    </message>
    <message>
        <source>Open again</source>
        <translation>Wieder öffnen</translation>
    </message>
    <message>
        <source>Open again all of this value</source>
        <translation>Alle mit diesem Wert wieder öffnen</translation>
    </message>
    <message>
        <source>Open again all of this kind</source>
        <translation>Alle dieser Art wieder öffnen</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
    <message>
        <source>Agree to all as it stands</source>
        <translation>Allem zustimmen, wie es ist</translation>
    </message>
    <message>
        <source>Cover an area</source>
        <translation>Einen Bereich schwärzen</translation>
    </message>
    <message>
        <source>Cover what is open…</source>
        <translation>Offenes schwärzen…</translation>
    </message>
    <message>
        <source>hide redact all</source>
        <translation>verdecken alle</translation>
    </message>
    <message>
        <source>Keep all like this…</source>
        <translation>Alle wie diesen belassen…</translation>
    </message>
    <message>
        <source>Change this finding…</source>
        <translation>Diesen Fund ändern…</translation>
    </message>
    <message>
        <source>A letter more at its end</source>
        <translation>Ein Buchstabe mehr am Ende</translation>
    </message>
    <message>
        <source>A letter less at its end</source>
        <translation>Ein Buchstabe weniger am Ende</translation>
    </message>
    <message>
        <source>A letter more at its start</source>
        <translation>Ein Buchstabe mehr am Anfang</translation>
    </message>
    <message>
        <source>A letter less at its start</source>
        <translation>Ein Buchstabe weniger am Anfang</translation>
    </message>
    <message>
        <source>Ask a colleague…</source>
        <translation>Einen Kollegen fragen…</translation>
    </message>
    <message>
        <source>These are one person or thing</source>
        <translation>Das ist eine Person oder Sache</translation>
    </message>
    <message>
        <source>This is another person or thing</source>
        <translation>Das ist eine andere Person oder Sache</translation>
    </message>
    <message>
        <source>Cover this place on all captures</source>
        <translation>Diese Stelle auf allen Aufnahmen schwärzen</translation>
    </message>
    <message>
        <source>Next capture</source>
        <translation>Nächste Aufnahme</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Einpassen</translation>
    </message>
    <message>
        <source>Actual size</source>
        <translation>Wahre Größe</translation>
    </message>
    <message>
        <source>Fit the width</source>
        <translation>Breite einpassen</translation>
    </message>
    <message>
        <source>Zoom to what is selected</source>
        <translation>Zum Gewählten zoomen</translation>
    </message>
    <message>
        <source>Before and after, side by side</source>
        <translation>Vorher und nachher nebeneinander</translation>
    </message>
    <message>
        <source>Another capture beside it</source>
        <translation>Andere Aufnahme daneben</translation>
    </message>
    <message>
        <source>compare two</source>
        <translation>zwei vergleichen</translation>
    </message>
    <message>
        <source>Move the capture up</source>
        <translation>Aufnahme nach oben</translation>
    </message>
    <message>
        <source>Move the capture down</source>
        <translation>Aufnahme nach unten</translation>
    </message>
    <message>
        <source>Rename the capture…</source>
        <translation>Aufnahme umbenennen…</translation>
    </message>
    <message>
        <source>Next panel</source>
        <translation>Nächstes Feld</translation>
    </message>
    <message>
        <source>Captures at the left</source>
        <translation>Aufnahmen links</translation>
    </message>
    <message>
        <source>Findings at the right</source>
        <translation>Funde rechts</translation>
    </message>
    <message>
        <source>Small map when zoomed in</source>
        <translation>Kleine Karte im Zoom</translation>
    </message>
    <message>
        <source>Dark theme</source>
        <translation>Dunkles Aussehen</translation>
    </message>
    <message>
        <source>Handbook…</source>
        <translation>Handbuch…</translation>
    </message>
    <message>
        <source>First steps…</source>
        <translation>Erste Schritte…</translation>
    </message>
    <message>
        <source>tutorial introduction demo</source>
        <translation>Einführung Anleitung Übung</translation>
    </message>
    <message>
        <source>Keys of the commands…</source>
        <translation>Tasten der Befehle…</translation>
    </message>
    <message>
        <source>shortcuts keyboard</source>
        <translation>Tastenkürzel Tastatur</translation>
    </message>
    <message>
        <source>Find a command…</source>
        <translation>Befehl finden…</translation>
    </message>
    <message>
        <source>Undo %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>Redo %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>arrow pointer</source>
        <translation>Pfeil Zeiger</translation>
    </message>
    <message>
        <source>rule dashed dotted</source>
        <translation>Linie gestrichelt gepunktet</translation>
    </message>
    <message>
        <source>rectangle ellipse circle box arc</source>
        <translation>Rechteck Ellipse Kreis Kasten Bogen</translation>
    </message>
    <message>
        <source>freehand pen scribble</source>
        <translation>Freihand Stift Kritzeln</translation>
    </message>
    <message>
        <source>highlight band</source>
        <translation>Textmarker Band</translation>
    </message>
    <message>
        <source>text label callout comment</source>
        <translation>Text Beschriftung Sprechblase Kommentar</translation>
    </message>
    <message>
        <source>number counter</source>
        <translation>Nummer Zähler</translation>
    </message>
    <message>
        <source>magnify zoom inset</source>
        <translation>Lupe Zoom Ausschnitt</translation>
    </message>
    <message>
        <source>distance angle area colour</source>
        <translation>Abstand Winkel Fläche Farbe</translation>
    </message>
    <message>
        <source>signature stamp</source>
        <translation>Unterschrift Stempel</translation>
    </message>
    <message>
        <source>QR barcode</source>
        <translation>QR Strichcode</translation>
    </message>
    <message>
        <source>Tools that explain</source>
        <translation>Werkzeuge zum Erklären</translation>
    </message>
    <message>
        <source>marks annotate</source>
        <translation>Markierungen anmerken</translation>
    </message>
    <message>
        <source>Crop and turn</source>
        <translation>Zuschneiden und drehen</translation>
    </message>
    <message>
        <source>cut trim straighten</source>
        <translation>schneiden kürzen gerade</translation>
    </message>
    <message>
        <source>Framing…</source>
        <translation>Zuschnitt…</translation>
    </message>
    <message>
        <source>resize border shadow canvas corner edge</source>
        <translation>Größe Rahmen Schatten Leinwand Ecke Rand</translation>
    </message>
    <message>
        <source>Cut into parts…</source>
        <translation>In Teile schneiden…</translation>
    </message>
    <message>
        <source>split tiles</source>
        <translation>teilen Kacheln</translation>
    </message>
    <message>
        <source>Put captures together…</source>
        <translation>Aufnahmen zusammenstellen…</translation>
    </message>
    <message>
        <source>combine side by side grid montage</source>
        <translation>nebeneinander Raster Montage</translation>
    </message>
    <message>
        <source>Next mark</source>
        <translation>Nächste Markierung</translation>
    </message>
    <message>
        <source>Previous mark</source>
        <translation>Vorige Markierung</translation>
    </message>
    <message>
        <source>Copy the steps as text</source>
        <translation>Schritte als Text kopieren</translation>
    </message>
    <message>
        <source>Write on the mark…</source>
        <translation>Auf die Markierung schreiben…</translation>
    </message>
    <message>
        <source>Copy the marks beside themselves</source>
        <translation>Markierungen daneben kopieren</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>Nach vorn</translation>
    </message>
    <message>
        <source>To the back</source>
        <translation>Nach hinten</translation>
    </message>
    <message>
        <source>Lock, or unlock</source>
        <translation>Sperren oder entsperren</translation>
    </message>
    <message>
        <source>Turn the mark to the left</source>
        <translation>Markierung nach links drehen</translation>
    </message>
    <message>
        <source>Turn the mark to the right</source>
        <translation>Markierung nach rechts drehen</translation>
    </message>
    <message>
        <source>Count the step earlier</source>
        <translation>Schritt früher zählen</translation>
    </message>
    <message>
        <source>Count the step later</source>
        <translation>Schritt später zählen</translation>
    </message>
    <message>
        <source>Align at the left</source>
        <translation>Links ausrichten</translation>
    </message>
    <message>
        <source>Align on an upright line</source>
        <translation>Auf einer Senkrechten ausrichten</translation>
    </message>
    <message>
        <source>Align at the right</source>
        <translation>Rechts ausrichten</translation>
    </message>
    <message>
        <source>Align at the top</source>
        <translation>Oben ausrichten</translation>
    </message>
    <message>
        <source>Align on a level line</source>
        <translation>Auf einer Waagrechten ausrichten</translation>
    </message>
    <message>
        <source>Align at the bottom</source>
        <translation>Unten ausrichten</translation>
    </message>
    <message>
        <source>Spread evenly across</source>
        <translation>Waagrecht gleichmäßig verteilen</translation>
    </message>
    <message>
        <source>Spread evenly down</source>
        <translation>Senkrecht gleichmäßig verteilen</translation>
    </message>
    <message>
        <source>Turn a quarter clockwise</source>
        <translation>Eine Vierteldrehung im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>Mirror left for right</source>
        <translation>Links und rechts spiegeln</translation>
    </message>
    <message>
        <source>Crop to the content</source>
        <translation>Auf den Inhalt zuschneiden</translation>
    </message>
    <message>
        <source>Trim</source>
        <translation>Ränder wegschneiden</translation>
    </message>
    <message>
        <source>More…</source>
        <translation>Mehr…</translation>
    </message>
    <message>
        <source>changing a signature</source>
        <translation>Ändern einer Unterschrift</translation>
    </message>
    <message>
        <source>Align and spread</source>
        <translation>Ausrichten und verteilen</translation>
    </message>
    <message>
        <source>Putting captures together</source>
        <translation>Aufnahmen werden zusammengestellt</translation>
    </message>
    <message>
        <source>save export hand on print mail upload</source>
        <translation>speichern exportieren weitergeben drucken mailen hochladen</translation>
    </message>
    <message>
        <source>Release as last time</source>
        <translation>Freigeben wie zuletzt</translation>
    </message>
    <message>
        <source>way again repeat</source>
        <translation>Weg noch einmal wiederholen</translation>
    </message>
    <message>
        <source>Copy this capture, sanitised</source>
        <translation>Aufnahme geschwärzt kopieren</translation>
    </message>
    <message>
        <source>clipboard picture paste</source>
        <translation>Zwischenablage Bild einfügen</translation>
    </message>
    <message>
        <source>Copy it as a file</source>
        <translation>Als Datei kopieren</translation>
    </message>
    <message>
        <source>Copy it as Markdown</source>
        <translation>Als Markdown kopieren</translation>
    </message>
    <message>
        <source>clipboard wiki snippet</source>
        <translation>Zwischenablage Wiki</translation>
    </message>
    <message>
        <source>Copy the words that are still to be read</source>
        <translation>Noch lesbare Wörter kopieren</translation>
    </message>
    <message>
        <source>clipboard text</source>
        <translation>Zwischenablage Text</translation>
    </message>
    <message>
        <source>Pin it on the screen, sanitised</source>
        <translation>Geschwärzt auf den Bildschirm heften</translation>
    </message>
    <message>
        <source>stay above top float</source>
        <translation>oben bleiben schweben</translation>
    </message>
    <message>
        <source>Releases of this case…</source>
        <translation>Freigaben dieses Falls…</translation>
    </message>
    <message>
        <source>register history withdrawn csv</source>
        <translation>Register Verlauf zurückgezogen csv</translation>
    </message>
    <message>
        <source>Verify files…</source>
        <translation>Dateien nachprüfen…</translation>
    </message>
    <message>
        <source>checksum signature altered key intact</source>
        <translation>Prüfsumme Signatur verändert Schlüssel unversehrt</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Find a setting</source>
        <translation>Eine Einstellung finden</translation>
    </message>
    <message>
        <source>As the desktop has it</source>
        <translation>Wie die Arbeitsumgebung</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
    <message>
        <source>Choose: %1</source>
        <translation>Wählen: %1</translation>
    </message>
    <message>
        <source>Choose a folder</source>
        <translation>Einen Ordner wählen</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>High contrast</source>
        <translation>Hoher Kontrast</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>colour dark light contrast</source>
        <translation>Farbe dunkel hell Kontrast</translation>
    </message>
    <message>
        <source>Size of type</source>
        <translation>Schriftgröße</translation>
    </message>
    <message>
        <source>large text font zoom</source>
        <translation>groß Text Schrift Zoom</translation>
    </message>
    <message>
        <source>A small map while only a part of a capture is in view</source>
        <translation>Eine kleine Karte, wenn nur ein Teil einer Aufnahme zu sehen ist</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>Auf dem Blatt</translation>
    </message>
    <message>
        <source>officer decided by</source>
        <translation>Bearbeiter entschieden von</translation>
    </message>
    <message>
        <source>The next open finding comes by itself</source>
        <translation>Der nächste offene Fund kommt von selbst</translation>
    </message>
    <message>
        <source>After a decision</source>
        <translation>Nach einer Entscheidung</translation>
    </message>
    <message>
        <source>Covers drawn by hand</source>
        <translation>Schwärzungen von Hand</translation>
    </message>
    <message>
        <source>style solid mosaic blur colour</source>
        <translation>Stil einfarbig Mosaik Unschärfe Farbe</translation>
    </message>
    <message>
        <source>For windows opened from now on; the open case keeps its own.</source>
        <translation>Für Fenster, die von nun an geöffnet werden; der offene Fall behält seine.</translation>
    </message>
    <message>
        <source>Policy of new cases</source>
        <translation>Richtlinie neuer Fälle</translation>
    </message>
    <message>
        <source>kinds rules default</source>
        <translation>Arten Regeln Vorgabe</translation>
    </message>
    <message>
        <source>As the policy says</source>
        <translation>Wie die Richtlinie sagt</translation>
    </message>
    <message>
        <source>Style of new cases</source>
        <translation>Stil neuer Fälle</translation>
    </message>
    <message>
        <source>covers solid mosaic blur stand-in label</source>
        <translation>Schwärzungen einfarbig Mosaik Unschärfe Ersatzwert Beschriftung</translation>
    </message>
    <message>
        <source>Keep captures at most</source>
        <translation>Aufnahmen höchstens aufbewahren</translation>
    </message>
    <message>
        <source>retention days destroy delete</source>
        <translation>Aufbewahrung Tage vernichten löschen</translation>
    </message>
    <message>
        <source> days</source>
        <translation> Tage</translation>
    </message>
    <message>
        <source>Fewer days than the policy gives, for new cases; never more.</source>
        <translation>Weniger Tage, als die Richtlinie gibt, für neue Fälle; nie mehr.</translation>
    </message>
    <message>
        <source>Small versions beside pictures</source>
        <translation>Kleine Fassungen neben Bildern</translation>
    </message>
    <message>
        <source>release thumbnails size</source>
        <translation>Freigabe Vorschau Größe</translation>
    </message>
    <message>
        <source> px at the longest side</source>
        <translation> px an der längsten Seite</translation>
    </message>
    <message>
        <source>Each released picture has a small one beside it, checked as the pictures are.</source>
        <translation>Neben jedem freigegebenen Bild liegt ein kleines, geprüft wie die Bilder.</translation>
    </message>
    <message>
        <source>Copies stay on the clipboard</source>
        <translation>Kopien bleiben in der Zwischenablage</translation>
    </message>
    <message>
        <source>release copy take back clear</source>
        <translation>Freigabe kopieren zurücknehmen leeren</translation>
    </message>
    <message>
        <source>Until something else is copied</source>
        <translation>Bis etwas anderes kopiert wird</translation>
    </message>
    <message>
        <source> seconds</source>
        <translation> Sekunden</translation>
    </message>
    <message>
        <source>Releases go to</source>
        <translation>Freigaben gehen nach</translation>
    </message>
    <message>
        <source>folder save export</source>
        <translation>Ordner speichern exportieren</translation>
    </message>
    <message>
        <source>Pictures come from</source>
        <translation>Bilder kommen aus</translation>
    </message>
    <message>
        <source>folder bring in open import</source>
        <translation>Ordner hereinholen öffnen importieren</translation>
    </message>
    <message>
        <source>Eyelid comes to the front again</source>
        <translation>Eyelid kommt wieder nach vorn</translation>
    </message>
    <message>
        <source>After a take</source>
        <translation>Nach einer Aufnahme</translation>
    </message>
    <message>
        <source>Pages of PDFs</source>
        <translation>Seiten von PDFs</translation>
    </message>
    <message>
        <source>resolution dpi size</source>
        <translation>Auflösung dpi Größe</translation>
    </message>
    <message>
        <source> pixels an inch</source>
        <translation> Pixel je Zoll</translation>
    </message>
    <message>
        <source>For taking…</source>
        <translation>Zum Aufnehmen…</translation>
    </message>
    <message>
        <source>Of the commands…</source>
        <translation>Der Befehle…</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>shortcuts keyboard background</source>
        <translation>Tastenkürzel Tastatur Hintergrund</translation>
    </message>
    <message>
        <source>%1 is locked with a password; give the right one.</source>
        <translation>%1 ist mit einem Passwort gesperrt; geben Sie das richtige an.</translation>
    </message>
    <message>
        <source>%1 is not a PDF that can be read; it may be damaged.</source>
        <translation>%1 ist kein lesbares PDF; es kann beschädigt sein.</translation>
    </message>
    <message>
        <source>%1 has no pages.</source>
        <translation>%1 hat keine Seiten.</translation>
    </message>
    <message>
        <source>Page %1 would be %2 × %3 pixels; choose a lower resolution.</source>
        <translation>Seite %1 hätte %2 × %3 Pixel; wählen Sie eine geringere Auflösung.</translation>
    </message>
    <message>
        <source>Page %1 cannot be drawn.</source>
        <translation>Seite %1 kann nicht gezeichnet werden.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; names no pages of these %2; write them like 1-3, 7.</source>
        <translation>„%1“ nennt keine der %2 Seiten; schreiben Sie etwa 1-3, 7.</translation>
    </message>
    <message>
        <source>The desktop does not allow it; see its settings for Eyelid&apos;s permissions.</source>
        <translation>Die Arbeitsumgebung erlaubt es nicht; siehe dort die Rechte von Eyelid.</translation>
    </message>
    <message>
        <source>The desktop portal answered with an error (%1).</source>
        <translation>Das Desktop-Portal hat mit einem Fehler geantwortet (%1).</translation>
    </message>
    <message>
        <source>The desktop portal has not answered; is a question of the desktop still open? Try again.</source>
        <translation>Das Desktop-Portal hat nicht geantwortet; ist eine Frage noch offen? Versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>Cancelled at the desktop&apos;s question; nothing was taken.</source>
        <translation>Bei der Frage abgebrochen; nichts wurde aufgenommen.</translation>
    </message>
    <message>
        <source>The desktop has refused; see its settings for Eyelid&apos;s permissions.</source>
        <translation>Die Arbeitsumgebung hat abgelehnt; siehe dort die Rechte von Eyelid.</translation>
    </message>
    <message>
        <source>The desktop portal gave no session for shortcuts; set them in the desktop&apos;s settings.</source>
        <translation>Das Desktop-Portal gab keine Sitzung für Tastenkürzel; legen Sie sie in den Einstellungen der Arbeitsumgebung fest.</translation>
    </message>
    <message>
        <source>The desktop has given no keys for this; set them in the desktop&apos;s settings.</source>
        <translation>Die Arbeitsumgebung hat dafür keine Tasten gegeben; legen Sie sie in deren Einstellungen fest.</translation>
    </message>
    <message>
        <source>There is no session bus, so the desktop cannot be asked for a picture.</source>
        <translation>Es gibt keinen Sitzungsbus; die Arbeitsumgebung kann nicht nach einem Bild gefragt werden.</translation>
    </message>
    <message>
        <source>This desktop has no portal that takes pictures; install one (xdg-desktop-portal and the part for your desktop).</source>
        <translation>Diese Arbeitsumgebung hat kein Portal für Bilder; installieren Sie eines (xdg-desktop-portal und den Teil für Ihre Umgebung).</translation>
    </message>
    <message>
        <source>This desktop gives whole pictures of the desk only; windows and regions are cut from them.</source>
        <translation>Diese Arbeitsumgebung gibt nur ganze Bilder; Fenster und Bereiche werden daraus geschnitten.</translation>
    </message>
    <message>
        <source>No screen is connected.</source>
        <translation>Kein Bildschirm ist angeschlossen.</translation>
    </message>
    <message>
        <source>This desktop does not say where its windows are; draw a region around the one you mean.</source>
        <translation>Diese Arbeitsumgebung sagt nicht, wo ihre Fenster sind; ziehen Sie einen Bereich um das gemeinte.</translation>
    </message>
    <message>
        <source>The monitor %1 is no longer there; choose another.</source>
        <translation>Den Monitor %1 gibt es nicht mehr; wählen Sie einen anderen.</translation>
    </message>
    <message>
        <source>There is nothing to take: the place has no size.</source>
        <translation>Es gibt nichts aufzunehmen: Die Stelle hat keine Größe.</translation>
    </message>
    <message>
        <source>The desktop portal answered without a picture; try again.</source>
        <translation>Das Desktop-Portal antwortete ohne Bild; versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>What the desktop portal gave is no picture that can be read; try again.</source>
        <translation>Was das Desktop-Portal gab, ist kein lesbares Bild; versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>The region lies outside the desk.</source>
        <translation>Der Bereich liegt außerhalb des Bildschirms.</translation>
    </message>
    <message>
        <source>%1 What was taken until then is kept.</source>
        <translation>%1 Was bis dahin aufgenommen wurde, bleibt.</translation>
    </message>
    <message>
        <source>Stopped; what was taken until then is kept.</source>
        <translation>Angehalten; was bis dahin aufgenommen wurde, bleibt.</translation>
    </message>
    <message>
        <source>The window changed its size while it was scrolled. What was taken until then is kept.</source>
        <translation>Das Fenster änderte beim Rollen seine Größe. Was bis dahin aufgenommen wurde, bleibt.</translation>
    </message>
    <message>
        <source>The page is longer than a picture can be; the rest is not taken.</source>
        <translation>Die Seite ist länger, als ein Bild sein kann; der Rest wird nicht aufgenommen.</translation>
    </message>
    <message>
        <source>The page went back by itself. What was taken until then is kept.</source>
        <translation>Die Seite ging von selbst zurück. Was bis dahin aufgenommen wurde, bleibt.</translation>
    </message>
    <message>
        <source>Nothing scrolled: the page ends here.</source>
        <translation>Nichts rollte: Die Seite endet hier.</translation>
    </message>
    <message>
        <source>The end of the page was reached.</source>
        <translation>Das Ende der Seite ist erreicht.</translation>
    </message>
    <message>
        <source>The limit of %1 pixels was reached; the page goes on.</source>
        <translation>Die Grenze von %1 Pixeln ist erreicht; die Seite geht weiter.</translation>
    </message>
    <message>
        <source>This is the simulated desk of Larkmoor Water that comes with Eyelid.</source>
        <translation>Das ist der nachgestellte Bildschirm von Larkmoor Water, der mit Eyelid kommt.</translation>
    </message>
    <message>
        <source>The window is no longer there; choose another.</source>
        <translation>Das Fenster gibt es nicht mehr; wählen Sie ein anderes.</translation>
    </message>
    <message>
        <source>Choose a window or a part of one to scroll.</source>
        <translation>Wählen Sie ein Fenster oder einen Teil davon zum Rollen.</translation>
    </message>
    <message>
        <source>Windows on this desk cannot be scrolled by Eyelid; scroll by hand, take several pictures, and join them.</source>
        <translation>Fenster auf diesem Bildschirm kann Eyelid nicht rollen; rollen Sie von Hand, nehmen Sie mehrere Bilder auf und fügen Sie sie zusammen.</translation>
    </message>
    <message>
        <source>The outline holds nothing; draw it around a place.</source>
        <translation>Der Umriss enthält nichts; zeichnen Sie ihn um eine Stelle.</translation>
    </message>
    <message>
        <source>This keyboard has no %1; choose other keys.</source>
        <translation>Diese Tastatur hat kein %1; wählen Sie andere Tasten.</translation>
    </message>
    <message>
        <source>%1 is held by another program; choose other keys.</source>
        <translation>%1 hat ein anderes Programm; wählen Sie andere Tasten.</translation>
    </message>
    <message>
        <source>%1 is also set for &quot;%2&quot;; each needs keys of its own.</source>
        <translation>%1 gehört schon zu „%2“; jedes braucht eigene Tasten.</translation>
    </message>
    <message>
        <source>There is no desk to take from: no X server is named (DISPLAY is not set).</source>
        <translation>Es gibt keinen Bildschirm zum Aufnehmen: Kein X-Server ist genannt (DISPLAY ist nicht gesetzt).</translation>
    </message>
    <message>
        <source>The X server %1 cannot be reached.</source>
        <translation>Der X-Server %1 ist nicht zu erreichen.</translation>
    </message>
    <message>
        <source>The X server %1 keeps its colours in a way that cannot be taken; 24-bit colour is needed.</source>
        <translation>Der X-Server %1 hält Farben auf eine Weise, die sich nicht aufnehmen lässt; nötig sind 24 Bit.</translation>
    </message>
    <message>
        <source>This is your desk, without Eyelid&apos;s own windows.</source>
        <translation>Das ist Ihr Bildschirm, ohne die Fenster von Eyelid.</translation>
    </message>
    <message>
        <source>The X server has gone away.</source>
        <translation>Der X-Server ist weg.</translation>
    </message>
    <message>
        <source>No window is active; choose one from the desk.</source>
        <translation>Kein Fenster ist aktiv; wählen Sie eines vom Bildschirm.</translation>
    </message>
    <message>
        <source>The window lies outside the desk, and this X server cannot show what is hidden.</source>
        <translation>Das Fenster liegt außerhalb des Bildschirms, und dieser X-Server kann Verborgenes nicht zeigen.</translation>
    </message>
    <message>
        <source>The window was being moved or resized while it was taken; take it again.</source>
        <translation>Das Fenster wurde beim Aufnehmen bewegt oder vergrößert; nehmen Sie es noch einmal auf.</translation>
    </message>
    <message>
        <source>Another window lies over the one to be scrolled; move it away first.</source>
        <translation>Ein anderes Fenster liegt über dem zu rollenden; schieben Sie es zuerst weg.</translation>
    </message>
    <message>
        <source>This X server lets no program turn the wheel (it has no XTEST); scroll by hand, take several pictures, and join them.</source>
        <translation>Dieser X-Server lässt kein Programm am Rad drehen (kein XTEST); rollen Sie von Hand, nehmen Sie mehrere Bilder auf und fügen Sie sie zusammen.</translation>
    </message>
    <message>
        <source>The picture of %1 cannot be read.</source>
        <translation>Das Bild von %1 ist nicht lesbar.</translation>
    </message>
    <message>
        <source>%1: %2 leaks</source>
        <translation>%1: %2 Lecks</translation>
    </message>
    <message>
        <source>cover</source>
        <translation>schwärzen</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>belassen</translation>
    </message>
    <message>
        <source>%1, %2 x %3</source>
        <translation>%1, %2 x %3</translation>
    </message>
    <message>
        <source>There is no kind called %1.</source>
        <translation>Es gibt keine Art namens %1.</translation>
    </message>
    <message>
        <source>%1 holds no captures.</source>
        <translation>%1 enthält keine Aufnahmen.</translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: %n finding(s) are open (case decide).</source>
        <translation>
            <numerusform>Nichts wurde freigegeben: Ein Fund ist offen (case decide).</numerusform>
            <numerusform>Nichts wurde freigegeben: %n Funde sind offen (case decide).</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: %n capture(s) could not be read.</source>
        <translation>
            <numerusform>Nichts wurde freigegeben: Eine Aufnahme ließ sich nicht lesen.</numerusform>
            <numerusform>Nichts wurde freigegeben: %n Aufnahmen ließen sich nicht lesen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing was released: a second officer has not agreed to the case as it stands (case agree).</source>
        <translation>Nichts wurde freigegeben: Kein zweiter Bearbeiter hat dem Fall in diesem Stand zugestimmt (case agree).</translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: the check found %n leak(s).</source>
        <translation>
            <numerusform>Nichts wurde freigegeben: Die Prüfung fand ein Leck.</numerusform>
            <numerusform>Nichts wurde freigegeben: Die Prüfung fand %n Lecks.</numerusform>
        </translation>
    </message>
    <message>
        <source>folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>What stands in %1 is not protected: everybody who can read it sees the captures as they were taken.</source>
        <translation>Was in %1 steht, ist nicht geschützt: Jeder, der es lesen kann, sieht die Aufnahmen, wie sie aufgenommen wurden.</translation>
    </message>
    <message>
        <source>%1: intact</source>
        <translation>%1: unversehrt</translation>
    </message>
    <message>
        <source>Work on cases that are kept on disk</source>
        <translation>An Fällen auf dem Datenträger arbeiten</translation>
    </message>
    <message>
        <source>The case file, NAME.eyelid</source>
        <translation>Die Falldatei, NAME.eyelid</translation>
    </message>
    <message>
        <source>The folder (this one if not said)</source>
        <translation>Der Ordner (sonst dieser)</translation>
    </message>
    <message>
        <source>A key file (default: this user&apos;s own keys)</source>
        <translation>Eine Schlüsseldatei (sonst die eigenen Schlüssel)</translation>
    </message>
    <message>
        <source>A file whose first line is the passphrase, - for standard input</source>
        <translation>Eine Datei, deren erste Zeile die Passphrase ist, - für die Standardeingabe</translation>
    </message>
    <message>
        <source>Whose decisions these are (default: the account&apos;s name)</source>
        <translation>Wessen Entscheidungen das sind (sonst der Name des Kontos)</translation>
    </message>
    <message>
        <source>Make a case without captures</source>
        <translation>Einen Fall ohne Aufnahmen anlegen</translation>
    </message>
    <message>
        <source>A shipped policy or a TOML file</source>
        <translation>Eine mitgelieferte Richtlinie oder eine TOML-Datei</translation>
    </message>
    <message>
        <source>Add pictures, read them and find what is sensitive</source>
        <translation>Bilder hinzufügen, lesen und Schutzbedürftiges finden</translation>
    </message>
    <message>
        <source>Pictures: PNG, JPEG, WebP, BMP, TIFF or GIF</source>
        <translation>Bilder: PNG, JPEG, WebP, BMP, TIFF oder GIF</translation>
    </message>
    <message>
        <source>Add the captures of another case, with all that was decided about them</source>
        <translation>Die Aufnahmen eines anderen Falls übernehmen, mit allen Entscheidungen</translation>
    </message>
    <message>
        <source>The other case file</source>
        <translation>Die andere Falldatei</translation>
    </message>
    <message>
        <source>Give a case another name</source>
        <translation>Einem Fall einen anderen Namen geben</translation>
    </message>
    <message>
        <source>The name</source>
        <translation>Der Name</translation>
    </message>
    <message>
        <source>List the cases of a folder</source>
        <translation>Die Fälle eines Ordners auflisten</translation>
    </message>
    <message>
        <source>Tell which cases of a folder have a text on their captures</source>
        <translation>Sagen, welche Fälle eines Ordners einen Text auf ihren Aufnahmen haben</translation>
    </message>
    <message>
        <source>The text, in capitals or not</source>
        <translation>Der Text, groß- oder kleingeschrieben</translation>
    </message>
    <message>
        <source>Print what of it has been released, when, by whom and where to, as a table (CSV)</source>
        <translation>Ausgeben, was davon wann, von wem und wohin freigegeben wurde, als Tabelle (CSV)</translation>
    </message>
    <message>
        <source>Print captures, findings and decisions</source>
        <translation>Aufnahmen, Funde und Entscheidungen ausgeben</translation>
    </message>
    <message>
        <source>text or json</source>
        <translation>text oder json</translation>
    </message>
    <message>
        <source>Tell whether a case file is what was written</source>
        <translation>Sagen, ob eine Falldatei ist, was geschrieben wurde</translation>
    </message>
    <message>
        <source>Decide about findings that are open</source>
        <translation>Über offene Funde entscheiden</translation>
    </message>
    <message>
        <source>What is decided</source>
        <translation>Was entschieden wird</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Belassen</translation>
    </message>
    <message>
        <source>Open those again that are decided</source>
        <translation>Entschiedene wieder öffnen</translation>
    </message>
    <message>
        <source>Of this kind alone: person, email, phone …</source>
        <translation>Nur von dieser Art: person, email, phone …</translation>
    </message>
    <message>
        <source>Of this confidence or more, 0 to 1</source>
        <translation>Von dieser Sicherheit an, 0 bis 1</translation>
    </message>
    <message>
        <source>Agree, as a second officer, to all that is decided as it stands</source>
        <translation>Als zweiter Bearbeiter allem zustimmen, wie es ist</translation>
    </message>
    <message>
        <source>Check all pictures and write them with their log, if nothing stands in the way</source>
        <translation>Alle Bilder prüfen und mit Protokoll schreiben, wenn nichts im Weg steht</translation>
    </message>
    <message>
        <source>The folder to write to; made if it is not there</source>
        <translation>Der Zielordner; wird angelegt, wenn es ihn nicht gibt</translation>
    </message>
    <message>
        <source>Write the case into a folder, unprotected</source>
        <translation>Den Fall ungeschützt in einen Ordner schreiben</translation>
    </message>
    <message>
        <source>Make a case of a folder that was taken out</source>
        <translation>Aus einem herausgenommenen Ordner einen Fall machen</translation>
    </message>
    <message>
        <source>The folder</source>
        <translation>Der Ordner</translation>
    </message>
    <message>
        <source>The case file to make, NAME.eyelid</source>
        <translation>Die Falldatei, die angelegt wird, NAME.eyelid</translation>
    </message>
    <message>
        <source>Lock a case by another key file or passphrase instead</source>
        <translation>Einen Fall mit anderer Schlüsseldatei oder Passphrase verschließen</translation>
    </message>
    <message>
        <source>A key file; made if it is not there</source>
        <translation>Eine Schlüsseldatei; wird angelegt, wenn es sie nicht gibt</translation>
    </message>
    <message>
        <source>A file whose first line is the new passphrase</source>
        <translation>Eine Datei, deren erste Zeile die neue Passphrase ist</translation>
    </message>
    <message>
        <source>Let a colleague open the case with their own key as well</source>
        <translation>Einen Kollegen den Fall auch mit eigenem Schlüssel öffnen lassen</translation>
    </message>
    <message>
        <source>The colleague&apos;s public key: a file</source>
        <translation>Der öffentliche Schlüssel des Kollegen: eine Datei</translation>
    </message>
    <message>
        <source>Print your public key, for colleagues to seal cases with</source>
        <translation>Den eigenen öffentlichen Schlüssel ausgeben, damit Kollegen Fälle dafür verschließen</translation>
    </message>
    <message>
        <source>Keep a case until another day than its policy says</source>
        <translation>Einen Fall länger aufbewahren, als seine Richtlinie sagt</translation>
    </message>
    <message>
        <source>The day, YYYY-MM-DD</source>
        <translation>Der Tag, JJJJ-MM-TT</translation>
    </message>
    <message>
        <source>Why; it stays in the case</source>
        <translation>Warum; es bleibt im Fall</translation>
    </message>
    <message>
        <source>List the cases of a folder whose day has come</source>
        <translation>Fälle eines Ordners auflisten, deren Tag gekommen ist</translation>
    </message>
    <message>
        <source>And destroy them</source>
        <translation>Und sie vernichten</translation>
    </message>
    <message>
        <source>Mark a case to be destroyed in a week</source>
        <translation>Einen Fall zur Vernichtung in einer Woche vormerken</translation>
    </message>
    <message>
        <source>Take that back</source>
        <translation>Das zurücknehmen</translation>
    </message>
    <message>
        <source>Destroy a case for good, with all its captures</source>
        <translation>Einen Fall mit allen Aufnahmen endgültig vernichten</translation>
    </message>
    <message>
        <source>no day set</source>
        <translation>kein Tag gesetzt</translation>
    </message>
    <message>
        <source>%1 is destroyed: its key is gone, then its file. Old blocks a drive may still hold cannot be read.</source>
        <translation>%1 ist vernichtet: Erst ging der Schlüssel, dann die Datei. Alte Blöcke auf dem Datenträger sind nicht lesbar.</translation>
    </message>
    <message>
        <source>thrown away</source>
        <translation>weggeworfen</translation>
    </message>
    <message>
        <source>A case needs a name.</source>
        <translation>Ein Fall braucht einen Namen.</translation>
    </message>
    <message>
        <source>%1 is no day; one is written 2026-12-24.</source>
        <translation>%1 ist kein Tag; man schreibt 2026-12-24.</translation>
    </message>
    <message>
        <source>Why it is put off must be said.</source>
        <translation>Es muss gesagt werden, warum aufgeschoben wird.</translation>
    </message>
    <message>
        <source>Two officers are needed; so far only one has had a hand in this case.</source>
        <translation>Nötig sind zwei Bearbeiter; bisher hat nur einer an diesem Fall gearbeitet.</translation>
    </message>
    <message>
        <source>%1: %2, since %3</source>
        <translation>%1: %2, seit %3</translation>
    </message>
    <message>
        <source>The document&apos;s text</source>
        <translation>Der Text des Dokuments</translation>
    </message>
    <message>
        <source>%1: clean</source>
        <translation>%1: einwandfrei</translation>
    </message>
    <message>
        <source>Exit status: 0 done and clean; 1 done, but something sensitive remains or a check failed;
2 wrong usage; 3 an input could not be used (the others are still done).</source>
        <translation>Rückgabewert: 0 fertig und einwandfrei; 1 fertig, doch etwas Schutzbedürftiges bleibt oder eine Prüfung wurde nicht bestanden;
2 falscher Aufruf; 3 eine Eingabe war nicht verwendbar (die anderen sind erledigt).</translation>
    </message>
    <message>
        <source>%1 (--help tells what there is.)</source>
        <translation>%1 (--help sagt, was es gibt.)</translation>
    </message>
    <message>
        <source>A policy by its name (policies lists them), or a TOML file</source>
        <translation>Eine Richtlinie mit Namen (policies listet sie) oder eine TOML-Datei</translation>
    </message>
    <message>
        <source>A file of words and /patterns/ that are always findings, one a line</source>
        <translation>Eine Datei mit Wörtern und /Mustern/, die immer Funde sind, eines je Zeile</translation>
    </message>
    <message>
        <source>Languages to read, joined by +; auto: told by the text</source>
        <translation>Sprachen zum Lesen, mit + verbunden; auto: am Text erkannt</translation>
    </message>
    <message>
        <source>Print the text on a picture</source>
        <translation>Den Text auf einem Bild ausgeben</translation>
    </message>
    <message>
        <source>Read only this part: x,y,width,height in pixels</source>
        <translation>Nur diesen Teil lesen: x,y,Breite,Höhe in Pixeln</translation>
    </message>
    <message>
        <source>text, json, hocr (HTML with boxes) or csv (a word a row)</source>
        <translation>text, json, hocr (HTML mit Kästen) oder csv (ein Wort je Zeile)</translation>
    </message>
    <message>
        <source>With names in place of what the policy finds: [e-mail 1]</source>
        <translation>Mit Namen für das, was die Richtlinie findet: [E-Mail 1]</translation>
    </message>
    <message>
        <source>A picture</source>
        <translation>Ein Bild</translation>
    </message>
    <message>
        <source>List what is sensitive, and why</source>
        <translation>Auflisten, was schutzbedürftig ist und warum</translation>
    </message>
    <message>
        <source>Write sanitised pictures and a log, and check them</source>
        <translation>Geschwärzte Bilder und ein Protokoll schreiben und prüfen</translation>
    </message>
    <message>
        <source>How places are covered (else as the policy says)</source>
        <translation>Wie geschwärzt wird (sonst wie die Richtlinie sagt)</translation>
    </message>
    <message>
        <source>Of solid covers (else as the policy says)</source>
        <translation>Einfarbiger Schwärzungen (sonst wie die Richtlinie sagt)</translation>
    </message>
    <message>
        <source>Mark made-up values with a small closed eyelid</source>
        <translation>Ersatzwerte mit einem kleinen geschlossenen Lid kennzeichnen</translation>
    </message>
    <message>
        <source>Of mosaic and blur, 0 to 1</source>
        <translation>Von Mosaik und Unschärfe, 0 bis 1</translation>
    </message>
    <message>
        <source>Cover this place as well: x,y,width,height in pixels</source>
        <translation>Auch diese Stelle schwärzen: x,y,Breite,Höhe in Pixeln</translation>
    </message>
    <message>
        <source>Cover only what --cover names</source>
        <translation>Nur schwärzen, was --cover nennt</translation>
    </message>
    <message>
        <source>Name the pictures as the files they are made from, unless a name holds what is covered (default: picture-01.png and so on)</source>
        <translation>Bilder wie ihre Dateien nennen, außer ein Name enthält Geschwärztes (sonst picture-01.png und so weiter)</translation>
    </message>
    <message>
        <source>The file with the key for the log&apos;s digests (default: one of this user&apos;s)</source>
        <translation>Die Datei mit dem Schlüssel für die Kennwerte des Protokolls (sonst eine eigene)</translation>
    </message>
    <message>
        <source>Take pictures of the desk</source>
        <translation>Bilder vom Bildschirm aufnehmen</translation>
    </message>
    <message>
        <source>Print monitors and windows as JSON</source>
        <translation>Monitore und Fenster als JSON ausgeben</translation>
    </message>
    <message>
        <source>What to take (the whole desk if not said)</source>
        <translation>Was aufzunehmen ist (sonst der ganze Bildschirm)</translation>
    </message>
    <message>
        <source>A monitor, by number from 1 or by name</source>
        <translation>Ein Monitor, nach Nummer ab 1 oder Namen</translation>
    </message>
    <message>
        <source>A window, by id or by a part of its title</source>
        <translation>Ein Fenster, nach Kennung oder Teil des Titels</translation>
    </message>
    <message>
        <source>The active window</source>
        <translation>Das aktive Fenster</translation>
    </message>
    <message>
        <source>A part of the desk: x,y,width,height in pixels</source>
        <translation>Ein Teil des Bildschirms: x,y,Breite,Höhe in Pixeln</translation>
    </message>
    <message>
        <source>The whole desk</source>
        <translation>Der ganze Bildschirm</translation>
    </message>
    <message>
        <source>Wait this many seconds first</source>
        <translation>Zuerst so viele Sekunden warten</translation>
    </message>
    <message>
        <source>With the pointer in it</source>
        <translation>Mit dem Zeiger darin</translation>
    </message>
    <message>
        <source>A window without its title bar and border</source>
        <translation>Ein Fenster ohne Titelleiste und Rahmen</translation>
    </message>
    <message>
        <source>Again every so many seconds; what is the same as the last is left out</source>
        <translation>Wieder alle so viele Sekunden; was dem letzten gleicht, bleibt weg</translation>
    </message>
    <message>
        <source>So many times</source>
        <translation>So oft</translation>
    </message>
    <message>
        <source>Scroll the window and take the whole page</source>
        <translation>Das Fenster rollen und die ganze Seite aufnehmen</translation>
    </message>
    <message>
        <source>Scroll to the right instead of down</source>
        <translation>Nach rechts statt nach unten rollen</translation>
    </message>
    <message>
        <source>Take from the simulated desk that comes with Eyelid</source>
        <translation>Vom nachgestellten Bildschirm aufnehmen, der mit Eyelid kommt</translation>
    </message>
    <message>
        <source>Replace files that are there already</source>
        <translation>Vorhandene Dateien ersetzen</translation>
    </message>
    <message>
        <source>A PNG file, or a folder for several</source>
        <translation>Eine PNG-Datei oder ein Ordner für mehrere</translation>
    </message>
    <message>
        <source>Join pictures of one page that overlap, in their order</source>
        <translation>Bilder einer Seite, die sich überlappen, der Reihe nach zusammenfügen</translation>
    </message>
    <message>
        <source>They lie side by side, not one below the other</source>
        <translation>Sie liegen nebeneinander, nicht untereinander</translation>
    </message>
    <message>
        <source>Replace a file that is there already</source>
        <translation>Eine vorhandene Datei ersetzen</translation>
    </message>
    <message>
        <source>The PNG file to write</source>
        <translation>Die PNG-Datei, die geschrieben wird</translation>
    </message>
    <message>
        <source>Write pages of a PDF as pictures</source>
        <translation>Seiten eines PDF als Bilder schreiben</translation>
    </message>
    <message>
        <source>Which, like 1-3,7 (all if not said)</source>
        <translation>Welche, wie 1-3,7 (sonst alle)</translation>
    </message>
    <message>
        <source>Pixels an inch</source>
        <translation>Pixel je Zoll</translation>
    </message>
    <message>
        <source>The file with the password of a locked PDF, - for standard input (default: asked for)</source>
        <translation>Die Datei mit dem Passwort eines gesperrten PDF, - für die Standardeingabe (sonst wird gefragt)</translation>
    </message>
    <message>
        <source>A PDF</source>
        <translation>Ein PDF</translation>
    </message>
    <message>
        <source>Search finished pictures for what must not leave</source>
        <translation>Fertige Bilder nach dem durchsuchen, was nicht hinausdarf</translation>
    </message>
    <message>
        <source>Say whether released files are still what was released</source>
        <translation>Sagen, ob freigegebene Dateien noch sind, was freigegeben wurde</translation>
    </message>
    <message>
        <source>The public key they must be signed by, or a file of it (if not said: whoever signed is told)</source>
        <translation>Der öffentliche Schlüssel, mit dem signiert sein muss, oder eine Datei damit (sonst wird gesagt, wer signiert hat)</translation>
    </message>
    <message>
        <source>A file of checksums that was handed on by another way</source>
        <translation>Eine Datei mit Prüfsummen, die auf anderem Weg kam</translation>
    </message>
    <message>
        <source>Files, folders or archives of a release</source>
        <translation>Dateien, Ordner oder Archive einer Freigabe</translation>
    </message>
    <message>
        <source>Print the public key of those who must verify your releases</source>
        <translation>Den öffentlichen Schlüssel für alle ausgeben, die Ihre Freigaben nachprüfen</translation>
    </message>
    <message>
        <source>List the policies that are known by name, and where they come from</source>
        <translation>Die Richtlinien auflisten, die einen Namen haben, und woher sie kommen</translation>
    </message>
    <message>
        <source>List the kinds of what is looked for</source>
        <translation>Die Arten auflisten, nach denen gesucht wird</translation>
    </message>
    <message>
        <source>What was to be printed could not be written: the disk is full.</source>
        <translation>Was auszugeben war, ließ sich nicht schreiben: Der Datenträger ist voll.</translation>
    </message>
    <message>
        <source>What was to be printed could not be written.</source>
        <translation>Was auszugeben war, ließ sich nicht schreiben.</translation>
    </message>
    <message>
        <source>%1	%2	%3 %	%4</source>
        <translation>%1	%2	%3 %	%4</translation>
    </message>
    <message>
        <source>--resize %1: 50%, 800x (its width) or x600 (its height) is expected.</source>
        <translation>--resize %1: erwartet wird 50%, 800x (Breite) oder x600 (Höhe).</translation>
    </message>
    <message>
        <source>Show only this: x,y,width,height in pixels; what lies outside is not released</source>
        <translation>Nur das zeigen: x,y,Breite,Höhe in Pixeln; was außerhalb liegt, wird nicht freigegeben</translation>
    </message>
    <message>
        <source>Turn by so many degrees clockwise, up to 45</source>
        <translation>Um so viele Grad im Uhrzeigersinn drehen, bis 45</translation>
    </message>
    <message>
        <source>Turn clockwise</source>
        <translation>Im Uhrzeigersinn drehen</translation>
    </message>
    <message>
        <source>50%, 800x (to this width) or x600 (to this height)</source>
        <translation>50%, 800x (auf diese Breite) oder x600 (auf diese Höhe)</translation>
    </message>
    <message>
        <source>A border so many pixels wide</source>
        <translation>Ein Rahmen, so viele Pixel breit</translation>
    </message>
    <message>
        <source>Corners rounded by so many pixels</source>
        <translation>Ecken um so viele Pixel abgerundet</translation>
    </message>
    <message>
        <source>Draw the marks of this file (docs/marks.schema.json) on every picture</source>
        <translation>Die Markierungen dieser Datei (docs/marks.schema.json) auf jedes Bild zeichnen</translation>
    </message>
    <message>
        <source>Beside each picture a small one, its longest side so many pixels</source>
        <translation>Neben jedes Bild ein kleines, die längste Seite so viele Pixel</translation>
    </message>
    <message>
        <source>Password of %1: </source>
        <translation>Passwort von %1: </translation>
    </message>
    <message>
        <source>%1 is locked; give its password with --password-file FILE, or - for standard input.</source>
        <translation>%1 ist gesperrt; geben Sie das Passwort mit --password-file DATEI an, oder - für die Standardeingabe.</translation>
    </message>
    <message>
        <source>page-%1.png</source>
        <translation>page-%1.png</translation>
    </message>
    <message>
        <source>--area %1 lies outside %2, which is %3 x %4 pixels.</source>
        <translation>--area %1 liegt außerhalb von %2 mit %3 x %4 Pixeln.</translation>
    </message>
    <message>
        <source>The key for digests cannot be kept, so this log&apos;s digests are of this run alone: %1</source>
        <translation>Der Schlüssel für Kennwerte lässt sich nicht aufbewahren; die Kennwerte dieses Protokolls gelten nur für diesen Lauf: %1</translation>
    </message>
    <message>
        <source>%1 holds further frames; only the first is taken.</source>
        <translation>%1 enthält weitere Bilder; nur das erste wird genommen.</translation>
    </message>
    <message>
        <source>%1-%2</source>
        <translation>%1-%2</translation>
    </message>
    <message>
        <source>%1 is there already and is one of the pictures to be read; choose another folder for --out.</source>
        <translation>%1 gibt es schon, und es ist eines der zu lesenden Bilder; wählen Sie für --out einen anderen Ordner.</translation>
    </message>
    <message>
        <source>%1 is there already; choose another folder, or give --force to replace it.</source>
        <translation>%1 gibt es schon; wählen Sie einen anderen Ordner oder ersetzen Sie mit --force.</translation>
    </message>
    <message>
        <source>%1 was changed while it was being worked on; start again.</source>
        <translation>%1 wurde während der Arbeit geändert; beginnen Sie neu.</translation>
    </message>
    <message>
        <source>--crop %1,%2,%3,%4 lies outside %5, which is %6 x %7 pixels.</source>
        <translation>--crop %1,%2,%3,%4 liegt außerhalb von %5 mit %6 x %7 Pixeln.</translation>
    </message>
    <message>
        <source>--cover %1,%2,%3,%4</source>
        <translation>--cover %1,%2,%3,%4</translation>
    </message>
    <message>
        <source>%1 lies outside %2, which is %3 x %4 pixels.</source>
        <translation>%1 liegt außerhalb von %2 mit %3 x %4 Pixeln.</translation>
    </message>
    <message>
        <source>%1 reaches over the edge of %2; covered is %3,%4,%5,%6.</source>
        <translation>%1 reicht über den Rand von %2; geschwärzt ist %3,%4,%5,%6.</translation>
    </message>
    <message>
        <source>The file&apos;s name</source>
        <translation>Der Dateiname</translation>
    </message>
    <message>
        <source>The name of %1 holds a value that is covered and is not kept; the picture is %2.</source>
        <translation>Der Name von %1 enthält Geschwärztes und wird nicht behalten; das Bild ist %2.</translation>
    </message>
    <message>
        <source>The name of %1 is none for everywhere and is not kept; the picture is %2.</source>
        <translation>Der Name von %1 geht nicht überall und wird nicht behalten; das Bild ist %2.</translation>
    </message>
    <message>
        <source>The names asked for hold something sensitive; give --names others, of its parts alone.</source>
        <translation>Die verlangten Namen enthalten Schutzbedürftiges; geben Sie mit --names andere, nur aus den Teilen.</translation>
    </message>
    <message>
        <source>was found when the written picture was read again</source>
        <translation>wurde beim Wiederlesen des geschriebenen Bildes gefunden</translation>
    </message>
    <message>
        <source>checked clean</source>
        <translation>einwandfrei geprüft</translation>
    </message>
    <message numerus="yes">
        <source>%n leak(s)</source>
        <translation>
            <numerusform>ein Leck</numerusform>
            <numerusform>%n Lecks</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, page %2 of %3</source>
        <translation>%1, Seite %2 von %3</translation>
    </message>
    <message>
        <source>  to keep to the size: %1, quality %2</source>
        <translation>  damit die Größe stimmt: %1, Qualität %2</translation>
    </message>
    <message>
        <source>Of the files: %1 (if not said: png)</source>
        <translation>Der Dateien: %1 (sonst png)</translation>
    </message>
    <message>
        <source>Of JPEG and WebP, 1 to 100 (if not said: 90); 0 for a WebP without loss</source>
        <translation>Von JPEG und WebP, 1 bis 100 (sonst 90); 0 für ein verlustfreies WebP</translation>
    </message>
    <message>
        <source>At most so much a picture, like 500k; format and quality give way</source>
        <translation>Höchstens so viel je Bild, etwa 500k; Format und Qualität geben nach</translation>
    </message>
    <message>
        <source>What files are called, of the parts {case}, {number}, {count}, {date}, {policy}</source>
        <translation>Wie Dateien heißen, aus {case}, {number}, {count}, {date}, {policy}</translation>
    </message>
    <message>
        <source>In a PDF or HTML, the words that are still to be seen as text</source>
        <translation>In PDF oder HTML die noch sichtbaren Wörter als Text</translation>
    </message>
    <message>
        <source>At the end of a PDF or HTML, what was hidden</source>
        <translation>Am Ende von PDF oder HTML, was verdeckt wurde</translation>
    </message>
    <message>
        <source>Beside the log, a report for people</source>
        <translation>Neben dem Protokoll ein Bericht für Menschen</translation>
    </message>
    <message>
        <source>All of it in one archive</source>
        <translation>Alles in einem Archiv</translation>
    </message>
    <message>
        <source>All of it attached to the draft of a mail, an .eml file</source>
        <translation>Alles an einem Mail-Entwurf, einer .eml-Datei</translation>
    </message>
    <message>
        <source>Number the files, where some are there already</source>
        <translation>Dateien nummerieren, wo es schon welche gibt</translation>
    </message>
    <message>
        <source>A way that was kept: how it is made and where it goes besides the folder (ways lists them)</source>
        <translation>Ein gemerkter Weg: wie es gemacht wird und wohin es außer in den Ordner geht (ways listet sie)</translation>
    </message>
    <message>
        <source>No way is called “%1”; eyelid-cli ways lists those there are.</source>
        <translation>Kein Weg heißt „%1“; eyelid-cli ways listet die vorhandenen.</translation>
    </message>
    <message>
        <source>“%1” goes to the clipboard, to paper or on the screen; that can the window alone.</source>
        <translation>„%1“ geht in die Zwischenablage, auf Papier oder den Bildschirm; das kann nur das Fenster.</translation>
    </message>
    <message>
        <source>--quality is of JPEG, WebP and documents; a %1 has none.</source>
        <translation>--quality gilt für JPEG, WebP und Dokumente; ein %1 hat keine.</translation>
    </message>
    <message>
        <source>--quality 0 is of WebP alone; a JPEG loses something always.</source>
        <translation>--quality 0 gilt nur für WebP; ein JPEG verliert immer etwas.</translation>
    </message>
    <message>
        <source>The log is not signed: %1</source>
        <translation>Das Protokoll ist nicht signiert: %1</translation>
    </message>
    <message>
        <source>%1 holds %2 pages; only the first is read. redact and check take all of them.</source>
        <translation>%1 enthält %2 Seiten; nur die erste wird gelesen. redact und check nehmen alle.</translation>
    </message>
    <message>
        <source>%1 %2: four whole numbers are expected, x,y,width,height, with a width and height above 0.</source>
        <translation>%1 %2: erwartet werden vier ganze Zahlen, x,y,Breite,Höhe, Breite und Höhe über 0.</translation>
    </message>
    <message>
        <source>%1 [at %2,%3]</source>
        <translation>%1 [bei %2,%3]</translation>
    </message>
    <message>
        <source>The first line of %1 is empty.</source>
        <translation>Die erste Zeile von %1 ist leer.</translation>
    </message>
    <message>
        <source>There is no monitor &quot;%1&quot;; there are %2.</source>
        <translation>Es gibt keinen Monitor „%1“; es gibt %2.</translation>
    </message>
    <message>
        <source>No window has &quot;%1&quot; in its title; --list shows them.</source>
        <translation>Kein Fenster hat „%1“ im Titel; --list zeigt sie.</translation>
    </message>
    <message>
        <source>%1 windows have &quot;%2&quot; in their titles; name one by its id: %3.</source>
        <translation>%1 Fenster haben „%2“ im Titel; nennen Sie eines mit seiner Kennung: %3.</translation>
    </message>
    <message>
        <source>%1 It could also be %2.</source>
        <translation>%1 Es könnte auch %2 sein.</translation>
    </message>
    <message>
        <source>Not sure at pixel %1 (between pictures %2 and %3, %4 apart): %5</source>
        <translation>Unsicher bei Pixel %1 (zwischen den Bildern %2 und %3, %4 auseinander): %5</translation>
    </message>
    <message>
        <source>No window is active; name one with --window.</source>
        <translation>Kein Fenster ist aktiv; nennen Sie eines mit --window.</translation>
    </message>
    <message>
        <source>%1 is there already; choose another name, or give --force to replace it.</source>
        <translation>%1 gibt es schon; wählen Sie einen anderen Namen oder ersetzen Sie mit --force.</translation>
    </message>
    <message>
        <source>%1 is one of the pictures to be joined; choose another name for --out.</source>
        <translation>%1 ist eines der Bilder, die zusammengefügt werden; wählen Sie für --out einen anderen Namen.</translation>
    </message>
    <message>
        <source>Say where the picture goes with --out, or ask for --list.</source>
        <translation>Sagen Sie mit --out, wohin das Bild geht, oder fragen Sie mit --list.</translation>
    </message>
    <message>
        <source>--count needs --every: how many seconds lie between two pictures.</source>
        <translation>--count braucht --every: wie viele Sekunden zwischen zwei Bildern liegen.</translation>
    </message>
    <message>
        <source>--scroll takes one page; it does not go with --every and --count.</source>
        <translation>--scroll nimmt eine Seite auf; es geht nicht mit --every und --count.</translation>
    </message>
    <message>
        <source>--scroll needs the window to scroll: --window or --active.</source>
        <translation>--scroll braucht das Fenster: --window oder --active.</translation>
    </message>
    <message>
        <source>List the ways of releasing, and the places to drop at</source>
        <translation>Die Wege der Freigabe und die Ablagen auflisten</translation>
    </message>
    <message>
        <source>Keep a way of releasing by name, or forget one</source>
        <translation>Einen Weg der Freigabe unter einem Namen merken oder vergessen</translation>
    </message>
    <message>
        <source>What it is called</source>
        <translation>Wie er heißt</translation>
    </message>
    <message>
        <source>Drop it at this place, which is set up already (place)</source>
        <translation>Bei dieser Ablage ablegen, die schon eingerichtet ist (place)</translation>
    </message>
    <message>
        <source>Open a draft in the mail program, with the files</source>
        <translation>Einen Entwurf im Mailprogramm öffnen, mit den Dateien</translation>
    </message>
    <message>
        <source>Run a program with the files; {files} and {folder} in it stand for them</source>
        <translation>Ein Programm mit den Dateien starten; {files} und {folder} stehen darin für sie</translation>
    </message>
    <message>
        <source>Set up a place to drop releases at, or forget one</source>
        <translation>Eine Ablage für Freigaben einrichten oder vergessen</translation>
    </message>
    <message>
        <source>Its folder: https://… (WebDAV) or sftp://…</source>
        <translation>Ihr Ordner: https://… (WebDAV) oder sftp://…</translation>
    </message>
    <message>
        <source>The user there</source>
        <translation>Der Benutzer dort</translation>
    </message>
    <message>
        <source>A file whose first line is the password, or the passphrase of the key file; -: standard input. Kept in the key ring</source>
        <translation>Eine Datei, deren erste Zeile das Passwort oder die Passphrase der Schlüsseldatei ist; -: Standardeingabe. Kommt in den Schlüsselbund</translation>
    </message>
    <message>
        <source>SFTP: the server&apos;s key as its keeper told you, SHA-256 in base64</source>
        <translation>SFTP: der Serverschlüssel, wie ihn der Betreiber nannte, SHA-256 in Base64</translation>
    </message>
    <message>
        <source>SFTP: a private key instead of a password</source>
        <translation>SFTP: ein privater Schlüssel statt eines Passworts</translation>
    </message>
    <message>
        <source>WebDAV: a file of the office&apos;s own certificate authority</source>
        <translation>WebDAV: eine Datei des hauseigenen Zertifizierers</translation>
    </message>
    <message>
        <source>What others reach the folder by, if it is another address</source>
        <translation>Womit andere den Ordner erreichen, falls anders</translation>
    </message>
    <message>
        <source>How long it is meant to lie there, said in its name</source>
        <translation>Wie lange es dort liegen soll, im Namen genannt</translation>
    </message>
    <message>
        <source>way %1: %2, %3</source>
        <translation>Weg %1: %2, %3</translation>
    </message>
    <message>
        <source>place %1: %2</source>
        <translation>Ablage %1: %2</translation>
    </message>
    <message>
        <source>Give the way a name.</source>
        <translation>Geben Sie dem Weg einen Namen.</translation>
    </message>
    <message>
        <source>There is no place called “%1”; set it up first.</source>
        <translation>Es gibt keine Ablage namens „%1“; richten Sie sie zuerst ein.</translation>
    </message>
    <message>
        <source>The server shows the key SHA256:%1. Compare it with what its keeper says, and give it as --host-key: no other will be spoken to.</source>
        <translation>Der Server zeigt den Schlüssel SHA256:%1. Vergleichen Sie ihn mit dem, was sein Betreiber sagt, und geben Sie ihn als --host-key an: Mit keinem anderen wird gesprochen.</translation>
    </message>
    <message>
        <source>Nothing is called “%1”.</source>
        <translation>Nichts heißt „%1“.</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>der Datenträger ist voll</translation>
    </message>
    <message>
        <source>too many files are open already</source>
        <translation>es sind schon zu viele Dateien offen</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation>%1 ist nicht lesbar: %2.</translation>
    </message>
    <message>
        <source>%1: there is no such file.</source>
        <translation>%1: Diese Datei gibt es nicht.</translation>
    </message>
    <message>
        <source>%1 is not a file.</source>
        <translation>%1 ist keine Datei.</translation>
    </message>
    <message>
        <source>%1 is larger than %2 MB, more than Eyelid opens.</source>
        <translation>%1 ist größer als %2 MB, mehr, als Eyelid öffnet.</translation>
    </message>
    <message>
        <source>%1 is empty.</source>
        <translation>%1 ist leer.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made: %2; choose one you may write to.</source>
        <translation>Der Ordner %1 lässt sich nicht anlegen: %2; wählen Sie einen, in den Sie schreiben dürfen.</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2.</source>
        <translation>%1 lässt sich nicht schreiben: %2.</translation>
    </message>
    <message>
        <source>the folder %1 does not exist</source>
        <translation>den Ordner %1 gibt es nicht</translation>
    </message>
    <message>
        <source>the disk gives back something else than was written to it</source>
        <translation>der Datenträger gibt anderes zurück, als geschrieben wurde</translation>
    </message>
    <message>
        <source>%1 is there already; choose another folder, or say that it may be replaced.</source>
        <translation>%1 gibt es schon; wählen Sie einen anderen Ordner oder sagen Sie, dass ersetzt werden darf.</translation>
    </message>
    <message>
        <source>a folder has that name</source>
        <translation>ein Ordner heißt so</translation>
    </message>
    <message>
        <source>There is no key ring of a desktop here.</source>
        <translation>Hier gibt es keinen Schlüsselbund.</translation>
    </message>
    <message>
        <source>The key ring cannot be used (%1).</source>
        <translation>Der Schlüsselbund ist nicht verwendbar (%1).</translation>
    </message>
    <message>
        <source>There is no such key in the desktop&apos;s key ring.</source>
        <translation>Im Schlüsselbund ist kein solcher Schlüssel.</translation>
    </message>
    <message>
        <source>use the policy &quot;%1&quot;</source>
        <translation>Richtlinie „%1“ verwenden</translation>
    </message>
    <message>
        <source>looking the case over</source>
        <translation>Durchsehen des Falls</translation>
    </message>
    <message>
        <source>changing the watched words</source>
        <translation>Ändern der beachteten Wörter</translation>
    </message>
    <message>
        <source>adding %1</source>
        <translation>Hinzufügen von %1</translation>
    </message>
    <message>
        <source>removing %1</source>
        <translation>Entfernen von %1</translation>
    </message>
    <message>
        <source>renaming %1</source>
        <translation>Umbenennen von %1</translation>
    </message>
    <message>
        <source>moving %1</source>
        <translation>Verschieben von %1</translation>
    </message>
    <message>
        <source>join anew</source>
        <translation>neu zusammenfügen</translation>
    </message>
    <message>
        <source>approving joins</source>
        <translation>Gutheißen von Nähten</translation>
    </message>
    <message>
        <source>correct a word</source>
        <translation>ein Wort berichtigen</translation>
    </message>
    <message>
        <source>read an area again</source>
        <translation>einen Bereich noch einmal lesen</translation>
    </message>
    <message>
        <source>letting a leak pass</source>
        <translation>Durchlassen eines Lecks</translation>
    </message>
    <message numerus="yes">
        <source>covering %n finding(s)</source>
        <translation>
            <numerusform>Schwärzen eines Funds</numerusform>
            <numerusform>Schwärzen von %n Funden</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>keeping %n finding(s)</source>
        <translation>
            <numerusform>Belassen eines Funds</numerusform>
            <numerusform>Belassen von %n Funden</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>opening %n finding(s)</source>
        <translation>
            <numerusform>Öffnen eines Funds</numerusform>
            <numerusform>Öffnen von %n Funden</numerusform>
        </translation>
    </message>
    <message>
        <source>changing a cover&apos;s style</source>
        <translation>Ändern des Stils einer Schwärzung</translation>
    </message>
    <message>
        <source>changing a note</source>
        <translation>Ändern einer Notiz</translation>
    </message>
    <message numerus="yes">
        <source>covering %n area(s)</source>
        <translation>
            <numerusform>Schwärzen eines Bereichs</numerusform>
            <numerusform>Schwärzen von %n Bereichen</numerusform>
        </translation>
    </message>
    <message>
        <source>changing a finding</source>
        <translation>Ändern eines Funds</translation>
    </message>
    <message>
        <source>removing a cover</source>
        <translation>Entfernen einer Schwärzung</translation>
    </message>
    <message>
        <source>removing a finding</source>
        <translation>Entfernen eines Funds</translation>
    </message>
    <message>
        <source>changing a cover&apos;s shape</source>
        <translation>Ändern der Form einer Schwärzung</translation>
    </message>
    <message>
        <source>cutting a piece out of covers</source>
        <translation>Ausschneiden aus Schwärzungen</translation>
    </message>
    <message>
        <source>asking a colleague</source>
        <translation>Fragen eines Kollegen</translation>
    </message>
    <message>
        <source>saying who is the same</source>
        <translation>Sagen, wer derselbe ist</translation>
    </message>
    <message>
        <source>saying who is another</source>
        <translation>Sagen, wer ein anderer ist</translation>
    </message>
    <message>
        <source>A case needs a passphrase or a key to be locked by.</source>
        <translation>Ein Fall braucht eine Passphrase oder einen Schlüssel.</translation>
    </message>
    <message>
        <source>%1 is not there.</source>
        <translation>%1 ist nicht da.</translation>
    </message>
    <message>
        <source>%1 cannot be opened (%2).</source>
        <translation>%1 lässt sich nicht öffnen (%2).</translation>
    </message>
    <message>
        <source>%1 is open in another window; close it there first.</source>
        <translation>%1 ist in einem anderen Fenster offen; schließen Sie es dort zuerst.</translation>
    </message>
    <message>
        <source>%1 could not be replaced (%2).</source>
        <translation>%1 ließ sich nicht ersetzen (%2).</translation>
    </message>
    <message>
        <source>%1 is not there any more; keep the case in another file or folder.</source>
        <translation>%1 ist nicht mehr da; bewahren Sie den Fall in einer anderen Datei oder einem anderen Ordner auf.</translation>
    </message>
    <message>
        <source>%1 is no case of Eyelid&apos;s.</source>
        <translation>%1 ist kein Fall von Eyelid.</translation>
    </message>
    <message>
        <source>%1 could not be destroyed (%2).</source>
        <translation>%1 ließ sich nicht vernichten (%2).</translation>
    </message>
    <message>
        <source>%1 is no case that was taken out.</source>
        <translation>%1 ist kein herausgenommener Fall.</translation>
    </message>
    <message>
        <source>%1 was taken out by a newer Eyelid; bring it in with that one.</source>
        <translation>%1 hat ein neueres Eyelid herausgenommen; holen Sie es mit diesem herein.</translation>
    </message>
    <message>
        <source>A picture of this case cannot be read; nothing was taken out.</source>
        <translation>Ein Bild dieses Falls ist nicht lesbar; nichts wurde herausgenommen.</translation>
    </message>
    <message>
        <source>%1 is not the picture the case speaks of.</source>
        <translation>%1 ist nicht das Bild, von dem der Fall spricht.</translation>
    </message>
    <message>
        <source>the case&apos;s policy</source>
        <translation>die Richtlinie des Falls</translation>
    </message>
    <message>
        <source>This record of a case is damaged.</source>
        <translation>Dieser Eintrag eines Falls ist beschädigt.</translation>
    </message>
    <message>
        <source>This does not open the case.</source>
        <translation>Das öffnet den Fall nicht.</translation>
    </message>
    <message>
        <source>%1 can be read by others; make it yours alone (chmod 600) before it is used.</source>
        <translation>%1 können andere lesen; machen Sie es sich allein zu eigen (chmod 600), bevor es verwendet wird.</translation>
    </message>
    <message>
        <source>%1 is no key file.</source>
        <translation>%1 ist keine Schlüsseldatei.</translation>
    </message>
    <message>
        <source>%1 is no folder.</source>
        <translation>%1 ist kein Ordner.</translation>
    </message>
    <message>
        <source>Cancelled.</source>
        <translation>Abgebrochen.</translation>
    </message>
    <message>
        <source>adding a mark: %1</source>
        <translation>Hinzufügen einer Markierung: %1</translation>
    </message>
    <message numerus="yes">
        <source>copying %n mark(s)</source>
        <translation>
            <numerusform>Kopieren einer Markierung</numerusform>
            <numerusform>Kopieren von %n Markierungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>removing %n mark(s)</source>
        <translation>
            <numerusform>Entfernen einer Markierung</numerusform>
            <numerusform>Entfernen von %n Markierungen</numerusform>
        </translation>
    </message>
    <message>
        <source>bringing marks to the front</source>
        <translation>Markierungen nach vorn holen</translation>
    </message>
    <message>
        <source>putting marks to the back</source>
        <translation>Markierungen nach hinten legen</translation>
    </message>
    <message>
        <source>counting steps anew</source>
        <translation>Neu zählen der Schritte</translation>
    </message>
    <message>
        <source>changing the framing</source>
        <translation>Ändern des Zuschnitts</translation>
    </message>
    <message>
        <source>cutting %1 into parts</source>
        <translation>Zerschneiden von %1</translation>
    </message>
    <message>
        <source>%1, part %2</source>
        <translation>%1, Teil %2</translation>
    </message>
    <message numerus="yes">
        <source>putting %n capture(s) together</source>
        <translation>
            <numerusform>Zusammenstellen einer Aufnahme</numerusform>
            <numerusform>Zusammenstellen von %n Aufnahmen</numerusform>
        </translation>
    </message>
    <message>
        <source>Untitled case</source>
        <translation>Unbenannter Fall</translation>
    </message>
    <message>
        <source>Untitled, %1</source>
        <translation>Unbenannt, %1</translation>
    </message>
    <message>
        <source>Eyelid: key of your cases</source>
        <translation>Eyelid: Schlüssel Ihrer Fälle</translation>
    </message>
    <message>
        <source>There is no key in the desktop&apos;s key ring.</source>
        <translation>Im Schlüsselbund ist kein Schlüssel.</translation>
    </message>
    <message>
        <source>%1 is no officer&apos;s key: one line, its digits and a name.</source>
        <translation>%1 ist kein Schlüssel eines Bearbeiters: eine Zeile, seine Ziffern und ein Name.</translation>
    </message>
    <message>
        <source>This computer has no random numbers.</source>
        <translation>Dieser Rechner hat keine Zufallszahlen.</translation>
    </message>
    <message>
        <source>The kept signature is damaged; draw or choose it anew.</source>
        <translation>Die aufbewahrte Unterschrift ist beschädigt; zeichnen oder wählen Sie sie neu.</translation>
    </message>
    <message>
        <source>The kept signature could not be taken away.</source>
        <translation>Die aufbewahrte Unterschrift ließ sich nicht wegnehmen.</translation>
    </message>
    <message>
        <source>When (UTC)</source>
        <translation>Wann (UTC)</translation>
    </message>
    <message>
        <source>Officer</source>
        <translation>Bearbeiter</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>SHA-256</source>
        <translation>SHA-256</translation>
    </message>
    <message>
        <source>Withdrawn because</source>
        <translation>Zurückgezogen, weil</translation>
    </message>
    <message>
        <source>There is no room left for %1; make room, or keep the case in another folder.</source>
        <translation>Für %1 ist kein Platz mehr; schaffen Sie Platz oder bewahren Sie den Fall in einem anderen Ordner auf.</translation>
    </message>
    <message>
        <source>%1 cannot be written to; keep the case in another folder.</source>
        <translation>In %1 lässt sich nicht schreiben; bewahren Sie den Fall in einem anderen Ordner auf.</translation>
    </message>
    <message>
        <source>%1 is being written by another program.</source>
        <translation>%1 wird von einem anderen Programm geschrieben.</translation>
    </message>
    <message>
        <source>%1 could not be written (%2); keep the case in another folder.</source>
        <translation>%1 ließ sich nicht schreiben (%2); bewahren Sie den Fall in einem anderen Ordner auf.</translation>
    </message>
    <message>
        <source>This case file is damaged or was altered; what is intact can be taken out of it.</source>
        <translation>Diese Falldatei ist beschädigt oder wurde verändert; Unversehrtes lässt sich herausnehmen.</translation>
    </message>
    <message>
        <source>%1 is there already.</source>
        <translation>%1 gibt es schon.</translation>
    </message>
    <message>
        <source>%1 cannot be made (%2).</source>
        <translation>%1 lässt sich nicht anlegen (%2).</translation>
    </message>
    <message>
        <source>%1 was written by a newer Eyelid; open it with that one.</source>
        <translation>%1 hat ein neueres Eyelid geschrieben; öffnen Sie es mit diesem.</translation>
    </message>
    <message>
        <source>Nothing that was given opens %1.</source>
        <translation>Nichts von dem Angegebenen öffnet %1.</translation>
    </message>
    <message numerus="yes">
        <source>taking in %n capture(s)</source>
        <translation>
            <numerusform>Übernehmen einer Aufnahme</numerusform>
            <numerusform>Übernehmen von %n Aufnahmen</numerusform>
        </translation>
    </message>
    <message>
        <source>The file</source>
        <translation>Die Datei</translation>
    </message>
    <message>
        <source>A cover does not look as one that knows nothing of what it hides: something shows through it or lies on it.</source>
        <translation>Eine Schwärzung sieht nicht aus wie eine, die nichts von dem weiß, was sie verdeckt: Etwas scheint durch oder liegt darauf.</translation>
    </message>
    <message>
        <source>The picture is not what was to be written.</source>
        <translation>Das Bild ist nicht, was geschrieben werden sollte.</translation>
    </message>
    <message>
        <source>A cover is smaller than what it should hide.</source>
        <translation>Eine Schwärzung ist kleiner als das, was sie verdecken soll.</translation>
    </message>
    <message>
        <source>A cover drawn by hand is smaller than it was drawn.</source>
        <translation>Eine Schwärzung von Hand ist kleiner, als sie gezeichnet wurde.</translation>
    </message>
    <message>
        <source>The file is not what was to be written.</source>
        <translation>Die Datei ist nicht, was geschrieben werden sollte.</translation>
    </message>
    <message>
        <source>%1 bytes follow the end of the picture.</source>
        <translation>Nach dem Ende des Bildes folgen %1 Bytes.</translation>
    </message>
    <message>
        <source>The file carries more than the picture: %1.</source>
        <translation>Die Datei trägt mehr als das Bild: %1.</translation>
    </message>
    <message>
        <source>The picture is not opaque; colour may lie under what is transparent.</source>
        <translation>Das Bild ist nicht deckend; unter Durchsichtigem kann Farbe liegen.</translation>
    </message>
    <message>
        <source>On page %1: %2</source>
        <translation>Auf Seite %1: %2</translation>
    </message>
    <message>
        <source>%1 can be read when the contrast is stretched: it %2.</source>
        <translation>%1 ist mit gestrecktem Kontrast lesbar: Es %2.</translation>
    </message>
    <message>
        <source>%1 that is covered elsewhere in the case can be read here when the contrast is stretched.</source>
        <translation>%1, anderswo im Fall geschwärzt, ist hier mit gestrecktem Kontrast lesbar.</translation>
    </message>
    <message>
        <source>%1 that is covered elsewhere in the case can be read here.</source>
        <translation>%1, anderswo im Fall geschwärzt, ist hier lesbar.</translation>
    </message>
    <message>
        <source>Something</source>
        <translation>Etwas</translation>
    </message>
    <message>
        <source>%1 can be seen: it %2.</source>
        <translation>%1 ist zu sehen: Es %2.</translation>
    </message>
    <message>
        <source>%1 can be read: it %2.</source>
        <translation>%1 ist lesbar: Es %2.</translation>
    </message>
    <message>
        <source>A code that was drawn cannot be read back as its text: make it larger, or its text shorter.</source>
        <translation>Ein gezeichneter Code ist nicht als sein Text zurückzulesen: Machen Sie ihn größer oder den Text kürzer.</translation>
    </message>
    <message>
        <source>Searching what was read</source>
        <translation>Gelesenes wird durchsucht</translation>
    </message>
    <message>
        <source>%1 holds something sensitive (%2).</source>
        <translation>%1 enthält Schutzbedürftiges (%2).</translation>
    </message>
    <message>
        <source>a covered or watched value</source>
        <translation>ein geschwärzter oder beachteter Wert</translation>
    </message>
    <message>
        <source>The name of the file</source>
        <translation>Der Name der Datei</translation>
    </message>
    <message>
        <source>The file holds several pictures.</source>
        <translation>Die Datei enthält mehrere Bilder.</translation>
    </message>
    <message>
        <source>The picture is not of the size it was written in.</source>
        <translation>Das Bild hat nicht die Größe, in der es geschrieben wurde.</translation>
    </message>
    <message>
        <source>a structure that is damaged</source>
        <translation>ein beschädigter Aufbau</translation>
    </message>
    <message>
        <source>data that belongs to no page</source>
        <translation>Daten, die zu keiner Seite gehören</translation>
    </message>
    <message>
        <source>a structure that cannot be read</source>
        <translation>ein unlesbarer Aufbau</translation>
    </message>
    <message>
        <source>a structure that is too deep</source>
        <translation>ein zu tiefer Aufbau</translation>
    </message>
    <message>
        <source>an entry %1</source>
        <translation>ein Eintrag %1</translation>
    </message>
    <message>
        <source>an entry %1 that is not of a picture or its text</source>
        <translation>ein Eintrag %1, der zu keinem Bild und Text gehört</translation>
    </message>
    <message>
        <source>a colour profile of its own</source>
        <translation>ein eigenes Farbprofil</translation>
    </message>
    <message>
        <source>a stream that belongs to nothing</source>
        <translation>ein Datenstrom, der zu nichts gehört</translation>
    </message>
    <message>
        <source>instructions that are not of a picture or its text</source>
        <translation>Anweisungen, die zu keinem Bild und Text gehören</translation>
    </message>
    <message>
        <source>a picture that no page shows</source>
        <translation>ein Bild, das keine Seite zeigt</translation>
    </message>
    <message>
        <source>a picture that is none</source>
        <translation>ein Bild, das keines ist</translation>
    </message>
    <message>
        <source>“%1” is no %2; there are %3</source>
        <translation>„%1“ ist kein %2; es gibt %3</translation>
    </message>
    <message>
        <source>“%1” is no colour; write it as &quot;#5a2f52&quot;</source>
        <translation>„%1“ ist keine Farbe; man schreibt &quot;#5a2f52&quot;</translation>
    </message>
    <message>
        <source>it is no object</source>
        <translation>es ist kein Objekt</translation>
    </message>
    <message>
        <source>there is no key “%1”</source>
        <translation>es gibt keinen Schlüssel „%1“</translation>
    </message>
    <message>
        <source>“%1” has a value of the wrong kind</source>
        <translation>„%1“ hat einen Wert falscher Art</translation>
    </message>
    <message>
        <source>a number is too large</source>
        <translation>eine Zahl ist zu groß</translation>
    </message>
    <message>
        <source>%1 is not within %2 to %3</source>
        <translation>%1 liegt nicht zwischen %2 und %3</translation>
    </message>
    <message>
        <source>“%1” is no kind of mark; there are %2</source>
        <translation>„%1“ ist keine Art von Markierung; es gibt %2</translation>
    </message>
    <message>
        <source>a %1 has no form “%2”; there are %3</source>
        <translation>%1 hat keine Form „%2“; es gibt %3</translation>
    </message>
    <message>
        <source>it has no kind</source>
        <translation>es hat keine Art</translation>
    </message>
    <message>
        <source>it has no points</source>
        <translation>es hat keine Punkte</translation>
    </message>
    <message>
        <source>%1 is no file of marks: %2.</source>
        <translation>%1 ist keine Datei von Markierungen: %2.</translation>
    </message>
    <message>
        <source>it is no JSON</source>
        <translation>es ist kein JSON</translation>
    </message>
    <message>
        <source>it does not begin as one of version 1 does</source>
        <translation>es beginnt nicht wie eine der Version 1</translation>
    </message>
    <message>
        <source>mark %1: %2</source>
        <translation>Markierung %1: %2</translation>
    </message>
    <message>
        <source>was covered by hand</source>
        <translation>wurde von Hand geschwärzt</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>Draw</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>Tint</source>
        <translation>Tönen</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>Enlarge</source>
        <translation>Vergrößern</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Unterschrift</translation>
    </message>
    <message>
        <source>%1 × %2, %3 %4²</source>
        <translation>%1 × %2, %3 %4²</translation>
    </message>
    <message>
        <source>[%1 %2]</source>
        <translation>[%1 %2]</translation>
    </message>
    <message>
        <source>has the form of a street address</source>
        <translation>hat die Form einer Straßenanschrift</translation>
    </message>
    <message>
        <source>has the form of a Canadian postcode</source>
        <translation>hat die Form einer kanadischen Postleitzahl</translation>
    </message>
    <message>
        <source>has the form of a British postcode</source>
        <translation>hat die Form einer britischen Postleitzahl</translation>
    </message>
    <message>
        <source>has the form of a street address over two lines</source>
        <translation>hat die Form einer Straßenanschrift über zwei Zeilen</translation>
    </message>
    <message>
        <source>goes on under a street address</source>
        <translation>setzt eine Straßenanschrift fort</translation>
    </message>
    <message>
        <source>is written like the others of its column or row</source>
        <translation>ist geschrieben wie die anderen seiner Spalte oder Zeile</translation>
    </message>
    <message>
        <source>stands in a column of names</source>
        <translation>steht in einer Spalte von Namen</translation>
    </message>
    <message>
        <source>stands in a column of user names</source>
        <translation>steht in einer Spalte von Benutzernamen</translation>
    </message>
    <message>
        <source>is a date and %1</source>
        <translation>ist ein Datum und %1</translation>
    </message>
    <message>
        <source>is a date after a word for birth</source>
        <translation>ist ein Datum nach einem Wort für Geburt</translation>
    </message>
    <message>
        <source>is a date before a word for birth</source>
        <translation>ist ein Datum vor einem Wort für Geburt</translation>
    </message>
    <message>
        <source>is a date before a letter for the sex</source>
        <translation>ist ein Datum vor einem Buchstaben für das Geschlecht</translation>
    </message>
    <message>
        <source>is a card number: its check digit (Luhn) holds</source>
        <translation>ist eine Kartennummer: Ihre Prüfziffer (Luhn) stimmt</translation>
    </message>
    <message>
        <source>%1 and is as long as a card number; its check digit does not hold, perhaps misread</source>
        <translation>%1 und ist so lang wie eine Kartennummer; die Prüfziffer stimmt nicht, vielleicht verlesen</translation>
    </message>
    <message>
        <source>is grouped like a card number; its check digit does not hold, perhaps misread</source>
        <translation>ist gegliedert wie eine Kartennummer; die Prüfziffer stimmt nicht, vielleicht verlesen</translation>
    </message>
    <message>
        <source>is an IMEI: its check digit (Luhn) holds</source>
        <translation>ist eine IMEI: Ihre Prüfziffer (Luhn) stimmt</translation>
    </message>
    <message>
        <source>stands by a word for IMEI</source>
        <translation>steht bei einem Wort für IMEI</translation>
    </message>
    <message>
        <source>is a SIM card&apos;s number: its check digit (Luhn) holds</source>
        <translation>ist die Nummer einer SIM-Karte: Ihre Prüfziffer (Luhn) stimmt</translation>
    </message>
    <message>
        <source>is a vehicle&apos;s number: its check digit holds</source>
        <translation>ist eine Fahrzeugnummer: Ihre Prüfziffer stimmt</translation>
    </message>
    <message>
        <source>is a latitude and a longitude</source>
        <translation>ist eine geografische Breite und Länge</translation>
    </message>
    <message>
        <source>is a place in degrees, minutes and seconds</source>
        <translation>ist ein Ort in Grad, Minuten und Sekunden</translation>
    </message>
    <message>
        <source>is a wallet&apos;s address: its checksum holds</source>
        <translation>ist die Adresse einer Wallet: Ihre Prüfsumme stimmt</translation>
    </message>
    <message>
        <source>stands by a word for a wallet</source>
        <translation>steht bei einem Wort für eine Wallet</translation>
    </message>
    <message>
        <source>has the form of an Ethereum address</source>
        <translation>hat die Form einer Ethereum-Adresse</translation>
    </message>
    <message>
        <source>%1 and is a US routing number: its check digit holds</source>
        <translation>%1 und ist eine US-Bankleitzahl: Ihre Prüfziffer stimmt</translation>
    </message>
    <message>
        <source>is a line of a machine-readable zone: its check digits hold</source>
        <translation>ist eine Zeile eines maschinenlesbaren Bereichs: Ihre Prüfziffern stimmen</translation>
    </message>
    <message>
        <source>has the form of a line of a machine-readable zone</source>
        <translation>hat die Form einer Zeile eines maschinenlesbaren Bereichs</translation>
    </message>
    <message>
        <source>has the form of an e-mail address</source>
        <translation>hat die Form einer E-Mail-Adresse</translation>
    </message>
    <message>
        <source>looks like an e-mail address whose dot was lost in reading</source>
        <translation>sieht aus wie eine E-Mail-Adresse, deren Punkt beim Lesen verloren ging</translation>
    </message>
    <message>
        <source>stands between angle brackets and has a mail domain&apos;s ending</source>
        <translation>steht in spitzen Klammern und hat die Endung einer Maildomäne</translation>
    </message>
    <message>
        <source>%1 and has a mail domain&apos;s ending</source>
        <translation>%1 und hat die Endung einer Maildomäne</translation>
    </message>
    <message>
        <source>is a %1 of the policy</source>
        <translation>ist %1 der Richtlinie</translation>
    </message>
    <message>
        <source>%1 in another reading of it</source>
        <translation>%1 in anderer Lesart</translation>
    </message>
    <message>
        <source>is a small photograph beside somebody&apos;s name that may show a face</source>
        <translation>ist ein kleines Foto neben einem Namen, das ein Gesicht zeigen kann</translation>
    </message>
    <message>
        <source>looks like a face on a photograph</source>
        <translation>sieht aus wie ein Gesicht auf einem Foto</translation>
    </message>
    <message>
        <source>looks like text and could not be read</source>
        <translation>sieht nach Text aus und war nicht zu lesen</translation>
    </message>
    <message>
        <source>is a %1</source>
        <translation>ist ein %1</translation>
    </message>
    <message>
        <source>%1 that holds a value of this kind, which %2</source>
        <translation>%1, der einen Wert dieser Art enthält, der %2</translation>
    </message>
    <message>
        <source>is a code of the classification of diseases (ICD-10) after a word for it</source>
        <translation>ist eine Ziffer der Krankheitsklassifikation (ICD-10) nach einem Wort dafür</translation>
    </message>
    <message>
        <source>is an IBAN: its country&apos;s length and its check digits (mod 97) hold</source>
        <translation>ist eine IBAN: Länge und Prüfziffern (mod 97) stimmen</translation>
    </message>
    <message>
        <source>%1; its check digits do not hold, perhaps misread</source>
        <translation>%1; die Prüfziffern stimmen nicht, vielleicht verlesen</translation>
    </message>
    <message>
        <source>has the form of an IBAN; its check digits do not hold, perhaps misread</source>
        <translation>hat die Form einer IBAN; die Prüfziffern stimmen nicht, vielleicht verlesen</translation>
    </message>
    <message>
        <source>Person</source>
        <translation>Person</translation>
    </message>
    <message>
        <source>E-mail address</source>
        <translation>E-Mail-Adresse</translation>
    </message>
    <message>
        <source>Phone number</source>
        <translation>Telefonnummer</translation>
    </message>
    <message>
        <source>Postal address</source>
        <translation>Postanschrift</translation>
    </message>
    <message>
        <source>Date of birth</source>
        <translation>Geburtsdatum</translation>
    </message>
    <message>
        <source>Payment card</source>
        <translation>Zahlungskarte</translation>
    </message>
    <message>
        <source>IBAN</source>
        <translation>IBAN</translation>
    </message>
    <message>
        <source>Bank account</source>
        <translation>Bankkonto</translation>
    </message>
    <message>
        <source>National identity number</source>
        <translation>Nationale Kennnummer</translation>
    </message>
    <message>
        <source>Passport or licence</source>
        <translation>Pass oder Ausweis</translation>
    </message>
    <message>
        <source>IP address</source>
        <translation>IP-Adresse</translation>
    </message>
    <message>
        <source>MAC address</source>
        <translation>MAC-Adresse</translation>
    </message>
    <message>
        <source>User name</source>
        <translation>Benutzername</translation>
    </message>
    <message>
        <source>Secret</source>
        <translation>Geheimnis</translation>
    </message>
    <message>
        <source>Vehicle plate</source>
        <translation>Kennzeichen</translation>
    </message>
    <message>
        <source>Health fact</source>
        <translation>Gesundheitsangabe</translation>
    </message>
    <message>
        <source>Coordinates</source>
        <translation>Koordinaten</translation>
    </message>
    <message>
        <source>Device number</source>
        <translation>Gerätenummer</translation>
    </message>
    <message>
        <source>Wallet address</source>
        <translation>Wallet-Adresse</translation>
    </message>
    <message>
        <source>Personal web address</source>
        <translation>Persönliche Webadresse</translation>
    </message>
    <message>
        <source>Record number</source>
        <translation>Aktenzeichen</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Gesicht</translation>
    </message>
    <message>
        <source>Illegible text</source>
        <translation>Unlesbarer Text</translation>
    </message>
    <message>
        <source>Watch list</source>
        <translation>Beobachtungsliste</translation>
    </message>
    <message>
        <source>ships with Eyelid</source>
        <translation>kommt mit Eyelid</translation>
    </message>
    <message>
        <source>of this office: %1</source>
        <translation>von diesem Haus: %1</translation>
    </message>
    <message>
        <source>your own: %1</source>
        <translation>Ihre eigene: %1</translation>
    </message>
    <message>
        <source>There is no policy &quot;%1&quot;: it is neither a file nor one of %2.</source>
        <translation>Es gibt keine Richtlinie „%1“: Sie ist weder eine Datei noch eine von %2.</translation>
    </message>
    <message>
        <source>was found elsewhere in the case</source>
        <translation>wurde anderswo im Fall gefunden</translation>
    </message>
    <message>
        <source>is covered elsewhere</source>
        <translation>ist anderswo geschwärzt</translation>
    </message>
    <message>
        <source>is a part of a web address that says who somebody is</source>
        <translation>ist ein Teil einer Webadresse, der sagt, wer jemand ist</translation>
    </message>
    <message>
        <source>is a part of a web address that lets in whoever has it</source>
        <translation>ist ein Teil einer Webadresse, der jeden einlässt, der ihn hat</translation>
    </message>
    <message>
        <source>is a web address for setting a password or accepting an invitation</source>
        <translation>ist eine Webadresse zum Setzen eines Passworts oder Annehmen einer Einladung</translation>
    </message>
    <message>
        <source>is a web page named after somebody</source>
        <translation>ist eine Webseite, die nach jemandem heißt</translation>
    </message>
    <message>
        <source>is %1: %2</source>
        <translation>ist %1: %2</translation>
    </message>
    <message>
        <source>%1 and its check digit holds</source>
        <translation>%1 und die Prüfziffer stimmt</translation>
    </message>
    <message>
        <source>an Italian tax code</source>
        <translation>eine italienische Steuernummer</translation>
    </message>
    <message>
        <source>its control letter holds</source>
        <translation>ihr Prüfbuchstabe stimmt</translation>
    </message>
    <message>
        <source>a Polish PESEL number</source>
        <translation>eine polnische PESEL-Nummer</translation>
    </message>
    <message>
        <source>its date and control digit hold</source>
        <translation>Datum und Prüfziffer stimmen</translation>
    </message>
    <message>
        <source>a Portuguese tax number</source>
        <translation>eine portugiesische Steuernummer</translation>
    </message>
    <message>
        <source>its control digit holds</source>
        <translation>ihre Prüfziffer stimmt</translation>
    </message>
    <message>
        <source>a Belgian national number</source>
        <translation>eine belgische Nationalnummer</translation>
    </message>
    <message>
        <source>its control number (mod 97) holds</source>
        <translation>ihre Prüfzahl (mod 97) stimmt</translation>
    </message>
    <message>
        <source>a Swedish personal number</source>
        <translation>eine schwedische Personennummer</translation>
    </message>
    <message>
        <source>its date and control digit (Luhn) hold</source>
        <translation>Datum und Prüfziffer (Luhn) stimmen</translation>
    </message>
    <message>
        <source>a Norwegian national number</source>
        <translation>eine norwegische Personennummer</translation>
    </message>
    <message>
        <source>its date and both control digits hold</source>
        <translation>Datum und beide Prüfziffern stimmen</translation>
    </message>
    <message>
        <source>a Danish personal number</source>
        <translation>eine dänische Personennummer</translation>
    </message>
    <message>
        <source>it begins with a date</source>
        <translation>sie beginnt mit einem Datum</translation>
    </message>
    <message>
        <source>a Finnish personal code</source>
        <translation>ein finnischer Personencode</translation>
    </message>
    <message>
        <source>its control character (mod 31) holds</source>
        <translation>sein Prüfzeichen (mod 31) stimmt</translation>
    </message>
    <message>
        <source>a Swiss insurance number</source>
        <translation>eine Schweizer Versichertennummer</translation>
    </message>
    <message>
        <source>its check digit holds</source>
        <translation>ihre Prüfziffer stimmt</translation>
    </message>
    <message>
        <source>an Austrian insurance number</source>
        <translation>eine österreichische Versicherungsnummer</translation>
    </message>
    <message>
        <source>a Brazilian tax number</source>
        <translation>eine brasilianische Steuernummer</translation>
    </message>
    <message>
        <source>its control digits hold</source>
        <translation>ihre Prüfziffern stimmen</translation>
    </message>
    <message>
        <source>a Canadian insurance number</source>
        <translation>eine kanadische Versicherungsnummer</translation>
    </message>
    <message>
        <source>its check digit (Luhn) holds</source>
        <translation>ihre Prüfziffer (Luhn) stimmt</translation>
    </message>
    <message>
        <source>an Australian tax file number</source>
        <translation>eine australische Steuernummer</translation>
    </message>
    <message>
        <source>an Irish PPS number</source>
        <translation>eine irische PPS-Nummer</translation>
    </message>
    <message>
        <source>its control letter (mod 23) holds</source>
        <translation>ihr Prüfbuchstabe (mod 23) stimmt</translation>
    </message>
    <message>
        <source>an Aadhaar number</source>
        <translation>eine Aadhaar-Nummer</translation>
    </message>
    <message>
        <source>its check digit (Verhoeff) holds</source>
        <translation>ihre Prüfziffer (Verhoeff) stimmt</translation>
    </message>
    <message>
        <source>an NHS number</source>
        <translation>eine NHS-Nummer</translation>
    </message>
    <message>
        <source>its check digit (mod 11) holds</source>
        <translation>ihre Prüfziffer (mod 11) stimmt</translation>
    </message>
    <message>
        <source>has the form of an IP address: four numbers up to 255</source>
        <translation>hat die Form einer IP-Adresse: vier Zahlen bis 255</translation>
    </message>
    <message>
        <source>has the form of an IP address with a number misread</source>
        <translation>hat die Form einer IP-Adresse mit einer verlesenen Zahl</translation>
    </message>
    <message>
        <source>is an IPv6 address</source>
        <translation>ist eine IPv6-Adresse</translation>
    </message>
    <message>
        <source>begins like an IPv6 address, perhaps misread</source>
        <translation>beginnt wie eine IPv6-Adresse, vielleicht verlesen</translation>
    </message>
    <message>
        <source>has the form of a MAC address: six pairs of hexadecimal digits</source>
        <translation>hat die Form einer MAC-Adresse: sechs Paare hexadezimaler Ziffern</translation>
    </message>
    <message>
        <source>was marked by an officer</source>
        <translation>wurde von einem Bearbeiter bezeichnet</translation>
    </message>
    <message>
        <source>the pattern %1 cannot be used: %2</source>
        <translation>das Muster %1 ist nicht verwendbar: %2</translation>
    </message>
    <message>
        <source>looks like a name</source>
        <translation>sieht aus wie ein Name</translation>
    </message>
    <message>
        <source>is on the list of given names</source>
        <translation>steht auf der Liste der Vornamen</translation>
    </message>
    <message>
        <source>is on the list of family names</source>
        <translation>steht auf der Liste der Familiennamen</translation>
    </message>
    <message>
        <source>follows a word for somebody&apos;s part</source>
        <translation>folgt auf ein Wort für jemandes Aufgabe</translation>
    </message>
    <message>
        <source>has a given and a family name of the lists of names</source>
        <translation>hat einen Vor- und einen Familiennamen der Namenslisten</translation>
    </message>
    <message>
        <source>has a word that is on the lists of names</source>
        <translation>hat ein Wort, das auf den Namenslisten steht</translation>
    </message>
    <message>
        <source>is written surname first</source>
        <translation>ist mit dem Familiennamen zuerst geschrieben</translation>
    </message>
    <message>
        <source>follows a title</source>
        <translation>folgt auf einen Titel</translation>
    </message>
    <message>
        <source>follows a greeting</source>
        <translation>folgt auf eine Anrede</translation>
    </message>
    <message>
        <source>stands under a letter&apos;s closing</source>
        <translation>steht unter dem Gruß eines Briefs</translation>
    </message>
    <message>
        <source>stands where a person is spoken of</source>
        <translation>steht, wo von einer Person die Rede ist</translation>
    </message>
    <message>
        <source>is what a mail address on the screen is made from</source>
        <translation>ist, woraus eine Mailadresse auf dem Bild gemacht ist</translation>
    </message>
    <message>
        <source>is part of a name found elsewhere on the screen</source>
        <translation>ist Teil eines Namens, der anderswo auf dem Bild steht</translation>
    </message>
    <message>
        <source>%1 and can be dialled</source>
        <translation>%1 und ist wählbar</translation>
    </message>
    <message>
        <source>%1 and has the form of a phone number</source>
        <translation>%1 und hat die Form einer Telefonnummer</translation>
    </message>
    <message>
        <source>is a valid phone number</source>
        <translation>ist eine gültige Telefonnummer</translation>
    </message>
    <message>
        <source>starts like an international phone number</source>
        <translation>beginnt wie eine internationale Telefonnummer</translation>
    </message>
    <message>
        <source>has a phone number&apos;s length and leading zero</source>
        <translation>hat Länge und führende Null einer Telefonnummer</translation>
    </message>
    <message>
        <source>is a valid Spanish phone number and stands where one is written</source>
        <translation>ist eine gültige spanische Telefonnummer und steht, wo eine hingehört</translation>
    </message>
    <message>
        <source>has the form of a North American phone number</source>
        <translation>hat die Form einer nordamerikanischen Telefonnummer</translation>
    </message>
    <message>
        <source>has the form of a British number plate</source>
        <translation>hat die Form eines britischen Kennzeichens</translation>
    </message>
    <message>
        <source>has the form of a British number plate, its space lost</source>
        <translation>hat die Form eines britischen Kennzeichens ohne Lücke</translation>
    </message>
    <message>
        <source>has the form of a French number plate</source>
        <translation>hat die Form eines französischen Kennzeichens</translation>
    </message>
    <message>
        <source>%1 and looks like a number plate</source>
        <translation>%1 und sieht aus wie ein Kennzeichen</translation>
    </message>
    <message>
        <source>has the form of a German number plate, on a page that tells of vehicles</source>
        <translation>hat die Form eines deutschen Kennzeichens, auf einer Seite über Fahrzeuge</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a text in quotes</source>
        <translation>„%1“ muss ein Text in Anführungszeichen sein</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a number from %2 to %3</source>
        <translation>„%1“ muss eine Zahl von %2 bis %3 sein</translation>
    </message>
    <message>
        <source>a style must be one of %1</source>
        <translation>ein Stil muss einer von %1 sein</translation>
    </message>
    <message>
        <source>&quot;colour&quot; must be one of %1</source>
        <translation>&quot;colour&quot; muss eine von %1 sein</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a list of texts</source>
        <translation>„%1“ muss eine Liste von Texten sein</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a kind; the kinds are %2</source>
        <translation>„%1“ ist keine Art; die Arten sind %2</translation>
    </message>
    <message>
        <source>&quot;check&quot; must be &quot;luhn&quot;, &quot;mod97&quot; or &quot;mod11&quot;</source>
        <translation>&quot;check&quot; muss &quot;luhn&quot;, &quot;mod97&quot; oder &quot;mod11&quot; sein</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a setting of a pattern; it has name, match, kind, near, check and confidence</source>
        <translation>„%1“ ist keine Angabe eines Musters; es hat name, match, kind, near, check und confidence</translation>
    </message>
    <message>
        <source>a pattern needs &quot;match&quot;</source>
        <translation>ein Muster braucht &quot;match&quot;</translation>
    </message>
    <message>
        <source>a pattern needs a &quot;name&quot;</source>
        <translation>ein Muster braucht einen &quot;name&quot;</translation>
    </message>
    <message>
        <source>&quot;leave_out&quot; names %1, which the pattern &quot;%2&quot; finds</source>
        <translation>&quot;leave_out&quot; nennt %1, was das Muster „%2“ findet</translation>
    </message>
    <message>
        <source>the pattern &quot;%1&quot; never finds: its confidence, %2, lies under the threshold of %3, %4</source>
        <translation>das Muster „%1“ findet nie: Seine Sicherheit %2 liegt unter der Schwelle von %3, %4</translation>
    </message>
    <message>
        <source>&quot;look_for&quot; must be &quot;everything&quot; or a list of kinds</source>
        <translation>&quot;look_for&quot; muss &quot;everything&quot; oder eine Liste von Arten sein</translation>
    </message>
    <message>
        <source>&quot;watch&quot; knows &quot;words&quot; and &quot;patterns&quot;, not &quot;%1&quot;</source>
        <translation>&quot;watch&quot; kennt &quot;words&quot; und &quot;patterns&quot;, nicht „%1“</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be true or false</source>
        <translation>„%1“ muss true oder false sein</translation>
    </message>
    <message>
        <source>&quot;recovery_key&quot; must be a public key of 64 hexadecimal digits</source>
        <translation>&quot;recovery_key&quot; muss ein öffentlicher Schlüssel aus 64 hexadezimalen Ziffern sein</translation>
    </message>
    <message>
        <source>&quot;retention&quot; knows &quot;days&quot; and &quot;by_itself&quot;, not &quot;%1&quot;</source>
        <translation>&quot;retention&quot; kennt &quot;days&quot; und &quot;by_itself&quot;, nicht „%1“</translation>
    </message>
    <message>
        <source>&quot;label&quot; must be &quot;identity&quot; or &quot;ground&quot;</source>
        <translation>&quot;label&quot; muss &quot;identity&quot; oder &quot;ground&quot; sein</translation>
    </message>
    <message>
        <source>patterns are written as [[pattern]]</source>
        <translation>Muster werden als [[pattern]] geschrieben</translation>
    </message>
    <message>
        <source>&quot;leave_out&quot; must be a list of kinds</source>
        <translation>&quot;leave_out&quot; muss eine Liste von Arten sein</translation>
    </message>
    <message>
        <source>only of card, account and iban may the last characters stay</source>
        <translation>nur von card, account und iban dürfen die letzten Zeichen bleiben</translation>
    </message>
    <message>
        <source>&quot;look_for&quot; is missing: it says which kinds to look for</source>
        <translation>&quot;look_for&quot; fehlt: Es sagt, nach welchen Arten gesucht wird</translation>
    </message>
    <message>
        <source>&quot;name&quot; is missing</source>
        <translation>&quot;name&quot; fehlt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a setting of a policy</source>
        <translation>„%1“ ist keine Angabe einer Richtlinie</translation>
    </message>
    <message>
        <source>Solid</source>
        <translation>Einfarbig</translation>
    </message>
    <message>
        <source>Mosaic</source>
        <translation>Mosaik</translation>
    </message>
    <message>
        <source>Blur</source>
        <translation>Unschärfe</translation>
    </message>
    <message>
        <source>Stand-in</source>
        <translation>Ersatzwert</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>As the ground</source>
        <translation>Wie der Untergrund</translation>
    </message>
    <message>
        <source>%1, line %2, column %3: %4.</source>
        <translation>%1, Zeile %2, Spalte %3: %4.</translation>
    </message>
    <message>
        <source>is a date</source>
        <translation>ist ein Datum</translation>
    </message>
    <message>
        <source>tells somebody&apos;s age</source>
        <translation>nennt jemandes Alter</translation>
    </message>
    <message>
        <source>stands with somebody&apos;s name as others like it do</source>
        <translation>steht bei einem Namen wie andere seinesgleichen</translation>
    </message>
    <message>
        <source>follows the label &quot;%1&quot;</source>
        <translation>folgt auf die Beschriftung „%1“</translation>
    </message>
    <message>
        <source>stands beside the label &quot;%1&quot;</source>
        <translation>steht neben der Beschriftung „%1“</translation>
    </message>
    <message>
        <source>stands under the label &quot;%1&quot;</source>
        <translation>steht unter der Beschriftung „%1“</translation>
    </message>
    <message>
        <source>stands in a column headed &quot;%1&quot;</source>
        <translation>steht in einer Spalte mit der Überschrift „%1“</translation>
    </message>
    <message>
        <source>begins like an access key</source>
        <translation>beginnt wie ein Zugangsschlüssel</translation>
    </message>
    <message>
        <source>has the form of a signed token (JWT)</source>
        <translation>hat die Form eines signierten Tokens (JWT)</translation>
    </message>
    <message>
        <source>opens a private key</source>
        <translation>beginnt einen privaten Schlüssel</translation>
    </message>
    <message>
        <source>follows a word for a password, key or token</source>
        <translation>folgt auf ein Wort für Passwort, Schlüssel oder Token</translation>
    </message>
    <message>
        <source>is a password within a web address</source>
        <translation>ist ein Passwort in einer Webadresse</translation>
    </message>
    <message>
        <source>is told to be a password, key or token</source>
        <translation>wird als Passwort, Schlüssel oder Token genannt</translation>
    </message>
    <message>
        <source>is long and unlike any language, as keys are</source>
        <translation>ist lang und keiner Sprache ähnlich, wie Schlüssel</translation>
    </message>
    <message>
        <source>is a one-time code: it follows words for one</source>
        <translation>ist ein Einmalcode: Er folgt auf Wörter dafür</translation>
    </message>
    <message>
        <source>is a cookie&apos;s value</source>
        <translation>ist der Wert eines Cookies</translation>
    </message>
    <message>
        <source>is a line of a private key</source>
        <translation>ist eine Zeile eines privaten Schlüssels</translation>
    </message>
    <message>
        <source>reads like this kind of value (%1)</source>
        <translation>liest sich wie ein Wert dieser Art (%1)</translation>
    </message>
    <message>
        <source>stands where its line has such a value (%1)</source>
        <translation>steht, wo seine Zeile einen solchen Wert hat (%1)</translation>
    </message>
    <message>
        <source>stands beside or under words that speak for it (%1)</source>
        <translation>steht neben oder unter Wörtern, die dafür sprechen (%1)</translation>
    </message>
    <message>
        <source>stands in a column of such values (%1)</source>
        <translation>steht in einer Spalte solcher Werte (%1)</translation>
    </message>
    <message>
        <source>stands where such a value stands on this page (%1)</source>
        <translation>steht, wo auf dieser Seite ein solcher Wert steht (%1)</translation>
    </message>
    <message>
        <source>is the owner&apos;s name in a file path</source>
        <translation>ist der Name des Besitzers in einem Dateipfad</translation>
    </message>
    <message>
        <source>is a user name within a web address</source>
        <translation>ist ein Benutzername in einer Webadresse</translation>
    </message>
    <message>
        <source>follows a word for user and a sign of assignment</source>
        <translation>folgt auf ein Wort für Benutzer und ein Zuweisungszeichen</translation>
    </message>
    <message>
        <source>follows the word &quot;user&quot;</source>
        <translation>folgt auf das Wort „user“</translation>
    </message>
    <message>
        <source>is told to be a user name</source>
        <translation>wird als Benutzername genannt</translation>
    </message>
    <message>
        <source>is written as people are called in forums</source>
        <translation>ist geschrieben, wie Leute in Foren heißen</translation>
    </message>
    <message>
        <source>is made of a given and a family name</source>
        <translation>ist aus einem Vor- und einem Familiennamen gemacht</translation>
    </message>
    <message>
        <source>is made of a name and figures</source>
        <translation>ist aus einem Namen und Ziffern gemacht</translation>
    </message>
    <message>
        <source>is on the watch list</source>
        <translation>steht auf der Beobachtungsliste</translation>
    </message>
    <message>
        <source>matches a pattern of the watch list</source>
        <translation>entspricht einem Muster der Beobachtungsliste</translation>
    </message>
    <message>
        <source>%1 is damaged: it is no proper UTF-16 text.</source>
        <translation>%1 ist beschädigt: kein richtiger UTF-16-Text.</translation>
    </message>
    <message>
        <source>%1, line %2: this is not UTF-8 text; save the watch list as UTF-8.</source>
        <translation>%1, Zeile %2: kein UTF-8-Text; speichern Sie die Beobachtungsliste als UTF-8.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no letter and no digit to look for; write a pattern between slashes</source>
        <translation>„%1“ hat keinen Buchstaben und keine Ziffer; schreiben Sie ein Muster zwischen Schrägstriche</translation>
    </message>
    <message>
        <source>In the watch list, %1.</source>
        <translation>In der Beobachtungsliste: %1.</translation>
    </message>
    <message>
        <source>%1, line %2: %3.</source>
        <translation>%1, Zeile %2: %3.</translation>
    </message>
    <message>
        <source>Only the scroll bar has moved: every line here looks like the next one.</source>
        <translation>Nur der Rollbalken hat sich bewegt: Jede Zeile sieht hier aus wie die nächste.</translation>
    </message>
    <message>
        <source>What stays in place fits, and the rest has nothing in common.</source>
        <translation>Was an seinem Platz bleibt, passt; der Rest hat nichts gemeinsam.</translation>
    </message>
    <message>
        <source>There is too little in common to match these two pictures by.</source>
        <translation>Die beiden Bilder haben zu wenig gemeinsam.</translation>
    </message>
    <message>
        <source>Much of the part both pictures show has changed between them.</source>
        <translation>Von dem, was beide Bilder zeigen, hat sich viel geändert.</translation>
    </message>
    <message>
        <source>The pictures fit together in more than one place; the lines look alike.</source>
        <translation>Die Bilder passen an mehr als einer Stelle; die Zeilen sehen gleich aus.</translation>
    </message>
    <message>
        <source>The later picture seems to lie before the earlier one.</source>
        <translation>Das spätere Bild scheint vor dem früheren zu liegen.</translation>
    </message>
    <message>
        <source>Joining needs at least two pictures that overlap.</source>
        <translation>Zum Zusammenfügen braucht es mindestens zwei Bilder, die sich überlappen.</translation>
    </message>
    <message>
        <source>Picture %1 is %2 pixels %3, the first is %4; pictures to be joined are of one %5.</source>
        <translation>Bild %1 ist %2 Pixel %3, das erste %4; zusammengefügt werden Bilder von gleicher %5.</translation>
    </message>
    <message>
        <source>Joined, the pictures would be longer than %1 pixels; join fewer at a time.</source>
        <translation>Zusammengefügt wären die Bilder länger als %1 Pixel; nehmen Sie weniger auf einmal.</translation>
    </message>
    <message>
        <source>a fourth channel</source>
        <translation>ein vierter Kanal</translation>
    </message>
    <message>
        <source>reserved fields that are in use</source>
        <translation>reservierte Felder in Gebrauch</translation>
    </message>
    <message>
        <source>rows that are packed, which may hold more than is shown</source>
        <translation>gepackte Zeilen, die mehr enthalten können, als sie zeigen</translation>
    </message>
    <message>
        <source>colour profile</source>
        <translation>Farbprofil</translation>
    </message>
    <message>
        <source>a gap before the picture</source>
        <translation>eine Lücke vor dem Bild</translation>
    </message>
    <message>
        <source>A %1 holds pictures of up to %2 pixels a side, and this one is %3 x %4; choose another format, or a smaller size.</source>
        <translation>Ein %1 fasst Bilder bis %2 Pixel je Seite, dieses ist %3 x %4; wählen Sie ein anderes Format oder eine kleinere Größe.</translation>
    </message>
    <message>
        <source>The picture could not be made: there is too little memory.</source>
        <translation>Das Bild ließ sich nicht herstellen: zu wenig Speicher.</translation>
    </message>
    <message>
        <source>application data</source>
        <translation>Anwendungsdaten</translation>
    </message>
    <message>
        <source>text (plain text extension)</source>
        <translation>Text (Texterweiterung)</translation>
    </message>
    <message>
        <source>an extension of an unknown kind</source>
        <translation>eine Erweiterung unbekannter Art</translation>
    </message>
    <message>
        <source>a frame that reaches over the edge</source>
        <translation>ein Einzelbild, das über den Rand reicht</translation>
    </message>
    <message>
        <source>damaged picture data</source>
        <translation>beschädigte Bilddaten</translation>
    </message>
    <message>
        <source>data that belongs to no pixel</source>
        <translation>Daten, die zu keinem Pixel gehören</translation>
    </message>
    <message>
        <source>thumbnail (APP0)</source>
        <translation>Vorschaubild (APP0)</translation>
    </message>
    <message>
        <source>application data (APP0)</source>
        <translation>Anwendungsdaten (APP0)</translation>
    </message>
    <message>
        <source>photo metadata (APP13)</source>
        <translation>Fotoangaben (APP13)</translation>
    </message>
    <message>
        <source>application data (APP%1)</source>
        <translation>Anwendungsdaten (APP%1)</translation>
    </message>
    <message>
        <source>marker %1</source>
        <translation>Marke %1</translation>
    </message>
    <message>
        <source>%1 is not a picture Eyelid can open (PNG, JPEG, WebP, BMP, TIFF or GIF).</source>
        <translation>%1 ist kein Bild, das Eyelid öffnen kann (PNG, JPEG, WebP, BMP, TIFF oder GIF).</translation>
    </message>
    <message>
        <source>%1 is cut short: the file ends before the picture does.</source>
        <translation>%1 ist abgeschnitten: Die Datei endet vor dem Bild.</translation>
    </message>
    <message>
        <source>%1 has a damaged page.</source>
        <translation>%1 hat eine beschädigte Seite.</translation>
    </message>
    <message>
        <source>%1 holds a picture of no size.</source>
        <translation>%1 enthält ein Bild ohne Größe.</translation>
    </message>
    <message>
        <source>%1 is %2 x %3 pixels; Eyelid opens pictures of up to %4 pixels a side.</source>
        <translation>%1 ist %2 x %3 Pixel groß; Eyelid öffnet Bilder bis %4 Pixel je Seite.</translation>
    </message>
    <message>
        <source>%1 is %2 x %3 pixels, %4 million in all; Eyelid opens up to %5 million.</source>
        <translation>%1 ist %2 x %3 Pixel groß, zusammen %4 Millionen; Eyelid öffnet bis %5 Millionen.</translation>
    </message>
    <message>
        <source>%1 is a damaged %2 picture and cannot be opened.</source>
        <translation>%1 ist ein beschädigtes %2-Bild und lässt sich nicht öffnen.</translation>
    </message>
    <message>
        <source>EXIF (chunk eXIf)</source>
        <translation>EXIF (Block eXIf)</translation>
    </message>
    <message>
        <source>text (chunk %1)</source>
        <translation>Text (Block %1)</translation>
    </message>
    <message>
        <source>time stamp (chunk tIME)</source>
        <translation>Zeitstempel (Block tIME)</translation>
    </message>
    <message>
        <source>named colour profile (chunk iCCP)</source>
        <translation>benanntes Farbprofil (Block iCCP)</translation>
    </message>
    <message>
        <source>further frames (chunk %1)</source>
        <translation>weitere Einzelbilder (Block %1)</translation>
    </message>
    <message>
        <source>a chunk of no proper name</source>
        <translation>ein Block ohne richtigen Namen</translation>
    </message>
    <message>
        <source>chunk %1</source>
        <translation>Block %1</translation>
    </message>
    <message>
        <source>a check sum that is none</source>
        <translation>eine Prüfsumme, die keine ist</translation>
    </message>
    <message>
        <source>16 bits a colour, of which a screen shows half</source>
        <translation>16 Bit je Farbe, von denen ein Bildschirm die Hälfte zeigt</translation>
    </message>
    <message>
        <source>a second colour table</source>
        <translation>eine zweite Farbtabelle</translation>
    </message>
    <message>
        <source>picture data in several places</source>
        <translation>Bilddaten an mehreren Stellen</translation>
    </message>
    <message>
        <source>bytes in the chunk IEND</source>
        <translation>Bytes im Block IEND</translation>
    </message>
    <message>
        <source>rows beyond the picture&apos;s height</source>
        <translation>Zeilen über die Bildhöhe hinaus</translation>
    </message>
    <message>
        <source>document name</source>
        <translation>Dokumentname</translation>
    </message>
    <message>
        <source>description</source>
        <translation>Beschreibung</translation>
    </message>
    <message>
        <source>maker</source>
        <translation>Hersteller</translation>
    </message>
    <message>
        <source>model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>page name</source>
        <translation>Seitenname</translation>
    </message>
    <message>
        <source>software</source>
        <translation>Software</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>artist</source>
        <translation>Urheber</translation>
    </message>
    <message>
        <source>host</source>
        <translation>Rechner</translation>
    </message>
    <message>
        <source>further pictures</source>
        <translation>weitere Bilder</translation>
    </message>
    <message>
        <source>XMP</source>
        <translation>XMP</translation>
    </message>
    <message>
        <source>copyright</source>
        <translation>Urheberrecht</translation>
    </message>
    <message>
        <source>IPTC</source>
        <translation>IPTC</translation>
    </message>
    <message>
        <source>photo metadata</source>
        <translation>Fotoangaben</translation>
    </message>
    <message>
        <source>EXIF</source>
        <translation>EXIF</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>tag %1</source>
        <translation>Feld %1</translation>
    </message>
    <message>
        <source>%1 (tag %2)</source>
        <translation>%1 (Feld %2)</translation>
    </message>
    <message>
        <source>more than 8 bits a colour, of which a screen shows 8</source>
        <translation>mehr als 8 Bit je Farbe, von denen ein Bildschirm 8 zeigt</translation>
    </message>
    <message>
        <source>picture data packed in a way that is not looked into</source>
        <translation>auf eine Weise gepackte Bilddaten, in die nicht hineingesehen wird</translation>
    </message>
    <message>
        <source>bytes that nothing points to</source>
        <translation>Bytes, auf die nichts zeigt</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Wird gelesen</translation>
    </message>
    <message>
        <source>The reason of a finding</source>
        <translation>Die Begründung eines Funds</translation>
    </message>
    <message>
        <source>What is written on a mark (%1)</source>
        <translation>Was auf einer Markierung steht (%1)</translation>
    </message>
    <message>
        <source>Making %1</source>
        <translation>%1 wird hergestellt</translation>
    </message>
    <message>
        <source>The pictures attached were sanitised and checked; redaction-log.json says what was hidden and why, SHA256SUMS that nothing was altered since.</source>
        <translation>Die angehängten Bilder wurden geschwärzt und geprüft; redaction-log.json sagt, was verdeckt wurde und warum, SHA256SUMS, dass seither nichts verändert wurde.</translation>
    </message>
    <message>
        <source>Picture %1 of %2, %3 by %4 pixels: %5</source>
        <translation>Bild %1 von %2, %3 mal %4 Pixel: %5</translation>
    </message>
    <message>
        <source>a screen with places covered</source>
        <translation>ein Bildschirm mit geschwärzten Stellen</translation>
    </message>
    <message>
        <source>a screen</source>
        <translation>ein Bildschirm</translation>
    </message>
    <message>
        <source>The text of the document holds a value that is covered; release it without the words, or under another name.</source>
        <translation>Der Text des Dokuments enthält einen geschwärzten Wert; geben Sie ohne die Wörter frei oder unter einem anderen Namen.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>No language is named; name one such as eng, or several joined by +.</source>
        <translation>Keine Sprache ist genannt; nennen Sie eine wie eng oder mehrere, mit + verbunden.</translation>
    </message>
    <message>
        <source>The folder of languages, %1, cannot be read: %2.</source>
        <translation>Der Ordner der Sprachen, %1, ist nicht lesbar: %2.</translation>
    </message>
    <message>
        <source>The language &quot;%1&quot; is not installed; the package %2 brings it. Installed: %3.</source>
        <translation>Die Sprache „%1“ ist nicht installiert; das Paket %2 bringt sie. Installiert: %3.</translation>
    </message>
    <message>
        <source>The line model that ships with Eyelid could not be loaded.</source>
        <translation>Das Zeilenmodell, das mit Eyelid kommt, ließ sich nicht laden.</translation>
    </message>
    <message>
        <source>The text reader could not load the language %1.</source>
        <translation>Die Texterkennung konnte die Sprache %1 nicht laden.</translation>
    </message>
    <message>
        <source>Reading line %1 of %2</source>
        <translation>Zeile %1 von %2 wird gelesen</translation>
    </message>
    <message>
        <source>The area to read lies outside the picture.</source>
        <translation>Der zu lesende Bereich liegt außerhalb des Bildes.</translation>
    </message>
    <message>
        <source>Finding lines</source>
        <translation>Zeilen werden gesucht</translation>
    </message>
    <message>
        <source>The archive could not be made: there is too little memory.</source>
        <translation>Das Archiv ließ sich nicht herstellen: zu wenig Speicher.</translation>
    </message>
    <message>
        <source>This is no ZIP archive, or a damaged one.</source>
        <translation>Das ist kein ZIP-Archiv oder ein beschädigtes.</translation>
    </message>
    <message>
        <source>The archive names a file outside of itself.</source>
        <translation>Das Archiv nennt eine Datei außerhalb seiner selbst.</translation>
    </message>
    <message>
        <source>The archive is damaged.</source>
        <translation>Das Archiv ist beschädigt.</translation>
    </message>
    <message>
        <source>The archive holds more than can be looked at.</source>
        <translation>Das Archiv enthält mehr, als angesehen werden kann.</translation>
    </message>
    <message>
        <source>%1 was stopped; what it has done already stands.</source>
        <translation>%1 wurde angehalten; was es schon getan hat, steht.</translation>
    </message>
    <message>
        <source>command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>A command is run with files; release to a folder as well.</source>
        <translation>Ein Befehl wird mit Dateien gestartet; geben Sie auch in einen Ordner frei.</translation>
    </message>
    <message>
        <source>A quote is opened and not closed in the command.</source>
        <translation>Im Befehl ist ein Anführungszeichen offen.</translation>
    </message>
    <message>
        <source>Name the program that is to be run.</source>
        <translation>Nennen Sie das Programm, das zu starten ist.</translation>
    </message>
    <message>
        <source>Running %1</source>
        <translation>%1 läuft</translation>
    </message>
    <message>
        <source>%1 cannot be started; is it installed, and may it be run?</source>
        <translation>%1 lässt sich nicht starten; ist es installiert und darf es laufen?</translation>
    </message>
    <message>
        <source>%1 failed (%2): %3</source>
        <translation>%1 ist gescheitert (%2): %3</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Ablage</translation>
    </message>
    <message>
        <source>The key of “%1” is not pinned; set the place up again.</source>
        <translation>Der Schlüssel von „%1“ ist nicht festgelegt; richten Sie die Ablage neu ein.</translation>
    </message>
    <message>
        <source>Broken off; trying again in %1 s</source>
        <translation>Abgebrochen; neuer Versuch in %1 s</translation>
    </message>
    <message>
        <source>Sending was stopped; nothing is to be seen there.</source>
        <translation>Das Senden wurde angehalten; dort ist nichts zu sehen.</translation>
    </message>
    <message>
        <source>Sending %1</source>
        <translation>%1 wird gesendet</translation>
    </message>
    <message>
        <source>%1 did not arrive as it was sent.</source>
        <translation>%1 kam nicht so an, wie es gesendet wurde.</translation>
    </message>
    <message>
        <source>%1 is there a hundred times; take another name.</source>
        <translation>%1 gibt es dort hundertmal; nehmen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>%1 Nothing is to be seen there; another attempt goes on where this one ended.</source>
        <translation>%1 Dort ist nichts zu sehen; ein neuer Versuch macht weiter, wo dieser endete.</translation>
    </message>
    <message>
        <source>Give the place a name.</source>
        <translation>Geben Sie der Ablage einen Namen.</translation>
    </message>
    <message>
        <source>“%1” is no address; write it as https://files.example/folder or sftp://files.example/folder.</source>
        <translation>„%1“ ist keine Adresse; man schreibt https://files.example/folder oder sftp://files.example/folder.</translation>
    </message>
    <message>
        <source>Over http anybody on the way could read along; use an address with https or sftp.</source>
        <translation>Über http könnte jeder unterwegs mitlesen; nehmen Sie eine Adresse mit https oder sftp.</translation>
    </message>
    <message>
        <source>Nothing can be dropped by %1; use an address with https or sftp.</source>
        <translation>Mit %1 lässt sich nichts ablegen; nehmen Sie eine Adresse mit https oder sftp.</translation>
    </message>
    <message>
        <source>The address is to name the server and the folder alone; user and password have fields of their own.</source>
        <translation>Die Adresse soll nur Server und Ordner nennen; Benutzer und Passwort haben eigene Felder.</translation>
    </message>
    <message>
        <source>SFTP asks for a user name.</source>
        <translation>SFTP verlangt einen Benutzernamen.</translation>
    </message>
    <message>
        <source>“%1” is no address that others could open.</source>
        <translation>„%1“ ist keine Adresse, die andere öffnen könnten.</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Handing over was stopped.</source>
        <translation>Das Übergeben wurde angehalten.</translation>
    </message>
    <message>
        <source>Eyelid: place “%1”</source>
        <translation>Eyelid: Ablage „%1“</translation>
    </message>
    <message>
        <source>No mail program took the draft; release as a mail draft in a file instead, and open that. (%1)</source>
        <translation>Kein Mailprogramm nahm den Entwurf; geben Sie ihn als Datei frei und öffnen Sie diese. (%1)</translation>
    </message>
    <message>
        <source>“%1” does not let you write to its folder, or has no room left.</source>
        <translation>„%1“ lässt Sie nicht in den Ordner schreiben oder hat keinen Platz mehr.</translation>
    </message>
    <message>
        <source>The certificate of %1 is not one this machine trusts, or not its own; nothing was sent. Ask whoever keeps the server (%2).</source>
        <translation>Dem Zertifikat von %1 vertraut dieser Rechner nicht, oder es ist nicht sein eigenes; nichts wurde gesendet. Fragen Sie den Betreiber des Servers (%2).</translation>
    </message>
    <message>
        <source>%1 shows another key than the one that was pinned; somebody may stand in between. Nothing was sent. Ask whoever keeps the server.</source>
        <translation>%1 zeigt einen anderen Schlüssel als den festgelegten; jemand kann dazwischen stehen. Nichts wurde gesendet. Fragen Sie den Betreiber des Servers.</translation>
    </message>
    <message>
        <source>The certificate authority of “%1” cannot be read: %2</source>
        <translation>Der Zertifizierer von „%1“ ist nicht lesbar: %2</translation>
    </message>
    <message>
        <source>%1 does not accept the user name, the password or the key of “%2”.</source>
        <translation>%1 nimmt Benutzernamen, Passwort oder Schlüssel von „%2“ nicht an.</translation>
    </message>
    <message>
        <source>%1 has no such folder.</source>
        <translation>%1 hat keinen solchen Ordner.</translation>
    </message>
    <message>
        <source>%1 has one of that name.</source>
        <translation>%1 hat schon eines dieses Namens.</translation>
    </message>
    <message>
        <source>%1 has no room left.</source>
        <translation>%1 hat keinen Platz mehr.</translation>
    </message>
    <message>
        <source>%1 does not let you write to the folder of “%2”.</source>
        <translation>%1 lässt Sie nicht in den Ordner von „%2“ schreiben.</translation>
    </message>
    <message>
        <source>%1 cannot be reached, or broke off (%2).</source>
        <translation>%1 ist nicht zu erreichen oder brach ab (%2).</translation>
    </message>
    <message>
        <source>drop at %1</source>
        <translation>Ablage bei %1</translation>
    </message>
    <message>
        <source>mail draft</source>
        <translation>Mail-Entwurf</translation>
    </message>
    <message>
        <source>command %1</source>
        <translation>Befehl %1</translation>
    </message>
    <message>
        <source>The file of ways is not one of Eyelid&apos;s, or is damaged.</source>
        <translation>Die Datei der Wege ist keine von Eyelid oder beschädigt.</translation>
    </message>
    <message>
        <source>“%1” does not take files so large.</source>
        <translation>„%1“ nimmt so große Dateien nicht an.</translation>
    </message>
    <message>
        <source>“%1” is busy (%2).</source>
        <translation>„%1“ ist beschäftigt (%2).</translation>
    </message>
    <message>
        <source>“%1” has a fault (%2).</source>
        <translation>„%1“ hat einen Fehler (%2).</translation>
    </message>
    <message>
        <source>“%1” does not take what was sent (%2); is its address that of a WebDAV folder?</source>
        <translation>„%1“ nimmt nicht an, was gesendet wurde (%2); ist die Adresse die eines WebDAV-Ordners?</translation>
    </message>
    <message>
        <source>%1 is no key for digests: it holds %2 bytes and must hold %3.</source>
        <translation>%1 ist kein Schlüssel für Kennwerte: Er hat %2 Bytes und muss %3 haben.</translation>
    </message>
    <message>
        <source>Picture %1 of %2</source>
        <translation>Bild %1 von %2</translation>
    </message>
    <message>
        <source>The document does not hold what it should when it is taken apart again; release the pictures as files of their own.</source>
        <translation>Das Dokument enthält beim Zerlegen nicht, was es soll; geben Sie die Bilder als eigene Dateien frei.</translation>
    </message>
    <message>
        <source>Words on this picture</source>
        <translation>Wörter auf diesem Bild</translation>
    </message>
    <message>
        <source>This is no mail with files attached.</source>
        <translation>Das ist keine Mail mit Anhängen.</translation>
    </message>
    <message>
        <source>The mail could not be made: there is too little memory.</source>
        <translation>Die Mail ließ sich nicht herstellen: zu wenig Speicher.</translation>
    </message>
    <message>
        <source>Names of files cannot hold what stands at place %1 of %2.</source>
        <translation>Dateinamen können nicht enthalten, was an Stelle %1 von %2 steht.</translation>
    </message>
    <message>
        <source>In %1 a part is closed that was not opened.</source>
        <translation>In %1 wird ein Teil geschlossen, der nicht geöffnet wurde.</translation>
    </message>
    <message>
        <source>In %1 a part is opened and not closed.</source>
        <translation>In %1 wird ein Teil geöffnet und nicht geschlossen.</translation>
    </message>
    <message>
        <source>There is no part %1 of a name; there are %2.</source>
        <translation>Es gibt keinen Namensteil %1; es gibt %2.</translation>
    </message>
    <message>
        <source>A name needs at least a number: {number}.</source>
        <translation>Ein Name braucht mindestens eine Nummer: {number}.</translation>
    </message>
    <message>
        <source>A name that begins with a dot is hidden, and one with a hyphen is taken for an option; begin with a letter or a part.</source>
        <translation>Ein Name mit Punkt am Anfang ist verborgen, einer mit Bindestrich gilt als Option; beginnen Sie mit einem Buchstaben oder Teil.</translation>
    </message>
    <message>
        <source>What was hidden</source>
        <translation>Was verdeckt wurde</translation>
    </message>
    <message>
        <source>extra bytes or metadata</source>
        <translation>zusätzliche Bytes oder Metadaten</translation>
    </message>
    <message>
        <source>A value that is covered can be read on this picture.</source>
        <translation>Ein geschwärzter Wert ist auf diesem Bild lesbar.</translation>
    </message>
    <message>
        <source>is on a watch list</source>
        <translation>steht auf einer Beobachtungsliste</translation>
    </message>
    <message>
        <source>was found as: %1</source>
        <translation>wurde gefunden als: %1</translation>
    </message>
    <message>
        <source>There is no format %1; there are %2.</source>
        <translation>Es gibt kein Format %1; es gibt %2.</translation>
    </message>
    <message>
        <source>%1 is no size of a file; write it as 500k or 2M.</source>
        <translation>%1 ist keine Dateigröße; man schreibt 500k oder 2M.</translation>
    </message>
    <message>
        <source>covered, %1</source>
        <translation>geschwärzt, %1</translation>
    </message>
    <message>
        <source>checked; remarks were let pass</source>
        <translation>geprüft; Bemerkungen wurden durchgelassen</translation>
    </message>
    <message>
        <source>the check failed</source>
        <translation>die Prüfung wurde nicht bestanden</translation>
    </message>
    <message>
        <source>%1 Let pass: %2</source>
        <translation>%1 Durchgelassen: %2</translation>
    </message>
    <message>
        <source>%1 × %2 pixels, %3</source>
        <translation>%1 × %2 Pixel, %3</translation>
    </message>
    <message>
        <source>Nothing was found and nothing was hidden.</source>
        <translation>Nichts wurde gefunden und nichts verdeckt.</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Decision</source>
        <translation>Entscheidung</translation>
    </message>
    <message>
        <source>Place (pixels)</source>
        <translation>Stelle (Pixel)</translation>
    </message>
    <message>
        <source>Policy: %1</source>
        <translation>Richtlinie: %1</translation>
    </message>
    <message>
        <source>%1 is no key that signs releases.</source>
        <translation>%1 ist kein Schlüssel, der Freigaben signiert.</translation>
    </message>
    <message>
        <source>%1 can be read by others and signs nothing any more; make it yours alone (mode 0600), and think whether a new key is called for.</source>
        <translation>%1 können andere lesen, es signiert nichts mehr; machen Sie es sich allein zu eigen (Modus 0600) und überlegen Sie, ob ein neuer Schlüssel nötig ist.</translation>
    </message>
    <message>
        <source>This is no public key: it is one line of 56 letters and digits, or a file that ends with it.</source>
        <translation>Das ist kein öffentlicher Schlüssel: Er ist eine Zeile aus 56 Buchstaben und Ziffern oder eine Datei, die damit endet.</translation>
    </message>
    <message>
        <source>%1 is in it twice.</source>
        <translation>%1 steht zweimal darin.</translation>
    </message>
    <message>
        <source>There is no %1.</source>
        <translation>%1 gibt es nicht.</translation>
    </message>
    <message>
        <source>No redaction log lies here, so nothing can be said.</source>
        <translation>Hier liegt kein Schwärzungsprotokoll; es lässt sich nichts sagen.</translation>
    </message>
    <message>
        <source>altered</source>
        <translation>verändert</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>added: no log speaks of it</source>
        <translation>hinzugefügt: Kein Protokoll spricht davon</translation>
    </message>
    <message>
        <source>The log is not signed.</source>
        <translation>Das Protokoll ist nicht signiert.</translation>
    </message>
    <message>
        <source>The log is signed by the key %1.</source>
        <translation>Das Protokoll ist mit dem Schlüssel %1 signiert.</translation>
    </message>
    <message>
        <source>The log is signed by the key %1, which is not the one to verify with.</source>
        <translation>Das Protokoll ist mit dem Schlüssel %1 signiert, nicht mit dem zum Nachprüfen.</translation>
    </message>
    <message>
        <source>The log&apos;s signature is not of this log: one of the two was altered.</source>
        <translation>Die Signatur gehört nicht zu diesem Protokoll: Eines von beiden wurde verändert.</translation>
    </message>
    <message>
        <source>The log&apos;s signature file is damaged.</source>
        <translation>Die Signaturdatei des Protokolls ist beschädigt.</translation>
    </message>
    <message>
        <source>Language of the window</source>
        <translation>Sprache des Fensters</translation>
    </message>
    <message>
        <source>translation English German French Spanish</source>
        <translation>Übersetzung Englisch Deutsch Französisch Spanisch</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>wird gelesen</translation>
    </message>
    <message>
        <source>waiting</source>
        <translation>wartet</translation>
    </message>
    <message>
        <source>&amp;Policy</source>
        <translation>&amp;Richtlinie</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>any</source>
        <translation>beliebig</translation>
    </message>
    <message>
        <source>numbers</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>sanitised</source>
        <translation>geschwärzt</translation>
    </message>
    <message>
        <source>at</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>&amp;Region</source>
        <translation>&amp;Bereich</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>This capture is in the case no more.</source>
        <translation>Diese Aufnahme ist nicht mehr im Fall.</translation>
    </message>
    <message>
        <source>%1 was changed after it was checked; it was handed to nobody.</source>
        <translation>%1 wurde nach der Prüfung geändert; es wurde niemandem übergeben.</translation>
    </message>
    <message>
        <source>--edge %1: wave, steps or fade is expected, and sides behind a colon where not all are meant: wave:top,bottom</source>
        <translation>--edge %1: wave, steps oder fade wird erwartet und, wo nicht alle Seiten gemeint sind, die Seiten nach einem Doppelpunkt: wave:top,bottom</translation>
    </message>
    <message>
        <source>--canvas %1: one width or four are expected, left,top,right,bottom, each up to %2.</source>
        <translation>--canvas %1: Eine Breite oder vier werden erwartet, links,oben,rechts,unten (left,top,right,bottom), jede bis %2.</translation>
    </message>
    <message>
        <source>%1 %2: a colour is expected, #rrggbb.</source>
        <translation>%1 %2: Eine Farbe wird erwartet, #rrggbb.</translation>
    </message>
    <message>
        <source>Of the border, #rrggbb</source>
        <translation>Des Rahmens, #rrggbb</translation>
    </message>
    <message>
        <source>Torn edges, as of an excerpt: wave, steps or fade; on some sides: wave:top,bottom</source>
        <translation>Gerissene Ränder wie bei einem Ausschnitt: wave, steps oder fade; nur an manchen Seiten: wave:top,bottom</translation>
    </message>
    <message>
        <source>A shadow that reaches so many pixels</source>
        <translation>Ein Schatten, der so viele Pixel weit reicht</translation>
    </message>
    <message>
        <source>More ground around it, so many pixels wide: N, or left,top,right,bottom</source>
        <translation>Mehr Grund ringsum, so viele Pixel breit: N oder links,oben,rechts,unten</translation>
    </message>
    <message>
        <source>The colour of that ground, #rrggbb; white where none is given</source>
        <translation>Die Farbe dieses Grundes, #rrggbb; weiß, wo keine angegeben ist</translation>
    </message>
    <message>
        <source>One a page, as large as it is</source>
        <translation>Eines je Seite, so groß wie es ist</translation>
    </message>
    <message numerus="yes">
        <source>%n on a page of A4</source>
        <translation>
            <numerusform>%n auf einer A4-Seite</numerusform>
            <numerusform>%n auf einer A4-Seite</numerusform>
        </translation>
    </message>
    <message>
        <source>So many pictures on a page of a PDF</source>
        <translation>So viele Bilder auf einer Seite eines PDF</translation>
    </message>
    <message>
        <source>--per-sheet is of PDFs alone; give --format pdf as well.</source>
        <translation>--per-sheet gibt es nur bei PDF; geben Sie auch --format pdf an.</translation>
    </message>
    <message>
        <source>has the form of a town with its state and ZIP code</source>
        <translation>hat die Form eines Ortes mit Bundesstaat und Postleitzahl (ZIP)</translation>
    </message>
    <message>
        <source>Drag from here into another program: all captures, sanitised and checked</source>
        <translation>Von hier in ein anderes Programm ziehen: alle Aufnahmen, geschwärzt und geprüft</translation>
    </message>
    <message>
        <source>The window follows what you chose as soon as what is under way is done.</source>
        <translation>Das Fenster folgt Ihrer Wahl, sobald fertig ist, was gerade läuft.</translation>
    </message>
    <message>
        <source> % (when this view is closed)</source>
        <translation> % (wenn diese Ansicht geschlossen wird)</translation>
    </message>
    <message>
        <source>&quot;translated&quot; knows &quot;name&quot; and &quot;description&quot;, not &quot;%1&quot;</source>
        <translation>„translated“ kennt „name“ und „description“, nicht „%1“</translation>
    </message>
    <message>
        <source>is named with a number of others</source>
        <translation>wird mit einer Anzahl anderer genannt</translation>
    </message>
    <message>
        <source>speaks in a talk line for line</source>
        <translation>spricht in einem Zeile für Zeile festgehaltenen Gespräch</translation>
    </message>
    <message>
        <source>stands under words that are quoted</source>
        <translation>steht unter Worten, die angeführt werden</translation>
    </message>
    <message>
        <source>stands before the terminal it is used at</source>
        <translation>steht vor dem Terminal, an dem er benutzt wird</translation>
    </message>
    <message>
        <source>%1, %2.</source>
        <translation>%1, %2.</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>%1: %2, %3, %4, worked on %5, to be destroyed: %6</source>
        <translation>%1: %2, %3, %4, bearbeitet am %5, zu vernichten: %6</translation>
    </message>
    <message>
        <source>%1: %2, %3 (of %4)</source>
        <translation>%1: %2, %3 (von %4)</translation>
    </message>
    <message>
        <source>d MMMM</source>
        <translation>d. MMMM</translation>
    </message>
    <message>
        <source>d MMM yyyy, HH:mm</source>
        <translation>d. MMM yyyy, HH:mm</translation>
    </message>
    <message numerus="yes">
        <source>%n covered</source>
        <translation>
            <numerusform>%n geschwärzt</numerusform>
            <numerusform>%n geschwärzt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n kept</source>
        <translation>
            <numerusform>%n belassen</numerusform>
            <numerusform>%n belassen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n settled</source>
        <translation>
            <numerusform>%n entschieden</numerusform>
            <numerusform>%n entschieden</numerusform>
        </translation>
    </message>
    <message>
        <source>Open</source>
        <comment>state of a finding</comment>
        <translation>Offen</translation>
    </message>
    <message>
        <source>stands between a house number and a town</source>
        <translation>steht zwischen einer Hausnummer und einem Ort</translation>
    </message>
    <message>
        <source>The desktop&apos;s key ring is locked. Unlock it, and try again.</source>
        <translation>Der Schlüsselbund des Schreibtischs ist gesperrt. Entsperren Sie ihn und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>%1 stays shut: %2</source>
        <translation>%1 bleibt zu: %2</translation>
    </message>
    <message>
        <source>%1 was altered or taken away since it was checked, and goes no further. Release again.</source>
        <translation>%1 wurde seit der Prüfung verändert oder weggenommen und geht nicht weiter. Geben Sie noch einmal frei.</translation>
    </message>
    <message>
        <source>The window answers no more, so nobody can say whether the page goes on. What was taken until then is kept.</source>
        <translation>Das Fenster antwortet nicht mehr; ob die Seite weitergeht, lässt sich daher nicht sagen. Was bis dahin aufgenommen wurde, bleibt.</translation>
    </message>
    <message>
        <source>stands where names stand on the lines like it</source>
        <translation>steht, wo auf den Zeilen wie dieser Namen stehen</translation>
    </message>
    <message>
        <source>stands where user names stand on the lines like it</source>
        <translation>steht, wo auf den Zeilen wie dieser Benutzernamen stehen</translation>
    </message>
    <message>
        <source>The desktop&apos;s key ring is locked, so this user&apos;s key file locks the case instead.</source>
        <translation>Der Schlüsselbund des Schreibtischs ist gesperrt; den Fall sichert stattdessen die Schlüsseldatei dieses Benutzers.</translation>
    </message>
    <message>
        <source>stands against somebody in a case</source>
        <translation>steht in einer Sache jemandem gegenüber</translation>
    </message>
    <message>
        <source>Eyelid&apos;s own window did not go off the desk, so nothing was taken; try it again.</source>
        <translation>Eyelids eigenes Fenster ging nicht vom Bildschirm, darum wurde nichts aufgenommen; versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>is a date of long ago beside a name</source>
        <translation>ist ein lange zurückliegendes Datum neben einem Namen</translation>
    </message>
    <message>
        <source>is a town behind somebody&apos;s name</source>
        <translation>ist ein Ort hinter dem Namen einer Person</translation>
    </message>
    <message>
        <source>goes on with the name above it</source>
        <translation>setzt den Namen darüber fort</translation>
    </message>
    <message>
        <source>is given to a command as its password</source>
        <translation>wird einem Befehl als Kennwort mitgegeben</translation>
    </message>
    <message>
        <source>is given to a command as the user&apos;s name</source>
        <translation>wird einem Befehl als Benutzername mitgegeben</translation>
    </message>
    <message>
        <source>stands where a standard of messages has it</source>
        <translation>steht dort, wo ein Nachrichtenstandard es vorsieht</translation>
    </message>
    <message>
        <source>is spoken to by name</source>
        <translation>wird mit Namen angesprochen</translation>
    </message>
    <message>
        <source>is written as whom something belongs to</source>
        <translation>ist als jemand geschrieben, dem etwas gehört</translation>
    </message>
    <message>
        <source>a code needs a text</source>
        <translation>ein Code braucht einen Text</translation>
    </message>
    <message>
        <source>a sign needs a picture or a text</source>
        <translation>eine Unterschrift braucht ein Bild oder einen Text</translation>
    </message>
    <message>
        <source>its picture is no PNG in base64</source>
        <translation>ihr Bild ist kein PNG in base64</translation>
    </message>
    <message>
        <source>“units_per_pixel” must be more than nothing</source>
        <translation>„units_per_pixel“ muss größer als null sein</translation>
    </message>
    <message>
        <source>its pressures are not all within 0 to 1</source>
        <translation>ihre Drücke liegen nicht alle zwischen 0 und 1</translation>
    </message>
    <message>
        <source>it has too few points; it needs %1</source>
        <translation>sie hat zu wenige Punkte; sie braucht %1</translation>
    </message>
    <message>
        <source>it has more than %1 points</source>
        <translation>sie hat mehr als %1 Punkte</translation>
    </message>
    <message>
        <source>a tint on words needs two points for each of its bands</source>
        <translation>eine Tönung auf Wörtern braucht zwei Punkte für jedes ihrer Bänder</translation>
    </message>
    <message>
        <source>its text is longer than %1 characters</source>
        <translation>ihr Text ist länger als %1 Zeichen</translation>
    </message>
    <message>
        <source>its picture is larger than %1 MB</source>
        <translation>ihr Bild ist größer als %1 MB</translation>
    </message>
    <message>
        <source>it needs as many pressures as points</source>
        <translation>sie braucht so viele Drücke wie Punkte</translation>
    </message>
    <message>
        <source>it has a number beyond %1</source>
        <translation>sie hat eine Zahl jenseits von %1</translation>
    </message>
    <message>
        <source>its width is not within %1 to %2</source>
        <translation>ihre Breite liegt nicht zwischen %1 und %2</translation>
    </message>
    <message>
        <source>the height of its text is not within %1 to %2</source>
        <translation>die Höhe ihres Textes liegt nicht zwischen %1 und %2</translation>
    </message>
    <message>
        <source>it can have no more than two heads</source>
        <translation>sie kann höchstens zwei Spitzen haben</translation>
    </message>
    <message>
        <source>%1 has passed; name today or a later day.</source>
        <translation>%1 ist vorbei; nennen Sie heute oder einen späteren Tag.</translation>
    </message>
    <message>
        <source>Transparent in a PNG, and in a WebP without loss</source>
        <translation>Transparent in PNG und in verlustfreiem WebP</translation>
    </message>
    <message>
        <source>That ground is transparent in a PNG, and in a WebP without loss</source>
        <translation>Dieser Untergrund ist in PNG und in verlustfreiem WebP transparent</translation>
    </message>
    <message>
        <source>Colour lies under what is transparent.</source>
        <translation>Unter dem Transparenten liegt Farbe.</translation>
    </message>
    <message>
        <source>is written as other plates here are</source>
        <translation>ist geschrieben wie andere Kennzeichen hier</translation>
    </message>
    <message>
        <source>is a town behind somebody&apos;s user name</source>
        <translation>ist ein Ort hinter einem Benutzernamen</translation>
    </message>
    <message>
        <source>%1: whole, nothing under its transparent ground, nothing but the picture; nothing sensitive can be read.</source>
        <translation>%1: vollständig, nichts unter dem transparenten Untergrund, nichts als das Bild; nichts Schutzbedürftiges ist lesbar.</translation>
    </message>
    <message>
        <source>A picture of %1 x %2 pixels takes %3 bytes at the least, and no more than %4 were asked for; crop it, or release it at a smaller size.</source>
        <translation>Ein Bild von %1 x %2 Pixeln braucht mindestens %3 Byte, verlangt waren höchstens %4; schneiden Sie es zu oder geben Sie es kleiner frei.</translation>
    </message>
    <message>
        <source>%1 is damaged or was altered. What is intact was taken out, without what undo knew: %2.</source>
        <translation>%1 ist beschädigt oder wurde verändert. Was unversehrt ist, wurde herausgenommen, ohne was Rückgängig wusste: %2.</translation>
    </message>
    <message>
        <source>a draft in the mail program (see that the files are attached: not every program takes them)</source>
        <translation>ein Entwurf im Mailprogramm (prüfen Sie, ob die Dateien anhängen: nicht jedes Programm nimmt sie an)</translation>
    </message>
    <message>
        <source>stands in brackets behind the name it is made of</source>
        <translation>steht in Klammern hinter dem Namen, aus dem es gebildet ist</translation>
    </message>
    <message>
        <source>stands beside a post code</source>
        <translation>steht neben einer Postleitzahl</translation>
    </message>
    <message>
        <source>stands where a web server&apos;s log has it</source>
        <translation>steht, wo das Protokoll eines Webservers es hat</translation>
    </message>
    <message>
        <source>%1 “%2”</source>
        <translation>%1 „%2“</translation>
    </message>
    <message>
        <source>stands beside the other half of somebody&apos;s name</source>
        <translation>steht neben der anderen Hälfte eines Namens</translation>
    </message>
    <message>
        <source>stands over the label &quot;%1&quot;</source>
        <translation>steht über der Beschriftung „%1“</translation>
    </message>
    <message>
        <source>speaks, by given name</source>
        <translation>spricht, mit Vornamen</translation>
    </message>
    <message>
        <source>is a street over a list of its houses</source>
        <translation>ist eine Straße über einer Liste ihrer Häuser</translation>
    </message>
    <message>
        <source>is written as names are, in words no language here has</source>
        <translation>ist geschrieben wie Namen, in Wörtern, die hier keine Sprache hat</translation>
    </message>
    <message>
        <source>meets somebody alone</source>
        <translation>trifft jemanden zu zweit</translation>
    </message>
    <message>
        <source>is a password of a file of accounts</source>
        <translation>ist ein Passwort einer Datei mit Konten</translation>
    </message>
    <message>
        <source>opens a sentence that says what somebody does</source>
        <translation>leitet einen Satz ein, der sagt, was jemand tut</translation>
    </message>
    <message>
        <source>is whom a device is called after</source>
        <translation>ist, nach wem ein Gerät benannt ist</translation>
    </message>
    <message>
        <source>did something at a time</source>
        <translation>hat zu einer Zeit etwas getan</translation>
    </message>
    <message>
        <source>stands over a post code</source>
        <translation>steht über einer Postleitzahl</translation>
    </message>
    <message>
        <source>is a place told by three words</source>
        <translation>ist ein durch drei Wörter angegebener Ort</translation>
    </message>
    <message>
        <source>is an e-mail address spelt out</source>
        <translation>ist eine ausgeschriebene E-Mail-Adresse</translation>
    </message>
    <message>
        <source>is a one-time code: it stands before words for one</source>
        <translation>ist ein Einmalcode: Er steht vor Wörtern für einen</translation>
    </message>
    <message>
        <source>follows a word for a code</source>
        <translation>folgt auf ein Wort für einen Code</translation>
    </message>
    <message>
        <source>is the name somebody had before</source>
        <translation>ist der Name, den jemand früher trug</translation>
    </message>
    <message>
        <source>follows words for who it is or whom it is meant for</source>
        <translation>folgt auf Wörter, die sagen, wer es ist oder für wen es bestimmt ist</translation>
    </message>
    <message>
        <source>stands behind a user&apos;s number</source>
        <translation>steht hinter der Nummer eines Benutzers</translation>
    </message>
    <message>
        <source>%1 is larger than %2 kB, more than Eyelid opens.</source>
        <translation>%1 ist größer als %2 kB, mehr, als Eyelid öffnet.</translation>
    </message>
    <message>
        <source>A passphrase needs %1 MB of memory for a moment, and there is less; close other programs and try again.</source>
        <translation>Eine Passphrase braucht für einen Augenblick %1 MB Speicher, und so viel ist nicht frei; schließen Sie andere Programme und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>“%1” was changed meanwhile and stays; look at it again.</source>
        <translation>„%1“ wurde inzwischen geändert und bleibt; sehen Sie es noch einmal an.</translation>
    </message>
    <message>
        <source>is whom an appointment is with</source>
        <translation>ist, mit wem ein Termin ist</translation>
    </message>
    <message>
        <source>is a date beside the age it makes</source>
        <translation>ist ein Datum neben dem Alter, das es ergibt</translation>
    </message>
    <message>
        <source>is who lives, lies or sits there</source>
        <translation>ist, wer dort wohnt, liegt oder sitzt</translation>
    </message>
    <message>
        <source>is a street over its town</source>
        <translation>ist eine Straße über ihrem Ort</translation>
    </message>
    <message>
        <source>is where somebody is said to live</source>
        <translation>ist als Wohnsitz von jemandem genannt</translation>
    </message>
    <message>
        <source>is said to live or to be born somewhere</source>
        <translation>wird als Person mit Wohnsitz oder Geburt genannt</translation>
    </message>
    <message>
        <source>is a town under somebody&apos;s date of birth</source>
        <translation>ist ein Ort unter jemandes Geburtsdatum</translation>
    </message>
    <message>
        <source>is a town beside the ways to reach somebody</source>
        <translation>ist ein Ort neben den Wegen, jemanden zu erreichen</translation>
    </message>
    <message>
        <source>is made of a name found elsewhere on the screen</source>
        <translation>ist aus einem Namen gebildet, der anderswo auf dem Bildschirm gefunden wurde</translation>
    </message>
    <message>
        <source>is the code of what stands beside it</source>
        <translation>ist der Code für das, was daneben steht</translation>
    </message>
</context>
</TS>
