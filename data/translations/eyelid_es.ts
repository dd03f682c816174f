<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es_ES" sourcelanguage="en_GB">
<context>
    <name>Tr</name>
    <message>
        <source>Eyelid finds and covers what is personal or confidential on pictures of screens.</source>
        <translation>Eyelid encuentra y tacha lo personal o confidencial en imágenes de pantallas.</translation>
    </message>
    <message>
        <source>a number from %1 to %2 is expected, not %3</source>
        <translation>se espera un número de %1 a %2, no %3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a table</source>
        <translation>«%1» debe ser una tabla</translation>
    </message>
</context>
<context>
    <name>eyelid</name>
    <message>
        <source>Name of the case</source>
        <translation>Nombre del caso</translation>
    </message>
    <message>
        <source>The case&apos;s name; released files are named after it</source>
        <translation>El nombre del caso; los archivos entregados lo llevan</translation>
    </message>
    <message>
        <source>Search all words of the case</source>
        <translation>Buscar en todas las palabras del caso</translation>
    </message>
    <message>
        <source>Search (Ctrl+F); Enter for the next place, Shift+Enter for the one before</source>
        <translation>Buscar (Ctrl+F); Intro para el lugar siguiente, Mayús+Intro para el anterior</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menú</translation>
    </message>
    <message>
        <source>All commands and their keys (F10)</source>
        <translation>Todas las órdenes y sus teclas (F10)</translation>
    </message>
    <message>
        <source>nowhere</source>
        <translation>en ningún lugar</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
        <source>%n place(s)</source>
        <translation>
            <numerusform>un lugar</numerusform>
            <numerusform>%n lugares</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n capture(s)</source>
        <translation>
            <numerusform>una captura</numerusform>
            <numerusform>%n capturas</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>Not found on any capture that has been read</source>
        <translation>No está en ninguna captura leída</translation>
    </message>
    <message>
        <source>Captures came while the case was being opened; they are a case of their own now. Open the other one again.</source>
        <translation>Llegaron capturas mientras se abría el caso; ahora son un caso propio. Abra el otro de nuevo.</translation>
    </message>
    <message>
        <source>Another window</source>
        <translation>Otra ventana</translation>
    </message>
    <message>
        <source>%1 has this case open. Here it can be looked at; what is done here is not kept.</source>
        <translation>%1 tiene abierto este caso. Aquí se puede mirar; lo que se haga aquí no se guarda.</translation>
    </message>
    <message>
        <source>This case is in memory alone; it has no file yet.</source>
        <translation>Este caso está solo en memoria; aún no tiene archivo.</translation>
    </message>
    <message>
        <source>renaming the case</source>
        <translation>renombrar el caso</translation>
    </message>
    <message>
        <source>changing the day of destruction</source>
        <translation>cambiar el día de destrucción</translation>
    </message>
    <message>
        <source>Finding</source>
        <translation>Buscando</translation>
    </message>
    <message>
        <source>Looking for known values</source>
        <translation>Buscando valores conocidos</translation>
    </message>
    <message>
        <source>Reading the area</source>
        <translation>Leyendo el área</translation>
    </message>
    <message>
        <source>Trying the policy</source>
        <translation>Probando la política</translation>
    </message>
    <message>
        <source>A capture&apos;s picture cannot be read.</source>
        <translation>La imagen de una captura no se puede leer.</translation>
    </message>
    <message>
        <source>The check was stopped.</source>
        <translation>La comprobación se detuvo.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>La lectura se detuvo.</translation>
    </message>
    <message>
        <source>Today</source>
        <translation>Hoy</translation>
    </message>
    <message>
        <source>This week</source>
        <translation>Esta semana</translation>
    </message>
    <message>
        <source>The last two weeks</source>
        <translation>Las dos últimas semanas</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Antes</translation>
    </message>
    <message>
        <source>Locked or damaged</source>
        <translation>Cerrados o dañados</translation>
    </message>
    <message>
        <source>Thrown away</source>
        <translation>Desechados</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>Its passphrase opens it</source>
        <translation>Su frase de paso lo abre</translation>
    </message>
    <message numerus="yes">
        <source>%n not read</source>
        <translation>
            <numerusform>%n sin leer</numerusform>
            <numerusform>%n sin leer</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n open</source>
        <translation>
            <numerusform>%n abierto</numerusform>
            <numerusform>%n abiertos</numerusform>
        </translation>
    </message>
    <message>
        <source>all settled</source>
        <translation>todo decidido</translation>
    </message>
    <message numerus="yes">
        <source>gone for good in %n day(s)</source>
        <translation>
            <numerusform>se destruye del todo en un día</numerusform>
            <numerusform>se destruye del todo en %n días</numerusform>
        </translation>
    </message>
    <message>
        <source>no day of destruction</source>
        <translation>sin día de destrucción</translation>
    </message>
    <message>
        <source>due to be destroyed</source>
        <translation>por destruir</translation>
    </message>
    <message numerus="yes">
        <source>destroyed in %n day(s)</source>
        <translation>
            <numerusform>se destruye en un día</numerusform>
            <numerusform>se destruye en %n días</numerusform>
        </translation>
    </message>
    <message>
        <source>Found on %1</source>
        <translation>Encontrado en %1</translation>
    </message>
    <message>
        <source>Cases</source>
        <translation>Casos</translation>
    </message>
    <message>
        <source>Names of cases</source>
        <translation>Nombres de casos</translation>
    </message>
    <message>
        <source>Find a case</source>
        <translation>Buscar un caso</translation>
    </message>
    <message>
        <source>and words on their captures</source>
        <translation>y palabras de sus capturas</translation>
    </message>
    <message>
        <source>Back to the case</source>
        <translation>Volver al caso</translation>
    </message>
    <message>
        <source>Open a file…</source>
        <translation>Abrir un archivo…</translation>
    </message>
    <message>
        <source>Bring in a folder…</source>
        <translation>Traer una carpeta…</translation>
    </message>
    <message>
        <source>A case that was taken out as a folder</source>
        <translation>Un caso que se sacó como carpeta</translation>
    </message>
    <message>
        <source>New case</source>
        <translation>Caso nuevo</translation>
    </message>
    <message>
        <source>The first capture, with all that is open or covered hidden</source>
        <translation>La primera captura, con lo abierto o tachado oculto</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>Open in another window</source>
        <translation>Abrir en otra ventana</translation>
    </message>
    <message>
        <source>Take its captures into the open case</source>
        <translation>Pasar sus capturas al caso abierto</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Renombrar…</translation>
    </message>
    <message>
        <source>Put off its destruction…</source>
        <translation>Aplazar su destrucción…</translation>
    </message>
    <message>
        <source>Bring it back</source>
        <translation>Recuperarlo</translation>
    </message>
    <message>
        <source>Throw away</source>
        <translation>Desechar</translation>
    </message>
    <message>
        <source>Destroy…</source>
        <translation>Destruir…</translation>
    </message>
    <message>
        <source>Looking for cases…</source>
        <translation>Buscando casos…</translation>
    </message>
    <message>
        <source>Searching the words of all cases…</source>
        <translation>Buscando en las palabras de todos los casos…</translation>
    </message>
    <message>
        <source>No case is called “%1”, and none has it on a capture.</source>
        <translation>Ningún caso se llama «%1» ni lo tiene en una captura.</translation>
    </message>
    <message>
        <source>No case is called “%1”.</source>
        <translation>Ningún caso se llama «%1».</translation>
    </message>
    <message>
        <source>No cases yet. What you take or bring in becomes one, and is kept here, encrypted.</source>
        <translation>Aún no hay casos. Lo que capture o traiga será uno, y se guarda aquí, cifrado.</translation>
    </message>
    <message numerus="yes">
        <source>%n case(s) had their day and were destroyed, as was agreed.</source>
        <translation>
            <numerusform>A un caso le llegó su día y se destruyó, como se acordó.</numerusform>
            <numerusform>A %n casos les llegó su día y se destruyeron, como se acordó.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n case(s) are due to be destroyed. Releases, their logs and checksums stay.</source>
        <translation>
            <numerusform>Un caso está por destruir. Las entregas, sus registros y sumas quedan.</numerusform>
            <numerusform>%n casos están por destruir. Las entregas, sus registros y sumas quedan.</numerusform>
        </translation>
    </message>
    <message>
        <source>No picture yet</source>
        <translation>Aún sin imagen</translation>
    </message>
    <message>
        <source>Locked</source>
        <translation>Cerrado</translation>
    </message>
    <message>
        <source>Go on with it</source>
        <translation>Seguir con él</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Renombrar</translation>
    </message>
    <message>
        <source>The case&apos;s name:</source>
        <translation>Nombre del caso:</translation>
    </message>
    <message>
        <source>Destroy “%1”?</source>
        <translation>¿Destruir «%1»?</translation>
    </message>
    <message>
        <source>Its key is destroyed, then its file: nobody can read it again. A drive may still hold old blocks of it; without the key they say nothing.</source>
        <translation>Se destruye su clave y luego su archivo: nadie podrá leerlo. En el disco pueden quedar bloques viejos; sin la clave no dicen nada.</translation>
    </message>
    <message>
        <source>Destroy</source>
        <translation>Destruir</translation>
    </message>
    <message numerus="yes">
        <source>Destroy %n case(s)?</source>
        <translation>
            <numerusform>¿Destruir un caso?</numerusform>
            <numerusform>¿Destruir %n casos?</numerusform>
        </translation>
    </message>
    <message>
        <source>Put off its destruction</source>
        <translation>Aplazar su destrucción</translation>
    </message>
    <message>
        <source>Keep it until</source>
        <translation>Guardarlo hasta</translation>
    </message>
    <message>
        <source>Reason</source>
        <translation>Motivo</translation>
    </message>
    <message>
        <source>Put off</source>
        <translation>Aplazar</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Reintentar</translation>
    </message>
    <message>
        <source>Keep it elsewhere…</source>
        <translation>Guardarlo en otro sitio…</translation>
    </message>
    <message>
        <source>Where this case is kept</source>
        <translation>Dónde se guarda este caso</translation>
    </message>
    <message>
        <source>This case is in memory alone: %1</source>
        <translation>Este caso está solo en memoria: %1</translation>
    </message>
    <message>
        <source>Share of findings settled</source>
        <translation>Parte de hallazgos decididos</translation>
    </message>
    <message>
        <source>%1 % of findings are settled</source>
        <translation>%1 % de los hallazgos decididos</translation>
    </message>
    <message>
        <source>Open a case</source>
        <translation>Abrir un caso</translation>
    </message>
    <message>
        <source>That does not open it. Its passphrase:</source>
        <translation>Eso no lo abre. Su frase de paso:</translation>
    </message>
    <message>
        <source>The passphrase of %1:</source>
        <translation>La frase de paso de %1:</translation>
    </message>
    <message>
        <source>Passphrase of this case</source>
        <translation>Frase de paso de este caso</translation>
    </message>
    <message>
        <source>The key of this account opens the case: a file that is taken away stays shut, but whoever can read this account&apos;s files can open it. A passphrase opens it elsewhere as well, or instead; where it is forgotten nobody can help.</source>
        <translation>La clave de esta cuenta abre el caso: un archivo que se lleven queda cerrado, pero quien pueda leer los archivos de esta cuenta puede abrirlo. Una frase de paso lo abre también en otro sitio, o en su lugar; si se olvida, nadie puede ayudar.</translation>
    </message>
    <message>
        <source>Passphrase</source>
        <translation>Frase de paso</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Otra vez</translation>
    </message>
    <message>
        <source>Only the passphrase opens it, no longer this account by itself</source>
        <translation>Solo la frase de paso lo abre, ya no esta cuenta por sí sola</translation>
    </message>
    <message>
        <source>Leave as before</source>
        <translation>Dejar como estaba</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Fijar</translation>
    </message>
    <message numerus="yes">
        <source>At least %n signs; five words of different things are easy to remember.</source>
        <translation>
            <numerusform>Al menos un signo; cinco palabras de cosas distintas se recuerdan bien.</numerusform>
            <numerusform>Al menos %n signos; cinco palabras de cosas distintas se recuerdan bien.</numerusform>
        </translation>
    </message>
    <message>
        <source>Both must be the same.</source>
        <translation>Ambas deben ser iguales.</translation>
    </message>
    <message>
        <source>It will be asked for whenever the case is opened, and the case is listed without its name.</source>
        <translation>Se pedirá siempre al abrir, y el caso aparece sin su nombre.</translation>
    </message>
    <message>
        <source>This account goes on opening the case without it.</source>
        <translation>Esta cuenta sigue abriendo el caso sin ella.</translation>
    </message>
    <message>
        <source>%1, not read</source>
        <translation>%1, sin leer</translation>
    </message>
    <message>
        <source>not read</source>
        <translation>sin leer</translation>
    </message>
    <message>
        <source>Captures of the case</source>
        <translation>Capturas del caso</translation>
    </message>
    <message>
        <source>Copy into another case…</source>
        <translation>Copiar a otro caso…</translation>
    </message>
    <message>
        <source>Remove from the case</source>
        <translation>Quitar del caso</translation>
    </message>
    <message>
        <source>Capture and released picture side by side</source>
        <translation>Captura e imagen entregada, lado a lado</translation>
    </message>
    <message>
        <source>As it will leave</source>
        <translation>Como saldrá</translation>
    </message>
    <message>
        <source>Capture, stays here</source>
        <translation>Captura, se queda aquí</translation>
    </message>
    <message>
        <source>Back to the sheet</source>
        <translation>Volver a la hoja</translation>
    </message>
    <message>
        <source>Back to the sheet (Escape)</source>
        <translation>Volver a la hoja (Esc)</translation>
    </message>
    <message>
        <source>What the check found, file by file</source>
        <translation>Lo que halló la comprobación, archivo por archivo</translation>
    </message>
    <message>
        <source>Let pass…</source>
        <translation>Dejar pasar…</translation>
    </message>
    <message>
        <source>Let this one pass, with a reason that goes into the log</source>
        <translation>Dejar pasar este lugar, con un motivo que va al registro</translation>
    </message>
    <message>
        <source>Cover this place</source>
        <translation>Tachar este lugar</translation>
    </message>
    <message>
        <source>Why may this leave? The reason goes into the log:</source>
        <translation>¿Por qué puede salir esto? El motivo va al registro:</translation>
    </message>
    <message>
        <source>Let pass</source>
        <translation>Dejar pasar</translation>
    </message>
    <message>
        <source>%1 Give a reason without it:</source>
        <translation>%1 Dé un motivo que no lo diga:</translation>
    </message>
    <message>
        <source>%1  Let pass: %2</source>
        <translation>%1  Dejado pasar: %2</translation>
    </message>
    <message>
        <source>%1: whole, opaque, nothing but the picture; nothing sensitive can be read.</source>
        <translation>%1: entero, opaco, nada más que la imagen; nada sensible se puede leer.</translation>
    </message>
    <message numerus="yes">
        <source>Check passed: %n picture(s), all clean</source>
        <translation>
            <numerusform>Comprobación superada: una imagen, limpia</numerusform>
            <numerusform>Comprobación superada: %n imágenes, todas limpias</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Check failed: %n of %1 picture(s) still show(s) something</source>
        <translation>
            <numerusform>Comprobación fallida: %n imagen de %1 aún muestra algo</numerusform>
            <numerusform>Comprobación fallida: %n imágenes de %1 aún muestran algo</numerusform>
        </translation>
    </message>
    <message>
        <source>Each file was taken apart, read, read again with its contrast stretched, and searched for what the case covers. A release writes these very bytes.</source>
        <translation>Cada archivo se desarmó, se leyó, se releyó con el contraste estirado y se buscó en él lo que el caso tacha. Una entrega escribe estos mismos bytes.</translation>
    </message>
    <message>
        <source>Cover what is listed and check again, or let single places pass with a reason.</source>
        <translation>Tache lo que se enumera y compruebe de nuevo, o deje pasar lugares con un motivo.</translation>
    </message>
    <message>
        <source>What stands in the way of a release</source>
        <translation>Lo que impide una entrega</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Avance</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Detener</translation>
    </message>
    <message>
        <source>Stop reading or checking (Ctrl+.)</source>
        <translation>Detener la lectura o la comprobación (Ctrl+.)</translation>
    </message>
    <message>
        <source>Stop reading or checking</source>
        <translation>Detener la lectura o la comprobación</translation>
    </message>
    <message>
        <source>Read now</source>
        <translation>Leer ahora</translation>
    </message>
    <message>
        <source>Read the captures whose reading was stopped or failed (Ctrl+R)</source>
        <translation>Leer las capturas cuya lectura se detuvo o falló (Ctrl+R)</translation>
    </message>
    <message>
        <source>Cover them</source>
        <translation>Tacharlos</translation>
    </message>
    <message>
        <source>Cover the open findings that marks lie over</source>
        <translation>Tachar los hallazgos abiertos bajo marcas</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Comprobar</translation>
    </message>
    <message>
        <source>Make the pictures as they will leave, read them again and search them (Ctrl+Return)</source>
        <translation>Hacer las imágenes como saldrán, releerlas y buscar en ellas (Ctrl+Intro)</translation>
    </message>
    <message>
        <source>Release…</source>
        <translation>Entregar…</translation>
    </message>
    <message>
        <source>Hand the checked pictures and their log on (Ctrl+Shift+Return)</source>
        <translation>Pasar las imágenes comprobadas y su registro (Ctrl+Mayús+Intro)</translation>
    </message>
    <message>
        <source>Waiting</source>
        <translation>Esperando</translation>
    </message>
    <message>
        <source>%1 …</source>
        <translation>%1 …</translation>
    </message>
    <message numerus="yes">
        <source>%n place(s) look like text but could not be read</source>
        <translation>
            <numerusform>un lugar parece texto y no se pudo leer</numerusform>
            <numerusform>%n lugares parecen texto y no se pudieron leer</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n question(s) to a colleague</source>
        <translation>
            <numerusform>una pregunta a un colega</numerusform>
            <numerusform>%n preguntas a colegas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n capture(s) not read</source>
        <translation>
            <numerusform>una captura sin leer</numerusform>
            <numerusform>%n capturas sin leer</numerusform>
        </translation>
    </message>
    <message>
        <source>not looked over by a second officer</source>
        <translation>sin revisar por un segundo agente</translation>
    </message>
    <message>
        <source>check failed</source>
        <translation>comprobación fallida</translation>
    </message>
    <message>
        <source>check not run</source>
        <translation>sin comprobar</translation>
    </message>
    <message>
        <source>J goes to the next; C covers it, E keeps it.</source>
        <translation>J va al siguiente; C lo tacha, E lo conserva.</translation>
    </message>
    <message>
        <source>Another officer opens the case, looks at what is decided and agrees (menu Decide).</source>
        <translation>Otro agente abre el caso, mira lo decidido y lo aprueba (menú Decidir).</translation>
    </message>
    <message>
        <source>Cover what was found, or let it pass with a reason.</source>
        <translation>Tache lo hallado, o déjelo pasar con un motivo.</translation>
    </message>
    <message>
        <source>All findings are settled. Check the pictures as they will be written.</source>
        <translation>Todo está decidido. Compruebe las imágenes como se escribirán.</translation>
    </message>
    <message numerus="yes">
        <source>%1: lies over %n open finding(s) and hides none of them.</source>
        <translation>
            <numerusform>%1: está sobre un hallazgo abierto y no lo oculta.</numerusform>
            <numerusform>%1: está sobre %n hallazgos abiertos y no oculta ninguno.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: lies over %n kept finding(s) and hides none of them.</source>
        <translation>
            <numerusform>%1: está sobre un hallazgo conservado y no lo oculta.</numerusform>
            <numerusform>%1: está sobre %n hallazgos conservados y no oculta ninguno.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing to release yet</source>
        <translation>Nada que entregar aún</translation>
    </message>
    <message>
        <source>Take or bring in a capture to begin.</source>
        <translation>Capture o traiga algo para empezar.</translation>
    </message>
    <message>
        <source>Checked; ready to release</source>
        <translation>Comprobado; listo para entregar</translation>
    </message>
    <message>
        <source>In credit, though a bill is due on 2 January</source>
        <translation>Con saldo a favor, aunque vence una factura el 2 de enero</translation>
    </message>
    <message>
        <source>The tool stays on after a mark</source>
        <translation>La herramienta sigue tras una marca</translation>
    </message>
    <message>
        <source>Ratio of the crop</source>
        <translation>Proporción del recorte</translation>
    </message>
    <message>
        <source>Any ratio</source>
        <translation>Cualquier proporción</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>Straightened by, clockwise</source>
        <translation>Enderezado, en sentido horario</translation>
    </message>
    <message>
        <source>Code</source>
        <translation>Código</translation>
    </message>
    <message>
        <source>What the QR code says:</source>
        <translation>Lo que dice el código QR:</translation>
    </message>
    <message>
        <source>This text is too long for a QR code.</source>
        <translation>Este texto es demasiado largo para un código QR.</translation>
    </message>
    <message>
        <source>writing on a mark</source>
        <translation>escribir en una marca</translation>
    </message>
    <message>
        <source>aligning marks</source>
        <translation>alinear marcas</translation>
    </message>
    <message>
        <source>spreading marks</source>
        <translation>repartir marcas</translation>
    </message>
    <message>
        <source>turning marks</source>
        <translation>girar marcas</translation>
    </message>
    <message>
        <source>locking marks</source>
        <translation>bloquear marcas</translation>
    </message>
    <message>
        <source>unlocking marks</source>
        <translation>desbloquear marcas</translation>
    </message>
    <message>
        <source>The clipboard</source>
        <translation>El portapapeles</translation>
    </message>
    <message>
        <source>changing a mark</source>
        <translation>cambiar una marca</translation>
    </message>
    <message>
        <source>Drag what is to be shown; two clicks take a panel, Ctrl and a line make it level, Escape ends</source>
        <translation>Arrastre lo que se ha de ver; dos clics toman un panel, Ctrl y una línea enderezan, Esc termina</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Izquierda</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Arriba</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Derecha</translation>
    </message>
    <message>
        <source>Bottom</source>
        <translation>Abajo</translation>
    </message>
    <message>
        <source>Framing</source>
        <translation>Encuadre</translation>
    </message>
    <message>
        <source>All of it, as it was taken</source>
        <translation>Todo, como se capturó</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>White</source>
        <translation>Blanco</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>Oat</source>
        <translation>Avena</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>Tinta</translation>
    </message>
    <message>
        <source>Aubergine</source>
        <translation>Berenjena</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Gris</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Negro</translation>
    </message>
    <message>
        <source>From the left</source>
        <translation>Desde la izquierda</translation>
    </message>
    <message>
        <source>From the top</source>
        <translation>Desde arriba</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Alto</translation>
    </message>
    <message>
        <source>Shown: left, top</source>
        <translation>Visto: izquierda, arriba</translation>
    </message>
    <message>
        <source>Width, height</source>
        <translation>Ancho, alto</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Tal cual</translation>
    </message>
    <message>
        <source>Percent</source>
        <translation>Por ciento</translation>
    </message>
    <message>
        <source>Longest side</source>
        <translation>Lado mayor</translation>
    </message>
    <message>
        <source>Percent or pixels</source>
        <translation>Por ciento o píxeles</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Recto</translation>
    </message>
    <message>
        <source>Wave</source>
        <translation>Onda</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Escalones</translation>
    </message>
    <message>
        <source>Fade</source>
        <translation>Desvanecido</translation>
    </message>
    <message>
        <source>Edge of the excerpt</source>
        <translation>Borde del extracto</translation>
    </message>
    <message>
        <source>On its sides</source>
        <translation>En sus lados</translation>
    </message>
    <message>
        <source>More ground: left, top</source>
        <translation>Más fondo: izquierda, arriba</translation>
    </message>
    <message>
        <source>Right, bottom</source>
        <translation>Derecha, abajo</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Width of the border</source>
        <translation>Ancho del marco</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Marco</translation>
    </message>
    <message>
        <source>Radius of the corners</source>
        <translation>Radio de las esquinas</translation>
    </message>
    <message>
        <source>How far the shadow reaches</source>
        <translation>Alcance de la sombra</translation>
    </message>
    <message>
        <source>Corners, shadow</source>
        <translation>Esquinas, sombra</translation>
    </message>
    <message>
        <source>moving marks</source>
        <translation>mover marcas</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>Pine</source>
        <translation>Pino</translation>
    </message>
    <message>
        <source>Brick</source>
        <translation>Ladrillo</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Sol</translation>
    </message>
    <message>
        <source>Bent</source>
        <translation>Quebrada</translation>
    </message>
    <message>
        <source>Curved</source>
        <translation>Curva</translation>
    </message>
    <message>
        <source>Rectangle</source>
        <translation>Rectángulo</translation>
    </message>
    <message>
        <source>Rounded</source>
        <translation>Redondeado</translation>
    </message>
    <message>
        <source>Ellipse</source>
        <translation>Elipse</translation>
    </message>
    <message>
        <source>Arc</source>
        <translation>Arco</translation>
    </message>
    <message>
        <source>On words</source>
        <translation>Sobre palabras</translation>
    </message>
    <message>
        <source>Freehand</source>
        <translation>A mano alzada</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Distancia</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Horizontal</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Vertical</translation>
    </message>
    <message>
        <source>Sides and area</source>
        <translation>Lados y área</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Ángulo</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>Form of the mark</source>
        <translation>Forma de la marca</translation>
    </message>
    <message>
        <source>Colour of the mark</source>
        <translation>Color de la marca</translation>
    </message>
    <message>
        <source>Ground inside the mark</source>
        <translation>Fondo dentro de la marca</translation>
    </message>
    <message>
        <source>Width of its strokes, pixels</source>
        <translation>Ancho de sus trazos, píxeles</translation>
    </message>
    <message>
        <source>Pattern of its line</source>
        <translation>Trama de su línea</translation>
    </message>
    <message>
        <source>Plain</source>
        <translation>Continua</translation>
    </message>
    <message>
        <source>Dashed</source>
        <translation>Rayas</translation>
    </message>
    <message>
        <source>Dotted</source>
        <translation>Puntos</translation>
    </message>
    <message>
        <source>Size of its type, pixels</source>
        <translation>Tamaño de su letra, píxeles</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>More of how it looks, and looks of your own</source>
        <translation>Más aspecto, y aspectos propios</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Ninguno</translation>
    </message>
    <message>
        <source>Other…</source>
        <translation>Otro…</translation>
    </message>
    <message>
        <source>changing how marks look</source>
        <translation>cambiar el aspecto de marcas</translation>
    </message>
    <message>
        <source>Points to a place</source>
        <translation>Señala un lugar</translation>
    </message>
    <message>
        <source>Write its text…</source>
        <translation>Escribir su texto…</translation>
    </message>
    <message>
        <source>Letters instead of numbers</source>
        <translation>Letras en vez de números</translation>
    </message>
    <message>
        <source>Stays as a mark</source>
        <translation>Queda como marca</translation>
    </message>
    <message>
        <source>This length is known…</source>
        <translation>Esta longitud es conocida…</translation>
    </message>
    <message>
        <source>Another signature…</source>
        <translation>Otra firma…</translation>
    </message>
    <message>
        <source>No head</source>
        <translation>Sin punta</translation>
    </message>
    <message>
        <source>One head</source>
        <translation>Una punta</translation>
    </message>
    <message>
        <source>Two heads</source>
        <translation>Dos puntas</translation>
    </message>
    <message>
        <source>Regular</source>
        <translation>Normal</translation>
    </message>
    <message>
        <source>Semi-bold</source>
        <translation>Seminegra</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Negra</translation>
    </message>
    <message>
        <source>Of one width</source>
        <translation>De un ancho</translation>
    </message>
    <message>
        <source>From the start</source>
        <translation>Al inicio</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>Al centro</translation>
    </message>
    <message>
        <source>To the end</source>
        <translation>Al final</translation>
    </message>
    <message>
        <source>Forget a look</source>
        <translation>Olvidar un aspecto</translation>
    </message>
    <message>
        <source>Keep this look as…</source>
        <translation>Recordar el aspecto como…</translation>
    </message>
    <message>
        <source>Keep this look</source>
        <translation>Recordar el aspecto</translation>
    </message>
    <message>
        <source>What it is called:</source>
        <translation>Su nombre:</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Como vino</translation>
    </message>
    <message>
        <source>Known length</source>
        <translation>Longitud conocida</translation>
    </message>
    <message>
        <source>What %1 pixels are, with its unit (&quot;25 mm&quot;); empty for pixels:</source>
        <translation>Cuánto son %1 píxeles, con su unidad («25 mm»); vacío para píxeles:</translation>
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
        <translation>  contraste %1:1</translation>
    </message>
    <message>
        <source>Drag from where to where it points; Shift holds its angle, Escape ends</source>
        <translation>Arrastre desde dónde hasta dónde señala; Mayús fija el ángulo, Esc termina</translation>
    </message>
    <message>
        <source>Drag a line; Shift holds its angle, Escape ends</source>
        <translation>Arrastre una línea; Mayús fija el ángulo, Esc termina</translation>
    </message>
    <message>
        <source>Drag around what matters; Shift makes it even, Escape ends</source>
        <translation>Arrastre alrededor de lo que importa; Mayús iguala, Esc termina</translation>
    </message>
    <message>
        <source>Draw; hold still at the end for a straight line, Alt takes strokes away, Escape ends</source>
        <translation>Dibuje; quieto al final da una recta, Alt quita trazos, Esc termina</translation>
    </message>
    <message>
        <source>Sweep over words to tint them; Escape ends</source>
        <translation>Barra palabras para teñirlas; Esc termina</translation>
    </message>
    <message>
        <source>Click, or drag a box, to write there; Escape ends</source>
        <translation>Haga clic, o arrastre un cuadro, para escribir; Esc termina</translation>
    </message>
    <message>
        <source>Click where the next step is; Escape ends</source>
        <translation>Haga clic donde va el paso siguiente; Esc termina</translation>
    </message>
    <message>
        <source>Drag around what is to be seen larger; Escape ends</source>
        <translation>Arrastre alrededor de lo que se ha de ver mayor; Esc termina</translation>
    </message>
    <message>
        <source>Click an end, the corner and the other end; Escape ends</source>
        <translation>Clic en un extremo, la esquina y el otro extremo; Esc termina</translation>
    </message>
    <message>
        <source>Drag to measure; ends go to edges unless Alt is held, Escape ends</source>
        <translation>Arrastre para medir; los extremos van a los bordes salvo con Alt, Esc termina</translation>
    </message>
    <message>
        <source>Click where the signature stands; Escape ends</source>
        <translation>Clic donde va la firma; Esc termina</translation>
    </message>
    <message>
        <source>Click where the code stands; Escape ends</source>
        <translation>Clic donde va el código; Esc termina</translation>
    </message>
    <message>
        <source>Text of the mark</source>
        <translation>Texto de la marca</translation>
    </message>
    <message>
        <source>Write; Ctrl+Enter ends</source>
        <translation>Escriba; Ctrl+Intro termina</translation>
    </message>
    <message>
        <source>The capture and the lines it is cut along</source>
        <translation>La captura y las líneas por donde se corta</translation>
    </message>
    <message>
        <source>Cut into parts</source>
        <translation>Cortar en partes</translation>
    </message>
    <message>
        <source>Level lines</source>
        <translation>Líneas horizontales</translation>
    </message>
    <message>
        <source>Upright lines</source>
        <translation>Líneas verticales</translation>
    </message>
    <message>
        <source>What a click on the picture puts</source>
        <translation>Lo que pone un clic en la imagen</translation>
    </message>
    <message>
        <source>Columns</source>
        <translation>Columnas</translation>
    </message>
    <message>
        <source>Rows</source>
        <translation>Filas</translation>
    </message>
    <message>
        <source>A click puts</source>
        <translation>Un clic pone</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s), each a capture of its own; this one stays.</source>
        <translation>
            <numerusform>Una parte, captura propia; esta queda.</numerusform>
            <numerusform>%n partes, cada una captura propia; esta queda.</numerusform>
        </translation>
    </message>
    <message>
        <source>Draw your signature here</source>
        <translation>Dibuje aquí su firma</translation>
    </message>
    <message>
        <source>Your signature</source>
        <translation>Su firma</translation>
    </message>
    <message>
        <source>Draw it once, or choose a picture. It is kept encrypted in your own data folder.</source>
        <translation>Dibújela una vez, o elija una imagen. Se guarda cifrada en sus datos.</translation>
    </message>
    <message>
        <source>Today&apos;s date below it</source>
        <translation>La fecha de hoy debajo</translation>
    </message>
    <message>
        <source>Use it</source>
        <translation>Usarla</translation>
    </message>
    <message>
        <source>A picture…</source>
        <translation>Una imagen…</translation>
    </message>
    <message>
        <source>Anew</source>
        <translation>De nuevo</translation>
    </message>
    <message>
        <source>Forget it</source>
        <translation>Olvidarla</translation>
    </message>
    <message>
        <source>Takes it away from your data folder; what is signed already stays so</source>
        <translation>La quita de sus datos; lo firmado queda firmado</translation>
    </message>
    <message>
        <source>A picture of your signature</source>
        <translation>Una imagen de su firma</translation>
    </message>
    <message>
        <source>Pictures (*.png *.webp *.gif)</source>
        <translation>Imágenes (*.png *.webp *.gif)</translation>
    </message>
    <message>
        <source>This is no picture that can be read.</source>
        <translation>No es una imagen legible.</translation>
    </message>
    <message>
        <source>Put captures together</source>
        <translation>Juntar capturas</translation>
    </message>
    <message>
        <source>Captures to be put together; drag them into their order</source>
        <translation>Capturas que se juntan; arrástrelas a su orden</translation>
    </message>
    <message>
        <source>Side by side</source>
        <translation>Lado a lado</translation>
    </message>
    <message>
        <source>Below each other</source>
        <translation>Una bajo otra</translation>
    </message>
    <message>
        <source>In a grid</source>
        <translation>En cuadrícula</translation>
    </message>
    <message>
        <source>At the start</source>
        <translation>Al inicio</translation>
    </message>
    <message>
        <source>At the end</source>
        <translation>Al final</translation>
    </message>
    <message>
        <source>Scaled to one size</source>
        <translation>A un mismo tamaño</translation>
    </message>
    <message>
        <source>Their names above them</source>
        <translation>Sus nombres encima</translation>
    </message>
    <message>
        <source>Then the captures&apos; names leave with the picture.</source>
        <translation>Entonces los nombres de las capturas salen con la imagen.</translation>
    </message>
    <message>
        <source>Numbered</source>
        <translation>Numeradas</translation>
    </message>
    <message>
        <source>Arranged</source>
        <translation>Disposición</translation>
    </message>
    <message>
        <source>Aligned</source>
        <translation>Alineación</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Separación</translation>
    </message>
    <message>
        <source>How they will stand</source>
        <translation>Cómo quedarán</translation>
    </message>
    <message>
        <source>A capture of its own: what was found and decided stands on it and can be changed.</source>
        <translation>Una captura propia: lo hallado y decidido está en ella y se puede cambiar.</translation>
    </message>
    <message>
        <source>Put together</source>
        <translation>Juntar</translation>
    </message>
    <message>
        <source>Change this finding</source>
        <translation>Cambiar este hallazgo</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valor</translation>
    </message>
    <message>
        <source>Legal ground or reason code; stands in the log</source>
        <translation>Base legal o código de motivo; va al registro</translation>
    </message>
    <message>
        <source>Why it is sensitive, without the value; stands in the log</source>
        <translation>Por qué es sensible, sin el valor; va al registro</translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation>&amp;Clase</translation>
    </message>
    <message>
        <source>&amp;Ground</source>
        <translation>&amp;Base legal</translation>
    </message>
    <message>
        <source>&amp;Reason: it</source>
        <translation>&amp;Motivo: esto</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Cambiar</translation>
    </message>
    <message>
        <source>Style of the cover</source>
        <translation>Estilo del tachado</translation>
    </message>
    <message>
        <source>Colour of the cover</source>
        <translation>Color del tachado</translation>
    </message>
    <message>
        <source>A cover in the colour of the ground does not show that something was covered; the log does.</source>
        <translation>Un tachado del color del fondo no muestra que se tachó algo; el registro sí.</translation>
    </message>
    <message>
        <source>Strength of mosaic or blur</source>
        <translation>Fuerza del mosaico o desenfoque</translation>
    </message>
    <message>
        <source>How coarse the mosaic or blur is. It hides the same at any strength: nothing of the text is in it.</source>
        <translation>Lo grueso que es el mosaico o desenfoque. Oculta lo mismo con toda fuerza: nada del texto está en él.</translation>
    </message>
    <message>
        <source>Which findings</source>
        <translation>Qué hallazgos</translation>
    </message>
    <message>
        <source>In the whole case</source>
        <translation>En todo el caso</translation>
    </message>
    <message>
        <source>On this capture</source>
        <translation>En esta captura</translation>
    </message>
    <message>
        <source>Of the selected one&apos;s kind</source>
        <translation>De la clase del elegido</translation>
    </message>
    <message>
        <source>Of the selected one&apos;s value</source>
        <translation>Del valor del elegido</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message numerus="yes">
        <source>Cover %n</source>
        <translation>
            <numerusform>Tachar %n</numerusform>
            <numerusform>Tachar %n</numerusform>
        </translation>
    </message>
    <message>
        <source>How sure a finding must be</source>
        <translation>Lo seguro que debe ser un hallazgo</translation>
    </message>
    <message>
        <source>Cover what is open</source>
        <translation>Tachar lo abierto</translation>
    </message>
    <message>
        <source>Keep what is open</source>
        <translation>Conservar lo abierto</translation>
    </message>
    <message>
        <source>from %1 % sure</source>
        <translation>seguro desde %1 %</translation>
    </message>
    <message>
        <source>Nothing is open there.</source>
        <translation>Ahí no hay nada abierto.</translation>
    </message>
    <message>
        <source>%1 of %2 that are open, on %3. They are marked on the sheet.</source>
        <translation>%1 de %2 abiertos, en %3. Están señalados en la hoja.</translation>
    </message>
    <message numerus="yes">
        <source>Keep %n</source>
        <translation>
            <numerusform>Conservar %n</numerusform>
            <numerusform>Conservar %n</numerusform>
        </translation>
    </message>
    <message>
        <source>Note for yourself; never in the log</source>
        <translation>Nota para usted; nunca en el registro</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>Question for a colleague; keeps it open</source>
        <translation>Pregunta a un colega; lo deja abierto</translation>
    </message>
    <message>
        <source>Question</source>
        <translation>Pregunta</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Cambiar…</translation>
    </message>
    <message>
        <source>Another kind, ground or reason (F4)</source>
        <translation>Otra clase, base o motivo (F4)</translation>
    </message>
    <message>
        <source>%1 (%2). With Shift all of the same value, with Alt all of the kind.</source>
        <translation>%1 (%2). Con Mayús todos los del mismo valor, con Alt todos los de la clase.</translation>
    </message>
    <message>
        <source>%1 this finding</source>
        <translation>%1 este hallazgo</translation>
    </message>
    <message>
        <source>Cover</source>
        <translation>Tachar</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Conservar</translation>
    </message>
    <message>
        <source>What is sensitive on your captures is listed here, with the reason for each.</source>
        <translation>Lo sensible de sus capturas se enumera aquí, con su motivo.</translation>
    </message>
    <message>
        <source>Press J to go to the first finding.</source>
        <translation>Pulse J para ir al primer hallazgo.</translation>
    </message>
    <message>
        <source>Nothing is found before the captures are read.</source>
        <translation>Nada se halla antes de leer las capturas.</translation>
    </message>
    <message>
        <source>Nothing sensitive was found. Look yourself before it leaves.</source>
        <translation>Nada sensible hallado. Mire usted antes de que salga.</translation>
    </message>
    <message>
        <source>Place %1 of %2, on %3</source>
        <translation>Lugar %1 de %2, en %3</translation>
    </message>
    <message>
        <source>On %1</source>
        <translation>En %1</translation>
    </message>
    <message>
        <source>%1 · cut away by the crop</source>
        <translation>%1 · quitado por el recorte</translation>
    </message>
    <message>
        <source>%1 · under a cover drawn by hand</source>
        <translation>%1 · bajo un tachado a mano</translation>
    </message>
    <message>
        <source>%1 · decided by %2</source>
        <translation>%1 · decidido por %2</translation>
    </message>
    <message>
        <source>%1 · asked by %2</source>
        <translation>%1 · preguntado por %2</translation>
    </message>
    <message>
        <source>%1 · %2 % sure</source>
        <translation>%1 · %2 % seguro</translation>
    </message>
    <message>
        <source>Why: it %1.</source>
        <translation>Motivo: %1.</translation>
    </message>
    <message>
        <source>Why: it %1.
