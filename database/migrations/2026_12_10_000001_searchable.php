<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether search engines may show a business's page. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('businesses', static function (Blueprint $table): void {
            $table->boolean('searchable')->default(true);
        });
    }

    public function down(): void
    {
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn('searchable'));
    }
};
