<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Under which number a business pays its taxes: it stands on its invoices. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('businesses', static fn (Blueprint $table) => $table->string('tax_number', 40)->default(''));
    }

    public function down(): void
    {
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn('tax_number'));
    }
};
