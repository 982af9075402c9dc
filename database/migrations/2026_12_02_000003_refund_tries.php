<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How often a refund that was refused has been tried again: each time under a key of its own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table(
            'refunds',
            static fn (Blueprint $table) => $table->unsignedSmallInteger('tries')->default(0)->comment('again'),
        );
    }

    public function down(): void
    {
        Schema::table('refunds', static fn (Blueprint $table) => $table->dropColumn('tries'));
    }
};
