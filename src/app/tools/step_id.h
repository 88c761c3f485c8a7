// The steps of the job, in its order.
#pragma once

namespace softrope::app {

enum class StepId { place, trace, build, tone, colour, shade, proof };

} // namespace softrope::app
