<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // Something that was found in a tank, and what is known of it.
        Schema::create('inquiries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->string('about', 20);
            $table->string('place', 80)->nullable();
            $table->string('aim', 10)->default('none');
            $table->foreignId('stand_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('photo_id')->nullable()->constrained()->nullOnDelete();
            $table->json('answers');
            $table->string('kind', 40)->nullable();
            $table->string('cause', 40)->nullable();
            $table->string('outcome', 10)->nullable();
            $table->timestamp('opened_at');
            $table->timestamp('ended_at')->nullable();
            $table->index(['tank_id', 'ended_at']);
        });
        // What was chosen to be done about it, and what was seen on the day of its check-up.
        Schema::create('treatments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('inquiry_id')->constrained()->cascadeOnDelete();
            $table->string('remedy', 20);
            $table->string('cause', 40)->nullable();
            $table->timestamp('begun_at');
            $table->date('check_on');
            $table->timestamp('checked_at')->nullable();
            $table->string('result', 10)->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('treatments');
        Schema::dropIfExists('inquiries');
    }
};
