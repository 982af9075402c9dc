<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Bookings\AttachmentFiles;
use App\Models\Attachment;
use App\Models\ChannelName;
use App\Models\CurrentBusiness;
use App\Models\OutboxState;
use App\Support\Clock;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use YardBell\Core\Booking\State;

/**
 * Removes what is old enough, so that nothing grows for ever: each kind has an age and an end. Bookings that came about
 * and all that concerns money stay.
 */
final readonly class Sweep
{
    /** Days that each kind is kept. */
    public const DAYS = [
        'expired holds' => 7,
        'claims' => 3,
        'sent messages' => 400,
        'account mails' => 30,
        'mail files' => 90,
        'invitations' => 30,
        'notices' => 90,
        'files of bookings that came to nothing' => 2,
    ];

    /** Hours that one round keeps the next from coming. */
    private const EVERY_MINUTES = 10;

    /** Rows at once, so that nobody waits for it. */
    private const MOST = 2000;

    private const LARGEST_LOG = 20_000_000;

    private const KEPT_OF_LOG = 2_000_000;

    public function __construct(
        private ConnectionInterface $db,
        private Repository $cache,
        private AttachmentFiles $files,
        private Clock $clock,
        private CurrentBusiness $current,
        private string $mailbox,
        private string $logs,
    ) {
    }

    /** One round, where the last is long enough ago. */
    public function __invoke(): void
    {
        if ($this->cache->add('swept', true, self::EVERY_MINUTES * 60)) {
            $this->all();
        }
    }

    public function all(): void
    {
        $this->holds();
        $this->current->across($this->attachments(...));
        $this->rows();
        $this->mailFiles();
        $this->logFiles();
    }

    private function since(string $kind): string
    {
        return $this->clock->now()->subDays(self::DAYS[$kind])->format('Y-m-d H:i:s');
    }

    /** Holds that came to nothing and were never paid for, with all that hangs on them. */
    private function holds(): void
    {
        $gone = $this->db
            ->table('bookings')
            ->where('state', 'expired')
            ->where('updated_at', '<', $this->since('expired holds'))
            ->whereNotExists(
                static fn (Builder $query) => $query
                    ->from('payments')
                    ->whereColumn('payments.business_id', 'bookings.business_id')
                    ->whereColumn('payments.sale_id', 'bookings.sale_id'),
            )
            ->limit(self::MOST)
            ->get(['business_id', 'id'])
            ->groupBy('business_id');
        foreach ($gone as $business => $holds) {
            $this->db->transaction(fn () => $this->remove((int) $business, $holds->pluck('id')->all()));
        }
    }

    /** @param  array<mixed>  $holds ids of bookings of a business */
    private function remove(int $business, array $holds): void
    {
        foreach (
            [
                'booking_staff' => 'booking_id',
                'booking_changes' => 'booking_id',
                'outbox' => 'booking_id',
                'bookings' => 'id',
            ] as $table => $column
        ) {
            $this->db->table($table)->where('business_id', $business)->whereIn($column, $holds)->delete();
        }
    }

    /** Files that came with what was never booked, declined or cancelled, or with nothing that is still here. */
    private function attachments(): void
    {
        $nothing = Attachment::query()
            ->where('created_at', '<', $this->since('files of bookings that came to nothing'))
            ->whereNotExists(
                static fn (Builder $query) => $query
                    ->from('bookings')
                    ->whereColumn('bookings.id', 'attachments.booking_id')
                    ->whereNotIn('bookings.state', [State::Held, ...State::OVER]),
            )
            ->limit(self::MOST)
            ->get();
        foreach ($nothing as $attachment) {
            $this->files->remove($attachment);
        }
    }

    private function rows(): void
    {
        $this->few(
            'claims',
            static fn (Builder $rows, string $before): Builder => $rows->where('day', '<', substr($before, 0, 10)),
            'claims',
        );
        $this->few(
            'outbox',
            static fn (Builder $rows, string $before): Builder => $rows
                ->whereNotNull('business_id')
                ->whereIn('state', [OutboxState::Sent, OutboxState::Dropped])
                ->where('channel', ChannelName::Mail)
                ->where('due_at', '<', $before),
            'sent messages',
        );
        $this->few(
            'outbox',
            static fn (Builder $rows, string $before): Builder => $rows
                ->whereNull('business_id')
                ->where('state', '<>', OutboxState::Waiting)
                ->where('due_at', '<', $before),
            'account mails',
        );
        $this->few(
            'invitations',
            static fn (Builder $rows, string $before): Builder => $rows->where('expires_at', '<', $before),
            'invitations',
        );
        $this->few(
            'processor_notices',
            static fn (Builder $rows, string $before): Builder => $rows
                ->where('state', '<>', 'waiting')
                ->where('heard_at', '<', $before),
            'notices',
        );
        $machine = $this->clock->machine();
        $since = $machine->getTimestamp() - 60 * config()->integer('session.lifetime');
        $this->forget(
            $this->db
                ->table('bookings')
                ->where('visitor', '>', '') // in the order of a key; whereNotNull would be none
                ->where('created_at', '<', $this->clock->now()->subDay()),
            ['id'],
            ['visitor' => null],
        );
        $this->forget($this->db->table('sign_ups')->where('expires_at', '<', $this->clock->now()), ['id']);
        $this->forget(
            $this->db->table('password_reset_tokens')->where('created_at', '<', $machine->subDay()),
            ['email'],
        );
        $this->forget($this->db->table('counts')->where('until', '<', $machine), ['name']);
        $this->forget($this->db->table('cache')->where('expiration', '<', $machine->getTimestamp()), ['key']);
        $this->forget($this->db->table('sessions')->where('last_activity', '<', $since), ['id']);
    }

    /**
     * Some of the rows go, or lose what is old. They are found first, and then written one by one by their own key: a
     * statement that looks for them itself would lock all that it looks at, and wait for whoever has some of it.
     *
     * @param  non-empty-list<string>  $key
     * @param  array<string, null>  $values to be written instead
     */
    private function forget(Builder $rows, array $key, array $values = []): void
    {
        $table = is_string($rows->from) ? $rows->from : '';
        foreach ($rows->limit(self::MOST)->get($key) as $row) {
            $one = $this->db->table($table)->where((array) $row);
            $values === [] ? $one->delete() : $one->update($values);
        }
    }

    /** @param  callable(Builder, string): Builder  $old */
    private function few(string $table, callable $old, string $kind): void
    {
        $key = $table === 'claims' ? ['business_id', 'taker', 'day'] : ['id'];
        $this->forget($old($this->db->table($table), $this->since($kind)), $key);
    }

    /** Mails that were laid down long ago, and drafts that a full disk has left behind. */
    private function mailFiles(): void
    {
        $old = $this->clock->machine()->getTimestamp() - self::DAYS['mail files'] * 86_400;
        foreach (glob("{$this->mailbox}/*") ?: [] as $file) {
            $draft = str_starts_with(basename($file), 'draft');
            if ((int) @filemtime($file) < ($draft ? $this->clock->machine()->getTimestamp() - 3600 : $old)) {
                @unlink($file);
            }
        }
    }

    /** What is written on and on keeps its end. */
    private function logFiles(): void
    {
        foreach (glob("{$this->logs}/{,run/}*.log", GLOB_BRACE) ?: [] as $file) {
            if ((int) @filesize($file) > self::LARGEST_LOG) {
                $end = (string) @file_get_contents($file, offset: (int) filesize($file) - self::KEPT_OF_LOG);
                @file_put_contents($file, $end);
            }
        }
    }
}
