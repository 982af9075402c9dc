<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is written about a sale that has no booking is written about the sale. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('outbox', static function (Blueprint $table): void {
            $table->char('sale_id', 26)->collation('utf8mb4_bin')->nullable()->after('booking_id');
        });
    }

    public function down(): void
    {
        Schema::table('outbox', static function (Blueprint $table): void {
            $table->dropColumn('sale_id');
        });
    }
};
