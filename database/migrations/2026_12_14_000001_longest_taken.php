<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** How far back readers look begins with eight hours: with three days, who asks about an hour reads three days. */
return new class extends Migration
{
    private const WORKDAY = 480;

    private const LONGEST = 'select max(timestampdiff(minute, taken_from, taken_until)) from %s
        where %1$s.business_id = businesses.id';

    public function up(): void
    {
        DB::statement('alter table businesses alter column longest_taken set default '.self::WORKDAY);
        DB::statement(
            'update businesses set longest_taken = greatest('.self::WORKDAY.', coalesce(('
                .sprintf(self::LONGEST, 'bookings').'), 0), coalesce(('
                .sprintf(self::LONGEST, 'scheduled_sessions').'), 0))',
        );
    }

    public function down(): void
    {
        DB::statement('alter table businesses alter column longest_taken set default 4320');
        DB::statement('update businesses set longest_taken = greatest(longest_taken, 4320)');
    }
};
