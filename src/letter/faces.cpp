#include "letter/faces.h"

#include <fontconfig/fontconfig.h>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <map>
#include <mutex>
#include <optional>
#include <set>
#include <tuple>

namespace softrope::letter {

namespace {

struct Release {
    void operator()(FcPattern* p) const { FcPatternDestroy(p); }
    void operator()(FcFontSet* s) const { FcFontSetDestroy(s); }
    void operator()(FcObjectSet* s) const { FcObjectSetDestroy(s); }
    void operator()(FcCharSet* s) const { FcCharSetDestroy(s); }
    void operator()(FcConfig* c) const { FcConfigDestroy(c); }
};
template <class T> using Owned = std::unique_ptr<T, Release>;

std::string text(const FcPattern* p, const char* what, int n = 0)
{
    FcChar8* s = nullptr;
    return FcPatternGetString(p, what, n, &s) == FcResultMatch ? reinterpret_cast<const char*>(s) : "";
}

struct Span {
    double least, most;
};
// A number, or the range of an axis.
std::optional<Span> span(const FcPattern* p, const char* what)
{
    FcValue v;
    if (FcPatternGet(p, what, 0, &v) != FcResultMatch) return std::nullopt;
    if (v.type == FcTypeInteger) return Span{static_cast<double>(v.u.i), static_cast<double>(v.u.i)};
    if (v.type == FcTypeDouble) return Span{v.u.d, v.u.d};
    double least = 0, most = 0;
    if (v.type == FcTypeRange && FcRangeGetDouble(v.u.r, &least, &most)) return Span{least, most};
    return std::nullopt;
}

std::optional<Listed> listed(const FcPattern* p)
{
    Listed out;
    out.place.file = text(p, FC_FILE);
    if (out.place.file.empty()) return std::nullopt;
    FcPatternGetInteger(p, FC_INDEX, 0, &out.place.index);
    out.place.index &= 0xffff; // the upper half numbers named instances
    out.style = text(p, FC_STYLE);
    FcBool variable = FcFalse;
    FcPatternGetBool(p, FC_VARIABLE, 0, &variable);
    out.variable = variable == FcTrue;
    int slant = 0;
    FcPatternGetInteger(p, FC_SLANT, 0, &slant);
    out.italic = slant > FC_SLANT_ROMAN;
    if (const auto w = span(p, FC_WEIGHT)) {
        out.lightest = FcWeightToOpenTypeDouble(w->least);
        out.heaviest = FcWeightToOpenTypeDouble(w->most);
        out.weight = std::clamp(400.0, out.lightest, out.heaviest);
    }
    if (const auto w = span(p, FC_WIDTH)) {
        out.narrowest = w->least;
        out.widest = w->most;
        out.width = std::clamp(100.0, out.narrowest, out.widest);
    }
    return out;
}

// Where the program's own lie; empty when they are nowhere.
std::string shippedFolder()
{
    std::error_code trouble;
    const auto program = std::filesystem::read_symlink("/proc/self/exe", trouble).parent_path();
    for (const char* place : {"faces", "../share/soft-rope/faces"}) {
        const auto folder = std::filesystem::weakly_canonical(program / place, trouble);
        if (!trouble && std::filesystem::is_directory(folder, trouble)) return folder.string();
    }
    return {};
}

class Library {
public:
    static Library& instance()
    {
        static Library l;
        return l;
    }

    void add(const std::string& folder)
    {
        const std::lock_guard hold(lock_);
        if (!folders_.insert(folder).second) return;
        if (config_) FcConfigAppFontAddDir(config_.get(), reinterpret_cast<const FcChar8*>(folder.c_str()));
        // What was handed out stays valid: lists are never taken back.
        if (read_) kept_.push_back(std::move(read_));
    }

    const std::vector<Family>& families()
    {
        const std::lock_guard hold(lock_);
        return read();
    }

    std::shared_ptr<const Face> opened(const FacePlace& place)
    {
        const std::lock_guard hold(lock_);
        const auto at = open_.find(place);
        if (at != open_.end()) return at->second;
        return open_[place] = Face::open(place);
    }

