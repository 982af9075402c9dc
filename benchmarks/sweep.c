/*
 * The sweep of the core's search in C: whoever is open, less whoever is taken, on the grid. bin/yardbell bench core builds
 * it where a compiler is there, gives it what one of its documents says, and holds its rows against the core's.
 *
 * It reads numbers: the zone (offset, instant of its one change, offset after it), the dates asked for, now, minutes,
 * set-up, clear-up, grid, people; windows (person, weekday, from, to), of the opening hours as person -1, and breaks;
 * closures; bookings (person, start, end, made at). It writes milliseconds a search, the rows, and each of them.
 */
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

typedef struct { long from, to; } stretch;
typedef struct { int person, weekday; long from, to; } window;
typedef struct { int person; long from, to, made; } booking;
typedef struct { long start; int person; } row;

static long offset, change, offset_after, from_day, to_day, now, minutes, setup, clearup, grid;
static int people, n_windows, n_breaks, n_closures, n_bookings;
static window *windows, *breaks;
static stretch *closures;
static booking *bookings;
static row *rows;

/* The first instant at which clocks show this wall minute; in a gap, the first after it. */
static long first(long wall) {
    long before = wall - offset, after = wall - offset_after;
    if (before < change) return before;
    return after >= change ? after : change;
}

static int by_from(const void *a, const void *b) {
    long x = ((const stretch *)a)->from, y = ((const stretch *)b)->from;
    return (x > y) - (x < y);
}

static int by_start(const void *a, const void *b) {
    const row *x = a, *y = b;
    return x->start != y->start ? (x->start > y->start) - (x->start < y->start) : x->person - y->person;
}

/* All of open less one stretch, in place; gives how many are left. */
static int subtract(stretch *open, int n, long from, long to) {
    static stretch left[4096];
    int m = 0;
    for (int i = 0; i < n; i++) {
        if (to <= open[i].from || from >= open[i].to) { left[m++] = open[i]; continue; }
        if (from > open[i].from) left[m++] = (stretch){open[i].from, from};
        if (to < open[i].to) left[m++] = (stretch){to, open[i].to};
    }
    memcpy(open, left, sizeof(stretch) * m);
    return m;
}

static int expand(const window *from, int n, int person, stretch *into) {
    int m = 0;
    for (long day = from_day - 1; day <= to_day + 1; day++) {
        int weekday = (int)(((day + 3) % 7 + 7) % 7);
        for (int i = 0; i < n; i++)
            if (from[i].person == person && from[i].weekday == weekday)
                into[m++] = (stretch){first(day * 1440 + from[i].from), first(day * 1440 + from[i].to)};
    }
    return m;
}

static int search(int *next) {
    static stretch opening[4096], own[4096], open[4096], off[4096], taken[65536];
    int found = 0, n_opening = expand(windows, n_windows, -1, opening);
    long latest[1024], reach_from = first(from_day * 1440), reach_to = first((to_day + 1) * 1440);
    memset(latest, 0, sizeof latest);
    if (now > reach_from) reach_from = now;
    for (int person = 0; person < people; person++) {
        int n = expand(windows, n_windows, person, own), m = 0, n_off, n_taken = 0;
        for (int i = 0; i < n_opening; i++)
            for (int j = 0; j < n; j++) {
                long a = opening[i].from > own[j].from ? opening[i].from : own[j].from;
                long b = opening[i].to < own[j].to ? opening[i].to : own[j].to;
                if (a < b) open[m++] = (stretch){a, b};
            }
        n_off = expand(breaks, n_breaks, person, off);
        for (int i = 0; i < n_off; i++) m = subtract(open, m, off[i].from, off[i].to);
        for (int i = 0; i < n_closures; i++) m = subtract(open, m, closures[i].from, closures[i].to);
        for (int i = 0; i < n_bookings; i++) {
            if (bookings[i].person != person) continue;
            if (bookings[i].made > latest[person]) latest[person] = bookings[i].made;
            if (bookings[i].from < reach_to + 2880 && bookings[i].to > reach_from - 2880)
                taken[n_taken++] = (stretch){bookings[i].from - minutes - clearup + 1, bookings[i].to + setup};
        }
        qsort(taken, n_taken, sizeof(stretch), by_from);
        qsort(open, m, sizeof(stretch), by_from);
        for (int i = 0, t = 0; i < m; i++) {
            long at = open[i].from, end = open[i].to - minutes;
            if (at < reach_from) at = reach_from;
            if (end > reach_to - 1) end = reach_to - 1;
            while (t > 0 && taken[t - 1].to > open[i].from) t--;
            for (; at <= end; at++) {
                long wall = at < change ? at + offset : at + offset_after;
                long ahead = (grid - (wall % 1440) % grid) % grid;
                if (ahead > 0) { at += ahead - 1; continue; }
                while (t < n_taken && taken[t].to <= at) t++;
                int blocked = 0;
                for (int k = t; k < n_taken && taken[k].from <= at; k++)
                    if (at < taken[k].to) { blocked = 1; break; }
                if (!blocked) rows[found++] = (row){at, person};
                at += grid - 1;
            }
        }
    }
    qsort(rows, found, sizeof(row), by_start);
    for (int i = 0; i < found;) { /* whose turn it is, of each start */
        int best = i, j = i;
        for (; j < found && rows[j].start == rows[i].start; j++)
            if (latest[rows[j].person] < latest[rows[best].person]) best = j;
        *next += rows[best].person;
        i = j;
    }
    return found;
}

static long number(void) { long n; if (scanf("%ld", &n) != 1) exit(2); return n; }

static void read_window(window *into) {
    into->person = (int)number();
    into->weekday = (int)number();
    into->from = number();
    into->to = number();
}

int main(int argc, char **argv) {
    int rounds = argc > 1 ? atoi(argv[1]) : 100, found = 0, next = 0;
    struct timespec begin, end;
    offset = number(); change = number(); offset_after = number(); from_day = number(); to_day = number(); now = number();
    minutes = number(); setup = number(); clearup = number(); grid = number(); people = (int)number();
    n_windows = (int)number(); windows = calloc(n_windows + 1, sizeof *windows);
    for (int i = 0; i < n_windows; i++) read_window(windows + i);
    n_breaks = (int)number(); breaks = calloc(n_breaks + 1, sizeof *breaks);
    for (int i = 0; i < n_breaks; i++) read_window(breaks + i);
    n_closures = (int)number(); closures = calloc(n_closures + 1, sizeof *closures);
    for (int i = 0; i < n_closures; i++) closures[i].from = number(), closures[i].to = number();
    n_bookings = (int)number(); bookings = calloc(n_bookings + 1, sizeof *bookings);
    for (int i = 0; i < n_bookings; i++)
        bookings[i].person = (int)number(), bookings[i].from = number(), bookings[i].to = number(),
        bookings[i].made = number();
    rows = calloc((size_t)people * (size_t)(to_day - from_day + 3) * 1440, sizeof *rows);
    clock_gettime(CLOCK_MONOTONIC, &begin);
    for (int i = 0; i < rounds; i++) next = 0, found = search(&next);
    clock_gettime(CLOCK_MONOTONIC, &end);
    printf("%f\n%d\n", ((end.tv_sec - begin.tv_sec) * 1e3 + (end.tv_nsec - begin.tv_nsec) / 1e6) / rounds, found);
    for (int i = 0; i < found; i++) printf("%ld %d\n", rows[i].start, rows[i].person);
    return 0;
}
