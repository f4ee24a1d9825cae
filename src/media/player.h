// Player: plays a recording with sound, slowly, and frame by frame. A frame shown while paused is the same picture that
// exact_frame() gives. All calls come from one thread; `wake` may be called from any thread and must only see to it that
// poll() is called soon on that one.
#pragma once

#include <functional>
#include <memory>
#include <string>
#include <vector>

#include "core/base/frame_time.h"
#include "core/base/result.h"
#include "media/exact_frame.h"

namespace anagraph::media {

class Player {
public:
    /// Errors: Unreadable when the playing library cannot be started. Sets LC_NUMERIC to "C", which it needs.
    static core::Result<std::unique_ptr<Player>> create(std::function<void()> wake);
    ~Player();
    Player(const Player&) = delete;
    Player& operator=(const Player&) = delete;

    /// Opens a recording, paused at its first frame. `times`: every frame's time, from the import.
    void open(const std::string& recording, std::vector<core::FrameTime> times);
    void close();
    bool is_open() const;

    void play();
    void pause();
    bool playing() const;
    /// 1 is as recorded; the pitch of the sound is kept.
    void set_speed(double speed);
    double speed() const;
    /// Shows the listed frame; calls that come faster than they can be shown collapse into the last one.
    void show_frame(std::size_t frame);
    /// The frame shown or asked for last.
    std::size_t frame() const;
    /// True while a seek is on its way: the picture shown is not yet the frame asked for.
    bool seeking() const;

    /// Size in which pictures are made. Width 0: the recording's own.
    void set_size(int width, int height);

    /// Takes what has happened since: returns true when there is a new picture, a new position, or the end was reached.
    bool poll();
    const Picture& picture() const;

private:
    struct State;
    explicit Player(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace anagraph::media
