<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** An address is proven by the mail that was opened, for the booking it was about: not by being typed once more. */
return new class() extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->dateTime('proven_at')->nullable());
        DB::statement(
            'update bookings join clients on clients.id = bookings.client_id and clients.id = bookings.priced_for
                set bookings.proven_at = clients.proven_at where clients.proven_at is not null',
        );
    }

    public function down(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('proven_at'));
    }
};
