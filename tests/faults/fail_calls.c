/* Loaded into a program before its libraries: counts its file calls below a folder, and makes one of them fail, or ends the
 * program there as a power cut would. For tests only.
 *   FAIL_PROGRAM   name of the program that is meant; its children are left alone
 *   FAIL_UNDER     folders, parted by colons
 *   FAIL_AT        which call, counted from 1; 0: none, they are only counted
 *   FAIL_ERRNO     what it fails with; "kill" ends the program
 *   FAIL_COUNT     file the number of calls and allocations is written to at the end, and the name of the call that failed
 * With FAIL_ALLOCATION instead of FAIL_AT the n-th allocation after the first file call fails. */
#define _GNU_SOURCE
#include <dirent.h>
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <signal.h>
#include <stdarg.h>
#include <stdatomic.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <sys/uio.h>
#include <unistd.h>

#define REAL(type, name, ...) \
    static type (*real)(__VA_ARGS__); \
    if (!real) real = (type(*)(__VA_ARGS__))dlsym(RTLD_NEXT, name)

static int ready = 0; /* 1: counting, -1: not meant */
static atomic_long calls;
static atomic_long allocations;
static long fail_at, fail_allocation;
static int fail_errno;
static const char* under;
static atomic_int armed; /* a file call was seen */
static const char* failed = "-";
static char watched[65536];

static void begin(void) {
    if (ready) return;
    ready = -1;
    const char* program = getenv("FAIL_PROGRAM");
    under = getenv("FAIL_UNDER");
    if (!program || !under || strcmp(program, program_invocation_short_name) != 0) return;
    const char* at = getenv("FAIL_AT");
    const char* allocation = getenv("FAIL_ALLOCATION");
    const char* error = getenv("FAIL_ERRNO");
    fail_at = at ? atol(at) : 0;
    fail_allocation = allocation ? atol(allocation) : 0;
    fail_errno = !error ? EIO : strcmp(error, "kill") == 0 ? -1 : atoi(error);
    ready = 1;
}

__attribute__((constructor)) static void load(void) { begin(); }

__attribute__((destructor)) static void tell(void) {
    const char* file = getenv("FAIL_COUNT");
    if (ready != 1 || !file) return;
    ready = -1;
    FILE* out = fopen(file, "w");
    if (!out) return;
    fprintf(out, "%ld %ld %s\n", (long)calls, (long)allocations, failed);
    fclose(out);
}

/* a program that ends without its destructors is counted all the same */
__attribute__((noreturn)) void _Exit(int code) {
    tell();
    syscall(SYS_exit_group, code);
    __builtin_unreachable();
}

static int meant(const char* path) {
    begin();
    if (ready != 1 || !path) return 0;
    char whole[4096];
    if (path[0] != '/') {
        char here[2048];
        if (!getcwd(here, sizeof here)) return 0;
        snprintf(whole, sizeof whole, "%s/%s", here, path);
        path = whole;
    }
    for (const char* p = under; *p;) {
        size_t n = strcspn(p, ":");
        if (n && strncmp(path, p, n) == 0) return 1;
        p += n + (p[n] == ':');
    }
    return 0;
}

/* 1 where this call shall fail */
static int fails(const char* name) {
    armed = 1;
    if (++calls != fail_at) return 0;
    if (fail_errno < 0) kill(getpid(), SIGKILL);
    failed = name;
    errno = fail_errno;
    return 1;
}

static int watch(int fd) {
    if (fd >= 0 && fd < (int)sizeof watched) watched[fd] = 1;
    return fd;
}
static int is_watched(int fd) { return ready == 1 && fd >= 0 && fd < (int)sizeof watched && watched[fd]; }

static const char* kind_of(const char* path, int flags) {
    if ((flags & O_CREAT) && access(path, F_OK) != 0) return "create";
    return flags & (O_WRONLY | O_RDWR) ? "open to write" : "open to read";
}

