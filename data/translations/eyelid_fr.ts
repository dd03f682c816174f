<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr_FR" sourcelanguage="en_GB">
<context>
    <name>Tr</name>
    <message>
        <source>Eyelid finds and covers what is personal or confidential on pictures of screens.</source>
        <translation>Eyelid trouve et caviarde ce qui est personnel ou confidentiel sur des images d’écran.</translation>
    </message>
    <message>
        <source>a number from %1 to %2 is expected, not %3</source>
        <translation>un nombre de %1 à %2 est attendu, pas %3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a table</source>
        <translation>« %1 » doit être une table</translation>
    </message>
</context>
<context>
    <name>eyelid</name>
    <message>
        <source>Name of the case</source>
        <translation>Nom du dossier</translation>
    </message>
    <message>
        <source>The case&apos;s name; released files are named after it</source>
        <translation>Le nom du dossier ; les fichiers diffusés en tirent le leur</translation>
    </message>
    <message>
        <source>Search all words of the case</source>
        <translation>Chercher dans tous les mots du dossier</translation>
    </message>
    <message>
        <source>Search (Ctrl+F); Enter for the next place, Shift+Enter for the one before</source>
        <translation>Chercher (Ctrl+F) ; Entrée pour l’endroit suivant, Maj+Entrée pour le précédent</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menu</translation>
    </message>
    <message>
        <source>All commands and their keys (F10)</source>
        <translation>Toutes les commandes et leurs touches (F10)</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>nulle part</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%n place(s)</source>
        <translation>
            <numerusform>un endroit</numerusform>
            <numerusform>%n endroits</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n capture(s)</source>
        <translation>
            <numerusform>une capture</numerusform>
            <numerusform>%n captures</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 sur %2</translation>
    </message>
    <message>
        <source>Not found on any capture that has been read</source>
        <translation>Introuvable sur les captures lues</translation>
    </message>
    <message>
        <source>Captures came while the case was being opened; they are a case of their own now. Open the other one again.</source>
        <translation>Des captures sont arrivées pendant l’ouverture ; elles forment un dossier à part. Rouvrez l’autre.</translation>
    </message>
    <message>
        <source>Another window</source>
        <translation>Une autre fenêtre</translation>
    </message>
    <message>
        <source>%1 has this case open. Here it can be looked at; what is done here is not kept.</source>
        <translation>%1 a ce dossier ouvert. On peut le regarder ici ; ce qu’on y fait n’est pas conservé.</translation>
    </message>
    <message>
        <source>This case is in memory alone; it has no file yet.</source>
        <translation>Ce dossier n’est qu’en mémoire ; il n’a pas encore de fichier.</translation>
    </message>
    <message>
        <source>renaming the case</source>
        <translation>renommer le dossier</translation>
    </message>
    <message>
        <source>changing the day of destruction</source>
        <translation>changer le jour de destruction</translation>
    </message>
    <message>
        <source>Finding</source>
        <translation>Recherche</translation>
    </message>
    <message>
        <source>Looking for known values</source>
        <translation>Recherche des valeurs connues</translation>
    </message>
    <message>
        <source>Reading the area</source>
        <translation>Lecture de la zone</translation>
    </message>
    <message>
        <source>Trying the policy</source>
        <translation>Essai de la politique</translation>
    </message>
    <message>
        <source>A capture&apos;s picture cannot be read.</source>
        <translation>L’image d’une capture est illisible.</translation>
    </message>
    <message>
        <source>The check was stopped.</source>
        <translation>La vérification a été arrêtée.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>La lecture a été arrêtée.</translation>
    </message>
    <message>
        <source>Today</source>
        <translation>Aujourd’hui</translation>
    </message>
    <message>
        <source>This week</source>
        <translation>Cette semaine</translation>
    </message>
    <message>
        <source>The last two weeks</source>
        <translation>Les deux dernières semaines</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Avant</translation>
    </message>
    <message>
        <source>Locked or damaged</source>
        <translation>Verrouillés ou endommagés</translation>
    </message>
    <message>
        <source>Thrown away</source>
        <translation>Jetés</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>Its passphrase opens it</source>
        <translation>Sa phrase secrète l’ouvre</translation>
    </message>
    <message numerus="yes">
        <source>%n not read</source>
        <translation>
            <numerusform>%n non lue</numerusform>
            <numerusform>%n non lues</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n open</source>
        <translation>
            <numerusform>%n ouvert</numerusform>
            <numerusform>%n ouverts</numerusform>
        </translation>
    </message>
    <message>
        <source>all settled</source>
        <translation>tout est décidé</translation>
    </message>
    <message numerus="yes">
        <source>gone for good in %n day(s)</source>
        <translation>
            <numerusform>détruit pour de bon dans un jour</numerusform>
            <numerusform>détruit pour de bon dans %n jours</numerusform>
        </translation>
    </message>
    <message>
        <source>no day of destruction</source>
        <translation>sans jour de destruction</translation>
    </message>
    <message>
        <source>due to be destroyed</source>
        <translation>à détruire</translation>
    </message>
    <message numerus="yes">
        <source>destroyed in %n day(s)</source>
        <translation>
            <numerusform>détruit dans un jour</numerusform>
            <numerusform>détruit dans %n jours</numerusform>
        </translation>
    </message>
    <message>
        <source>Found on %1</source>
        <translation>Trouvé sur %1</translation>
    </message>
    <message>
        <source>Cases</source>
        <translation>Dossiers</translation>
    </message>
    <message>
        <source>Names of cases</source>
        <translation>Noms des dossiers</translation>
    </message>
    <message>
        <source>Find a case</source>
        <translation>Trouver un dossier</translation>
    </message>
    <message>
        <source>and words on their captures</source>
        <translation>et des mots de leurs captures</translation>
    </message>
    <message>
        <source>Back to the case</source>
        <translation>Retour au dossier</translation>
    </message>
    <message>
        <source>Open a file…</source>
        <translation>Ouvrir un fichier…</translation>
    </message>
    <message>
        <source>Bring in a folder…</source>
        <translation>Importer un répertoire…</translation>
    </message>
    <message>
        <source>A case that was taken out as a folder</source>
        <translation>Un dossier qui a été sorti comme répertoire</translation>
    </message>
    <message>
        <source>New case</source>
        <translation>Nouveau dossier</translation>
    </message>
    <message>
        <source>The first capture, with all that is open or covered hidden</source>
        <translation>La première capture ; ce qui est ouvert ou caviardé est caché</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Ouvrir</translation>
    </message>
    <message>
        <source>Open in another window</source>
        <translation>Ouvrir dans une autre fenêtre</translation>
    </message>
    <message>
        <source>Take its captures into the open case</source>
        <translation>Reprendre ses captures ici</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Renommer…</translation>
    </message>
    <message>
        <source>Put off its destruction…</source>
        <translation>Différer sa destruction…</translation>
    </message>
    <message>
        <source>Bring it back</source>
        <translation>Le récupérer</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Jeter</translation>
    </message>
    <message>
        <source>Destroy…</source>
        <translation>Détruire…</translation>
    </message>
    <message>
        <source>Looking for cases…</source>
        <translation>Recherche des dossiers…</translation>
    </message>
    <message>
        <source>Searching the words of all cases…</source>
        <translation>Recherche dans les mots de tous les dossiers…</translation>
    </message>
    <message>
        <source>No case is called “%1”, and none has it on a capture.</source>
        <translation>Aucun dossier ne s’appelle « %1 » ni ne l’a sur une capture.</translation>
    </message>
    <message>
        <source>No case is called “%1”.</source>
        <translation>Aucun dossier ne s’appelle « %1 ».</translation>
    </message>
    <message>
        <source>No cases yet. What you take or bring in becomes one, and is kept here, encrypted.</source>
        <translation>Pas encore de dossier. Ce que vous capturez ou importez en devient un, conservé ici, chiffré.</translation>
    </message>
    <message numerus="yes">
        <source>%n case(s) had their day and were destroyed, as was agreed.</source>
        <translation>
            <numerusform>Un dossier arrivé à son jour a été détruit, comme convenu.</numerusform>
            <numerusform>%n dossiers arrivés à leur jour ont été détruits, comme convenu.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n case(s) are due to be destroyed. Releases, their logs and checksums stay.</source>
        <translation>
            <numerusform>Un dossier est à détruire. Les diffusions, leurs journaux et sommes de contrôle restent.</numerusform>
            <numerusform>%n dossiers sont à détruire. Les diffusions, leurs journaux et sommes de contrôle restent.</numerusform>
        </translation>
    </message>
    <message>
        <source>No picture yet</source>
        <translation>Pas encore d’image</translation>
    </message>
    <message>
        <source>Locked</source>
        <translation>Verrouillé</translation>
    </message>
    <message>
        <source>Go on with it</source>
        <translation>Continuer</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Renommer</translation>
    </message>
    <message>
        <source>The case&apos;s name:</source>
        <translation>Nom du dossier :</translation>
    </message>
    <message>
        <source>Destroy “%1”?</source>
        <translation>Détruire « %1 » ?</translation>
    </message>
    <message>
        <source>Its key is destroyed, then its file: nobody can read it again. A drive may still hold old blocks of it; without the key they say nothing.</source>
        <translation>Sa clé est détruite, puis son fichier : personne ne peut plus le lire. D’anciens blocs peuvent rester sur le disque ; sans la clé ils ne disent rien.</translation>
    </message>
    <message>
        <source>Destroy</source>
        <translation>Détruire</translation>
    </message>
    <message numerus="yes">
        <source>Destroy %n case(s)?</source>
        <translation>
            <numerusform>Détruire un dossier ?</numerusform>
            <numerusform>Détruire %n dossiers ?</numerusform>
        </translation>
    </message>
    <message>
        <source>Put off its destruction</source>
        <translation>Différer sa destruction</translation>
    </message>
    <message>
        <source>Keep it until</source>
        <translation>Conserver jusqu’au</translation>
    </message>
    <message>
        <source>Reason</source>
        <translation>Raison</translation>
    </message>
    <message>
        <source>Put off</source>
        <translation>Différer</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Réessayer</translation>
    </message>
    <message>
        <source>Keep it elsewhere…</source>
        <translation>Conserver ailleurs…</translation>
    </message>
    <message>
        <source>Where this case is kept</source>
        <translation>Où ce dossier est conservé</translation>
    </message>
    <message>
        <source>This case is in memory alone: %1</source>
        <translation>Ce dossier n’est qu’en mémoire : %1</translation>
    </message>
    <message>
        <source>Share of findings settled</source>
        <translation>Part des éléments décidés</translation>
    </message>
    <message>
        <source>%1 % of findings are settled</source>
        <translation>%1 % des éléments sont décidés</translation>
    </message>
    <message>
        <source>Open a case</source>
        <translation>Ouvrir un dossier</translation>
    </message>
    <message>
        <source>That does not open it. Its passphrase:</source>
        <translation>Cela ne l’ouvre pas. Sa phrase secrète :</translation>
    </message>
    <message>
        <source>The passphrase of %1:</source>
        <translation>La phrase secrète de %1 :</translation>
    </message>
    <message>
        <source>Passphrase of this case</source>
        <translation>Phrase secrète de ce dossier</translation>
    </message>
    <message>
        <source>The key of this account opens the case: a file that is taken away stays shut, but whoever can read this account&apos;s files can open it. A passphrase opens it elsewhere as well, or instead; where it is forgotten nobody can help.</source>
        <translation>La clé de ce compte ouvre le dossier : un fichier emporté reste fermé, mais qui peut lire les fichiers de ce compte peut l’ouvrir. Une phrase secrète l’ouvre ailleurs aussi, ou à la place ; oubliée, personne ne peut aider.</translation>
    </message>
    <message>
        <source>Passphrase</source>
        <translation>Phrase secrète</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Encore une fois</translation>
    </message>
    <message>
        <source>Only the passphrase opens it, no longer this account by itself</source>
        <translation>Seule la phrase secrète l’ouvre, plus ce compte à lui seul</translation>
    </message>
    <message>
        <source>Leave as before</source>
        <translation>Laisser comme avant</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Définir</translation>
    </message>
    <message numerus="yes">
        <source>At least %n signs; five words of different things are easy to remember.</source>
        <translation>
            <numerusform>Au moins un signe ; cinq mots de choses différentes se retiennent bien.</numerusform>
            <numerusform>Au moins %n signes ; cinq mots de choses différentes se retiennent bien.</numerusform>
        </translation>
    </message>
    <message>
        <source>Both must be the same.</source>
        <translation>Les deux doivent être identiques.</translation>
    </message>
    <message>
        <source>It will be asked for whenever the case is opened, and the case is listed without its name.</source>
        <translation>Elle sera demandée à chaque ouverture, et le dossier est listé sans son nom.</translation>
    </message>
    <message>
        <source>This account goes on opening the case without it.</source>
        <translation>Ce compte continue d’ouvrir le dossier sans elle.</translation>
    </message>
    <message>
        <source>%1, not read</source>
        <translation>%1, non lue</translation>
    </message>
    <message>
        <source>not read</source>
        <translation>non lue</translation>
    </message>
    <message>
        <source>Captures of the case</source>
        <translation>Captures du dossier</translation>
    </message>
    <message>
        <source>Copy into another case…</source>
        <translation>Copier dans un autre dossier…</translation>
    </message>
    <message>
        <source>Remove from the case</source>
        <translation>Retirer du dossier</translation>
    </message>
    <message>
        <source>Capture and released picture side by side</source>
        <translation>Capture et image diffusée côte à côte</translation>
    </message>
    <message>
        <source>As it will leave</source>
        <translation>Telle qu’elle partira</translation>
    </message>
    <message>
        <source>Capture, stays here</source>
        <translation>Capture, reste ici</translation>
    </message>
    <message>
        <source>Back to the sheet</source>
        <translation>Retour à la feuille</translation>
    </message>
    <message>
        <source>Back to the sheet (Escape)</source>
        <translation>Retour à la feuille (Échap)</translation>
    </message>
    <message>
        <source>What the check found, file by file</source>
        <translation>Ce que la vérification a trouvé, fichier par fichier</translation>
    </message>
    <message>
        <source>Let pass…</source>
        <translation>Laisser passer…</translation>
    </message>
    <message>
        <source>Let this one pass, with a reason that goes into the log</source>
        <translation>Laisser passer cet endroit, avec une raison inscrite au journal</translation>
    </message>
    <message>
        <source>Cover this place</source>
        <translation>Caviarder cet endroit</translation>
    </message>
    <message>
        <source>Why may this leave? The reason goes into the log:</source>
        <translation>Pourquoi cela peut-il partir ? La raison est inscrite au journal :</translation>
    </message>
    <message>
        <source>Let pass</source>
        <translation>Laisser passer</translation>
    </message>
    <message>
        <source>%1 Give a reason without it:</source>
        <translation>%1 Donnez une raison qui ne le dise pas :</translation>
    </message>
    <message>
        <source>%1  Let pass: %2</source>
        <translation>%1  Laissé passer : %2</translation>
    </message>
    <message>
        <source>%1: whole, opaque, nothing but the picture; nothing sensitive can be read.</source>
        <translation>%1 : entier, opaque, rien que l’image ; rien de sensible n’est lisible.</translation>
    </message>
    <message numerus="yes">
        <source>Check passed: %n picture(s), all clean</source>
        <translation>
            <numerusform>Vérification réussie : une image, sans défaut</numerusform>
            <numerusform>Vérification réussie : %n images, sans défaut</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Check failed: %n of %1 picture(s) still show(s) something</source>
        <translation>
            <numerusform>Vérification échouée : %n image sur %1 montre encore quelque chose</numerusform>
            <numerusform>Vérification échouée : %n images sur %1 montrent encore quelque chose</numerusform>
        </translation>
    </message>
    <message>
        <source>Each file was taken apart, read, read again with its contrast stretched, and searched for what the case covers. A release writes these very bytes.</source>
        <translation>Chaque fichier a été démonté, lu, relu à contraste étiré, et on y a cherché ce que le dossier caviarde. Une diffusion écrit ces octets mêmes.</translation>
    </message>
    <message>
        <source>Cover what is listed and check again, or let single places pass with a reason.</source>
        <translation>Caviardez ce qui est listé et vérifiez à nouveau, ou laissez passer des endroits avec une raison.</translation>
    </message>
    <message>
        <source>What stands in the way of a release</source>
        <translation>Ce qui empêche une diffusion</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Avancement</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Arrêter</translation>
    </message>
    <message>
        <source>Stop reading or checking (Ctrl+.)</source>
        <translation>Arrêter la lecture ou la vérification (Ctrl+.)</translation>
    </message>
    <message>
        <source>Stop reading or checking</source>
        <translation>Arrêter la lecture ou la vérification</translation>
    </message>
    <message>
        <source>Read now</source>
        <translation>Lire maintenant</translation>
    </message>
    <message>
        <source>Read the captures whose reading was stopped or failed (Ctrl+R)</source>
        <translation>Lire les captures dont la lecture a été arrêtée ou a échoué (Ctrl+R)</translation>
    </message>
    <message>
        <source>Cover them</source>
        <translation>Les caviarder</translation>
    </message>
    <message>
        <source>Cover the open findings that marks lie over</source>
        <translation>Caviarder les éléments ouverts sous des marques</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Vérifier</translation>
    </message>
    <message>
        <source>Make the pictures as they will leave, read them again and search them (Ctrl+Return)</source>
        <translation>Faire les images telles qu’elles partiront, les relire et y chercher (Ctrl+Entrée)</translation>
    </message>
    <message>
        <source>Release…</source>
        <translation>Diffuser…</translation>
    </message>
    <message>
        <source>Hand the checked pictures and their log on (Ctrl+Shift+Return)</source>
        <translation>Transmettre les images vérifiées et leur journal (Ctrl+Maj+Entrée)</translation>
    </message>
    <message>
        <source>Waiting</source>
        <translation>En attente</translation>
    </message>
    <message>
        <source>%1 …</source>
        <translation>%1 …</translation>
    </message>
    <message numerus="yes">
        <source>%n place(s) look like text but could not be read</source>
        <translation>
            <numerusform>un endroit ressemble à du texte et n’a pu être lu</numerusform>
            <numerusform>%n endroits ressemblent à du texte et n’ont pu être lus</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n question(s) to a colleague</source>
        <translation>
            <numerusform>une question à un collègue</numerusform>
            <numerusform>%n questions à des collègues</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n capture(s) not read</source>
        <translation>
            <numerusform>une capture non lue</numerusform>
            <numerusform>%n captures non lues</numerusform>
        </translation>
    </message>
    <message>
        <source>not looked over by a second officer</source>
        <translation>non revu par un second agent</translation>
    </message>
    <message>
        <source>check failed</source>
        <translation>vérification échouée</translation>
    </message>
    <message>
        <source>check not run</source>
        <translation>non vérifié</translation>
    </message>
    <message>
        <source>J goes to the next; C covers it, E keeps it.</source>
        <translation>J va au suivant ; C le caviarde, E le garde.</translation>
    </message>
    <message>
        <source>Another officer opens the case, looks at what is decided and agrees (menu Decide).</source>
        <translation>Un autre agent ouvre le dossier, revoit les décisions et les approuve (menu Décider).</translation>
    </message>
    <message>
        <source>Cover what was found, or let it pass with a reason.</source>
        <translation>Caviardez ce qui a été trouvé, ou laissez-le passer avec une raison.</translation>
    </message>
    <message>
        <source>All findings are settled. Check the pictures as they will be written.</source>
        <translation>Tout est décidé. Vérifiez les images telles qu’elles seront écrites.</translation>
    </message>
    <message numerus="yes">
        <source>%1: lies over %n open finding(s) and hides none of them.</source>
        <translation>
            <numerusform>%1 : recouvre un élément ouvert et ne le cache pas.</numerusform>
            <numerusform>%1 : recouvre %n éléments ouverts et n’en cache aucun.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: lies over %n kept finding(s) and hides none of them.</source>
        <translation>
            <numerusform>%1 : recouvre un élément gardé et ne le cache pas.</numerusform>
            <numerusform>%1 : recouvre %n éléments gardés et n’en cache aucun.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing to release yet</source>
        <translation>Rien à diffuser encore</translation>
    </message>
    <message>
        <source>Take or bring in a capture to begin.</source>
        <translation>Capturez ou importez pour commencer.</translation>
    </message>
    <message>
        <source>Checked; ready to release</source>
        <translation>Vérifié ; prêt à diffuser</translation>
    </message>
    <message>
        <source>In credit, though a bill is due on 2 January</source>
        <translation>Créditeur, alors qu’une facture échoit le 2 janvier</translation>
    </message>
    <message>
        <source>The tool stays on after a mark</source>
        <translation>L’outil reste actif après une marque</translation>
    </message>
    <message>
        <source>Ratio of the crop</source>
        <translation>Proportions du recadrage</translation>
    </message>
    <message>
        <source>Any ratio</source>
        <translation>Proportions libres</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>Straightened by, clockwise</source>
        <translation>Redressé de, sens horaire</translation>
    </message>
    <message>
        <source>Code</source>
        <translation>Code</translation>
    </message>
    <message>
        <source>What the QR code says:</source>
        <translation>Ce que dit le code QR :</translation>
    </message>
    <message>
        <source>This text is too long for a QR code.</source>
        <translation>Ce texte est trop long pour un code QR.</translation>
    </message>
    <message>
        <source>writing on a mark</source>
        <translation>écrire sur une marque</translation>
    </message>
    <message>
        <source>aligning marks</source>
        <translation>aligner des marques</translation>
    </message>
    <message>
        <source>spreading marks</source>
        <translation>répartir des marques</translation>
    </message>
    <message>
        <source>turning marks</source>
        <translation>tourner des marques</translation>
    </message>
    <message>
        <source>locking marks</source>
        <translation>verrouiller des marques</translation>
    </message>
    <message>
        <source>unlocking marks</source>
        <translation>déverrouiller des marques</translation>
    </message>
    <message>
        <source>The clipboard</source>
        <translation>Le presse-papiers</translation>
    </message>
    <message>
        <source>changing a mark</source>
        <translation>changer une marque</translation>
    </message>
    <message>
        <source>Drag what is to be shown; two clicks take a panel, Ctrl and a line make it level, Escape ends</source>
        <translation>Tracez ce qui doit être montré ; deux clics prennent un panneau, Ctrl et une ligne redressent, Échap termine</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Gauche</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Haut</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Droite</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Bas</translation>
    </message>
    <message>
        <source>Framing</source>
        <translation>Cadrage</translation>
    </message>
    <message>
        <source>All of it, as it was taken</source>
        <translation>Tout, tel que capturé</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>White</source>
        <translation>Blanc</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Oat</source>
        <translation>Avoine</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>Encre</translation>
    </message>
    <message>
        <source>Aubergine</source>
        <translation>Aubergine</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Gris</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Noir</translation>
    </message>
    <message>
        <source>From the left</source>
        <translation>Depuis la gauche</translation>
    </message>
    <message>
        <source>From the top</source>
        <translation>Depuis le haut</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Largeur</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Hauteur</translation>
    </message>
    <message>
        <source>Shown: left, top</source>
        <translation>Montré : gauche, haut</translation>
    </message>
    <message>
        <source>Width, height</source>
        <translation>Largeur, hauteur</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Tel quel</translation>
    </message>
    <message>
        <source>Percent</source>
        <translation>Pour cent</translation>
    </message>
    <message>
        <source>Longest side</source>
        <translation>Plus grand côté</translation>
    </message>
    <message>
        <source>Percent or pixels</source>
        <translation>Pour cent ou pixels</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Taille</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Droit</translation>
    </message>
    <message>
        <source>Wave</source>
        <translation>Vague</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Marches</translation>
    </message>
    <message>
        <source>Fade</source>
        <translation>Fondu</translation>
    </message>
    <message>
        <source>Edge of the excerpt</source>
        <translation>Bord de l’extrait</translation>
    </message>
    <message>
        <source>On its sides</source>
        <translation>Sur ses côtés</translation>
    </message>
    <message>
        <source>More ground: left, top</source>
        <translation>Plus de fond : gauche, haut</translation>
    </message>
    <message>
        <source>Right, bottom</source>
        <translation>Droite, bas</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Fond</translation>
    </message>
    <message>
        <source>Width of the border</source>
        <translation>Largeur de la bordure</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Bordure</translation>
    </message>
    <message>
        <source>Radius of the corners</source>
        <translation>Rayon des coins</translation>
    </message>
    <message>
        <source>How far the shadow reaches</source>
        <translation>Portée de l’ombre</translation>
    </message>
    <message>
        <source>Corners, shadow</source>
        <translation>Coins, ombre</translation>
    </message>
    <message>
        <source>moving marks</source>
        <translation>déplacer des marques</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>Pine</source>
        <translation>Pin</translation>
    </message>
    <message>
        <source>Brick</source>
        <translation>Brique</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Soleil</translation>
    </message>
    <message>
        <source>Bent</source>
        <translation>Coudée</translation>
    </message>
    <message>
        <source>Curved</source>
        <translation>Courbe</translation>
    </message>
    <message>
        <source>Rectangle</source>
        <translation>Rectangle</translation>
    </message>
    <message>
        <source>Rounded</source>
        <translation>Arrondi</translation>
    </message>
    <message>
        <source>Ellipse</source>
        <translation>Ellipse</translation>
    </message>
    <message>
        <source>Arc</source>
        <translation>Arc</translation>
    </message>
    <message>
        <source>On words</source>
        <translation>Sur les mots</translation>
    </message>
    <message>
        <source>Freehand</source>
        <translation>À main levée</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Distance</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Horizontale</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Verticale</translation>
    </message>
    <message>
        <source>Sides and area</source>
        <translation>Côtés et aire</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Angle</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Couleur</translation>
    </message>
    <message>
        <source>Form of the mark</source>
        <translation>Forme de la marque</translation>
    </message>
    <message>
        <source>Colour of the mark</source>
        <translation>Couleur de la marque</translation>
    </message>
    <message>
        <source>Ground inside the mark</source>
        <translation>Fond dans la marque</translation>
    </message>
    <message>
        <source>Width of its strokes, pixels</source>
        <translation>Largeur de ses traits, en pixels</translation>
    </message>
    <message>
        <source>Pattern of its line</source>
        <translation>Motif de sa ligne</translation>
    </message>
    <message>
        <source>Plain</source>
        <translation>Pleine</translation>
    </message>
    <message>
        <source>Dashed</source>
        <translation>Tirets</translation>
    </message>
    <message>
        <source>Dotted</source>
        <translation>Points</translation>
    </message>
    <message>
        <source>Size of its type, pixels</source>
        <translation>Taille de ses caractères, en pixels</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Plus</translation>
    </message>
    <message>
        <source>More of how it looks, and looks of your own</source>
        <translation>Plus d’apparence, et vos propres apparences</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Aucun</translation>
    </message>
    <message>
        <source>Other…</source>
        <translation>Autre…</translation>
    </message>
    <message>
        <source>changing how marks look</source>
        <translation>changer l’apparence de marques</translation>
    </message>
    <message>
        <source>Points to a place</source>
        <translation>Désigne un endroit</translation>
    </message>
    <message>
        <source>Write its text…</source>
        <translation>Écrire son texte…</translation>
    </message>
    <message>
        <source>Letters instead of numbers</source>
        <translation>Lettres au lieu de chiffres</translation>
    </message>
    <message>
        <source>Stays as a mark</source>
        <translation>Reste comme marque</translation>
    </message>
    <message>
        <source>This length is known…</source>
        <translation>Cette longueur est connue…</translation>
    </message>
    <message>
        <source>Another signature…</source>
        <translation>Une autre signature…</translation>
    </message>
    <message>
        <source>No head</source>
        <translation>Sans pointe</translation>
    </message>
    <message>
        <source>One head</source>
        <translation>Une pointe</translation>
    </message>
    <message>
        <source>Two heads</source>
        <translation>Deux pointes</translation>
    </message>
    <message>
        <source>Regular</source>
        <translation>Normal</translation>
    </message>
    <message>
        <source>Semi-bold</source>
        <translation>Demi-gras</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Gras</translation>
    </message>
    <message>
        <source>Of one width</source>
        <translation>Chasse fixe</translation>
    </message>
    <message>
        <source>From the start</source>
        <translation>À gauche</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>Au milieu</translation>
    </message>
    <message>
        <source>To the end</source>
        <translation>À droite</translation>
    </message>
    <message>
        <source>Forget a look</source>
        <translation>Oublier une apparence</translation>
    </message>
    <message>
        <source>Keep this look as…</source>
        <translation>Retenir l’apparence sous…</translation>
    </message>
    <message>
        <source>Keep this look</source>
        <translation>Retenir l’apparence</translation>
    </message>
    <message>
        <source>What it is called:</source>
        <translation>Son nom :</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Comme à l’origine</translation>
    </message>
    <message>
        <source>Known length</source>
        <translation>Longueur connue</translation>
    </message>
    <message>
        <source>What %1 pixels are, with its unit (&quot;25 mm&quot;); empty for pixels:</source>
        <translation>Ce que sont %1 pixels, avec l’unité (« 25 mm ») ; vide pour des pixels :</translation>
    </message>
    <message>
        <source>%1 px, %2°</source>
        <translation>%1 px, %2°</translation>
    </message>
    <message>
        <source>%1  rgb %2 %3 %4  hsl %5 %6 %7</source>
        <translation>%1  rvb %2 %3 %4  tsl %5 %6 %7</translation>
    </message>
    <message>
        <source>  contrast %1:1</source>
        <translation>  contraste %1:1</translation>
    </message>
    <message>
        <source>Drag from where to where it points; Shift holds its angle, Escape ends</source>
        <translation>Tracez d’où à où elle pointe ; Maj tient l’angle, Échap termine</translation>
    </message>
    <message>
        <source>Drag a line; Shift holds its angle, Escape ends</source>
        <translation>Tracez une ligne ; Maj tient l’angle, Échap termine</translation>
    </message>
    <message>
        <source>Drag around what matters; Shift makes it even, Escape ends</source>
        <translation>Tracez autour de ce qui compte ; Maj égalise, Échap termine</translation>
    </message>
    <message>
        <source>Draw; hold still at the end for a straight line, Alt takes strokes away, Escape ends</source>
        <translation>Dessinez ; immobile à la fin pour une droite, Alt ôte des traits, Échap termine</translation>
    </message>
    <message>
        <source>Sweep over words to tint them; Escape ends</source>
        <translation>Balayez des mots pour les teinter ; Échap termine</translation>
    </message>
    <message>
        <source>Click, or drag a box, to write there; Escape ends</source>
        <translation>Cliquez, ou tracez un cadre, pour y écrire ; Échap termine</translation>
    </message>
    <message>
        <source>Click where the next step is; Escape ends</source>
        <translation>Cliquez où est l’étape suivante ; Échap termine</translation>
    </message>
    <message>
        <source>Drag around what is to be seen larger; Escape ends</source>
        <translation>Tracez autour de ce qui doit être vu en plus grand ; Échap termine</translation>
    </message>
    <message>
        <source>Click an end, the corner and the other end; Escape ends</source>
        <translation>Cliquez un bout, le coin et l’autre bout ; Échap termine</translation>
    </message>
    <message>
        <source>Drag to measure; ends go to edges unless Alt is held, Escape ends</source>
        <translation>Tracez pour mesurer ; les bouts vont aux bords sauf avec Alt, Échap termine</translation>
    </message>
    <message>
        <source>Click where the signature stands; Escape ends</source>
        <translation>Cliquez où va la signature ; Échap termine</translation>
    </message>
    <message>
        <source>Click where the code stands; Escape ends</source>
        <translation>Cliquez où va le code ; Échap termine</translation>
    </message>
    <message>
        <source>Text of the mark</source>
        <translation>Texte de la marque</translation>
    </message>
    <message>
        <source>Write; Ctrl+Enter ends</source>
        <translation>Écrivez ; Ctrl+Entrée termine</translation>
    </message>
    <message>
        <source>The capture and the lines it is cut along</source>
        <translation>La capture et les lignes de coupe</translation>
    </message>
    <message>
        <source>Cut into parts</source>
        <translation>Couper en parties</translation>
    </message>
    <message>
        <source>Level lines</source>
        <translation>Lignes horizontales</translation>
    </message>
    <message>
        <source>Upright lines</source>
        <translation>Lignes verticales</translation>
    </message>
    <message>
        <source>What a click on the picture puts</source>
        <translation>Ce que pose un clic sur l’image</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Colonnes</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Lignes</translation>
    </message>
    <message>
        <source>A click puts</source>
        <translation>Un clic pose</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Couper</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s), each a capture of its own; this one stays.</source>
        <translation>
            <numerusform>Une partie, capture à part ; celle-ci reste.</numerusform>
            <numerusform>%n parties, captures à part ; celle-ci reste.</numerusform>
        </translation>
    </message>
    <message>
        <source>Draw your signature here</source>
        <translation>Dessinez ici votre signature</translation>
    </message>
    <message>
        <source>Your signature</source>
        <translation>Votre signature</translation>
    </message>
    <message>
        <source>Draw it once, or choose a picture. It is kept encrypted in your own data folder.</source>
        <translation>Dessinez-la une fois, ou choisissez une image. Elle est conservée chiffrée dans vos données.</translation>
    </message>
    <message>
        <source>Today&apos;s date below it</source>
        <translation>La date du jour dessous</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>L’utiliser</translation>
    </message>
    <message>
        <source>A picture…</source>
        <translation>Une image…</translation>
    </message>
    <message>
        <source>Anew</source>
        <translation>À nouveau</translation>
    </message>
    <message>
        <source>Forget it</source>
        <translation>L’oublier</translation>
    </message>
    <message>
        <source>Takes it away from your data folder; what is signed already stays so</source>
        <translation>La retire de vos données ; ce qui est signé le reste</translation>
    </message>
    <message>
        <source>A picture of your signature</source>
        <translation>Une image de votre signature</translation>
    </message>
    <message>
        <source>Pictures (*.png *.webp *.gif)</source>
        <translation>Images (*.png *.webp *.gif)</translation>
    </message>
    <message>
        <source>This is no picture that can be read.</source>
        <translation>Ce n’est pas une image lisible.</translation>
    </message>
    <message>
        <source>Put captures together</source>
        <translation>Assembler des captures</translation>
    </message>
    <message>
        <source>Captures to be put together; drag them into their order</source>
        <translation>Captures à assembler ; glissez-les dans l’ordre</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Côte à côte</translation>
    </message>
    <message>
        <source>Below each other</source>
        <translation>L’une sous l’autre</translation>
    </message>
    <message>
        <source>In a grid</source>
        <translation>En grille</translation>
    </message>
    <message>
        <source>At the start</source>
        <translation>Au début</translation>
    </message>
    <message>
        <source>At the end</source>
        <translation>À la fin</translation>
    </message>
    <message>
        <source>Scaled to one size</source>
        <translation>À la même taille</translation>
    </message>
    <message>
        <source>Their names above them</source>
        <translation>Leurs noms au-dessus</translation>
    </message>
    <message>
        <source>Then the captures&apos; names leave with the picture.</source>
        <translation>Alors les noms des captures partent avec l’image.</translation>
    </message>
    <message>
        <source>Numbered</source>
        <translation>Numérotées</translation>
    </message>
    <message>
        <source>Arranged</source>
        <translation>Disposition</translation>
    </message>
    <message>
        <source>Aligned</source>
        <translation>Alignement</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Intervalle</translation>
    </message>
    <message>
        <source>How they will stand</source>
        <translation>Comment elles seront</translation>
    </message>
    <message>
        <source>A capture of its own: what was found and decided stands on it and can be changed.</source>
        <translation>Une capture à part : ce qui a été trouvé et décidé y figure et peut être changé.</translation>
    </message>
    <message>
        <source>Put together</source>
        <translation>Assembler</translation>
    </message>
    <message>
        <source>Change this finding</source>
        <translation>Changer cet élément</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valeur</translation>
    </message>
    <message>
        <source>Legal ground or reason code; stands in the log</source>
        <translation>Base légale ou code de motif ; figure au journal</translation>
    </message>
    <message>
        <source>Why it is sensitive, without the value; stands in the log</source>
        <translation>Pourquoi c’est sensible, sans la valeur ; figure au journal</translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation>&amp;Genre</translation>
    </message>
    <message>
        <source>&amp;Ground</source>
        <translation>&amp;Base légale</translation>
    </message>
    <message>
        <source>&amp;Reason: it</source>
        <translation>&amp;Motif : cela</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Changer</translation>
    </message>
    <message>
        <source>Style of the cover</source>
        <translation>Style du caviardage</translation>
    </message>
    <message>
        <source>Colour of the cover</source>
        <translation>Couleur du caviardage</translation>
    </message>
    <message>
        <source>A cover in the colour of the ground does not show that something was covered; the log does.</source>
        <translation>Un caviardage de la couleur du fond ne montre pas qu’il cache ; le journal, si.</translation>
    </message>
    <message>
        <source>Strength of mosaic or blur</source>
        <translation>Force de la mosaïque ou du flou</translation>
    </message>
    <message>
        <source>How coarse the mosaic or blur is. It hides the same at any strength: nothing of the text is in it.</source>
        <translation>Finesse de la mosaïque ou du flou. Tout est aussi bien caché à toute force : rien du texte n’y est.</translation>
    </message>
    <message>
        <source>Which findings</source>
        <translation>Quels éléments</translation>
    </message>
    <message>
        <source>In the whole case</source>
        <translation>Dans tout le dossier</translation>
    </message>
    <message>
        <source>On this capture</source>
        <translation>Sur cette capture</translation>
    </message>
    <message>
        <source>Of the selected one&apos;s kind</source>
        <translation>Du genre de celui choisi</translation>
    </message>
    <message>
        <source>Of the selected one&apos;s value</source>
        <translation>De la valeur de celui choisi</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Annuler</translation>
    </message>
    <message numerus="yes">
        <source>Cover %n</source>
        <translation>
            <numerusform>Caviarder %n</numerusform>
            <numerusform>Caviarder %n</numerusform>
        </translation>
    </message>
    <message>
        <source>How sure a finding must be</source>
        <translation>Degré de certitude requis</translation>
    </message>
    <message>
        <source>Cover what is open</source>
        <translation>Caviarder ce qui est ouvert</translation>
    </message>
    <message>
        <source>Keep what is open</source>
        <translation>Garder ce qui est ouvert</translation>
    </message>
    <message>
        <source>from %1 % sure</source>
        <translation>sûr à %1 % au moins</translation>
    </message>
    <message>
        <source>Nothing is open there.</source>
        <translation>Rien n’y est ouvert.</translation>
    </message>
    <message>
        <source>%1 of %2 that are open, on %3. They are marked on the sheet.</source>
        <translation>%1 des %2 ouverts, sur %3. Ils sont signalés sur la feuille.</translation>
    </message>
    <message numerus="yes">
        <source>Keep %n</source>
        <translation>
            <numerusform>Garder %n</numerusform>
            <numerusform>Garder %n</numerusform>
        </translation>
    </message>
    <message>
        <source>Note for yourself; never in the log</source>
        <translation>Note pour vous ; jamais au journal</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Note</translation>
    </message>
    <message>
        <source>Question for a colleague; keeps it open</source>
        <translation>Question à un collègue ; le laisse ouvert</translation>
    </message>
    <message>
        <source>Question</source>
        <translation>Question</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Changer…</translation>
    </message>
    <message>
        <source>Another kind, ground or reason (F4)</source>
        <translation>Autre genre, base ou motif (F4)</translation>
    </message>
    <message>
        <source>%1 (%2). With Shift all of the same value, with Alt all of the kind.</source>
        <translation>%1 (%2). Avec Maj tous ceux de même valeur, avec Alt tous ceux du genre.</translation>
    </message>
    <message>
        <source>%1 this finding</source>
        <translation>%1 cet élément</translation>
    </message>
    <message>
        <source>Cover</source>
        <translation>Caviarder</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Garder</translation>
    </message>
    <message>
        <source>What is sensitive on your captures is listed here, with the reason for each.</source>
        <translation>Ce qui est sensible sur vos captures est listé ici, avec le motif.</translation>
    </message>
    <message>
        <source>Press J to go to the first finding.</source>
        <translation>J mène au premier élément.</translation>
    </message>
    <message>
        <source>Nothing is found before the captures are read.</source>
        <translation>Rien n’est trouvé avant que les captures soient lues.</translation>
    </message>
    <message>
        <source>Nothing sensitive was found. Look yourself before it leaves.</source>
        <translation>Rien de sensible trouvé. Regardez vous-même avant que cela parte.</translation>
    </message>
    <message>
        <source>Place %1 of %2, on %3</source>
        <translation>Endroit %1 sur %2, de %3</translation>
    </message>
    <message>
        <source>On %1</source>
        <translation>Sur %1</translation>
    </message>
    <message>
        <source>%1 · cut away by the crop</source>
        <translation>%1 · ôté par le recadrage</translation>
    </message>
    <message>
        <source>%1 · under a cover drawn by hand</source>
        <translation>%1 · sous un caviardage à la main</translation>
    </message>
    <message>
        <source>%1 · decided by %2</source>
        <translation>%1 · décidé par %2</translation>
    </message>
    <message>
        <source>%1 · asked by %2</source>
        <translation>%1 · demandé par %2</translation>
    </message>
    <message>
        <source>%1 · %2 % sure</source>
        <translation>%1 · sûr à %2 %</translation>
    </message>
    <message>
        <source>Why: it %1.</source>
        <translation>Motif : %1.</translation>
    </message>
    <message>
        <source>Why: it %1.
