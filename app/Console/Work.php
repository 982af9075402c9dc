<?php

declare(strict_types=1);

namespace App\Console;

use App\Bookings\ExpireHolds;
use App\Ledger\SettleOpen;
use App\Messages\DeliverDue;
use App\StandIns\ProcessorStandIn;
use App\Support\Clock;
use Illuminate\Console\Command;
use Throwable;

/** Worker and scheduler in one: round after round it sends what is due, lets holds expire and settles open payments. */
final class Work extends Command
{
    protected $signature = 'work {--once : one round, then stop}';

    protected $description = 'Send what is due, let holds expire, settle open payments';

    private const PAUSE_MICROSECONDS = 500_000;

    /** Rounds until the process ends for a fresh one to begin: about an hour. */
    private const ROUNDS = 7200;

    private bool $stopped = false;

    public function handle(DeliverDue $deliver, ExpireHolds $expire, SettleOpen $settle, ProcessorStandIn $processor, Clock $clock): int
    {
        $this->trap([SIGTERM, SIGINT], function (): void {
            $this->stopped = true;
        });
        for ($round = 0; $round < self::ROUNDS && ! $this->stopped; $round++) {
            $clock->forget();
            foreach ([$processor->tick(...), $settle(...), $expire(...), $deliver(...)] as $part) {
                $this->carefully($part);
            }
            if ($this->option('once') === true) {
                break;
            }
            usleep(self::PAUSE_MICROSECONDS);
        }

        return self::SUCCESS;
    }

    /** What goes wrong in one part does not keep the others from their work. */
    private function carefully(callable $part): void
    {
        try {
            $part();
        } catch (Throwable $wrong) {
            report($wrong);
        }
    }
}
