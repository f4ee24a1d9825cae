#include "media/hearing/recogniser.h"

#include <fmt/format.h>
#include <pocketsphinx.h>
#include <sphinxbase/err.h>
#include <sphinxbase/ngram_model.h>

#include <algorithm>
#include <cmath>
#include <condition_variable>
#include <cstdlib>
#include <deque>
#include <filesystem>
#include <limits>
#include <map>
#include <memory>
#include <mutex>
#include <random>
#include <thread>

#include "media/hearing/speech_sound.h"

namespace anagraph::media {

using core::ErrorCode;
using core::fail;
using core::HeardWord;
using core::Outcome;
using core::Result;

namespace {

constexpr const char* kModels = "/usr/share/pocketsphinx/model/en-us/";
// how much the language counts beside the sound, and what a word more costs; chosen on one demo film, tried on the other
constexpr double kLanguageWeight = 9;
constexpr double kWordPenalty = 0.1;

constexpr std::size_t kStep = kSpeechRate / 100;  // samples: loudness is measured in steps of 10 ms
constexpr std::size_t kQuiet = 35;                // steps of silence that end a part
constexpr std::size_t kMargin = 15;               // steps of silence kept before and after it
constexpr std::size_t kShortest = 20;             // steps: what is shorter is a knock
constexpr std::size_t kLongest = 2500;            // steps: a part is ended there, pause or not
constexpr std::size_t kBlock = 6000;              // steps looked at together for what is quiet in them
constexpr std::size_t kWaiting = 8;               // parts that may wait for a thread

/// A stretch of sound between two silences.
struct Part {
    std::size_t number = 0;
    double from = 0;  // s
    std::vector<std::int16_t> sound;
};

/// Parts a stream of sound at its silences. Quiet is what lies near the quietest tenth of the minute around.
class Parting {
public:
    explicit Parting(std::function<bool(Part)> hand) : hand_(std::move(hand)) {}

    bool take(std::span<const std::int16_t> samples) {
        sound_.insert(sound_.end(), samples.begin(), samples.end());
        return sound_.size() < (kBlock + kLongest) * kStep || part(false);
    }
    bool finish() { return part(true); }

private:
    bool part(bool last) {
        const std::size_t steps = sound_.size() / kStep;
        std::vector<int> loudness(steps);
        for (std::size_t i = 0; i < steps; ++i)
            for (std::size_t k = 0; k < kStep; ++k) loudness[i] = std::max(loudness[i], std::abs(static_cast<int>(sound_[i * kStep + k])));
        std::vector<int> sorted = loudness;
        std::sort(sorted.begin(), sorted.end());
        const int quiet = steps == 0 ? 0 : std::max(sorted[steps / 10] * 3, sorted[steps * 95 / 100] / 25);
        std::size_t begin = 0, silent = 0, done = 0;
        bool speech = false;
        const auto end_at = [&](std::size_t end) {
            speech = false;
            done = end;
            if (end - begin < kShortest) return true;
            Part out{count_++, static_cast<double>(gone_ + begin * kStep) / kSpeechRate, {}};
            out.sound.assign(
                sound_.begin() + static_cast<std::ptrdiff_t>(begin * kStep), sound_.begin() + static_cast<std::ptrdiff_t>(end * kStep));
            return hand_(std::move(out));
        };
        for (std::size_t i = 0; i < steps; ++i) {
            if (loudness[i] > quiet) {
                if (!speech) begin = std::max(done, i > kMargin ? i - kMargin : 0);
                speech = true;
                silent = 0;
            } else {
                ++silent;
            }
            if (!speech) continue;
            if (silent > kQuiet) {
                if (!end_at(i - silent + kMargin)) return false;
            } else if (i - begin >= kLongest) {
                if (!end_at(i)) return false;
            }
        }
        if (last) return !speech || end_at(steps);
        // what has not ended goes on with the next block
        const std::size_t kept = speech ? begin : std::max(done, steps > kMargin ? steps - kMargin : 0);
        gone_ += kept * kStep;
        sound_.erase(sound_.begin(), sound_.begin() + static_cast<std::ptrdiff_t>(kept * kStep));
        return true;
    }

