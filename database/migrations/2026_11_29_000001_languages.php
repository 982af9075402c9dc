<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** In which language and country a business writes, and in which a client has booked. */
return new class extends Migration
{
    /** Who has changed a booking, where it was nobody who signs in: before in words, now as the catalogue's code. */
    private const CODES = [
        'client' => 'history.by_client',
        'the clock' => 'history.by_clock',
        'the import' => 'history.by_import',
    ];

    public function up(): void
    {
        Schema::table(
            'businesses',
            static fn (Blueprint $table) => $table->string('locale', 35)->default('en-GB'),
        );
        Schema::table(
            'bookings',
            static fn (Blueprint $table) => $table->string('locale', 35)->nullable()->comment('null: the business\'s'),
        );
        foreach (self::CODES as $before => $code) {
            DB::table('booking_changes')
                ->where('by', $before)
                ->update(['by' => $code]);
        }
        DB::table('booking_changes')
            ->where('why', 'like', 'moved from %')
            ->update(['why' => DB::raw("concat('history.moved?from=', substring(why, 12))")]);
    }

    public function down(): void
    {
        DB::table('booking_changes')
            ->where('why', 'like', 'history.moved?from=%')
            ->update(['why' => DB::raw("concat('moved from ', substring(why, 20))")]);
        foreach (self::CODES as $before => $code) {
            DB::table('booking_changes')
                ->where('by', $code)
                ->update(['by' => $before]);
        }
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn('locale'));
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('locale'));
    }
};
