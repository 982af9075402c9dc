<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whoever locks a row to decide about it writes it as well (see Models\Lock). */
return new class() extends Migration
{
    private const TABLES = ['bookings', 'sales', 'payments', 'refunds', 'clients', 'invitations'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static function (Blueprint $columns): void {
                $columns->unsignedInteger('lock_version')->default(0);
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static fn (Blueprint $columns) => $columns->dropColumn('lock_version'));
        }
    }
};
