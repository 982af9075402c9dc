<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\Business;
use Illuminate\Database\ConnectionInterface;

/** Whether anything has happened: another value after every act that the Board shows, and the same until then. */
final readonly class Pulse
{
    /**
     * How many of the latest rows are looked at: one that was begun earlier may be committed later, so the greatest id
     * alone does not tell.
     */
    private const LATEST = 20;

    private const TABLES = ['booking_changes', 'book_entries', 'session_changes'];

    public function __construct(private ConnectionInterface $db)
    {
    }

    public function of(Business $business): string
    {
        $latest = static fn (string $table): string => '(select coalesce(sum(id), 0) from (select id from '
            ."{$table} where business_id = ? order by id desc limit ".self::LATEST.') latest)';
        $sums = $this->db->scalar(
            'select concat('.implode(", '-', ", array_map($latest, self::TABLES)).')',
            array_fill(0, count(self::TABLES), $business->id),
        );

        return "{$business->rules_version}-".(is_string($sums) ? $sums : '');
    }
}
