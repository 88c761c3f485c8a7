#include "app/commands/clipboard.h"

#include "app/commands/desk.h"
#include "app/commands/names.h"
#include "art/arrange.h"
#include "art/edits.h"
#include "art/tree.h"
#include "files/pictures.h"
#include "files/svg.h"
#include "render/page.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QImage>
#include <QMimeData>
#include <QUrl>

#include <map>

namespace softrope::app {

namespace {

// Written only when somebody pastes: copying costs nothing, however large the pictures in it are.
class Fragment : public QMimeData {
public:
    explicit Fragment(art::Document d) : d_(std::move(d)) {}
    QStringList formats() const override { return {svgType, pdfType, pngType}; }
    bool hasFormat(const QString& type) const override { return formats().contains(type); }

protected:
    QVariant retrieveData(const QString& type, QMetaType) const override
    {
        if (!hasFormat(type)) return {};
        QByteArray& made = made_[type];
        if (!made.isEmpty()) return made;
        if (type == svgType) {
            const std::string svg = files::writeWorkingSvg(d_);
            made = QByteArray(svg.data(), static_cast<qsizetype>(svg.size()));
            return made;
        }
        // What others take is as large as what is seen.
        render::Options o;
        o.references = false;
        const curve::Box seen = art::bounds(d_);
        if (seen.empty()) return {};
        std::vector<std::byte> bytes;
        if (type == pdfType) {
            render::Page page;
            page.area = seen;
            bytes = render::renderPdf(d_, page, o);
        } else {
            art::Document cut = art::withSheetAt(d_, seen);
            cut.sheet.hasBackground = false;
            constexpr double least = 1, most = 4096; // px
            bytes = files::writePng(render::renderSheet(cut, static_cast<int>(std::clamp(std::ceil(cut.sheet.width), least, most)), o));
        }
        made = QByteArray(reinterpret_cast<const char*>(bytes.data()), static_cast<qsizetype>(bytes.size()));
        return made;
    }

private:
    static constexpr auto svgType = "image/svg+xml", pdfType = "application/pdf", pngType = "image/png";
    art::Document d_;
    mutable std::map<QString, QByteArray> made_;
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

bool bringImage(CommandDesk& at, const QImage& image, const QString& name)
{
    QByteArray png;
    QBuffer buffer(&png);
    buffer.open(QIODevice::WriteOnly);
    if (image.isNull() || !image.save(&buffer, "png")) return false;
    auto file = std::make_shared<art::PictureFile>();
    const auto* from = reinterpret_cast<const std::byte*>(png.constData());
    file->bytes.assign(from, from + png.size());
    file->format = "png";
    file->width = image.width();
    file->height = image.height();
    at.files.addPicture(file, name);
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
    if (mime && mime->hasImage() && bringImage(at, qvariant_cast<QImage>(mime->imageData()), tr("Pasted picture"))) return;
    at.say(tr("There is nothing to paste: copy a picture or a drawing first."));
}

} // namespace softrope::app
