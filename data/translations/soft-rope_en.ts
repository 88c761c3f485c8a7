<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_US">
 <context>
  <name />
  <message numerus="yes">
   <source> · %n slivers join</source>
   <translation>
    <numerusform> · %n sliver joins</numerusform>
    <numerusform> · %n slivers join</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 + %1 halves → %n line(s), %2 of %3 seams smooth</source>
   <translation>
    <numerusform>%1 + %1 halves → %n line, %2 of %3 seams smooth</numerusform>
    <numerusform>%1 + %1 halves → %n lines, %2 of %3 seams smooth</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 closes %n more area(s).</source>
   <translation>
    <numerusform>%1 closes %n more area.</numerusform>
    <numerusform>%1 closes %n more areas.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 closes %n more area(s): %2.</source>
   <translation>
    <numerusform>%1 closes %n more area: %2.</numerusform>
    <numerusform>%1 closes %n more areas: %2.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 in %n area(s), by the light.</source>
   <translation>
    <numerusform>%1 in %n area, by the light.</numerusform>
    <numerusform>%1 in %n areas, by the light.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 in %n area(s).</source>
   <translation>
    <numerusform>%1 in %n area.</numerusform>
    <numerusform>%1 in %n areas.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 of %n area(s) inked</source>
   <translation>
    <numerusform>%1 of %n area inked</numerusform>
    <numerusform>%1 of %n areas inked</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 picked · %n shade(s) inside</source>
   <translation>
    <numerusform>%1 picked · %n shade inside</numerusform>
    <numerusform>%1 picked · %n shades inside</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 shapes → %n outline(s)</source>
   <translation>
    <numerusform>%1 shapes → %n outline</numerusform>
    <numerusform>%1 shapes → %n outlines</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 · worn by %n shade(s)</source>
   <translation>
    <numerusform>%1 · worn by %n shade</numerusform>
    <numerusform>%1 · worn by %n shades</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1, %n open end(s)</source>
   <translation>
    <numerusform>%1, %n open end</numerusform>
    <numerusform>%1, %n open ends</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1, %n sliver(s)</source>
   <translation>
    <numerusform>%1, %n sliver</numerusform>
    <numerusform>%1, %n slivers</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n %1 element(s)</source>
   <translation>
    <numerusform>%n %1 element</numerusform>
    <numerusform>%n %1 elements</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s)</source>
   <translation>
    <numerusform>%n area</numerusform>
    <numerusform>%n areas</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) enclosed</source>
   <translation>
    <numerusform>%n area enclosed</numerusform>
    <numerusform>%n areas enclosed</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) gathered</source>
   <translation>
    <numerusform>%n area gathered</numerusform>
    <numerusform>%n areas gathered</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) → 1 shape</source>
   <translation>
    <numerusform>%n area → 1 shape</numerusform>
    <numerusform>%n areas → 1 shape</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s), no inks</source>
   <translation>
    <numerusform>%n area, no inks</numerusform>
    <numerusform>%n areas, no inks</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n areas have no ink.</source>
   <translation>
    <numerusform>%n area has no ink.</numerusform>
    <numerusform>%n areas have no ink.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken part(s) kept whole</source>
   <translation>
    <numerusform>%n broken part kept whole</numerusform>
    <numerusform>%n broken parts kept whole</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken picture(s)</source>
   <translation>
    <numerusform>%n broken picture</numerusform>
    <numerusform>%n broken pictures</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken stage(s)</source>
   <translation>
    <numerusform>%n broken stage</numerusform>
    <numerusform>%n broken stages</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n can be mended safely</source>
   <translation>
    <numerusform>%n can be mended safely</numerusform>
    <numerusform>%n can be mended safely</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n clip path(s) (drawn without)</source>
   <translation>
    <numerusform>%n clip path (drawn without)</numerusform>
    <numerusform>%n clip paths (drawn without)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n colour(s) replaced by an ink</source>
   <translation>
    <numerusform>%n colour replaced by an ink</numerusform>
    <numerusform>%n colours replaced by an ink</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n corners have room for less only.</source>
   <translation>
    <numerusform>%n corner has room for less only.</numerusform>
    <numerusform>%n corners have room for less only.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n double(s) taken out</source>
   <translation>
    <numerusform>%n double taken out</numerusform>
    <numerusform>%n doubles taken out</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n doubled node(s) merged</source>
   <translation>
    <numerusform>%n doubled node merged</numerusform>
    <numerusform>%n doubled nodes merged</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n drops are open and stay as they were.</source>
   <translation>
    <numerusform>%n drop is open and stays as it was.</numerusform>
    <numerusform>%n drops are open and stay as they were.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n end(s) open on this sheet</source>
   <translation>
    <numerusform>%n end open on this sheet</numerusform>
    <numerusform>%n ends open on this sheet</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n end(s) trimmed</source>
   <translation>
    <numerusform>%n end trimmed</numerusform>
    <numerusform>%n ends trimmed</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n file(s) delivered to %1.</source>
   <translation>
    <numerusform>%n file delivered to %1.</numerusform>
    <numerusform>%n files delivered to %1.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n file(s), %1</source>
   <translation>
    <numerusform>%n file, %1</numerusform>
    <numerusform>%n files, %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n fill(s) closed</source>
   <translation>
    <numerusform>%n fill closed</numerusform>
    <numerusform>%n fills closed</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n filter(s) (drawn without)</source>
   <translation>
    <numerusform>%n filter (drawn without)</numerusform>
    <numerusform>%n filters (drawn without)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n finding(s)</source>
   <translation>
    <numerusform>%n finding</numerusform>
    <numerusform>%n findings</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n gradient(s) over the bounds of a turned shape (some programs measure those larger)</source>
   <translation>
    <numerusform>%n gradient over the bounds of a turned shape (some programs measure those larger)</numerusform>
    <numerusform>%n gradients over the bounds of a turned shape (some programs measure those larger)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n group(s) nested deeper than %1 (flattened)</source>
   <translation>
    <numerusform>%n group nested deeper than %1 (flattened)</numerusform>
    <numerusform>%n groups nested deeper than %1 (flattened)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n group(s) too deeply nested</source>
   <translation>
    <numerusform>%n group too deeply nested</numerusform>
    <numerusform>%n groups too deeply nested</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n hidden thing(s) taken out</source>
   <translation>
    <numerusform>%n hidden thing taken out</numerusform>
    <numerusform>%n hidden things taken out</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n hole(s)</source>
   <translation>
    <numerusform>%n hole</numerusform>
    <numerusform>%n holes</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n inflection(s)</source>
   <translation>
    <numerusform>%n inflection</numerusform>
    <numerusform>%n inflections</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n ink(s) ready</source>
   <translation>
    <numerusform>%n ink ready</numerusform>
    <numerusform>%n inks ready</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n kink(s) smoothed</source>
   <translation>
    <numerusform>%n kink smoothed</numerusform>
    <numerusform>%n kinks smoothed</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n lettering(s) outlined</source>
   <translation>
    <numerusform>%n lettering outlined</numerusform>
    <numerusform>%n letterings outlined</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s)</source>
   <translation>
    <numerusform>%n line</numerusform>
    <numerusform>%n lines</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) may stay open: their ends are no longer counted or ringed.</source>
   <translation>
    <numerusform>%n line may stay open: their ends are no longer counted or ringed.</numerusform>
    <numerusform>%n lines may stay open: their ends are no longer counted or ringed.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) of words set in %1</source>
   <translation>
    <numerusform>%n line of words set in %1</numerusform>
    <numerusform>%n lines of words set in %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) reduced</source>
   <translation>
    <numerusform>%n line reduced</numerusform>
    <numerusform>%n lines reduced</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n linked picture(s)</source>
   <translation>
    <numerusform>%n linked picture</numerusform>
    <numerusform>%n linked pictures</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mark(s) scattered. Kind, size and seed can be changed on the card.</source>
   <translation>
    <numerusform>%n mark scattered. Kind, size and seed can be changed on the card.</numerusform>
    <numerusform>%n marks scattered. Kind, size and seed can be changed on the card.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mark(s), seed %1</source>
   <translation>
    <numerusform>%n mark, seed %1</numerusform>
    <numerusform>%n marks, seed %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mask(s) (drawn without)</source>
   <translation>
    <numerusform>%n mask (drawn without)</numerusform>
    <numerusform>%n masks (drawn without)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n more after this</source>
   <translation>
    <numerusform>%n more after this</numerusform>
    <numerusform>%n more after this</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n needless node(s) taken out</source>
   <translation>
    <numerusform>%n needless node taken out</numerusform>
    <numerusform>%n needless nodes taken out</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n node(s), many more than it needs</source>
   <translation>
    <numerusform>%n node, many more than it needs</numerusform>
    <numerusform>%n nodes, many more than it needs</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n nodes picked</source>
   <translation>
    <numerusform>%n node picked</numerusform>
    <numerusform>%n nodes picked</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n outline(s) united with themselves</source>
   <translation>
    <numerusform>%n outline united with themselves</numerusform>
    <numerusform>%n outlines united with themselves</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pair(s) of ends joined</source>
   <translation>
    <numerusform>%n pair of ends joined</numerusform>
    <numerusform>%n pairs of ends joined</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pairs of ends are that near.</source>
   <translation>
    <numerusform>%n pair of ends is that near.</numerusform>
    <numerusform>%n pairs of ends are that near.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) kept whole left out</source>
   <translation>
    <numerusform>%n part kept whole left out</numerusform>
    <numerusform>%n parts kept whole left out</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) kept whole: %1</source>
   <translation>
    <numerusform>%n part kept whole: %1</numerusform>
    <numerusform>%n parts kept whole: %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) that cannot be kept whole (drawn as far as it goes)</source>
   <translation>
    <numerusform>%n part that cannot be kept whole (drawn as far as it goes)</numerusform>
    <numerusform>%n parts that cannot be kept whole (drawn as far as it goes)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n path(s) broken off at a fault</source>
   <translation>
    <numerusform>%n path broken off at a fault</numerusform>
    <numerusform>%n paths broken off at a fault</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pattern(s) (painted grey)</source>
   <translation>
    <numerusform>%n pattern (painted grey)</numerusform>
    <numerusform>%n patterns (painted grey)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n picture(s)</source>
   <translation>
    <numerusform>%n picture</numerusform>
    <numerusform>%n pictures</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n picture(s) left out</source>
   <translation>
    <numerusform>%n picture left out</numerusform>
    <numerusform>%n pictures left out</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n piece(s)</source>
   <translation>
    <numerusform>%n piece</numerusform>
    <numerusform>%n pieces</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pieces are much smaller than the rest.</source>
   <translation>
    <numerusform>%n piece is much smaller than the rest.</numerusform>
    <numerusform>%n pieces are much smaller than the rest.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n reference(s) taken out</source>
   <translation>
    <numerusform>%n reference taken out</numerusform>
    <numerusform>%n references taken out</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n rule(s) of style sheets</source>
   <translation>
    <numerusform>%n rule of style sheets</numerusform>
    <numerusform>%n rules of style sheets</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n seam(s) overlapped</source>
   <translation>
    <numerusform>%n seam overlapped</numerusform>
    <numerusform>%n seams overlapped</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n seam(s) welded, %1 smooth; %2 copied. The halves are kept on a hidden layer.</source>
   <translation>
    <numerusform>%n seam welded, %1 smooth; %2 copied. The halves are kept on a hidden layer.</numerusform>
    <numerusform>%n seams welded, %1 smooth; %2 copied. The halves are kept on a hidden layer.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) ignore the light.</source>
   <translation>
    <numerusform>%n shade ignore the light.</numerusform>
    <numerusform>%n shades ignore the light.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) ignore the light; this is one.</source>
   <translation>
    <numerusform>%n shade ignore the light; this is one.</numerusform>
    <numerusform>%n shades ignore the light; this is one.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) inside</source>
   <translation>
    <numerusform>%n shade inside</numerusform>
    <numerusform>%n shades inside</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) inside. It stays in its area and can be edited beyond the border.</source>
   <translation>
    <numerusform>%n shade inside. It stays in its area and can be edited beyond the border.</numerusform>
    <numerusform>%n shades inside. It stays in its area and can be edited beyond the border.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) turned to the light</source>
   <translation>
    <numerusform>%n shade turned to the light</numerusform>
    <numerusform>%n shades turned to the light</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s), %1 against the light</source>
   <translation>
    <numerusform>%n shade, %1 against the light</numerusform>
    <numerusform>%n shades, %1 against the light</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s), light from %1</source>
   <translation>
    <numerusform>%n shade, light from %1</numerusform>
    <numerusform>%n shades, light from %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s)</source>
   <translation>
    <numerusform>%n shape</numerusform>
    <numerusform>%n shapes</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s) taken in as parts.</source>
   <translation>
    <numerusform>%n shape taken in as parts.</numerusform>
    <numerusform>%n shapes taken in as parts.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s) with numbers out of range</source>
   <translation>
    <numerusform>%n shape with numbers out of range</numerusform>
    <numerusform>%n shapes with numbers out of range</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n sliver(s) closed</source>
   <translation>
    <numerusform>%n sliver closed</numerusform>
    <numerusform>%n slivers closed</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n specks go to their neighbours.</source>
   <translation>
    <numerusform>%n speck goes to its neighbour.</numerusform>
    <numerusform>%n specks go to their neighbours.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n stray point(s) taken out</source>
   <translation>
    <numerusform>%n stray point taken out</numerusform>
    <numerusform>%n stray points taken out</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n text(s)</source>
   <translation>
    <numerusform>%n text</numerusform>
    <numerusform>%n texts</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n thing(s)</source>
   <translation>
    <numerusform>%n thing</numerusform>
    <numerusform>%n things</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n time(s). Change any one of them and all follow.</source>
   <translation>
    <numerusform>%n time. Change any one of them and all follow.</numerusform>
    <numerusform>%n times. Change any one of them and all follow.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n tone(s)</source>
   <translation>
    <numerusform>%n tone</numerusform>
    <numerusform>%n tones</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n use(s) brought up to the part.</source>
   <translation>
    <numerusform>%n use brought up to the part.</numerusform>
    <numerusform>%n uses brought up to the part.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n use(s) of another element</source>
   <translation>
    <numerusform>%n use of another element</numerusform>
    <numerusform>%n uses of another element</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>Crescents follow the light now; %n drawn shade(s) do not.</source>
   <translation>
    <numerusform>Crescents follow the light now; %n drawn shade do not.</numerusform>
    <numerusform>Crescents follow the light now; %n drawn shades do not.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>Deleted %n things. Ctrl+Z brings them back.</source>
   <translation>
    <numerusform>Deleted %n thing. Ctrl+Z brings it back.</numerusform>
    <numerusform>Deleted %n things. Ctrl+Z brings them back.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>Drawing %n page(s) of %1</source>
   <translation>
    <numerusform>Drawing %n page of %1</numerusform>
    <numerusform>Drawing %n pages of %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>Gaps up to %1 count as closed: %n more area(s).</source>
   <translation>
    <numerusform>Gaps up to %1 count as closed: %n more area.</numerusform>
    <numerusform>Gaps up to %1 count as closed: %n more areas.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>Removed %n nodes. Ctrl+Z brings them back.</source>
   <translation>
    <numerusform>Removed %n node. Ctrl+Z brings it back.</numerusform>
    <numerusform>Removed %n nodes. Ctrl+Z brings them back.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>Tell %n again</source>
   <translation>
    <numerusform>Tell %n again</numerusform>
    <numerusform>Tell %n again</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>The ends of %n line(s) count again.</source>
   <translation>
    <numerusform>The ends of %n line count again.</numerusform>
    <numerusform>The ends of %n lines count again.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>The part is as it is here now. %n other use(s) on this sheet: All uses brings them up to it.</source>
   <translation>
    <numerusform>The part is as it is here now. %n other use on this sheet: All uses brings them up to it.</numerusform>
    <numerusform>The part is as it is here now. %n other uses on this sheet: All uses brings them up to it.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>and %n more</source>
   <translation>
    <numerusform>and %n more</numerusform>
    <numerusform>and %n more</numerusform>
   </translation>
  </message>
 </context>
</TS>
