/*
 * A disk that fails: loaded before the C library, it lets the n-th writing call on files of one folder fail as a full or broken
 * disk would. Which call and how is read from a small shared file, so that one process can try every call in turn.
 *
 *   FAILING_DISK_FOLDER   only files beneath it count
 *   FAILING_DISK_CONTROL  four 64-bit numbers: calls so far, first that fails, how many fail, errno
 */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <limits.h>
#include <stdarg.h>
#include <stdint.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/mman.h>
#include <sys/types.h>
#include <sys/uio.h>
#include <unistd.h>

static volatile int64_t *control;
static const char *folder;

__attribute__((constructor)) static void begin(void) {
    folder = getenv("FAILING_DISK_FOLDER");
    const char *file = getenv("FAILING_DISK_CONTROL");
    if (!folder || !file) return;
    int fd = open(file, O_RDWR);
    if (fd < 0) return;
    void *shared = mmap(NULL, 32, PROT_READ | PROT_WRITE, MAP_SHARED, fd, 0);
    close(fd);
    if (shared != MAP_FAILED) control = shared;
}

static int counts_path(const char *path) { return control && path && strncmp(path, folder, strlen(folder)) == 0; }

static int counts(int fd) {
    if (!control) return 0;
    char link[64], path[PATH_MAX];
    snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
    ssize_t length = readlink(link, path, sizeof path - 1);
    if (length <= 0) return 0;
    path[length] = 0;
    return counts_path(path);
}

/* Says whether this call fails, with errno set. */
static int fails(int matters) {
    if (!matters) return 0;
    int64_t call = __sync_add_and_fetch(&control[0], 1);
    if (control[1] == 0 || call < control[1] || call >= control[1] + control[2]) return 0;
    errno = (int)control[3];
    return 1;
}

#define REAL(name) ((__typeof__(&name))dlsym(RTLD_NEXT, #name))

ssize_t write(int fd, const void *b, size_t n) { return fails(counts(fd)) ? -1 : REAL(write)(fd, b, n); }
ssize_t pwrite(int fd, const void *b, size_t n, off_t o) { return fails(counts(fd)) ? -1 : REAL(pwrite)(fd, b, n, o); }
ssize_t pwrite64(int fd, const void *b, size_t n, off64_t o) { return fails(counts(fd)) ? -1 : REAL(pwrite64)(fd, b, n, o); }
ssize_t writev(int fd, const struct iovec *v, int n) { return fails(counts(fd)) ? -1 : REAL(writev)(fd, v, n); }
int fsync(int fd) { return fails(counts(fd)) ? -1 : REAL(fsync)(fd); }
int fdatasync(int fd) { return fails(counts(fd)) ? -1 : REAL(fdatasync)(fd); }
int ftruncate(int fd, off_t n) { return fails(counts(fd)) ? -1 : REAL(ftruncate)(fd, n); }
int ftruncate64(int fd, off64_t n) { return fails(counts(fd)) ? -1 : REAL(ftruncate64)(fd, n); }
int rename(const char *a, const char *b) { return fails(counts_path(b)) ? -1 : REAL(rename)(a, b); }
int mkdir(const char *p, mode_t m) { return fails(counts_path(p)) ? -1 : REAL(mkdir)(p, m); }

static int creates(int flags) { return (flags & O_CREAT) != 0; }

int open(const char *p, int flags, ...) {
    va_list more;
    va_start(more, flags);
    int mode = creates(flags) ? va_arg(more, int) : 0;
    va_end(more);
    return fails(creates(flags) && counts_path(p)) ? -1 : REAL(open)(p, flags, mode);
}

int open64(const char *p, int flags, ...) {
    va_list more;
    va_start(more, flags);
    int mode = creates(flags) ? va_arg(more, int) : 0;
    va_end(more);
    return fails(creates(flags) && counts_path(p)) ? -1 : REAL(open64)(p, flags, mode);
}