    std::function<bool(Part)> hand_;
    std::vector<std::int16_t> sound_;
    std::size_t gone_ = 0;  // samples before those kept
    std::size_t count_ = 0;
};

struct FreeDecoder {
    void operator()(ps_decoder_t* p) const { ps_free(p); }
};
struct FreeModel {
    void operator()(ngram_model_t* p) const { ngram_model_free(p); }
};
struct FreeSettings {
    void operator()(cmd_ln_t* p) const { cmd_ln_free_r(p); }
};
using Decoder = std::unique_ptr<ps_decoder_t, FreeDecoder>;
using Settings = std::unique_ptr<cmd_ln_t, FreeSettings>;
using Model = std::unique_ptr<ngram_model_t, FreeModel>;

tl::unexpected<core::Error> no_language(const std::string& file) {
    return fail(ErrorCode::BadInput,
        core::say(core::key("Films", "The recogniser's language {0} cannot be read; install the program again."), file), file);
}

Result<Decoder> open_decoder(const Language& language) {
    err_set_logfp(nullptr);
    const std::string acoustic = std::string(kModels) + "en-us";
    std::error_code ec;
    if (!std::filesystem::is_directory(acoustic, ec))
        return fail(ErrorCode::NotFound,
            core::key("Films",
                "The recogniser's model of English is not installed. Install the package pocketsphinx-en-us, or name another recogniser in "
                "the "
                "house settings."),
            acoustic);
    const bool several = language.models.size() > 1;
    const Settings settings(cmd_ln_init(nullptr, ps_args(), TRUE, "-hmm", acoustic.c_str(), "-dict", language.dictionary.c_str(), nullptr));
    if (!settings || language.models.empty()) return no_language(language.dictionary);
    cmd_ln_set_float_r(settings.get(), "-lw", kLanguageWeight);
    cmd_ln_set_float_r(settings.get(), "-wip", kWordPenalty);
    if (!several) cmd_ln_set_str_r(settings.get(), "-lm", language.models.front().file.c_str());
    Decoder decoder(ps_init(settings.get()));
    if (!decoder) return no_language(several ? language.dictionary : language.models.front().file);
    if (!several) return decoder;
    std::vector<Model> models;
    std::vector<ngram_model_t*> raw;
    std::vector<std::string> names;
    std::vector<float32> weights;
    for (const auto& m : language.models) {
        models.emplace_back(ngram_model_read(settings.get(), m.file.c_str(), NGRAM_AUTO, ps_get_logmath(decoder.get())));
        if (!models.back()) return no_language(m.file);
        // alone it would be weighed by the settings; in a set each has to be told
        ngram_model_apply_weights(models.back().get(), static_cast<float32>(kLanguageWeight), static_cast<float32>(kWordPenalty));
        raw.push_back(models.back().get());
        names.push_back(std::to_string(names.size()));
        // the models' scores are mixed after they were raised by the weight of the language: so is their share, or the surer model always
        // wins
        weights.push_back(static_cast<float32>(std::pow(m.weight, kLanguageWeight)));
    }
    std::vector<char*> named;
    for (auto& name : names) named.push_back(name.data());
    const Model set(ngram_model_set_init(settings.get(), raw.data(), named.data(), weights.data(), static_cast<int32>(raw.size())));
    if (!set || ps_set_lm(decoder.get(), "all", set.get()) != 0 || ps_set_search(decoder.get(), "all") != 0)
        return no_language(language.models.front().file);
    return decoder;
}

std::vector<HeardWord> heard_in(ps_decoder_t& decoder, Part part) {
    std::vector<HeardWord> out;
    // a silence of noughts has no spectrum: noise of one step is added, the same at every run
    std::minstd_rand random(1);
    for (auto& sample : part.sound)
        if (sample < std::numeric_limits<std::int16_t>::max())
            sample = static_cast<std::int16_t>(sample + static_cast<int>(random() >> 8 & 1));
    ps_start_utt(&decoder);
    ps_process_raw(&decoder, part.sound.data(), part.sound.size(), FALSE, TRUE);
    ps_end_utt(&decoder);
    constexpr double kFrame = 0.01;  // s
    for (ps_seg_t* s = ps_seg_iter(&decoder); s != nullptr; s = ps_seg_next(s)) {
        std::string word = ps_seg_word(s);
        if (word.starts_with('<') || word.starts_with('[') || word.starts_with("++")) continue;
        word = word.substr(0, word.find('('));
        int first = 0, last = 0;
        ps_seg_frames(s, &first, &last);
        int32 sound = 0, language = 0, back = 0;
        const auto likely = logmath_exp(ps_get_logmath(&decoder), ps_seg_prob(s, &sound, &language, &back));
        const auto at = [&](int frame) { return core::FrameTime::from_milliseconds(std::llround((part.from + frame * kFrame) * 1000)); };
        out.push_back({at(first), at(last + 1), std::move(word), std::clamp(static_cast<double>(likely), 0.0, 1.0)});
    }
    return out;
}

/// Parts waiting to be heard, and the threads that hear them.
class Ears {
public:
    explicit Ears(std::vector<Decoder> decoders) : decoders_(std::move(decoders)) {
        for (std::size_t lane = 0; lane < decoders_.size(); ++lane) threads_.emplace_back([this, lane] { hear(lane); });
    }
    ~Ears() { end(true); }
    Ears(const Ears&) = delete;
    Ears& operator=(const Ears&) = delete;

