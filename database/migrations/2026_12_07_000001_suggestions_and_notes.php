<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Other times that were suggested for a request, and what staff note about a visit, each dated and signed. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->json('suggested')->default('[]')->comment('instants, each with who would take it');
        });
        Schema::create('visit_notes', static function (Blueprint $table): void {
            $table->foreignId('business_id')->constrained()->cascadeOnDelete();
            $table->char('id', 26)->unique();
            $table->char('booking_id', 26);
            $table->string('text', 2000);
            $table->string('by', 120);
            $table->dateTime('at');
            $table->primary(['business_id', 'id']);
            $table->index(['business_id', 'booking_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('visit_notes');
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('suggested'));
    }
};
