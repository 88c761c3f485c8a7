// Parts: drawings kept to be used again and again. One that is used is a group that knows which part it is a copy of and where it
// lies; it may be changed like any other, brought up to its part, or given to it.
#pragma once

#include "art/arrange.h"

#include <string>
#include <vector>

namespace softrope::art {

// The things as a document of their own: on one layer, on a sheet of their size, named.
Document partFrom(const Document& d, const std::vector<Id>& items, const std::string& name);
// The same of a use, as its part lies: turned and sized back.
Document partFromUse(const Document& d, Id use);
// The part on the sheet with its middle there, as a group. Its inks are those of the same name in the document, else added. Refused
// when the part holds nothing or the target takes nothing.
Taken withPart(const Document& d, const Document& part, const std::string& id, curve::Vec2 middle, const Target& to);
// What lies in the uses is what the part holds now, where they lie.
Edited withUsesUpdated(const Document& d, const std::vector<Id>& uses, const Document& part);
// All groups that are copies of the part.
std::vector<Id> usesOf(const Document& d, const std::string& part);

} // namespace softrope::art
