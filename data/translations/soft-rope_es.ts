<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es">
 <context>
  <name />
  <message>
   <source> of %1</source>
   <translation> de %1</translation>
  </message>
  <message>
   <source> tint</source>
   <translation> matiz</translation>
  </message>
  <message>
   <source> · %1 bridged</source>
   <translation> · %1 salvados</translation>
  </message>
  <message numerus="yes">
   <source> · %n slivers join</source>
   <translation>
    <numerusform> · %n astilla se une</numerusform>
    <numerusform> · %n astillas se unen</numerusform>
   </translation>
  </message>
  <message>
   <source> · by the light</source>
   <translation> · según la luz</translation>
  </message>
  <message>
   <source> · fill %1 · line %2</source>
   <translation> · relleno %1 · línea %2</translation>
  </message>
  <message>
   <source> – Soft Rope</source>
   <translation> – Soft Rope</translation>
  </message>
  <message>
   <source>%1   ·   page %2 of %3</source>
   <translation>%1   ·   página %2 de %3</translation>
  </message>
  <message>
   <source>%1 % along</source>
   <translation>al %1 % del largo</translation>
  </message>
  <message>
   <source>%1 %2</source>
   <translation>%1 %2</translation>
  </message>
  <message>
   <source>%1 %2 is offered.</source>
   <translation>Se ofrece %1 %2.</translation>
  </message>
  <message>
   <source>%1 (halves)</source>
   <translation>%1 (mitades)</translation>
  </message>
  <message>
   <source>%1 (missing)</source>
   <translation>%1 (falta)</translation>
  </message>
  <message numerus="yes">
   <source>%1 + %1 halves → %n line(s), %2 of %3 seams smooth</source>
   <translation>
    <numerusform>%1 + %1 mitades → %n línea, %2 de %3 costuras suaves</numerusform>
    <numerusform>%1 + %1 mitades → %n líneas, %2 de %3 costuras suaves</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 are alike.</source>
   <translation>%1 son iguales.</translation>
  </message>
  <message>
   <source>%1 areas lie on "Colour areas" under the lines; %2 gaps closed, %3 slivers absorbed (Ctrl+. shows them). Ctrl+Z takes them away.</source>
   <translation>%1 áreas están en «Áreas de color» bajo las líneas; %2 huecos cerrados, %3 astillas absorbidas (Ctrl+. las muestra). Ctrl+Z las quita.</translation>
  </message>
  <message>
   <source>%1 areas, %2 nodes</source>
   <translation>%1 áreas, %2 nodos</translation>
  </message>
  <message>
   <source>%1 cannot be opened.</source>
   <translation>%1 no se puede abrir.</translation>
  </message>
  <message>
   <source>%1 cannot be opened: %2.</source>
   <translation>%1 no se puede abrir: %2.</translation>
  </message>
  <message>
   <source>%1 cannot be read to its end.</source>
   <translation>%1 no se puede leer hasta el final.</translation>
  </message>
  <message>
   <source>%1 cannot be written: %2</source>
   <translation>No se puede escribir %1: %2</translation>
  </message>
  <message numerus="yes">
   <source>%1 closes %n more area(s).</source>
   <translation>
    <numerusform>%1 cierra %n área más.</numerusform>
    <numerusform>%1 cierra %n áreas más.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 closes %n more area(s): %2.</source>
   <translation>
    <numerusform>%1 cierra %n área más: %2.</numerusform>
    <numerusform>%1 cierra %n áreas más: %2.</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 colour drops' areas opened: they stay as they were, rings show where.</source>
   <translation>Se abrieron las áreas de %1 gotas de color: quedan como estaban, unos anillos muestran dónde.</translation>
  </message>
  <message>
   <source>%1 colours</source>
   <translation>%1 colores</translation>
  </message>
  <message>
   <source>%1 colours, the process takes %2</source>
   <translation>%1 colores, el proceso admite %2</translation>
  </message>
  <message>
   <source>%1 could not be made: there is not enough memory.</source>
   <translation>No se pudo crear %1: no hay memoria suficiente.</translation>
  </message>
  <message>
   <source>%1 could not be removed: %2</source>
   <translation>No se pudo quitar %1: %2</translation>
  </message>
  <message>
   <source>%1 darker</source>
   <translation>%1 más oscuro</translation>
  </message>
  <message>
   <source>%1 degrees, height %2 %</source>
   <translation>%1 grados, altura %2 %</translation>
  </message>
  <message>
   <source>%1 does not know %2.</source>
   <translation>%1 no conoce %2.</translation>
  </message>
  <message>
   <source>%1 drops' areas are closed again.</source>
   <translation>Las áreas de %1 gotas vuelven a estar cerradas.</translation>
  </message>
  <message>
   <source>%1 ends are open; two are %2 apart.</source>
   <translation>%1 extremos están abiertos; dos distan %2.</translation>
  </message>
  <message>
   <source>%1 ends are open; two meet and are not joined.</source>
   <translation>%1 extremos están abiertos; dos se tocan y no están unidos.</translation>
  </message>
  <message>
   <source>%1 flat areas in %2 colours on a layer of their own; the layers they are made from are hidden. Ctrl+Z takes them away.</source>
   <translation>%1 áreas planas en %2 colores en una capa propia; las capas de las que salen están ocultas. Ctrl+Z las quita.</translation>
  </message>
  <message>
   <source>%1 has %2 megapixels; at most 100 can be opened.</source>
   <translation>%1 tiene %2 megapíxeles; se pueden abrir 100 como mucho.</translation>
  </message>
  <message>
   <source>%1 has no page %2.</source>
   <translation>%1 no tiene la página %2.</translation>
  </message>
  <message>
   <source>%1 has no pages.</source>
   <translation>%1 no tiene páginas.</translation>
  </message>
  <message>
   <source>%1 hidden.</source>
   <translation>%1: oculto.</translation>
  </message>
  <message>
   <source>%1 holds no recorded strokes.</source>
   <translation>%1 no contiene trazos grabados.</translation>
  </message>
  <message>
   <source>%1 holds sizes from 1 to %2 px, at most 32.</source>
   <translation>%1 contiene tamaños de 1 a %2 px, 32 como máximo.</translation>
  </message>
  <message numerus="yes">
   <source>%1 in %n area(s), by the light.</source>
   <translation>
    <numerusform>%1 en %n área, según la luz.</numerusform>
    <numerusform>%1 en %n áreas, según la luz.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 in %n area(s).</source>
   <translation>
    <numerusform>%1 en %n área.</numerusform>
    <numerusform>%1 en %n áreas.</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 is a drawing, not a picture. Open it instead.</source>
   <translation>%1 es un dibujo, no una imagen. Ábralo en su lugar.</translation>
  </message>
  <message>
   <source>%1 is a file, not a folder.</source>
   <translation>%1 es un archivo, no una carpeta.</translation>
  </message>
  <message>
   <source>%1 is a folder.</source>
   <translation>%1 es una carpeta.</translation>
  </message>
  <message>
   <source>%1 is a part now.</source>
   <translation>%1 es ahora una pieza suelta.</translation>
  </message>
  <message>
   <source>%1 is broken and cannot be read.</source>
   <translation>%1 está dañado y no se puede leer.</translation>
  </message>
  <message>
   <source>%1 is cut off before its first row.</source>
   <translation>%1 se corta antes de la primera fila.</translation>
  </message>
  <message>
   <source>%1 is empty.</source>
   <translation>%1 está vacío.</translation>
  </message>
  <message>
   <source>%1 is fitted, dimmed to 50 % and locked. Unlock it to move it.</source>
   <translation>%1 está ajustada, atenuada al 50 % y bloqueada. Desbloquéela para moverla.</translation>
  </message>
  <message>
   <source>%1 is free.</source>
   <translation>%1 está libre.</translation>
  </message>
  <message>
   <source>%1 is hidden. Show it to draw on it.</source>
   <translation>%1 está oculta. Muéstrela para dibujar en ella.</translation>
  </message>
  <message>
   <source>%1 is in %2 already; nothing was written.</source>
   <translation>%1 ya está en %2; no se escribió nada.</translation>
  </message>
  <message>
   <source>%1 is kept beside the work, and saved with it.</source>
   <translation>%1 queda junto al trabajo y se guarda con él.</translation>
  </message>
  <message>
   <source>%1 is larger than 100 megapixels.</source>
   <translation>%1 supera los 100 megapíxeles.</translation>
  </message>
  <message>
   <source>%1 is larger than 2 GB.</source>
   <translation>%1 supera los 2 GB.</translation>
  </message>
  <message>
   <source>%1 is locked with a password. Open it elsewhere and save it without one.</source>
   <translation>%1 está protegido con contraseña. Ábralo en otro sitio y guárdelo sin ella.</translation>
  </message>
  <message>
   <source>%1 is no PDF that can be read.</source>
   <translation>%1 no es un PDF que se pueda leer.</translation>
  </message>
  <message>
   <source>%1 is no colour.</source>
   <translation>%1 no es un color.</translation>
  </message>
  <message>
   <source>%1 is no delivery plan: %2</source>
   <translation>%1 no es un plan de entrega: %2</translation>
  </message>
  <message>
   <source>%1 is no ink; nearest is %2 (ΔE00 %3)</source>
   <translation>%1 no es una tinta; la más cercana es %2 (ΔE00 %3)</translation>
  </message>
  <message>
   <source>%1 is no name for a file.</source>
   <translation>%1 no es un nombre de archivo.</translation>
  </message>
  <message>
   <source>%1 is no process card: %2</source>
   <translation>%1 no es una ficha de proceso: %2</translation>
  </message>
  <message>
   <source>%1 is not a picture that can be read (PNG, JPEG, WebP, TIFF, BMP or GIF).</source>
   <translation>%1 no es una imagen legible (PNG, JPEG, WebP, TIFF, BMP o GIF).</translation>
  </message>
  <message>
   <source>%1 is open in another window: save under another name, or close that one first.</source>
   <translation>%1 está abierto en otra ventana: guarde con otro nombre o ciérrela antes.</translation>
  </message>
  <message>
   <source>%1 is out of range.</source>
   <translation>%1 está fuera de rango.</translation>
  </message>
  <message>
   <source>%1 is the key of "%2" now, which would have none.</source>
   <translation>%1 es ahora la tecla de «%2», que se quedaría sin ninguna.</translation>
  </message>
  <message>
   <source>%1 is the key of "%2", which stays.</source>
   <translation>%1 es la tecla de «%2», que no cambia.</translation>
  </message>
  <message>
   <source>%1 is too large to open.</source>
   <translation>%1 es demasiado grande para abrirlo.</translation>
  </message>
  <message>
   <source>%1 levels darker</source>
   <translation>%1 niveles más oscuro</translation>
  </message>
  <message>
   <source>%1 levels lighter</source>
   <translation>%1 niveles más claro</translation>
  </message>
  <message>
   <source>%1 lighter</source>
   <translation>%1 más claro</translation>
  </message>
  <message>
   <source>%1 long</source>
   <translation>%1 de largo</translation>
  </message>
  <message>
   <source>%1 mm</source>
   <translation>%1 mm</translation>
  </message>
  <message>
   <source>%1 must be a list.</source>
   <translation>%1 debe ser una lista.</translation>
  </message>
  <message>
   <source>%1 must be a number from 0 to 100,000.</source>
   <translation>%1 debe ser un número de 0 a 100.000.</translation>
  </message>
  <message>
   <source>%1 nodes</source>
   <translation>%1 nodos</translation>
  </message>
  <message>
   <source>%1 nodes, %2</source>
   <translation>%1 nodos, %2</translation>
  </message>
  <message>
   <source>%1 of %2 over 16 ms</source>
   <translation>%1 de %2 por encima de 16 ms</translation>
  </message>
  <message numerus="yes">
   <source>%1 of %n area(s) inked</source>
   <translation>
    <numerusform>%1 de %n área con tinta</numerusform>
    <numerusform>%1 de %n áreas con tinta</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 of 255</source>
   <translation>%1 de 255</translation>
  </message>
  <message>
   <source>%1 off at most</source>
   <translation>se aparta %1 como mucho</translation>
  </message>
  <message>
   <source>%1 offset</source>
   <translation>%1 desplazada</translation>
  </message>
  <message>
   <source>%1 on one side, the work as it is now on the other.</source>
   <translation>%1 a un lado, el trabajo tal como está ahora al otro.</translation>
  </message>
  <message>
   <source>%1 part</source>
   <translation>parte de %1</translation>
  </message>
  <message>
   <source>%1 picked</source>
   <translation>%1 elegidos</translation>
  </message>
  <message numerus="yes">
   <source>%1 picked · %n shade(s) inside</source>
   <translation>
    <numerusform>%1 elegidos · %n sombra dentro</numerusform>
    <numerusform>%1 elegidos · %n sombras dentro</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 pieces</source>
   <translation>%1 piezas</translation>
  </message>
  <message>
   <source>%1 pieces. Drag corners, split and merge. Ctrl+Z takes them away.</source>
   <translation>%1 piezas. Arrastre esquinas, divida y fusione. Ctrl+Z las quita.</translation>
  </message>
  <message>
   <source>%1 px</source>
   <translation>%1 px</translation>
  </message>
  <message>
   <source>%1 px from the centre</source>
   <translation>%1 px del centro</translation>
  </message>
  <message>
   <source>%1 shapes have their tones now. Hold W to compare with the picture; Ctrl+Z takes it back.</source>
   <translation>%1 formas tienen ya sus tonos. Mantenga W para comparar con la imagen; Ctrl+Z lo deshace.</translation>
  </message>
  <message numerus="yes">
   <source>%1 shapes → %n outline(s)</source>
   <translation>
    <numerusform>%1 formas → %n contorno</numerusform>
    <numerusform>%1 formas → %n contornos</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 ships with the program and stays.</source>
   <translation>%1 viene con el programa y se queda.</translation>
  </message>
  <message>
   <source>%1 shown over the sheet.</source>
   <translation>%1: visible sobre la hoja.</translation>
  </message>
  <message>
   <source>%1 thin, needs %2</source>
   <translation>%1 de grosor, necesita %2</translation>
  </message>
  <message>
   <source>%1 to mend, %2 to look at</source>
   <translation>%1 por reparar, %2 por mirar</translation>
  </message>
  <message>
   <source>%1 tones</source>
   <translation>%1 tonos</translation>
  </message>
  <message>
   <source>%1 was changed by another program since it was opened here. Saving writes over that.</source>
   <translation>Otro programa cambió %1 desde que se abrió aquí. Guardar lo sobrescribe.</translation>
  </message>
  <message>
   <source>%1 was loaded only in part, %2 of %3 rows.</source>
   <translation>%1 se cargó solo en parte, %2 de %3 filas.</translation>
  </message>
  <message>
   <source>%1 was not saved</source>
   <translation>%1 no se guardó</translation>
  </message>
  <message>
   <source>%1 with the same %2.</source>
   <translation>%1 con lo mismo: %2.</translation>
  </message>
  <message>
   <source>%1 · %2</source>
   <translation>%1 · %2</translation>
  </message>
  <message numerus="yes">
   <source>%1 · worn by %n shade(s)</source>
   <translation>
    <numerusform>%1 · lo lleva %n sombra</numerusform>
    <numerusform>%1 · lo llevan %n sombras</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 × %2 px</source>
   <translation>%1 × %2 px</translation>
  </message>
  <message>
   <source>%1 × %2 px · %3</source>
   <translation>%1 × %2 px · %3</translation>
  </message>
  <message>
   <source>%1 → %2 nodes</source>
   <translation>%1 → %2 nodos</translation>
  </message>
  <message>
   <source>%1 → %2 nodes, %3 off</source>
   <translation>%1 → %2 nodos, se aparta %3</translation>
  </message>
  <message>
   <source>%1, %2 %</source>
   <translation>%1, %2 %</translation>
  </message>
  <message>
   <source>%1, %2 nodes</source>
   <translation>%1, %2 nodos</translation>
  </message>
  <message>
   <source>%1, %2 px²</source>
   <translation>%1, %2 px²</translation>
  </message>
  <message>
   <source>%1, %2, %3 %</source>
   <translation>%1, %2, %3 %</translation>
  </message>
  <message numerus="yes">
   <source>%1, %n open end(s)</source>
   <translation>
    <numerusform>%1, %n extremo abierto</numerusform>
    <numerusform>%1, %n extremos abiertos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1, %n sliver(s)</source>
   <translation>
    <numerusform>%1, %n astilla</numerusform>
    <numerusform>%1, %n astillas</numerusform>
   </translation>
  </message>
  <message>
   <source>%1, current, %2</source>
   <translation>%1, actual, %2</translation>
  </message>
  <message>
   <source>%1, page %2</source>
   <translation>%1, página %2</translation>
  </message>
  <message>
   <source>%1, reference</source>
   <translation>%1, referencia</translation>
  </message>
  <message>
   <source>%1, second</source>
   <translation>%1, segundo</translation>
  </message>
  <message>
   <source>%1, set</source>
   <translation>%1, fijado</translation>
  </message>
  <message>
   <source>%1, used in this drawing</source>
   <translation>%1, usada en este dibujo</translation>
  </message>
  <message>
   <source>%1. Ctrl+Z takes it back.</source>
   <translation>%1. Ctrl+Z lo deshace.</translation>
  </message>
  <message>
   <source>%1. Shift keeps it as an ink</source>
   <translation>%1. Mayús la guarda como tinta</translation>
  </message>
  <message>
   <source>%1: %2 nodes%3. Ctrl+Z takes it apart.</source>
   <translation>%1: %2 nodos%3. Ctrl+Z lo separa.</translation>
  </message>
  <message>
   <source>%1: click to see it large, drag it out for a file</source>
   <translation>%1: clic para verlo grande, arrástrelo fuera para obtener un archivo</translation>
  </message>
  <message>
   <source>%1: delivery sheet</source>
   <translation>%1: hoja de entrega</translation>
  </message>
  <message>
   <source>%1: the disk is full.</source>
   <translation>%1: el disco está lleno.</translation>
  </message>
  <message>
   <source>%1: writing is not allowed there.</source>
   <translation>%1: no está permitido escribir ahí.</translation>
  </message>
  <message numerus="yes">
   <source>%n %1 element(s)</source>
   <translation>
    <numerusform>%n elemento %1</numerusform>
    <numerusform>%n elementos %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s)</source>
   <translation>
    <numerusform>%n área</numerusform>
    <numerusform>%n áreas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) enclosed</source>
   <translation>
    <numerusform>%n área encerrada</numerusform>
    <numerusform>%n áreas encerradas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) gathered</source>
   <translation>
    <numerusform>%n área reunida</numerusform>
    <numerusform>%n áreas reunidas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) → 1 shape</source>
   <translation>
    <numerusform>%n área → 1 forma</numerusform>
    <numerusform>%n áreas → 1 forma</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s), no inks</source>
   <translation>
    <numerusform>%n área, sin tintas</numerusform>
    <numerusform>%n áreas, sin tintas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n areas have no ink.</source>
   <translation>
    <numerusform>%n área no tiene tinta.</numerusform>
    <numerusform>%n áreas no tienen tinta.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken part(s) kept whole</source>
   <translation>
    <numerusform>%n parte conservada entera está dañada</numerusform>
    <numerusform>%n partes conservadas enteras están dañadas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken picture(s)</source>
   <translation>
    <numerusform>%n imagen dañada</numerusform>
    <numerusform>%n imágenes dañadas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken stage(s)</source>
   <translation>
    <numerusform>%n etapa dañada</numerusform>
    <numerusform>%n etapas dañadas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n can be mended safely</source>
   <translation>
    <numerusform>%n se puede reparar sin riesgo</numerusform>
    <numerusform>%n se pueden reparar sin riesgo</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n clip path(s) (drawn without)</source>
   <translation>
    <numerusform>%n trazado de recorte (dibujado sin él)</numerusform>
    <numerusform>%n trazados de recorte (dibujado sin ellos)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n colour(s) replaced by an ink</source>
   <translation>
    <numerusform>%n color sustituido por una tinta</numerusform>
    <numerusform>%n colores sustituidos por tintas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n corners have room for less only.</source>
   <translation>
    <numerusform>%n esquina solo tiene sitio para menos.</numerusform>
    <numerusform>%n esquinas solo tienen sitio para menos.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n double(s) taken out</source>
   <translation>
    <numerusform>%n duplicado quitado</numerusform>
    <numerusform>%n duplicados quitados</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n doubled node(s) merged</source>
   <translation>
    <numerusform>%n nodo doble unido</numerusform>
    <numerusform>%n nodos dobles unidos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n drops are open and stay as they were.</source>
   <translation>
    <numerusform>%n gota está abierta y queda como estaba.</numerusform>
    <numerusform>%n gotas están abiertas y quedan como estaban.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n end(s) open on this sheet</source>
   <translation>
    <numerusform>%n extremo abierto en esta hoja</numerusform>
    <numerusform>%n extremos abiertos en esta hoja</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n end(s) trimmed</source>
   <translation>
    <numerusform>%n extremo recortado</numerusform>
    <numerusform>%n extremos recortados</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n file(s) delivered to %1.</source>
   <translation>
    <numerusform>%n archivo entregado en %1.</numerusform>
    <numerusform>%n archivos entregados en %1.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n file(s), %1</source>
   <translation>
    <numerusform>%n archivo, %1</numerusform>
    <numerusform>%n archivos, %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n fill(s) closed</source>
   <translation>
    <numerusform>%n relleno cerrado</numerusform>
    <numerusform>%n rellenos cerrados</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n filter(s) (drawn without)</source>
   <translation>
    <numerusform>%n filtro (dibujado sin él)</numerusform>
    <numerusform>%n filtros (dibujado sin ellos)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n finding(s)</source>
   <translation>
    <numerusform>%n hallazgo</numerusform>
    <numerusform>%n hallazgos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n gradient(s) over the bounds of a turned shape (some programs measure those larger)</source>
   <translation>
    <numerusform>%n degradado sobre los límites de una forma girada (algunos programas los miden más grandes)</numerusform>
    <numerusform>%n degradados sobre los límites de formas giradas (algunos programas los miden más grandes)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n group(s) nested deeper than %1 (flattened)</source>
   <translation>
    <numerusform>%n grupo anidado a más de %1 (aplanado)</numerusform>
    <numerusform>%n grupos anidados a más de %1 (aplanados)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n group(s) too deeply nested</source>
   <translation>
    <numerusform>%n grupo anidado en exceso</numerusform>
    <numerusform>%n grupos anidados en exceso</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n hidden thing(s) taken out</source>
   <translation>
    <numerusform>%n elemento oculto quitado</numerusform>
    <numerusform>%n elementos ocultos quitados</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n hole(s)</source>
   <translation>
    <numerusform>%n agujero</numerusform>
    <numerusform>%n agujeros</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n inflection(s)</source>
   <translation>
    <numerusform>%n inflexión</numerusform>
    <numerusform>%n inflexiones</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n ink(s) ready</source>
   <translation>
    <numerusform>%n tinta lista</numerusform>
    <numerusform>%n tintas listas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n kink(s) smoothed</source>
   <translation>
    <numerusform>%n quiebro suavizado</numerusform>
    <numerusform>%n quiebros suavizados</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n lettering(s) outlined</source>
   <translation>
    <numerusform>%n rótulo convertido en contornos</numerusform>
    <numerusform>%n rótulos convertidos en contornos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s)</source>
   <translation>
    <numerusform>%n línea</numerusform>
    <numerusform>%n líneas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) may stay open: their ends are no longer counted or ringed.</source>
   <translation>
    <numerusform>%n línea puede quedar abierta: sus extremos ya no se cuentan ni llevan anillo.</numerusform>
    <numerusform>%n líneas pueden quedar abiertas: sus extremos ya no se cuentan ni llevan anillo.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) of words set in %1</source>
   <translation>
    <numerusform>%n línea compuesta en %1</numerusform>
    <numerusform>%n líneas compuestas en %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) reduced</source>
   <translation>
    <numerusform>%n línea reducida</numerusform>
    <numerusform>%n líneas reducidas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n linked picture(s)</source>
   <translation>
    <numerusform>%n imagen enlazada</numerusform>
    <numerusform>%n imágenes enlazadas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mark(s) scattered. Kind, size and seed can be changed on the card.</source>
   <translation>
    <numerusform>%n marca esparcida. Tipo, tamaño y semilla se cambian en la ficha.</numerusform>
    <numerusform>%n marcas esparcidas. Tipo, tamaño y semilla se cambian en la ficha.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mark(s), seed %1</source>
   <translation>
    <numerusform>%n marca, semilla %1</numerusform>
    <numerusform>%n marcas, semilla %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mask(s) (drawn without)</source>
   <translation>
    <numerusform>%n máscara (dibujado sin ella)</numerusform>
    <numerusform>%n máscaras (dibujado sin ellas)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n more after this</source>
   <translation>
    <numerusform>%n más después</numerusform>
    <numerusform>%n más después</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n needless node(s) taken out</source>
   <translation>
    <numerusform>%n nodo innecesario quitado</numerusform>
    <numerusform>%n nodos innecesarios quitados</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n node(s), many more than it needs</source>
   <translation>
    <numerusform>%n nodo, muchos más de los necesarios</numerusform>
    <numerusform>%n nodos, muchos más de los necesarios</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n nodes picked</source>
   <translation>
    <numerusform>%n nodo elegido</numerusform>
    <numerusform>%n nodos elegidos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n outline(s) united with themselves</source>
   <translation>
    <numerusform>%n contorno unido consigo mismo</numerusform>
    <numerusform>%n contornos unidos consigo mismos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pair(s) of ends joined</source>
   <translation>
    <numerusform>%n par de extremos unido</numerusform>
    <numerusform>%n pares de extremos unidos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pairs of ends are that near.</source>
   <translation>
    <numerusform>%n par de extremos está así de cerca.</numerusform>
    <numerusform>%n pares de extremos están así de cerca.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) kept whole left out</source>
   <translation>
    <numerusform>%n parte conservada entera omitida</numerusform>
    <numerusform>%n partes conservadas enteras omitidas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) kept whole: %1</source>
   <translation>
    <numerusform>%n parte conservada entera: %1</numerusform>
    <numerusform>%n partes conservadas enteras: %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) that cannot be kept whole (drawn as far as it goes)</source>
   <translation>
    <numerusform>%n parte que no se puede conservar entera (dibujada hasta donde se puede)</numerusform>
    <numerusform>%n partes que no se pueden conservar enteras (dibujadas hasta donde se puede)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n path(s) broken off at a fault</source>
   <translation>
    <numerusform>%n trazado cortado por un fallo</numerusform>
    <numerusform>%n trazados cortados por un fallo</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pattern(s) (painted grey)</source>
   <translation>
    <numerusform>%n motivo (pintado de gris)</numerusform>
    <numerusform>%n motivos (pintados de gris)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n picture(s)</source>
   <translation>
    <numerusform>%n imagen</numerusform>
    <numerusform>%n imágenes</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n picture(s) left out</source>
   <translation>
    <numerusform>%n imagen omitida</numerusform>
    <numerusform>%n imágenes omitidas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n piece(s)</source>
   <translation>
    <numerusform>%n pieza</numerusform>
    <numerusform>%n piezas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pieces are much smaller than the rest.</source>
   <translation>
    <numerusform>%n pieza es mucho menor que las demás.</numerusform>
    <numerusform>%n piezas son mucho menores que las demás.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n reference(s) taken out</source>
   <translation>
    <numerusform>%n referencia quitada</numerusform>
    <numerusform>%n referencias quitadas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n rule(s) of style sheets</source>
   <translation>
    <numerusform>%n regla de hojas de estilo</numerusform>
    <numerusform>%n reglas de hojas de estilo</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n seam(s) overlapped</source>
   <translation>
    <numerusform>%n junta solapada</numerusform>
    <numerusform>%n juntas solapadas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n seam(s) welded, %1 smooth; %2 copied. The halves are kept on a hidden layer.</source>
   <translation>
    <numerusform>%n costura soldada, %1 suaves; %2 copiadas. Las mitades se guardan en una capa oculta.</numerusform>
    <numerusform>%n costuras soldadas, %1 suaves; %2 copiadas. Las mitades se guardan en una capa oculta.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) ignore the light.</source>
   <translation>
    <numerusform>%n sombra ignora la luz.</numerusform>
    <numerusform>%n sombras ignoran la luz.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) ignore the light; this is one.</source>
   <translation>
    <numerusform>%n sombra ignora la luz; es esta.</numerusform>
    <numerusform>%n sombras ignoran la luz; esta es una.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) inside</source>
   <translation>
    <numerusform>%n sombra dentro</numerusform>
    <numerusform>%n sombras dentro</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) inside. It stays in its area and can be edited beyond the border.</source>
   <translation>
    <numerusform>%n sombra dentro. Queda en su área y puede editarse más allá del borde.</numerusform>
    <numerusform>%n sombras dentro. Quedan en su área y pueden editarse más allá del borde.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) turned to the light</source>
   <translation>
    <numerusform>%n sombra girada hacia la luz</numerusform>
    <numerusform>%n sombras giradas hacia la luz</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s), %1 against the light</source>
   <translation>
    <numerusform>%n sombra, %1 contra la luz</numerusform>
    <numerusform>%n sombras, %1 contra la luz</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s), light from %1</source>
   <translation>
    <numerusform>%n sombra, luz desde %1</numerusform>
    <numerusform>%n sombras, luz desde %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s)</source>
   <translation>
    <numerusform>%n forma</numerusform>
    <numerusform>%n formas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s) taken in as parts.</source>
   <translation>
    <numerusform>%n forma acogida como parte.</numerusform>
    <numerusform>%n formas acogidas como partes.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s) with numbers out of range</source>
   <translation>
    <numerusform>%n forma con números fuera de rango</numerusform>
    <numerusform>%n formas con números fuera de rango</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n sliver(s) closed</source>
   <translation>
    <numerusform>%n rendija cerrada</numerusform>
    <numerusform>%n rendijas cerradas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n specks go to their neighbours.</source>
   <translation>
    <numerusform>%n mota pasa a su vecina.</numerusform>
    <numerusform>%n motas pasan a sus vecinas.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n stray point(s) taken out</source>
   <translation>
    <numerusform>%n punto suelto quitado</numerusform>
    <numerusform>%n puntos sueltos quitados</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n text(s)</source>
   <translation>
    <numerusform>%n texto</numerusform>
    <numerusform>%n textos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n thing(s)</source>
   <translation>
    <numerusform>%n cosa</numerusform>
    <numerusform>%n cosas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n time(s). Change any one of them and all follow.</source>
   <translation>
    <numerusform>%n vez. Cambia una y todas la siguen.</numerusform>
    <numerusform>%n veces. Cambia una y todas la siguen.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n tone(s)</source>
   <translation>
    <numerusform>%n tono</numerusform>
    <numerusform>%n tonos</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n use(s) brought up to the part.</source>
   <translation>
    <numerusform>%n uso puesto al día con la pieza suelta.</numerusform>
    <numerusform>%n usos puestos al día con la pieza suelta.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n use(s) of another element</source>
   <translation>
    <numerusform>%n uso de otro elemento</numerusform>
    <numerusform>%n usos de otros elementos</numerusform>
   </translation>
  </message>
  <message>
   <source>&amp;Author</source>
   <translation>&amp;Autor</translation>
  </message>
  <message>
   <source>&amp;Description</source>
   <translation>&amp;Descripción</translation>
  </message>
  <message>
   <source>&amp;Licence</source>
   <translation>&amp;Licencia</translation>
  </message>
  <message>
   <source>&amp;Title</source>
   <translation>&amp;Título</translation>
  </message>
  <message>
   <source>, %1 across gaps</source>
   <translation>, %1 a través de huecos</translation>
  </message>
  <message>
   <source>, %1 much smaller than the rest</source>
   <translation>, %1 mucho menores que las demás</translation>
  </message>
  <message>
   <source>, %1 nodes</source>
   <translation>, %1 nodos</translation>
  </message>
  <message>
   <source>, 1 across a gap</source>
   <translation>, 1 a través de un hueco</translation>
  </message>
  <message>
   <source>, by hand</source>
   <translation>, a mano</translation>
  </message>
  <message>
   <source>, hidden</source>
   <translation>, oculta</translation>
  </message>
  <message>
   <source>, in hand</source>
   <translation>, en mano</translation>
  </message>
  <message>
   <source>, live</source>
   <translation>, viva</translation>
  </message>
  <message>
   <source>, locked</source>
   <translation>, bloqueada</translation>
  </message>
  <message>
   <source>100 %</source>
   <translation>100 %</translation>
  </message>
  <message>
   <source>1080 × 1080 px</source>
   <translation>1080 × 1080 px</translation>
  </message>
  <message>
   <source>1920 × 1080 px</source>
   <translation>1920 × 1080 px</translation>
  </message>
  <message>
   <source>210 × 297 mm</source>
   <translation>210 × 297 mm</translation>
  </message>
  <message>
   <source>24 × 24 px</source>
   <translation>24 × 24 px</translation>
  </message>
  <message>
   <source>300 × 400 mm</source>
   <translation>300 × 400 mm</translation>
  </message>
  <message>
   <source>58 mm across</source>
   <translation>58 mm de diámetro</translation>
  </message>
  <message>
   <source>&lt;b&gt;Alike&lt;/b&gt; picks everything with the same fill as what you click; Shift: the same line colour, Alt: the same weight.</source>
   <translation>&lt;b&gt;Iguales&lt;/b&gt; elige todo lo que tiene el mismo relleno que lo pulsado; Mayús: el mismo color de línea, Alt: el mismo grosor.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Axis&lt;/b&gt;: drag a line to mirror the layer at; its diamonds turn it. Click a half-bead: its seam smooth or a corner.</source>
   <translation>&lt;b&gt;Eje&lt;/b&gt;: arrastre la línea en que se refleja la capa; sus rombos la giran. Clic en una media cuenta: costura suave o esquina.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Bound&lt;/b&gt;: draw round what is to be cut into tones, or click a closed shape. A click beside lifts the bound.</source>
   <translation>&lt;b&gt;Límite&lt;/b&gt;: rodee lo que se dividirá en tonos, o pulse una forma cerrada. Un clic al lado quita el límite.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Bow&lt;/b&gt; pulls the middle of a piece into a curve. A double click makes it straight again. Esc lets go.</source>
   <translation>&lt;b&gt;Arquear&lt;/b&gt; tira del medio de un tramo hasta hacerlo curvo. Un doble clic lo endereza. Esc suelta.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Carve&lt;/b&gt; gathers the areas you drag through; Shift drops them out. Enter takes the shape, Backspace lets one go.</source>
   <translation>&lt;b&gt;Tallar&lt;/b&gt; reúne las áreas por las que pasa; Mayús las saca. Intro toma la forma, Retroceso suelta una.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Circle&lt;/b&gt;: drag from the middle (Alt: from side to side). It locks where it touches; Ctrl lets it go free.</source>
   <translation>&lt;b&gt;Círculo&lt;/b&gt;: arrastre desde el centro (Alt: de lado a lado). Se fija donde toca; Ctrl lo libera.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Crescent&lt;/b&gt;: drag from an edge inwards, as wide as it is to be. A click takes the last width by the light, Shift the far side.</source>
   <translation>&lt;b&gt;Media luna&lt;/b&gt;: arrastra desde un borde hacia dentro, tanto como deba medir. Un clic usa el último ancho según la luz, Mayús el lado opuesto.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Crop&lt;/b&gt;: drag a frame over the part of the picture to keep. A double click brings the whole picture back.</source>
   <translation>&lt;b&gt;Recortar&lt;/b&gt;: arrastre un marco sobre la parte que se conserva. Un doble clic devuelve la imagen entera.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Cut here&lt;/b&gt; moves the nearest cut to the tone under the pointer; drag to try others. Shift adds a cut.</source>
   <translation>&lt;b&gt;Cortar aquí&lt;/b&gt; lleva el corte más cercano al tono bajo el puntero; arrastre para probar otros. Mayús añade un corte.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Drop&lt;/b&gt; puts the ink in hand in the area under the pointer; drag to fill several. It follows the lines. Esc lets go.</source>
   <translation>&lt;b&gt;Gota&lt;/b&gt; pone la tinta en mano en el área bajo el puntero; arrastre para llenar varias. Sigue a las líneas. Esc suelta.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Edge&lt;/b&gt; pushes a border: start in a tone and drag over its border, the tone comes along. Brush size on the card.</source>
   <translation>&lt;b&gt;Borde&lt;/b&gt; empuja un límite: empiece en un tono y arrastre sobre su borde, el tono le sigue. Tamaño del pincel en la ficha.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Facets&lt;/b&gt;: drag from corner to corner to cut; a click changes a piece's shade, a drag inside turns it, Shift locks it. On a mesh: drag corners.</source>
   <translation>&lt;b&gt;Facetas&lt;/b&gt;: arrastre de esquina a esquina para cortar; un clic cambia el tono, arrastrar dentro lo gira, Mayús lo bloquea. En una malla: arrastre esquinas.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Follow&lt;/b&gt;: drag roughly along pieces of lines; back over them lets go. Shift begins and ends within a piece. Enter takes the outline.</source>
   <translation>&lt;b&gt;Seguir&lt;/b&gt;: arrastra a grandes rasgos por trozos de líneas; hacia atrás los suelta. Mayús empieza y acaba dentro de un trozo. Intro toma el contorno.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Freehand&lt;/b&gt; draws and fits. End near the start to close. Slack can be changed on the card. Esc drops the stroke.</source>
   <translation>&lt;b&gt;A mano&lt;/b&gt; dibuja y ajusta. Acabe cerca del inicio para cerrar. La holgura está en la ficha. Esc descarta el trazo.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Gradient&lt;/b&gt;: drag over the shape, or over several that are picked. Its ends are dragged on; Alt moves the focus of a round one.</source>
   <translation>&lt;b&gt;Degradado&lt;/b&gt;: arrastra sobre la forma o sobre varias elegidas. Sus extremos se arrastran; Alt mueve el foco de uno redondo.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Guide&lt;/b&gt;: drag a guide at any angle, or take hold of one to move it. Shift steps by 15°. Delete drops the one under the pointer.</source>
   <translation>&lt;b&gt;Guía&lt;/b&gt;: arrastre una guía en cualquier ángulo, o tome una y muévala. Mayús avanza de 15°. Supr quita la que está bajo el puntero.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Inside&lt;/b&gt;: drag a thing into the area it is to lie in; with several areas picked, into all it meets. Alt+click takes it out.</source>
   <translation>&lt;b&gt;Dentro&lt;/b&gt;: arrastra una cosa al área en la que debe estar; con varias áreas elegidas, a todas las que toque. Alt+clic la saca.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Join&lt;/b&gt;: click an open end, then another; or drag from end to end. Shift+J joins all that nearly meet.</source>
   <translation>&lt;b&gt;Unir&lt;/b&gt;: pulse un extremo abierto y luego otro; o arrastre de extremo a extremo. Mayús+J une todos los que casi se tocan.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Light&lt;/b&gt;: drag the sun, or press where the light is to come from. Near the middle it stands high. Shift steps by 15 degrees.</source>
   <translation>&lt;b&gt;Luz&lt;/b&gt;: arrastra el sol o pulsa de donde deba venir la luz. Cerca del centro está alta. Mayús: pasos de 15 grados.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Line&lt;/b&gt;: drag from end to end. Shift steps the angle by 15°; near a curve it locks to its tangent.</source>
   <translation>&lt;b&gt;Línea&lt;/b&gt;: arrastre de extremo a extremo. Mayús avanza de 15°; cerca de una curva se fija a su tangente.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Nodes&lt;/b&gt;: drag nodes, handles and pieces. Click a picked node: smooth or corner. Double click adds, Delete takes out.</source>
   <translation>&lt;b&gt;Nodos&lt;/b&gt;: arrastre nodos, tiradores y tramos. Clic en un nodo elegido: suave o esquina. Doble clic añade, Supr quita.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Paper&lt;/b&gt;: drag the corners to those of the paper. A double click finds them.</source>
   <translation>&lt;b&gt;Papel&lt;/b&gt;: arrastra las esquinas a las del papel. Un doble clic las encuentra.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Part&lt;/b&gt;: drag a frame, or with Shift round a part, to trace just that. Click a traced line to leave it out, double click to keep only it.</source>
   <translation>&lt;b&gt;Parte&lt;/b&gt;: arrastre un marco, o rodee con Mayús, para calcar solo eso. Pulse una línea para dejarla fuera, doble clic para dejar solo esa.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Patch&lt;/b&gt; makes one spot lighter or darker. Draw round it (Shift paints it), drag up or down inside; its nodes move, a double click adds one.</source>
   <translation>&lt;b&gt;Parche&lt;/b&gt; aclara u oscurece un punto. Rodéalo (Mayús lo pinta), arrastra arriba o abajo dentro; sus nodos se mueven, un doble clic añade uno.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Pen&lt;/b&gt;: click for a corner, drag for a curve; Alt breaks the handles. Enter or Esc ends, Backspace takes a node back.</source>
   <translation>&lt;b&gt;Pluma&lt;/b&gt;: clic para una esquina, arrastre para una curva; Alt rompe los tiradores. Intro o Esc acaba, Retroceso quita un nodo.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Pick&lt;/b&gt; chooses, moves, sizes and turns. Drag a frame round several; Shift adds.</source>
   <translation>&lt;b&gt;Elegir&lt;/b&gt; elige, mueve, dimensiona y gira. Arrastre un marco alrededor de varios; Mayús añade.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Place&lt;/b&gt; moves, sizes and turns an unlocked picture. Esc lets go.</source>
   <translation>&lt;b&gt;Colocar&lt;/b&gt; mueve, dimensiona y gira una imagen desbloqueada. Esc suelta.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Rectangle&lt;/b&gt;: drag from corner to corner. Shift makes it square, Alt goes from the middle.</source>
   <translation>&lt;b&gt;Rectángulo&lt;/b&gt;: arrastre de esquina a esquina. Mayús lo hace cuadrado, Alt parte del centro.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Redraw&lt;/b&gt; start on a line, draw a better way, end on the line. The dotted part goes. Esc drops the stroke.</source>
   <translation>&lt;b&gt;Redibujar&lt;/b&gt;: empiece en una línea, dibuje mejor camino, acabe en la línea. Lo punteado se va. Esc descarta el trazo.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Repeat&lt;/b&gt; what is picked: click its centre, click a line to stand along, or drag rows out. Up, Down: more, fewer.</source>
   <translation>&lt;b&gt;Repetir&lt;/b&gt; lo elegido: clic en su centro, clic en una línea, o arrastra filas. Arriba, Abajo: más, menos.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Rope&lt;/b&gt; click loosely along an edge; Shift draws by hand. Click the start to close, Enter ends, Backspace lets go.</source>
   <translation>&lt;b&gt;Cuerda&lt;/b&gt;: pulse sin apretar a lo largo de un borde; Mayús dibuja a mano. Clic en el inicio cierra, Intro acaba, Retroceso suelta.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Round guide&lt;/b&gt;: drag from the middle. It serves other lines only and is never delivered.</source>
   <translation>&lt;b&gt;Guía redonda&lt;/b&gt;: arrastre desde el centro. Solo sirve a otras líneas y nunca se entrega.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Ruler&lt;/b&gt;: drag to measure length and angle. Shift steps by 15°. Esc takes it away.</source>
   <translation>&lt;b&gt;Regla&lt;/b&gt;: arrastre para medir longitud y ángulo. Mayús avanza de 15°. Esc la quita.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Scatter&lt;/b&gt;: click an area for even marks, or drag in the direction in which they are to thin out. Kinds and sizes are on the card.</source>
   <translation>&lt;b&gt;Esparcir&lt;/b&gt;: haz clic en un área para marcas parejas, o arrastra hacia donde deban escasear. Tipos y tamaños están en la ficha.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Straighten&lt;/b&gt;: draw along a line of the picture that should be level or upright. A double click finds the turn by itself.</source>
   <translation>&lt;b&gt;Enderezar&lt;/b&gt;: trace a lo largo de una línea de la imagen que deba ser horizontal o vertical. Un doble clic halla el giro por sí solo.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Straights&lt;/b&gt; goes corner to corner; bow the pieces later. Enter or Esc ends, Backspace takes a node back.</source>
   <translation>&lt;b&gt;Rectas&lt;/b&gt; va de esquina a esquina; arquee los tramos después. Intro o Esc acaba, Retroceso quita un nodo.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Sweep&lt;/b&gt;: drag over specks; areas that lie wholly under the brush go to their neighbours.</source>
   <translation>&lt;b&gt;Barrer&lt;/b&gt;: arrastre sobre motas; las áreas que quedan enteras bajo el pincel pasan a sus vecinas.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Take ink&lt;/b&gt;: a click takes the colour under the loupe in hand, its ink if it has one; Shift keeps it as a new ink.</source>
   <translation>&lt;b&gt;Tomar tinta&lt;/b&gt;: un clic toma en mano el color bajo la lupa, su tinta si la tiene; Mayús lo guarda como tinta nueva.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Text&lt;/b&gt;: click and type. On an arc: drag from its centre to where the words stand. On a line: click it. Click words to change them.</source>
   <translation>&lt;b&gt;Texto&lt;/b&gt;: haz clic y escribe. En un arco: arrastra del centro a donde van las palabras. En una línea: haz clic en ella. Haz clic en palabras para cambiarlas.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Trim&lt;/b&gt;: click a stub, or drag across several. What goes is dotted; between two nodes Shift takes the piece.</source>
   <translation>&lt;b&gt;Podar&lt;/b&gt;: pulse un cabo, o arrastre sobre varios. Lo que se va está punteado; entre dos nodos, Mayús quita el tramo.</translation>
  </message>
  <message>
   <source>A backdrop lies under everything, lighter towards the light. Ctrl+Z takes it away.</source>
   <translation>Un fondo yace bajo todo, más claro hacia la luz. Ctrl+Z lo quita.</translation>
  </message>
  <message>
   <source>A band leaves</source>
   <translation>Una banda deja libre</translation>
  </message>
  <message>
   <source>A circle behind it</source>
   <translation>Un círculo detrás</translation>
  </message>
  <message>
   <source>A click drops the ink in hand into an area.</source>
   <translation>Un clic echa la tinta en mano en un área.</translation>
  </message>
  <message>
   <source>A click goes to how it was then. Nothing is lost until something else is done from there.</source>
   <translation>Un clic lleva a como estaba entonces. Nada se pierde hasta que desde ahí se hace otra cosa.</translation>
  </message>
  <message>
   <source>A click sets a cut at the tone under it.</source>
   <translation>Un clic pone un corte en el tono que hay debajo.</translation>
  </message>
  <message>
   <source>A click takes the stretch between two crossings; a drag takes all it crosses; Shift takes the piece between two nodes.</source>
   <translation>Un clic quita el trecho entre dos cruces; arrastrar quita todo lo cruzado; Mayús quita el tramo entre dos nodos.</translation>
  </message>
  <message>
   <source>A colour drop's area opened: it stays as it was, the ring shows where. Close the gap, or drop again.</source>
   <translation>Se abrió el área de una gota de color: queda como estaba, el anillo muestra dónde. Cierre el hueco o ponga otra gota.</translation>
  </message>
  <message>
   <source>A command of the menu %1.</source>
   <translation>Una orden del menú %1.</translation>
  </message>
  <message>
   <source>A copy of the outline, out or (negative) in</source>
   <translation>Una copia del contorno, hacia fuera o (negativo) hacia dentro</translation>
  </message>
  <message>
   <source>A copy of the part %1</source>
   <translation>Una copia de la pieza suelta %1</translation>
  </message>
  <message>
   <source>A core shade that leaves a thin edge</source>
   <translation>Una sombra propia que deja un borde fino</translation>
  </message>
  <message>
   <source>A cut runs from border to border of one piece.</source>
   <translation>Un corte va de borde a borde de una pieza.</translation>
  </message>
  <message>
   <source>A drop runs out through a gap; colours that looked right apart fall together when seen from afar; one green is three greens.</source>
   <translation>Una gota se sale por un hueco; colores que parecían bien por separado se confunden de lejos; un verde son tres verdes.</translation>
  </message>
  <message>
   <source>A ground of the light's complement, lighter towards the light, on a layer under everything</source>
   <translation>Un fondo del complementario de la luz, más claro hacia ella, en una capa bajo todo</translation>
  </message>
  <message>
   <source>A guide only: never delivered</source>
   <translation>Solo guía: nunca se entrega</translation>
  </message>
  <message>
   <source>A half circle behind it</source>
   <translation>Un semicírculo detrás</translation>
  </message>
  <message>
   <source>A light one on the lit side, a shadow on the far one</source>
   <translation>Una luz en el lado iluminado, una sombra en el opuesto</translation>
  </message>
  <message>
   <source>A mesh over the picture</source>
   <translation>Una malla sobre la imagen</translation>
  </message>
  <message>
   <source>A mirrored copy across the layer's axis or the sheet's middle</source>
   <translation>Una copia reflejada respecto al eje de la capa o al centro de la hoja</translation>
  </message>
  <message>
   <source>A new folder, or one without files of these names</source>
   <translation>Una carpeta nueva, o una sin archivos con estos nombres</translation>
  </message>
  <message>
   <source>A new gradient is</source>
   <translation>Un degradado nuevo es</translation>
  </message>
  <message>
   <source>A new layer above this one</source>
   <translation>Una capa nueva sobre esta</translation>
  </message>
  <message>
   <source>A new patch is lighter by</source>
   <translation>Un parche nuevo aclara</translation>
  </message>
  <message>
   <source>A node that is not needed</source>
   <translation>Un nodo que no hace falta</translation>
  </message>
  <message>
   <source>A part needs a name.</source>
   <translation>Una pieza suelta necesita un nombre.</translation>
  </message>
  <message>
   <source>A photo from a file</source>
   <translation>Una foto de un archivo</translation>
  </message>
  <message>
   <source>A photo in five tones, live.</source>
   <translation>Una foto en cinco tonos, todavía viva.</translation>
  </message>
  <message>
   <source>A photo is cut into flat tones here. Bring one in first.</source>
   <translation>Aquí una foto se divide en tonos planos. Traiga una primero.</translation>
  </message>
  <message>
   <source>A piece would fold over there.</source>
   <translation>Una pieza se plegaría ahí.</translation>
  </message>
  <message>
   <source>A plain shape from now on</source>
   <translation>Una forma simple desde ahora</translation>
  </message>
  <message>
   <source>A plain shape: the parts go</source>
   <translation>Una forma simple: las partes se van</translation>
  </message>
  <message>
   <source>A point that shows nothing</source>
   <translation>Un punto que no muestra nada</translation>
  </message>
  <message>
   <source>A raised plate pressed into soft paper.</source>
   <translation>Una plancha en relieve prensada en papel blando.</translation>
  </message>
  <message>
   <source>A reference is left over</source>
   <translation>Queda una referencia</translation>
  </message>
  <message>
   <source>A reference still shows</source>
   <translation>Todavía se ve una referencia</translation>
  </message>
  <message>
   <source>A scanned page, crooked and grey.</source>
   <translation>Una página escaneada, torcida y gris.</translation>
  </message>
  <message>
   <source>A shadow colour that suits the warm one: of the far hue, darker</source>
   <translation>Un color de sombra que va con el cálido: del tono opuesto, más oscuro</translation>
  </message>
  <message>
   <source>A shape for each letter, in a group</source>
   <translation>Una forma por letra, en un grupo</translation>
  </message>
  <message>
   <source>A shape of several outlines into single ones</source>
   <translation>Una forma de varios contornos en formas sueltas</translation>
  </message>
  <message>
   <source>A sheet to begin with</source>
   <translation>Una hoja para empezar</translation>
  </message>
  <message>
   <source>A shield of straights behind it</source>
   <translation>Un escudo de rectas detrás</translation>
  </message>
  <message>
   <source>A single straight cannot be closed: there is nothing between its ends.</source>
   <translation>Una sola recta no se puede cerrar: no hay nada entre sus extremos.</translation>
  </message>
  <message>
   <source>A square with round corners behind it</source>
   <translation>Un cuadrado de esquinas redondas detrás</translation>
  </message>
  <message>
   <source>A4</source>
   <translation>A4</translation>
  </message>
  <message>
   <source>About</source>
   <translation>Acerca de</translation>
  </message>
  <message>
   <source>About Soft Rope</source>
   <translation>Acerca de Soft Rope</translation>
  </message>
  <message>
   <source>About this piece</source>
   <translation>Acerca de esta pieza</translation>
  </message>
  <message>
   <source>About this piece…</source>
   <translation>Acerca de esta pieza…</translation>
  </message>
  <message>
   <source>Above the line</source>
   <translation>Sobre la línea</translation>
  </message>
  <message>
   <source>Add</source>
   <translation>Añadir</translation>
  </message>
  <message>
   <source>Add colour</source>
   <translation>Añadir color</translation>
  </message>
  <message>
   <source>Add core shade</source>
   <translation>Añadir sombra propia</translation>
  </message>
  <message>
   <source>Add guide</source>
   <translation>Añadir guía</translation>
  </message>
  <message>
   <source>Add ink</source>
   <translation>Añadir tinta</translation>
  </message>
  <message>
   <source>Add layer</source>
   <translation>Añadir capa</translation>
  </message>
  <message>
   <source>Add node</source>
   <translation>Añadir nodo</translation>
  </message>
  <message>
   <source>Add the colour in hand as an ink</source>
   <translation>Añadir el color en mano como tinta</translation>
  </message>
  <message>
   <source>Afterglow</source>
   <translation>Arrebol</translation>
  </message>
  <message>
   <source>Align to each other</source>
   <translation>Alinear entre sí</translation>
  </message>
  <message>
   <source>Align to each other: %1</source>
   <translation>Alinear entre sí: %1</translation>
  </message>
  <message>
   <source>Align to sheet</source>
   <translation>Alinear con la hoja</translation>
  </message>
  <message>
   <source>Align to sheet: %1</source>
   <translation>Alinear con la hoja: %1</translation>
  </message>
  <message>
   <source>Alignment</source>
   <translation>Alineación</translation>
  </message>
  <message>
   <source>Alike</source>
   <translation>Iguales</translation>
  </message>
  <message>
   <source>All alike</source>
   <translation>Todas iguales</translation>
  </message>
  <message>
   <source>All areas smaller than four times the smallest piece go to their neighbours</source>
   <translation>Todas las áreas menores que cuatro veces la pieza más pequeña pasan a sus vecinas</translation>
  </message>
  <message>
   <source>All as they came</source>
   <translation>Todas como venían</translation>
  </message>
  <message>
   <source>All gaps up to that width count as closed</source>
   <translation>Todos los huecos hasta ese ancho cuentan como cerrados</translation>
  </message>
  <message>
   <source>All lie as the first does; else they turn with the way</source>
   <translation>Todos quedan como el primero; si no, giran con el recorrido</translation>
  </message>
  <message>
   <source>All of it was read.</source>
   <translation>Se ha leído todo.</translation>
  </message>
  <message>
   <source>All of last time (%1)</source>
   <translation>Todas las de la última vez (%1)</translation>
  </message>
  <message>
   <source>All of them as one</source>
   <translation>Todas ellas como una</translation>
  </message>
  <message>
   <source>All pairs within the distance, nearest first</source>
   <translation>Todos los pares dentro de la distancia, los más cercanos primero</translation>
  </message>
  <message>
   <source>All parts as one</source>
   <translation>Todas las partes como una</translation>
  </message>
  <message>
   <source>All rights reserved</source>
   <translation>Todos los derechos reservados</translation>
  </message>
  <message>
   <source>All shades follow the light.</source>
   <translation>Todas las sombras siguen la luz.</translation>
  </message>
  <message>
   <source>All that is safe was mended in one act.</source>
   <translation>Todo lo seguro se arregló de una vez.</translation>
  </message>
  <message>
   <source>All the way down</source>
   <translation>Hasta abajo del todo</translation>
  </message>
  <message>
   <source>All the way up</source>
   <translation>Hasta arriba del todo</translation>
  </message>
  <message>
   <source>All uses</source>
   <translation>Todos los usos</translation>
  </message>
  <message>
   <source>Alley</source>
   <translation>Callejón</translation>
  </message>
  <message>
   <source>Alone</source>
   <translation>Solo</translation>
  </message>
  <message>
   <source>Along</source>
   <translation>A lo largo</translation>
  </message>
  <message>
   <source>Along a line</source>
   <translation>A lo largo de una línea</translation>
  </message>
  <message>
   <source>Along the drag</source>
   <translation>A lo largo del arrastre</translation>
  </message>
  <message>
   <source>Along the edge: lit on the lit side, a core shade on the far one</source>
   <translation>A lo largo del borde: luz en el lado iluminado, sombra propia en el opuesto</translation>
  </message>
  <message>
   <source>Along the far edge, by the light</source>
   <translation>Por el borde opuesto, según la luz</translation>
  </message>
  <message>
   <source>Along the lit edge, by the light</source>
   <translation>Por el borde iluminado, según la luz</translation>
  </message>
  <message>
   <source>Along the middle of dark lines</source>
   <translation>Por el medio de las líneas oscuras</translation>
  </message>
  <message>
   <source>Along the outline</source>
   <translation>A lo largo del contorno</translation>
  </message>
  <message>
   <source>Alt held</source>
   <translation>Alt pulsada</translation>
  </message>
  <message>
   <source>An own card is put aside; of a changed one that ships, the first comes back</source>
   <translation>Una ficha propia se aparta; de una del programa que se cambió vuelve la original</translation>
  </message>
  <message>
   <source>Angle</source>
   <translation>Ángulo</translation>
  </message>
  <message>
   <source>Angle steps with Shift</source>
   <translation>Pasos de ángulo con Mayús</translation>
  </message>
  <message>
   <source>Another harmony</source>
   <translation>Otra armonía</translation>
  </message>
  <message>
   <source>Another ink, another area.</source>
   <translation>Otra tinta, otra área.</translation>
  </message>
  <message>
   <source>Another typeface: shown on the sheet while it is pointed at</source>
   <translation>Otra tipografía: se ve en la hoja mientras se señala</translation>
  </message>
  <message>
   <source>Any number</source>
   <translation>Cualquier número</translation>
  </message>
  <message>
   <source>Anyhow</source>
   <translation>Al azar</translation>
  </message>
  <message>
   <source>Apricot</source>
   <translation>Albaricoque</translation>
  </message>
  <message>
   <source>Arc</source>
   <translation>Arco</translation>
  </message>
  <message>
   <source>Area</source>
   <translation>Área</translation>
  </message>
  <message>
   <source>Area %1</source>
   <translation>Área %1</translation>
  </message>
  <message>
   <source>Areas</source>
   <translation>Áreas</translation>
  </message>
  <message>
   <source>Areas run through this gap again</source>
   <translation>Las áreas vuelven a pasar por este hueco</translation>
  </message>
  <message>
   <source>Areas under lines</source>
   <translation>Áreas bajo las líneas</translation>
  </message>
  <message>
   <source>Arrows</source>
   <translation>Flechas</translation>
  </message>
  <message>
   <source>As a piece by itself</source>
   <translation>Como pieza propia</translation>
  </message>
  <message>
   <source>As crisp as the picture's grain allows</source>
   <translation>Tan nítido como permita el grano de la imagen</translation>
  </message>
  <message>
   <source>As it came</source>
   <translation>Como venía</translation>
  </message>
  <message>
   <source>As it came from another drawing. It can be moved, sized, turned, hidden and delivered; what is in it can be changed once it is taken apart or traced.</source>
   <translation>Tal como vino de otro dibujo. Se puede mover, escalar, girar, ocultar y entregar; lo que contiene se puede cambiar cuando se desarma o se calca.</translation>
  </message>
  <message>
   <source>As it comes</source>
   <translation>Como viene</translation>
  </message>
  <message>
   <source>As it is</source>
   <translation>Tal cual</translation>
  </message>
  <message>
   <source>As it was at %1. Undo leads forward again.</source>
   <translation>Como estaba en %1. Deshacer vuelve adelante.</translation>
  </message>
  <message>
   <source>As it was opened</source>
   <translation>Como se abrió</translation>
  </message>
  <message>
   <source>As large as the lowest shape and the margin allow</source>
   <translation>Tan grande como permiten la forma inferior y el margen</translation>
  </message>
  <message>
   <source>As screens of twice the pixels show them</source>
   <translation>Como los muestran las pantallas con el doble de píxeles</translation>
  </message>
  <message>
   <source>As the desktop</source>
   <translation>Como el escritorio</translation>
  </message>
  <message>
   <source>As the part is now, where this one lies</source>
   <translation>Como es ahora la pieza suelta, donde está esta</translation>
  </message>
  <message>
   <source>As the picked one is now</source>
   <translation>Como está ahora lo elegido</translation>
  </message>
  <message>
   <source>Ask</source>
   <translation>Preguntar</translation>
  </message>
  <message>
   <source>Asks the next time</source>
   <translation>Pregunta la próxima vez</translation>
  </message>
  <message>
   <source>At its real size</source>
   <translation>A su tamaño real</translation>
  </message>
  <message>
   <source>At random</source>
   <translation>Al azar</translation>
  </message>
  <message>
   <source>At the bottom of the layer.</source>
   <translation>Al fondo de la capa.</translation>
  </message>
  <message>
   <source>Autosave has no folder: %1.</source>
   <translation>El autoguardado no tiene carpeta: %1.</translation>
  </message>
  <message>
   <source>Away from one side</source>
   <translation>Lejos de un lado</translation>
  </message>
  <message>
   <source>Away from the edge</source>
   <translation>Lejos del borde</translation>
  </message>
  <message>
   <source>Away from the light: a core shade</source>
   <translation>Lejos de la luz: una sombra propia</translation>
  </message>
  <message>
   <source>Awning</source>
   <translation>Toldo</translation>
  </message>
  <message>
   <source>Axis</source>
   <translation>Eje</translation>
  </message>
  <message>
   <source>Axis found %1: %2°, %3 % sure.</source>
   <translation>Eje encontrado %1: %2°, seguro al %3 %.</translation>
  </message>
  <message>
   <source>Axis through</source>
   <translation>Eje por</translation>
  </message>
  <message>
   <source>Back to %1</source>
   <translation>Volver a %1</translation>
  </message>
  <message>
   <source>Backdrop</source>
   <translation>Fondo</translation>
  </message>
  <message>
   <source>Backdrop that sets the light off</source>
   <translation>Fondo que realza la luz</translation>
  </message>
  <message>
   <source>Backspace</source>
   <translation>Retroceso</translation>
  </message>
  <message>
   <source>Balance</source>
   <translation>Equilibrio</translation>
  </message>
  <message>
   <source>Band</source>
   <translation>Banda</translation>
  </message>
  <message>
   <source>Bark</source>
   <translation>Corteza</translation>
  </message>
  <message>
   <source>Begin line</source>
   <translation>Empezar línea</translation>
  </message>
  <message>
   <source>Behind the fill</source>
   <translation>Detrás del relleno</translation>
  </message>
  <message>
   <source>Behind what was picked. Fit in puts it inside.</source>
   <translation>Detrás de lo elegido. Encajar lo mete dentro.</translation>
  </message>
  <message>
   <source>Belly</source>
   <translation>Vientre</translation>
  </message>
  <message>
   <source>Bench</source>
   <translation>Mesa</translation>
  </message>
  <message>
   <source>Beside</source>
   <translation>Al lado</translation>
  </message>
  <message>
   <source>Beside the work as it is now; again to end it</source>
   <translation>Junto al trabajo tal como está; otra vez para terminar</translation>
  </message>
  <message>
   <source>Between areas of one colour</source>
   <translation>Entre áreas de un mismo color</translation>
  </message>
  <message>
   <source>Bevel</source>
   <translation>Bisel</translation>
  </message>
  <message>
   <source>Beyond the edge of the sheet</source>
   <translation>Más allá del borde de la hoja</translation>
  </message>
  <message>
   <source>Bisque</source>
   <translation>Bizcocho</translation>
  </message>
  <message>
   <source>Bleed</source>
   <translation>Sangrado</translation>
  </message>
  <message>
   <source>Blend</source>
   <translation>Fusión</translation>
  </message>
  <message>
   <source>Blends, blur and gradients worked out into flat areas, on a new layer above</source>
   <translation>Mezclas, desenfoque y degradados resueltos en áreas planas, en una capa nueva encima</translation>
  </message>
  <message>
   <source>Blends, gradients and blur worked out into flat areas</source>
   <translation>Mezclas, degradados y desenfoque convertidos en áreas planas</translation>
  </message>
  <message>
   <source>Bloom</source>
   <translation>Pruina</translation>
  </message>
  <message>
   <source>Blue hour</source>
   <translation>Hora azul</translation>
  </message>
  <message>
   <source>Blur</source>
   <translation>Desenfoque</translation>
  </message>
  <message>
   <source>Blurred, as through half-closed eyes, while held (%1). Click to stay.</source>
   <translation>Borroso, como con los ojos entornados, mientras se mantiene (%1). Un clic lo deja así.</translation>
  </message>
  <message>
   <source>Borders within</source>
   <translation>Bordes dentro de</translation>
  </message>
  <message>
   <source>Both</source>
   <translation>Ambos</translation>
  </message>
  <message>
   <source>Bottom</source>
   <translation>Abajo</translation>
  </message>
  <message>
   <source>Bottoms in one line</source>
   <translation>Bordes inferiores en una línea</translation>
  </message>
  <message>
   <source>Bound</source>
   <translation>Límite</translation>
  </message>
  <message>
   <source>Bound tones</source>
   <translation>Limitar tonos</translation>
  </message>
  <message>
   <source>Bow</source>
   <translation>Arquear</translation>
  </message>
  <message>
   <source>Breadth</source>
   <translation>Anchura</translation>
  </message>
  <message>
   <source>Brick</source>
   <translation>Ladrillo</translation>
  </message>
  <message>
   <source>Brine</source>
   <translation>Salmuera</translation>
  </message>
  <message>
   <source>Bring in</source>
   <translation>Traer</translation>
  </message>
  <message>
   <source>Bring in %1</source>
   <translation>Traer %1</translation>
  </message>
  <message>
   <source>Bring in pictures</source>
   <translation>Traer imágenes</translation>
  </message>
  <message>
   <source>Bring in pictures…</source>
   <translation>Traer imágenes…</translation>
  </message>
  <message>
   <source>Bring in the sketch or photo to work from. It is fitted to the sheet, dimmed and locked.</source>
   <translation>Traiga el boceto o la foto de partida. Se ajusta a la hoja, se atenúa y se bloquea.</translation>
  </message>
  <message>
   <source>Bring the sketch or photo in: drop it on the sheet, choose a file, paste it, or scan a page. It is fitted, dimmed and locked in one act, so that no click ever moves it by accident. Clean the page squares it to its paper, evens the light and lifts the paper to white.</source>
   <translation>Traiga el boceto o la foto: suéltelo en la hoja, elija un archivo, péguelo o escanee una página. Se ajusta, atenúa y bloquea de una vez, para que ningún clic lo mueva sin querer. «Limpiar la página» la endereza según el papel, iguala la luz y deja el papel blanco.</translation>
  </message>
  <message>
   <source>Brush</source>
   <translation>Pincel</translation>
  </message>
  <message>
   <source>Brush, with Shift</source>
   <translation>Pincel, con Mayús</translation>
  </message>
  <message>
   <source>Build</source>
   <translation>Construir</translation>
  </message>
  <message>
   <source>Build: lines become closed shapes</source>
   <translation>Construir: las líneas se vuelven formas cerradas</translation>
  </message>
  <message>
   <source>By its side</source>
   <translation>Según su lado</translation>
  </message>
  <message>
   <source>By lightness alone</source>
   <translation>Solo por luminosidad</translation>
  </message>
  <message>
   <source>By the ink of a line, not by the room of its letters</source>
   <translation>Por lo visible de una línea, no por el espacio de sus letras</translation>
  </message>
  <message>
   <source>By the light</source>
   <translation>Según la luz</translation>
  </message>
  <message>
   <source>C</source>
   <translation>C</translation>
  </message>
  <message>
   <source>CMYK by removal of the common grey, without a profile</source>
   <translation>CMYK restando el gris común, sin perfil</translation>
  </message>
  <message>
   <source>CSS (*.css)</source>
   <translation>CSS (*.css)</translation>
  </message>
  <message>
   <source>Calm to crisp</source>
   <translation>De calmado a nítido</translation>
  </message>
  <message>
   <source>Cannot be read: %1</source>
   <translation>No se puede leer: %1</translation>
  </message>
  <message>
   <source>Card</source>
   <translation>Ficha</translation>
  </message>
  <message>
   <source>Card and layers at the left or right hand</source>
   <translation>Ficha y capas a la izquierda o la derecha</translation>
  </message>
  <message>
   <source>Carve</source>
   <translation>Tallar</translation>
  </message>
  <message>
   <source>Cast</source>
   <translation>Arrojada</translation>
  </message>
  <message>
   <source>Cast shade</source>
   <translation>Sombra arrojada</translation>
  </message>
  <message>
   <source>Centre</source>
   <translation>Centro</translation>
  </message>
  <message>
   <source>Centre guides</source>
   <translation>Guías centrales</translation>
  </message>
  <message>
   <source>Centre lines</source>
   <translation>Líneas centrales</translation>
  </message>
  <message>
   <source>Centre on sheet</source>
   <translation>Centrar en la hoja</translation>
  </message>
  <message>
   <source>Centre on the sheet by what is seen</source>
   <translation>Centrar en la hoja por lo que se ve</translation>
  </message>
  <message>
   <source>Centred by what is seen</source>
   <translation>Centrado por lo que se ve</translation>
  </message>
  <message>
   <source>Change look</source>
   <translation>Cambiar aspecto</translation>
  </message>
  <message>
   <source>Change steps</source>
   <translation>Cambiar pasos</translation>
  </message>
  <message>
   <source>Changed elsewhere</source>
   <translation>Cambiado en otro sitio</translation>
  </message>
  <message>
   <source>Char</source>
   <translation>Carbón</translation>
  </message>
  <message>
   <source>Chips</source>
   <translation>Esquirlas</translation>
  </message>
  <message>
   <source>Chips of glass</source>
   <translation>Esquirlas de vidrio</translation>
  </message>
  <message>
   <source>Choose a picture</source>
   <translation>Elegir una imagen</translation>
  </message>
  <message>
   <source>Choose how many tones, then drag the cuts between them on the histogram while you look at the sheet. A patch makes one spot lighter or darker; Sweep clears specks.</source>
   <translation>Elija cuántos tonos y arrastre los cortes en el histograma mirando la hoja. Un parche aclara u oscurece un sitio; Barrer quita las motas.</translation>
  </message>
  <message>
   <source>Choose the process card of the print shop first: its limits are what is looked for. Mend all that is safe, then look at the rest one by one; what is meant so is said so, and not told again.</source>
   <translation>Elija primero la ficha del taller: sus límites son lo que se busca. Arregle todo lo seguro y mire el resto uno por uno; lo que va así se dice y no se vuelve a avisar.</translation>
  </message>
  <message>
   <source>Choose…</source>
   <translation>Elegir…</translation>
  </message>
  <message>
   <source>Circle</source>
   <translation>Círculo</translation>
  </message>
  <message>
   <source>Clean SVG (*.svg);;PDF (*.pdf);;PNG (*.png)</source>
   <translation>SVG limpio (*.svg);;PDF (*.pdf);;PNG (*.png)</translation>
  </message>
  <message>
   <source>Clean first, then trace: each part of it can be changed on the card afterwards. Hold W to see only the picture. Drag the paper's corners where its edge was not seen.</source>
   <translation>Primero limpiar, luego trazar: cada parte se puede cambiar después en la ficha. Mantenga W para ver solo la imagen. Arrastre las esquinas del papel donde no se vio su borde.</translation>
  </message>
  <message>
   <source>Clean the page</source>
   <translation>Limpiar la página</translation>
  </message>
  <message>
   <source>Clean the page: straight, even, white.</source>
   <translation>Limpiar la página: recta, pareja, blanca.</translation>
  </message>
  <message>
   <source>Cleaned: square to the paper, light evened, paper white. Each can be changed on the card.</source>
   <translation>Limpia: a escuadra con el papel, luz igualada, papel blanco. Todo se puede cambiar en la ficha.</translation>
  </message>
  <message>
   <source>Clear</source>
   <translation>Claro</translation>
  </message>
  <message>
   <source>Clear space: an eighth of the longer side. Width %1 mm, height %2 mm.</source>
   <translation>Espacio libre: un octavo del lado mayor. Ancho %1 mm, alto %2 mm.</translation>
  </message>
  <message>
   <source>Click a piece for the next shade, drag inside it for its direction, Shift and click to lock it.</source>
   <translation>Pulse una pieza para el tono siguiente, arrastre dentro para su dirección, Mayús y clic para bloquearla.</translation>
  </message>
  <message>
   <source>Click a swatch to mix the tone's paint, Shift and click for the mean of what lies there; by keys Enter, and Delete for the mean</source>
   <translation>Pulse una muestra para mezclar el color del tono, Mayús y clic para la media de lo que hay ahí; con teclas Intro, y Supr para la media</translation>
  </message>
  <message>
   <source>Click once more to pick one of them: what is done to it is done to all.</source>
   <translation>Otro clic elige uno: lo que se le hace a él se les hace a todos.</translation>
  </message>
  <message>
   <source>Click once more to pick what is in it; Esc leads back.</source>
   <translation>Otro clic elige lo que hay dentro; Esc vuelve.</translation>
  </message>
  <message>
   <source>Click the line that the words are to stand on.</source>
   <translation>Haz clic en la línea donde irán las palabras.</translation>
  </message>
  <message>
   <source>Click the line that they are to stand along.</source>
   <translation>Haz clic en la línea a lo largo de la cual deben quedar.</translation>
  </message>
  <message>
   <source>Click to rename</source>
   <translation>Clic para renombrar</translation>
  </message>
  <message>
   <source>Click: take in hand. Double click the swatch to mix it, the name to change it (F2). Delete drops it</source>
   <translation>Clic: tomar en mano. Doble clic en la muestra para mezclarla, en el nombre para cambiarlo (F2). Supr la quita</translation>
  </message>
  <message>
   <source>Click: worn by what is picked, else by new shades. Right click: more</source>
   <translation>Clic: lo lleva lo elegido, si no las sombras nuevas. Clic derecho: más</translation>
  </message>
  <message>
   <source>Clipped</source>
   <translation>Recortado</translation>
  </message>
  <message>
   <source>Close</source>
   <translation>Cerrar</translation>
  </message>
  <message>
   <source>Close gap</source>
   <translation>Cerrar hueco</translation>
  </message>
  <message>
   <source>Close gaps that make areas</source>
   <translation>Cerrar los huecos que forman áreas</translation>
  </message>
  <message>
   <source>Close it</source>
   <translation>Cerrarlo</translation>
  </message>
  <message>
   <source>Close line</source>
   <translation>Cerrar línea</translation>
  </message>
  <message>
   <source>Close line with a straight</source>
   <translation>Cerrar línea con una recta</translation>
  </message>
  <message>
   <source>Close them</source>
   <translation>Cerrarlos</translation>
  </message>
  <message>
   <source>Close window</source>
   <translation>Cerrar ventana</translation>
  </message>
  <message>
   <source>Closed shapes are filled with %1 from now on. %2 lets it go.</source>
   <translation>A partir de ahora las formas cerradas se rellenan con %1. %2 lo suelta.</translation>
  </message>
  <message>
   <source>Closed shapes stay empty</source>
   <translation>Las formas cerradas quedan vacías</translation>
  </message>
  <message>
   <source>Closed shapes stay empty again.</source>
   <translation>Las formas cerradas vuelven a quedar vacías.</translation>
  </message>
  <message>
   <source>Closed.</source>
   <translation>Cerrada.</translation>
  </message>
  <message>
   <source>Colour</source>
   <translation>Color</translation>
  </message>
  <message>
   <source>Colour %1</source>
   <translation>Color %1</translation>
  </message>
  <message>
   <source>Colour areas</source>
   <translation>Áreas de color</translation>
  </message>
  <message>
   <source>Colour burn</source>
   <translation>Quemar color</translation>
  </message>
  <message>
   <source>Colour dodge</source>
   <translation>Iluminar color</translation>
  </message>
  <message>
   <source>Colour drops</source>
   <translation>Gotas de color</translation>
  </message>
  <message>
   <source>Colour of a piece</source>
   <translation>Color de una pieza</translation>
  </message>
  <message>
   <source>Colour: inks in areas</source>
   <translation>Color: tintas en las áreas</translation>
  </message>
  <message>
   <source>Colours of the stack</source>
   <translation>Colores de la pila</translation>
  </message>
  <message>
   <source>Columns</source>
   <translation>Columnas</translation>
  </message>
  <message>
   <source>Combine otherwise</source>
   <translation>Combinar de otro modo</translation>
  </message>
  <message>
   <source>Comes with the program · %1</source>
   <translation>Viene con el programa · %1</translation>
  </message>
  <message>
   <source>Commands</source>
   <translation>Órdenes</translation>
  </message>
  <message>
   <source>Compare</source>
   <translation>Comparar</translation>
  </message>
  <message>
   <source>Compare with the last stage</source>
   <translation>Comparar con la última etapa</translation>
  </message>
  <message>
   <source>Complement</source>
   <translation>Complementario</translation>
  </message>
  <message>
   <source>Composition aid: %1</source>
   <translation>Ayuda de composición: %1</translation>
  </message>
  <message>
   <source>Composition aids: over the sheet, snapped to, never delivered</source>
   <translation>Ayudas de composición: sobre la hoja, con imán, nunca se entregan</translation>
  </message>
  <message>
   <source>Contrast ratio by WCAG 2.2: 4.5 for text, 3 for large text and marks</source>
   <translation>Contraste según WCAG 2.2: 4,5 para texto, 3 para texto grande y marcas</translation>
  </message>
  <message>
   <source>Cool from warm</source>
   <translation>Frío del cálido</translation>
  </message>
  <message>
   <source>Cool shadow</source>
   <translation>Sombra fría</translation>
  </message>
  <message>
   <source>Copied.</source>
   <translation>Copiado.</translation>
  </message>
  <message>
   <source>Copper hook</source>
   <translation>Gancho de cobre</translation>
  </message>
  <message>
   <source>Copy</source>
   <translation>Copiar</translation>
  </message>
  <message>
   <source>Copy across</source>
   <translation>Copiar al otro lado</translation>
  </message>
  <message>
   <source>Core shade</source>
   <translation>Sombra propia</translation>
  </message>
  <message>
   <source>Core shade in the picked areas</source>
   <translation>Sombra propia en las áreas elegidas</translation>
  </message>
  <message>
   <source>Corner</source>
   <translation>Esquina</translation>
  </message>
  <message>
   <source>Corner or smooth</source>
   <translation>Esquina o suave</translation>
  </message>
  <message>
   <source>Corner radius</source>
   <translation>Radio de esquina</translation>
  </message>
  <message>
   <source>Corners</source>
   <translation>Esquinas</translation>
  </message>
  <message>
   <source>Corners stay sharp; else they are rounded</source>
   <translation>Las esquinas siguen vivas; si no, se redondean</translation>
  </message>
  <message>
   <source>Correct by hand</source>
   <translation>Corregir a mano</translation>
  </message>
  <message>
   <source>Count</source>
   <translation>Cantidad</translation>
  </message>
  <message>
   <source>Course</source>
   <translation>Recorrido</translation>
  </message>
  <message>
   <source>Cover</source>
   <translation>Cubrir</translation>
  </message>
  <message>
   <source>Cover the lowest shape</source>
   <translation>Cubrir la forma inferior</translation>
  </message>
  <message>
   <source>Cover what is messy, with the pen or figures</source>
   <translation>Cubra lo revuelto con la pluma o figuras</translation>
  </message>
  <message>
   <source>Crescent</source>
   <translation>Media luna</translation>
  </message>
  <message>
   <source>Crescents among them follow the light from now on</source>
   <translation>Las medias lunas entre ellas siguen la luz desde ahora</translation>
  </message>
  <message numerus="yes">
   <source>Crescents follow the light now; %n drawn shade(s) do not.</source>
   <translation>
    <numerusform>Las medias lunas siguen ya la luz; %n sombra dibujada no.</numerusform>
    <numerusform>Las medias lunas siguen ya la luz; %n sombras dibujadas no.</numerusform>
   </translation>
  </message>
  <message>
   <source>Crop</source>
   <translation>Recortar</translation>
  </message>
  <message>
   <source>Crop marks</source>
   <translation>Marcas de corte</translation>
  </message>
  <message>
   <source>Ctrl held</source>
   <translation>Ctrl pulsada</translation>
  </message>
  <message>
   <source>Ctrl suspends it while held</source>
   <translation>Ctrl lo suspende mientras se mantiene</translation>
  </message>
  <message>
   <source>Ctrl+Z puts it back.</source>
   <translation>Ctrl+Z lo devuelve.</translation>
  </message>
  <message>
   <source>Cut</source>
   <translation>Cortar</translation>
  </message>
  <message>
   <source>Cut %1: %2 to %3</source>
   <translation>Corte %1: %2 a %3</translation>
  </message>
  <message>
   <source>Cut at</source>
   <translation>Corte en</translation>
  </message>
  <message>
   <source>Cut by</source>
   <translation>Cortar por</translation>
  </message>
  <message>
   <source>Cut by colour</source>
   <translation>Cortar por color</translation>
  </message>
  <message>
   <source>Cut by lightness</source>
   <translation>Cortar por claridad</translation>
  </message>
  <message>
   <source>Cut facet</source>
   <translation>Cortar faceta</translation>
  </message>
  <message>
   <source>Cut here</source>
   <translation>Cortar aquí</translation>
  </message>
  <message>
   <source>Cut into %1 pieces. Drag from corner to corner for more. Ctrl+Z takes them away.</source>
   <translation>Cortado en %1 piezas. Arrastre de esquina a esquina para más. Ctrl+Z las quita.</translation>
  </message>
  <message>
   <source>Cut into facets</source>
   <translation>Cortar en facetas</translation>
  </message>
  <message>
   <source>Cut off</source>
   <translation>Cortar</translation>
  </message>
  <message>
   <source>Cut off along the shape for good</source>
   <translation>Cortado para siempre por la forma</translation>
  </message>
  <message>
   <source>Cut off along the shape.</source>
   <translation>Cortado por la forma.</translation>
  </message>
  <message>
   <source>Cut off at the guide</source>
   <translation>Cortar en la guía</translation>
  </message>
  <message>
   <source>Cut off at the guide; the smaller side is gone.</source>
   <translation>Cortado en la guía; el lado menor ya no está.</translation>
  </message>
  <message>
   <source>Cut off on the larger side.</source>
   <translation>Cortado por el lado mayor.</translation>
  </message>
  <message>
   <source>Cut off on the smaller side.</source>
   <translation>Cortado por el lado menor.</translation>
  </message>
  <message>
   <source>Cut the picked outline into facets</source>
   <translation>Cortar el contorno elegido en facetas</translation>
  </message>
  <message>
   <source>Cut the picture into %1 tones</source>
   <translation>Dividir la imagen en %1 tonos</translation>
  </message>
  <message>
   <source>Cut. Ctrl+V puts it down again, Ctrl+Shift+V where it was.</source>
   <translation>Cortado. Ctrl+V lo vuelve a poner, Ctrl+Mayús+V donde estaba.</translation>
  </message>
  <message>
   <source>Cuts</source>
   <translation>Cortes</translation>
  </message>
  <message>
   <source>Cuts in the scale from dark to light</source>
   <translation>Cortes en la escala de oscuro a claro</translation>
  </message>
  <message>
   <source>Dark</source>
   <translation>Oscuro</translation>
  </message>
  <message>
   <source>Dark : light</source>
   <translation>Oscuro : claro</translation>
  </message>
  <message>
   <source>Dark : light at cut %1   %2 : %3</source>
   <translation>Oscuro : claro en el corte %1   %2 : %3</translation>
  </message>
  <message>
   <source>Dark and light</source>
   <translation>Oscuro y claro</translation>
  </message>
  <message>
   <source>Dark areas and lines in one colour; gaps keep them apart</source>
   <translation>Áreas oscuras y líneas en un color; unos huecos las separan</translation>
  </message>
  <message>
   <source>Dark shapes become areas</source>
   <translation>Las formas oscuras se vuelven áreas</translation>
  </message>
  <message>
   <source>Dark, even lines alone; paler ones are left out</source>
   <translation>Solo líneas oscuras y parejas; las más pálidas quedan fuera</translation>
  </message>
  <message>
   <source>Dark, middle, light</source>
   <translation>Oscuro, medio, claro</translation>
  </message>
  <message>
   <source>Darken</source>
   <translation>Oscurecer</translation>
  </message>
  <message>
   <source>Darker or lighter</source>
   <translation>Más oscuro o más claro</translation>
  </message>
  <message>
   <source>Dashes</source>
   <translation>Trazos</translation>
  </message>
  <message>
   <source>Day</source>
   <translation>Día</translation>
  </message>
  <message>
   <source>Deep</source>
   <translation>Profundo</translation>
  </message>
  <message>
   <source>Deep green</source>
   <translation>Verde hondo</translation>
  </message>
  <message>
   <source>Delete</source>
   <translation>Eliminar</translation>
  </message>
  <message>
   <source>Delete layer</source>
   <translation>Eliminar capa</translation>
  </message>
  <message>
   <source>Delete line</source>
   <translation>Eliminar línea</translation>
  </message>
  <message>
   <source>Deleted %1. Ctrl+Z brings it back.</source>
   <translation>Se eliminó %1. Ctrl+Z lo devuelve.</translation>
  </message>
  <message numerus="yes">
   <source>Deleted %n things. Ctrl+Z brings them back.</source>
   <translation>
    <numerusform>%n cosa eliminada. Ctrl+Z la devuelve.</numerusform>
    <numerusform>%n cosas eliminadas. Ctrl+Z las devuelve.</numerusform>
   </translation>
  </message>
  <message>
   <source>Deliver</source>
   <translation>Entregar</translation>
  </message>
  <message>
   <source>Delivery plan</source>
   <translation>Plan de entrega</translation>
  </message>
  <message>
   <source>Delivery sheet</source>
   <translation>Hoja de entrega</translation>
  </message>
  <message>
   <source>Deliver…</source>
   <translation>Entregar…</translation>
  </message>
  <message>
   <source>Design tokens (*.json)</source>
   <translation>Tokens de diseño (*.json)</translation>
  </message>
  <message>
   <source>Diagonals</source>
   <translation>Diagonales</translation>
  </message>
  <message>
   <source>Difference</source>
   <translation>Diferencia</translation>
  </message>
  <message>
   <source>Difference: the lowest without the others</source>
   <translation>Diferencia: la más baja sin las demás</translation>
  </message>
  <message>
   <source>Dim and lock</source>
   <translation>Atenuar y bloquear</translation>
  </message>
  <message>
   <source>Dimmed, so that what you draw stands out.</source>
   <translation>Atenuada, para que destaque lo que se dibuja.</translation>
  </message>
  <message>
   <source>Distance from what was drawn, along the line</source>
   <translation>Distancia de lo dibujado, a lo largo de la línea</translation>
  </message>
  <message>
   <source>Do it</source>
   <translation>Hacerlo</translation>
  </message>
  <message>
   <source>Do the last move, size or turn again</source>
   <translation>Repetir el último movimiento, tamaño o giro</translation>
  </message>
  <message>
   <source>Do what the strip offers</source>
   <translation>Hacer lo que ofrece la franja</translation>
  </message>
  <message>
   <source>Dome</source>
   <translation>Cúpula</translation>
  </message>
  <message>
   <source>Dots</source>
   <translation>Puntos</translation>
  </message>
  <message>
   <source>Down</source>
   <translation>Abajo</translation>
  </message>
  <message>
   <source>Drag a colour on the disc; onto another it merges. A double click splits it, the wheel makes it lighter, Delete takes it out</source>
   <translation>Arrastra un color en el disco; sobre otro se funde. Un doble clic lo divide, la rueda lo aclara, Supr lo quita</translation>
  </message>
  <message>
   <source>Drag a colour; onto another it merges; a double click splits it.</source>
   <translation>Arrastra un color; sobre otro se funde; un doble clic lo divide.</translation>
  </message>
  <message>
   <source>Drag a corner: all its pieces follow. Drag from border to border to split, from piece to piece to merge.</source>
   <translation>Arrastre una esquina: todas sus piezas la siguen. De borde a borde divide, de pieza a pieza fusiona.</translation>
  </message>
  <message>
   <source>Drag a flag. Left and right move the picked one, up and down pick another, a double click adds one, Delete takes it away</source>
   <translation>Arrastre una bandera. Izquierda y derecha mueven la elegida, arriba y abajo eligen otra, doble clic añade una, Supr la quita</translation>
  </message>
  <message>
   <source>Drag a frame, Shift-drag round it, click lines to leave them out</source>
   <translation>Arrastre un marco, rodee con Mayús, pulse líneas para dejarlas fuera</translation>
  </message>
  <message>
   <source>Drag a stop along; off the band drops it. Click the band to add one, double click a stop to mix it. Left and right move it</source>
   <translation>Arrastre una parada; fuera de la banda se quita. Clic en la banda añade una, doble clic la mezcla. Izquierda y derecha la mueven</translation>
  </message>
  <message>
   <source>Drag along lines.</source>
   <translation>Arrastre por las líneas.</translation>
  </message>
  <message>
   <source>Drag from the centre of the arc to where the words are to stand.</source>
   <translation>Arrastra del centro del arco a donde irán las palabras.</translation>
  </message>
  <message>
   <source>Drag from the middle</source>
   <translation>Arrastre desde el centro</translation>
  </message>
  <message>
   <source>Drag from the middle to a corner</source>
   <translation>Arrastre del centro a una esquina</translation>
  </message>
  <message>
   <source>Drag the bead to where the light comes from; near the middle it stands high. Arrow keys turn and raise it</source>
   <translation>Arrastra la cuenta hacia donde viene la luz; cerca del centro está alta. Las flechas la giran y la suben</translation>
  </message>
  <message>
   <source>Drag the four corners of the paper to where they are</source>
   <translation>Arrastra las cuatro esquinas del papel a su sitio</translation>
  </message>
  <message>
   <source>Drag through areas to put them together</source>
   <translation>Arrastre por las áreas para juntarlas</translation>
  </message>
  <message>
   <source>Drag through areas to take them out again (Shift, held)</source>
   <translation>Arrastre por las áreas para volver a sacarlas (Mayús, pulsada)</translation>
  </message>
  <message>
   <source>Drag through areas.</source>
   <translation>Arrastre por las áreas.</translation>
  </message>
  <message>
   <source>Drag to draw; Shift keeps it even, Alt works from the other point.</source>
   <translation>Arrastre para dibujar; Mayús lo mantiene regular, Alt parte del otro punto.</translation>
  </message>
  <message>
   <source>Drag up or down inside the patch for its strength. Up and Down change it by one level.</source>
   <translation>Arrastre arriba o abajo dentro del parche para su fuerza. Arriba y Abajo la cambian un nivel.</translation>
  </message>
  <message>
   <source>Dragged in from the border, a light or shade lies inside its area.</source>
   <translation>Arrastrada desde el borde, una luz o sombra queda dentro de su área.</translation>
  </message>
  <message numerus="yes">
   <source>Drawing %n page(s) of %1</source>
   <translation>
    <numerusform>Dibujando %n página de %1</numerusform>
    <numerusform>Dibujando %n páginas de %1</numerusform>
   </translation>
  </message>
  <message>
   <source>Drawings (*.svg *.svgz);;All files (*)</source>
   <translation>Dibujos (*.svg *.svgz);;Todos los archivos (*)</translation>
  </message>
  <message>
   <source>Drawn with</source>
   <translation>Dibujado con</translation>
  </message>
  <message>
   <source>Drop</source>
   <translation>Gota</translation>
  </message>
  <message>
   <source>Drop %1</source>
   <translation>Gota de %1</translation>
  </message>
  <message>
   <source>Drop a sketch or photo here</source>
   <translation>Suelte aquí un boceto o una foto</translation>
  </message>
  <message>
   <source>Drop all guides</source>
   <translation>Quitar todas las guías</translation>
  </message>
  <message>
   <source>Drop cut</source>
   <translation>Quitar corte</translation>
  </message>
  <message>
   <source>Drop gradient</source>
   <translation>Quitar degradado</translation>
  </message>
  <message>
   <source>Drop guide</source>
   <translation>Quitar guía</translation>
  </message>
  <message>
   <source>Drop guides</source>
   <translation>Quitar guías</translation>
  </message>
  <message>
   <source>Drop ink</source>
   <translation>Quitar tinta</translation>
  </message>
  <message>
   <source>Drop it; the colours stay</source>
   <translation>Quitarla; los colores quedan</translation>
  </message>
  <message>
   <source>Drop it; what wears it keeps its looks</source>
   <translation>Quitarlo; lo que lo lleva conserva su aspecto</translation>
  </message>
  <message>
   <source>Drop line</source>
   <translation>Quitar línea</translation>
  </message>
  <message>
   <source>Drop look</source>
   <translation>Quitar aspecto</translation>
  </message>
  <message>
   <source>Drop out</source>
   <translation>Sacar</translation>
  </message>
  <message>
   <source>Drop patch</source>
   <translation>Quitar parche</translation>
  </message>
  <message>
   <source>Drop the preview</source>
   <translation>Descartar la vista previa</translation>
  </message>
  <message>
   <source>Drop the traced preview</source>
   <translation>Descartar el calco previo</translation>
  </message>
  <message>
   <source>Dropped picture</source>
   <translation>Imagen soltada</translation>
  </message>
  <message>
   <source>Drops</source>
   <translation>Gotas</translation>
  </message>
  <message>
   <source>Duplicate</source>
   <translation>Duplicar</translation>
  </message>
  <message>
   <source>Duplicate again</source>
   <translation>Duplicar otra vez</translation>
  </message>
  <message>
   <source>Dusk</source>
   <translation>Anochecer</translation>
  </message>
  <message>
   <source>Dust rose</source>
   <translation>Rosa empolvado</translation>
  </message>
  <message>
   <source>Each by itself</source>
   <translation>Cada uno por sí</translation>
  </message>
  <message>
   <source>Each layer by itself</source>
   <translation>Cada capa por separado</translation>
  </message>
  <message>
   <source>Each letter is a shape now. Undo brings the words back.</source>
   <translation>Cada letra es ahora una forma. Deshacer devuelve las palabras.</translation>
  </message>
  <message>
   <source>Each page comes in as a picture of 300 dots an inch. Shift and Ctrl pick several.</source>
   <translation>Cada página entra como imagen de 300 puntos por pulgada. Mayús y Ctrl eligen varias.</translation>
  </message>
  <message>
   <source>Each pixel goes to the nearest colour of a palette</source>
   <translation>Cada píxel va al color más cercano de una paleta</translation>
  </message>
  <message>
   <source>Each second row half a step on</source>
   <translation>Una de cada dos filas, medio paso más allá</translation>
  </message>
  <message>
   <source>Edge</source>
   <translation>Borde</translation>
  </message>
  <message>
   <source>Edge light</source>
   <translation>Luz de borde</translation>
  </message>
  <message>
   <source>Edge light in the picked areas</source>
   <translation>Luz de borde en las áreas elegidas</translation>
  </message>
  <message>
   <source>Edge of the badge</source>
   <translation>Borde de la chapa</translation>
  </message>
  <message>
   <source>Edges</source>
   <translation>Bordes</translation>
  </message>
  <message>
   <source>Edit</source>
   <translation>Editar</translation>
  </message>
  <message>
   <source>Eight tones</source>
   <translation>Ocho tonos</translation>
  </message>
  <message>
   <source>Ellipse</source>
   <translation>Elipse</translation>
  </message>
  <message>
   <source>Ember</source>
   <translation>Brasa</translation>
  </message>
  <message>
   <source>Enamel badge</source>
   <translation>Insignia esmaltada</translation>
  </message>
  <message>
   <source>End runs %1 over the line</source>
   <translation>El extremo pasa %1 de la línea</translation>
  </message>
  <message>
   <source>End runs out over</source>
   <translation>El final se afina a lo largo de</translation>
  </message>
  <message>
   <source>Ends</source>
   <translation>Extremos</translation>
  </message>
  <message>
   <source>Ends run out</source>
   <translation>Extremos afinados</translation>
  </message>
  <message>
   <source>Ends stop %1 short of each other</source>
   <translation>Los extremos quedan a %1</translation>
  </message>
  <message>
   <source>Ends that nearly meet leave an area open; lines that cross leave stubs; halves drawn apart meet in a kink at the axis.</source>
   <translation>Extremos que casi se tocan dejan un área abierta; líneas que se cruzan dejan sobras; mitades dibujadas aparte se juntan con un quiebro en el eje.</translation>
  </message>
  <message>
   <source>Enter</source>
   <translation>Intro</translation>
  </message>
  <message>
   <source>Enter takes it</source>
   <translation>Intro lo toma</translation>
  </message>
  <message>
   <source>Esc</source>
   <translation>Esc</translation>
  </message>
  <message>
   <source>Even</source>
   <translation>Parejo</translation>
  </message>
  <message>
   <source>Even across</source>
   <translation>Igual a lo ancho</translation>
  </message>
  <message>
   <source>Even down</source>
   <translation>Igual a lo alto</translation>
  </message>
  <message>
   <source>Even spaces</source>
   <translation>Espacios iguales</translation>
  </message>
  <message>
   <source>Even spaces across</source>
   <translation>Espacios iguales a lo ancho</translation>
  </message>
  <message>
   <source>Even spaces down</source>
   <translation>Espacios iguales a lo alto</translation>
  </message>
  <message>
   <source>Even spaces from left to right</source>
   <translation>Espacios iguales de izquierda a derecha</translation>
  </message>
  <message>
   <source>Even spaces from top to bottom</source>
   <translation>Espacios iguales de arriba abajo</translation>
  </message>
  <message>
   <source>Evening</source>
   <translation>Noche</translation>
  </message>
  <message>
   <source>Evenly</source>
   <translation>Proporcional</translation>
  </message>
  <message>
   <source>Every area that the lines enclose, lightly filled</source>
   <translation>Cada área que encierran las líneas, con un relleno leve</translation>
  </message>
  <message>
   <source>Every copy of the part on this sheet</source>
   <translation>Cada copia de la pieza suelta en esta hoja</translation>
  </message>
  <message>
   <source>Every file the client needs, in one act</source>
   <translation>Todos los archivos del cliente, de una vez</translation>
  </message>
  <message>
   <source>Every one of them gets that size</source>
   <translation>Cada uno toma ese tamaño</translation>
  </message>
  <message>
   <source>Every part by itself</source>
   <translation>Cada parte por separado</translation>
  </message>
  <message>
   <source>Every part is lit from another side; shades are so close to the colour beneath that nothing is seen of them in print.</source>
   <translation>Cada parte recibe luz de otro lado; las sombras se parecen tanto al color de debajo que impresas no se ven.</translation>
  </message>
  <message>
   <source>Every second one mirrored</source>
   <translation>Uno de cada dos, reflejado</translation>
  </message>
  <message>
   <source>Every shade goes with the light.</source>
   <translation>Cada sombra va con la luz.</translation>
  </message>
  <message>
   <source>Everything in working colours gets the darkest or lightest tone</source>
   <translation>Todo lo que está en colores de trabajo recibe el tono más oscuro o más claro</translation>
  </message>
  <message>
   <source>Everything that the lines enclose is a shape now, under them.</source>
   <translation>Todo lo que las líneas encierran es ahora una forma debajo de ellas.</translation>
  </message>
  <message>
   <source>Everything with the same fill</source>
   <translation>Todo con el mismo relleno</translation>
  </message>
  <message>
   <source>Everything with the same line colour</source>
   <translation>Todo con el mismo color de línea</translation>
  </message>
  <message>
   <source>Everything with the same weight</source>
   <translation>Todo con el mismo grosor</translation>
  </message>
  <message>
   <source>Exclus.</source>
   <translation>Exclus.</translation>
  </message>
  <message>
   <source>Exclusion</source>
   <translation>Exclusión</translation>
  </message>
  <message>
   <source>Explain the tools: moving pictures and hints, or none</source>
   <translation>Explicar las herramientas: imágenes en movimiento y consejos, o no</translation>
  </message>
  <message>
   <source>Export</source>
   <translation>Exportar</translation>
  </message>
  <message>
   <source>Export PNG</source>
   <translation>Exportar PNG</translation>
  </message>
  <message>
   <source>Export PNG at twice the size…</source>
   <translation>Exportar PNG al doble…</translation>
  </message>
  <message>
   <source>Export flat SVG</source>
   <translation>Exportar SVG plano</translation>
  </message>
  <message>
   <source>Export flat SVG…</source>
   <translation>Exportar SVG plano…</translation>
  </message>
  <message>
   <source>Exported %1.</source>
   <translation>Se exportó %1.</translation>
  </message>
  <message>
   <source>Exported SVG holds words as outlines: they look the same everywhere.</source>
   <translation>El SVG exportado lleva las palabras como contornos: se ven igual en todas partes.</translation>
  </message>
  <message>
   <source>Exported SVG holds words as text: they look the same only where the typeface is.</source>
   <translation>El SVG exportado lleva las palabras como texto: solo se ven igual donde está el tipo.</translation>
  </message>
  <message>
   <source>Exporting %1</source>
   <translation>Exportando %1</translation>
  </message>
  <message>
   <source>Export…</source>
   <translation>Exportar…</translation>
  </message>
  <message>
   <source>F12 shows what ignores the light.</source>
   <translation>F12 muestra lo que no hace caso de la luz.</translation>
  </message>
  <message>
   <source>Facet %1</source>
   <translation>Faceta %1</translation>
  </message>
  <message>
   <source>Facets</source>
   <translation>Facetas</translation>
  </message>
  <message>
   <source>Fade</source>
   <translation>Desvanecer</translation>
  </message>
  <message>
   <source>Fade out along the light</source>
   <translation>Desvanecer según la luz</translation>
  </message>
  <message>
   <source>Fading</source>
   <translation>Menguante</translation>
  </message>
  <message>
   <source>Fairer</source>
   <translation>Alisar</translation>
  </message>
  <message>
   <source>Fairer: bend the line as evenly as its slack allows</source>
   <translation>Alisar: curvar la línea tan pareja como permite la holgura</translation>
  </message>
  <message>
   <source>Fall of marks</source>
   <translation>Caída de las marcas</translation>
  </message>
  <message>
   <source>Fern</source>
   <translation>Helecho</translation>
  </message>
  <message>
   <source>Fetching %1</source>
   <translation>Trayendo %1</translation>
  </message>
  <message>
   <source>Fewer nodes</source>
   <translation>Menos nodos</translation>
  </message>
  <message>
   <source>Fewer nodes: how far it may move</source>
   <translation>Menos nodos: cuánto puede moverse</translation>
  </message>
  <message>
   <source>Fewer tones say more: three, then four. Raise what is calmed before you touch single specks. Cover what is messy in the working colours and turn them at the end.</source>
   <translation>Menos tonos dicen más: tres, luego cuatro. Calme más antes de tocar motas sueltas. Tape lo confuso con los colores de trabajo y conviértalos al final.</translation>
  </message>
  <message>
   <source>Fewer where it is lit</source>
   <translation>Menos donde hay luz</translation>
  </message>
  <message>
   <source>Figures with heights like small letters</source>
   <translation>Cifras con alturas de letras minúsculas</translation>
  </message>
  <message>
   <source>File</source>
   <translation>Archivo</translation>
  </message>
  <message>
   <source>File, Open what was put aside brings it back for %1 days</source>
   <translation>Archivo, Abrir lo apartado lo devuelve durante %1 días</translation>
  </message>
  <message>
   <source>Files</source>
   <translation>Archivos</translation>
  </message>
  <message>
   <source>Fill</source>
   <translation>Relleno</translation>
  </message>
  <message>
   <source>Fill and line</source>
   <translation>Relleno y línea</translation>
  </message>
  <message>
   <source>Fill and line change places</source>
   <translation>Relleno y línea cambian de sitio</translation>
  </message>
  <message>
   <source>Fill of closed shapes</source>
   <translation>Relleno de formas cerradas</translation>
  </message>
  <message>
   <source>Filled %1 areas. Ctrl+Z takes them back.</source>
   <translation>%1 áreas rellenas. Ctrl+Z las quita.</translation>
  </message>
  <message>
   <source>Filled, but open by %1</source>
   <translation>Relleno, pero abierto %1</translation>
  </message>
  <message>
   <source>Find</source>
   <translation>Buscar</translation>
  </message>
  <message>
   <source>Find a command</source>
   <translation>Buscar una orden</translation>
  </message>
  <message>
   <source>Find a command…</source>
   <translation>Buscar una orden…</translation>
  </message>
  <message>
   <source>Find axis</source>
   <translation>Hallar eje</translation>
  </message>
  <message>
   <source>Find the axis of the picture</source>
   <translation>Hallar el eje de la imagen</translation>
  </message>
  <message>
   <source>Find the cut</source>
   <translation>Hallar el corte</translation>
  </message>
  <message>
   <source>Find the cut by itself</source>
   <translation>Hallar el corte por sí solo</translation>
  </message>
  <message>
   <source>Finding before</source>
   <translation>Hallazgo anterior</translation>
  </message>
  <message>
   <source>Findings of the proof, numbered as in the list</source>
   <translation>Hallazgos de la prueba, numerados como en la lista</translation>
  </message>
  <message>
   <source>Findings that were said to be meant are told again</source>
   <translation>Los hallazgos dados por intencionados se muestran otra vez</translation>
  </message>
  <message>
   <source>Finds the turn from the picture itself</source>
   <translation>Halla el giro a partir de la imagen misma</translation>
  </message>
  <message>
   <source>Finer where there is detail</source>
   <translation>Más fino donde hay detalle</translation>
  </message>
  <message>
   <source>Finest detail</source>
   <translation>Detalle más fino</translation>
  </message>
  <message>
   <source>Fit in</source>
   <translation>Encajar</translation>
  </message>
  <message>
   <source>Fit into the lowest shape</source>
   <translation>Encajar en la forma inferior</translation>
  </message>
  <message>
   <source>Fit picture to sheet</source>
   <translation>Ajustar imagen a la hoja</translation>
  </message>
  <message>
   <source>Fit to sheet</source>
   <translation>Ajustar a la hoja</translation>
  </message>
  <message>
   <source>Fit what is picked</source>
   <translation>Encuadrar lo elegido</translation>
  </message>
  <message>
   <source>Fitted in, it is</source>
   <translation>Al encajarlo, queda</translation>
  </message>
  <message>
   <source>Fitted into the shape; it lies beside it.</source>
   <translation>Encajado en la forma; queda al lado.</translation>
  </message>
  <message>
   <source>Five tones</source>
   <translation>Cinco tonos</translation>
  </message>
  <message>
   <source>Flat</source>
   <translation>Plano</translation>
  </message>
  <message>
   <source>Flat SVG: opaque areas only (*.svg)</source>
   <translation>SVG plano: solo áreas opacas (*.svg)</translation>
  </message>
  <message>
   <source>Flat again</source>
   <translation>Plano otra vez</translation>
  </message>
  <message>
   <source>Flat colour only</source>
   <translation>Solo color plano</translation>
  </message>
  <message>
   <source>Flat ends</source>
   <translation>Extremos planos</translation>
  </message>
  <message>
   <source>Flatten</source>
   <translation>Aplanar</translation>
  </message>
  <message>
   <source>Flatten light</source>
   <translation>Igualar la luz</translation>
  </message>
  <message>
   <source>Flatten shades</source>
   <translation>Aplanar sombras</translation>
  </message>
  <message>
   <source>Flattening</source>
   <translation>Aplanando</translation>
  </message>
  <message>
   <source>Flesh</source>
   <translation>Pulpa</translation>
  </message>
  <message>
   <source>Flow on</source>
   <translation>Que fluya</translation>
  </message>
  <message>
   <source>Folder</source>
   <translation>Carpeta</translation>
  </message>
  <message>
   <source>Follow</source>
   <translation>Seguir</translation>
  </message>
  <message>
   <source>Follow line</source>
   <translation>Seguir línea</translation>
  </message>
  <message>
   <source>Follow outline</source>
   <translation>Seguir contorno</translation>
  </message>
  <message>
   <source>Follow the light</source>
   <translation>Seguir la luz</translation>
  </message>
  <message>
   <source>Follows the light</source>
   <translation>Sigue la luz</translation>
  </message>
  <message>
   <source>For the small letters</source>
   <translation>Para las minúsculas</translation>
  </message>
  <message>
   <source>Forget</source>
   <translation>Olvidar</translation>
  </message>
  <message>
   <source>Forget recent pieces</source>
   <translation>Olvidar las piezas recientes</translation>
  </message>
  <message>
   <source>Forgets the kept swell of that name</source>
   <translation>Olvida el modulado guardado con ese nombre</translation>
  </message>
  <message>
   <source>Forgot the swell %1.</source>
   <translation>Se olvidó el modulado %1.</translation>
  </message>
  <message>
   <source>Frame and backdrop</source>
   <translation>Marco y fondo</translation>
  </message>
  <message>
   <source>Frame behind: %1</source>
   <translation>Marco detrás: %1</translation>
  </message>
  <message>
   <source>Frame meter</source>
   <translation>Medidor de fotogramas</translation>
  </message>
  <message>
   <source>Free to move.</source>
   <translation>Libre para moverse.</translation>
  </message>
  <message>
   <source>Freehand</source>
   <translation>A mano</translation>
  </message>
  <message>
   <source>Freehand shade</source>
   <translation>Sombra a mano</translation>
  </message>
  <message>
   <source>Freehand: %1.</source>
   <translation>A mano: %1.</translation>
  </message>
  <message>
   <source>Freehand: drawn with a shaky hand, calmed as it lands.</source>
   <translation>A mano alzada: trazada con pulso tembloroso, calmada al soltar.</translation>
  </message>
  <message>
   <source>From</source>
   <translation>Desde</translation>
  </message>
  <message>
   <source>From column to column</source>
   <translation>De columna a columna</translation>
  </message>
  <message>
   <source>From row to row</source>
   <translation>De fila a fila</translation>
  </message>
  <message>
   <source>From the middle to the rim</source>
   <translation>Del centro al borde</translation>
  </message>
  <message>
   <source>From the picked outline</source>
   <translation>Del contorno elegido</translation>
  </message>
  <message>
   <source>From the picture: %1</source>
   <translation>De la imagen: %1</translation>
  </message>
  <message>
   <source>Full colour</source>
   <translation>A todo color</translation>
  </message>
  <message>
   <source>Furnace</source>
   <translation>Horno</translation>
  </message>
  <message>
   <source>Furthest off</source>
   <translation>Lo más apartado</translation>
  </message>
  <message>
   <source>Gap</source>
   <translation>Hueco</translation>
  </message>
  <message>
   <source>Gap %1, closed</source>
   <translation>Hueco %1, cerrado</translation>
  </message>
  <message>
   <source>Gap %1, left open</source>
   <translation>Hueco %1, dejado abierto</translation>
  </message>
  <message>
   <source>Gap between pieces</source>
   <translation>Hueco entre piezas</translation>
  </message>
  <message>
   <source>Gap of %1, needs %2</source>
   <translation>Hueco de %1, necesita %2</translation>
  </message>
  <message>
   <source>Gaps that close</source>
   <translation>Huecos que se cierran</translation>
  </message>
  <message numerus="yes">
   <source>Gaps up to %1 count as closed: %n more area(s).</source>
   <translation>
    <numerusform>Los huecos hasta %1 cuentan como cerrados: %n área más.</numerusform>
    <numerusform>Los huecos hasta %1 cuentan como cerrados: %n áreas más.</numerusform>
   </translation>
  </message>
  <message>
   <source>Gather</source>
   <translation>Reunir</translation>
  </message>
  <message>
   <source>Give it this key</source>
   <translation>Darle esta tecla</translation>
  </message>
  <message>
   <source>Give look</source>
   <translation>Dar aspecto</translation>
  </message>
  <message>
   <source>Give the kept look to what is picked</source>
   <translation>Dar el aspecto guardado a lo elegido</translation>
  </message>
  <message>
   <source>Give the swell a name first.</source>
   <translation>Dé primero un nombre al modulado.</translation>
  </message>
  <message>
   <source>Give up part</source>
   <translation>Ceder parte</translation>
  </message>
  <message>
   <source>Give up part %1</source>
   <translation>Ceder parte %1</translation>
  </message>
  <message>
   <source>Glass bead</source>
   <translation>Cuenta de vidrio</translation>
  </message>
  <message>
   <source>Glass blowers</source>
   <translation>Sopladores de vidrio</translation>
  </message>
  <message>
   <source>Glaze</source>
   <translation>Esmalte</translation>
  </message>
  <message>
   <source>Go</source>
   <translation>Se van</translation>
  </message>
  <message>
   <source>Go back to it</source>
   <translation>Volver a ella</translation>
  </message>
  <message>
   <source>Go on with</source>
   <translation>Seguir con</translation>
  </message>
  <message>
   <source>Go on without saving</source>
   <translation>Seguir sin guardar</translation>
  </message>
  <message>
   <source>Goes with it</source>
   <translation>Va con él</translation>
  </message>
  <message>
   <source>Going on from the open end. Enter or Esc ends.</source>
   <translation>Se sigue desde el extremo abierto. Intro o Esc acaba.</translation>
  </message>
  <message>
   <source>Golden spiral</source>
   <translation>Espiral áurea</translation>
  </message>
  <message>
   <source>Golden spiral: next position</source>
   <translation>Espiral áurea: posición siguiente</translation>
  </message>
  <message>
   <source>Gradient</source>
   <translation>Degradado</translation>
  </message>
  <message>
   <source>Gradient by the light</source>
   <translation>Degradado según la luz</translation>
  </message>
  <message>
   <source>Gradient stops</source>
   <translation>Paradas del degradado</translation>
  </message>
  <message>
   <source>Grain</source>
   <translation>Grano</translation>
  </message>
  <message>
   <source>Grey</source>
   <translation>Gris</translation>
  </message>
  <message>
   <source>Grey areas under the lines</source>
   <translation>Áreas grises debajo</translation>
  </message>
  <message>
   <source>Group</source>
   <translation>Grupo</translation>
  </message>
  <message>
   <source>Grouped %1 things. A click picks the group, another one what is in it.</source>
   <translation>%1 cosas agrupadas. Un clic elige el grupo, otro lo que hay dentro.</translation>
  </message>
  <message>
   <source>Growing</source>
   <translation>Creciente</translation>
  </message>
  <message>
   <source>Guide</source>
   <translation>Guía</translation>
  </message>
  <message>
   <source>Guide line</source>
   <translation>Línea guía</translation>
  </message>
  <message>
   <source>Guides</source>
   <translation>Guías</translation>
  </message>
  <message>
   <source>Gutter</source>
   <translation>Cuneta</translation>
  </message>
  <message>
   <source>Half a moth, mirrored while it is drawn.</source>
   <translation>Media polilla, reflejada mientras se dibuja.</translation>
  </message>
  <message>
   <source>Harbour flags</source>
   <translation>Banderas del puerto</translation>
  </message>
  <message>
   <source>Hard light</source>
   <translation>Luz dura</translation>
  </message>
  <message>
   <source>Harebell</source>
   <translation>Campanilla</translation>
  </message>
  <message>
   <source>Heads towards the centre, as at the foot of a badge</source>
   <translation>Cabezas hacia el centro, como al pie de un emblema</translation>
  </message>
  <message>
   <source>Height of all</source>
   <translation>Alto de todo</translation>
  </message>
  <message>
   <source>Height of the em</source>
   <translation>Altura del cuadratín</translation>
  </message>
  <message>
   <source>Help</source>
   <translation>Ayuda</translation>
  </message>
  <message>
   <source>Hidden, and still there</source>
   <translation>Oculto, pero sigue ahí</translation>
  </message>
  <message>
   <source>Hidden. Its row in the layer list shows it again, or Ctrl+Alt+H everything.</source>
   <translation>Oculto. Su fila en la lista de capas lo muestra de nuevo, o Ctrl+Alt+H todo.</translation>
  </message>
  <message>
   <source>Hide</source>
   <translation>Ocultar</translation>
  </message>
  <message>
   <source>Hide layer</source>
   <translation>Ocultar capa</translation>
  </message>
  <message>
   <source>Hide or show the reference</source>
   <translation>Ocultar o mostrar la referencia</translation>
  </message>
  <message>
   <source>Hide what is picked</source>
   <translation>Ocultar lo elegido</translation>
  </message>
  <message>
   <source>High contrast</source>
   <translation>Alto contraste</translation>
  </message>
  <message>
   <source>History</source>
   <translation>Historial</translation>
  </message>
  <message>
   <source>History…</source>
   <translation>Historial…</translation>
  </message>
  <message>
   <source>How</source>
   <translation>Cómo</translation>
  </message>
  <message>
   <source>How far colours that abut must reach under each other</source>
   <translation>Cuánto deben solaparse los colores contiguos</translation>
  </message>
  <message>
   <source>How far off the picked line is; once more, how it bends</source>
   <translation>Cuánto se aparta la línea elegida; otra vez, cómo se curva</translation>
  </message>
  <message>
   <source>How it is laid over what lies below</source>
   <translation>Cómo se pone sobre lo que hay debajo</translation>
  </message>
  <message>
   <source>How many</source>
   <translation>Cuántos</translation>
  </message>
  <message>
   <source>How strongly the reference shows through ([ and ])</source>
   <translation>Cuánto se transparenta la referencia ([ y ])</translation>
  </message>
  <message>
   <source>How the job goes</source>
   <translation>Cómo va el trabajo</translation>
  </message>
  <message>
   <source>How the next ones lie</source>
   <translation>Cómo quedarán los siguientes</translation>
  </message>
  <message>
   <source>How the next words are set</source>
   <translation>Cómo se componen las próximas palabras</translation>
  </message>
  <message>
   <source>How the work was, kept by name in the file. Nothing you do later changes a stage.</source>
   <translation>Cómo estaba el trabajo, guardado con nombre en el archivo. Nada de lo que hagas después cambia una etapa.</translation>
  </message>
  <message>
   <source>Hue</source>
   <translation>Matiz</translation>
  </message>
  <message>
   <source>Icon</source>
   <translation>Icono</translation>
  </message>
  <message>
   <source>Icons</source>
   <translation>Iconos</translation>
  </message>
  <message>
   <source>In hand: %1</source>
   <translation>En mano: %1</translation>
  </message>
  <message>
   <source>In hand: each shape that is closed or carved now is filled with it. %1 lets it go.</source>
   <translation>En la mano: cada forma que ahora se cierre o se talle se rellena con ella. %1 la suelta.</translation>
  </message>
  <message>
   <source>In rows and columns</source>
   <translation>En filas y columnas</translation>
  </message>
  <message>
   <source>Inflections %1 → %2, largest move %3.</source>
   <translation>Inflexiones %1 → %2, mayor movimiento %3.</translation>
  </message>
  <message>
   <source>Ink</source>
   <translation>Tinta</translation>
  </message>
  <message>
   <source>Ink %1</source>
   <translation>Tinta %1</translation>
  </message>
  <message>
   <source>Ink %1 in hand</source>
   <translation>Tinta %1 en mano</translation>
  </message>
  <message>
   <source>Ink and pencil lines become strokes</source>
   <translation>Las líneas de tinta y lápiz se vuelven trazos</translation>
  </message>
  <message>
   <source>Ink of facets</source>
   <translation>Tinta de las facetas</translation>
  </message>
  <message>
   <source>Ink of stop</source>
   <translation>Tinta de la parada</translation>
  </message>
  <message>
   <source>Ink of the facets</source>
   <translation>Tinta de las facetas</translation>
  </message>
  <message>
   <source>Ink to the stop</source>
   <translation>Tinta a la parada</translation>
  </message>
  <message>
   <source>Inks</source>
   <translation>Tintas</translation>
  </message>
  <message>
   <source>Inks from the picture</source>
   <translation>Tintas de la imagen</translation>
  </message>
  <message>
   <source>Inside</source>
   <translation>Dentro</translation>
  </message>
  <message>
   <source>Inside %1 now, and cut by it. Ctrl+Z takes it out.</source>
   <translation>Ahora dentro de %1 y recortado por él. Ctrl+Z lo saca.</translation>
  </message>
  <message>
   <source>Inside the arc</source>
   <translation>Dentro del arco</translation>
  </message>
  <message>
   <source>Inside the shape now, clipped by it.</source>
   <translation>Ahora está dentro de la forma, recortado por ella.</translation>
  </message>
  <message>
   <source>Inside the shape, which clips it</source>
   <translation>Dentro de la forma, que lo recorta</translation>
  </message>
  <message>
   <source>Inside: it moves and is clipped with its area, and can be edited beyond the border.</source>
   <translation>Dentro: se mueve y se recorta con su área, y puede editarse más allá del borde.</translation>
  </message>
  <message>
   <source>Inters.</source>
   <translation>Inters.</translation>
  </message>
  <message>
   <source>Intersection</source>
   <translation>Intersección</translation>
  </message>
  <message>
   <source>Into the lowest shape without another size</source>
   <translation>A la forma inferior sin cambiar de tamaño</translation>
  </message>
  <message>
   <source>Into the lowest shape, as large as they are</source>
   <translation>A la forma inferior, con su tamaño</translation>
  </message>
  <message>
   <source>Inwards</source>
   <translation>Hacia dentro</translation>
  </message>
  <message>
   <source>It becomes a shape of its own again</source>
   <translation>Vuelve a ser una forma propia</translation>
  </message>
  <message>
   <source>It could not be put aside: %1.</source>
   <translation>No se pudo apartar: %1.</translation>
  </message>
  <message>
   <source>It has changed meanwhile; nothing was mended.</source>
   <translation>Ha cambiado entretanto; no se reparó nada.</translation>
  </message>
  <message>
   <source>It keeps what it looks like, and no longer follows</source>
   <translation>Conserva su aspecto y ya no sigue</translation>
  </message>
  <message>
   <source>It leaves</source>
   <translation>Deja libre</translation>
  </message>
  <message>
   <source>It lies in nothing.</source>
   <translation>No está dentro de nada.</translation>
  </message>
  <message>
   <source>It runs out along the light</source>
   <translation>Se desvanece según la luz</translation>
  </message>
  <message>
   <source>It serves other lines</source>
   <translation>Sirve a otras líneas</translation>
  </message>
  <message>
   <source>It was not exported.</source>
   <translation>No se exportó.</translation>
  </message>
  <message>
   <source>It was not saved.</source>
   <translation>No se guardó.</translation>
  </message>
  <message>
   <source>It wears no look.</source>
   <translation>No lleva ningún aspecto.</translation>
  </message>
  <message>
   <source>Its blend, opacity, blur and fill, by name</source>
   <translation>Su mezcla, opacidad, desenfoque y relleno, por nombre</translation>
  </message>
  <message>
   <source>Its ends are meant: they are no longer counted or ringed</source>
   <translation>Sus extremos son a propósito: ya no se cuentan ni se rodean</translation>
  </message>
  <message>
   <source>Its gradient lies along the light from now on</source>
   <translation>Su degradado sigue la luz desde ahora</translation>
  </message>
  <message>
   <source>Its lines</source>
   <translation>Sus líneas</translation>
  </message>
  <message>
   <source>Its lines are gone.</source>
   <translation>Sus líneas se fueron.</translation>
  </message>
  <message>
   <source>Its lines are guides now.</source>
   <translation>Sus líneas son ahora guías.</translation>
  </message>
  <message>
   <source>Its own colour, from full to nothing</source>
   <translation>Su propio color, de pleno a nada</translation>
  </message>
  <message>
   <source>Its picture is laid in its place to be traced</source>
   <translation>Su imagen se coloca en su sitio para calcarla</translation>
  </message>
  <message>
   <source>Its picture lies in its place, to be traced; the part itself is hidden.</source>
   <translation>Su imagen está en su sitio para calcarla; la parte misma está oculta.</translation>
  </message>
  <message>
   <source>Its pieces are worked out. Set it to change them by hand.</source>
   <translation>Sus piezas se calculan. Fíjelo para cambiarlas a mano.</translation>
  </message>
  <message>
   <source>Its side turns with the sheet's light</source>
   <translation>Su lado gira con la luz de la hoja</translation>
  </message>
  <message>
   <source>Jar</source>
   <translation>Tarro</translation>
  </message>
  <message>
   <source>Join</source>
   <translation>Unir</translation>
  </message>
  <message>
   <source>Join all ends that nearly meet</source>
   <translation>Unir todos los extremos que casi se tocan</translation>
  </message>
  <message>
   <source>Join ends</source>
   <translation>Unir extremos</translation>
  </message>
  <message>
   <source>Join them all</source>
   <translation>Unirlos todos</translation>
  </message>
  <message>
   <source>Join to line</source>
   <translation>Unir a línea</translation>
  </message>
  <message>
   <source>Joined %1 pairs of ends. Ctrl+Z takes them apart.</source>
   <translation>%1 pares de extremos unidos. Ctrl+Z los separa.</translation>
  </message>
  <message>
   <source>Joined 2 ends. Ctrl+Z takes it apart.</source>
   <translation>2 extremos unidos. Ctrl+Z los separa.</translation>
  </message>
  <message>
   <source>Joins at once within</source>
   <translation>Une al momento dentro de</translation>
  </message>
  <message>
   <source>Keep</source>
   <translation>Conservar</translation>
  </message>
  <message>
   <source>Keep a stage</source>
   <translation>Guardar una etapa</translation>
  </message>
  <message>
   <source>Keep as a look</source>
   <translation>Guardar como aspecto</translation>
  </message>
  <message>
   <source>Keep as a part</source>
   <translation>Guardar como pieza suelta</translation>
  </message>
  <message>
   <source>Keep how the width varies</source>
   <translation>Conservar cómo varía el grosor</translation>
  </message>
  <message>
   <source>Keep it</source>
   <translation>Conservarla</translation>
  </message>
  <message>
   <source>Keep its side</source>
   <translation>Conservar su lado</translation>
  </message>
  <message>
   <source>Keep live</source>
   <translation>Mantener vivo</translation>
  </message>
  <message>
   <source>Keep look</source>
   <translation>Guardar aspecto</translation>
  </message>
  <message>
   <source>Keep swell</source>
   <translation>Guardar modulado</translation>
  </message>
  <message>
   <source>Keep the picked one's look by name</source>
   <translation>Guardar por nombre el aspecto de lo elegido</translation>
  </message>
  <message>
   <source>Keep what is picked</source>
   <translation>Guardar lo elegido</translation>
  </message>
  <message>
   <source>Keep what is picked as a part</source>
   <translation>Guardar lo elegido como pieza suelta</translation>
  </message>
  <message>
   <source>Keep width</source>
   <translation>Mantener grosor</translation>
  </message>
  <message>
   <source>Keep within</source>
   <translation>No pasar de aquí</translation>
  </message>
  <message>
   <source>Keeps its width when scaled</source>
   <translation>Mantiene su grosor al escalar</translation>
  </message>
  <message>
   <source>Keeps this swell under the name, for any line</source>
   <translation>Guarda este modulado con el nombre, para cualquier línea</translation>
  </message>
  <message>
   <source>Kept %1 as an ink. Double click its name to change it.</source>
   <translation>%1 guardado como tinta. Doble clic en su nombre para cambiarlo.</translation>
  </message>
  <message>
   <source>Kept as %1. What wears it changes with it.</source>
   <translation>Guardado como %1. Lo que lo lleva cambia con él.</translation>
  </message>
  <message>
   <source>Kept as it came.</source>
   <translation>Conservada como vino.</translation>
  </message>
  <message>
   <source>Kept the swell %1.</source>
   <translation>Modulado %1 guardado.</translation>
  </message>
  <message>
   <source>Kept whole</source>
   <translation>Conservada entera</translation>
  </message>
  <message>
   <source>Kept whole: left out of one ink, line and flat variants</source>
   <translation>Conservada entera: falta en las variantes de una tinta, de líneas y planas</translation>
  </message>
  <message>
   <source>Kerning</source>
   <translation>Acoplamiento</translation>
  </message>
  <message>
   <source>Key</source>
   <translation>Tecla</translation>
  </message>
  <message>
   <source>Keys</source>
   <translation>Teclas</translation>
  </message>
  <message>
   <source>Keys for who draws with the left hand, or with the right</source>
   <translation>Teclas para quien dibuja con la izquierda, o con la derecha</translation>
  </message>
  <message>
   <source>Kiln yard</source>
   <translation>Patio del horno</translation>
  </message>
  <message>
   <source>Kind of marks</source>
   <translation>Tipo de marcas</translation>
  </message>
  <message>
   <source>Kink of %1°</source>
   <translation>Quiebro de %1°</translation>
  </message>
  <message>
   <source>Lamp hook</source>
   <translation>Gancho de farol</translation>
  </message>
  <message>
   <source>Lamplight</source>
   <translation>Luz de lámpara</translation>
  </message>
  <message>
   <source>Lands on the layer being drawn on.</source>
   <translation>Va a la capa en la que se dibuja.</translation>
  </message>
  <message>
   <source>Language</source>
   <translation>Idioma</translation>
  </message>
  <message>
   <source>Language: %1</source>
   <translation>Idioma: %1</translation>
  </message>
  <message>
   <source>Language: as the desktop</source>
   <translation>Idioma: como el escritorio</translation>
  </message>
  <message>
   <source>Lantern row</source>
   <translation>Fila de faroles</translation>
  </message>
  <message>
   <source>Largest</source>
   <translation>Mayor</translation>
  </message>
  <message>
   <source>Last light</source>
   <translation>Última luz</translation>
  </message>
  <message>
   <source>Lay a mesh of pieces over the picture</source>
   <translation>Poner una malla de piezas sobre la imagen</translation>
  </message>
  <message>
   <source>Layer %1</source>
   <translation>Capa %1</translation>
  </message>
  <message>
   <source>Layer opacity</source>
   <translation>Opacidad de la capa</translation>
  </message>
  <message>
   <source>Layers</source>
   <translation>Capas</translation>
  </message>
  <message>
   <source>Layers  %1</source>
   <translation>Capas  %1</translation>
  </message>
  <message>
   <source>Laying pieces</source>
   <translation>Poniendo piezas</translation>
  </message>
  <message>
   <source>Leading</source>
   <translation>Interlineado</translation>
  </message>
  <message>
   <source>Leaf</source>
   <translation>Hoja de árbol</translation>
  </message>
  <message>
   <source>Leave</source>
   <translation>Salir</translation>
  </message>
  <message>
   <source>Leave it open</source>
   <translation>Dejarla abierta</translation>
  </message>
  <message>
   <source>Leave open</source>
   <translation>Dejar abiertas</translation>
  </message>
  <message>
   <source>Leave open ends open</source>
   <translation>Dejar abiertos los extremos abiertos</translation>
  </message>
  <message>
   <source>Left</source>
   <translation>Izquierda</translation>
  </message>
  <message>
   <source>Left and right by turns</source>
   <translation>Izquierda y derecha alternadas</translation>
  </message>
  <message>
   <source>Left for a light hand, right for a firm one. Press the pen on the field to try it; each pen keeps its own.</source>
   <translation>Izquierda para una mano ligera, derecha para una firme. Apriete el lápiz en el campo para probarlo; cada lápiz conserva la suya.</translation>
  </message>
  <message>
   <source>Left sides in one line</source>
   <translation>Lados izquierdos en una línea</translation>
  </message>
  <message>
   <source>Lemon</source>
   <translation>Limón</translation>
  </message>
  <message>
   <source>Lengths in px, drawn and left out by turns: 12 8</source>
   <translation>Longitudes en px, dibujadas y omitidas por turnos: 12 8</translation>
  </message>
  <message>
   <source>Less of the reference</source>
   <translation>Menos de la referencia</translation>
  </message>
  <message>
   <source>Let go</source>
   <translation>Soltar</translation>
  </message>
  <message>
   <source>Let go of the look</source>
   <translation>Soltar el aspecto</translation>
  </message>
  <message>
   <source>Let go one</source>
   <translation>Soltar uno</translation>
  </message>
  <message>
   <source>Let it go on the area it is to lie in.</source>
   <translation>Suéltalo sobre el área en la que debe estar.</translation>
  </message>
  <message>
   <source>Let it join</source>
   <translation>Que se una</translation>
  </message>
  <message>
   <source>Let the fill in hand go</source>
   <translation>Soltar el relleno en la mano</translation>
  </message>
  <message>
   <source>Let the program trace the whole picture: lines of pencil and ink, dark shapes, or tones. Or draw: the rope hugs an edge between your clicks, freehand calms the hand, straights are pulled into curves with Bow. Then look at the nodes: few and well placed is what makes a line easy to change.</source>
   <translation>Deje que el programa trace toda la imagen: líneas de lápiz y tinta, formas oscuras o tonos. O dibuje: la cuerda se ciñe a un borde entre los clics, la mano alzada calma el pulso, las rectas se curvan con Arco. Luego mire los nodos: pocos y bien puestos hacen que una línea sea fácil de cambiar.</translation>
  </message>
  <message>
   <source>Lets go of the patch (Esc)</source>
   <translation>Suelta el parche (Esc)</translation>
  </message>
  <message>
   <source>Letterpress</source>
   <translation>Tipografía</translation>
  </message>
  <message>
   <source>Letters apart</source>
   <translation>Letras sueltas</translation>
  </message>
  <message>
   <source>Letters of %1, need %2</source>
   <translation>Letras de %1, necesitan %2</translation>
  </message>
  <message>
   <source>Letters that run into one another become one</source>
   <translation>Las letras que se tocan se vuelven una</translation>
  </message>
  <message>
   <source>Lichen</source>
   <translation>Liquen</translation>
  </message>
  <message>
   <source>Lies on</source>
   <translation>Va por</translation>
  </message>
  <message>
   <source>Lift bound</source>
   <translation>Quitar límite</translation>
  </message>
  <message>
   <source>Lift paper to white</source>
   <translation>Llevar el papel a blanco</translation>
  </message>
  <message>
   <source>Ligatures</source>
   <translation>Ligaduras</translation>
  </message>
  <message>
   <source>Light</source>
   <translation>Claro</translation>
  </message>
  <message>
   <source>Light and shade</source>
   <translation>Luz y sombra</translation>
  </message>
  <message>
   <source>Light from %1, %2°.</source>
   <translation>Luz desde %1, %2°.</translation>
  </message>
  <message>
   <source>Light shapes on dark ground</source>
   <translation>Formas claras sobre fondo oscuro</translation>
  </message>
  <message>
   <source>Lighten</source>
   <translation>Aclarar</translation>
  </message>
  <message>
   <source>Lightness</source>
   <translation>Claridad</translation>
  </message>
  <message>
   <source>Like fill</source>
   <translation>Igual relleno</translation>
  </message>
  <message>
   <source>Line</source>
   <translation>Línea</translation>
  </message>
  <message>
   <source>Line behind</source>
   <translation>Línea detrás</translation>
  </message>
  <message>
   <source>Line colour</source>
   <translation>Color de línea</translation>
  </message>
  <message>
   <source>Line only</source>
   <translation>Solo línea</translation>
  </message>
  <message>
   <source>Line opacity</source>
   <translation>Opacidad de línea</translation>
  </message>
  <message>
   <source>Line to shape</source>
   <translation>Línea a forma</translation>
  </message>
  <message>
   <source>Lines</source>
   <translation>Líneas</translation>
  </message>
  <message>
   <source>Lines and parts of areas</source>
   <translation>Líneas y partes de áreas</translation>
  </message>
  <message>
   <source>Lines begin where they were put</source>
   <translation>Las líneas empiezan donde se pusieron</translation>
  </message>
  <message>
   <source>Lines end where they were put</source>
   <translation>Las líneas acaban donde se pusieron</translation>
  </message>
  <message>
   <source>Lines have their middle where they were put</source>
   <translation>Las líneas tienen su centro donde se pusieron</translation>
  </message>
  <message>
   <source>Lines on top</source>
   <translation>Líneas encima</translation>
  </message>
  <message>
   <source>Lines too thin to print, gaps too narrow to cut, open ends, double shapes, a picture left underneath.</source>
   <translation>Líneas demasiado finas para imprimir, huecos demasiado estrechos para cortar, extremos abiertos, formas dobles, una imagen olvidada debajo.</translation>
  </message>
  <message>
   <source>Liquorice</source>
   <translation>Regaliz</translation>
  </message>
  <message>
   <source>Live again</source>
   <translation>Vivo otra vez</translation>
  </message>
  <message>
   <source>Live shape</source>
   <translation>Forma viva</translation>
  </message>
  <message>
   <source>Live: drag a part by its dashed outline</source>
   <translation>Viva: arrastre una parte por su contorno discontinuo</translation>
  </message>
  <message>
   <source>Load a palette</source>
   <translation>Cargar una paleta</translation>
  </message>
  <message>
   <source>Load a palette…</source>
   <translation>Cargar una paleta…</translation>
  </message>
  <message>
   <source>Load palette</source>
   <translation>Cargar paleta</translation>
  </message>
  <message>
   <source>Loaded %1 inks.</source>
   <translation>%1 tintas cargadas.</translation>
  </message>
  <message>
   <source>Loaded %1 inks; left out, as they are no colours: %2.</source>
   <translation>%1 tintas cargadas; se omitió, por no ser colores: %2.</translation>
  </message>
  <message>
   <source>Lock</source>
   <translation>Bloquear</translation>
  </message>
  <message>
   <source>Lock facet</source>
   <translation>Bloquear faceta</translation>
  </message>
  <message>
   <source>Lock layer</source>
   <translation>Bloquear capa</translation>
  </message>
  <message>
   <source>Lock what is picked</source>
   <translation>Bloquear lo elegido</translation>
  </message>
  <message>
   <source>Locked. The lock in its row, or Alt+Shift+U, frees it.</source>
   <translation>Bloqueado. El candado de su fila, o Alt+Mayús+U, lo libera.</translation>
  </message>
  <message>
   <source>Locked: it cannot be moved by accident.</source>
   <translation>Bloqueada: no se puede mover por accidente.</translation>
  </message>
  <message>
   <source>Locks exactly tangent to one or two lines near by; three give a circle its size (Ctrl lets go)</source>
   <translation>Se fija justo tangente a una o dos líneas cercanas; tres dan a un círculo su tamaño (Ctrl suelta)</translation>
  </message>
  <message>
   <source>Longest tip</source>
   <translation>Punta más larga</translation>
  </message>
  <message>
   <source>Look</source>
   <translation>Aspecto</translation>
  </message>
  <message>
   <source>Look %1</source>
   <translation>Aspecto %1</translation>
  </message>
  <message>
   <source>Look at it at its real size, in one ink, reversed, and as people see it who see colours otherwise. Go through what the proof found; mend what can be mended. Then deliver: every file a client needs in one act.</source>
   <translation>Véalo a su tamaño real, en una tinta, invertido y como lo ven quienes ven los colores de otro modo. Repase lo que encontró la prueba; arregle lo arreglable. Luego entregue: todos los archivos que el cliente necesita, de una vez.</translation>
  </message>
  <message>
   <source>Look of shades</source>
   <translation>Aspecto de las sombras</translation>
  </message>
  <message>
   <source>Look: %1</source>
   <translation>Aspecto: %1</translation>
  </message>
  <message>
   <source>Looking at the picture</source>
   <translation>Mirando la imagen</translation>
  </message>
  <message>
   <source>Looking for level and upright lines…</source>
   <translation>Buscando líneas horizontales y verticales…</translation>
  </message>
  <message>
   <source>Looking for the axis…</source>
   <translation>Buscando el eje…</translation>
  </message>
  <message>
   <source>Looking for the paper…</source>
   <translation>Buscando el papel…</translation>
  </message>
  <message>
   <source>Looking…</source>
   <translation>Revisando…</translation>
  </message>
  <message>
   <source>Looks for the symmetry of the picture</source>
   <translation>Busca la simetría de la imagen</translation>
  </message>
  <message>
   <source>Looks of this piece</source>
   <translation>Aspectos de esta pieza</translation>
  </message>
  <message>
   <source>Loose</source>
   <translation>Suelto</translation>
  </message>
  <message>
   <source>Lost at %1 px</source>
   <translation>Se pierde a %1 px</translation>
  </message>
  <message>
   <source>Luminosity</source>
   <translation>Luminosidad</translation>
  </message>
  <message>
   <source>Made-up pictures that come with the program</source>
   <translation>Imágenes inventadas que trae el programa</translation>
  </message>
  <message>
   <source>Make areas</source>
   <translation>Hacer áreas</translation>
  </message>
  <message>
   <source>Make areas of the tones</source>
   <translation>Hacer áreas de los tonos</translation>
  </message>
  <message>
   <source>Make corner</source>
   <translation>Hacer esquina</translation>
  </message>
  <message>
   <source>Make guide</source>
   <translation>Hacer guía</translation>
  </message>
  <message>
   <source>Make guides of what is picked, or lines again</source>
   <translation>Hacer guías de lo elegido, o líneas otra vez</translation>
  </message>
  <message>
   <source>Make it the axis</source>
   <translation>Hacerla el eje</translation>
  </message>
  <message>
   <source>Make line</source>
   <translation>Hacer línea</translation>
  </message>
  <message>
   <source>Make pieces</source>
   <translation>Hacer piezas</translation>
  </message>
  <message>
   <source>Make smooth</source>
   <translation>Hacer suave</translation>
  </message>
  <message>
   <source>Make the picked line the axis</source>
   <translation>Hacer de la línea elegida el eje</translation>
  </message>
  <message>
   <source>Margin</source>
   <translation>Margen</translation>
  </message>
  <message>
   <source>Margins</source>
   <translation>Márgenes</translation>
  </message>
  <message>
   <source>Marks</source>
   <translation>Marcas</translation>
  </message>
  <message>
   <source>Marks as they were last, inside</source>
   <translation>Marcas como las últimas, dentro</translation>
  </message>
  <message>
   <source>Marks of the proof</source>
   <translation>Marcas de la prueba</translation>
  </message>
  <message>
   <source>May move by</source>
   <translation>Puede moverse</translation>
  </message>
  <message>
   <source>Mean</source>
   <translation>Media</translation>
  </message>
  <message>
   <source>Mean of a disc of radius</source>
   <translation>Media de un disco de radio</translation>
  </message>
  <message>
   <source>Meant so</source>
   <translation>Es intencionado</translation>
  </message>
  <message>
   <source>Meant so: the finding in hand stays</source>
   <translation>Es intencionado: el hallazgo en mano se queda</translation>
  </message>
  <message>
   <source>Median</source>
   <translation>Mediana</translation>
  </message>
  <message>
   <source>Mend all</source>
   <translation>Reparar todo</translation>
  </message>
  <message>
   <source>Mend all %1</source>
   <translation>Reparar los %1</translation>
  </message>
  <message>
   <source>Mend all that is safe</source>
   <translation>Reparar todo lo seguro</translation>
  </message>
  <message>
   <source>Mend the finding in hand</source>
   <translation>Reparar el hallazgo en mano</translation>
  </message>
  <message>
   <source>Merge</source>
   <translation>Unir</translation>
  </message>
  <message>
   <source>Merge colours</source>
   <translation>Fundir colores</translation>
  </message>
  <message>
   <source>Merge nodes</source>
   <translation>Fusionar nodos</translation>
  </message>
  <message>
   <source>Merge pieces</source>
   <translation>Fusionar piezas</translation>
  </message>
  <message>
   <source>Middle</source>
   <translation>Medio</translation>
  </message>
  <message>
   <source>Middle at</source>
   <translation>Centro en</translation>
  </message>
  <message>
   <source>Middles above each other</source>
   <translation>Centros uno sobre otro</translation>
  </message>
  <message>
   <source>Middles beside each other</source>
   <translation>Centros uno junto a otro</translation>
  </message>
  <message>
   <source>Mind ends</source>
   <translation>Atender a los extremos</translation>
  </message>
  <message>
   <source>Mind its ends</source>
   <translation>Atender a sus extremos</translation>
  </message>
  <message>
   <source>Mint</source>
   <translation>Menta</translation>
  </message>
  <message>
   <source>Mirror</source>
   <translation>Espejo</translation>
  </message>
  <message>
   <source>Mirror a half drawing and weld it: the halves become one line at the axis. Put areas under everything that the lines enclose, or carve along an outline. Unite, cut and split shapes, live if you like, so that their parts can still be moved.</source>
   <translation>Refleje un medio dibujo y suéldelo: las mitades se vuelven una línea en el eje. Ponga áreas bajo todo lo que las líneas encierran, o talle siguiendo un contorno. Una, reste y divida formas, vivas si quiere, para poder mover aún sus partes.</translation>
  </message>
  <message>
   <source>Mirror axis</source>
   <translation>Eje del espejo</translation>
  </message>
  <message>
   <source>Mirror of the layer drawn on</source>
   <translation>Espejo de la capa en la que se dibuja</translation>
  </message>
  <message>
   <source>Mirror off</source>
   <translation>Quitar espejo</translation>
  </message>
  <message>
   <source>Mirror on</source>
   <translation>Poner espejo</translation>
  </message>
  <message>
   <source>Mirror the layer drawn on</source>
   <translation>Reflejar la capa en la que se dibuja</translation>
  </message>
  <message>
   <source>Mirrored copy</source>
   <translation>Copia reflejada</translation>
  </message>
  <message>
   <source>Mirrored copy across the axis</source>
   <translation>Copia reflejada respecto al eje</translation>
  </message>
  <message>
   <source>Mist</source>
   <translation>Bruma</translation>
  </message>
  <message>
   <source>Mitred corners</source>
   <translation>Esquinas en inglete</translation>
  </message>
  <message>
   <source>Mix ink</source>
   <translation>Mezclar tinta</translation>
  </message>
  <message>
   <source>Moon over the market</source>
   <translation>Luna sobre el mercado</translation>
  </message>
  <message>
   <source>More of the reference</source>
   <translation>Más de la referencia</translation>
  </message>
  <message>
   <source>Moss</source>
   <translation>Musgo</translation>
  </message>
  <message>
   <source>Moss jar</source>
   <translation>Tarro de musgo</translation>
  </message>
  <message>
   <source>Most inks</source>
   <translation>Máximo de tintas</translation>
  </message>
  <message>
   <source>Moth emblem</source>
   <translation>Emblema de polilla</translation>
  </message>
  <message>
   <source>Moth wing</source>
   <translation>Ala de polilla</translation>
  </message>
  <message>
   <source>Moth, half drawn</source>
   <translation>Polilla, medio dibujada</translation>
  </message>
  <message>
   <source>Move</source>
   <translation>Mover</translation>
  </message>
  <message>
   <source>Move again</source>
   <translation>Mover otra vez</translation>
  </message>
  <message>
   <source>Move axis</source>
   <translation>Mover eje</translation>
  </message>
  <message>
   <source>Move centre</source>
   <translation>Mover el centro</translation>
  </message>
  <message>
   <source>Move colour %1</source>
   <translation>Mover color %1</translation>
  </message>
  <message>
   <source>Move corner</source>
   <translation>Mover esquina</translation>
  </message>
  <message>
   <source>Move cut %1</source>
   <translation>Mover corte %1</translation>
  </message>
  <message>
   <source>Move focus</source>
   <translation>Mover foco</translation>
  </message>
  <message>
   <source>Move gradient</source>
   <translation>Mover degradado</translation>
  </message>
  <message>
   <source>Move guide</source>
   <translation>Mover guía</translation>
  </message>
  <message>
   <source>Move handle</source>
   <translation>Mover tirador</translation>
  </message>
  <message>
   <source>Move in the order</source>
   <translation>Mover en el orden</translation>
  </message>
  <message>
   <source>Move ink</source>
   <translation>Mover tinta</translation>
  </message>
  <message>
   <source>Move layer</source>
   <translation>Mover capa</translation>
  </message>
  <message>
   <source>Move layer down</source>
   <translation>Bajar capa</translation>
  </message>
  <message>
   <source>Move layer up</source>
   <translation>Subir capa</translation>
  </message>
  <message>
   <source>Move node</source>
   <translation>Mover nodo</translation>
  </message>
  <message>
   <source>Move part</source>
   <translation>Mover parte</translation>
  </message>
  <message>
   <source>Move picture</source>
   <translation>Mover imagen</translation>
  </message>
  <message>
   <source>Move words</source>
   <translation>Mover palabras</translation>
  </message>
  <message>
   <source>Moves the nearest cut so that dark has the wanted share: within the bound, or the picked shapes</source>
   <translation>Mueve el corte más cercano hasta que lo oscuro tenga la parte deseada: dentro del límite o de las formas elegidas</translation>
  </message>
  <message>
   <source>Multiply</source>
   <translation>Multiplicar</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Nombre</translation>
  </message>
  <message>
   <source>Name and tags</source>
   <translation>Nombre y etiquetas</translation>
  </message>
  <message>
   <source>Name of the swell</source>
   <translation>Nombre del modulado</translation>
  </message>
  <message>
   <source>Names</source>
   <translation>Nombres</translation>
  </message>
  <message>
   <source>Names and place</source>
   <translation>Nombres y lugar</translation>
  </message>
  <message>
   <source>Narrowest gap</source>
   <translation>Hueco mínimo</translation>
  </message>
  <message>
   <source>Neighbours</source>
   <translation>Vecinos</translation>
  </message>
  <message>
   <source>New from a template</source>
   <translation>Nuevo de una plantilla</translation>
  </message>
  <message>
   <source>New from a template: %1</source>
   <translation>Nuevo de una plantilla: %1</translation>
  </message>
  <message>
   <source>New from this</source>
   <translation>Nueva a partir de esta</translation>
  </message>
  <message>
   <source>New key</source>
   <translation>Tecla nueva</translation>
  </message>
  <message>
   <source>New shades wear %1.</source>
   <translation>Las sombras nuevas llevan %1.</translation>
  </message>
  <message>
   <source>New shades, and those picked, wear it</source>
   <translation>Lo llevan las sombras nuevas y las elegidas</translation>
  </message>
  <message>
   <source>New sheet</source>
   <translation>Hoja nueva</translation>
  </message>
  <message>
   <source>New window</source>
   <translation>Ventana nueva</translation>
  </message>
  <message>
   <source>Next finding</source>
   <translation>Hallazgo siguiente</translation>
  </message>
  <message>
   <source>Next open end</source>
   <translation>Siguiente extremo abierto</translation>
  </message>
  <message>
   <source>Next part of the window</source>
   <translation>Siguiente parte de la ventana</translation>
  </message>
  <message>
   <source>Next view: Over, Beside, Alone</source>
   <translation>Vista siguiente: Encima, Al lado, Solo</translation>
  </message>
  <message>
   <source>Night bottle</source>
   <translation>Botella nocturna</translation>
  </message>
  <message>
   <source>No area is closed. Ends that nearly meet close within the gap tolerance.</source>
   <translation>No hay áreas cerradas. Los extremos que casi se tocan se cierran dentro de la tolerancia.</translation>
  </message>
  <message>
   <source>No axis was found in %1 (best guess %2 %; Tab takes it).</source>
   <translation>No se encontró ningún eje en %1 (mejor conjetura %2 %; Tab la toma).</translation>
  </message>
  <message>
   <source>No blue cones</source>
   <translation>Sin conos azules</translation>
  </message>
  <message>
   <source>No colour drop is open.</source>
   <translation>Ninguna gota de color está abierta.</translation>
  </message>
  <message>
   <source>No edge of the paper was seen. Drag the corners to where they are.</source>
   <translation>No se vio ningún borde del papel. Arrastra las esquinas a su sitio.</translation>
  </message>
  <message>
   <source>No edge of the paper was seen: straightened, light evened, paper white. Each can be changed on the card.</source>
   <translation>No se vio ningún borde del papel: enderezada, luz igualada, papel blanco. Todo se puede cambiar en la ficha.</translation>
  </message>
  <message>
   <source>No fill</source>
   <translation>Sin relleno</translation>
  </message>
  <message>
   <source>No gap up to 20 px would close another area.</source>
   <translation>Ningún hueco hasta 20 px cerraría otra área.</translation>
  </message>
  <message>
   <source>No gap was closed and no sliver absorbed.</source>
   <translation>No se cerró ningún hueco ni se absorbió ninguna astilla.</translation>
  </message>
  <message>
   <source>No green cones</source>
   <translation>Sin conos verdes</translation>
  </message>
  <message>
   <source>No guide crosses what is picked.</source>
   <translation>Ninguna guía cruza lo elegido.</translation>
  </message>
  <message>
   <source>No ink is in hand.</source>
   <translation>No hay tinta en la mano.</translation>
  </message>
  <message>
   <source>No inks yet. Add one, load a palette, or take one from the picture. What is painted with an ink changes with it.</source>
   <translation>Aún no hay tintas. Añada una, cargue una paleta o tómela de la imagen. Lo pintado con una tinta cambia con ella.</translation>
  </message>
  <message>
   <source>No key</source>
   <translation>Sin tecla</translation>
  </message>
  <message>
   <source>No level or upright line was found in the picture. Draw along one instead.</source>
   <translation>No se halló ninguna línea horizontal ni vertical en la imagen. Trace a lo largo de una.</translation>
  </message>
  <message>
   <source>No line</source>
   <translation>Sin línea</translation>
  </message>
  <message>
   <source>No line encloses this place. Gaps that count as closed are set on the Build card.</source>
   <translation>Ninguna línea encierra este sitio. Los huecos que cuentan como cerrados se fijan en la ficha de Construir.</translation>
  </message>
  <message>
   <source>No line has an open end.</source>
   <translation>Ninguna línea tiene un extremo abierto.</translation>
  </message>
  <message>
   <source>No pen was used yet</source>
   <translation>Todavía no se usó ningún lápiz</translation>
  </message>
  <message>
   <source>No piece was opened or saved yet.</source>
   <translation>Todavía no se abrió ni guardó ninguna pieza.</translation>
  </message>
  <message>
   <source>No red cones</source>
   <translation>Sin conos rojos</translation>
  </message>
  <message>
   <source>No shades yet.</source>
   <translation>Aún no hay sombras.</translation>
  </message>
  <message>
   <source>No two ends are that near.</source>
   <translation>No hay dos extremos así de cerca.</translation>
  </message>
  <message>
   <source>No two open ends are within %1 of each other.</source>
   <translation>No hay dos extremos abiertos a menos de %1.</translation>
  </message>
  <message>
   <source>No typeface on this machine has some of these characters.</source>
   <translation>Ninguna tipografía de este equipo tiene algunos de estos caracteres.</translation>
  </message>
  <message>
   <source>Nodes</source>
   <translation>Nodos</translation>
  </message>
  <message>
   <source>Nodes at the extremes</source>
   <translation>Nodos en los extremos</translation>
  </message>
  <message>
   <source>Noise becomes a hundred specks; a face falls apart where the light is flat; too many tones, and nothing is said by any of them.</source>
   <translation>El ruido se vuelve cien motas; una cara se deshace donde la luz es plana; demasiados tonos, y ninguno dice nada.</translation>
  </message>
  <message>
   <source>None</source>
   <translation>Ninguno</translation>
  </message>
  <message>
   <source>Normal</source>
   <translation>Normal</translation>
  </message>
  <message>
   <source>Not one flat colour</source>
   <translation>No es un color plano</translation>
  </message>
  <message>
   <source>Not squared to the paper any more</source>
   <translation>Ya no a escuadra con el papel</translation>
  </message>
  <message>
   <source>Nothing could be pasted: the layer is locked.</source>
   <translation>No se pudo pegar nada: la capa está bloqueada.</translation>
  </message>
  <message>
   <source>Nothing else is like it.</source>
   <translation>Nada más es igual.</translation>
  </message>
  <message>
   <source>Nothing found. Ready to deliver.</source>
   <translation>No se encontró nada. Listo para entregar.</translation>
  </message>
  <message>
   <source>Nothing in hand</source>
   <translation>Nada en mano</translation>
  </message>
  <message>
   <source>Nothing in it can be read. Trace it instead.</source>
   <translation>No se puede leer nada. Cálcala en su lugar.</translation>
  </message>
  <message>
   <source>Nothing is asked for.</source>
   <translation>No se pide nada.</translation>
  </message>
  <message>
   <source>Nothing is being traced. Ctrl+T starts with shapes, Ctrl+L with lines.</source>
   <translation>No se está calcando nada. Ctrl+T empieza con formas, Ctrl+L con líneas.</translation>
  </message>
  <message>
   <source>Nothing is called so. Try another word.</source>
   <translation>Nada se llama así. Pruebe otra palabra.</translation>
  </message>
  <message>
   <source>Nothing is called that.</source>
   <translation>Nada se llama así.</translation>
  </message>
  <message>
   <source>Nothing is followed yet. Drag along a line first.</source>
   <translation>Aún no se sigue nada. Arrastre primero por una línea.</translation>
  </message>
  <message>
   <source>Nothing is gathered. Drag through areas first.</source>
   <translation>No hay nada reunido. Arrastre primero por áreas.</translation>
  </message>
  <message>
   <source>Nothing is hidden.</source>
   <translation>No hay nada oculto.</translation>
  </message>
  <message>
   <source>Nothing is in hand.</source>
   <translation>No hay nada en mano.</translation>
  </message>
  <message>
   <source>Nothing is left at that distance.</source>
   <translation>A esa distancia no queda nada.</translation>
  </message>
  <message>
   <source>Nothing is left of it.</source>
   <translation>No queda nada de ello.</translation>
  </message>
  <message>
   <source>Nothing is left of these shapes. Ctrl+Z brings them back.</source>
   <translation>No queda nada de estas formas. Ctrl+Z las devuelve.</translation>
  </message>
  <message>
   <source>Nothing is offered now.</source>
   <translation>Ahora no se ofrece nada.</translation>
  </message>
  <message>
   <source>Nothing is painted in the working colours.</source>
   <translation>No hay nada pintado en los colores de trabajo.</translation>
  </message>
  <message>
   <source>Nothing is picked.</source>
   <translation>No hay nada elegido.</translation>
  </message>
  <message>
   <source>Nothing lies where it falls.</source>
   <translation>No hay nada donde cae.</translation>
  </message>
  <message>
   <source>Nothing on the shelf goes by these words.</source>
   <translation>Nada del estante responde a esas palabras.</translation>
  </message>
  <message>
   <source>Nothing that is picked has an open end.</source>
   <translation>Nada de lo elegido tiene un extremo abierto.</translation>
  </message>
  <message>
   <source>Nothing was found with these settings.</source>
   <translation>No se encontró nada con estos ajustes.</translation>
  </message>
  <message>
   <source>Nothing was moved, sized or turned yet.</source>
   <translation>Aún no se movió, dimensionó ni giró nada.</translation>
  </message>
  <message>
   <source>Nothing was put aside in the last %1 days.</source>
   <translation>No se apartó nada en los últimos %1 días.</translation>
  </message>
  <message>
   <source>Nothing yet.</source>
   <translation>Nada todavía.</translation>
  </message>
  <message>
   <source>Notice</source>
   <translation>Aviso</translation>
  </message>
  <message>
   <source>Now and from now on; the Colour card has it too</source>
   <translation>Ahora y en adelante; también está en la ficha Color</translation>
  </message>
  <message>
   <source>Nowhere</source>
   <translation>En ningún sitio</translation>
  </message>
  <message>
   <source>O: the other side</source>
   <translation>O: el otro lado</translation>
  </message>
  <message>
   <source>Of the finished piece</source>
   <translation>De la pieza terminada</translation>
  </message>
  <message>
   <source>Of the photo beneath, in OKLab</source>
   <translation>De la foto de debajo, en OKLab</translation>
  </message>
  <message>
   <source>Offset</source>
   <translation>Desplazar</translation>
  </message>
  <message>
   <source>Offset by</source>
   <translation>Desplazar</translation>
  </message>
  <message>
   <source>Old-style figures</source>
   <translation>Cifras de estilo antiguo</translation>
  </message>
  <message>
   <source>On %1</source>
   <translation>Sobre %1</translation>
  </message>
  <message>
   <source>On a badge</source>
   <translation>En una insignia</translation>
  </message>
  <message>
   <source>On a dark ground; light stays light</source>
   <translation>Sobre fondo oscuro; lo claro sigue claro</translation>
  </message>
  <message>
   <source>On a line</source>
   <translation>En una línea</translation>
  </message>
  <message>
   <source>On a line or a shape's outline, which they follow</source>
   <translation>En una línea o el contorno de una forma, que siguen</translation>
  </message>
  <message>
   <source>On a screen</source>
   <translation>En una pantalla</translation>
  </message>
  <message>
   <source>On a shirt</source>
   <translation>En una camiseta</translation>
  </message>
  <message>
   <source>On a straight baseline</source>
   <translation>Sobre una línea base recta</translation>
  </message>
  <message>
   <source>On an ink</source>
   <translation>Sobre una tinta</translation>
  </message>
  <message>
   <source>On paper instead of nothing</source>
   <translation>Sobre papel en vez de nada</translation>
  </message>
  <message>
   <source>On the far side</source>
   <translation>En el lado opuesto</translation>
  </message>
  <message>
   <source>On the other side</source>
   <translation>Del otro lado</translation>
  </message>
  <message>
   <source>On the sheet %1 : 1, %2</source>
   <translation>Sobre la hoja %1 : 1, %2</translation>
  </message>
  <message>
   <source>One colour of film, cut and weeded by hand.</source>
   <translation>Película de un color, cortada y pelada a mano.</translation>
  </message>
  <message>
   <source>One drawing is open at a time: %1 was opened, the others were not.</source>
   <translation>Solo se abre un dibujo a la vez: se abrió %1, los demás no.</translation>
  </message>
  <message>
   <source>One ink</source>
   <translation>Una tinta</translation>
  </message>
  <message>
   <source>One light, and everything follows it.</source>
   <translation>Una luz, y todo la sigue.</translation>
  </message>
  <message>
   <source>One more click on a picked node does the same (C)</source>
   <translation>Otro clic en un nodo elegido hace lo mismo (C)</translation>
  </message>
  <message>
   <source>One page with the mark, its variants, sizes and inks</source>
   <translation>Una página con la marca, sus variantes, tamaños y tintas</translation>
  </message>
  <message>
   <source>One step down in the order</source>
   <translation>Un paso abajo en el orden</translation>
  </message>
  <message>
   <source>One step up in the order</source>
   <translation>Un paso arriba en el orden</translation>
  </message>
  <message>
   <source>One thing is still being worked on.</source>
   <translation>Aún se trabaja en una cosa.</translation>
  </message>
  <message>
   <source>One thing, with all that is in it.</source>
   <translation>Una cosa, con todo lo que hay en ella.</translation>
  </message>
  <message>
   <source>One united shape of all letters</source>
   <translation>Una forma unida de todas las letras</translation>
  </message>
  <message>
   <source>One way</source>
   <translation>Una dirección</translation>
  </message>
  <message>
   <source>Only a part</source>
   <translation>Solo una parte</translation>
  </message>
  <message>
   <source>Only files on this computer can be brought in.</source>
   <translation>Solo se pueden traer archivos de este equipo.</translation>
  </message>
  <message>
   <source>Only moved and sized</source>
   <translation>Solo movido y dimensionado</translation>
  </message>
  <message>
   <source>Only the first %1 characters were put in.</source>
   <translation>Solo se pusieron los primeros %1 caracteres.</translation>
  </message>
  <message>
   <source>Only the reference, while held (%1; Alt+%1 only the artwork). Click to stay.</source>
   <translation>Solo la referencia mientras se mantiene (%1; Alt+%1 solo el dibujo). Un clic lo deja así.</translation>
  </message>
  <message>
   <source>Only what lies outside is seen: letters keep their shape</source>
   <translation>Solo se ve lo de fuera: las letras conservan su forma</translation>
  </message>
  <message>
   <source>Opacity</source>
   <translation>Opacidad</translation>
  </message>
  <message>
   <source>Opacity as a whole</source>
   <translation>Opacidad del conjunto</translation>
  </message>
  <message>
   <source>Opacity of fill</source>
   <translation>Opacidad del relleno</translation>
  </message>
  <message>
   <source>Opacity of stop</source>
   <translation>Opacidad de la parada</translation>
  </message>
  <message>
   <source>Opacity of the fill</source>
   <translation>Opacidad del relleno</translation>
  </message>
  <message>
   <source>Opacity of the stop</source>
   <translation>Opacidad de la parada</translation>
  </message>
  <message>
   <source>Open</source>
   <translation>Abrir</translation>
  </message>
  <message>
   <source>Open a piece of the demo…</source>
   <translation>Abrir una pieza de la demostración…</translation>
  </message>
  <message>
   <source>Open a recent piece…</source>
   <translation>Abrir una pieza reciente…</translation>
  </message>
  <message>
   <source>Open as new</source>
   <translation>Abrir como nueva</translation>
  </message>
  <message>
   <source>Open here</source>
   <translation>Abrir aquí</translation>
  </message>
  <message>
   <source>Open it</source>
   <translation>Abrirlo</translation>
  </message>
  <message>
   <source>Open line</source>
   <translation>Abrir línea</translation>
  </message>
  <message>
   <source>Open the demo</source>
   <translation>Abrir la demostración</translation>
  </message>
  <message>
   <source>Open what was put aside…</source>
   <translation>Abrir lo apartado…</translation>
  </message>
  <message>
   <source>Opened what was kept. Save it to keep it for good.</source>
   <translation>Se abrió lo guardado. Guárdelo para conservarlo.</translation>
  </message>
  <message>
   <source>Opened. Worth knowing: %1.</source>
   <translation>Abierto. Conviene saber: %1.</translation>
  </message>
  <message>
   <source>Opening %1</source>
   <translation>Abriendo %1</translation>
  </message>
  <message>
   <source>Opening what was kept</source>
   <translation>Abriendo lo guardado</translation>
  </message>
  <message>
   <source>Open…</source>
   <translation>Abrir…</translation>
  </message>
  <message>
   <source>Origin: %1. Licence: %2.</source>
   <translation>Origen: %1. Licencia: %2.</translation>
  </message>
  <message>
   <source>Other cuts for as many pieces</source>
   <translation>Otros cortes para el mismo número de piezas</translation>
  </message>
  <message>
   <source>Other places, by another seed</source>
   <translation>Otros sitios, con otra semilla</translation>
  </message>
  <message>
   <source>Other shades and directions; locked pieces stay</source>
   <translation>Otros tonos y direcciones; las piezas bloqueadas quedan</translation>
  </message>
  <message>
   <source>Other side</source>
   <translation>Otro lado</translation>
  </message>
  <message>
   <source>Other ways it will be seen</source>
   <translation>Otras formas en que se verá</translation>
  </message>
  <message>
   <source>Other work is under way.</source>
   <translation>Hay otro trabajo en curso.</translation>
  </message>
  <message>
   <source>Outline</source>
   <translation>Contorno</translation>
  </message>
  <message>
   <source>Outlines and lines at one weight</source>
   <translation>Contornos y líneas de un solo grosor</translation>
  </message>
  <message>
   <source>Over</source>
   <translation>Encima</translation>
  </message>
  <message>
   <source>Over all of the lowest shape</source>
   <translation>Sobre toda la forma inferior</translation>
  </message>
  <message>
   <source>Overlap</source>
   <translation>Solape</translation>
  </message>
  <message>
   <source>Overlay</source>
   <translation>Sobreponer</translation>
  </message>
  <message>
   <source>Own</source>
   <translation>Propio</translation>
  </message>
  <message>
   <source>PNG (*.png)</source>
   <translation>PNG (*.png)</translation>
  </message>
  <message>
   <source>PNG widths</source>
   <translation>Anchos de PNG</translation>
  </message>
  <message>
   <source>Page %1</source>
   <translation>Página %1</translation>
  </message>
  <message>
   <source>Page %2 of %1 cannot be drawn.</source>
   <translation>No se puede dibujar la página %2 de %1.</translation>
  </message>
  <message>
   <source>Pages of %1</source>
   <translation>Páginas de %1</translation>
  </message>
  <message>
   <source>Paint</source>
   <translation>Pintura</translation>
  </message>
  <message>
   <source>Paint %1</source>
   <translation>Pintar %1</translation>
  </message>
  <message>
   <source>Paint of a tone</source>
   <translation>Pintura de un tono</translation>
  </message>
  <message>
   <source>Paints the drawing too</source>
   <translation>También pinta el dibujo</translation>
  </message>
  <message>
   <source>Pairs of letters stand as near as the typeface asks</source>
   <translation>Los pares de letras quedan tan cerca como pide la tipografía</translation>
  </message>
  <message>
   <source>Pale, grainy lines, several passes</source>
   <translation>Líneas pálidas y granuladas, varias pasadas</translation>
  </message>
  <message>
   <source>Palette</source>
   <translation>Paleta</translation>
  </message>
  <message>
   <source>Palette %1</source>
   <translation>Paleta %1</translation>
  </message>
  <message>
   <source>Palettes (*.css *.json);;All files (*)</source>
   <translation>Paletas (*.css *.json);;Todos los archivos (*)</translation>
  </message>
  <message>
   <source>Palettes to begin with; point at one to see the drawing in it</source>
   <translation>Paletas para empezar; señala una para ver el dibujo en ella</translation>
  </message>
  <message>
   <source>Paper</source>
   <translation>Papel</translation>
  </message>
  <message>
   <source>Paper flag</source>
   <translation>Bandera de papel</translation>
  </message>
  <message>
   <source>Paper lantern</source>
   <translation>Farol de papel</translation>
  </message>
  <message>
   <source>Paper lantern at night</source>
   <translation>Farol de papel de noche</translation>
  </message>
  <message>
   <source>Paper's corners</source>
   <translation>Esquinas del papel</translation>
  </message>
  <message>
   <source>Part</source>
   <translation>Parte</translation>
  </message>
  <message>
   <source>Parts</source>
   <translation>Piezas sueltas</translation>
  </message>
  <message>
   <source>Parts that come with the program stay.</source>
   <translation>Las piezas sueltas que vienen con el programa se quedan.</translation>
  </message>
  <message>
   <source>Passes that become one line</source>
   <translation>Pasadas que se vuelven una línea</translation>
  </message>
  <message>
   <source>Paste</source>
   <translation>Pegar</translation>
  </message>
  <message>
   <source>Paste where it was</source>
   <translation>Pegar donde estaba</translation>
  </message>
  <message>
   <source>Pasted picture</source>
   <translation>Imagen pegada</translation>
  </message>
  <message>
   <source>Patch</source>
   <translation>Parche</translation>
  </message>
  <message>
   <source>Patch drawn anew</source>
   <translation>Parche dibujado de nuevo</translation>
  </message>
  <message>
   <source>Patch strength</source>
   <translation>Fuerza del parche</translation>
  </message>
  <message>
   <source>Peat</source>
   <translation>Turba</translation>
  </message>
  <message>
   <source>Peek</source>
   <translation>Ojear</translation>
  </message>
  <message>
   <source>Peek: only the reference, while held (Alt: only the artwork)</source>
   <translation>Ojear: solo la referencia, mientras se mantiene (Alt: solo la obra)</translation>
  </message>
  <message>
   <source>Pen</source>
   <translation>Pluma</translation>
  </message>
  <message>
   <source>Pen %1</source>
   <translation>Lápiz %1</translation>
  </message>
  <message>
   <source>Pen shade</source>
   <translation>Sombra a pluma</translation>
  </message>
  <message>
   <source>Pencil</source>
   <translation>Lápiz</translation>
  </message>
  <message>
   <source>Petal edge</source>
   <translation>Borde de pétalo</translation>
  </message>
  <message>
   <source>Pewter</source>
   <translation>Peltre</translation>
  </message>
  <message>
   <source>Pick</source>
   <translation>Elegir</translation>
  </message>
  <message>
   <source>Pick a closed outline first.</source>
   <translation>Elija primero un contorno cerrado.</translation>
  </message>
  <message>
   <source>Pick a closed outline, or bring in a picture.</source>
   <translation>Elija un contorno cerrado o traiga una imagen.</translation>
  </message>
  <message>
   <source>Pick a closed shape and what is to go into it; the shape lies lowest.</source>
   <translation>Elige una forma cerrada y lo que irá dentro; la forma queda abajo.</translation>
  </message>
  <message>
   <source>Pick a live shape with what it is to take in.</source>
   <translation>Elige una forma viva junto con lo que debe acoger.</translation>
  </message>
  <message>
   <source>Pick a part on the sheet first.</source>
   <translation>Elige antes una pieza suelta en la hoja.</translation>
  </message>
  <message>
   <source>Pick a row, press a key in the field below, and give it.</source>
   <translation>Elija una fila, pulse una tecla en el campo de abajo y désela.</translation>
  </message>
  <message>
   <source>Pick a shape and take it as the mark first, on the card.</source>
   <translation>Primero elige una forma y tómala como marca, en la ficha.</translation>
  </message>
  <message>
   <source>Pick all painted with it</source>
   <translation>Elegir todo lo pintado con ella</translation>
  </message>
  <message>
   <source>Pick all that wear it</source>
   <translation>Elegir todo lo que lo lleva</translation>
  </message>
  <message>
   <source>Pick all that wear this look</source>
   <translation>Elegir todo lo que lleva este aspecto</translation>
  </message>
  <message>
   <source>Pick all with the same fill</source>
   <translation>Elegir todo con el mismo relleno</translation>
  </message>
  <message>
   <source>Pick all with the same line colour</source>
   <translation>Elegir todo con el mismo color de línea</translation>
  </message>
  <message>
   <source>Pick all with the same weight</source>
   <translation>Elegir todo con el mismo grosor</translation>
  </message>
  <message>
   <source>Pick an area first: strokes are cut off along its border and stay in it.</source>
   <translation>Elige antes un área: los trazos se cortan en su borde y quedan dentro.</translation>
  </message>
  <message>
   <source>Pick everything</source>
   <translation>Elegir todo</translation>
  </message>
  <message>
   <source>Pick one area or several first.</source>
   <translation>Elige antes una o varias áreas.</translation>
  </message>
  <message>
   <source>Pick one part on the sheet first.</source>
   <translation>Elige antes una sola pieza suelta en la hoja.</translation>
  </message>
  <message>
   <source>Pick one part that was kept whole.</source>
   <translation>Elige una parte conservada entera.</translation>
  </message>
  <message>
   <source>Pick one shape first.</source>
   <translation>Elige antes una forma.</translation>
  </message>
  <message>
   <source>Pick one straight line first.</source>
   <translation>Elija primero una línea recta.</translation>
  </message>
  <message>
   <source>Pick the next thing</source>
   <translation>Elegir la cosa siguiente</translation>
  </message>
  <message>
   <source>Pick the one before</source>
   <translation>Elegir la anterior</translation>
  </message>
  <message>
   <source>Pick two or more shapes first.</source>
   <translation>Elija primero dos o más formas.</translation>
  </message>
  <message>
   <source>Pick under the pointer</source>
   <translation>Elegir bajo el puntero</translation>
  </message>
  <message>
   <source>Pick what goes inside, and the area or group it goes into.</source>
   <translation>Elija lo que va dentro y el área o grupo en que entra.</translation>
  </message>
  <message>
   <source>Pick what is to be kept first.</source>
   <translation>Elige antes lo que se va a guardar.</translation>
  </message>
  <message>
   <source>Pick what is to be repeated first.</source>
   <translation>Elige primero lo que se va a repetir.</translation>
  </message>
  <message>
   <source>Pick words first.</source>
   <translation>Elige antes palabras.</translation>
  </message>
  <message>
   <source>Picked node at %1, %2</source>
   <translation>Nodo elegido en %1, %2</translation>
  </message>
  <message>
   <source>Picks the shade</source>
   <translation>Elige la sombra</translation>
  </message>
  <message>
   <source>Picture</source>
   <translation>Imagen</translation>
  </message>
  <message>
   <source>Picture shelf</source>
   <translation>Estante de imágenes</translation>
  </message>
  <message>
   <source>Picture shelf…</source>
   <translation>Estante de imágenes…</translation>
  </message>
  <message>
   <source>Picture sizes</source>
   <translation>Tamaños de imagen</translation>
  </message>
  <message>
   <source>Pictures</source>
   <translation>Imágenes</translation>
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.gif *.pdf);;All files (*)</source>
   <translation>Imágenes (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.gif *.pdf);;Todos los archivos (*)</translation>
  </message>
  <message>
   <source>Pictures and pages have a ground</source>
   <translation>Imágenes y páginas tienen fondo</translation>
  </message>
  <message>
   <source>Pictures of a few sizes on screens.</source>
   <translation>Imágenes de pocos tamaños en pantallas.</translation>
  </message>
  <message>
   <source>Piece %1</source>
   <translation>Pieza %1</translation>
  </message>
  <message>
   <source>Pieces</source>
   <translation>Piezas</translation>
  </message>
  <message>
   <source>Pieces of the demo</source>
   <translation>Piezas de la demostración</translation>
  </message>
  <message>
   <source>Pieces, about</source>
   <translation>Piezas, unas</translation>
  </message>
  <message>
   <source>Pip</source>
   <translation>Pepita</translation>
  </message>
  <message>
   <source>Place</source>
   <translation>Colocar</translation>
  </message>
  <message>
   <source>Place along</source>
   <translation>Lugar a lo largo</translation>
  </message>
  <message>
   <source>Place: put the sketch on the sheet</source>
   <translation>Colocar: poner el boceto en la hoja</translation>
  </message>
  <message>
   <source>Plain shapes from now on</source>
   <translation>Formas simples desde ahora</translation>
  </message>
  <message>
   <source>Plain shapes that no longer follow the lines</source>
   <translation>Formas simples que ya no siguen a las líneas</translation>
  </message>
  <message>
   <source>Plays the act in a window of its own, on a copy of the demo</source>
   <translation>Muestra el acto en una ventana aparte, sobre una copia de la demo</translation>
  </message>
  <message>
   <source>Plum</source>
   <translation>Ciruela</translation>
  </message>
  <message>
   <source>Plum stall</source>
   <translation>Puesto de ciruelas</translation>
  </message>
  <message>
   <source>Pointed</source>
   <translation>Puntiagudo</translation>
  </message>
  <message>
   <source>Pollen</source>
   <translation>Polen</translation>
  </message>
  <message>
   <source>Polygon</source>
   <translation>Polígono</translation>
  </message>
  <message>
   <source>Poppy</source>
   <translation>Amapola</translation>
  </message>
  <message>
   <source>Poppy paper</source>
   <translation>Papel de amapola</translation>
  </message>
  <message>
   <source>Press on what casts the shade, and drag it to where it falls.</source>
   <translation>Pulsa sobre lo que arroja la sombra y arrástrala adonde cae.</translation>
  </message>
  <message>
   <source>Press the new key for "%1".</source>
   <translation>Pulse la tecla nueva para «%1».</translation>
  </message>
  <message>
   <source>Pressure curve</source>
   <translation>Curva de presión</translation>
  </message>
  <message>
   <source>Process</source>
   <translation>Proceso</translation>
  </message>
  <message>
   <source>Process cards</source>
   <translation>Fichas de proceso</translation>
  </message>
  <message>
   <source>Process cards…</source>
   <translation>Fichas de proceso…</translation>
  </message>
  <message>
   <source>Proof</source>
   <translation>Prueba</translation>
  </message>
  <message>
   <source>Proof shelf</source>
   <translation>Repisa de prueba</translation>
  </message>
  <message>
   <source>Proof: see it as it will be, and deliver</source>
   <translation>Probar: verlo como será, y entregar</translation>
  </message>
  <message>
   <source>Propose cuts</source>
   <translation>Proponer cortes</translation>
  </message>
  <message>
   <source>Proposes straight cuts from corner to corner</source>
   <translation>Propone cortes rectos de esquina a esquina</translation>
  </message>
  <message>
   <source>Push edge</source>
   <translation>Empujar borde</translation>
  </message>
  <message>
   <source>Put %1</source>
   <translation>Poner %1</translation>
  </message>
  <message>
   <source>Put aside</source>
   <translation>Apartado</translation>
  </message>
  <message>
   <source>Put inside</source>
   <translation>Meter dentro</translation>
  </message>
  <message>
   <source>Put inside the lowest of what is picked</source>
   <translation>Meter dentro de lo más bajo de lo elegido</translation>
  </message>
  <message>
   <source>Put it aside</source>
   <translation>Apartarlo</translation>
  </message>
  <message>
   <source>Put it on</source>
   <translation>Ponerla en</translation>
  </message>
  <message>
   <source>Put on the sheet</source>
   <translation>Poner en la hoja</translation>
  </message>
  <message>
   <source>Put the ink in hand in its place</source>
   <translation>Poner la tinta en mano en su lugar</translation>
  </message>
  <message>
   <source>Quit</source>
   <translation>Salir</translation>
  </message>
  <message>
   <source>Radius</source>
   <translation>Radio</translation>
  </message>
  <message>
   <source>Rain</source>
   <translation>Lluvia</translation>
  </message>
  <message>
   <source>Raise the slack on the card until the line calms down: the picture of how far off it is (E) tells what that costs. Redraw a part over the line instead of moving its nodes one by one. Every open end wears a ring; a click on it goes on from there.</source>
   <translation>Suba la holgura en la ficha hasta que la línea se calme: la imagen de cuánto se aparta (E) dice lo que cuesta. Redibuje una parte sobre la línea en vez de mover sus nodos uno por uno. Cada extremo abierto lleva un anillo; un clic en él sigue desde ahí.</translation>
  </message>
  <message>
   <source>Raspberry</source>
   <translation>Frambuesa</translation>
  </message>
  <message>
   <source>Reach of the fall</source>
   <translation>Alcance de la caída</translation>
  </message>
  <message>
   <source>Reading %1</source>
   <translation>Leyendo %1</translation>
  </message>
  <message>
   <source>Reading %1 pictures</source>
   <translation>Leyendo %1 imágenes</translation>
  </message>
  <message>
   <source>Readings</source>
   <translation>Lecturas</translation>
  </message>
  <message>
   <source>Real width</source>
   <translation>Ancho real</translation>
  </message>
  <message>
   <source>Recent pieces</source>
   <translation>Piezas recientes</translation>
  </message>
  <message>
   <source>Recorded strokes</source>
   <translation>Trazos grabados</translation>
  </message>
  <message>
   <source>Rectangle</source>
   <translation>Rectángulo</translation>
  </message>
  <message>
   <source>Red mushroom</source>
   <translation>Seta roja</translation>
  </message>
  <message>
   <source>Redo</source>
   <translation>Rehacer</translation>
  </message>
  <message>
   <source>Redraw</source>
   <translation>Redibujar</translation>
  </message>
  <message>
   <source>Redrawn: %1 nodes; %2. Ctrl+Z brings the old part back.</source>
   <translation>Redibujado: %1 nodos; %2. Ctrl+Z devuelve la parte anterior.</translation>
  </message>
  <message>
   <source>Reduce</source>
   <translation>Reducir</translation>
  </message>
  <message>
   <source>Reference and artwork side by side, moving together</source>
   <translation>Referencia y obra lado a lado, moviéndose juntas</translation>
  </message>
  <message>
   <source>Regular, with as many sides as set below</source>
   <translation>Regular, con tantos lados como se fija abajo</translation>
  </message>
  <message>
   <source>Remove</source>
   <translation>Quitar</translation>
  </message>
  <message>
   <source>Remove fill</source>
   <translation>Quitar relleno</translation>
  </message>
  <message>
   <source>Remove node</source>
   <translation>Quitar nodo</translation>
  </message>
  <message>
   <source>Remove nodes</source>
   <translation>Quitar nodos</translation>
  </message>
  <message>
   <source>Remove stage</source>
   <translation>Quitar etapa</translation>
  </message>
  <message numerus="yes">
   <source>Removed %n nodes. Ctrl+Z brings them back.</source>
   <translation>
    <numerusform>%n nodo quitado. Ctrl+Z lo devuelve.</numerusform>
    <numerusform>%n nodos quitados. Ctrl+Z los devuelve.</numerusform>
   </translation>
  </message>
  <message>
   <source>Removed; it is kept in the folder of parts, under earlier.</source>
   <translation>Quitada; queda en la carpeta de piezas sueltas, en earlier.</translation>
  </message>
  <message>
   <source>Rename</source>
   <translation>Renombrar</translation>
  </message>
  <message>
   <source>Rename ink</source>
   <translation>Renombrar tinta</translation>
  </message>
  <message>
   <source>Rename layer</source>
   <translation>Renombrar capa</translation>
  </message>
  <message>
   <source>Rename look</source>
   <translation>Renombrar aspecto</translation>
  </message>
  <message>
   <source>Repeat</source>
   <translation>Repetición</translation>
  </message>
  <message>
   <source>Replace ink</source>
   <translation>Reemplazar tinta</translation>
  </message>
  <message>
   <source>Reversed</source>
   <translation>Invertido</translation>
  </message>
  <message>
   <source>Right</source>
   <translation>Derecha</translation>
  </message>
  <message>
   <source>Right sides in one line</source>
   <translation>Lados derechos en una línea</translation>
  </message>
  <message>
   <source>Rim</source>
   <translation>Ribete</translation>
  </message>
  <message>
   <source>Roofs</source>
   <translation>Tejados</translation>
  </message>
  <message>
   <source>Rope</source>
   <translation>Cuerda</translation>
  </message>
  <message>
   <source>Rope line</source>
   <translation>Línea de cuerda</translation>
  </message>
  <message>
   <source>Rope: %1 nodes, %2 off at most.</source>
   <translation>Cuerda: %1 nodos, se aparta %2 como mucho.</translation>
  </message>
  <message>
   <source>Round</source>
   <translation>Redondo</translation>
  </message>
  <message>
   <source>Round a centre</source>
   <translation>Alrededor de un centro</translation>
  </message>
  <message>
   <source>Round all corners</source>
   <translation>Redondear todas las esquinas</translation>
  </message>
  <message>
   <source>Round badge</source>
   <translation>Chapa redonda</translation>
  </message>
  <message>
   <source>Round corners</source>
   <translation>Redondear esquinas</translation>
  </message>
  <message>
   <source>Round ends</source>
   <translation>Extremos redondos</translation>
  </message>
  <message>
   <source>Round frame</source>
   <translation>Marco redondo</translation>
  </message>
  <message>
   <source>Round guide</source>
   <translation>Guía redonda</translation>
  </message>
  <message>
   <source>Round marks</source>
   <translation>Marcas redondas</translation>
  </message>
  <message>
   <source>Round picked corners</source>
   <translation>Redondear esquinas elegidas</translation>
  </message>
  <message>
   <source>Round teapot</source>
   <translation>Tetera redonda</translation>
  </message>
  <message>
   <source>Rows</source>
   <translation>Filas</translation>
  </message>
  <message>
   <source>Ruler</source>
   <translation>Regla</translation>
  </message>
  <message>
   <source>SVG with words</source>
   <translation>SVG con palabras</translation>
  </message>
  <message>
   <source>SVG, PDF or PNG</source>
   <translation>SVG, PDF o PNG</translation>
  </message>
  <message>
   <source>SVG, clean</source>
   <translation>SVG, limpio</translation>
  </message>
  <message>
   <source>Sail</source>
   <translation>Vela</translation>
  </message>
  <message>
   <source>Salt</source>
   <translation>Sal</translation>
  </message>
  <message>
   <source>Salt and tin</source>
   <translation>Sal y estaño</translation>
  </message>
  <message>
   <source>Saltglass jar</source>
   <translation>Tarro de vidrio salino</translation>
  </message>
  <message>
   <source>Saturation</source>
   <translation>Saturación</translation>
  </message>
  <message>
   <source>Save</source>
   <translation>Guardar</translation>
  </message>
  <message>
   <source>Save as CSS custom properties…</source>
   <translation>Guardar como propiedades CSS…</translation>
  </message>
  <message>
   <source>Save as design tokens (JSON)…</source>
   <translation>Guardar como tokens de diseño (JSON)…</translation>
  </message>
  <message>
   <source>Save as…</source>
   <translation>Guardar como…</translation>
  </message>
  <message>
   <source>Save inks as CSS custom properties…</source>
   <translation>Guardar tintas como propiedades CSS…</translation>
  </message>
  <message>
   <source>Save inks as design tokens…</source>
   <translation>Guardar tintas como tokens de diseño…</translation>
  </message>
  <message>
   <source>Save over it</source>
   <translation>Sobrescribir</translation>
  </message>
  <message>
   <source>Saved %1.</source>
   <translation>Se guardó %1.</translation>
  </message>
  <message>
   <source>Saved the inks as %1.</source>
   <translation>Tintas guardadas como %1.</translation>
  </message>
  <message>
   <source>Scallop shell</source>
   <translation>Concha de vieira</translation>
  </message>
  <message>
   <source>Scan a page</source>
   <translation>Escanear una página</translation>
  </message>
  <message>
   <source>Scan a page: %1, %2 dpi</source>
   <translation>Escanear una página: %1, %2 ppp</translation>
  </message>
  <message>
   <source>Scanning %1</source>
   <translation>Escaneando %1</translation>
  </message>
  <message>
   <source>Scans are crooked, grey and darker at one side; photos of a page lean backwards. Traced so, every straight leans and shadows become shapes.</source>
   <translation>Los escaneos salen torcidos, grises y más oscuros de un lado; las fotos de una página se inclinan hacia atrás. Trazado así, toda recta se tuerce y las sombras se vuelven formas.</translation>
  </message>
  <message>
   <source>Scatter</source>
   <translation>Esparcir</translation>
  </message>
  <message>
   <source>Scatter in the picked areas</source>
   <translation>Esparcir en las áreas elegidas</translation>
  </message>
  <message>
   <source>Scatter is made of this shape</source>
   <translation>Se esparce esta forma</translation>
  </message>
  <message>
   <source>Scatter is made of this shape now.</source>
   <translation>Ahora se esparce esta forma.</translation>
  </message>
  <message>
   <source>Screen</source>
   <translation>Multiplicar inverso</translation>
  </message>
  <message>
   <source>Screen print on a shirt</source>
   <translation>Serigrafía en camiseta</translation>
  </message>
  <message>
   <source>Sea glass</source>
   <translation>Vidrio de mar</translation>
  </message>
  <message>
   <source>Search by name or tag</source>
   <translation>Buscar por nombre o etiqueta</translation>
  </message>
  <message>
   <source>Search the keys</source>
   <translation>Buscar en las teclas</translation>
  </message>
  <message>
   <source>Search the parts</source>
   <translation>Buscar piezas sueltas</translation>
  </message>
  <message>
   <source>Search the shelf</source>
   <translation>Buscar en el estante</translation>
  </message>
  <message>
   <source>Search typefaces</source>
   <translation>Buscar tipografías</translation>
  </message>
  <message>
   <source>Search: a name, or a key</source>
   <translation>Buscar: un nombre o una tecla</translation>
  </message>
  <message>
   <source>Search: lantern, round, night …</source>
   <translation>Buscar: farol, redondo, noche…</translation>
  </message>
  <message>
   <source>Seaweed</source>
   <translation>Alga</translation>
  </message>
  <message>
   <source>See it large: the next way</source>
   <translation>Ver en grande: la forma siguiente</translation>
  </message>
  <message>
   <source>Seed</source>
   <translation>Semilla</translation>
  </message>
  <message>
   <source>Seen</source>
   <translation>Visto</translation>
  </message>
  <message>
   <source>Separate the picture into tones</source>
   <translation>Separar la imagen en tonos</translation>
  </message>
  <message>
   <source>Separate tones</source>
   <translation>Separar tonos</translation>
  </message>
  <message>
   <source>Set</source>
   <translation>Fijar</translation>
  </message>
  <message>
   <source>Set colour drops</source>
   <translation>Fijar gotas de color</translation>
  </message>
  <message>
   <source>Set drops</source>
   <translation>Fijar gotas</translation>
  </message>
  <message>
   <source>Set live shapes</source>
   <translation>Fijar formas vivas</translation>
  </message>
  <message>
   <source>Set shape</source>
   <translation>Fijar forma</translation>
  </message>
  <message>
   <source>Set where the light comes from. Drag an edge light or a core shade in an area: it lies inside it and never spills. Scatter gives grain and dots; one thing casts its shade on another.</source>
   <translation>Fije de dónde viene la luz. Arrastre una luz de borde o una sombra propia en un área: queda dentro y nunca se sale. La dispersión da grano y puntos; una cosa proyecta su sombra sobre otra.</translation>
  </message>
  <message>
   <source>Set. The stack is kept.</source>
   <translation>Fijado. La pila se conserva.</translation>
  </message>
  <message>
   <source>Set: plain shapes from now on</source>
   <translation>Fijado: formas simples de ahora en adelante</translation>
  </message>
  <message>
   <source>Several things</source>
   <translation>Varias cosas</translation>
  </message>
  <message>
   <source>Shade</source>
   <translation>Sombra</translation>
  </message>
  <message>
   <source>Shade against the light</source>
   <translation>Sombra contra la luz</translation>
  </message>
  <message>
   <source>Shade facet</source>
   <translation>Matizar faceta</translation>
  </message>
  <message>
   <source>Shade: one light for the whole drawing</source>
   <translation>Sombra: una luz para todo el dibujo</translation>
  </message>
  <message>
   <source>Shadow</source>
   <translation>Sombra</translation>
  </message>
  <message>
   <source>Shape</source>
   <translation>Forma</translation>
  </message>
  <message>
   <source>Shapes</source>
   <translation>Formas</translation>
  </message>
  <message>
   <source>Sharp</source>
   <translation>Viva</translation>
  </message>
  <message>
   <source>Sharp corners whose tip would be longer than so many widths are bevelled</source>
   <translation>Las esquinas agudas cuya punta sería más larga que tantos anchos se biselan</translation>
  </message>
  <message>
   <source>Sheet</source>
   <translation>Hoja</translation>
  </message>
  <message>
   <source>Sheet height</source>
   <translation>Alto de la hoja</translation>
  </message>
  <message>
   <source>Sheet size</source>
   <translation>Tamaño de la hoja</translation>
  </message>
  <message>
   <source>Sheet unit</source>
   <translation>Unidad de la hoja</translation>
  </message>
  <message>
   <source>Sheet width</source>
   <translation>Ancho de la hoja</translation>
  </message>
  <message>
   <source>Shelf of palettes</source>
   <translation>Estante de paletas</translation>
  </message>
  <message>
   <source>Shield</source>
   <translation>Escudo</translation>
  </message>
  <message>
   <source>Shift adds this colour</source>
   <translation>Mayús añade este color</translation>
  </message>
  <message>
   <source>Shift held</source>
   <translation>Mayús pulsada</translation>
  </message>
  <message>
   <source>Shirt front</source>
   <translation>Frente de camiseta</translation>
  </message>
  <message>
   <source>Shop window</source>
   <translation>Escaparate</translation>
  </message>
  <message>
   <source>Short strokes, along the light</source>
   <translation>Trazos cortos, según la luz</translation>
  </message>
  <message>
   <source>Shortest line</source>
   <translation>Línea más corta</translation>
  </message>
  <message>
   <source>Show</source>
   <translation>Mostrar</translation>
  </message>
  <message>
   <source>Show everything</source>
   <translation>Mostrar todo</translation>
  </message>
  <message>
   <source>Show everything that is hidden</source>
   <translation>Mostrar todo lo oculto</translation>
  </message>
  <message>
   <source>Show layer</source>
   <translation>Mostrar capa</translation>
  </message>
  <message>
   <source>Show leak</source>
   <translation>Mostrar fuga</translation>
  </message>
  <message>
   <source>Show me</source>
   <translation>Mostrármelo</translation>
  </message>
  <message>
   <source>Show next</source>
   <translation>Mostrar siguiente</translation>
  </message>
  <message>
   <source>Show the areas, or hide them</source>
   <translation>Mostrar las áreas u ocultarlas</translation>
  </message>
  <message>
   <source>Show the next gap or sliver</source>
   <translation>Mostrar el siguiente hueco o astilla</translation>
  </message>
  <message>
   <source>Show the next leak of a colour drop</source>
   <translation>Mostrar la siguiente fuga de una gota</translation>
  </message>
  <message>
   <source>Show what ignores the light</source>
   <translation>Mostrar lo que ignora la luz</translation>
  </message>
  <message>
   <source>Show what is picked in the layer list</source>
   <translation>Mostrar lo elegido en la lista de capas</translation>
  </message>
  <message>
   <source>Show whole picture</source>
   <translation>Mostrar la imagen entera</translation>
  </message>
  <message>
   <source>Shown on a copy of the demo. Nothing of yours is changed.</source>
   <translation>Mostrado sobre una copia de la demo. Nada suyo cambia.</translation>
  </message>
  <message>
   <source>Shown on the sheet first; nothing changes until you take it.</source>
   <translation>Primero se muestra en la hoja; nada cambia hasta que lo tome.</translation>
  </message>
  <message>
   <source>Shows at</source>
   <translation>Se muestra al</translation>
  </message>
  <message>
   <source>Shows it on the sheet</source>
   <translation>Lo muestra en la hoja</translation>
  </message>
  <message>
   <source>Shows or hides it</source>
   <translation>La muestra u oculta</translation>
  </message>
  <message>
   <source>Shuffle</source>
   <translation>Barajar</translation>
  </message>
  <message>
   <source>Shuffle facets</source>
   <translation>Barajar facetas</translation>
  </message>
  <message>
   <source>Side</source>
   <translation>Lado</translation>
  </message>
  <message>
   <source>Sides</source>
   <translation>Lados</translation>
  </message>
  <message>
   <source>Sides of square pictures, px, by spaces; empty = none</source>
   <translation>Lados de imágenes cuadradas, px, separados por espacios; vacío = ninguna</translation>
  </message>
  <message>
   <source>Signal blue</source>
   <translation>Azul de señales</translation>
  </message>
  <message>
   <source>Signal red</source>
   <translation>Rojo de señales</translation>
  </message>
  <message>
   <source>Signal yellow</source>
   <translation>Amarillo de señales</translation>
  </message>
  <message>
   <source>Sixteen tones</source>
   <translation>Dieciséis tonos</translation>
  </message>
  <message>
   <source>Size</source>
   <translation>Tamaño</translation>
  </message>
  <message>
   <source>Size picture</source>
   <translation>Tamaño de imagen</translation>
  </message>
  <message>
   <source>Sizes</source>
   <translation>Tamaños</translation>
  </message>
  <message>
   <source>Sizes of the sheet in %1</source>
   <translation>Tamaños de la hoja en %1</translation>
  </message>
  <message>
   <source>Skin</source>
   <translation>Piel</translation>
  </message>
  <message>
   <source>Slack</source>
   <translation>Holgura</translation>
  </message>
  <message>
   <source>Slack is in screen px here: zoom in to draw finer.</source>
   <translation>La holgura va en px de pantalla: acérquese para dibujar más fino.</translation>
  </message>
  <message>
   <source>Slack of borders</source>
   <translation>Holgura de los bordes</translation>
  </message>
  <message>
   <source>Slack of the borders</source>
   <translation>Holgura de los bordes</translation>
  </message>
  <message>
   <source>Slack: how far it may stray</source>
   <translation>Holgura: cuánto puede apartarse</translation>
  </message>
  <message>
   <source>Slate</source>
   <translation>Pizarra</translation>
  </message>
  <message>
   <source>Slip</source>
   <translation>Engobe</translation>
  </message>
  <message>
   <source>Sliver %1, joined</source>
   <translation>Astilla %1, unida</translation>
  </message>
  <message>
   <source>Sliver %1, kept</source>
   <translation>Astilla %1, conservada</translation>
  </message>
  <message>
   <source>Sliver of ground, %1 wide</source>
   <translation>Rendija de fondo, %1 de ancho</translation>
  </message>
  <message>
   <source>Small capitals</source>
   <translation>Versalitas</translation>
  </message>
  <message>
   <source>Small uneven grains</source>
   <translation>Granos pequeños desiguales</translation>
  </message>
  <message>
   <source>Smallest</source>
   <translation>Menor</translation>
  </message>
  <message>
   <source>Smallest area</source>
   <translation>Área más pequeña</translation>
  </message>
  <message>
   <source>Smallest gap</source>
   <translation>Hueco más pequeño</translation>
  </message>
  <message>
   <source>Smallest hole</source>
   <translation>Agujero más pequeño</translation>
  </message>
  <message>
   <source>Smallest letters</source>
   <translation>Letras mínimas</translation>
  </message>
  <message>
   <source>Smallest piece</source>
   <translation>Pieza más pequeña</translation>
  </message>
  <message>
   <source>Smallest speck</source>
   <translation>Mota más pequeña</translation>
  </message>
  <message>
   <source>Smooth</source>
   <translation>Suave</translation>
  </message>
  <message>
   <source>Smoothing</source>
   <translation>Suavizado</translation>
  </message>
  <message>
   <source>Snap to lines and guides</source>
   <translation>Ajustar a líneas y guías</translation>
  </message>
  <message>
   <source>Snapping is off.</source>
   <translation>El ajuste está apagado.</translation>
  </message>
  <message>
   <source>Snapping is on.</source>
   <translation>El ajuste está encendido.</translation>
  </message>
  <message>
   <source>Snapping on or off</source>
   <translation>Ajuste encendido o apagado</translation>
  </message>
  <message>
   <source>Soft Rope %1