Ground: %2</source>
        <translation>Motif : %1.
Base légale : %2</translation>
    </message>
    <message>
        <source>Area</source>
        <translation>Zone</translation>
    </message>
    <message>
        <source>Covered by hand; Delete removes it</source>
        <translation>Caviardé à la main ; Suppr l’ôte</translation>
    </message>
    <message>
        <source>Covered by hand</source>
        <translation>Caviardé à la main</translation>
    </message>
    <message>
        <source>%1 · asked</source>
        <translation>%1 · demandé</translation>
    </message>
    <message>
        <source>%1 %2 × %3</source>
        <translation>%1 %2 × %3</translation>
    </message>
    <message>
        <source>asked</source>
        <translation>demandé</translation>
    </message>
    <message>
        <source>open</source>
        <translation>ouvert</translation>
    </message>
    <message>
        <source>covered</source>
        <translation>caviardé</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>gardé</translation>
    </message>
    <message>
        <source>Area %1 × %2</source>
        <translation>Zone %1 × %2</translation>
    </message>
    <message>
        <source>%1, covered by hand</source>
        <translation>%1, caviardée à la main</translation>
    </message>
    <message>
        <source>%1, %2, %3, %4</source>
        <translation>%1, %2, %3, %4</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Éléments</translation>
    </message>
    <message>
        <source>Only values with …</source>
        <translation>Seulement avec …</translation>
    </message>
    <message>
        <source>Show findings with these letters</source>
        <translation>Montrer les éléments avec ces lettres</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Ordre</translation>
    </message>
    <message>
        <source>In which order findings are listed, and of which capture</source>
        <translation>Dans quel ordre les éléments sont listés, et de quelle capture</translation>
    </message>
    <message>
        <source>Order of the findings</source>
        <translation>Ordre des éléments</translation>
    </message>
    <message>
        <source>As they stand on the captures</source>
        <translation>Comme sur les captures</translation>
    </message>
    <message>
        <source>By kind</source>
        <translation>Par genre</translation>
    </message>
    <message>
        <source>What is unsure first</source>
        <translation>Les moins sûrs d’abord</translation>
    </message>
    <message>
        <source>What is surest first</source>
        <translation>Les plus sûrs d’abord</translation>
    </message>
    <message>
        <source>What stands in most places first</source>
        <translation>Les plus fréquents d’abord</translation>
    </message>
    <message>
        <source>Only of the capture that is shown</source>
        <translation>De la capture montrée seulement</translation>
    </message>
    <message>
        <source>Sure or not</source>
        <translation>Sûrs ou non</translation>
    </message>
    <message>
        <source>Only from 90 % sure</source>
        <translation>Sûrs à 90 % au moins</translation>
    </message>
    <message>
        <source>Only below 90 % sure</source>
        <translation>Sûrs à moins de 90 %</translation>
    </message>
    <message>
        <source>Show findings of this state</source>
        <translation>Montrer les éléments dans cet état</translation>
    </message>
    <message>
        <source>All states</source>
        <translation>Tous les états</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Caviardé</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Gardé</translation>
    </message>
    <message>
        <source>Asked</source>
        <translation>Demandé</translation>
    </message>
    <message>
        <source>Show findings of this kind</source>
        <translation>Montrer les éléments de ce genre</translation>
    </message>
    <message>
        <source>All kinds</source>
        <translation>Tous les genres</translation>
    </message>
    <message>
        <source>Area covered by hand</source>
        <translation>Zone caviardée à la main</translation>
    </message>
    <message>
        <source>Findings by value</source>
        <translation>Éléments par valeur</translation>
    </message>
    <message>
        <source>Policies</source>
        <translation>Politiques</translation>
    </message>
    <message>
        <source>&amp;Never findings: your own addresses, hotlines, public names; one a line, patterns between slashes</source>
        <translation>&amp;Jamais des éléments : vos adresses, numéros d’accueil, noms publics ; un par ligne, motifs entre barres</translation>
    </message>
    <message>
        <source>&amp;Colour of solid covers</source>
        <translation>&amp;Couleur des caviardages unis</translation>
    </message>
    <message>
        <source>Stand-ins bear a small mark that says so</source>
        <translation>Les valeurs de remplacement portent une petite marque</translation>
    </message>
    <message>
        <source>Labels tell the ground</source>
        <translation>Les étiquettes disent la base légale</translation>
    </message>
    <message>
        <source>Look for</source>
        <translation>Chercher</translation>
    </message>
    <message>
        <source>At least sure</source>
        <translation>Sûr au moins</translation>
    </message>
    <message>
        <source>Style</source>
        <translation>Style</translation>
    </message>
    <message>
        <source>Ground for covering</source>
        <translation>Base du caviardage</translation>
    </message>
    <message>
        <source>Kinds of the policy</source>
        <translation>Genres de la politique</translation>
    </message>
    <message>
        <source>%1: least confidence</source>
        <translation>%1 : certitude minimale</translation>
    </message>
    <message>
        <source>%1: style of the cover</source>
        <translation>%1 : style du caviardage</translation>
    </message>
    <message>
        <source>%1: legal ground or reason code</source>
        <translation>%1 : base légale ou code de motif</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Enregistrer sous…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Fermer</translation>
    </message>
    <message>
        <source>Use for this case</source>
        <translation>Utiliser pour ce dossier</translation>
    </message>
    <message>
        <source>Open a policy</source>
        <translation>Ouvrir une politique</translation>
    </message>
    <message>
        <source>Policies (*.toml)</source>
        <translation>Politiques (*.toml)</translation>
    </message>
    <message>
        <source>A pattern of this policy finds it</source>
        <translation>Un motif de cette politique le trouve</translation>
    </message>
    <message>
        <source>The effect is shown as soon as the capture has been read.</source>
        <translation>L’effet est montré dès que la capture est lue.</translation>
    </message>
    <message>
        <source>Open a capture to see what a policy finds on it.</source>
        <translation>Ouvrez une capture pour voir ce qu’une politique y trouve.</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 de plus</translation>
    </message>
    <message>
        <source>%1, now %2</source>
        <translation>%1, maintenant %2</translation>
    </message>
    <message>
        <source>On %1 this policy finds %2; the case&apos;s finds %3.</source>
        <translation>Sur %1 cette politique trouve %2 ; celle du dossier %3.</translation>
    </message>
    <message>
        <source>The case uses this policy; on %1 it finds %2.</source>
        <translation>Le dossier suit cette politique ; sur %1 elle trouve %2.</translation>
    </message>
    <message>
        <source>%1, tuned</source>
        <translation>%1, ajustée</translation>
    </message>
    <message>
        <source>Save the policy</source>
        <translation>Enregistrer la politique</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nom</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be the name of a policy of your own; choose another.</source>
        <translation>« %1 » ne peut nommer une politique à vous ; choisissez-en un autre.</translation>
    </message>
    <message>
        <source>There is a policy &quot;%1&quot; already. Replace it?</source>
        <translation>Il y a déjà une politique « %1 ». La remplacer ?</translation>
    </message>
    <message>
        <source>The policy could not be written to %1: %2.</source>
        <translation>La politique n’a pu être écrite dans %1 : %2.</translation>
    </message>
    <message>
        <source>What was written</source>
        <translation>Ce qui a été écrit</translation>
    </message>
    <message>
        <source>Eyelid finds and covers what is personal or confidential on pictures of screens.</source>
        <translation>Eyelid trouve et caviarde ce qui est personnel ou confidentiel sur des images d’écran.</translation>
    </message>
    <message>
        <source>Pictures to bring in, or a case to open.</source>
        <translation>Images à importer, ou dossier à ouvrir.</translation>
    </message>
    <message>
        <source>[files…]</source>
        <translation>[fichiers…]</translation>
    </message>
    <message>
        <source>The policy, by its name, or a TOML file.</source>
        <translation>La politique, par son nom, ou un fichier TOML.</translation>
    </message>
    <message>
        <source>Take at once: %1.</source>
        <translation>Capturer aussitôt : %1.</translation>
    </message>
    <message>
        <source>Bring in what is on the clipboard.</source>
        <translation>Importer le contenu du presse-papiers.</translation>
    </message>
    <message>
        <source>In a window of its own, though one is open.</source>
        <translation>Dans une fenêtre à part, même si une est ouverte.</translation>
    </message>
    <message>
        <source>Start with three windows of the demo desk taken.</source>
        <translation>Commencer avec trois fenêtres capturées du bureau d’essai.</translation>
    </message>
    <message>
        <source>Start with the main job, step by step, on the demo desk.</source>
        <translation>Commencer par le travail principal, pas à pas, sur le bureau d’essai.</translation>
    </message>
    <message>
        <source>Nothing is taken by “%1”; choose of: %2.</source>
        <translation>Rien n’est capturé par « %1 » ; choisissez parmi : %2.</translation>
    </message>
    <message>
        <source>Files in a folder, with their log and checksums.</source>
        <translation>Des fichiers dans un répertoire, avec journal et sommes de contrôle.</translation>
    </message>
    <message>
        <source>To a folder</source>
        <translation>Vers un répertoire</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Répertoire</translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation>Parcourir…</translation>
    </message>
    <message>
        <source>Open it afterwards</source>
        <translation>L’ouvrir ensuite</translation>
    </message>
    <message>
        <source>Release to</source>
        <translation>Diffuser vers</translation>
    </message>
    <message>
        <source>Mail draft</source>
        <translation>Brouillon de mail</translation>
    </message>
    <message>
        <source>A new mail in your mail program, the files attached; you address and send it.</source>
        <translation>Un nouveau message dans votre messagerie, fichiers joints ; vous l’adressez et l’envoyez.</translation>
    </message>
    <message>
        <source>Clipboard</source>
        <translation>Presse-papiers</translation>
    </message>
    <message>
        <source>To be pasted into a letter or a ticket.</source>
        <translation>À coller dans une lettre ou un ticket.</translation>
    </message>
    <message>
        <source>Shows the pages first.</source>
        <translation>Montre d’abord les pages.</translation>
    </message>
    <message>
        <source>Screen</source>
        <translation>Écran</translation>
    </message>
    <message>
        <source>Above all windows, while you write about it.</source>
        <translation>Au-dessus des fenêtres, pendant que vous en écrivez.</translation>
    </message>
    <message>
        <source>Drop at</source>
        <translation>Déposer à</translation>
    </message>
    <message>
        <source>Uploads the files to a server; its link is copied.</source>
        <translation>Envoie les fichiers à un serveur ; le lien est copié.</translation>
    </message>
    <message>
        <source>Places…</source>
        <translation>Dépôts…</translation>
    </message>
    <message>
        <source>Run</source>
        <translation>Lancer</translation>
    </message>
    <message>
        <source>Run a program</source>
        <translation>Lancer un programme</translation>
    </message>
    <message>
        <source>No program; {files} stands for the files</source>
        <translation>Aucun ; {files} désigne les fichiers</translation>
    </message>
    <message>
        <source>No place</source>
        <translation>Aucun dépôt</translation>
    </message>
    <message>
        <source>Choose where it is to go.</source>
        <translation>Choisissez où cela doit aller.</translation>
    </message>
    <message>
        <source>Name a folder.</source>
        <translation>Nommez un répertoire.</translation>
    </message>
    <message>
        <source>A mail draft and a program are given files: release to a folder as well.</source>
        <translation>Un brouillon de mail et un programme reçoivent des fichiers : diffusez aussi vers un répertoire.</translation>
    </message>
    <message>
        <source>A screen, sanitised</source>
        <translation>Un écran, caviardé</translation>
    </message>
    <message>
        <source>This capture has not been read; what it shows is not known.</source>
        <translation>Cette capture n’est pas lue ; on ne sait ce qu’elle montre.</translation>
    </message>
    <message>
        <source>A second officer has not agreed to this case as it stands.</source>
        <translation>Aucun second agent n’a approuvé le dossier en l’état.</translation>
    </message>
    <message>
        <source>It was not handed out: %1 Check the case to see where.</source>
        <translation>Non remis : %1 Vérifiez le dossier pour voir où.</translation>
    </message>
    <message>
        <source>clipboard</source>
        <translation>presse-papiers</translation>
    </message>
    <message>
        <source>The sanitised picture is copied.</source>
        <translation>L’image caviardée est copiée.</translation>
    </message>
    <message>
        <source>The words that are still to be read are copied.</source>
        <translation>Les mots encore lisibles sont copiés.</translation>
    </message>
    <message>
        <source>What was released is copied.</source>
        <translation>Ce qui a été diffusé est copié.</translation>
    </message>
    <message>
        <source>Handing out</source>
        <translation>Remise</translation>
    </message>
    <message numerus="yes">
        <source>It is taken back from the clipboard in %n second(s).</source>
        <translation>
            <numerusform>Elle sera retirée du presse-papiers dans une seconde.</numerusform>
            <numerusform>Elle sera retirée du presse-papiers dans %n secondes.</numerusform>
        </translation>
    </message>
    <message>
        <source>screen</source>
        <translation>écran</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papier</translation>
    </message>
    <message>
        <source>Sent to the printer %1.</source>
        <translation>Envoyé à l’imprimante %1.</translation>
    </message>
    <message>
        <source>drag</source>
        <translation>glisser</translation>
    </message>
    <message>
        <source>mail</source>
        <translation>mail</translation>
    </message>
    <message>
        <source>A mail is given files; release to a folder as well.</source>
        <translation>Un mail reçoit des fichiers ; diffusez aussi vers un répertoire.</translation>
    </message>
    <message>
        <source>Waiting for the mail program</source>
        <translation>En attente de la messagerie</translation>
    </message>
    <message>
        <source>a draft in the mail program</source>
        <translation>un brouillon dans la messagerie</translation>
    </message>
    <message>
        <source>%1 cannot be read any more.</source>
        <translation>%1 n’est plus lisible.</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Page %1 sur %2</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimer</translation>
    </message>
    <message>
        <source>The pages</source>
        <translation>Les pages</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Pas maintenant</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimer…</translation>
    </message>
    <message>
        <source>As large as fits</source>
        <translation>Aussi grand que possible</translation>
    </message>
    <message>
        <source>True size</source>
        <translation>Taille réelle</translation>
    </message>
    <message>
        <source>Pictures a page</source>
        <translation>Images par page</translation>
    </message>
    <message numerus="yes">
        <source>%n a page</source>
        <translation>
            <numerusform>%n par page</numerusform>
            <numerusform>%n par page</numerusform>
        </translation>
    </message>
    <message>
        <source>Names and page numbers</source>
        <translation>Noms et numéros de page</translation>
    </message>
    <message>
        <source>Landscape</source>
        <translation>Paysage</translation>
    </message>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation>
            <numerusform>Une page</numerusform>
            <numerusform>%n pages</numerusform>
        </translation>
    </message>
    <message>
        <source>The printer did not take it; is it switched on, and does it have paper? Nothing was lost.</source>
        <translation>L’imprimante ne l’a pas pris ; est-elle allumée, a-t-elle du papier ? Rien n’est perdu.</translation>
    </message>
    <message>
        <source>Sanitised picture</source>
        <translation>Image caviardée</translation>
    </message>
    <message>
        <source>Plus and minus zoom, the brackets make it see-through, Escape closes.</source>
        <translation>Plus et moins zooment, les crochets rendent transparent, Échap ferme.</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Plus grand</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Plus petit</translation>
    </message>
    <message>
        <source>As large as it is</source>
        <translation>Taille d’origine</translation>
    </message>
    <message>
        <source>More see-through</source>
        <translation>Plus transparent</translation>
    </message>
    <message>
        <source>Less see-through</source>
        <translation>Moins transparent</translation>
    </message>
    <message>
        <source>Places to drop releases at</source>
        <translation>Dépôts des diffusions</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Dépôts</translation>
    </message>
    <message>
        <source>What it is chosen by</source>
        <translation>Par quoi on le choisit</translation>
    </message>
    <message>
        <source>Address</source>
        <translation>Adresse</translation>
    </message>
    <message>
        <source>https://… (WebDAV) or sftp://…, of the folder</source>
        <translation>https://… (WebDAV) ou sftp://…, du répertoire</translation>
    </message>
    <message>
        <source>User</source>
        <translation>Utilisateur</translation>
    </message>
    <message>
        <source>Password</source>
        <translation>Mot de passe</translation>
    </message>
    <message>
        <source>As it is kept in the key ring</source>
        <translation>Celui du trousseau</translation>
    </message>
    <message>
        <source>Key file</source>
        <translation>Fichier de clé</translation>
    </message>
    <message>
        <source>Instead of a password</source>
        <translation>Au lieu d’un mot de passe</translation>
    </message>
    <message>
        <source>Server&apos;s key</source>
        <translation>Clé du serveur</translation>
    </message>
    <message>
        <source>SHA-256; no other server is spoken to</source>
        <translation>SHA-256 ; aucun autre serveur n’est admis</translation>
    </message>
    <message>
        <source>Ask the server</source>
        <translation>La demander</translation>
    </message>
    <message>
        <source>Authority</source>
        <translation>Autorité</translation>
    </message>
    <message>
        <source>A file, where the office has one of its own</source>
        <translation>Un fichier, si le service a la sienne</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Lien</translation>
    </message>
    <message>
        <source>What others open it by, if it is another address</source>
        <translation>Par quoi d’autres l’ouvrent, si différent</translation>
    </message>
    <message>
        <source>Meant to lie there</source>
        <translation>Doit y rester</translation>
    </message>
    <message>
        <source>Nothing is said of it</source>
        <translation>Rien n’en est dit</translation>
    </message>
    <message>
        <source> days, said in its name</source>
        <translation> jours, dits dans son nom</translation>
    </message>
    <message>
        <source>Lies there</source>
        <translation>Y reste</translation>
    </message>
    <message>
        <source>Another</source>
        <translation>Un autre</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Conserver</translation>
    </message>
    <message>
        <source>A folder of a server, by WebDAV or SFTP. Releases are sent there whole or not at all.</source>
        <translation>Un répertoire d’un serveur, par WebDAV ou SFTP. Les diffusions y arrivent entières ou pas du tout.</translation>
    </message>
    <message>
        <source>Ask the server for its key, and compare it with what its keeper says.</source>
        <translation>Demandez sa clé au serveur et comparez-la à ce que dit son responsable.</translation>
    </message>
    <message>
        <source>Asking the server…</source>
        <translation>On interroge le serveur…</translation>
    </message>
    <message>
        <source>This is what the server shows. Compare it with what its keeper says before you keep it: whoever stands in between could show another.</source>
        <translation>Voici ce que montre le serveur. Comparez avec ce que dit son responsable avant de conserver : un intermédiaire pourrait en montrer une autre.</translation>
    </message>
    <message>
        <source>Waiting for the key ring…</source>
        <translation>En attente du trousseau…</translation>
    </message>
    <message>
        <source>The password was not kept: %1 Without a key ring, use a key file.</source>
        <translation>Le mot de passe n’a pas été conservé : %1 Sans trousseau, utilisez un fichier de clé.</translation>
    </message>
    <message>
        <source>“%1” is kept.</source>
        <translation>« %1 » est conservé.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1 : %2</translation>
    </message>
    <message>
        <source>Releases of this case</source>
        <translation>Diffusions de ce dossier</translation>
    </message>
    <message>
        <source>Nothing of this case has been released yet. What leaves it is noted here by itself, with where it went and its checksums.</source>
        <translation>Rien de ce dossier n’a encore été diffusé. Ce qui part est noté ici de soi-même, avec sa destination et ses sommes de contrôle.</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Quand</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Par</translation>
    </message>
    <message>
        <source>Where to</source>
        <translation>Vers</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Contient</translation>
    </message>
    <message>
        <source>Verify…</source>
        <translation>Contrôler…</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Ouvrir le répertoire</translation>
    </message>
    <message>
        <source>Withdraw…</source>
        <translation>Retirer…</translation>
    </message>
    <message>
        <source>Notes that this release is not to be used any more, and why. The files stay.</source>
        <translation>Note que cette diffusion n’est plus à utiliser, et pourquoi. Les fichiers restent.</translation>
    </message>
    <message>
        <source>Save as a table…</source>
        <translation>Enregistrer en tableau…</translation>
    </message>
    <message numerus="yes">
        <source>%n file(s)</source>
        <translation>
            <numerusform>%n fichier</numerusform>
            <numerusform>%n fichiers</numerusform>
        </translation>
    </message>
    <message>
        <source>withdrawn: %1</source>
        <translation>retirée : %1</translation>
    </message>
    <message>
        <source>Withdraw a release</source>
        <translation>Retirer une diffusion</translation>
    </message>
    <message>
        <source>Why it is not to be used any more; it is kept with the case:</source>
        <translation>Pourquoi elle n’est plus à utiliser ; cela reste au dossier :</translation>
    </message>
    <message>
        <source>Save the register</source>
        <translation>Enregistrer le registre</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tableaux (*.csv)</translation>
    </message>
    <message>
        <source>Handed over as it was checked:</source>
        <translation>Remis tel que vérifié :</translation>
    </message>
    <message>
        <source>Written as they were checked, and read back from the disk:</source>
        <translation>Écrits tels que vérifiés, et relus du disque :</translation>
    </message>
    <message>
        <source>%1 The log is not signed: %2</source>
        <translation>%1 Le journal n’est pas signé : %2</translation>
    </message>
    <message>
        <source>On the clipboard</source>
        <translation>Sur le presse-papiers</translation>
    </message>
    <message>
        <source>On the screen</source>
        <translation>Sur l’écran</translation>
    </message>
    <message>
        <source>The reason</source>
        <translation>La raison</translation>
    </message>
    <message>
        <source>Measuring</source>
        <translation>Mesure</translation>
    </message>
    <message>
        <source>The case has changed since it was checked; check it again.</source>
        <translation>Le dossier a changé depuis la vérification ; vérifiez à nouveau.</translation>
    </message>
    <message>
        <source>Checking the pictures in this form…</source>
        <translation>Vérification des images sous cette forme…</translation>
    </message>
    <message>
        <source>With the released files, this will be run:

%1

It can do with them whatever you could. Run it from now on?</source>
        <translation>Avec les fichiers diffusés, ceci sera lancé :

%1

