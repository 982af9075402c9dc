<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Support\Clock;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use stdClass;

/** The notices that the processor's stand-in sends, never inside an answer: sealed with their time, tried again. */
final readonly class ProcessorNotices
{
    private const TRIES = 8;

    public function __construct(
        private ConnectionInterface $db,
        private Factory $http,
        private Clock $clock,
        private string $secret,
    ) {
    }

    /** @param  string  ...$states what each says the checkout is; empty: nothing of it */
    public function tell(string $checkout, string ...$states): void
    {
        foreach ($states as $state) {
            $this->db
                ->table('stand_in_notices')
                ->insert(['checkout' => $checkout, 'due_at' => $this->clock->machine(), 'state' => $state]);
        }
    }

    public function sendDue(): void
    {
        $due = $this->db
            ->table('stand_in_notices')
            ->where('due_at', '<=', $this->clock->machine())
            ->orderBy('id')
            ->limit(50)
            ->get();
        foreach ($due as $notice) {
            $this->send($notice);
        }
    }

    /** Tried a few times; a notice that does not arrive is the shop's to miss: it asks for the state by itself. */
    private function send(stdClass $notice): void
    {
        $checkout = $this->db->table('stand_in_checkouts')->where('id', $notice->checkout)->firstOrFail();
        $body = json_encode(['checkout' => $notice->checkout, 'state' => $notice->state], JSON_THROW_ON_ERROR);
        $time = $this->clock->machine()->getTimestamp();
        $seal = hash_hmac('sha256', "{$time}.{$body}", $this->secret);
        try {
            $heard = $this->http
                ->connectTimeout(1)
                ->timeout(5)
                ->withHeaders(['X-Processor-Seal' => "t={$time},v={$seal}"])
                ->withBody($body)
                ->post($checkout->notify_url)
                ->successful();
        } catch (ConnectionException) {
            $heard = false;
        }
        if ($heard || $notice->tries >= self::TRIES) {
            $this->db->table('stand_in_notices')->where('id', $notice->id)->delete();
            $this->db
                ->table('stand_in_checkouts')
                ->where('id', $notice->checkout)
                ->increment('notices', $heard ? 1 : 0);
        } else {
            $this->db
                ->table('stand_in_notices')
                ->where('id', $notice->id)
                ->update([
                    'tries' => $notice->tries + 1,
                    'due_at' => $this->clock->machine()->addSeconds(5 * 2 ** $notice->tries),
                ]);
        }
    }
}
