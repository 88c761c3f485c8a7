// What all parts of a reading share.
#pragma once

#include "art/document.h"
#include "files/gradients.h"
#include "files/named.h"
#include "files/svg.h"
#include "words/said.h"

#include <map>
#include <set>
#include <string>
#include <utility>
#include <vector>

namespace softrope::files {

// Ids only grow: things under construction are not in the document yet. Damaged and hostile files have an id twice.
class Ids {
public:
    explicit Ids(art::Document& d) : d_(d) {}
    static constexpr art::Id most = art::Id{1} << 53;
    // The one wanted where it is free, else a new one.
    art::Id free(art::Id wanted)
    {
        const art::Id id = wanted != 0 && wanted < most && used_.insert(wanted).second ? wanted : next();
        d_.nextId = std::max(d_.nextId, id + 1);
        return id;
    }
    art::Id next()
    {
        while (!used_.insert(d_.nextId).second) ++d_.nextId;
        return d_.nextId++;
    }

private:
    art::Document& d_;
    std::set<art::Id> used_;
};

// What had to be left out, and how often.
class Missed {
public:
    // How it is told, marked for translation, and a name in it.
    void add(const char* what, const std::string& name = {}) { ++times_[{what, name}]; }
    std::vector<std::string> said() const
    {
        std::vector<std::string> out;
        for (const auto& [what, n] : times_) out.push_back(words::counted(what.first, n, {what.second}));
        return out;
    }

private:
    std::map<std::pair<const char*, std::string>, int> times_;
};

struct Reading {
    art::Document& document;
    const Named& named;
    const PictureOpener& pictureOf;
    bool working = false; // one of our own files
    Ids ids{document};
    Missed missed{};
    Gradients gradients{named};
};

} // namespace softrope::files
