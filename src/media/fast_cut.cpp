#include "media/fast_cut.h"

#include <fmt/format.h>

#include <algorithm>
#include <limits>
#include <set>
#include <vector>

#include "core/base/caught.h"
#include "media/av.h"
#include "media/clip.h"
#include "media/mp4_file.h"

extern "C" {
#include <libavcodec/bsf.h>
}

namespace anagraph::media {
namespace {

using core::ErrorCode;
using core::fail;
using core::Outcome;

struct FreeBsf {
    void operator()(AVBSFContext* p) const { av_bsf_free(&p); }
};
using Filter = std::unique_ptr<AVBSFContext, FreeBsf>;

constexpr int kNalIdr = 5;
constexpr int kNalSps = 7;
constexpr int kNalPps = 8;
constexpr int kNalDelimiter = 9;

/// Calls `each(type, begin, size)` for every NAL unit of an Annex B stream, start code excluded (ISO/IEC 14496-10, annex B).
template <class Each>
void each_nal(const std::uint8_t* data, std::size_t size, Each&& each) {
    const auto start_at = [&](std::size_t from) {
        for (std::size_t i = from; i + 3 <= size; ++i)
            if (data[i] == 0 && data[i + 1] == 0 && data[i + 2] == 1) return i;
        return size;
    };
    for (std::size_t at = start_at(0); at < size;) {
        const std::size_t begin = at + 3;
        const std::size_t next = start_at(begin);
        std::size_t end = next;
        while (end > begin && data[end - 1] == 0) --end;  // zeroes before the next start code
        if (end > begin) each(data[begin] & 0x1F, data + begin, end - begin);
        at = next;
    }
}

void append_nal(std::vector<std::uint8_t>& out, const std::uint8_t* nal, std::size_t size) {
    out.insert(out.end(), {0, 0, 0, 1});
    out.insert(out.end(), nal, nal + size);
}

class FastCutter {
public:
    FastCutter(std::string recording, const core::Take& take, std::string out, const Progress& progress)
        : recording_(std::move(recording)), take_(take), file_(std::move(out)), progress_(progress) {}

    /// Nothing written and a reason where the stretch cannot be copied.
    core::Result<CutReport> run() {
        CutReport report;
        auto opened = open();
        if (!opened) return tl::make_unexpected(opened.error());
        report.why = objection();
        if (report.why.empty()) report.why = choose_stretch();
        if (!report.why.empty()) return report;
        if (auto ends = encode_ends(); !ends) return tl::make_unexpected(ends.error());
        const auto ends_shown = std::count_if(
            metas_.begin(), metas_.end(), [&](const Meta& m) { return m.pts >= from_ && m.pts < to_ && !copied_.contains(m.pts); });
        if (encoded_.size() != static_cast<std::size_t>(ends_shown)) {
            report.why =
                std::string("The pictures at the ends of the stretch cannot be decoded by themselves, so all of it is encoded anew.");
            return report;
        }
        if (auto done = write(); !done) return tl::make_unexpected(done.error());
        report.copied = copy_end_ - copy_begin_;
        report.encoded = encoded_.size();
        return report;
    }

private:
    struct Meta {
        std::int64_t pts;
        bool key;
        bool idr;
    };
    struct Encoded {
        av::Packet packet;
        bool tail;
    };

    Outcome open() {
        auto streams = av::open_streams(recording_);
        if (!streams) return tl::make_unexpected(streams.error());
        input_ = std::move(streams->input);
        video_ = streams->video;
        other_sound_ = streams->sound != nullptr && streams->sound->codecpar->codec_id != AV_CODEC_ID_AAC;
        if (!other_sound_) sound_ = streams->sound;
        from_ = av::ticks_of(take_.from, video_->time_base);
        to_ = av::ticks_of(take_.to, video_->time_base);
        return {};
    }

    std::string objection() const {
        const auto& p = *video_->codecpar;
        if (p.codec_id != AV_CODEC_ID_H264) return "The recording is not H.264, so all of the clip is encoded anew.";
        if (p.format != AV_PIX_FMT_YUV420P && p.format != AV_PIX_FMT_YUVJ420P)
            return "The recording has more than 8 bits or finer colour, so all of the clip is encoded anew.";
        if (p.field_order > AV_FIELD_PROGRESSIVE) return "The recording is interlaced, so all of the clip is encoded anew.";
        if (other_sound_) return "The sound of the recording is not AAC, so all of the clip is encoded anew.";
        if (avcodec_find_encoder_by_name("libx264") == nullptr) return "This system has no H.264 encoder (libx264).";
        return {};
    }

