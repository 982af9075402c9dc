<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The mark that bookings share which are the parts of one visit, and whether a business's days are kept tight. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->char('visit_id', 26)->nullable();
            $table->index(['business_id', 'visit_id']);
        });
        Schema::table('businesses', static function (Blueprint $table): void {
            $table->string('tight_days', 8)->default('off')->comment('off, mark or only');
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropIndex(['business_id', 'visit_id']);
            $table->dropColumn('visit_id');
        });
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn('tight_days'));
    }
};
