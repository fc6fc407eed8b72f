<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Where a dose stands in the diary.
        Schema::table('doses', function (Blueprint $table): void {
            $table->foreignId('entry_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('doses', fn(Blueprint $table) => $table->dropConstrainedForeignId('entry_id'));
    }
};