Ground: %2</source>
        <translation>Motivo: %1.
Base legal: %2</translation>
    </message>
    <message>
        <source>Area</source>
        <translation>Área</translation>
    </message>
    <message>
        <source>Covered by hand; Delete removes it</source>
        <translation>Tachado a mano; Supr lo quita</translation>
    </message>
    <message>
        <source>Covered by hand</source>
        <translation>Tachado a mano</translation>
    </message>
    <message>
        <source>%1 · asked</source>
        <translation>%1 · preguntado</translation>
    </message>
    <message>
        <source>%1 %2 × %3</source>
        <translation>%1 %2 × %3</translation>
    </message>
    <message>
        <source>asked</source>
        <translation>preguntado</translation>
    </message>
    <message>
        <source>open</source>
        <translation>abierto</translation>
    </message>
    <message>
        <source>covered</source>
        <translation>tachado</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>conservado</translation>
    </message>
    <message>
        <source>Area %1 × %2</source>
        <translation>Área %1 × %2</translation>
    </message>
    <message>
        <source>%1, covered by hand</source>
        <translation>%1, tachada a mano</translation>
    </message>
    <message>
        <source>%1, %2, %3, %4</source>
        <translation>%1, %2, %3, %4</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Hallazgos</translation>
    </message>
    <message>
        <source>Only values with …</source>
        <translation>Solo valores con …</translation>
    </message>
    <message>
        <source>Show findings with these letters</source>
        <translation>Mostrar hallazgos con estas letras</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Orden</translation>
    </message>
    <message>
        <source>In which order findings are listed, and of which capture</source>
        <translation>En qué orden van los hallazgos, y de qué captura</translation>
    </message>
    <message>
        <source>Order of the findings</source>
        <translation>Orden de los hallazgos</translation>
    </message>
    <message>
        <source>As they stand on the captures</source>
        <translation>Como están en las capturas</translation>
    </message>
    <message>
        <source>By kind</source>
        <translation>Por clase</translation>
    </message>
    <message>
        <source>What is unsure first</source>
        <translation>Lo inseguro primero</translation>
    </message>
    <message>
        <source>What is surest first</source>
        <translation>Lo más seguro primero</translation>
    </message>
    <message>
        <source>What stands in most places first</source>
        <translation>Lo más repetido primero</translation>
    </message>
    <message>
        <source>Only of the capture that is shown</source>
        <translation>Solo de la captura mostrada</translation>
    </message>
    <message>
        <source>Sure or not</source>
        <translation>Seguros o no</translation>
    </message>
    <message>
        <source>Only from 90 % sure</source>
        <translation>Solo desde 90 % seguros</translation>
    </message>
    <message>
        <source>Only below 90 % sure</source>
        <translation>Solo bajo 90 % seguros</translation>
    </message>
    <message>
        <source>Show findings of this state</source>
        <translation>Mostrar hallazgos en este estado</translation>
    </message>
    <message>
        <source>All states</source>
        <translation>Todo estado</translation>
    </message>
    <message>
        <source>Covered</source>
        <translation>Tachado</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Conservado</translation>
    </message>
    <message>
        <source>Asked</source>
        <translation>Preguntado</translation>
    </message>
    <message>
        <source>Show findings of this kind</source>
        <translation>Mostrar hallazgos de esta clase</translation>
    </message>
    <message>
        <source>All kinds</source>
        <translation>Toda clase</translation>
    </message>
    <message>
        <source>Area covered by hand</source>
        <translation>Área tachada a mano</translation>
    </message>
    <message>
        <source>Findings by value</source>
        <translation>Hallazgos por valor</translation>
    </message>
    <message>
        <source>Policies</source>
        <translation>Políticas</translation>
    </message>
    <message>
        <source>&amp;Never findings: your own addresses, hotlines, public names; one a line, patterns between slashes</source>
        <translation>&amp;Nunca hallazgos: direcciones propias, líneas de ayuda, nombres públicos; uno por línea, patrones entre barras</translation>
    </message>
    <message>
        <source>&amp;Colour of solid covers</source>
        <translation>&amp;Color de los tachados lisos</translation>
    </message>
    <message>
        <source>Stand-ins bear a small mark that says so</source>
        <translation>Los valores sustitutos llevan una pequeña marca</translation>
    </message>
    <message>
        <source>Labels tell the ground</source>
        <translation>Las etiquetas dicen la base legal</translation>
    </message>
    <message>
        <source>Look for</source>
        <translation>Buscar</translation>
    </message>
    <message>
        <source>At least sure</source>
        <translation>Seguro al menos</translation>
    </message>
    <message>
        <source>Style</source>
        <translation>Estilo</translation>
    </message>
    <message>
        <source>Ground for covering</source>
        <translation>Base del tachado</translation>
    </message>
    <message>
        <source>Kinds of the policy</source>
        <translation>Clases de la política</translation>
    </message>
    <message>
        <source>%1: least confidence</source>
        <translation>%1: seguridad mínima</translation>
    </message>
    <message>
        <source>%1: style of the cover</source>
        <translation>%1: estilo del tachado</translation>
    </message>
    <message>
        <source>%1: legal ground or reason code</source>
        <translation>%1: base legal o código de motivo</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Guardar como…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Use for this case</source>
        <translation>Usar en este caso</translation>
    </message>
    <message>
        <source>Open a policy</source>
        <translation>Abrir una política</translation>
    </message>
    <message>
        <source>Policies (*.toml)</source>
        <translation>Políticas (*.toml)</translation>
    </message>
    <message>
        <source>A pattern of this policy finds it</source>
        <translation>Un patrón de esta política lo halla</translation>
    </message>
    <message>
        <source>The effect is shown as soon as the capture has been read.</source>
        <translation>El efecto se muestra en cuanto se lea la captura.</translation>
    </message>
    <message>
        <source>Open a capture to see what a policy finds on it.</source>
        <translation>Abra una captura para ver qué halla en ella una política.</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 más</translation>
    </message>
    <message>
        <source>%1, now %2</source>
        <translation>%1, ahora %2</translation>
    </message>
    <message>
        <source>On %1 this policy finds %2; the case&apos;s finds %3.</source>
        <translation>En %1 esta política halla %2; la del caso, %3.</translation>
    </message>
    <message>
        <source>The case uses this policy; on %1 it finds %2.</source>
        <translation>El caso usa esta política; en %1 halla %2.</translation>
    </message>
    <message>
        <source>%1, tuned</source>
        <translation>%1, ajustada</translation>
    </message>
    <message>
        <source>Save the policy</source>
        <translation>Guardar la política</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be the name of a policy of your own; choose another.</source>
        <translation>«%1» no puede ser el nombre de una política propia; elija otro.</translation>
    </message>
    <message>
        <source>There is a policy &quot;%1&quot; already. Replace it?</source>
        <translation>Ya hay una política «%1». ¿Sustituirla?</translation>
    </message>
    <message>
        <source>The policy could not be written to %1: %2.</source>
        <translation>La política no se pudo escribir en %1: %2.</translation>
    </message>
    <message>
        <source>What was written</source>
        <translation>Lo que se escribió</translation>
    </message>
    <message>
        <source>Eyelid finds and covers what is personal or confidential on pictures of screens.</source>
        <translation>Eyelid encuentra y tacha lo personal o confidencial en imágenes de pantallas.</translation>
    </message>
    <message>
        <source>Pictures to bring in, or a case to open.</source>
        <translation>Imágenes que traer, o un caso que abrir.</translation>
    </message>
    <message>
        <source>[files…]</source>
        <translation>[archivos…]</translation>
    </message>
    <message>
        <source>The policy, by its name, or a TOML file.</source>
        <translation>La política, por su nombre, o un archivo TOML.</translation>
    </message>
    <message>
        <source>Take at once: %1.</source>
        <translation>Capturar enseguida: %1.</translation>
    </message>
    <message>
        <source>Bring in what is on the clipboard.</source>
        <translation>Traer lo que hay en el portapapeles.</translation>
    </message>
    <message>
        <source>In a window of its own, though one is open.</source>
        <translation>En una ventana propia, aunque haya una abierta.</translation>
    </message>
    <message>
        <source>Start with three windows of the demo desk taken.</source>
        <translation>Empezar con tres ventanas capturadas del escritorio de prueba.</translation>
    </message>
    <message>
        <source>Start with the main job, step by step, on the demo desk.</source>
        <translation>Empezar con el trabajo principal, paso a paso, en el escritorio de prueba.</translation>
    </message>
    <message>
        <source>Nothing is taken by “%1”; choose of: %2.</source>
        <translation>Nada se captura con «%1»; elija entre: %2.</translation>
    </message>
    <message>
        <source>Files in a folder, with their log and checksums.</source>
        <translation>Archivos en una carpeta, con registro y sumas.</translation>
    </message>
    <message>
        <source>To a folder</source>
        <translation>A una carpeta</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Carpeta</translation>
    </message>
    <message>
        <source>Browse…</source>
        <translation>Examinar…</translation>
    </message>
    <message>
        <source>Open it afterwards</source>
        <translation>Abrirla después</translation>
    </message>
    <message>
        <source>Release to</source>
        <translation>Entregar en</translation>
    </message>
    <message>
        <source>Mail draft</source>
        <translation>Borrador de correo</translation>
    </message>
    <message>
        <source>A new mail in your mail program, the files attached; you address and send it.</source>
        <translation>Un mensaje nuevo en su programa de correo con los archivos; usted lo dirige y envía.</translation>
    </message>
    <message>
        <source>Clipboard</source>
        <translation>Portapapeles</translation>
    </message>
    <message>
        <source>To be pasted into a letter or a ticket.</source>
        <translation>Para pegar en una carta o un tique.</translation>
    </message>
    <message>
        <source>Shows the pages first.</source>
        <translation>Muestra antes las páginas.</translation>
    </message>
    <message>
        <source>Screen</source>
        <translation>Pantalla</translation>
    </message>
    <message>
        <source>Above all windows, while you write about it.</source>
        <translation>Sobre todas las ventanas, mientras escribe de ello.</translation>
    </message>
    <message>
        <source>Drop at</source>
        <translation>Depositar en</translation>
    </message>
    <message>
        <source>Uploads the files to a server; its link is copied.</source>
        <translation>Sube los archivos a un servidor; se copia su enlace.</translation>
    </message>
    <message>
        <source>Places…</source>
        <translation>Depósitos…</translation>
    </message>
    <message>
        <source>Run</source>
        <translation>Ejecutar</translation>
    </message>
    <message>
        <source>Run a program</source>
        <translation>Ejecutar un programa</translation>
    </message>
    <message>
        <source>No program; {files} stands for the files</source>
        <translation>Ninguno; {files} son los archivos</translation>
    </message>
    <message>
        <source>No place</source>
        <translation>Ningún depósito</translation>
    </message>
    <message>
        <source>Choose where it is to go.</source>
        <translation>Elija adónde ha de ir.</translation>
    </message>
    <message>
        <source>Name a folder.</source>
        <translation>Nombre una carpeta.</translation>
    </message>
    <message>
        <source>A mail draft and a program are given files: release to a folder as well.</source>
        <translation>Un borrador de correo y un programa reciben archivos: entregue también en una carpeta.</translation>
    </message>
    <message>
        <source>A screen, sanitised</source>
        <translation>Una pantalla, tachada</translation>
    </message>
    <message>
        <source>This capture has not been read; what it shows is not known.</source>
        <translation>Esta captura no se ha leído; no se sabe qué muestra.</translation>
    </message>
    <message>
        <source>A second officer has not agreed to this case as it stands.</source>
        <translation>Ningún segundo agente ha aprobado el caso tal como está.</translation>
    </message>
    <message>
        <source>It was not handed out: %1 Check the case to see where.</source>
        <translation>No se entregó: %1 Compruebe el caso para ver dónde.</translation>
    </message>
    <message>
        <source>clipboard</source>
        <translation>portapapeles</translation>
    </message>
    <message>
        <source>The sanitised picture is copied.</source>
        <translation>La imagen tachada está copiada.</translation>
    </message>
    <message>
        <source>The words that are still to be read are copied.</source>
        <translation>Las palabras aún legibles están copiadas.</translation>
    </message>
    <message>
        <source>What was released is copied.</source>
        <translation>Lo entregado está copiado.</translation>
    </message>
    <message>
        <source>Handing out</source>
        <translation>Entregando</translation>
    </message>
    <message numerus="yes">
        <source>It is taken back from the clipboard in %n second(s).</source>
        <translation>
            <numerusform>Se retira del portapapeles en un segundo.</numerusform>
            <numerusform>Se retira del portapapeles en %n segundos.</numerusform>
        </translation>
    </message>
    <message>
        <source>screen</source>
        <translation>pantalla</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>papel</translation>
    </message>
    <message>
        <source>Sent to the printer %1.</source>
        <translation>Enviado a la impresora %1.</translation>
    </message>
    <message>
        <source>drag</source>
        <translation>arrastre</translation>
    </message>
    <message>
        <source>mail</source>
        <translation>correo</translation>
    </message>
    <message>
        <source>A mail is given files; release to a folder as well.</source>
        <translation>Un correo recibe archivos; entregue también en una carpeta.</translation>
    </message>
    <message>
        <source>Waiting for the mail program</source>
        <translation>Esperando al programa de correo</translation>
    </message>
    <message>
        <source>a draft in the mail program</source>
        <translation>un borrador en el programa de correo</translation>
    </message>
    <message>
        <source>%1 cannot be read any more.</source>
        <translation>%1 ya no se puede leer.</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Página %1 de %2</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimir</translation>
    </message>
    <message>
        <source>The pages</source>
        <translation>Las páginas</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Ahora no</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimir…</translation>
    </message>
    <message>
        <source>As large as fits</source>
        <translation>Lo mayor que quepa</translation>
    </message>
    <message>
        <source>True size</source>
        <translation>Tamaño real</translation>
    </message>
    <message>
        <source>Pictures a page</source>
        <translation>Imágenes por página</translation>
    </message>
    <message numerus="yes">
        <source>%n a page</source>
        <translation>
            <numerusform>%n por página</numerusform>
            <numerusform>%n por página</numerusform>
        </translation>
    </message>
    <message>
        <source>Names and page numbers</source>
        <translation>Nombres y números de página</translation>
    </message>
    <message>
        <source>Landscape</source>
        <translation>Apaisado</translation>
    </message>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation>
            <numerusform>Una página</numerusform>
            <numerusform>%n páginas</numerusform>
        </translation>
    </message>
    <message>
        <source>The printer did not take it; is it switched on, and does it have paper? Nothing was lost.</source>
        <translation>La impresora no lo aceptó; ¿está encendida, tiene papel? Nada se perdió.</translation>
    </message>
    <message>
        <source>Sanitised picture</source>
        <translation>Imagen tachada</translation>
    </message>
    <message>
        <source>Plus and minus zoom, the brackets make it see-through, Escape closes.</source>
        <translation>Más y menos amplían, los corchetes la hacen transparente, Esc cierra.</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Mayor</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Menor</translation>
    </message>
    <message>
        <source>As large as it is</source>
        <translation>A su tamaño</translation>
    </message>
    <message>
        <source>More see-through</source>
        <translation>Más transparente</translation>
    </message>
    <message>
        <source>Less see-through</source>
        <translation>Menos transparente</translation>
    </message>
    <message>
        <source>Places to drop releases at</source>
        <translation>Depósitos para entregas</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Depósitos</translation>
    </message>
    <message>
        <source>What it is chosen by</source>
        <translation>Por el que se elige</translation>
    </message>
    <message>
        <source>Address</source>
        <translation>Dirección</translation>
    </message>
    <message>
        <source>https://… (WebDAV) or sftp://…, of the folder</source>
        <translation>https://… (WebDAV) o sftp://…, de la carpeta</translation>
    </message>
    <message>
        <source>User</source>
        <translation>Usuario</translation>
    </message>
    <message>
        <source>Password</source>
        <translation>Contraseña</translation>
    </message>
    <message>
        <source>As it is kept in the key ring</source>
        <translation>La del llavero</translation>
    </message>
    <message>
        <source>Key file</source>
        <translation>Archivo de clave</translation>
    </message>
    <message>
        <source>Instead of a password</source>
        <translation>En vez de contraseña</translation>
    </message>
    <message>
        <source>Server&apos;s key</source>
        <translation>Clave del servidor</translation>
    </message>
    <message>
        <source>SHA-256; no other server is spoken to</source>
        <translation>SHA-256; no se habla con otro servidor</translation>
    </message>
    <message>
        <source>Ask the server</source>
        <translation>Preguntar</translation>
    </message>
    <message>
        <source>Authority</source>
        <translation>Autoridad</translation>
    </message>
    <message>
        <source>A file, where the office has one of its own</source>
        <translation>Un archivo, si la oficina tiene la suya</translation>
    </message>
    <message>
        <source>Link</source>
        <translation>Enlace</translation>
    </message>
    <message>
        <source>What others open it by, if it is another address</source>
        <translation>Con qué lo abren otros, si es otro</translation>
    </message>
    <message>
        <source>Meant to lie there</source>
        <translation>Ha de quedar</translation>
    </message>
    <message>
        <source>Nothing is said of it</source>
        <translation>No se dice nada</translation>
    </message>
    <message>
        <source> days, said in its name</source>
        <translation> días, dichos en su nombre</translation>
    </message>
    <message>
        <source>Lies there</source>
        <translation>Queda allí</translation>
    </message>
    <message>
        <source>Another</source>
        <translation>Otro</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Guardarlo</translation>
    </message>
    <message>
        <source>A folder of a server, by WebDAV or SFTP. Releases are sent there whole or not at all.</source>
        <translation>Una carpeta de un servidor, por WebDAV o SFTP. Las entregas llegan enteras o no llegan.</translation>
    </message>
    <message>
        <source>Ask the server for its key, and compare it with what its keeper says.</source>
        <translation>Pida su clave al servidor y compárela con lo que dice su responsable.</translation>
    </message>
    <message>
        <source>Asking the server…</source>
        <translation>Preguntando al servidor…</translation>
    </message>
    <message>
        <source>This is what the server shows. Compare it with what its keeper says before you keep it: whoever stands in between could show another.</source>
        <translation>El servidor muestra esta clave. Compárela con lo que dice su responsable antes de guardarla: quien esté en medio podría mostrar otra.</translation>
    </message>
    <message>
        <source>Waiting for the key ring…</source>
        <translation>Esperando al llavero…</translation>
    </message>
    <message>
        <source>The password was not kept: %1 Without a key ring, use a key file.</source>
        <translation>La contraseña no se guardó: %1 Sin llavero, use un archivo de clave.</translation>
    </message>
    <message>
        <source>“%1” is kept.</source>
        <translation>«%1» está guardado.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Releases of this case</source>
        <translation>Entregas de este caso</translation>
    </message>
    <message>
        <source>Nothing of this case has been released yet. What leaves it is noted here by itself, with where it went and its checksums.</source>
        <translation>Nada de este caso se ha entregado. Lo que sale se anota aquí solo, con su destino y sus sumas.</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Cuándo</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Por</translation>
    </message>
    <message>
        <source>Where to</source>
        <translation>Adónde</translation>
    </message>
    <message>
        <source>Holds</source>
        <translation>Contiene</translation>
    </message>
    <message>
        <source>Verify…</source>
        <translation>Verificar…</translation>
    </message>
    <message>
        <source>Open the folder</source>
        <translation>Abrir la carpeta</translation>
    </message>
    <message>
        <source>Withdraw…</source>
        <translation>Retirar…</translation>
    </message>
    <message>
        <source>Notes that this release is not to be used any more, and why. The files stay.</source>
        <translation>Anota que esta entrega ya no se ha de usar, y por qué. Los archivos quedan.</translation>
    </message>
    <message>
        <source>Save as a table…</source>
        <translation>Guardar como tabla…</translation>
    </message>
    <message numerus="yes">
        <source>%n file(s)</source>
        <translation>
            <numerusform>%n archivo</numerusform>
            <numerusform>%n archivos</numerusform>
        </translation>
    </message>
    <message>
        <source>withdrawn: %1</source>
        <translation>retirada: %1</translation>
    </message>
    <message>
        <source>Withdraw a release</source>
        <translation>Retirar una entrega</translation>
    </message>
    <message>
        <source>Why it is not to be used any more; it is kept with the case:</source>
        <translation>Por qué ya no se ha de usar; queda en el caso:</translation>
    </message>
    <message>
        <source>Save the register</source>
        <translation>Guardar el registro de entregas</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tablas (*.csv)</translation>
    </message>
    <message>
        <source>Handed over as it was checked:</source>
        <translation>Entregado como se comprobó:</translation>
    </message>
    <message>
        <source>Written as they were checked, and read back from the disk:</source>
        <translation>Escritos como se comprobaron, y releídos del disco:</translation>
    </message>
    <message>
        <source>%1 The log is not signed: %2</source>
        <translation>%1 El registro no está firmado: %2</translation>
    </message>
    <message>
        <source>On the clipboard</source>
        <translation>En el portapapeles</translation>
    </message>
    <message>
        <source>On the screen</source>
        <translation>En la pantalla</translation>
    </message>
    <message>
        <source>The reason</source>
        <translation>El motivo</translation>
    </message>
    <message>
        <source>Measuring</source>
        <translation>Midiendo</translation>
    </message>
    <message>
        <source>The case has changed since it was checked; check it again.</source>
        <translation>El caso ha cambiado desde la comprobación; compruébelo de nuevo.</translation>
    </message>
    <message>
        <source>Checking the pictures in this form…</source>
        <translation>Comprobando las imágenes en esta forma…</translation>
    </message>
    <message>
        <source>With the released files, this will be run:

%1

It can do with them whatever you could. Run it from now on?</source>
        <translation>Con los archivos entregados se ejecutará esto:

%1

