<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->index(
            ['business_id', 'taken_from', 'taken_until', 'state', 'mark'],
            'bookings_taken',
        ));
    }

    public function down(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropIndex('bookings_taken'));
    }
};