    /// Waits while too much is waiting; tells `waited` meanwhile, which may say to stop.
    bool give(Part part, const std::function<bool()>& waited) {
        std::unique_lock lock(mutex_);
        while (parts_.size() >= kWaiting) {
            room_.wait_for(lock, std::chrono::milliseconds(100));
            lock.unlock();
            const bool on = waited();
            lock.lock();
            if (!on) return false;
        }
        parts_.push_back(std::move(part));
        more_.notify_all();
        return true;
    }

    /// Everything that was heard, once all of it is. False in `waited`: what is left is not heard any more.
    bool finish(const std::function<bool(double share)>& waited) {
        {
            std::unique_lock lock(mutex_);
            ended_ = true;
            more_.notify_all();
            const std::size_t left = parts_.size() + busy_;
            while (!parts_.empty() || busy_ > 0) {
                room_.wait_for(lock, std::chrono::milliseconds(100));
                const double share = left == 0 ? 1 : 1 - static_cast<double>(parts_.size() + busy_) / static_cast<double>(left);
                lock.unlock();
                const bool on = waited(share);
                lock.lock();
                if (!on) {
                    parts_.clear();
                    return false;
                }
            }
        }
        end(false);
        return true;
    }

    std::vector<HeardWord> words() {
        std::vector<HeardWord> out;
        for (auto& [number, words] : heard_) std::move(words.begin(), words.end(), std::back_inserter(out));
        return out;
    }

private:
    /// A decoder remembers a little of what it heard before: each hears every so-manieth part in order, so that the same film gives the
    /// same words.
    void hear(std::size_t lane) {
        std::unique_lock lock(mutex_);
        while (true) {
            const auto own = [&] {
                return std::find_if(parts_.begin(), parts_.end(), [&](const Part& p) { return p.number % decoders_.size() == lane; });
            };
            more_.wait(lock, [&] { return ended_ || own() != parts_.end(); });
            const auto next = own();
            if (next == parts_.end()) return;
            Part part = std::move(*next);
            parts_.erase(next);
            ++busy_;
            lock.unlock();
            const std::size_t number = part.number;
            auto words = heard_in(*decoders_[lane], std::move(part));
            lock.lock();
            heard_[number] = std::move(words);
            --busy_;
            room_.notify_all();
        }
    }
    void end(bool at_once) {
        {
            const std::lock_guard lock(mutex_);
            ended_ = true;
            if (at_once) parts_.clear();
            more_.notify_all();
        }
        for (auto& t : threads_)
            if (t.joinable()) t.join();
    }

    std::vector<Decoder> decoders_;
    std::mutex mutex_;
    std::condition_variable more_, room_;
    std::deque<Part> parts_;
    std::map<std::size_t, std::vector<HeardWord>> heard_;  // by part
    std::size_t busy_ = 0;
    bool ended_ = false;
    std::vector<std::thread> threads_;
};

constexpr std::size_t kThreads = 4;  // on any machine, so that they hear the same; each holds a hundred megabytes
constexpr double kRead = 0.9;        // share of the progress until the end of the sound is reached

}  // namespace

Language general_language() { return {{{std::string(kModels) + "en-us.lm.bin", 1}}, std::string(kModels) + "cmudict-en-us.dict"}; }

Result<std::vector<HeardWord>> hear_words(const std::string& recording, const Language& language, const Progress& progress) {
    std::vector<Decoder> decoders;
    for (std::size_t i = 0; i < kThreads; ++i) {
        auto decoder = open_decoder(language);
        if (!decoder) return tl::make_unexpected(decoder.error());
        decoders.push_back(std::move(*decoder));
        if (progress && !progress(0)) return fail(ErrorCode::Cancelled, core::key("Films", "Hearing was stopped; nothing of it is kept."));
    }
    Ears ears(std::move(decoders));
    double share = 0;
    bool stopped = false;
    const auto tell = [&] { return !progress || progress(share * kRead); };
    Parting parting([&](Part part) { return ears.give(std::move(part), tell); });
    const auto heard = speech_sound(
        recording, [&](std::span<const std::int16_t> samples) { return parting.take(samples); },
        [&](double now) {
            share = now;
            return tell();
        });
    if (!heard) return tl::make_unexpected(heard.error());
    stopped = !parting.finish() || !ears.finish([&](double now) { return !progress || progress(kRead + (1 - kRead) * now); });
    if (stopped) return fail(ErrorCode::Cancelled, core::key("Films", "Hearing was stopped; nothing of it is kept."));
    return ears.words();
}

}  // namespace anagraph::media
