// An edition in other open forms, as text: what is written from the value that every form prints, core::LearnerGuide.
#pragma once

#include <map>
#include <string>
#include <vector>

#include "core/edition/edition.h"
#include "store/archive.h"

namespace anagraph::publish {

/// Every figure with its value, both units, standing and sources (RFC 4180).
std::string figures_table(const core::Edition& edition);

/// One page for the bench: the order, figures in both units, cautions, what stops the job.
std::string bench_card(const core::Edition& edition, const std::string& mark);

/// DITA 1.3: a map and a task topic for each step, hazard statements among them. The pictures are named as they lie in the pack.
std::vector<store::ArchiveEntry> dita_topics(const core::Edition& edition, const std::string& mark);

/// The captions of the clips, one after the other in the order of the steps; `captions` are WebVTT files by step.
std::string joined_captions(const core::Edition& edition, const std::map<core::StepId, std::string>& captions);

}  // namespace anagraph::publish
