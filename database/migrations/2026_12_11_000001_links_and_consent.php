<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->unsignedSmallInteger('link_version')->default(0);
            $table->json('consent')->nullable();
        });
        Schema::table('clients', static fn (Blueprint $table) => $table
            ->unsignedSmallInteger('link_version')
            ->default(0));
        Schema::table('businesses', static fn (Blueprint $table) => $table->string('consent', 1000)->default(''));
        Schema::table('services', static fn (Blueprint $table) => $table->string('bring', 500)->default(''));
    }

    public function down(): void
    {
        Schema::table('services', static fn (Blueprint $table) => $table->dropColumn('bring'));
        Schema::table('businesses', static fn (Blueprint $table) => $table->dropColumn('consent'));
        Schema::table('clients', static fn (Blueprint $table) => $table->dropColumn('link_version'));
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn(['link_version', 'consent']));
    }
};
