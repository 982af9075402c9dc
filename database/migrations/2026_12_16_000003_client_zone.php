<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The zone of whoever booked: mails tell their own clock beside the business's. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bookings', static function (Blueprint $table): void {
            $table->string('client_zone', 64)->nullable()->after('locale')->comment('null: not known');
        });
    }

    public function down(): void
    {
        Schema::table('bookings', static fn (Blueprint $table) => $table->dropColumn('client_zone'));
    }
};
