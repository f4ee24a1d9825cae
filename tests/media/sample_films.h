// Films made by the suite with ffmpeg: every frame tells its own number by brightness stripes, so that a wrong frame shows.
#pragma once

#include <cstdlib>
#include <string>

namespace anagraph::testing {

inline bool run(const std::string& command) { return std::system((command + " >/dev/null 2>&1").c_str()) == 0; }

inline const char* kPattern = "testsrc2=size=640x360:rate=25:duration=6";

/// H.264 with B-frames and long groups of pictures, AAC sound that is silent from 2 to 4 s.
inline bool make_constant(const std::string& out) {
    return run("ffmpeg -y -f lavfi -i " + std::string(kPattern) +
        " -f lavfi -i \"sine=440:duration=6,volume='if(between(t,2,4),0,0.6)':eval=frame\" -c:v libx264 -g 100 -bf 3 -pix_fmt yuv420p -c:a "
        "aac -shortest " +
        out);
}
/// Frames dropped irregularly, times kept: a variable frame rate.
inline bool make_variable(const std::string& out) {
    return run("ffmpeg -y -f lavfi -i " + std::string(kPattern) +
        " -vf \"select='not(eq(mod(n,7),3))*not(between(n,40,47))'\" -fps_mode vfr -c:v libx264 -g 60 -bf 2 -pix_fmt yuv420p " + out);
}

}  // namespace anagraph::testing