Il peut en faire tout ce que vous pourriez. Le lancer désormais ?</translation>
    </message>
    <message>
        <source>Run it</source>
        <translation>Le lancer</translation>
    </message>
    <message>
        <source>Writing the release…</source>
        <translation>Écriture de la diffusion…</translation>
    </message>
    <message>
        <source>Writing the release</source>
        <translation>Écriture de la diffusion</translation>
    </message>
    <message>
        <source>What went before stands: %1.</source>
        <translation>Ce qui précède est fait : %1.</translation>
    </message>
    <message>
        <source>%1 is one of this case&apos;s own pictures and would be replaced; choose another folder.</source>
        <translation>%1 est une des images du dossier et serait remplacée ; choisissez un autre répertoire.</translation>
    </message>
    <message>
        <source>Release</source>
        <translation>Diffuser</translation>
    </message>
    <message>
        <source>Way</source>
        <translation>Voie</translation>
    </message>
    <message>
        <source>Format</source>
        <translation>Format</translation>
    </message>
    <message>
        <source>Of the parts {case}, {number}, {count}, {date} and {policy}; the ending comes by itself.</source>
        <translation>Avec {case}, {number}, {count}, {date} et {policy} ; l’extension vient seule.</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Noms</translation>
    </message>
    <message>
        <source>With them</source>
        <translation>Avec eux</translation>
    </message>
    <message>
        <source>Keep both: number the new ones</source>
        <translation>Garder les deux : numéroter les nouveaux</translation>
    </message>
    <message>
        <source>Replace them</source>
        <translation>Les remplacer</translation>
    </message>
    <message>
        <source>Do not release</source>
        <translation>Ne pas diffuser</translation>
    </message>
    <message>
        <source>Files there already</source>
        <translation>Fichiers déjà là</translation>
    </message>
    <message>
        <source>And to</source>
        <translation>Et vers</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Fichiers</translation>
    </message>
    <message>
        <source>%1, all in one</source>
        <translation>%1, tout en un</translation>
    </message>
    <message>
        <source>As</source>
        <translation>Comme</translation>
    </message>
    <message>
        <source>As files</source>
        <translation>En fichiers</translation>
    </message>
    <message>
        <source>In one archive</source>
        <translation>Dans une archive</translation>
    </message>
    <message>
        <source>As a mail draft</source>
        <translation>En brouillon de mail</translation>
    </message>
    <message>
        <source>Quality</source>
        <translation>Qualité</translation>
    </message>
    <message>
        <source>Without loss</source>
        <translation>Sans perte</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Au plus</translation>
    </message>
    <message>
        <source> kB a picture</source>
        <translation> ko par image</translation>
    </message>
    <message>
        <source>Report for people</source>
        <translation>Rapport lisible</translation>
    </message>
    <message>
        <source>Words as text</source>
        <translation>Mots en texte</translation>
    </message>
    <message>
        <source>What can still be read on the pictures, to be searched and read aloud.</source>
        <translation>Ce qui reste lisible sur les images, pour chercher et lire à voix haute.</translation>
    </message>
    <message>
        <source>What was hidden, at its end</source>
        <translation>À la fin, ce qui a été caché</translation>
    </message>
    <message>
        <source>%1   (is there already)</source>
        <translation>%1   (déjà là)</translation>
    </message>
    <message numerus="yes">
        <source>%n of these files are there already; choose another folder, or what is to be done with them.</source>
        <translation>
            <numerusform>Un de ces fichiers est déjà là ; choisissez un autre répertoire, ou qu’en faire.</numerusform>
            <numerusform>%n de ces fichiers sont déjà là ; choisissez un autre répertoire, ou qu’en faire.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of these files are there already and will be replaced, once the new ones stand.</source>
        <translation>
            <numerusform>Un de ces fichiers est déjà là et sera remplacé une fois le nouveau en place.</numerusform>
            <numerusform>%n de ces fichiers sont déjà là et seront remplacés une fois les nouveaux en place.</numerusform>
        </translation>
    </message>
    <message>
        <source>, pictures of %1</source>
        <translation>, images de %1</translation>
    </message>
    <message numerus="yes">
        <source>%n file(s) will be written</source>
        <translation>
            <numerusform>Un fichier sera écrit</numerusform>
            <numerusform>%n fichiers seront écrits</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, to: %2</source>
        <translation>%1, vers : %2</translation>
    </message>
    <message>
        <source>%1:</source>
        <translation>%1 :</translation>
    </message>
    <message>
        <source>%1; the folder will be made:</source>
        <translation>%1 ; le répertoire sera créé :</translation>
    </message>
    <message>
        <source>Released</source>
        <translation>Diffusé</translation>
    </message>
    <message>
        <source>Verify files</source>
        <translation>Contrôler des fichiers</translation>
    </message>
    <message>
        <source>Releases and their files</source>
        <translation>Diffusions et leurs fichiers</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Fichier</translation>
    </message>
    <message>
        <source>Is</source>
        <translation>Est</translation>
    </message>
    <message>
        <source>The public key of the office that must have signed (else yours is tried)</source>
        <translation>La clé publique du service qui doit avoir signé (sinon la vôtre)</translation>
    </message>
    <message>
        <source>Signed by</source>
        <translation>Signé par</translation>
    </message>
    <message>
        <source>Checksums that came by another way, pasted: a line a file</source>
        <translation>Sommes de contrôle reçues autrement, collées : une ligne par fichier</translation>
    </message>
    <message>
        <source>Checksums</source>
        <translation>Sommes de contrôle</translation>
    </message>
    <message>
        <source>Drop released files, a folder or an archive here, or choose them. Their log says what they must be.</source>
        <translation>Déposez ici des fichiers diffusés, un répertoire ou une archive, ou choisissez-les. Leur journal dit ce qu’ils doivent être.</translation>
    </message>
    <message>
        <source>Folder…</source>
        <translation>Répertoire…</translation>
    </message>
    <message>
        <source>Files…</source>
        <translation>Fichiers…</translation>
    </message>
    <message>
        <source>Copy my public key</source>
        <translation>Copier ma clé publique</translation>
    </message>
    <message>
        <source>For those who verify what you release.</source>
        <translation>Pour ceux qui contrôlent vos diffusions.</translation>
    </message>
    <message>
        <source>Verify a folder</source>
        <translation>Contrôler un répertoire</translation>
    </message>
    <message>
        <source>Reading the files…</source>
        <translation>Lecture des fichiers…</translation>
    </message>
    <message>
        <source>intact</source>
        <translation>intact</translation>
    </message>
    <message>
        <source>not intact</source>
        <translation>non intact</translation>
    </message>
    <message>
        <source>Intact: every file is what was released.</source>
        <translation>Intact : chaque fichier est ce qui a été diffusé.</translation>
    </message>
    <message numerus="yes">
        <source>Not intact: %n file(s) are not what was released.</source>
        <translation>
            <numerusform>Non intact : un fichier n’est pas ce qui a été diffusé.</numerusform>
            <numerusform>Non intact : %n fichiers ne sont pas ce qui a été diffusé.</numerusform>
        </translation>
    </message>
    <message>
        <source>Not intact: see what is said of the signature and the log.</source>
        <translation>Non intact : voir ce qui est dit de la signature et du journal.</translation>
    </message>
    <message>
        <source>Copied: the public key %1. Hand it on to those who verify what you release.</source>
        <translation>Copiée : la clé publique %1. Remettez-la à ceux qui contrôlent vos diffusions.</translation>
    </message>
    <message>
        <source>Keep as…</source>
        <translation>Retenir sous…</translation>
    </message>
    <message>
        <source>Keeps all that is chosen below under a name, to be released so again with one key.</source>
        <translation>Retient tout ce qui est choisi ci-dessous sous un nom, pour diffuser de même d’une touche.</translation>
    </message>
    <message>
        <source>As it is chosen here</source>
        <translation>Comme choisi ici</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1 : %2, %3</translation>
    </message>
    <message>
        <source>Keep this way</source>
        <translation>Retenir cette voie</translation>
    </message>
    <message>
        <source>Its name:</source>
        <translation>Son nom :</translation>
    </message>
    <message>
        <source>Another capture, to compare</source>
        <translation>Une autre capture, à comparer</translation>
    </message>
    <message>
        <source>Capture to compare with</source>
        <translation>Capture à comparer</translation>
    </message>
    <message>
        <source>Compare no more</source>
        <translation>Ne plus comparer</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Form of covers drawn by hand</source>
        <translation>Forme des caviardages à la main</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Boîte</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Coins</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Contour</translation>
    </message>
    <message>
        <source>Brush</source>
        <translation>Pinceau</translation>
    </message>
    <message>
        <source>All but an area</source>
        <translation>Tout sauf une zone</translation>
    </message>
    <message>
        <source>Cut a piece out</source>
        <translation>Découper un morceau</translation>
    </message>
    <message>
        <source>Width of the brush</source>
        <translation>Largeur du pinceau</translation>
    </message>
    <message>
        <source>Look at the joins</source>
        <translation>Voir les raccords</translation>
    </message>
    <message>
        <source>One join of this page is not sure: something may be lost or doubled there.</source>
        <translation>Un raccord de cette page n’est pas sûr : il peut y manquer ou s’y répéter quelque chose.</translation>
    </message>
    <message>
        <source>%1 joins of this page are not sure: something may be lost or doubled there.</source>
        <translation>%1 raccords de cette page ne sont pas sûrs : il peut y manquer ou s’y répéter quelque chose.</translation>
    </message>
    <message>
        <source>Joins</source>
        <translation>Raccords</translation>
    </message>
    <message>
        <source>Joins of the page</source>
        <translation>Raccords de la page</translation>
    </message>
    <message>
        <source>Second picture starts</source>
        <translation>La seconde image commence</translation>
    </message>
    <message>
        <source>Distance between the two pictures in pixels</source>
        <translation>Distance des deux images en pixels</translation>
    </message>
    <message>
        <source>Up and Down move it by one pixel, with Shift by ten</source>
        <translation>Haut et bas déplacent d’un pixel, avec Maj de dix</translation>
    </message>
    <message>
        <source>after the first. Up and Down move it, with Shift by ten.</source>
        <translation>après la première. Haut et bas déplacent, avec Maj de dix.</translation>
    </message>
    <message>
        <source>This is right</source>
        <translation>C’est juste</translation>
    </message>
    <message>
        <source>This join is as it should be; on to the next unsure one (Enter)</source>
        <translation>Ce raccord est bon ; au prochain incertain (Entrée)</translation>
    </message>
    <message>
        <source>%1 at pixel %2, not sure</source>
        <translation>%1 au pixel %2, incertain</translation>
    </message>
    <message>
        <source>%1 at pixel %2, by hand</source>
        <translation>%1 au pixel %2, à la main</translation>
    </message>
    <message>
        <source>%1 at pixel %2</source>
        <translation>%1 au pixel %2</translation>
    </message>
    <message numerus="yes">
        <source>All %n join(s) are settled</source>
        <translation>
            <numerusform>Le raccord est réglé</numerusform>
            <numerusform>Les %n raccords sont réglés</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of %1 joins is/are not sure</source>
        <translation>
            <numerusform>%n raccord sur %1 n’est pas sûr</numerusform>
            <numerusform>%n raccords sur %1 ne sont pas sûrs</numerusform>
        </translation>
    </message>
    <message>
        <source>This join fits. It can still be moved.</source>
        <translation>Ce raccord convient. On peut encore le déplacer.</translation>
    </message>
    <message>
        <source>%1 px</source>
        <translation>%1 px</translation>
    </message>
    <message>
        <source>Small map of the capture</source>
        <translation>Petite carte de la capture</translation>
    </message>
    <message>
        <source>Click or drag: to that part of the capture</source>
        <translation>Cliquer ou glisser : à cette partie de la capture</translation>
    </message>
    <message>
        <source>Read an area again</source>
        <translation>Relire une zone</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Avant</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Après</translation>
    </message>
    <message>
        <source>Keep the old</source>
        <translation>Garder l’ancien</translation>
    </message>
    <message>
        <source>Take the new</source>
        <translation>Prendre le nouveau</translation>
    </message>
    <message>
        <source>Nothing can be read here.</source>
        <translation>Rien n’est lisible ici.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Langue</translation>
    </message>
    <message>
        <source>told by the text</source>
        <translation>d’après le texte</translation>
    </message>
    <message>
        <source>Content</source>
        <translation>Contenu</translation>
    </message>
    <message>
        <source>one line</source>
        <translation>une ligne</translation>
    </message>
    <message>
        <source>Reading…</source>
        <translation>Lecture…</translation>
    </message>
    <message>
        <source>Sheet: the capture as it will be released</source>
        <translation>Feuille : la capture telle qu’elle sera diffusée</translation>
    </message>
    <message>
        <source>No captures yet</source>
        <translation>Pas encore de captures</translation>
    </message>
    <message>
        <source>Take one from the desk (Ctrl+T), bring in pictures (Ctrl+O),
or drop picture files here.

New here? Menu, Help, First steps.</source>
        <translation>Capturez le bureau (Ctrl+T), importez des images (Ctrl+O)
ou déposez ici des fichiers d’image.

