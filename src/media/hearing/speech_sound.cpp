#include "media/hearing/speech_sound.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <cmath>
#include <cstdio>
#include <cstring>
#include <memory>
#include <vector>

#include "media/av.h"

namespace anagraph::media {

using core::ErrorCode;
using core::fail;
using core::Outcome;

namespace {

constexpr double kLongestGap = 6 * 3600;  // s: what claims to be further on is damaged
constexpr double kDrift = 0.05;           // s a piece may begin early or late before it is put where it says
constexpr std::size_t kSilence = 4096;    // samples handed over at a time

class Sound {
public:
    Sound(const std::string& recording, const TakeSound& take, const Progress& progress)
        : recording_(recording), take_(take), progress_(progress) {}

    Outcome run() {
        auto input = av::open_input(recording_);
        if (!input) return tl::make_unexpected(input.error());
        const int best = av_find_best_stream(input->get(), AVMEDIA_TYPE_AUDIO, -1, -1, nullptr, 0);
        if (best < 0)
            return fail(ErrorCode::BadInput,
                core::say(core::key("Films", "{0} has no sound, so nothing can be heard; type what is said on the Tape."), recording_),
                recording_);
        stream_ = (*input)->streams[best];
        for (unsigned i = 0; i < (*input)->nb_streams; ++i)
            if (static_cast<int>(i) != best) (*input)->streams[i]->discard = AVDISCARD_ALL;
        length_ = (*input)->duration > 0 ? static_cast<double>((*input)->duration) / AV_TIME_BASE : 0;
        auto decoder = av::open_decoder(*stream_, 1);
        if (!decoder) return tl::make_unexpected(decoder.error());
        decoder_ = std::move(*decoder);
        auto packet = av::packet();
        frame_ = av::frame();
        if (!packet || !frame_) return tl::make_unexpected(av::trouble(recording_, AVERROR(ENOMEM), true));
        bool on = true;
        int read = 0;
        while (on && (read = av_read_frame(input->get(), packet.get())) >= 0) {
            if (packet->stream_index == best) on = feed(packet.get());
            av_packet_unref(packet.get());
        }
        if (read == AVERROR(EIO) || read == AVERROR(ENOMEM)) return tl::make_unexpected(av::trouble(recording_, read, true));
        if (!on || !feed(nullptr)) return fail(ErrorCode::Cancelled, core::key("Films", "Hearing was stopped; nothing of it is kept."));
        return {};
    }

private:
    bool feed(const AVPacket* packet) {
        avcodec_send_packet(decoder_.get(), packet);
        for (; avcodec_receive_frame(decoder_.get(), frame_.get()) >= 0; av_frame_unref(frame_.get()))
            if (!take(*frame_)) return false;
        return true;
    }

    bool take(const AVFrame& piece) {
        if (!convert_ || piece.sample_rate != rate_ || piece.format != format_ || piece.ch_layout.nb_channels != channels_) {
            SwrContext* raw = nullptr;
            AVChannelLayout one = AV_CHANNEL_LAYOUT_MONO;
            AVChannelLayout source = piece.ch_layout;
            swr_alloc_set_opts2(&raw, &one, AV_SAMPLE_FMT_S16, kSpeechRate, &source, static_cast<AVSampleFormat>(piece.format),
                piece.sample_rate, 0, nullptr);
            convert_.reset(raw);
            if (raw == nullptr || swr_init(raw) < 0) {
                convert_.reset();
                return true;
            }
            rate_ = piece.sample_rate;
            format_ = piece.format;
            channels_ = piece.ch_layout.nb_channels;
        }
        const double now = static_cast<double>(given_) / kSpeechRate;
        double at =
            piece.best_effort_timestamp == AV_NOPTS_VALUE ? now : av::time_of(piece.best_effort_timestamp, stream_->time_base).seconds();
        if (at > now + kLongestGap) at = now;
        samples_.resize(static_cast<std::size_t>(swr_get_out_samples(convert_.get(), piece.nb_samples)));
        auto* out = reinterpret_cast<std::uint8_t*>(samples_.data());
        const int n = swr_convert(convert_.get(), &out, static_cast<int>(samples_.size()),
            const_cast<const std::uint8_t**>(piece.extended_data), piece.nb_samples);
        if (n <= 0) return true;
        std::span<const std::int16_t> said(samples_.data(), static_cast<std::size_t>(n));
        if (at > now + kDrift && !silence(static_cast<std::uint64_t>(std::llround(at * kSpeechRate)))) return false;
        if (at < now - kDrift)  // what was said before the film begins, or lies over what was there
            said = said.subspan(std::min(said.size(), static_cast<std::size_t>(std::llround((now - at) * kSpeechRate))));
        if (!hand(said)) return false;
        return !progress_ || length_ <= 0 || progress_(std::clamp(at / length_, 0.0, 1.0));
    }

