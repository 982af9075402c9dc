<?php

declare(strict_types=1);

namespace App\Outbox;

use App\Models\OutboxEntry;

/** A way out of the house: mail, a refund, a charge. Which there are is said in Providers\Kinds. */
interface Channel
{
    /** Whether it still is of use. What is not is dropped unsent. */
    public function isWanted(OutboxEntry $entry): bool;

    /**
     * Brings it out. By the entry's key, doing it twice does what doing it once does. No transaction is open meanwhile.
     *
     * @return callable(): mixed what is written down once it is out, in one transaction with its being sent
     *
     * @throws NotDelivered
     */
    public function send(OutboxEntry $entry): callable;
}
