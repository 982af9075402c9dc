<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was paid may become the client's account credit instead of going back (rules.md L7). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('refunds', static function (Blueprint $table): void {
            $table->boolean('as_credit')->default(false)->after('amount');
        });
    }

    public function down(): void
    {
        Schema::table('refunds', static fn (Blueprint $table) => $table->dropColumn('as_credit'));
    }
};
