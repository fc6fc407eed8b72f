<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // The day on which it was due when it was laid elsewhere; before, the nearest time was taken.
        Schema::table('laid_jobs', fn(Blueprint $table) => $table->date('due_on')->nullable());
    }

    public function down(): void
    {
        Schema::table('laid_jobs', fn(Blueprint $table) => $table->dropColumn('due_on'));
    }
};
