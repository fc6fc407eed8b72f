<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('tanks', function (Blueprint $table): void {
            // Bore in mm, length in m, and mm from the rim down to the open end of the hose.
            $table->double('hose_bore')->default(12);
            $table->double('hose_length')->default(2);
            $table->double('hose_drop')->default(900);
            // Choices where practice differs, by name.
            $table->json('schools')->nullable();
        });
        Schema::table('runs', function (Blueprint $table): void {
            $table->date('planned_for')->nullable();
        });
        Schema::create('bed_patches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            // Edges as shares of the plan: from the left, from the front pane.
            $table->double('left_edge');
            $table->double('right_edge');
            $table->double('front_edge');
            $table->double('back_edge');
            $table->string('cover', 20);
            $table->timestamp('cleaned_at')->nullable();
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('keeper_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tank_id')->constrained()->cascadeOnDelete();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->foreignId('run_step_id')->constrained()->cascadeOnDelete();
            $table->string('file', 80);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->timestamp('taken_at');
            $table->index(['tank_id', 'taken_at']);
        });
        Schema::create('bed_cleanings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bed_patch_id')->constrained()->cascadeOnDelete();
            $table->foreignId('run_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('cleaned_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photos');
        Schema::dropIfExists('bed_cleanings');
        Schema::dropIfExists('bed_patches');
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropColumn('planned_for');
        });
        Schema::table('tanks', function (Blueprint $table): void {
            $table->dropColumn(['hose_bore', 'hose_length', 'hose_drop', 'schools']);
        });
    }
};