Nouveau ? Menu, Aide, Premiers pas.</translation>
    </message>
    <message>
        <source>Bare capture: nothing is covered here</source>
        <translation>Capture nue : rien n’y est caviardé</translation>
    </message>
    <message>
        <source>As it was taken</source>
        <translation>Telle que capturée</translation>
    </message>
    <message>
        <source>Drag over what to read again; Escape ends</source>
        <translation>Tracez sur ce qu’il faut relire ; Échap termine</translation>
    </message>
    <message>
        <source>Drag over what to cover; Escape ends</source>
        <translation>Tracez sur ce qu’il faut caviarder ; Échap termine</translation>
    </message>
    <message>
        <source>Click a title bar, a field or a panel to cover it; Escape ends</source>
        <translation>Cliquez une barre de titre, un champ ou un panneau pour le caviarder ; Échap termine</translation>
    </message>
    <message>
        <source>Click the corners of what to cover, Enter closes it; Escape ends</source>
        <translation>Cliquez les coins de ce qu’il faut caviarder, Entrée ferme ; Échap termine</translation>
    </message>
    <message>
        <source>Draw around what to cover; Escape ends</source>
        <translation>Dessinez autour de ce qu’il faut caviarder ; Échap termine</translation>
    </message>
    <message>
        <source>Brush over what to cover; Escape ends</source>
        <translation>Peignez sur ce qu’il faut caviarder ; Échap termine</translation>
    </message>
    <message>
        <source>Drag over what stays to be seen, all else is covered; Escape ends</source>
        <translation>Tracez sur ce qui reste visible, tout le reste est caviardé ; Échap termine</translation>
    </message>
    <message>
        <source>Drag over what of covers by hand to take away; Escape ends</source>
        <translation>Tracez sur ce qu’il faut ôter des caviardages à la main ; Échap termine</translation>
    </message>
    <message>
        <source>This capture has not been read: nothing was looked for on it</source>
        <translation>Cette capture n’est pas lue : rien n’y a été cherché</translation>
    </message>
    <message numerus="yes">
        <source>%n word(s) unsure</source>
        <translation>
            <numerusform>un mot incertain</numerusform>
            <numerusform>%n mots incertains</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n place(s) not readable</source>
        <translation>
            <numerusform>un endroit illisible</numerusform>
            <numerusform>%n endroits illisibles</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; not looked for: %n kind(s)</source>
        <translation>
            <numerusform>%1 ; non cherché : un genre</numerusform>
            <numerusform>%1 ; non cherché : %n genres</numerusform>
        </translation>
    </message>
    <message>
        <source>%1; not looked for: %2</source>
        <translation>%1 ; non cherché : %2</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copier</translation>
    </message>
    <message>
        <source>As it would be released: names stand in place of what is covered (Ctrl+C)</source>
        <translation>Tel que diffusé : des noms remplacent ce qui est caviardé (Ctrl+C)</translation>
    </message>
    <message>
        <source>Watch for it</source>
        <translation>Le surveiller</translation>
    </message>
    <message>
        <source>From now on a finding wherever it stands in this case</source>
        <translation>Désormais un élément où qu’il soit dans ce dossier</translation>
    </message>
    <message>
        <source>Correct…</source>
        <translation>Corriger…</translation>
    </message>
    <message>
        <source>What the word says</source>
        <translation>Ce que dit le mot</translation>
    </message>
    <message numerus="yes">
        <source>%n word(s): %1</source>
        <translation>
            <numerusform>Un mot : %1</numerusform>
            <numerusform>%n mots : %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Words and tables</source>
        <translation>Mots et tableaux</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Chercher</translation>
    </message>
    <message>
        <source>Search the words of this capture</source>
        <translation>Chercher dans les mots de cette capture</translation>
    </message>
    <message>
        <source>The words in reading order</source>
        <translation>Les mots dans l’ordre de lecture</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Mots</translation>
    </message>
    <message>
        <source>Which table</source>
        <translation>Quel tableau</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tableau</translation>
    </message>
    <message>
        <source>Tables</source>
        <translation>Tableaux</translation>
    </message>
    <message>
        <source>Names like [e-mail 1] stand in place of all that is covered or still open</source>
        <translation>Des noms comme [e-mail 1] remplacent tout ce qui est caviardé ou encore ouvert</translation>
    </message>
    <message>
        <source>Copy table</source>
        <translation>Copier le tableau</translation>
    </message>
    <message>
        <source>Copy all</source>
        <translation>Tout copier</translation>
    </message>
    <message>
        <source>No capture is open</source>
        <translation>Aucune capture n’est ouverte</translation>
    </message>
    <message>
        <source>Take or bring in a picture first.</source>
        <translation>Capturez ou importez d’abord une image.</translation>
    </message>
    <message>
        <source>This capture is still to be read.</source>
        <translation>Cette capture est encore à lire.</translation>
    </message>
    <message>
        <source>There are no words on this capture.</source>
        <translation>Il n’y a pas de mots sur cette capture.</translation>
    </message>
    <message>
        <source>Table %1: %2 rows, %3 columns</source>
        <translation>Tableau %1 : %2 lignes, %3 colonnes</translation>
    </message>
    <message>
        <source>No table was found on this capture</source>
        <translation>Aucun tableau trouvé sur cette capture</translation>
    </message>
    <message>
        <source>Tables (%1)</source>
        <translation>Tableaux (%1)</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>introuvable</translation>
    </message>
    <message>
        <source>%1 found</source>
        <translation>%1 trouvés</translation>
    </message>
    <message>
        <source>Capture %1</source>
        <translation>Capture %1</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Texte (*.txt)</translation>
    </message>
    <message>
        <source>Save the words</source>
        <translation>Enregistrer les mots</translation>
    </message>
    <message>
        <source>Text (*.txt);;Words with places, CSV (*.csv);;hOCR (*.html)</source>
        <translation>Texte (*.txt);;Mots avec places, CSV (*.csv);;hOCR (*.html)</translation>
    </message>
    <message>
        <source>Map of the desk</source>
        <translation>Carte du bureau</translation>
    </message>
    <message>
        <source>%1 · %2 × %3 at %4×</source>
        <translation>%1 · %2 × %3 à %4×</translation>
    </message>
    <message>
        <source>There are no pictures in %1.</source>
        <translation>Il n’y a pas d’images dans %1.</translation>
    </message>
    <message>
        <source>From the clipboard</source>
        <translation>Du presse-papiers</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard; copy one, or a picture file, first.</source>
        <translation>Il n’y a pas d’image sur le presse-papiers ; copiez-en une, ou un fichier d’image.</translation>
    </message>
    <message>
        <source>Dropped picture</source>
        <translation>Image déposée</translation>
    </message>
    <message>
        <source>Bring in pictures</source>
        <translation>Importer des images</translation>
    </message>
    <message>
        <source>Pictures and PDFs (%1 *.pdf);;All files (*)</source>
        <translation>Images et PDF (%1 *.pdf);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>Bring in pages</source>
        <translation>Importer des pages</translation>
    </message>
    <message>
        <source>%1 is locked. Its password:</source>
        <translation>%1 est verrouillé. Son mot de passe :</translation>
    </message>
    <message>
        <source>That was not the password of %1. Its password:</source>
        <translation>Ce n’était pas le mot de passe de %1. Son mot de passe :</translation>
    </message>
    <message>
        <source>Drawing the pages</source>
        <translation>Dessin des pages</translation>
    </message>
    <message>
        <source>%1, page %2</source>
        <translation>%1, page %2</translation>
    </message>
    <message>
        <source>Pictures of one page that overlap</source>
        <translation>Images d’une page qui se recouvrent</translation>
    </message>
    <message>
        <source>Pictures (%1);;All files (*)</source>
        <translation>Images (%1);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>Joined from %1 pictures</source>
        <translation>Raccordée de %1 images</translation>
    </message>
    <message>
        <source>No keys</source>
        <translation>Aucune touche</translation>
    </message>
    <message>
        <source>Press the keys; Backspace for none</source>
        <translation>Appuyez sur les touches ; Retour arrière pour aucune</translation>
    </message>
    <message>
        <source>%1 has a meaning of its own in lists and on the sheet; add Ctrl or Alt to it.</source>
        <translation>%1 a un sens propre dans les listes et sur la feuille ; ajoutez Ctrl ou Alt.</translation>
    </message>
    <message>
        <source>%1 is needed by other programs; add Ctrl, Alt or the Super key to it.</source>
        <translation>%1 sert à d’autres programmes ; ajoutez Ctrl, Alt ou la touche Super.</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Pages</translation>
    </message>
    <message>
        <source>all %1</source>
        <translation>les %1</translation>
    </message>
    <message>
        <source>Pages, like 1-3, 7</source>
        <translation>Pages, comme 1-3, 7</translation>
    </message>
    <message>
        <source>Like 1-3, 7; empty for all</source>
        <translation>Comme 1-3, 7 ; vide pour toutes</translation>
    </message>
    <message>
        <source>Resolution in pixels an inch</source>
        <translation>Résolution en pixels par pouce</translation>
    </message>
    <message>
        <source>%1 pixels an inch</source>
        <translation>%1 pixels par pouce</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>Importer</translation>
    </message>
    <message>
        <source>%1, %2 × %3 pixels</source>
        <translation>%1, %2 × %3 pixels</translation>
    </message>
    <message>
        <source>Monitor %1</source>
        <translation>Écran %1</translation>
    </message>
    <message>
        <source>Part of %1</source>
        <translation>Partie de %1</translation>
    </message>
    <message>
        <source>Whole desk</source>
        <translation>Tout le bureau</translation>
    </message>
    <message>
        <source>Choose what to take</source>
        <translation>Choisissez quoi capturer</translation>
    </message>
    <message>
        <source>%1   with frame</source>
        <translation>%1   avec cadre</translation>
    </message>
    <message>
        <source>%1   without frame</source>
        <translation>%1   sans cadre</translation>
    </message>
    <message>
        <source>%1 %2,%3</source>
        <translation>%1 %2,%3</translation>
    </message>
    <message>
        <source>Drag over what to take, or click a window    Alt: no snapping    Tab: next window    L: draw around    W: point    Esc: leave</source>
        <translation>Tracez ce qu’il faut capturer, ou cliquez une fenêtre    Alt : sans aimant    Tab : suivante    L : entourer    W : désigner    Échap : quitter</translation>
    </message>
    <message>
        <source>Enter: take    Arrows: move, Shift by 10, Ctrl: size    Type 640x480    Alt: no snapping    Esc: leave</source>
        <translation>Entrée : capturer    Flèches : déplacer, Maj de 10, Ctrl : taille    Tapez 640x480    Alt : sans aimant    Échap : quitter</translation>
    </message>
    <message>
        <source>Draw a line around what to take    Enter: take    R: region    W: point    Esc: leave</source>
        <translation>Tracez une ligne autour    Entrée : capturer    R : zone    W : désigner    Échap : quitter</translation>
    </message>
    <message>
        <source>Click takes what is outlined    F: frame %1    P: parts of windows %2    Tab: next    R: region    Esc: leave</source>
        <translation>Un clic prend ce qui est entouré    F : cadre %1    P : parties de fenêtres %2    Tab : suivant    R : zone    Échap : quitter</translation>
    </message>
    <message>
        <source>on</source>
        <translation>oui</translation>
    </message>
    <message>
        <source>off</source>
        <translation>non</translation>
    </message>
    <message>
        <source>Shortcuts for taking</source>
        <translation>Raccourcis de capture</translation>
    </message>
    <message>
        <source>These keys work while Eyelid is in the background and another program has the keyboard.</source>
        <translation>Ces touches agissent quand Eyelid est en arrière-plan et qu’un autre programme a le clavier.</translation>
    </message>
    <message>
        <source>This desktop lets no program have keys of its own while another is in front; set them in the desktop&apos;s settings.</source>
        <translation>Ce bureau ne laisse aucune touche à un programme en arrière-plan ; réglez-les dans ses paramètres.</translation>
    </message>
    <message>
        <source>No keys for this</source>
        <translation>Aucune touche pour cela</translation>
    </message>
    <message>
        <source>No keys for: %1</source>
        <translation>Aucune touche pour : %1</translation>
    </message>
    <message>
        <source>Use these keys</source>
        <translation>Utiliser ces touches</translation>
    </message>
    <message>
        <source>Open the desk map</source>
        <translation>Ouvrir la carte du bureau</translation>
    </message>
    <message>
        <source>Take the whole desk</source>
        <translation>Capturer tout le bureau</translation>
    </message>
    <message>
        <source>Take the monitor the pointer is on</source>
        <translation>Capturer l’écran sous le pointeur</translation>
    </message>
    <message>
        <source>Take the active window</source>
        <translation>Capturer la fenêtre active</translation>
    </message>
    <message>
        <source>Point at a window to take</source>
        <translation>Désigner une fenêtre à capturer</translation>
    </message>
    <message>
        <source>Take a region</source>
        <translation>Capturer une zone</translation>
    </message>
    <message>
        <source>Draw around a place to take</source>
        <translation>Entourer un endroit à capturer</translation>
    </message>
    <message>
        <source>Take the last region again</source>
        <translation>Recapturer la dernière zone</translation>
    </message>
    <message>
        <source>Point at a window to scroll and take</source>
        <translation>Désigner une fenêtre à faire défiler et capturer</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Capturer</translation>
    </message>
    <message>
        <source>What should be taken?</source>
        <translation>Que faut-il capturer ?</translation>
    </message>
    <message>
        <source>%1 Click a window or a monitor, or drag a region; what will be taken is outlined.</source>
        <translation>%1 Cliquez une fenêtre ou un écran, ou tracez une zone ; ce qui sera capturé est entouré.</translation>
    </message>
    <message>
        <source>Click takes, dragging takes a region; with Shift, a part of a window</source>
        <translation>Un clic capture, tracer prend une zone ; avec Maj, une partie de fenêtre</translation>
    </message>
    <message>
        <source>On the screen itself:</source>
        <translation>Sur l’écran même :</translation>
    </message>
    <message>
        <source>Draw a rectangle on the desk as it stands now</source>
        <translation>Tracer un rectangle sur le bureau tel qu’il est</translation>
    </message>
    <message>
        <source>Draw &amp;around</source>
        <translation>En&amp;tourer</translation>
    </message>
    <message>
        <source>Draw a line around a place; nothing outside it is kept</source>
        <translation>Tracer une ligne autour ; rien du dehors n’est gardé</translation>
    </message>
    <message>
        <source>&amp;Point at it</source>
        <translation>&amp;Désigner</translation>
    </message>
    <message>
        <source>Point at a window or a part of one</source>
        <translation>Désigner une fenêtre ou une partie</translation>
    </message>
    <message>
        <source>&amp;Last region</source>
        <translation>&amp;Dernière zone</translation>
    </message>
    <message>
        <source>&amp;Last region, %1 × %2</source>
        <translation>&amp;Dernière zone, %1 × %2</translation>
    </message>
    <message>
        <source>The same place of the desk once more</source>
        <translation>Le même endroit du bureau encore une fois</translation>
    </message>
    <message>
        <source>What can be taken</source>
        <translation>Ce qui peut être capturé</translation>
    </message>
    <message>
        <source>with the pointer</source>
        <translation>avec le pointeur</translation>
    </message>
    <message>
        <source>with window frames</source>
        <translation>avec les cadres</translation>
    </message>
    <message>
        <source>scroll to the end</source>
        <translation>défiler jusqu’au bout</translation>
    </message>
    <message>
        <source>Eyelid scrolls the window and joins what it sees into one picture</source>
        <translation>Eyelid fait défiler la fenêtre et raccorde ce qu’il voit en une image</translation>
    </message>
    <message>
        <source>come back afterwards</source>
        <translation>revenir ensuite</translation>
    </message>
    <message>
        <source>Eyelid comes to the front again; else a small notice says what was taken</source>
        <translation>Eyelid revient devant ; sinon un petit avis dit ce qui a été capturé</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>aussitôt</translation>
    </message>
    <message>
        <source>Delay in seconds</source>
        <translation>Délai en secondes</translation>
    </message>
    <message>
        <source>Time to open a menu or to bring something into view; Eyelid is out of the way meanwhile</source>
        <translation>Le temps d’ouvrir un menu ou d’amener quelque chose ; Eyelid s’efface entre-temps</translation>
    </message>
    <message>
        <source>Once or in a series</source>
        <translation>Une fois ou en série</translation>
    </message>
    <message>
        <source>again every</source>
        <translation>encore toutes les</translation>
    </message>
    <message>
        <source>again when it changes by</source>
        <translation>encore si cela change de</translation>
    </message>
    <message>
        <source>A series goes on until you stop it; pictures the same as the last are left out</source>
        <translation>Une série dure jusqu’à l’arrêt ; les images semblables à la dernière sont omises</translation>
    </message>
    <message>
        <source>Seconds between two pictures</source>
        <translation>Secondes entre deux images</translation>
    </message>
    <message>
        <source>Percent of the picture that must change</source>
        <translation>Part de l’image qui doit changer, en pour cent</translation>
    </message>
    <message>
        <source>Whole desk, %1 × %2</source>
        <translation>Tout le bureau, %1 × %2</translation>
    </message>
    <message>
        <source>Monitor %1, %2 × %3</source>
        <translation>Écran %1, %2 × %3</translation>
    </message>
    <message>
        <source>Part, %1 × %2</source>
        <translation>Partie, %1 × %2</translation>
    </message>
    <message>
        <source>Region, %1 × %2</source>
        <translation>Zone, %1 × %2</translation>
    </message>
    <message>
        <source>Take this window</source>
        <translation>Capturer cette fenêtre</translation>
    </message>
    <message>
        <source>Take this monitor</source>
        <translation>Capturer cet écran</translation>
    </message>
    <message>
        <source>Take this part</source>
        <translation>Capturer cette partie</translation>
    </message>
    <message>
        <source>Take this region</source>
        <translation>Capturer cette zone</translation>
    </message>
    <message>
        <source>Scroll and take</source>
        <translation>Défiler et capturer</translation>
    </message>
    <message>
        <source>Taken</source>
        <translation>Capturé</translation>
    </message>
    <message>
        <source>Taken: %1 × %2. It is in the case.</source>
        <translation>Capturé : %1 × %2. C’est dans le dossier.</translation>
    </message>
    <message>
        <source>Eyelid is taking</source>
        <translation>Eyelid capture</translation>
    </message>
    <message>
        <source>Stop; what was taken stays (Esc)</source>
        <translation>Arrêter ; ce qui est capturé reste (Échap)</translation>
    </message>
    <message>
        <source>Drawn around, %1 × %2</source>
        <translation>Entouré, %1 × %2</translation>
    </message>
    <message>
        <source>Active window</source>
        <translation>Fenêtre active</translation>
    </message>
    <message>
        <source>Taking in %1 s</source>
        <translation>Capture dans %1 s</translation>
    </message>
    <message>
        <source>The pointer is on no monitor; take one from the desk map.</source>
        <translation>Le pointeur n’est sur aucun écran ; prenez-en un sur la carte.</translation>
    </message>
    <message>
        <source>Series: %1 taken, again when it changes</source>
        <translation>Série : %1 captures, encore si cela change</translation>
    </message>
    <message>
        <source>Series: %1 taken, %2 the same left out, every %3 s</source>
        <translation>Série : %1 captures, %2 semblables omises, toutes les %3 s</translation>
    </message>
    <message>
        <source>Series: %1 taken, every %2 s</source>
        <translation>Série : %1 captures, toutes les %2 s</translation>
    </message>
    <message>
        <source>The series has ended: %1</source>
        <translation>La série est finie : %1</translation>
    </message>
    <message>
        <source>Only a window or a part of one can be scrolled; choose one.</source>
        <translation>Seule une fenêtre ou une partie peut défiler ; choisissez-en une.</translation>
    </message>
    <message numerus="yes">
        <source>Scrolling: %n picture(s)</source>
        <translation>
            <numerusform>Défilement : une image</numerusform>
            <numerusform>Défilement : %n images</numerusform>
        </translation>
    </message>
    <message>
        <source>Stopping</source>
        <translation>Arrêt</translation>
    </message>
    <message>
        <source>Find a command</source>
        <translation>Trouver une commande</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>Que voulez-vous faire ?</translation>
    </message>
    <message>
        <source>Words of a command</source>
        <translation>Mots d’une commande</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Commandes</translation>
    </message>
    <message>
        <source>Case</source>
        <translation>Dossier</translation>
    </message>
    <message>
        <source>Read</source>
        <translation>Lire</translation>
    </message>
    <message>
        <source>Decide</source>
        <translation>Décider</translation>
    </message>
    <message>
        <source>Explain</source>
        <translation>Expliquer</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Affichage</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Aide</translation>
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
        <translation>Laisser</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Trouver</translation>
    </message>
    <message>
        <source>Press J: it goes to the next thing that tells who somebody is.</source>
        <translation>Appuyez sur J : il va au prochain qui dit qui est quelqu’un.</translation>
    </message>
    <message>
        <source>Press C to cover it, or E to keep it; the next one comes by itself.</source>
        <translation>Appuyez sur C pour caviarder, ou E pour garder ; le suivant vient seul.</translation>
    </message>
    <message>
        <source>Cover the rest</source>
        <translation>Caviarder le reste</translation>
    </message>
    <message>
        <source>Press Ctrl+Shift+C, then Enter: all that is still open is covered. Sweep words to cover what was missed.</source>
        <translation>Appuyez sur Ctrl+Maj+C, puis Entrée : tout ce qui est ouvert est caviardé. Balayez des mots pour caviarder ce qui a échappé.</translation>
    </message>
    <message>
        <source>Press Ctrl+Enter: the pictures are made as they will leave, read again and searched.</source>
        <translation>Appuyez sur Ctrl+Entrée : les images sont faites telles qu’elles partiront, relues et fouillées.</translation>
    </message>
    <message>
        <source>Press Ctrl+Shift+Enter and choose a folder: the checked pictures and their log are written there.</source>
        <translation>Appuyez sur Ctrl+Maj+Entrée et choisissez un répertoire : les images vérifiées et leur journal y sont écrits.</translation>
    </message>
    <message>
        <source>Begin with my own</source>
        <translation>Commencer avec les miennes</translation>
    </message>
    <message>
        <source>Ends the first steps; these captures are made up, and go</source>
        <translation>Termine les premiers pas ; ces captures sont inventées et s’en vont</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1 : fait</translation>
    </message>
    <message>
        <source>That was all of it: what left is covered, checked and logged.</source>
        <translation>C’était tout : ce qui est parti est caviardé, vérifié et consigné.</translation>
    </message>
    <message>
        <source>Three windows of an invented water company were taken, and are being read…</source>
        <translation>Trois fenêtres d’une compagnie des eaux inventée sont capturées et en cours de lecture…</translation>
    </message>
    <message>
        <source>Handbook</source>
        <translation>Manuel</translation>
    </message>
    <message>
        <source>Search the handbook</source>
        <translation>Chercher dans le manuel</translation>
    </message>
    <message>
        <source>Pages of the handbook</source>
        <translation>Pages du manuel</translation>
    </message>
    <message>
        <source>Page of the handbook</source>
        <translation>Page du manuel</translation>
    </message>
    <message>
        <source>No page says “%1”.</source>
        <translation>Aucune page ne dit « %1 ».</translation>
    </message>
    <message>
        <source>Keys of the commands</source>
        <translation>Touches des commandes</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Commandes et leurs touches</translation>
    </message>
    <message>
        <source>Keys of the chosen command</source>
        <translation>Touches de la commande choisie</translation>
    </message>
    <message>
        <source>Take them from it</source>
        <translation>Les lui prendre</translation>
    </message>
    <message>
        <source>%1 is “%2”. Choose others, or take them from it.</source>
        <translation>%1 est « %2 ». Choisissez-en d’autres, ou prenez-les-lui.</translation>
    </message>
    <message>
        <source>“%1” stands on none of the captures that have been read</source>
        <translation>« %1 » n’est sur aucune des captures lues</translation>
    </message>
    <message>
        <source>This capture is still being read; an area can be read again after that.</source>
        <translation>Cette capture est en cours de lecture ; une zone pourra être relue ensuite.</translation>
    </message>
    <message>
        <source>Demo desk</source>
        <translation>Bureau d’essai</translation>
    </message>
    <message>
        <source>Cases (*.eyelid)</source>
        <translation>Dossiers (*.eyelid)</translation>
    </message>
    <message>
        <source>This case can only be looked at here</source>
        <translation>Ce dossier ne peut être que regardé ici</translation>
    </message>
    <message>
        <source>in memory</source>
        <translation>en mémoire</translation>
    </message>
    <message>
        <source>Nothing of this case is on disk; it ends with the window.</source>
        <translation>Rien de ce dossier n’est sur le disque ; il finit avec la fenêtre.</translation>
    </message>
    <message>
        <source>opening…</source>
        <translation>ouverture…</translation>
    </message>
    <message>
        <source>Kept encrypted in %1.</source>
        <translation>Conservé chiffré dans %1.</translation>
    </message>
    <message>
        <source>not kept</source>
        <translation>non conservé</translation>
    </message>
    <message>
        <source>to look at</source>
        <translation>à regarder</translation>
    </message>
    <message>
        <source>Pictures are still coming into this case; wait for them, or stop taking, first.</source>
        <translation>Des images arrivent encore dans ce dossier ; attendez-les, ou arrêtez la capture.</translation>
    </message>
    <message>
        <source>%1 is damaged or was altered.</source>
        <translation>%1 est endommagé ou a été modifié.</translation>
    </message>
    <message>
        <source>The captures that are as they were written can be had as a new case; the file stays as it is.</source>
        <translation>Les captures intactes peuvent former un nouveau dossier ; le fichier reste tel quel.</translation>
    </message>
    <message>
        <source>Open what is intact</source>
        <translation>Ouvrir ce qui est intact</translation>
    </message>
    <message>
        <source>A case that was taken out</source>
        <translation>Un dossier qui a été sorti</translation>
    </message>
    <message>
        <source>The case was brought in</source>
        <translation>Le dossier a été importé</translation>
    </message>
    <message>
        <source>Take the case out to an empty folder</source>
        <translation>Sortir le dossier vers un répertoire vide</translation>
    </message>
    <message>
        <source>Take the case out unprotected?</source>
        <translation>Sortir le dossier sans protection ?</translation>
    </message>
    <message>
        <source>Everybody who can read %1 will see the captures as they were taken.</source>
        <translation>Quiconque peut lire %1 verra les captures telles que prises.</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Sortir</translation>
    </message>
    <message>
        <source>Taken out, unprotected, to %1</source>
        <translation>Sorti, sans protection, vers %1</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>There is no other case it could be copied into.</source>
        <translation>Il n’y a pas d’autre dossier où copier.</translation>
    </message>
    <message>
        <source>Copy into another case</source>
        <translation>Copier dans un autre dossier</translation>
    </message>
    <message>
        <source>Into which?</source>
        <translation>Dans lequel ?</translation>
    </message>
    <message>
        <source>Copied into the other case</source>
        <translation>Copié dans l’autre dossier</translation>
    </message>
    <message>
        <source>The passphrase opens this case from now on</source>
        <translation>La phrase secrète ouvre désormais ce dossier</translation>
    </message>
    <message>
        <source>A colleague&apos;s key</source>
        <translation>La clé d’un collègue</translation>
    </message>
    <message>
        <source>Officers&apos; keys (*.officer);;All files (*)</source>
        <translation>Clés d’agents (*.officer);;Tous les fichiers (*)</translation>
    </message>
    <message>
        <source>%1 can open a copy of this case&apos;s file: %2</source>
        <translation>%1 peut ouvrir une copie du fichier de ce dossier : %2</translation>
    </message>
    <message>
        <source>Save your public key for colleagues</source>
        <translation>Enregistrer votre clé publique pour vos collègues</translation>
    </message>
    <message>
        <source>Officers&apos; keys (*.officer)</source>
        <translation>Clés d’agents (*.officer)</translation>
    </message>
    <message>
        <source>Your public key is in %1; cases can be sealed for you with it</source>
        <translation>Votre clé publique est dans %1 ; des dossiers peuvent être scellés pour vous</translation>
    </message>
    <message>
        <source>Your name</source>
        <translation>Votre nom</translation>
    </message>
    <message>
        <source>It stands with your decisions, in the case alone; no release says it.</source>
        <translation>Il figure avec vos décisions, dans le dossier seul ; aucune diffusion ne le dit.</translation>
    </message>
    <message>
        <source>Destroy what undo could bring back?</source>
        <translation>Détruire ce qu’Annuler pourrait ramener ?</translation>
    </message>
    <message>
        <source>Captures that were removed, and pictures that were joined anew, are destroyed in the case&apos;s file. Nothing that was done so far can be undone after that.</source>
        <translation>Les captures retirées et les images raccordées à nouveau sont détruites dans le fichier. Rien de ce qui a été fait ne pourra plus être annulé.</translation>
    </message>
    <message>
        <source>Rename the capture</source>
        <translation>Renommer la capture</translation>
    </message>
    <message>
        <source>Its name, for officers alone:</source>
        <translation>Son nom, pour les agents seuls :</translation>
    </message>
    <message>
        <source>Leave this case?</source>
        <translation>Quitter ce dossier ?</translation>
    </message>
    <message>
        <source>It has not been released as it stands, and is not kept on disk: captures and decisions will be gone.</source>
        <translation>Il n’a pas été diffusé en l’état et n’est pas sur le disque : captures et décisions seront perdues.</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Rester</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Quitter</translation>
    </message>
    <message>
        <source>Cases…</source>
        <translation>Dossiers…</translation>
    </message>
    <message>
        <source>open recent</source>
        <translation>ouvrir récents</translation>
    </message>
    <message>
        <source>Passphrase of this case…</source>
        <translation>Phrase secrète de ce dossier…</translation>
    </message>
    <message>
        <source>Seal it for a colleague…</source>
        <translation>Le sceller pour un collègue…</translation>
    </message>
    <message>
        <source>Save your key for colleagues…</source>
        <translation>Enregistrer votre clé pour vos collègues…</translation>
    </message>
    <message>
        <source>Your name…</source>
        <translation>Votre nom…</translation>
    </message>
    <message>
        <source>Destroy what undo could bring back…</source>
        <translation>Détruire ce qu’Annuler ramènerait…</translation>
    </message>
    <message>
        <source>Take it out unprotected…</source>
        <translation>Le sortir sans protection…</translation>
    </message>
    <message>
        <source>Throw this case away</source>
        <translation>Jeter ce dossier</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Annuler</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rétablir</translation>
    </message>
    <message>
        <source>Remove this cover, mark or capture</source>
        <translation>Ôter ce caviardage, cette marque ou capture</translation>
    </message>
    <message>
        <source>Policies…</source>
        <translation>Politiques…</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>Paramètres…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Quitter</translation>
    </message>
    <message>
        <source>Take…</source>
        <translation>Capturer…</translation>
    </message>
    <message>
        <source>Stop taking</source>
        <translation>Arrêter la capture</translation>
    </message>
    <message>
        <source>Bring in…</source>
        <translation>Importer…</translation>
    </message>
    <message>
        <source>Bring in from the clipboard</source>
        <translation>Importer du presse-papiers</translation>
    </message>
    <message>
        <source>Join pictures…</source>
        <translation>Raccorder des images…</translation>
    </message>
    <message>
        <source>Joins of this capture…</source>
        <translation>Raccords de cette capture…</translation>
    </message>
    <message>
        <source>Shortcuts for taking…</source>
        <translation>Raccourcis de capture…</translation>
    </message>
    <message>
        <source>Read what is not read</source>
        <translation>Lire ce qui n’est pas lu</translation>
    </message>
    <message>
        <source>Read again</source>
        <translation>Relire</translation>
    </message>
    <message>
        <source>Words and tables…</source>
        <translation>Mots et tableaux…</translation>
    </message>
    <message>
        <source>Search the words</source>
        <translation>Chercher dans les mots</translation>
    </message>
    <message>
        <source>Show unsure words</source>
        <translation>Montrer les mots incertains</translation>
    </message>
    <message>
        <source>Copy the chosen words</source>
        <translation>Copier les mots choisis</translation>
    </message>
    <message>
        <source>Watch for the chosen words</source>
        <translation>Surveiller les mots choisis</translation>
    </message>
    <message>
        <source>Correct the chosen word…</source>
        <translation>Corriger le mot choisi…</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Élément suivant</translation>
    </message>
    <message>
        <source>Previous finding</source>
        <translation>Élément précédent</translation>
    </message>
    <message>
        <source>Back to what was decided last</source>
        <translation>Retour au dernier décidé</translation>
    </message>
    <message>
        <source>Go on by itself after a decision</source>
        <translation>Continuer après une décision</translation>
    </message>
    <message>
        <source>Cover all of this value</source>
        <translation>Caviarder tous ceux de cette valeur</translation>
    </message>
    <message>
        <source>Cover all of this kind</source>
        <translation>Caviarder tous ceux de ce genre</translation>
    </message>
    <message>
        <source>Keep all of this value</source>
        <translation>Garder tous ceux de cette valeur</translation>
    </message>
    <message>
        <source>Keep all of this kind</source>
        <translation>Garder tous ceux de ce genre</translation>
    </message>
    <message>
        <source>Open again</source>
        <translation>Rouvrir</translation>
    </message>
    <message>
        <source>Open again all of this value</source>
        <translation>Rouvrir tous ceux de cette valeur</translation>
    </message>
    <message>
        <source>Open again all of this kind</source>
        <translation>Rouvrir tous ceux de ce genre</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Choisir</translation>
    </message>
    <message>
        <source>Agree to all as it stands</source>
        <translation>Approuver le tout en l’état</translation>
    </message>
    <message>
        <source>Cover an area</source>
        <translation>Caviarder une zone</translation>
    </message>
    <message>
        <source>Cover what is open…</source>
        <translation>Caviarder ce qui est ouvert…</translation>
    </message>
    <message>
        <source>hide redact all</source>
        <translation>cacher masquer tout</translation>
    </message>
    <message>
        <source>Keep all like this…</source>
        <translation>Garder tous ceux comme lui…</translation>
    </message>
    <message>
        <source>Change this finding…</source>
        <translation>Changer cet élément…</translation>
    </message>
    <message>
        <source>A letter more at its end</source>
        <translation>Une lettre de plus à la fin</translation>
    </message>
    <message>
        <source>A letter less at its end</source>
        <translation>Une lettre de moins à la fin</translation>
    </message>
    <message>
        <source>A letter more at its start</source>
        <translation>Une lettre de plus au début</translation>
    </message>
    <message>
        <source>A letter less at its start</source>
        <translation>Une lettre de moins au début</translation>
    </message>
    <message>
        <source>Ask a colleague…</source>
        <translation>Demander à un collègue…</translation>
    </message>
    <message>
        <source>These are one person or thing</source>
        <translation>C’est la même personne ou chose</translation>
    </message>
    <message>
        <source>This is another person or thing</source>
        <translation>C’est une autre personne ou chose</translation>
    </message>
    <message>
        <source>Cover this place on all captures</source>
        <translation>Caviarder cet endroit sur toutes les captures</translation>
    </message>
    <message>
        <source>Next capture</source>
        <translation>Capture suivante</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Ajuster</translation>
    </message>
    <message>
        <source>Actual size</source>
        <translation>Taille réelle</translation>
    </message>
    <message>
        <source>Fit the width</source>
        <translation>Ajuster à la largeur</translation>
    </message>
    <message>
        <source>Zoom to what is selected</source>
        <translation>Zoomer sur le choix</translation>
    </message>
    <message>
        <source>Before and after, side by side</source>
        <translation>Avant et après, côte à côte</translation>
    </message>
    <message>
        <source>Another capture beside it</source>
        <translation>Une autre capture à côté</translation>
    </message>
    <message>
        <source>compare two</source>
        <translation>comparer deux</translation>
    </message>
    <message>
        <source>Move the capture up</source>
        <translation>Monter la capture</translation>
    </message>
    <message>
        <source>Move the capture down</source>
        <translation>Descendre la capture</translation>
    </message>
    <message>
        <source>Rename the capture…</source>
        <translation>Renommer la capture…</translation>
    </message>
    <message>
        <source>Next panel</source>
        <translation>Panneau suivant</translation>
    </message>
    <message>
        <source>Captures at the left</source>
        <translation>Captures à gauche</translation>
    </message>
    <message>
        <source>Findings at the right</source>
        <translation>Éléments à droite</translation>
    </message>
    <message>
        <source>Small map when zoomed in</source>
        <translation>Petite carte en zoom</translation>
    </message>
    <message>
        <source>Dark theme</source>
        <translation>Thème sombre</translation>
    </message>
    <message>
        <source>Handbook…</source>
        <translation>Manuel…</translation>
    </message>
    <message>
        <source>First steps…</source>
        <translation>Premiers pas…</translation>
    </message>
    <message>
        <source>tutorial introduction demo</source>
        <translation>tutoriel introduction démonstration</translation>
    </message>
    <message>
        <source>Keys of the commands…</source>
        <translation>Touches des commandes…</translation>
    </message>
    <message>
        <source>shortcuts keyboard</source>
        <translation>raccourcis clavier</translation>
    </message>
    <message>
        <source>Find a command…</source>
        <translation>Trouver une commande…</translation>
    </message>
    <message>
        <source>Undo %1</source>
        <translation>Annuler : %1</translation>
    </message>
    <message>
        <source>Redo %1</source>
        <translation>Rétablir : %1</translation>
    </message>
    <message>
        <source>arrow pointer</source>
        <translation>flèche pointeur</translation>
    </message>
    <message>
        <source>rule dashed dotted</source>
        <translation>ligne tirets points</translation>
    </message>
    <message>
        <source>rectangle ellipse circle box arc</source>
        <translation>rectangle ellipse cercle cadre arc</translation>
    </message>
    <message>
        <source>freehand pen scribble</source>
        <translation>main levée crayon</translation>
    </message>
    <message>
        <source>highlight band</source>
        <translation>surligneur bande</translation>
    </message>
    <message>
        <source>text label callout comment</source>
        <translation>texte étiquette bulle commentaire</translation>
    </message>
    <message>
        <source>number counter</source>
        <translation>numéro compteur</translation>
    </message>
    <message>
        <source>magnify zoom inset</source>
        <translation>loupe zoom encart</translation>
    </message>
    <message>
        <source>distance angle area colour</source>
        <translation>distance angle aire couleur</translation>
    </message>
    <message>
        <source>signature stamp</source>
        <translation>signature tampon</translation>
    </message>
    <message>
        <source>QR barcode</source>
        <translation>QR code-barres</translation>
    </message>
    <message>
        <source>Tools that explain</source>
        <translation>Outils pour expliquer</translation>
    </message>
    <message>
        <source>marks annotate</source>
        <translation>marques annoter</translation>
    </message>
    <message>
        <source>Crop and turn</source>
        <translation>Recadrer et tourner</translation>
    </message>
    <message>
        <source>cut trim straighten</source>
        <translation>couper rogner redresser</translation>
    </message>
    <message>
        <source>Framing…</source>
        <translation>Cadrage…</translation>
    </message>
    <message>
        <source>resize border shadow canvas corner edge</source>
        <translation>taille bordure ombre toile coin bord</translation>
    </message>
    <message>
        <source>Cut into parts…</source>
        <translation>Couper en parties…</translation>
    </message>
    <message>
        <source>split tiles</source>
        <translation>diviser tuiles</translation>
    </message>
    <message>
        <source>Put captures together…</source>
        <translation>Assembler des captures…</translation>
    </message>
    <message>
        <source>combine side by side grid montage</source>
        <translation>combiner côte à côte grille montage</translation>
    </message>
    <message>
        <source>Next mark</source>
        <translation>Marque suivante</translation>
    </message>
    <message>
        <source>Previous mark</source>
        <translation>Marque précédente</translation>
    </message>
    <message>
        <source>Copy the steps as text</source>
        <translation>Copier les étapes en texte</translation>
    </message>
    <message>
        <source>Write on the mark…</source>
        <translation>Écrire sur la marque…</translation>
    </message>
    <message>
        <source>Copy the marks beside themselves</source>
        <translation>Copier les marques à côté</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>Au premier plan</translation>
    </message>
    <message>
        <source>To the back</source>
        <translation>À l’arrière-plan</translation>
    </message>
    <message>
        <source>Lock, or unlock</source>
        <translation>Verrouiller ou déverrouiller</translation>
    </message>
    <message>
        <source>Turn the mark to the left</source>
        <translation>Tourner la marque à gauche</translation>
    </message>
    <message>
        <source>Turn the mark to the right</source>
        <translation>Tourner la marque à droite</translation>
    </message>
    <message>
        <source>Count the step earlier</source>
        <translation>Compter l’étape plus tôt</translation>
    </message>
    <message>
        <source>Count the step later</source>
        <translation>Compter l’étape plus tard</translation>
    </message>
    <message>
        <source>Align at the left</source>
        <translation>Aligner à gauche</translation>
    </message>
    <message>
        <source>Align on an upright line</source>
        <translation>Aligner sur une verticale</translation>
    </message>
    <message>
        <source>Align at the right</source>
        <translation>Aligner à droite</translation>
    </message>
    <message>
        <source>Align at the top</source>
        <translation>Aligner en haut</translation>
    </message>
    <message>
        <source>Align on a level line</source>
        <translation>Aligner sur une horizontale</translation>
    </message>
    <message>
        <source>Align at the bottom</source>
        <translation>Aligner en bas</translation>
    </message>
    <message>
        <source>Spread evenly across</source>
        <translation>Répartir en largeur</translation>
    </message>
    <message>
        <source>Spread evenly down</source>
        <translation>Répartir en hauteur</translation>
    </message>
    <message>
        <source>Turn a quarter clockwise</source>
        <translation>Un quart de tour, sens horaire</translation>
    </message>
    <message>
        <source>Mirror left for right</source>
        <translation>Miroir gauche-droite</translation>
    </message>
    <message>
        <source>Crop to the content</source>
        <translation>Recadrer sur le contenu</translation>
    </message>
    <message>
        <source>Trim</source>
        <translation>Rogner</translation>
    </message>
    <message>
        <source>More…</source>
        <translation>Plus…</translation>
    </message>
    <message>
        <source>changing a signature</source>
        <translation>changer une signature</translation>
    </message>
    <message>
        <source>Align and spread</source>
        <translation>Aligner et répartir</translation>
    </message>
    <message>
        <source>Putting captures together</source>
        <translation>Assemblage des captures</translation>
    </message>
    <message>
        <source>save export hand on print mail upload</source>
        <translation>enregistrer exporter transmettre imprimer mail envoyer</translation>
    </message>
    <message>
        <source>Release as last time</source>
        <translation>Diffuser comme la dernière fois</translation>
    </message>
    <message>
        <source>way again repeat</source>
        <translation>voie encore répéter</translation>
    </message>
    <message>
        <source>Copy this capture, sanitised</source>
        <translation>Copier cette capture, caviardée</translation>
    </message>
    <message>
        <source>clipboard picture paste</source>
        <translation>presse-papiers image coller</translation>
    </message>
    <message>
        <source>Copy it as a file</source>
        <translation>La copier en fichier</translation>
    </message>
    <message>
        <source>Copy it as Markdown</source>
        <translation>La copier en Markdown</translation>
    </message>
    <message>
        <source>clipboard wiki snippet</source>
        <translation>presse-papiers wiki extrait</translation>
    </message>
    <message>
        <source>Copy the words that are still to be read</source>
        <translation>Copier les mots encore lisibles</translation>
    </message>
    <message>
        <source>clipboard text</source>
        <translation>presse-papiers texte</translation>
    </message>
    <message>
        <source>Pin it on the screen, sanitised</source>
        <translation>L’épingler à l’écran, caviardée</translation>
    </message>
    <message>
        <source>stay above top float</source>
        <translation>rester dessus flotter</translation>
    </message>
    <message>
        <source>Releases of this case…</source>
        <translation>Diffusions de ce dossier…</translation>
    </message>
    <message>
        <source>register history withdrawn csv</source>
        <translation>registre historique retiré csv</translation>
    </message>
    <message>
        <source>Verify files…</source>
        <translation>Contrôler des fichiers…</translation>
    </message>
    <message>
        <source>checksum signature altered key intact</source>
        <translation>somme signature modifié clé intact</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Effacer</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Paramètres</translation>
    </message>
    <message>
        <source>Find a setting</source>
        <translation>Trouver un paramètre</translation>
    </message>
    <message>
        <source>As the desktop has it</source>
        <translation>Comme le bureau</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Choisir…</translation>
    </message>
    <message>
        <source>Choose: %1</source>
        <translation>Choisir : %1</translation>
    </message>
    <message>
        <source>Choose a folder</source>
        <translation>Choisir un répertoire</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Clair</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Sombre</translation>
    </message>
    <message>
        <source>High contrast</source>
        <translation>Contraste élevé</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Thème</translation>
    </message>
    <message>
        <source>colour dark light contrast</source>
        <translation>couleur sombre clair contraste</translation>
    </message>
    <message>
        <source>Size of type</source>
        <translation>Taille des caractères</translation>
    </message>
    <message>
        <source>large text font zoom</source>
        <translation>grand texte police zoom</translation>
    </message>
    <message>
        <source>A small map while only a part of a capture is in view</source>
        <translation>Une petite carte quand seule une partie est visible</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>Sur la feuille</translation>
    </message>
    <message>
        <source>officer decided by</source>
        <translation>agent décidé par</translation>
    </message>
    <message>
        <source>The next open finding comes by itself</source>
        <translation>L’élément ouvert suivant vient seul</translation>
    </message>
    <message>
        <source>After a decision</source>
        <translation>Après une décision</translation>
    </message>
    <message>
        <source>Covers drawn by hand</source>
        <translation>Caviardages à la main</translation>
    </message>
    <message>
        <source>style solid mosaic blur colour</source>
        <translation>style uni mosaïque flou couleur</translation>
    </message>
    <message>
        <source>For windows opened from now on; the open case keeps its own.</source>
        <translation>Pour les fenêtres ouvertes désormais ; le dossier ouvert garde la sienne.</translation>
    </message>
    <message>
        <source>Policy of new cases</source>
        <translation>Politique des nouveaux dossiers</translation>
    </message>
    <message>
        <source>kinds rules default</source>
        <translation>genres règles défaut</translation>
    </message>
    <message>
        <source>As the policy says</source>
        <translation>Selon la politique</translation>
    </message>
    <message>
        <source>Style of new cases</source>
        <translation>Style des nouveaux dossiers</translation>
    </message>
    <message>
        <source>covers solid mosaic blur stand-in label</source>
        <translation>caviardages uni mosaïque flou remplacement étiquette</translation>
    </message>
    <message>
        <source>Keep captures at most</source>
        <translation>Garder les captures au plus</translation>
    </message>
    <message>
        <source>retention days destroy delete</source>
        <translation>conservation jours détruire supprimer</translation>
    </message>
    <message>
        <source> days</source>
        <translation> jours</translation>
    </message>
    <message>
        <source>Fewer days than the policy gives, for new cases; never more.</source>
        <translation>Moins de jours que la politique n’en donne, pour les nouveaux dossiers ; jamais plus.</translation>
    </message>
    <message>
        <source>Small versions beside pictures</source>
        <translation>Petites versions à côté</translation>
    </message>
    <message>
        <source>release thumbnails size</source>
        <translation>diffusion vignettes taille</translation>
    </message>
    <message>
        <source> px at the longest side</source>
        <translation> px au plus grand côté</translation>
    </message>
    <message>
        <source>Each released picture has a small one beside it, checked as the pictures are.</source>
        <translation>Chaque image diffusée en a une petite à côté, vérifiée comme les images.</translation>
    </message>
    <message>
        <source>Copies stay on the clipboard</source>
        <translation>Les copies restent au presse-papiers</translation>
    </message>
    <message>
        <source>release copy take back clear</source>
        <translation>diffusion copier retirer vider</translation>
    </message>
    <message>
        <source>Until something else is copied</source>
        <translation>Jusqu’à une autre copie</translation>
    </message>
    <message>
        <source> seconds</source>
        <translation> secondes</translation>
    </message>
    <message>
        <source>Releases go to</source>
        <translation>Les diffusions vont vers</translation>
    </message>
    <message>
        <source>folder save export</source>
        <translation>répertoire enregistrer exporter</translation>
    </message>
    <message>
        <source>Pictures come from</source>
        <translation>Les images viennent de</translation>
    </message>
    <message>
        <source>folder bring in open import</source>
        <translation>répertoire importer ouvrir</translation>
    </message>
    <message>
        <source>Eyelid comes to the front again</source>
        <translation>Eyelid revient devant</translation>
    </message>
    <message>
        <source>After a take</source>
        <translation>Après une capture</translation>
    </message>
    <message>
        <source>Pages of PDFs</source>
        <translation>Pages de PDF</translation>
    </message>
    <message>
        <source>resolution dpi size</source>
        <translation>résolution ppp taille</translation>
    </message>
    <message>
        <source> pixels an inch</source>
        <translation> pixels par pouce</translation>
    </message>
    <message>
        <source>For taking…</source>
        <translation>De capture…</translation>
    </message>
    <message>
        <source>Of the commands…</source>
        <translation>Des commandes…</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Touches</translation>
    </message>
    <message>
        <source>shortcuts keyboard background</source>
        <translation>raccourcis clavier arrière-plan</translation>
    </message>
    <message>
        <source>%1 is locked with a password; give the right one.</source>
        <translation>%1 est verrouillé par un mot de passe ; donnez le bon.</translation>
    </message>
    <message>
        <source>%1 is not a PDF that can be read; it may be damaged.</source>
        <translation>%1 n’est pas un PDF lisible ; il est peut-être endommagé.</translation>
    </message>
    <message>
        <source>%1 has no pages.</source>
        <translation>%1 n’a pas de pages.</translation>
    </message>
    <message>
        <source>Page %1 would be %2 × %3 pixels; choose a lower resolution.</source>
        <translation>La page %1 ferait %2 × %3 pixels ; choisissez une résolution moindre.</translation>
    </message>
    <message>
        <source>Page %1 cannot be drawn.</source>
        <translation>La page %1 ne peut être dessinée.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; names no pages of these %2; write them like 1-3, 7.</source>
        <translation>« %1 » ne nomme aucune des %2 pages ; écrivez comme 1-3, 7.</translation>
    </message>
    <message>
        <source>The desktop does not allow it; see its settings for Eyelid&apos;s permissions.</source>
        <translation>Le bureau ne le permet pas ; voyez-y les droits d’Eyelid.</translation>
    </message>
    <message>
        <source>The desktop portal answered with an error (%1).</source>
        <translation>Le portail du bureau a répondu par une erreur (%1).</translation>
    </message>
    <message>
        <source>The desktop portal has not answered; is a question of the desktop still open? Try again.</source>
        <translation>Le portail du bureau n’a pas répondu ; une question est-elle encore ouverte ? Réessayez.</translation>
    </message>
    <message>
        <source>Cancelled at the desktop&apos;s question; nothing was taken.</source>
        <translation>Annulé à la question du bureau ; rien n’a été capturé.</translation>
    </message>
    <message>
        <source>The desktop has refused; see its settings for Eyelid&apos;s permissions.</source>
        <translation>Le bureau a refusé ; voyez-y les droits d’Eyelid.</translation>
    </message>
    <message>
        <source>The desktop portal gave no session for shortcuts; set them in the desktop&apos;s settings.</source>
        <translation>Le portail n’a pas donné de session de raccourcis ; réglez-les dans les paramètres du bureau.</translation>
    </message>
    <message>
        <source>The desktop has given no keys for this; set them in the desktop&apos;s settings.</source>
        <translation>Le bureau n’a pas donné de touches pour cela ; réglez-les dans ses paramètres.</translation>
    </message>
    <message>
        <source>There is no session bus, so the desktop cannot be asked for a picture.</source>
        <translation>Il n’y a pas de bus de session ; on ne peut demander d’image au bureau.</translation>
    </message>
    <message>
        <source>This desktop has no portal that takes pictures; install one (xdg-desktop-portal and the part for your desktop).</source>
        <translation>Ce bureau n’a pas de portail d’images ; installez-en un (xdg-desktop-portal et la partie de votre bureau).</translation>
    </message>
    <message>
        <source>This desktop gives whole pictures of the desk only; windows and regions are cut from them.</source>
        <translation>Ce bureau ne donne que des images entières ; fenêtres et zones y sont découpées.</translation>
    </message>
    <message>
        <source>No screen is connected.</source>
        <translation>Aucun écran n’est branché.</translation>
    </message>
    <message>
        <source>This desktop does not say where its windows are; draw a region around the one you mean.</source>
        <translation>Ce bureau ne dit pas où sont ses fenêtres ; tracez une zone autour.</translation>
    </message>
    <message>
        <source>The monitor %1 is no longer there; choose another.</source>
        <translation>L’écran %1 n’est plus là ; choisissez-en un autre.</translation>
    </message>
    <message>
        <source>There is nothing to take: the place has no size.</source>
        <translation>Il n’y a rien à capturer : l’endroit n’a pas de taille.</translation>
    </message>
    <message>
        <source>The desktop portal answered without a picture; try again.</source>
        <translation>Le portail a répondu sans image ; réessayez.</translation>
    </message>
    <message>
        <source>What the desktop portal gave is no picture that can be read; try again.</source>
        <translation>Ce qu’a donné le portail n’est pas une image lisible ; réessayez.</translation>
    </message>
    <message>
        <source>The region lies outside the desk.</source>
        <translation>La zone est hors du bureau.</translation>
    </message>
    <message>
        <source>%1 What was taken until then is kept.</source>
        <translation>%1 Ce qui était capturé est gardé.</translation>
    </message>
    <message>
        <source>Stopped; what was taken until then is kept.</source>
        <translation>Arrêté ; ce qui était capturé est gardé.</translation>
    </message>
    <message>
        <source>The window changed its size while it was scrolled. What was taken until then is kept.</source>
        <translation>La fenêtre a changé de taille en défilant. Ce qui était capturé est gardé.</translation>
    </message>
    <message>
        <source>The page is longer than a picture can be; the rest is not taken.</source>
        <translation>La page est plus longue qu’une image ne peut l’être ; le reste n’est pas capturé.</translation>
    </message>
    <message>
        <source>The page went back by itself. What was taken until then is kept.</source>
        <translation>La page est revenue d’elle-même. Ce qui était capturé est gardé.</translation>
    </message>
    <message>
        <source>Nothing scrolled: the page ends here.</source>
        <translation>Rien n’a défilé : la page finit ici.</translation>
    </message>
    <message>
        <source>The end of the page was reached.</source>
        <translation>La fin de la page est atteinte.</translation>
    </message>
    <message>
        <source>The limit of %1 pixels was reached; the page goes on.</source>
        <translation>La limite de %1 pixels est atteinte ; la page continue.</translation>
    </message>
    <message>
        <source>This is the simulated desk of Larkmoor Water that comes with Eyelid.</source>
        <translation>C’est le bureau simulé de Larkmoor Water fourni avec Eyelid.</translation>
    </message>
    <message>
        <source>The window is no longer there; choose another.</source>
        <translation>La fenêtre n’est plus là ; choisissez-en une autre.</translation>
    </message>
    <message>
        <source>Choose a window or a part of one to scroll.</source>
        <translation>Choisissez une fenêtre ou une partie à faire défiler.</translation>
    </message>
    <message>
        <source>Windows on this desk cannot be scrolled by Eyelid; scroll by hand, take several pictures, and join them.</source>
        <translation>Eyelid ne peut faire défiler les fenêtres de ce bureau ; défilez à la main, prenez plusieurs images et raccordez-les.</translation>
    </message>
    <message>
        <source>The outline holds nothing; draw it around a place.</source>
        <translation>Le contour ne contient rien ; tracez-le autour d’un endroit.</translation>
    </message>
    <message>
        <source>This keyboard has no %1; choose other keys.</source>
        <translation>Ce clavier n’a pas %1 ; choisissez d’autres touches.</translation>
    </message>
    <message>
        <source>%1 is held by another program; choose other keys.</source>
        <translation>%1 est pris par un autre programme ; choisissez d’autres touches.</translation>
    </message>
    <message>
        <source>%1 is also set for &quot;%2&quot;; each needs keys of its own.</source>
        <translation>%1 sert aussi à « %2 » ; chacun a besoin des siennes.</translation>
    </message>
    <message>
        <source>There is no desk to take from: no X server is named (DISPLAY is not set).</source>
        <translation>Il n’y a pas de bureau à capturer : aucun serveur X n’est nommé (DISPLAY n’est pas défini).</translation>
    </message>
    <message>
        <source>The X server %1 cannot be reached.</source>
        <translation>Le serveur X %1 est injoignable.</translation>
    </message>
    <message>
        <source>The X server %1 keeps its colours in a way that cannot be taken; 24-bit colour is needed.</source>
        <translation>Le serveur X %1 garde ses couleurs d’une façon impossible à capturer ; il faut 24 bits.</translation>
    </message>
    <message>
        <source>This is your desk, without Eyelid&apos;s own windows.</source>
        <translation>C’est votre bureau, sans les fenêtres d’Eyelid.</translation>
    </message>
    <message>
        <source>The X server has gone away.</source>
        <translation>Le serveur X a disparu.</translation>
    </message>
    <message>
        <source>No window is active; choose one from the desk.</source>
        <translation>Aucune fenêtre n’est active ; choisissez-en une.</translation>
    </message>
    <message>
        <source>The window lies outside the desk, and this X server cannot show what is hidden.</source>
        <translation>La fenêtre est hors du bureau, et ce serveur X ne peut montrer le caché.</translation>
    </message>
    <message>
        <source>The window was being moved or resized while it was taken; take it again.</source>
        <translation>La fenêtre a bougé pendant la capture ; recommencez.</translation>
    </message>
    <message>
        <source>Another window lies over the one to be scrolled; move it away first.</source>
        <translation>Une autre fenêtre recouvre celle à faire défiler ; écartez-la d’abord.</translation>
    </message>
    <message>
        <source>This X server lets no program turn the wheel (it has no XTEST); scroll by hand, take several pictures, and join them.</source>
        <translation>Ce serveur X ne laisse aucun programme tourner la molette (pas de XTEST) ; défilez à la main, prenez plusieurs images et raccordez-les.</translation>
    </message>
    <message>
        <source>The picture of %1 cannot be read.</source>
        <translation>L’image de %1 est illisible.</translation>
    </message>
    <message>
        <source>%1: %2 leaks</source>
        <translation>%1 : %2 fuites</translation>
    </message>
    <message>
        <source>cover</source>
        <translation>caviarder</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>garder</translation>
    </message>
    <message>
        <source>%1, %2 x %3</source>
        <translation>%1, %2 x %3</translation>
    </message>
    <message>
        <source>There is no kind called %1.</source>
        <translation>Il n’y a pas de genre nommé %1.</translation>
    </message>
    <message>
        <source>%1 holds no captures.</source>
        <translation>%1 ne contient pas de captures.</translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: %n finding(s) are open (case decide).</source>
        <translation>
            <numerusform>Rien n’a été diffusé : un élément est ouvert (case decide).</numerusform>
            <numerusform>Rien n’a été diffusé : %n éléments sont ouverts (case decide).</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: %n capture(s) could not be read.</source>
        <translation>
            <numerusform>Rien n’a été diffusé : une capture n’a pu être lue.</numerusform>
            <numerusform>Rien n’a été diffusé : %n captures n’ont pu être lues.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing was released: a second officer has not agreed to the case as it stands (case agree).</source>
        <translation>Rien n’a été diffusé : aucun second agent n’a approuvé le dossier en l’état (case agree).</translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: the check found %n leak(s).</source>
        <translation>
            <numerusform>Rien n’a été diffusé : la vérification a trouvé une fuite.</numerusform>
            <numerusform>Rien n’a été diffusé : la vérification a trouvé %n fuites.</numerusform>
        </translation>
    </message>
    <message>
        <source>folder</source>
        <translation>répertoire</translation>
    </message>
    <message>
        <source>What stands in %1 is not protected: everybody who can read it sees the captures as they were taken.</source>
        <translation>Ce qui est dans %1 n’est pas protégé : quiconque peut le lire voit les captures telles que prises.</translation>
    </message>
    <message>
        <source>%1: intact</source>
        <translation>%1 : intact</translation>
    </message>
    <message>
        <source>Work on cases that are kept on disk</source>
        <translation>Travailler sur des dossiers conservés sur le disque</translation>
    </message>
    <message>
        <source>The case file, NAME.eyelid</source>
        <translation>Le fichier du dossier, NOM.eyelid</translation>
    </message>
    <message>
        <source>The folder (this one if not said)</source>
        <translation>Le répertoire (sinon celui-ci)</translation>
    </message>
    <message>
        <source>A key file (default: this user&apos;s own keys)</source>
        <translation>Un fichier de clé (sinon vos propres clés)</translation>
    </message>
    <message>
        <source>A file whose first line is the passphrase, - for standard input</source>
        <translation>Un fichier dont la première ligne est la phrase secrète, - pour l’entrée standard</translation>
    </message>
    <message>
        <source>Whose decisions these are (default: the account&apos;s name)</source>
        <translation>De qui sont ces décisions (sinon le nom du compte)</translation>
    </message>
    <message>
        <source>Make a case without captures</source>
        <translation>Faire un dossier sans captures</translation>
    </message>
    <message>
        <source>A shipped policy or a TOML file</source>
        <translation>Une politique fournie ou un fichier TOML</translation>
    </message>
    <message>
        <source>Add pictures, read them and find what is sensitive</source>
        <translation>Ajouter des images, les lire et trouver ce qui est sensible</translation>
    </message>
    <message>
        <source>Pictures: PNG, JPEG, WebP, BMP, TIFF or GIF</source>
        <translation>Images : PNG, JPEG, WebP, BMP, TIFF ou GIF</translation>
    </message>
    <message>
        <source>Add the captures of another case, with all that was decided about them</source>
        <translation>Ajouter les captures d’un autre dossier, avec toutes les décisions</translation>
    </message>
    <message>
        <source>The other case file</source>
        <translation>L’autre fichier de dossier</translation>
    </message>
    <message>
        <source>Give a case another name</source>
        <translation>Donner un autre nom à un dossier</translation>
    </message>
    <message>
        <source>The name</source>
        <translation>Le nom</translation>
    </message>
    <message>
        <source>List the cases of a folder</source>
        <translation>Lister les dossiers d’un répertoire</translation>
    </message>
    <message>
        <source>Tell which cases of a folder have a text on their captures</source>
        <translation>Dire quels dossiers d’un répertoire ont un texte sur leurs captures</translation>
    </message>
    <message>
        <source>The text, in capitals or not</source>
        <translation>Le texte, en majuscules ou non</translation>
    </message>
    <message>
        <source>Print what of it has been released, when, by whom and where to, as a table (CSV)</source>
        <translation>Afficher ce qui en a été diffusé, quand, par qui et vers où, en tableau (CSV)</translation>
    </message>
    <message>
        <source>Print captures, findings and decisions</source>
        <translation>Afficher captures, éléments et décisions</translation>
    </message>
    <message>
        <source>text or json</source>
        <translation>text ou json</translation>
    </message>
    <message>
        <source>Tell whether a case file is what was written</source>
        <translation>Dire si un fichier de dossier est ce qui a été écrit</translation>
    </message>
    <message>
        <source>Decide about findings that are open</source>
        <translation>Décider des éléments ouverts</translation>
    </message>
    <message>
        <source>What is decided</source>
        <translation>Ce qui est décidé</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Les garder</translation>
    </message>
    <message>
        <source>Open those again that are decided</source>
        <translation>Rouvrir ceux qui sont décidés</translation>
    </message>
    <message>
        <source>Of this kind alone: person, email, phone …</source>
        <translation>De ce genre seulement : person, email, phone …</translation>
    </message>
    <message>
        <source>Of this confidence or more, 0 to 1</source>
        <translation>De cette certitude au moins, 0 à 1</translation>
    </message>
    <message>
        <source>Agree, as a second officer, to all that is decided as it stands</source>
        <translation>Approuver, en second agent, tout ce qui est décidé</translation>
    </message>
    <message>
        <source>Check all pictures and write them with their log, if nothing stands in the way</source>
        <translation>Vérifier toutes les images et les écrire avec leur journal, si rien ne l’empêche</translation>
    </message>
    <message>
        <source>The folder to write to; made if it is not there</source>
        <translation>Le répertoire où écrire ; créé s’il n’existe pas</translation>
    </message>
    <message>
        <source>Write the case into a folder, unprotected</source>
        <translation>Écrire le dossier dans un répertoire, sans protection</translation>
    </message>
    <message>
        <source>Make a case of a folder that was taken out</source>
        <translation>Faire un dossier d’un répertoire sorti</translation>
    </message>
    <message>
        <source>The folder</source>
        <translation>Le répertoire</translation>
    </message>
    <message>
        <source>The case file to make, NAME.eyelid</source>
        <translation>Le fichier de dossier à faire, NOM.eyelid</translation>
    </message>
    <message>
        <source>Lock a case by another key file or passphrase instead</source>
        <translation>Verrouiller un dossier par un autre fichier de clé ou une autre phrase</translation>
    </message>
    <message>
        <source>A key file; made if it is not there</source>
        <translation>Un fichier de clé ; créé s’il n’existe pas</translation>
    </message>
    <message>
        <source>A file whose first line is the new passphrase</source>
        <translation>Un fichier dont la première ligne est la nouvelle phrase secrète</translation>
    </message>
    <message>
        <source>Let a colleague open the case with their own key as well</source>
        <translation>Laisser un collègue ouvrir aussi le dossier de sa propre clé</translation>
    </message>
    <message>
        <source>The colleague&apos;s public key: a file</source>
        <translation>La clé publique du collègue : un fichier</translation>
    </message>
    <message>
        <source>Print your public key, for colleagues to seal cases with</source>
        <translation>Afficher votre clé publique, pour que des collègues scellent des dossiers</translation>
    </message>
    <message>
        <source>Keep a case until another day than its policy says</source>
        <translation>Garder un dossier plus longtemps que sa politique</translation>
    </message>
    <message>
        <source>The day, YYYY-MM-DD</source>
        <translation>Le jour, AAAA-MM-JJ</translation>
    </message>
    <message>
        <source>Why; it stays in the case</source>
        <translation>Pourquoi ; cela reste au dossier</translation>
    </message>
    <message>
        <source>List the cases of a folder whose day has come</source>
        <translation>Lister les dossiers d’un répertoire dont le jour est venu</translation>
    </message>
    <message>
        <source>And destroy them</source>
        <translation>Et les détruire</translation>
    </message>
    <message>
        <source>Mark a case to be destroyed in a week</source>
        <translation>Marquer un dossier à détruire dans une semaine</translation>
    </message>
    <message>
        <source>Take that back</source>
        <translation>Revenir sur cela</translation>
    </message>
    <message>
        <source>Destroy a case for good, with all its captures</source>
        <translation>Détruire un dossier pour de bon, avec toutes ses captures</translation>
    </message>
    <message>
        <source>no day set</source>
        <translation>sans jour</translation>
    </message>
    <message>
        <source>%1 is destroyed: its key is gone, then its file. Old blocks a drive may still hold cannot be read.</source>
        <translation>%1 est détruit : sa clé, puis son fichier. D’anciens blocs du disque sont illisibles.</translation>
    </message>
    <message>
        <source>thrown away</source>
        <translation>jeté</translation>
    </message>
    <message>
        <source>A case needs a name.</source>
        <translation>Un dossier a besoin d’un nom.</translation>
    </message>
    <message>
        <source>%1 is no day; one is written 2026-12-24.</source>
        <translation>%1 n’est pas un jour ; on écrit 2026-12-24.</translation>
    </message>
    <message>
        <source>Why it is put off must be said.</source>
        <translation>Il faut dire pourquoi on diffère.</translation>
    </message>
    <message>
        <source>Two officers are needed; so far only one has had a hand in this case.</source>
        <translation>Il faut deux agents ; un seul a travaillé sur ce dossier.</translation>
    </message>
    <message>
        <source>%1: %2, since %3</source>
        <translation>%1 : %2, depuis %3</translation>
    </message>
    <message>
        <source>The document&apos;s text</source>
        <translation>Le texte du document</translation>
    </message>
    <message>
        <source>%1: clean</source>
        <translation>%1 : sans défaut</translation>
    </message>
    <message>
        <source>Exit status: 0 done and clean; 1 done, but something sensitive remains or a check failed;
