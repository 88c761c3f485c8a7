// Shading: the outlines of light and shade that a shape has, and marks scattered in it.
//
// Knows shapes only. What light there is, what lies inside what and how it is painted is the document's matter (art/).
#pragma once

#include "shade/crescent.h"
#include "shade/poisson.h"
#include "shade/scatter.h"
#include "shade/side.h"
