<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Outbox\DeliverDue;
use App\StandIns\MailboxFiles;
use RuntimeException;

/** What has arrived in the mailbox. */
final class Mailed
{
    /** The first link of the latest mail to an address, once all that is due is sent. */
    public static function link(string $address): string
    {
        app(DeliverDue::class)();
        foreach (app(MailboxFiles::class)->all() as $mail) {
            if ($mail['to'] === $address && preg_match('#https?://\S+#', $mail['text'], $found) === 1) {
                return $found[0];
            }
        }
        throw new RuntimeException("No link was mailed to {$address}.");
    }
}
