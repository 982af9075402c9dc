<?php

declare(strict_types=1);

/*
 * bin/yardbell bench core: the search against a plain one, how it grows, and the whole slots command against a process
 * that only reads and decodes the file. All in one run; ratios, and the times they are made of.
 */

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/run.php';
require __DIR__.'/Yard.php';
require __DIR__.'/PlainSearch.php';
require __DIR__.'/Sweep.php';

use YardBell\Core\Availability\Ask;
use YardBell\Core\Availability\Slot;
use YardBell\Core\Availability\SlotSearch;
use YardBell\Core\Availability\VisitAsk;
use YardBell\Core\Availability\VisitPart;
use YardBell\Core\Availability\VisitSearch;
use YardBell\Core\Booking\Waitlist;
use YardBell\Core\Price\Item;
use YardBell\Core\Price\Order;
use YardBell\Core\Price\Quote;
use YardBell\Core\Price\Quoting;
use YardBell\Core\Price\Tariff;
use YardBell\Core\Scenario\QuoteRequest;
use YardBell\Core\Scenario\Reader;
use YardBell\Core\Scenario\Scenario;
use YardBell\Core\Time\Wall;

const FROM = '2027-03-01';
const NOW = '2027-02-20T00:00Z';

$median = static function (array $values): float {
    sort($values);

    return $values[intdiv(count($values), 2)];
};
$read = static fn (int $people, int $bookings, int $around): Scenario => Reader::read(
    json_encode(Yard::document($people, 3, $bookings, 31, $around), JSON_THROW_ON_ERROR),
);
$ask = static fn (string $to): Ask => new Ask('service-0', Wall::day(FROM), Wall::day($to), Wall::instant(NOW));
$search = static fn (Scenario $scenario, string $to = '2027-03-31'): array => (new SlotSearch(
    $scenario->book,
    $scenario->diary,
))->slots($ask($to));
/** Medians in milliseconds of things done by turns. */
$compare = static function (array $things, int $rounds) use ($median): array {
    $took = [];
    for ($round = -3; $round < sized($rounds, 1); $round++) {
        foreach ($things as $name => $thing) {
            $start = hrtime(true);
            $thing();
            if ($round >= 0) {
                $took[$name][] = (hrtime(true) - $start) / 1e6;
            }
        }
    }

    return array_map($median, $took);
};
$failed = false;
$line = static function (string $what, float $ratio, string $limit, bool $kept, string $of) use (&$failed): void {
    printf("%-52s %8.2f × %14s  %-7s %s\n", $what, $ratio, $limit, $kept ? 'kept' : 'BROKEN', $of);
    $failed = $failed || ! $kept;
};

$document = Yard::document(sized(12, 2), 3, sized(3000, 40), 31);
$month = Reader::read(json_encode($document, JSON_THROW_ON_ERROR));
$plain = new PlainSearch($document);
$start = hrtime(true);
$slowly = $plain->starts('service-0', FROM, '2027-03-31', NOW);
$slow = (hrtime(true) - $start) / 1e6;
$quickly = array_map(
    static fn (Slot $slot): string => Wall::writeInstant($slot->start)." {$slot->staff[0]}",
    $search($month),
);
if ($slowly !== $quickly) {
    stop('The plain search and the core disagree; nothing here says anything.');
}
$quick = $compare([fn () => $search($month)], 30)[0];
$line(
    '(a) a month, 12 people, 3,000 bookings: plain / core',
    $slow / $quick,
    'at least 100',
    $slow / $quick >= 100,
    sprintf('%.0f ms / %.2f ms, %d rows', $slow, $quick, count($quickly)),
);

$sweep = Sweep::built();
if ($sweep === null) {
    echo "No C compiler is there: the search is not held against a compiled one.\n";
} else {
    [$compiled, $rows] = $sweep->searched($document, 'service-0', FROM, '2027-03-31', NOW, sized(200, 2));
    if ($rows !== $quickly) {
        stop('The sweep in C and the core disagree; nothing here says anything.');
    }
    // said, not judged: what a compiled program takes is the goal, eight times as much
    $line(
        '(a) the same: the core / a compiled program',
        $quick / $compiled,
        'goal 8',
        true,
        sprintf('%.2f ms / %.3f ms', $quick, $compiled),
    );
}

[$few, $many, $double] = [$read(12, 1500, 1500), $read(12, 1500, 3000), $read(24, 3000, 0)];
$grown = $compare(['once' => fn () => $search($few), 'bookings' => fn () => $search($many)], 40);
$line(
    '(b) twice the bookings outside the dates',
    $grown['bookings'] / $grown['once'],
    'at most 1.1',
    $grown['bookings'] <= 1.1 * $grown['once'],
    sprintf('%.2f ms, %.2f ms', $grown['once'], $grown['bookings']),
);
$single = $read(12, 1500, 0);
$grown = $compare(['once' => fn () => $search($single), 'people' => fn () => $search($double)], 40);
$line(
    '(b) twice the people, and their bookings',
    $grown['people'] / $grown['once'],
    'at most 2.2',
    $grown['people'] <= 2.2 * $grown['once'],
    sprintf('%.2f ms, %.2f ms', $grown['once'], $grown['people']),
);
$grown = $compare(
    ['once' => fn () => $search($month, '2027-03-14'), 'days' => fn () => $search($month, '2027-03-28')],
    40,
);
$line(
    '(b) twice the days',
    $grown['days'] / $grown['once'],
    'at most 2.2',
    $grown['days'] <= 2.2 * $grown['once'],
    sprintf('%.2f ms, %.2f ms', $grown['once'], $grown['days']),
);

