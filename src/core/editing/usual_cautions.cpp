#include "core/editing/usual_cautions.h"

#include <algorithm>
#include <set>

#include "core/editing/step_words.h"
#include "core/narration/lexicon.h"

namespace anagraph::core {
namespace {

struct Trigger {
    std::string_view hazard;
    WordList things;  // one of these is acted on or named ...
    WordList deeds;   // ... and one of these is done; empty: whatever is done
    WordList words;   // a caution that holds one of these warns of it
};

const Trigger kTriggers[] = {
    {"hot-oil", WordList{"oil coolant engine gearbox"}, WordList{"drain warm idle hot crack"}, WordList{"hot burn burns scald scalds"}},
    {"lifting", WordList{"jack stand hoist ramp lift trestle sling"}, WordList{""},
        WordList{"jack stand stands raised hoist crush crushes fall falls"}},
    {"stored-pressure", WordList{"pressure hydraulic accumulator airline compressor injector"},
        WordList{"open undo loosen disconnect bleed crack remove release unscrew"}, WordList{"pressure relieve depressurise"}},
    {"battery", WordList{"battery batteries accumulator"}, WordList{"disconnect connect remove fit fill charge lift"},
        WordList{"battery acid spark sparks"}},
    {"rotating", WordList{"belt fan pulley shaft coupling propeller chain"}, WordList{"run start idle crank rotate press"},
        WordList{"rotating turning hands sleeves caught belt moving"}},
    {"fuel", WordList{"fuel petrol diesel carburettor"}, WordList{"open undo drain disconnect remove loosen bleed fill pour unscrew"},
        WordList{"fuel fire flame flames petrol vapour"}},
    {"waste-oil", WordList{"oil filter coolant"}, WordList{"drain unscrew remove empty"}, WordList{"waste spill spills environment"}},
    {"plastic-thread", WordList{"plastic nylon"}, WordList{"tighten screw torque fit start"}, WordList{"plastic strip strips cracks"}},
    {"aluminium-thread", WordList{"aluminium aluminum alloy"}, WordList{"tighten screw torque fit start"},
        WordList{"aluminium crossed strip strips thread threads"}},
    {"sharp-edges", WordList{"mesh blade cutter knife shroud clip"}, WordList{""}, WordList{"sharp cut cuts edge edges"}},
};

const Trigger& trigger_of(const Hazard& h) {
    return *std::find_if(std::begin(kTriggers), std::end(kTriggers), [&](const Trigger& t) { return t.hazard == h.id; });
}

}  // namespace

const std::vector<Hazard>& hazards() {
    // levels: danger will kill or maim, warning can, caution hurts, notice spoils things
    static const std::vector<Hazard> all{
        {"hot-oil", "hot oil", Signal::Warning, "Hot oil and hot parts", "burn.",
            "Let them cool, wear gloves and eye protection, and stand to the side of the first jet.", "hot"},
        {"lifting", "a raised load", Signal::Danger, "A raised machine that is not on stands", "crushes whoever is under it.",
            "Set it on stands on firm ground and chock it before anybody reaches under it.", "crush"},
        {"stored-pressure", "stored pressure", Signal::Warning, "Pressure that is still in the system",
            "throws parts and drives fluid through the skin.", "Relieve it and see that the gauge reads nothing before anything is opened.",
            "pressure"},
        {"battery", "a battery", Signal::Warning, "A battery", "burns with its acid, and its gas explodes at a spark.",
            "Take the leads off in the order the maker gives, keep sparks and flames away, and wear eye protection.", "battery"},
        {"rotating", "rotating parts", Signal::Warning, "Belts, fans and shafts that turn", "catch hands, sleeves and hair.",
            "Keep clear while it runs; stop it and lock it off before you reach in.", "rotating"},
        {"fuel", "fuel", Signal::Danger, "Fuel and its vapour", "catch fire.",
            "No flame, no spark, no hot part near it; catch what runs out and have an extinguisher at hand.", "fire"},
        {"waste-oil", "waste oil", Signal::Notice, "Used oil and filters", "harm water and ground.",
            "Catch all of it and take it to the waste store.", "waste"},
        {"plastic-thread", "a plastic thread", Signal::Notice, "A plastic thread",
            "strips or cracks when it is started crooked or tightened too far.", "Start it by hand and stop at the figure.", "thread"},
        {"aluminium-thread", "an aluminium thread", Signal::Notice, "An aluminium thread",
            "is torn out by a crossed start or too much torque.", "Start every fastener by hand and go no further than the figure.",
            "thread"},
        {"sharp-edges", "sharp edges", Signal::Caution, "Sharp edges", "cut.", "Wear gloves.", "sharp"},
    };
    return all;
}

const Hazard* find_hazard(std::string_view id) {
    const auto& all = hazards();
    const auto it = std::find_if(all.begin(), all.end(), [&](const Hazard& h) { return h.id == id; });
    return it == all.end() ? nullptr : &*it;
}

std::string caution_text(const Hazard& h) { return std::string(h.source) + " " + std::string(h.harm) + " " + std::string(h.avoid); }

Caution usual_caution(const Hazard& h) { return {h.signal, caution_text(h), std::string(h.id)}; }

namespace {

bool concerns(const Trigger& t, const std::set<std::string>& words) {
    return any(words, t.things) && (t.deeds.empty() || any(words, t.deeds));
}

bool warns_of(const Hazard& hazard, const std::string& of, const std::set<std::string>& words) {
    return of == hazard.id || any(words, trigger_of(hazard).words);
}

}  // namespace

bool concerns(const Hazard& hazard, const Procedure& p, const Step& step) { return concerns(trigger_of(hazard), words_of_step(p, step)); }

bool warns_of(const Hazard& hazard, const Procedure& p, const Caution& caution) {
    return warns_of(hazard, caution.hazard, words_of(p, {caution.text}));
}

std::vector<MissingCaution> missing_cautions(const Procedure& p) {
    std::vector<MissingCaution> out;
    std::vector<const Hazard*> open;  // neither warned of nor met yet
    for (const auto& h : hazards()) open.push_back(&h);
    for (std::size_t i = 0; i < p.steps.size() && !open.empty(); ++i) {
        const Step& step = p.steps[i];
        for (const auto& c : step.cautions) {
            const auto words = words_of(p, {c.text});
            std::erase_if(open, [&](const Hazard* h) { return warns_of(*h, c.hazard, words); });
        }
        const auto words = words_of_step(p, step);
        std::erase_if(open, [&](const Hazard* h) {
            if (!concerns(trigger_of(*h), words)) return false;
            out.push_back({i, h});
            return true;
        });
    }
    return out;
}

std::vector<const Hazard*> missing_cautions(const Procedure& p, const StepId& id) {
    std::vector<const Hazard*> out;
    for (const auto& m : missing_cautions(p))
        if (p.steps[m.step].id == id) out.push_back(m.hazard);
    return out;
}

}  // namespace anagraph::core