    /// To a key picture at or before a moment. Files without an index land late; `early_` makes up for that.
    void seek(std::int64_t ticks) const {
        const std::int64_t target = early_ < 0 ? std::numeric_limits<std::int64_t>::min() : ticks - early_;
        avformat_seek_file(input_.get(), video_->index, std::numeric_limits<std::int64_t>::min(), target,
            early_ < 0 ? std::numeric_limits<std::int64_t>::max() : target, 0);
    }

    core::Result<Filter> annexb() const {
        AVBSFContext* raw = nullptr;
        if (av_bsf_alloc(av_bsf_get_by_name("h264_mp4toannexb"), &raw) < 0)
            return fail(ErrorCode::BadInput, core::key("Films", "The recording could not be taken apart."));
        Filter filter(raw);
        avcodec_parameters_copy(filter->par_in, video_->codecpar);
        filter->time_base_in = video_->time_base;
        if (av_bsf_init(filter.get()) < 0) return fail(ErrorCode::BadInput, core::key("Films", "The recording could not be taken apart."));
        return filter;
    }

    std::string read_metas() {
        auto filter = annexb();
        if (!filter) return filter.error().message;
        metas_.clear();
        seek(from_);
        auto packet = av::packet();
        while (av_read_frame(input_.get(), packet.get()) >= 0) {
            if (packet->stream_index == video_->index) {
                if (packet->pts == AV_NOPTS_VALUE)
                    return "The recording does not say when its pictures are shown, so all of the clip is encoded anew.";
                const std::int64_t pts = packet->pts;
                const bool key = (packet->flags & AV_PKT_FLAG_KEY) != 0;
                const bool beyond = packet->dts != AV_NOPTS_VALUE && packet->dts > to_;
                bool idr = false;
                if (key && av_bsf_send_packet(filter->get(), packet.get()) >= 0)
                    while (av_bsf_receive_packet(filter->get(), packet.get()) >= 0) {
                        each_nal(packet->data, static_cast<std::size_t>(packet->size),
                            [&](int type, const std::uint8_t*, std::size_t) { idr = idr || type == kNalIdr; });
                        av_packet_unref(packet.get());
                    }
                metas_.push_back({pts, key, idr});
                if (beyond && key) break;
            }
            av_packet_unref(packet.get());
        }
        return {};
    }

    /// Looks at the packets of the stretch and chooses what is copied; a sentence when nothing can be.
    std::string choose_stretch() {
        for (const double seconds : {0.0, 2.0, 10.0, 60.0, -1.0}) {
            early_ = seconds < 0 ? -1 : static_cast<std::int64_t>(seconds / av_q2d(video_->time_base));
            if (auto why = read_metas(); !why.empty()) return why;
            if (std::any_of(metas_.begin(), metas_.end(), [&](const Meta& m) { return m.key && m.pts <= from_; })) break;
        }
        const auto n = metas_.size();
        copy_begin_ = n;
        copy_end_ = n;
        for (std::size_t i = 0; i < n && copy_begin_ == n; ++i)
            if (metas_[i].idr && metas_[i].pts >= from_) copy_begin_ = i;
        for (std::size_t i = copy_begin_; i < n; ++i)
            if (metas_[i].key && metas_[i].pts <= to_) copy_end_ = i;
        // the film may end before the next key picture: then its last pictures are copied too
        const bool to_the_end = copy_begin_ < n &&
            std::all_of(
                metas_.begin() + static_cast<std::ptrdiff_t>(copy_begin_), metas_.end(), [&](const Meta& m) { return m.pts < to_; });
        if (to_the_end) copy_end_ = n;
        if (copy_begin_ >= copy_end_ || copy_end_ - copy_begin_ < 2)
            return "No whole group of pictures that begins with an IDR picture lies in the stretch, so all of it is encoded anew.";
        for (std::size_t i = copy_begin_; i < copy_end_; ++i) {
            if (metas_[i].pts < metas_[copy_begin_].pts || metas_[i].pts >= to_)
                return "The pictures of the recording are not in an order that can be copied, so all of the clip is encoded anew.";
            copied_.insert(metas_[i].pts);
        }
        return {};
    }

