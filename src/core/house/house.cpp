#include "core/house/house.h"

#include <fmt/format.h>

#include <algorithm>
#include <nlohmann/json.hpp>

namespace anagraph::core {
namespace {

using nlohmann::json;

/// "the maker's book", "a standard": within a sentence.
std::string printed(SourceKind kind) {
    return fmt::format("{} {}", kind == SourceKind::Book || kind == SourceKind::Word ? "the" : "a", spoken_name_of(kind));
}

json js(const Wrench& w) {
    return {{"id", w.id}, {"name", w.name}, {"unit", w.unit}, {"from", w.from}, {"to", w.to}, {"main_step", w.main_step},
        {"fine_step", w.fine_step}, {"kind", w.kind == Wrench::Kind::Click ? "click" : "dial"}, {"accuracy", w.accuracy},
        {"arm_mm", w.arm_mm}, {"drive", w.drive}, {"calibrated", w.calibrated}, {"due", w.due}};
}
json js(const StoreFluid& f) { return {{"name", f.name}, {"spec", f.spec}, {"litres", f.litres}, {"left", f.left}, {"price", f.price}}; }

Wrench wrench_of(const json& j) {
    Wrench w;
    w.id = j.at("id");
    w.name = j.at("name");
    w.unit = j.at("unit");
    w.from = j.at("from");
    w.to = j.at("to");
    w.main_step = j.at("main_step");
    w.fine_step = j.at("fine_step");
    w.kind = j.at("kind") == "dial" ? Wrench::Kind::Dial : Wrench::Kind::Click;
    w.accuracy = j.at("accuracy");
    w.arm_mm = j.at("arm_mm");
    w.drive = j.at("drive");
    w.calibrated = j.at("calibrated");
    w.due = j.at("due");
    return w;
}
StoreFluid fluid_of(const json& j) { return {j.at("name"), j.at("spec"), j.at("litres"), j.at("left"), j.at("price")}; }

}  // namespace

json methods_to_json(const std::vector<HouseMethod>& methods) {
    json out = json::array();
    for (const auto& m : methods)
        out.push_back({{"topic", m.topic}, {"chosen", m.chosen}, {"because", m.because}, {"accepted", m.accepted}});
    return out;
}

std::vector<HouseMethod> methods_from_json(const json& j) {
    std::vector<HouseMethod> out;
    for (const auto& m : j)
        out.push_back({m.at("topic"), m.at("chosen"), m.at("because"), m.at("accepted").get<std::vector<std::string>>()});
    return out;
}

std::string rule_text(const House& house) {
    std::string out;
    for (const auto kind : house.rank) out += fmt::format("{} over ", printed(kind));
    return out + "speech";
}

std::size_t rank_of(const House& house, SourceKind kind) {
    return static_cast<std::size_t>(std::find(house.rank.begin(), house.rank.end(), kind) - house.rank.begin());
}

std::string to_json(const House& house) {
    json rank = json::array();
    for (const auto kind : house.rank) rank.push_back(name_of(kind));
    json wrenches = json::array();
    for (const auto& w : house.wrenches) wrenches.push_back(js(w));
    json store = json::array();
    for (const auto& f : house.store) store.push_back(js(f));
    return json{{"rank", rank}, {"wrenches", wrenches}, {"store", store}, {"rules_off", house.rules_off}, {"desk", house.desk},
        {"recogniser", house.recogniser}, {"whole_translations", house.whole_translations}, {"methods", methods_to_json(house.methods)}}
        .dump(2);
}

Result<House> house_from_json(std::string_view text) {
    // the library's own exceptions end here
    try {
        const json j = json::parse(text);
        House house;
        house.rank.clear();
        for (const auto& name : j.at("rank")) {
            const auto kind = from_name<SourceKind>(name.get<std::string>());
            if (!kind)
                return fail(ErrorCode::BadInput, say(key("House", "\"{0}\" is no kind of source."), name.get<std::string>()), "rank");
            house.rank.push_back(*kind);
        }
        for (const auto& w : j.at("wrenches")) house.wrenches.push_back(wrench_of(w));
        for (const auto& f : j.at("store")) house.store.push_back(fluid_of(f));
        if (j.contains("desk")) house.desk = j.at("desk").get<std::string>();
        if (j.contains("recogniser")) house.recogniser = j.at("recogniser").get<std::string>();
        if (j.contains("whole_translations")) house.whole_translations = j.at("whole_translations").get<bool>();
        if (j.contains("rules_off")) house.rules_off = j.at("rules_off").get<std::vector<std::string>>();
        if (j.contains("methods")) house.methods = methods_from_json(j.at("methods"));
        return house;
    } catch (const json::exception& e) {
        return fail(ErrorCode::BadInput, say(key("House", "What the house keeps cannot be read: {0}."), e.what()));
    }
}

}  // namespace anagraph::core
