<?php

declare(strict_types=1);

namespace App\Console;

use App\Bookings\ExpireHolds;
use App\Messages\RemindLate;
use App\Messages\RemindUnanswered;
use App\Messages\ReviveReminders;
use App\Outbox\DeliverDue;
use App\Payments\AskRefunds;
use App\Payments\FetchPayouts;
use App\Payments\Notices;
use App\Payments\OpenCheckouts;
use App\Payments\SettleOpen;
use App\Sessions\FollowUp;
use App\StandIns\ProcessorStandIn;
use App\Support\Clock;
use App\Upkeep\Sweep;
use Illuminate\Console\Command;
use Illuminate\Contracts\Cache\Repository;
use Throwable;

/**
 * Worker and scheduler in one, a process a lane: mail, money, upkeep (holds that run out, what is old enough to go),
 * and in the demonstration the stand-ins' own work. A service that hangs keeps only its own lane.
 */
final class Work extends Command
{
    public const LANES = ['mail', 'money', 'upkeep', 'stand-ins'];

    protected $signature = 'work {--once : one round, then stop} '
        .'{--lane= : mail, money, upkeep or stand-ins; all of them if left out}';

    protected $description = 'Send what is due, open and settle payments, let holds expire, remove what is old enough';

    /** So that nothing that is due waits for a second. */
    private const PAUSE_MICROSECONDS = 800_000;

    /** Seconds until a part that went wrong is tried again: longer each time, until it goes well. */
    private const LONGEST_WAIT = 60;

    /** Rounds until the process ends for a fresh one to begin: about an hour. */
    private const ROUNDS = 4_500;

    /** A little less, so that no minute is left out. */
    private const MINUTE_SECONDS = 55;

    private bool $stopped = false;

    /** @var array<string, array{failures: int, until: float}> by part */
    private array $waits = [];

    public function __construct(private readonly Clock $clock)
    {
        parent::__construct();
    }

    public function handle(): int
    {
        $lane = $this->option('lane');
        if ($lane !== null && ! in_array($lane, self::LANES, true)) {
            $this->error('A lane is one of '.implode(', ', self::LANES).'.');

            return 2;
        }
        $this->trap([SIGTERM, SIGINT], function (): void {
            $this->stopped = true;
        });
        $parts = array_merge(...array_map($this->parts(...), $lane === null ? self::LANES : [(string) $lane]));
        for ($round = 0; $round < self::ROUNDS && ! $this->stopped; $round++) {
            $this->clock->forget();
            $done = 0;
            foreach ($parts as $name => $part) {
                $done += $this->carefully($name, $part);
                $this->beat($lane);
            }
            if ($this->option('once') === true) {
                break;
            }
            if ($done === 0) { // else there may be more
                usleep(self::PAUSE_MICROSECONDS);
            }
        }

        return self::SUCCESS;
    }

    /** @return array<string, callable(): mixed> */
    private function parts(string $lane): array
    {
        return match ($lane) {
            'mail' => ['mail' => self::part(DeliverDue::class, lane: 'mail')],
            'money' => [
                'payment pages' => self::part(OpenCheckouts::class),
                'notices' => self::part(Notices::class),
                'payments' => self::every(2, self::part(SettleOpen::class)),
                'refunds not decided' => self::every(2, self::part(AskRefunds::class)),
                'payouts' => self::every(5, self::part(FetchPayouts::class)),
                'refunds and fees' => self::part(DeliverDue::class, lane: 'money'),
            ],
            'upkeep' => [
                'holds' => self::every(3, self::part(ExpireHolds::class)),
                'cancelled sessions' => self::every(1, self::part(FollowUp::class)),
                'requests' => self::every(5, self::onceAMinute('requests', self::part(RemindUnanswered::class))),
                'reminders that a clock has dropped' => self::part(ReviveReminders::class),
                'late visits' => self::every(5, self::onceAMinute('late visits', self::part(RemindLate::class))),
                'sweeping' => self::every(30, self::part(Sweep::class)),
            ],
            'stand-ins' => config('yardbell.demonstration') === true
                ? ['stand-ins' => static fn () => app(ProcessorStandIn::class)->tick()]
                : [],
            default => [],
        };
    }

    /**
     * Made at its first call and kept: what cannot be made is tried again like what cannot be done.
     *
     * @param  class-string  $class of what can be called
     * @return callable(): mixed
     */
    private static function part(string $class, string ...$given): callable
    {
        $part = null;

        return static function () use (&$part, $class, $given): mixed {
            $part ??= app($class);

            return is_callable($part) ? $part(...$given) : null;
        };
    }

    /** Not in each round: nobody waits for it, and asking costs. */
    private static function every(int $seconds, callable $do): callable
    {
        $next = 0;

        return static function () use (&$next, $seconds, $do): mixed {
            if (hrtime(true) < $next) {
                return null;
            }
            $next = hrtime(true) + $seconds * 1_000_000_000;

            return $do();
        };
    }

    /** However many workers there are. */
    private static function onceAMinute(string $part, callable $do): callable
    {
        return static function () use ($part, $do): void {
            if (app(Repository::class)->add("round of {$part}", true, self::MINUTE_SECONDS)) {
                $do();
            }
        };
    }

    /**
     * What goes wrong in one part does not keep the others from their work; it is said once, and tried again after a
     * while.
     *
     * @return int how much was done, where the part says so
     */
    private function carefully(string $name, callable $part): int
    {
        if (($this->waits[$name]['until'] ?? 0) > $this->clock->machine()->getTimestamp()) {
            return 0;
        }
        try {
            $done = $part();
            if (isset($this->waits[$name])) {
                unset($this->waits[$name]);
                $this->say("{$name}: goes on.");
            }

            return is_int($done) ? $done : 0;
        } catch (Throwable $wrong) {
            $failures = ($this->waits[$name]['failures'] ?? 0) + 1;
            if ($failures === 1) {
                $this->say("{$name}: does not work just now and is tried again: ".mb_substr($wrong::class, 0, 120));
                report($wrong);
            }
            $this->waits[$name] = [
                'failures' => $failures,
                'until' => $this->clock->machine()->getTimestamp() + min(self::LONGEST_WAIT, 2 ** $failures),
            ];

            return 0;
        }
    }

    /** A mark for the one who looks after the parts: whoever leaves none for long hangs. */
    private function beat(?string $lane): void
    {
        $folder = config('yardbell.alive');
        if (is_string($folder) && $lane !== null) {
            @touch("{$folder}/{$lane}");
        }
    }

    /** Where even this cannot be written (the disk is full), nothing more is lost by it. */
    private function say(string $line): void
    {
        @fwrite(STDERR, gmdate('Y-m-d H:i:s').' '.$line."\n");
    }
}
