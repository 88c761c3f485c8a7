#include "app/services/kept_type.h"

#include <QSettings>

namespace softrope::app {

letter::Type keptType()
{
    const QSettings s;
    letter::Type t;
    const auto number = [&s](const char* key, double otherwise) { return s.value(QString("lettering/") + key, otherwise).toDouble(); };
    const auto flag = [&s](const char* key, bool otherwise) { return s.value(QString("lettering/") + key, otherwise).toBool(); };
    t.family = s.value("lettering/family").toString().toStdString();
    t.weight = number("weight", t.weight);
    t.width = number("width", t.width);
    t.size = number("size", t.size);
    t.tracking = number("tracking", t.tracking);
    t.leading = number("leading", t.leading);
    t.italic = flag("italic", t.italic);
    t.byInk = flag("by-ink", t.byInk);
    t.kerning = flag("kerning", t.kerning);
    t.ligatures = flag("ligatures", t.ligatures);
    t.smallCaps = flag("small-caps", t.smallCaps);
    t.oldFigures = flag("old-figures", t.oldFigures);
    t.unit = static_cast<letter::SizeUnit>(qBound(0, s.value("lettering/unit").toInt(), 2));
    t.align = static_cast<letter::Align>(qBound(0, s.value("lettering/align").toInt(), 2));
    return letter::bounded(t);
}

void keepType(const letter::Type& t)
{
    QSettings s;
    s.beginGroup("lettering");
    s.setValue("family", QString::fromStdString(t.family));
    for (const auto& [key, v] : {std::pair{"weight", t.weight}, {"width", t.width}, {"size", t.size}, {"tracking", t.tracking}, {"leading", t.leading}})
        s.setValue(key, v);
    for (const auto& [key, on] : {std::pair{"italic", t.italic},
                                  {"by-ink", t.byInk},
                                  {"kerning", t.kerning},
                                  {"ligatures", t.ligatures},
                                  {"small-caps", t.smallCaps},
                                  {"old-figures", t.oldFigures}})
        s.setValue(key, on);
    s.setValue("unit", static_cast<int>(t.unit));
    s.setValue("align", static_cast<int>(t.align));
}

} // namespace softrope::app