Puede hacer con ellos lo que usted podría. ¿Ejecutarlo desde ahora?</translation>
    </message>
    <message>
        <source>Run it</source>
        <translation>Ejecutarlo</translation>
    </message>
    <message>
        <source>Writing the release…</source>
        <translation>Escribiendo la entrega…</translation>
    </message>
    <message>
        <source>Writing the release</source>
        <translation>Escribiendo la entrega</translation>
    </message>
    <message>
        <source>What went before stands: %1.</source>
        <translation>Lo anterior queda: %1.</translation>
    </message>
    <message>
        <source>%1 is one of this case&apos;s own pictures and would be replaced; choose another folder.</source>
        <translation>%1 es una imagen del propio caso y se sustituiría; elija otra carpeta.</translation>
    </message>
    <message>
        <source>Release</source>
        <translation>Entregar</translation>
    </message>
    <message>
        <source>Way</source>
        <translation>Vía</translation>
    </message>
    <message>
        <source>Format</source>
        <translation>Formato</translation>
    </message>
    <message>
        <source>Of the parts {case}, {number}, {count}, {date} and {policy}; the ending comes by itself.</source>
        <translation>Con {case}, {number}, {count}, {date} y {policy}; la extensión viene sola.</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Nombres</translation>
    </message>
    <message>
        <source>With them</source>
        <translation>Con ellos</translation>
    </message>
    <message>
        <source>Keep both: number the new ones</source>
        <translation>Conservar ambos: numerar los nuevos</translation>
    </message>
    <message>
        <source>Replace them</source>
        <translation>Sustituirlos</translation>
    </message>
    <message>
        <source>Do not release</source>
        <translation>No entregar</translation>
    </message>
    <message>
        <source>Files there already</source>
        <translation>Archivos ya allí</translation>
    </message>
    <message>
        <source>And to</source>
        <translation>Y a</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Archivos</translation>
    </message>
    <message>
        <source>%1, all in one</source>
        <translation>%1, todo en uno</translation>
    </message>
    <message>
        <source>As</source>
        <translation>Como</translation>
    </message>
    <message>
        <source>As files</source>
        <translation>Como archivos</translation>
    </message>
    <message>
        <source>In one archive</source>
        <translation>En un archivo comprimido</translation>
    </message>
    <message>
        <source>As a mail draft</source>
        <translation>Como borrador de correo</translation>
    </message>
    <message>
        <source>Quality</source>
        <translation>Calidad</translation>
    </message>
    <message>
        <source>Without loss</source>
        <translation>Sin pérdida</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Como mucho</translation>
    </message>
    <message>
        <source> kB a picture</source>
        <translation> kB por imagen</translation>
    </message>
    <message>
        <source>Report for people</source>
        <translation>Informe legible</translation>
    </message>
    <message>
        <source>Words as text</source>
        <translation>Palabras como texto</translation>
    </message>
    <message>
        <source>What can still be read on the pictures, to be searched and read aloud.</source>
        <translation>Lo que aún se lee en las imágenes, para buscar y leer en voz alta.</translation>
    </message>
    <message>
        <source>What was hidden, at its end</source>
        <translation>Al final, lo que se ocultó</translation>
    </message>
    <message>
        <source>%1   (is there already)</source>
        <translation>%1   (ya está allí)</translation>
    </message>
    <message numerus="yes">
        <source>%n of these files are there already; choose another folder, or what is to be done with them.</source>
        <translation>
            <numerusform>Uno de estos archivos ya está allí; elija otra carpeta, o qué hacer con él.</numerusform>
            <numerusform>%n de estos archivos ya están allí; elija otra carpeta, o qué hacer con ellos.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of these files are there already and will be replaced, once the new ones stand.</source>
        <translation>
            <numerusform>Uno de estos archivos ya está allí y se sustituirá cuando el nuevo esté.</numerusform>
            <numerusform>%n de estos archivos ya están allí y se sustituirán cuando los nuevos estén.</numerusform>
        </translation>
    </message>
    <message>
        <source>, pictures of %1</source>
        <translation>, imágenes de %1</translation>
    </message>
    <message numerus="yes">
        <source>%n file(s) will be written</source>
        <translation>
            <numerusform>Se escribirá un archivo</numerusform>
            <numerusform>Se escribirán %n archivos</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, to: %2</source>
        <translation>%1, a: %2</translation>
    </message>
    <message>
        <source>%1:</source>
        <translation>%1:</translation>
    </message>
    <message>
        <source>%1; the folder will be made:</source>
        <translation>%1; se creará la carpeta:</translation>
    </message>
    <message>
        <source>Released</source>
        <translation>Entregado</translation>
    </message>
    <message>
        <source>Verify files</source>
        <translation>Verificar archivos</translation>
    </message>
    <message>
        <source>Releases and their files</source>
        <translation>Entregas y sus archivos</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Archivo</translation>
    </message>
    <message>
        <source>Is</source>
        <translation>Está</translation>
    </message>
    <message>
        <source>The public key of the office that must have signed (else yours is tried)</source>
        <translation>La clave pública de la oficina que debe haber firmado (si no, la suya)</translation>
    </message>
    <message>
        <source>Signed by</source>
        <translation>Firmado por</translation>
    </message>
    <message>
        <source>Checksums that came by another way, pasted: a line a file</source>
        <translation>Sumas llegadas por otra vía, pegadas: una línea por archivo</translation>
    </message>
    <message>
        <source>Checksums</source>
        <translation>Sumas</translation>
    </message>
    <message>
        <source>Drop released files, a folder or an archive here, or choose them. Their log says what they must be.</source>
        <translation>Suelte aquí archivos entregados, una carpeta o un comprimido, o elíjalos. Su registro dice qué deben ser.</translation>
    </message>
    <message>
        <source>Folder…</source>
        <translation>Carpeta…</translation>
    </message>
    <message>
        <source>Files…</source>
        <translation>Archivos…</translation>
    </message>
    <message>
        <source>Copy my public key</source>
        <translation>Copiar mi clave pública</translation>
    </message>
    <message>
        <source>For those who verify what you release.</source>
        <translation>Para quienes verifican lo que usted entrega.</translation>
    </message>
    <message>
        <source>Verify a folder</source>
        <translation>Verificar una carpeta</translation>
    </message>
    <message>
        <source>Reading the files…</source>
        <translation>Leyendo los archivos…</translation>
    </message>
    <message>
        <source>intact</source>
        <translation>intacto</translation>
    </message>
    <message>
        <source>not intact</source>
        <translation>no intacto</translation>
    </message>
    <message>
        <source>Intact: every file is what was released.</source>
        <translation>Intacto: cada archivo es lo que se entregó.</translation>
    </message>
    <message numerus="yes">
        <source>Not intact: %n file(s) are not what was released.</source>
        <translation>
            <numerusform>No intacto: un archivo no es lo que se entregó.</numerusform>
            <numerusform>No intacto: %n archivos no son lo que se entregó.</numerusform>
        </translation>
    </message>
    <message>
        <source>Not intact: see what is said of the signature and the log.</source>
        <translation>No intacto: vea lo que se dice de la firma y del registro.</translation>
    </message>
    <message>
        <source>Copied: the public key %1. Hand it on to those who verify what you release.</source>
        <translation>Copiada: la clave pública %1. Désela a quienes verifican lo que entrega.</translation>
    </message>
    <message>
        <source>Keep as…</source>
        <translation>Recordar como…</translation>
    </message>
    <message>
        <source>Keeps all that is chosen below under a name, to be released so again with one key.</source>
        <translation>Recuerda lo elegido abajo con un nombre, para entregar igual con una tecla.</translation>
    </message>
    <message>
        <source>As it is chosen here</source>
        <translation>Como se elige aquí</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>Keep this way</source>
        <translation>Recordar esta vía</translation>
    </message>
    <message>
        <source>Its name:</source>
        <translation>Su nombre:</translation>
    </message>
    <message>
        <source>Another capture, to compare</source>
        <translation>Otra captura, para comparar</translation>
    </message>
    <message>
        <source>Capture to compare with</source>
        <translation>Captura con que comparar</translation>
    </message>
    <message>
        <source>Compare no more</source>
        <translation>No comparar más</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Form of covers drawn by hand</source>
        <translation>Forma de los tachados a mano</translation>
    </message>
    <message>
        <source>Box</source>
        <translation>Caja</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Esquinas</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Contorno</translation>
    </message>
    <message>
        <source>Brush</source>
        <translation>Pincel</translation>
    </message>
    <message>
        <source>All but an area</source>
        <translation>Todo menos un área</translation>
    </message>
    <message>
        <source>Cut a piece out</source>
        <translation>Recortar un trozo</translation>
    </message>
    <message>
        <source>Width of the brush</source>
        <translation>Ancho del pincel</translation>
    </message>
    <message>
        <source>Look at the joins</source>
        <translation>Ver las uniones</translation>
    </message>
    <message>
        <source>One join of this page is not sure: something may be lost or doubled there.</source>
        <translation>Una unión de esta página no es segura: puede faltar o repetirse algo.</translation>
    </message>
    <message>
        <source>%1 joins of this page are not sure: something may be lost or doubled there.</source>
        <translation>%1 uniones de esta página no son seguras: puede faltar o repetirse algo.</translation>
    </message>
    <message>
        <source>Joins</source>
        <translation>Uniones</translation>
    </message>
    <message>
        <source>Joins of the page</source>
        <translation>Uniones de la página</translation>
    </message>
    <message>
        <source>Second picture starts</source>
        <translation>La segunda imagen empieza</translation>
    </message>
    <message>
        <source>Distance between the two pictures in pixels</source>
        <translation>Distancia entre las dos imágenes en píxeles</translation>
    </message>
    <message>
        <source>Up and Down move it by one pixel, with Shift by ten</source>
        <translation>Arriba y abajo mueven un píxel, con Mayús diez</translation>
    </message>
    <message>
        <source>after the first. Up and Down move it, with Shift by ten.</source>
        <translation>tras la primera. Arriba y abajo la mueven, con Mayús diez.</translation>
    </message>
    <message>
        <source>This is right</source>
        <translation>Está bien</translation>
    </message>
    <message>
        <source>This join is as it should be; on to the next unsure one (Enter)</source>
        <translation>Esta unión es correcta; a la siguiente insegura (Intro)</translation>
    </message>
    <message>
        <source>%1 at pixel %2, not sure</source>
        <translation>%1 en el píxel %2, insegura</translation>
    </message>
    <message>
        <source>%1 at pixel %2, by hand</source>
        <translation>%1 en el píxel %2, a mano</translation>
    </message>
    <message>
        <source>%1 at pixel %2</source>
        <translation>%1 en el píxel %2</translation>
    </message>
    <message numerus="yes">
        <source>All %n join(s) are settled</source>
        <translation>
            <numerusform>La unión está decidida</numerusform>
            <numerusform>Las %n uniones están decididas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of %1 joins is/are not sure</source>
        <translation>
            <numerusform>%n unión de %1 no es segura</numerusform>
            <numerusform>%n uniones de %1 no son seguras</numerusform>
        </translation>
    </message>
    <message>
        <source>This join fits. It can still be moved.</source>
        <translation>Esta unión encaja. Aún se puede mover.</translation>
    </message>
    <message>
        <source>%1 px</source>
        <translation>%1 px</translation>
    </message>
    <message>
        <source>Small map of the capture</source>
        <translation>Pequeño mapa de la captura</translation>
    </message>
    <message>
        <source>Click or drag: to that part of the capture</source>
        <translation>Clic o arrastre: a esa parte de la captura</translation>
    </message>
    <message>
        <source>Read an area again</source>
        <translation>Leer un área otra vez</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Antes</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Después</translation>
    </message>
    <message>
        <source>Keep the old</source>
        <translation>Conservar lo viejo</translation>
    </message>
    <message>
        <source>Take the new</source>
        <translation>Tomar lo nuevo</translation>
    </message>
    <message>
        <source>Nothing can be read here.</source>
        <translation>Aquí no se puede leer nada.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>told by the text</source>
        <translation>según el texto</translation>
    </message>
    <message>
        <source>Content</source>
        <translation>Contenido</translation>
    </message>
    <message>
        <source>one line</source>
        <translation>una línea</translation>
    </message>
    <message>
        <source>Reading…</source>
        <translation>Leyendo…</translation>
    </message>
    <message>
        <source>Sheet: the capture as it will be released</source>
        <translation>Hoja: la captura como se entregará</translation>
    </message>
    <message>
        <source>No captures yet</source>
        <translation>Aún no hay capturas</translation>
    </message>
    <message>
        <source>Take one from the desk (Ctrl+T), bring in pictures (Ctrl+O),
or drop picture files here.

New here? Menu, Help, First steps.</source>
        <translation>Capture el escritorio (Ctrl+T), traiga imágenes (Ctrl+O)
o suelte aquí archivos de imagen.

