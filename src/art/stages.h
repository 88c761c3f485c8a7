// Stages: how the document was at a moment, kept by name beside the work. Keeping one copies nothing: all that is the same is shared.
#pragma once

#include "art/edited.h"

#include <cstdint>
#include <string>

namespace softrope::art {

inline constexpr std::size_t mostStages = 500;

// `now`: s since 1970. Refused when there are too many.
Added withStage(const Document& d, const std::string& name, std::int64_t now);
Document withoutStage(const Document& d, Id stage);
Document withStageNamed(const Document& d, Id stage, const std::string& name);
// The document as it was then, all stages still beside it.
Edited backAt(const Document& d, Id stage);
// A stage as a document by itself.
Document documentOf(const Stage& stage);
const Stage* stageOf(const Document& d, Id stage);

} // namespace softrope::art
