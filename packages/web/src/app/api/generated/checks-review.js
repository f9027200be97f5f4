var __getOwnPropNames = Object.getOwnPropertyNames;
var __commonJS = (cb, mod) => function() {
  try {
    return mod || (0, cb[__getOwnPropNames(cb)[0]])((mod = { exports: {} }).exports, mod), mod.exports;
  } catch (e) {
    throw mod = 0, e;
  }
};

// packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = __commonJS({
  "packages/contracts/node_modules/ajv/dist/runtime/ucs2length.js"(exports) {
    "use strict";
    Object.defineProperty(exports, "__esModule", { value: !0 });
    function ucs2length(str) {
      let len = str.length, length = 0, pos = 0, value;
      for (; pos < len; )
        length++, value = str.charCodeAt(pos++), value >= 55296 && value <= 56319 && pos < len && (value = str.charCodeAt(pos), (value & 64512) === 56320 && pos++);
      return length;
    }
    exports.default = ucs2length;
    ucs2length.code = 'require("ajv/dist/runtime/ucs2length").default';
  }
});

// <stdin>
var approveEntries = validate90;
var formats4 = /^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$/;
function validate90(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate90.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries"))
        return validate90.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "entries") {
            return validate90.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.entries !== void 0) {
          let data0 = data.entries;
          if (errors === errors)
            if (Array.isArray(data0)) {
              if (data0.length > 2e3)
                return validate90.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
              if (data0.length < 1)
                return validate90.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
              {
                var valid1 = !0;
                let len0 = data0.length;
                for (let i0 = 0; i0 < len0; i0++) {
                  let data1 = data0[i0], _errs4 = errors;
                  if (errors === _errs4)
                    if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                      let missing1;
                      if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                        return validate90.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                      {
                        let _errs6 = errors;
                        for (let key1 in data1)
                          if (!(key1 === "id" || key1 === "version")) {
                            return validate90.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                            break;
                          }
                        if (_errs6 === errors) {
                          if (data1.id !== void 0) {
                            let data2 = data1.id, _errs7 = errors;
                            if (errors === _errs7 && errors === _errs7)
                              if (typeof data2 == "string") {
                                if (!formats4.test(data2))
                                  return validate90.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                              } else
                                return validate90.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            var valid2 = _errs7 === errors;
                          } else
                            var valid2 = !0;
                          if (valid2)
                            if (data1.version !== void 0) {
                              let data3 = data1.version, _errs9 = errors;
                              if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                return validate90.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                              if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                if (data3 > 2147483647 || isNaN(data3))
                                  return validate90.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                if (data3 < 1 || isNaN(data3))
                                  return validate90.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                              }
                              var valid2 = _errs9 === errors;
                            } else
                              var valid2 = !0;
                        }
                      }
                    } else
                      return validate90.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                  var valid1 = _errs4 === errors;
                  if (!valid1)
                    break;
                }
              }
            } else
              return validate90.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
        }
      }
    } else
      return validate90.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate90.errors = vErrors, errors === 0;
}
validate90.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var recallApproval = validate91;
function validate91(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate91.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries"))
        return validate91.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "entries") {
            return validate91.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.entries !== void 0) {
          let data0 = data.entries;
          if (errors === errors)
            if (Array.isArray(data0)) {
              if (data0.length > 2e3)
                return validate91.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
              if (data0.length < 1)
                return validate91.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
              {
                var valid1 = !0;
                let len0 = data0.length;
                for (let i0 = 0; i0 < len0; i0++) {
                  let data1 = data0[i0], _errs4 = errors;
                  if (errors === _errs4)
                    if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                      let missing1;
                      if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                        return validate91.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                      {
                        let _errs6 = errors;
                        for (let key1 in data1)
                          if (!(key1 === "id" || key1 === "version")) {
                            return validate91.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                            break;
                          }
                        if (_errs6 === errors) {
                          if (data1.id !== void 0) {
                            let data2 = data1.id, _errs7 = errors;
                            if (errors === _errs7 && errors === _errs7)
                              if (typeof data2 == "string") {
                                if (!formats4.test(data2))
                                  return validate91.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                              } else
                                return validate91.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                            var valid2 = _errs7 === errors;
                          } else
                            var valid2 = !0;
                          if (valid2)
                            if (data1.version !== void 0) {
                              let data3 = data1.version, _errs9 = errors;
                              if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                return validate91.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                              if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                if (data3 > 2147483647 || isNaN(data3))
                                  return validate91.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                if (data3 < 1 || isNaN(data3))
                                  return validate91.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                              }
                              var valid2 = _errs9 === errors;
                            } else
                              var valid2 = !0;
                        }
                      }
                    } else
                      return validate91.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                  var valid1 = _errs4 === errors;
                  if (!valid1)
                    break;
                }
              }
            } else
              return validate91.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
        }
      }
    } else
      return validate91.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate91.errors = vErrors, errors === 0;
}
validate91.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var reopenEntries = validate92;
var func2 = require_ucs2length().default, pattern4 = new RegExp("\\S", "u");
function validate92(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate92.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries") || data.reason === void 0 && (missing0 = "reason"))
        return validate92.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "entries" || key0 === "reason")) {
            return validate92.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.entries !== void 0) {
            let data0 = data.entries, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 2e3)
                  return validate92.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                if (data0.length < 1)
                  return validate92.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                          return validate92.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "version")) {
                              return validate92.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats4.test(data2))
                                    return validate92.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate92.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2)
                              if (data1.version !== void 0) {
                                let data3 = data1.version, _errs9 = errors;
                                if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                  return validate92.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                  if (data3 > 2147483647 || isNaN(data3))
                                    return validate92.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                  if (data3 < 1 || isNaN(data3))
                                    return validate92.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                }
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                          }
                        }
                      } else
                        return validate92.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate92.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.reason !== void 0) {
              let data4 = data.reason, _errs11 = errors;
              if (errors === _errs11)
                if (typeof data4 == "string") {
                  if (func2(data4) > 500)
                    return validate92.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                  if (func2(data4) < 1)
                    return validate92.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data4))
                    return validate92.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate92.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs11 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate92.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate92.errors = vErrors, errors === 0;
}
validate92.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var returnEntries = validate93;
function validate93(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate93.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.entries === void 0 && (missing0 = "entries") || data.reason === void 0 && (missing0 = "reason"))
        return validate93.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "entries" || key0 === "reason")) {
            return validate93.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.entries !== void 0) {
            let data0 = data.entries, _errs2 = errors;
            if (errors === _errs2)
              if (Array.isArray(data0)) {
                if (data0.length > 2e3)
                  return validate93.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/maxItems", keyword: "maxItems", params: { limit: 2e3 }, message: "must NOT have more than 2000 items" }], !1;
                if (data0.length < 1)
                  return validate93.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/minItems", keyword: "minItems", params: { limit: 1 }, message: "must NOT have fewer than 1 items" }], !1;
                {
                  var valid1 = !0;
                  let len0 = data0.length;
                  for (let i0 = 0; i0 < len0; i0++) {
                    let data1 = data0[i0], _errs4 = errors;
                    if (errors === _errs4)
                      if (data1 && typeof data1 == "object" && !Array.isArray(data1)) {
                        let missing1;
                        if (data1.id === void 0 && (missing1 = "id") || data1.version === void 0 && (missing1 = "version"))
                          return validate93.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/required", keyword: "required", params: { missingProperty: missing1 }, message: "must have required property '" + missing1 + "'" }], !1;
                        {
                          let _errs6 = errors;
                          for (let key1 in data1)
                            if (!(key1 === "id" || key1 === "version")) {
                              return validate93.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key1 }, message: "must NOT have additional properties" }], !1;
                              break;
                            }
                          if (_errs6 === errors) {
                            if (data1.id !== void 0) {
                              let data2 = data1.id, _errs7 = errors;
                              if (errors === _errs7 && errors === _errs7)
                                if (typeof data2 == "string") {
                                  if (!formats4.test(data2))
                                    return validate93.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/format", keyword: "format", params: { format: "uuid" }, message: 'must match format "uuid"' }], !1;
                                } else
                                  return validate93.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/id", schemaPath: "#/properties/entries/items/properties/id/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
                              var valid2 = _errs7 === errors;
                            } else
                              var valid2 = !0;
                            if (valid2)
                              if (data1.version !== void 0) {
                                let data3 = data1.version, _errs9 = errors;
                                if (!(typeof data3 == "number" && !(data3 % 1) && !isNaN(data3) && isFinite(data3)))
                                  return validate93.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/type", keyword: "type", params: { type: "integer" }, message: "must be integer" }], !1;
                                if (errors === _errs9 && typeof data3 == "number" && isFinite(data3)) {
                                  if (data3 > 2147483647 || isNaN(data3))
                                    return validate93.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/maximum", keyword: "maximum", params: { comparison: "<=", limit: 2147483647 }, message: "must be <= 2147483647" }], !1;
                                  if (data3 < 1 || isNaN(data3))
                                    return validate93.errors = [{ instancePath: instancePath + "/entries/" + i0 + "/version", schemaPath: "#/properties/entries/items/properties/version/minimum", keyword: "minimum", params: { comparison: ">=", limit: 1 }, message: "must be >= 1" }], !1;
                                }
                                var valid2 = _errs9 === errors;
                              } else
                                var valid2 = !0;
                          }
                        }
                      } else
                        return validate93.errors = [{ instancePath: instancePath + "/entries/" + i0, schemaPath: "#/properties/entries/items/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
                    var valid1 = _errs4 === errors;
                    if (!valid1)
                      break;
                  }
                }
              } else
                return validate93.errors = [{ instancePath: instancePath + "/entries", schemaPath: "#/properties/entries/type", keyword: "type", params: { type: "array" }, message: "must be array" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.reason !== void 0) {
              let data4 = data.reason, _errs11 = errors;
              if (errors === _errs11)
                if (typeof data4 == "string") {
                  if (func2(data4) > 500)
                    return validate93.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                  if (func2(data4) < 1)
                    return validate93.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data4))
                    return validate93.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate93.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs11 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate93.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate93.errors = vErrors, errors === 0;
}
validate93.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var returnPeriod = validate94;
var formats0 = /^\d{4}-\d{2}-\d{2}$/;
function validate94(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate94.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.from === void 0 && (missing0 = "from") || data.reason === void 0 && (missing0 = "reason"))
        return validate94.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (!(key0 === "from" || key0 === "reason")) {
            return validate94.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors) {
          if (data.from !== void 0) {
            let data0 = data.from, _errs2 = errors;
            if (errors === _errs2 && errors === _errs2)
              if (typeof data0 == "string") {
                if (!formats0.test(data0))
                  return validate94.errors = [{ instancePath: instancePath + "/from", schemaPath: "#/properties/from/format", keyword: "format", params: { format: "date" }, message: 'must match format "date"' }], !1;
              } else
                return validate94.errors = [{ instancePath: instancePath + "/from", schemaPath: "#/properties/from/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
            var valid0 = _errs2 === errors;
          } else
            var valid0 = !0;
          if (valid0)
            if (data.reason !== void 0) {
              let data1 = data.reason, _errs4 = errors;
              if (errors === _errs4)
                if (typeof data1 == "string") {
                  if (func2(data1) > 500)
                    return validate94.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/maxLength", keyword: "maxLength", params: { limit: 500 }, message: "must NOT have more than 500 characters" }], !1;
                  if (func2(data1) < 1)
                    return validate94.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/minLength", keyword: "minLength", params: { limit: 1 }, message: "must NOT have fewer than 1 characters" }], !1;
                  if (!pattern4.test(data1))
                    return validate94.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/pattern", keyword: "pattern", params: { pattern: "\\S" }, message: 'must match pattern "\\S"' }], !1;
                } else
                  return validate94.errors = [{ instancePath: instancePath + "/reason", schemaPath: "#/properties/reason/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
              var valid0 = _errs4 === errors;
            } else
              var valid0 = !0;
        }
      }
    } else
      return validate94.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate94.errors = vErrors, errors === 0;
}
validate94.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
var submitPeriod = validate95;
function validate95(data, { instancePath = "", parentData, parentDataProperty, rootData = data, dynamicAnchors = {} } = {}) {
  let vErrors = null, errors = 0, evaluated0 = validate95.evaluated;
  if (evaluated0.dynamicProps && (evaluated0.props = void 0), evaluated0.dynamicItems && (evaluated0.items = void 0), errors === 0)
    if (data && typeof data == "object" && !Array.isArray(data)) {
      let missing0;
      if (data.note === void 0 && (missing0 = "note"))
        return validate95.errors = [{ instancePath, schemaPath: "#/required", keyword: "required", params: { missingProperty: missing0 }, message: "must have required property '" + missing0 + "'" }], !1;
      {
        let _errs1 = errors;
        for (let key0 in data)
          if (key0 !== "note") {
            return validate95.errors = [{ instancePath, schemaPath: "#/additionalProperties", keyword: "additionalProperties", params: { additionalProperty: key0 }, message: "must NOT have additional properties" }], !1;
            break;
          }
        if (_errs1 === errors && data.note !== void 0) {
          let data0 = data.note;
          if (errors === errors)
            if (typeof data0 == "string") {
              if (func2(data0) > 2e3)
                return validate95.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/maxLength", keyword: "maxLength", params: { limit: 2e3 }, message: "must NOT have more than 2000 characters" }], !1;
            } else
              return validate95.errors = [{ instancePath: instancePath + "/note", schemaPath: "#/properties/note/type", keyword: "type", params: { type: "string" }, message: "must be string" }], !1;
        }
      }
    } else
      return validate95.errors = [{ instancePath, schemaPath: "#/type", keyword: "type", params: { type: "object" }, message: "must be object" }], !1;
  return validate95.errors = vErrors, errors === 0;
}
validate95.evaluated = { props: !0, dynamicProps: !1, dynamicItems: !1 };
export {
  approveEntries,
  recallApproval,
  reopenEntries,
  returnEntries,
  returnPeriod,
  submitPeriod
};