¿Es nuevo? Menú, Ayuda, Primeros pasos.</translation>
    </message>
    <message>
        <source>Bare capture: nothing is covered here</source>
        <translation>Captura desnuda: aquí nada está tachado</translation>
    </message>
    <message>
        <source>As it was taken</source>
        <translation>Como se capturó</translation>
    </message>
    <message>
        <source>Drag over what to read again; Escape ends</source>
        <translation>Arrastre sobre lo que hay que releer; Esc termina</translation>
    </message>
    <message>
        <source>Drag over what to cover; Escape ends</source>
        <translation>Arrastre sobre lo que hay que tachar; Esc termina</translation>
    </message>
    <message>
        <source>Click a title bar, a field or a panel to cover it; Escape ends</source>
        <translation>Clic en una barra de título, un campo o un panel para tacharlo; Esc termina</translation>
    </message>
    <message>
        <source>Click the corners of what to cover, Enter closes it; Escape ends</source>
        <translation>Clic en las esquinas de lo que hay que tachar, Intro cierra; Esc termina</translation>
    </message>
    <message>
        <source>Draw around what to cover; Escape ends</source>
        <translation>Dibuje alrededor de lo que hay que tachar; Esc termina</translation>
    </message>
    <message>
        <source>Brush over what to cover; Escape ends</source>
        <translation>Pinte sobre lo que hay que tachar; Esc termina</translation>
    </message>
    <message>
        <source>Drag over what stays to be seen, all else is covered; Escape ends</source>
        <translation>Arrastre sobre lo que queda a la vista, lo demás se tacha; Esc termina</translation>
    </message>
    <message>
        <source>Drag over what of covers by hand to take away; Escape ends</source>
        <translation>Arrastre sobre lo que hay que quitar de los tachados a mano; Esc termina</translation>
    </message>
    <message>
        <source>This capture has not been read: nothing was looked for on it</source>
        <translation>Esta captura no se ha leído: en ella no se buscó nada</translation>
    </message>
    <message numerus="yes">
        <source>%n word(s) unsure</source>
        <translation>
            <numerusform>una palabra insegura</numerusform>
            <numerusform>%n palabras inseguras</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n place(s) not readable</source>
        <translation>
            <numerusform>un lugar ilegible</numerusform>
            <numerusform>%n lugares ilegibles</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; not looked for: %n kind(s)</source>
        <translation>
            <numerusform>%1; no se busca: una clase</numerusform>
            <numerusform>%1; no se busca: %n clases</numerusform>
        </translation>
    </message>
    <message>
        <source>%1; not looked for: %2</source>
        <translation>%1; no se busca: %2</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copiar</translation>
    </message>
    <message>
        <source>As it would be released: names stand in place of what is covered (Ctrl+C)</source>
        <translation>Como se entregaría: nombres en lugar de lo tachado (Ctrl+C)</translation>
    </message>
    <message>
        <source>Watch for it</source>
        <translation>Vigilarlo</translation>
    </message>
    <message>
        <source>From now on a finding wherever it stands in this case</source>
        <translation>Desde ahora un hallazgo donde esté en este caso</translation>
    </message>
    <message>
        <source>Correct…</source>
        <translation>Corregir…</translation>
    </message>
    <message>
        <source>What the word says</source>
        <translation>Lo que dice la palabra</translation>
    </message>
    <message numerus="yes">
        <source>%n word(s): %1</source>
        <translation>
            <numerusform>Una palabra: %1</numerusform>
            <numerusform>%n palabras: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Words and tables</source>
        <translation>Palabras y tablas</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Buscar</translation>
    </message>
    <message>
        <source>Search the words of this capture</source>
        <translation>Buscar en las palabras de esta captura</translation>
    </message>
    <message>
        <source>The words in reading order</source>
        <translation>Las palabras en orden de lectura</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Palabras</translation>
    </message>
    <message>
        <source>Which table</source>
        <translation>Qué tabla</translation>
    </message>
    <message>
        <source>Table</source>
        <translation>Tabla</translation>
    </message>
    <message>
        <source>Tables</source>
        <translation>Tablas</translation>
    </message>
    <message>
        <source>Names like [e-mail 1] stand in place of all that is covered or still open</source>
        <translation>Nombres como [e-mail 1] en lugar de todo lo tachado o aún abierto</translation>
    </message>
    <message>
        <source>Copy table</source>
        <translation>Copiar la tabla</translation>
    </message>
    <message>
        <source>Copy all</source>
        <translation>Copiar todo</translation>
    </message>
    <message>
        <source>No capture is open</source>
        <translation>No hay captura abierta</translation>
    </message>
    <message>
        <source>Take or bring in a picture first.</source>
        <translation>Capture o traiga antes una imagen.</translation>
    </message>
    <message>
        <source>This capture is still to be read.</source>
        <translation>Esta captura está por leer.</translation>
    </message>
    <message>
        <source>There are no words on this capture.</source>
        <translation>No hay palabras en esta captura.</translation>
    </message>
    <message>
        <source>Table %1: %2 rows, %3 columns</source>
        <translation>Tabla %1: %2 filas, %3 columnas</translation>
    </message>
    <message>
        <source>No table was found on this capture</source>
        <translation>No se halló tabla en esta captura</translation>
    </message>
    <message>
        <source>Tables (%1)</source>
        <translation>Tablas (%1)</translation>
    </message>
    <message>
        <source>not found</source>
        <translation>no está</translation>
    </message>
    <message>
        <source>%1 found</source>
        <translation>%1 hallados</translation>
    </message>
    <message>
        <source>Capture %1</source>
        <translation>Captura %1</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Texto (*.txt)</translation>
    </message>
    <message>
        <source>Save the words</source>
        <translation>Guardar las palabras</translation>
    </message>
    <message>
        <source>Text (*.txt);;Words with places, CSV (*.csv);;hOCR (*.html)</source>
        <translation>Texto (*.txt);;Palabras con lugares, CSV (*.csv);;hOCR (*.html)</translation>
    </message>
    <message>
        <source>Map of the desk</source>
        <translation>Mapa del escritorio</translation>
    </message>
    <message>
        <source>%1 · %2 × %3 at %4×</source>
        <translation>%1 · %2 × %3 a %4×</translation>
    </message>
    <message>
        <source>There are no pictures in %1.</source>
        <translation>No hay imágenes en %1.</translation>
    </message>
    <message>
        <source>From the clipboard</source>
        <translation>Del portapapeles</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard; copy one, or a picture file, first.</source>
        <translation>No hay imagen en el portapapeles; copie antes una, o un archivo de imagen.</translation>
    </message>
    <message>
        <source>Dropped picture</source>
        <translation>Imagen soltada</translation>
    </message>
    <message>
        <source>Bring in pictures</source>
        <translation>Traer imágenes</translation>
    </message>
    <message>
        <source>Pictures and PDFs (%1 *.pdf);;All files (*)</source>
        <translation>Imágenes y PDF (%1 *.pdf);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Bring in pages</source>
        <translation>Traer páginas</translation>
    </message>
    <message>
        <source>%1 is locked. Its password:</source>
        <translation>%1 está cerrado. Su contraseña:</translation>
    </message>
    <message>
        <source>That was not the password of %1. Its password:</source>
        <translation>No era la contraseña de %1. Su contraseña:</translation>
    </message>
    <message>
        <source>Drawing the pages</source>
        <translation>Dibujando las páginas</translation>
    </message>
    <message>
        <source>%1, page %2</source>
        <translation>%1, página %2</translation>
    </message>
    <message>
        <source>Pictures of one page that overlap</source>
        <translation>Imágenes de una página que se solapan</translation>
    </message>
    <message>
        <source>Pictures (%1);;All files (*)</source>
        <translation>Imágenes (%1);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Joined from %1 pictures</source>
        <translation>Unida de %1 imágenes</translation>
    </message>
    <message>
        <source>No keys</source>
        <translation>Sin teclas</translation>
    </message>
    <message>
        <source>Press the keys; Backspace for none</source>
        <translation>Pulse las teclas; Retroceso para ninguna</translation>
    </message>
    <message>
        <source>%1 has a meaning of its own in lists and on the sheet; add Ctrl or Alt to it.</source>
        <translation>%1 tiene su sentido en listas y en la hoja; añada Ctrl o Alt.</translation>
    </message>
    <message>
        <source>%1 is needed by other programs; add Ctrl, Alt or the Super key to it.</source>
        <translation>%1 lo necesitan otros programas; añada Ctrl, Alt o la tecla Súper.</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Páginas</translation>
    </message>
    <message>
        <source>all %1</source>
        <translation>las %1</translation>
    </message>
    <message>
        <source>Pages, like 1-3, 7</source>
        <translation>Páginas, como 1-3, 7</translation>
    </message>
    <message>
        <source>Like 1-3, 7; empty for all</source>
        <translation>Como 1-3, 7; vacío para todas</translation>
    </message>
    <message>
        <source>Resolution in pixels an inch</source>
        <translation>Resolución en píxeles por pulgada</translation>
    </message>
    <message>
        <source>%1 pixels an inch</source>
        <translation>%1 píxeles por pulgada</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>Traer</translation>
    </message>
    <message>
        <source>%1, %2 × %3 pixels</source>
        <translation>%1, %2 × %3 píxeles</translation>
    </message>
    <message>
        <source>Monitor %1</source>
        <translation>Monitor %1</translation>
    </message>
    <message>
        <source>Part of %1</source>
        <translation>Parte de %1</translation>
    </message>
    <message>
        <source>Whole desk</source>
        <translation>Todo el escritorio</translation>
    </message>
    <message>
        <source>Choose what to take</source>
        <translation>Elija qué capturar</translation>
    </message>
    <message>
        <source>%1   with frame</source>
        <translation>%1   con marco</translation>
    </message>
    <message>
        <source>%1   without frame</source>
        <translation>%1   sin marco</translation>
    </message>
    <message>
        <source>%1 %2,%3</source>
        <translation>%1 %2,%3</translation>
    </message>
    <message>
        <source>Drag over what to take, or click a window    Alt: no snapping    Tab: next window    L: draw around    W: point    Esc: leave</source>
        <translation>Arrastre sobre lo que capturar, o clic en una ventana    Alt: sin imán    Tab: siguiente    L: rodear    W: señalar    Esc: salir</translation>
    </message>
    <message>
        <source>Enter: take    Arrows: move, Shift by 10, Ctrl: size    Type 640x480    Alt: no snapping    Esc: leave</source>
        <translation>Intro: capturar    Flechas: mover, Mayús de 10, Ctrl: tamaño    Escriba 640x480    Alt: sin imán    Esc: salir</translation>
    </message>
    <message>
        <source>Draw a line around what to take    Enter: take    R: region    W: point    Esc: leave</source>
        <translation>Dibuje una línea alrededor    Intro: capturar    R: región    W: señalar    Esc: salir</translation>
    </message>
    <message>
        <source>Click takes what is outlined    F: frame %1    P: parts of windows %2    Tab: next    R: region    Esc: leave</source>
        <translation>Un clic toma lo rodeado    F: marco %1    P: partes de ventanas %2    Tab: siguiente    R: región    Esc: salir</translation>
    </message>
    <message>
        <source>on</source>
        <translation>sí</translation>
    </message>
    <message>
        <source>off</source>
        <translation>no</translation>
    </message>
    <message>
        <source>Shortcuts for taking</source>
        <translation>Atajos para capturar</translation>
    </message>
    <message>
        <source>These keys work while Eyelid is in the background and another program has the keyboard.</source>
        <translation>Estas teclas actúan con Eyelid en segundo plano y el teclado en otro programa.</translation>
    </message>
    <message>
        <source>This desktop lets no program have keys of its own while another is in front; set them in the desktop&apos;s settings.</source>
        <translation>Este escritorio no deja a ningún programa teclas propias con otro delante; fíjelas en sus ajustes.</translation>
    </message>
    <message>
        <source>No keys for this</source>
        <translation>Sin teclas para esto</translation>
    </message>
    <message>
        <source>No keys for: %1</source>
        <translation>Sin teclas para: %1</translation>
    </message>
    <message>
        <source>Use these keys</source>
        <translation>Usar estas teclas</translation>
    </message>
    <message>
        <source>Open the desk map</source>
        <translation>Abrir el mapa del escritorio</translation>
    </message>
    <message>
        <source>Take the whole desk</source>
        <translation>Capturar todo el escritorio</translation>
    </message>
    <message>
        <source>Take the monitor the pointer is on</source>
        <translation>Capturar el monitor bajo el puntero</translation>
    </message>
    <message>
        <source>Take the active window</source>
        <translation>Capturar la ventana activa</translation>
    </message>
    <message>
        <source>Point at a window to take</source>
        <translation>Señalar una ventana que capturar</translation>
    </message>
    <message>
        <source>Take a region</source>
        <translation>Capturar una región</translation>
    </message>
    <message>
        <source>Draw around a place to take</source>
        <translation>Rodear un lugar que capturar</translation>
    </message>
    <message>
        <source>Take the last region again</source>
        <translation>Capturar otra vez la última región</translation>
    </message>
    <message>
        <source>Point at a window to scroll and take</source>
        <translation>Señalar una ventana que recorrer y capturar</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Capturar</translation>
    </message>
    <message>
        <source>What should be taken?</source>
        <translation>¿Qué hay que capturar?</translation>
    </message>
    <message>
        <source>%1 Click a window or a monitor, or drag a region; what will be taken is outlined.</source>
        <translation>%1 Clic en una ventana o monitor, o arrastre una región; lo que se capturará está rodeado.</translation>
    </message>
    <message>
        <source>Click takes, dragging takes a region; with Shift, a part of a window</source>
        <translation>Un clic captura, arrastrar toma una región; con Mayús, parte de una ventana</translation>
    </message>
    <message>
        <source>On the screen itself:</source>
        <translation>En la pantalla misma:</translation>
    </message>
    <message>
        <source>Draw a rectangle on the desk as it stands now</source>
        <translation>Dibujar un rectángulo en el escritorio tal como está</translation>
    </message>
    <message>
        <source>Draw &amp;around</source>
        <translation>&amp;Rodear</translation>
    </message>
    <message>
        <source>Draw a line around a place; nothing outside it is kept</source>
        <translation>Dibujar una línea alrededor; nada de fuera se guarda</translation>
    </message>
    <message>
        <source>&amp;Point at it</source>
        <translation>&amp;Señalar</translation>
    </message>
    <message>
        <source>Point at a window or a part of one</source>
        <translation>Señalar una ventana o una parte</translation>
    </message>
    <message>
        <source>&amp;Last region</source>
        <translation>Úl&amp;tima región</translation>
    </message>
    <message>
        <source>&amp;Last region, %1 × %2</source>
        <translation>Úl&amp;tima región, %1 × %2</translation>
    </message>
    <message>
        <source>The same place of the desk once more</source>
        <translation>El mismo lugar del escritorio otra vez</translation>
    </message>
    <message>
        <source>What can be taken</source>
        <translation>Lo que se puede capturar</translation>
    </message>
    <message>
        <source>with the pointer</source>
        <translation>con el puntero</translation>
    </message>
    <message>
        <source>with window frames</source>
        <translation>con marcos de ventana</translation>
    </message>
    <message>
        <source>scroll to the end</source>
        <translation>recorrer hasta el final</translation>
    </message>
    <message>
        <source>Eyelid scrolls the window and joins what it sees into one picture</source>
        <translation>Eyelid recorre la ventana y une lo que ve en una imagen</translation>
    </message>
    <message>
        <source>come back afterwards</source>
        <translation>volver después</translation>
    </message>
    <message>
        <source>Eyelid comes to the front again; else a small notice says what was taken</source>
        <translation>Eyelid vuelve delante; si no, un pequeño aviso dice qué se capturó</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>enseguida</translation>
    </message>
    <message>
        <source>Delay in seconds</source>
        <translation>Demora en segundos</translation>
    </message>
    <message>
        <source>Time to open a menu or to bring something into view; Eyelid is out of the way meanwhile</source>
        <translation>Tiempo para abrir un menú o traer algo a la vista; Eyelid se aparta mientras</translation>
    </message>
    <message>
        <source>Once or in a series</source>
        <translation>Una vez o en serie</translation>
    </message>
    <message>
        <source>again every</source>
        <translation>otra vez cada</translation>
    </message>
    <message>
        <source>again when it changes by</source>
        <translation>otra vez si cambia un</translation>
    </message>
    <message>
        <source>A series goes on until you stop it; pictures the same as the last are left out</source>
        <translation>Una serie sigue hasta detenerla; las imágenes iguales a la última se omiten</translation>
    </message>
    <message>
        <source>Seconds between two pictures</source>
        <translation>Segundos entre dos imágenes</translation>
    </message>
    <message>
        <source>Percent of the picture that must change</source>
        <translation>Por ciento de la imagen que debe cambiar</translation>
    </message>
    <message>
        <source>Whole desk, %1 × %2</source>
        <translation>Todo el escritorio, %1 × %2</translation>
    </message>
    <message>
        <source>Monitor %1, %2 × %3</source>
        <translation>Monitor %1, %2 × %3</translation>
    </message>
    <message>
        <source>Part, %1 × %2</source>
        <translation>Parte, %1 × %2</translation>
    </message>
    <message>
        <source>Region, %1 × %2</source>
        <translation>Región, %1 × %2</translation>
    </message>
    <message>
        <source>Take this window</source>
        <translation>Capturar esta ventana</translation>
    </message>
    <message>
        <source>Take this monitor</source>
        <translation>Capturar este monitor</translation>
    </message>
    <message>
        <source>Take this part</source>
        <translation>Capturar esta parte</translation>
    </message>
    <message>
        <source>Take this region</source>
        <translation>Capturar esta región</translation>
    </message>
    <message>
        <source>Scroll and take</source>
        <translation>Recorrer y capturar</translation>
    </message>
    <message>
        <source>Taken</source>
        <translation>Capturado</translation>
    </message>
    <message>
        <source>Taken: %1 × %2. It is in the case.</source>
        <translation>Capturado: %1 × %2. Está en el caso.</translation>
    </message>
    <message>
        <source>Eyelid is taking</source>
        <translation>Eyelid captura</translation>
    </message>
    <message>
        <source>Stop; what was taken stays (Esc)</source>
        <translation>Detener; lo capturado queda (Esc)</translation>
    </message>
    <message>
        <source>Drawn around, %1 × %2</source>
        <translation>Rodeado, %1 × %2</translation>
    </message>
    <message>
        <source>Active window</source>
        <translation>Ventana activa</translation>
    </message>
    <message>
        <source>Taking in %1 s</source>
        <translation>Captura en %1 s</translation>
    </message>
    <message>
        <source>The pointer is on no monitor; take one from the desk map.</source>
        <translation>El puntero no está en ningún monitor; tome uno del mapa.</translation>
    </message>
    <message>
        <source>Series: %1 taken, again when it changes</source>
        <translation>Serie: %1 capturas, otra si cambia</translation>
    </message>
    <message>
        <source>Series: %1 taken, %2 the same left out, every %3 s</source>
        <translation>Serie: %1 capturas, %2 iguales omitidas, cada %3 s</translation>
    </message>
    <message>
        <source>Series: %1 taken, every %2 s</source>
        <translation>Serie: %1 capturas, cada %2 s</translation>
    </message>
    <message>
        <source>The series has ended: %1</source>
        <translation>La serie terminó: %1</translation>
    </message>
    <message>
        <source>Only a window or a part of one can be scrolled; choose one.</source>
        <translation>Solo se recorre una ventana o una parte; elija una.</translation>
    </message>
    <message numerus="yes">
        <source>Scrolling: %n picture(s)</source>
        <translation>
            <numerusform>Recorriendo: una imagen</numerusform>
            <numerusform>Recorriendo: %n imágenes</numerusform>
        </translation>
    </message>
    <message>
        <source>Stopping</source>
        <translation>Deteniendo</translation>
    </message>
    <message>
        <source>Find a command</source>
        <translation>Buscar una orden</translation>
    </message>
    <message>
        <source>What do you want to do?</source>
        <translation>¿Qué quiere hacer?</translation>
    </message>
    <message>
        <source>Words of a command</source>
        <translation>Palabras de una orden</translation>
    </message>
    <message>
        <source>Commands</source>
        <translation>Órdenes</translation>
    </message>
    <message>
        <source>Case</source>
        <translation>Caso</translation>
    </message>
    <message>
        <source>Read</source>
        <translation>Leer</translation>
    </message>
    <message>
        <source>Decide</source>
        <translation>Decidir</translation>
    </message>
    <message>
        <source>Explain</source>
        <translation>Explicar</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ver</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Ayuda</translation>
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
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Hallar</translation>
    </message>
    <message>
        <source>Press J: it goes to the next thing that tells who somebody is.</source>
        <translation>Pulse J: va a lo siguiente que dice quién es alguien.</translation>
    </message>
    <message>
        <source>Press C to cover it, or E to keep it; the next one comes by itself.</source>
        <translation>Pulse C para tacharlo, o E para conservarlo; el siguiente viene solo.</translation>
    </message>
    <message>
        <source>Cover the rest</source>
        <translation>Tachar lo demás</translation>
    </message>
    <message>
        <source>Press Ctrl+Shift+C, then Enter: all that is still open is covered. Sweep words to cover what was missed.</source>
        <translation>Pulse Ctrl+Mayús+C y luego Intro: todo lo abierto se tacha. Barra palabras para tachar lo que faltó.</translation>
    </message>
    <message>
        <source>Press Ctrl+Enter: the pictures are made as they will leave, read again and searched.</source>
        <translation>Pulse Ctrl+Intro: las imágenes se hacen como saldrán, se releen y se registran.</translation>
    </message>
    <message>
        <source>Press Ctrl+Shift+Enter and choose a folder: the checked pictures and their log are written there.</source>
        <translation>Pulse Ctrl+Mayús+Intro y elija una carpeta: ahí se escriben las imágenes comprobadas y su registro.</translation>
    </message>
    <message>
        <source>Begin with my own</source>
        <translation>Empezar con las mías</translation>
    </message>
    <message>
        <source>Ends the first steps; these captures are made up, and go</source>
        <translation>Termina los primeros pasos; estas capturas son inventadas y se van</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1: hecho</translation>
    </message>
    <message>
        <source>That was all of it: what left is covered, checked and logged.</source>
        <translation>Eso era todo: lo que salió está tachado, comprobado y registrado.</translation>
    </message>
    <message>
        <source>Three windows of an invented water company were taken, and are being read…</source>
        <translation>Tres ventanas de una compañía de aguas inventada se capturaron y se están leyendo…</translation>
    </message>
    <message>
        <source>Handbook</source>
        <translation>Manual</translation>
    </message>
    <message>
        <source>Search the handbook</source>
        <translation>Buscar en el manual</translation>
    </message>
    <message>
        <source>Pages of the handbook</source>
        <translation>Páginas del manual</translation>
    </message>
    <message>
        <source>Page of the handbook</source>
        <translation>Página del manual</translation>
    </message>
    <message>
        <source>No page says “%1”.</source>
        <translation>Ninguna página dice «%1».</translation>
    </message>
    <message>
        <source>Keys of the commands</source>
        <translation>Teclas de las órdenes</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Órdenes y sus teclas</translation>
    </message>
    <message>
        <source>Keys of the chosen command</source>
        <translation>Teclas de la orden elegida</translation>
    </message>
    <message>
        <source>Take them from it</source>
        <translation>Quitárselas</translation>
    </message>
    <message>
        <source>%1 is “%2”. Choose others, or take them from it.</source>
        <translation>%1 es «%2». Elija otras, o quíteselas.</translation>
    </message>
    <message>
        <source>“%1” stands on none of the captures that have been read</source>
        <translation>«%1» no está en ninguna captura leída</translation>
    </message>
    <message>
        <source>This capture is still being read; an area can be read again after that.</source>
        <translation>Esta captura aún se lee; luego se podrá releer un área.</translation>
    </message>
    <message>
        <source>Demo desk</source>
        <translation>Escritorio de prueba</translation>
    </message>
    <message>
        <source>Cases (*.eyelid)</source>
        <translation>Casos (*.eyelid)</translation>
    </message>
    <message>
        <source>This case can only be looked at here</source>
        <translation>Este caso aquí solo se puede mirar</translation>
    </message>
    <message>
        <source>in memory</source>
        <translation>en memoria</translation>
    </message>
    <message>
        <source>Nothing of this case is on disk; it ends with the window.</source>
        <translation>Nada de este caso está en disco; acaba con la ventana.</translation>
    </message>
    <message>
        <source>opening…</source>
        <translation>abriendo…</translation>
    </message>
    <message>
        <source>Kept encrypted in %1.</source>
        <translation>Guardado cifrado en %1.</translation>
    </message>
    <message>
        <source>not kept</source>
        <translation>sin guardar</translation>
    </message>
    <message>
        <source>to look at</source>
        <translation>para mirar</translation>
    </message>
    <message>
        <source>Pictures are still coming into this case; wait for them, or stop taking, first.</source>
        <translation>Aún llegan imágenes a este caso; espérelas, o detenga la captura.</translation>
    </message>
    <message>
        <source>%1 is damaged or was altered.</source>
        <translation>%1 está dañado o fue alterado.</translation>
    </message>
    <message>
        <source>The captures that are as they were written can be had as a new case; the file stays as it is.</source>
        <translation>Las capturas intactas pueden ser un caso nuevo; el archivo queda como está.</translation>
    </message>
    <message>
        <source>Open what is intact</source>
        <translation>Abrir lo intacto</translation>
    </message>
    <message>
        <source>A case that was taken out</source>
        <translation>Un caso que se sacó</translation>
    </message>
    <message>
        <source>The case was brought in</source>
        <translation>El caso se trajo</translation>
    </message>
    <message>
        <source>Take the case out to an empty folder</source>
        <translation>Sacar el caso a una carpeta vacía</translation>
    </message>
    <message>
        <source>Take the case out unprotected?</source>
        <translation>¿Sacar el caso sin protección?</translation>
    </message>
    <message>
        <source>Everybody who can read %1 will see the captures as they were taken.</source>
        <translation>Quien pueda leer %1 verá las capturas como se tomaron.</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Sacar</translation>
    </message>
    <message>
        <source>Taken out, unprotected, to %1</source>
        <translation>Sacado, sin protección, a %1</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>There is no other case it could be copied into.</source>
        <translation>No hay otro caso adonde copiar.</translation>
    </message>
    <message>
        <source>Copy into another case</source>
        <translation>Copiar a otro caso</translation>
    </message>
    <message>
        <source>Into which?</source>
        <translation>¿A cuál?</translation>
    </message>
    <message>
        <source>Copied into the other case</source>
        <translation>Copiado al otro caso</translation>
    </message>
    <message>
        <source>The passphrase opens this case from now on</source>
        <translation>La frase de paso abre desde ahora este caso</translation>
    </message>
    <message>
        <source>A colleague&apos;s key</source>
        <translation>La clave de un colega</translation>
    </message>
    <message>
        <source>Officers&apos; keys (*.officer);;All files (*)</source>
        <translation>Claves de agentes (*.officer);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>%1 can open a copy of this case&apos;s file: %2</source>
        <translation>%1 puede abrir una copia del archivo de este caso: %2</translation>
    </message>
    <message>
        <source>Save your public key for colleagues</source>
        <translation>Guardar su clave pública para colegas</translation>
    </message>
    <message>
        <source>Officers&apos; keys (*.officer)</source>
        <translation>Claves de agentes (*.officer)</translation>
    </message>
    <message>
        <source>Your public key is in %1; cases can be sealed for you with it</source>
        <translation>Su clave pública está en %1; con ella se le pueden sellar casos</translation>
    </message>
    <message>
        <source>Your name</source>
        <translation>Su nombre</translation>
    </message>
    <message>
        <source>It stands with your decisions, in the case alone; no release says it.</source>
        <translation>Va con sus decisiones, solo en el caso; ninguna entrega lo dice.</translation>
    </message>
    <message>
        <source>Destroy what undo could bring back?</source>
        <translation>¿Destruir lo que Deshacer podría traer?</translation>
    </message>
    <message>
        <source>Captures that were removed, and pictures that were joined anew, are destroyed in the case&apos;s file. Nothing that was done so far can be undone after that.</source>
        <translation>Las capturas quitadas y las imágenes reunidas se destruyen en el archivo. Nada de lo hecho se podrá deshacer después.</translation>
    </message>
    <message>
        <source>Rename the capture</source>
        <translation>Renombrar la captura</translation>
    </message>
    <message>
        <source>Its name, for officers alone:</source>
        <translation>Su nombre, solo para agentes:</translation>
    </message>
    <message>
        <source>Leave this case?</source>
        <translation>¿Dejar este caso?</translation>
    </message>
    <message>
        <source>It has not been released as it stands, and is not kept on disk: captures and decisions will be gone.</source>
        <translation>No se entregó tal como está ni se guarda en disco: capturas y decisiones se perderán.</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Quedarse</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>Cases…</source>
        <translation>Casos…</translation>
    </message>
    <message>
        <source>open recent</source>
        <translation>abrir recientes</translation>
    </message>
    <message>
        <source>Passphrase of this case…</source>
        <translation>Frase de paso de este caso…</translation>
    </message>
    <message>
        <source>Seal it for a colleague…</source>
        <translation>Sellarlo para un colega…</translation>
    </message>
    <message>
        <source>Save your key for colleagues…</source>
        <translation>Guardar su clave para colegas…</translation>
    </message>
    <message>
        <source>Your name…</source>
        <translation>Su nombre…</translation>
    </message>
    <message>
        <source>Destroy what undo could bring back…</source>
        <translation>Destruir lo que Deshacer traería…</translation>
    </message>
    <message>
        <source>Take it out unprotected…</source>
        <translation>Sacarlo sin protección…</translation>
    </message>
    <message>
        <source>Throw this case away</source>
        <translation>Desechar este caso</translation>
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
        <source>Remove this cover, mark or capture</source>
        <translation>Quitar este tachado, marca o captura</translation>
    </message>
    <message>
        <source>Policies…</source>
        <translation>Políticas…</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>Ajustes…</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>Take…</source>
        <translation>Capturar…</translation>
    </message>
    <message>
        <source>Stop taking</source>
        <translation>Detener la captura</translation>
    </message>
    <message>
        <source>Bring in…</source>
        <translation>Traer…</translation>
    </message>
    <message>
        <source>Bring in from the clipboard</source>
        <translation>Traer del portapapeles</translation>
    </message>
    <message>
        <source>Join pictures…</source>
        <translation>Unir imágenes…</translation>
    </message>
    <message>
        <source>Joins of this capture…</source>
        <translation>Uniones de esta captura…</translation>
    </message>
    <message>
        <source>Shortcuts for taking…</source>
        <translation>Atajos para capturar…</translation>
    </message>
    <message>
        <source>Read what is not read</source>
        <translation>Leer lo no leído</translation>
    </message>
    <message>
        <source>Read again</source>
        <translation>Leer otra vez</translation>
    </message>
    <message>
        <source>Words and tables…</source>
        <translation>Palabras y tablas…</translation>
    </message>
    <message>
        <source>Search the words</source>
        <translation>Buscar en las palabras</translation>
    </message>
    <message>
        <source>Show unsure words</source>
        <translation>Mostrar palabras inseguras</translation>
    </message>
    <message>
        <source>Copy the chosen words</source>
        <translation>Copiar las palabras elegidas</translation>
    </message>
    <message>
        <source>Watch for the chosen words</source>
        <translation>Vigilar las palabras elegidas</translation>
    </message>
    <message>
        <source>Correct the chosen word…</source>
        <translation>Corregir la palabra elegida…</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Hallazgo siguiente</translation>
    </message>
    <message>
        <source>Previous finding</source>
        <translation>Hallazgo anterior</translation>
    </message>
    <message>
        <source>Back to what was decided last</source>
        <translation>Volver a lo último decidido</translation>
    </message>
    <message>
        <source>Go on by itself after a decision</source>
        <translation>Seguir solo tras una decisión</translation>
    </message>
    <message>
        <source>Cover all of this value</source>
        <translation>Tachar todos los de este valor</translation>
    </message>
    <message>
        <source>Cover all of this kind</source>
        <translation>Tachar todos los de esta clase</translation>
    </message>
    <message>
        <source>Keep all of this value</source>
        <translation>Conservar todos los de este valor</translation>
    </message>
    <message>
        <source>Keep all of this kind</source>
        <translation>Conservar todos los de esta clase</translation>
    </message>
    <message>
        <source>Open again</source>
        <translation>Reabrir</translation>
    </message>
    <message>
        <source>Open again all of this value</source>
        <translation>Reabrir todos los de este valor</translation>
    </message>
    <message>
        <source>Open again all of this kind</source>
        <translation>Reabrir todos los de esta clase</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Elegir</translation>
    </message>
    <message>
        <source>Agree to all as it stands</source>
        <translation>Aprobar todo tal como está</translation>
    </message>
    <message>
        <source>Cover an area</source>
        <translation>Tachar un área</translation>
    </message>
    <message>
        <source>Cover what is open…</source>
        <translation>Tachar lo abierto…</translation>
    </message>
    <message>
        <source>hide redact all</source>
        <translation>ocultar borrar todo</translation>
    </message>
    <message>
        <source>Keep all like this…</source>
        <translation>Conservar todos como este…</translation>
    </message>
    <message>
        <source>Change this finding…</source>
        <translation>Cambiar este hallazgo…</translation>
    </message>
    <message>
        <source>A letter more at its end</source>
        <translation>Una letra más al final</translation>
    </message>
    <message>
        <source>A letter less at its end</source>
        <translation>Una letra menos al final</translation>
    </message>
    <message>
        <source>A letter more at its start</source>
        <translation>Una letra más al inicio</translation>
    </message>
    <message>
        <source>A letter less at its start</source>
        <translation>Una letra menos al inicio</translation>
    </message>
    <message>
        <source>Ask a colleague…</source>
        <translation>Preguntar a un colega…</translation>
    </message>
    <message>
        <source>These are one person or thing</source>
        <translation>Son una persona o cosa</translation>
    </message>
    <message>
        <source>This is another person or thing</source>
        <translation>Es otra persona o cosa</translation>
    </message>
    <message>
        <source>Cover this place on all captures</source>
        <translation>Tachar este lugar en todas las capturas</translation>
    </message>
    <message>
        <source>Next capture</source>
        <translation>Captura siguiente</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Ajustar</translation>
    </message>
    <message>
        <source>Actual size</source>
        <translation>Tamaño real</translation>
    </message>
    <message>
        <source>Fit the width</source>
        <translation>Ajustar al ancho</translation>
    </message>
    <message>
        <source>Zoom to what is selected</source>
        <translation>Ampliar lo elegido</translation>
    </message>
    <message>
        <source>Before and after, side by side</source>
        <translation>Antes y después, lado a lado</translation>
    </message>
    <message>
        <source>Another capture beside it</source>
        <translation>Otra captura al lado</translation>
    </message>
    <message>
        <source>compare two</source>
        <translation>comparar dos</translation>
    </message>
    <message>
        <source>Move the capture up</source>
        <translation>Subir la captura</translation>
    </message>
    <message>
        <source>Move the capture down</source>
        <translation>Bajar la captura</translation>
    </message>
    <message>
        <source>Rename the capture…</source>
        <translation>Renombrar la captura…</translation>
    </message>
    <message>
        <source>Next panel</source>
        <translation>Panel siguiente</translation>
    </message>
    <message>
        <source>Captures at the left</source>
        <translation>Capturas a la izquierda</translation>
    </message>
    <message>
        <source>Findings at the right</source>
        <translation>Hallazgos a la derecha</translation>
    </message>
    <message>
        <source>Small map when zoomed in</source>
        <translation>Pequeño mapa al ampliar</translation>
    </message>
    <message>
        <source>Dark theme</source>
        <translation>Tema oscuro</translation>
    </message>
    <message>
        <source>Handbook…</source>
        <translation>Manual…</translation>
    </message>
    <message>
        <source>First steps…</source>
        <translation>Primeros pasos…</translation>
    </message>
    <message>
        <source>tutorial introduction demo</source>
        <translation>tutorial introducción demostración</translation>
    </message>
    <message>
        <source>Keys of the commands…</source>
        <translation>Teclas de las órdenes…</translation>
    </message>
    <message>
        <source>shortcuts keyboard</source>
        <translation>atajos teclado</translation>
    </message>
    <message>
        <source>Find a command…</source>
        <translation>Buscar una orden…</translation>
    </message>
    <message>
        <source>Undo %1</source>
        <translation>Deshacer: %1</translation>
    </message>
    <message>
        <source>Redo %1</source>
        <translation>Rehacer: %1</translation>
    </message>
    <message>
        <source>arrow pointer</source>
        <translation>flecha puntero</translation>
    </message>
    <message>
        <source>rule dashed dotted</source>
        <translation>línea rayas puntos</translation>
    </message>
    <message>
        <source>rectangle ellipse circle box arc</source>
        <translation>rectángulo elipse círculo caja arco</translation>
    </message>
    <message>
        <source>freehand pen scribble</source>
        <translation>mano alzada lápiz</translation>
    </message>
    <message>
        <source>highlight band</source>
        <translation>resaltador banda</translation>
    </message>
    <message>
        <source>text label callout comment</source>
        <translation>texto etiqueta bocadillo comentario</translation>
    </message>
    <message>
        <source>number counter</source>
        <translation>número contador</translation>
    </message>
    <message>
        <source>magnify zoom inset</source>
        <translation>lupa zoom recuadro</translation>
    </message>
    <message>
        <source>distance angle area colour</source>
        <translation>distancia ángulo área color</translation>
    </message>
    <message>
        <source>signature stamp</source>
        <translation>firma sello</translation>
    </message>
    <message>
        <source>QR barcode</source>
        <translation>QR código de barras</translation>
    </message>
    <message>
        <source>Tools that explain</source>
        <translation>Herramientas para explicar</translation>
    </message>
    <message>
        <source>marks annotate</source>
        <translation>marcas anotar</translation>
    </message>
    <message>
        <source>Crop and turn</source>
        <translation>Recortar y girar</translation>
    </message>
    <message>
        <source>cut trim straighten</source>
        <translation>cortar recortar enderezar</translation>
    </message>
    <message>
        <source>Framing…</source>
        <translation>Encuadre…</translation>
    </message>
    <message>
        <source>resize border shadow canvas corner edge</source>
        <translation>tamaño marco sombra lienzo esquina borde</translation>
    </message>
    <message>
        <source>Cut into parts…</source>
        <translation>Cortar en partes…</translation>
    </message>
    <message>
        <source>split tiles</source>
        <translation>dividir teselas</translation>
    </message>
    <message>
        <source>Put captures together…</source>
        <translation>Juntar capturas…</translation>
    </message>
    <message>
        <source>combine side by side grid montage</source>
        <translation>combinar lado a lado cuadrícula montaje</translation>
    </message>
    <message>
        <source>Next mark</source>
        <translation>Marca siguiente</translation>
    </message>
    <message>
        <source>Previous mark</source>
        <translation>Marca anterior</translation>
    </message>
    <message>
        <source>Copy the steps as text</source>
        <translation>Copiar los pasos como texto</translation>
    </message>
    <message>
        <source>Write on the mark…</source>
        <translation>Escribir en la marca…</translation>
    </message>
    <message>
        <source>Copy the marks beside themselves</source>
        <translation>Copiar las marcas al lado</translation>
    </message>
    <message>
        <source>To the front</source>
        <translation>Al frente</translation>
    </message>
    <message>
        <source>To the back</source>
        <translation>Al fondo</translation>
    </message>
    <message>
        <source>Lock, or unlock</source>
        <translation>Bloquear o desbloquear</translation>
    </message>
    <message>
        <source>Turn the mark to the left</source>
        <translation>Girar la marca a la izquierda</translation>
    </message>
    <message>
        <source>Turn the mark to the right</source>
        <translation>Girar la marca a la derecha</translation>
    </message>
    <message>
        <source>Count the step earlier</source>
        <translation>Contar el paso antes</translation>
    </message>
    <message>
        <source>Count the step later</source>
        <translation>Contar el paso después</translation>
    </message>
    <message>
        <source>Align at the left</source>
        <translation>Alinear a la izquierda</translation>
    </message>
    <message>
        <source>Align on an upright line</source>
        <translation>Alinear en una vertical</translation>
    </message>
    <message>
        <source>Align at the right</source>
        <translation>Alinear a la derecha</translation>
    </message>
    <message>
        <source>Align at the top</source>
        <translation>Alinear arriba</translation>
    </message>
    <message>
        <source>Align on a level line</source>
        <translation>Alinear en una horizontal</translation>
    </message>
    <message>
        <source>Align at the bottom</source>
        <translation>Alinear abajo</translation>
    </message>
    <message>
        <source>Spread evenly across</source>
        <translation>Repartir a lo ancho</translation>
    </message>
    <message>
        <source>Spread evenly down</source>
        <translation>Repartir a lo alto</translation>
    </message>
    <message>
        <source>Turn a quarter clockwise</source>
        <translation>Un cuarto de giro, sentido horario</translation>
    </message>
    <message>
        <source>Mirror left for right</source>
        <translation>Espejo izquierda-derecha</translation>
    </message>
    <message>
        <source>Crop to the content</source>
        <translation>Recortar al contenido</translation>
    </message>
    <message>
        <source>Trim</source>
        <translation>Quitar bordes</translation>
    </message>
    <message>
        <source>More…</source>
        <translation>Más…</translation>
    </message>
    <message>
        <source>changing a signature</source>
        <translation>cambiar una firma</translation>
    </message>
    <message>
        <source>Align and spread</source>
        <translation>Alinear y repartir</translation>
    </message>
    <message>
        <source>Putting captures together</source>
        <translation>Juntando capturas</translation>
    </message>
    <message>
        <source>save export hand on print mail upload</source>
        <translation>guardar exportar pasar imprimir correo subir</translation>
    </message>
    <message>
        <source>Release as last time</source>
        <translation>Entregar como la última vez</translation>
    </message>
    <message>
        <source>way again repeat</source>
        <translation>vía otra vez repetir</translation>
    </message>
    <message>
        <source>Copy this capture, sanitised</source>
        <translation>Copiar esta captura, tachada</translation>
    </message>
    <message>
        <source>clipboard picture paste</source>
        <translation>portapapeles imagen pegar</translation>
    </message>
    <message>
        <source>Copy it as a file</source>
        <translation>Copiarla como archivo</translation>
    </message>
    <message>
        <source>Copy it as Markdown</source>
        <translation>Copiarla como Markdown</translation>
    </message>
    <message>
        <source>clipboard wiki snippet</source>
        <translation>portapapeles wiki fragmento</translation>
    </message>
    <message>
        <source>Copy the words that are still to be read</source>
        <translation>Copiar las palabras aún legibles</translation>
    </message>
    <message>
        <source>clipboard text</source>
        <translation>portapapeles texto</translation>
    </message>
    <message>
        <source>Pin it on the screen, sanitised</source>
        <translation>Fijarla en la pantalla, tachada</translation>
    </message>
    <message>
        <source>stay above top float</source>
        <translation>quedar encima flotar</translation>
    </message>
    <message>
        <source>Releases of this case…</source>
        <translation>Entregas de este caso…</translation>
    </message>
    <message>
        <source>register history withdrawn csv</source>
        <translation>registro historial retirada csv</translation>
    </message>
    <message>
        <source>Verify files…</source>
        <translation>Verificar archivos…</translation>
    </message>
    <message>
        <source>checksum signature altered key intact</source>
        <translation>suma firma alterado clave intacto</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Borrar</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Ajustes</translation>
    </message>
    <message>
        <source>Find a setting</source>
        <translation>Buscar un ajuste</translation>
    </message>
    <message>
        <source>As the desktop has it</source>
        <translation>Como el escritorio</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Elegir…</translation>
    </message>
    <message>
        <source>Choose: %1</source>
        <translation>Elegir: %1</translation>
    </message>
    <message>
        <source>Choose a folder</source>
        <translation>Elegir una carpeta</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Claro</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Oscuro</translation>
    </message>
    <message>
        <source>High contrast</source>
        <translation>Alto contraste</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Tema</translation>
    </message>
    <message>
        <source>colour dark light contrast</source>
        <translation>color oscuro claro contraste</translation>
    </message>
    <message>
        <source>Size of type</source>
        <translation>Tamaño de letra</translation>
    </message>
    <message>
        <source>large text font zoom</source>
        <translation>grande texto letra zoom</translation>
    </message>
    <message>
        <source>A small map while only a part of a capture is in view</source>
        <translation>Un pequeño mapa cuando solo se ve una parte</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>En la hoja</translation>
    </message>
    <message>
        <source>officer decided by</source>
        <translation>agente decidido por</translation>
    </message>
    <message>
        <source>The next open finding comes by itself</source>
        <translation>El siguiente hallazgo abierto viene solo</translation>
    </message>
    <message>
        <source>After a decision</source>
        <translation>Tras una decisión</translation>
    </message>
    <message>
        <source>Covers drawn by hand</source>
        <translation>Tachados a mano</translation>
    </message>
    <message>
        <source>style solid mosaic blur colour</source>
        <translation>estilo liso mosaico desenfoque color</translation>
    </message>
    <message>
        <source>For windows opened from now on; the open case keeps its own.</source>
        <translation>Para ventanas abiertas desde ahora; el caso abierto conserva la suya.</translation>
    </message>
    <message>
        <source>Policy of new cases</source>
        <translation>Política de casos nuevos</translation>
    </message>
    <message>
        <source>kinds rules default</source>
        <translation>clases reglas inicial</translation>
    </message>
    <message>
        <source>As the policy says</source>
        <translation>Según la política</translation>
    </message>
    <message>
        <source>Style of new cases</source>
        <translation>Estilo de casos nuevos</translation>
    </message>
    <message>
        <source>covers solid mosaic blur stand-in label</source>
        <translation>tachados liso mosaico desenfoque sustituto etiqueta</translation>
    </message>
    <message>
        <source>Keep captures at most</source>
        <translation>Guardar capturas como mucho</translation>
    </message>
    <message>
        <source>retention days destroy delete</source>
        <translation>conservación días destruir borrar</translation>
    </message>
    <message>
        <source> days</source>
        <translation> días</translation>
    </message>
    <message>
        <source>Fewer days than the policy gives, for new cases; never more.</source>
        <translation>Menos días de los que da la política, para casos nuevos; nunca más.</translation>
    </message>
    <message>
        <source>Small versions beside pictures</source>
        <translation>Versiones pequeñas al lado</translation>
    </message>
    <message>
        <source>release thumbnails size</source>
        <translation>entrega miniaturas tamaño</translation>
    </message>
    <message>
        <source> px at the longest side</source>
        <translation> px en el lado mayor</translation>
    </message>
    <message>
        <source>Each released picture has a small one beside it, checked as the pictures are.</source>
        <translation>Cada imagen entregada lleva una pequeña al lado, comprobada como las demás.</translation>
    </message>
    <message>
        <source>Copies stay on the clipboard</source>
        <translation>Las copias quedan en el portapapeles</translation>
    </message>
    <message>
        <source>release copy take back clear</source>
        <translation>entrega copiar retirar vaciar</translation>
    </message>
    <message>
        <source>Until something else is copied</source>
        <translation>Hasta copiar otra cosa</translation>
    </message>
    <message>
        <source> seconds</source>
        <translation> segundos</translation>
    </message>
    <message>
        <source>Releases go to</source>
        <translation>Las entregas van a</translation>
    </message>
    <message>
        <source>folder save export</source>
        <translation>carpeta guardar exportar</translation>
    </message>
    <message>
        <source>Pictures come from</source>
        <translation>Las imágenes vienen de</translation>
    </message>
    <message>
        <source>folder bring in open import</source>
        <translation>carpeta traer abrir importar</translation>
    </message>
    <message>
        <source>Eyelid comes to the front again</source>
        <translation>Eyelid vuelve delante</translation>
    </message>
    <message>
        <source>After a take</source>
        <translation>Tras una captura</translation>
    </message>
    <message>
        <source>Pages of PDFs</source>
        <translation>Páginas de PDF</translation>
    </message>
    <message>
        <source>resolution dpi size</source>
        <translation>resolución ppp tamaño</translation>
    </message>
    <message>
        <source> pixels an inch</source>
        <translation> píxeles por pulgada</translation>
    </message>
    <message>
        <source>For taking…</source>
        <translation>De captura…</translation>
    </message>
    <message>
        <source>Of the commands…</source>
        <translation>De las órdenes…</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Teclas</translation>
    </message>
    <message>
        <source>shortcuts keyboard background</source>
        <translation>atajos teclado segundo plano</translation>
    </message>
    <message>
        <source>%1 is locked with a password; give the right one.</source>
        <translation>%1 está cerrado con contraseña; dé la correcta.</translation>
    </message>
    <message>
        <source>%1 is not a PDF that can be read; it may be damaged.</source>
        <translation>%1 no es un PDF legible; puede estar dañado.</translation>
    </message>
    <message>
        <source>%1 has no pages.</source>
        <translation>%1 no tiene páginas.</translation>
    </message>
    <message>
        <source>Page %1 would be %2 × %3 pixels; choose a lower resolution.</source>
        <translation>La página %1 tendría %2 × %3 píxeles; elija menos resolución.</translation>
    </message>
    <message>
        <source>Page %1 cannot be drawn.</source>
        <translation>La página %1 no se puede dibujar.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; names no pages of these %2; write them like 1-3, 7.</source>
        <translation>«%1» no nombra ninguna de las %2 páginas; escriba como 1-3, 7.</translation>
    </message>
    <message>
        <source>The desktop does not allow it; see its settings for Eyelid&apos;s permissions.</source>
        <translation>El escritorio no lo permite; vea en sus ajustes los permisos de Eyelid.</translation>
    </message>
    <message>
        <source>The desktop portal answered with an error (%1).</source>
        <translation>El portal del escritorio respondió con un error (%1).</translation>
    </message>
    <message>
        <source>The desktop portal has not answered; is a question of the desktop still open? Try again.</source>
        <translation>El portal del escritorio no respondió; ¿queda una pregunta abierta? Reintente.</translation>
    </message>
    <message>
        <source>Cancelled at the desktop&apos;s question; nothing was taken.</source>
        <translation>Cancelado en la pregunta del escritorio; nada se capturó.</translation>
    </message>
    <message>
        <source>The desktop has refused; see its settings for Eyelid&apos;s permissions.</source>
        <translation>El escritorio se negó; vea en sus ajustes los permisos de Eyelid.</translation>
    </message>
    <message>
        <source>The desktop portal gave no session for shortcuts; set them in the desktop&apos;s settings.</source>
        <translation>El portal no dio sesión de atajos; fíjelos en los ajustes del escritorio.</translation>
    </message>
    <message>
        <source>The desktop has given no keys for this; set them in the desktop&apos;s settings.</source>
        <translation>El escritorio no dio teclas para esto; fíjelas en sus ajustes.</translation>
    </message>
    <message>
        <source>There is no session bus, so the desktop cannot be asked for a picture.</source>
        <translation>No hay bus de sesión; no se puede pedir una imagen al escritorio.</translation>
    </message>
    <message>
        <source>This desktop has no portal that takes pictures; install one (xdg-desktop-portal and the part for your desktop).</source>
        <translation>Este escritorio no tiene portal de imágenes; instale uno (xdg-desktop-portal y la parte de su escritorio).</translation>
    </message>
    <message>
        <source>This desktop gives whole pictures of the desk only; windows and regions are cut from them.</source>
        <translation>Este escritorio solo da imágenes enteras; ventanas y regiones se cortan de ellas.</translation>
    </message>
    <message>
        <source>No screen is connected.</source>
        <translation>No hay pantalla conectada.</translation>
    </message>
    <message>
        <source>This desktop does not say where its windows are; draw a region around the one you mean.</source>
        <translation>Este escritorio no dice dónde están sus ventanas; dibuje una región alrededor.</translation>
    </message>
    <message>
        <source>The monitor %1 is no longer there; choose another.</source>
        <translation>El monitor %1 ya no está; elija otro.</translation>
    </message>
    <message>
        <source>There is nothing to take: the place has no size.</source>
        <translation>No hay nada que capturar: el lugar no tiene tamaño.</translation>
    </message>
    <message>
        <source>The desktop portal answered without a picture; try again.</source>
        <translation>El portal respondió sin imagen; reintente.</translation>
    </message>
    <message>
        <source>What the desktop portal gave is no picture that can be read; try again.</source>
        <translation>Lo que dio el portal no es una imagen legible; reintente.</translation>
    </message>
    <message>
        <source>The region lies outside the desk.</source>
        <translation>La región está fuera del escritorio.</translation>
    </message>
    <message>
        <source>%1 What was taken until then is kept.</source>
        <translation>%1 Lo capturado hasta ahí queda.</translation>
    </message>
    <message>
        <source>Stopped; what was taken until then is kept.</source>
        <translation>Detenido; lo capturado hasta ahí queda.</translation>
    </message>
    <message>
        <source>The window changed its size while it was scrolled. What was taken until then is kept.</source>
        <translation>La ventana cambió de tamaño al recorrerla. Lo capturado hasta ahí queda.</translation>
    </message>
    <message>
        <source>The page is longer than a picture can be; the rest is not taken.</source>
        <translation>La página es más larga de lo que puede ser una imagen; el resto no se captura.</translation>
    </message>
    <message>
        <source>The page went back by itself. What was taken until then is kept.</source>
        <translation>La página volvió atrás sola. Lo capturado hasta ahí queda.</translation>
    </message>
    <message>
        <source>Nothing scrolled: the page ends here.</source>
        <translation>Nada se movió: la página acaba aquí.</translation>
    </message>
    <message>
        <source>The end of the page was reached.</source>
        <translation>Se llegó al final de la página.</translation>
    </message>
    <message>
        <source>The limit of %1 pixels was reached; the page goes on.</source>
        <translation>Se llegó al límite de %1 píxeles; la página sigue.</translation>
    </message>
    <message>
        <source>This is the simulated desk of Larkmoor Water that comes with Eyelid.</source>
        <translation>Es el escritorio simulado de Larkmoor Water que viene con Eyelid.</translation>
    </message>
    <message>
        <source>The window is no longer there; choose another.</source>
        <translation>La ventana ya no está; elija otra.</translation>
    </message>
    <message>
        <source>Choose a window or a part of one to scroll.</source>
        <translation>Elija una ventana o una parte que recorrer.</translation>
    </message>
    <message>
        <source>Windows on this desk cannot be scrolled by Eyelid; scroll by hand, take several pictures, and join them.</source>
        <translation>Eyelid no puede recorrer ventanas de este escritorio; hágalo a mano, tome varias imágenes y únalas.</translation>
    </message>
    <message>
        <source>The outline holds nothing; draw it around a place.</source>
        <translation>El contorno no contiene nada; dibújelo alrededor de un lugar.</translation>
    </message>
    <message>
        <source>This keyboard has no %1; choose other keys.</source>
        <translation>Este teclado no tiene %1; elija otras teclas.</translation>
    </message>
    <message>
        <source>%1 is held by another program; choose other keys.</source>
        <translation>%1 lo tiene otro programa; elija otras teclas.</translation>
    </message>
    <message>
        <source>%1 is also set for &quot;%2&quot;; each needs keys of its own.</source>
        <translation>%1 ya es de «%2»; cada uno necesita las suyas.</translation>
    </message>
    <message>
        <source>There is no desk to take from: no X server is named (DISPLAY is not set).</source>
        <translation>No hay escritorio que capturar: no se nombra servidor X (DISPLAY no está fijado).</translation>
    </message>
    <message>
        <source>The X server %1 cannot be reached.</source>
        <translation>No se alcanza el servidor X %1.</translation>
    </message>
    <message>
        <source>The X server %1 keeps its colours in a way that cannot be taken; 24-bit colour is needed.</source>
        <translation>El servidor X %1 guarda sus colores de un modo que no se puede capturar; se necesitan 24 bits.</translation>
    </message>
    <message>
        <source>This is your desk, without Eyelid&apos;s own windows.</source>
        <translation>Es su escritorio, sin las ventanas de Eyelid.</translation>
    </message>
    <message>
        <source>The X server has gone away.</source>
        <translation>El servidor X se ha ido.</translation>
    </message>
    <message>
        <source>No window is active; choose one from the desk.</source>
        <translation>No hay ventana activa; elija una del escritorio.</translation>
    </message>
    <message>
        <source>The window lies outside the desk, and this X server cannot show what is hidden.</source>
        <translation>La ventana está fuera del escritorio, y este servidor X no muestra lo oculto.</translation>
    </message>
    <message>
        <source>The window was being moved or resized while it was taken; take it again.</source>
        <translation>La ventana se movió mientras se capturaba; repítalo.</translation>
    </message>
    <message>
        <source>Another window lies over the one to be scrolled; move it away first.</source>
        <translation>Otra ventana tapa la que hay que recorrer; apártela antes.</translation>
    </message>
    <message>
        <source>This X server lets no program turn the wheel (it has no XTEST); scroll by hand, take several pictures, and join them.</source>
        <translation>Este servidor X no deja a ningún programa girar la rueda (sin XTEST); recorra a mano, tome varias imágenes y únalas.</translation>
    </message>
    <message>
        <source>The picture of %1 cannot be read.</source>
        <translation>La imagen de %1 no se puede leer.</translation>
    </message>
    <message>
        <source>%1: %2 leaks</source>
        <translation>%1: %2 fugas</translation>
    </message>
    <message>
        <source>cover</source>
        <translation>tachar</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>conservar</translation>
    </message>
    <message>
        <source>%1, %2 x %3</source>
        <translation>%1, %2 x %3</translation>
    </message>
    <message>
        <source>There is no kind called %1.</source>
        <translation>No hay clase llamada %1.</translation>
    </message>
    <message>
        <source>%1 holds no captures.</source>
        <translation>%1 no contiene capturas.</translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: %n finding(s) are open (case decide).</source>
        <translation>
            <numerusform>Nada se entregó: un hallazgo está abierto (case decide).</numerusform>
            <numerusform>Nada se entregó: %n hallazgos están abiertos (case decide).</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: %n capture(s) could not be read.</source>
        <translation>
            <numerusform>Nada se entregó: una captura no se pudo leer.</numerusform>
            <numerusform>Nada se entregó: %n capturas no se pudieron leer.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing was released: a second officer has not agreed to the case as it stands (case agree).</source>
        <translation>Nada se entregó: ningún segundo agente aprobó el caso tal como está (case agree).</translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: the check found %n leak(s).</source>
        <translation>
            <numerusform>Nada se entregó: la comprobación halló una fuga.</numerusform>
            <numerusform>Nada se entregó: la comprobación halló %n fugas.</numerusform>
        </translation>
    </message>
    <message>
        <source>folder</source>
        <translation>carpeta</translation>
    </message>
    <message>
        <source>What stands in %1 is not protected: everybody who can read it sees the captures as they were taken.</source>
        <translation>Lo que hay en %1 no está protegido: quien pueda leerlo ve las capturas como se tomaron.</translation>
    </message>
    <message>
        <source>%1: intact</source>
        <translation>%1: intacto</translation>
    </message>
    <message>
        <source>Work on cases that are kept on disk</source>
        <translation>Trabajar en casos guardados en disco</translation>
    </message>
    <message>
        <source>The case file, NAME.eyelid</source>
        <translation>El archivo del caso, NOMBRE.eyelid</translation>
    </message>
    <message>
        <source>The folder (this one if not said)</source>
        <translation>La carpeta (si no, esta)</translation>
    </message>
    <message>
        <source>A key file (default: this user&apos;s own keys)</source>
        <translation>Un archivo de clave (si no, las claves propias)</translation>
    </message>
    <message>
        <source>A file whose first line is the passphrase, - for standard input</source>
        <translation>Un archivo cuya primera línea es la frase de paso, - para la entrada estándar</translation>
    </message>
    <message>
        <source>Whose decisions these are (default: the account&apos;s name)</source>
        <translation>De quién son estas decisiones (si no, el nombre de la cuenta)</translation>
    </message>
    <message>
        <source>Make a case without captures</source>
        <translation>Hacer un caso sin capturas</translation>
    </message>
    <message>
        <source>A shipped policy or a TOML file</source>
        <translation>Una política incluida o un archivo TOML</translation>
    </message>
    <message>
        <source>Add pictures, read them and find what is sensitive</source>
        <translation>Añadir imágenes, leerlas y hallar lo sensible</translation>
    </message>
    <message>
        <source>Pictures: PNG, JPEG, WebP, BMP, TIFF or GIF</source>
        <translation>Imágenes: PNG, JPEG, WebP, BMP, TIFF o GIF</translation>
    </message>
    <message>
        <source>Add the captures of another case, with all that was decided about them</source>
        <translation>Añadir las capturas de otro caso, con todo lo decidido</translation>
    </message>
    <message>
        <source>The other case file</source>
        <translation>El otro archivo de caso</translation>
    </message>
    <message>
        <source>Give a case another name</source>
        <translation>Dar otro nombre a un caso</translation>
    </message>
    <message>
        <source>The name</source>
        <translation>El nombre</translation>
    </message>
    <message>
        <source>List the cases of a folder</source>
        <translation>Enumerar los casos de una carpeta</translation>
    </message>
    <message>
        <source>Tell which cases of a folder have a text on their captures</source>
        <translation>Decir qué casos de una carpeta tienen un texto en sus capturas</translation>
    </message>
    <message>
        <source>The text, in capitals or not</source>
        <translation>El texto, en mayúsculas o no</translation>
    </message>
    <message>
        <source>Print what of it has been released, when, by whom and where to, as a table (CSV)</source>
        <translation>Mostrar lo que de él se entregó, cuándo, por quién y adónde, como tabla (CSV)</translation>
    </message>
    <message>
        <source>Print captures, findings and decisions</source>
        <translation>Mostrar capturas, hallazgos y decisiones</translation>
    </message>
    <message>
        <source>text or json</source>
        <translation>text o json</translation>
    </message>
    <message>
        <source>Tell whether a case file is what was written</source>
        <translation>Decir si un archivo de caso es lo que se escribió</translation>
    </message>
    <message>
        <source>Decide about findings that are open</source>
        <translation>Decidir sobre hallazgos abiertos</translation>
    </message>
    <message>
        <source>What is decided</source>
        <translation>Lo que se decide</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Conservarlos</translation>
    </message>
    <message>
        <source>Open those again that are decided</source>
        <translation>Reabrir los decididos</translation>
    </message>
    <message>
        <source>Of this kind alone: person, email, phone …</source>
        <translation>Solo de esta clase: person, email, phone …</translation>
    </message>
    <message>
        <source>Of this confidence or more, 0 to 1</source>
        <translation>De esta seguridad o más, 0 a 1</translation>
    </message>
    <message>
        <source>Agree, as a second officer, to all that is decided as it stands</source>
        <translation>Aprobar, como segundo agente, todo lo decidido</translation>
    </message>
    <message>
        <source>Check all pictures and write them with their log, if nothing stands in the way</source>
        <translation>Comprobar todas las imágenes y escribirlas con su registro, si nada lo impide</translation>
    </message>
    <message>
        <source>The folder to write to; made if it is not there</source>
        <translation>La carpeta donde escribir; se crea si no existe</translation>
    </message>
    <message>
        <source>Write the case into a folder, unprotected</source>
        <translation>Escribir el caso en una carpeta, sin protección</translation>
    </message>
    <message>
        <source>Make a case of a folder that was taken out</source>
        <translation>Hacer un caso de una carpeta sacada</translation>
    </message>
    <message>
        <source>The folder</source>
        <translation>La carpeta</translation>
    </message>
    <message>
        <source>The case file to make, NAME.eyelid</source>
        <translation>El archivo de caso que hacer, NOMBRE.eyelid</translation>
    </message>
    <message>
        <source>Lock a case by another key file or passphrase instead</source>
        <translation>Cerrar un caso con otro archivo de clave o frase de paso</translation>
    </message>
    <message>
        <source>A key file; made if it is not there</source>
        <translation>Un archivo de clave; se crea si no existe</translation>
    </message>
    <message>
        <source>A file whose first line is the new passphrase</source>
        <translation>Un archivo cuya primera línea es la nueva frase de paso</translation>
    </message>
    <message>
        <source>Let a colleague open the case with their own key as well</source>
        <translation>Dejar que un colega abra el caso también con su clave</translation>
    </message>
    <message>
        <source>The colleague&apos;s public key: a file</source>
        <translation>La clave pública del colega: un archivo</translation>
    </message>
    <message>
        <source>Print your public key, for colleagues to seal cases with</source>
        <translation>Mostrar su clave pública, para que los colegas le sellen casos</translation>
    </message>
    <message>
        <source>Keep a case until another day than its policy says</source>
        <translation>Guardar un caso más tiempo que su política</translation>
    </message>
    <message>
        <source>The day, YYYY-MM-DD</source>
        <translation>El día, AAAA-MM-DD</translation>
    </message>
    <message>
        <source>Why; it stays in the case</source>
        <translation>Por qué; queda en el caso</translation>
    </message>
    <message>
        <source>List the cases of a folder whose day has come</source>
        <translation>Enumerar los casos de una carpeta cuyo día ha llegado</translation>
    </message>
    <message>
        <source>And destroy them</source>
        <translation>Y destruirlos</translation>
    </message>
    <message>
        <source>Mark a case to be destroyed in a week</source>
        <translation>Marcar un caso para destruirlo en una semana</translation>
    </message>
    <message>
        <source>Take that back</source>
        <translation>Deshacer eso</translation>
    </message>
    <message>
        <source>Destroy a case for good, with all its captures</source>
        <translation>Destruir un caso del todo, con todas sus capturas</translation>
    </message>
    <message>
        <source>no day set</source>
        <translation>sin día</translation>
    </message>
    <message>
        <source>%1 is destroyed: its key is gone, then its file. Old blocks a drive may still hold cannot be read.</source>
        <translation>%1 está destruido: su clave y luego su archivo. Los bloques viejos del disco no se pueden leer.</translation>
    </message>
    <message>
        <source>thrown away</source>
        <translation>desechado</translation>
    </message>
    <message>
        <source>A case needs a name.</source>
        <translation>Un caso necesita un nombre.</translation>
    </message>
    <message>
        <source>%1 is no day; one is written 2026-12-24.</source>
        <translation>%1 no es un día; se escribe 2026-12-24.</translation>
    </message>
    <message>
        <source>Why it is put off must be said.</source>
        <translation>Hay que decir por qué se aplaza.</translation>
    </message>
    <message>
        <source>Two officers are needed; so far only one has had a hand in this case.</source>
        <translation>Hacen falta dos agentes; solo uno ha trabajado en este caso.</translation>
    </message>
    <message>
        <source>%1: %2, since %3</source>
        <translation>%1: %2, desde %3</translation>
    </message>
    <message>
        <source>The document&apos;s text</source>
        <translation>El texto del documento</translation>
    </message>
    <message>
        <source>%1: clean</source>
        <translation>%1: limpio</translation>
    </message>
    <message>
        <source>Exit status: 0 done and clean; 1 done, but something sensitive remains or a check failed;