    Outcome write() {
        if (auto done = open_output(); !done) return done;
        return write_packets();
    }

    // -- the ends --------------------------------------------------------------------------------------------------

    core::Result<av::Codec> encoder() const {
        const auto& p = *video_->codecpar;
        const AVCodec* h264 = avcodec_find_encoder_by_name("libx264");
        av::Codec e(avcodec_alloc_context3(h264));
        e->width = p.width;
        e->height = p.height;
        e->pix_fmt = static_cast<AVPixelFormat>(p.format);
        e->time_base = video_->time_base;
        e->framerate = video_->avg_frame_rate;
        e->sample_aspect_ratio = p.sample_aspect_ratio;
        e->color_range = p.color_range;
        e->colorspace = p.color_space;
        e->color_primaries = p.color_primaries;
        e->color_trc = p.color_trc;
        e->chroma_sample_location = p.chroma_location;
        e->level = p.level;
        e->flags |= AV_CODEC_FLAG_GLOBAL_HEADER | AV_CODEC_FLAG_CLOSED_GOP;
        av_opt_set(e->priv_data, "preset", "veryfast", 0);
        av_opt_set(e->priv_data, "crf", "17", 0);
        const int profile = p.profile & ~(FF_PROFILE_H264_CONSTRAINED | FF_PROFILE_H264_INTRA);
        av_opt_set(e->priv_data, "profile",
            profile == FF_PROFILE_H264_BASELINE   ? "baseline"
                : profile == FF_PROFILE_H264_MAIN ? "main"
                                                  : "high",
            0);
        // the parameter sets of the ends stand beside the recording's own
        av_opt_set(e->priv_data, "x264-params", "sps-id=1:open-gop=0", 0);
        if (const int r = avcodec_open2(e.get(), h264, nullptr); r < 0) return tl::make_unexpected(file_.trouble(r).error());
        return e;
    }

    /// Decodes from a key picture at or before `seek_to` and encodes the frames for which `wanted` holds, up to `end`.
    template <class Wanted>
    Outcome encode_part(std::int64_t seek_to, std::int64_t end, bool tail, Wanted&& wanted) {
        auto decoder = av::open_decoder(*video_);
        if (!decoder) return tl::make_unexpected(decoder.error());
        auto codec = encoder();
        if (!codec) return tl::make_unexpected(codec.error());
        auto packet = av::packet();
        auto frame = av::frame();
        seek(seek_to);
        bool done = false;
        bool read_all = false;
        while (!done) {
            if (const int r = read_all ? AVERROR_EOF : av_read_frame(input_.get(), packet.get()); r < 0) {
                if (read_all) break;
                read_all = true;
                avcodec_send_packet(decoder->get(), nullptr);
            } else {
                if (packet->stream_index == video_->index) avcodec_send_packet(decoder->get(), packet.get());
                av_packet_unref(packet.get());
            }
            while (avcodec_receive_frame(decoder->get(), frame.get()) >= 0) {
                const std::int64_t pts = frame->best_effort_timestamp;
                done = done || pts >= end;
                if (!done && wanted(pts)) {
                    frame->pts = pts;
                    frame->pict_type = AV_PICTURE_TYPE_NONE;
                    if (auto sent = send(codec->get(), frame.get(), tail); !sent) return sent;
                }
                av_frame_unref(frame.get());
            }
        }
        if (auto sent = send(codec->get(), nullptr, tail); !sent) return sent;
        if (headers_.empty()) headers_.assign((*codec)->extradata, (*codec)->extradata + (*codec)->extradata_size);
        return {};
    }

    Outcome send(AVCodecContext* codec, const AVFrame* frame, bool tail) {
        if (progress_ && !progress_(0.1)) return fail(ErrorCode::Cancelled, core::key("Films", "Cutting the clip was stopped."));
        if (const int r = avcodec_send_frame(codec, frame); r < 0 && r != AVERROR_EOF) return file_.trouble(r);
        for (;;) {
            auto packet = av::packet();
            if (avcodec_receive_packet(codec, packet.get()) < 0) return {};
            encoded_.push_back({std::move(packet), tail});
        }
    }

