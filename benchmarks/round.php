<?php

declare(strict_types=1);

/*
 * A round of all the workers' parts in this process, the second of two: prints its milliseconds. What they do but once
 * in some seconds or minutes is done each time. Run by crowd.php, with the settings of the running application.
 */

use App\Bookings\ExpireHolds;
use App\Messages\RemindLate;
use App\Messages\RemindUnanswered;
use App\Messages\ReviveReminders;
use App\Outbox\DeliverDue;
use App\Payments\AskRefunds;
use App\Payments\Notices;
use App\Payments\OpenCheckouts;
use App\Payments\SettleOpen;
use App\Upkeep\Sweep;
use Illuminate\Contracts\Console\Kernel;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$parts = [
    ExpireHolds::class,
    AskRefunds::class,
    Notices::class,
    OpenCheckouts::class,
    SettleOpen::class,
    ReviveReminders::class,
    RemindLate::class,
    RemindUnanswered::class,
    DeliverDue::class,
];
foreach (['first', 'second'] as $time) {
    $start = hrtime(true);
    foreach ($parts as $part) {
        $app->make($part)();
    }
    $app->make(Sweep::class)->all();
}
echo(hrtime(true) - $start) / 1e6;
