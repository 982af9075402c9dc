<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Money that goes back, or is charged, since a visit was given up names the visit: it is stopped with it. */
return new class extends Migration
{
    private const TABLES = ['refunds', 'payments'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static function (Blueprint $table): void {
                $table->char('booking_id', 26)
                    ->collation('utf8mb4_bin')
                    ->nullable()
                    ->after('sale_id')
                    ->comment('that was given up');
            });
        }
        Schema::table('refunds', static function (Blueprint $table): void {
            $table->dateTime('decided_at')->nullable()->comment("by the business's clock");
        });
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static fn (Blueprint $table) => $table->dropColumn('booking_id'));
        }
        Schema::table('refunds', static fn (Blueprint $table) => $table->dropColumn('decided_at'));
    }
};
