// LearnerGuide: an edition as its learner reads it, with every name and figure put into words and everything in its place.
// Each form that goes out prints this value and judges nothing itself. Drawings are made from the plates it names.
#pragma once

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/edition/edition.h"
#include "core/procedure/text.h"

namespace anagraph::core {

/// A figure where it is read: "25 N·m ± 2.5 (18 lbf·ft)".
struct FigureRead {
    std::string value;    // "25 N·m ± 2.5"; "not known"
    std::string other;    // "18 lbf·ft"; empty where a reader needs none
    std::string variant;  // it is read for, where variants differ; empty: for all
    Standing standing = Standing::Open;
    std::string evidence;  // "book, page 2"; "the evidence differs"; "no source gives it"
    friend bool operator==(const FigureRead&, const FigureRead&) = default;
};

/// A piece of a sentence.
struct SentencePart {
    TokenKind kind = TokenKind::Words;
    std::string text;                      // words, or the item's name
    int callout = 0;                       // the item's number on the plates; 0: it is called out on none
    std::vector<FigureRead> figures = {};  // of a figure: one, or one for each variant
    friend bool operator==(const SentencePart&, const SentencePart&) = default;
};
using Sentence = std::vector<SentencePart>;
/// A line of the guide as it is read. What it names and the guide does not have is left out.
Sentence sentence(const Procedure& p, const std::map<ItemId, int>& callouts, std::string_view line);
/// The figures of a sentence, in order.
std::vector<FigureRead> figures_of(const Sentence& sentence);

/// What is laid out before the work, or taken up for a step.
struct KitRead {
    std::string name;
    std::string spec;
    std::string number;                 // part number
    std::vector<std::string> variants;  // it belongs to; empty: to all
    std::string amount = {};            // "6 ×", "1.7 L, 2 × 1 L"; empty: one, or not known
};

/// What the dry run found and the author keeps as it is, for the checker.
struct KeptRead {
    int step = 0;      // number
    std::string what;  // "vessel too small"
    std::string because;
};

struct CautionRead {
    Signal signal = Signal::Caution;
    std::string symbol;  // of its hazard; empty: none is known
    Sentence text;
};

/// Lines that are read together with the plates that show them. A pair of plates is never parted.
struct StepRow {
    std::size_t first_line = 0;
    std::vector<Sentence> lines;
    std::vector<std::size_t> plates;  // places in Step::plates
};

struct WaitRead {
    Sentence time;  // empty: no time is known
    Sentence text;
};

struct ReadingRead {
    Sentence what;
    std::string unit;
    Sentence limits;  // empty: none are known
};

struct CheckRead {
    Sentence look, good, stop, ask;
    std::optional<ReadingRead> reading;
};

struct MethodRead {
    struct Named {
        std::string name, reason;
        friend bool operator==(const Named&, const Named&) = default;
    };
    std::string summary, question, because, reason;
    std::vector<Named> accepted;
    bool none_accepted = false;  // one is picked and no other may be taken
    std::vector<Named> others;   // where none is picked: all there are
    bool again = false;          // an earlier step says the same, with its reasons
};

struct StepRead {
    std::string heading;
    std::vector<std::string> variants;
    std::vector<std::string> states;  // "isolated and locked off"
    std::vector<KitRead> needs;
    std::vector<CautionRead> cautions;
    std::vector<StepRow> rows;
    std::vector<std::size_t> across;  // plates so full that they want the width of the page
    std::vector<WaitRead> waits;
    std::vector<CheckRead> checks;
    std::vector<MethodRead> methods;
};

struct EvidenceRead {
    std::string title;
    FigureRead figure;
    std::string why;    // what the evidence comes to, where it does not follow from the evidence alone
    std::string level;  // how the level is read by which an amount is checked
    std::vector<std::string> replaces;
};

struct SourceRead {
    std::string title, edition, date, applies_to, instrument;
};

struct FollowUpRead {
    Sentence when, what;
};

struct LearnerGuide {
    std::string language;  // of the guide's own texts, after ISO 639-1
    std::string safety;    // always first, and never left out
    std::vector<KitRead> kit;
    std::vector<StepRead> steps;
    std::vector<FollowUpRead> later;
    std::vector<KeptRead> kept;
    std::vector<EvidenceRead> figures;
    std::vector<SourceRead> sources;
    std::map<ItemId, int> callouts;  // the numbers on the plates
};

LearnerGuide learner_guide(const Edition& edition);

}  // namespace anagraph::core
