<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table
            ->char('priced_for', 26)
            ->nullable()
            ->comment('the client at whose prices it is held'));
    }

    public function down(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('priced_for'));
    }
};
