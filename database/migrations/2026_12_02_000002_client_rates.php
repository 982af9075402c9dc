<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What services cost a client who has a price of their own (rules.md P1). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table(
            'clients',
            static fn (Blueprint $table) => $table->json('rates')->default('[]')->comment('[{service, amount}]'),
        );
    }

    public function down(): void
    {
        Schema::table('clients', static fn (Blueprint $table) => $table->dropColumn('rates'));
    }
};