$waited = Reader::read(
    json_encode(['waitlist' => Yard::waitlist(sized(12, 2), 3, sized(5000, 60))] + $document, JSON_THROW_ON_ERROR),
);
$matches = static fn (): array => (new Waitlist($waited->book, $waited->diary))->matches(
    entries: $waited->waitlist,
    fromDay: Wall::day(FROM),
    toDay: Wall::day('2027-03-31'),
    now: Wall::instant(NOW),
);
$took = $compare(['one' => fn () => $search($waited), 'waitlist' => $matches], 20);
$line(
    '(g) a month of 5,000 who wait for three services / of one',
    $took['waitlist'] / $took['one'],
    'at most 30',
    $took['waitlist'] <= 30 * $took['one'],
    sprintf('%.1f ms / %.2f ms, %d rows', $took['waitlist'], $took['one'], count($matches())),
);

$six = $read(6, sized(800, 40), 0);
$visit = static fn (int $wait, bool $anyOrder): array => (new VisitSearch($six->book, $six->diary))->plans(
    new VisitAsk(
        [new VisitPart('service-0'), new VisitPart('service-1'), new VisitPart('service-2')],
        Wall::day(FROM),
        Wall::day('2027-03-31'),
        Wall::instant(NOW),
        maxWait: $wait,
        anyOrder: $anyOrder,
    ),
);
$took = $compare(
    [
        'one' => fn () => $search($six),
        'visit' => fn () => $visit(0, false),
        'any' => fn () => $visit(30, true),
    ],
    20,
);
$line(
    '(f) a month of visits of three services / of one',
    $took['visit'] / $took['one'],
    'at most 20',
    $took['visit'] <= 20 * $took['one'],
    sprintf('%.1f ms / %.2f ms, %d rows', $took['visit'], $took['one'], count($visit(0, false))),
);
$line(
    '(f) the same in any order, waiting up to 30 minutes',
    $took['any'] / $took['one'],
    'at most 20',
    $took['any'] <= 20 * $took['one'],
    sprintf('%.1f ms, %d rows', $took['any'], count($visit(30, true))),
);

$examples = dirname(__DIR__).'/docs/examples';
$priced = Reader::read((string) file_get_contents("{$examples}/prices.json"));
$visit = QuoteRequest::read((string) file_get_contents("{$examples}/requests/prices.json"), $priced);
$quoting = new Quoting($priced->prices, $priced->book->zone);
$empty = static fn (Tariff $tariff, Item $visit, Order $order): ?Quote => null;
$hundred = static function (callable $quote) use ($priced, $visit): void {
    for ($i = 0; $i < 100; $i++) {
        $quote($priced->tariffs['lesson'], $visit->visit, $visit->order);
    }
};
$took = $compare(
    [
        'day' => fn () => $search($month, FROM),
        'quotes' => fn () => $hundred($quoting->quote(...)),
        'empty' => fn () => $hundred($empty),
    ],
    20,
);
$line(
    '(e) a quote with eight rules in it / one day of (a)',
    $took['quotes'] / 100 / $took['day'],
    'at most 0.3 ms',
    $took['quotes'] / 100 <= 0.3,
    sprintf('%.3f ms, an empty call %.5f ms, a day %.2f ms', $took['quotes'] / 100, $took['empty'] / 100, $took['day']),
);

$file = (string) tempnam(sys_get_temp_dir(), 'yard');
file_put_contents(
    $file,
    json_encode(Yard::document(sized(40, 4), sized(30, 4), sized(5000, 50), 60), JSON_THROW_ON_ERROR),
);
$decode = [
    'php',
    '-n',
    '-d',
    'memory_limit=1G',
    '-r',
    '$value = json_decode(file_get_contents($argv[1]), false, 32, JSON_THROW_ON_ERROR); if (isset($argv[2])) '
        .'{ echo memory_get_peak_usage(); }',
    $file,
];
$slots = [
    dirname(__DIR__).'/bin/yardbell',
    'slots',
    $file,
    '--service=service-3',
    '--from='.FROM,
    '--to=2027-03-07',
    '--now='.NOW,
];
$run = static function (array $command): string {
    $process = proc_open($command, [1 => ['pipe', 'w']], $pipes);
    $out = (string) stream_get_contents($pipes[1]);
    proc_close($process) === 0 || stop('A process failed.');

    return $out;
};
$took = $compare(['decode' => fn () => $run($decode), 'slots' => fn () => $run($slots)], 41);
$line(
    '(c) the slots process / one that reads and decodes',
    $took['slots'] / $took['decode'],
    'at most 2',
    $took['slots'] <= 2 * $took['decode'],
    sprintf('%.1f ms / %.1f ms', $took['slots'], $took['decode']),
);
$told = "{$file}.php"; // tells the peak at the end, after the answer
file_put_contents($told, '<?php register_shutdown_function(static fn () => print("\n".memory_get_peak_usage()));');
$answer = $run([
    'php',
    '-n',
    '-d',
    'memory_limit=1G',
    '-d',
    'zend.enable_gc=0',
    '-d',
    "auto_prepend_file={$told}",
    dirname(__DIR__).'/core/bin/core.php',
    ...array_slice($slots, 1),
]);
$peak = [
    'decode' => (int) $run([...$decode, 'peak']),
    'slots' => (int) substr($answer, (int) strrpos($answer, "\n") + 1),
];
unlink($told);
$line(
    '(d) peak memory of the same',
    $peak['slots'] / $peak['decode'],
    'at most 2',
    $peak['slots'] <= 2 * $peak['decode'],
    sprintf('%.1f MB / %.1f MB', $peak['slots'] / 1e6, $peak['decode'] / 1e6),
);
unlink($file);
verdict(! $failed);
