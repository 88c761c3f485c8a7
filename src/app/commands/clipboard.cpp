#include "app/commands/clipboard.h"

#include "app/commands/desk.h"
#include "app/commands/names.h"
#include "art/arrange.h"
#include "art/edits.h"
#include "art/tree.h"
#include "files/svg.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QImage>
#include <QMimeData>
#include <QUrl>

namespace softrope::app {

namespace {

// Written only when somebody pastes: copying costs nothing, however large the pictures in it are.
class Fragment : public QMimeData {
public:
    explicit Fragment(art::Document d) : d_(std::move(d)) {}
    QStringList formats() const override { return {svgType}; }
    bool hasFormat(const QString& type) const override { return type == svgType; }

protected:
    QVariant retrieveData(const QString& type, QMetaType) const override
    {
        if (type != svgType) return {};
        if (text_.isEmpty()) {
            const std::string svg = files::writeWorkingSvg(d_);
            text_ = QByteArray(svg.data(), static_cast<qsizetype>(svg.size()));
        }
        return text_;
    }

private:
    static constexpr auto svgType = "image/svg+xml";
    art::Document d_;
    mutable QByteArray text_;
};

} // namespace

void copyPicked(CommandDesk& at)
{
    const art::Document fragment = art::fragmentOf(at.session.document(), at.session.selection().items);
    if (fragment.layers.empty()) {
        at.say(refusalText(art::Refusal::nothingPicked));
        return;
    }
    QApplication::clipboard()->setMimeData(new Fragment(fragment));
    at.say(tr("Copied."));
}

void cutPicked(CommandDesk& at)
{
    const art::Edited e = art::withoutItems(at.session.document(), at.session.selection().items);
    if (!e.done()) {
        at.say(refusalText(e.why));
        return;
    }
    copyPicked(at);
    at.session.take(e, tr("Cut"));
    at.say(tr("Cut. Ctrl+V puts it down again, Ctrl+Shift+V where it was."));
}

bool pasteDrawing(CommandDesk& at, bool whereItWas)
{
    const QMimeData* mime = QApplication::clipboard()->mimeData();
    if (!mime || !mime->hasFormat("image/svg+xml")) return false;
    const QByteArray svg = mime->data("image/svg+xml");
    const files::SvgResult r = files::readSvg(std::string_view(svg.constData(), static_cast<std::size_t>(svg.size())));
    if (!r.ok()) return false;
    // Beside what is picked, where that lies in a group or an area; else on the layer drawn on.
    art::Target to{at.session.selection().layer};
    if (const art::Item* i = onlyPicked(at.session))
        if (const art::Item* parent = at.session.document().parentOf(i->id); parent && !(parent->group() && parent->group()->derived()))
            to = {.layer = 0, .parent = parent->id};
    const art::Taken t = art::withPasted(at.session.document(), r.document, to);
    if (t.items.empty()) {
        at.say(t.why == art::Refusal::locked ? tr("Nothing could be pasted: the layer is locked.") : refusalText(t.why));
        return true;
    }
    art::Selection s = at.session.selection();
    s.items = t.items;
    s.nodes.clear();
    at.session.take(whereItWas ? t.document : art::transformed(t.document, t.items, curve::translation({12, 12})).document, s,
                    whereItWas ? tr("Paste where it was") : tr("Paste"));
    return true;
}

void pasteAnything(CommandDesk& at)
{
    const QMimeData* mime = QApplication::clipboard()->mimeData();
    if (pasteDrawing(at, false)) return;
    if (mime && mime->hasUrls()) {
        QStringList paths;
        for (const QUrl& u : mime->urls())
            if (u.isLocalFile()) paths << u.toLocalFile();
        if (!paths.isEmpty()) {
            at.files.openAny(paths);
            return;
        }
    }
    if (mime && mime->hasImage()) {
        const QImage image = qvariant_cast<QImage>(mime->imageData());
        QByteArray png;
        QBuffer buffer(&png);
        buffer.open(QIODevice::WriteOnly);
        if (!image.isNull() && image.save(&buffer, "png")) {
            auto file = std::make_shared<art::PictureFile>();
            const auto* from = reinterpret_cast<const std::byte*>(png.constData());
            file->bytes.assign(from, from + png.size());
            file->format = "png";
            file->width = image.width();
            file->height = image.height();
            at.files.addPicture(file, tr("Pasted picture"));
            return;
        }
    }
    at.say(tr("There is nothing to paste: copy a picture or a drawing first."));
}

} // namespace softrope::app