    std::optional<std::string> standIn(const std::string& name)
    {
        const std::lock_guard hold(lock_);
        read();
        Owned<FcPattern> p(FcPatternCreate());
        FcPatternAddString(p.get(), FC_FAMILY, reinterpret_cast<const FcChar8*>(name.c_str()));
        FcPatternAddBool(p.get(), FC_SCALABLE, FcTrue);
        FcPatternAddBool(p.get(), FC_OUTLINE, FcTrue);
        FcConfigSubstitute(config_.get(), p.get(), FcMatchPattern);
        FcDefaultSubstitute(p.get());
        FcResult result = FcResultMatch;
        Owned<FcFontSet> sorted(FcFontSort(config_.get(), p.get(), FcTrue, nullptr, &result));
        for (int k = 0; sorted && k < sorted->nfont; ++k) {
            const std::string found = text(sorted->fonts[k], FC_FAMILY);
            if (std::any_of(read_->begin(), read_->end(), [&](const Family& f) { return f.name == found; })) return found;
        }
        return std::nullopt;
    }

    std::shared_ptr<const Face> having(char32_t c, const Type& type)
    {
        std::optional<Listed> found;
        {
            const std::lock_guard hold(lock_);
            const auto key = std::pair{c, type.family};
            const auto known = having_.find(key);
            if (known != having_.end()) return known->second;
            read();
            Owned<FcPattern> p(FcPatternCreate());
            Owned<FcCharSet> set(FcCharSetCreate());
            FcCharSetAddChar(set.get(), c);
            FcPatternAddCharSet(p.get(), FC_CHARSET, set.get());
            FcPatternAddBool(p.get(), FC_SCALABLE, FcTrue);
            FcPatternAddBool(p.get(), FC_OUTLINE, FcTrue);
            FcPatternAddDouble(p.get(), FC_WEIGHT, FcWeightFromOpenTypeDouble(type.weight));
            FcPatternAddInteger(p.get(), FC_SLANT, type.italic ? FC_SLANT_ITALIC : FC_SLANT_ROMAN);
            FcConfigSubstitute(config_.get(), p.get(), FcMatchPattern);
            FcDefaultSubstitute(p.get());
            FcResult result = FcResultMatch;
            Owned<FcFontSet> sorted(FcFontSort(config_.get(), p.get(), FcTrue, nullptr, &result));
            for (int k = 0; sorted && k < sorted->nfont && !found; ++k) {
                FcCharSet* has = nullptr;
                const std::string format = text(sorted->fonts[k], FC_FONTFORMAT);
                if ((format == "TrueType" || format == "CFF") && FcPatternGetCharSet(sorted->fonts[k], FC_CHARSET, 0, &has) == FcResultMatch &&
                    FcCharSetHasChar(has, c))
                    found = listed(sorted->fonts[k]);
            }
        }
        auto face = found ? opened(found->place) : nullptr;
        const std::lock_guard hold(lock_);
        return having_[{c, type.family}] = std::move(face);
    }

private:
    std::mutex lock_;
    Owned<FcConfig> config_;
    std::set<std::string> folders_;
    std::unique_ptr<const std::vector<Family>> read_;
    std::vector<std::unique_ptr<const std::vector<Family>>> kept_;
    std::map<FacePlace, std::shared_ptr<const Face>> open_;
    std::map<std::pair<char32_t, std::string>, std::shared_ptr<const Face>> having_;