    bool silence(std::uint64_t until) {
        static const std::array<std::int16_t, kSilence> kQuiet{};
        while (given_ < until)
            if (!hand({kQuiet.data(), static_cast<std::size_t>(std::min<std::uint64_t>(kSilence, until - given_))})) return false;
        return true;
    }

    bool hand(std::span<const std::int16_t> samples) {
        given_ += samples.size();
        return samples.empty() || take_(samples);
    }

    const std::string& recording_;
    const TakeSound& take_;
    const Progress& progress_;
    AVStream* stream_ = nullptr;
    av::Codec decoder_;
    av::Frame frame_;
    av::Swr convert_;
    int rate_ = 0, format_ = -1, channels_ = 0;
    double length_ = 0;
    std::uint64_t given_ = 0;
    std::vector<std::int16_t> samples_;
};

/// The 44 bytes before the samples of a WAV file.
std::array<unsigned char, 44> wav_head(std::uint32_t sample_bytes) {
    std::array<unsigned char, 44> out{};
    const auto put = [&](std::size_t at, std::uint32_t value, std::size_t bytes) {
        for (std::size_t i = 0; i < bytes; ++i) out[at + i] = static_cast<unsigned char>(value >> (8 * i));
    };
    std::memcpy(out.data(), "RIFF\0\0\0\0WAVEfmt ", 16);
    put(4, sample_bytes + 36, 4);
    put(16, 16, 4);
    put(20, 1, 2);
    put(22, 1, 2);
    put(24, kSpeechRate, 4);
    put(28, kSpeechRate * 2, 4);
    put(32, 2, 2);
    put(34, 16, 2);
    std::memcpy(out.data() + 36, "data", 4);
    put(40, sample_bytes, 4);
    return out;
}

struct CloseFile {
    void operator()(std::FILE* f) const { std::fclose(f); }
};

}  // namespace

Outcome speech_sound(const std::string& recording, const TakeSound& take, const Progress& progress) {
    return Sound(recording, take, progress).run();
}

Outcome write_speech_wav(const std::string& recording, const std::string& wav, const Progress& progress) {
    const auto trouble = [&] {
        const int why = errno;
        std::remove(wav.c_str());
        return tl::make_unexpected(av::trouble(wav, AVERROR(why == 0 ? EIO : why)));
    };
    std::unique_ptr<std::FILE, CloseFile> file(std::fopen(wav.c_str(), "wb"));
    if (!file) return trouble();
    const auto put = [&](const void* bytes, std::size_t size) { return std::fwrite(bytes, 1, size, file.get()) == size; };
    if (const auto head = wav_head(0); !put(head.data(), head.size())) return trouble();
    bool written = true;
    std::uint32_t bytes = 0;
    const auto done = speech_sound(
        recording,
        [&](std::span<const std::int16_t> samples) {
            bytes += static_cast<std::uint32_t>(samples.size_bytes());
            return written = put(samples.data(), samples.size_bytes());
        },
        progress);
    if (!written) return trouble();
    if (!done) {
        std::remove(wav.c_str());
        return done;
    }
    const auto head = wav_head(bytes);
    if (std::fseek(file.get(), 0, SEEK_SET) != 0 || !put(head.data(), head.size()) || std::fflush(file.get()) != 0) return trouble();
    return {};
}

}  // namespace anagraph::media
