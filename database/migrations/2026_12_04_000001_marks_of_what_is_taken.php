<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A mark on each booking and session that changes with whatever of it can be in the way of others, kept by the database
 * itself: so that one sum says whether anything has changed (App\Times\RulesReader::mark).
 */
return new class() extends Migration
{
    /** What is of a fixed width is trimmed: else the database says that a mark would depend on its settings. */
    private const MADE_OF = [
        'bookings' => "rtrim(id), rtrim(service_id), rtrim(location_id), starts_at, minutes, setup, clearup, staff_ids,
            units, party, state, coalesce(rtrim(session_id), ''), coalesce(held_until, '')",
        'scheduled_sessions' => "rtrim(id), rtrim(service_id), coalesce(rtrim(location_id), ''), starts_at, minutes,
            staff_ids, units, places, state",
    ];

    public function up(): void
    {
        foreach (self::MADE_OF as $table => $columns) {
            DB::statement(
                "alter table {$table} add mark int unsigned as (crc32(concat_ws('|', {$columns}))) persistent",
            );
        }
    }

    public function down(): void
    {
        foreach (array_keys(self::MADE_OF) as $table) {
            Schema::table($table, static fn (Blueprint $table) => $table->dropColumn('mark'));
        }
    }
};
