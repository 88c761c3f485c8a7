// Looks that are kept by name: blend, opacity, blur, fill and line, any of them left out. What wears one changes with it; what is changed
// by itself lets go of it.
#pragma once

#include "art/edited.h"

#include <array>

namespace softrope::art {

// What of an item's look a named one has: asked for when one is kept.
struct LookParts {
    bool blend = true, opacity = true, blur = true, fill = true, line = false;
};

// A new look, kept from the item; its name is made different from those there are.
Added withLookKept(const Document& d, Id item, const std::string& name, const LookParts& parts = {});
// The looks that every document may begin with: Shadow (multiply, the light's cool colour), Light (screen, its warm colour), Rim (screen,
// warm, blurred). Those that are not there are added, by name.
enum class Ready { shadow, light, rim };
constexpr std::array<Ready, 3> readyLooks{Ready::shadow, Ready::light, Ready::rim};
std::string nameOf(Ready look);
Added withReadyLook(const Document& d, Ready look);
// The look changes, and with it everything that wears it, locked and hidden things too.
Document withLookChanged(const Document& d, Id look, const std::function<void(NamedLook&)>& change);
// The look goes; what wore it keeps what it looks like.
Document withoutLook(const Document& d, Id look);
// The things wear it from now on; parts it leaves out stay as they are. Groups wear blend, opacity and blur, artwork all.
Edited withLook(const Document& d, const std::vector<Id>& items, Id look);
// They keep what they look like, and no longer follow.
Edited withLookLetGo(const Document& d, const std::vector<Id>& items);
// Everything that wears it, at any depth.
std::vector<Id> wearersOf(const Document& d, Id look);

// The item in the look, its paints as the light has them now.
Item dressed(Item item, const NamedLook& look, const Light& light);
// Whether it looks as the look says it should.
bool wears(const Item& item, const NamedLook& look, const Light& light);

} // namespace softrope::art
