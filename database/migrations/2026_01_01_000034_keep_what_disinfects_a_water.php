<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('waters', fn(Blueprint $table) => $table->string('disinfectant')->nullable());
        Schema::table('jars', fn(Blueprint $table) => $table->timestamp('used_at')->nullable());
    }

    public function down(): void
    {
        Schema::table('waters', fn(Blueprint $table) => $table->dropColumn('disinfectant'));
        Schema::table('jars', fn(Blueprint $table) => $table->dropColumn('used_at'));
    }
};
