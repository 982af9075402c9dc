<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The mark that bookings share which were booked as one repeat. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->char('repeat_id', 26)->nullable();
            $table->index(['business_id', 'repeat_id']);
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropIndex(['business_id', 'repeat_id']);
            $table->dropColumn('repeat_id');
        });
    }
};
