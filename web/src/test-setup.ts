import { configure } from '@testing-library/dom';

// A busy machine takes longer; a fault is told by what is there, not by when.
configure({ asyncUtilTimeout: 120_000 });