#define OPEN(name) \
    int name(const char* path, int flags, ...) { \
        mode_t mode = 0; \
        if (flags & (O_CREAT | O_TMPFILE)) { \
            va_list list; \
            va_start(list, flags); \
            mode = va_arg(list, mode_t); \
            va_end(list); \
        } \
        REAL(int, #name, const char*, int, mode_t); \
        if (!meant(path)) return real(path, flags, mode); \
        return fails(kind_of(path, flags)) ? -1 : watch(real(path, flags, mode)); \
    }
OPEN(open)
OPEN(open64)

#define OPENAT(name) \
    int name(int at, const char* path, int flags, ...) { \
        mode_t mode = 0; \
        if (flags & (O_CREAT | O_TMPFILE)) { \
            va_list list; \
            va_start(list, flags); \
            mode = va_arg(list, mode_t); \
            va_end(list); \
        } \
        REAL(int, #name, int, const char*, int, mode_t); \
        if (at != AT_FDCWD || !meant(path)) return real(at, path, flags, mode); \
        return fails(kind_of(path, flags)) ? -1 : watch(real(at, path, flags, mode)); \
    }
OPENAT(openat)
OPENAT(openat64)

int mkostemp(char* path, int flags) {
    REAL(int, "mkostemp", char*, int);
    if (!meant(path)) return real(path, flags);
    return fails("mkostemp") ? -1 : watch(real(path, flags));
}
char* mkdtemp(char* path) {
    REAL(char*, "mkdtemp", char*);
    if (!meant(path)) return real(path);
    return fails("mkdtemp") ? NULL : real(path);
}
int close(int fd) {
    REAL(int, "close", int);
    if (fd >= 0 && fd < (int)sizeof watched) watched[fd] = 0;
    return real(fd);
}

#define ON_FD(type, name, parameters, arguments, ...) \
    type name parameters { \
        REAL(type, #name, __VA_ARGS__); \
        if (!is_watched(fd)) return real arguments; \
        return fails(#name) ? -1 : real arguments; \
    }
ON_FD(ssize_t, write, (int fd, const void* b, size_t n), (fd, b, n), int, const void*, size_t)
ON_FD(ssize_t, pwrite, (int fd, const void* b, size_t n, off_t o), (fd, b, n, o), int, const void*, size_t, off_t)
ON_FD(ssize_t, pwrite64, (int fd, const void* b, size_t n, off64_t o), (fd, b, n, o), int, const void*, size_t, off64_t)
ON_FD(ssize_t, writev, (int fd, const struct iovec* v, int n), (fd, v, n), int, const struct iovec*, int)
ON_FD(ssize_t, read, (int fd, void* b, size_t n), (fd, b, n), int, void*, size_t)
ON_FD(ssize_t, pread, (int fd, void* b, size_t n, off_t o), (fd, b, n, o), int, void*, size_t, off_t)
ON_FD(ssize_t, pread64, (int fd, void* b, size_t n, off64_t o), (fd, b, n, o), int, void*, size_t, off64_t)
ON_FD(int, fsync, (int fd), (fd), int)
ON_FD(int, fdatasync, (int fd), (fd), int)
ON_FD(int, ftruncate, (int fd, off_t n), (fd, n), int, off_t)
ON_FD(int, ftruncate64, (int fd, off64_t n), (fd, n), int, off64_t)

#define ON_PATH(name, parameters, arguments, path, ...) \
    int name parameters { \
        REAL(int, #name, __VA_ARGS__); \
        if (!meant(path)) return real arguments; \
        return fails(#name) ? -1 : real arguments; \
    }
ON_PATH(rename, (const char* a, const char* b), (a, b), b, const char*, const char*)
ON_PATH(renameat2, (int da, const char* a, int db, const char* b, unsigned f), (da, a, db, b, f), b, int, const char*, int, const char*, unsigned)
ON_PATH(link, (const char* a, const char* b), (a, b), b, const char*, const char*)
ON_PATH(mkdir, (const char* a, mode_t m), (a, m), a, const char*, mode_t)
ON_PATH(unlink, (const char* a), (a), a, const char*)

void* malloc(size_t n) {
    static void* (*real)(size_t);
    static int looking;
    if (!real) {
        if (looking) return NULL;
        looking = 1;
        real = (void* (*)(size_t))dlsym(RTLD_NEXT, "malloc");
        looking = 0;
    }
    if (ready == 1 && armed && fail_allocation > 0 && ++allocations == fail_allocation) {
        errno = ENOMEM;
        return NULL;
    }
    if (ready == 1 && armed && fail_allocation == 0) ++allocations;
    return real(n);
}

int posix_memalign(void** out, size_t align, size_t n) {
    REAL(int, "posix_memalign", void**, size_t, size_t);
    if (ready == 1 && armed && fail_allocation > 0 && ++allocations == fail_allocation) return ENOMEM;
    if (ready == 1 && armed && fail_allocation == 0) ++allocations;
    return real(out, align, n);
}
