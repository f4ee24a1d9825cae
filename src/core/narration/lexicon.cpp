#include "core/narration/lexicon.h"

#include <array>
#include <unordered_map>
#include <unordered_set>

#include "core/narration/word_classes.h"

namespace anagraph::core::lexicon {
namespace {

using Set = std::unordered_set<std::string_view>;

void add_words(Set& set, std::string_view text) {
    while (!text.empty()) {
        const auto from = text.find_first_not_of(" \n");
        if (from == std::string_view::npos) return;
        const auto to = text.find_first_of(" \n", from);
        set.insert(text.substr(from, to - from));
        text = to == std::string_view::npos ? std::string_view{} : text.substr(to);
    }
}

Set words(std::initializer_list<std::string_view> texts) {
    Set set;
    for (const auto text : texts) add_words(set, text);
    return set;
}

constexpr std::string_view kParts =
    "adjuster anode arm armature axle backplate baffle banjo bar base battery bearing bed bellows belt blade block bolt boot boss bottle "
    "bowl bracket brake breather brush bulb bung bush bushing "
    "cable calliper caliper cam cap capacitor carburettor carburetor carrier cartridge casing cassette cell chain chamber chassis chock "
    "chuck circlip clamp clevis clip clutch cock collar collet compressor condenser cone "
    "connector contact contactor cooler core cotter coupling cover cowl crank crankcase crankshaft cup cylinder deck diaphragm "
    "differential dipstick disc disk door dowel drain drum duct element elbow engine evaporator "
    "exhaust fan fastener feeler ferrule filler filter fin fitting flange flap float flywheel forks fork frame fuse gaiter gasket gauge "
    "gear gearbox gears gib governor grate grease-gun grid grille grommet guard guide "
    "handle head headstock hinge hood hopper hose housing hub idler impeller injector inlet insert intake isolator jack jaw jet joint "
    "journal key keyway knife knob latch lead leadscrew lens lever lid line liner lining link linkage lip "
    "lock locknut lug magnet manifold mast mount mounting motor mower nipple nozzle nut oilway orifice outlet pad pan panel pawl pedal pin "
    "pinion pipe piston pivot plate plug plunger pointer port post pulley pump "
    "rack radiator rail ram ratchet receiver reducer reel regulator relay reservoir retainer rim ring rivet rocker rod roller rotor saddle "
    "sail screen screw seal seat seacock sensor shaft sheave shell shim shoe shroud sieve skid skirt "
    "slide sleeve snap solenoid spacer spark spindle spigot spline spool spring sprocket stack starter stator stay stem stopper strainer "
    "strap strip strut stud sump surface suspension swashplate switch swivel syringe tail tailcone tank tap tappet "
    "tensioner terminal thermostat thimble thread throttle thrust tip tooth transmission tray tube turbo tyre tire union valve vane vee "
    "vent washer wear-ring wedge weight wheel wheels winch window wing wingnut wire worm yoke "
    "bonnet bumper car trailer hull transom propeller prop keel rudder spinner cowling undercarriage machine unit assembly mechanism kit "
    "o-ring oring bottom top face hole holes gap mark marks level";
constexpr std::string_view kFluids =
    "oil coolant antifreeze water grease fluid fuel diesel petrol gasoline kerosene paraffin lubricant glycol glycerine solvent degreaser "
    "concentrate electrolyte acid paste sealant sealer compound lube gas refrigerant "
    "threadlock silicone wax spirit alcohol cleaner additive mix mixture";
constexpr std::string_view kFasteners =
    "bolt nut screw plug stud cap fitting union banjo locknut terminal grub nipple clamp lug setscrew capscrew fastener cover post thread "
    "hexagon head";
constexpr std::string_view kTools =
    "spanner wrench socket hex allen key screwdriver driver ratchet pliers grips hammer mallet punch drift puller scraper file brush "
    "gun syringe funnel jug bucket tray pan torch lamp multimeter meter refractometer hydrometer "
    "straightedge gauge caliper callipers micrometer tester stethoscope feelers knife saw drill bit jack stand crate hoist crane af";
constexpr std::string_view kWired =
    "battery lead leads connector cable hose wire harness negative positive cord plug-lead supply pipe line coupler";
constexpr std::string_view kSwitched =
    "isolator switch breaker ignition power mains key engine panel light lights tap valve seacock cock brake parking radio camera video "
    "heater fan machine pump gas water air supply electric electrics stop";
constexpr std::string_view kMeters =
    "meter clock hourmeter odometer panel dash display counter odo tach speedo log logbook clocks hobbs card sheet sticker tag";
constexpr std::string_view kWear = "gloves glove goggles glasses mask respirator visor apron helmet earplugs earmuffs gauntlets boots";
constexpr std::string_view kBody =
    "finger fingers fingernail hand hands wrist arm arms eye eyes face skin foot feet toe toes hair sleeve sleeves leg legs head knuckle "
    "knuckles lungs lung neck ear ears thumb back body lap shins shin ring-finger teeth";
constexpr std::string_view kHarm =
    "steam slippery harm harms harmed scorch scorches singe bruise bruises sprain stab stabs choke chokes sever severs slice slices gash "
    "fracture voltage vapour vapor deafen amputate shrapnel flying recoil recoils suffocates infection splash splashes hot burn burns "
    "burned burnt burning scald scalds scalding sharp razor razors cut cuts crush crushes crushed trap trapped pinch pinches acid acids "
    "poison poisons poisonous toxic explode explodes explosive explosion fire flames flame spark sparks "
    "smoke fumes carbon monoxide shock shocks electrocute electrocuted live pressure pressurised pressurized spray sprays injure injures "
    "injury hurt hurts kill kills killed die dies blind blinded frostbite slip slips fall falls "
    "fly flies jump jumps snap snaps whip whips kick kicks bite bites swallow cancer asbestos dangerous danger hazard hazardous caution "
    "warning careful lethal deadly blade blades boiling corrosive caustic ammonia suffocate drown trap";
constexpr std::string_view kSpoil =
    "dent dents dented gouge gouges gouged pits pitted smash smashes smashed shatter shatters erode erodes clog clogs clogged foul fouls "
    "fouled silt silts char chars charred mangle mangles mangled buckle buckles buckled kink kinks kinked crease creases gall galls galled "
    "blister bulge bulges misfires chafe chafes chafed fray frays crack cracks cracked strip strips stripped shear shears sheared break "
    "breaks broken bend bends bent damage damages damaged ruin ruins ruined wreck wrecks wrecked destroy destroys destroyed warp warps "
    "warped distort distorts scratch scratches "
    "scratched round rounds rounded leak leaks leaking seize seizes seized scrap blow blows blown burst bursts split splits splitting tear "
    "tears torn flood floods overfill overfilled overheat overheats corrode corrodes rust rusts rot rots swell swells melt melts "
    "contaminate "
    "contaminates contaminated score scores scored jam jams jammed cook cooks cooked gone dead porridge soup eats eaten bypass airlock "
    "overtighten overtightened foam froth froths wear wears chew chews weld welds short shorts sink sinks sunk "
    "punch punches squash squashes squashed deform loose loosens misalign rattle stretch stretches unscrews drops stuck mess spill spills "
    "pollutes poisons bursts fails fail dry starve starves";
constexpr std::string_view kSoft = "aluminium aluminum alloy plastic brass rubber glass cast lead soft paper fibre fiber thin ceramic";
constexpr std::string_view kHedges =
    "about around roughly maybe approximately nearly almost perhaps probably guess reckon think suppose approx somewhere approximate circa "
    "ish roundabout believe";
constexpr std::string_view kModifiers =
    "old new copper drain oil fuel air fill filler level brake cover axle rear front left right upper lower top bottom inner outer big "
    "small little long short main wheel gear engine hydraulic cooling water belt drive guard filter sump battery fan pivot "
    "mounting bleed lock wing grub cap hex socket black silver steel plastic rubber brass stainless aluminium aluminum spare fresh same "
    "other first second third last loose worn clean dirty fixing retaining securing clamp clamping adjusting jacking "
    "cylinder piston shaft motor pump valve pressure return suction delivery inlet outlet fine coarse flat round square spring good proper "
    "correct whole suspension hub bearing chain blade ball needle thrust split cotter safety emergency hand foot terminal contact flare "
    "cross "
    "diesel hose pipe cable grease mil millimetre millimeter mm bolt head heads spanner relief check non-return half inch stage way tooth "
    "point";
constexpr std::string_view kAdverbs =
    "just now then carefully gently slowly always please also really quickly simply only again first actually basically next right okay ok "
    "well uh um er so yeah yes firmly lightly evenly properly straight immediately finally usually normally "
    "there here righto alright gonna quickly all both each ever still already once kindly meanwhile afterwards today thoroughly";
constexpr std::string_view kTalk =
    "hello hi hey welcome thanks thank subscribe channel sponsor sponsored friends folks coffee tea kettle weather music story episode "
    "video videos bye cheers comments comment afternoon evening morning night holiday football lunch dinner breakfast "
    "biscuit biscuits lovely laugh laughed laughter watching goodbye goodnight applause song sing joke birthday christmas school viewers "
    "viewer followers merch code discount patreon likes newsletter internet neighbour neighbor neighbours wedding "
    "summer winter holidays village ferry pub bar shop phone telephone told remember remembered childhood granddad grandfather grandmother "
    "mother father dad mum mom brother sister uncle aunt nephew cousin wife husband kids daughter son boss mate "
    "cat dog parrot goat rooster chickens la na dee da doo ba hmm haha ha ding guys everybody everyone ladies gentlemen attendees "
    "questions thursday monday tuesday wednesday friday saturday sunday o'clock g'day legend love cake football match radio";
constexpr std::string_view kUncounted =
    "dollar dollars pound quid euro euros buck bucks cent cents pence kilo kilos kilogram kilograms kg kgs gram grams g tonne tonnes ton "
    "tons stone volt volts v amp amps ampere milliamps kva kw kilowatt kilowatts watt watts w hertz hz ohm ohms horsepower "
    "horse horses hp o'clock am pm people person guys men women kids comments views subscribers followers likes chickens cats dogs zone "
    "zones summers winters floor floors page pages chapter video videos episode part series stars letters "
    "cc's phase cylinder cylinders cyl stroke model seater speed percenters thursday friday monday tuesday wednesday saturday sunday "
    "january february march april may june july august september october november december "
    "ways things bits reasons times-table minutes-past mates lads blokes students colleagues";

const Set& set_of(Class what) {
    static const std::array<Set, 20> sets{words({kParts}), words({kParts, kTools, kWordNetThing}), words({kFluids}), words({kFasteners}),
        words({kTools}), words({kWired}), words({kSwitched}), words({kMeters}), words({kWear}), words({kBody}), words({kHarm}),
        words({kSpoil}), words({kSoft}), words({kHedges}), words({kModifiers}), words({kAdverbs}), words({kWordNetBeing}),
        words({kWordNetMeal}), words({kTalk}), words({kUncounted})};
    return sets[static_cast<std::size_t>(what)];
}

constexpr std::array<std::pair<std::string_view, std::string_view>, 128> kUnits{{
    {"newton metres", "Nm"},
    {"newton meters", "Nm"},
    {"newton metre", "Nm"},
    {"newton meter", "Nm"},
    {"nm", "Nm"},
    {"newtonmeters", "Nm"},
    {"newtonmetres", "Nm"},
    {"newtons metres", "Nm"},
    {"newtons meters", "Nm"},
    {"foot pounds", "lbf.ft"},
    {"foot pound", "lbf.ft"},
    {"foot lbs", "lbf.ft"},
    {"foot lb", "lbf.ft"},
    {"ft lbs", "lbf.ft"},
    {"ft lb", "lbf.ft"},
    {"feet pounds", "lbf.ft"},
    {"pound feet", "lbf.ft"},
    {"pounds feet", "lbf.ft"},
    {"pound foot", "lbf.ft"},
    {"pounds foot", "lbf.ft"},
    {"lb ft", "lbf.ft"},
    {"lbs ft", "lbf.ft"},
    {"lbft", "lbf.ft"},
    {"ftlb", "lbf.ft"},
    {"ftlbs", "lbf.ft"},
    {"inch pounds", "lbf.in"},
    {"inch pound", "lbf.in"},
    {"inch lbs", "lbf.in"},
    {"in lbs", "lbf.in"},
    {"in lb", "lbf.in"},
    {"pound inches", "lbf.in"},
    {"kilogram metres", "kgf.m"},
    {"kilogram meters", "kgf.m"},
    {"kilo metres", "kgf.m"},
    {"kgm", "kgf.m"},
    {"kgf m", "kgf.m"},
    {"metre kilos", "kgf.m"},
    {"meter kilos", "kgf.m"},
    {"newtons", "N"},
    {"newton", "N"},
    {"pounds", "lbf"},
    {"lbs", "lbf"},
    {"lb", "lbf"},
    {"pound", "lbf"},
    {"litres", "L"},
    {"litre", "L"},
    {"liters", "L"},
    {"liter", "L"},
    {"l", "L"},
    {"ltr", "L"},
    {"ltrs", "L"},
    {"millilitres", "mL"},
    {"milliliters", "mL"},
    {"millilitre", "mL"},
    {"milliliter", "mL"},
    {"mls", "mL"},
    {"ml", "mL"},
    {"cc", "mL"},
    {"ccs", "mL"},
    {"cubic centimetres", "mL"},
    {"cubic centimeters", "mL"},
    {"us quarts", "qt"},
    {"quarts", "qt"},
    {"quart", "qt"},
    {"qts", "qt"},
    {"qt", "qt"},
    {"us gallons", "gal"},
    {"imperial gallons", "impgal"},
    {"imperial gallon", "impgal"},
    {"gallons", "gal"},
    {"gallon", "gal"},
    {"imperial pints", "imppt"},
    {"us pints", "pt"},
    {"pints", "imppt"},
    {"pint", "imppt"},
    {"fluid ounces", "floz"},
    {"fluid ounce", "floz"},
    {"ounces", "floz"},
    {"ounce", "floz"},
    {"oz", "floz"},
    {"millimetres", "mm"},
    {"millimeters", "mm"},
    {"millimetre", "mm"},
    {"millimeter", "mm"},
    {"mm", "mm"},
    {"mil", "mil"},
    {"mill", "mil"},
    {"mils", "mil"},
    {"mills", "mil"},
    {"thou", "thou"},
    {"centimetres", "cm"},
    {"centimeters", "cm"},
    {"centimetre", "cm"},
    {"centimeter", "cm"},
    {"cm", "cm"},
    {"metres", "m"},
    {"meters", "m"},
    {"inches", "in"},
    {"inch", "in"},
    {"bar", "bar"},
    {"bars", "bar"},
    {"psi", "psi"},
    {"kpa", "kPa"},
    {"kilopascal", "kPa"},
    {"kilopascals", "kPa"},
    {"megapascal", "MPa"},
    {"megapascals", "MPa"},
    {"degrees", "deg?"},
    {"degree", "deg?"},
    {"celsius", "degC"},
    {"fahrenheit", "degF"},
    {"minutes", "min"},
    {"minute", "min"},
    {"mins", "min"},
    {"min", "min"},
    {"seconds", "s"},
    {"second", "s"},
    {"secs", "s"},
    {"hours", "h"},
    {"hour", "h"},
    {"hrs", "h"},
    {"rpm", "rpm"},
    {"revs", "rpm"},
    {"revolutions", "rpm"},
    {"percent", "%"},
    {"turns", "turn"},
    {"turn", "turn"},
}};
constexpr std::array<std::pair<std::string_view, std::string_view>, 18> kMoreUnits{
    {{"kilometres", "km"}, {"kilometers", "km"}, {"kilometre", "km"}, {"kilometer", "km"}, {"kms", "km"}, {"km", "km"}, {"k", "km"},
        {"miles", "mi"}, {"mile", "mi"}, {"months", "month"}, {"month", "month"}, {"weeks", "week"}, {"week", "week"}, {"years", "year"},
        {"year", "year"}, {"days", "day"}, {"day", "day"}, {"revolutions", "turn"}}};

const std::unordered_map<std::string_view, std::string_view>& unit_table() {
    static const auto table = [] {
        std::unordered_map<std::string_view, std::string_view> t(kUnits.begin(), kUnits.end());
        t.insert(kMoreUnits.begin(), kMoreUnits.end());
        return t;
    }();
    return table;
}

}  // namespace

std::string_view singular(std::string_view word) {
    if (word == "teeth") return "tooth";
    if (word.size() > 3 && word.ends_with("s") && !word.ends_with("ss") && !word.ends_with("us")) return word.substr(0, word.size() - 1);
    return word;
}

namespace {

bool in_class(Class what, std::string_view word) {
    if (word.size() > 3 && word.ends_with("'s")) word.remove_suffix(2);  // "the plug's a nineteen"
    const Set& set = set_of(what);
    if (set.contains(word)) return true;
    const bool noun = what == Class::Part || what == Class::Thing || what == Class::Fluid || what == Class::Fastener ||
        what == Class::Tool || what == Class::Being || what == Class::Meal || what == Class::Wired;
    if (!noun) return false;
    const auto one = singular(word);
    if (one == word) return false;
    if (set.contains(one)) return true;
    return one.ends_with("e") && set.contains(one.substr(0, one.size() - 1));  // "brushes", "glasses"
}

struct Hash {
    using is_transparent = void;
    std::size_t operator()(std::string_view s) const { return std::hash<std::string_view>()(s); }
};

}  // namespace

// People use few words: what was asked once is kept.
std::uint32_t classes_of(std::string_view word) {
    constexpr std::size_t kMost = 20000;
    static thread_local std::unordered_map<std::string, std::uint32_t, Hash, std::equal_to<>> known;
    if (const auto it = known.find(word); it != known.end()) return it->second;
    std::uint32_t bits = 0;
    for (unsigned c = 0; c <= static_cast<unsigned>(Class::Uncounted); ++c)
        if (in_class(static_cast<Class>(c), word)) bits |= 1U << c;
    if (known.size() >= kMost) known.clear();
    known.emplace(word, bits);
    return bits;
}

bool is(Class what, std::string_view word) { return among(classes_of(word), what); }

std::optional<SpokenUnit> unit_of(std::string_view first, std::string_view second, std::string_view third) {
    if (first.empty()) return std::nullopt;
    const auto& table = unit_table();
    if (!second.empty()) {
        if (first == "degrees" || first == "degree") {
            if (second == "fahrenheit" || second == "f") return SpokenUnit{"degF", 2};
            if (second == "celsius" || second == "centigrade" || second == "c") return SpokenUnit{"degC", 2};
        }
        if ((first == "revs" || first == "revolutions") && (second == "per" || second == "a") && third == "minute")
            return SpokenUnit{"rpm", 3};
        const std::string two = std::string(first) + " " + std::string(second);
        if (const auto it = table.find(two); it != table.end()) return SpokenUnit{it->second, 2};
    }
    if (first == "per" && second == "cent") return SpokenUnit{"%", 2};
    if (const auto it = table.find(first); it != table.end()) return SpokenUnit{it->second, 1};
    return std::nullopt;
}

}  // namespace anagraph::core::lexicon
