<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The account that what is on its way in is for: it lies under a keeper of its own until it is whole.
        Schema::table('keepers', fn(Blueprint $table) => $table->integer('incoming_for')->nullable());
    }

    public function down(): void
    {
        Schema::table('keepers', fn(Blueprint $table) => $table->dropColumn('incoming_for'));
    }
};
