<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was broken on purpose when a booking was made or moved, and who came before, found by the client. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->json('outside')->default('[]')->comment('rules, each with the words it stood in the way in');
            $table->index(['business_id', 'client_id', 'starts_at']);
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->dropIndex(['business_id', 'client_id', 'starts_at']);
            $table->dropColumn('outside');
        });
    }
};
