<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** In which language and country a business writes, and in which a client has booked. */
return new class extends Migration
{
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
    }

    public function down(): void
    {
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn('locale'));
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('locale'));
    }
};