2 wrong usage; 3 an input could not be used (the others are still done).</source>
        <translation>Estado de salida: 0 hecho y limpio; 1 hecho, pero queda algo sensible o falló una comprobación;
2 mal uso; 3 una entrada no sirvió (las demás están hechas).</translation>
    </message>
    <message>
        <source>%1 (--help tells what there is.)</source>
        <translation>%1 (--help dice lo que hay.)</translation>
    </message>
    <message>
        <source>A policy by its name (policies lists them), or a TOML file</source>
        <translation>Una política por su nombre (policies las enumera), o un archivo TOML</translation>
    </message>
    <message>
        <source>A file of words and /patterns/ that are always findings, one a line</source>
        <translation>Un archivo de palabras y /patrones/ que siempre son hallazgos, uno por línea</translation>
    </message>
    <message>
        <source>Languages to read, joined by +; auto: told by the text</source>
        <translation>Idiomas que leer, unidos con +; auto: según el texto</translation>
    </message>
    <message>
        <source>Print the text on a picture</source>
        <translation>Mostrar el texto de una imagen</translation>
    </message>
    <message>
        <source>Read only this part: x,y,width,height in pixels</source>
        <translation>Leer solo esta parte: x,y,ancho,alto en píxeles</translation>
    </message>
    <message>
        <source>text, json, hocr (HTML with boxes) or csv (a word a row)</source>
        <translation>text, json, hocr (HTML con cajas) o csv (una palabra por fila)</translation>
    </message>
    <message>
        <source>With names in place of what the policy finds: [e-mail 1]</source>
        <translation>Con nombres en lugar de lo que halla la política: [e-mail 1]</translation>
    </message>
    <message>
        <source>A picture</source>
        <translation>Una imagen</translation>
    </message>
    <message>
        <source>List what is sensitive, and why</source>
        <translation>Enumerar lo sensible, y por qué</translation>
    </message>
    <message>
        <source>Write sanitised pictures and a log, and check them</source>
        <translation>Escribir imágenes tachadas y un registro, y comprobarlas</translation>
    </message>
    <message>
        <source>How places are covered (else as the policy says)</source>
        <translation>Cómo se tacha (si no, según la política)</translation>
    </message>
    <message>
        <source>Of solid covers (else as the policy says)</source>
        <translation>De tachados lisos (si no, según la política)</translation>
    </message>
    <message>
        <source>Mark made-up values with a small closed eyelid</source>
        <translation>Señalar valores inventados con un pequeño párpado cerrado</translation>
    </message>
    <message>
        <source>Of mosaic and blur, 0 to 1</source>
        <translation>De mosaico y desenfoque, 0 a 1</translation>
    </message>
    <message>
        <source>Cover this place as well: x,y,width,height in pixels</source>
        <translation>Tachar también este lugar: x,y,ancho,alto en píxeles</translation>
    </message>
    <message>
        <source>Cover only what --cover names</source>
        <translation>Tachar solo lo que nombra --cover</translation>
    </message>
    <message>
        <source>Name the pictures as the files they are made from, unless a name holds what is covered (default: picture-01.png and so on)</source>
        <translation>Llamar a las imágenes como sus archivos, salvo que un nombre contenga lo tachado (si no, picture-01.png etc.)</translation>
    </message>
    <message>
        <source>The file with the key for the log&apos;s digests (default: one of this user&apos;s)</source>
        <translation>El archivo de clave de los resúmenes del registro (si no, uno propio)</translation>
    </message>
    <message>
        <source>Take pictures of the desk</source>
        <translation>Capturar imágenes del escritorio</translation>
    </message>
    <message>
        <source>Print monitors and windows as JSON</source>
        <translation>Mostrar monitores y ventanas como JSON</translation>
    </message>
    <message>
        <source>What to take (the whole desk if not said)</source>
        <translation>Qué capturar (si no, todo el escritorio)</translation>
    </message>
    <message>
        <source>A monitor, by number from 1 or by name</source>
        <translation>Un monitor, por número desde 1 o por nombre</translation>
    </message>
    <message>
        <source>A window, by id or by a part of its title</source>
        <translation>Una ventana, por identificador o parte del título</translation>
    </message>
    <message>
        <source>The active window</source>
        <translation>La ventana activa</translation>
    </message>
    <message>
        <source>A part of the desk: x,y,width,height in pixels</source>
        <translation>Una parte del escritorio: x,y,ancho,alto en píxeles</translation>
    </message>
    <message>
        <source>The whole desk</source>
        <translation>Todo el escritorio</translation>
    </message>
    <message>
        <source>Wait this many seconds first</source>
        <translation>Esperar antes tantos segundos</translation>
    </message>
    <message>
        <source>With the pointer in it</source>
        <translation>Con el puntero</translation>
    </message>
    <message>
        <source>A window without its title bar and border</source>
        <translation>Una ventana sin barra de título ni borde</translation>
    </message>
    <message>
        <source>Again every so many seconds; what is the same as the last is left out</source>
        <translation>Otra vez cada tantos segundos; lo igual a lo último se omite</translation>
    </message>
    <message>
        <source>So many times</source>
        <translation>Tantas veces</translation>
    </message>
    <message>
        <source>Scroll the window and take the whole page</source>
        <translation>Recorrer la ventana y capturar toda la página</translation>
    </message>
    <message>
        <source>Scroll to the right instead of down</source>
        <translation>Recorrer a la derecha y no hacia abajo</translation>
    </message>
    <message>
        <source>Take from the simulated desk that comes with Eyelid</source>
        <translation>Capturar el escritorio simulado que viene con Eyelid</translation>
    </message>
    <message>
        <source>Replace files that are there already</source>
        <translation>Sustituir archivos que ya están</translation>
    </message>
    <message>
        <source>A PNG file, or a folder for several</source>
        <translation>Un archivo PNG, o una carpeta para varios</translation>
    </message>
    <message>
        <source>Join pictures of one page that overlap, in their order</source>
        <translation>Unir imágenes de una página que se solapan, en su orden</translation>
    </message>
    <message>
        <source>They lie side by side, not one below the other</source>
        <translation>Están lado a lado, no una bajo otra</translation>
    </message>
    <message>
        <source>Replace a file that is there already</source>
        <translation>Sustituir un archivo que ya está</translation>
    </message>
    <message>
        <source>The PNG file to write</source>
        <translation>El archivo PNG que escribir</translation>
    </message>
    <message>
        <source>Write pages of a PDF as pictures</source>
        <translation>Escribir páginas de un PDF como imágenes</translation>
    </message>
    <message>
        <source>Which, like 1-3,7 (all if not said)</source>
        <translation>Cuáles, como 1-3,7 (si no, todas)</translation>
    </message>
    <message>
        <source>Pixels an inch</source>
        <translation>Píxeles por pulgada</translation>
    </message>
    <message>
        <source>The file with the password of a locked PDF, - for standard input (default: asked for)</source>
        <translation>El archivo con la contraseña de un PDF cerrado, - para la entrada estándar (si no, se pregunta)</translation>
    </message>
    <message>
        <source>A PDF</source>
        <translation>Un PDF</translation>
    </message>
    <message>
        <source>Search finished pictures for what must not leave</source>
        <translation>Buscar en imágenes terminadas lo que no debe salir</translation>
    </message>
    <message>
        <source>Say whether released files are still what was released</source>
        <translation>Decir si archivos entregados son aún lo que se entregó</translation>
    </message>
    <message>
        <source>The public key they must be signed by, or a file of it (if not said: whoever signed is told)</source>
        <translation>La clave pública con que deben estar firmados, o un archivo de ella (si no, se dice quién firmó)</translation>
    </message>
    <message>
        <source>A file of checksums that was handed on by another way</source>
        <translation>Un archivo de sumas llegado por otra vía</translation>
    </message>
    <message>
        <source>Files, folders or archives of a release</source>
        <translation>Archivos, carpetas o comprimidos de una entrega</translation>
    </message>
    <message>
        <source>Print the public key of those who must verify your releases</source>
        <translation>Mostrar la clave pública para quienes verifican sus entregas</translation>
    </message>
    <message>
        <source>List the policies that are known by name, and where they come from</source>
        <translation>Enumerar las políticas conocidas por su nombre, y de dónde vienen</translation>
    </message>
    <message>
        <source>List the kinds of what is looked for</source>
        <translation>Enumerar las clases de lo que se busca</translation>
    </message>
    <message>
        <source>What was to be printed could not be written: the disk is full.</source>
        <translation>Lo que había que mostrar no se pudo escribir: el disco está lleno.</translation>
    </message>
    <message>
        <source>What was to be printed could not be written.</source>
        <translation>Lo que había que mostrar no se pudo escribir.</translation>
    </message>
    <message>
        <source>%1	%2	%3 %	%4</source>
        <translation>%1	%2	%3 %	%4</translation>
    </message>
    <message>
        <source>--resize %1: 50%, 800x (its width) or x600 (its height) is expected.</source>
        <translation>--resize %1: se espera 50%, 800x (ancho) o x600 (alto).</translation>
    </message>
    <message>
        <source>Show only this: x,y,width,height in pixels; what lies outside is not released</source>
        <translation>Mostrar solo esto: x,y,ancho,alto en píxeles; lo de fuera no se entrega</translation>
    </message>
    <message>
        <source>Turn by so many degrees clockwise, up to 45</source>
        <translation>Girar tantos grados en sentido horario, hasta 45</translation>
    </message>
    <message>
        <source>Turn clockwise</source>
        <translation>Girar en sentido horario</translation>
    </message>
    <message>
        <source>50%, 800x (to this width) or x600 (to this height)</source>
        <translation>50%, 800x (a este ancho) o x600 (a este alto)</translation>
    </message>
    <message>
        <source>A border so many pixels wide</source>
        <translation>Un marco de tantos píxeles</translation>
    </message>
    <message>
        <source>Corners rounded by so many pixels</source>
        <translation>Esquinas redondeadas en tantos píxeles</translation>
    </message>
    <message>
        <source>Draw the marks of this file (docs/marks.schema.json) on every picture</source>
        <translation>Dibujar las marcas de este archivo (docs/marks.schema.json) en cada imagen</translation>
    </message>
    <message>
        <source>Beside each picture a small one, its longest side so many pixels</source>
        <translation>Junto a cada imagen una pequeña, su lado mayor de tantos píxeles</translation>
    </message>
    <message>
        <source>Password of %1: </source>
        <translation>Contraseña de %1: </translation>
    </message>
    <message>
        <source>%1 is locked; give its password with --password-file FILE, or - for standard input.</source>
        <translation>%1 está cerrado; dé su contraseña con --password-file ARCHIVO, o - para la entrada estándar.</translation>
    </message>
    <message>
        <source>page-%1.png</source>
        <translation>page-%1.png</translation>
    </message>
    <message>
        <source>--area %1 lies outside %2, which is %3 x %4 pixels.</source>
        <translation>--area %1 está fuera de %2, que tiene %3 x %4 píxeles.</translation>
    </message>
    <message>
        <source>The key for digests cannot be kept, so this log&apos;s digests are of this run alone: %1</source>
        <translation>La clave de los resúmenes no se puede guardar; los de este registro valen solo para esta vez: %1</translation>
    </message>
    <message>
        <source>%1 holds further frames; only the first is taken.</source>
        <translation>%1 contiene más imágenes; solo se toma la primera.</translation>
    </message>
    <message>
        <source>%1-%2</source>
        <translation>%1-%2</translation>
    </message>
    <message>
        <source>%1 is there already and is one of the pictures to be read; choose another folder for --out.</source>
        <translation>%1 ya está y es una de las imágenes que leer; elija otra carpeta para --out.</translation>
    </message>
    <message>
        <source>%1 is there already; choose another folder, or give --force to replace it.</source>
        <translation>%1 ya está; elija otra carpeta, o sustituya con --force.</translation>
    </message>
    <message>
        <source>%1 was changed while it was being worked on; start again.</source>
        <translation>%1 cambió mientras se trabajaba; empiece de nuevo.</translation>
    </message>
    <message>
        <source>--crop %1,%2,%3,%4 lies outside %5, which is %6 x %7 pixels.</source>
        <translation>--crop %1,%2,%3,%4 está fuera de %5, que tiene %6 x %7 píxeles.</translation>
    </message>
    <message>
        <source>--cover %1,%2,%3,%4</source>
        <translation>--cover %1,%2,%3,%4</translation>
    </message>
    <message>
        <source>%1 lies outside %2, which is %3 x %4 pixels.</source>
        <translation>%1 está fuera de %2, que tiene %3 x %4 píxeles.</translation>
    </message>
    <message>
        <source>%1 reaches over the edge of %2; covered is %3,%4,%5,%6.</source>
        <translation>%1 pasa del borde de %2; se tacha %3,%4,%5,%6.</translation>
    </message>
    <message>
        <source>The file&apos;s name</source>
        <translation>El nombre del archivo</translation>
    </message>
    <message>
        <source>The name of %1 holds a value that is covered and is not kept; the picture is %2.</source>
        <translation>El nombre de %1 contiene un valor tachado y no se conserva; la imagen es %2.</translation>
    </message>
    <message>
        <source>The name of %1 is none for everywhere and is not kept; the picture is %2.</source>
        <translation>El nombre de %1 no vale en todas partes y no se conserva; la imagen es %2.</translation>
    </message>
    <message>
        <source>The names asked for hold something sensitive; give --names others, of its parts alone.</source>
        <translation>Los nombres pedidos contienen algo sensible; dé otros con --names, solo de sus partes.</translation>
    </message>
    <message>
        <source>was found when the written picture was read again</source>
        <translation>se halló al releer la imagen escrita</translation>
    </message>
    <message>
        <source>checked clean</source>
        <translation>comprobado, limpio</translation>
    </message>
    <message numerus="yes">
        <source>%n leak(s)</source>
        <translation>
            <numerusform>una fuga</numerusform>
            <numerusform>%n fugas</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, page %2 of %3</source>
        <translation>%1, página %2 de %3</translation>
    </message>
    <message>
        <source>  to keep to the size: %1, quality %2</source>
        <translation>  para cumplir el tamaño: %1, calidad %2</translation>
    </message>
    <message>
        <source>Of the files: %1 (if not said: png)</source>
        <translation>De los archivos: %1 (si no, png)</translation>
    </message>
    <message>
        <source>Of JPEG and WebP, 1 to 100 (if not said: 90); 0 for a WebP without loss</source>
        <translation>De JPEG y WebP, 1 a 100 (si no, 90); 0 para un WebP sin pérdida</translation>
    </message>
    <message>
        <source>At most so much a picture, like 500k; format and quality give way</source>
        <translation>Como mucho tanto por imagen, como 500k; formato y calidad ceden</translation>
    </message>
    <message>
        <source>What files are called, of the parts {case}, {number}, {count}, {date}, {policy}</source>
        <translation>Cómo se llaman los archivos, de {case}, {number}, {count}, {date}, {policy}</translation>
    </message>
    <message>
        <source>In a PDF or HTML, the words that are still to be seen as text</source>
        <translation>En un PDF o HTML, las palabras aún visibles como texto</translation>
    </message>
    <message>
        <source>At the end of a PDF or HTML, what was hidden</source>
        <translation>Al final de un PDF o HTML, lo que se ocultó</translation>
    </message>
    <message>
        <source>Beside the log, a report for people</source>
        <translation>Junto al registro, un informe legible</translation>
    </message>
    <message>
        <source>All of it in one archive</source>
        <translation>Todo en un archivo comprimido</translation>
    </message>
    <message>
        <source>All of it attached to the draft of a mail, an .eml file</source>
        <translation>Todo adjunto a un borrador de correo, un archivo .eml</translation>
    </message>
    <message>
        <source>Number the files, where some are there already</source>
        <translation>Numerar los archivos, si alguno ya está</translation>
    </message>
    <message>
        <source>A way that was kept: how it is made and where it goes besides the folder (ways lists them)</source>
        <translation>Una vía recordada: cómo se hace y adónde va además de la carpeta (ways las enumera)</translation>
    </message>
    <message>
        <source>No way is called “%1”; eyelid-cli ways lists those there are.</source>
        <translation>Ninguna vía se llama «%1»; eyelid-cli ways las enumera.</translation>
    </message>
    <message>
        <source>“%1” goes to the clipboard, to paper or on the screen; that can the window alone.</source>
        <translation>«%1» va al portapapeles, al papel o a la pantalla; eso solo lo puede la ventana.</translation>
    </message>
    <message>
        <source>--quality is of JPEG, WebP and documents; a %1 has none.</source>
        <translation>--quality es de JPEG, WebP y documentos; un %1 no tiene.</translation>
    </message>
    <message>
        <source>--quality 0 is of WebP alone; a JPEG loses something always.</source>
        <translation>--quality 0 es solo de WebP; un JPEG siempre pierde algo.</translation>
    </message>
    <message>
        <source>The log is not signed: %1</source>
        <translation>El registro no está firmado: %1</translation>
    </message>
    <message>
        <source>%1 holds %2 pages; only the first is read. redact and check take all of them.</source>
        <translation>%1 contiene %2 páginas; solo se lee la primera. redact y check las toman todas.</translation>
    </message>
    <message>
        <source>%1 %2: four whole numbers are expected, x,y,width,height, with a width and height above 0.</source>
        <translation>%1 %2: se esperan cuatro enteros, x,y,ancho,alto, con ancho y alto sobre 0.</translation>
    </message>
    <message>
        <source>%1 [at %2,%3]</source>
        <translation>%1 [en %2,%3]</translation>
    </message>
    <message>
        <source>The first line of %1 is empty.</source>
        <translation>La primera línea de %1 está vacía.</translation>
    </message>
    <message>
        <source>There is no monitor &quot;%1&quot;; there are %2.</source>
        <translation>No hay monitor «%1»; hay %2.</translation>
    </message>
    <message>
        <source>No window has &quot;%1&quot; in its title; --list shows them.</source>
        <translation>Ninguna ventana tiene «%1» en su título; --list las muestra.</translation>
    </message>
    <message>
        <source>%1 windows have &quot;%2&quot; in their titles; name one by its id: %3.</source>
        <translation>%1 ventanas tienen «%2» en sus títulos; nombre una por su identificador: %3.</translation>
    </message>
    <message>
        <source>%1 It could also be %2.</source>
        <translation>%1 También podría ser %2.</translation>
    </message>
    <message>
        <source>Not sure at pixel %1 (between pictures %2 and %3, %4 apart): %5</source>
        <translation>Inseguro en el píxel %1 (entre las imágenes %2 y %3, a %4): %5</translation>
    </message>
    <message>
        <source>No window is active; name one with --window.</source>
        <translation>No hay ventana activa; nombre una con --window.</translation>
    </message>
    <message>
        <source>%1 is there already; choose another name, or give --force to replace it.</source>
        <translation>%1 ya está; elija otro nombre, o sustituya con --force.</translation>
    </message>
    <message>
        <source>%1 is one of the pictures to be joined; choose another name for --out.</source>
        <translation>%1 es una de las imágenes que unir; elija otro nombre para --out.</translation>
    </message>
    <message>
        <source>Say where the picture goes with --out, or ask for --list.</source>
        <translation>Diga adónde va la imagen con --out, o pida --list.</translation>
    </message>
    <message>
        <source>--count needs --every: how many seconds lie between two pictures.</source>
        <translation>--count necesita --every: cuántos segundos hay entre dos imágenes.</translation>
    </message>
    <message>
        <source>--scroll takes one page; it does not go with --every and --count.</source>
        <translation>--scroll toma una página; no va con --every y --count.</translation>
    </message>
    <message>
        <source>--scroll needs the window to scroll: --window or --active.</source>
        <translation>--scroll necesita la ventana: --window o --active.</translation>
    </message>
    <message>
        <source>List the ways of releasing, and the places to drop at</source>
        <translation>Enumerar las vías de entrega y los depósitos</translation>
    </message>
    <message>
        <source>Keep a way of releasing by name, or forget one</source>
        <translation>Recordar una vía de entrega por su nombre, u olvidar una</translation>
    </message>
    <message>
        <source>What it is called</source>
        <translation>Cómo se llama</translation>
    </message>
    <message>
        <source>Drop it at this place, which is set up already (place)</source>
        <translation>Depositarla en este depósito, ya preparado (place)</translation>
    </message>
    <message>
        <source>Open a draft in the mail program, with the files</source>
        <translation>Abrir un borrador en el programa de correo, con los archivos</translation>
    </message>
    <message>
        <source>Run a program with the files; {files} and {folder} in it stand for them</source>
        <translation>Ejecutar un programa con los archivos; {files} y {folder} los representan</translation>
    </message>
    <message>
        <source>Set up a place to drop releases at, or forget one</source>
        <translation>Preparar un depósito de entregas, u olvidar uno</translation>
    </message>
    <message>
        <source>Its folder: https://… (WebDAV) or sftp://…</source>
        <translation>Su carpeta: https://… (WebDAV) o sftp://…</translation>
    </message>
    <message>
        <source>The user there</source>
        <translation>El usuario allí</translation>
    </message>
    <message>
        <source>A file whose first line is the password, or the passphrase of the key file; -: standard input. Kept in the key ring</source>
        <translation>Un archivo cuya primera línea es la contraseña, o la frase del archivo de clave; -: entrada estándar. Se guarda en el llavero</translation>
    </message>
    <message>
        <source>SFTP: the server&apos;s key as its keeper told you, SHA-256 in base64</source>
        <translation>SFTP: la clave del servidor que dijo su responsable, SHA-256 en base64</translation>
    </message>
    <message>
        <source>SFTP: a private key instead of a password</source>
        <translation>SFTP: una clave privada en vez de contraseña</translation>
    </message>
    <message>
        <source>WebDAV: a file of the office&apos;s own certificate authority</source>
        <translation>WebDAV: un archivo de la autoridad de la oficina</translation>
    </message>
    <message>
        <source>What others reach the folder by, if it is another address</source>
        <translation>Con qué llegan otros a la carpeta, si es otra dirección</translation>
    </message>
    <message>
        <source>How long it is meant to lie there, said in its name</source>
        <translation>Cuánto ha de quedar allí, dicho en su nombre</translation>
    </message>
    <message>
        <source>way %1: %2, %3</source>
        <translation>vía %1: %2, %3</translation>
    </message>
    <message>
        <source>place %1: %2</source>
        <translation>depósito %1: %2</translation>
    </message>
    <message>
        <source>Give the way a name.</source>
        <translation>Dé un nombre a la vía.</translation>
    </message>
    <message>
        <source>There is no place called “%1”; set it up first.</source>
        <translation>No hay depósito llamado «%1»; prepárelo antes.</translation>
    </message>
    <message>
        <source>The server shows the key SHA256:%1. Compare it with what its keeper says, and give it as --host-key: no other will be spoken to.</source>
        <translation>El servidor muestra la clave SHA256:%1. Compárela con lo que dice su responsable y dela con --host-key: con ninguna otra se hablará.</translation>
    </message>
    <message>
        <source>Nothing is called “%1”.</source>
        <translation>Nada se llama «%1».</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>el disco está lleno</translation>
    </message>
    <message>
        <source>too many files are open already</source>
        <translation>ya hay demasiados archivos abiertos</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation>%1 no se puede leer: %2.</translation>
    </message>
    <message>
        <source>%1: there is no such file.</source>
        <translation>%1: no hay tal archivo.</translation>
    </message>
    <message>
        <source>%1 is not a file.</source>
        <translation>%1 no es un archivo.</translation>
    </message>
    <message>
        <source>%1 is larger than %2 MB, more than Eyelid opens.</source>
        <translation>%1 pasa de %2 MB, más de lo que abre Eyelid.</translation>
    </message>
    <message>
        <source>%1 is empty.</source>
        <translation>%1 está vacío.</translation>
    </message>
    <message>
        <source>The folder %1 cannot be made: %2; choose one you may write to.</source>
        <translation>La carpeta %1 no se puede crear: %2; elija una donde pueda escribir.</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2.</source>
        <translation>%1 no se puede escribir: %2.</translation>
    </message>
    <message>
        <source>the folder %1 does not exist</source>
        <translation>la carpeta %1 no existe</translation>
    </message>
    <message>
        <source>the disk gives back something else than was written to it</source>
        <translation>el disco devuelve otra cosa que lo escrito</translation>
    </message>
    <message>
        <source>%1 is there already; choose another folder, or say that it may be replaced.</source>
        <translation>%1 ya está; elija otra carpeta, o diga que se puede sustituir.</translation>
    </message>
    <message>
        <source>a folder has that name</source>
        <translation>una carpeta se llama así</translation>
    </message>
    <message>
        <source>There is no key ring of a desktop here.</source>
        <translation>Aquí no hay llavero.</translation>
    </message>
    <message>
        <source>The key ring cannot be used (%1).</source>
        <translation>El llavero no se puede usar (%1).</translation>
    </message>
    <message>
        <source>There is no such key in the desktop&apos;s key ring.</source>
        <translation>No hay tal clave en el llavero.</translation>
    </message>
    <message>
        <source>use the policy &quot;%1&quot;</source>
        <translation>usar la política «%1»</translation>
    </message>
    <message>
        <source>looking the case over</source>
        <translation>revisar el caso</translation>
    </message>
    <message>
        <source>changing the watched words</source>
        <translation>cambiar las palabras vigiladas</translation>
    </message>
    <message>
        <source>adding %1</source>
        <translation>añadir %1</translation>
    </message>
    <message>
        <source>removing %1</source>
        <translation>quitar %1</translation>
    </message>
    <message>
        <source>renaming %1</source>
        <translation>renombrar %1</translation>
    </message>
    <message>
        <source>moving %1</source>
        <translation>mover %1</translation>
    </message>
    <message>
        <source>join anew</source>
        <translation>unir de nuevo</translation>
    </message>
    <message>
        <source>approving joins</source>
        <translation>aprobar uniones</translation>
    </message>
    <message>
        <source>correct a word</source>
        <translation>corregir una palabra</translation>
    </message>
    <message>
        <source>read an area again</source>
        <translation>releer un área</translation>
    </message>
    <message>
        <source>letting a leak pass</source>
        <translation>dejar pasar una fuga</translation>
    </message>
    <message numerus="yes">
        <source>covering %n finding(s)</source>
        <translation>
            <numerusform>tachar un hallazgo</numerusform>
            <numerusform>tachar %n hallazgos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>keeping %n finding(s)</source>
        <translation>
            <numerusform>conservar un hallazgo</numerusform>
            <numerusform>conservar %n hallazgos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>opening %n finding(s)</source>
        <translation>
            <numerusform>reabrir un hallazgo</numerusform>
            <numerusform>reabrir %n hallazgos</numerusform>
        </translation>
    </message>
    <message>
        <source>changing a cover&apos;s style</source>
        <translation>cambiar el estilo de un tachado</translation>
    </message>
    <message>
        <source>changing a note</source>
        <translation>cambiar una nota</translation>
    </message>
    <message numerus="yes">
        <source>covering %n area(s)</source>
        <translation>
            <numerusform>tachar un área</numerusform>
            <numerusform>tachar %n áreas</numerusform>
        </translation>
    </message>
    <message>
        <source>changing a finding</source>
        <translation>cambiar un hallazgo</translation>
    </message>
    <message>
        <source>removing a cover</source>
        <translation>quitar un tachado</translation>
    </message>
    <message>
        <source>removing a finding</source>
        <translation>quitar un hallazgo</translation>
    </message>
    <message>
        <source>changing a cover&apos;s shape</source>
        <translation>cambiar la forma de un tachado</translation>
    </message>
    <message>
        <source>cutting a piece out of covers</source>
        <translation>recortar tachados</translation>
    </message>
    <message>
        <source>asking a colleague</source>
        <translation>preguntar a un colega</translation>
    </message>
    <message>
        <source>saying who is the same</source>
        <translation>decir quién es el mismo</translation>
    </message>
    <message>
        <source>saying who is another</source>
        <translation>decir quién es otro</translation>
    </message>
    <message>
        <source>A case needs a passphrase or a key to be locked by.</source>
        <translation>Un caso necesita una frase de paso o una clave.</translation>
    </message>
    <message>
        <source>%1 is not there.</source>
        <translation>%1 no está.</translation>
    </message>
    <message>
        <source>%1 cannot be opened (%2).</source>
        <translation>%1 no se puede abrir (%2).</translation>
    </message>
    <message>
        <source>%1 is open in another window; close it there first.</source>
        <translation>%1 está abierto en otra ventana; ciérrelo allí antes.</translation>
    </message>
    <message>
        <source>%1 could not be replaced (%2).</source>
        <translation>%1 no se pudo sustituir (%2).</translation>
    </message>
    <message>
        <source>%1 is not there any more; keep the case in another file or folder.</source>
        <translation>%1 ya no está; guarde el caso en otro archivo o carpeta.</translation>
    </message>
    <message>
        <source>%1 is no case of Eyelid&apos;s.</source>
        <translation>%1 no es un caso de Eyelid.</translation>
    </message>
    <message>
        <source>%1 could not be destroyed (%2).</source>
        <translation>%1 no se pudo destruir (%2).</translation>
    </message>
    <message>
        <source>%1 is no case that was taken out.</source>
        <translation>%1 no es un caso sacado.</translation>
    </message>
    <message>
        <source>%1 was taken out by a newer Eyelid; bring it in with that one.</source>
        <translation>%1 lo sacó un Eyelid más nuevo; tráigalo con ese.</translation>
    </message>
    <message>
        <source>A picture of this case cannot be read; nothing was taken out.</source>
        <translation>Una imagen de este caso no se puede leer; nada se sacó.</translation>
    </message>
    <message>
        <source>%1 is not the picture the case speaks of.</source>
        <translation>%1 no es la imagen de la que habla el caso.</translation>
    </message>
    <message>
        <source>the case&apos;s policy</source>
        <translation>la política del caso</translation>
    </message>
    <message>
        <source>This record of a case is damaged.</source>
        <translation>Este apunte de un caso está dañado.</translation>
    </message>
    <message>
        <source>This does not open the case.</source>
        <translation>Con eso no se abre el caso.</translation>
    </message>
    <message>
        <source>%1 can be read by others; make it yours alone (chmod 600) before it is used.</source>
        <translation>%1 lo pueden leer otros; hágalo solo suyo (chmod 600) antes de usarlo.</translation>
    </message>
    <message>
        <source>%1 is no key file.</source>
        <translation>%1 no es un archivo de clave.</translation>
    </message>
    <message>
        <source>%1 is no folder.</source>
        <translation>%1 no es una carpeta.</translation>
    </message>
    <message>
        <source>Cancelled.</source>
        <translation>Cancelado.</translation>
    </message>
    <message>
        <source>adding a mark: %1</source>
        <translation>añadir una marca: %1</translation>
    </message>
    <message numerus="yes">
        <source>copying %n mark(s)</source>
        <translation>
            <numerusform>copiar una marca</numerusform>
            <numerusform>copiar %n marcas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>removing %n mark(s)</source>
        <translation>
            <numerusform>quitar una marca</numerusform>
            <numerusform>quitar %n marcas</numerusform>
        </translation>
    </message>
    <message>
        <source>bringing marks to the front</source>
        <translation>traer marcas al frente</translation>
    </message>
    <message>
        <source>putting marks to the back</source>
        <translation>llevar marcas al fondo</translation>
    </message>
    <message>
        <source>counting steps anew</source>
        <translation>recontar los pasos</translation>
    </message>
    <message>
        <source>changing the framing</source>
        <translation>cambiar el encuadre</translation>
    </message>
    <message>
        <source>cutting %1 into parts</source>
        <translation>cortar %1 en partes</translation>
    </message>
    <message>
        <source>%1, part %2</source>
        <translation>%1, parte %2</translation>
    </message>
    <message numerus="yes">
        <source>putting %n capture(s) together</source>
        <translation>
            <numerusform>juntar una captura</numerusform>
            <numerusform>juntar %n capturas</numerusform>
        </translation>
    </message>
    <message>
        <source>Untitled case</source>
        <translation>Caso sin nombre</translation>
    </message>
    <message>
        <source>Untitled, %1</source>
        <translation>Sin nombre, %1</translation>
    </message>
    <message>
        <source>Eyelid: key of your cases</source>
        <translation>Eyelid: clave de sus casos</translation>
    </message>
    <message>
        <source>There is no key in the desktop&apos;s key ring.</source>
        <translation>No hay clave en el llavero.</translation>
    </message>
    <message>
        <source>%1 is no officer&apos;s key: one line, its digits and a name.</source>
        <translation>%1 no es la clave de un agente: una línea, sus cifras y un nombre.</translation>
    </message>
    <message>
        <source>This computer has no random numbers.</source>
        <translation>Este equipo no tiene números aleatorios.</translation>
    </message>
    <message>
        <source>The kept signature is damaged; draw or choose it anew.</source>
        <translation>La firma guardada está dañada; dibújela o elíjala de nuevo.</translation>
    </message>
    <message>
        <source>The kept signature could not be taken away.</source>
        <translation>La firma guardada no se pudo quitar.</translation>
    </message>
    <message>
        <source>When (UTC)</source>
        <translation>Cuándo (UTC)</translation>
    </message>
    <message>
        <source>Officer</source>
        <translation>Agente</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Lugar</translation>
    </message>
    <message>
        <source>SHA-256</source>
        <translation>SHA-256</translation>
    </message>
    <message>
        <source>Withdrawn because</source>
        <translation>Retirada porque</translation>
    </message>
    <message>
        <source>There is no room left for %1; make room, or keep the case in another folder.</source>
        <translation>No queda sitio para %1; haga sitio, o guarde el caso en otra carpeta.</translation>
    </message>
    <message>
        <source>%1 cannot be written to; keep the case in another folder.</source>
        <translation>No se puede escribir en %1; guarde el caso en otra carpeta.</translation>
    </message>
    <message>
        <source>%1 is being written by another program.</source>
        <translation>%1 lo está escribiendo otro programa.</translation>
    </message>
    <message>
        <source>%1 could not be written (%2); keep the case in another folder.</source>
        <translation>%1 no se pudo escribir (%2); guarde el caso en otra carpeta.</translation>
    </message>
    <message>
        <source>This case file is damaged or was altered; what is intact can be taken out of it.</source>
        <translation>Este archivo de caso está dañado o fue alterado; lo intacto se puede sacar.</translation>
    </message>
    <message>
        <source>%1 is there already.</source>
        <translation>%1 ya está.</translation>
    </message>
    <message>
        <source>%1 cannot be made (%2).</source>
        <translation>%1 no se puede crear (%2).</translation>
    </message>
    <message>
        <source>%1 was written by a newer Eyelid; open it with that one.</source>
        <translation>%1 lo escribió un Eyelid más nuevo; ábralo con ese.</translation>
    </message>
    <message>
        <source>Nothing that was given opens %1.</source>
        <translation>Nada de lo dado abre %1.</translation>
    </message>
    <message numerus="yes">
        <source>taking in %n capture(s)</source>
        <translation>
            <numerusform>pasar una captura</numerusform>
            <numerusform>pasar %n capturas</numerusform>
        </translation>
    </message>
    <message>
        <source>The file</source>
        <translation>El archivo</translation>
    </message>
    <message>
        <source>A cover does not look as one that knows nothing of what it hides: something shows through it or lies on it.</source>
        <translation>Un tachado no parece uno que nada sabe de lo que oculta: algo se trasluce o está encima.</translation>
    </message>
    <message>
        <source>The picture is not what was to be written.</source>
        <translation>La imagen no es la que había que escribir.</translation>
    </message>
    <message>
        <source>A cover is smaller than what it should hide.</source>
        <translation>Un tachado es menor que lo que debe ocultar.</translation>
    </message>
    <message>
        <source>A cover drawn by hand is smaller than it was drawn.</source>
        <translation>Un tachado a mano es menor que como se dibujó.</translation>
    </message>
    <message>
        <source>The file is not what was to be written.</source>
        <translation>El archivo no es el que había que escribir.</translation>
    </message>
    <message>
        <source>%1 bytes follow the end of the picture.</source>
        <translation>%1 bytes siguen al final de la imagen.</translation>
    </message>
    <message>
        <source>The file carries more than the picture: %1.</source>
        <translation>El archivo lleva más que la imagen: %1.</translation>
    </message>
    <message>
        <source>The picture is not opaque; colour may lie under what is transparent.</source>
        <translation>La imagen no es opaca; puede haber color bajo lo transparente.</translation>
    </message>
    <message>
        <source>On page %1: %2</source>
        <translation>En la página %1: %2</translation>
    </message>
    <message>
        <source>%1 can be read when the contrast is stretched: it %2.</source>
        <translation>%1 se puede leer con el contraste estirado: %2.</translation>
    </message>
    <message>
        <source>%1 that is covered elsewhere in the case can be read here when the contrast is stretched.</source>
        <translation>%1, tachado en otra parte del caso, se puede leer aquí con el contraste estirado.</translation>
    </message>
    <message>
        <source>%1 that is covered elsewhere in the case can be read here.</source>
        <translation>%1, tachado en otra parte del caso, se puede leer aquí.</translation>
    </message>
    <message>
        <source>Something</source>
        <translation>Algo</translation>
    </message>
    <message>
        <source>%1 can be seen: it %2.</source>
        <translation>%1 se ve: %2.</translation>
    </message>
    <message>
        <source>%1 can be read: it %2.</source>
        <translation>%1 se puede leer: %2.</translation>
    </message>
    <message>
        <source>A code that was drawn cannot be read back as its text: make it larger, or its text shorter.</source>
        <translation>Un código dibujado no se relee como su texto: hágalo mayor, o el texto más corto.</translation>
    </message>
    <message>
        <source>Searching what was read</source>
        <translation>Buscando en lo leído</translation>
    </message>
    <message>
        <source>%1 holds something sensitive (%2).</source>
        <translation>%1 contiene algo sensible (%2).</translation>
    </message>
    <message>
        <source>a covered or watched value</source>
        <translation>un valor tachado o vigilado</translation>
    </message>
    <message>
        <source>The name of the file</source>
        <translation>El nombre del archivo</translation>
    </message>
    <message>
        <source>The file holds several pictures.</source>
        <translation>El archivo contiene varias imágenes.</translation>
    </message>
    <message>
        <source>The picture is not of the size it was written in.</source>
        <translation>La imagen no tiene el tamaño en que se escribió.</translation>
    </message>
    <message>
        <source>a structure that is damaged</source>
        <translation>una estructura dañada</translation>
    </message>
    <message>
        <source>data that belongs to no page</source>
        <translation>datos de ninguna página</translation>
    </message>
    <message>
        <source>a structure that cannot be read</source>
        <translation>una estructura ilegible</translation>
    </message>
    <message>
        <source>a structure that is too deep</source>
        <translation>una estructura demasiado honda</translation>
    </message>
    <message>
        <source>an entry %1</source>
        <translation>una entrada %1</translation>
    </message>
    <message>
        <source>an entry %1 that is not of a picture or its text</source>
        <translation>una entrada %1 que no es de imagen ni texto</translation>
    </message>
    <message>
        <source>a colour profile of its own</source>
        <translation>un perfil de color propio</translation>
    </message>
    <message>
        <source>a stream that belongs to nothing</source>
        <translation>un flujo de nada</translation>
    </message>
    <message>
        <source>instructions that are not of a picture or its text</source>
        <translation>instrucciones que no son de imagen ni texto</translation>
    </message>
    <message>
        <source>a picture that no page shows</source>
        <translation>una imagen que ninguna página muestra</translation>
    </message>
    <message>
        <source>a picture that is none</source>
        <translation>una imagen que no lo es</translation>
    </message>
    <message>
        <source>“%1” is no %2; there are %3</source>
        <translation>«%1» no es %2; hay %3</translation>
    </message>
    <message>
        <source>“%1” is no colour; write it as &quot;#5a2f52&quot;</source>
        <translation>«%1» no es un color; se escribe &quot;#5a2f52&quot;</translation>
    </message>
    <message>
        <source>it is no object</source>
        <translation>no es un objeto</translation>
    </message>
    <message>
        <source>there is no key “%1”</source>
        <translation>no hay clave «%1»</translation>
    </message>
    <message>
        <source>“%1” has a value of the wrong kind</source>
        <translation>«%1» tiene un valor de otro tipo</translation>
    </message>
    <message>
        <source>a number is too large</source>
        <translation>un número es demasiado grande</translation>
    </message>
    <message>
        <source>%1 is not within %2 to %3</source>
        <translation>%1 no está entre %2 y %3</translation>
    </message>
    <message>
        <source>“%1” is no kind of mark; there are %2</source>
        <translation>«%1» no es una clase de marca; hay %2</translation>
    </message>
    <message>
        <source>a %1 has no form “%2”; there are %3</source>
        <translation>%1 no tiene forma «%2»; hay %3</translation>
    </message>
    <message>
        <source>it has no kind</source>
        <translation>no tiene clase</translation>
    </message>
    <message>
        <source>it has no points</source>
        <translation>no tiene puntos</translation>
    </message>
    <message>
        <source>%1 is no file of marks: %2.</source>
        <translation>%1 no es un archivo de marcas: %2.</translation>
    </message>
    <message>
        <source>it is no JSON</source>
        <translation>no es JSON</translation>
    </message>
    <message>
        <source>it does not begin as one of version 1 does</source>
        <translation>no empieza como uno de la versión 1</translation>
    </message>
    <message>
        <source>mark %1: %2</source>
        <translation>marca %1: %2</translation>
    </message>
    <message>
        <source>was covered by hand</source>
        <translation>se tachó a mano</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>Señalar</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Línea</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Anillo</translation>
    </message>
    <message>
        <source>Draw</source>
        <translation>Dibujar</translation>
    </message>
    <message>
        <source>Tint</source>
        <translation>Teñir</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Paso</translation>
    </message>
    <message>
        <source>Enlarge</source>
        <translation>Ampliar</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Medir</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Firmar</translation>
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
        <translation>tiene la forma de una dirección postal</translation>
    </message>
    <message>
        <source>has the form of a Canadian postcode</source>
        <translation>tiene la forma de un código postal canadiense</translation>
    </message>
    <message>
        <source>has the form of a British postcode</source>
        <translation>tiene la forma de un código postal británico</translation>
    </message>
    <message>
        <source>has the form of a street address over two lines</source>
        <translation>tiene la forma de una dirección postal en dos líneas</translation>
    </message>
    <message>
        <source>goes on under a street address</source>
        <translation>sigue a una dirección postal</translation>
    </message>
    <message>
        <source>is written like the others of its column or row</source>
        <translation>está escrito como los demás de su columna o fila</translation>
    </message>
    <message>
        <source>stands in a column of names</source>
        <translation>está en una columna de nombres</translation>
    </message>
    <message>
        <source>stands in a column of user names</source>
        <translation>está en una columna de usuarios</translation>
    </message>
    <message>
        <source>is a date and %1</source>
        <translation>es una fecha y %1</translation>
    </message>
    <message>
        <source>is a date after a word for birth</source>
        <translation>es una fecha tras una palabra de nacimiento</translation>
    </message>
    <message>
        <source>is a date before a word for birth</source>
        <translation>es una fecha ante una palabra de nacimiento</translation>
    </message>
    <message>
        <source>is a date before a letter for the sex</source>
        <translation>es una fecha ante una letra de sexo</translation>
    </message>
    <message>
        <source>is a card number: its check digit (Luhn) holds</source>
        <translation>es un número de tarjeta: su dígito de control (Luhn) cuadra</translation>
    </message>
    <message>
        <source>%1 and is as long as a card number; its check digit does not hold, perhaps misread</source>
        <translation>%1 y es tan largo como un número de tarjeta; su dígito no cuadra, quizá mal leído</translation>
    </message>
    <message>
        <source>is grouped like a card number; its check digit does not hold, perhaps misread</source>
        <translation>está agrupado como un número de tarjeta; su dígito no cuadra, quizá mal leído</translation>
    </message>
    <message>
        <source>is an IMEI: its check digit (Luhn) holds</source>
        <translation>es un IMEI: su dígito de control (Luhn) cuadra</translation>
    </message>
    <message>
        <source>stands by a word for IMEI</source>
        <translation>está junto a una palabra de IMEI</translation>
    </message>
    <message>
        <source>is a SIM card&apos;s number: its check digit (Luhn) holds</source>
        <translation>es el número de una tarjeta SIM: su dígito (Luhn) cuadra</translation>
    </message>
    <message>
        <source>is a vehicle&apos;s number: its check digit holds</source>
        <translation>es un número de vehículo: su dígito cuadra</translation>
    </message>
    <message>
        <source>is a latitude and a longitude</source>
        <translation>es una latitud y una longitud</translation>
    </message>
    <message>
        <source>is a place in degrees, minutes and seconds</source>
        <translation>es un lugar en grados, minutos y segundos</translation>
    </message>
    <message>
        <source>is a wallet&apos;s address: its checksum holds</source>
        <translation>es la dirección de un monedero: su suma cuadra</translation>
    </message>
    <message>
        <source>stands by a word for a wallet</source>
        <translation>está junto a una palabra de monedero</translation>
    </message>
    <message>
        <source>has the form of an Ethereum address</source>
        <translation>tiene la forma de una dirección de Ethereum</translation>
    </message>
    <message>
        <source>%1 and is a US routing number: its check digit holds</source>
        <translation>%1 y es un número bancario de EE. UU.: su dígito cuadra</translation>
    </message>
    <message>
        <source>is a line of a machine-readable zone: its check digits hold</source>
        <translation>es una línea de una zona legible por máquina: sus dígitos cuadran</translation>
    </message>
    <message>
        <source>has the form of a line of a machine-readable zone</source>
        <translation>tiene la forma de una línea de una zona legible por máquina</translation>
    </message>
    <message>
        <source>has the form of an e-mail address</source>
        <translation>tiene la forma de una dirección de correo</translation>
    </message>
    <message>
        <source>looks like an e-mail address whose dot was lost in reading</source>
        <translation>parece una dirección de correo cuyo punto se perdió al leer</translation>
    </message>
    <message>
        <source>stands between angle brackets and has a mail domain&apos;s ending</source>
        <translation>está entre ángulos y acaba como un dominio de correo</translation>
    </message>
    <message>
        <source>%1 and has a mail domain&apos;s ending</source>
        <translation>%1 y acaba como un dominio de correo</translation>
    </message>
    <message>
        <source>is a %1 of the policy</source>
        <translation>es %1 de la política</translation>
    </message>
    <message>
        <source>%1 in another reading of it</source>
        <translation>%1 en otra lectura</translation>
    </message>
    <message>
        <source>is a small photograph beside somebody&apos;s name that may show a face</source>
        <translation>es una foto pequeña junto a un nombre, que puede mostrar una cara</translation>
    </message>
    <message>
        <source>looks like a face on a photograph</source>
        <translation>parece una cara en una foto</translation>
    </message>
    <message>
        <source>looks like text and could not be read</source>
        <translation>parece texto y no se pudo leer</translation>
    </message>
    <message>
        <source>is a %1</source>
        <translation>es un %1</translation>
    </message>
    <message>
        <source>%1 that holds a value of this kind, which %2</source>
        <translation>%1 que contiene un valor de esta clase, que %2</translation>
    </message>
    <message>
        <source>is a code of the classification of diseases (ICD-10) after a word for it</source>
        <translation>es un código de la clasificación de enfermedades (CIE-10) tras una palabra de ella</translation>
    </message>
    <message>
        <source>is an IBAN: its country&apos;s length and its check digits (mod 97) hold</source>
        <translation>es un IBAN: su longitud y sus dígitos (mod 97) cuadran</translation>
    </message>
    <message>
        <source>%1; its check digits do not hold, perhaps misread</source>
        <translation>%1; sus dígitos no cuadran, quizá mal leídos</translation>
    </message>
    <message>
        <source>has the form of an IBAN; its check digits do not hold, perhaps misread</source>
        <translation>tiene la forma de un IBAN; sus dígitos no cuadran, quizá mal leídos</translation>
    </message>
    <message>
        <source>Person</source>
        <translation>Persona</translation>
    </message>
    <message>
        <source>E-mail address</source>
        <translation>Dirección de correo</translation>
    </message>
    <message>
        <source>Phone number</source>
        <translation>Teléfono</translation>
    </message>
    <message>
        <source>Postal address</source>
        <translation>Dirección postal</translation>
    </message>
    <message>
        <source>Date of birth</source>
        <translation>Fecha de nacimiento</translation>
    </message>
    <message>
        <source>Payment card</source>
        <translation>Tarjeta de pago</translation>
    </message>
    <message>
        <source>IBAN</source>
        <translation>IBAN</translation>
    </message>
    <message>
        <source>Bank account</source>
        <translation>Cuenta bancaria</translation>
    </message>
    <message>
        <source>National identity number</source>
        <translation>Número nacional de identidad</translation>
    </message>
    <message>
        <source>Passport or licence</source>
        <translation>Pasaporte o permiso</translation>
    </message>
    <message>
        <source>IP address</source>
        <translation>Dirección IP</translation>
    </message>
    <message>
        <source>MAC address</source>
        <translation>Dirección MAC</translation>
    </message>
    <message>
        <source>User name</source>
        <translation>Usuario</translation>
    </message>
    <message>
        <source>Secret</source>
        <translation>Secreto</translation>
    </message>
    <message>
        <source>Vehicle plate</source>
        <translation>Matrícula</translation>
    </message>
    <message>
        <source>Health fact</source>
        <translation>Dato de salud</translation>
    </message>
    <message>
        <source>Coordinates</source>
        <translation>Coordenadas</translation>
    </message>
    <message>
        <source>Device number</source>
        <translation>Número de aparato</translation>
    </message>
    <message>
        <source>Wallet address</source>
        <translation>Dirección de monedero</translation>
    </message>
    <message>
        <source>Personal web address</source>
        <translation>Dirección web personal</translation>
    </message>
    <message>
        <source>Record number</source>
        <translation>Número de expediente</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Fecha</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Cara</translation>
    </message>
    <message>
        <source>Illegible text</source>
        <translation>Texto ilegible</translation>
    </message>
    <message>
        <source>Watch list</source>
        <translation>Lista de vigilancia</translation>
    </message>
    <message>
        <source>ships with Eyelid</source>
        <translation>viene con Eyelid</translation>
    </message>
    <message>
        <source>of this office: %1</source>
        <translation>de esta oficina: %1</translation>
    </message>
    <message>
        <source>your own: %1</source>
        <translation>propia: %1</translation>
    </message>
    <message>
        <source>There is no policy &quot;%1&quot;: it is neither a file nor one of %2.</source>
        <translation>No hay política «%1»: ni es un archivo ni una de %2.</translation>
    </message>
    <message>
        <source>was found elsewhere in the case</source>
        <translation>se halló en otra parte del caso</translation>
    </message>
    <message>
        <source>is covered elsewhere</source>
        <translation>está tachado en otra parte</translation>
    </message>
    <message>
        <source>is a part of a web address that says who somebody is</source>
        <translation>es una parte de una dirección web que dice quién es alguien</translation>
    </message>
    <message>
        <source>is a part of a web address that lets in whoever has it</source>
        <translation>es una parte de una dirección web que deja entrar a quien la tiene</translation>
    </message>
    <message>
        <source>is a web address for setting a password or accepting an invitation</source>
        <translation>es una dirección web para fijar una contraseña o aceptar una invitación</translation>
    </message>
    <message>
        <source>is a web page named after somebody</source>
        <translation>es una página web con el nombre de alguien</translation>
    </message>
    <message>
        <source>is %1: %2</source>
        <translation>es %1: %2</translation>
    </message>
    <message>
        <source>%1 and its check digit holds</source>
        <translation>%1 y su dígito de control cuadra</translation>
    </message>
    <message>
        <source>an Italian tax code</source>
        <translation>un código fiscal italiano</translation>
    </message>
    <message>
        <source>its control letter holds</source>
        <translation>su letra de control cuadra</translation>
    </message>
    <message>
        <source>a Polish PESEL number</source>
        <translation>un número PESEL polaco</translation>
    </message>
    <message>
        <source>its date and control digit hold</source>
        <translation>su fecha y dígito de control cuadran</translation>
    </message>
    <message>
        <source>a Portuguese tax number</source>
        <translation>un número fiscal portugués</translation>
    </message>
    <message>
        <source>its control digit holds</source>
        <translation>su dígito de control cuadra</translation>
    </message>
    <message>
        <source>a Belgian national number</source>
        <translation>un número nacional belga</translation>
    </message>
    <message>
        <source>its control number (mod 97) holds</source>
        <translation>su número de control (mod 97) cuadra</translation>
    </message>
    <message>
        <source>a Swedish personal number</source>
        <translation>un número personal sueco</translation>
    </message>
    <message>
        <source>its date and control digit (Luhn) hold</source>
        <translation>su fecha y dígito (Luhn) cuadran</translation>
    </message>
    <message>
        <source>a Norwegian national number</source>
        <translation>un número nacional noruego</translation>
    </message>
    <message>
        <source>its date and both control digits hold</source>
        <translation>su fecha y ambos dígitos cuadran</translation>
    </message>
    <message>
        <source>a Danish personal number</source>
        <translation>un número personal danés</translation>
    </message>
    <message>
        <source>it begins with a date</source>
        <translation>empieza por una fecha</translation>
    </message>
    <message>
        <source>a Finnish personal code</source>
        <translation>un código personal finlandés</translation>
    </message>
    <message>
        <source>its control character (mod 31) holds</source>
        <translation>su carácter de control (mod 31) cuadra</translation>
    </message>
    <message>
        <source>a Swiss insurance number</source>
        <translation>un número de seguro suizo</translation>
    </message>
    <message>
        <source>its check digit holds</source>
        <translation>su dígito de control cuadra</translation>
    </message>
    <message>
        <source>an Austrian insurance number</source>
        <translation>un número de seguro austriaco</translation>
    </message>
    <message>
        <source>a Brazilian tax number</source>
        <translation>un número fiscal brasileño</translation>
    </message>
    <message>
        <source>its control digits hold</source>
        <translation>sus dígitos de control cuadran</translation>
    </message>
    <message>
        <source>a Canadian insurance number</source>
        <translation>un número de seguro canadiense</translation>
    </message>
    <message>
        <source>its check digit (Luhn) holds</source>
        <translation>su dígito (Luhn) cuadra</translation>
    </message>
    <message>
        <source>an Australian tax file number</source>
        <translation>un número fiscal australiano</translation>
    </message>
    <message>
        <source>an Irish PPS number</source>
        <translation>un número PPS irlandés</translation>
    </message>
    <message>
        <source>its control letter (mod 23) holds</source>
        <translation>su letra de control (mod 23) cuadra</translation>
    </message>
    <message>
        <source>an Aadhaar number</source>
        <translation>un número Aadhaar</translation>
    </message>
    <message>
        <source>its check digit (Verhoeff) holds</source>
        <translation>su dígito (Verhoeff) cuadra</translation>
    </message>
    <message>
        <source>an NHS number</source>
        <translation>un número NHS</translation>
    </message>
    <message>
        <source>its check digit (mod 11) holds</source>
        <translation>su dígito (mod 11) cuadra</translation>
    </message>
    <message>
        <source>has the form of an IP address: four numbers up to 255</source>
        <translation>tiene la forma de una dirección IP: cuatro números hasta 255</translation>
    </message>
    <message>
        <source>has the form of an IP address with a number misread</source>
        <translation>tiene la forma de una dirección IP con un número mal leído</translation>
    </message>
    <message>
        <source>is an IPv6 address</source>
        <translation>es una dirección IPv6</translation>
    </message>
    <message>
        <source>begins like an IPv6 address, perhaps misread</source>
        <translation>empieza como una dirección IPv6, quizá mal leída</translation>
    </message>
    <message>
        <source>has the form of a MAC address: six pairs of hexadecimal digits</source>
        <translation>tiene la forma de una dirección MAC: seis pares de cifras hexadecimales</translation>
    </message>
    <message>
        <source>was marked by an officer</source>
        <translation>lo señaló un agente</translation>
    </message>
    <message>
        <source>the pattern %1 cannot be used: %2</source>
        <translation>el patrón %1 no se puede usar: %2</translation>
    </message>
    <message>
        <source>looks like a name</source>
        <translation>parece un nombre</translation>
    </message>
    <message>
        <source>is on the list of given names</source>
        <translation>está en la lista de nombres de pila</translation>
    </message>
    <message>
        <source>is on the list of family names</source>
        <translation>está en la lista de apellidos</translation>
    </message>
    <message>
        <source>follows a word for somebody&apos;s part</source>
        <translation>sigue a una palabra del papel de alguien</translation>
    </message>
    <message>
        <source>has a given and a family name of the lists of names</source>
        <translation>tiene un nombre y un apellido de las listas</translation>
    </message>
    <message>
        <source>has a word that is on the lists of names</source>
        <translation>tiene una palabra de las listas de nombres</translation>
    </message>
    <message>
        <source>is written surname first</source>
        <translation>está escrito con el apellido primero</translation>
    </message>
    <message>
        <source>follows a title</source>
        <translation>sigue a un tratamiento</translation>
    </message>
    <message>
        <source>follows a greeting</source>
        <translation>sigue a un saludo</translation>
    </message>
    <message>
        <source>stands under a letter&apos;s closing</source>
        <translation>está bajo la despedida de una carta</translation>
    </message>
    <message>
        <source>stands where a person is spoken of</source>
        <translation>está donde se habla de una persona</translation>
    </message>
    <message>
        <source>is what a mail address on the screen is made from</source>
        <translation>es de lo que está hecha una dirección de correo en pantalla</translation>
    </message>
    <message>
        <source>is part of a name found elsewhere on the screen</source>
        <translation>es parte de un nombre hallado en otro lugar de la pantalla</translation>
    </message>
    <message>
        <source>%1 and can be dialled</source>
        <translation>%1 y se puede marcar</translation>
    </message>
    <message>
        <source>%1 and has the form of a phone number</source>
        <translation>%1 y tiene la forma de un teléfono</translation>
    </message>
    <message>
        <source>is a valid phone number</source>
        <translation>es un teléfono válido</translation>
    </message>
    <message>
        <source>starts like an international phone number</source>
        <translation>empieza como un teléfono internacional</translation>
    </message>
    <message>
        <source>has a phone number&apos;s length and leading zero</source>
        <translation>tiene la longitud y el cero de un teléfono</translation>
    </message>
    <message>
        <source>is a valid Spanish phone number and stands where one is written</source>
        <translation>es un teléfono español válido y está donde se escribe uno</translation>
    </message>
    <message>
        <source>has the form of a North American phone number</source>
        <translation>tiene la forma de un teléfono norteamericano</translation>
    </message>
    <message>
        <source>has the form of a British number plate</source>
        <translation>tiene la forma de una matrícula británica</translation>
    </message>
    <message>
        <source>has the form of a British number plate, its space lost</source>
        <translation>tiene la forma de una matrícula británica, sin su espacio</translation>
    </message>
    <message>
        <source>has the form of a French number plate</source>
        <translation>tiene la forma de una matrícula francesa</translation>
    </message>
    <message>
        <source>%1 and looks like a number plate</source>
        <translation>%1 y parece una matrícula</translation>
    </message>
    <message>
        <source>has the form of a German number plate, on a page that tells of vehicles</source>
        <translation>tiene la forma de una matrícula alemana, en una página de vehículos</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a text in quotes</source>
        <translation>«%1» debe ser un texto entre comillas</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a number from %2 to %3</source>
        <translation>«%1» debe ser un número de %2 a %3</translation>
    </message>
    <message>
        <source>a style must be one of %1</source>
        <translation>un estilo debe ser uno de %1</translation>
    </message>
    <message>
        <source>&quot;colour&quot; must be one of %1</source>
        <translation>&quot;colour&quot; debe ser uno de %1</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a list of texts</source>
        <translation>«%1» debe ser una lista de textos</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a kind; the kinds are %2</source>
        <translation>«%1» no es una clase; las clases son %2</translation>
    </message>
    <message>
        <source>&quot;check&quot; must be &quot;luhn&quot;, &quot;mod97&quot; or &quot;mod11&quot;</source>
        <translation>&quot;check&quot; debe ser &quot;luhn&quot;, &quot;mod97&quot; o &quot;mod11&quot;</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a setting of a pattern; it has name, match, kind, near, check and confidence</source>
        <translation>«%1» no es un ajuste de patrón; tiene name, match, kind, near, check y confidence</translation>
    </message>
    <message>
        <source>a pattern needs &quot;match&quot;</source>
        <translation>un patrón necesita &quot;match&quot;</translation>
    </message>
    <message>
        <source>a pattern needs a &quot;name&quot;</source>
        <translation>un patrón necesita un &quot;name&quot;</translation>
    </message>
    <message>
        <source>&quot;leave_out&quot; names %1, which the pattern &quot;%2&quot; finds</source>
        <translation>&quot;leave_out&quot; nombra %1, que halla el patrón «%2»</translation>
    </message>
    <message>
        <source>the pattern &quot;%1&quot; never finds: its confidence, %2, lies under the threshold of %3, %4</source>
        <translation>el patrón «%1» nunca halla: su seguridad, %2, está bajo el umbral de %3, %4</translation>
    </message>
    <message>
        <source>&quot;look_for&quot; must be &quot;everything&quot; or a list of kinds</source>
        <translation>&quot;look_for&quot; debe ser &quot;everything&quot; o una lista de clases</translation>
    </message>
    <message>
        <source>&quot;watch&quot; knows &quot;words&quot; and &quot;patterns&quot;, not &quot;%1&quot;</source>
        <translation>&quot;watch&quot; conoce &quot;words&quot; y &quot;patterns&quot;, no «%1»</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be true or false</source>
        <translation>«%1» debe ser true o false</translation>
    </message>
    <message>
        <source>&quot;recovery_key&quot; must be a public key of 64 hexadecimal digits</source>
        <translation>&quot;recovery_key&quot; debe ser una clave pública de 64 cifras hexadecimales</translation>
    </message>
    <message>
        <source>&quot;retention&quot; knows &quot;days&quot; and &quot;by_itself&quot;, not &quot;%1&quot;</source>
        <translation>&quot;retention&quot; conoce &quot;days&quot; y &quot;by_itself&quot;, no «%1»</translation>
    </message>
    <message>
        <source>&quot;label&quot; must be &quot;identity&quot; or &quot;ground&quot;</source>
        <translation>&quot;label&quot; debe ser &quot;identity&quot; o &quot;ground&quot;</translation>
    </message>
    <message>
        <source>patterns are written as [[pattern]]</source>
        <translation>los patrones se escriben [[pattern]]</translation>
    </message>
    <message>
        <source>&quot;leave_out&quot; must be a list of kinds</source>
        <translation>&quot;leave_out&quot; debe ser una lista de clases</translation>
    </message>
    <message>
        <source>only of card, account and iban may the last characters stay</source>
        <translation>solo de card, account e iban pueden quedar los últimos signos</translation>
    </message>
    <message>
        <source>&quot;look_for&quot; is missing: it says which kinds to look for</source>
        <translation>falta &quot;look_for&quot;: dice qué clases buscar</translation>
    </message>
    <message>
        <source>&quot;name&quot; is missing</source>
        <translation>falta &quot;name&quot;</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a setting of a policy</source>
        <translation>«%1» no es un ajuste de política</translation>
    </message>
    <message>
        <source>Solid</source>
        <translation>Liso</translation>
    </message>
    <message>
        <source>Mosaic</source>
        <translation>Mosaico</translation>
    </message>
    <message>
        <source>Blur</source>
        <translation>Desenfoque</translation>
    </message>
    <message>
        <source>Stand-in</source>
        <translation>Sustituto</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Etiqueta</translation>
    </message>
    <message>
        <source>As the ground</source>
        <translation>Como el fondo</translation>
    </message>
    <message>
        <source>%1, line %2, column %3: %4.</source>
        <translation>%1, línea %2, columna %3: %4.</translation>
    </message>
    <message>
        <source>is a date</source>
        <translation>es una fecha</translation>
    </message>
    <message>
        <source>tells somebody&apos;s age</source>
        <translation>dice la edad de alguien</translation>
    </message>
    <message>
        <source>stands with somebody&apos;s name as others like it do</source>
        <translation>está con un nombre como otros iguales</translation>
    </message>
    <message>
        <source>follows the label &quot;%1&quot;</source>
        <translation>sigue a la etiqueta «%1»</translation>
    </message>
    <message>
        <source>stands beside the label &quot;%1&quot;</source>
        <translation>está junto a la etiqueta «%1»</translation>
    </message>
    <message>
        <source>stands under the label &quot;%1&quot;</source>
        <translation>está bajo la etiqueta «%1»</translation>
    </message>
    <message>
        <source>stands in a column headed &quot;%1&quot;</source>
        <translation>está en una columna titulada «%1»</translation>
    </message>
    <message>
        <source>begins like an access key</source>
        <translation>empieza como una clave de acceso</translation>
    </message>
    <message>
        <source>has the form of a signed token (JWT)</source>
        <translation>tiene la forma de un testigo firmado (JWT)</translation>
    </message>
    <message>
        <source>opens a private key</source>
        <translation>abre una clave privada</translation>
    </message>
    <message>
        <source>follows a word for a password, key or token</source>
        <translation>sigue a una palabra de contraseña, clave o testigo</translation>
    </message>
    <message>
        <source>is a password within a web address</source>
        <translation>es una contraseña en una dirección web</translation>
    </message>
    <message>
        <source>is told to be a password, key or token</source>
        <translation>se dice que es una contraseña, clave o testigo</translation>
    </message>
    <message>
        <source>is long and unlike any language, as keys are</source>
        <translation>es largo y distinto de todo idioma, como las claves</translation>
    </message>
    <message>
        <source>is a one-time code: it follows words for one</source>
        <translation>es un código de un solo uso: sigue a palabras de ello</translation>
    </message>
    <message>
        <source>is a cookie&apos;s value</source>
        <translation>es el valor de una cookie</translation>
    </message>
    <message>
        <source>is a line of a private key</source>
        <translation>es una línea de una clave privada</translation>
    </message>
    <message>
        <source>reads like this kind of value (%1)</source>
        <translation>se lee como esta clase de valor (%1)</translation>
    </message>
    <message>
        <source>stands where its line has such a value (%1)</source>
        <translation>está donde su línea tiene tal valor (%1)</translation>
    </message>
    <message>
        <source>stands beside or under words that speak for it (%1)</source>
        <translation>está junto o bajo palabras que hablan por ello (%1)</translation>
    </message>
    <message>
        <source>stands in a column of such values (%1)</source>
        <translation>está en una columna de tales valores (%1)</translation>
    </message>
    <message>
        <source>stands where such a value stands on this page (%1)</source>
        <translation>está donde hay tal valor en esta página (%1)</translation>
    </message>
    <message>
        <source>is the owner&apos;s name in a file path</source>
        <translation>es el nombre del dueño en una ruta</translation>
    </message>
    <message>
        <source>is a user name within a web address</source>
        <translation>es un usuario en una dirección web</translation>
    </message>
    <message>
        <source>follows a word for user and a sign of assignment</source>
        <translation>sigue a una palabra de usuario y un signo de asignación</translation>
    </message>
    <message>
        <source>follows the word &quot;user&quot;</source>
        <translation>sigue a la palabra «user»</translation>
    </message>
    <message>
        <source>is told to be a user name</source>
        <translation>se dice que es un usuario</translation>
    </message>
    <message>
        <source>is written as people are called in forums</source>
        <translation>está escrito como se llama la gente en foros</translation>
    </message>
    <message>
        <source>is made of a given and a family name</source>
        <translation>está hecho de un nombre y un apellido</translation>
    </message>
    <message>
        <source>is made of a name and figures</source>
        <translation>está hecho de un nombre y cifras</translation>
    </message>
    <message>
        <source>is on the watch list</source>
        <translation>está en la lista de vigilancia</translation>
    </message>
    <message>
        <source>matches a pattern of the watch list</source>
        <translation>casa con un patrón de la lista de vigilancia</translation>
    </message>
    <message>
        <source>%1 is damaged: it is no proper UTF-16 text.</source>
        <translation>%1 está dañado: no es texto UTF-16.</translation>
    </message>
    <message>
        <source>%1, line %2: this is not UTF-8 text; save the watch list as UTF-8.</source>
        <translation>%1, línea %2: no es texto UTF-8; guarde la lista de vigilancia en UTF-8.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no letter and no digit to look for; write a pattern between slashes</source>
        <translation>«%1» no tiene letra ni cifra que buscar; escriba un patrón entre barras</translation>
    </message>
    <message>
        <source>In the watch list, %1.</source>
        <translation>En la lista de vigilancia, %1.</translation>
    </message>
    <message>
        <source>%1, line %2: %3.</source>
        <translation>%1, línea %2: %3.</translation>
    </message>
    <message>
        <source>Only the scroll bar has moved: every line here looks like the next one.</source>
        <translation>Solo se movió la barra: cada línea se parece aquí a la siguiente.</translation>
    </message>
    <message>
        <source>What stays in place fits, and the rest has nothing in common.</source>
        <translation>Lo que queda en su sitio encaja, y lo demás no tiene nada en común.</translation>
    </message>
    <message>
        <source>There is too little in common to match these two pictures by.</source>
        <translation>Estas dos imágenes tienen muy poco en común.</translation>
    </message>
    <message>
        <source>Much of the part both pictures show has changed between them.</source>
        <translation>Mucho de lo que ambas imágenes muestran cambió entre ellas.</translation>
    </message>
    <message>
        <source>The pictures fit together in more than one place; the lines look alike.</source>
        <translation>Las imágenes encajan en más de un lugar; las líneas se parecen.</translation>
    </message>
    <message>
        <source>The later picture seems to lie before the earlier one.</source>
        <translation>La imagen posterior parece estar antes que la anterior.</translation>
    </message>
    <message>
        <source>Joining needs at least two pictures that overlap.</source>
        <translation>Para unir hacen falta al menos dos imágenes que se solapen.</translation>
    </message>
    <message>
        <source>Picture %1 is %2 pixels %3, the first is %4; pictures to be joined are of one %5.</source>
        <translation>La imagen %1 tiene %2 píxeles de %3, la primera %4; se unen imágenes de un mismo %5.</translation>
    </message>
    <message>
        <source>Joined, the pictures would be longer than %1 pixels; join fewer at a time.</source>
        <translation>Unidas, las imágenes pasarían de %1 píxeles; una menos a la vez.</translation>
    </message>
    <message>
        <source>a fourth channel</source>
        <translation>un cuarto canal</translation>
    </message>
    <message>
        <source>reserved fields that are in use</source>
        <translation>campos reservados en uso</translation>
    </message>
    <message>
        <source>rows that are packed, which may hold more than is shown</source>
        <translation>filas comprimidas, que pueden contener más de lo que muestran</translation>
    </message>
    <message>
        <source>colour profile</source>
        <translation>perfil de color</translation>
    </message>
    <message>
        <source>a gap before the picture</source>
        <translation>un hueco ante la imagen</translation>
    </message>
    <message>
        <source>A %1 holds pictures of up to %2 pixels a side, and this one is %3 x %4; choose another format, or a smaller size.</source>
        <translation>Un %1 contiene imágenes de hasta %2 píxeles de lado, y esta tiene %3 x %4; elija otro formato, o un tamaño menor.</translation>
    </message>
    <message>
        <source>The picture could not be made: there is too little memory.</source>
        <translation>La imagen no se pudo hacer: poca memoria.</translation>
    </message>
    <message>
        <source>application data</source>
        <translation>datos de aplicación</translation>
    </message>
    <message>
        <source>text (plain text extension)</source>
        <translation>texto (extensión de texto)</translation>
    </message>
    <message>
        <source>an extension of an unknown kind</source>
        <translation>una extensión de clase desconocida</translation>
    </message>
    <message>
        <source>a frame that reaches over the edge</source>
        <translation>un fotograma que pasa del borde</translation>
    </message>
    <message>
        <source>damaged picture data</source>
        <translation>datos de imagen dañados</translation>
    </message>
    <message>
        <source>data that belongs to no pixel</source>
        <translation>datos de ningún píxel</translation>
    </message>
    <message>
        <source>thumbnail (APP0)</source>
        <translation>miniatura (APP0)</translation>
    </message>
    <message>
        <source>application data (APP0)</source>
        <translation>datos de aplicación (APP0)</translation>
    </message>
    <message>
        <source>photo metadata (APP13)</source>
        <translation>metadatos de foto (APP13)</translation>
    </message>
    <message>
        <source>application data (APP%1)</source>
        <translation>datos de aplicación (APP%1)</translation>
    </message>
    <message>
        <source>marker %1</source>
        <translation>marcador %1</translation>
    </message>
    <message>
        <source>%1 is not a picture Eyelid can open (PNG, JPEG, WebP, BMP, TIFF or GIF).</source>
        <translation>%1 no es una imagen que Eyelid abra (PNG, JPEG, WebP, BMP, TIFF o GIF).</translation>
    </message>
    <message>
        <source>%1 is cut short: the file ends before the picture does.</source>
        <translation>%1 está cortado: el archivo acaba antes que la imagen.</translation>
    </message>
    <message>
        <source>%1 has a damaged page.</source>
        <translation>%1 tiene una página dañada.</translation>
    </message>
    <message>
        <source>%1 holds a picture of no size.</source>
        <translation>%1 contiene una imagen sin tamaño.</translation>
    </message>
    <message>
        <source>%1 is %2 x %3 pixels; Eyelid opens pictures of up to %4 pixels a side.</source>
        <translation>%1 tiene %2 x %3 píxeles; Eyelid abre imágenes de hasta %4 píxeles de lado.</translation>
    </message>
    <message>
        <source>%1 is %2 x %3 pixels, %4 million in all; Eyelid opens up to %5 million.</source>
        <translation>%1 tiene %2 x %3 píxeles, %4 millones en total; Eyelid abre hasta %5 millones.</translation>
    </message>
    <message>
        <source>%1 is a damaged %2 picture and cannot be opened.</source>
        <translation>%1 es una imagen %2 dañada y no se puede abrir.</translation>
    </message>
    <message>
        <source>EXIF (chunk eXIf)</source>
        <translation>EXIF (bloque eXIf)</translation>
    </message>
    <message>
        <source>text (chunk %1)</source>
        <translation>texto (bloque %1)</translation>
    </message>
    <message>
        <source>time stamp (chunk tIME)</source>
        <translation>marca de tiempo (bloque tIME)</translation>
    </message>
    <message>
        <source>named colour profile (chunk iCCP)</source>
        <translation>perfil de color con nombre (bloque iCCP)</translation>
    </message>
    <message>
        <source>further frames (chunk %1)</source>
        <translation>más fotogramas (bloque %1)</translation>
    </message>
    <message>
        <source>a chunk of no proper name</source>
        <translation>un bloque sin nombre válido</translation>
    </message>
    <message>
        <source>chunk %1</source>
        <translation>bloque %1</translation>
    </message>
    <message>
        <source>a check sum that is none</source>
        <translation>una suma que no lo es</translation>
    </message>
    <message>
        <source>16 bits a colour, of which a screen shows half</source>
        <translation>16 bits por color, de los que una pantalla muestra la mitad</translation>
    </message>
    <message>
        <source>a second colour table</source>
        <translation>una segunda tabla de colores</translation>
    </message>
    <message>
        <source>picture data in several places</source>
        <translation>datos de imagen en varios lugares</translation>
    </message>
    <message>
        <source>bytes in the chunk IEND</source>
        <translation>bytes en el bloque IEND</translation>
    </message>
    <message>
        <source>rows beyond the picture&apos;s height</source>
        <translation>filas más allá del alto</translation>
    </message>
    <message>
        <source>document name</source>
        <translation>nombre del documento</translation>
    </message>
    <message>
        <source>description</source>
        <translation>descripción</translation>
    </message>
    <message>
        <source>maker</source>
        <translation>fabricante</translation>
    </message>
    <message>
        <source>model</source>
        <translation>modelo</translation>
    </message>
    <message>
        <source>page name</source>
        <translation>nombre de página</translation>
    </message>
    <message>
        <source>software</source>
        <translation>programa</translation>
    </message>
    <message>
        <source>date</source>
        <translation>fecha</translation>
    </message>
    <message>
        <source>artist</source>
        <translation>autor</translation>
    </message>
    <message>
        <source>host</source>
        <translation>equipo</translation>
    </message>
    <message>
        <source>further pictures</source>
        <translation>más imágenes</translation>
    </message>
    <message>
        <source>XMP</source>
        <translation>XMP</translation>
    </message>
    <message>
        <source>copyright</source>
        <translation>derechos</translation>
    </message>
    <message>
        <source>IPTC</source>
        <translation>IPTC</translation>
    </message>
    <message>
        <source>photo metadata</source>
        <translation>metadatos de foto</translation>
    </message>
    <message>
        <source>EXIF</source>
        <translation>EXIF</translation>
    </message>
    <message>
        <source>place</source>
        <translation>lugar</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>capas</translation>
    </message>
    <message>
        <source>tag %1</source>
        <translation>campo %1</translation>
    </message>
    <message>
        <source>%1 (tag %2)</source>
        <translation>%1 (campo %2)</translation>
    </message>
    <message>
        <source>more than 8 bits a colour, of which a screen shows 8</source>
        <translation>más de 8 bits por color, de los que una pantalla muestra 8</translation>
    </message>
    <message>
        <source>picture data packed in a way that is not looked into</source>
        <translation>datos de imagen comprimidos de un modo que no se examina</translation>
    </message>
    <message>
        <source>bytes that nothing points to</source>
        <translation>bytes a los que nada apunta</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Leyendo</translation>
    </message>
    <message>
        <source>The reason of a finding</source>
        <translation>El motivo de un hallazgo</translation>
    </message>
    <message>
        <source>What is written on a mark (%1)</source>
        <translation>Lo que está escrito en una marca (%1)</translation>
    </message>
    <message>
        <source>Making %1</source>
        <translation>Haciendo %1</translation>
    </message>
    <message>
        <source>The pictures attached were sanitised and checked; redaction-log.json says what was hidden and why, SHA256SUMS that nothing was altered since.</source>
        <translation>Las imágenes adjuntas se tacharon y comprobaron; redaction-log.json dice qué se ocultó y por qué, SHA256SUMS que nada se alteró desde entonces.</translation>
    </message>
    <message>
        <source>Picture %1 of %2, %3 by %4 pixels: %5</source>
        <translation>Imagen %1 de %2, %3 por %4 píxeles: %5</translation>
    </message>
    <message>
        <source>a screen with places covered</source>
        <translation>una pantalla con lugares tachados</translation>
    </message>
    <message>
        <source>a screen</source>
        <translation>una pantalla</translation>
    </message>
    <message>
        <source>The text of the document holds a value that is covered; release it without the words, or under another name.</source>
        <translation>El texto del documento contiene un valor tachado; entréguelo sin las palabras, o con otro nombre.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Detenido.</translation>
    </message>
    <message>
        <source>No language is named; name one such as eng, or several joined by +.</source>
        <translation>No se nombra idioma; nombre uno como eng, o varios unidos con +.</translation>
    </message>
    <message>
        <source>The folder of languages, %1, cannot be read: %2.</source>
        <translation>La carpeta de idiomas, %1, no se puede leer: %2.</translation>
    </message>
    <message>
        <source>The language &quot;%1&quot; is not installed; the package %2 brings it. Installed: %3.</source>
        <translation>El idioma «%1» no está instalado; lo trae el paquete %2. Instalados: %3.</translation>
    </message>
    <message>
        <source>The line model that ships with Eyelid could not be loaded.</source>
        <translation>El modelo de líneas que viene con Eyelid no se pudo cargar.</translation>
    </message>
    <message>
        <source>The text reader could not load the language %1.</source>
        <translation>El lector no pudo cargar el idioma %1.</translation>
    </message>
    <message>
        <source>Reading line %1 of %2</source>
        <translation>Leyendo la línea %1 de %2</translation>
    </message>
    <message>
        <source>The area to read lies outside the picture.</source>
        <translation>El área que leer está fuera de la imagen.</translation>
    </message>
    <message>
        <source>Finding lines</source>
        <translation>Buscando líneas</translation>
    </message>
    <message>
        <source>The archive could not be made: there is too little memory.</source>
        <translation>El comprimido no se pudo hacer: poca memoria.</translation>
    </message>
    <message>
        <source>This is no ZIP archive, or a damaged one.</source>
        <translation>No es un archivo ZIP, o está dañado.</translation>
    </message>
    <message>
        <source>The archive names a file outside of itself.</source>
        <translation>El comprimido nombra un archivo fuera de sí.</translation>
    </message>
    <message>
        <source>The archive is damaged.</source>
        <translation>El comprimido está dañado.</translation>
    </message>
    <message>
        <source>The archive holds more than can be looked at.</source>
        <translation>El comprimido contiene más de lo que se puede mirar.</translation>
    </message>
    <message>
        <source>%1 was stopped; what it has done already stands.</source>
        <translation>%1 se detuvo; lo que ya hizo queda.</translation>
    </message>
    <message>
        <source>command</source>
        <translation>orden</translation>
    </message>
    <message>
        <source>A command is run with files; release to a folder as well.</source>
        <translation>Una orden recibe archivos; entregue también en una carpeta.</translation>
    </message>
    <message>
        <source>A quote is opened and not closed in the command.</source>
        <translation>En la orden se abre una comilla que no se cierra.</translation>
    </message>
    <message>
        <source>Name the program that is to be run.</source>
        <translation>Nombre el programa que ejecutar.</translation>
    </message>
    <message>
        <source>Running %1</source>
        <translation>Ejecutando %1</translation>
    </message>
    <message>
        <source>%1 cannot be started; is it installed, and may it be run?</source>
        <translation>%1 no arranca; ¿está instalado y se puede ejecutar?</translation>
    </message>
    <message>
        <source>%1 failed (%2): %3</source>
        <translation>%1 falló (%2): %3</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>depósito</translation>
    </message>
    <message>
        <source>The key of “%1” is not pinned; set the place up again.</source>
        <translation>La clave de «%1» no está fijada; prepare el depósito de nuevo.</translation>
    </message>
    <message>
        <source>Broken off; trying again in %1 s</source>
        <translation>Interrumpido; otro intento en %1 s</translation>
    </message>
    <message>
        <source>Sending was stopped; nothing is to be seen there.</source>
        <translation>El envío se detuvo; allí no se ve nada.</translation>
    </message>
    <message>
        <source>Sending %1</source>
        <translation>Enviando %1</translation>
    </message>
    <message>
        <source>%1 did not arrive as it was sent.</source>
        <translation>%1 no llegó como se envió.</translation>
    </message>
    <message>
        <source>%1 is there a hundred times; take another name.</source>
        <translation>%1 está allí cien veces; tome otro nombre.</translation>
    </message>
    <message>
        <source>%1 Nothing is to be seen there; another attempt goes on where this one ended.</source>
        <translation>%1 Allí no se ve nada; otro intento sigue donde este acabó.</translation>
    </message>
    <message>
        <source>Give the place a name.</source>
        <translation>Dé un nombre al depósito.</translation>
    </message>
    <message>
        <source>“%1” is no address; write it as https://files.example/folder or sftp://files.example/folder.</source>
        <translation>«%1» no es una dirección; se escribe https://files.example/folder o sftp://files.example/folder.</translation>
    </message>
    <message>
        <source>Over http anybody on the way could read along; use an address with https or sftp.</source>
        <translation>Por http cualquiera en el camino podría leer; use una dirección https o sftp.</translation>
    </message>
    <message>
        <source>Nothing can be dropped by %1; use an address with https or sftp.</source>
        <translation>Nada se puede depositar por %1; use una dirección https o sftp.</translation>
    </message>
    <message>
        <source>The address is to name the server and the folder alone; user and password have fields of their own.</source>
        <translation>La dirección nombra solo el servidor y la carpeta; usuario y contraseña tienen sus campos.</translation>
    </message>
    <message>
        <source>SFTP asks for a user name.</source>
        <translation>SFTP pide un usuario.</translation>
    </message>
    <message>
        <source>“%1” is no address that others could open.</source>
        <translation>«%1» no es una dirección que otros puedan abrir.</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation>%1 hasta %2</translation>
    </message>
    <message>
        <source>Handing over was stopped.</source>
        <translation>La entrega se detuvo.</translation>
    </message>
    <message>
        <source>Eyelid: place “%1”</source>
        <translation>Eyelid: depósito «%1»</translation>
    </message>
    <message>
        <source>No mail program took the draft; release as a mail draft in a file instead, and open that. (%1)</source>
        <translation>Ningún programa de correo tomó el borrador; entréguelo como archivo y ábralo. (%1)</translation>
    </message>
    <message>
        <source>“%1” does not let you write to its folder, or has no room left.</source>
        <translation>«%1» no le deja escribir en su carpeta, o no le queda sitio.</translation>
    </message>
    <message>
        <source>The certificate of %1 is not one this machine trusts, or not its own; nothing was sent. Ask whoever keeps the server (%2).</source>
        <translation>El certificado de %1 no es de fiar para este equipo, o no es suyo; nada se envió. Pregunte al responsable del servidor (%2).</translation>
    </message>
    <message>
        <source>%1 shows another key than the one that was pinned; somebody may stand in between. Nothing was sent. Ask whoever keeps the server.</source>
        <translation>%1 muestra otra clave que la fijada; alguien puede estar en medio. Nada se envió. Pregunte al responsable del servidor.</translation>
    </message>
    <message>
        <source>The certificate authority of “%1” cannot be read: %2</source>
        <translation>La autoridad de «%1» no se puede leer: %2</translation>
    </message>
    <message>
        <source>%1 does not accept the user name, the password or the key of “%2”.</source>
        <translation>%1 no acepta el usuario, la contraseña o la clave de «%2».</translation>
    </message>
    <message>
        <source>%1 has no such folder.</source>
        <translation>%1 no tiene tal carpeta.</translation>
    </message>
    <message>
        <source>%1 has one of that name.</source>
        <translation>%1 ya tiene uno con ese nombre.</translation>
    </message>
    <message>
        <source>%1 has no room left.</source>
        <translation>%1 no tiene más sitio.</translation>
    </message>
    <message>
        <source>%1 does not let you write to the folder of “%2”.</source>
        <translation>%1 no le deja escribir en la carpeta de «%2».</translation>
    </message>
    <message>
        <source>%1 cannot be reached, or broke off (%2).</source>
        <translation>%1 no se alcanza, o se interrumpió (%2).</translation>
    </message>
    <message>
        <source>drop at %1</source>
        <translation>depósito en %1</translation>
    </message>
    <message>
        <source>mail draft</source>
        <translation>borrador de correo</translation>
    </message>
    <message>
        <source>command %1</source>
        <translation>orden %1</translation>
    </message>
    <message>
        <source>The file of ways is not one of Eyelid&apos;s, or is damaged.</source>
        <translation>El archivo de vías no es de Eyelid, o está dañado.</translation>
    </message>
    <message>
        <source>“%1” does not take files so large.</source>
        <translation>«%1» no acepta archivos tan grandes.</translation>
    </message>
    <message>
        <source>“%1” is busy (%2).</source>
        <translation>«%1» está ocupado (%2).</translation>
    </message>
    <message>
        <source>“%1” has a fault (%2).</source>
        <translation>«%1» tiene un fallo (%2).</translation>
    </message>
    <message>
        <source>“%1” does not take what was sent (%2); is its address that of a WebDAV folder?</source>
        <translation>«%1» no acepta lo enviado (%2); ¿es su dirección la de una carpeta WebDAV?</translation>
    </message>
    <message>
        <source>%1 is no key for digests: it holds %2 bytes and must hold %3.</source>
        <translation>%1 no es una clave de resúmenes: tiene %2 bytes y debe tener %3.</translation>
    </message>
    <message>
        <source>Picture %1 of %2</source>
        <translation>Imagen %1 de %2</translation>
    </message>
    <message>
        <source>The document does not hold what it should when it is taken apart again; release the pictures as files of their own.</source>
        <translation>El documento no contiene lo debido al desarmarlo; entregue las imágenes como archivos propios.</translation>
    </message>
    <message>
        <source>Words on this picture</source>
        <translation>Palabras de esta imagen</translation>
    </message>
    <message>
        <source>This is no mail with files attached.</source>
        <translation>No es un correo con archivos adjuntos.</translation>
    </message>
    <message>
        <source>The mail could not be made: there is too little memory.</source>
        <translation>El correo no se pudo hacer: poca memoria.</translation>
    </message>
    <message>
        <source>Names of files cannot hold what stands at place %1 of %2.</source>
        <translation>Los nombres de archivo no pueden contener lo que hay en el lugar %1 de %2.</translation>
    </message>
    <message>
        <source>In %1 a part is closed that was not opened.</source>
        <translation>En %1 se cierra una parte que no se abrió.</translation>
    </message>
    <message>
        <source>In %1 a part is opened and not closed.</source>
        <translation>En %1 se abre una parte y no se cierra.</translation>
    </message>
    <message>
        <source>There is no part %1 of a name; there are %2.</source>
        <translation>No hay parte de nombre %1; hay %2.</translation>
    </message>
    <message>
        <source>A name needs at least a number: {number}.</source>
        <translation>Un nombre necesita al menos un número: {number}.</translation>
    </message>
    <message>
        <source>A name that begins with a dot is hidden, and one with a hyphen is taken for an option; begin with a letter or a part.</source>
        <translation>Un nombre que empieza con punto está oculto, y con guion se toma por opción; empiece con una letra o parte.</translation>
    </message>
    <message>
        <source>What was hidden</source>
        <translation>Lo que se ocultó</translation>
    </message>
    <message>
        <source>extra bytes or metadata</source>
        <translation>bytes o metadatos de más</translation>
    </message>
    <message>
        <source>A value that is covered can be read on this picture.</source>
        <translation>Un valor tachado se puede leer en esta imagen.</translation>
    </message>
    <message>
        <source>is on a watch list</source>
        <translation>está en una lista de vigilancia</translation>
    </message>
    <message>
        <source>was found as: %1</source>
        <translation>se halló como: %1</translation>
    </message>
    <message>
        <source>There is no format %1; there are %2.</source>
        <translation>No hay formato %1; hay %2.</translation>
    </message>
    <message>
        <source>%1 is no size of a file; write it as 500k or 2M.</source>
        <translation>%1 no es un tamaño de archivo; se escribe 500k o 2M.</translation>
    </message>
    <message>
        <source>covered, %1</source>
        <translation>tachado, %1</translation>
    </message>
    <message>
        <source>checked; remarks were let pass</source>
        <translation>comprobado; se dejaron pasar observaciones</translation>
    </message>
    <message>
        <source>the check failed</source>
        <translation>la comprobación falló</translation>
    </message>
    <message>
        <source>%1 Let pass: %2</source>
        <translation>%1 Dejado pasar: %2</translation>
    </message>
    <message>
        <source>%1 × %2 pixels, %3</source>
        <translation>%1 × %2 píxeles, %3</translation>
    </message>
    <message>
        <source>Nothing was found and nothing was hidden.</source>
        <translation>Nada se halló y nada se ocultó.</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Clase</translation>
    </message>
    <message>
        <source>Decision</source>
        <translation>Decisión</translation>
    </message>
    <message>
        <source>Place (pixels)</source>
        <translation>Lugar (píxeles)</translation>
    </message>
    <message>
        <source>Policy: %1</source>
        <translation>Política: %1</translation>
    </message>
    <message>
        <source>%1 is no key that signs releases.</source>
        <translation>%1 no es una clave que firme entregas.</translation>
    </message>
    <message>
        <source>%1 can be read by others and signs nothing any more; make it yours alone (mode 0600), and think whether a new key is called for.</source>
        <translation>%1 lo pueden leer otros y ya no firma nada; hágalo solo suyo (modo 0600) y piense si hace falta otra clave.</translation>
    </message>
    <message>
        <source>This is no public key: it is one line of 56 letters and digits, or a file that ends with it.</source>
        <translation>No es una clave pública: es una línea de 56 letras y cifras, o un archivo que acaba en ella.</translation>
    </message>
    <message>
        <source>%1 is in it twice.</source>
        <translation>%1 está dos veces.</translation>
    </message>
    <message>
        <source>There is no %1.</source>
        <translation>No hay %1.</translation>
    </message>
    <message>
        <source>No redaction log lies here, so nothing can be said.</source>
        <translation>Aquí no hay registro de tachado; no se puede decir nada.</translation>
    </message>
    <message>
        <source>altered</source>
        <translation>alterado</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>falta</translation>
    </message>
    <message>
        <source>added: no log speaks of it</source>
        <translation>añadido: ningún registro habla de él</translation>
    </message>
    <message>
        <source>The log is not signed.</source>
        <translation>El registro no está firmado.</translation>
    </message>
    <message>
        <source>The log is signed by the key %1.</source>
        <translation>El registro está firmado con la clave %1.</translation>
    </message>
    <message>
        <source>The log is signed by the key %1, which is not the one to verify with.</source>
        <translation>El registro está firmado con la clave %1, que no es la de verificar.</translation>
    </message>
    <message>
        <source>The log&apos;s signature is not of this log: one of the two was altered.</source>
        <translation>La firma no es de este registro: uno de los dos fue alterado.</translation>
    </message>
    <message>
        <source>The log&apos;s signature file is damaged.</source>
        <translation>El archivo de firma del registro está dañado.</translation>
    </message>
    <message>
        <source>Language of the window</source>
        <translation>Idioma de la ventana</translation>
    </message>
    <message>
        <source>translation English German French Spanish</source>
        <translation>traducción inglés alemán francés español</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>leyendo</translation>
    </message>
    <message>
        <source>waiting</source>
        <translation>espera</translation>
    </message>
    <message>
        <source>&amp;Policy</source>
        <translation>&amp;Política</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguna</translation>
    </message>
    <message>
        <source>any</source>
        <translation>cualquiera</translation>
    </message>
    <message>
        <source>numbers</source>
        <translation>números</translation>
    </message>
    <message>
        <source>sanitised</source>
        <translation>tachado</translation>
    </message>
    <message>
        <source>at</source>
        <translation>a</translation>
    </message>
    <message>
        <source>&amp;Region</source>
        <translation>Re&amp;gión</translation>
    </message>
    <message>
        <source>once</source>
        <translation>una vez</translation>
    </message>
    <message>
        <source>This capture is in the case no more.</source>
        <translation>Esta captura ya no está en el caso.</translation>
    </message>
    <message>
        <source>%1 was changed after it was checked; it was handed to nobody.</source>
        <translation>%1 cambió tras la comprobación; no se entregó a nadie.</translation>
    </message>
    <message>
        <source>--edge %1: wave, steps or fade is expected, and sides behind a colon where not all are meant: wave:top,bottom</source>
        <translation>--edge %1: se espera wave, steps o fade y, si no se trata de todos los lados, los lados tras dos puntos: wave:top,bottom</translation>
    </message>
    <message>
        <source>--canvas %1: one width or four are expected, left,top,right,bottom, each up to %2.</source>
        <translation>--canvas %1: se espera una anchura o cuatro, izquierda,arriba,derecha,abajo (left,top,right,bottom), cada una hasta %2.</translation>
    </message>
    <message>
        <source>%1 %2: a colour is expected, #rrggbb.</source>
        <translation>%1 %2: se espera un color, #rrggbb.</translation>
    </message>
    <message>
        <source>Of the border, #rrggbb</source>
        <translation>Del borde, #rrggbb</translation>
    </message>
    <message>
        <source>Torn edges, as of an excerpt: wave, steps or fade; on some sides: wave:top,bottom</source>
        <translation>Bordes rasgados, como de un recorte: wave, steps o fade; solo en algunos lados: wave:top,bottom</translation>
    </message>
    <message>
        <source>A shadow that reaches so many pixels</source>
        <translation>Una sombra que llega hasta tantos píxeles</translation>
    </message>
    <message>
        <source>More ground around it, so many pixels wide: N, or left,top,right,bottom</source>
        <translation>Más fondo alrededor, de tantos píxeles: N, o izquierda,arriba,derecha,abajo</translation>
    </message>
    <message>
        <source>The colour of that ground, #rrggbb; white where none is given</source>
        <translation>El color de ese fondo, #rrggbb; blanco si no se da ninguno</translation>
    </message>
    <message>
        <source>One a page, as large as it is</source>
        <translation>Una por página, a su tamaño</translation>
    </message>
    <message numerus="yes">
        <source>%n on a page of A4</source>
        <translation>
            <numerusform>%n en una página A4</numerusform>
            <numerusform>%n en una página A4</numerusform>
        </translation>
    </message>
    <message>
        <source>So many pictures on a page of a PDF</source>
        <translation>Tantas imágenes por página de un PDF</translation>
    </message>
    <message>
        <source>--per-sheet is of PDFs alone; give --format pdf as well.</source>
        <translation>--per-sheet es solo de PDF; dé también --format pdf.</translation>
    </message>
    <message>
        <source>has the form of a town with its state and ZIP code</source>
        <translation>tiene la forma de una localidad con su estado y código postal (ZIP)</translation>
    </message>
    <message>
        <source>Drag from here into another program: all captures, sanitised and checked</source>
        <translation>Arrastre desde aquí a otro programa: todas las capturas, tachadas y comprobadas</translation>
    </message>
    <message>
        <source>The window follows what you chose as soon as what is under way is done.</source>
        <translation>La ventana seguirá su elección en cuanto termine lo que está en curso.</translation>
    </message>
    <message>
        <source> % (when this view is closed)</source>
        <translation> % (al cerrar esta vista)</translation>
    </message>
    <message>
        <source>&quot;translated&quot; knows &quot;name&quot; and &quot;description&quot;, not &quot;%1&quot;</source>
        <translation>«translated» conoce «name» y «description», no «%1»</translation>
    </message>
    <message>
        <source>is named with a number of others</source>
        <translation>se nombra con un número de otros</translation>
    </message>
    <message>
        <source>speaks in a talk line for line</source>
        <translation>habla en una conversación anotada línea por línea</translation>
    </message>
    <message>
        <source>stands under words that are quoted</source>
        <translation>está debajo de palabras citadas</translation>
    </message>
    <message>
        <source>stands before the terminal it is used at</source>
        <translation>está delante del terminal en que se usa</translation>
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
        <translation>%1: %2, %3, %4, trabajado el %5, por destruir: %6</translation>
    </message>
    <message>
        <source>%1: %2, %3 (of %4)</source>
        <translation>%1: %2, %3 (de %4)</translation>
    </message>
    <message>
        <source>d MMMM</source>
        <translation>d &apos;de&apos; MMMM</translation>
    </message>
    <message>
        <source>d MMM yyyy, HH:mm</source>
        <translation>d MMM yyyy, HH:mm</translation>
    </message>
    <message numerus="yes">
        <source>%n covered</source>
        <translation>
            <numerusform>%n tachado</numerusform>
            <numerusform>%n tachados</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n kept</source>
        <translation>
            <numerusform>%n conservado</numerusform>
            <numerusform>%n conservados</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n settled</source>
        <translation>
            <numerusform>%n decidido</numerusform>
            <numerusform>%n decididos</numerusform>
        </translation>
    </message>
    <message>
        <source>Open</source>
        <comment>state of a finding</comment>
        <translation>Abierto</translation>
    </message>
    <message>
        <source>stands between a house number and a town</source>
        <translation>está entre un número de casa y una localidad</translation>
    </message>
    <message>
        <source>The desktop&apos;s key ring is locked. Unlock it, and try again.</source>
        <translation>El llavero del escritorio está bloqueado. Desbloquéelo e inténtelo de nuevo.</translation>
    </message>
    <message>
        <source>%1 stays shut: %2</source>
        <translation>%1 sigue cerrado: %2</translation>
    </message>
    <message>
        <source>%1 was altered or taken away since it was checked, and goes no further. Release again.</source>
        <translation>%1 fue alterado o retirado desde su comprobación y no sigue adelante. Entregue de nuevo.</translation>
    </message>
    <message>
        <source>The window answers no more, so nobody can say whether the page goes on. What was taken until then is kept.</source>
        <translation>La ventana ya no responde, así que no se puede saber si la página continúa. Se conserva lo capturado hasta entonces.</translation>
    </message>
    <message>
        <source>stands where names stand on the lines like it</source>
        <translation>está donde hay nombres en las líneas semejantes</translation>
    </message>
    <message>
        <source>stands where user names stand on the lines like it</source>
        <translation>está donde hay nombres de usuario en las líneas semejantes</translation>
    </message>
    <message>
        <source>The desktop&apos;s key ring is locked, so this user&apos;s key file locks the case instead.</source>
        <translation>El llavero del escritorio está bloqueado, así que el caso queda protegido por el archivo de clave de este usuario.</translation>
    </message>
    <message>
        <source>stands against somebody in a case</source>
        <translation>se enfrenta a alguien en una causa</translation>
    </message>
    <message>
        <source>Eyelid&apos;s own window did not go off the desk, so nothing was taken; try it again.</source>
        <translation>La ventana de Eyelid no desapareció del escritorio, así que no se tomó nada; inténtelo de nuevo.</translation>
    </message>
    <message>
        <source>is a date of long ago beside a name</source>
        <translation>es una fecha lejana junto a un nombre</translation>
    </message>
    <message>
        <source>is a town behind somebody&apos;s name</source>
        <translation>es una población tras el nombre de una persona</translation>
    </message>
    <message>
        <source>goes on with the name above it</source>
        <translation>continúa el nombre que está encima</translation>
    </message>
    <message>
        <source>is given to a command as its password</source>
        <translation>se da a una orden como contraseña</translation>
    </message>
    <message>
        <source>is given to a command as the user&apos;s name</source>
        <translation>se da a una orden como nombre de usuario</translation>
    </message>
    <message>
        <source>stands where a standard of messages has it</source>
        <translation>está donde lo prevé una norma de mensajes</translation>
    </message>
    <message>
        <source>is spoken to by name</source>
        <translation>es alguien a quien se llama por su nombre</translation>
    </message>
    <message>
        <source>is written as whom something belongs to</source>
        <translation>está escrito como la persona a quien pertenece algo</translation>
    </message>
    <message>
        <source>a code needs a text</source>
        <translation>un código necesita un texto</translation>
    </message>
    <message>
        <source>a sign needs a picture or a text</source>
        <translation>una firma necesita una imagen o un texto</translation>
    </message>
    <message>
        <source>its picture is no PNG in base64</source>
        <translation>su imagen no es un PNG en base64</translation>
    </message>
    <message>
        <source>“units_per_pixel” must be more than nothing</source>
        <translation>«units_per_pixel» debe ser mayor que cero</translation>
    </message>
    <message>
        <source>its pressures are not all within 0 to 1</source>
        <translation>sus presiones no están todas entre 0 y 1</translation>
    </message>
    <message>
        <source>it has too few points; it needs %1</source>
        <translation>tiene muy pocos puntos; necesita %1</translation>
    </message>
    <message>
        <source>it has more than %1 points</source>
        <translation>tiene más de %1 puntos</translation>
    </message>
    <message>
        <source>a tint on words needs two points for each of its bands</source>
        <translation>un tinte sobre palabras necesita dos puntos por cada una de sus bandas</translation>
    </message>
    <message>
        <source>its text is longer than %1 characters</source>
        <translation>su texto pasa de %1 caracteres</translation>
    </message>
    <message>
        <source>its picture is larger than %1 MB</source>
        <translation>su imagen pasa de %1 MB</translation>
    </message>
    <message>
        <source>it needs as many pressures as points</source>
        <translation>necesita tantas presiones como puntos</translation>
    </message>
    <message>
        <source>it has a number beyond %1</source>
        <translation>tiene un número más allá de %1</translation>
    </message>
    <message>
        <source>its width is not within %1 to %2</source>
        <translation>su anchura no está entre %1 y %2</translation>
    </message>
    <message>
        <source>the height of its text is not within %1 to %2</source>
        <translation>la altura de su texto no está entre %1 y %2</translation>
    </message>
    <message>
        <source>it can have no more than two heads</source>
        <translation>no puede tener más de dos puntas</translation>
    </message>
    <message>
        <source>%1 has passed; name today or a later day.</source>
        <translation>El %1 ya ha pasado; indique hoy o un día posterior.</translation>
    </message>
    <message>
        <source>Transparent in a PNG, and in a WebP without loss</source>
        <translation>Transparente en PNG y en WebP sin pérdida</translation>
    </message>
    <message>
        <source>That ground is transparent in a PNG, and in a WebP without loss</source>
        <translation>Ese fondo es transparente en PNG y en WebP sin pérdida</translation>
    </message>
    <message>
        <source>Colour lies under what is transparent.</source>
        <translation>Hay color debajo de lo que es transparente.</translation>
    </message>
    <message>
        <source>is written as other plates here are</source>
        <translation>está escrito como otras matrículas de aquí</translation>
    </message>
    <message>
        <source>is a town behind somebody&apos;s user name</source>
        <translation>es una localidad detrás de un nombre de usuario</translation>
    </message>
    <message>
        <source>%1: whole, nothing under its transparent ground, nothing but the picture; nothing sensitive can be read.</source>
        <translation>%1: entero, nada bajo su fondo transparente, nada más que la imagen; nada sensible se puede leer.</translation>
    </message>
    <message>
        <source>A picture of %1 x %2 pixels takes %3 bytes at the least, and no more than %4 were asked for; crop it, or release it at a smaller size.</source>
        <translation>Una imagen de %1 x %2 píxeles ocupa al menos %3 bytes, y se pidieron %4 como mucho; recórtela, o entréguela más pequeña.</translation>
    </message>
    <message>
        <source>%1 is damaged or was altered. What is intact was taken out, without what undo knew: %2.</source>
        <translation>%1 está dañado o fue alterado. Lo que está intacto se sacó, sin lo que sabía Deshacer: %2.</translation>
    </message>
    <message>
        <source>a draft in the mail program (see that the files are attached: not every program takes them)</source>
        <translation>un borrador en el programa de correo (compruebe que los archivos están adjuntos: no todos los programas los aceptan)</translation>
    </message>
    <message>
        <source>stands in brackets behind the name it is made of</source>
        <translation>está entre paréntesis detrás del nombre del que se compone</translation>
    </message>
    <message>
        <source>stands beside a post code</source>
        <translation>está junto a un código postal</translation>
    </message>
    <message>
        <source>stands where a web server&apos;s log has it</source>
        <translation>está donde lo pone el registro de un servidor web</translation>
    </message>
    <message>
        <source>%1 “%2”</source>
        <translation>%1 «%2»</translation>
    </message>
    <message>
        <source>stands beside the other half of somebody&apos;s name</source>
        <translation>está junto a la otra mitad de un nombre</translation>
    </message>
    <message>
        <source>stands over the label &quot;%1&quot;</source>
        <translation>está sobre la etiqueta «%1»</translation>
    </message>
    <message>
        <source>speaks, by given name</source>
        <translation>habla, con su nombre de pila</translation>
    </message>
    <message>
        <source>is a street over a list of its houses</source>
        <translation>es una calle sobre una lista de sus casas</translation>
    </message>
    <message>
        <source>is written as names are, in words no language here has</source>
        <translation>está escrito como un nombre, con palabras que ningún idioma de aquí tiene</translation>
    </message>
    <message>
        <source>meets somebody alone</source>
        <translation>se reúne a solas con alguien</translation>
    </message>
    <message>
        <source>is a password of a file of accounts</source>
        <translation>es una contraseña de un archivo de cuentas</translation>
    </message>
    <message>
        <source>opens a sentence that says what somebody does</source>
        <translation>abre una frase que dice lo que hace alguien</translation>
    </message>
    <message>
        <source>is whom a device is called after</source>
        <translation>es la persona que da nombre a un dispositivo</translation>
    </message>
    <message>
        <source>did something at a time</source>
        <translation>hizo algo en un momento dado</translation>
    </message>
    <message>
        <source>stands over a post code</source>
        <translation>está encima de un código postal</translation>
    </message>
    <message>
        <source>is a place told by three words</source>
        <translation>es un lugar indicado con tres palabras</translation>
    </message>
    <message>
        <source>is an e-mail address spelt out</source>
        <translation>es una dirección de correo escrita con palabras</translation>
    </message>
    <message>
        <source>is a one-time code: it stands before words for one</source>
        <translation>es un código de un solo uso: precede a palabras que lo dicen</translation>
    </message>
    <message>
        <source>follows a word for a code</source>
        <translation>sigue a una palabra que designa un código</translation>
    </message>
    <message>
        <source>is the name somebody had before</source>
        <translation>es el nombre que alguien llevaba antes</translation>
    </message>
    <message>
        <source>follows words for who it is or whom it is meant for</source>
        <translation>sigue a palabras que dicen quién es o a quién va dirigido</translation>
    </message>
    <message>
        <source>stands behind a user&apos;s number</source>
        <translation>sigue al número de un usuario</translation>
    </message>
    <message>
        <source>%1 is larger than %2 kB, more than Eyelid opens.</source>
        <translation>%1 pasa de %2 kB, más de lo que abre Eyelid.</translation>
    </message>
    <message>
        <source>A passphrase needs %1 MB of memory for a moment, and there is less; close other programs and try again.</source>
        <translation>Una frase de paso necesita por un momento %1 MB de memoria y hay menos; cierre otros programas e inténtelo de nuevo.</translation>
    </message>
    <message>
        <source>“%1” was changed meanwhile and stays; look at it again.</source>
        <translation>«%1» ha cambiado entretanto y se queda; mírelo de nuevo.</translation>
    </message>
    <message>
        <source>is whom an appointment is with</source>
        <translation>es con quien se tiene una cita</translation>
    </message>
    <message>
        <source>is a date beside the age it makes</source>
        <translation>es una fecha junto a la edad que da</translation>
    </message>
    <message>
        <source>is who lives, lies or sits there</source>
        <translation>es quien vive, está o se sienta ahí</translation>
    </message>
    <message>
        <source>is a street over its town</source>
        <translation>es una calle sobre su población</translation>
    </message>
    <message>
        <source>is where somebody is said to live</source>
        <translation>se indica como domicilio de alguien</translation>
    </message>
    <message>
        <source>is said to live or to be born somewhere</source>
        <translation>se nombra con su domicilio o nacimiento</translation>
    </message>
    <message>
        <source>is a town under somebody&apos;s date of birth</source>
        <translation>es una localidad bajo la fecha de nacimiento de alguien</translation>
    </message>
    <message>
        <source>is a town beside the ways to reach somebody</source>
        <translation>es una población junto a las formas de contactar con alguien</translation>
    </message>
    <message>
        <source>is made of a name found elsewhere on the screen</source>
        <translation>está formado con un nombre encontrado en otra parte de la pantalla</translation>
    </message>
    <message>
        <source>is the code of what stands beside it</source>
        <translation>es el código de lo que está al lado</translation>
    </message>
</context>
</TS>