Clean vector artwork from sketches and reference pictures.

Free software under the GNU General Public Licence, version 3 or later.</source>
   <translation>Soft Rope %1
Arte vectorial limpio a partir de bocetos y fotos de referencia.

Software libre bajo la Licencia Pública General de GNU, versión 3 o posterior.</translation>
  </message>
  <message>
   <source>Soft Rope drawing (*.svg)</source>
   <translation>Dibujo de Soft Rope (*.svg)</translation>
  </message>
  <message>
   <source>Soft edge</source>
   <translation>Borde suave</translation>
  </message>
  <message>
   <source>Soft light</source>
   <translation>Luz suave</translation>
  </message>
  <message>
   <source>Soot</source>
   <translation>Hollín</translation>
  </message>
  <message>
   <source>Space held</source>
   <translation>Espacio pulsado</translation>
  </message>
  <message>
   <source>Spacing</source>
   <translation>Separación</translation>
  </message>
  <message>
   <source>Spiral position</source>
   <translation>Posición de la espiral</translation>
  </message>
  <message>
   <source>Split</source>
   <translation>Dividir</translation>
  </message>
  <message>
   <source>Split apart</source>
   <translation>Dividir en partes</translation>
  </message>
  <message>
   <source>Split colour</source>
   <translation>Dividir color</translation>
  </message>
  <message>
   <source>Split into %1 shapes. Ctrl+Z puts them together.</source>
   <translation>Dividido en %1 formas. Ctrl+Z las junta.</translation>
  </message>
  <message>
   <source>Split piece</source>
   <translation>Dividir pieza</translation>
  </message>
  <message>
   <source>Spot inks through a mesh onto cloth.</source>
   <translation>Tintas planas a través de una malla sobre tela.</translation>
  </message>
  <message>
   <source>Spread over</source>
   <translation>Repartido en</translation>
  </message>
  <message>
   <source>Spun sugar</source>
   <translation>Algodón de azúcar</translation>
  </message>
  <message>
   <source>Square</source>
   <translation>Cuadrado</translation>
  </message>
  <message>
   <source>Square ends, half the width beyond</source>
   <translation>Extremos cuadrados, medio ancho más allá</translation>
  </message>
  <message>
   <source>Square frame</source>
   <translation>Marco cuadrado</translation>
  </message>
  <message>
   <source>Square to the paper</source>
   <translation>A escuadra con el papel</translation>
  </message>
  <message>
   <source>Square to the paper, light evened, paper white: in one act</source>
   <translation>A escuadra con el papel, luz igualada, papel blanco: en un solo acto</translation>
  </message>
  <message>
   <source>Squint</source>
   <translation>Entornar</translation>
  </message>
  <message>
   <source>Squint (hold Q) shows whether light and dark still read. The leak is marked where it runs out. Paint with inks and their tints only: the list tells what is painted with none.</source>
   <translation>Entornar (mantenga Q) muestra si claro y oscuro aún se leen. La fuga se marca donde se sale. Pinte solo con tintas y sus matices: la lista dice lo que no lleva ninguna.</translation>
  </message>
  <message>
   <source>Squint: blurred, while held</source>
   <translation>Entornar: borroso, mientras se mantiene</translation>
  </message>
  <message>
   <source>Stage</source>
   <translation>Etapa</translation>
  </message>
  <message>
   <source>Stage %1</source>
   <translation>Etapa %1</translation>
  </message>
  <message>
   <source>Stages</source>
   <translation>Etapas</translation>
  </message>
  <message>
   <source>Staggered rows</source>
   <translation>Filas alternadas</translation>
  </message>
  <message>
   <source>Star</source>
   <translation>Estrella</translation>
  </message>
  <message>
   <source>Start on the line that is to change.</source>
   <translation>Empiece en la línea que debe cambiar.</translation>
  </message>
  <message>
   <source>Start runs out over</source>
   <translation>El inicio se afina a lo largo de</translation>
  </message>
  <message>
   <source>Stay</source>
   <translation>Quedan</translation>
  </message>
  <message>
   <source>Stay here</source>
   <translation>Quedarse aquí</translation>
  </message>
  <message>
   <source>Steadying</source>
   <translation>Estabilización</translation>
  </message>
  <message>
   <source>Stem</source>
   <translation>Tallo</translation>
  </message>
  <message>
   <source>Step %1: %2</source>
   <translation>Paso %1: %2</translation>
  </message>
  <message>
   <source>Steps</source>
   <translation>Pasos</translation>
  </message>
  <message>
   <source>Steps and commands</source>
   <translation>Pasos y órdenes</translation>
  </message>
  <message>
   <source>Still tracing; it can be taken when the last pass is done.</source>
   <translation>Aún se está calcando; podrá tomarse cuando acabe la última pasada.</translation>
  </message>
  <message>
   <source>Stop</source>
   <translation>Parar</translation>
  </message>
  <message>
   <source>Stopped.</source>
   <translation>Parado.</translation>
  </message>
  <message>
   <source>Stopped. No pieces were made.</source>
   <translation>Parado. No se hicieron piezas.</translation>
  </message>
  <message>
   <source>Stopped. Nothing was brought in.</source>
   <translation>Parado. No se trajo nada.</translation>
  </message>
  <message>
   <source>Stopped. Nothing was scanned.</source>
   <translation>Parado. No se escaneó nada.</translation>
  </message>
  <message>
   <source>Stopped. Nothing was written.</source>
   <translation>Parado. No se escribió nada.</translation>
  </message>
  <message>
   <source>Straight</source>
   <translation>Recto</translation>
  </message>
  <message>
   <source>Straighten</source>
   <translation>Enderezar</translation>
  </message>
  <message>
   <source>Straighten piece</source>
   <translation>Enderezar tramo</translation>
  </message>
  <message>
   <source>Straighten the picture by itself</source>
   <translation>Enderezar la imagen por sí sola</translation>
  </message>
  <message>
   <source>Straightened: the page lay %1° off. Ctrl+Z turns it back.</source>
   <translation>Enderezada: la página estaba girada %1°. Ctrl+Z la devuelve.</translation>
  </message>
  <message>
   <source>Straights</source>
   <translation>Rectas</translation>
  </message>
  <message>
   <source>Straw</source>
   <translation>Paja</translation>
  </message>
  <message>
   <source>Strength</source>
   <translation>Fuerza</translation>
  </message>
  <message>
   <source>Strength of light</source>
   <translation>Fuerza de la luz</translation>
  </message>
  <message>
   <source>Strokes</source>
   <translation>Trazos</translation>
  </message>
  <message>
   <source>Strokes (*.json);;All files (*)</source>
   <translation>Trazos (*.json);;Todos los archivos (*)</translation>
  </message>
  <message>
   <source>Style</source>
   <translation>Estilo</translation>
  </message>
  <message>
   <source>Sugar cart</source>
   <translation>Carrito de azúcar</translation>
  </message>
  <message>
   <source>Swap</source>
   <translation>Intercambiar</translation>
  </message>
  <message>
   <source>Swap fill and line</source>
   <translation>Intercambiar relleno y línea</translation>
  </message>
  <message>
   <source>Swap paint</source>
   <translation>Intercambiar pintura</translation>
  </message>
  <message>
   <source>Sweep</source>
   <translation>Barrer</translation>
  </message>
  <message>
   <source>Sweep specks</source>
   <translation>Barrer motas</translation>
  </message>
  <message>
   <source>Swell</source>
   <translation>Modulado</translation>
  </message>
  <message>
   <source>Tab shows the next, %1 of %2.</source>
   <translation>Tab muestra el siguiente, %1 de %2.</translation>
  </message>
  <message>
   <source>Tablet stand-in: play recorded strokes…</source>
   <translation>Tableta simulada: reproducir trazos grabados…</translation>
  </message>
  <message>
   <source>Tablet stand-in: stop</source>
   <translation>Tableta simulada: parar</translation>
  </message>
  <message>
   <source>Tags</source>
   <translation>Etiquetas</translation>
  </message>
  <message>
   <source>Take %1</source>
   <translation>Tomar %1</translation>
  </message>
  <message>
   <source>Take a live shape apart</source>
   <translation>Separar una forma viva</translation>
  </message>
  <message>
   <source>Take a palette from the shelf or from a picture, then drop inks into the areas that lines enclose. An ink that is mixed anew changes everything painted with it. Pick all that is alike and change it at once.</source>
   <translation>Tome una paleta del estante o de una imagen y eche tintas en las áreas que las líneas encierran. Una tinta mezclada de nuevo cambia todo lo pintado con ella. Elija todo lo igual y cámbielo de una vez.</translation>
  </message>
  <message>
   <source>Take apart</source>
   <translation>Separar</translation>
  </message>
  <message>
   <source>Take apart what was kept whole</source>
   <translation>Desarmar lo conservado entero</translation>
  </message>
  <message>
   <source>Take as mark</source>
   <translation>Tomar como marca</translation>
  </message>
  <message>
   <source>Take back node</source>
   <translation>Quitar último nodo</translation>
  </message>
  <message>
   <source>Take colour</source>
   <translation>Tomar color</translation>
  </message>
  <message>
   <source>Take from the picture</source>
   <translation>Tomar de la imagen</translation>
  </message>
  <message>
   <source>Take in</source>
   <translation>Acoger</translation>
  </message>
  <message>
   <source>Take ink</source>
   <translation>Tomar tinta</translation>
  </message>
  <message>
   <source>Take inks from the picture</source>
   <translation>Tomar tintas de la imagen</translation>
  </message>
  <message>
   <source>Take into the live shape</source>
   <translation>Acoger en la forma viva</translation>
  </message>
  <message>
   <source>Take line</source>
   <translation>Tomar línea</translation>
  </message>
  <message>
   <source>Take lines</source>
   <translation>Tomar líneas</translation>
  </message>
  <message>
   <source>Take node out</source>
   <translation>Quitar nodo</translation>
  </message>
  <message>
   <source>Take out</source>
   <translation>Sacar</translation>
  </message>
  <message>
   <source>Take out of what it lies in</source>
   <translation>Sacar de lo que lo contiene</translation>
  </message>
  <message>
   <source>Take piece out</source>
   <translation>Quitar tramo</translation>
  </message>
  <message>
   <source>Take shape</source>
   <translation>Tomar forma</translation>
  </message>
  <message>
   <source>Take shapes</source>
   <translation>Tomar formas</translation>
  </message>
  <message>
   <source>Take the Repeat tool with one thing picked, and click the line.</source>
   <translation>Toma la herramienta Repetición con una cosa elegida y haz clic en la línea.</translation>
  </message>
  <message>
   <source>Take the picked shape as the mark of scatter</source>
   <translation>Tomar la forma elegida como marca de esparcir</translation>
  </message>
  <message>
   <source>Take this line's look for the next ones</source>
   <translation>Tomar el aspecto de esta línea para las siguientes</translation>
  </message>
  <message>
   <source>Take what was traced</source>
   <translation>Tomar lo calcado</translation>
  </message>
  <message>
   <source>Taken</source>
   <translation>Tomado</translation>
  </message>
  <message>
   <source>Taken out; it lies beside its area, in the same place.</source>
   <translation>Sacado; queda junto a su área, en el mismo sitio.</translation>
  </message>
  <message>
   <source>Taken: few nodes, smooth between corners.</source>
   <translation>Tomado: pocos nodos, suave entre esquinas.</translation>
  </message>
  <message>
   <source>Takes the fill away</source>
   <translation>Quita el relleno</translation>
  </message>
  <message>
   <source>Takes the line away</source>
   <translation>Quita la línea</translation>
  </message>
  <message>
   <source>Takes this notice away; What happened (F2) keeps it</source>
   <translation>Quita este aviso; Qué pasó (F2) lo conserva</translation>
  </message>
  <message>
   <source>Taking inks</source>
   <translation>Tomando tintas</translation>
  </message>
  <message>
   <source>Tar</source>
   <translation>Brea</translation>
  </message>
  <message>
   <source>Teapot on the counter</source>
   <translation>Tetera en el mostrador</translation>
  </message>
  <message>
   <source>Tears, all one way</source>
   <translation>Lágrimas, todas en una dirección</translation>
  </message>
  <message numerus="yes">
   <source>Tell %n again</source>
   <translation>
    <numerusform>Mostrar %n otra vez</numerusform>
    <numerusform>Mostrar %n otra vez</numerusform>
   </translation>
  </message>
  <message>
   <source>Tell all again</source>
   <translation>Mostrar todo otra vez</translation>
  </message>
  <message>
   <source>Tell ink from pencil by itself</source>
   <translation>Distinguir tinta de lápiz por sí solo</translation>
  </message>
  <message>
   <source>Tell meant findings again</source>
   <translation>Mostrar otra vez los intencionados</translation>
  </message>
  <message>
   <source>Text</source>
   <translation>Texto</translation>
  </message>
  <message>
   <source>Text and controls are at %1 % when the program is started next.</source>
   <translation>Texto y controles estarán al %1 % cuando se inicie el programa la próxima vez.</translation>
  </message>
  <message>
   <source>Text and controls at %1 %</source>
   <translation>Texto y controles al %1 %</translation>
  </message>
  <message>
   <source>Text size</source>
   <translation>Tamaño del texto</translation>
  </message>
  <message>
   <source>That encloses too little. Draw all the way round.</source>
   <translation>Eso encierra demasiado poco. Dibuje todo alrededor.</translation>
  </message>
  <message>
   <source>That line cuts no piece in two.</source>
   <translation>Esa línea no parte ninguna pieza en dos.</translation>
  </message>
  <message>
   <source>The areas are being worked out after the last change. Once more, in a moment.</source>
   <translation>Las áreas se están calculando tras el último cambio. Otra vez, en un momento.</translation>
  </message>
  <message>
   <source>The artwork alone</source>
   <translation>Solo la obra</translation>
  </message>
  <message>
   <source>The artwork over the reference; the keys go to the next view</source>
   <translation>La obra sobre la referencia; la tecla pasa a la vista siguiente</translation>
  </message>
  <message>
   <source>The card says how wide a gap would close how many more areas: one click takes it. Trim takes stubs away up to the next crossing. The half-beads on the axis show which seams become smooth.</source>
   <translation>La ficha dice qué hueco cerraría cuántas áreas más: un clic lo toma. Recortar quita las sobras hasta el siguiente cruce. Las medias cuentas del eje muestran qué costuras quedan suaves.</translation>
  </message>
  <message>
   <source>The closed line is opened at the picked node</source>
   <translation>La línea cerrada se abre en el nodo elegido</translation>
  </message>
  <message>
   <source>The colour fills the larger area</source>
   <translation>El color llena el área mayor</translation>
  </message>
  <message>
   <source>The colour in hand as a new ink</source>
   <translation>El color en mano como tinta nueva</translation>
  </message>
  <message>
   <source>The colour stays as it was</source>
   <translation>El color queda como estaba</translation>
  </message>
  <message>
   <source>The demo is not installed here.</source>
   <translation>La demo no está instalada aquí.</translation>
  </message>
  <message>
   <source>The drag makes it fade out</source>
   <translation>El arrastre lo desvanece</translation>
  </message>
  <message>
   <source>The drawn lines are seen above the areas</source>
   <translation>Las líneas dibujadas se ven sobre las áreas</translation>
  </message>
  <message>
   <source>The drop's area is closed again.</source>
   <translation>El área de la gota vuelve a estar cerrada.</translation>
  </message>
  <message numerus="yes">
   <source>The ends of %n line(s) count again.</source>
   <translation>
    <numerusform>Los extremos de %n línea cuentan de nuevo.</numerusform>
    <numerusform>Los extremos de %n líneas cuentan de nuevo.</numerusform>
   </translation>
  </message>
  <message>
   <source>The file is broken: %1 at byte %2.</source>
   <translation>El archivo está dañado: %1 en el byte %2.</translation>
  </message>
  <message>
   <source>The file is empty.</source>
   <translation>El archivo está vacío.</translation>
  </message>
  <message>
   <source>The file is not a palette: its JSON is broken.</source>
   <translation>El archivo no es una paleta: su JSON está dañado.</translation>
  </message>
  <message>
   <source>The file is not an SVG drawing.</source>
   <translation>El archivo no es un dibujo SVG.</translation>
  </message>
  <message>
   <source>The file is packed, and broken.</source>
   <translation>El archivo está comprimido y dañado.</translation>
  </message>
  <message>
   <source>The fill</source>
   <translation>El relleno</translation>
  </message>
  <message>
   <source>The fill runs out along the light</source>
   <translation>El relleno se desvanece según la luz</translation>
  </message>
  <message>
   <source>The first stop's colour in place of the gradient</source>
   <translation>El color de la primera parada en lugar del degradado</translation>
  </message>
  <message>
   <source>The gap counts as closed again</source>
   <translation>El hueco vuelve a contar como cerrado</translation>
  </message>
  <message>
   <source>The halves become whole; they are kept on a hidden layer</source>
   <translation>Las mitades se vuelven enteras; se guardan en una capa oculta</translation>
  </message>
  <message>
   <source>The ink in hand is the warm colour of the light</source>
   <translation>La tinta en la mano es el color cálido de la luz</translation>
  </message>
  <message>
   <source>The ink in hand lights the sheet</source>
   <translation>La tinta en la mano ilumina la hoja</translation>
  </message>
  <message>
   <source>The inks of %1 are loaded, and the drawing is painted with them. Ctrl+Z puts both back.</source>
   <translation>Las tintas de %1 están cargadas y el dibujo pintado con ellas. Ctrl+Z deshace ambas cosas.</translation>
  </message>
  <message>
   <source>The inks of %1 are loaded.</source>
   <translation>Las tintas de %1 están cargadas.</translation>
  </message>
  <message>
   <source>The language changes when the program is started next.</source>
   <translation>El idioma cambia la próxima vez que se inicie el programa.</translation>
  </message>
  <message>
   <source>The last layer stays.</source>
   <translation>La última capa se queda.</translation>
  </message>
  <message>
   <source>The last one taken is let go (Backspace)</source>
   <translation>Se suelta lo último que se tomó (Retroceso)</translation>
  </message>
  <message>
   <source>The layer drawn on is mirrored at an axis</source>
   <translation>La capa en la que se dibuja se refleja en un eje</translation>
  </message>
  <message>
   <source>The layer is mirrored at this line.</source>
   <translation>La capa se refleja en esta línea.</translation>
  </message>
  <message>
   <source>The line</source>
   <translation>La línea</translation>
  </message>
  <message>
   <source>The line drawn as the axis is left out.</source>
   <translation>La línea dibujada como eje queda fuera.</translation>
  </message>
  <message>
   <source>The line is bent as evenly as that allows; corners and ends stay</source>
   <translation>La línea se curva tan pareja como eso permite; esquinas y extremos quedan</translation>
  </message>
  <message>
   <source>The line is open there: the pen goes on from an end it is put on. Ctrl+Z puts the piece back.</source>
   <translation>La línea queda abierta ahí: la pluma sigue desde el extremo en que se ponga. Ctrl+Z devuelve el tramo.</translation>
  </message>
  <message>
   <source>The line serves other lines</source>
   <translation>La línea sirve a otras líneas</translation>
  </message>
  <message>
   <source>The line that parted a colour from its neighbour is gone. May the colour flow on?</source>
   <translation>La línea que separaba un color de su vecino ya no está. ¿Puede fluir el color?</translation>
  </message>
  <message>
   <source>The line with its swell becomes an area</source>
   <translation>La línea con su modulado se vuelve un área</translation>
  </message>
  <message>
   <source>The lines are being looked at after the last change. Once more, in a moment.</source>
   <translation>Se están mirando las líneas tras el último cambio. Otra vez, en un momento.</translation>
  </message>
  <message>
   <source>The lines are used up</source>
   <translation>Las líneas se consumen</translation>
  </message>
  <message>
   <source>The lines become guides: seen here, never delivered</source>
   <translation>Las líneas se vuelven guías: se ven aquí, nunca se entregan</translation>
  </message>
  <message>
   <source>The lines stay as they are</source>
   <translation>Las líneas quedan como están</translation>
  </message>
  <message>
   <source>The list of recent pieces is empty.</source>
   <translation>La lista de piezas recientes está vacía.</translation>
  </message>
  <message>
   <source>The live shape takes the others in as its parts</source>
   <translation>La forma viva acoge a las demás como partes</translation>
  </message>
  <message>
   <source>The lowest without the others</source>
   <translation>La más baja sin las demás</translation>
  </message>
  <message>
   <source>The marks are being scattered. Kind, size and seed can be changed on the card.</source>
   <translation>Se están esparciendo las marcas. Tipo, tamaño y semilla se cambian en la tarjeta.</translation>
  </message>
  <message>
   <source>The mirror is off; what was drawn stays as it is.</source>
   <translation>El espejo está quitado; lo dibujado queda como está.</translation>
  </message>
  <message>
   <source>The name must end in .svg, .pdf or .png.</source>
   <translation>El nombre debe acabar en .svg, .pdf o .png.</translation>
  </message>
  <message>
   <source>The nearest ink of the palette</source>
   <translation>La tinta más cercana de la paleta</translation>
  </message>
  <message>
   <source>The next line</source>
   <translation>La línea siguiente</translation>
  </message>
  <message>
   <source>The next one is</source>
   <translation>La siguiente es</translation>
  </message>
  <message>
   <source>The next shade whose side is not that of the light</source>
   <translation>La siguiente sombra cuyo lado no es el de la luz</translation>
  </message>
  <message>
   <source>The other half is taken away</source>
   <translation>Se quita la otra mitad</translation>
  </message>
  <message>
   <source>The outline crosses itself</source>
   <translation>El contorno se cruza a sí mismo</translation>
  </message>
  <message>
   <source>The part %1 is not on this machine.</source>
   <translation>La pieza suelta %1 no está en este equipo.</translation>
  </message>
  <message>
   <source>The part becomes what this is; what it was is kept</source>
   <translation>La pieza suelta pasa a ser esto; lo que era se conserva</translation>
  </message>
  <message>
   <source>The part cannot be removed: %1.</source>
   <translation>La pieza suelta no se puede quitar: %1.</translation>
  </message>
  <message>
   <source>The part holds nothing.</source>
   <translation>La pieza suelta no contiene nada.</translation>
  </message>
  <message>
   <source>The part is a shape of its own again. Ctrl+Z puts it back.</source>
   <translation>La parte vuelve a ser una forma propia. Ctrl+Z la devuelve.</translation>
  </message>
  <message numerus="yes">
   <source>The part is as it is here now. %n other use(s) on this sheet: All uses brings them up to it.</source>
   <translation>
    <numerusform>La pieza suelta es ahora como aquí. %n uso más en esta hoja: Todos los usos lo pone al día.</numerusform>
    <numerusform>La pieza suelta es ahora como aquí. %n usos más en esta hoja: Todos los usos los pone al día.</numerusform>
   </translation>
  </message>
  <message>
   <source>The part is as it is here now. What it was is kept in its folder.</source>
   <translation>La pieza suelta es ahora como aquí. Lo que era queda en su carpeta.</translation>
  </message>
  <message>
   <source>The parts come back as they were</source>
   <translation>Las partes vuelven como estaban</translation>
  </message>
  <message>
   <source>The parts stay and can be moved until the shape is set</source>
   <translation>Las partes quedan y se pueden mover hasta fijar la forma</translation>
  </message>
  <message>
   <source>The picked cut, as a level from 0 (black) to 255</source>
   <translation>El corte elegido, como nivel de 0 (negro) a 255</translation>
  </message>
  <message>
   <source>The picked stop takes the ink in hand</source>
   <translation>La parada elegida toma la tinta en mano</translation>
  </message>
  <message>
   <source>The picture</source>
   <translation>La imagen</translation>
  </message>
  <message>
   <source>The picture becomes few flat colour areas that abut</source>
   <translation>La imagen se vuelve unas pocas áreas planas de color contiguas</translation>
  </message>
  <message>
   <source>The picture counts as it is there (Delete)</source>
   <translation>La imagen cuenta como es ahí (Supr)</translation>
  </message>
  <message>
   <source>The picture is square to the paper.</source>
   <translation>La imagen está a escuadra con el papel.</translation>
  </message>
  <message>
   <source>The picture is still being read. Try again in a moment.</source>
   <translation>La imagen aún se está leyendo. Pruebe otra vez en un momento.</translation>
  </message>
  <message>
   <source>The pointer on a tool shows what it does.</source>
   <translation>El puntero sobre una herramienta muestra lo que hace.</translation>
  </message>
  <message>
   <source>The proof marks every fault it finds.</source>
   <translation>La prueba marca cada fallo que encuentra.</translation>
  </message>
  <message>
   <source>The same again with a copy</source>
   <translation>Lo mismo otra vez con una copia</translation>
  </message>
  <message>
   <source>The same shape twice</source>
   <translation>La misma forma dos veces</translation>
  </message>
  <message>
   <source>The shape that was taken as the mark</source>
   <translation>La forma que se tomó como marca</translation>
  </message>
  <message>
   <source>The sheet</source>
   <translation>La hoja</translation>
  </message>
  <message>
   <source>The sheet's light</source>
   <translation>La luz de la hoja</translation>
  </message>
  <message>
   <source>The shelf, load, save, take from the picture</source>
   <translation>El estante, cargar, guardar, tomar de la imagen</translation>
  </message>
  <message>
   <source>The stage is a piece by itself now. Save it under a name of its own.</source>
   <translation>La etapa es ahora una pieza propia. Guárdala con su propio nombre.</translation>
  </message>
  <message>
   <source>The step</source>
   <translation>El paso</translation>
  </message>
  <message>
   <source>The stroke has to end on the line too. Nothing was changed.</source>
   <translation>El trazo debe acabar también en la línea. No se cambió nada.</translation>
  </message>
  <message>
   <source>The thin area belongs to its neighbour again</source>
   <translation>El área fina vuelve a ser de su vecina</translation>
  </message>
  <message>
   <source>The thin area is an area by itself</source>
   <translation>El área fina es un área propia</translation>
  </message>
  <message>
   <source>The tools' keys lie at the left: %1.</source>
   <translation>Las teclas de las herramientas están a la izquierda: %1.</translation>
  </message>
  <message>
   <source>The tools' keys lie at the right: %1.</source>
   <translation>Las teclas de las herramientas están a la derecha: %1.</translation>
  </message>
  <message>
   <source>The typeface %1 is not here</source>
   <translation>La tipografía %1 no está aquí</translation>
  </message>
  <message>
   <source>The typeface of these words is not on this machine. Their outlines are kept; choose another typeface to change them.</source>
   <translation>La tipografía de estas palabras no está en este equipo. Sus contornos se conservan; elige otra para cambiarlas.</translation>
  </message>
  <message>
   <source>The variant is a piece by itself now. Save it under a name of its own.</source>
   <translation>La variante es ahora una pieza propia. Guárdela con un nombre propio.</translation>
  </message>
  <message>
   <source>The variant opens as a piece of its own; kept as a stage of its name, it is delivered in place of the one worked out</source>
   <translation>La variante se abre como pieza propia; guardada como etapa con su nombre, se entrega en lugar de la calculada</translation>
  </message>
  <message>
   <source>The weld leaves a corner at this seam.</source>
   <translation>La soldadura deja una esquina en esta costura.</translation>
  </message>
  <message>
   <source>The weld makes this seam smooth.</source>
   <translation>La soldadura hace suave esta costura.</translation>
  </message>
  <message>
   <source>The words are one shape now. Undo brings them back.</source>
   <translation>Las palabras son ahora una forma. Deshacer las devuelve.</translation>
  </message>
  <message>
   <source>The words run back along the line</source>
   <translation>Las palabras vuelven por la línea</translation>
  </message>
  <message>
   <source>The work becomes what it was then; Undo leads forward again</source>
   <translation>El trabajo vuelve a ser lo que era; Deshacer vuelve adelante</translation>
  </message>
  <message>
   <source>Theme</source>
   <translation>Tema</translation>
  </message>
  <message>
   <source>There are %1 stages already: remove one first.</source>
   <translation>Ya hay %1 etapas: quita una primero.</translation>
  </message>
  <message>
   <source>There are no colours in the file.</source>
   <translation>No hay colores en el archivo.</translation>
  </message>
  <message>
   <source>There are no facets of an outline.</source>
   <translation>No hay facetas de un contorno.</translation>
  </message>
  <message>
   <source>There are no facets yet. Pick an outline, or a picture, and make them on the card.</source>
   <translation>Aún no hay facetas. Elija un contorno o una imagen y hágalas en la ficha.</translation>
  </message>
  <message>
   <source>There are no inks to save.</source>
   <translation>No hay tintas que guardar.</translation>
  </message>
  <message>
   <source>There are very many steps: the oldest can no longer be taken back.</source>
   <translation>Son muchísimos pasos: los más antiguos ya no se pueden deshacer.</translation>
  </message>
  <message>
   <source>There is no area here. Shades lie in closed shapes.</source>
   <translation>Aquí no hay área. Las sombras están en formas cerradas.</translation>
  </message>
  <message>
   <source>There is no file %1.</source>
   <translation>No existe el archivo %1.</translation>
  </message>
  <message>
   <source>There is no ink in hand. Add one on the card.</source>
   <translation>No hay tinta en mano. Añada una en la ficha.</translation>
  </message>
  <message>
   <source>There is no memory for its picture.</source>
   <translation>No hay memoria para su imagen.</translation>
  </message>
  <message>
   <source>There is no picture to clean.</source>
   <translation>No hay imagen que limpiar.</translation>
  </message>
  <message>
   <source>There is no picture to crop.</source>
   <translation>No hay imagen que recortar.</translation>
  </message>
  <message>
   <source>There is no picture to lay pieces over.</source>
   <translation>No hay imagen sobre la que poner piezas.</translation>
  </message>
  <message>
   <source>There is no picture to lay the rope on. Bring one in with Ctrl+I.</source>
   <translation>No hay imagen en la que poner la cuerda. Traiga una con Ctrl+I.</translation>
  </message>
  <message>
   <source>There is no picture to square.</source>
   <translation>No hay imagen que escuadrar.</translation>
  </message>
  <message>
   <source>There is no picture to straighten.</source>
   <translation>No hay imagen que enderezar.</translation>
  </message>
  <message>
   <source>There is no picture to take inks from.</source>
   <translation>No hay imagen de la que tomar tintas.</translation>
  </message>
  <message>
   <source>There is no picture under the pointer.</source>
   <translation>No hay imagen bajo el puntero.</translation>
  </message>
  <message>
   <source>There is no process card %1. There are: %2.</source>
   <translation>No hay ficha de proceso %1. Hay: %2.</translation>
  </message>
  <message>
   <source>There is no room for it, with that margin.</source>
   <translation>Con ese margen no hay sitio.</translation>
  </message>
  <message>
   <source>There is no shape here. Drag over a shape, or pick several first.</source>
   <translation>Aquí no hay ninguna forma. Arrastre sobre una, o elija varias primero.</translation>
  </message>
  <message>
   <source>There is no stage yet: Edit, Keep a stage.</source>
   <translation>Aún no hay etapas: Editar, Guardar una etapa.</translation>
  </message>
  <message>
   <source>There is no tone stack yet. Choose 2, 3 or 5 tones on the card.</source>
   <translation>Aún no hay pila de tonos. Elija 2, 3 o 5 tonos en la ficha.</translation>
  </message>
  <message>
   <source>There is no tone under the pointer.</source>
   <translation>No hay tono bajo el puntero.</translation>
  </message>
  <message>
   <source>There is not enough memory for %1.</source>
   <translation>No hay memoria suficiente para %1.</translation>
  </message>
  <message>
   <source>There is not enough memory for this size.</source>
   <translation>No hay memoria suficiente para este tamaño.</translation>
  </message>
  <message>
   <source>There is not enough memory for this. Nothing was changed.</source>
   <translation>No hay memoria suficiente para esto. No se cambió nada.</translation>
  </message>
  <message>
   <source>There is nothing here to put inside.</source>
   <translation>Aquí no hay nada que meter.</translation>
  </message>
  <message>
   <source>There is nothing in %1 to find an axis in.</source>
   <translation>En %1 no hay nada en que hallar un eje.</translation>
  </message>
  <message>
   <source>There is nothing in it that is seen.</source>
   <translation>No hay en ello nada que se vea.</translation>
  </message>
  <message>
   <source>There is nothing painted to flatten.</source>
   <translation>No hay nada pintado que aplanar.</translation>
  </message>
  <message>
   <source>There is nothing to mend.</source>
   <translation>No hay nada que reparar.</translation>
  </message>
  <message>
   <source>There is nothing to paste: copy a drawing first.</source>
   <translation>No hay nada que pegar: copie primero un dibujo.</translation>
  </message>
  <message>
   <source>There is nothing to paste: copy a picture or a drawing first.</source>
   <translation>No hay nada que pegar: copie primero una imagen o un dibujo.</translation>
  </message>
  <message>
   <source>There is nothing to split: pick shapes that overlap, or one with holes.</source>
   <translation>No hay nada que dividir: elija formas que se solapen, o una con agujeros.</translation>
  </message>
  <message>
   <source>These corners would turn the page inside out.</source>
   <translation>Estas esquinas volverían la página del revés.</translation>
  </message>
  <message>
   <source>These ends meet already.</source>
   <translation>Estos extremos ya se tocan.</translation>
  </message>
  <message>
   <source>These tones are set. "Live again" on the card goes back to the stack.</source>
   <translation>Estos tonos están fijados. «Vivo otra vez» en la ficha vuelve a la pila.</translation>
  </message>
  <message>
   <source>These two have no border in common.</source>
   <translation>Estas dos no tienen borde en común.</translation>
  </message>
  <message>
   <source>They bend as evenly as they can within that slack.</source>
   <translation>Ya se curvan tan parejas como permite esa holgura.</translation>
  </message>
  <message>
   <source>They follow the light now.</source>
   <translation>Ahora siguen la luz.</translation>
  </message>
  <message>
   <source>They thin out</source>
   <translation>Escasean</translation>
  </message>
  <message>
   <source>Thickness</source>
   <translation>Grosor</translation>
  </message>
  <message>
   <source>Thinnest area kept</source>
   <translation>Área más fina que se conserva</translation>
  </message>
  <message>
   <source>Thinnest line</source>
   <translation>Línea mínima</translation>
  </message>
  <message>
   <source>Thinnest part</source>
   <translation>Parte más fina</translation>
  </message>
  <message>
   <source>Thirds</source>
   <translation>Tercios</translation>
  </message>
  <message>
   <source>This</source>
   <translation>Esto</translation>
  </message>
  <message>
   <source>This cannot be done with what is picked.</source>
   <translation>Esto no se puede hacer con lo elegido.</translation>
  </message>
  <message>
   <source>This could not be done. Nothing was changed.</source>
   <translation>No se pudo hacer. No se cambió nada.</translation>
  </message>
  <message>
   <source>This could not be done: %1. Nothing was changed.</source>
   <translation>No se pudo hacer: %1. No se cambió nada.</translation>
  </message>
  <message>
   <source>This end belongs to a shape of several outlines. Use Nodes on it.</source>
   <translation>Este extremo es de una forma con varios contornos. Use Nodos con ella.</translation>
  </message>
  <message>
   <source>This gap counts as closed; another click opens it.</source>
   <translation>Este hueco cuenta como cerrado; otro clic lo abre.</translation>
  </message>
  <message>
   <source>This gap is open again.</source>
   <translation>Este hueco vuelve a estar abierto.</translation>
  </message>
  <message>
   <source>This is no group.</source>
   <translation>Esto no es un grupo.</translation>
  </message>
  <message>
   <source>This is worked out by a live part. Set that first, to change its pieces by hand.</source>
   <translation>Esto lo calcula una parte viva. Fíjela primero para cambiar sus piezas a mano.</translation>
  </message>
  <message>
   <source>This key stays: it goes by place, or is held.</source>
   <translation>Esta tecla no cambia: va por el lugar, o se mantiene pulsada.</translation>
  </message>
  <message>
   <source>This layer has no mirror to weld at. M puts one on.</source>
   <translation>Esta capa no tiene espejo que soldar. M pone uno.</translation>
  </message>
  <message>
   <source>This piece has changes that are not saved.</source>
   <translation>Esta obra tiene cambios sin guardar.</translation>
  </message>
  <message>
   <source>This piece is picked: Delete takes it out and leaves the line open there.</source>
   <translation>Este tramo está elegido: Supr lo quita y deja la línea abierta ahí.</translation>
  </message>
  <message>
   <source>This screen has room for %1 % at most.</source>
   <translation>En esta pantalla caben como máximo el %1 %.</translation>
  </message>
  <message>
   <source>This shape is not live: it has no parts.</source>
   <translation>Esta forma no es viva: no tiene partes.</translation>
  </message>
  <message>
   <source>This takes more than is picked.</source>
   <translation>Hace falta más de lo elegido.</translation>
  </message>
  <message>
   <source>Three tones</source>
   <translation>Tres tonos</translation>
  </message>
  <message>
   <source>Tin</source>
   <translation>Estaño</translation>
  </message>
  <message>
   <source>Tints</source>
   <translation>Matices</translation>
  </message>
  <message>
   <source>Tints of</source>
   <translation>Matices de</translation>
  </message>
  <message>
   <source>Tissue</source>
   <translation>Papel de seda</translation>
  </message>
  <message>
   <source>To</source>
   <translation>Hasta</translation>
  </message>
  <message>
   <source>To a side</source>
   <translation>Hacia un lado</translation>
  </message>
  <message>
   <source>To shapes</source>
   <translation>A formas</translation>
  </message>
  <message>
   <source>To the light</source>
   <translation>Hacia la luz</translation>
  </message>
  <message>
   <source>To the stack</source>
   <translation>A la pila</translation>
  </message>
  <message>
   <source>Toadstool</source>
   <translation>Seta roja</translation>
  </message>
  <message>
   <source>Together</source>
   <translation>Juntas</translation>
  </message>
  <message>
   <source>Tone</source>
   <translation>Tono</translation>
  </message>
  <message>
   <source>Tone %1</source>
   <translation>Tono %1</translation>
  </message>
  <message>
   <source>Tone stack</source>
   <translation>Pila de tonos</translation>
  </message>
  <message>
   <source>Tone: a photo becomes a few flat tones</source>
   <translation>Tono: una foto se vuelve pocos tonos planos</translation>
  </message>
  <message>
   <source>Tones</source>
   <translation>Tonos</translation>
  </message>
  <message>
   <source>Tones live again</source>
   <translation>Tonos vivos otra vez</translation>
  </message>
  <message>
   <source>Too many nodes, because the slack was too small for a trembling hand; corners that were meant sharp come out round; a line ends just short of another and no area closes.</source>
   <translation>Demasiados nodos, porque la holgura era poca para un pulso tembloroso; esquinas que debían ser vivas salen redondas; una línea acaba justo antes de otra y ningún área se cierra.</translation>
  </message>
  <message>
   <source>Took %1 inks from the picture. Ctrl+Z drops them.</source>
   <translation>%1 tintas tomadas de la imagen. Ctrl+Z las quita.</translation>
  </message>
  <message>
   <source>Took %1 with %2 nodes.</source>
   <translation>Se tomó %1 con %2 nodos.</translation>
  </message>
  <message>
   <source>Took back: %1.</source>
   <translation>Se deshizo: %1.</translation>
  </message>
  <message>
   <source>Tools</source>
   <translation>Herramientas</translation>
  </message>
  <message>
   <source>Tools stand still, and have no hints.</source>
   <translation>Las herramientas están quietas y sin consejos.</translation>
  </message>
  <message>
   <source>Top</source>
   <translation>Arriba</translation>
  </message>
  <message>
   <source>Tops in one line</source>
   <translation>Bordes superiores en una línea</translation>
  </message>
  <message>
   <source>Touch</source>
   <translation>Toque</translation>
  </message>
  <message>
   <source>Touch of the pen</source>
   <translation>Toque del lápiz</translation>
  </message>
  <message>
   <source>Touch of the pen…</source>
   <translation>Toque del lápiz…</translation>
  </message>
  <message>
   <source>Touch the neighbour</source>
   <translation>Tocar al vecino</translation>
  </message>
  <message>
   <source>Towards the light</source>
   <translation>Hacia la luz</translation>
  </message>
  <message>
   <source>Trace</source>
   <translation>Calcar</translation>
  </message>
  <message>
   <source>Trace it</source>
   <translation>Calcar</translation>
  </message>
  <message>
   <source>Trace lines</source>
   <translation>Calcar líneas</translation>
  </message>
  <message>
   <source>Trace lines of the picture</source>
   <translation>Calcar líneas de la imagen</translation>
  </message>
  <message>
   <source>Trace lines: pencil strokes of several passes become one line.</source>
   <translation>Trazar líneas: trazos de lápiz de varias pasadas se vuelven una línea.</translation>
  </message>
  <message>
   <source>Trace shapes</source>
   <translation>Calcar formas</translation>
  </message>
  <message>
   <source>Trace shapes of the picture</source>
   <translation>Calcar formas de la imagen</translation>
  </message>
  <message>
   <source>Trace the picture</source>
   <translation>Calcar la imagen</translation>
  </message>
  <message>
   <source>Trace what was kept whole</source>
   <translation>Calcar lo conservado entero</translation>
  </message>
  <message>
   <source>Trace: what is seen becomes lines</source>
   <translation>Trazar: lo que se ve se vuelve línea</translation>
  </message>
  <message>
   <source>Tracing, %1 %</source>
   <translation>Calcando, %1 %</translation>
  </message>
  <message>
   <source>Tracking</source>
   <translation>Espaciado</translation>
  </message>
  <message>
   <source>Triad</source>
   <translation>Tríada</translation>
  </message>
  <message>
   <source>Trim</source>
   <translation>Podar</translation>
  </message>
  <message>
   <source>Trimmed %1 pieces. Ctrl+Z puts them back.</source>
   <translation>%1 tramos podados. Ctrl+Z los devuelve.</translation>
  </message>
  <message>
   <source>Turn</source>
   <translation>Girar</translation>
  </message>
  <message>
   <source>Turn by</source>
   <translation>Girar</translation>
  </message>
  <message>
   <source>Turn facet</source>
   <translation>Girar faceta</translation>
  </message>
  <message>
   <source>Turn into tones</source>
   <translation>Convertir en tonos</translation>
  </message>
  <message>
   <source>Turn light</source>
   <translation>Girar la luz</translation>
  </message>
  <message>
   <source>Turn line round</source>
   <translation>Invertir línea</translation>
  </message>
  <message>
   <source>Turn of marks</source>
   <translation>Giro de las marcas</translation>
  </message>
  <message>
   <source>Turn picture</source>
   <translation>Girar imagen</translation>
  </message>
  <message>
   <source>Turn the view left</source>
   <translation>Girar la vista a la izquierda</translation>
  </message>
  <message>
   <source>Turn the view right</source>
   <translation>Girar la vista a la derecha</translation>
  </message>
  <message>
   <source>Turn them</source>
   <translation>Girarlas</translation>
  </message>
  <message>
   <source>Turn to the light</source>
   <translation>Girar hacia la luz</translation>
  </message>
  <message>
   <source>Turn what ignores the light</source>
   <translation>Girar lo que ignora la luz</translation>
  </message>
  <message>
   <source>Turn working colours</source>
   <translation>Convertir colores de trabajo</translation>
  </message>
  <message>
   <source>Turn working colours into their tones</source>
   <translation>Convertir los colores de trabajo en sus tonos</translation>
  </message>
  <message>
   <source>Turned</source>
   <translation>Giradas</translation>
  </message>
  <message>
   <source>Turned %1 by %2°. Ctrl+Z turns it back.</source>
   <translation>%1 girada %2°. Ctrl+Z la devuelve.</translation>
  </message>
  <message>
   <source>Twice the pixels</source>
   <translation>El doble de píxeles</translation>
  </message>
  <message>
   <source>Two arcs from tip to tip</source>
   <translation>Dos arcos de punta a punta</translation>
  </message>
  <message>
   <source>Two colours abut for %1 without overlap</source>
   <translation>Dos colores se tocan %1 sin solape</translation>
  </message>
  <message>
   <source>Two ends meet and are not joined</source>
   <translation>Dos extremos se tocan sin estar unidos</translation>
  </message>
  <message>
   <source>Two nodes in one place</source>
   <translation>Dos nodos en un lugar</translation>
  </message>
  <message>
   <source>Two tones</source>
   <translation>Dos tonos</translation>
  </message>
  <message>
   <source>Type</source>
   <translation>Escribir</translation>
  </message>
  <message>
   <source>Typeface</source>
   <translation>Tipografía</translation>
  </message>
  <message>
   <source>Typefaces</source>
   <translation>Tipografías</translation>
  </message>
  <message>
   <source>Under the pointer</source>
   <translation>Bajo el puntero</translation>
  </message>
  <message>
   <source>Undo</source>
   <translation>Deshacer</translation>
  </message>
  <message>
   <source>Undo: %1</source>
   <translation>Deshacer: %1</translation>
  </message>
  <message>
   <source>Ungroup</source>
   <translation>Desagrupar</translation>
  </message>
  <message>
   <source>Union</source>
   <translation>Unión</translation>
  </message>
  <message>
   <source>Unit</source>
   <translation>Unidad</translation>
  </message>
  <message>
   <source>Unit of the size</source>
   <translation>Unidad del tamaño</translation>
  </message>
  <message>
   <source>Unite</source>
   <translation>Fundir</translation>
  </message>
  <message>
   <source>Unlock</source>
   <translation>Desbloquear</translation>
  </message>
  <message>
   <source>Unlock facet</source>
   <translation>Desbloquear faceta</translation>
  </message>
  <message>
   <source>Unlock layer</source>
   <translation>Desbloquear capa</translation>
  </message>
  <message>
   <source>Unlock what is picked</source>
   <translation>Desbloquear lo elegido</translation>
  </message>
  <message>
   <source>Unlocked.</source>
   <translation>Desbloqueado.</translation>
  </message>
  <message>
   <source>Unsaved work</source>
   <translation>Trabajo sin guardar</translation>
  </message>
  <message>
   <source>Untitled</source>
   <translation>Sin título</translation>
  </message>
  <message>
   <source>Up</source>
   <translation>Arriba</translation>
  </message>
  <message>
   <source>Update all uses of this part</source>
   <translation>Actualizar todos los usos de esta pieza suelta</translation>
  </message>
  <message>
   <source>Update from part</source>
   <translation>Desde la pieza</translation>
  </message>
  <message>
   <source>Update the part from here</source>
   <translation>Actualizar la pieza desde aquí</translation>
  </message>
  <message>
   <source>Upright</source>
   <translation>Derecho</translation>
  </message>
  <message>
   <source>Usual width</source>
   <translation>Ancho usual</translation>
  </message>
  <message>
   <source>Variants</source>
   <translation>Variantes</translation>
  </message>
  <message>
   <source>Veil</source>
   <translation>Velo</translation>
  </message>
  <message>
   <source>View</source>
   <translation>Ver</translation>
  </message>
  <message>
   <source>View upright again</source>
   <translation>Vista derecha de nuevo</translation>
  </message>
  <message>
   <source>Vinyl cutter</source>
   <translation>Cortadora de vinilo</translation>
  </message>
  <message>
   <source>Violet drop</source>
   <translation>Caramelo de violeta</translation>
  </message>
  <message>
   <source>Waist</source>
   <translation>Cintura</translation>
  </message>
  <message>
   <source>Wanted share of dark</source>
   <translation>Parte deseada de oscuro</translation>
  </message>
  <message>
   <source>Warm from ink</source>
   <translation>Cálido de la tinta</translation>
  </message>
  <message>
   <source>Warm light</source>
   <translation>Luz cálida</translation>
  </message>
  <message>
   <source>Wave</source>
   <translation>Ola</translation>
  </message>
  <message>
   <source>Way</source>
   <translation>Dirección</translation>
  </message>
  <message>
   <source>Way of marks</source>
   <translation>Dirección de las marcas</translation>
  </message>
  <message>
   <source>Way of the light</source>
   <translation>Dirección de la luz</translation>
  </message>
  <message>
   <source>Wears %1; changed here, it lets go of it.</source>
   <translation>Lleva %1; si se cambia aquí, lo suelta.</translation>
  </message>
  <message>
   <source>Wears no look: it is its own.</source>
   <translation>No lleva aspecto: es el suyo propio.</translation>
  </message>
  <message>
   <source>Web icon</source>
   <translation>Icono web</translation>
  </message>
  <message>
   <source>Weight</source>
   <translation>Grosor</translation>
  </message>
  <message>
   <source>Weld</source>
   <translation>Soldar</translation>
  </message>
  <message>
   <source>Weld halves</source>
   <translation>Soldar mitades</translation>
  </message>
  <message>
   <source>Weld the mirrored halves</source>
   <translation>Soldar las mitades reflejadas</translation>
  </message>
  <message>
   <source>Welded: the halves of this layer are one line.</source>
   <translation>Soldado: las mitades de esta capa son una línea.</translation>
  </message>
  <message>
   <source>Welds ends within</source>
   <translation>Suelda extremos dentro de</translation>
  </message>
  <message>
   <source>Wells of enamel between raised metal lines.</source>
   <translation>Esmalte entre líneas de metal en relieve.</translation>
  </message>
  <message>
   <source>Wet cobbles</source>
   <translation>Adoquín mojado</translation>
  </message>
  <message>
   <source>What</source>
   <translation>Qué</translation>
  </message>
  <message>
   <source>What a shop or a cutter can hold, at the real size. 0 asks for nothing.</source>
   <translation>Lo que admite un taller o una cortadora, a tamaño real. 0 no pide nada.</translation>
  </message>
  <message>
   <source>What all of them cover</source>
   <translation>Lo que cubren todas</translation>
  </message>
  <message>
   <source>What all parts cover</source>
   <translation>Lo que cubren todas las partes</translation>
  </message>
  <message>
   <source>What could not be read: %1.</source>
   <translation>Lo que no se pudo leer: %1.</translation>
  </message>
  <message>
   <source>What do you want to do?</source>
   <translation>¿Qué quiere hacer?</translation>
  </message>
  <message>
   <source>What goes wrong</source>
   <translation>Qué sale mal</translation>
  </message>
  <message>
   <source>What happened</source>
   <translation>Qué pasó</translation>
  </message>
  <message>
   <source>What helps</source>
   <translation>Qué ayuda</translation>
  </message>
  <message>
   <source>What ignores it is drawn by hand: draw it on the other side.</source>
   <translation>Lo que la ignora está dibujado a mano: dibújalo en el otro lado.</translation>
  </message>
  <message>
   <source>What ignores the light is found by F12 and turned by Shift+F12. Keep a look by name and give it to all that are alike: change it once and all follow. For print, flatten turns blends into plain areas.</source>
   <translation>Lo que no hace caso de la luz se encuentra con F12 y se gira con Mayús+F12. Conserve un aspecto con nombre y délo a todo lo igual: cámbielo una vez y todo sigue. Para imprimir, aplanar convierte las mezclas en áreas simples.</translation>
  </message>
  <message>
   <source>What is darker stays darker, by about as much; locked layers stay</source>
   <translation>Lo más oscuro sigue más oscuro, más o menos igual; las capas bloqueadas no cambian</translation>
  </message>
  <message>
   <source>What is darker than the flag is traced. Drag it, or press left and right</source>
   <translation>Se calca lo que es más oscuro que la bandera. Arrástrela, o pulse izquierda y derecha</translation>
  </message>
  <message>
   <source>What is picked</source>
   <translation>Lo elegido</translation>
  </message>
  <message>
   <source>What is picked is hidden.</source>
   <translation>Lo elegido está oculto.</translation>
  </message>
  <message>
   <source>What is picked is locked.</source>
   <translation>Lo elegido está bloqueado.</translation>
  </message>
  <message>
   <source>What is picked, or drawn next, means dark</source>
   <translation>Lo elegido, o lo que se dibuje después, significa oscuro</translation>
  </message>
  <message>
   <source>What is picked, or drawn next, means light</source>
   <translation>Lo elegido, o lo que se dibuje después, significa claro</translation>
  </message>
  <message>
   <source>What is readable of it becomes things on the sheet, the rest is listed</source>
   <translation>Lo legible pasa a ser cosas en la hoja, el resto se enumera</translation>
  </message>
  <message>
   <source>What lies on the layer shows on both sides of an axis</source>
   <translation>Lo que hay en la capa se ve a ambos lados de un eje</translation>
  </message>
  <message>
   <source>What lies on this layer shows on both sides of the axis until you weld it.</source>
   <translation>Lo que hay en esta capa se ve a ambos lados del eje hasta que lo suelde.</translation>
  </message>
  <message>
   <source>What one thing throws on another</source>
   <translation>Lo que una cosa arroja sobre otra</translation>
  </message>
  <message>
   <source>What stands out stays, texture goes</source>
   <translation>Lo que destaca queda, la textura se va</translation>
  </message>
  <message>
   <source>What the look is called</source>
   <translation>Cómo se llama el aspecto</translation>
  </message>
  <message>
   <source>What the shop or cutter can hold: thinnest line, narrowest gap, inks, sizes</source>
   <translation>Lo que admite el taller o la cortadora: línea mínima, hueco mínimo, tintas, tamaños</translation>
  </message>
  <message>
   <source>What to do</source>
   <translation>Qué hacer</translation>
  </message>
  <message>
   <source>What was kept cannot be read: %1</source>
   <translation>Lo guardado no se puede leer: %1</translation>
  </message>
  <message>
   <source>What was there cannot be kept: %1.</source>
   <translation>Lo que había allí no se puede conservar: %1.</translation>
  </message>
  <message>
   <source>When a line between colours goes</source>
   <translation>Cuando se va una línea entre colores</translation>
  </message>
  <message>
   <source>Where an odd number lie</source>
   <translation>Donde hay un número impar</translation>
  </message>
  <message>
   <source>Where an odd number of them lie</source>
   <translation>Donde hay un número impar de ellas</translation>
  </message>
  <message>
   <source>Where light meets dark</source>
   <translation>Donde lo claro se encuentra con lo oscuro</translation>
  </message>
  <message>
   <source>Where pages are cut</source>
   <translation>Por dónde se cortan las páginas</translation>
  </message>
  <message>
   <source>While drawing</source>
   <translation>Al dibujar</translation>
  </message>
  <message>
   <source>Whole picture</source>
   <translation>Imagen entera</translation>
  </message>
  <message>
   <source>Whole sheet</source>
   <translation>Hoja entera</translation>
  </message>
  <message>
   <source>Wide</source>
   <translation>Ancha</translation>
  </message>
  <message>
   <source>Wide as seen</source>
   <translation>Ancho visible</translation>
  </message>
  <message>
   <source>Width</source>
   <translation>Ancho</translation>
  </message>
  <message>
   <source>Width along the line, by name</source>
   <translation>Grosor a lo largo de la línea, por nombre</translation>
  </message>
  <message>
   <source>Width along the line. Drag a bead up, down or along; click the shape for a new one; drag one off to remove it.
