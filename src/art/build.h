// The acts of the Build step, each in a header of its own.
#pragma once

#include "art/areas.h"
#include "art/arrange.h"
#include "art/combine.h"
#include "art/edits.h"
#include "art/join.h"
#include "art/mirrored.h"
#include "art/offset.h"
#include "art/trim.h"
#include "planar/build.h"
