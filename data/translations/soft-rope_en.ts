<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_US">
 <context>
  <name>Step</name>
  <message numerus="yes">
   <source>%n area(s)</source>
   <translation>
    <numerusform>%n area</numerusform>
    <numerusform>%n areas</numerusform>
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
   <source>%n ink(s) ready</source>
   <translation>
    <numerusform>%n ink ready</numerusform>
    <numerusform>%n inks ready</numerusform>
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
   <source>%1 of %n area(s) inked</source>
   <translation>
    <numerusform>%1 of %n area inked</numerusform>
    <numerusform>%1 of %n areas inked</numerusform>
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
   <source>%n tone(s)</source>
   <translation>
    <numerusform>%n tone</numerusform>
    <numerusform>%n tones</numerusform>
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
   <source>%1, %n open end(s)</source>
   <translation>
    <numerusform>%1, %n open end</numerusform>
    <numerusform>%1, %n open ends</numerusform>
   </translation>
  </message>
 </context>
 <context>
  <name>softrope::app::Card</name>
  <message numerus="yes">
   <source>%n shape(s)</source>
   <translation>
    <numerusform>%n shape</numerusform>
    <numerusform>%n shapes</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s)</source>
   <translation>
    <numerusform>%n line</numerusform>
    <numerusform>%n lines</numerusform>
   </translation>
  </message>
 </context>
 <context>
  <name>softrope::app::Notices</name>
  <message numerus="yes">
   <source>%n more after this</source>
   <translation>
    <numerusform>%n more after this</numerusform>
    <numerusform>%n more after this</numerusform>
   </translation>
  </message>
 </context>
</TS>