Keys: left and right pick a bead, up and down change its width, Insert adds, Delete removes</source>
   <translation>Grosor a lo largo de la línea. Arrastre una cuenta arriba, abajo o a lo largo; clic en la forma para una nueva; sáquela para quitarla.
Teclas: izquierda y derecha eligen una cuenta, arriba y abajo cambian su grosor, Insert añade, Supr quita</translation>
  </message>
  <message>
   <source>Width and height keep their proportion</source>
   <translation>Ancho y alto guardan su proporción</translation>
  </message>
  <message>
   <source>Width by a click</source>
   <translation>Ancho con un clic</translation>
  </message>
  <message>
   <source>Width of all</source>
   <translation>Ancho de todo</translation>
  </message>
  <message>
   <source>Width of crescent</source>
   <translation>Ancho de la media luna</translation>
  </message>
  <message>
   <source>Width of its length</source>
   <translation>Ancho de su largo</translation>
  </message>
  <message>
   <source>Width of the sheet as it is made, mm; all sizes are measured by it</source>
   <translation>Ancho de la hoja tal como se fabrica, mm; todos los tamaños se miden con él</translation>
  </message>
  <message>
   <source>Widths of pictures made of it, px, by spaces</source>
   <translation>Anchos de las imágenes, px, separados por espacios</translation>
  </message>
  <message>
   <source>Will be dark</source>
   <translation>Será oscuro</translation>
  </message>
  <message>
   <source>Will be light</source>
   <translation>Será claro</translation>
  </message>
  <message>
   <source>Without a name</source>
   <translation>Sin nombre</translation>
  </message>
  <message>
   <source>Without that cut nothing changes.</source>
   <translation>Sin ese corte no cambia nada.</translation>
  </message>
  <message>
   <source>Words</source>
   <translation>Palabras</translation>
  </message>
  <message>
   <source>Words in exported SVG as text or outlines</source>
   <translation>Palabras del SVG exportado como texto o contornos</translation>
  </message>
  <message>
   <source>Words stand</source>
   <translation>Las palabras van</translation>
  </message>
  <message>
   <source>Words that are still live</source>
   <translation>Palabras todavía vivas</translation>
  </message>
  <message>
   <source>Words to a shape for each letter</source>
   <translation>Palabras a una forma por letra</translation>
  </message>
  <message>
   <source>Words to find it by</source>
   <translation>Palabras para encontrarla</translation>
  </message>
  <message>
   <source>Words to one shape</source>
   <translation>Palabras a una forma</translation>
  </message>
  <message>
   <source>Words to shapes</source>
   <translation>Palabras a formas</translation>
  </message>
  <message>
   <source>Work of the last time was kept</source>
   <translation>Se guardó trabajo de la última vez</translation>
  </message>
  <message>
   <source>Worked out from its recipe.</source>
   <translation>Calculado a partir de su receta.</translation>
  </message>
  <message>
   <source>Worked out from the first.</source>
   <translation>Calculado a partir del primero.</translation>
  </message>
  <message>
   <source>Working colour: will be dark</source>
   <translation>Color de trabajo: será oscuro</translation>
  </message>
  <message>
   <source>Working colour: will be light</source>
   <translation>Color de trabajo: será claro</translation>
  </message>
  <message>
   <source>Working it out, %1 %</source>
   <translation>Calculando, %1 %</translation>
  </message>
  <message>
   <source>Working out the shapes, %1 %</source>
   <translation>Calculando las formas, %1 %</translation>
  </message>
  <message>
   <source>Written into SVG and PDF files as their metadata.</source>
   <translation>Se escribe como metadatos en los archivos SVG y PDF.</translation>
  </message>
  <message>
   <source>Your own · %1</source>
   <translation>Propia · %1</translation>
  </message>
  <message>
   <source>Z held</source>
   <translation>Z pulsada</translation>
  </message>
  <message>
   <source>Zoom in</source>
   <translation>Acercar</translation>
  </message>
  <message>
   <source>Zoom out</source>
   <translation>Alejar</translation>
  </message>
  <message>
   <source>a compound clip path</source>
   <translation>un trazado de recorte compuesto</translation>
  </message>
  <message>
   <source>a drop is open</source>
   <translation>una gota está abierta</translation>
  </message>
  <message>
   <source>a filter</source>
   <translation>un filtro</translation>
  </message>
  <message>
   <source>a line</source>
   <translation>una línea</translation>
  </message>
  <message>
   <source>a mask</source>
   <translation>una máscara</translation>
  </message>
  <message>
   <source>a pattern</source>
   <translation>un motivo</translation>
  </message>
  <message>
   <source>a picture</source>
   <translation>una imagen</translation>
  </message>
  <message>
   <source>a shape</source>
   <translation>una forma</translation>
  </message>
  <message>
   <source>a shape with holes</source>
   <translation>una forma con agujeros</translation>
  </message>
  <message>
   <source>above</source>
   <translation>arriba</translation>
  </message>
  <message>
   <source>add nodes bounds</source>
   <translation>añadir nodos límites</translation>
  </message>
  <message>
   <source>against the light</source>
   <translation>contra la luz</translation>
  </message>
  <message>
   <source>all after the first %1</source>
   <translation>todos después de los primeros %1</translation>
  </message>
  <message>
   <source>all colours are inks</source>
   <translation>todos los colores son tintas</translation>
  </message>
  <message>
   <source>all ends joined</source>
   <translation>todos los extremos unidos</translation>
  </message>
  <message>
   <source>all fills closed</source>
   <translation>todos los rellenos cerrados</translation>
  </message>
  <message>
   <source>an area</source>
   <translation>un área</translation>
  </message>
  <message>
   <source>and %1 more</source>
   <translation>y %1 más</translation>
  </message>
  <message numerus="yes">
   <source>and %n more</source>
   <translation>
    <numerusform>y %n más</numerusform>
    <numerusform>y %n más</numerusform>
   </translation>
  </message>
  <message>
   <source>and soft over</source>
   <translation>y suave a lo largo de</translation>
  </message>
  <message>
   <source>area</source>
   <translation>área</translation>
  </message>
  <message>
   <source>area %1 px²</source>
   <translation>área %1 px²</translation>
  </message>
  <message>
   <source>areas</source>
   <translation>áreas</translation>
  </message>
  <message>
   <source>as mixed</source>
   <translation>tal como se mezcló</translation>
  </message>
  <message>
   <source>band %1</source>
   <translation>banda %1</translation>
  </message>
  <message>
   <source>bead %1 of %2: %3 % of the width at %4 % of the length</source>
   <translation>cuenta %1 de %2: %3 % del grosor al %4 % del largo</translation>
  </message>
  <message>
   <source>below</source>
   <translation>abajo</translation>
  </message>
  <message>
   <source>both joins are corners</source>
   <translation>ambas uniones son esquinas</translation>
  </message>
  <message>
   <source>both joins are smooth</source>
   <translation>ambas uniones son suaves</translation>
  </message>
  <message>
   <source>bottom</source>
   <translation>abajo</translation>
  </message>
  <message>
   <source>breaks the handles apart; sizes from the middle</source>
   <translation>separa los tiradores; dimensiona desde el centro</translation>
  </message>
  <message>
   <source>by a straight drawn for it</source>
   <translation>por una recta dibujada para ello</translation>
  </message>
  <message>
   <source>by ends in a row</source>
   <translation>por extremos en fila</translation>
  </message>
  <message>
   <source>by itself</source>
   <translation>por sí solo</translation>
  </message>
  <message>
   <source>by the light</source>
   <translation>según la luz</translation>
  </message>
  <message>
   <source>by two halves alike</source>
   <translation>por dos mitades iguales</translation>
  </message>
  <message>
   <source>card</source>
   <translation>tarjeta</translation>
  </message>
  <message>
   <source>cast %1</source>
   <translation>arrojada %1</translation>
  </message>
  <message>
   <source>centre</source>
   <translation>centro</translation>
  </message>
  <message>
   <source>centre lines rulers</source>
   <translation>líneas centrales reglas</translation>
  </message>
  <message>
   <source>change</source>
   <translation>cambio</translation>
  </message>
  <message>
   <source>changes nothing</source>
   <translation>no cambia nada</translation>
  </message>
  <message>
   <source>check preflight print export pdf png eps</source>
   <translation>comprobar preimpresión imprimir exportar pdf png eps</translation>
  </message>
  <message>
   <source>clip mask clipping inside</source>
   <translation>recortar máscara dentro</translation>
  </message>
  <message>
   <source>close path</source>
   <translation>cerrar trazado</translation>
  </message>
  <message>
   <source>closed</source>
   <translation>cerrada</translation>
  </message>
  <message>
   <source>closed · %1 is here already</source>
   <translation>cerrado · %1 ya está aquí</translation>
  </message>
  <message>
   <source>closed · Enter takes it</source>
   <translation>cerrado · Intro lo toma</translation>
  </message>
  <message>
   <source>closed · click puts %1 here</source>
   <translation>cerrado · un clic pone %1 aquí</translation>
  </message>
  <message>
   <source>closed · click puts %1 in place of %2</source>
   <translation>cerrado · un clic pone %1 en lugar de %2</translation>
  </message>
  <message>
   <source>closes here</source>
   <translation>se cierra aquí</translation>
  </message>
  <message>
   <source>colour %1 of %2, %3</source>
   <translation>color %1 de %2, %3</translation>
  </message>
  <message>
   <source>combine together</source>
   <translation>combinar juntar</translation>
  </message>
  <message>
   <source>common overlap boolean</source>
   <translation>común solape booleana</translation>
  </message>
  <message>
   <source>composition aid</source>
   <translation>ayuda de composición</translation>
  </message>
  <message>
   <source>connect ends close path</source>
   <translation>conectar extremos cerrar trazado</translation>
  </message>
  <message>
   <source>cool</source>
   <translation>frío</translation>
  </message>
  <message>
   <source>core shade %1</source>
   <translation>sombra propia %1</translation>
  </message>
  <message>
   <source>crossing</source>
   <translation>cruce</translation>
  </message>
  <message>
   <source>cut %1 of %2 at %3 of 255</source>
   <translation>corte %1 de %2 en %3 de 255</translation>
  </message>
  <message>
   <source>darker</source>
   <translation>más oscuro</translation>
  </message>
  <message>
   <source>deskew perspective whiten levels contrast crop</source>
   <translation>enderezar perspectiva blanquear niveles contraste recortar</translation>
  </message>
  <message>
   <source>deskew rotate level</source>
   <translation>enderezar girar nivelar</translation>
  </message>
  <message>
   <source>divide break pieces fragment boolean</source>
   <translation>dividir romper piezas booleana</translation>
  </message>
  <message>
   <source>document properties metadata author licence title</source>
   <translation>propiedades del documento metadatos autor licencia título</translation>
  </message>
  <message>
   <source>drag to zoom</source>
   <translation>arrastre para ampliar</translation>
  </message>
  <message>
   <source>edge light %1</source>
   <translation>luz de borde %1</translation>
  </message>
  <message>
   <source>enough for marks</source>
   <translation>basta para marcas</translation>
  </message>
  <message>
   <source>enough for text</source>
   <translation>basta para texto</translation>
  </message>
  <message>
   <source>even</source>
   <translation>parejo</translation>
  </message>
  <message>
   <source>expand line to outline thick</source>
   <translation>expandir línea a contorno gruesa</translation>
  </message>
  <message>
   <source>expand transparency simplify</source>
   <translation>expandir transparencia simplificar</translation>
  </message>
  <message>
   <source>export all package files</source>
   <translation>exportar todo paquete archivos</translation>
  </message>
  <message>
   <source>eyedropper extract swatches</source>
   <translation>cuentagotas extraer muestras</translation>
  </message>
  <message>
   <source>fewer that way</source>
   <translation>menos hacia allí</translation>
  </message>
  <message>
   <source>fill</source>
   <comment>same</comment>
   <translation>relleno</translation>
  </message>
  <message>
   <source>fill paint swatch palette recolour</source>
   <translation>rellenar pintar muestra paleta recolorear</translation>
  </message>
  <message>
   <source>fill regions flatting base colours</source>
   <translation>rellenar regiones colores base</translation>
  </message>
  <message>
   <source>findings</source>
   <translation>hallazgos</translation>
  </message>
  <message>
   <source>finish the line</source>
   <translation>acabar la línea</translation>
  </message>
  <message>
   <source>fit page zoom all</source>
   <translation>ajustar página ver todo</translation>
  </message>
  <message>
   <source>fix repair preflight</source>
   <translation>reparar corregir preimpresión</translation>
  </message>
  <message>
   <source>flip direction</source>
   <translation>invertir dirección</translation>
  </message>
  <message>
   <source>flip reflect symmetry</source>
   <translation>voltear reflejar simetría</translation>
  </message>
  <message>
   <source>free to move</source>
   <translation>libre para moverse</translation>
  </message>
  <message>
   <source>from the edge</source>
   <translation>del borde</translation>
  </message>
  <message>
   <source>from what was drawn</source>
   <translation>de lo dibujado</translation>
  </message>
  <message>
   <source>furthest off %1 of %2 px</source>
   <translation>lo más apartado %1 de %2 px</translation>
  </message>
  <message>
   <source>gap %1</source>
   <translation>hueco %1</translation>
  </message>
  <message>
   <source>gap %1, counts as closed</source>
   <translation>hueco %1, cuenta como cerrado</translation>
  </message>
  <message>
   <source>gap closed</source>
   <translation>hueco cerrado</translation>
  </message>
  <message>
   <source>gap tolerance leak</source>
   <translation>hueco tolerancia fuga</translation>
  </message>
  <message>
   <source>gaps closed</source>
   <translation>huecos cerrados</translation>
  </message>
  <message>
   <source>go on from here</source>
   <translation>seguir desde aquí</translation>
  </message>
  <message>
   <source>gradient</source>
   <translation>degradado</translation>
  </message>
  <message>
   <source>gradient mask transparency</source>
   <translation>degradado máscara transparencia</translation>
  </message>
  <message>
   <source>grain texture halftone dots noise stipple</source>
   <translation>grano textura semitono puntos ruido</translation>
  </message>
  <message>
   <source>guide</source>
   <translation>guía</translation>
  </message>
  <message>
   <source>half high</source>
   <translation>a media altura</translation>
  </message>
  <message>
   <source>hidden</source>
   <translation>oculto</translation>
  </message>
  <message>
   <source>high</source>
   <translation>alta</translation>
  </message>
  <message>
   <source>highlight rim light shine</source>
   <translation>brillo luz de contorno</translation>
  </message>
  <message>
   <source>in Nodes: smooth or corner</source>
   <translation>en Nodos: suave o esquina</translation>
  </message>
  <message>
   <source>in hand</source>
   <translation>en mano</translation>
  </message>
  <message>
   <source>inset outset expand contract grow shrink contour</source>
   <translation>hacia dentro hacia fuera expandir contraer contorno</translation>
  </message>
  <message>
   <source>inside %1</source>
   <translation>dentro de %1</translation>
  </message>
  <message>
   <source>inside nothing: it stays as it is</source>
   <translation>dentro de nada: queda como está</translation>
  </message>
  <message>
   <source>into %1</source>
   <translation>en %1</translation>
  </message>
  <message>
   <source>invert fill stroke</source>
   <translation>invertir relleno trazo</translation>
  </message>
  <message>
   <source>it has no name.</source>
   <translation>no tiene nombre.</translation>
  </message>
  <message>
   <source>it is not a JSON object.</source>
   <translation>no es un objeto JSON.</translation>
  </message>
  <message>
   <source>its picture is gone: the last shapes stay</source>
   <translation>su imagen ya no está: quedan las últimas formas</translation>
  </message>
  <message>
   <source>kept %1 h ago</source>
   <translation>guardado hace %1 h</translation>
  </message>
  <message>
   <source>kept %1 min ago</source>
   <translation>guardado hace %1 min</translation>
  </message>
  <message>
   <source>kept just now</source>
   <translation>guardado ahora mismo</translation>
  </message>
  <message>
   <source>kept whole: %1</source>
   <translation>conservada entera: %1</translation>
  </message>
  <message>
   <source>largest move %1</source>
   <translation>mayor movimiento %1</translation>
  </message>
  <message>
   <source>layers</source>
   <translation>capas</translation>
  </message>
  <message>
   <source>leak</source>
   <translation>fuga</translation>
  </message>
  <message>
   <source>leaks</source>
   <translation>fugas</translation>
  </message>
  <message>
   <source>left</source>
   <translation>izquierda</translation>
  </message>
  <message>
   <source>let go, then Pick</source>
   <translation>soltar, luego Elegir</translation>
  </message>
  <message>
   <source>light %1°, %2</source>
   <translation>luz %1°, %2</translation>
  </message>
  <message>
   <source>lighter</source>
   <translation>más claro</translation>
  </message>
  <message>
   <source>line colour</source>
   <comment>same</comment>
   <translation>color de línea</translation>
  </message>
  <message>
   <source>lines</source>
   <translation>líneas</translation>
  </message>
  <message>
   <source>live parts</source>
   <translation>partes vivas</translation>
  </message>
  <message>
   <source>live · </source>
   <translation>vivo · </translation>
  </message>
  <message>
   <source>live · %1 areas, %2 nodes</source>
   <translation>vivo · %1 áreas, %2 nodos</translation>
  </message>
  <message>
   <source>live · working out the shapes</source>
   <translation>vivo · calculando las formas</translation>
  </message>
  <message>
   <source>locked</source>
   <translation>bloqueado</translation>
  </message>
  <message>
   <source>low</source>
   <translation>baja</translation>
  </message>
  <message>
   <source>lower left</source>
   <translation>abajo a la izquierda</translation>
  </message>
  <message>
   <source>lower right</source>
   <translation>abajo a la derecha</translation>
  </message>
  <message>
   <source>magnet snap align</source>
   <translation>imán ajustar alinear</translation>
  </message>
  <message>
   <source>mark</source>
   <translation>marca</translation>
  </message>
  <message>
   <source>markers on a line</source>
   <translation>marcadores en una línea</translation>
  </message>
  <message>
   <source>merge halves stitch sew</source>
   <translation>unir mitades coser</translation>
  </message>
  <message>
   <source>middle</source>
   <translation>medio</translation>
  </message>
  <message>
   <source>mirror flip weld join unite merge boolean shape close</source>
   <translation>reflejar voltear soldar unir fusionar booleana forma cerrar</translation>
  </message>
  <message>
   <source>mm</source>
   <translation>mm</translation>
  </message>
  <message>
   <source>move the sheet</source>
   <translation>mover la hoja</translation>
  </message>
  <message>
   <source>move what is picked by 1 px; Shift 10, Alt 0.1</source>
   <translation>mover lo elegido 1 px; Mayús 10, Alt 0,1</translation>
  </message>
  <message>
   <source>no areas yet</source>
   <translation>aún sin áreas</translation>
  </message>
  <message>
   <source>no cut</source>
   <translation>sin corte</translation>
  </message>
  <message>
   <source>no doubled nodes</source>
   <translation>sin nodos dobles</translation>
  </message>
  <message>
   <source>no doubles</source>
   <translation>sin duplicados</translation>
  </message>
  <message>
   <source>no gaps at ends</source>
   <translation>sin huecos en extremos</translation>
  </message>
  <message>
   <source>no hole</source>
   <translation>sin agujero</translation>
  </message>
  <message>
   <source>no kinks</source>
   <translation>sin quiebros</translation>
  </message>
  <message>
   <source>no live words</source>
   <translation>sin palabras vivas</translation>
  </message>
  <message>
   <source>no needless nodes</source>
   <translation>sin nodos innecesarios</translation>
  </message>
  <message>
   <source>no overshoots</source>
   <translation>sin extremos pasados</translation>
  </message>
  <message>
   <source>no picture yet</source>
   <translation>aún sin imagen</translation>
  </message>
  <message>
   <source>no self-crossings</source>
   <translation>sin autocruces</translation>
  </message>
  <message>
   <source>no slivers</source>
   <translation>sin rendijas</translation>
  </message>
  <message>
   <source>no snapping</source>
   <translation>sin ajuste</translation>
  </message>
  <message>
   <source>no stack yet: choose how many tones</source>
   <translation>aún sin pila: elija cuántos tonos</translation>
  </message>
  <message>
   <source>no stop</source>
   <translation>sin parada</translation>
  </message>
  <message>
   <source>no stray points</source>
   <translation>sin puntos sueltos</translation>
  </message>
  <message>
   <source>no tags</source>
   <translation>sin etiquetas</translation>
  </message>
  <message>
   <source>no tones</source>
   <translation>sin tonos</translation>
  </message>
  <message>
   <source>node</source>
   <translation>nodo</translation>
  </message>
  <message>
   <source>node %1</source>
   <translation>nodo %1</translation>
  </message>
  <message>
   <source>nodes</source>
   <translation>nodos</translation>
  </message>
  <message>
   <source>nodes in this line, %1 on the sheet</source>
   <translation>nodos en esta línea, %1 en la hoja</translation>
  </message>
  <message>
   <source>nodes on the sheet</source>
   <translation>nodos en la hoja</translation>
  </message>
  <message>
   <source>nodes picked, %1 on the sheet</source>
   <translation>nodos elegidos, %1 en la hoja</translation>
  </message>
  <message>
   <source>none</source>
   <translation>ninguna</translation>
  </message>
  <message>
   <source>not begun</source>
   <translation>sin empezar</translation>
  </message>
  <message>
   <source>not kept yet</source>
   <translation>aún sin guardar</translation>
  </message>
  <message>
   <source>not looked at</source>
   <translation>sin mirar</translation>
  </message>
  <message>
   <source>not looked at since</source>
   <translation>sin mirar desde entonces</translation>
  </message>
  <message>
   <source>not used</source>
   <translation>sin usar</translation>
  </message>
  <message>
   <source>nothing</source>
   <translation>nada</translation>
  </message>
  <message>
   <source>nothing encloses this</source>
   <translation>nada encierra esto</translation>
  </message>
  <message>
   <source>nothing hidden</source>
   <translation>nada oculto</translation>
  </message>
  <message>
   <source>on %1</source>
   <translation>en %1</translation>
  </message>
  <message>
   <source>on the line</source>
   <translation>en la línea</translation>
  </message>
  <message>
   <source>one join is smooth, one a corner</source>
   <translation>una unión es suave, otra esquina</translation>
  </message>
  <message>
   <source>open</source>
   <translation>abierta</translation>
  </message>
  <message>
   <source>open end</source>
   <translation>extremo abierto</translation>
  </message>
  <message>
   <source>open ends</source>
   <translation>extremos abiertos</translation>
  </message>
  <message>
   <source>open here: the fill stays as it was</source>
   <translation>abierto aquí: el relleno queda como estaba</translation>
  </message>
  <message>
   <source>open, %1 ends</source>
   <translation>abierta, %1 extremos</translation>
  </message>
  <message>
   <source>or start drawing: press 2, then S</source>
   <translation>o empiece a dibujar: pulse 2 y luego S</translation>
  </message>
  <message>
   <source>outline text convert type to shapes</source>
   <translation>convertir texto en formas contornear</translation>
  </message>
  <message>
   <source>over</source>
   <translation>en</translation>
  </message>
  <message>
   <source>painting</source>
   <translation>pintar</translation>
  </message>
  <message>
   <source>panels</source>
   <translation>paneles</translation>
  </message>
  <message>
   <source>part %1</source>
   <translation>parte %1</translation>
  </message>
  <message>
   <source>patch · %1 darker</source>
   <translation>parche · %1 más oscuro</translation>
  </message>
  <message>
   <source>patch · %1 lighter</source>
   <translation>parche · %1 más claro</translation>
  </message>
  <message>
   <source>patch · no change</source>
   <translation>parche · sin cambio</translation>
  </message>
  <message>
   <source>posterize threshold separate levels screen print</source>
   <translation>posterizar umbral separar niveles serigrafía</translation>
  </message>
  <message>
   <source>posterize vectorize colours quantize</source>
   <translation>posterizar vectorizar colores</translation>
  </message>
  <message>
   <source>pt</source>
   <translation>pt</translation>
  </message>
  <message>
   <source>pulled %1</source>
   <translation>%1 de tirón</translation>
  </message>
  <message>
   <source>px</source>
   <translation>px</translation>
  </message>
  <message>
   <source>px, by spaces</source>
   <translation>px, separados por espacios</translation>
  </message>
  <message>
   <source>px²</source>
   <translation>px²</translation>
  </message>
  <message>
   <source>radius %1 px</source>
   <translation>radio %1 px</translation>
  </message>
  <message>
   <source>reading edges, %1 %</source>
   <translation>leyendo bordes, %1 %</translation>
  </message>
  <message>
   <source>ready to deliver</source>
   <translation>listo para entregar</translation>
  </message>
  <message>
   <source>release mask unclip</source>
   <translation>soltar máscara</translation>
  </message>
  <message>
   <source>right</source>
   <translation>derecha</translation>
  </message>
  <message>
   <source>save as png pdf svg</source>
   <translation>guardar como png pdf svg</translation>
  </message>
  <message>
   <source>scan import photo straighten crop perspective</source>
   <translation>escanear importar foto enderezar recortar perspectiva</translation>
  </message>
  <message>
   <source>select same colour</source>
   <translation>seleccionar mismo color</translation>
  </message>
  <message>
   <source>select same stroke</source>
   <translation>seleccionar mismo trazo</translation>
  </message>
  <message>
   <source>select same width thickness</source>
   <translation>seleccionar mismo grosor</translation>
  </message>
  <message>
   <source>set: the shapes are artwork now</source>
   <translation>fijado: las formas son ya parte de la obra</translation>
  </message>
  <message>
   <source>shades, %1 clipped</source>
   <translation>sombras, %1 recortadas</translation>
  </message>
  <message>
   <source>shades, all inside</source>
   <translation>sombras, todas dentro</translation>
  </message>
  <message>
   <source>shadow</source>
   <translation>sombra</translation>
  </message>
  <message>
   <source>shadow highlight gradient light blend multiply</source>
   <translation>sombra brillo degradado luz mezcla multiplicar</translation>
  </message>
  <message>
   <source>shapes</source>
   <translation>formas</translation>
  </message>
  <message>
   <source>sharp</source>
   <translation>vivas</translation>
  </message>
  <message>
   <source>sheet centre</source>
   <translation>centro de la hoja</translation>
  </message>
  <message>
   <source>sheet edge</source>
   <translation>borde de la hoja</translation>
  </message>
  <message>
   <source>sliver %1 wide</source>
   <translation>astilla de %1</translation>
  </message>
  <message>
   <source>sliver, %1</source>
   <translation>astilla, %1</translation>
  </message>
  <message>
   <source>slivers</source>
   <translation>astillas</translation>
  </message>
  <message>
   <source>slivers, thinnest %1</source>
   <translation>astillas, la más fina %1</translation>
  </message>
  <message>
   <source>small piece, %1 px²</source>
   <translation>pieza pequeña, %1 px²</translation>
  </message>
  <message>
   <source>smooth relax clean up curve</source>
   <translation>suavizar relajar limpiar curva</translation>
  </message>
  <message>
   <source>steps of 15°, or along one axis</source>
   <translation>pasos de 15°, o a lo largo de un eje</translation>
  </message>
  <message>
   <source>stop %1 of %2 at %3 %, %4</source>
   <translation>parada %1 de %2 al %3 %, %4</translation>
  </message>
  <message>
   <source>subtract minus cut out punch boolean</source>
   <translation>restar menos recortar perforar booleana</translation>
  </message>
  <message>
   <source>survey</source>
   <translation>recuento</translation>
  </message>
  <message>
   <source>swatches colour scheme</source>
   <translation>muestras esquema de color</translation>
  </message>
  <message>
   <source>symbols library components</source>
   <translation>símbolos biblioteca componentes</translation>
  </message>
  <message>
   <source>symmetry centre line</source>
   <translation>simetría línea central</translation>
  </message>
  <message>
   <source>take back the last node</source>
   <translation>quitar el último nodo</translation>
  </message>
  <message>
   <source>taken back</source>
   <translation>deshecho</translation>
  </message>
  <message>
   <source>the lines</source>
   <translation>las líneas</translation>
  </message>
  <message>
   <source>the picture</source>
   <translation>la imagen</translation>
  </message>
  <message>
   <source>the present state</source>
   <translation>el estado actual</translation>
  </message>
  <message>
   <source>this area</source>
   <translation>esta área</translation>
  </message>
  <message>
   <source>tone areas</source>
   <translation>áreas de tono</translation>
  </message>
  <message>
   <source>too little for marks</source>
   <translation>poco para marcas</translation>
  </message>
  <message>
   <source>tool</source>
   <translation>herramienta</translation>
  </message>
  <message>
   <source>top</source>
   <translation>arriba</translation>
  </message>
  <message>
   <source>undo list steps states</source>
   <translation>deshacer lista pasos estados</translation>
  </message>
  <message>
   <source>unite merge add combine fuse boolean</source>
   <translation>unir fusionar sumar combinar booleana</translation>
  </message>
  <message>
   <source>upper left</source>
   <translation>arriba a la izquierda</translation>
  </message>
  <message>
   <source>upper right</source>
   <translation>arriba a la derecha</translation>
  </message>
  <message>
   <source>value %1 of 255</source>
   <translation>valor %1 de 255</translation>
  </message>
  <message>
   <source>vectorize centerline skeleton ink pencil</source>
   <translation>vectorizar línea central esqueleto tinta lápiz</translation>
  </message>
  <message>
   <source>vectorize outline pencil ink pen bezier smooth simplify</source>
   <translation>vectorizar contorno lápiz tinta pluma bézier suavizar simplificar</translation>
  </message>
  <message>
   <source>vectorize silhouette threshold outline</source>
   <translation>vectorizar silueta umbral contorno</translation>
  </message>
  <message>
   <source>version snapshot</source>
   <translation>versión instantánea</translation>
  </message>
  <message>
   <source>versions snapshots</source>
   <translation>versiones instantáneas</translation>
  </message>
  <message>
   <source>wanted %1</source>
   <translation>deseado %1</translation>
  </message>
  <message>
   <source>warm</source>
   <translation>cálido</translation>
  </message>
  <message>
   <source>weak edge, click to hold</source>
   <translation>borde débil, clic para sujetar</translation>
  </message>
  <message>
   <source>weight</source>
   <comment>same</comment>
   <translation>grosor</translation>
  </message>
  <message>
   <source>widths</source>
   <translation>anchos</translation>
  </message>
  <message>
   <source>without ink</source>
   <translation>sin tinta</translation>
  </message>
  <message>
   <source>words</source>
   <translation>palabras</translation>
  </message>
  <message>
   <source>xor knock out boolean</source>
   <translation>xor calar booleana</translation>
  </message>
  <message>
   <source>{title}, {variant}, {layer} and {date} are replaced</source>
   <translation>{title}, {variant}, {layer} y {date} se sustituyen</translation>
  </message>
 </context>
</TS>
