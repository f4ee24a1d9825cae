#include "core/editing/usual_methods.h"

#include <algorithm>

#include "core/editing/step_words.h"

namespace anagraph::core {
namespace {

struct Occasion {
    std::string_view topic;
    WordList things;  // one of these is acted on ...
    WordList deeds;   // ... and one of these is done
};

const Occasion kOccasions[] = {
    {"interval", WordList{"interval service"}, WordList{"due service"}},
    {"drain-heat", WordList{"oil coolant"}, WordList{"drain warm"}},
    {"fill-cap", WordList{"breather cap"}, WordList{"undo loosen open unscrew"}},
    {"drain-time", WordList{"oil coolant"}, WordList{"drain"}},
    {"flush", WordList{"oil"}, WordList{"drain flush"}},
    {"pre-fill", WordList{"filter canister cartridge"}, WordList{"fit screw change renew"}},
    {"seal", WordList{"washer seal gasket o-ring ring"}, WordList{"put fit lay replace renew inspect"}},
    {"tighten", WordList{"plug bolt nut screw fastener filter"}, WordList{"tighten torque"}},
    {"refill", WordList{"oil coolant"}, WordList{"pour fill add top"}},
    {"parts", WordList{"filter belt washer seal gasket plug"}, WordList{"replace renew change new"}},
};

}  // namespace

std::vector<const MethodTopic*> questions_met(const Procedure& p, const Step& step) {
    const auto words = words_of_step(p, step);
    std::vector<const MethodTopic*> out;
    for (const auto& topic : method_topics()) {
        if (std::any_of(step.methods.begin(), step.methods.end(), [&](const StepMethod& m) { return m.topic == topic.id; })) continue;
        const auto* t = std::find_if(std::begin(kOccasions), std::end(kOccasions), [&](const Occasion& x) { return x.topic == topic.id; });
        if (t != std::end(kOccasions) && any(words, t->things) && any(words, t->deeds)) out.push_back(&topic);
    }
    return out;
}

}  // namespace anagraph::core
