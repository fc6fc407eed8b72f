<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // So that an entry that is deleted takes along what it stands for, and one that is moved moves it.
        Schema::table('animal_events', fn(Blueprint $table) => $table->foreignId('entry_id')->nullable()->constrained()->nullOnDelete());
        Schema::table('chore_turns', fn(Blueprint $table) => $table->foreignId('entry_id')->nullable()->constrained()->nullOnDelete());
        Schema::table('entries', fn(Blueprint $table) => $table->json('took')->nullable());
    }

    public function down(): void
    {
        Schema::table('entries', fn(Blueprint $table) => $table->dropColumn('took'));
        Schema::table('chore_turns', fn(Blueprint $table) => $table->dropConstrainedForeignId('entry_id'));
        Schema::table('animal_events', fn(Blueprint $table) => $table->dropConstrainedForeignId('entry_id'));
    }
};
