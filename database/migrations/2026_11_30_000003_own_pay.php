<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What somebody is paid in place of what a service pays. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('staff', static fn (Blueprint $table) => $table->json('rates')->default('[]'));
    }

    public function down(): void
    {
        Schema::table('staff', static fn (Blueprint $table) => $table->dropColumn('rates'));
    }
};