    const std::vector<Family>& read()
    {
        if (read_) return *read_;
        if (!config_) {
            if (std::string own = shippedFolder(); !own.empty()) folders_.insert(std::move(own));
            config_.reset(FcInitLoadConfigAndFonts());
            for (const std::string& f : folders_) FcConfigAppFontAddDir(config_.get(), reinterpret_cast<const FcChar8*>(f.c_str()));
        }
        Owned<FcPattern> any(FcPatternBuild(nullptr, FC_SCALABLE, FcTypeBool, FcTrue, FC_OUTLINE, FcTypeBool, FcTrue, nullptr));
        Owned<FcObjectSet> what(
            FcObjectSetBuild(FC_FAMILY, FC_STYLE, FC_FILE, FC_INDEX, FC_WEIGHT, FC_WIDTH, FC_SLANT, FC_VARIABLE, FC_FONTFORMAT, FC_SYMBOL, nullptr));
        Owned<FcFontSet> all(FcFontList(config_.get(), any.get(), what.get()));
        std::map<std::string, Family> byName;
        for (int k = 0; all && k < all->nfont; ++k) {
            const FcPattern* p = all->fonts[k];
            const std::string format = text(p, FC_FONTFORMAT), name = text(p, FC_FAMILY);
            int index = 0;
            FcPatternGetInteger(p, FC_INDEX, 0, &index);
            // Named instances of a variable face (numbered in the upper half) are reached by its axes.
            if ((format != "TrueType" && format != "CFF") || name.empty() || name.front() == '.' || (index >> 16) != 0) continue;
            auto face = listed(p);
            if (!face) continue;
            face->ships = std::any_of(folders_.begin(), folders_.end(), [&](const std::string& f) { return face->place.file.compare(0, f.size(), f) == 0; });
            byName[name].faces.push_back(std::move(*face));
        }
        auto out = std::make_unique<std::vector<Family>>();
        for (auto& [name, one] : byName) {
            one.name = name;
            // Of a variable face, the one with axes, not its copies at rest.
            const bool variable = std::any_of(one.faces.begin(), one.faces.end(), [](const Listed& f) { return f.variable; });
            if (variable) std::erase_if(one.faces, [](const Listed& f) { return !f.variable; });
            const auto key = [](const Listed& f) { return std::tuple(f.italic, f.weight, f.width); };
            std::stable_sort(one.faces.begin(), one.faces.end(),
                             [&](const Listed& x, const Listed& y) { return std::tuple(key(x), !x.ships) < std::tuple(key(y), !y.ships); });
            // Of two that are alike the program's own, so that a document looks the same everywhere.
            one.faces.erase(std::unique(one.faces.begin(), one.faces.end(), [&](const Listed& x, const Listed& y) { return key(x) == key(y) && x.ships; }),
                            one.faces.end());
            out->push_back(std::move(one));
        }
        read_ = std::move(out);
        return *read_;
    }
};

} // namespace

void addFaces(const std::string& folder)
{
    Library::instance().add(folder);
}

const std::vector<Family>& families()
{
    return Library::instance().families();
}

const Family* family(const std::string& name)
{
    const auto& all = families();
    if (name.empty()) {
        const auto ships = std::find_if(all.begin(), all.end(), [](const Family& f) { return f.ships(); });
        return ships != all.end() ? &*ships : all.empty() ? nullptr : &all.front();
    }
    const auto at = std::find_if(all.begin(), all.end(), [&](const Family& f) { return f.name == name; });
    return at != all.end() ? &*at : nullptr;
}

std::optional<std::string> standIn(const std::string& name)
{
    return Library::instance().standIn(name);
}

std::optional<std::size_t> listedOf(const Type& type)
{
    const Family* f = family(type.family);
    if (!f) return std::nullopt;
    std::optional<std::size_t> best;
    double least = 0;
    for (std::size_t k = 0; k < f->faces.size(); ++k) {
        const Listed& face = f->faces[k];
        // A face that does not slant is farther away than one of another weight.
        const double weight = std::clamp(type.weight, face.lightest, face.heaviest), width = std::clamp(type.width, face.narrowest, face.widest);
        const double off = (face.italic != type.italic ? 1e6 : 0) + std::abs(weight - type.weight) + 2 * std::abs(width - type.width);
        if (best && off >= least) continue;
        best = k;
        least = off;
    }
    return best;
}

std::shared_ptr<const Face> faceOf(const Type& type)
{
    const auto at = listedOf(type);
    if (!at) return nullptr;
    const Listed& best = family(type.family)->faces[*at];
    FacePlace place = best.place;
    if (best.variable) {
        if (best.lightest < best.heaviest) place.weight = std::clamp(type.weight, best.lightest, best.heaviest);
        if (best.narrowest < best.widest) place.width = std::clamp(type.width, best.narrowest, best.widest);
    }
    return Library::instance().opened(place);
}

std::shared_ptr<const Face> faceFor(char32_t character, const Type& type)
{
    return Library::instance().having(character, type);
}

} // namespace softrope::letter