2 wrong usage; 3 an input could not be used (the others are still done).</source>
        <translation>Code de sortie : 0 fait et sans défaut ; 1 fait, mais il reste du sensible ou une vérification a échoué ;
2 mauvais usage ; 3 une entrée n’a pu servir (les autres sont faites).</translation>
    </message>
    <message>
        <source>%1 (--help tells what there is.)</source>
        <translation>%1 (--help dit ce qu’il y a.)</translation>
    </message>
    <message>
        <source>A policy by its name (policies lists them), or a TOML file</source>
        <translation>Une politique par son nom (policies les liste), ou un fichier TOML</translation>
    </message>
    <message>
        <source>A file of words and /patterns/ that are always findings, one a line</source>
        <translation>Un fichier de mots et de /motifs/ toujours trouvés, un par ligne</translation>
    </message>
    <message>
        <source>Languages to read, joined by +; auto: told by the text</source>
        <translation>Langues à lire, jointes par + ; auto : d’après le texte</translation>
    </message>
    <message>
        <source>Print the text on a picture</source>
        <translation>Afficher le texte d’une image</translation>
    </message>
    <message>
        <source>Read only this part: x,y,width,height in pixels</source>
        <translation>Ne lire que cette partie : x,y,largeur,hauteur en pixels</translation>
    </message>
    <message>
        <source>text, json, hocr (HTML with boxes) or csv (a word a row)</source>
        <translation>text, json, hocr (HTML avec cadres) ou csv (un mot par ligne)</translation>
    </message>
    <message>
        <source>With names in place of what the policy finds: [e-mail 1]</source>
        <translation>Avec des noms à la place de ce que trouve la politique : [e-mail 1]</translation>
    </message>
    <message>
        <source>A picture</source>
        <translation>Une image</translation>
    </message>
    <message>
        <source>List what is sensitive, and why</source>
        <translation>Lister ce qui est sensible, et pourquoi</translation>
    </message>
    <message>
        <source>Write sanitised pictures and a log, and check them</source>
        <translation>Écrire des images caviardées et un journal, et les vérifier</translation>
    </message>
    <message>
        <source>How places are covered (else as the policy says)</source>
        <translation>Comment caviarder (sinon selon la politique)</translation>
    </message>
    <message>
        <source>Of solid covers (else as the policy says)</source>
        <translation>Des caviardages unis (sinon selon la politique)</translation>
    </message>
    <message>
        <source>Mark made-up values with a small closed eyelid</source>
        <translation>Marquer les valeurs inventées d’une petite paupière close</translation>
    </message>
    <message>
        <source>Of mosaic and blur, 0 to 1</source>
        <translation>De la mosaïque et du flou, 0 à 1</translation>
    </message>
    <message>
        <source>Cover this place as well: x,y,width,height in pixels</source>
        <translation>Caviarder aussi cet endroit : x,y,largeur,hauteur en pixels</translation>
    </message>
    <message>
        <source>Cover only what --cover names</source>
        <translation>Ne caviarder que ce que nomme --cover</translation>
    </message>
    <message>
        <source>Name the pictures as the files they are made from, unless a name holds what is covered (default: picture-01.png and so on)</source>
        <translation>Nommer les images comme leurs fichiers, sauf si un nom contient du caviardé (sinon picture-01.png etc.)</translation>
    </message>
    <message>
        <source>The file with the key for the log&apos;s digests (default: one of this user&apos;s)</source>
        <translation>Le fichier de clé des empreintes du journal (sinon l’un des vôtres)</translation>
    </message>
    <message>
        <source>Take pictures of the desk</source>
        <translation>Capturer des images du bureau</translation>
    </message>
    <message>
        <source>Print monitors and windows as JSON</source>
        <translation>Afficher écrans et fenêtres en JSON</translation>
    </message>
    <message>
        <source>What to take (the whole desk if not said)</source>
        <translation>Quoi capturer (sinon tout le bureau)</translation>
    </message>
    <message>
        <source>A monitor, by number from 1 or by name</source>
        <translation>Un écran, par numéro à partir de 1 ou par nom</translation>
    </message>
    <message>
        <source>A window, by id or by a part of its title</source>
        <translation>Une fenêtre, par identifiant ou partie du titre</translation>
    </message>
    <message>
        <source>The active window</source>
        <translation>La fenêtre active</translation>
    </message>
    <message>
        <source>A part of the desk: x,y,width,height in pixels</source>
        <translation>Une partie du bureau : x,y,largeur,hauteur en pixels</translation>
    </message>
    <message>
        <source>The whole desk</source>
        <translation>Tout le bureau</translation>
    </message>
    <message>
        <source>Wait this many seconds first</source>
        <translation>Attendre d’abord tant de secondes</translation>
    </message>
    <message>
        <source>With the pointer in it</source>
        <translation>Avec le pointeur</translation>
    </message>
    <message>
        <source>A window without its title bar and border</source>
        <translation>Une fenêtre sans barre de titre ni bordure</translation>
    </message>
    <message>
        <source>Again every so many seconds; what is the same as the last is left out</source>
        <translation>Encore toutes les tant de secondes ; ce qui ressemble au dernier est omis</translation>
    </message>
    <message>
        <source>So many times</source>
        <translation>Tant de fois</translation>
    </message>
    <message>
        <source>Scroll the window and take the whole page</source>
        <translation>Faire défiler la fenêtre et capturer toute la page</translation>
    </message>
    <message>
        <source>Scroll to the right instead of down</source>
        <translation>Défiler vers la droite et non vers le bas</translation>
    </message>
    <message>
        <source>Take from the simulated desk that comes with Eyelid</source>
        <translation>Capturer le bureau simulé fourni avec Eyelid</translation>
    </message>
    <message>
        <source>Replace files that are there already</source>
        <translation>Remplacer les fichiers déjà là</translation>
    </message>
    <message>
        <source>A PNG file, or a folder for several</source>
        <translation>Un fichier PNG, ou un répertoire pour plusieurs</translation>
    </message>
    <message>
        <source>Join pictures of one page that overlap, in their order</source>
        <translation>Raccorder les images d’une page qui se recouvrent, dans l’ordre</translation>
    </message>
    <message>
        <source>They lie side by side, not one below the other</source>
        <translation>Elles sont côte à côte, non l’une sous l’autre</translation>
    </message>
    <message>
        <source>Replace a file that is there already</source>
        <translation>Remplacer un fichier déjà là</translation>
    </message>
    <message>
        <source>The PNG file to write</source>
        <translation>Le fichier PNG à écrire</translation>
    </message>
    <message>
        <source>Write pages of a PDF as pictures</source>
        <translation>Écrire des pages d’un PDF en images</translation>
    </message>
    <message>
        <source>Which, like 1-3,7 (all if not said)</source>
        <translation>Lesquelles, comme 1-3,7 (sinon toutes)</translation>
    </message>
    <message>
        <source>Pixels an inch</source>
        <translation>Pixels par pouce</translation>
    </message>
    <message>
        <source>The file with the password of a locked PDF, - for standard input (default: asked for)</source>
        <translation>Le fichier du mot de passe d’un PDF verrouillé, - pour l’entrée standard (sinon demandé)</translation>
    </message>
    <message>
        <source>A PDF</source>
        <translation>Un PDF</translation>
    </message>
    <message>
        <source>Search finished pictures for what must not leave</source>
        <translation>Chercher dans des images finies ce qui ne doit pas partir</translation>
    </message>
    <message>
        <source>Say whether released files are still what was released</source>
        <translation>Dire si des fichiers diffusés sont encore ce qui a été diffusé</translation>
    </message>
    <message>
        <source>The public key they must be signed by, or a file of it (if not said: whoever signed is told)</source>
        <translation>La clé publique qui doit avoir signé, ou un fichier de celle-ci (sinon on dit qui a signé)</translation>
    </message>
    <message>
        <source>A file of checksums that was handed on by another way</source>
        <translation>Un fichier de sommes de contrôle reçu autrement</translation>
    </message>
    <message>
        <source>Files, folders or archives of a release</source>
        <translation>Fichiers, répertoires ou archives d’une diffusion</translation>
    </message>
    <message>
        <source>Print the public key of those who must verify your releases</source>
        <translation>Afficher la clé publique pour ceux qui contrôlent vos diffusions</translation>
    </message>
    <message>
        <source>List the policies that are known by name, and where they come from</source>
        <translation>Lister les politiques connues par leur nom, et d’où elles viennent</translation>
    </message>
    <message>
        <source>List the kinds of what is looked for</source>
        <translation>Lister les genres de ce qui est cherché</translation>
    </message>
    <message>
        <source>What was to be printed could not be written: the disk is full.</source>
        <translation>Ce qui devait être affiché n’a pu être écrit : le disque est plein.</translation>
    </message>
    <message>
        <source>What was to be printed could not be written.</source>
        <translation>Ce qui devait être affiché n’a pu être écrit.</translation>
    </message>
    <message>
        <source>%1	%2	%3 %	%4</source>
        <translation>%1	%2	%3 %	%4</translation>
    </message>
    <message>
        <source>--resize %1: 50%, 800x (its width) or x600 (its height) is expected.</source>
        <translation>--resize %1 : 50%, 800x (largeur) ou x600 (hauteur) est attendu.</translation>
    </message>
    <message>
        <source>Show only this: x,y,width,height in pixels; what lies outside is not released</source>
        <translation>Ne montrer que ceci : x,y,largeur,hauteur en pixels ; le reste n’est pas diffusé</translation>
    </message>
    <message>
        <source>Turn by so many degrees clockwise, up to 45</source>
        <translation>Tourner de tant de degrés, sens horaire, jusqu’à 45</translation>
    </message>
    <message>
        <source>Turn clockwise</source>
        <translation>Tourner, sens horaire</translation>
    </message>
    <message>
        <source>50%, 800x (to this width) or x600 (to this height)</source>
        <translation>50%, 800x (à cette largeur) ou x600 (à cette hauteur)</translation>
    </message>
    <message>
        <source>A border so many pixels wide</source>
        <translation>Une bordure de tant de pixels</translation>
    </message>
    <message>
        <source>Corners rounded by so many pixels</source>
        <translation>Coins arrondis de tant de pixels</translation>
    </message>
    <message>
        <source>Draw the marks of this file (docs/marks.schema.json) on every picture</source>
        <translation>Dessiner les marques de ce fichier (docs/marks.schema.json) sur chaque image</translation>
    </message>
    <message>
        <source>Beside each picture a small one, its longest side so many pixels</source>
        <translation>À côté de chaque image une petite, son plus grand côté de tant de pixels</translation>
    </message>
    <message>
        <source>Password of %1: </source>
        <translation>Mot de passe de %1 : </translation>
    </message>
    <message>
        <source>%1 is locked; give its password with --password-file FILE, or - for standard input.</source>
        <translation>%1 est verrouillé ; donnez son mot de passe par --password-file FICHIER, ou - pour l’entrée standard.</translation>
    </message>
    <message>
        <source>page-%1.png</source>
        <translation>page-%1.png</translation>
    </message>
    <message>
        <source>--area %1 lies outside %2, which is %3 x %4 pixels.</source>
        <translation>--area %1 est hors de %2, qui fait %3 x %4 pixels.</translation>
    </message>
    <message>
        <source>The key for digests cannot be kept, so this log&apos;s digests are of this run alone: %1</source>
        <translation>La clé des empreintes ne peut être conservée ; celles de ce journal ne valent que pour cette fois : %1</translation>
    </message>
    <message>
        <source>%1 holds further frames; only the first is taken.</source>
        <translation>%1 contient d’autres images ; seule la première est prise.</translation>
    </message>
    <message>
        <source>%1-%2</source>
        <translation>%1-%2</translation>
    </message>
    <message>
        <source>%1 is there already and is one of the pictures to be read; choose another folder for --out.</source>
        <translation>%1 existe et c’est une des images à lire ; choisissez un autre répertoire pour --out.</translation>
    </message>
    <message>
        <source>%1 is there already; choose another folder, or give --force to replace it.</source>
        <translation>%1 existe ; choisissez un autre répertoire, ou remplacez par --force.</translation>
    </message>
    <message>
        <source>%1 was changed while it was being worked on; start again.</source>
        <translation>%1 a changé pendant le travail ; recommencez.</translation>
    </message>
    <message>
        <source>--crop %1,%2,%3,%4 lies outside %5, which is %6 x %7 pixels.</source>
        <translation>--crop %1,%2,%3,%4 est hors de %5, qui fait %6 x %7 pixels.</translation>
    </message>
    <message>
        <source>--cover %1,%2,%3,%4</source>
        <translation>--cover %1,%2,%3,%4</translation>
    </message>
    <message>
        <source>%1 lies outside %2, which is %3 x %4 pixels.</source>
        <translation>%1 est hors de %2, qui fait %3 x %4 pixels.</translation>
    </message>
    <message>
        <source>%1 reaches over the edge of %2; covered is %3,%4,%5,%6.</source>
        <translation>%1 dépasse le bord de %2 ; est caviardé %3,%4,%5,%6.</translation>
    </message>
    <message>
        <source>The file&apos;s name</source>
        <translation>Le nom du fichier</translation>
    </message>
    <message>
        <source>The name of %1 holds a value that is covered and is not kept; the picture is %2.</source>
        <translation>Le nom de %1 contient une valeur caviardée et n’est pas gardé ; l’image est %2.</translation>
    </message>
    <message>
        <source>The name of %1 is none for everywhere and is not kept; the picture is %2.</source>
        <translation>Le nom de %1 ne vaut pas partout et n’est pas gardé ; l’image est %2.</translation>
    </message>
    <message>
        <source>The names asked for hold something sensitive; give --names others, of its parts alone.</source>
        <translation>Les noms demandés contiennent du sensible ; donnez-en d’autres par --names, faits des parties seules.</translation>
    </message>
    <message>
        <source>was found when the written picture was read again</source>
        <translation>a été trouvé en relisant l’image écrite</translation>
    </message>
    <message>
        <source>checked clean</source>
        <translation>vérifié sans défaut</translation>
    </message>
    <message numerus="yes">
        <source>%n leak(s)</source>
        <translation>
            <numerusform>une fuite</numerusform>
            <numerusform>%n fuites</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, page %2 of %3</source>
        <translation>%1, page %2 sur %3</translation>
    </message>
    <message>
        <source>  to keep to the size: %1, quality %2</source>
        <translation>  pour tenir la taille : %1, qualité %2</translation>
    </message>
    <message>
        <source>Of the files: %1 (if not said: png)</source>
        <translation>Des fichiers : %1 (sinon png)</translation>
    </message>
    <message>
        <source>Of JPEG and WebP, 1 to 100 (if not said: 90); 0 for a WebP without loss</source>
        <translation>De JPEG et WebP, 1 à 100 (sinon 90) ; 0 pour un WebP sans perte</translation>
    </message>
    <message>
        <source>At most so much a picture, like 500k; format and quality give way</source>
        <translation>Au plus tant par image, comme 500k ; format et qualité cèdent</translation>
    </message>
    <message>
        <source>What files are called, of the parts {case}, {number}, {count}, {date}, {policy}</source>
        <translation>Noms des fichiers, faits de {case}, {number}, {count}, {date}, {policy}</translation>
    </message>
    <message>
        <source>In a PDF or HTML, the words that are still to be seen as text</source>
        <translation>Dans un PDF ou HTML, les mots encore visibles en texte</translation>
    </message>
    <message>
        <source>At the end of a PDF or HTML, what was hidden</source>
        <translation>À la fin d’un PDF ou HTML, ce qui a été caché</translation>
    </message>
    <message>
        <source>Beside the log, a report for people</source>
        <translation>À côté du journal, un rapport lisible</translation>
    </message>
    <message>
        <source>All of it in one archive</source>
        <translation>Le tout dans une archive</translation>
    </message>
    <message>
        <source>All of it attached to the draft of a mail, an .eml file</source>
        <translation>Le tout joint à un brouillon de mail, un fichier .eml</translation>
    </message>
    <message>
        <source>Number the files, where some are there already</source>
        <translation>Numéroter les fichiers, si certains sont déjà là</translation>
    </message>
    <message>
        <source>A way that was kept: how it is made and where it goes besides the folder (ways lists them)</source>
        <translation>Une voie retenue : comment c’est fait et où cela va outre le répertoire (ways les liste)</translation>
    </message>
    <message>
        <source>No way is called “%1”; eyelid-cli ways lists those there are.</source>
        <translation>Aucune voie ne s’appelle « %1 » ; eyelid-cli ways les liste.</translation>
    </message>
    <message>
        <source>“%1” goes to the clipboard, to paper or on the screen; that can the window alone.</source>
        <translation>« %1 » va au presse-papiers, sur papier ou à l’écran ; seule la fenêtre le peut.</translation>
    </message>
    <message>
        <source>--quality is of JPEG, WebP and documents; a %1 has none.</source>
        <translation>--quality vaut pour JPEG, WebP et documents ; un %1 n’en a pas.</translation>
    </message>
    <message>
        <source>--quality 0 is of WebP alone; a JPEG loses something always.</source>
        <translation>--quality 0 ne vaut que pour WebP ; un JPEG perd toujours.</translation>
    </message>
    <message>
        <source>The log is not signed: %1</source>
        <translation>Le journal n’est pas signé : %1</translation>
    </message>
    <message>
        <source>%1 holds %2 pages; only the first is read. redact and check take all of them.</source>
        <translation>%1 contient %2 pages ; seule la première est lue. redact et check les prennent toutes.</translation>
    </message>
    <message>
        <source>%1 %2: four whole numbers are expected, x,y,width,height, with a width and height above 0.</source>
        <translation>%1 %2 : quatre nombres entiers sont attendus, x,y,largeur,hauteur, ces deux au-dessus de 0.</translation>
    </message>
    <message>
        <source>%1 [at %2,%3]</source>
        <translation>%1 [à %2,%3]</translation>
    </message>
    <message>
        <source>The first line of %1 is empty.</source>
        <translation>La première ligne de %1 est vide.</translation>
    </message>
    <message>
        <source>There is no monitor &quot;%1&quot;; there are %2.</source>
        <translation>Il n’y a pas d’écran « %1 » ; il y a %2.</translation>
    </message>
    <message>
        <source>No window has &quot;%1&quot; in its title; --list shows them.</source>
        <translation>Aucune fenêtre n’a « %1 » dans son titre ; --list les montre.</translation>
    </message>
    <message>
        <source>%1 windows have &quot;%2&quot; in their titles; name one by its id: %3.</source>
        <translation>%1 fenêtres ont « %2 » dans leur titre ; nommez-en une par son identifiant : %3.</translation>
    </message>
    <message>
        <source>%1 It could also be %2.</source>
        <translation>%1 Ce pourrait aussi être %2.</translation>
    </message>
    <message>
        <source>Not sure at pixel %1 (between pictures %2 and %3, %4 apart): %5</source>
        <translation>Incertain au pixel %1 (entre les images %2 et %3, distantes de %4) : %5</translation>
    </message>
    <message>
        <source>No window is active; name one with --window.</source>
        <translation>Aucune fenêtre n’est active ; nommez-en une par --window.</translation>
    </message>
    <message>
        <source>%1 is there already; choose another name, or give --force to replace it.</source>
        <translation>%1 existe ; choisissez un autre nom, ou remplacez par --force.</translation>
    </message>
    <message>
        <source>%1 is one of the pictures to be joined; choose another name for --out.</source>
        <translation>%1 est une des images à raccorder ; choisissez un autre nom pour --out.</translation>
    </message>
    <message>
        <source>Say where the picture goes with --out, or ask for --list.</source>
        <translation>Dites où va l’image par --out, ou demandez --list.</translation>
    </message>
    <message>
        <source>--count needs --every: how many seconds lie between two pictures.</source>
        <translation>--count veut --every : combien de secondes entre deux images.</translation>
    </message>
    <message>
        <source>--scroll takes one page; it does not go with --every and --count.</source>
        <translation>--scroll prend une page ; il ne va pas avec --every et --count.</translation>
    </message>
    <message>
        <source>--scroll needs the window to scroll: --window or --active.</source>
        <translation>--scroll veut la fenêtre : --window ou --active.</translation>
    </message>
    <message>
        <source>List the ways of releasing, and the places to drop at</source>
        <translation>Lister les voies de diffusion et les dépôts</translation>
    </message>
    <message>
        <source>Keep a way of releasing by name, or forget one</source>
        <translation>Retenir une voie de diffusion par son nom, ou en oublier une</translation>
    </message>
    <message>
        <source>What it is called</source>
        <translation>Comment elle s’appelle</translation>
    </message>
    <message>
        <source>Drop it at this place, which is set up already (place)</source>
        <translation>La déposer à ce dépôt, déjà réglé (place)</translation>
    </message>
    <message>
        <source>Open a draft in the mail program, with the files</source>
        <translation>Ouvrir un brouillon dans la messagerie, avec les fichiers</translation>
    </message>
    <message>
        <source>Run a program with the files; {files} and {folder} in it stand for them</source>
        <translation>Lancer un programme avec les fichiers ; {files} et {folder} les désignent</translation>
    </message>
    <message>
        <source>Set up a place to drop releases at, or forget one</source>
        <translation>Régler un dépôt de diffusions, ou en oublier un</translation>
    </message>
    <message>
        <source>Its folder: https://… (WebDAV) or sftp://…</source>
        <translation>Son répertoire : https://… (WebDAV) ou sftp://…</translation>
    </message>
    <message>
        <source>The user there</source>
        <translation>L’utilisateur là-bas</translation>
    </message>
    <message>
        <source>A file whose first line is the password, or the passphrase of the key file; -: standard input. Kept in the key ring</source>
        <translation>Un fichier dont la première ligne est le mot de passe, ou la phrase du fichier de clé ; - : entrée standard. Conservé au trousseau</translation>
    </message>
    <message>
        <source>SFTP: the server&apos;s key as its keeper told you, SHA-256 in base64</source>
        <translation>SFTP : la clé du serveur que son responsable a dite, SHA-256 en base64</translation>
    </message>
    <message>
        <source>SFTP: a private key instead of a password</source>
        <translation>SFTP : une clé privée au lieu d’un mot de passe</translation>
    </message>
    <message>
        <source>WebDAV: a file of the office&apos;s own certificate authority</source>
        <translation>WebDAV : un fichier de l’autorité du service</translation>
    </message>
    <message>
        <source>What others reach the folder by, if it is another address</source>
        <translation>Par quoi d’autres atteignent le répertoire, si différent</translation>
    </message>
    <message>
        <source>How long it is meant to lie there, said in its name</source>
        <translation>Combien de temps cela doit y rester, dit dans le nom</translation>
    </message>
    <message>
        <source>way %1: %2, %3</source>
        <translation>voie %1 : %2, %3</translation>
    </message>
    <message>
        <source>place %1: %2</source>
        <translation>dépôt %1 : %2</translation>
    </message>
    <message>
        <source>Give the way a name.</source>
        <translation>Donnez un nom à la voie.</translation>
    </message>
    <message>
        <source>There is no place called “%1”; set it up first.</source>
        <translation>Il n’y a pas de dépôt nommé « %1 » ; réglez-le d’abord.</translation>
    </message>
    <message>
        <source>The server shows the key SHA256:%1. Compare it with what its keeper says, and give it as --host-key: no other will be spoken to.</source>
        <translation>Le serveur montre la clé SHA256:%1. Comparez-la à ce que dit son responsable, et donnez-la par --host-key : aucune autre n’est admise.</translation>
    </message>
    <message>
        <source>Nothing is called “%1”.</source>
        <translation>Rien ne s’appelle « %1 ».</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>le disque est plein</translation>
    </message>
    <message>
        <source>too many files are open already</source>
        <translation>trop de fichiers sont déjà ouverts</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation>%1 est illisible : %2.</translation>
    </message>
    <message>
        <source>%1: there is no such file.</source>
        <translation>%1 : ce fichier n’existe pas.</translation>
    </message>
    <message>
        <source>%1 is not a file.</source>
        <translation>%1 n’est pas un fichier.</translation>
    </message>
    <message>
        <source>%1 is larger than %2 MB, more than Eyelid opens.</source>
        <translation>%1 dépasse %2 Mo, plus qu’Eyelid n’ouvre.</translation>
    </message>
    <message>
        <source>%1 is empty.</source>
        <translation>%1 est vide.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made: %2; choose one you may write to.</source>
        <translation>Le répertoire %1 ne peut être créé : %2 ; choisissez-en un où vous pouvez écrire.</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2.</source>
        <translation>%1 ne peut être écrit : %2.</translation>
    </message>
    <message>
        <source>the folder %1 does not exist</source>
        <translation>le répertoire %1 n’existe pas</translation>
    </message>
    <message>
        <source>the disk gives back something else than was written to it</source>
        <translation>le disque rend autre chose que ce qui a été écrit</translation>
    </message>
    <message>
        <source>%1 is there already; choose another folder, or say that it may be replaced.</source>
        <translation>%1 existe ; choisissez un autre répertoire, ou dites qu’il peut être remplacé.</translation>
    </message>
    <message>
        <source>a folder has that name</source>
        <translation>un répertoire porte ce nom</translation>
    </message>
    <message>
        <source>There is no key ring of a desktop here.</source>
        <translation>Il n’y a pas de trousseau ici.</translation>
    </message>
    <message>
        <source>The key ring cannot be used (%1).</source>
        <translation>Le trousseau ne peut servir (%1).</translation>
    </message>
    <message>
        <source>There is no such key in the desktop&apos;s key ring.</source>
        <translation>Il n’y a pas cette clé au trousseau.</translation>
    </message>
    <message>
        <source>use the policy &quot;%1&quot;</source>
        <translation>suivre la politique « %1 »</translation>
    </message>
    <message>
        <source>looking the case over</source>
        <translation>revoir le dossier</translation>
    </message>
    <message>
        <source>changing the watched words</source>
        <translation>changer les mots surveillés</translation>
    </message>
    <message>
        <source>adding %1</source>
        <translation>ajouter %1</translation>
    </message>
    <message>
        <source>removing %1</source>
        <translation>retirer %1</translation>
    </message>
    <message>
        <source>renaming %1</source>
        <translation>renommer %1</translation>
    </message>
    <message>
        <source>moving %1</source>
        <translation>déplacer %1</translation>
    </message>
    <message>
        <source>join anew</source>
        <translation>raccorder à nouveau</translation>
    </message>
    <message>
        <source>approving joins</source>
        <translation>approuver des raccords</translation>
    </message>
    <message>
        <source>correct a word</source>
        <translation>corriger un mot</translation>
    </message>
    <message>
        <source>read an area again</source>
        <translation>relire une zone</translation>
    </message>
    <message>
        <source>letting a leak pass</source>
        <translation>laisser passer une fuite</translation>
    </message>
    <message numerus="yes">
        <source>covering %n finding(s)</source>
        <translation>
            <numerusform>caviarder un élément</numerusform>
            <numerusform>caviarder %n éléments</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>keeping %n finding(s)</source>
        <translation>
            <numerusform>garder un élément</numerusform>
            <numerusform>garder %n éléments</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>opening %n finding(s)</source>
        <translation>
            <numerusform>rouvrir un élément</numerusform>
            <numerusform>rouvrir %n éléments</numerusform>
        </translation>
    </message>
    <message>
        <source>changing a cover&apos;s style</source>
        <translation>changer le style d’un caviardage</translation>
    </message>
    <message>
        <source>changing a note</source>
        <translation>changer une note</translation>
    </message>
    <message numerus="yes">
        <source>covering %n area(s)</source>
        <translation>
            <numerusform>caviarder une zone</numerusform>
            <numerusform>caviarder %n zones</numerusform>
        </translation>
    </message>
    <message>
        <source>changing a finding</source>
        <translation>changer un élément</translation>
    </message>
    <message>
        <source>removing a cover</source>
        <translation>ôter un caviardage</translation>
    </message>
    <message>
        <source>removing a finding</source>
        <translation>ôter un élément</translation>
    </message>
    <message>
        <source>changing a cover&apos;s shape</source>
        <translation>changer la forme d’un caviardage</translation>
    </message>
    <message>
        <source>cutting a piece out of covers</source>
        <translation>découper des caviardages</translation>
    </message>
    <message>
        <source>asking a colleague</source>
        <translation>demander à un collègue</translation>
    </message>
    <message>
        <source>saying who is the same</source>
        <translation>dire qui est le même</translation>
    </message>
    <message>
        <source>saying who is another</source>
        <translation>dire qui est un autre</translation>
    </message>
    <message>
        <source>A case needs a passphrase or a key to be locked by.</source>
        <translation>Un dossier a besoin d’une phrase secrète ou d’une clé.</translation>
    </message>
    <message>
        <source>%1 is not there.</source>
        <translation>%1 n’est pas là.</translation>
    </message>
    <message>
        <source>%1 cannot be opened (%2).</source>
        <translation>%1 ne peut être ouvert (%2).</translation>
    </message>
    <message>
        <source>%1 is open in another window; close it there first.</source>
        <translation>%1 est ouvert dans une autre fenêtre ; fermez-l’y d’abord.</translation>
    </message>
    <message>
        <source>%1 could not be replaced (%2).</source>
        <translation>%1 n’a pu être remplacé (%2).</translation>
    </message>
    <message>
        <source>%1 is not there any more; keep the case in another file or folder.</source>
        <translation>%1 n’est plus là ; conservez le dossier dans un autre fichier ou répertoire.</translation>
    </message>
    <message>
        <source>%1 is no case of Eyelid&apos;s.</source>
        <translation>%1 n’est pas un dossier d’Eyelid.</translation>
    </message>
    <message>
        <source>%1 could not be destroyed (%2).</source>
        <translation>%1 n’a pu être détruit (%2).</translation>
    </message>
    <message>
        <source>%1 is no case that was taken out.</source>
        <translation>%1 n’est pas un dossier sorti.</translation>
    </message>
    <message>
        <source>%1 was taken out by a newer Eyelid; bring it in with that one.</source>
        <translation>%1 a été sorti par un Eyelid plus récent ; importez-le avec celui-là.</translation>
    </message>
    <message>
        <source>A picture of this case cannot be read; nothing was taken out.</source>
        <translation>Une image de ce dossier est illisible ; rien n’a été sorti.</translation>
    </message>
    <message>
        <source>%1 is not the picture the case speaks of.</source>
        <translation>%1 n’est pas l’image dont parle le dossier.</translation>
    </message>
    <message>
        <source>the case&apos;s policy</source>
        <translation>la politique du dossier</translation>
    </message>
    <message>
        <source>This record of a case is damaged.</source>
        <translation>Cet enregistrement d’un dossier est endommagé.</translation>
    </message>
    <message>
        <source>This does not open the case.</source>
        <translation>Cela n’ouvre pas le dossier.</translation>
    </message>
    <message>
        <source>%1 can be read by others; make it yours alone (chmod 600) before it is used.</source>
        <translation>%1 peut être lu par d’autres ; réservez-le-vous (chmod 600) avant de l’utiliser.</translation>
    </message>
    <message>
        <source>%1 is no key file.</source>
        <translation>%1 n’est pas un fichier de clé.</translation>
    </message>
    <message>
        <source>%1 is no folder.</source>
        <translation>%1 n’est pas un répertoire.</translation>
    </message>
    <message>
        <source>Cancelled.</source>
        <translation>Annulé.</translation>
    </message>
    <message>
        <source>adding a mark: %1</source>
        <translation>ajouter une marque : %1</translation>
    </message>
    <message numerus="yes">
        <source>copying %n mark(s)</source>
        <translation>
            <numerusform>copier une marque</numerusform>
            <numerusform>copier %n marques</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>removing %n mark(s)</source>
        <translation>
            <numerusform>ôter une marque</numerusform>
            <numerusform>ôter %n marques</numerusform>
        </translation>
    </message>
    <message>
        <source>bringing marks to the front</source>
        <translation>mettre des marques devant</translation>
    </message>
    <message>
        <source>putting marks to the back</source>
        <translation>mettre des marques derrière</translation>
    </message>
    <message>
        <source>counting steps anew</source>
        <translation>recompter les étapes</translation>
    </message>
    <message>
        <source>changing the framing</source>
        <translation>changer le cadrage</translation>
    </message>
    <message>
        <source>cutting %1 into parts</source>
        <translation>couper %1 en parties</translation>
    </message>
    <message>
        <source>%1, part %2</source>
        <translation>%1, partie %2</translation>
    </message>
    <message numerus="yes">
        <source>putting %n capture(s) together</source>
        <translation>
            <numerusform>assembler une capture</numerusform>
            <numerusform>assembler %n captures</numerusform>
        </translation>
    </message>
    <message>
        <source>Untitled case</source>
        <translation>Dossier sans nom</translation>
    </message>
    <message>
        <source>Untitled, %1</source>
        <translation>Sans nom, %1</translation>
    </message>
    <message>
        <source>Eyelid: key of your cases</source>
        <translation>Eyelid : clé de vos dossiers</translation>
    </message>
    <message>
        <source>There is no key in the desktop&apos;s key ring.</source>
        <translation>Il n’y a pas de clé au trousseau.</translation>
    </message>
    <message>
        <source>%1 is no officer&apos;s key: one line, its digits and a name.</source>
        <translation>%1 n’est pas la clé d’un agent : une ligne, ses chiffres et un nom.</translation>
    </message>
    <message>
        <source>This computer has no random numbers.</source>
        <translation>Cet ordinateur n’a pas de nombres aléatoires.</translation>
    </message>
    <message>
        <source>The kept signature is damaged; draw or choose it anew.</source>
        <translation>La signature conservée est endommagée ; dessinez-la ou choisissez-la à nouveau.</translation>
    </message>
    <message>
        <source>The kept signature could not be taken away.</source>
        <translation>La signature conservée n’a pu être retirée.</translation>
    </message>
    <message>
        <source>When (UTC)</source>
        <translation>Quand (UTC)</translation>
    </message>
    <message>
        <source>Officer</source>
        <translation>Agent</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Lieu</translation>
    </message>
    <message>
        <source>SHA-256</source>
        <translation>SHA-256</translation>
    </message>
    <message>
        <source>Withdrawn because</source>
        <translation>Retirée parce que</translation>
    </message>
    <message>
        <source>There is no room left for %1; make room, or keep the case in another folder.</source>
        <translation>Il n’y a plus de place pour %1 ; faites-en, ou conservez le dossier ailleurs.</translation>
    </message>
    <message>
        <source>%1 cannot be written to; keep the case in another folder.</source>
        <translation>On ne peut écrire dans %1 ; conservez le dossier ailleurs.</translation>
    </message>
    <message>
        <source>%1 is being written by another program.</source>
        <translation>%1 est en cours d’écriture par un autre programme.</translation>
    </message>
    <message>
        <source>%1 could not be written (%2); keep the case in another folder.</source>
        <translation>%1 n’a pu être écrit (%2) ; conservez le dossier ailleurs.</translation>
    </message>
    <message>
        <source>This case file is damaged or was altered; what is intact can be taken out of it.</source>
        <translation>Ce fichier de dossier est endommagé ou modifié ; ce qui est intact peut en être sorti.</translation>
    </message>
    <message>
        <source>%1 is there already.</source>
        <translation>%1 existe déjà.</translation>
    </message>
    <message>
        <source>%1 cannot be made (%2).</source>
        <translation>%1 ne peut être créé (%2).</translation>
    </message>
    <message>
        <source>%1 was written by a newer Eyelid; open it with that one.</source>
        <translation>%1 a été écrit par un Eyelid plus récent ; ouvrez-le avec celui-là.</translation>
    </message>
    <message>
        <source>Nothing that was given opens %1.</source>
        <translation>Rien de ce qui est donné n’ouvre %1.</translation>
    </message>
    <message numerus="yes">
        <source>taking in %n capture(s)</source>
        <translation>
            <numerusform>reprendre une capture</numerusform>
            <numerusform>reprendre %n captures</numerusform>
        </translation>
    </message>
    <message>
        <source>The file</source>
        <translation>Le fichier</translation>
    </message>
    <message>
        <source>A cover does not look as one that knows nothing of what it hides: something shows through it or lies on it.</source>
        <translation>Un caviardage n’a pas l’air d’ignorer ce qu’il cache : quelque chose transparaît ou s’y superpose.</translation>
    </message>
    <message>
        <source>The picture is not what was to be written.</source>
        <translation>L’image n’est pas celle à écrire.</translation>
    </message>
    <message>
        <source>A cover is smaller than what it should hide.</source>
        <translation>Un caviardage est plus petit que ce qu’il doit cacher.</translation>
    </message>
    <message>
        <source>A cover drawn by hand is smaller than it was drawn.</source>
        <translation>Un caviardage à la main est plus petit que tracé.</translation>
    </message>
    <message>
        <source>The file is not what was to be written.</source>
        <translation>Le fichier n’est pas celui à écrire.</translation>
    </message>
    <message>
        <source>%1 bytes follow the end of the picture.</source>
        <translation>%1 octets suivent la fin de l’image.</translation>
    </message>
    <message>
        <source>The file carries more than the picture: %1.</source>
        <translation>Le fichier porte plus que l’image : %1.</translation>
    </message>
    <message>
        <source>The picture is not opaque; colour may lie under what is transparent.</source>
        <translation>L’image n’est pas opaque ; de la couleur peut être sous le transparent.</translation>
    </message>
    <message>
        <source>On page %1: %2</source>
        <translation>Page %1 : %2</translation>
    </message>
    <message>
        <source>%1 can be read when the contrast is stretched: it %2.</source>
        <translation>%1 est lisible à contraste étiré : %2.</translation>
    </message>
    <message>
        <source>%1 that is covered elsewhere in the case can be read here when the contrast is stretched.</source>
        <translation>%1, caviardé ailleurs dans le dossier, est lisible ici à contraste étiré.</translation>
    </message>
    <message>
        <source>%1 that is covered elsewhere in the case can be read here.</source>
        <translation>%1, caviardé ailleurs dans le dossier, est lisible ici.</translation>
    </message>
    <message>
        <source>Something</source>
        <translation>Quelque chose</translation>
    </message>
    <message>
        <source>%1 can be seen: it %2.</source>
        <translation>%1 est visible : %2.</translation>
    </message>
    <message>
        <source>%1 can be read: it %2.</source>
        <translation>%1 est lisible : %2.</translation>
    </message>
    <message>
        <source>A code that was drawn cannot be read back as its text: make it larger, or its text shorter.</source>
        <translation>Un code dessiné ne se relit pas comme son texte : agrandissez-le, ou raccourcissez le texte.</translation>
    </message>
    <message>
        <source>Searching what was read</source>
        <translation>Recherche dans ce qui a été lu</translation>
    </message>
    <message>
        <source>%1 holds something sensitive (%2).</source>
        <translation>%1 contient du sensible (%2).</translation>
    </message>
    <message>
        <source>a covered or watched value</source>
        <translation>une valeur caviardée ou surveillée</translation>
    </message>
    <message>
        <source>The name of the file</source>
        <translation>Le nom du fichier</translation>
    </message>
    <message>
        <source>The file holds several pictures.</source>
        <translation>Le fichier contient plusieurs images.</translation>
    </message>
    <message>
        <source>The picture is not of the size it was written in.</source>
        <translation>L’image n’a pas la taille où elle a été écrite.</translation>
    </message>
    <message>
        <source>a structure that is damaged</source>
        <translation>une structure endommagée</translation>
    </message>
    <message>
        <source>data that belongs to no page</source>
        <translation>des données sans page</translation>
    </message>
    <message>
        <source>a structure that cannot be read</source>
        <translation>une structure illisible</translation>
    </message>
    <message>
        <source>a structure that is too deep</source>
        <translation>une structure trop profonde</translation>
    </message>
    <message>
        <source>an entry %1</source>
        <translation>une entrée %1</translation>
    </message>
    <message>
        <source>an entry %1 that is not of a picture or its text</source>
        <translation>une entrée %1 qui n’est ni d’image ni de texte</translation>
    </message>
    <message>
        <source>a colour profile of its own</source>
        <translation>un profil de couleur propre</translation>
    </message>
    <message>
        <source>a stream that belongs to nothing</source>
        <translation>un flux sans attache</translation>
    </message>
    <message>
        <source>instructions that are not of a picture or its text</source>
        <translation>des instructions qui ne sont ni d’image ni de texte</translation>
    </message>
    <message>
        <source>a picture that no page shows</source>
        <translation>une image qu’aucune page ne montre</translation>
    </message>
    <message>
        <source>a picture that is none</source>
        <translation>une image qui n’en est pas une</translation>
    </message>
    <message>
        <source>“%1” is no %2; there are %3</source>
        <translation>« %1 » n’est pas un %2 ; il y a %3</translation>
    </message>
    <message>
        <source>“%1” is no colour; write it as &quot;#5a2f52&quot;</source>
        <translation>« %1 » n’est pas une couleur ; on écrit &quot;#5a2f52&quot;</translation>
    </message>
    <message>
        <source>it is no object</source>
        <translation>ce n’est pas un objet</translation>
    </message>
    <message>
        <source>there is no key “%1”</source>
        <translation>il n’y a pas de clé « %1 »</translation>
    </message>
    <message>
        <source>“%1” has a value of the wrong kind</source>
        <translation>« %1 » a une valeur du mauvais type</translation>
    </message>
    <message>
        <source>a number is too large</source>
        <translation>un nombre est trop grand</translation>
    </message>
    <message>
        <source>%1 is not within %2 to %3</source>
        <translation>%1 n’est pas entre %2 et %3</translation>
    </message>
    <message>
        <source>“%1” is no kind of mark; there are %2</source>
        <translation>« %1 » n’est pas un genre de marque ; il y a %2</translation>
    </message>
    <message>
        <source>a %1 has no form “%2”; there are %3</source>
        <translation>%1 n’a pas de forme « %2 » ; il y a %3</translation>
    </message>
    <message>
        <source>it has no kind</source>
        <translation>sans genre</translation>
    </message>
    <message>
        <source>it has no points</source>
        <translation>sans points</translation>
    </message>
    <message>
        <source>%1 is no file of marks: %2.</source>
        <translation>%1 n’est pas un fichier de marques : %2.</translation>
    </message>
    <message>
        <source>it is no JSON</source>
        <translation>ce n’est pas du JSON</translation>
    </message>
    <message>
        <source>it does not begin as one of version 1 does</source>
        <translation>il ne commence pas comme un de la version 1</translation>
    </message>
    <message>
        <source>mark %1: %2</source>
        <translation>marque %1 : %2</translation>
    </message>
    <message>
        <source>was covered by hand</source>
        <translation>a été caviardé à la main</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>Pointer</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Ligne</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Cercler</translation>
    </message>
    <message>
        <source>Draw</source>
        <translation>Dessiner</translation>
    </message>
    <message>
        <source>Tint</source>
        <translation>Teinter</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Étape</translation>
    </message>
    <message>
        <source>Enlarge</source>
        <translation>Agrandir</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Mesurer</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Signer</translation>
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
        <translation>a la forme d’une adresse postale</translation>
    </message>
    <message>
        <source>has the form of a Canadian postcode</source>
        <translation>a la forme d’un code postal canadien</translation>
    </message>
    <message>
        <source>has the form of a British postcode</source>
        <translation>a la forme d’un code postal britannique</translation>
    </message>
    <message>
        <source>has the form of a street address over two lines</source>
        <translation>a la forme d’une adresse postale sur deux lignes</translation>
    </message>
    <message>
        <source>goes on under a street address</source>
        <translation>continue une adresse postale</translation>
    </message>
    <message>
        <source>is written like the others of its column or row</source>
        <translation>est écrit comme les autres de sa colonne ou ligne</translation>
    </message>
    <message>
        <source>stands in a column of names</source>
        <translation>est dans une colonne de noms</translation>
    </message>
    <message>
        <source>stands in a column of user names</source>
        <translation>est dans une colonne d’identifiants</translation>
    </message>
    <message>
        <source>is a date and %1</source>
        <translation>est une date et %1</translation>
    </message>
    <message>
        <source>is a date after a word for birth</source>
        <translation>est une date après un mot de naissance</translation>
    </message>
    <message>
        <source>is a date before a word for birth</source>
        <translation>est une date avant un mot de naissance</translation>
    </message>
    <message>
        <source>is a date before a letter for the sex</source>
        <translation>est une date avant une lettre pour le sexe</translation>
    </message>
    <message>
        <source>is a card number: its check digit (Luhn) holds</source>
        <translation>est un numéro de carte : sa clé (Luhn) est juste</translation>
    </message>
    <message>
        <source>%1 and is as long as a card number; its check digit does not hold, perhaps misread</source>
        <translation>%1 et a la longueur d’un numéro de carte ; sa clé est fausse, peut-être mal lue</translation>
    </message>
    <message>
        <source>is grouped like a card number; its check digit does not hold, perhaps misread</source>
        <translation>est groupé comme un numéro de carte ; sa clé est fausse, peut-être mal lue</translation>
    </message>
    <message>
        <source>is an IMEI: its check digit (Luhn) holds</source>
        <translation>est un IMEI : sa clé (Luhn) est juste</translation>
    </message>
    <message>
        <source>stands by a word for IMEI</source>
        <translation>est près d’un mot pour IMEI</translation>
    </message>
    <message>
        <source>is a SIM card&apos;s number: its check digit (Luhn) holds</source>
        <translation>est le numéro d’une carte SIM : sa clé (Luhn) est juste</translation>
    </message>
    <message>
        <source>is a vehicle&apos;s number: its check digit holds</source>
        <translation>est un numéro de véhicule : sa clé est juste</translation>
    </message>
    <message>
        <source>is a latitude and a longitude</source>
        <translation>est une latitude et une longitude</translation>
    </message>
    <message>
        <source>is a place in degrees, minutes and seconds</source>
        <translation>est un lieu en degrés, minutes et secondes</translation>
    </message>
    <message>
        <source>is a wallet&apos;s address: its checksum holds</source>
        <translation>est l’adresse d’un portefeuille : sa somme est juste</translation>
    </message>
    <message>
        <source>stands by a word for a wallet</source>
        <translation>est près d’un mot pour portefeuille</translation>
    </message>
    <message>
        <source>has the form of an Ethereum address</source>
        <translation>a la forme d’une adresse Ethereum</translation>
    </message>
    <message>
        <source>%1 and is a US routing number: its check digit holds</source>
        <translation>%1 et est un numéro bancaire américain : sa clé est juste</translation>
    </message>
    <message>
        <source>is a line of a machine-readable zone: its check digits hold</source>
        <translation>est une ligne d’une zone lisible par machine : ses clés sont justes</translation>
    </message>
    <message>
        <source>has the form of a line of a machine-readable zone</source>
        <translation>a la forme d’une ligne d’une zone lisible par machine</translation>
    </message>
    <message>
        <source>has the form of an e-mail address</source>
        <translation>a la forme d’une adresse e-mail</translation>
    </message>
    <message>
        <source>looks like an e-mail address whose dot was lost in reading</source>
        <translation>ressemble à une adresse e-mail dont le point s’est perdu à la lecture</translation>
    </message>
    <message>
        <source>stands between angle brackets and has a mail domain&apos;s ending</source>
        <translation>est entre chevrons et finit comme un domaine de mail</translation>
    </message>
    <message>
        <source>%1 and has a mail domain&apos;s ending</source>
        <translation>%1 et finit comme un domaine de mail</translation>
    </message>
    <message>
        <source>is a %1 of the policy</source>
        <translation>est %1 de la politique</translation>
    </message>
    <message>
        <source>%1 in another reading of it</source>
        <translation>%1 selon une autre lecture</translation>
    </message>
    <message>
        <source>is a small photograph beside somebody&apos;s name that may show a face</source>
        <translation>est une petite photo près d’un nom, qui peut montrer un visage</translation>
    </message>
    <message>
        <source>looks like a face on a photograph</source>
        <translation>ressemble à un visage sur une photo</translation>
    </message>
    <message>
        <source>looks like text and could not be read</source>
        <translation>ressemble à du texte et n’a pu être lu</translation>
    </message>
    <message>
        <source>is a %1</source>
        <translation>est un %1</translation>
    </message>
    <message>
        <source>%1 that holds a value of this kind, which %2</source>
        <translation>%1 qui contient une valeur de ce genre, qui %2</translation>
    </message>
    <message>
        <source>is a code of the classification of diseases (ICD-10) after a word for it</source>
        <translation>est un code de la classification des maladies (CIM-10) après un mot pour lui</translation>
    </message>
    <message>
        <source>is an IBAN: its country&apos;s length and its check digits (mod 97) hold</source>
        <translation>est un IBAN : sa longueur et ses clés (mod 97) sont justes</translation>
    </message>
    <message>
        <source>%1; its check digits do not hold, perhaps misread</source>
        <translation>%1 ; ses clés sont fausses, peut-être mal lues</translation>
    </message>
    <message>
        <source>has the form of an IBAN; its check digits do not hold, perhaps misread</source>
        <translation>a la forme d’un IBAN ; ses clés sont fausses, peut-être mal lues</translation>
    </message>
    <message>
        <source>Person</source>
        <translation>Personne</translation>
    </message>
    <message>
        <source>E-mail address</source>
        <translation>Adresse e-mail</translation>
    </message>
    <message>
        <source>Phone number</source>
        <translation>Numéro de téléphone</translation>
    </message>
    <message>
        <source>Postal address</source>
        <translation>Adresse postale</translation>
    </message>
    <message>
        <source>Date of birth</source>
        <translation>Date de naissance</translation>
    </message>
    <message>
        <source>Payment card</source>
        <translation>Carte de paiement</translation>
    </message>
    <message>
        <source>IBAN</source>
        <translation>IBAN</translation>
    </message>
    <message>
        <source>Bank account</source>
        <translation>Compte bancaire</translation>
    </message>
    <message>
        <source>National identity number</source>
        <translation>Numéro national d’identité</translation>
    </message>
    <message>
        <source>Passport or licence</source>
        <translation>Passeport ou permis</translation>
    </message>
    <message>
        <source>IP address</source>
        <translation>Adresse IP</translation>
    </message>
    <message>
        <source>MAC address</source>
        <translation>Adresse MAC</translation>
    </message>
    <message>
        <source>User name</source>
        <translation>Identifiant</translation>
    </message>
    <message>
        <source>Secret</source>
        <translation>Secret</translation>
    </message>
    <message>
        <source>Vehicle plate</source>
        <translation>Plaque de véhicule</translation>
    </message>
    <message>
        <source>Health fact</source>
        <translation>Donnée de santé</translation>
    </message>
    <message>
        <source>Coordinates</source>
        <translation>Coordonnées</translation>
    </message>
    <message>
        <source>Device number</source>
        <translation>Numéro d’appareil</translation>
    </message>
    <message>
        <source>Wallet address</source>
        <translation>Adresse de portefeuille</translation>
    </message>
    <message>
        <source>Personal web address</source>
        <translation>Adresse web personnelle</translation>
    </message>
    <message>
        <source>Record number</source>
        <translation>Numéro de dossier</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Date</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Visage</translation>
    </message>
    <message>
        <source>Illegible text</source>
        <translation>Texte illisible</translation>
    </message>
    <message>
        <source>Watch list</source>
        <translation>Liste de surveillance</translation>
    </message>
    <message>
        <source>ships with Eyelid</source>
        <translation>fournie avec Eyelid</translation>
    </message>
    <message>
        <source>of this office: %1</source>
        <translation>de ce service : %1</translation>
    </message>
    <message>
        <source>your own: %1</source>
        <translation>la vôtre : %1</translation>
    </message>
    <message>
        <source>There is no policy &quot;%1&quot;: it is neither a file nor one of %2.</source>
        <translation>Il n’y a pas de politique « %1 » : ni fichier, ni l’une de %2.</translation>
    </message>
    <message>
        <source>was found elsewhere in the case</source>
        <translation>a été trouvé ailleurs dans le dossier</translation>
    </message>
    <message>
        <source>is covered elsewhere</source>
        <translation>est caviardé ailleurs</translation>
    </message>
    <message>
        <source>is a part of a web address that says who somebody is</source>
        <translation>est une partie d’adresse web qui dit qui est quelqu’un</translation>
    </message>
    <message>
        <source>is a part of a web address that lets in whoever has it</source>
        <translation>est une partie d’adresse web qui laisse entrer qui l’a</translation>
    </message>
    <message>
        <source>is a web address for setting a password or accepting an invitation</source>
        <translation>est une adresse web pour fixer un mot de passe ou accepter une invitation</translation>
    </message>
    <message>
        <source>is a web page named after somebody</source>
        <translation>est une page web au nom de quelqu’un</translation>
    </message>
    <message>
        <source>is %1: %2</source>
        <translation>est %1 : %2</translation>
    </message>
    <message>
        <source>%1 and its check digit holds</source>
        <translation>%1 et sa clé est juste</translation>
    </message>
    <message>
        <source>an Italian tax code</source>
        <translation>un code fiscal italien</translation>
    </message>
    <message>
        <source>its control letter holds</source>
        <translation>sa lettre de contrôle est juste</translation>
    </message>
    <message>
        <source>a Polish PESEL number</source>
        <translation>un numéro PESEL polonais</translation>
    </message>
    <message>
        <source>its date and control digit hold</source>
        <translation>sa date et son chiffre de contrôle sont justes</translation>
    </message>
    <message>
        <source>a Portuguese tax number</source>
        <translation>un numéro fiscal portugais</translation>
    </message>
    <message>
        <source>its control digit holds</source>
        <translation>son chiffre de contrôle est juste</translation>
    </message>
    <message>
        <source>a Belgian national number</source>
        <translation>un numéro national belge</translation>
    </message>
    <message>
        <source>its control number (mod 97) holds</source>
        <translation>son nombre de contrôle (mod 97) est juste</translation>
    </message>
    <message>
        <source>a Swedish personal number</source>
        <translation>un numéro personnel suédois</translation>
    </message>
    <message>
        <source>its date and control digit (Luhn) hold</source>
        <translation>sa date et sa clé (Luhn) sont justes</translation>
    </message>
    <message>
        <source>a Norwegian national number</source>
        <translation>un numéro national norvégien</translation>
    </message>
    <message>
        <source>its date and both control digits hold</source>
        <translation>sa date et ses deux chiffres de contrôle sont justes</translation>
    </message>
    <message>
        <source>a Danish personal number</source>
        <translation>un numéro personnel danois</translation>
    </message>
    <message>
        <source>it begins with a date</source>
        <translation>il commence par une date</translation>
    </message>
    <message>
        <source>a Finnish personal code</source>
        <translation>un code personnel finlandais</translation>
    </message>
    <message>
        <source>its control character (mod 31) holds</source>
        <translation>son caractère de contrôle (mod 31) est juste</translation>
    </message>
    <message>
        <source>a Swiss insurance number</source>
        <translation>un numéro d’assuré suisse</translation>
    </message>
    <message>
        <source>its check digit holds</source>
        <translation>sa clé est juste</translation>
    </message>
    <message>
        <source>an Austrian insurance number</source>
        <translation>un numéro d’assuré autrichien</translation>
    </message>
    <message>
        <source>a Brazilian tax number</source>
        <translation>un numéro fiscal brésilien</translation>
    </message>
    <message>
        <source>its control digits hold</source>
        <translation>ses chiffres de contrôle sont justes</translation>
    </message>
    <message>
        <source>a Canadian insurance number</source>
        <translation>un numéro d’assuré canadien</translation>
    </message>
    <message>
        <source>its check digit (Luhn) holds</source>
        <translation>sa clé (Luhn) est juste</translation>
    </message>
    <message>
        <source>an Australian tax file number</source>
        <translation>un numéro fiscal australien</translation>
    </message>
    <message>
        <source>an Irish PPS number</source>
        <translation>un numéro PPS irlandais</translation>
    </message>
    <message>
        <source>its control letter (mod 23) holds</source>
        <translation>sa lettre de contrôle (mod 23) est juste</translation>
    </message>
    <message>
        <source>an Aadhaar number</source>
        <translation>un numéro Aadhaar</translation>
    </message>
    <message>
        <source>its check digit (Verhoeff) holds</source>
        <translation>sa clé (Verhoeff) est juste</translation>
    </message>
    <message>
        <source>an NHS number</source>
        <translation>un numéro NHS</translation>
    </message>
    <message>
        <source>its check digit (mod 11) holds</source>
        <translation>sa clé (mod 11) est juste</translation>
    </message>
    <message>
        <source>has the form of an IP address: four numbers up to 255</source>
        <translation>a la forme d’une adresse IP : quatre nombres jusqu’à 255</translation>
    </message>
    <message>
        <source>has the form of an IP address with a number misread</source>
        <translation>a la forme d’une adresse IP avec un nombre mal lu</translation>
    </message>
    <message>
        <source>is an IPv6 address</source>
        <translation>est une adresse IPv6</translation>
    </message>
    <message>
        <source>begins like an IPv6 address, perhaps misread</source>
        <translation>commence comme une adresse IPv6, peut-être mal lue</translation>
    </message>
    <message>
        <source>has the form of a MAC address: six pairs of hexadecimal digits</source>
        <translation>a la forme d’une adresse MAC : six paires de chiffres hexadécimaux</translation>
    </message>
    <message>
        <source>was marked by an officer</source>
        <translation>a été désigné par un agent</translation>
    </message>
    <message>
        <source>the pattern %1 cannot be used: %2</source>
        <translation>le motif %1 ne peut servir : %2</translation>
    </message>
    <message>
        <source>looks like a name</source>
        <translation>ressemble à un nom</translation>
    </message>
    <message>
        <source>is on the list of given names</source>
        <translation>est sur la liste des prénoms</translation>
    </message>
    <message>
        <source>is on the list of family names</source>
        <translation>est sur la liste des noms de famille</translation>
    </message>
    <message>
        <source>follows a word for somebody&apos;s part</source>
        <translation>suit un mot pour la fonction de quelqu’un</translation>
    </message>
    <message>
        <source>has a given and a family name of the lists of names</source>
        <translation>a un prénom et un nom des listes de noms</translation>
    </message>
    <message>
        <source>has a word that is on the lists of names</source>
        <translation>a un mot des listes de noms</translation>
    </message>
    <message>
        <source>is written surname first</source>
        <translation>est écrit nom d’abord</translation>
    </message>
    <message>
        <source>follows a title</source>
        <translation>suit un titre</translation>
    </message>
    <message>
        <source>follows a greeting</source>
        <translation>suit une salutation</translation>
    </message>
    <message>
        <source>stands under a letter&apos;s closing</source>
        <translation>est sous la formule d’une lettre</translation>
    </message>
    <message>
        <source>stands where a person is spoken of</source>
        <translation>est où l’on parle d’une personne</translation>
    </message>
    <message>
        <source>is what a mail address on the screen is made from</source>
        <translation>est ce dont est faite une adresse e-mail à l’écran</translation>
    </message>
    <message>
        <source>is part of a name found elsewhere on the screen</source>
        <translation>fait partie d’un nom trouvé ailleurs à l’écran</translation>
    </message>
    <message>
        <source>%1 and can be dialled</source>
        <translation>%1 et peut être composé</translation>
    </message>
    <message>
        <source>%1 and has the form of a phone number</source>
        <translation>%1 et a la forme d’un numéro de téléphone</translation>
    </message>
    <message>
        <source>is a valid phone number</source>
        <translation>est un numéro de téléphone valide</translation>
    </message>
    <message>
        <source>starts like an international phone number</source>
        <translation>commence comme un numéro international</translation>
    </message>
    <message>
        <source>has a phone number&apos;s length and leading zero</source>
        <translation>a la longueur et le zéro d’un numéro de téléphone</translation>
    </message>
    <message>
        <source>is a valid Spanish phone number and stands where one is written</source>
        <translation>est un numéro espagnol valide, là où l’on en écrit</translation>
    </message>
    <message>
        <source>has the form of a North American phone number</source>
        <translation>a la forme d’un numéro nord-américain</translation>
    </message>
    <message>
        <source>has the form of a British number plate</source>
        <translation>a la forme d’une plaque britannique</translation>
    </message>
    <message>
        <source>has the form of a British number plate, its space lost</source>
        <translation>a la forme d’une plaque britannique, sans son espace</translation>
    </message>
    <message>
        <source>has the form of a French number plate</source>
        <translation>a la forme d’une plaque française</translation>
    </message>
    <message>
        <source>%1 and looks like a number plate</source>
        <translation>%1 et ressemble à une plaque</translation>
    </message>
    <message>
        <source>has the form of a German number plate, on a page that tells of vehicles</source>
        <translation>a la forme d’une plaque allemande, sur une page de véhicules</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a text in quotes</source>
        <translation>« %1 » doit être un texte entre guillemets</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a number from %2 to %3</source>
        <translation>« %1 » doit être un nombre de %2 à %3</translation>
    </message>
    <message>
        <source>a style must be one of %1</source>
        <translation>un style doit être l’un de %1</translation>
    </message>
    <message>
        <source>&quot;colour&quot; must be one of %1</source>
        <translation>&quot;colour&quot; doit être l’une de %1</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a list of texts</source>
        <translation>« %1 » doit être une liste de textes</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a kind; the kinds are %2</source>
        <translation>« %1 » n’est pas un genre ; les genres sont %2</translation>
    </message>
    <message>
        <source>&quot;check&quot; must be &quot;luhn&quot;, &quot;mod97&quot; or &quot;mod11&quot;</source>
        <translation>&quot;check&quot; doit être &quot;luhn&quot;, &quot;mod97&quot; ou &quot;mod11&quot;</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a setting of a pattern; it has name, match, kind, near, check and confidence</source>
        <translation>« %1 » n’est pas un réglage de motif ; il a name, match, kind, near, check et confidence</translation>
    </message>
    <message>
        <source>a pattern needs &quot;match&quot;</source>
        <translation>un motif a besoin de &quot;match&quot;</translation>
    </message>
    <message>
        <source>a pattern needs a &quot;name&quot;</source>
        <translation>un motif a besoin d’un &quot;name&quot;</translation>
    </message>
    <message>
        <source>&quot;leave_out&quot; names %1, which the pattern &quot;%2&quot; finds</source>
        <translation>&quot;leave_out&quot; nomme %1, que trouve le motif « %2 »</translation>
    </message>
    <message>
        <source>the pattern &quot;%1&quot; never finds: its confidence, %2, lies under the threshold of %3, %4</source>
        <translation>le motif « %1 » ne trouve jamais : sa certitude, %2, est sous le seuil de %3, %4</translation>
    </message>
    <message>
        <source>&quot;look_for&quot; must be &quot;everything&quot; or a list of kinds</source>
        <translation>&quot;look_for&quot; doit être &quot;everything&quot; ou une liste de genres</translation>
    </message>
    <message>
        <source>&quot;watch&quot; knows &quot;words&quot; and &quot;patterns&quot;, not &quot;%1&quot;</source>
        <translation>&quot;watch&quot; connaît &quot;words&quot; et &quot;patterns&quot;, pas « %1 »</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be true or false</source>
        <translation>« %1 » doit être true ou false</translation>
    </message>
    <message>
        <source>&quot;recovery_key&quot; must be a public key of 64 hexadecimal digits</source>
        <translation>&quot;recovery_key&quot; doit être une clé publique de 64 chiffres hexadécimaux</translation>
    </message>
    <message>
        <source>&quot;retention&quot; knows &quot;days&quot; and &quot;by_itself&quot;, not &quot;%1&quot;</source>
        <translation>&quot;retention&quot; connaît &quot;days&quot; et &quot;by_itself&quot;, pas « %1 »</translation>
    </message>
    <message>
        <source>&quot;label&quot; must be &quot;identity&quot; or &quot;ground&quot;</source>
        <translation>&quot;label&quot; doit être &quot;identity&quot; ou &quot;ground&quot;</translation>
    </message>
    <message>
        <source>patterns are written as [[pattern]]</source>
        <translation>les motifs s’écrivent [[pattern]]</translation>
    </message>
    <message>
        <source>&quot;leave_out&quot; must be a list of kinds</source>
        <translation>&quot;leave_out&quot; doit être une liste de genres</translation>
    </message>
    <message>
        <source>only of card, account and iban may the last characters stay</source>
        <translation>seuls card, account et iban peuvent garder leurs derniers signes</translation>
    </message>
    <message>
        <source>&quot;look_for&quot; is missing: it says which kinds to look for</source>
        <translation>&quot;look_for&quot; manque : il dit quels genres chercher</translation>
    </message>
    <message>
        <source>&quot;name&quot; is missing</source>
        <translation>&quot;name&quot; manque</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a setting of a policy</source>
        <translation>« %1 » n’est pas un réglage de politique</translation>
    </message>
    <message>
        <source>Solid</source>
        <translation>Uni</translation>
    </message>
    <message>
        <source>Mosaic</source>
        <translation>Mosaïque</translation>
    </message>
    <message>
        <source>Blur</source>
        <translation>Flou</translation>
    </message>
    <message>
        <source>Stand-in</source>
        <translation>Remplacement</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Étiquette</translation>
    </message>
    <message>
        <source>As the ground</source>
        <translation>Comme le fond</translation>
    </message>
    <message>
        <source>%1, line %2, column %3: %4.</source>
        <translation>%1, ligne %2, colonne %3 : %4.</translation>
    </message>
    <message>
        <source>is a date</source>
        <translation>est une date</translation>
    </message>
    <message>
        <source>tells somebody&apos;s age</source>
        <translation>dit l’âge de quelqu’un</translation>
    </message>
    <message>
        <source>stands with somebody&apos;s name as others like it do</source>
        <translation>est avec un nom comme d’autres pareils</translation>
    </message>
    <message>
        <source>follows the label &quot;%1&quot;</source>
        <translation>suit l’étiquette « %1 »</translation>
    </message>
    <message>
        <source>stands beside the label &quot;%1&quot;</source>
        <translation>est à côté de l’étiquette « %1 »</translation>
    </message>
    <message>
        <source>stands under the label &quot;%1&quot;</source>
        <translation>est sous l’étiquette « %1 »</translation>
    </message>
    <message>
        <source>stands in a column headed &quot;%1&quot;</source>
        <translation>est dans une colonne intitulée « %1 »</translation>
    </message>
    <message>
        <source>begins like an access key</source>
        <translation>commence comme une clé d’accès</translation>
    </message>
    <message>
        <source>has the form of a signed token (JWT)</source>
        <translation>a la forme d’un jeton signé (JWT)</translation>
    </message>
    <message>
        <source>opens a private key</source>
        <translation>ouvre une clé privée</translation>
    </message>
    <message>
        <source>follows a word for a password, key or token</source>
        <translation>suit un mot pour mot de passe, clé ou jeton</translation>
    </message>
    <message>
        <source>is a password within a web address</source>
        <translation>est un mot de passe dans une adresse web</translation>
    </message>
    <message>
        <source>is told to be a password, key or token</source>
        <translation>est dit être un mot de passe, une clé ou un jeton</translation>
    </message>
    <message>
        <source>is long and unlike any language, as keys are</source>
        <translation>est long et ne ressemble à aucune langue, comme les clés</translation>
    </message>
    <message>
        <source>is a one-time code: it follows words for one</source>
        <translation>est un code à usage unique : il suit des mots pour cela</translation>
    </message>
    <message>
        <source>is a cookie&apos;s value</source>
        <translation>est la valeur d’un cookie</translation>
    </message>
    <message>
        <source>is a line of a private key</source>
        <translation>est une ligne d’une clé privée</translation>
    </message>
    <message>
        <source>reads like this kind of value (%1)</source>
        <translation>se lit comme ce genre de valeur (%1)</translation>
    </message>
    <message>
        <source>stands where its line has such a value (%1)</source>
        <translation>est où sa ligne a une telle valeur (%1)</translation>
    </message>
    <message>
        <source>stands beside or under words that speak for it (%1)</source>
        <translation>est à côté ou sous des mots qui parlent pour cela (%1)</translation>
    </message>
    <message>
        <source>stands in a column of such values (%1)</source>
        <translation>est dans une colonne de telles valeurs (%1)</translation>
    </message>
    <message>
        <source>stands where such a value stands on this page (%1)</source>
        <translation>est où se tient une telle valeur sur cette page (%1)</translation>
    </message>
    <message>
        <source>is the owner&apos;s name in a file path</source>
        <translation>est le nom du propriétaire dans un chemin</translation>
    </message>
    <message>
        <source>is a user name within a web address</source>
        <translation>est un identifiant dans une adresse web</translation>
    </message>
    <message>
        <source>follows a word for user and a sign of assignment</source>
        <translation>suit un mot pour utilisateur et un signe d’affectation</translation>
    </message>
    <message>
        <source>follows the word &quot;user&quot;</source>
        <translation>suit le mot « user »</translation>
    </message>
    <message>
        <source>is told to be a user name</source>
        <translation>est dit être un identifiant</translation>
    </message>
    <message>
        <source>is written as people are called in forums</source>
        <translation>est écrit comme on s’appelle dans les forums</translation>
    </message>
    <message>
        <source>is made of a given and a family name</source>
        <translation>est fait d’un prénom et d’un nom</translation>
    </message>
    <message>
        <source>is made of a name and figures</source>
        <translation>est fait d’un nom et de chiffres</translation>
    </message>
    <message>
        <source>is on the watch list</source>
        <translation>est sur la liste de surveillance</translation>
    </message>
    <message>
        <source>matches a pattern of the watch list</source>
        <translation>répond à un motif de la liste de surveillance</translation>
    </message>
    <message>
        <source>%1 is damaged: it is no proper UTF-16 text.</source>
        <translation>%1 est endommagé : ce n’est pas du texte UTF-16.</translation>
    </message>
    <message>
        <source>%1, line %2: this is not UTF-8 text; save the watch list as UTF-8.</source>
        <translation>%1, ligne %2 : ce n’est pas du texte UTF-8 ; enregistrez la liste en UTF-8.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no letter and no digit to look for; write a pattern between slashes</source>
        <translation>« %1 » n’a ni lettre ni chiffre à chercher ; écrivez un motif entre barres</translation>
    </message>
    <message>
        <source>In the watch list, %1.</source>
        <translation>Dans la liste de surveillance, %1.</translation>
    </message>
    <message>
        <source>%1, line %2: %3.</source>
        <translation>%1, ligne %2 : %3.</translation>
    </message>
    <message>
        <source>Only the scroll bar has moved: every line here looks like the next one.</source>
        <translation>Seule la barre de défilement a bougé : chaque ligne ressemble ici à la suivante.</translation>
    </message>
    <message>
        <source>What stays in place fits, and the rest has nothing in common.</source>
        <translation>Ce qui reste en place convient, le reste n’a rien en commun.</translation>
    </message>
    <message>
        <source>There is too little in common to match these two pictures by.</source>
        <translation>Ces deux images ont trop peu en commun.</translation>
    </message>
    <message>
        <source>Much of the part both pictures show has changed between them.</source>
        <translation>Une grande part de ce que montrent les deux images a changé entre elles.</translation>
    </message>
    <message>
        <source>The pictures fit together in more than one place; the lines look alike.</source>
        <translation>Les images conviennent en plus d’un endroit ; les lignes se ressemblent.</translation>
    </message>
    <message>
        <source>The later picture seems to lie before the earlier one.</source>
        <translation>L’image suivante semble être avant la précédente.</translation>
    </message>
    <message>
        <source>Joining needs at least two pictures that overlap.</source>
        <translation>Raccorder veut au moins deux images qui se recouvrent.</translation>
    </message>
    <message>
        <source>Picture %1 is %2 pixels %3, the first is %4; pictures to be joined are of one %5.</source>
        <translation>L’image %1 fait %2 pixels de %3, la première %4 ; on raccorde des images de même %5.</translation>
    </message>
    <message>
        <source>Joined, the pictures would be longer than %1 pixels; join fewer at a time.</source>
        <translation>Raccordées, les images dépasseraient %1 pixels ; prenez-en moins à la fois.</translation>
    </message>
    <message>
        <source>a fourth channel</source>
        <translation>un quatrième canal</translation>
    </message>
    <message>
        <source>reserved fields that are in use</source>
        <translation>des champs réservés utilisés</translation>
    </message>
    <message>
        <source>rows that are packed, which may hold more than is shown</source>
        <translation>des lignes compressées, qui peuvent contenir plus qu’elles ne montrent</translation>
    </message>
    <message>
        <source>colour profile</source>
        <translation>profil de couleur</translation>
    </message>
    <message>
        <source>a gap before the picture</source>
        <translation>un vide avant l’image</translation>
    </message>
    <message>
        <source>A %1 holds pictures of up to %2 pixels a side, and this one is %3 x %4; choose another format, or a smaller size.</source>
        <translation>Un %1 contient des images jusqu’à %2 pixels de côté, celle-ci fait %3 x %4 ; choisissez un autre format, ou une taille moindre.</translation>
    </message>
    <message>
        <source>The picture could not be made: there is too little memory.</source>
        <translation>L’image n’a pu être faite : trop peu de mémoire.</translation>
    </message>
    <message>
        <source>application data</source>
        <translation>données d’application</translation>
    </message>
    <message>
        <source>text (plain text extension)</source>
        <translation>texte (extension de texte)</translation>
    </message>
    <message>
        <source>an extension of an unknown kind</source>
        <translation>une extension d’un genre inconnu</translation>
    </message>
    <message>
        <source>a frame that reaches over the edge</source>
        <translation>une image qui dépasse le bord</translation>
    </message>
    <message>
        <source>damaged picture data</source>
        <translation>des données d’image endommagées</translation>
    </message>
    <message>
        <source>data that belongs to no pixel</source>
        <translation>des données sans pixel</translation>
    </message>
    <message>
        <source>thumbnail (APP0)</source>
        <translation>vignette (APP0)</translation>
    </message>
    <message>
        <source>application data (APP0)</source>
        <translation>données d’application (APP0)</translation>
    </message>
    <message>
        <source>photo metadata (APP13)</source>
        <translation>métadonnées photo (APP13)</translation>
    </message>
    <message>
        <source>application data (APP%1)</source>
        <translation>données d’application (APP%1)</translation>
    </message>
    <message>
        <source>marker %1</source>
        <translation>marqueur %1</translation>
    </message>
    <message>
        <source>%1 is not a picture Eyelid can open (PNG, JPEG, WebP, BMP, TIFF or GIF).</source>
        <translation>%1 n’est pas une image qu’Eyelid peut ouvrir (PNG, JPEG, WebP, BMP, TIFF ou GIF).</translation>
    </message>
    <message>
        <source>%1 is cut short: the file ends before the picture does.</source>
        <translation>%1 est coupé : le fichier finit avant l’image.</translation>
    </message>
    <message>
        <source>%1 has a damaged page.</source>
        <translation>%1 a une page endommagée.</translation>
    </message>
    <message>
        <source>%1 holds a picture of no size.</source>
        <translation>%1 contient une image sans taille.</translation>
    </message>
    <message>
        <source>%1 is %2 x %3 pixels; Eyelid opens pictures of up to %4 pixels a side.</source>
        <translation>%1 fait %2 x %3 pixels ; Eyelid ouvre des images jusqu’à %4 pixels de côté.</translation>
    </message>
    <message>
        <source>%1 is %2 x %3 pixels, %4 million in all; Eyelid opens up to %5 million.</source>
        <translation>%1 fait %2 x %3 pixels, %4 millions en tout ; Eyelid en ouvre jusqu’à %5 millions.</translation>
    </message>
    <message>
        <source>%1 is a damaged %2 picture and cannot be opened.</source>
        <translation>%1 est une image %2 endommagée et ne peut être ouverte.</translation>
    </message>
    <message>
        <source>EXIF (chunk eXIf)</source>
        <translation>EXIF (bloc eXIf)</translation>
    </message>
    <message>
        <source>text (chunk %1)</source>
        <translation>texte (bloc %1)</translation>
    </message>
    <message>
        <source>time stamp (chunk tIME)</source>
        <translation>horodatage (bloc tIME)</translation>
    </message>
    <message>
        <source>named colour profile (chunk iCCP)</source>
        <translation>profil de couleur nommé (bloc iCCP)</translation>
    </message>
    <message>
        <source>further frames (chunk %1)</source>
        <translation>autres images (bloc %1)</translation>
    </message>
    <message>
        <source>a chunk of no proper name</source>
        <translation>un bloc sans nom valable</translation>
    </message>
    <message>
        <source>chunk %1</source>
        <translation>bloc %1</translation>
    </message>
    <message>
        <source>a check sum that is none</source>
        <translation>une somme de contrôle fausse</translation>
    </message>
    <message>
        <source>16 bits a colour, of which a screen shows half</source>
        <translation>16 bits par couleur, dont un écran montre la moitié</translation>
    </message>
    <message>
        <source>a second colour table</source>
        <translation>une seconde table de couleurs</translation>
    </message>
    <message>
        <source>picture data in several places</source>
        <translation>des données d’image en plusieurs endroits</translation>
    </message>
    <message>
        <source>bytes in the chunk IEND</source>
        <translation>des octets dans le bloc IEND</translation>
    </message>
    <message>
        <source>rows beyond the picture&apos;s height</source>
        <translation>des lignes au-delà de la hauteur</translation>
    </message>
    <message>
        <source>document name</source>
        <translation>nom du document</translation>
    </message>
    <message>
        <source>description</source>
        <translation>description</translation>
    </message>
    <message>
        <source>maker</source>
        <translation>fabricant</translation>
    </message>
    <message>
        <source>model</source>
        <translation>modèle</translation>
    </message>
    <message>
        <source>page name</source>
        <translation>nom de page</translation>
    </message>
    <message>
        <source>software</source>
        <translation>logiciel</translation>
    </message>
    <message>
        <source>date</source>
        <translation>date</translation>
    </message>
    <message>
        <source>artist</source>
        <translation>auteur</translation>
    </message>
    <message>
        <source>host</source>
        <translation>machine</translation>
    </message>
    <message>
        <source>further pictures</source>
        <translation>autres images</translation>
    </message>
    <message>
        <source>XMP</source>
        <translation>XMP</translation>
    </message>
    <message>
        <source>copyright</source>
        <translation>droits</translation>
    </message>
    <message>
        <source>IPTC</source>
        <translation>IPTC</translation>
    </message>
    <message>
        <source>photo metadata</source>
        <translation>métadonnées photo</translation>
    </message>
    <message>
        <source>EXIF</source>
        <translation>EXIF</translation>
    </message>
    <message>
        <source>place</source>
        <translation>lieu</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>calques</translation>
    </message>
    <message>
        <source>tag %1</source>
        <translation>champ %1</translation>
    </message>
    <message>
        <source>%1 (tag %2)</source>
        <translation>%1 (champ %2)</translation>
    </message>
    <message>
        <source>more than 8 bits a colour, of which a screen shows 8</source>
        <translation>plus de 8 bits par couleur, dont un écran montre 8</translation>
    </message>
    <message>
        <source>picture data packed in a way that is not looked into</source>
        <translation>des données d’image compressées d’une façon qu’on n’examine pas</translation>
    </message>
    <message>
        <source>bytes that nothing points to</source>
        <translation>des octets que rien ne désigne</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Lecture</translation>
    </message>
    <message>
        <source>The reason of a finding</source>
        <translation>Le motif d’un élément</translation>
    </message>
    <message>
        <source>What is written on a mark (%1)</source>
        <translation>Ce qui est écrit sur une marque (%1)</translation>
    </message>
    <message>
        <source>Making %1</source>
        <translation>Fabrication de %1</translation>
    </message>
    <message>
        <source>The pictures attached were sanitised and checked; redaction-log.json says what was hidden and why, SHA256SUMS that nothing was altered since.</source>
        <translation>Les images jointes ont été caviardées et vérifiées ; redaction-log.json dit ce qui a été caché et pourquoi, SHA256SUMS que rien n’a été modifié depuis.</translation>
    </message>
    <message>
        <source>Picture %1 of %2, %3 by %4 pixels: %5</source>
        <translation>Image %1 sur %2, %3 par %4 pixels : %5</translation>
    </message>
    <message>
        <source>a screen with places covered</source>
        <translation>un écran avec des endroits caviardés</translation>
    </message>
    <message>
        <source>a screen</source>
        <translation>un écran</translation>
    </message>
    <message>
        <source>The text of the document holds a value that is covered; release it without the words, or under another name.</source>
        <translation>Le texte du document contient une valeur caviardée ; diffusez sans les mots, ou sous un autre nom.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Arrêté.</translation>
    </message>
    <message>
        <source>No language is named; name one such as eng, or several joined by +.</source>
        <translation>Aucune langue n’est nommée ; nommez-en une comme eng, ou plusieurs jointes par +.</translation>
    </message>
    <message>
        <source>The folder of languages, %1, cannot be read: %2.</source>
        <translation>Le répertoire des langues, %1, est illisible : %2.</translation>
    </message>
    <message>
        <source>The language &quot;%1&quot; is not installed; the package %2 brings it. Installed: %3.</source>
        <translation>La langue « %1 » n’est pas installée ; le paquet %2 l’apporte. Installées : %3.</translation>
    </message>
    <message>
        <source>The line model that ships with Eyelid could not be loaded.</source>
        <translation>Le modèle de lignes fourni avec Eyelid n’a pu être chargé.</translation>
    </message>
    <message>
        <source>The text reader could not load the language %1.</source>
        <translation>La lecture n’a pu charger la langue %1.</translation>
    </message>
    <message>
        <source>Reading line %1 of %2</source>
        <translation>Lecture de la ligne %1 sur %2</translation>
    </message>
    <message>
        <source>The area to read lies outside the picture.</source>
        <translation>La zone à lire est hors de l’image.</translation>
    </message>
    <message>
        <source>Finding lines</source>
        <translation>Recherche des lignes</translation>
    </message>
    <message>
        <source>The archive could not be made: there is too little memory.</source>
        <translation>L’archive n’a pu être faite : trop peu de mémoire.</translation>
    </message>
    <message>
        <source>This is no ZIP archive, or a damaged one.</source>
        <translation>Ce n’est pas une archive ZIP, ou elle est endommagée.</translation>
    </message>
    <message>
        <source>The archive names a file outside of itself.</source>
        <translation>L’archive nomme un fichier hors d’elle-même.</translation>
    </message>
    <message>
        <source>The archive is damaged.</source>
        <translation>L’archive est endommagée.</translation>
    </message>
    <message>
        <source>The archive holds more than can be looked at.</source>
        <translation>L’archive contient plus qu’on ne peut examiner.</translation>
    </message>
    <message>
        <source>%1 was stopped; what it has done already stands.</source>
        <translation>%1 a été arrêté ; ce qu’il a déjà fait reste.</translation>
    </message>
    <message>
        <source>command</source>
        <translation>commande</translation>
    </message>
    <message>
        <source>A command is run with files; release to a folder as well.</source>
        <translation>Une commande reçoit des fichiers ; diffusez aussi vers un répertoire.</translation>
    </message>
    <message>
        <source>A quote is opened and not closed in the command.</source>
        <translation>Un guillemet n’est pas fermé dans la commande.</translation>
    </message>
    <message>
        <source>Name the program that is to be run.</source>
        <translation>Nommez le programme à lancer.</translation>
    </message>
    <message>
        <source>Running %1</source>
        <translation>%1 est en cours</translation>
    </message>
    <message>
        <source>%1 cannot be started; is it installed, and may it be run?</source>
        <translation>%1 ne peut démarrer ; est-il installé, et exécutable ?</translation>
    </message>
    <message>
        <source>%1 failed (%2): %3</source>
        <translation>%1 a échoué (%2) : %3</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>dépôt</translation>
    </message>
    <message>
        <source>The key of “%1” is not pinned; set the place up again.</source>
        <translation>La clé de « %1 » n’est pas fixée ; réglez à nouveau le dépôt.</translation>
    </message>
    <message>
        <source>Broken off; trying again in %1 s</source>
        <translation>Interrompu ; nouvel essai dans %1 s</translation>
    </message>
    <message>
        <source>Sending was stopped; nothing is to be seen there.</source>
        <translation>L’envoi a été arrêté ; rien n’y est visible.</translation>
    </message>
    <message>
        <source>Sending %1</source>
        <translation>Envoi de %1</translation>
    </message>
    <message>
        <source>%1 did not arrive as it was sent.</source>
        <translation>%1 n’est pas arrivé tel qu’envoyé.</translation>
    </message>
    <message>
        <source>%1 is there a hundred times; take another name.</source>
        <translation>%1 y est cent fois ; prenez un autre nom.</translation>
    </message>
    <message>
        <source>%1 Nothing is to be seen there; another attempt goes on where this one ended.</source>
        <translation>%1 Rien n’y est visible ; un nouvel essai reprend où celui-ci a fini.</translation>
    </message>
    <message>
        <source>Give the place a name.</source>
        <translation>Donnez un nom au dépôt.</translation>
    </message>
    <message>
        <source>“%1” is no address; write it as https://files.example/folder or sftp://files.example/folder.</source>
        <translation>« %1 » n’est pas une adresse ; on écrit https://files.example/folder ou sftp://files.example/folder.</translation>
    </message>
    <message>
        <source>Over http anybody on the way could read along; use an address with https or sftp.</source>
        <translation>En http, n’importe qui en chemin pourrait lire ; utilisez une adresse https ou sftp.</translation>
    </message>
    <message>
        <source>Nothing can be dropped by %1; use an address with https or sftp.</source>
        <translation>Rien ne peut être déposé par %1 ; utilisez une adresse https ou sftp.</translation>
    </message>
    <message>
        <source>The address is to name the server and the folder alone; user and password have fields of their own.</source>
        <translation>L’adresse ne doit nommer que serveur et répertoire ; utilisateur et mot de passe ont leurs champs.</translation>
    </message>
    <message>
        <source>SFTP asks for a user name.</source>
        <translation>SFTP veut un nom d’utilisateur.</translation>
    </message>
    <message>
        <source>“%1” is no address that others could open.</source>
        <translation>« %1 » n’est pas une adresse que d’autres pourraient ouvrir.</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation>%1 jusqu’au %2</translation>
    </message>
    <message>
        <source>Handing over was stopped.</source>
        <translation>La remise a été arrêtée.</translation>
    </message>
    <message>
        <source>Eyelid: place “%1”</source>
        <translation>Eyelid : dépôt « %1 »</translation>
    </message>
    <message>
        <source>No mail program took the draft; release as a mail draft in a file instead, and open that. (%1)</source>
        <translation>Aucune messagerie n’a pris le brouillon ; diffusez-le en fichier et ouvrez celui-ci. (%1)</translation>
    </message>
    <message>
        <source>“%1” does not let you write to its folder, or has no room left.</source>
        <translation>« %1 » ne vous laisse pas écrire dans son répertoire, ou n’a plus de place.</translation>
    </message>
    <message>
        <source>The certificate of %1 is not one this machine trusts, or not its own; nothing was sent. Ask whoever keeps the server (%2).</source>
        <translation>Le certificat de %1 n’est pas reconnu par cette machine, ou n’est pas le sien ; rien n’a été envoyé. Demandez au responsable du serveur (%2).</translation>
    </message>
    <message>
        <source>%1 shows another key than the one that was pinned; somebody may stand in between. Nothing was sent. Ask whoever keeps the server.</source>
        <translation>%1 montre une autre clé que celle fixée ; quelqu’un peut être au milieu. Rien n’a été envoyé. Demandez au responsable du serveur.</translation>
    </message>
    <message>
        <source>The certificate authority of “%1” cannot be read: %2</source>
        <translation>L’autorité de « %1 » est illisible : %2</translation>
    </message>
    <message>
        <source>%1 does not accept the user name, the password or the key of “%2”.</source>
        <translation>%1 n’accepte pas l’utilisateur, le mot de passe ou la clé de « %2 ».</translation>
    </message>
    <message>
        <source>%1 has no such folder.</source>
        <translation>%1 n’a pas ce répertoire.</translation>
    </message>
    <message>
        <source>%1 has one of that name.</source>
        <translation>%1 en a déjà un de ce nom.</translation>
    </message>
    <message>
        <source>%1 has no room left.</source>
        <translation>%1 n’a plus de place.</translation>
    </message>
    <message>
        <source>%1 does not let you write to the folder of “%2”.</source>
        <translation>%1 ne vous laisse pas écrire dans le répertoire de « %2 ».</translation>
    </message>
    <message>
        <source>%1 cannot be reached, or broke off (%2).</source>
        <translation>%1 est injoignable, ou a interrompu (%2).</translation>
    </message>
    <message>
        <source>drop at %1</source>
        <translation>dépôt à %1</translation>
    </message>
    <message>
        <source>mail draft</source>
        <translation>brouillon de mail</translation>
    </message>
    <message>
        <source>command %1</source>
        <translation>commande %1</translation>
    </message>
    <message>
        <source>The file of ways is not one of Eyelid&apos;s, or is damaged.</source>
        <translation>Le fichier des voies n’est pas d’Eyelid, ou est endommagé.</translation>
    </message>
    <message>
        <source>“%1” does not take files so large.</source>
        <translation>« %1 » ne prend pas de fichiers si grands.</translation>
    </message>
    <message>
        <source>“%1” is busy (%2).</source>
        <translation>« %1 » est occupé (%2).</translation>
    </message>
    <message>
        <source>“%1” has a fault (%2).</source>
        <translation>« %1 » a une panne (%2).</translation>
    </message>
    <message>
        <source>“%1” does not take what was sent (%2); is its address that of a WebDAV folder?</source>
        <translation>« %1 » ne prend pas ce qui a été envoyé (%2) ; est-ce l’adresse d’un répertoire WebDAV ?</translation>
    </message>
    <message>
        <source>%1 is no key for digests: it holds %2 bytes and must hold %3.</source>
        <translation>%1 n’est pas une clé d’empreintes : elle a %2 octets et doit en avoir %3.</translation>
    </message>
    <message>
        <source>Picture %1 of %2</source>
        <translation>Image %1 sur %2</translation>
    </message>
    <message>
        <source>The document does not hold what it should when it is taken apart again; release the pictures as files of their own.</source>
        <translation>Le document ne contient pas ce qu’il doit une fois démonté ; diffusez les images en fichiers séparés.</translation>
    </message>
    <message>
        <source>Words on this picture</source>
        <translation>Mots de cette image</translation>
    </message>
    <message>
        <source>This is no mail with files attached.</source>
        <translation>Ce n’est pas un mail avec des pièces jointes.</translation>
    </message>
    <message>
        <source>The mail could not be made: there is too little memory.</source>
        <translation>Le mail n’a pu être fait : trop peu de mémoire.</translation>
    </message>
    <message>
        <source>Names of files cannot hold what stands at place %1 of %2.</source>
        <translation>Un nom de fichier ne peut contenir ce qui est à la place %1 de %2.</translation>
    </message>
    <message>
        <source>In %1 a part is closed that was not opened.</source>
        <translation>Dans %1 une partie est fermée sans être ouverte.</translation>
    </message>
    <message>
        <source>In %1 a part is opened and not closed.</source>
        <translation>Dans %1 une partie est ouverte sans être fermée.</translation>
    </message>
    <message>
        <source>There is no part %1 of a name; there are %2.</source>
        <translation>Il n’y a pas de partie de nom %1 ; il y a %2.</translation>
    </message>
    <message>
        <source>A name needs at least a number: {number}.</source>
        <translation>Un nom a besoin au moins d’un numéro : {number}.</translation>
    </message>
    <message>
        <source>A name that begins with a dot is hidden, and one with a hyphen is taken for an option; begin with a letter or a part.</source>
        <translation>Un nom qui commence par un point est caché, par un tiret il passe pour une option ; commencez par une lettre ou une partie.</translation>
    </message>
    <message>
        <source>What was hidden</source>
        <translation>Ce qui a été caché</translation>
    </message>
    <message>
        <source>extra bytes or metadata</source>
        <translation>octets ou métadonnées en trop</translation>
    </message>
    <message>
        <source>A value that is covered can be read on this picture.</source>
        <translation>Une valeur caviardée est lisible sur cette image.</translation>
    </message>
    <message>
        <source>is on a watch list</source>
        <translation>est sur une liste de surveillance</translation>
    </message>
    <message>
        <source>was found as: %1</source>
        <translation>a été trouvé comme : %1</translation>
    </message>
    <message>
        <source>There is no format %1; there are %2.</source>
        <translation>Il n’y a pas de format %1 ; il y a %2.</translation>
    </message>
    <message>
        <source>%1 is no size of a file; write it as 500k or 2M.</source>
        <translation>%1 n’est pas une taille de fichier ; on écrit 500k ou 2M.</translation>
    </message>
    <message>
        <source>covered, %1</source>
        <translation>caviardé, %1</translation>
    </message>
    <message>
        <source>checked; remarks were let pass</source>
        <translation>vérifié ; des remarques ont été laissées passer</translation>
    </message>
    <message>
        <source>the check failed</source>
        <translation>la vérification a échoué</translation>
    </message>
    <message>
        <source>%1 Let pass: %2</source>
        <translation>%1 Laissé passer : %2</translation>
    </message>
    <message>
        <source>%1 × %2 pixels, %3</source>
        <translation>%1 × %2 pixels, %3</translation>
    </message>
    <message>
        <source>Nothing was found and nothing was hidden.</source>
        <translation>Rien n’a été trouvé ni caché.</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Genre</translation>
    </message>
    <message>
        <source>Decision</source>
        <translation>Décision</translation>
    </message>
    <message>
        <source>Place (pixels)</source>
        <translation>Endroit (pixels)</translation>
    </message>
    <message>
        <source>Policy: %1</source>
        <translation>Politique : %1</translation>
    </message>
    <message>
        <source>%1 is no key that signs releases.</source>
        <translation>%1 n’est pas une clé qui signe des diffusions.</translation>
    </message>
    <message>
        <source>%1 can be read by others and signs nothing any more; make it yours alone (mode 0600), and think whether a new key is called for.</source>
        <translation>%1 peut être lu par d’autres et ne signe plus rien ; réservez-le-vous (mode 0600) et voyez s’il faut une nouvelle clé.</translation>
    </message>
    <message>
        <source>This is no public key: it is one line of 56 letters and digits, or a file that ends with it.</source>
        <translation>Ce n’est pas une clé publique : c’est une ligne de 56 lettres et chiffres, ou un fichier qui finit ainsi.</translation>
    </message>
    <message>
        <source>%1 is in it twice.</source>
        <translation>%1 y est deux fois.</translation>
    </message>
    <message>
        <source>There is no %1.</source>
        <translation>Il n’y a pas %1.</translation>
    </message>
    <message>
        <source>No redaction log lies here, so nothing can be said.</source>
        <translation>Aucun journal de caviardage n’est ici ; on ne peut rien dire.</translation>
    </message>
    <message>
        <source>altered</source>
        <translation>modifié</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>manquant</translation>
    </message>
    <message>
        <source>added: no log speaks of it</source>
        <translation>ajouté : aucun journal n’en parle</translation>
    </message>
    <message>
        <source>The log is not signed.</source>
        <translation>Le journal n’est pas signé.</translation>
    </message>
    <message>
        <source>The log is signed by the key %1.</source>
        <translation>Le journal est signé de la clé %1.</translation>
    </message>
    <message>
        <source>The log is signed by the key %1, which is not the one to verify with.</source>
        <translation>Le journal est signé de la clé %1, qui n’est pas celle du contrôle.</translation>
    </message>
    <message>
        <source>The log&apos;s signature is not of this log: one of the two was altered.</source>
        <translation>La signature n’est pas de ce journal : l’un des deux a été modifié.</translation>
    </message>
    <message>
        <source>The log&apos;s signature file is damaged.</source>
        <translation>Le fichier de signature du journal est endommagé.</translation>
    </message>
    <message>
        <source>Language of the window</source>
        <translation>Langue de la fenêtre</translation>
    </message>
    <message>
        <source>translation English German French Spanish</source>
        <translation>traduction anglais allemand français espagnol</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>lecture</translation>
    </message>
    <message>
        <source>waiting</source>
        <translation>en attente</translation>
    </message>
    <message>
        <source>&amp;Policy</source>
        <translation>&amp;Politique</translation>
    </message>
    <message>
        <source>none</source>
        <translation>aucune</translation>
    </message>
    <message>
        <source>any</source>
        <translation>quelconque</translation>
    </message>
    <message>
        <source>numbers</source>
        <translation>nombres</translation>
    </message>
    <message>
        <source>sanitised</source>
        <translation>caviardé</translation>
    </message>
    <message>
        <source>at</source>
        <translation>à</translation>
    </message>
    <message>
        <source>&amp;Region</source>
        <translation>&amp;Zone</translation>
    </message>
    <message>
        <source>once</source>
        <translation>une fois</translation>
    </message>
    <message>
        <source>This capture is in the case no more.</source>
        <translation>Cette capture n’est plus dans le dossier.</translation>
    </message>
    <message>
        <source>%1 was changed after it was checked; it was handed to nobody.</source>
        <translation>%1 a changé après la vérification ; il n’a été remis à personne.</translation>
    </message>
    <message>
        <source>--edge %1: wave, steps or fade is expected, and sides behind a colon where not all are meant: wave:top,bottom</source>
        <translation>--edge %1 : wave, steps ou fade est attendu et, si tous les côtés ne sont pas visés, les côtés après un deux-points : wave:top,bottom</translation>
    </message>
    <message>
        <source>--canvas %1: one width or four are expected, left,top,right,bottom, each up to %2.</source>
        <translation>--canvas %1 : une largeur ou quatre sont attendues, gauche,haut,droite,bas (left,top,right,bottom), chacune jusqu’à %2.</translation>
    </message>
    <message>
        <source>%1 %2: a colour is expected, #rrggbb.</source>
        <translation>%1 %2 : une couleur est attendue, #rrggbb.</translation>
    </message>
    <message>
        <source>Of the border, #rrggbb</source>
        <translation>De la bordure, #rrggbb</translation>
    </message>
    <message>
        <source>Torn edges, as of an excerpt: wave, steps or fade; on some sides: wave:top,bottom</source>
        <translation>Bords déchirés, comme d’un extrait : wave, steps ou fade ; sur certains côtés : wave:top,bottom</translation>
    </message>
    <message>
        <source>A shadow that reaches so many pixels</source>
        <translation>Une ombre qui s’étend sur ce nombre de pixels</translation>
    </message>
    <message>
        <source>More ground around it, so many pixels wide: N, or left,top,right,bottom</source>
        <translation>Plus de fond autour, de ce nombre de pixels : N, ou gauche,haut,droite,bas</translation>
    </message>
    <message>
        <source>The colour of that ground, #rrggbb; white where none is given</source>
        <translation>La couleur de ce fond, #rrggbb ; blanc si rien n’est donné</translation>
    </message>
    <message>
        <source>One a page, as large as it is</source>
        <translation>Une par page, à sa taille</translation>
    </message>
    <message numerus="yes">
        <source>%n on a page of A4</source>
        <translation>
            <numerusform>%n sur une page A4</numerusform>
            <numerusform>%n sur une page A4</numerusform>
        </translation>
    </message>
    <message>
        <source>So many pictures on a page of a PDF</source>
        <translation>Ce nombre d’images par page d’un PDF</translation>
    </message>
    <message>
        <source>--per-sheet is of PDFs alone; give --format pdf as well.</source>
        <translation>--per-sheet ne vaut que pour les PDF ; donnez aussi --format pdf.</translation>
    </message>
    <message>
        <source>has the form of a town with its state and ZIP code</source>
        <translation>a la forme d’une ville avec son État et son code postal (ZIP)</translation>
    </message>
    <message>
        <source>Drag from here into another program: all captures, sanitised and checked</source>
        <translation>Faire glisser d’ici vers un autre programme : toutes les captures, caviardées et vérifiées</translation>
    </message>
    <message>
        <source>The window follows what you chose as soon as what is under way is done.</source>
        <translation>La fenêtre suivra votre choix dès que ce qui est en cours sera terminé.</translation>
    </message>
    <message>
        <source> % (when this view is closed)</source>
        <translation> % (à la fermeture de cette vue)</translation>
    </message>
    <message>
        <source>&quot;translated&quot; knows &quot;name&quot; and &quot;description&quot;, not &quot;%1&quot;</source>
        <translation>« translated » connaît « name » et « description », pas « %1 »</translation>
    </message>
    <message>
        <source>is named with a number of others</source>
        <translation>est nommé avec un nombre d’autres</translation>
    </message>
    <message>
        <source>speaks in a talk line for line</source>
        <translation>parle dans un échange noté ligne par ligne</translation>
    </message>
    <message>
        <source>stands under words that are quoted</source>
        <translation>se trouve sous des paroles citées</translation>
    </message>
    <message>
        <source>stands before the terminal it is used at</source>
        <translation>se trouve devant le terminal où il est utilisé</translation>
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
        <translation>%1 : %2, %3, %4, travaillé le %5, à détruire : %6</translation>
    </message>
    <message>
        <source>%1: %2, %3 (of %4)</source>
        <translation>%1 : %2, %3 (de %4)</translation>
    </message>
    <message>
        <source>d MMMM</source>
        <translation>d MMMM</translation>
    </message>
    <message>
        <source>d MMM yyyy, HH:mm</source>
        <translation>d MMM yyyy, HH:mm</translation>
    </message>
    <message numerus="yes">
        <source>%n covered</source>
        <translation>
            <numerusform>%n caviardé</numerusform>
            <numerusform>%n caviardés</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n kept</source>
        <translation>
            <numerusform>%n gardé</numerusform>
            <numerusform>%n gardés</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n settled</source>
        <translation>
            <numerusform>%n décidé</numerusform>
            <numerusform>%n décidés</numerusform>
        </translation>
    </message>
    <message>
        <source>Open</source>
        <comment>state of a finding</comment>
        <translation>Ouvert</translation>
    </message>
    <message>
        <source>stands between a house number and a town</source>
        <translation>se trouve entre un numéro de rue et une ville</translation>
    </message>
    <message>
        <source>The desktop&apos;s key ring is locked. Unlock it, and try again.</source>
        <translation>Le trousseau du bureau est verrouillé. Déverrouillez-le et réessayez.</translation>
    </message>
    <message>
        <source>%1 stays shut: %2</source>
        <translation>%1 reste fermé : %2</translation>
    </message>
    <message>
        <source>%1 was altered or taken away since it was checked, and goes no further. Release again.</source>
        <translation>%1 a été modifié ou retiré depuis sa vérification et ne va pas plus loin. Diffusez à nouveau.</translation>
    </message>
    <message>
        <source>The window answers no more, so nobody can say whether the page goes on. What was taken until then is kept.</source>
        <translation>La fenêtre ne répond plus : nul ne peut dire si la page continue. Ce qui a été capturé jusque-là est conservé.</translation>
    </message>
    <message>
        <source>stands where names stand on the lines like it</source>
        <translation>se trouve là où des noms se trouvent sur les lignes semblables</translation>
    </message>
    <message>
        <source>stands where user names stand on the lines like it</source>
        <translation>se trouve là où des noms d’utilisateur se trouvent sur les lignes semblables</translation>
    </message>
    <message>
        <source>The desktop&apos;s key ring is locked, so this user&apos;s key file locks the case instead.</source>
        <translation>Le trousseau du bureau est verrouillé ; le dossier est donc verrouillé par le fichier de clé de cet utilisateur.</translation>
    </message>
    <message>
        <source>stands against somebody in a case</source>
        <translation>s’oppose à quelqu’un dans une affaire</translation>
    </message>
    <message>
        <source>Eyelid&apos;s own window did not go off the desk, so nothing was taken; try it again.</source>
        <translation>La fenêtre d’Eyelid n’a pas quitté le bureau, rien n’a donc été pris ; réessayez.</translation>
    </message>
    <message>
        <source>is a date of long ago beside a name</source>
        <translation>est une date lointaine à côté d&apos;un nom</translation>
    </message>
    <message>
        <source>is a town behind somebody&apos;s name</source>
        <translation>est une localité placée après le nom d&apos;une personne</translation>
    </message>
    <message>
        <source>goes on with the name above it</source>
        <translation>continue le nom placé au-dessus</translation>
    </message>
    <message>
        <source>is given to a command as its password</source>
        <translation>est donné à une commande comme mot de passe</translation>
    </message>
    <message>
        <source>is given to a command as the user&apos;s name</source>
        <translation>est donné à une commande comme nom d&apos;utilisateur</translation>
    </message>
    <message>
        <source>stands where a standard of messages has it</source>
        <translation>figure là où une norme de messages le prévoit</translation>
    </message>
    <message>
        <source>is spoken to by name</source>
        <translation>est une personne appelée par son nom</translation>
    </message>
    <message>
        <source>is written as whom something belongs to</source>
        <translation>est écrit comme la personne à qui quelque chose appartient</translation>
    </message>
    <message>
        <source>a code needs a text</source>
        <translation>un code a besoin d&apos;un texte</translation>
    </message>
    <message>
        <source>a sign needs a picture or a text</source>
        <translation>une signature a besoin d&apos;une image ou d&apos;un texte</translation>
    </message>
    <message>
        <source>its picture is no PNG in base64</source>
        <translation>son image n&apos;est pas un PNG en base64</translation>
    </message>
    <message>
        <source>“units_per_pixel” must be more than nothing</source>
        <translation>« units_per_pixel » doit être supérieur à zéro</translation>
    </message>
    <message>
        <source>its pressures are not all within 0 to 1</source>
        <translation>ses pressions ne sont pas toutes entre 0 et 1</translation>
    </message>
    <message>
        <source>it has too few points; it needs %1</source>
        <translation>elle a trop peu de points ; il lui en faut %1</translation>
    </message>
    <message>
        <source>it has more than %1 points</source>
        <translation>elle a plus de %1 points</translation>
    </message>
    <message>
        <source>a tint on words needs two points for each of its bands</source>
        <translation>une teinte sur des mots a besoin de deux points pour chacune de ses bandes</translation>
    </message>
    <message>
        <source>its text is longer than %1 characters</source>
        <translation>son texte dépasse %1 caractères</translation>
    </message>
    <message>
        <source>its picture is larger than %1 MB</source>
        <translation>son image dépasse %1 Mo</translation>
    </message>
    <message>
        <source>it needs as many pressures as points</source>
        <translation>il lui faut autant de pressions que de points</translation>
    </message>
    <message>
        <source>it has a number beyond %1</source>
        <translation>elle a un nombre au-delà de %1</translation>
    </message>
    <message>
        <source>its width is not within %1 to %2</source>
        <translation>sa largeur n&apos;est pas entre %1 et %2</translation>
    </message>
    <message>
        <source>the height of its text is not within %1 to %2</source>
        <translation>la hauteur de son texte n&apos;est pas entre %1 et %2</translation>
    </message>
    <message>
        <source>it can have no more than two heads</source>
        <translation>elle ne peut avoir plus de deux pointes</translation>
    </message>
    <message>
        <source>%1 has passed; name today or a later day.</source>
        <translation>Le %1 est passé ; indiquez aujourd&apos;hui ou un jour plus tardif.</translation>
    </message>
    <message>
        <source>Transparent in a PNG, and in a WebP without loss</source>
        <translation>Transparent en PNG et en WebP sans perte</translation>
    </message>
    <message>
        <source>That ground is transparent in a PNG, and in a WebP without loss</source>
        <translation>Ce fond est transparent en PNG et en WebP sans perte</translation>
    </message>
    <message>
        <source>Colour lies under what is transparent.</source>
        <translation>De la couleur se trouve sous ce qui est transparent.</translation>
    </message>
    <message>
        <source>is written as other plates here are</source>
        <translation>est écrit comme d’autres plaques ici</translation>
    </message>
    <message>
        <source>is a town behind somebody&apos;s user name</source>
        <translation>est une ville derrière un nom d’utilisateur</translation>
    </message>
    <message>
        <source>%1: whole, nothing under its transparent ground, nothing but the picture; nothing sensitive can be read.</source>
        <translation>%1 : entier, rien sous son fond transparent, rien que l’image ; rien de sensible n’est lisible.</translation>
    </message>
    <message>
        <source>A picture of %1 x %2 pixels takes %3 bytes at the least, and no more than %4 were asked for; crop it, or release it at a smaller size.</source>
        <translation>Une image de %1 x %2 pixels veut au moins %3 octets, et %4 au plus étaient demandés ; recadrez-la, ou diffusez-la plus petite.</translation>
    </message>
    <message>
        <source>%1 is damaged or was altered. What is intact was taken out, without what undo knew: %2.</source>
        <translation>%1 est endommagé ou modifié. Ce qui est intact a été sorti, sans ce qu’Annuler savait : %2.</translation>
    </message>
    <message>
        <source>a draft in the mail program (see that the files are attached: not every program takes them)</source>
        <translation>un brouillon dans la messagerie (vérifiez que les fichiers y sont joints : tous les logiciels ne les prennent pas)</translation>
    </message>
    <message>
        <source>stands in brackets behind the name it is made of</source>
        <translation>se trouve entre parenthèses derrière le nom dont il est formé</translation>
    </message>
    <message>
        <source>stands beside a post code</source>
        <translation>se trouve à côté d’un code postal</translation>
    </message>
    <message>
        <source>stands where a web server&apos;s log has it</source>
        <translation>se trouve là où le journal d’un serveur web le place</translation>
    </message>
    <message>
        <source>%1 “%2”</source>
        <translation>%1 « %2 »</translation>
    </message>
    <message>
        <source>stands beside the other half of somebody&apos;s name</source>
        <translation>est à côté de l’autre moitié d’un nom</translation>
    </message>
    <message>
        <source>stands over the label &quot;%1&quot;</source>
        <translation>est au-dessus de l’étiquette « %1 »</translation>
    </message>
    <message>
        <source>speaks, by given name</source>
        <translation>parle, sous son prénom</translation>
    </message>
    <message>
        <source>is a street over a list of its houses</source>
        <translation>est une rue au-dessus d’une liste de ses maisons</translation>
    </message>
    <message>
        <source>is written as names are, in words no language here has</source>
        <translation>est écrit comme un nom, en mots qu’aucune langue connue ici n’a</translation>
    </message>
    <message>
        <source>meets somebody alone</source>
        <translation>rencontre quelqu’un en tête-à-tête</translation>
    </message>
    <message>
        <source>is a password of a file of accounts</source>
        <translation>est un mot de passe d’un fichier de comptes</translation>
    </message>
    <message>
        <source>opens a sentence that says what somebody does</source>
        <translation>ouvre une phrase qui dit ce que fait quelqu’un</translation>
    </message>
    <message>
        <source>is whom a device is called after</source>
        <translation>est la personne dont un appareil porte le nom</translation>
    </message>
    <message>
        <source>did something at a time</source>
        <translation>a fait quelque chose à un moment donné</translation>
    </message>
    <message>
        <source>stands over a post code</source>
        <translation>se trouve au-dessus d’un code postal</translation>
    </message>
    <message>
        <source>is a place told by three words</source>
        <translation>est un lieu indiqué par trois mots</translation>
    </message>
    <message>
        <source>is an e-mail address spelt out</source>
        <translation>est une adresse e-mail écrite en toutes lettres</translation>
    </message>
    <message>
        <source>is a one-time code: it stands before words for one</source>
        <translation>est un code à usage unique : il précède des mots qui le disent</translation>
    </message>
    <message>
        <source>follows a word for a code</source>
        <translation>suit un mot désignant un code</translation>
    </message>
    <message>
        <source>is the name somebody had before</source>
        <translation>est le nom que quelqu’un portait auparavant</translation>
    </message>
    <message>
        <source>follows words for who it is or whom it is meant for</source>
        <translation>suit des mots disant qui c’est ou à qui cela s’adresse</translation>
    </message>
    <message>
        <source>stands behind a user&apos;s number</source>
        <translation>suit le numéro d’un utilisateur</translation>
    </message>
    <message>
        <source>%1 is larger than %2 kB, more than Eyelid opens.</source>
        <translation>%1 dépasse %2 ko, plus qu’Eyelid n’ouvre.</translation>
    </message>
    <message>
        <source>A passphrase needs %1 MB of memory for a moment, and there is less; close other programs and try again.</source>
        <translation>Une phrase secrète demande un instant %1 Mo de mémoire, et il y en a moins ; fermez d’autres programmes et réessayez.</translation>
    </message>
    <message>
        <source>“%1” was changed meanwhile and stays; look at it again.</source>
        <translation>« %1 » a changé entre-temps et reste ; regardez-le de nouveau.</translation>
    </message>
    <message>
        <source>is whom an appointment is with</source>
        <translation>est la personne d’un rendez-vous</translation>
    </message>
    <message>
        <source>is a date beside the age it makes</source>
        <translation>est une date à côté de l’âge qu’elle donne</translation>
    </message>
    <message>
        <source>is who lives, lies or sits there</source>
        <translation>est qui y habite, y est alité ou y siège</translation>
    </message>
    <message>
        <source>is a street over its town</source>
        <translation>est une rue au-dessus de sa ville</translation>
    </message>
    <message>
        <source>is where somebody is said to live</source>
        <translation>est indiqué comme domicile de quelqu’un</translation>
    </message>
    <message>
        <source>is said to live or to be born somewhere</source>
        <translation>est cité avec son domicile ou sa naissance</translation>
    </message>
    <message>
        <source>is a town under somebody&apos;s date of birth</source>
        <translation>est une localité sous la date de naissance de quelqu’un</translation>
    </message>
    <message>
        <source>is a town beside the ways to reach somebody</source>
        <translation>est une localité à côté des moyens de joindre quelqu’un</translation>
    </message>
    <message>
        <source>is made of a name found elsewhere on the screen</source>
        <translation>est formé d’un nom trouvé ailleurs à l’écran</translation>
    </message>
    <message>
        <source>is the code of what stands beside it</source>
        <translation>est le code de ce qui est indiqué à côté</translation>
    </message>
</context>
</TS>