    Outcome encode_ends() {
        const std::int64_t first = metas_[copy_begin_].pts;
        const bool head = std::any_of(metas_.begin(), metas_.end(), [&](const Meta& m) { return m.pts >= from_ && m.pts < first; });
        if (head)
            if (auto done = encode_part(from_, first, false, [&](std::int64_t pts) { return pts >= from_; }); !done) return done;
        const auto in_tail = [&](std::int64_t pts) { return pts >= first && pts < to_ && !copied_.contains(pts); };
        if (!std::any_of(metas_.begin(), metas_.end(), [&](const Meta& m) { return in_tail(m.pts); })) return {};
        // pictures shown before the last key picture may lean on the group before it: decoding begins there
        std::size_t begin = copy_begin_;
        for (std::size_t i = copy_begin_; i < copy_end_; ++i)
            if (metas_[i].key) begin = i;
        return encode_part(metas_[begin].pts, to_, true, in_tail);
    }

    // -- the file ---------------------------------------------------------------------------------------------------

    Outcome open_output() {
        const auto picture = file_.add(*video_->codecpar, video_->time_base, video_);
        if (!picture) return tl::make_unexpected(picture.error());
        if (auto done = join_headers(*(*picture)->codecpar); !done) return done;
        if (sound_ != nullptr)
            if (const auto sound = file_.add(*sound_->codecpar, sound_->time_base); !sound) return tl::make_unexpected(sound.error());
        return file_.begin();
    }

    /// Extradata with the parameter sets of the recording first and those of the ends after them.
    Outcome join_headers(AVCodecParameters& p) const {
        auto filter = annexb();
        if (!filter) return tl::make_unexpected(filter.error());
        std::vector<std::uint8_t> all;
        const auto take = [&](const std::uint8_t* data, std::size_t size) {
            for (const int wanted : {kNalSps, kNalPps})
                each_nal(data, size, [&](int type, const std::uint8_t* nal, std::size_t length) {
                    if (type == wanted) append_nal(all, nal, length);
                });
        };
        const AVCodecParameters& own = *(*filter)->par_out;
        take(own.extradata, static_cast<std::size_t>(own.extradata_size));
        take(headers_.data(), headers_.size());
        av_freep(&p.extradata);
        p.extradata = static_cast<std::uint8_t*>(av_mallocz(all.size() + AV_INPUT_BUFFER_PADDING_SIZE));
        std::copy(all.begin(), all.end(), p.extradata);
        p.extradata_size = static_cast<int>(all.size());
        return {};
    }

    /// Decode times for the whole result: the moments of showing in order, moved back as far as any picture needs.
    std::vector<std::int64_t> decode_times() const {
        std::vector<std::int64_t> shown;
        for (const auto& e : encoded_)
            if (!e.tail) shown.push_back(e.packet->pts - from_);
        for (std::size_t i = copy_begin_; i < copy_end_; ++i) shown.push_back(metas_[i].pts - from_);
        for (const auto& e : encoded_)
            if (e.tail) shown.push_back(e.packet->pts - from_);
        auto sorted = shown;
        std::sort(sorted.begin(), sorted.end());
        std::int64_t back = 0;
        for (std::size_t i = 0; i < shown.size(); ++i) back = std::max(back, sorted[i] - shown[i]);
        for (auto& t : sorted) t -= back;
        return sorted;
    }

    Outcome put(AVPacket* packet, std::int64_t pts, std::int64_t dts, std::int64_t duration) {
        packet->pts = pts - from_;
        packet->dts = dts;
        packet->duration = duration;
        return file_.write(packet, 0, video_->time_base);
    }

    Outcome write_packets() {
        const auto dts = decode_times();
        std::size_t next = 0;
        const AVRational rate = video_->avg_frame_rate;
        const std::int64_t usual = rate.num > 0 ? std::max<std::int64_t>(1, av_rescale_q(1, av_inv_q(rate), video_->time_base)) : 1;
        for (const auto& e : encoded_)
            if (!e.tail)
                if (auto done = put(e.packet.get(), e.packet->pts, dts[next++], usual); !done) return done;
        if (auto done = copy_middle(dts, next, usual); !done) return done;
        for (const auto& e : encoded_)
            if (e.tail)
                if (auto done = put(e.packet.get(), e.packet->pts, dts[next++], usual); !done) return done;
        return file_.finish();
    }

