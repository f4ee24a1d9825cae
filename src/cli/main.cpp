// anagraph-cli: the program's work from a terminal or a script. A public interface: commands and fields stay.
// Exit 0: fine. 1: it ran and found something wrong. 2: wrong use.

#include <fmt/format.h>
#include <unistd.h>

#include <CLI/CLI.hpp>
#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <filesystem>
#include <nlohmann/json.hpp>

#include "bench/bench.h"
#include "cli/answer.h"
#include "cli/calc.h"
#include "core/base/caught.h"
#include "core/narration/reader.h"
#include "core/procedure/evidence.h"
#include "core/procedure/open_points.h"
#include "media/fast_cut.h"
#include "paper/document.h"
#include "publish/clip_paint.h"
#include "publish/pack.h"
#include "shop/intake.h"
#include "shop/issue.h"
#include "shop/relink.h"
#include "shop/reshoot.h"
#include "shop/spelling.h"
#include "shop/verify.h"
#include "store/files.h"

namespace {

using namespace anagraph;
using nlohmann::json;

using cli::Answer;
using cli::kFine;
using cli::kFoundWrong;
using cli::kWrongUse;

/// A library that is not there is a path mistyped.
int wrong_path(const core::Error& error) { return error.code == core::ErrorCode::NotFound ? kWrongUse : kFoundWrong; }

/// A guide opened for looking at it, from a library that may be open elsewhere; what of its journal could not be read is told.
core::Result<core::Procedure> guide_to_look_at(const store::Library& library, const std::string& guide) {
    auto state = library.guide_state(store::GuideId(guide));
    if (!state) return tl::make_unexpected(state.error());
    for (const auto& lost : state->lost) fmt::print(stderr, "{}\n", lost);
    return std::move(state->procedure);
}

/// Progress for a person at a terminal; silent in a script.
bool show_progress(const std::string& what, double share) {
    if (isatty(STDERR_FILENO) == 0) return true;
    static int last = -1;
    const int percent = static_cast<int>(share * 100);
    if (percent != last) fmt::print(stderr, "\r{} {} %   {}", what, percent, percent >= 100 ? "\n" : "");
    last = percent;
    return true;
}

int read(const Answer& answer, const std::string& file) {
    const auto narration = shop::read_narration(file);
    if (!narration) return answer.wrong(narration.error(), narration.error().code == core::ErrorCode::NotFound ? kWrongUse : kFoundWrong);
    const auto marks = core::read_marks(narration->segments);
    std::string words;
    for (const auto& m : marks) {
        const std::string what = m.kind == core::MarkKind::Figure ? fmt::format("{} {}{}", core::spoken_name_of(m.figure_kind), core::text_of(m.value), m.taken_back ? " (taken back)" : m.hedged ? " (hedged)"
                                                                                                                                                                                                  : "")
                                                                  : m.verb;
        words += fmt::format("{:>9}  {:8}  {:34} {}\n", core::clock_text(m.at), core::name_of(m.kind), what + (m.about.empty() ? "" : ", " + m.about), m.because);
    }
    for (const auto& remark : narration->remarks) fmt::print(stderr, "{}\n", remark);
    json out = core::marks_json(narration->segments, marks);
    out["rec"] = std::filesystem::path(file).stem().string();
    return answer.say(out, words);
}

int import(const Answer& answer, const std::string& folder, const std::string& recording, const std::string& narration, bool stays) {
    auto library = store::Library::make_or_open(folder);
    if (!library) return answer.wrong(library.error());
    auto prepared = shop::prepare_recording((*library)->folder(), recording, narration, [&](double share) { return answer.as_json || show_progress("Bringing the recording in", share); }, stays ? shop::Original::StaysWhereItLies : shop::Original::Copy);
    if (!prepared) return answer.wrong(prepared.error());
    if (auto entered = shop::enter_recording(**library, *prepared); !entered) return answer.wrong(entered.error());
    for (const auto& remark : prepared->remarks) fmt::print(stderr, "{}\n", core::as_utf8(remark));
    const auto lines = (*library)->recording(prepared->entry.id).value_or(prepared->entry).lines;
    return answer.say({{"recording", prepared->entry.id.text()}, {"frames", prepared->index.times.size()}, {"seconds", prepared->index.end.seconds() - prepared->index.start().seconds()}, {"lines", lines}, {"remarks", prepared->remarks}},
                      fmt::format("{} is in the library: {} frames, {} lines of narration.", prepared->entry.name, prepared->index.times.size(), lines));
}

int find(const Answer& answer, const std::string& folder, const std::string& where) {
    auto library = store::Library::open(folder);
    if (!library) return answer.wrong(library.error(), wrong_path(library.error()));
    const auto away = shop::recordings_away(**library);
    if (!away) return answer.wrong(away.error());
    json found = json::array();
    json missing = json::array();
    std::string words = away->empty() ? "Every recording is where it was." : "";
    for (const auto& r : *away) {
        const auto index = media::load_index((*library)->recording_folder(r.id));
        const auto path = shop::find_original(r.id, index ? index->bytes : 0, where, [&](double share) { return answer.as_json || show_progress("Looking for " + r.name, share); });
        if (path) {
            if (auto moved = (*library)->move_recording(r.id, *path); !moved) return answer.wrong(moved.error());
            found.push_back({{"recording", r.id.text()}, {"path", *path}});
            words += fmt::format("{} is in {}\n", r.name, *path);
        } else {
            missing.push_back({{"recording", r.id.text()}, {"name", r.name}, {"reason", path.error().message}});
            words += fmt::format("{}: {}\n", r.name, path.error().message);
        }
    }
    return answer.say({{"found", found}, {"missing", missing}}, words, missing.empty() ? kFine : kFoundWrong);
}

/// "1:23.4", "1:02:03" or "83.4" as a moment.
core::Result<core::FrameTime> moment(const std::string& words) {
    double seconds = 0;
    std::size_t begin = 0;
    for (;;) {
        const auto colon = words.find(':', begin);
        const std::string part = words.substr(begin, colon == std::string::npos ? colon : colon - begin);
        char* end = nullptr;
        const double value = std::strtod(part.c_str(), &end);
        if (part.empty() || *end != 0 || value < 0) return core::fail(core::ErrorCode::BadInput, fmt::format("\"{}\" is no moment; write it as 1:23.4 or 83.4.", words));
        seconds = seconds * 60 + value;
        if (colon == std::string::npos) return core::FrameTime(std::llround(seconds * 1e6), 1000000);
        begin = colon + 1;
    }
}

int cut(const Answer& answer, const std::string& recording, const std::string& from_words, const std::string& to_words, const std::string& to, bool replace) {
    const auto from = moment(from_words);
    const auto until = moment(to_words);
    if (!from) return answer.wrong(from.error(), kWrongUse);
    if (!until) return answer.wrong(until.error(), kWrongUse);
    if (!(*from < *until)) return answer.wrong({core::ErrorCode::BadInput, "The stretch ends before it begins.", ""}, kWrongUse);
    auto place = store::Destination::file(to, {recording}, replace);
    if (!place) return answer.wrong(place.error(), kWrongUse);
    const auto report = media::fast_cut(recording, {core::RecordingId(recording), *from, *until}, place->work(), [&](double share) { return answer.as_json || show_progress("Cutting", share); });
    if (!report) return answer.wrong(report.error());
    if (auto put = place->commit(); !put) return answer.wrong(put.error());
    return answer.say({{"file", place->path()}, {"copied", report->copied}, {"encoded", report->encoded}, {"why", report->why}}, report->why.empty() ? fmt::format("{}: {} pictures copied, {} at the ends encoded anew.", place->path(), report->copied, report->encoded) : fmt::format("{}: {}", place->path(), report->why));
}

int list(const Answer& answer, const std::string& folder) {
    auto library = store::Library::read(folder);
    if (!library) return answer.wrong(library.error(), wrong_path(library.error()));
    const auto guides = (*library)->guides();
    const auto recordings = (*library)->recordings();
    if (!guides) return answer.wrong(guides.error());
    if (!recordings) return answer.wrong(recordings.error());
    json out{{"guides", json::array()}, {"recordings", json::array()}};
    std::string words;
    for (const auto& g : *guides) {
        out["guides"].push_back({{"id", g.id.text()}, {"title", g.title}, {"machine", g.machine}, {"editions", g.editions}, {"changed", g.changed}});
        words += fmt::format("guide      {:34} {} · {}, {} edition{}\n", g.id.text(), g.machine, g.title, g.editions, g.editions == 1 ? "" : "s");
    }
    for (const auto& r : *recordings) {
        out["recordings"].push_back({{"id", r.id.text()}, {"name", r.name}, {"narration", r.has_narration}});
        words += fmt::format("recording  {}  {}{}\n", r.id.text().substr(0, 12), r.name, r.has_narration ? "" : " (no narration)");
    }
    return answer.say(out, words);
}

int check(const Answer& answer, const std::string& folder, const std::string& guide) {
    auto library = store::Library::read(folder);
    if (!library) return answer.wrong(library.error(), wrong_path(library.error()));
    const auto procedure = guide_to_look_at(**library, guide);
    if (!procedure) return answer.wrong(procedure.error(), kWrongUse);
    const auto points = core::open_points(*procedure);
    json out = json::array();
    std::string words;
    for (const auto& p : points) {
        out.push_back({{"text", p.text}, {"stops_issue", p.stops_issue}});
        words += (p.stops_issue ? "must  " : "open  ") + p.text + "\n";
    }
    // what the editor would say: advice, which stops nothing
    const auto house = (*library)->house();
    const auto speller = shop::dictionary();
    const auto found = core::findings(*procedure, house ? house->rules_off : std::vector<std::string>{}, speller.value_or(core::Speller{}));
    json advice = json::array();
    for (const auto& f : found) {
        const auto step = std::find_if(procedure->steps.begin(), procedure->steps.end(), [&](const core::Step& s) { return s.id == f.step; }) - procedure->steps.begin() + 1;
        advice.push_back({{"rule", core::name_of(f.rule)}, {"step", step}, {"line", f.part == core::StepPart::Line ? json(f.index + 1) : json(nullptr)}, {"text", f.text}, {"why", f.why}, {"can_be_mended", f.fix.has_value()}});
        words += fmt::format("look  Step {}{}: {}\n", step, f.part == core::StepPart::Line ? fmt::format(", line {}", f.index + 1) : "", f.why);
    }
    return answer.say({{"open", out}, {"advice", advice}}, words.empty() ? "Nothing is open." : words, points.empty() ? kFine : kFoundWrong);
}

int issue(const Answer& answer, const std::string& folder, const std::string& guide, const std::string& to, const std::string& author, const std::string& checker) {
    auto library = store::Library::open(folder);
    if (!library) return answer.wrong(library.error(), wrong_path(library.error()));
    const store::GuideId id(guide);
    const auto request = shop::prepare_issue(**library, id, author, checker);
    if (!request) return answer.wrong(request.error());
    // the place first: nobody waits for a pack that cannot be put there
    auto place = shop::delivery(**library, id, to);
    if (!place) return answer.wrong(place.error(), kWrongUse);
    const auto progress = [&](const std::string& what, double share) { return answer.as_json || show_progress(what, share); };
    auto pack = shop::make_pack(*request, progress);
    if (!pack) return answer.wrong(pack.error());
    if (auto copied = shop::copy_pack(pack->folder.path(), *place); !copied) return answer.wrong(copied.error());
    // the library knows the edition before anybody else has it
    const auto hash = shop::enter_edition(**library, *request, std::move(*pack));
    if (!hash) return answer.wrong(hash.error());
    const auto& edition = request->pack.edition;
    if (auto put = place->commit(); !put) return answer.wrong({put.error().code, fmt::format("Edition {} is issued and kept in the library, but its pack was not put at {}: {} Write it again with: anagraph-cli deliver LIBRARY {} {} --to FOLDER", edition.number, place->path(), put.error().message, guide, edition.number), place->path()});
    for (const auto& remark : request->remarks) fmt::print(stderr, "{}\n", remark);
    return answer.say({{"edition", edition.number}, {"sha256", *hash}, {"folder", place->path()}, {"changes", edition.changes}, {"remarks", request->remarks}}, fmt::format("Edition {} of {} is in {} ({}).", edition.number, guide, place->path(), publish::edition_mark(edition, *hash)));
}

int deliver(const Answer& answer, const std::string& folder, const std::string& guide, int edition, const std::string& to) {
    const auto library = store::Library::read(folder);
    if (!library) return answer.wrong(library.error(), wrong_path(library.error()));
    const auto done = shop::deliver(**library, store::GuideId(guide), edition, to, [&](double share) { return answer.as_json || show_progress("Copying the pack", share); });
    if (!done) return answer.wrong(done.error());
    return answer.say({{"edition", edition}, {"folder", to}}, fmt::format("The pack of edition {} of {} is in {}.", edition, guide, to));
}

int reshoot(const Answer& answer, const std::string& folder, const std::string& guide, const std::string& to, bool replace) {
    auto library = store::Library::read(folder);
    if (!library) return answer.wrong(library.error(), wrong_path(library.error()));
    const auto p = guide_to_look_at(**library, guide);
    if (!p) return answer.wrong(p.error(), kWrongUse);
    const auto points = shop::gather_reshoot(**library, store::GuideId(guide));
    if (!points) return answer.wrong(points.error(), kWrongUse);
    json list = json::array();
    std::string words = points->empty() ? "Nothing is on the reshoot list." : "";
    for (const auto& point : *points) {
        list.push_back({{"recording", point.recording}, {"t", point.missing.at.seconds()}, {"what", point.missing.what}, {"why", point.missing.why}});
        words += fmt::format("{}, {}: {} ({})\n", point.recording, core::clock_text(point.missing.at, false), point.missing.what, point.missing.why);
    }
    if (!to.empty()) {
        auto place = store::Destination::file(to, {}, replace);
        if (!place) return answer.wrong(place.error(), kWrongUse);
        if (auto written = shop::write_reshoot(*p, *points, *place); !written) return answer.wrong(written.error());
        words += fmt::format("The page is in {}.", place->path());
    }
    return answer.say({{"points", list}}, words);
}

/// All figures of a guide, those that are not proved first.
int figures(const Answer& answer, const std::string& folder, const std::string& guide) {
    auto library = store::Library::read(folder);
    if (!library) return answer.wrong(library.error(), wrong_path(library.error()));
    const auto p = guide_to_look_at(**library, guide);
    if (!p) return answer.wrong(p.error(), kWrongUse);
    std::vector<const core::Figure*> order;
    for (const auto& f : p->figures) order.push_back(&f);
    std::stable_sort(order.begin(), order.end(), [&](const core::Figure* a, const core::Figure* b) { return (core::standing_of(*p, *a) == core::Standing::Proved) < (core::standing_of(*p, *b) == core::Standing::Proved); });
    json list = json::array();
    std::string words;
    for (const auto* f : order) {
        const std::string standing(core::name_of(core::standing_of(*p, *f)));
        list.push_back({{"id", f->id.text()}, {"title", core::title_of(*p, *f)}, {"kind", core::name_of(f->kind)}, {"value", core::text_of(f->value)}, {"standing", standing}, {"why", core::argue_standing(*p, *f)}, {"steps", core::steps_using(*p, f->id)}, {"variants", f->variants}});
        words += fmt::format("{:9} {:44} {:24} {}\n", standing, core::title_of(*p, *f), core::text_of(f->value), core::argue_standing(*p, *f));
    }
    return answer.say({{"figures", list}}, words.empty() ? "The guide has no figures yet." : words);
}

/// What a machine reads on a page of a book or on a picture, as proposals; a person compares them with the page.
int read_page(const Answer& answer, const std::string& file, int number, const std::string& kind_name, const std::string& about) {
    const auto kind = core::figure_kind(kind_name);
    if (!kind) return answer.wrong({core::ErrorCode::BadInput, fmt::format("\"{}\" is no kind of figure.", kind_name), ""}, kWrongUse);
    const auto document = paper::open_document(file);
    if (!document) return answer.wrong(document.error(), kWrongUse);
    const auto image = paper::page_image(*document, number);
    if (!image) return answer.wrong(image.error(), image.error().code == core::ErrorCode::BadInput ? kWrongUse : kFoundWrong);
    const auto words = paper::read_words(*image, paper::whole_page(number), document->pdf ? paper::Layout::Page : paper::Layout::Object);
    if (!words) return answer.wrong(words.error());
    json list = json::array();
    std::string sentences;
    for (const auto& v : core::values_on(*words, *kind, about)) {
        list.push_back({{"value", core::text_of(v.value)}, {"tolerance", v.tolerance}, {"line", v.line}, {"page", v.spot.page}, {"box", {v.spot.left, v.spot.top, v.spot.right, v.spot.bottom}}, {"sureness", v.sureness}, {"mended", v.mended}});
        sentences += fmt::format("{:24} {}\n", core::text_of(v.value) + (v.tolerance.empty() ? "" : " ± " + v.tolerance), v.line);
    }
    if (list.empty()) return answer.say({{"values", list}}, fmt::format("No {} was read on page {}.", core::spoken_name_of(*kind), number), kFoundWrong);
    return answer.say({{"values", list}}, sentences + "Read by a machine: compare each with the page.");
}

int measure(const Answer& answer, const std::string& folder, const std::string& only, bool full) {
    bench::Options options;
    options.folder = folder.empty() ? (std::filesystem::temp_directory_path() / "anagraph-bench").string() : folder;
    options.programs = QCoreApplication::applicationDirPath().toStdString();
    options.full = full;
    options.only = only;
    const auto row = [&](const bench::Line& l) {
        if (!answer.as_json) fmt::print("{:<74} {:>7.2f}{:<3} {} {:>6.2f}  {:<5} {}\n", l.what, l.value, l.unit.empty() ? "x" : " " + l.unit, l.at_least ? "at least" : "at most ", l.target, l.good() ? "good" : "WORSE", l.detail);
        std::fflush(stdout);
    };
    try {
        const auto lines = bench::run(options, row);
        json out = json::array();
        bool good = true;
        for (const auto& l : lines) {
            out.push_back({{"what", l.what}, {"value", l.value}, {"target", l.target}, {"at_least", l.at_least}, {"unit", l.unit}, {"detail", l.detail}, {"good", l.good()}});
            good = good && l.good();
        }
        return answer.say(out, good ? "Every target is met." : "Not every target is met.", good ? kFine : kFoundWrong);
    } catch (const std::runtime_error& e) {
        return answer.wrong({core::ErrorCode::Unreadable, e.what(), ""});
    }
}

int verify(const Answer& answer, const std::string& pack, const std::string& library) {
    const auto v = shop::verify(pack, library, [&](double share) { return answer.as_json || show_progress("Reading the pack", share); });
    if (!v) return answer.wrong(v.error(), v.error().code == core::ErrorCode::NotFound || v.error().code == core::ErrorCode::BadInput ? kWrongUse : kFoundWrong);
    using shop::PackTruth;
    const bool good = v->truth == PackTruth::Undamaged || v->truth == PackTruth::Issued;
    json known = nullptr;
    if (v->truth == PackTruth::Issued || v->truth == PackTruth::Foreign) known = v->truth == PackTruth::Issued;
    return answer.say({{"ok", good}, {"undamaged", v->found.undamaged}, {"issued_by_library", known}, {"edition", v->found.edition}, {"mark", v->found.mark}, {"sha256", v->found.sha256}, {"manifest", v->found.manifest}, {"troubles", v->found.troubles}, {"notes", v->found.notes}, {"words", v->words}}, v->words, good ? kFine : kFoundWrong);
}

int run(int argc, char** argv) {
    store::outlive_size_limits();
    // what Qt finds remarkable about the machine is nothing to a script
    qInstallMessageHandler([](QtMsgType type, const QMessageLogContext&, const QString& message) {
        if (type == QtCriticalMsg || type == QtFatalMsg) fmt::print(stderr, "{}\n", message.toStdString());
    });
    const bool draws = std::any_of(argv + 1, argv + argc, [](const char* a) { return std::string_view(a) == "issue"; });
    const std::unique_ptr<QCoreApplication> application(draws ? publish::drawing_application(argc, argv) : std::make_unique<QCoreApplication>(argc, argv));
    CLI::App app{"Turns recorded service jobs into illustrated step-by-step guides.", "anagraph-cli"};
    app.require_subcommand(1);
    app.fallthrough();
    Answer answer;
    app.add_flag("--json", answer.as_json, "answer as JSON");
    std::string a;
    std::string b;
    std::string c;
    std::string out;
    bool flag = false;
    std::string author = "author";
    std::string checker;
    int code = kFine;

    auto* read_command = app.add_subcommand("read", "find figures, steps, cautions ... in a narration");
    read_command->add_option("FILE", a, "WebVTT, SRT or timed text")->required();
    read_command->callback([&] { code = read(answer, a); });

    auto* import_command = app.add_subcommand("import", "import a recording into a library");
    import_command->add_option("LIBRARY", a)->required();
    import_command->add_option("RECORDING", b)->required();
    import_command->add_option("--narration", c, "its timed text; without it, a file of the same name beside the recording");
    import_command->add_flag("--in-place", flag, "do not copy the recording; remember where it lies");
    import_command->callback([&] { code = import(answer, a, b, c, flag); });

    auto* find_command = app.add_subcommand("find", "find recordings again that are no longer where they were");
    find_command->add_option("LIBRARY", a)->required();
    find_command->add_option("FOLDER", b, "where to look, with everything in it")->required();
    find_command->callback([&] { code = find(answer, a, b); });

    auto* cut_command = app.add_subcommand("cut", "a stretch of a film as its own, exact to the frame");
    cut_command->add_option("RECORDING", a)->required();
    cut_command->add_option("FROM", b, "first moment, as 1:23.4 or 83.4")->required();
    cut_command->add_option("TO", c, "moment after the last, in the same form")->required();
    cut_command->add_option("--to", out, "the MP4 to write")->required();
    cut_command->add_flag("--replace", flag, "write over a file that is there");
    cut_command->callback([&] { code = cut(answer, a, b, c, out, flag); });

    auto* list_command = app.add_subcommand("list", "the guides and recordings of a library");
    list_command->add_option("LIBRARY", a)->required();
    list_command->callback([&] { code = list(answer, a); });

    auto* check_command = app.add_subcommand("check", "what is still open in a guide");
    check_command->add_option("LIBRARY", a)->required();
    check_command->add_option("GUIDE", b)->required();
    check_command->callback([&] { code = check(answer, a, b); });

    auto* figures_command = app.add_subcommand("figures", "every figure of a guide with its standing, the open ones first");
    figures_command->add_option("LIBRARY", a)->required();
    figures_command->add_option("GUIDE", b)->required();
    figures_command->callback([&] { code = figures(answer, a, b); });

    auto* page_command = app.add_subcommand("page", "values read on a page of a book or on a picture, to be compared with it");
    int page = 1;
    page_command->add_option("FILE", a, "a PDF or a picture")->required();
    page_command->add_option("--page", page, "which page of a PDF")->capture_default_str();
    page_command->add_option("--kind", b, "kind of figure: torque, volume, grade ...")->required();
    page_command->add_option("--about", c, "what it is about, so that its line comes first: \"drain plug\"");
    page_command->callback([&] { code = read_page(answer, a, page, b, c); });

    auto* issue_command = app.add_subcommand("issue", "freeze the next edition of a guide and write its pack");
    issue_command->add_option("LIBRARY", a)->required();
    issue_command->add_option("GUIDE", b)->required();
    issue_command->add_option("--to", c, "folder of the pack")->required();
    issue_command->add_option("--author", author, "who wrote it, by post")->capture_default_str();
    issue_command->add_option("--checker", checker, "who checked it, by post; not the author")->required();
    issue_command->callback([&] { code = issue(answer, a, b, c, author, checker); });

    auto* deliver_command = app.add_subcommand("deliver", "write the kept pack of an edition again");
    int edition = 0;
    deliver_command->add_option("LIBRARY", a)->required();
    deliver_command->add_option("GUIDE", b)->required();
    deliver_command->add_option("EDITION", edition)->required();
    deliver_command->add_option("--to", c, "folder of the pack")->required();
    deliver_command->callback([&] { code = deliver(answer, a, b, edition, c); });

    auto* reshoot_command = app.add_subcommand("reshoot", "the reshoot list: what was not filmed, not seen or has to be looked up");
    reshoot_command->add_option("LIBRARY", a)->required();
    reshoot_command->add_option("GUIDE", b)->required();
    reshoot_command->add_option("--to", c, "also write it as a page with pictures, for paper or a phone");
    reshoot_command->add_flag("--replace", flag, "write over a page that is there");
    reshoot_command->callback([&] { code = reshoot(answer, a, b, c, flag); });

    auto* bench_command = app.add_subcommand("bench", "time the slow things against their targets; ratios, so that any machine will do");
    bench_command->add_option("--folder", a, "where the films made for it are kept");
    bench_command->add_flag("--full", flag, "ten minutes and four hours of 1080p; takes an hour and more");
    bench_command->add_option("--only", b, "one part alone")->check(CLI::IsMember({"import", "memory", "frame", "reader", "figures", "clips", "window", "library"}));
    bench_command->callback([&] { code = measure(answer, a, b, flag); });

    auto* verify_command = app.add_subcommand("verify", "is a pack undamaged, and is it what a library issued?");
    verify_command->add_option("PACK", a, "the pack's folder")->required();
    verify_command->add_option("--library", b, "the library that should have issued it");
    verify_command->callback([&] { code = verify(answer, a, b); });

    cli::add_calc(app, answer, code);

    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        const int r = app.exit(e);
        return r == 0 ? kFine : kWrongUse;
    } catch (...) {
        try {
            return answer.wrong(core::thrown());
        } catch (...) {
            std::fputs("The memory does not suffice for this; close other programs and try again.\n", stderr);
            return kFoundWrong;
        }
    }
    return code;
}

}  // namespace

int main(int argc, char** argv) {
    const int code = run(argc, argv);
    // what libraries leave to the end of the process may wait for threads that a lack of memory never let begin
    std::fflush(nullptr);
    std::_Exit(code);
}
