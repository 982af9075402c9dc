<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** On which day tax counts is the owner's choice; businesses that are there go on as before. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('businesses', static function (Blueprint $table): void {
            $table->string('tax_day', 10)->default('booked')->comment('booked, visited or paid');
        });
    }

    public function down(): void
    {
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn('tax_day'));
    }
};