    Outcome copy_middle(const std::vector<std::int64_t>& dts, std::size_t& next, std::int64_t usual) {
        auto filter = annexb();
        if (!filter) return tl::make_unexpected(filter.error());
        auto packet = av::packet();
        seek(from_);
        std::size_t left = copied_.size();
        const double sound_from = take_.from.seconds();
        const double sound_to = take_.to.seconds();
        bool sound_done = sound_ == nullptr;
        while ((left > 0 || !sound_done) && av_read_frame(input_.get(), packet.get()) >= 0) {
            Outcome done;
            if (packet->stream_index == video_->index) {
                if (left > 0 && packet->pts == metas_[copy_end_ - left].pts) {
                    --left;
                    done = copy_picture(**filter, packet.get(), dts[next], usual, next);
                }
            } else if (sound_ != nullptr && packet->stream_index == sound_->index && packet->pts != AV_NOPTS_VALUE) {
                const double at = av::time_of(packet->pts, sound_->time_base).seconds();
                const double length = static_cast<double>(packet->duration) * av_q2d(sound_->time_base);
                sound_done = at >= sound_to;
                // one piece early: the first piece of AAC is whole only after another one; the file's edit list hides it
                if (!sound_done && at + 2 * length > sound_from) done = copy_sound(packet.get());
            }
            av_packet_unref(packet.get());
            if (!done) return done;
            if (progress_ && !progress_(0.2 + 0.7 * (1 - static_cast<double>(left) / static_cast<double>(copied_.size()))))
                return fail(ErrorCode::Cancelled, core::key("Films", "Cutting the clip was stopped."));
        }
        if (left > 0)
            return fail(ErrorCode::Damaged,
                core::say(core::key("Films", "{0} reads differently at a second time; copy it from the camera again."), recording_),
                recording_);
        return {};
    }

    Outcome copy_picture(AVBSFContext& filter, AVPacket* packet, std::int64_t dts, std::int64_t usual, std::size_t& next) {
        const std::int64_t pts = packet->pts;
        const std::int64_t duration = packet->duration > 0 ? packet->duration : usual;
        const int flags = packet->flags;
        if (const int r = av_bsf_send_packet(&filter, packet); r < 0) return file_.trouble(r);
        auto whole = av::packet();
        if (const int r = av_bsf_receive_packet(&filter, whole.get()); r < 0) return file_.trouble(r);
        std::vector<std::uint8_t> bytes;
        each_nal(whole->data, static_cast<std::size_t>(whole->size), [&](int type, const std::uint8_t* nal, std::size_t size) {
            if (type != kNalSps && type != kNalPps && type != kNalDelimiter) append_nal(bytes, nal, size);
        });
        auto copy = av::packet();
        if (const int r = av_new_packet(copy.get(), static_cast<int>(bytes.size())); r < 0) return file_.trouble(r);
        std::copy(bytes.begin(), bytes.end(), copy->data);
        copy->flags = flags;
        ++next;
        return put(copy.get(), pts, dts, duration);
    }

    Outcome copy_sound(AVPacket* packet) {
        auto copy = av::packet();
        av_packet_ref(copy.get(), packet);
        const std::int64_t shift = av::ticks_of(take_.from, sound_->time_base);
        copy->pts -= shift;
        copy->dts = copy->pts;
        return file_.write(copy.get(), 1, sound_->time_base);
    }

    std::string recording_;
    core::Take take_;
    Mp4File file_;
    const Progress& progress_;
    av::Input input_;
    AVStream* video_ = nullptr;
    AVStream* sound_ = nullptr;
    bool other_sound_ = false;
    std::int64_t from_ = 0;
    std::int64_t to_ = 0;
    std::int64_t early_ = 0;      // ticks to seek before what is looked for; below zero: read from the beginning
    std::vector<Meta> metas_;     // in decode order, from the key picture at or before the stretch
    std::size_t copy_begin_ = 0;  // indexes into metas_
    std::size_t copy_end_ = 0;
    std::set<std::int64_t> copied_;
    std::vector<Encoded> encoded_;
    std::vector<std::uint8_t> headers_;  // parameter sets of the ends
};

}  // namespace

core::Result<CutReport> fast_cut(const std::string& recording, const core::Take& take, const std::string& out, const Progress& progress) {
    return core::caught([&]() -> core::Result<CutReport> {
        auto report = FastCutter(recording, take, out, progress).run();
        if (!report || report->why.empty()) return report;
        if (auto done = cut_clip(recording, take, out, std::numeric_limits<int>::max(), progress); !done)
            return tl::make_unexpected(done.error());
        return report;
    });
}

}  // namespace anagraph::media
